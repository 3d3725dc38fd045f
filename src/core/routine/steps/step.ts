import type { Axle, RigKind } from '../../rig';
import type { HouseRules, ReadingId, Subject, TorqueId, WorkId } from '../../rules';
import type { Act } from './acts';

/** The parts of a job, as they are headed on a card. */
export const PHASES = [
  'ground',
  'walk',
  'up',
  'open',
  'look',
  'close',
  'frame',
  'wheel',
  'down',
  'end',
] as const;
export type Phase = (typeof PHASES)[number];

/** What is in the hand; a change of it costs time. */
export type Tool =
  | 'bar'
  | 'jack'
  | 'torque-wrench'
  | 'wrench'
  | 'hammer'
  | 'pliers'
  | 'spoon'
  | 'puller'
  | 'gun'
  | 'gauge'
  | 'meter'
  | 'solvent';

/** Something written down at a step. Unless `must`, it can be left open. */
export interface Reading {
  readonly what: ReadingId;
  readonly must: boolean;
}

/** How often a step stands on a card: once, once for a side that is held, or once a place. */
export type Scope = 'card' | 'side' | 'place';

/** A fact that steps need, give or take away; `{}` stands for the place, `{side}` for the side that is held or worked on, `{other}` for the one across, `{mate}` for the other of two places, `{each}` for every wheel end of the rig. */
export type Fact = string;

/** What a step's being on a card depends on. */
export interface StepContext {
  /** The axle of the wheel end; none at any other place. */
  readonly axle: Axle | undefined;
  readonly kind: RigKind;
  readonly house: HouseRules;
  /** True where some work is done at the same place. */
  readonly has: (...works: readonly WorkId[]) => boolean;
  /** With the wheel off, its stud threads are brushed, and treated or wiped dry. */
  readonly redress: boolean;
  /** Another wheel comes off to change places with this one, and this one is off first. */
  readonly firstOfTwo: boolean;
  /** True where some bolts have a figure of their own that is no guess. */
  readonly figure: (bolts: TorqueId) => boolean;
  /** Wheel adapters stand between hub and wheel. */
  readonly adapters: boolean;
  /** The new hub comes with its races fitted. */
  readonly racesFitted: boolean;
  /** What changes places with this wheel is a spare. */
  readonly fromSpare: boolean;
  /** The whole frame stands on stands. */
  readonly framed: boolean;
  /** Its wheels may have covers: nobody said that they have none. */
  readonly covered: boolean;
  /** Its axles share an equalizer, as far as is known. */
  readonly equalized: boolean;
  /** It may have stabilizers. */
  readonly steadied: boolean;
}

/** One step as data. */
export interface StepDef {
  readonly id: Act;
  readonly phase: Phase;
  readonly scope: Scope;
  /** Minutes it takes, where the owner's own past says nothing. */
  readonly minutes: number;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly takes: readonly Fact[];
  readonly readings: readonly Reading[];
  readonly subjects: readonly Subject[];
  /** Bolts that it brings to a figure of their own. */
  readonly torque: TorqueId | undefined;
  readonly tool: Tool | undefined;
  /** It may be left out, with the reason on record. */
  readonly optional: boolean;
  /** Left off the card where this rig does not have it. */
  readonly when: ((context: StepContext) => boolean) | undefined;
}

type More = Partial<Omit<StepDef, 'id' | 'phase' | 'minutes'>>;

/** A step at a place; facts it does not name it neither needs nor changes. */
export function step(id: Act, phase: Phase, minutes: number, more: More = {}): StepDef {
  return {
    id,
    phase,
    minutes,
    scope: 'place',
    needs: [],
    gives: [],
    takes: [],
    readings: [],
    subjects: [],
    torque: undefined,
    tool: undefined,
    optional: false,
    when: undefined,
    ...more,
  };
}

/** A reading that a step cannot do without. */
export const must = (what: ReadingId): Reading => ({ what, must: true });

/** A reading that can be left open. */
export const may = (what: ReadingId): Reading => ({ what, must: false });
