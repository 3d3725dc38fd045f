import type { CapKind } from './kinds';
import type { Axle, RigModel } from './model';

/** True where the hub is opened and packed by its owner; oil-bath and sealed hubs are not, an unknown one may be. */
export function hubOpens(axle: Pick<Axle, 'hub'>): boolean {
  return axle.hub !== 'oil-bath' && axle.hub !== 'sealed';
}

/** True where grease goes in without opening the hub. */
export function hubTakesFitting(axle: Pick<Axle, 'hub'>): boolean {
  return axle.hub === 'drilled' || axle.hub === 'pressure-cap';
}

/** What closes a hub at the front: as it is told, else as such a hub has it by rule; nothing where that tells neither. */
export function capOf({ cap, hub }: Pick<Axle, 'hub' | 'cap'>): CapKind | undefined {
  if (cap) return cap;
  if (hub === 'drilled') return 'plug';
  if (hub === 'pressure-cap') return 'pressure';
  return hub === 'oil-bath' ? 'window' : undefined;
}

/** True where a drilled spindle is greased through a plug in its cap; under any other cap its fitting is reached with the cap off. */
export function hasCapPlug(axle: Pick<Axle, 'hub' | 'cap'>): boolean {
  return axle.hub === 'drilled' && capOf(axle) === 'plug';
}

/** True where the cap has to come off to reach the fitting. */
export function greasedUnderCap(axle: Pick<Axle, 'hub' | 'cap'>): boolean {
  return axle.hub === 'drilled' && capOf(axle) !== 'plug';
}

/** True where the wheel ends of this axle are known to have brakes. */
export function hasBrake(axle: Pick<Axle, 'brake'>): boolean {
  return axle.brake !== undefined && axle.brake !== 'none';
}

/** True where the brakes of this axle are drums with shoes. */
export function hasDrum(axle: Pick<Axle, 'brake'>): boolean {
  return axle.brake === 'electric' || axle.brake === 'hydraulic-drum';
}

/** True where the brakes of this axle work by fluid. */
export function hasHydraulics(axle: Pick<Axle, 'brake'>): boolean {
  return axle.brake === 'hydraulic-drum' || axle.brake === 'hydraulic-disc';
}

/** True where leaf springs of several axles may hang on an equalizer: nobody said that they do not. */
export function mayRock({ axles }: Pick<RigModel, 'axles'>): boolean {
  return axles.length > 1 && axles.some((one) => one.suspension === 'leaf' && one.equalizer !== false);
}
