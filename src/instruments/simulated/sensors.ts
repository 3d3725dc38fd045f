import { normal, type Random, toSI } from '@/core/base';
import type { InstrumentNamed } from '@/core/log';
import type { WheelEnd } from '@/core/rig';
import type { Sample } from '@/core/road';
import { pressureIn, type World } from './world';

/** Names of the instruments that are made up. */
export const SIMULATED = {
  tires: { name: 'Tire sensors, simulated', simulated: true },
  hubs: { name: 'Hub thermometer, simulated', simulated: true },
  brakes: { name: 'Brake ammeter, simulated', simulated: true },
  wrench: { name: 'Torque wrench, simulated', simulated: true },
  miles: { name: 'Trip meter, simulated', simulated: true },
} as const satisfies Record<string, InstrumentNamed>;

/** How often each tells (s). */
const EVERY = { tires: 20, hubs: 20, air: 60, miles: 5 } as const;
const HALF_PSI = toSI(0.5, 'psi');
/** One figure in so many is garbage, and one in so many is not sent. */
const GARBAGE = 1 / 2500;
const DROPPED = 1 / 60;

/** What the sensors of a trailer remember: how warm they are themselves, and how far off their trip meter is. */
export interface Sensors {
  readonly warm: Readonly<Partial<Record<WheelEnd, number>>>;
  readonly meter: number;
}

/** Sensors as they left the shop: a trip meter is off by up to one in a hundred. */
export function newSensors(random: Random): Sensors {
  return { warm: {}, meter: 1 + 0.01 * (2 * random() - 1) };
}

const stepped = (value: number, step: number) => Math.round(value / step) * step;
const due = (time: number, every: number, dt: number) =>
  Math.floor(time / every) !== Math.floor((time - dt) / every);

/** What the sensors tell of a moment (ms): in steps, with noise, now and then nothing, or garbage. */
export function sensed(
  sensors: Sensors,
  world: World,
  dt: number,
  at: number,
  random: Random,
): { readonly sensors: Sensors; readonly samples: readonly Sample[] } {
  const samples: Sample[] = [];
  const tell = (
    from: InstrumentNamed,
    what: Sample['what'],
    place: Sample['place'],
    value: number,
    most: number,
  ) => {
    if (random() < DROPPED) return;
    const told = random() < GARBAGE ? value + most * (2 * random() - 1) : value;
    samples.push({ what, place, value: told, at, from });
  };
  const warm: Partial<Record<WheelEnd, number>> = {};
  for (const [key, wheel] of Object.entries(world.wheels)) {
    const end = key as WheelEnd;
    const before = sensors.warm[end] ?? wheel.tire;
    // The sensor at the valve is as warm as the air in the tire a minute and a half ago.
    warm[end] = wheel.tire + (before - wheel.tire) * Math.exp(-dt / 90);
    if (due(world.time, EVERY.tires, dt)) {
      const noisy = pressureIn(wheel) + normal(random) * toSI(0.08, 'psi');
      tell(SIMULATED.tires, 'pressure', end, stepped(noisy, HALF_PSI), toSI(200, 'psi'));
      tell(SIMULATED.tires, 'tire-temp', end, stepped(warm[end] - 273.15, 1) + 273.15, 120);
    }
    if (due(world.time, EVERY.hubs, dt))
      tell(SIMULATED.hubs, 'hub-temp', end, stepped(wheel.hub + 0.6 * normal(random), 0.5), 600);
  }
  if (due(world.time, EVERY.air, dt))
    tell(SIMULATED.hubs, 'air', 'rig', stepped(world.outside + 0.4 * normal(random), 0.5), 300);
  if (due(world.time, EVERY.miles, dt)) {
    tell(SIMULATED.miles, 'distance', 'rig', world.distance * sensors.meter, 1e7);
    tell(SIMULATED.miles, 'speed', 'rig', world.speed, 300);
    if (world.braking) tell(SIMULATED.brakes, 'brake-amps', 'rig', Math.max(0, 11 + normal(random)), 90);
  }
  return { sensors: { ...sensors, warm }, samples };
}
