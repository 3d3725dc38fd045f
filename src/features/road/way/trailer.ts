import type { SimulatedTrailer } from '@/instruments/simulated';

/** The simulated trailer of this tab, where one runs; it goes on while pages come and go. */
let running: SimulatedTrailer | undefined;
let held = false;
let pace = 10;

/** The trailer that runs. */
export const trailer = (): SimulatedTrailer | undefined => running;

/** Puts a trailer on the road, or takes it off. */
export function runTrailer(next: SimulatedTrailer | undefined): void {
  running = next;
  running?.hold(held);
  running?.setPace(pace);
}

/** Stands still, or goes on. */
export function holdTrailer(stands: boolean): void {
  held = stands;
  running?.hold(stands);
}

/** How many times faster than the clock it runs. */
export const paceNow = (): number => pace;

/** Runs so many times faster than the clock. */
export function setPaceOf(next: number): void {
  pace = next;
  running?.setPace(next);
}
