import { maxColdPressure, pressureForLoad, usualCapacity } from '../figures';
import { isSpare, isWheelEnd, type FactId, type RigModel, type Source, type Specified } from '../rig';
import {
  OVER_MAXIMUM,
  SNAP_IN_VALVE,
  type Basis,
  type HouseRules,
  type RoutinePlace,
  type School,
} from '../rules';

/** What a cold pressure is set to (Pa), by which school, and what that rests on. */
export interface PressureTarget {
  readonly value: number;
  readonly source: Source;
  /** The school that the figure follows: the placard's where what another school asks for is not known. */
  readonly by: School<'pressure'>;
  /** Facts that the owner's school asks for and nobody has told. */
  readonly missing?: readonly FactId[];
}

/** A little under the maximum: our figure for the school (share). */
const UNDER_MAXIMUM = 0.95;
/** What a tire carries beyond its measured load, in the school that goes by load: our figure (share). */
const LOAD_MARGIN = 1.15;

type Known = Pick<RigModel, 'tires' | 'wheels'>;

/** The figure of a school; undefined where what it asks for is not known. */
function ofSchool(school: School<'pressure'>, { tires }: Known): Specified<number> | undefined {
  const { pressure: placard, maxPressure: most } = tires ?? {};
  switch (school) {
    case 'placard':
      return placard;
    case 'sidewall':
      return most;
    case 'under-maximum':
      return most && { value: most.value * UNDER_MAXIMUM, source: most.source };
    case 'by-load': {
      const { load, size, loadRange } = tires ?? {};
      const carries = size && loadRange && usualCapacity(size.value, loadRange.value);
      const cold = most?.value ?? (loadRange && maxColdPressure(loadRange.value));
      if (!load || !carries || !cold) return undefined;
      const wanted = pressureForLoad(load.value * LOAD_MARGIN, carries, cold);
      // The placard was set for this trailer: a light load on the day of weighing does not lower it.
      return { value: Math.min(cold, Math.max(wanted, placard?.value ?? 0)), source: load.source };
    }
  }
}

const ASKED_FOR: Readonly<Record<School<'pressure'>, readonly FactId[]>> = {
  placard: ['pressure'],
  sidewall: ['maxPressure'],
  'under-maximum': ['maxPressure'],
  'by-load': ['tireLoad', 'tireSize', 'loadRange'],
};

/** The facts that a school of pressures asks for. */
export function pressureFacts(house: Pick<HouseRules, 'pressure'>): readonly FactId[] {
  return ASKED_FOR[house.pressure];
}

/** The facts that the chosen schools ask for, beside those that every rig is asked. */
export function schoolFacts(house: Pick<HouseRules, 'pressure' | 'threads'>): readonly FactId[] {
  return [
    ...(house.threads === 'anti-seize' ? (['lubricant', 'treatedTorque'] as const) : []),
    ...pressureFacts(house),
  ];
}

/** What a tire is set to cold (Pa) by the school that holds (handbook 6), the placard where that is not known; undefined where neither is. */
export function pressureTarget(
  model: Known,
  house: Pick<HouseRules, 'pressure'>,
): PressureTarget | undefined {
  const own = ofSchool(house.pressure, model);
  if (own) return { ...own, by: house.pressure };
  const placard = ofSchool('placard', model);
  return placard && { ...placard, by: 'placard', missing: pressureFacts(house) };
}

/** True for a pressure (Pa) that tire, wheel and valve are good for, as far as their maximum is known. */
export function mayBeSetTo(value: number, model: Known): boolean {
  const most = lowestMaximum(model);
  return most === undefined || overMaximum(value, most.value) === undefined;
}

/** The target at a place: only tires have one. */
export function targetAt(
  place: RoutinePlace,
  model: Known,
  house: Pick<HouseRules, 'pressure'>,
): PressureTarget | undefined {
  return isWheelEnd(place) || isSpare(place) ? pressureTarget(model, house) : undefined;
}

/** What a tire is filled to cold (Pa): its target, and never more than tire, wheel and valve are good for. */
export function fillTo(
  place: RoutinePlace,
  model: Known,
  house: Pick<HouseRules, 'pressure'>,
): number | undefined {
  const target = targetAt(place, model, house)?.value;
  const most = lowestMaximum(model)?.value;
  return target === undefined || most === undefined ? target : Math.min(target, most);
}

/** The lowest maximum of tire, wheel and valve (Pa), with whose it is; undefined where none of them is known. */
export function lowestMaximum({
  tires,
  wheels,
}: Known): { readonly value: number; readonly basis: Basis } | undefined {
  const known: { readonly value: number; readonly basis: Basis }[] = [
    ...(tires?.maxPressure ? [{ value: tires.maxPressure.value, basis: tires.maxPressure.source }] : []),
    ...(wheels.maxPressure ? [{ value: wheels.maxPressure.value, basis: wheels.maxPressure.source }] : []),
    ...(wheels.valve === 'snap-in' ? [{ value: SNAP_IN_VALVE, basis: 'house' as const }] : []),
  ];
  return known.sort((a, b) => a.value - b.value)[0];
}

/** How a pressure (Pa) stands to the lowest maximum: far over is let down first, a little over is due. */
export function overMaximum(value: number, most: number): 'due' | 'stop' | undefined {
  if (value > most * OVER_MAXIMUM.stop + 1) return 'stop';
  const over = value > most * OVER_MAXIMUM.due + 1 && value >= most + OVER_MAXIMUM.atLeast - 1;
  return over ? 'due' : undefined;
}
