/** The middle of some values; undefined of none. */
export function middle(values: readonly number[]): number | undefined {
  if (values.length === 0) return undefined;
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half] : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2;
}
