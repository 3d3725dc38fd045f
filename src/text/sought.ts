/** Those of `ids` whose text holds every word that is sought, in any order and case; all of them for none. */
export function sought<T>(ids: readonly T[], words: string, textOf: (id: T) => string): readonly T[] {
  const parts = words.toLowerCase().split(/\s+/).filter(Boolean);
  return ids.filter((id) => {
    const text = textOf(id).toLowerCase();
    return parts.every((part) => text.includes(part));
  });
}
