import type { Instant } from '../base';
import type { RigModel, WheelEnd } from '../rig';
import type { RoutineId, Thickener, Verdict } from '../rules';

/** Where the meters stood when a routine was last done at a place; distance in m. */
export interface Mark {
  readonly entry: string;
  readonly at: Instant;
  readonly distance: number;
  /** False for work remembered from before the record began without its miles: the distance is then a least figure. */
  readonly distanceKnown: boolean;
  readonly launches: number;
}

/** A wheel that was off and on again, until its rechecks are through; distances in m. */
export interface Refit {
  readonly entry: string;
  readonly at: Instant;
  readonly distance: number;
  /** Cumulative distances from the refit at which to look again. */
  readonly limits: readonly number[];
  /** The distance from the refit up to which it has been looked at; −1 before the first look. */
  readonly checked: number;
  /** Looks in a row at which a nut had moved. */
  readonly moves: number;
}

/** A reading of the trailer's own meter, tied to the distance counted (both m). */
export interface MeterAnchor {
  readonly reading: number;
  readonly distance: number;
  readonly at: Instant;
}

/** A finding that is open. */
export interface FindingState {
  readonly id: string;
  readonly at: Instant;
  readonly place: WheelEnd | 'rig';
  readonly verdict: Exclude<Verdict, 'clear'>;
  readonly text: string;
}

/** One rig as the log tells it; distances in m. */
export interface RigState {
  readonly id: string;
  /** Absent until the rig's set-up has arrived. */
  readonly model: RigModel | undefined;
  readonly since: Instant | undefined;
  readonly distance: number;
  readonly trips: number;
  readonly launches: number;
  readonly lastTrip: Instant | undefined;
  readonly meter: MeterAnchor | undefined;
  readonly marks: Readonly<Record<string, Mark>>;
  readonly refits: Readonly<Partial<Record<WheelEnd, Refit>>>;
  readonly grease: Readonly<Partial<Record<WheelEnd, Thickener>>>;
  readonly endPlay: Readonly<Partial<Record<WheelEnd, { readonly play: number; readonly at: Instant }>>>;
  readonly findings: Readonly<Record<string, FindingState>>;
  /** Entries that contradict what came before them and were left out of the count. */
  readonly contradictions: readonly string[];
}

/** All rigs of an owner. */
export interface YardState {
  readonly rigs: Readonly<Record<string, RigState>>;
}

/** A yard with nothing in it. */
export const EMPTY_YARD: YardState = { rigs: {} };

/** A rig of which nothing is known yet. */
export function emptyRig(id: string): RigState {
  return {
    id,
    model: undefined,
    since: undefined,
    distance: 0,
    trips: 0,
    launches: 0,
    lastTrip: undefined,
    meter: undefined,
    marks: {},
    refits: {},
    grease: {},
    endPlay: {},
    findings: {},
    contradictions: [],
  };
}

/** The key of a routine at a place among the marks. */
export function markKey(routine: RoutineId, place: WheelEnd): string {
  return `${routine}@${place}`;
}

/** The change that notes an entry as contradicting what came before. */
export function contradict(rig: Pick<RigState, 'contradictions'>, entry: string): Partial<RigState> {
  return { contradictions: [...rig.contradictions, entry] };
}
