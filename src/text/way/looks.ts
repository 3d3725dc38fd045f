import { fromSI, unitFor, type UnitSystem } from '@/core/base';
import type { FindingState } from '@/core/log';
import type { ComingLook, LookCause } from '@/core/road';
import { findingWords } from '../finding';
import { placeName } from '../gear';
import { list, measure, small } from '../measure';

const AT: Readonly<Record<LookCause, (places: string, about: string | undefined) => string>> = {
  recheck: (places) => `Lug torque: ${places}`,
  torque: (places) => `Torque to the figure: ${places}`,
  limit: (places, about) => `Check ${places}: ${about ?? 'as it was left'}`,
  'limit-ends': (places, about) => `No farther with ${places}${about ? `: ${about}` : ''}`,
  'warm-hub': (places) => `Feel the hub again: ${places}`,
  'first-stop': () => 'First stop: feel every hub',
  'every-stop': () => 'Next stop: hubs, tires, straps',
  ramp: () => 'At the ramp: feel the hubs before they go in',
};

/** What a look is: `Lug torque: 1L`. */
export function lookTitle(look: ComingLook, finding: FindingState | undefined, system: UnitSystem): string {
  const about = finding && small(findingWords(finding, system));
  return AT[look.cause](list(look.places.map(placeName)), about);
}

const WHY: Readonly<Record<LookCause, string>> = {
  recheck: 'The wheel was off: checked again at the miles your house rules set',
  torque: 'Nuts that were not brought to their figure, or sit behind the wheel',
  limit: 'It is towed on with this: checked at the miles its limit sets',
  'limit-ends': 'The limit ends there: after that it stays until it is put right',
  'warm-hub': 'It was warm at the last stop: felt again after {5 mi}',
  'first-stop': 'Trade default: the first stop at {10 to 25 mi}',
  'every-stop': 'Trade default: every {100 mi} or 2 hours, whichever is first',
  ramp: 'Hot hubs draw water in as they cool',
};

/** Why a look is asked for, and where that comes from; its figures in braces, for `inUnits`. */
export function lookWhy({ cause, places }: ComingLook): string {
  const lately = cause === 'first-stop' && !places.includes('rig');
  return lately
    ? `${list(places.map(placeName))} worked on in the last {500 mi}: trade default, the first stop at {10 mi}`
    : WHY[cause];
}

/** Miles to go as a road sign has them: a number and its unit; undefined where it is now. */
export function signOf(
  left: number,
  system: UnitSystem,
): { readonly number: string; readonly unit: string } | undefined {
  const unit = unitFor('distance', system);
  const far = fromSI(left, unit);
  if (far < 0.25) return undefined;
  return { number: far < 10 ? (Math.round(far * 2) / 2).toString() : String(Math.floor(far)), unit };
}

/** Time to go, in minutes and hours: `35 min`, `1 h 10 min`. */
export function waitWords(ms: number): string {
  const minutes = Math.max(0, Math.ceil(ms / 60_000));
  if (minutes < 60) return `${minutes} min`;
  return `${Math.floor(minutes / 60)} h${minutes % 60 > 0 ? ` ${minutes % 60} min` : ''}`;
}

/** How far a look is, in a line: `in 12 mi`, `now`. */
export function awayWords({ left }: ComingLook, system: UnitSystem): string {
  if (left === undefined) return 'when you get there';
  return signOf(left, system) ? `in ${measure(left, 'distance', system, left < 16_000 ? 1 : 0)}` : 'now';
}
