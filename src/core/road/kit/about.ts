import type { Instant } from '../../base';
import type { RigState } from '../../log';
import type { RigModel } from '../../rig';
import type { HouseRules, KitId } from '../../rules';

/** What is known where a kit is read. */
export interface KitAbout {
  readonly rig: Pick<RigState, 'kit' | 'parts' | 'read' | 'findings' | 'grease' | 'fits'>;
  readonly model: RigModel;
  readonly house: Pick<HouseRules, 'tireAge' | 'pressure'>;
  readonly now: Instant;
}

/** Parts with numbers of their own that serve on the road where they are carried aboard. */
export const KIT_PARTS = ['bearings', 'seal', 'cap', 'hub'] as const;
export type KitPart = (typeof KIT_PARTS)[number];

/** Anything that a repair on the road needs. */
export type Need = KitId | KitPart;

/** Whether something of the kit serves this rig, and by what: aboard and of use, aboard and of none, aboard and nobody can say, not aboard, or nobody has said. */
export interface KitReading {
  readonly item: Need;
  readonly state: 'serves' | 'fails' | 'unknown' | 'missing' | 'unsaid';
  /** What it was judged by; none where being there is enough. */
  readonly by?: KitBecause;
  /** What it has and what is needed (SI, or counts). */
  readonly have?: number;
  readonly need?: number;
}

/** What something of the kit was judged by. */
export type KitBecause =
  | 'reaches'
  | 'goes-not-under'
  | 'lifts-not-enough'
  | 'capacity'
  | 'capacity-low'
  | 'lift-not-measured'
  | 'weight-unknown'
  | 'capacity-not-told'
  | 'count'
  | 'count-low'
  | 'height'
  | 'height-low'
  | 'size'
  | 'size-differs'
  | 'size-unknown'
  | 'range'
  | 'below-range'
  | 'above-range'
  | 'range-unknown'
  | 'torque-unknown'
  | 'pressure'
  | 'pressure-low'
  | 'pressure-unknown'
  | 'load'
  | 'load-low'
  | 'load-unknown'
  | 'number-fits'
  | 'number-differs'
  | 'number-unknown'
  | 'grease-same'
  | 'grease-differs'
  | 'grease-unknown'
  | 'spare-sound'
  | 'no-spare'
  | 'spare-not-usable'
  | 'spare-below-mates'
  | 'spare-not-as-tall'
  | 'spare-aged'
  | 'spare-too-old'
  | 'spare-age-unknown'
  | 'spare-not-read'
  | 'spare-low';
