import fc from 'fast-check';
import { DAY_MS, toSI } from '../base';
import type { WheelEnd } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { extend, foldEntries, makeEntry, makeVoid, type Entry, type EntryOf, type Kind } from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const mi = (n: number) => toSI(n, 'mi');
const day = (n: number) => new Date(Date.parse('2026-03-01T12:00:00.000Z') + n * DAY_MS).toISOString();
let serial = 0;
const nextId = () => {
  serial += 1;
  return `0196d000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
};

function entry<K extends Kind>(kind: K, at: number, body: EntryOf<K>['body'], recorded = at): Entry {
  return makeEntry(kind, { id: nextId(), rig: RIG, happened: day(at), recorded: day(recorded) }, body);
}
const setup = (reading?: number) =>
  entry('rig.setup', 0, {
    model: sampleModel({ axles: 2 }),
    ...(reading !== undefined && { reading: mi(reading) }),
  });
const trip = (at: number, miles: number, recorded = at) =>
  entry('trip', at, { distance: mi(miles), launches: 0 }, recorded);
const recheck = (at: number, result: 'held' | 'moved' | 'loose', place: WheelEnd = '1L') =>
  entry('recheck', at, { place, result });
const refit = (at: number, place: WheelEnd = '1L', recorded = at) =>
  entry(
    'work',
    at,
    {
      jobs: [{ routine: 'repack', place }],
      from: 'bench',
      readings: [],
      conditions: [],
      materials: [],
      renewed: [],
      refits: [{ place, limits: [mi(10), mi(25), mi(50)] }],
      skipped: [],
    },
    recorded,
  );
const rigOf = (...entries: Entry[]) => {
  const rig = foldEntries(entries).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  return rig;
};

describe('late entries', () => {
  test('a trip told late, from before the refit, does not bring its recheck closer', () => {
    const log = [setup(), refit(5), trip(6, 8)];
    const before = rigOf(...log);
    const after = rigOf(...log, trip(4, 100, 9));
    const since = (rig: typeof before) => rig.distance - (rig.refits['1L']?.distance ?? 0);
    expect(since(after)).toBeCloseTo(since(before), 6);
    expect(after.distance - before.distance).toBeCloseTo(mi(100), 6);
  });

  test('work told late takes its place, and what came after counts from it', () => {
    const rig = rigOf(setup(), trip(2, 40), trip(6, 12), refit(4, '1L', 9));
    expect(rig.distance - (rig.refits['1L']?.distance ?? 0)).toBeCloseTo(mi(12), 6);
  });
});

describe('rechecks', () => {
  test('one without a refit contradicts, and changes nothing else', () => {
    const stray = recheck(2, 'held', '2R');
    const rig = rigOf(setup(), stray);
    expect(rig.contradictions).toEqual([stray.id]);
    expect(rig.refits).toEqual({});
  });

  test('moves are counted in a row, and a look that holds ends the row', () => {
    const moves = (...results: ('held' | 'moved')[]) =>
      rigOf(setup(), refit(1), ...results.map((result, i) => recheck(2 + i, result))).refits['1L']?.moves;
    expect(moves('moved')).toBe(1);
    expect(moves('moved', 'moved')).toBe(2);
    expect(moves('moved', 'held')).toBe(0);
    expect(moves('moved', 'held', 'moved')).toBe(1);
  });

  test('withdrawing the refit takes its rechecks with it', () => {
    const work = refit(1);
    const rig = rigOf(setup(), work, trip(2, 12), makeVoid(work, [], nextId(), day(3)));
    expect(rig.refits).toEqual({});
    expect(rig.lastDone).toEqual({});
  });

  test('whatever is looked at and towed, a chain is open or through, never past its last', () => {
    const anyStep = fc.oneof(
      fc.constant('held' as const),
      fc.constant('moved' as const),
      fc.integer({ min: 1, max: 40 }),
    );
    fc.assert(
      fc.property(fc.array(anyStep, { maxLength: 12 }), (steps) => {
        const log = [
          setup(),
          refit(1),
          ...steps.map((step, i) => (typeof step === 'number' ? trip(2 + i, step) : recheck(2 + i, step))),
        ];
        const open = rigOf(...log).refits['1L'];
        if (open) expect(open.checked).toBeLessThan(mi(50) - 0.5);
      }),
      { numRuns: runs(200) },
    );
  });
});

describe('miles', () => {
  test('only grow, whatever is told in whatever order, unless something is withdrawn', () => {
    const anyTold = fc.oneof(
      fc.record({ kind: fc.constant('trip' as const), miles: fc.integer({ min: 0, max: 500 }) }),
      fc.record({
        kind: fc.constant('meter' as const),
        miles: fc.integer({ min: 0, max: 5000 }),
        replaced: fc.boolean(),
      }),
    );
    fc.assert(
      fc.property(fc.array(anyTold, { maxLength: 15 }), (told) => {
        let fold = foldEntries([setup(1000)]);
        let last = 0;
        told.forEach((one, i) => {
          const next =
            one.kind === 'trip'
              ? trip(i + 1, one.miles)
              : entry('meter', i + 1, { reading: mi(one.miles), replaced: one.replaced });
          fold = extend(fold, [next]);
          const now = fold.state.rigs[RIG]?.distance ?? 0;
          expect(now).toBeGreaterThanOrEqual(last - 1e-6);
          last = now;
        });
      }),
      { numRuns: runs(150) },
    );
  });

  test('a trip with a reading counts once, not twice', () => {
    const towed = entry('trip', 1, { distance: mi(40), launches: 0, reading: mi(1040) });
    expect(rigOf(setup(1000), towed).distance).toBeCloseTo(mi(40), 6);
  });

  test('a meter that gained more than its trips says what was not told', () => {
    const rig = rigOf(setup(1000), trip(1, 30), entry('meter', 2, { reading: mi(1100), replaced: false }));
    expect(rig.distance).toBeCloseTo(mi(100), 6);
  });
});

describe('an unfinished yard', () => {
  test('what is told of a rig before its set-up arrives is kept for when it does', () => {
    const set = setup();
    const early = foldEntries([trip(1, 40)]);
    expect(early.state.rigs[RIG]).toMatchObject({ model: undefined });
    const late = extend(early, [set]);
    expect(late.state.rigs[RIG]?.model?.name).toBe('Juniper');
    expect(late.state.rigs[RIG]?.distance).toBeCloseTo(mi(40), 6);
  });

  test('a withdrawal that arrives before what it withdraws waits for it', () => {
    const towed = trip(1, 40);
    const undo = makeVoid(towed, [], nextId(), day(2));
    const fold = extend(foldEntries([setup(), undo]), [towed]);
    expect(fold.state.rigs[RIG]?.distance).toBe(0);
    expect(fold.retracted.has(towed.id)).toBe(true);
  });

  test('a change before its set-up, and the close of a finding that nobody opened, are noted', () => {
    const early = makeEntry(
      'rig.changed',
      { id: nextId(), rig: RIG, happened: day(-3), recorded: day(1) },
      { changes: { spares: 2 } },
    );
    const stray = entry('finding.closed', 3, {
      finding: '0196d000-0000-7000-8000-00000000dead',
      how: 'fixed',
    });
    expect(rigOf(setup(), early, stray).contradictions).toEqual([early.id, stray.id]);
  });
});
