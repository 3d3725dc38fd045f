import fc from 'fast-check';
import { DAY_MS, toSI } from '../base';
import { anyLog, sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import {
  emptyFold,
  extend,
  foldEntries,
  makeEntry,
  makeVoid,
  readEntry,
  recordedNow,
  type Entry,
  type EntryOf,
  type Kind,
} from '.';
import { defineKind, upcast } from './define';
import { REGISTRY } from './registry';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const day = (n: number) => new Date(Date.parse('2026-03-01T12:00:00.000Z') + n * DAY_MS).toISOString();
let serial = 0;
function entry<K extends Kind>(
  kind: K,
  at: number,
  body: EntryOf<K>['body'],
  more: { recorded?: number; replaces?: string } = {},
): Entry {
  serial += 1;
  const id = `0196d000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
  return makeEntry(
    kind,
    { id, rig: RIG, happened: day(at), recorded: day(more.recorded ?? at), replaces: more.replaces },
    body,
  );
}
const setup = (at = 0) => entry('rig.setup', at, { model: sampleModel({ axles: 2 }) });
const trip = (at: number, miles: number, more?: { recorded?: number; replaces?: string }) =>
  entry('trip', at, { distance: toSI(miles, 'mi'), launches: 0 }, more);
const repack = (at: number) =>
  entry('work', at, {
    jobs: [{ routine: 'repack', place: '1L' }],
    from: 'bench',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [{ place: '1L', limits: [10, 25, 50].map((mi) => toSI(mi, 'mi')) }],
    skipped: [],
  });
const rigOf = (...entries: Entry[]) => {
  const rig = foldEntries(entries).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  return rig;
};
const milesOf = (...entries: Entry[]) => Math.round(rigOf(...entries).distance / 1609.344);

describe('fold: properties', () => {
  test('the same set gives the same state in whatever order it arrives', () => {
    fc.assert(
      fc.property(
        anyLog.chain((log) =>
          fc.tuple(fc.constant(log), fc.shuffledSubarray([...log], { minLength: log.length })),
        ),
        ([log, mixed]) => {
          expect(foldEntries(mixed)).toEqual(foldEntries(log));
        },
      ),
      { numRuns: runs(300) },
    );
  });

  test('one by one is the same as all at once', () => {
    fc.assert(
      fc.property(
        anyLog.chain((log) =>
          fc.tuple(fc.constant(log), fc.shuffledSubarray([...log], { minLength: log.length })),
        ),
        ([log, mixed]) => {
          const stepped = mixed.reduce((fold, one) => extend(fold, [one]), emptyFold());
          expect(stepped.state).toEqual(foldEntries(log).state);
          expect(stepped.retracted).toEqual(foldEntries(log).retracted);
        },
      ),
      { numRuns: runs(300) },
    );
  });

  test('void after add is no change', () => {
    fc.assert(
      fc.property(anyLog, fc.nat(), (log, pick) => {
        const added = log[pick % log.length] as Entry;
        const rest = log.filter((one) => one !== added && one.kind !== 'void' && one.replaces === undefined);
        if (added.kind === 'void' || added.replaces !== undefined) return;
        const undo = makeVoid(added, [], '0196d000-0000-7000-8000-00000000ffff', '2027-01-01T00:00:00.000Z');
        expect(foldEntries([...rest, added, undo]).state).toEqual(foldEntries(rest).state);
      }),
      { numRuns: runs(300) },
    );
  });

  test('an entry that comes twice counts once', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        expect(foldEntries([...log, ...log])).toEqual(foldEntries(log));
        const fold = foldEntries(log);
        expect(extend(fold, [log[0] as Entry])).toBe(fold);
      }),
      { numRuns: runs(60) },
    );
  });

  test('extending leaves the old fold as it was', () => {
    const before = foldEntries([setup(), trip(1, 10)]);
    const state = structuredClone(before.state);
    extend(before, [trip(2, 5)]);
    expect(before.state).toEqual(state);
    expect(before.entries).toHaveLength(2);
  });

  test('a late entry replays across checkpoints to the same state', () => {
    const log = [setup(), ...Array.from({ length: 1300 }, (_, i) => trip(i + 1, 1 + (i % 7)))];
    const fold = foldEntries(log);
    for (const at of [0, 400, 511, 512, 900, 1299]) {
      const late = trip(at + 0.5, 3, { recorded: 2000 });
      expect(extend(fold, [late]).state).toEqual(foldEntries([...log, late]).state);
      const undo = makeVoid(
        log[at] as Entry,
        [],
        `0196d000-0000-7000-8000-0000000f${at.toString(16).padStart(4, '0')}`,
        day(2001),
      );
      expect(extend(fold, [undo]).state).toEqual(foldEntries([...log, undo]).state);
    }
  });
});

describe('corrections and withdrawals', () => {
  test('a correction counts instead of its original; both are kept', () => {
    const wrong = trip(1, 1800);
    const right = trip(1, 180, { recorded: 2, replaces: wrong.id });
    const fold = foldEntries([setup(), wrong, right]);
    expect(milesOf(setup(), wrong, right)).toBe(180);
    expect(fold.entries).toHaveLength(3);
    expect(fold.retracted).toEqual(new Set([wrong.id]));
  });

  test('of two corrections of one entry the later-written counts', () => {
    const wrong = trip(1, 1800);
    const first = trip(1, 18, { recorded: 2, replaces: wrong.id });
    const second = trip(1, 180, { recorded: 3, replaces: wrong.id });
    expect(milesOf(setup(), wrong, first, second)).toBe(180);
  });

  test('a correction of a correction counts alone', () => {
    const wrong = trip(1, 1800);
    const first = trip(1, 18, { recorded: 2, replaces: wrong.id });
    const second = trip(1, 180, { recorded: 3, replaces: first.id });
    expect(milesOf(setup(), wrong, first, second)).toBe(180);
  });

  test('withdrawing a correction gives the original back; withdrawing that takes it away again', () => {
    const a = trip(1, 100);
    const b = trip(1, 50, { recorded: 2, replaces: a.id });
    const undo = makeVoid(b, [], '0196d000-0000-7000-8000-00000000aaa1', day(3));
    expect(milesOf(setup(), a, b, undo)).toBe(100);
    const gone = makeVoid(a, [], '0196d000-0000-7000-8000-00000000aaa2', day(4));
    expect(milesOf(setup(), a, b, undo, gone)).toBe(0);
    const back = makeVoid(gone, [], '0196d000-0000-7000-8000-00000000aaa3', day(5));
    expect(milesOf(setup(), a, b, undo, gone, back)).toBe(100);
  });

  test('what was recorded ahead of this device’s clock is withdrawn and corrected all the same', () => {
    // Brought in from a device whose clock ran ahead.
    const ahead = entry('trip', 10, { distance: 1000, launches: 0 });
    const now = day(5);
    const distance = (...more: readonly Entry[]) =>
      foldEntries([entry('rig.setup', 0, { model: sampleModel({}) }), ahead, ...more]).state.rigs[RIG]
        ?.distance;
    const withdrawn = makeVoid(ahead, [], '0196d000-0000-7000-8000-0000000000e1', now);
    expect(distance()).toBe(1000);
    expect(distance(withdrawn)).toBe(0);
    // Put back by withdrawing the withdrawal, which lies ahead as well.
    expect(distance(withdrawn, makeVoid(withdrawn, [], '0196d000-0000-7000-8000-0000000000e2', now))).toBe(
      1000,
    );
    const corrected = makeEntry(
      'trip',
      {
        id: '0196d000-0000-7000-8000-0000000000e3',
        rig: RIG,
        happened: ahead.happened,
        recorded: recordedNow(ahead.recorded, now),
        replaces: ahead.id,
      },
      { distance: 400, launches: 0 },
    );
    expect(distance(corrected)).toBe(400);
    expect(recordedNow('', now)).toBe(now);
    expect(recordedNow(day(4), now)).toBe(now);
  });

  test('an entry cannot withdraw another rig’s, nor itself, nor stand in a ring', () => {
    const a = trip(1, 100, { recorded: 9 });
    const foreign = {
      ...makeVoid(a, [], '0196d000-0000-7000-8000-00000000aab2', day(10)),
      rig: '0196d000-0000-7000-8000-0000000000bb',
    };
    expect(foldEntries([a, foreign]).retracted.size).toBe(0);
    const ring = { ...trip(1, 5), replaces: a.id } as Entry;
    const tied = { ...a, replaces: ring.id } as Entry;
    expect(foldEntries([ring, tied]).retracted.size).toBe(0);
  });
});

describe('meters', () => {
  const read = (at: number, miles: number, replaced = false) =>
    entry('meter', at, { reading: toSI(miles, 'mi'), replaced });
  const started = entry('rig.setup', 0, { model: sampleModel({}), reading: toSI(1000, 'mi') });

  test('trips and meter are one distance, the larger of the two', () => {
    expect(milesOf(started, trip(1, 100), read(2, 1100))).toBe(100);
    expect(milesOf(started, trip(1, 100), read(2, 1140))).toBe(140);
    expect(milesOf(started, trip(1, 100), read(2, 1080))).toBe(100);
  });

  test('a meter that runs backwards is left out and noted, a replaced one starts anew', () => {
    const rig = rigOf(started, read(1, 1200), read(2, 40));
    expect(Math.round(rig.distance / 1609.344)).toBe(200);
    expect(rig.contradictions).toHaveLength(1);
    expect(milesOf(started, read(1, 1200), read(2, 40, true), read(3, 90))).toBe(250);
  });
});

describe('work and what it leaves', () => {
  test('a repack marks the meters and opens rechecks', () => {
    const rig = rigOf(setup(), trip(1, 100), repack(2), trip(3, 12));
    expect(Math.round(((rig.lastDone['repack@1L']?.distance ?? 0) as number) / 1609.344)).toBe(100);
    expect(rig.refits['1L']).toMatchObject({ checked: -1, moves: 0 });
  });

  test('a recheck that held counts up to its miles; past the last it closes', () => {
    const held = (at: number) => entry('recheck', at, { place: '1L', result: 'held' });
    const rig = rigOf(setup(), repack(1), trip(2, 11), held(3));
    expect(Math.round((rig.refits['1L']?.checked ?? 0) / 1609.344)).toBe(11);
    expect(rigOf(setup(), repack(1), trip(2, 50), held(3)).refits['1L']).toBeUndefined();
  });

  test('a nut that moved starts the miles again', () => {
    const moved = entry('recheck', 3, { place: '1L', result: 'moved' });
    const rig = rigOf(setup(), repack(1), trip(2, 11), moved, trip(4, 3));
    expect(rig.refits['1L']).toMatchObject({ checked: -1, moves: 1 });
    expect(Math.round((rig.distance - (rig.refits['1L']?.distance ?? 0)) / 1609.344)).toBe(3);
  });

  test('remembered work from before the record has its miles, or says that it has none', () => {
    const memory = (distanceSince?: number) =>
      entry(
        'work',
        -200,
        {
          jobs: [{ routine: 'repack', place: '1L' }],
          from: 'memory',
          readings: [],
          conditions: [],
          materials: [],
          renewed: [],
          refits: [],
          skipped: [],
          ...(distanceSince !== undefined && { distanceSince }),
        },
        { recorded: 0.1 },
      );
    expect(rigOf(setup(), memory(5000)).lastDone['repack@1L']).toMatchObject({
      distance: -5000,
      distanceKnown: true,
    });
    expect(rigOf(setup(), memory()).lastDone['repack@1L']).toMatchObject({
      distance: 0,
      distanceKnown: false,
    });
  });

  test('findings open and close', () => {
    const open = entry('finding.opened', 1, { place: '1L', verdict: 'stop', text: 'stud broken' });
    expect(Object.keys(rigOf(setup(), open).findings)).toEqual([open.id]);
    const closed = entry('finding.closed', 2, { finding: open.id, how: 'stud renewed' });
    expect(rigOf(setup(), open, closed).findings).toEqual({});
  });

  test('changes to a rig that make no rig are left out and noted', () => {
    const bad = entry('rig.changed', 1, { changes: { 'axles.2.brake': 'electric' } });
    const rig = rigOf(setup(), bad);
    expect(rig.model?.wheels.studs).toBe(6);
    expect(rig.contradictions).toEqual([bad.id]);
  });
});

describe('reading entries', () => {
  test('what was made reads back as it was', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        for (const one of log)
          expect(readEntry(JSON.parse(JSON.stringify(one)))).toEqual({
            ok: true,
            value: JSON.parse(JSON.stringify(one)),
          });
      }),
      { numRuns: runs(60) },
    );
  });

  const good = JSON.parse(JSON.stringify(trip(1, 10))) as Record<string, unknown>;
  test.each([
    ['shape', 'id', { ...good, id: 'x' }],
    ['shape', 'happened', { ...good, happened: '2026-02-30T00:00:00.000Z' }],
    ['shape', 'body.distance', { ...good, body: { distance: -5, launches: 0 } }],
    ['unknown-kind', 'kind', { ...good, kind: 'party' }],
    ['unknown-kind', 'kind', { ...good, kind: 'toString' }],
    ['newer', 'v', { ...good, v: 99 }],
  ])('refused as %s at %s', (code, field, raw) => {
    expect(readEntry(raw)).toMatchObject({ ok: false, error: { code, field } });
  });

  test('never throws on anything', () => {
    fc.assert(fc.property(fc.anything(), (raw) => void readEntry(raw)));
  });
});

describe('versions', () => {
  test('every kind has an upcaster for each step of its version', () => {
    for (const def of Object.values(REGISTRY)) expect(def.upcasters).toHaveLength(def.version - 1);
  });

  test('a gap in the sequence is refused when the kind is declared', () => {
    const { note } = REGISTRY;
    expect(() => defineKind({ ...note, version: 3, upcasters: [(body) => body] })).toThrow(
      'needs 2 upcasters',
    );
  });

  test('bodies are lifted step by step, and the one given is untouched', () => {
    const upcasters = [
      (body: unknown) => Object.assign(body as object, { second: true }),
      (body: unknown) => ({ ...(body as object), third: true }),
    ];
    const old = Object.freeze({ first: true });
    expect(upcast({ upcasters }, 1, old)).toEqual({ first: true, second: true, third: true });
    expect(upcast({ upcasters }, 2, old)).toEqual({ first: true, third: true });
    expect(upcast({ upcasters }, 3, old)).toBe(old);
    expect(old).toEqual({ first: true });
  });
});
