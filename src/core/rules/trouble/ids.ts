/** Every trouble by its name. */
export const TROUBLE_IDS = [
  'nail',
  'soft',
  'flat',
  'carcass',
  'tire-hot',
  'hot',
  'leaning',
  'cap',
  'oil-bath',
  'grease',
  'studs',
  'dragging',
  'dead',
  'fade',
  'lights',
  'strap',
  'coupler',
  'breakaway',
  'spring',
  'sway',
  'shifted',
  'lost',
  'stuck',
  'ramp',
  'smoke',
  'wire',
  'struck',
  'noise',
] as const;

/** A trouble by its name. */
export type TroubleId = (typeof TROUBLE_IDS)[number];
