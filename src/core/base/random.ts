/** Numbers from 0 up to 1; the caller's, so that a forecast repeats. */
export type Random = () => number;

/** A repeatable source of numbers from a seed. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A number of the standard normal distribution. */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** A number of the gamma distribution of a shape above zero, scale 1 (Marsaglia and Tsang). */
export function gamma(shape: number, random: Random): number {
  if (shape < 1) return gamma(shape + 1, random) * Math.pow(1 - random(), 1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal(random);
    const v = Math.pow(1 + c * x, 3);
    if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
  }
}
