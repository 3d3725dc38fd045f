import type { TorqueStage } from '../figures';
import { isWheelEnd, sideOf, type Place, type Side, type WheelEnd } from '../rig';
import type { HouseRules, RoutinePlace, Subject, ThreadState, TorqueId, WorkId } from '../rules';
import type { Act, BranchId, Fact, Phase, Reading, StepId, Tool } from './steps';

/** Work asked for at a place; `with` is the other of two places that change with each other. */
export interface Job {
  readonly routine: WorkId;
  readonly place: RoutinePlace;
  readonly with?: Place;
  /** Whether a new hub comes with its races fitted, as its owner saw it in the box; told before the card starts. */
  readonly races?: 'fitted' | 'loose';
}

/** A branch taken at a place. */
export interface TakenBranch {
  readonly branch: BranchId;
  readonly place: RoutinePlace | undefined;
  readonly side: Side | undefined;
}

/** How long (min) a step has taken its owner so far, by what it does. */
export type Pace = Readonly<Partial<Record<Act, number>>>;

/** How the stud threads of wheels were left by their last refit, where a record tells. */
export type RecordedThreads = Readonly<Partial<Record<WheelEnd, ThreadState>>>;

/** One step of a card: a step of some work at a place of a rig. */
export interface CardStep {
  /** Unique on the card: `nut-set 2R`. */
  readonly key: string;
  readonly step: StepId;
  readonly phase: Phase;
  /** The place worked on; none for what is done once. */
  readonly place: RoutinePlace | undefined;
  /** The side that is held, or under the frame the side worked on. */
  readonly side: Side | undefined;
  /** Which round of the star, counted from 1, and its torque (N·m). */
  readonly round: (TorqueStage & { readonly number: number; readonly of: number }) | undefined;
  /** Bolts that it brings to a figure of their own (N·m); no figure where nobody told one, or it is a guess. */
  readonly torque?: { readonly of: TorqueId; readonly value: number | undefined } | undefined;
  /** How the stud threads stand when its nuts are brought to torque; none where nobody knows, or where it is not about nuts. */
  readonly threads: ThreadState | undefined;
  /** Where the jack lifts: a frame, a maker's point, or a spring seat. */
  readonly lift: 'frame' | 'maker' | 'spring-seat' | undefined;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly takes: readonly Fact[];
  readonly readings: readonly Reading[];
  readonly subjects: readonly Subject[];
  readonly tool: Tool | undefined;
  readonly optional: boolean;
  readonly minutes: number;
}

/** Work laid out for one rig, in the order it is done. */
export interface Card {
  readonly jobs: readonly Job[];
  readonly house: HouseRules;
  readonly branches: readonly TakenBranch[];
  /** How stud threads stood by the record when it was laid out; a card from before it was kept has none. */
  readonly threads?: RecordedThreads;
  /** Bolts whose torque its owner passed over before the start: each stays open and is a stop. */
  readonly unset?: readonly TorqueId[];
  /** Cumulative distances (m) from the refit at which to recheck lugs. */
  readonly rechecks: readonly number[];
  readonly steps: readonly CardStep[];
}

/** Why no card can be made. */
export type CompileProblem =
  | { readonly code: 'no-jobs' }
  | { readonly code: 'no-such-place'; readonly place: RoutinePlace }
  | { readonly code: 'hub-stays-shut'; readonly place: RoutinePlace }
  /** The work is not done at this place: there is no brake to adjust, no fitting to grease by. */
  | { readonly code: 'not-here'; readonly place: RoutinePlace; readonly work: WorkId }
  /** The work has no card: it is walked, not wrenched. */
  | { readonly code: 'no-card'; readonly work: WorkId }
  /** Two schools of the same work at one place: shoes, or the loaded plate. */
  | { readonly code: 'two-schools'; readonly place: RoutinePlace; readonly works: readonly [WorkId, WorkId] }
  /** Wheels of two sides cannot change places: both sides would be up. */
  | { readonly code: 'both-sides'; readonly place: RoutinePlace; readonly with: RoutinePlace }
  /** What the steps depend on has not been told of this axle yet. */
  | {
      readonly code: 'not-known';
      readonly place: WheelEnd;
      readonly facts: readonly 'brake'[];
    }
  /** A hub is built up where there is none: there is nothing else to work on there yet. */
  | { readonly code: 'bare-spindle'; readonly place: RoutinePlace }
  /** One axle at a time is set. */
  | { readonly code: 'two-axles'; readonly place: RoutinePlace }
  | { readonly code: 'twice'; readonly place: RoutinePlace }
  | { readonly code: 'deadlock'; readonly keys: readonly string[] };

/** A walk round the rig against one change of tool; along one side it is a step or two. */
const ROUND = 2;
const ALONG = 0.25;

/** How much of a card is not work: walks from place to place, changes of tool, and both weighed together. */
export function effortOf(steps: readonly CardStep[]): {
  readonly walks: number;
  readonly tools: number;
  readonly cost: number;
} {
  let walks = 0;
  let tools = 0;
  let cost = 0;
  let place: RoutinePlace | undefined;
  let tool: Tool | undefined;
  for (const step of steps) {
    if (step.place !== undefined && step.place !== place) {
      if (place !== undefined) {
        walks += 1;
        const along = isWheelEnd(place) && isWheelEnd(step.place) && sideOf(place) === sideOf(step.place);
        cost += along ? ALONG : ROUND;
      }
      place = step.place;
    }
    if (step.tool !== undefined && step.tool !== tool) {
      if (tool !== undefined) {
        tools += 1;
        cost += 1;
      }
      tool = step.tool;
    }
  }
  return { walks, tools, cost };
}

/** The wheel ends, spares and gear that a card has steps at, in the order they come. */
export function placesOnCard(card: Pick<Card, 'steps'>): readonly RoutinePlace[] {
  return [...new Set(card.steps.flatMap(({ place }) => (place === undefined ? [] : [place])))];
}
