import { toSI } from '../base';

/** A difference of temperatures (K). */
const degrees = (fahrenheit: number) => toSI(fahrenheit, '°F') - toSI(0, '°F');
const inches = (value: number) => toSI(value, 'in');

/** A millimeter figure rounded to a limit in inches is at the limit (m). */
export const ROUNDED = 0.04e-3;
/** Lining at its end (m): a bonded one by itself, a riveted one over its rivets (handbook 5). */
export const LINING_MINIMUM = { bonded: inches(1 / 16), riveted: inches(1 / 32) } as const;
/** Lining of a disc pad, by itself (m): watched up to, due at, stop at; and how far inner and outer may be apart (handbook 5). */
export const PAD = {
  watched: inches(3 / 16),
  due: inches(1 / 8),
  stop: inches(1 / 16),
  apart: inches(1 / 8),
} as const;
/** Tread at its end, and where it is watched (m), the lowest of three (handbook 5). */
export const TREAD_LIMIT = inches(2 / 32);
export const TREAD_WATCHED = inches(4 / 32);
/** How far a magnet may be off its figure (share, handbook 5). */
export const MAGNET_OFF = 0.2;
/** A hub over its mate (K): watched, and due (handbook 5). */
export const OVER_MATE = { watched: degrees(25), due: degrees(40) } as const;
/** A hub over the air around it (K): watched, and due (handbook 5). */
export const OVER_AIR = { watched: degrees(80), due: degrees(100) } as const;
/** A hub by itself (K): due, and stop (handbook 5). */
export const HUB_HEAT = { due: toSI(170, '°F'), stop: toSI(210, '°F') } as const;
/** What a hand that stays on a hub for five seconds rules out, and what one that cannot touch it rules out (K, handbook 5). */
export const HAND_HEAT = { held: toSI(140, '°F'), tooHot: toSI(120, '°F') } as const;
/** A lead-acid breakaway battery (V): at rest over `charged` something charges it, from `full` it is, under `low` it is due, under `dead` it may not hold the brakes; `loaded` with the pin out (handbook 5). */
export const VOLTS = { charged: 13.2, full: 12.6, low: 12.4, dead: 12, loaded: 10.5 } as const;
/** A cold pressure by its share of the target; `rolled` is stop on a tire that was driven so (handbook 5). */
export const PRESSURE_SHARE = {
  stop: 0.75,
  rolled: 0.8,
  due: 0.85,
  low: 0.95,
  high: 1.05,
  over: 1.25,
} as const;
/** A pressure over the lowest maximum of tire, wheel and valve: due from so much over (share, and Pa at least), stop from that share (handbook 5). */
export const OVER_MAXIMUM = { due: 1.03, atLeast: toSI(2, 'psi'), stop: 1.25 } as const;
/** The most that a plain rubber snap-in valve is good for (Pa, handbook 5). */
export const SNAP_IN_VALVE = toSI(65, 'psi');
/** A magnet under this is shorted (Ω, handbook 5). */
export const MAGNET_SHORT = 1;
/** End play by dial beyond which a hub is not towed (m, handbook 5). */
export const PLAY_STOP = inches(0.02);
/** How far the two diagonals of an axle may differ (m, handbook 4.8). */
export const OUT_OF_SQUARE = inches(1 / 8);
/** What rolling adds to a pressure as a rule: so much is left where nobody measured it; and what is read under a mate (shares, handbook 5). */
export const WARM = { cold: 0.9, underMate: 0.9 } as const;
/** How far a pressure rises since the morning (share, handbook 5). */
export const WARM_RISE = { watched: 0.15, due: 0.2, stop: 0.25 } as const;
/** From so far on (m) a trip is long enough that the kit is looked at before it: our figure. */
export const LONG_TRIP = toSI(100, 'mi');
