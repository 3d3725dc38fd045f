import type { RigModel, WheelEnd } from '../../rig';

/** One corner as it stands while a card is played. */
export interface Corner {
  lifted: boolean;
  stand: boolean;
  lugs: 'torqued' | 'loose' | 'off' | 'hung' | 'started' | 'snug';
  round: number;
  felt: boolean;
  cap: boolean;
  lock: boolean;
  holeMarked: boolean;
  nut: boolean;
  nutSet: boolean;
  outer: boolean;
  hub: boolean;
  seal: boolean;
  sealRead: boolean;
  inner: boolean;
  shoesBack: boolean;
  caliper: boolean;
  clean: boolean;
  bearingsSeen: boolean;
  spindleSeen: boolean;
  brakeSeen: boolean;
  renewed: boolean;
  packed: boolean;
  smeared: boolean;
  setChecked: boolean;
  spun: boolean;
  brake: 'as-it-was' | 'disturbed' | 'adjusted' | 'tested';
  wasOff: boolean;
  rechecks: boolean;
}

/** A corner that nobody has touched. */
export const WHOLE: Corner = {
  lifted: false,
  stand: false,
  lugs: 'torqued',
  round: 0,
  felt: false,
  cap: true,
  lock: true,
  holeMarked: false,
  nut: true,
  nutSet: true,
  outer: true,
  hub: true,
  seal: true,
  sealRead: false,
  inner: true,
  shoesBack: false,
  caliper: true,
  clean: false,
  bearingsSeen: false,
  spindleSeen: false,
  brakeSeen: false,
  renewed: false,
  packed: false,
  smeared: false,
  setChecked: false,
  spun: false,
  brake: 'as-it-was',
  wasOff: false,
  rechecks: false,
};

/** The whole rig while a card is played. */
export interface Scene {
  braked: boolean;
  chocked: Set<string>;
  cleared: boolean;
  corners: Map<WheelEnd, Corner>;
  /** The last round in the air, by corner. */
  readonly lastInAir: ReadonlyMap<WheelEnd, number>;
  readonly model: RigModel;
}

/** What must hold before a step; by which rule of the safe order; why. */
export type Demand = readonly [holds: boolean, rule: number, why: string];
