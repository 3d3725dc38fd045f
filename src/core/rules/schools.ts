import { toSI } from '../quantity';
import type { TorqueSchool } from '../figures';
import type { Source } from '../rig';

/** What a rule rests on: a source the owner gave, or the house default. */
export type Basis = Source | 'house';

/** How the spindle nut is set; the first is the default. */
export const NUT_SCHOOLS = ['finger-tight', 'quarter-turn', 'next-slot', 'light-drag'] as const;
export type NutSchool = (typeof NUT_SCHOOLS)[number];

/** When lug torque is rechecked after a refit; the first is the default. */
export const RECHECK_SCHOOLS = ['10-25-50', 'once-50', '50-100'] as const;
export type RecheckSchool = (typeof RECHECK_SCHOOLS)[number];

const miles = (...values: number[]) => values.map((value) => toSI(value, 'mi'));

/** Cumulative distances (m) from the refit at which each school looks again. */
export const RECHECK_LIMITS: Record<RecheckSchool, readonly number[]> = {
  '10-25-50': miles(10, 25, 50),
  'once-50': miles(50),
  '50-100': miles(50, 100),
};

/** The schools an owner has chosen. */
export interface HouseRules {
  readonly nut: NutSchool;
  readonly torque: TorqueSchool;
  readonly recheck: RecheckSchool;
}

/** The schools that are shipped. */
export const HOUSE_DEFAULT: HouseRules = {
  nut: 'finger-tight',
  torque: 'air-then-ground',
  recheck: '10-25-50',
};
