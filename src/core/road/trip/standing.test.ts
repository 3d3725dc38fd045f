import { sampleModel } from '../../testing/arbitraries';
import { mi, storyFrom } from '../../testing/story';
import { towVerdict, type OpenWork } from '../../duty';
import { asOf, roadLimits } from '../../log';
import { standingOf } from '..';

const { day, entry, rigOf, setup: setupOf } = storyFrom('2026-05-01');
const setup = setupOf(sampleModel({ axles: 2 }));
const begun = entry('trip.begun', 1, {});
const hot = (at: number, place: '1L' | '1R', roll: 'care' | 'creep' = 'care') =>
  entry('finding.opened', at, {
    place,
    verdict: roll === 'creep' ? 'stop' : 'due',
    of: { trouble: 'hot', because: 'nut-reset' },
    limit: { roll, distance: mi(25), speed: 20, looks: { at: [mi(5)] }, until: day(20) },
  });

function standing(entries: Parameters<typeof rigOf>, open: readonly OpenWork[] = [], into?: number) {
  const rig = asOf(rigOf(setup, ...entries), day(5));
  const tow = towVerdict(rig, [], open, [], roadLimits(rig, day(5)));
  return standingOf(rig, tow, day(5), { ...(into !== undefined && { into }) });
}

test('nothing in the way: go', () => {
  expect(standing([])).toMatchObject({ roll: 'go', limits: undefined, against: [] });
});

test('a limit rides along; what came since the miles were told last counts against it', () => {
  expect(standing([hot(2, '1L')]).roll).toBe('care');
  expect(standing([hot(2, '1L')], [], mi(10)).limits?.left).toBeCloseTo(mi(15));
  expect(standing([hot(2, '1L')], [], mi(26)).roll).toBe('stay');
});

test('two on one axle stop the rig on the Yard as on the road, and the reason is told once', () => {
  const entries = [hot(2, '1L'), hot(3, '1R')] as const;
  expect(standing([...entries]).roll).toBe('creep');
  const rig = rigOf(setup, ...entries);
  const tow = towVerdict(rig, [], [], [], roadLimits(rig, day(5)));
  expect(tow.fitness).toBe('not');
  expect(tow.reasons.filter(({ kind }) => kind === 'limits')).toHaveLength(1);
});

test('work left open keeps it where it is, whatever a limit would allow', () => {
  const open: OpenWork = { session: 's', place: '1L', works: ['repack'], unfit: true, step: 1, steps: 9 };
  expect(standing([hot(2, '1L')], [open])).toMatchObject({ roll: 'stay', against: [{ kind: 'open-work' }] });
});

test('a wheel lost is stay on a trip under way, beside its looks', () => {
  const lost = entry('finding.opened', 3, {
    place: '2L',
    verdict: 'stop',
    of: { trouble: 'lost', because: 'wheel-lost' },
  });
  const now = standing([begun, hot(2, '1L'), lost]);
  expect(now).toMatchObject({ roll: 'stay', limits: { by: { place: '2L' } } });
});

test('no next look lies beyond what is left: two on one axle end their mile first', () => {
  const setOff = entry('trip.begun', 5, {});
  const together = standing([setOff, hot(2, '1L'), hot(3, '1R')]);
  expect(together.limits?.left).toBeCloseTo(mi(1));
  expect(together.next?.look).toMatchObject({ cause: 'limit-ends', left: together.limits?.left });
  expect(together.next?.look.places).toEqual(['1L', '1R']);
  // One by itself is looked at on the way.
  const alone = standing([setOff, hot(2, '1L')]);
  expect(alone.next?.look).toMatchObject({ cause: 'limit' });
  expect(alone.next?.look.left).toBeCloseTo(mi(5));
  for (const rolled of [0, 0.4, 0.9]) {
    const at = standing([setOff, hot(2, '1L'), hot(3, '1R')], [], mi(rolled));
    expect(at.next?.look.left).toBeCloseTo(at.limits?.left ?? NaN);
  }
});
