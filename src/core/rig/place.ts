import { GEAR_IDS, gearOf, type GearId } from './gear';
import type { RigModel } from './model';

/** L or R, seen facing forward. */
export type Side = 'L' | 'R';

/** A wheel end: axle number from the front, then side. */
export type WheelEnd = `${1 | 2 | 3}${Side}`;

/** Where a spare is carried. */
export type Spare = 'S1' | 'S2';

/** Where a tire can sit. */
export type TirePlace = WheelEnd | Spare;

/** Any place of a rig that has a name of its own. */
export type Place = TirePlace | GearId;

const ALL: readonly WheelEnd[] = ['1L', '1R', '2L', '2R', '3L', '3R'];
const SPARES: readonly Spare[] = ['S1', 'S2'];

/** True for the code of a wheel end. */
export function isWheelEnd(text: string): text is WheelEnd {
  return (ALL as readonly string[]).includes(text);
}

/** True for the code of a spare. */
export function isSpare(text: string): text is Spare {
  return (SPARES as readonly string[]).includes(text);
}

const GEAR: ReadonlySet<string> = new Set(GEAR_IDS);

/** True for a piece of gear. */
export function isGear(text: string): text is GearId {
  return GEAR.has(text);
}

/** The wheel ends of a rig, from the front, left before right. */
export function wheelEnds(model: Pick<RigModel, 'axles'>): readonly WheelEnd[] {
  return ALL.slice(0, model.axles.length * 2);
}

/** The spares a rig carries. */
export function sparesOf(model: Pick<RigModel, 'spares'>): readonly Spare[] {
  return SPARES.slice(0, model.spares);
}

/** Every place of a rig: wheel ends, spares, gear. */
export function placesOf(model: RigModel): readonly Place[] {
  return [...wheelEnds(model), ...sparesOf(model), ...gearOf(model).map((gear) => gear.id)];
}

/** The axle of a wheel end, counted from zero at the front. */
export function axleOf(place: WheelEnd): 0 | 1 | 2 {
  return (Number(place[0]) - 1) as 0 | 1 | 2;
}

/** The side of a wheel end. */
export function sideOf(place: WheelEnd): Side {
  return place[1] as Side;
}

/** The wheel end across the axle, and the others on the same side of this rig. */
export function matesOf(
  place: WheelEnd,
  model: Pick<RigModel, 'axles'>,
): { readonly across: WheelEnd; readonly sameSide: readonly WheelEnd[] } {
  const side = sideOf(place);
  const across = `${place[0]}${side === 'L' ? 'R' : 'L'}` as WheelEnd;
  return { across, sameSide: wheelEnds(model).filter((end) => sideOf(end) === side && end !== place) };
}
