/** Things by what they have in common, in the order each first comes. */
export function groupBy<T, K>(things: readonly T[], by: (thing: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const key = by(thing);
    const group = groups.get(key);
    if (group) group.push(thing);
    else groups.set(key, [thing]);
  }
  return groups;
}
