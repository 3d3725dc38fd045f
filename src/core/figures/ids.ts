/** The figures that can be worked out by themselves, in the order they are listed. */
export const FIGURE_IDS = [
  'balance',
  'tickets',
  'scale',
  'adapter',
  'clamp',
  'stud',
  'nut',
  'pressure',
  'leak',
  'inflation',
  'tire',
  'tread',
  'sizes',
  'magnets',
  'drum',
  'brakes',
  'wiring',
  'circle',
  'spacer',
  'jack',
  'grease',
  'mixing',
  'axle-place',
  'square',
  'spacing',
  'eye',
] as const;

/** A figure by its name. */
export type FigureId = (typeof FIGURE_IDS)[number];
