/** One measured figure beside its budget; both in the same unit. */
export interface Row {
  readonly what: string;
  readonly measured: number;
  readonly unit: string;
  /** None where the figure is for comparison only. */
  readonly budget?: number;
  readonly decimals?: number;
}

/** The rows as a table; a row over its budget says so. */
export function table(rows: readonly Row[]): string {
  const lines = rows.map(({ what, measured, unit, budget, decimals = 1 }) => [
    what,
    `${measured.toFixed(decimals)} ${unit}`,
    budget === undefined ? '' : `${budget} ${unit}`,
    budget === undefined ? '' : measured <= budget ? 'within' : 'OVER',
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

/** The median time of some runs (ms), after a few that warm up. */
export function median(runs: number, work: () => void, warm = 3): number {
  for (let i = 0; i < warm; i++) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? 0;
}
