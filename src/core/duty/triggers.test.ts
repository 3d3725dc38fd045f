import fc from 'fast-check';
import { workOf, type Entry, type EventBody } from '../log';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT, routineDef, seasonOf, type SeasonDates } from '../rules';
import { anyModel, sampleModel } from '../testing/arbitraries';
import { soundEntries } from '../testing/sound';
import { mi, storyFrom } from '../testing/story';
import { runs } from '../testing/runs';
import { dutiesOf, stopLimit, towVerdict, type Duty } from '.';

const { rig: RIG, day, entry, setup, trip, done, rigOf } = storyFrom('2025-05-01');
const SEASON = seasonOf({ half: 'north' }, undefined) as SeasonDates;
const model = sampleModel({ axles: 2, hub: 'drilled' });
const boat: RigModel = {
  ...sampleModel({ kind: 'boat', brake: 'none', hub: 'pressure-cap' }),
  environment: { water: 'salt' },
};
const sound = (of: RigModel) => [setup(of), ...soundEntries(of, RIG, day(0))];

const all = (at: number, entries: readonly Entry[], season?: SeasonDates) =>
  dutiesOf(rigOf(...entries), day(at), HOUSE_DEFAULT, season);
const at = (days: number, id: string, entries: readonly Entry[], season?: SeasonDates): Duty => {
  const found = all(days, entries, season).find((duty) => duty.id === id);
  if (!found) throw new Error(`no duty ${id}`);
  return found;
};
const event = (days: number, what: EventBody['what'], ...places: EventBody['places']) =>
  entry('event', days, { what, places });

test('a sound rig has nothing due and nothing unknown but the walk before leaving', () => {
  const open = all(1, sound(model)).filter((duty) => duty.verdict !== 'clear');
  expect(open).toEqual([]);
  // Looks that come twice a season are not new on the day that they were done.
  expect(all(1, sound(model), SEASON).filter(({ verdict }) => /due/.test(verdict))).toEqual([]);
});

describe('by what happened', () => {
  test.each(['shop', 'verge'] as const)('%s: torque at once, at the wheels that were off alone', (what) => {
    const story = [...sound(model), event(2, what, '1L', '2L')];
    expect(at(2, 'lug-torque@1L', story)).toMatchObject({
      verdict: 'due',
      governing: { cause: what, limit: 0 },
    });
    expect(at(2, 'lug-torque@1R', story).verdict).toBe('clear');
    const checked = [...story, done(3, ['lug-torque', '1L'])];
    expect(at(3, 'lug-torque@1L', checked).verdict).toBe('clear');
    expect(at(3, 'lug-torque@2L', checked).verdict).toBe('due');
  });

  test('a wheel that a shop had off is torqued first, however much is due there; its rechecks begin then', () => {
    const off = entry('work', 1, {
      ...workOf([{ routine: 'tire-change', place: '1L' }]),
      refits: [{ place: '1L', limits: [10, 25, 50].map(mi), threads: 'dry' }],
    });
    // A year on the repack is long overdue there.
    const story = [...sound(model), off, trip(400, 14_000), event(401, 'shop', '1L')];
    const duties = all(401, story);
    expect(duties.find(({ id }) => id === 'repack@1L')?.verdict).toBe('overdue');
    expect(duties.find(({ id }) => id === 'lug-torque@1L')?.meters).toContainEqual(
      expect.objectContaining({ cause: 'shop', limit: 0 }),
    );
    expect(duties.find(({ id }) => id === 'lug-torque@1L')?.within).toBeUndefined();
    expect(towVerdict(rigOf(...story), duties, []).reasons).toContainEqual(
      expect.objectContaining({ kind: 'duty', duty: expect.objectContaining({ id: 'lug-torque@1L' }) }),
    );
    expect(duties.find(({ id }) => id === 'lug-recheck@1L')).toBeUndefined();
  });

  test('what was tightened on the verge is overdue after two miles more', () => {
    const story = [...sound(model), event(2, 'verge', '1L'), trip(3, 3)];
    expect(at(3, 'lug-torque@1L', story).verdict).toBe('overdue');
  });

  test.each([
    [199, 'soon'],
    [200, 'due'],
    [401, 'overdue'],
  ] as const)('new brakes %d mi ago: adjustment is %s', (miles, verdict) => {
    const story = [...sound(model), event(1, 'new-brakes', '1L'), trip(2, miles)];
    expect(at(3, 'brake-adjust@1L', story)).toMatchObject({ verdict, governing: { cause: 'new-brakes' } });
  });

  test('brakes fitted as parts ask for the same', () => {
    const part = entry('part.fitted', 1, {
      part: 'new plate',
      spec: { kind: 'brake', facts: {} },
      to: '1L',
      rolled: 0,
    });
    const story = [...sound(model), part, trip(2, 210)];
    expect(at(3, 'brake-adjust@1L', story)).toMatchObject({ verdict: 'due', governing: { limit: mi(200) } });
    expect(at(3, 'brake-adjust@1R', story).verdict).toBe('clear');
  });

  test('adapter nuts are looked at after 10, 25 and 50 mi; a look does those that have come', () => {
    const fitted: RigModel = { ...model, wheels: { ...model.wheels, adapter: { fitted: true } } };
    const start = [...sound(fitted), event(1, 'adapter', '1L'), trip(2, 26)];
    expect(at(2, 'adapter-torque@1L', start).governing).toMatchObject({ limit: mi(10) });
    const looked = [...start, done(3, ['adapter-torque', '1L'])];
    expect(at(3, 'adapter-torque@1L', looked)).toMatchObject({
      verdict: 'soon',
      governing: { limit: mi(50), used: mi(26) },
    });
    expect(
      at(5, 'adapter-torque@1L', [...looked, trip(4, 30), done(5, ['adapter-torque', '1L'])]),
    ).toMatchObject({
      verdict: 'clear',
    });
  });

  test('disturbed U-bolts are tried by wrench again', () => {
    const story = [...sound(model), event(1, 'fixings', '1L', '1R'), trip(2, 51)];
    expect(at(2, 'underside@rig', story)).toMatchObject({ verdict: 'due', governing: { cause: 'fixings' } });
  });

  test('salt water is rinsed off after each launch, and not asked for before the first', () => {
    expect(all(1, sound(boat)).some(({ routine }) => routine === 'rinse')).toBe(false);
    const launched = [...sound(boat), trip(1, 20, 1)];
    expect(at(1, 'rinse@rig', launched)).toMatchObject({
      verdict: 'due',
      matter: 'upkeep',
      governing: { meter: 'launches', used: 1, limit: 1 },
    });
    expect(at(2, 'rinse@rig', [...launched, done(2, ['rinse', 'rig'])]).verdict).toBe('clear');
  });

  test('each trip asks for a walk round before the next, and that never stops a tow', () => {
    const story = [...sound(model), trip(1, 20)];
    expect(at(2, 'walkaround@rig', story)).toMatchObject({
      matter: 'moment',
      governing: { meter: 'trips', used: 1 },
    });
  });
});

describe('by what was found', () => {
  const finding = (verdict: 'watch' | 'due') =>
    entry('finding.opened', 2, { place: '1L', verdict, text: 'seal weeps', remedy: 'repack' });

  test('a finding pulls its routine forward at its place, until it is closed', () => {
    const found = finding('due');
    const story = [...sound(model), found];
    expect(at(3, 'repack@1L', story)).toMatchObject({ verdict: 'due', reason: 'finding' });
    expect(at(3, 'repack@1R', story).verdict).toBe('clear');
    const closed = [...story, entry('finding.closed', 3, { finding: found.id, how: 'seal renewed' })];
    expect(at(4, 'repack@1L', closed).verdict).toBe('clear');
  });

  test('what is only watched pulls nothing', () => {
    expect(at(3, 'repack@1L', [...sound(model), finding('watch')]).verdict).toBe('clear');
  });
});

describe('put off', () => {
  const deferral = (on: number, more: { until?: number; miles?: number }) =>
    entry('deferral', on, {
      routine: 'repack',
      place: '1L',
      reason: 'seals on their way',
      ...(more.until !== undefined && { until: day(more.until) }),
      ...(more.miles !== undefined && { distance: mi(more.miles) }),
    });

  test.each([
    [370, 'soon', 'deferred'],
    [379, 'soon', 'deferred'],
    // Its new limit has come.
    [380, 'due', 'reached'],
  ] as const)('on day %d it is %s', (on, verdict, reason) => {
    const story = [...sound(model), deferral(366, { until: 380 })];
    expect(at(on, 'repack@1L', story)).toMatchObject({ verdict, reason });
    expect(at(on, 'repack@1R', story).verdict).toBe('due');
  });

  test('by distance it is over once the rig has gone so far', () => {
    const story = [...sound(model), deferral(366, { miles: 50 })];
    expect(at(367, 'repack@1L', [...story, trip(367, 49)]).reason).toBe('deferred');
    expect(at(367, 'repack@1L', [...story, trip(367, 51)]).reason).toBe('reached');
  });

  test('nothing of safety is put off past its stop limit, whatever was said; upkeep is', () => {
    const story = [...sound(model), deferral(366, { until: 3000 })];
    const stop = stopLimit({ limit: 365 } as Parameters<typeof stopLimit>[0]);
    expect(at(Math.ceil(stop) - 1, 'repack@1L', story).reason).toBe('deferred');
    expect(at(Math.ceil(stop), 'repack@1L', story)).toMatchObject({
      verdict: 'overdue',
      reason: 'past-stop',
    });
    const upkeep = entry('deferral', 366, {
      routine: 'contacts',
      place: 'rig',
      reason: 'later',
      until: day(3000),
    });
    expect(at(900, 'contacts@rig', [...sound(model), upkeep]).reason).toBe('deferred');
  });

  test('doing the work ends it', () => {
    const story = [...sound(model), deferral(366, { until: 2000 }), done(367, ['repack', '1L'])];
    expect(at(368, 'repack@1L', story).verdict).toBe('clear');
    expect(at(368 + 365, 'repack@1L', story).verdict).toBe('due');
  });
});

describe('by the part', () => {
  test('a look at a tire goes where the tire goes, and its miles with it', () => {
    const moved = entry('part.moved', 3, {
      moves: [
        { part: 'tire 1L', to: 'S1' },
        { part: 'tire S1', to: '1L' },
      ],
    });
    const story = [...sound(model), trip(1, 1500), moved, trip(4, 600)];
    // The spare was looked at with the rest and has rolled 600 mi since; the other rests at 1,500.
    expect(at(5, 'tire-look@1L', story).governing?.used).toBeCloseTo(mi(600), 3);
    expect(at(5, 'tire-look@S1', story)).toMatchObject({ verdict: 'clear' });
    expect(at(5, 'tire-look@1R', story)).toMatchObject({ verdict: 'due' });
  });

  test('a tire nobody looked at is unknown where it now sits', () => {
    const other = entry('part.fitted', 2, {
      part: 'bought used',
      spec: { kind: 'tire', facts: {} },
      to: '1L',
    });
    const story = [...sound(model), other];
    expect(at(3, 'tire-look@1L', story).verdict).toBe('unknown');
    expect(at(3, 'tire-renew@1L', story)).toMatchObject({ verdict: 'unknown', reason: 'no-record' });
  });

  test.each([
    [4.9, 'clear'],
    [5.1, 'soon'],
    [6.01, 'due'],
    [6.7, 'overdue'],
  ] as const)('a tire %d years old is %s', (years, verdict) => {
    // Made in the first week of 2025.
    expect(at(Math.round(years * 365.25) - 122, 'tire-renew@1L', sound(model)).verdict).toBe(verdict);
  });

  test('the battery serves two years', () => {
    expect(at(729, 'battery-renew@breakaway', sound(model)).verdict).toBe('soon');
    expect(at(731, 'battery-renew@breakaway', sound(model)).verdict).toBe('due');
  });
});

describe('by the season', () => {
  // Day 0 is May 1, 2025; looks of mid-season fall on 10 June and 21 August, the lay-up on 31 October.
  test.each([
    [5, 'clear'],
    [30, 'soon'],
    [42, 'due'],
    [72, 'overdue'],
  ] as const)('a torque check of the spring is, on day %d, %s', (on, verdict) => {
    expect(at(on, 'lug-torque@1L', sound(model), SEASON)).toMatchObject({
      verdict,
      governing: { season: 'mid', basis: 'house' },
    });
  });

  test('what was not laid up is moot in spring', () => {
    expect(at(200, 'wash@rig', sound(model), SEASON).verdict).toBe('due');
    expect(at(345, 'wash@rig', sound(model), SEASON).verdict).toBe('clear');
  });
});

describe('properties', () => {
  const WEIGHT = ['clear', 'soon', 'unknown', 'due', 'overdue'];

  test('more miles, launches and trips never make a duty less due, whatever the rig', () => {
    fc.assert(
      fc.property(anyModel, fc.nat(4000), fc.nat(4000), fc.nat(6), (rig, miles, more, launches) => {
        const start = [...sound(rig), trip(1, miles, launches)];
        const before = all(9, start, SEASON);
        const after = new Map(
          all(9, [...start, trip(1, more, launches)], SEASON).map((duty) => [duty.id, duty]),
        );
        for (const duty of before)
          expect(WEIGHT.indexOf(after.get(duty.id)?.verdict ?? '')).toBeGreaterThanOrEqual(
            WEIGHT.indexOf(duty.verdict),
          );
      }),
      { numRuns: runs(60) },
    );
  });

  test('every duty names a place of its rig, a reason, and a meter with a limit where it is known', () => {
    fc.assert(
      fc.property(anyModel, fc.nat(1200), (rig, on) => {
        for (const duty of all(on, sound(rig), SEASON)) {
          if (duty.routine !== 'lug-recheck')
            expect(routineDef(duty.routine).places(rig, HOUSE_DEFAULT)).toContain(duty.place);
          if (duty.verdict === 'unknown') expect(['no-record', 'no-figure']).toContain(duty.reason);
          else expect(duty.governing).toBeDefined();
          if (duty.governing) expect(duty.governing.limit).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: runs(60) },
    );
  });
});
