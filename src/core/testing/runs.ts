/** Everything is tried: `npm run bench -- properties`. */
export const FULL = process.env['PROPERTIES'] === 'full';

/**
 * How often a property is tried (of `full`): a tenth of it with every change, all of it where
 * PROPERTIES is `full`, as `npm run bench -- properties` has it.
 */
export function runs(full: number): number {
  return FULL ? full : Math.ceil(full / 10);
}

/** Which of a list a costly look is taken at: every fifth with every change, all of it where `runs` are full. */
export function some<T>(all: readonly T[]): readonly T[] {
  return FULL ? all : all.filter((_, i) => i % 5 === 0);
}
