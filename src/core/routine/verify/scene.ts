import type { RigModel, WheelEnd } from '../../rig';
import type { ThreadState } from '../../rules';

/** One corner as it stands while a card is played. */
export interface Corner {
  lifted: boolean;
  stand: boolean;
  /** Looked at again after another corner of its side was raised. */
  standSure: boolean;
  lugs: 'torqued' | 'hard' | 'loose' | 'off' | 'hung' | 'started' | 'snug';
  round: number;
  /** How its stud threads stand; none where nobody knows. */
  threads: ThreadState | undefined;
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
  /** Looked at: before it is destroyed, or where it stays. */
  sealSeen: boolean;
  inner: boolean;
  shoesBack: boolean;
  caliper: boolean;
  clean: boolean;
  /** The numbers of a hub that is thrown away are read. */
  oldRead: boolean;
  bearingsSeen: boolean;
  spindleSeen: boolean;
  brakeSeen: boolean;
  renewed: boolean;
  races: boolean;
  packed: boolean;
  smeared: boolean;
  setChecked: boolean;
  spun: boolean;
  /** The nuts of its adapter were gone round since the wheel came off. */
  adapter: boolean;
  /** The tire that goes on is at its pressure. */
  filled: boolean;
  /** The grease plug of the cap. */
  plug: boolean;
  wiped: boolean;
  pumped: boolean;
  backSeen: boolean;
  pads: boolean;
  plate: boolean;
  shoes: boolean;
  magnet: boolean;
  wires: boolean;
  handChecked: boolean;
  flangeSeen: boolean;
  faceClean: boolean;
  brake: 'as-it-was' | 'disturbed' | 'adjusted' | 'tested';
  wasOff: boolean;
  wasUp: boolean;
  hubWasOff: boolean;
  rechecks: boolean;
}

/** A corner that nobody has touched. */
export const WHOLE: Corner = {
  lifted: false,
  stand: false,
  standSure: true,
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
  sealSeen: false,
  inner: true,
  shoesBack: false,
  caliper: true,
  clean: false,
  oldRead: false,
  bearingsSeen: false,
  spindleSeen: false,
  brakeSeen: false,
  renewed: false,
  races: true,
  packed: false,
  smeared: false,
  setChecked: false,
  spun: false,
  adapter: false,
  filled: true,
  plug: true,
  wiped: false,
  pumped: false,
  backSeen: false,
  pads: true,
  plate: true,
  shoes: true,
  magnet: true,
  wires: true,
  handChecked: false,
  flangeSeen: false,
  faceClean: true,
  brake: 'as-it-was',
  threads: undefined,
  wasOff: false,
  wasUp: false,
  hubWasOff: false,
  rechecks: false,
};

/** A bare spindle with a new hub beside it: there is nothing to strip, clean or read. */
export const BARE: Corner = {
  ...WHOLE,
  cap: false,
  lock: false,
  nut: false,
  nutSet: false,
  outer: false,
  hub: false,
  inner: false,
  seal: false,
  sealSeen: true,
  clean: true,
  bearingsSeen: true,
  brakeSeen: true,
  renewed: true,
  faceClean: false,
};

/** The joints of one side of the suspension. */
export interface SideState {
  apart: boolean;
  bushOut: boolean;
  eyeSeen: boolean;
  hangersSeen: boolean;
  equalizer: boolean;
  spring: boolean;
}

/** The whole rig while a card is played. */
export interface Scene {
  braked: boolean;
  chocked: Set<string>;
  cleared: boolean;
  corners: Map<WheelEnd, Corner>;
  /** The frame stands on four stands. */
  framed: boolean;
  axlesHeld: boolean;
  sides: Record<'L' | 'R', SideState>;
  jointsTight: boolean;
  axle: 'as-it-was' | 'off' | 'seated' | 'square' | 'tight';
  /** Wires and brake lines of the axle that is set are joined. */
  axleWires: boolean;
  axleLines: boolean;
  /** The wheel ends of the axle that is set. */
  readonly setAxle: readonly WheelEnd[];
  /** Wheels that are changed on the verge, by the school that torques them later. */
  readonly onVerge: readonly WheelEnd[];
  /** Wheel ends that get another hub: the old one goes aside whole. */
  readonly newHubs: readonly WheelEnd[];
  /** Rounds of the star in the air by the owner's school. */
  readonly airRounds: number;
  /** Spares that this rig has. */
  readonly spares: number;
  /** Where the fixings were looked at. */
  readonly fixings: Set<string>;
  lit: boolean;
  batteryRead: boolean;
  /** What was taken off or pulled and is not back: the breakaway pin, its battery. */
  out: Set<string>;
  /** The last round in the air, by corner. */
  readonly lastInAir: ReadonlyMap<WheelEnd, number>;
  /** Wheel ends whose wheels change with each other. */
  readonly mates: ReadonlyMap<WheelEnd, WheelEnd>;
  readonly model: RigModel;
}

/** What must hold before a step; by which rule of the safe order; why. */
export type Demand = readonly [holds: boolean, rule: number, why: string];

/** What a step asks for, and what it changes of its corner. */
export const is = (demands: readonly Demand[], then: Partial<Corner>): Played => ({ demands, then });

/** A demand of mere possibility: it breaks no rule but cannot be done. */
export const can = (holds: boolean, why: string): Demand => [holds, 0, why];

/** What a step demands of a corner, and what it then changes. */
export interface Played {
  readonly demands: readonly Demand[];
  readonly then: Partial<Corner>;
}
