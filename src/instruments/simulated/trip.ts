import { seeded, type Random, toSI } from '@/core/base';
import type { WheelEnd } from '@/core/rig';
import type { Sample } from '@/core/road';
import { newSensors, sensed, type Sensors } from './sensors';
import { atHome, later, type Fault, type Stretch, type World } from './world';

/** A simulated trip: the same seed gives the same trip. */
export interface TripPlan {
  readonly seed: number;
  readonly ends: readonly WheelEnd[];
  /** Cold pressure of each tire (Pa), and the air (K). */
  readonly cold: (end: WheelEnd) => number;
  readonly outside?: number | undefined;
  readonly way?: readonly Stretch[] | undefined;
  readonly faults?: readonly Fault[] | undefined;
}

const mph = (value: number) => toSI(value, 'mi') / 3600;
const mi = (value: number) => toSI(value, 'mi');
/** The step of the simulation (s). */
export const TICK = 5;

/** A way of some 160 to 240 miles: out of town, highway, hills, a rest after an hour or two, and into town. */
export function anyWay(random: Random): readonly Stretch[] {
  const between = (least: number, most: number) => least + (most - least) * random();
  const stretch = (speed: number, length: number, braked = false): Stretch => ({ speed, length, braked });
  const rest = (minutes: number): Stretch => ({ speed: 0, length: minutes * 60, braked: false });
  const leg = () => [
    stretch(mph(between(50, 66)), mi(between(20, 45))),
    ...(random() < 0.4 ? [stretch(mph(between(40, 50)), mi(between(3, 9)), true)] : []),
    stretch(mph(between(50, 66)), mi(between(15, 35))),
  ];
  return [
    stretch(mph(between(20, 35)), mi(between(1, 5))),
    ...leg(),
    rest(between(5, 25)),
    ...leg(),
    rest(between(5, 25)),
    ...leg(),
    stretch(mph(between(20, 35)), mi(between(1, 5))),
  ];
}

/** A trip on its way: the trailer, its sensors, where of the way it is. */
export interface TripRun {
  readonly plan: TripPlan;
  readonly way: readonly Stretch[];
  readonly world: World;
  readonly sensors: Sensors;
  readonly stretch: number;
  /** How far or long it is into the stretch (m, s). */
  readonly done: number;
  readonly random: Random;
  readonly over: boolean;
}

/** A trip that begins. */
export function beginTrip(plan: TripPlan): TripRun {
  const random = seeded(plan.seed);
  const way = plan.way ?? anyWay(random);
  const outside = plan.outside ?? toSI(40 + 65 * random(), '°F');
  return {
    plan,
    way,
    world: atHome(plan.ends, plan.cold, outside, random),
    sensors: newSensors(random),
    stretch: 0,
    done: 0,
    random,
    over: false,
  };
}

/** The trip a step later, and what the sensors told; `at` is that moment (ms). `held` keeps it standing where it is. */
export function stepTrip(
  run: TripRun,
  at: number,
  held = false,
): { readonly run: TripRun; readonly samples: readonly Sample[] } {
  const stretch: Stretch = held
    ? { speed: 0, length: Infinity, braked: false }
    : (run.way[run.stretch] ?? { speed: 0, length: Infinity, braked: false });
  const world = later(run.world, stretch, TICK, run.plan.faults ?? []);
  const { sensors, samples } = sensed(run.sensors, world, TICK, at, run.random);
  const done = held ? run.done : run.done + (stretch.speed > 0 ? world.distance - run.world.distance : TICK);
  const through = done >= stretch.length;
  return {
    run: {
      ...run,
      world,
      sensors,
      stretch: run.stretch + (through ? 1 : 0),
      done: through ? 0 : done,
      over: run.stretch + (through ? 1 : 0) >= run.way.length && world.speed === 0,
    },
    samples,
  };
}
