import type { SimulatedTrailer } from '@/instruments/simulated';

/** The simulated trailers of this tab, by rig; they go on while pages come and go. */
const running = new Map<string, SimulatedTrailer>();
const held = new Set<string>();
let pace = 10;

/** The trailer that runs for a rig. */
export const trailerOf = (rig: string): SimulatedTrailer | undefined => running.get(rig);

/** Puts a trailer on the road, or takes it off. */
export function runTrailer(rig: string, next: SimulatedTrailer | undefined): void {
  if (!next) return void running.delete(rig);
  running.set(rig, next);
  next.hold(held.has(rig));
  next.setPace(pace);
}

/** Stands still, or goes on. */
export function holdTrailer(rig: string, stands: boolean): void {
  if (stands) held.add(rig);
  else held.delete(rig);
  running.get(rig)?.hold(stands);
}

/** How many times faster than the clock they run. */
export const paceNow = (): number => pace;

/** Runs so many times faster than the clock. */
export function setPaceOf(next: number): void {
  pace = next;
  for (const trailer of running.values()) trailer.setPace(next);
}
