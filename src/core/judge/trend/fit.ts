import { middle } from '../../base';
/** A straight line through some points, with how sure it is. */
export interface Line {
  /** Change of y with one of x, and its standard error. */
  readonly slope: number;
  readonly error: number;
  /** The line's y at an x. */
  readonly at: (x: number) => number;
  readonly spread: number;
  readonly count: number;
}

interface Dot {
  readonly x: number;
  readonly y: number;
  /** How far a reading of its kind is off by itself, against the others: 1 is as usual. */
  readonly doubt?: number;
}

/** A prior weighs as much as so many readings. */
const PRIOR_WEIGHT = 4;

/**
 * The one slope of several runs of points, each with a level of its own, by weighted least squares.
 * `noise` is how far a reading of its kind is off as a rule (in y): few points that happen to lie on
 * a line are not taken for sure. Undefined where no run has two points apart in x.
 */
export function fitRuns(runs: readonly (readonly Dot[])[], noise: number): Line | undefined {
  let sxx = 0;
  let sxy = 0;
  let count = 0;
  const centers = runs.map((run) => {
    const weights = run.map(({ doubt = 1 }) => 1 / (doubt * doubt));
    const total = weights.reduce((sum, w) => sum + w, 0);
    const mean = (of: (dot: Dot) => number) =>
      run.reduce((sum, dot, i) => sum + (weights[i] ?? 0) * of(dot), 0) / total;
    const x = mean((dot) => dot.x);
    const y = mean((dot) => dot.y);
    run.forEach((dot, i) => {
      const w = weights[i] ?? 0;
      sxx += w * (dot.x - x) ** 2;
      sxy += w * (dot.x - x) * (dot.y - y);
      count += 1;
    });
    return { x, y };
  });
  if (sxx <= 0) return undefined;
  const slope = sxy / sxx;
  let rest = 0;
  runs.forEach((run, r) => {
    const center = centers[r] ?? { x: 0, y: 0 };
    for (const { x, y, doubt = 1 } of run) rest += ((y - center.y - slope * (x - center.x)) / doubt) ** 2;
  });
  const free = Math.max(0, count - runs.length - 1);
  const spread = Math.sqrt((PRIOR_WEIGHT * noise * noise + rest) / (PRIOR_WEIGHT + free));
  const last = centers[centers.length - 1] ?? { x: 0, y: 0 };
  return {
    slope,
    error: spread / Math.sqrt(sxx),
    at: (x) => last.y + slope * (x - last.x),
    spread,
    count,
  };
}

/** How far values lie from their middle as a rule, unmoved by a few wild ones: as large as a standard deviation where they are normal. */
export function scatter(values: readonly number[]): number {
  const center = middle(values) ?? 0;
  return 1.4826 * (middle(values.map((value) => Math.abs(value - center))) ?? 0);
}
