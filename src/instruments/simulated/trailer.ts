import { normal, seeded, toSI } from '@/core/base';
import type { Fix } from '@/core/road';
import type { Instrument, Told } from '../instrument';
import { SIMULATED } from './sensors';
import { beginTrip, stepTrip, TICK, type TripPlan, type TripRun } from './trip';

type Tell = (told: Told) => void;

/** How often it is stepped on (ms). */
const BEAT = 250;
/** Where it is: open water, where nobody lives. */
const ORIGIN = { lat: 0, lon: -30 } as const;
const DEGREE = 111_194.9;

/** A simulated trailer: the instruments that read it, and what holds it standing. */
export interface SimulatedTrailer {
  readonly instruments: readonly Instrument[];
  /** Stands still, or goes on. */
  readonly hold: (stands: boolean) => void;
  /** How many times faster than the clock it runs. */
  readonly setPace: (pace: number) => void;
}

/** A way that winds, walked by distance: where it is after so many more meters. */
function winder() {
  let [x, y, s, heading] = [0, 0, 0, 0];
  return (to: number) => {
    while (s < to) {
      const step = Math.min(5, to - s);
      heading += (step / 300) * Math.sin(s / 700);
      x += step * Math.cos(heading);
      y += step * Math.sin(heading);
      s += step;
    }
    return { x, y };
  };
}

/** A trailer that begins its trip at a moment (ms), told by each of its instruments; one clock drives them all. */
export function simulatedTrailer(
  plan: TripPlan,
  begins: number,
  wrench: number | undefined,
): SimulatedTrailer {
  const tells = new Map<string, Tell>();
  let run: TripRun = beginTrip(plan);
  let held = false;
  let pace = 20;
  let owed = 0;
  let timer: ReturnType<typeof setInterval> | undefined;
  const random = seeded(plan.seed + 11);
  const wind = winder();
  const fixes = (before: number, after: number, at: number): readonly Fix[] =>
    Array.from({ length: TICK }, (_, i) => {
      const { x, y } = wind(before + ((after - before) * (i + 1)) / TICK);
      return {
        at: at - (TICK - 1 - i) * 1000,
        lat: ORIGIN.lat + (y + 1.5 * normal(random)) / DEGREE,
        lon: ORIGIN.lon + (x + 1.5 * normal(random)) / DEGREE,
        accuracy: 6,
      };
    });
  const tick = () => {
    const before = run.world.distance;
    const at = begins + (run.world.time + TICK) * 1000;
    const next = stepTrip(run, at, held);
    run = next.run;
    for (const sample of next.samples) tells.get(sample.from.name)?.({ told: 'sample', sample });
    const where = tells.get('position');
    if (where) for (const fix of fixes(before, run.world.distance, at)) where({ told: 'fix', fix });
    // Held in the hand at a nut, it climbs to its click and comes to rest.
    if (wrench !== undefined && held && run.world.time % 20 === 0)
      tells.get(SIMULATED.wrench.name)?.({
        told: 'sample',
        sample: {
          what: 'torque',
          place: 'rig',
          value: wrench * (1 + 0.02 * normal(random)),
          at,
          from: SIMULATED.wrench,
        },
      });
  };
  const beat = () => {
    owed += (pace * BEAT) / 1000 / TICK;
    for (; owed >= 1 && !run.over; owed -= 1) tick();
    if (run.over) for (const tell of tells.values()) tell({ told: 'end' });
    if (run.over) stop();
  };
  const stop = () => {
    clearInterval(timer);
    timer = undefined;
  };
  const instrument = (
    id: string,
    key: string,
    named: Instrument['named'],
    reads: Instrument['reads'],
  ): Instrument => ({
    id,
    named,
    reads,
    start: (tell) => {
      tells.set(key, tell);
      timer ??= setInterval(beat, BEAT);
      return () => {
        tells.delete(key);
        if (tells.size === 0) stop();
      };
    },
  });
  const { tires, hubs, brakes, miles, wrench: click } = SIMULATED;
  return {
    instruments: [
      instrument('tires', tires.name, tires, ['pressure', 'tire-temp']),
      instrument('hubs', hubs.name, hubs, ['hub-temp', 'air']),
      instrument('miles', miles.name, miles, ['distance', 'speed']),
      instrument('brakes', brakes.name, brakes, ['brake-amps']),
      instrument('wrench', click.name, click, ['torque']),
      instrument('sim-position', 'position', { name: 'Position, simulated', simulated: true }, ['position']),
    ],
    hold: (stands) => {
      held = stands;
    },
    setPace: (next) => {
      pace = next;
    },
  };
}

/** The demo's trip: a leak and a hub that fails are in store, some way down the road. */
export function demoFaults(): TripPlan['faults'] {
  return [
    { is: 'leak', place: '1R', from: toSI(12, 'mi'), rate: toSI(2, 'psi') / 600 },
    { is: 'bearing', place: '2L', from: toSI(20, 'mi') },
  ];
}
