import type { PartKind } from '../rig';
import type { RigState } from './state';

/** A number as it is compared: letters large, without spaces. */
export const plainNumber = (number: string): string => number.replace(/\s/g, '').toUpperCase();

/** A number and all that fit in its place, as its owner says and nobody guesses: in both directions, and through one another. */
export function fitting(
  { fits }: Pick<RigState, 'fits'>,
  kind: PartKind,
  fact: string,
  number: string,
): ReadonlySet<string> {
  const pairs = fits
    .filter((one) => one.kind === kind && one.fact === fact && one.source !== 'guess')
    .map((one) => [plainNumber(one.number), plainNumber(one.also)] as const);
  const found = new Set([plainNumber(number)]);
  for (let before = 0; before !== found.size;) {
    before = found.size;
    for (const [a, b] of pairs) {
      if (found.has(a)) found.add(b);
      if (found.has(b)) found.add(a);
    }
  }
  return found;
}
