import { toSI } from '../quantity';

/** A difference of temperatures (K). */
const degrees = (fahrenheit: number) => toSI(fahrenheit, '°F') - toSI(0, '°F');
const inches = (value: number) => toSI(value, 'in');

/** Bonded lining at its end (m); riveted ones have less over the rivets, which is measured there (handbook 5). */
export const LINING_MINIMUM = inches(1 / 16);
/** Tread at its end, and where it is watched (m), the lowest of three (handbook 5). */
export const TREAD_LIMIT = inches(2 / 32);
export const TREAD_WATCHED = inches(4 / 32);
/** Wear that a drum may have beyond nominal where nothing is stamped (m, handbook 8.12). */
export const DRUM_WEAR = inches(0.09);
/** How far a magnet may be off its figure (share, handbook 5). */
export const MAGNET_OFF = 0.2;
/** A hub over its mate (K): watched, and due (handbook 5). */
export const OVER_MATE = { watched: degrees(25), due: degrees(40) } as const;
/** A hub by itself (K): due, and stop (handbook 5). */
export const HUB_HEAT = { due: toSI(170, '°F'), stop: toSI(210, '°F') } as const;
/** What a hand that stays on a hub rules out, and what one that cannot rules out (K, handbook 5). */
export const HAND_HEAT = { held: toSI(150, '°F'), tooHot: toSI(110, '°F') } as const;
/** A breakaway battery at rest (V): full, and low (handbook 5). */
export const VOLTS = { full: 12.4, low: 12 } as const;
/** A cold pressure by its share of the target (handbook 5). */
export const PRESSURE_SHARE = { stop: 0.75, due: 0.85, low: 0.95, high: 1.05 } as const;
/** What rolling adds to a pressure as a rule: so much is left where nobody measured it; and what is read under a mate (shares, handbook 5). */
export const WARM = { cold: 0.9, underMate: 0.9 } as const;
/** How far a pressure rises since the morning (share, handbook 5). */
export const WARM_RISE = { watched: 0.15, due: 0.2, stop: 0.25 } as const;
