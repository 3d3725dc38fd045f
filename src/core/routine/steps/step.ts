import type { Axle, RigKind } from '../../rig';
import type { Subject } from '../../rules';

/** The parts of a job, as they are headed on a card. */
export const PHASES = ['ground', 'up', 'open', 'look', 'close', 'wheel', 'down'] as const;
export type Phase = (typeof PHASES)[number];

/** What a step physically does; the verifier plays these. */
export type Act =
  | 'brake-on'
  | 'chock'
  | 'steady'
  | 'cover-off'
  | 'break-loose'
  | 'jack'
  | 'stand'
  | 'feel'
  | 'wheel-off'
  | 'caliper-off'
  | 'cap-off'
  | 'lock-out'
  | 'mark-hole'
  | 'nut-off'
  | 'shoes-back'
  | 'outer-out'
  | 'hub-off'
  | 'read-seal'
  | 'seal-out'
  | 'inner-out'
  | 'clean'
  | 'look-bearings'
  | 'look-spindle'
  | 'look-brake'
  | 'renew'
  | 'pack'
  | 'smear'
  | 'inner-in'
  | 'seal-in'
  | 'hub-on'
  | 'outer-in'
  | 'nut-set'
  | 'lock-in'
  | 'check-set'
  | 'cap-on'
  | 'top-up'
  | 'caliper-on'
  | 'wheel-on'
  | 'hand-start'
  | 'torque'
  | 'last-spin'
  | 'brake-adjust'
  | 'brake-test'
  | 'lower'
  | 'cover-on'
  | 'open-rechecks'
  | 'unchock';

/** A step's name is what it does; the torque rounds share one. */
export type StepId = Act;

/** Something written down at a step. Unless `must`, it can be left open. */
export interface Reading {
  readonly what:
    | 'nuts-counted'
    | 'nuts-started'
    | 'seal-number'
    | 'inner-roller'
    | 'inner-race'
    | 'outer-roller'
    | 'outer-race'
    | 'renewed'
    | 'grease'
    | 'slots-back'
    | 'strokes';
  readonly must: boolean;
}

/** Where a step applies: once a card, once for a side that is worked on, once a wheel end. */
export type Scope = 'card' | 'side' | 'end';

/** A fact that steps need, give or take away; `{}` stands for the wheel end, `{side}` for the side that stays down. */
export type Fact = string;

/** One step as data. */
export interface StepDef {
  readonly id: StepId;
  readonly phase: Phase;
  readonly scope: Scope;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly takes?: readonly Fact[];
  readonly readings?: readonly Reading[];
  readonly subjects?: readonly Subject[];
  /** It may be left out, with the reason on record. */
  readonly optional?: boolean;
  readonly minutes: number;
  /** Left off the card where this rig does not have it. */
  readonly when?: (axle: Axle, kind: RigKind) => boolean;
}

/** A reading that a step cannot do without. */
export const must = (what: Reading['what']): Reading => ({ what, must: true });

/** A reading that can be left open. */
export const may = (what: Reading['what']): Reading => ({ what, must: false });
