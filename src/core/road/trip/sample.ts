import type { InstrumentNamed } from '../../log';
import { toSI } from '../../base';
import type { Place } from '../../rig';

/** What an instrument can read, with the bounds (SI) outside of which a figure is nonsense, and how far it can go from one figure to the next before it has to be seen again. */
export const CHANNELS = {
  pressure: { min: 0, max: toSI(150, 'psi'), jump: toSI(6, 'psi') },
  'tire-temp': { min: toSI(-60, '°F'), max: toSI(300, '°F'), jump: 15 },
  'hub-temp': { min: toSI(-60, '°F'), max: toSI(900, '°F'), jump: 20 },
  air: { min: toSI(-60, '°F'), max: toSI(135, '°F'), jump: 8 },
  'brake-amps': { min: 0, max: 60, jump: 60 },
  torque: { min: 0, max: toSI(800, 'lbf·ft'), jump: toSI(800, 'lbf·ft') },
  /** How far the trip has come (m). */
  distance: { min: 0, max: 1e8, jump: 5000 },
  /** m/s. */
  speed: { min: 0, max: 60, jump: 60 },
} as const satisfies Record<string, { readonly min: number; readonly max: number; readonly jump: number }>;

/** What an instrument reads. */
export type Channel = keyof typeof CHANNELS;

/** True for what an instrument can read. */
export function isChannel(text: string): text is Channel {
  return Object.hasOwn(CHANNELS, text);
}

/** One figure of an instrument, in SI, at a moment (ms). */
export interface Sample {
  readonly what: Channel;
  readonly place: Place | 'rig';
  readonly value: number;
  readonly at: number;
  readonly from: InstrumentNamed;
}

/** Where a device is, as it says: degrees, and how far off that may be (m); its own speed (m/s) where it measures one. */
export interface Fix {
  readonly at: number;
  readonly lat: number;
  readonly lon: number;
  readonly accuracy: number;
  readonly speed?: number | undefined;
}
