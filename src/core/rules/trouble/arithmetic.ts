import { toSI } from '../../base';

const psi = (value: number) => toSI(value, 'psi');

/** What a tire that rolled lately would read cold, of what it reads warm. */
export const COLD_SHARE = 0.9;

/** How fast a tire loses air (Pa a minute) from two pressures (Pa) some minutes apart, a psi of doubt added; never less than a tenth of a psi. */
export function lossRate(first: number, second: number, minutes = 10): number {
  return Math.max(psi(0.1), (first - second + psi(1)) / minutes);
}

/** Minutes until a tire is a fifth below what it is set to (Pa), from what it reads now and what it loses a minute. */
export function minutesUntilLow(now: number, target: number, rate: number): number {
  return Math.max(0, (now - 0.8 * target) / rate);
}

/** What the good tire of a tandem side carries alone (kg): half of all that is on the axles. An unknown weight is the rating. */
export function survivorLoad(gvwr: number, weight: number | undefined, tongue: number | undefined): number {
  return ((weight ?? gvwr) - (weight === undefined ? 0 : (tongue ?? 0))) / 2;
}

/** Nuts that have to be left on a wheel of so many studs for it to roll at all. */
const LEAST_LEFT: Readonly<Record<number, number>> = { 4: 4, 5: 4, 6: 5, 8: 6 };

/** A wheel that nuts could be borrowed from: its studs, and whether its nuts held. */
export interface Donor {
  readonly place: string;
  readonly studs: number;
  readonly held: boolean;
}

/** Whether a wheel keeps enough nuts with so many gone. */
export function keepsEnough(studs: number, gone: number): boolean {
  return studs - gone >= (LEAST_LEFT[studs] ?? studs);
}

/** The wheels that can give one nut each, those of most studs first: whose nuts held, and which keep enough without it. */
export function donorsFor(wanted: number, wheels: readonly Donor[]): readonly Donor[] {
  return wheels
    .filter(({ studs, held }) => held && studs >= 6 && keepsEnough(studs, 1))
    .sort((a, b) => b.studs - a.studs)
    .slice(0, wanted);
}

/** Minutes until something hot can be touched, with the band that two readings allow. */
export interface Cooling {
  readonly likely: number;
  readonly early: number;
  readonly late: number;
}

/** Below this (K) a hand stays on a hub for five seconds: 120 °F. */
const TOUCH = toSI(120, '°F');
/** How well a thermometer is read on a hub (K): 5 °F. */
const READ = toSI(5, '°F') - toSI(0, '°F');

/** How long a hub takes to be touched, by two temperatures (K) some minutes apart in air of another: it nears the air exponentially; undefined where it does not cool. */
export function coolingTime(
  first: number,
  second: number,
  minutes: number,
  air: number,
): Cooling | undefined {
  const by = (then: number, now: number): number => {
    if (now <= TOUCH) return 0;
    if (then <= now || now <= air || TOUCH <= air) return Infinity;
    const rate = Math.log((then - air) / (now - air)) / minutes;
    return Math.log((now - air) / (TOUCH - air)) / rate;
  };
  const likely = by(first, second);
  if (!Number.isFinite(likely)) return undefined;
  return { likely, early: by(first + READ, second - READ), late: by(first - READ, second + READ) };
}
