import { type Random, toSI } from '@/core/base';
import { airPressure } from '@/core/figures';
import type { WheelEnd } from '@/core/rig';

/** What goes wrong on a simulated trip, where and from how far on (m). */
export type Fault =
  /** Air lost at a rate (Pa/s). */
  | { readonly is: 'leak'; readonly place: WheelEnd; readonly from: number; readonly rate: number }
  /** A bearing that fails over 40 miles. */
  | { readonly is: 'bearing'; readonly place: WheelEnd; readonly from: number }
  /** A brake that does not let go. */
  | { readonly is: 'brake'; readonly place: WheelEnd; readonly from: number };

/** One stretch of the way: how fast (m/s), how far (m) or how long (s) where it stands, and whether it brakes downhill. */
export interface Stretch {
  readonly speed: number;
  readonly length: number;
  readonly braked: boolean;
}

/** How one wheel end differs from the others: its load, its bearing's drag, the sun on it. */
interface Wheel {
  readonly load: number;
  readonly drag: number;
  readonly sun: number;
  readonly brake: number;
  /** Air in the tire (Pa/K), absolute, and how warm it is (K). */
  readonly air: number;
  readonly tire: number;
  readonly hub: number;
}

/** A trailer on the road by the second: SI throughout. */
export interface World {
  readonly time: number;
  readonly distance: number;
  readonly speed: number;
  readonly braking: boolean;
  readonly outside: number;
  readonly wheels: Readonly<Partial<Record<WheelEnd, Wheel>>>;
}

/** 60 mph (m/s): what the figures below hold at. */
const CRUISE = toSI(60, 'mi') / 3600;
/**
 * A loaded trailer tire runs about 50 °F over the air at 60 mph: a gas law rise of a tenth from 65 psi, as a rule of the
 * road has it (handbook 5: under 15 % is clear). Heat in goes with speed and load, heat out with the difference, so it
 * settles exponentially; 18 min to two thirds, a little longer standing still.
 */
const TIRE = { rise: 28, settles: 18 * 60, cools: 26 * 60 } as const;
/** A free hub runs about 30 °F over the air at 60 mph, settling in 22 min; held brakes down a long grade add as much again and half. */
const HUB = { rise: 17, settles: 22 * 60, cools: 40 * 60, braked: 26 } as const;
/** A failing bearing's drag grows exponentially, tenfold in 40 miles. */
const FAILS = { over: toSI(40, 'mi'), tenfold: 10 } as const;
/** A brake that drags adds so much (K) at 60 mph. */
const DRAGS = 55;

/** A trailer that has stood since yesterday, each tire at its cold pressure (Pa). */
export function atHome(
  ends: readonly WheelEnd[],
  cold: (end: WheelEnd) => number,
  outside: number,
  random: Random,
): World {
  const about = (by: number) => 1 + by * (2 * random() - 1);
  const sunny = random() < 0.5 ? 'L' : 'R';
  return {
    time: 0,
    distance: 0,
    speed: 0,
    braking: false,
    outside,
    wheels: Object.fromEntries(
      ends.map((end) => [
        end,
        {
          load: about(0.1),
          drag: about(0.12),
          sun: end.endsWith(sunny) ? 2.5 * random() : 0,
          brake: about(0.15),
          air: (cold(end) + airPressure()) / outside,
          tire: outside,
          hub: outside,
        },
      ]),
    ),
  };
}

const toward = (now: number, then: number, dt: number, settles: number) =>
  then + (now - then) * Math.exp(-dt / settles);

/** The pressure in a tire (Pa, over the air around it). */
export function pressureIn({ air, tire }: Pick<Wheel, 'air' | 'tire'>): number {
  return Math.max(0, air * tire - airPressure());
}

function wheelAfter(wheel: Wheel, end: WheelEnd, world: World, dt: number, faults: readonly Fault[]): Wheel {
  const { outside, speed, braking, distance } = world;
  const pace = speed / CRUISE;
  const here = faults.filter((one) => one.place === end && distance >= one.from);
  const worn = here.find((one) => one.is === 'bearing');
  const fails = worn ? FAILS.tenfold ** Math.min(1.4, (distance - worn.from) / FAILS.over) : 1;
  const drags = here.some((one) => one.is === 'brake') ? DRAGS * pace : 0;
  const leak = here.find((one) => one.is === 'leak');
  const held = braking ? HUB.braked * wheel.brake * pace : 0;
  const rolls = speed > 0.5;
  return {
    ...wheel,
    tire: toward(
      wheel.tire,
      outside + wheel.sun + TIRE.rise * pace * wheel.load,
      dt,
      rolls ? TIRE.settles : TIRE.cools,
    ),
    hub: toward(
      wheel.hub,
      outside + wheel.sun + HUB.rise * wheel.drag * fails * pace + drags + held,
      dt,
      rolls ? HUB.settles : HUB.cools,
    ),
    air: leak ? Math.max(airPressure() / wheel.tire, wheel.air - (leak.rate * dt) / wheel.tire) : wheel.air,
  };
}

/** The trailer so much later (s) on a stretch. */
export function later(world: World, { speed, braked }: Stretch, dt: number, faults: readonly Fault[]): World {
  // It gathers speed and slows at a tenth of gravity.
  const change = Math.sign(speed - world.speed) * Math.min(Math.abs(speed - world.speed), 0.98 * dt);
  const now = { ...world, speed: world.speed + change, braking: braked };
  return {
    ...now,
    time: world.time + dt,
    distance: world.distance + ((world.speed + now.speed) / 2) * dt,
    wheels: Object.fromEntries(
      Object.entries(world.wheels).map(([end, wheel]) => [
        end,
        wheelAfter(wheel, end as WheelEnd, now, dt, faults),
      ]),
    ),
  };
}
