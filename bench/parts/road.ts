import { seeded, toSI } from '../../src/core/base';
import { ONE_TEMPERATURE, pressureAt } from '../../src/core/figures';
import { wheelEnds, type WheelEnd } from '../../src/core/rig';
import { NO_WATCH, watchOn, type Watch, type WatchContext } from '../../src/core/road';
import { sampleModel } from '../../src/core/testing/arbitraries';
import { anyWay, beginTrip, stepTrip, TICK, type Fault } from '../../src/instruments/simulated';
import type { Part } from '../table';

const TRIPS = Number(process.env['TRIPS'] ?? 1_000);
const psi = (value: number) => toSI(value, 'psi');
const COLD = psi(65);
const model = sampleModel({ axles: 2 });
const ENDS = wheelEnds(model);
const about: WatchContext = {
  model,
  target: () => ({ value: COLD, source: 'maker' }),
  morning: () => COLD,
};
const MINUTE = 60_000;
/** Sensors that tell their pressure once a minute. */
const A_MINUTE = { every: MINUTE } as const;

/** How a trip is played beside its faults. */
interface Played {
  /** The air (K), and what a tire reads cold in it (Pa); as the seed has it where they are left out. */
  readonly outside?: number;
  readonly cold?: (end: WheelEnd, about: number) => number;
  /** Each tire tells its pressure no oftener than this (ms). */
  readonly every?: number;
}

/** One trip from its seed, until it is home or `until` says enough. */
function ride(
  seed: number,
  faults: readonly Fault[],
  until: (watch: Watch, at: number, distance: number, hub: (end: WheelEnd) => number) => boolean,
  { outside, cold = (_, usual) => usual, every = 0 }: Played = {},
): Watch {
  const random = seeded(seed);
  const set = Object.fromEntries(ENDS.map((end) => [end, cold(end, COLD * (0.97 + 0.05 * random()))]));
  let run = beginTrip({
    seed: seed + 1,
    ends: ENDS,
    cold: (end) => set[end] ?? COLD,
    ...(outside !== undefined && { outside }),
    faults,
    way: anyWay(random),
  });
  const here: WatchContext = outside === undefined ? about : { ...about, morning: (end) => set[end] };
  const told = new Map<string, number>();
  let watch = NO_WATCH;
  for (let at = 0; !run.over; at += TICK * 1000) {
    const step = stepTrip(run, at);
    run = step.run;
    for (const sample of step.samples) {
      if (sample.what === 'pressure' && at - (told.get(sample.place) ?? -Infinity) < every) continue;
      told.set(sample.what === 'pressure' ? sample.place : '', at);
      watch = watchOn(watch, sample, here);
    }
    if (until(watch, at, run.world.distance, (end) => run.world.wheels[end]?.hub ?? 0)) break;
  }
  return watch;
}

/** How long (ms) after air began to go at a rate (Pa/s) it was called; undefined where that took a quarter of an hour, or never came. */
function calledAfter(seed: number, rate: number, played: Played = {}): number | undefined {
  const random = seeded(seed + 5);
  const place = anyEnd(random);
  const from = toSI(1 + 100 * random(), 'mi');
  let began: number | undefined;
  let called: number | undefined;
  ride(
    seed,
    [{ is: 'leak', place, from, rate }],
    (watch, now, distance) => {
      if (distance >= from) began ??= now;
      if (began === undefined) return false;
      if (watch.alarms.some((one) => one.place === place && one.trouble === 'soft')) called = now;
      return called !== undefined || now - began > 15 * MINUTE;
    },
    played,
  );
  return began === undefined || called === undefined ? undefined : called - began;
}

/** The share (%) of seeds whose air was called within so long (ms). */
function calledWithin(seeds: readonly number[], rate: number, within: number, played?: Played): number {
  const quick = seeds.filter((seed) => (calledAfter(seed, rate, played) ?? Infinity) <= within);
  return (quick.length / seeds.length) * 100;
}

/** A cold morning (K): what was set at 70 °F is low by what the air makes of it, and a sensor's step away from due at the lowest. */
const morningOf = (seed: number) => toSI(25 + 20 * seeded(seed + 9)(), '°F');
const inTheCold = (outside: number) => (_: WheelEnd, usual: number) =>
  pressureAt(
    usual,
    { temperature: ONE_TEMPERATURE, altitude: undefined },
    { temperature: outside, altitude: undefined },
  );

const anyEnd = (random: () => number): WheelEnd => ENDS[Math.floor(random() * ENDS.length)] ?? '1L';

/** What live values call out, over seeded trips of 160 to 240 miles. */
export const road: Part = {
  says: '1,000 seeded trips: false alarms, a failing bearing, leaks, blow-outs, cold mornings',
  measure: () => {
    const seeds = Array.from({ length: TRIPS }, (_, i) => i * 7919);
    // What is plain is measured on a quarter of them.
    const some = seeds.slice(0, Math.ceil(TRIPS / 4));
    const wrong = new Map<string, number>();
    let falsely = 0;
    for (const seed of seeds) {
      const watch = ride(seed, [], ({ alarms }) => alarms.length > 0);
      const [first] = watch.alarms;
      if (!first) continue;
      falsely += 1;
      wrong.set(first.code, (wrong.get(first.code) ?? 0) + 1);
    }
    for (const [code, count] of wrong) console.log(`  false: ${code} ${count}`);
    let early = 0;
    const at = toSI(170, '°F');
    for (const seed of seeds) {
      const random = seeded(seed + 3);
      const place = anyEnd(random);
      let called = false;
      ride(seed, [{ is: 'bearing', place, from: toSI(5 + 60 * random(), 'mi') }], (watch, _, __, hub) => {
        called = watch.alarms.some((one) => one.place === place && one.trouble === 'hot');
        return called || hub(place) >= at;
      });
      if (called) early += 1;
    }
    const after = seeds.map((seed) => calledAfter(seed, psi(2) / 600));
    const quick = after.filter((one) => (one ?? Infinity) <= 6 * MINUTE).length;
    const taken = after.flatMap((one) => (one === undefined ? [] : [one / MINUTE]));
    const inColdFalsely = new Map<string, number>();
    for (const seed of some) {
      const outside = morningOf(seed);
      const played = { outside, cold: inTheCold(outside) };
      const [first] = ride(seed, [], ({ alarms }) => alarms.length > 0, played).alarms;
      if (first) inColdFalsely.set(first.code, (inColdFalsely.get(first.code) ?? 0) + 1);
    }
    for (const [code, count] of inColdFalsely) console.log(`  false on a cold morning: ${code} ${count}`);
    const cold = [...inColdFalsely.values()].reduce((sum, count) => sum + count, 0);
    const low = some.filter((seed) => {
      const outside = morningOf(seed);
      const place = anyEnd(seeded(seed + 11));
      const set = inTheCold(outside);
      let called = false;
      ride(
        seed,
        [],
        (watch, now) => {
          called = watch.alarms.some((one) => one.place === place && one.trouble === 'soft');
          return called || now > 10 * MINUTE;
        },
        { outside, cold: (end, usual) => (end === place ? COLD * 0.72 : set(end, usual)) },
      );
      return called;
    }).length;
    taken.sort((a, b) => a - b);
    return [
      {
        what: 'trips with a false alarm',
        measured: (falsely / TRIPS) * 100,
        unit: '%',
        budget: 1,
        decimals: 1,
      },
      {
        what: 'failing bearings called before 170 °F',
        measured: (early / TRIPS) * 100,
        unit: '%',
        budget: 95,
        atLeast: true,
      },
      {
        what: 'leaks of 2 psi in 10 min called within 6 min',
        measured: (quick / TRIPS) * 100,
        unit: '%',
        budget: 95,
        atLeast: true,
      },
      ...(
        [
          ['8 psi a minute called within 1 min', psi(8) / 60, MINUTE, {}],
          ['the same, a figure a minute, within 2 min', psi(8) / 60, 2 * MINUTE, A_MINUTE],
          ['blow-outs called within 1 min', psi(12), MINUTE, {}],
          ['the same, a figure a minute, at the next one', psi(12), MINUTE + TICK * 1000, A_MINUTE],
        ] as const
      ).map(([what, rate, within, played]) => ({
        what,
        measured: calledWithin(some, rate, within, played),
        unit: '%' as const,
        budget: 95,
        atLeast: true,
      })),
      {
        what: 'cold mornings with a false alarm',
        measured: (cold / some.length) * 100,
        unit: '%',
        budget: 1,
        decimals: 1,
      },
      {
        what: 'a tire at 72 % on a cold morning called within 10 min',
        measured: (low / some.length) * 100,
        unit: '%',
        budget: 95,
        atLeast: true,
      },
      { what: 'leaks called in 15 min', measured: (taken.length / TRIPS) * 100, unit: '%' },
      {
        what: 'a leak called after, the middle one',
        measured: taken[Math.floor(taken.length / 2)] ?? NaN,
        unit: 'min',
      },
      {
        what: 'a leak called after, 95 of 100',
        measured: taken[Math.floor(taken.length * 0.95)] ?? NaN,
        unit: 'min',
      },
    ];
  },
};
