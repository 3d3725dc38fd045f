/** One measured figure beside its budget; both in the same unit. */
export interface Row {
  readonly what: string;
  readonly measured: number;
  readonly unit: string;
  /** None where the figure is for comparison only. */
  readonly budget?: number;
  /** True where the budget is the least that is wanted. */
  readonly atLeast?: boolean;
  readonly decimals?: number;
}

/** A part of the benchmarks: run by its name. */
export interface Part {
  /** What it measures, in a line. */
  readonly says: string;
  readonly measure: () => Promise<readonly Row[]> | readonly Row[];
}

/** The rows as a table; a row over its budget says so. */
export function table(rows: readonly Row[]): string {
  const lines = rows.map(({ what, measured, unit, budget, atLeast, decimals = 1 }) => [
    what,
    `${measured.toFixed(decimals)} ${unit}`,
    budget === undefined ? '' : `${atLeast ? '≥ ' : ''}${budget} ${unit}`,
    budget === undefined ? '' : (atLeast ? measured >= budget : measured <= budget) ? 'within' : 'OVER',
  ]);
  const all = [['what', 'measured', 'budget', ''], ...lines];
  const widths = [0, 1, 2, 3].map((i) => Math.max(...all.map((line) => (line[i] ?? '').length)));
  const rule = widths.map((width) => '-'.repeat(width)).join('  ');
  const text = all.map((line) =>
    line
      .map((cell, i) => cell.padEnd(widths[i] ?? 0))
      .join('  ')
      .trimEnd(),
  );
  return [text[0], rule, ...text.slice(1)].join('\n');
}

const took = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** The middle of some figures. */
export function middle(figures: readonly number[]): number {
  return [...figures].sort((a, b) => a - b)[Math.floor(figures.length / 2)] ?? 0;
}

/** The median time of some runs (ms), after a few that warm up. */
export function median(runs: number, work: () => void, warm = 3): number {
  for (let i = 0; i < warm; i++) work();
  return middle(Array.from({ length: runs }, () => took(work)));
}

/** The median time of some runs (ms) of work that is waited for, after one that warms up. */
export async function medianAwaited(runs: number, work: () => Promise<unknown>): Promise<number> {
  await work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  return middle(times);
}

/** The best times (ms) of two works taken in turns, so that what else the machine does falls on both. */
export function bestInTurns(runs: number, one: () => void, other: () => void): readonly [number, number] {
  const best: [number, number] = [Infinity, Infinity];
  for (let i = 0; i < runs; i++)
    best.splice(0, 2, Math.min(best[0], took(one)), Math.min(best[1], took(other)));
  return best;
}

/** A loop that is always the same: how fast this machine is in this very run. Runs in Node and in a page, so it stands alone. */
export function referenceLoop(): number {
  const start = performance.now();
  let x = 1;
  for (let i = 0; i < 20_000_000; i++) x = (x * 1_103_515_245 + 12_345) & 0x7fffffff;
  return x === -1 ? 0 : performance.now() - start;
}
