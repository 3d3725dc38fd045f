import { hasBrake, hasDrum, hubTakesFitting, type Axle, type RigKind } from '../rig';
import type { Subject } from '../rules';

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

const disc = (axle: Axle) => axle.brake === 'hydraulic-disc';
const must = (what: Reading['what']): Reading => ({ what, must: true });
const may = (what: Reading['what']): Reading => ({ what, must: false });

/** Rounds of the star are put in by the compiler, by school, where `torque-air` and `torque-ground` are provided. */
export const SET_UP: readonly StepDef[] = [
  { id: 'brake-on', phase: 'ground', scope: 'card', needs: [], gives: ['braked'], minutes: 2 },
  { id: 'chock', phase: 'ground', scope: 'side', needs: [], gives: ['chocked {side}'], minutes: 1 },
  {
    id: 'steady',
    phase: 'ground',
    scope: 'card',
    needs: [],
    gives: ['steadied'],
    minutes: 3,
    optional: true,
    when: (_, kind) => kind === 'rv',
  },
];

/** A bearing repack at one wheel end, from the nuts broken loose to the cover back on. */
export const REPACK: readonly StepDef[] = [
  {
    id: 'cover-off',
    phase: 'ground',
    scope: 'end',
    needs: [],
    gives: ['cover off {}'],
    minutes: 1,
    optional: true,
  },
  {
    id: 'break-loose',
    phase: 'ground',
    scope: 'end',
    needs: ['braked', 'chocked {side}', 'down {}', 'tight {}'],
    gives: ['loose {}'],
    takes: ['tight {}'],
    minutes: 2,
  },
  {
    id: 'jack',
    phase: 'up',
    scope: 'end',
    needs: ['loose {}', 'down {}'],
    gives: ['up {}'],
    takes: ['down {}'],
    minutes: 3,
  },
  { id: 'stand', phase: 'up', scope: 'end', needs: ['up {}'], gives: ['stand {}'], minutes: 1 },
  {
    id: 'feel',
    phase: 'up',
    scope: 'end',
    needs: ['stand {}', 'wheel {}'],
    gives: ['felt {}'],
    subjects: ['rock', 'spin'],
    minutes: 2,
  },
  {
    id: 'wheel-off',
    phase: 'up',
    scope: 'end',
    needs: ['stand {}', 'loose {}', 'wheel {}', 'felt {}'],
    gives: ['wheel off {}'],
    takes: ['wheel {}', 'loose {}'],
    readings: [must('nuts-counted')],
    minutes: 2,
  },
  {
    id: 'caliper-off',
    phase: 'open',
    scope: 'end',
    needs: ['wheel off {}'],
    gives: ['caliper off {}'],
    minutes: 5,
    when: disc,
  },
  { id: 'cap-off', phase: 'open', scope: 'end', needs: ['wheel off {}'], gives: ['cap off {}'], minutes: 2 },
  { id: 'lock-out', phase: 'open', scope: 'end', needs: ['cap off {}'], gives: ['lock out {}'], minutes: 2 },
  {
    id: 'mark-hole',
    phase: 'open',
    scope: 'end',
    needs: ['lock out {}'],
    gives: ['hole marked {}'],
    minutes: 1,
    when: (axle) => axle.hub === 'drilled' && axle.lock === 'cotter',
  },
  {
    id: 'nut-off',
    phase: 'open',
    scope: 'end',
    needs: ['lock out {}', 'hole marked {}'],
    gives: ['nut off {}'],
    minutes: 1,
  },
  {
    id: 'outer-out',
    phase: 'open',
    scope: 'end',
    needs: ['nut off {}'],
    gives: ['outer out {}'],
    minutes: 1,
  },
  {
    id: 'shoes-back',
    phase: 'open',
    scope: 'end',
    needs: ['wheel off {}'],
    gives: ['shoes back {}'],
    minutes: 2,
    when: hasDrum,
  },
  {
    id: 'hub-off',
    phase: 'open',
    scope: 'end',
    needs: ['outer out {}', 'shoes back {}', 'caliper off {}'],
    gives: ['hub off {}'],
    minutes: 2,
  },
  {
    id: 'read-seal',
    phase: 'open',
    scope: 'end',
    needs: ['hub off {}', 'seal in place {}'],
    gives: ['seal read {}'],
    readings: [may('seal-number')],
    subjects: ['seal', 'old-grease'],
    minutes: 2,
  },
  {
    id: 'seal-out',
    phase: 'open',
    scope: 'end',
    needs: ['hub off {}', 'seal read {}'],
    gives: ['seal out {}'],
    takes: ['seal in place {}'],
    minutes: 2,
  },
  {
    id: 'inner-out',
    phase: 'open',
    scope: 'end',
    needs: ['seal out {}'],
    gives: ['inner out {}'],
    minutes: 1,
  },
  { id: 'clean', phase: 'look', scope: 'end', needs: ['inner out {}'], gives: ['clean {}'], minutes: 12 },
  {
    id: 'look-bearings',
    phase: 'look',
    scope: 'end',
    needs: ['clean {}'],
    gives: ['bearings seen {}'],
    readings: [may('inner-roller'), may('inner-race'), may('outer-roller'), may('outer-race')],
    subjects: ['rollers'],
    minutes: 5,
  },
  {
    id: 'look-spindle',
    phase: 'look',
    scope: 'end',
    needs: ['clean {}'],
    gives: ['spindle seen {}'],
    subjects: ['spindle'],
    minutes: 2,
  },
  {
    id: 'look-brake',
    phase: 'look',
    scope: 'end',
    needs: ['hub off {}'],
    gives: ['brake seen {}'],
    subjects: ['lining'],
    minutes: 3,
    when: hasDrum,
  },
  {
    id: 'renew',
    phase: 'look',
    scope: 'end',
    needs: ['bearings seen {}'],
    gives: ['renewed {}'],
    readings: [must('renewed')],
    minutes: 3,
  },
  {
    id: 'pack',
    phase: 'close',
    scope: 'end',
    needs: ['bearings seen {}', 'renewed {}'],
    gives: ['packed {}'],
    readings: [must('grease')],
    minutes: 8,
  },
  {
    id: 'smear',
    phase: 'close',
    scope: 'end',
    needs: ['clean {}', 'spindle seen {}', 'renewed {}'],
    gives: ['smeared {}'],
    minutes: 2,
  },
  {
    id: 'inner-in',
    phase: 'close',
    scope: 'end',
    needs: ['packed {}', 'smeared {}'],
    gives: ['inner in {}'],
    minutes: 1,
  },
  { id: 'seal-in', phase: 'close', scope: 'end', needs: ['inner in {}'], gives: ['new seal {}'], minutes: 3 },
  {
    id: 'hub-on',
    phase: 'close',
    scope: 'end',
    needs: ['new seal {}', 'brake seen {}'],
    gives: ['hub on {}'],
    minutes: 2,
  },
  { id: 'outer-in', phase: 'close', scope: 'end', needs: ['hub on {}'], gives: ['outer in {}'], minutes: 1 },
  {
    id: 'nut-set',
    phase: 'close',
    scope: 'end',
    needs: ['outer in {}'],
    gives: ['nut set {}'],
    readings: [must('slots-back')],
    minutes: 5,
  },
  { id: 'lock-in', phase: 'close', scope: 'end', needs: ['nut set {}'], gives: ['locked {}'], minutes: 2 },
  {
    id: 'check-set',
    phase: 'close',
    scope: 'end',
    needs: ['locked {}'],
    gives: ['set checked {}'],
    subjects: ['set-rock', 'set-spin'],
    minutes: 1,
  },
  {
    id: 'cap-on',
    phase: 'close',
    scope: 'end',
    needs: ['locked {}', 'set checked {}'],
    gives: ['cap on {}'],
    minutes: 2,
  },
  {
    id: 'top-up',
    phase: 'close',
    scope: 'end',
    needs: ['cap on {}'],
    gives: ['topped up {}'],
    readings: [may('strokes')],
    minutes: 3,
    optional: true,
    when: (axle) => hubTakesFitting(axle),
  },
  {
    id: 'caliper-on',
    phase: 'close',
    scope: 'end',
    needs: ['hub on {}', 'caliper off {}'],
    gives: ['caliper on {}'],
    minutes: 6,
    when: disc,
  },
  {
    id: 'wheel-on',
    phase: 'wheel',
    scope: 'end',
    needs: ['cap on {}', 'caliper on {}', 'wheel off {}'],
    gives: ['wheel hung {}'],
    minutes: 2,
  },
  {
    id: 'hand-start',
    phase: 'wheel',
    scope: 'end',
    needs: ['wheel hung {}'],
    gives: ['started {}', 'round 0 {}'],
    readings: [must('nuts-started')],
    minutes: 2,
  },
  { id: 'torque', phase: 'wheel', scope: 'end', needs: [], gives: [], minutes: 2 },
  {
    id: 'last-spin',
    phase: 'wheel',
    scope: 'end',
    needs: ['snug {}', 'up {}'],
    gives: ['spun {}'],
    minutes: 1,
  },
  {
    id: 'brake-adjust',
    phase: 'wheel',
    scope: 'end',
    needs: ['snug {}', 'up {}'],
    gives: ['brake set {}'],
    subjects: ['drag'],
    minutes: 5,
    when: hasDrum,
  },
  {
    id: 'brake-test',
    phase: 'wheel',
    scope: 'end',
    needs: ['brake set {}', 'snug {}', 'up {}'],
    gives: ['brake tested {}'],
    subjects: ['brake-test'],
    minutes: 3,
    when: hasBrake,
  },
  {
    id: 'lower',
    phase: 'down',
    scope: 'end',
    needs: ['snug {}', 'spun {}', 'brake tested {}', 'up {}'],
    gives: ['down again {}'],
    takes: ['up {}', 'stand {}'],
    minutes: 2,
  },
  {
    id: 'cover-on',
    phase: 'down',
    scope: 'end',
    needs: ['torqued {}'],
    gives: ['cover on {}'],
    minutes: 1,
    optional: true,
  },
  {
    id: 'open-rechecks',
    phase: 'down',
    scope: 'end',
    needs: ['torqued {}'],
    gives: ['rechecks open {}'],
    minutes: 1,
  },
];

/** What ends a card, once every corner is down and at torque. */
export const CLEAR_UP: readonly StepDef[] = [
  { id: 'unchock', phase: 'down', scope: 'card', needs: [], gives: ['clear'], minutes: 1 },
];
