import fc from 'fast-check';
import { instantOf, msOf, type Instant } from '../base';
import { sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { actsOn, extend, foldEntries, emptyFold, makeEntry, makeVoid, recordedNow, type Entry } from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const START = msOf('2026-05-16T12:00:00.000Z');
const HOUR = 3_600_000;
const YEAR = 365 * 24 * HOUR;

/** What the clocks of two devices may say, by how many acts were made before (ms beside the truth). */
const CLOCKS: Readonly<Record<string, (device: 0 | 1, n: number) => number>> = {
  right: () => 0,
  'a day apart': (device) => (device === 0 ? 0 : -24 * HOUR),
  'an hour back at the end of summer': (_, n) => (n > 3 ? -HOUR : 0),
  'ten years ahead once': (_, n) => (n === 2 ? 10 * YEAR : 0),
  'set back by hours each time': (_, n) => -n * 5 * HOUR,
  'ten years behind on one': (device) => (device === 0 ? 0 : -10 * YEAR),
};

let ids = 0;
const newId = () => `0196d000-0000-7000-8000-${(ids += 1).toString(16).padStart(12, '0')}`;

/** A device that writes acts with what it has seen, by its own clock. */
class Device {
  known: readonly Entry[] = [];

  constructor(private readonly clock: (n: number) => Instant) {}

  private recorded(): Instant {
    const newest = this.known.reduce((last, { recorded }) => (recorded > last ? recorded : last), '');
    return recordedNow(newest, this.clock(this.known.length));
  }

  add(entry: Entry): Entry {
    this.known = [...this.known, entry];
    return entry;
  }

  trip(miles: number, of?: Entry): Entry {
    const recorded = this.recorded();
    const stamp = {
      id: newId(),
      rig: RIG,
      happened: of?.happened ?? recorded,
      recorded,
      replaces: of?.id,
      seen: of && actsOn(this.known, of.id),
    };
    return this.add(makeEntry('trip', stamp, { distance: miles, launches: 0 }));
  }

  withdraw(entry: Entry): Entry {
    return this.add(makeVoid(entry, actsOn(this.known, entry.id), newId(), this.recorded()));
  }
}

const setup = makeEntry(
  'rig.setup',
  { id: newId(), rig: RIG, happened: instantOf(START - YEAR), recorded: instantOf(START - YEAR) },
  { model: sampleModel({}) },
);

/** The miles that count, in whatever order the log is told. */
function miles(log: readonly Entry[]): number {
  const whole = foldEntries([setup, ...log]);
  const told = [...log]
    .reverse()
    .reduce((fold, entry) => extend(fold, [entry]), extend(emptyFold(), [setup]));
  expect(told.state).toEqual(whole.state);
  return whole.state.rigs[RIG]?.distance ?? 0;
}

const step = fc.record({
  act: fc.constantFrom('withdraw', 'correct', 'put back'),
  device: fc.constantFrom(0 as const, 1 as const),
});

describe.each(Object.entries(CLOCKS))('two devices, their clocks %s', (_, off) => {
  test('each act does what it says, once it has seen the others', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), (steps) => {
        const devices = ([0, 1] as const).map(
          (device) => new Device((n) => instantOf(START + n * 60_000 + off(device, n))),
        );
        const [first] = devices;
        if (!first) throw new Error('no device');
        let counts: Entry | undefined = first.trip(100);
        let undone: { readonly act: Entry; readonly before: Entry } | undefined;
        let log = first.known;
        const distance = (entry: Entry | undefined) => (entry?.kind === 'trip' ? entry.body.distance : 0);
        for (const [i, { act, device }] of steps.entries()) {
          const here = devices[device];
          if (!here) continue;
          here.known = log;
          if (act === 'correct' && counts) {
            counts = here.trip(200 + i, counts);
            undone = undefined;
          } else if (act === 'withdraw' && counts) {
            const before: Entry = counts;
            undone = { act: here.withdraw(before), before };
            // A correction that is withdrawn gives its original back.
            counts = before.replaces === undefined ? undefined : log.find(({ id }) => id === before.replaces);
          } else if (act === 'put back' && undone) {
            here.withdraw(undone.act);
            counts = undone.before;
            undone = undefined;
          }
          log = here.known;
          expect(miles(log)).toBe(distance(counts));
        }
      }),
      { numRuns: runs(60) },
    );
  });
});

test('of two acts that did not know of each other the later recorded holds, then the id', () => {
  const device = new Device(() => instantOf(START));
  const trip = device.trip(100);
  const stamp = (recorded: string, id: string) => ({
    id,
    rig: RIG,
    happened: trip.happened,
    recorded,
    replaces: trip.id,
  });
  const [a, b] = ['0196d000-0000-7000-8000-ffffffffffe1', '0196d000-0000-7000-8000-ffffffffffe2'] as const;
  const later = '2026-05-17T12:00:00.000Z';
  const at = (recorded: string, id: string, distance: number) =>
    makeEntry('trip', stamp(recorded, id), { distance, launches: 0 });
  expect(miles([trip, at('2026-05-16T13:00:00.000Z', b, 200), at(later, a, 300)])).toBe(300);
  expect(miles([trip, at(later, a, 300), at(later, b, 200)])).toBe(200);
  const gone = makeVoid(trip, [], b, later);
  expect(miles([trip, at('2026-05-16T13:00:00.000Z', a, 300), gone])).toBe(0);
  expect(miles([trip, at('2026-05-18T12:00:00.000Z', a, 300), gone])).toBe(300);
});

test('a withdrawal that a file holds with a clock behind its entry counts', () => {
  const device = new Device(() => instantOf(START));
  const trip = device.trip(100);
  const old = makeVoid(trip, [], newId(), instantOf(START - YEAR));
  expect(miles([trip, old])).toBe(0);
});

test('what a correction that was outdone had corrected does not count beside the other', () => {
  const device = new Device(() => instantOf(START));
  const trip = device.trip(100);
  const one = device.trip(200, trip);
  const more = device.trip(300, one);
  const other = {
    ...device.trip(400, trip),
    seen: [one.id, more.id],
    recorded: instantOf(START + YEAR),
  } as Entry;
  expect(miles([trip, one, more, other])).toBe(400);
  expect(miles([trip, one, more])).toBe(300);
});

test('a very long chain of acts is weighed without a stack', () => {
  const device = new Device(() => instantOf(START));
  const trip = device.trip(100);
  let last = trip;
  const chain = Array.from({ length: runs(300_000) }, () => {
    last = { ...makeVoid(last, [], newId(), instantOf(START)) };
    return last;
  });
  expect(foldEntries([setup, trip, ...chain]).state.rigs[RIG]?.distance).toBe(100);
});
