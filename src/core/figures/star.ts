import type { StudCount } from '../rig';

const ORDERS: Record<StudCount, readonly number[]> = {
  4: [1, 3, 2, 4],
  5: [1, 3, 5, 2, 4],
  6: [1, 4, 2, 5, 3, 6],
  8: [1, 5, 3, 7, 2, 6, 4, 8],
};

/** The tightening order of a wheel: studs numbered clockwise from the top, each nut across from the one before. */
export function starOrder(studs: StudCount): readonly number[] {
  return ORDERS[studs];
}

/** The angle (rad) between two studs of a wheel, the short way round. */
export function starGap(studs: StudCount, from: number, to: number): number {
  const steps = Math.abs(from - to) % studs;
  return (Math.min(steps, studs - steps) * 2 * Math.PI) / studs;
}
