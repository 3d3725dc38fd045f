/** Minutes that a round of tires takes from the owner's own pump: pressures in Pa, its rate at this tire in Pa a minute; what is up already takes none. */
export function inflationTime(
  tires: readonly { readonly now: number; readonly target: number }[],
  rate: number,
): number {
  return tires.reduce((sum, { now, target }) => sum + Math.max(0, target - now), 0) / rate;
}
