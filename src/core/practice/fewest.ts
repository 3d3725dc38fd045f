/**
 * The fewest tests that are to be expected until nothing can be told apart any more: `weights` is how often each cause is
 * met, `tells` what each test says of each cause. Every order of tests is gone through, so that none is better.
 */
export function fewestTests(weights: readonly number[], tells: readonly (readonly string[])[]): number {
  // Causes that no test parts are one; a test that parts nothing, or just what another does, is none.
  const classes = new Map<string, { readonly one: number; weight: number }>();
  for (const [i, weight] of weights.entries()) {
    const says = tells.map((results) => results[i]).join();
    const known = classes.get(says);
    if (known) known.weight += weight;
    else classes.set(says, { one: i, weight });
  }
  const causes = [...classes.values()];
  const tests = new Map<string, readonly (readonly number[])[]>();
  for (const results of tells) {
    const parts = partedBy(causes.map(({ one }) => results[one] ?? ''));
    if (parts.length > 1) tests.set(parts.map((part) => part.join()).join(' '), parts);
  }
  const known = new Map<bigint, number>();
  const masks = [...tests.values()].map((parts) => parts.map(maskOf));
  const weigh = (of: bigint) =>
    causes.reduce((sum, { weight }, i) => ((of >> BigInt(i)) & 1n ? sum + weight : sum), 0);
  const best = (left: bigint): number => {
    const had = known.get(left);
    if (had !== undefined) return had;
    const total = weigh(left);
    let least = 0;
    for (const parts of masks) {
      const here = parts.map((part) => part & left).filter((part) => part !== 0n);
      if (here.length < 2) continue;
      const cost = here.reduce((sum, part) => sum + (weigh(part) / total) * best(part), 1);
      if (least === 0 || cost < least) least = cost;
    }
    known.set(left, least);
    return least;
  };
  return best(maskOf(causes.map((_, i) => i)));
}

/** Causes by what a test says of them, each part a list of their numbers. */
function partedBy(says: readonly string[]): readonly (readonly number[])[] {
  const parts = new Map<string, number[]>();
  for (const [i, said] of says.entries()) parts.set(said, [...(parts.get(said) ?? []), i]);
  return [...parts.values()];
}

/** Causes as the bits of one number. */
const maskOf = (causes: readonly number[]): bigint =>
  causes.reduce((mask, i) => mask | (1n << BigInt(i)), 0n);
