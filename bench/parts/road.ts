import { seeded } from '../../src/core/base';
import { toSI } from '../../src/core/quantity';
import { wheelEnds, type WheelEnd } from '../../src/core/rig';
import { NO_WATCH, watchOn, type Watch, type WatchContext } from '../../src/core/trip';
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

/** One trip from its seed, until it is home or `until` says enough. */
function ride(
  seed: number,
  faults: readonly Fault[],
  until: (watch: Watch, at: number, distance: number, hub: (end: WheelEnd) => number) => boolean,
): Watch {
  const random = seeded(seed);
  let run = beginTrip({
    seed: seed + 1,
    ends: ENDS,
    cold: () => COLD * (0.97 + 0.05 * random()),
    faults,
    way: anyWay(random),
  });
  let watch = NO_WATCH;
  for (let at = 0; !run.over; at += TICK * 1000) {
    const step = stepTrip(run, at);
    run = step.run;
    for (const sample of step.samples) watch = watchOn(watch, sample, about);
    if (until(watch, at, run.world.distance, (end) => run.world.wheels[end]?.hub ?? 0)) break;
  }
  return watch;
}

const anyEnd = (random: () => number): WheelEnd => ENDS[Math.floor(random() * ENDS.length)] ?? '1L';

/** What live values call out, over seeded trips of 160 to 240 miles. */
export const road: Part = {
  says: '1,000 seeded trips: false alarms, a failing bearing, a leak',
  measure: () => {
    const seeds = Array.from({ length: TRIPS }, (_, i) => i * 7919);
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
    let quick = 0;
    const taken: number[] = [];
    for (const seed of seeds) {
      const random = seeded(seed + 5);
      const place = anyEnd(random);
      const from = toSI(1 + 100 * random(), 'mi');
      let began: number | undefined;
      let called: number | undefined;
      ride(seed, [{ is: 'leak', place, from, rate: psi(2) / 600 }], (watch, now, distance) => {
        if (distance >= from) began ??= now;
        if (began === undefined) return false;
        if (watch.alarms.some((one) => one.place === place && one.trouble === 'soft')) called = now;
        return called !== undefined || now - began > 15 * MINUTE;
      });
      if (began !== undefined && called !== undefined) {
        taken.push((called - began) / MINUTE);
        if (called - began <= 6 * MINUTE) quick += 1;
      }
    }
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
