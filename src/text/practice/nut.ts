import { spinGrade, type HubOutcome } from '@/core/practice';
import type { UnitSystem } from '@/core/base';
import type { NutSchool } from '@/core/rules';
import { measure } from '../measure';

export const SCHOOL_NAMES: Record<NutSchool, string> = {
  'finger-tight': 'Seat, release, finger-tight, first slot',
  'quarter-turn': 'Seat, back a quarter turn',
  'next-slot': 'Seat, back to the next slot',
  'light-drag': 'By light drag',
};

const FELT: Record<HubOutcome['rock'], string> = {
  none: 'No rock felt',
  'just-felt': 'Rock just felt',
  felt: 'Rock plainly felt',
  clunks: 'It clunks',
};

/** What the hands feel of a rocked wheel. */
export const rockWords = (rock: HubOutcome['rock']): string => FELT[rock];

/** How it spins. */
export const spinWords = (spin: ReturnType<typeof spinGrade>, seconds: string): string =>
  spin === 'free' ? `Spins free, ${seconds} s` : `Held back, ${seconds} s`;

/** What the fingers feel of the nut itself. */
export function feelWords(torque: number): string {
  if (torque <= 0) return 'Loose: nothing holds it';
  if (torque < 1.2) return 'Just touching';
  if (torque < 2) return 'Finger-tight';
  return torque < 25 ? 'Tight: a wrench turns it' : 'Hard against the bearings';
}

/** How the work went, where the way mattered more than the figure. */
export function nutVerdict(outcome: HubOutcome): string {
  if (!outcome.seated)
    return 'The rollers were never seated: it was not turned while the nut was tight. What was hidden came out as play in the first miles.';
  if (outcome.spin === 'tight') return 'It is too tight: the bearings carry each other’s load and heat up.';
  return 'Seated while turning, so nothing came out later.';
}

/** A length as a dial tells it: `0.004 in`, `0.10 mm`. */
export function thousandths(length: number, system: UnitSystem): string {
  return measure(length, 'length', system, system === 'us' ? 3 : 2);
}

/** Heat over a mate: `12 °F`. */
export function warmer(kelvin: number, system: UnitSystem): string {
  return system === 'us' ? `${Math.round(kelvin * 1.8)} °F` : `${Math.round(kelvin)} °C`;
}
