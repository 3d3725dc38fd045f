/** Friction of threads and seat, as a share of the stud's diameter (handbook 8.14): dry, and the band with anti-seize. */
export const FRICTION = { dry: 0.2, greased: { min: 0.13, max: 0.16 } } as const;

/** The force (N) with which one stud clamps at a torque (N·m): stud diameter in m. It shows why, and is never worked back to a torque. */
export function clampLoad(torque: number, diameter: number, friction: number): number {
  return torque / (friction * diameter);
}

/** How much more a stud is pulled at the same torque once its threads are greased, as factors. */
export function greasedOver(): { readonly min: number; readonly max: number } {
  return { min: FRICTION.dry / FRICTION.greased.max, max: FRICTION.dry / FRICTION.greased.min };
}
