import type { CivilDay, Instant, Verdict } from '../base';
import type { OrderBody } from './orders';
import type { PaperId } from './papers';
import type { PlanKeptBody, PlanSetBody } from './planning';
import type {
  KitFigure,
  KitId,
  ThreadState,
  RoutinePlace,
  RuleChoices,
  SeasonChoice,
  WorkId,
} from '../rules';
import type { Evidence } from './evidence-schema';
import type { PartFacts, PartKind, Place, RigModel, Shelf, ShelfGrade, SOURCES, WheelEnd } from '../rig';
import type { Thickener } from '../figures';

/** Where the meters stood when a routine was last done at a place; distance in m. */
export interface LastDone {
  readonly entry: string;
  readonly at: Instant;
  readonly distance: number;
  /** False for work remembered from before the record began without its miles: the distance is then a least figure. */
  readonly distanceKnown: boolean;
  readonly trips: number;
  readonly launches: number;
}

/** A routine pulled forward: due so far (m) from where the rig stood when it happened. */
export interface Pull {
  readonly cause: 'shop' | 'verge' | 'new-brakes' | 'adapter' | 'fixings';
  readonly entry: string;
  readonly at: Instant;
  readonly distance: number;
  readonly limit: number;
  /** One of several looks at growing miles: only those that have come are done by a look. */
  readonly chain: boolean;
}

/** A routine put off: until a moment, or until the rig's distance (m), whichever is first. */
export interface Deferral {
  readonly entry: string;
  readonly at: Instant;
  readonly until: Instant | undefined;
  readonly distance: number | undefined;
  readonly reason: string;
}

/** A trip that is planned; distance in m. */
export interface PlannedState {
  readonly id: string;
  readonly at: Instant;
  readonly distance: number;
  readonly launches: number;
  readonly name: string | undefined;
}

/** Who told how far a trip has come. */
export const MILES_BY = ['owner', 'position', 'instrument'] as const;
export type MilesBy = (typeof MILES_BY)[number];

/** A trip that has begun and is not home; distances in m. */
export interface UnderWay {
  readonly entry: string;
  readonly at: Instant;
  /** How far it is meant to go, where that was told. */
  readonly expected?: number | undefined;
  /** A launch is meant to come. */
  readonly ramp?: true | undefined;
  /** The hitching walk before it; without one it began without. */
  readonly walk?: string | undefined;
  /** How far it has come, as last told; what of it counts already. */
  readonly into: number;
  readonly by?: MilesBy | undefined;
  /** When that was told. */
  readonly told: Instant;
  /** Launches counted on the way. */
  readonly launches: number;
  /** The last look at it under way. */
  readonly looked?: { readonly at: Instant; readonly into: number } | undefined;
}

/** Distance (m) that the rig's meter gained between two readings and no trip tells of. */
export interface Gap {
  readonly entry: string;
  readonly from: Instant;
  readonly to: Instant;
  readonly distance: number;
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

/** How far and how long a rig may be towed with something that is not right; distances in m, speed in m/s. */
export interface FindingLimit {
  /** With care to a place of repair, or no further than the nearest safe place. */
  readonly roll: 'care' | 'creep';
  readonly distance: number;
  readonly speed?: number | undefined;
  readonly looks?: { readonly at: readonly number[]; readonly every?: number | undefined } | undefined;
  readonly until: Instant;
  /** Where the rig's distance stood, and how far into a trip that was not logged yet. */
  readonly from: number;
  readonly into: number;
  /** How far its owner says it has been towed since, at the last look. */
  readonly driven: number;
}

/** A finding that is open. */
export interface FindingState {
  readonly id: string;
  readonly at: Instant;
  readonly place: Place | 'rig';
  readonly verdict: Exclude<Verdict, 'clear'>;
  /** In somebody's own words, or beside what it rests on. */
  readonly text?: string | undefined;
  readonly note?: string | undefined;
  /** The work that would put it right, where it was told; what it rests on tells more. */
  readonly remedy?: WorkId | undefined;
  /** What it rests on. */
  readonly of?: Evidence | undefined;
  /** How bad it looked by itself, before a step was added. */
  readonly reported?: Exclude<Verdict, 'clear'> | undefined;
  /** One step graver than it looks: it came back after it was put right, or was there at two looks of a season. */
  readonly escalated?: 'came-back' | 'seen-again' | undefined;
  /** How far it may be towed with it; see `limitUsed`. */
  readonly limit?: FindingLimit | undefined;
  /** Graver than it was found: its miles or its days are used up. */
  readonly past?: 'miles' | 'days' | undefined;
  /** Who it waits for, booked for which day, and whether it may be towed until then as they say. */
  readonly waits?:
    | {
        readonly who: string;
        readonly booked?: CivilDay | undefined;
        readonly tow?: boolean | undefined;
        readonly note?: string | undefined;
        readonly at: Instant;
      }
    | undefined;
  /** When it was last looked at again, and how often it was seen in all. */
  readonly seen?: { readonly at: Instant; readonly count: number } | undefined;
}

/** A part with an identity of its own, where it is and what it has behind it; distances in m. */
export interface PartState {
  readonly id: string;
  readonly kind: PartKind;
  readonly facts: PartFacts;
  readonly at: Place | 'shelf' | 'gone';
  /** Since when it has been there. */
  readonly since: Instant;
  /** What it had rolled when it came there; see `rolledBy` for what it has rolled by now. */
  readonly rolled: number;
  /** False where nobody knows what it rolled before the record: the distance is then a least figure. */
  readonly rolledKnown: boolean;
  /** Where the rig's distance stood when it came there. */
  readonly rigDistance: number;
  /** What it cost and where it was bought, where that was told. */
  readonly bought?: Bought;
  /** What was read off the one it went in for; nothing of that is known of this one. */
  readonly replaced?: PartFacts;
  /** Where it lies, where that was told of one that is not fitted. */
  readonly shelf?: Shelf;
  /** How good it was found when it was last laid on the shelf. */
  readonly grade: ShelfGrade | undefined;
}

/** A number that another one fits in place of, and who says so. */
export interface FitState {
  readonly kind: PartKind;
  readonly fact: 'number' | 'roller' | 'race';
  readonly number: string;
  readonly also: string;
  readonly source: (typeof SOURCES)[number];
}

/** What a part cost, and where it came from. */
export interface Bought {
  readonly price?: { readonly amount: number; readonly currency: string } | undefined;
  readonly where?: string | undefined;
}

/** What a paper was made with: raw values (SI) by what they are. */
export type PaperFigures = Readonly<Record<string, string | number>>;

/** An order to a shop that has not come back. */
export interface OrderState extends OrderBody {
  readonly id: string;
  readonly at: Instant;
}

/** Something of the kit, and since when it is so; figures in SI, counts and minutes plain. */
export interface KitState {
  readonly aboard: boolean;
  readonly at: Instant;
  readonly figures: Readonly<Partial<Record<KitFigure, number>>>;
  readonly thickener?: Thickener;
}

/** What came of an item of the baseline survey. */
export interface SurveyState {
  readonly at: Instant;
  readonly found:
    | { readonly as: 'condition'; readonly verdict: Verdict; readonly words?: string | undefined }
    | { readonly as: 'reading' }
    | { readonly as: 'not-looked'; readonly reason?: string | undefined };
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
  /** The trip that it is on; its miles as far as they are told are in the distance. */
  readonly underWay: UnderWay | undefined;
  readonly meter: MeterAnchor | undefined;
  /** What the meter gained that no trip tells of. */
  readonly gaps: readonly Gap[];
  readonly lastDone: Readonly<Record<string, LastDone>>;
  /** When gear was last seen on a short walk, which is not its yearly look. */
  readonly glanced: Readonly<Record<string, { readonly walk: string; readonly at: Instant }>>;
  /** When a tire was last looked at, by part; its distance is what the tire had rolled by then. */
  readonly tireLooks: Readonly<Record<string, LastDone>>;
  readonly refits: Readonly<Partial<Record<WheelEnd, Refit>>>;
  /** How stud threads were left by the last refit that told. */
  readonly threads: Readonly<Partial<Record<WheelEnd, ThreadState>>>;
  readonly pulls: Readonly<Record<string, readonly Pull[]>>;
  readonly deferrals: Readonly<Record<string, Deferral>>;
  readonly planned: Readonly<Record<string, PlannedState>>;
  readonly grease: Readonly<Partial<Record<WheelEnd, Thickener>>>;
  readonly endPlay: Readonly<Partial<Record<WheelEnd, { readonly play: number; readonly at: Instant }>>>;
  readonly findings: Readonly<Record<string, FindingState>>;
  /** Findings of tires that lie on the shelf, by part. */
  readonly shelved: Readonly<Record<string, readonly FindingState[]>>;
  /** When something that was found before was last put right, by what it rested on and where. */
  readonly past: Readonly<Record<string, { readonly at: Instant }>>;
  readonly parts: Readonly<Record<string, PartState>>;
  /** Numbers that fit in place of others, as its owner says. */
  readonly fits: readonly FitState[];
  /** When each paper was last made, and with which figures. */
  readonly papers: Readonly<
    Partial<Record<PaperId, { readonly at: Instant; readonly figures: PaperFigures }>>
  >;
  /** Orders to shops that have not come back. */
  readonly orders: Readonly<Record<string, OrderState>>;
  /** What of the kit is aboard and what is not; of the rest nobody has said. */
  readonly kit: Readonly<Partial<Record<KitId, KitState>>>;
  /** What was last read where, by reading and place: `lining@1L`, in SI. */
  readonly read: Readonly<
    Record<string, { readonly value: number; readonly at: Instant; readonly warm?: true }>
  >;
  /** How long its owner takes for each kind of step (min): the middle one of the last cards, over so many steps. */
  readonly pace: Readonly<
    Record<string, { readonly minutes: number; readonly count: number; readonly recent?: readonly number[] }>
  >;
  readonly survey: Readonly<Record<string, SurveyState>>;
  /** The schools its owner chose for this rig alone; for the house, those of all rigs. */
  readonly rules: RuleChoices;
  /** Its own towing season, where it is another than the house's. */
  readonly season: SeasonChoice | undefined;
  /** What choosing yard days goes by, and those that are planned; told of the house alone. */
  readonly planning: PlanningState;
  /** What was let go of for good; told of the house alone. */
  readonly gone: GoneState;
  readonly retired: { readonly at: Instant; readonly reason?: string } | undefined;
  /** Entries that contradict what came before them and were left out of the count. */
  readonly contradictions: readonly string[];
}

/** The days that can be given and what they are weighed by, as far as told, and the plan that was kept last. */
export interface PlanningState {
  readonly free?: Omit<PlanSetBody, 'weights'>;
  readonly weights?: PlanSetBody['weights'];
  readonly kept?: PlanKeptBody & { readonly entry: string; readonly at: Instant };
}

/** Rigs and pictures (by hash) that were let go of for good: nothing of them counts, on any device. */
export interface GoneState {
  readonly rigs: readonly string[];
  readonly photos: readonly string[];
}

const NOTHING_GONE: GoneState = { rigs: [], photos: [] };

/** Nothing told of planning. */
const NO_PLANNING: PlanningState = {};

/** All rigs of an owner. */
export interface YardState {
  readonly rigs: Readonly<Record<string, RigState>>;
}

/** Entries that hold for all rigs are kept under this id in place of a rig's. */
export const HOUSE = '00000000-0000-4000-8000-000000000000';

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
    underWay: undefined,
    meter: undefined,
    gaps: [],
    lastDone: {},
    glanced: {},
    tireLooks: {},
    refits: {},
    threads: {},
    pulls: {},
    deferrals: {},
    planned: {},
    grease: {},
    endPlay: {},
    findings: {},
    shelved: {},
    past: {},
    parts: {},
    fits: [],
    papers: {},
    orders: {},
    kit: {},
    read: {},
    pace: {},
    survey: {},
    rules: {},
    season: undefined,
    planning: NO_PLANNING,
    gone: NOTHING_GONE,
    retired: undefined,
    contradictions: [],
  };
}

/** The key of a routine at a place among what was last done. */
export function doneKey(routine: WorkId, place: RoutinePlace): string {
  return `${routine}@${place}`;
}

/** The change that notes an entry as contradicting what came before. */
export function contradict(rig: Pick<RigState, 'contradictions'>, entry: string): Partial<RigState> {
  return { contradictions: [...rig.contradictions, entry] };
}

/** The key of a survey's item at a place. */
export function surveyKey(item: string, place: Place | 'rig'): string {
  return `${item}@${place}`;
}
