/** What thickens a grease: two kinds mixed can thin both. */
export const THICKENERS = [
  'lithium-complex',
  'lithium-12-hydroxy',
  'calcium-sulfonate',
  'aluminium-complex',
  'polyurea',
  'clay',
] as const;

/** A grease by its thickener. */
export type Thickener = (typeof THICKENERS)[number];

/** What becomes of two greases in one hub: they may meet, better not, or never. */
export type Mixing = 'compatible' | 'borderline' | 'not';

type Pair = `${Thickener}+${Thickener}`;

/** Pairs that may meet at all (handbook 8.9, the usual chart of the trade); every other pair is not mixed. */
const MIXING: Readonly<Partial<Record<Pair, Mixing>>> = {
  'lithium-complex+lithium-12-hydroxy': 'compatible',
  'lithium-complex+calcium-sulfonate': 'compatible',
  'lithium-complex+aluminium-complex': 'compatible',
  'lithium-12-hydroxy+calcium-sulfonate': 'borderline',
  'calcium-sulfonate+aluminium-complex': 'borderline',
};

/** What becomes of two greases in one hub, by their thickeners, in whichever order; a kind goes with itself. */
export function mixing(a: Thickener, b: Thickener): Mixing {
  if (a === b) return 'compatible';
  return MIXING[`${a}+${b}`] ?? MIXING[`${b}+${a}`] ?? 'not';
}
