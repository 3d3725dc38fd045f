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
