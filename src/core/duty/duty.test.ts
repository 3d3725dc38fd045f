import fc from 'fast-check';
import { emptyRig, foldEntries, doneKey, type Entry } from '../log';
import { wheelEnds, type RigModel, type WheelEnd } from '../rig';
import { HOUSE_DEFAULT, routineDef, type HouseRules } from '../rules';
import { anyLog, anyModel, sampleModel } from '../testing/arbitraries';
import { soundEntries } from '../testing/sound';
import { mi, storyFrom } from '../testing/story';
import { runs } from '../testing/runs';
import { cardDoing, dutiesOf, moved, placeState, raised, towVerdict, type Duty, type OpenWork } from '.';

const { rig: RIG, day, entry, setup: setupOf, trip, done, rigOf } = storyFrom('2025-05-01');
const setup = (model: RigModel = sampleModel({})) => setupOf(model);
const held = (at: number, place: WheelEnd) => entry('recheck', at, { place, result: 'held' });
const finding = (at: number, verdict: 'watch' | 'due' | 'stop') =>
  entry('finding.opened', at, { place: '1L', verdict, text: 'seal weeps' });

function repack(at: number, ...places: WheelEnd[]): Entry {
  return entry('work', at, {
    jobs: places.map((place) => ({ routine: 'repack' as const, place })),
    from: 'bench',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: places.map((place) => ({ place, limits: [mi(10), mi(25), mi(50)] })),
    skipped: [],
  });
}

const find = (duties: readonly Duty[], id: string) => duties.find((duty) => duty.id === id);
const stand = (at: number, id: string, ...entries: Entry[]) => find(dutiesOf(rigOf(...entries), day(at)), id);

describe('a repack', () => {
  test('without a record is unknown, never clear', () => {
    expect(stand(1, 'repack@1L', setup())).toMatchObject({
      verdict: 'unknown',
      reason: 'no-record',
      meters: [],
    });
  });

  test.each([
    [1, 'clear', 'within'],
    [328, 'clear', 'within'],
    [329, 'soon', 'near'],
    [364, 'soon', 'near'],
    [365, 'due', 'reached'],
    [401, 'due', 'reached'],
    [402, 'overdue', 'past'],
  ] as const)('%d days after work is %s', (days, verdict, reason) => {
    expect(stand(days, 'repack@1L', setup(), repack(0, '1L'))).toMatchObject({ verdict, reason });
  });

  test.each([
    [10_700, 'clear'],
    [10_800, 'soon'],
    [11_998, 'soon'],
    [12_000, 'due'],
    [13_200, 'overdue'],
  ] as const)('%d miles after work is %s, by distance', (miles, verdict) => {
    const duty = stand(10, 'repack@1L', setup(), repack(0, '1L'), trip(1, miles));
    expect(duty).toMatchObject({ verdict, governing: { meter: 'distance', basis: 'house' } });
  });

  test("launches count where the owner's figure asks for them, and outrank the house", () => {
    const model: RigModel = {
      ...sampleModel({ kind: 'boat', hub: 'pressure-cap' }),
      repackEvery: { launches: { value: 20, source: 'owner' }, days: { value: 100, source: 'maker' } },
    };
    const duty = stand(50, 'repack@1L', setup(model), repack(0, '1L'), trip(1, 10, 19));
    expect(duty).toMatchObject({
      verdict: 'soon',
      governing: { meter: 'launches', used: 19, limit: 20, basis: 'owner' },
    });
    expect(stand(100, 'repack@1L', setup(model), repack(0, '1L'))?.governing).toMatchObject({
      meter: 'days',
      basis: 'maker',
    });
  });

  test('a guess never replaces the house interval', () => {
    const model: RigModel = { ...sampleModel({}), repackEvery: { days: { value: 3000, source: 'guess' } } };
    expect(stand(365, 'repack@1L', setup(model), repack(0, '1L'))).toMatchObject({ verdict: 'due' });
  });

  test("hubs that stay shut get a yearly look, and their maker's years once those are told", () => {
    const sealed = sampleModel({ hub: 'sealed' });
    const at = (id: string, model: RigModel) =>
      stand(366, id, setup(model), done(0, ['hub-service', '1L']), done(0, ['hub-look', '1L']));
    expect(at('repack@1L', sealed)).toBeUndefined();
    expect(at('hub-service@1L', sealed)).toMatchObject({ verdict: 'unknown', reason: 'no-figure' });
    const told: RigModel = { ...sealed, repackEvery: { days: { value: 1826, source: 'maker' } } };
    expect(at('hub-service@1L', told)).toMatchObject({ verdict: 'clear', governing: { limit: 1826 } });
    // The look is due all the same.
    expect(at('hub-look@1L', told)).toMatchObject({ verdict: 'due', governing: { limit: 365 } });
  });
});

describe('lug rechecks', () => {
  test.each([
    [0, 'soon'],
    [9, 'soon'],
    [10, 'due'],
    [24, 'due'],
    [25, 'overdue'],
  ] as const)('%d miles after a refit the first is %s', (miles, verdict) => {
    const duty = stand(3, 'lug-recheck@1L', setup(), repack(1, '1L'), trip(2, miles));
    expect(duty).toMatchObject({ verdict, governing: { limit: mi(10) } });
  });

  test('each look opens the next, and the last closes the chain', () => {
    const start = [setup(), repack(1, '1L')];
    const first = [...start, trip(2, 11), held(3, '1L')];
    expect(stand(4, 'lug-recheck@1L', ...first)).toMatchObject({
      verdict: 'soon',
      governing: { limit: mi(25) },
    });
    const second = [...first, trip(4, 15), held(5, '1L')];
    expect(stand(6, 'lug-recheck@1L', ...second)).toMatchObject({ governing: { limit: mi(50) } });
    expect(stand(8, 'lug-recheck@1L', ...second, trip(6, 30), held(7, '1L'))).toBeUndefined();
  });

  test('one look at mile 26 serves the checks of mile 10 and 25', () => {
    const duty = stand(4, 'lug-recheck@1L', setup(), repack(1, '1L'), trip(2, 26), held(3, '1L'));
    expect(duty).toMatchObject({ verdict: 'soon', governing: { limit: mi(50) } });
  });
});

describe('properties', () => {
  const WEIGHT = ['clear', 'soon', 'unknown', 'due', 'overdue'];

  test('more miles and more days never make a repack less due', () => {
    fc.assert(
      fc.property(fc.nat(15_000), fc.nat(15_000), fc.nat(500), fc.nat(500), (miles, more, days, later) => {
        const log = [setup(), repack(0, '1L'), trip(1, miles)];
        const before = stand(days + 1, 'repack@1L', ...log);
        const after = stand(days + later + 1, 'repack@1L', ...log, trip(1, more));
        expect(WEIGHT.indexOf(after?.verdict ?? '')).toBeGreaterThanOrEqual(
          WEIGHT.indexOf(before?.verdict ?? ''),
        );
      }),
      { numRuns: runs(100) },
    );
  });

  test('a repack written down clears its own duty and the torque of the wheel that was off, and what nobody looked at stays open', () => {
    const model = sampleModel({ axles: 2 });
    const before = dutiesOf(rigOf(setup(model)), day(2));
    const after = dutiesOf(rigOf(setup(model), repack(1, '2R')), day(2));
    const changed = after.filter((duty) => find(before, duty.id)?.verdict !== duty.verdict);
    expect(changed.map((duty) => duty.id).sort()).toEqual(
      ['lug-recheck', 'lug-torque', 'repack'].map((id) => `${id}@2R`),
    );
  });

  test('whatever the rig, doing a routine at a place by hand clears it and what it stands for, and nothing else', () => {
    fc.assert(
      fc.property(anyModel, fc.nat(), (model, pick) => {
        const all = dutiesOf(rigOf(setup(model)), day(2)).filter(
          ({ routine }) => routine !== 'lug-recheck' && !routineDef(routine).ofPart,
        );
        const duty = all[pick % all.length];
        if (!duty || duty.routine === 'lug-recheck' || duty.reason === 'no-figure') return;
        const after = dutiesOf(rigOf(setup(model), done(1, [duty.routine, duty.place])), day(2));
        const changed = after.filter(
          (one) => find(all, one.id) && find(all, one.id)?.verdict !== one.verdict,
        );
        // A hub that was packed has its grease; nothing else is done without a look.
        const expected = [duty.routine, ...(duty.routine === 'repack' ? ['grease'] : [])].map(
          (id) => `${id}@${duty.place}`,
        );
        if (duty.routine === 'contacts') expected.push('lights@rig');
        for (const one of changed) expect(expected).toContain(one.id);
        expect(changed.map((one) => one.id)).toContain(duty.id);
      }),
      { numRuns: runs(100) },
    );
  });

  test('whatever the log, duties are in order of weight and the tow verdict is that of its gravest reason', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        for (const rig of Object.values(foldEntries(log).state.rigs)) {
          const duties = dutiesOf(rig, day(800));
          const weights = duties.map((duty) => WEIGHT.indexOf(duty.verdict));
          expect(weights).toEqual([...weights].sort((a, b) => b - a));
          const verdict = towVerdict(rig, duties, []);
          if (rig.model) expect(verdict.fitness).toBe(verdict.reasons[0]?.fitness ?? 'fit');
          else expect(verdict.fitness).toBe('unknown');
        }
      }),
      { numRuns: runs(100) },
    );
  });
});

describe('what a trip made due', () => {
  test('names what rose, and nothing else', () => {
    const log = [setup(), repack(0, '1L'), repack(0, '1R'), held(1, '1R')];
    const before = dutiesOf(rigOf(...log), day(2));
    const after = dutiesOf(rigOf(...log, trip(2, 12)), day(2));
    expect(raised(before, after).map((duty) => duty.id)).toEqual(['lug-recheck@1L', 'lug-recheck@1R']);
    expect(raised(after, after)).toEqual([]);
  });
});

describe('the tow verdict', () => {
  const fresh = [
    setup(),
    ...soundEntries(sampleModel({}), RIG, day(0)),
    repack(0, '1L', '1R'),
    trip(1, 60),
    held(2, '1L'),
    held(2, '1R'),
  ];
  const verdict = (open: readonly OpenWork[], ...entries: Entry[]) => {
    const rig = rigOf(...entries);
    return towVerdict(rig, dutiesOf(rig, day(3)), open);
  };
  const work: OpenWork = { session: 's', place: '1L', works: ['repack'], unfit: true, step: 5, steps: 40 };

  test('is fit when all is done', () => {
    expect(verdict([], ...fresh).fitness).toBe('fit');
    expect(verdict([], ...fresh).reasons.filter(({ fitness }) => fitness !== 'fit')).toEqual([]);
  });

  test.each([
    ['fit', 'watch'],
    ['after', 'due'],
    ['not', 'stop'],
  ] as const)('is %s with a finding of %s', (fitness, grade) => {
    expect(verdict([], ...fresh, finding(2, grade)).fitness).toBe(fitness);
  });

  test('is unknown with unknown history, and not with nuts loose', () => {
    expect(verdict([], setup()).fitness).toBe('unknown');
    expect(verdict([work], ...fresh)).toMatchObject({ fitness: 'not' });
    expect(verdict([work], ...fresh).reasons[0]).toMatchObject({ kind: 'open-work', work });
    expect(verdict([{ ...work, unfit: false }], ...fresh).fitness).toBe('fit');
  });

  test('a wheel end shows the gravest of its own', () => {
    const rig = rigOf(...fresh, finding(2, 'stop'));
    const duties = dutiesOf(rig, day(3));
    expect(placeState(rig, '1L', duties, [])).toMatchObject({
      mark: 'stop',
      finding: { text: 'seal weeps' },
    });
    expect(placeState(rig, '1R', duties, [])).toMatchObject({ mark: 'clear' });
    expect(placeState(rig, '1R', duties, [{ ...work, place: '1R' }])).toMatchObject({ mark: 'stop' });
  });
});

test('a change of rules moves the limits of duties: told by how many come earlier or later', () => {
  const model = sampleModel({ axles: 2 });
  const lastDone = Object.fromEntries(
    wheelEnds(model).map((place) => [
      doneKey('repack', place),
      { entry: 'x', at: '2026-05-01T12:00:00.000Z', distance: 0, distanceKnown: true, trips: 0, launches: 0 },
    ]),
  );
  const rig = { ...emptyRig('r'), model, lastDone };
  const now = '2026-05-16T12:00:00.000Z';
  const under = (repack: HouseRules['repack']) => dutiesOf(rig, now, { ...HOUSE_DEFAULT, repack });
  // Four repacks; of the brakes nobody has a record.
  expect(moved(under('yearly'), under('grade-5000'))).toEqual({ earlier: 4, later: 0 });
  expect(moved(under('grade-5000'), under('grade-10000'))).toEqual({ earlier: 0, later: 4 });
  // Metered grease needs a fitting; these hubs have none.
  expect(moved(under('yearly'), under('metered'))).toEqual({ earlier: 0, later: 0 });
});

test('what does not agree in a rig counts toward the verdict and marks its place', () => {
  const conflict = { id: 'tire-old@1L', code: 'tire-old', place: '1L', verdict: 'due' } as const;
  const rig = { ...emptyRig('r'), model: sampleModel({ hub: 'sealed' }) };
  expect(towVerdict(rig, [], [], [conflict])).toMatchObject({
    fitness: 'after',
    reasons: [{ kind: 'conflict', conflict }],
  });
  expect(placeState(rig, '1L', [], [], [conflict])).toMatchObject({ mark: 'due', conflict });
  expect(placeState(rig, '1R', [], [], [conflict]).mark).toBe('unknown');
  expect(placeState(rig, 'coupler', [], [], [{ ...conflict, place: 'coupler', verdict: 'watch' }]).mark).toBe(
    'soon',
  );
});

test('an open card goes on with its own work and what it does by the way, and with no other', () => {
  const open: OpenWork[] = [
    { session: 'a', place: '1L', works: ['brake-adjust'], unfit: true, step: 3, steps: 20 },
    { session: 'b', place: '1R', works: ['bearing-renew'], unfit: true, step: 3, steps: 40 },
  ];
  expect(cardDoing(open, { routine: 'repack', place: '1L' })).toBeUndefined();
  expect(cardDoing(open, { routine: 'brake-adjust', place: '1L' })?.session).toBe('a');
  expect(cardDoing(open, { routine: 'repack', place: '1R' })?.session).toBe('b');
});
