'use client';

import { useMemo } from 'react';
import type { Instant } from '@/core/base';
import {
  dutiesOf,
  placeState,
  towVerdict,
  type Duty,
  type OpenWork,
  type PlaceState,
  type TowVerdict,
} from '@/core/duty';
import { isOfAge, reviewRig, type Conflict } from '@/core/judge';
import { asOf, HOUSE, roadLimits, type RigState, type RoadLimits, type YardState } from '@/core/log';
import type { LogFacts, Lost } from '@/keeper';
import { placesOf, wheelEnds, type Place, type RigModel, type WheelEnd } from '@/core/rig';
import { openWork, type Run } from '@/core/routine';
import {
  rulesFor,
  seasonOf,
  type HouseRules,
  type RuleChoices,
  type SeasonChoice,
  type SeasonDates,
} from '@/core/rules';
import { useNow, useYard } from '@/store';
import { lazily, once } from './lazily';

/** One rig with all that follows from its state now. */
export interface RigView {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly duties: readonly Duty[];
  readonly open: readonly OpenWork[];
  readonly tow: TowVerdict;
  /** How far it may roll by all that is found on it together; undefined where nothing limits it. */
  readonly limits: RoadLimits | undefined;
  /** The wheel ends, as they stand. */
  readonly places: readonly PlaceState<WheelEnd>[];
  /** Spares and gear, as they stand. */
  readonly elsewhere: readonly PlaceState<Place>[];
  /** What does not agree in the rig. */
  readonly conflicts: readonly Conflict[];
  /** Parts on their way to their age limit or past it: their duties tell it, too. */
  readonly aging: readonly Conflict[];
  /** The rules that hold for this rig. */
  readonly house: HouseRules;
  /** Its towing season; undefined while nobody has said. */
  readonly season: SeasonDates | undefined;
  readonly now: Instant;
}

/** The yard as the screens need it, or what stands in the way. */
export type Rigs =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly reason: string }
  | {
      readonly status: 'ready';
      readonly rigs: readonly RigView[];
      /** Retired rigs, whose record stays. */
      readonly retired: readonly RigView[];
      /** What the house has chosen for all rigs. */
      readonly houseRules: RuleChoices;
      /** The season of all rigs that have none of their own. */
      readonly houseSeason: SeasonChoice | undefined;
      readonly state: YardState;
      readonly log: LogFacts;
      /** What lies here that this version cannot read. */
      readonly lost: Lost | undefined;
      readonly runs: readonly Run[];
      readonly archived: Instant | undefined;
      readonly now: Instant;
    };

/** What follows from the log alone: a tap on a card changes nothing of it. */
type Standing = Pick<
  RigView,
  'rig' | 'model' | 'duties' | 'conflicts' | 'aging' | 'house' | 'season' | 'now'
>;

/** What a standing was worked out from beside the rig itself. */
interface Grounds {
  readonly minute: string;
  readonly houseRules: RuleChoices;
  readonly houseSeason: SeasonChoice | undefined;
}

const standings = new WeakMap<RigState, Grounds & { readonly standing: Standing }>();

function standingOf(
  told: RigState,
  now: Instant,
  houseRules: RuleChoices,
  houseSeason: SeasonChoice | undefined,
): Standing | undefined {
  const { model } = told;
  if (!model) return undefined;
  // Duties move by the day: within a minute a rig that the log left as it was stands as it did.
  const minute = now.slice(0, 16);
  const kept = standings.get(told);
  if (kept?.minute === minute && kept.houseRules === houseRules && kept.houseSeason === houseSeason)
    return kept.standing;
  const rig = asOf(told, now);
  const house = rulesFor(houseRules, rig.rules);
  const season = seasonOf(houseSeason, rig.season);
  const review = once(() => reviewRig({ model, parts: rig.parts }, house, now));
  const standing = lazily<Standing>({
    rig: () => rig,
    model: () => model,
    duties: () => dutiesOf(rig, now, house, season),
    conflicts: () => review().filter((one) => !isOfAge(one)),
    aging: () => review().filter(isOfAge),
    house: () => house,
    season: () => season,
    now: () => now,
  });
  standings.set(told, { minute, houseRules, houseSeason, standing });
  return standing;
}

const views = new WeakMap<Standing, { readonly open: string; readonly view: RigView }>();

/** What follows from a rig's state, the work open on it, and the moment; none before it is set up. The same view where nothing it rests on has changed. */
export function rigView(
  told: RigState,
  runs: readonly Run[],
  now: Instant,
  houseRules: RuleChoices,
  houseSeason: SeasonChoice | undefined,
): RigView | undefined {
  const standing = standingOf(told, now, houseRules, houseSeason);
  if (!standing) return undefined;
  const { rig } = standing;
  const open = runs.filter((run) => run.rig === rig.id).flatMap(openWork);
  const work = JSON.stringify(open);
  const kept = views.get(standing);
  if (kept?.open === work) return kept.view;
  const ends = once(() => wheelEnds(standing.model));
  const limits = once(() => roadLimits(rig, standing.now));
  const stateAt = <P extends Place>(place: P) =>
    placeState(rig, place, standing.duties, open, standing.conflicts);
  const view = lazily<RigView>({
    rig: () => rig,
    model: () => standing.model,
    duties: () => standing.duties,
    conflicts: () => standing.conflicts,
    aging: () => standing.aging,
    house: () => standing.house,
    season: () => standing.season,
    now: () => standing.now,
    open: () => open,
    limits: () => limits(),
    tow: () => towVerdict(rig, standing.duties, open, standing.conflicts, limits()),
    places: () => ends().map(stateAt),
    elsewhere: () =>
      placesOf(standing.model)
        .filter((place) => !(ends() as readonly Place[]).includes(place))
        .map(stateAt),
  });
  views.set(standing, { open: work, view });
  return view;
}

/** Nothing chosen for the house: one object, so that what rests on it is known to be the same. */
const NO_CHOICES: RuleChoices = {};

/** Every rig of the yard, live. */
export function useRigs(): Rigs {
  const { snapshot } = useYard();
  const now = useNow();
  return useMemo(() => {
    if (snapshot.status !== 'ready') return snapshot;
    const { state, runs, archived, log, lost } = snapshot;
    const houseRules = state.rigs[HOUSE]?.rules ?? NO_CHOICES;
    const houseSeason = state.rigs[HOUSE]?.season;
    const all = Object.values(state.rigs)
      .map((rig) => rigView(rig, runs, now, houseRules, houseSeason))
      .filter((view) => view !== undefined)
      .sort((a, b) => ((a.rig.since ?? '') < (b.rig.since ?? '') ? -1 : 1));
    const rigs = all.filter((view) => !view.rig.retired);
    const retired = all.filter((view) => view.rig.retired);
    return { status: 'ready', rigs, retired, houseRules, houseSeason, state, log, lost, runs, archived, now };
  }, [snapshot, now]);
}
