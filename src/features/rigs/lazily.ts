/** What a maker makes, made when it is first asked for. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

/** An object whose fields are worked out when they are first read: of three rigs a page mostly shows one. */
export function lazily<T extends object>(makers: { readonly [K in keyof T]: () => T[K] }): T {
  const fields = Object.entries(makers as Record<string, () => unknown>).map(
    ([key, make]) => [key, { enumerable: true, get: once(make) }] as const,
  );
  return Object.defineProperties({}, Object.fromEntries(fields)) as T;
}
