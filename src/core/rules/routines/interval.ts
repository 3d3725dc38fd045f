import { toSI } from '../../base';
import {
  axleOf,
  countsAsSalt,
  hubOpens,
  hubTakesFitting,
  isWheelEnd,
  type Axle,
  type RigModel,
} from '../../rig';
import type { Basis, HouseRules } from '../schools';
import { TWICE_A_YEAR, type SeasonDates, type SeasonTime } from '../season';
import type { RoutinePlace } from './ids';

/** A limit on one meter with what it rests on. */
export interface Limit {
  readonly value: number;
  readonly basis: Basis;
  /** Where it turns soon, if not by the usual share. */
  readonly soon?: number;
  /** A looser figure that this one overrules: the stricter of two wins. */
  readonly over?: { readonly value: number; readonly basis: Basis };
}

/** When a routine comes round: distance in m, time in d, trips and launches counted, times of the season; whichever is first. */
export interface Interval {
  readonly distance?: Limit;
  readonly days?: Limit;
  readonly trips?: Limit;
  readonly launches?: Limit;
  readonly seasons?: readonly SeasonTime[];
}

/** What an interval follows from. */
export interface IntervalContext {
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly season: SeasonDates | undefined;
}

/** A duty is soon when this share of its interval is left. */
export const SOON_SHARE = 0.1;

/** A duty is overdue when it is past its limit by this share of its interval. */
export const OVERDUE_SHARE = 0.1;

/** What matters for safety may be put off to this share past its limit, and no further. */
export const STOP_SHARE = 0.25;

/** The shipped interval of a repack: distance in m, time in d, launches of a boat. */
export const HOUSE_REPACK = {
  distance: toSI(12_000, 'mi'),
  days: 365,
  launches: 25,
  launchesInSalt: 12,
} as const;

/** Looks under way come every couple of thousand miles (m). */
export const COUPLE_OF_THOUSAND = toSI(2000, 'mi');
export const YEAR = 365;
/** From this age (y) a tire is kept in mind. */
export const TIRE_WATCHED = 5;
export const DAYS_A_YEAR = 365.25;
/** The breakaway battery serves so many years (y). */
export const BATTERY_YEARS = 2;
/** Fixings that were tightened have settled by then and are gone round again (m). */
export const NEW_FIXINGS = toSI(50, 'mi');
/** Brakes with new shoes have bedded in by then and are adjusted again (m). */
export const NEW_BRAKES = toSI(200, 'mi');

/** A shipped figure. */
export const house = (value: number): Limit => ({ value, basis: 'house' });

/** The axle of a wheel end; none at any other place. */
export function axleAt(model: RigModel, place: RoutinePlace): Axle | undefined {
  return isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
}

/** How far (m) a hub runs between repacks by the school its owner follows; metered grease needs a fitting to go in by. */
function repackDistance(school: HouseRules['repack'], axle: Axle): number {
  switch (school) {
    case 'yearly':
      return HOUSE_REPACK.distance;
    case 'metered':
      return hubTakesFitting(axle) ? toSI(10_000, 'mi') : HOUSE_REPACK.distance;
    case 'grade-5000':
      return toSI(5000, 'mi');
    case 'grade-10000':
      return toSI(10_000, 'mi');
  }
}

type Said = { readonly value: number; readonly source: Exclude<Basis, 'house'> } | undefined;

/**
 * Of a figure told of this rig and the house rule, the one that holds: the figure told outranks
 * what is shipped, but a rule its owner chose stands where it is the stricter of the two.
 */
function prevailing(said: Said, rule: Limit | undefined, chosen: boolean): Limit | undefined {
  if (!said || said.source === 'guess') return rule;
  const told: Limit = { value: said.value, basis: said.source };
  if (chosen && rule && rule.value < told.value) return { ...rule, over: told };
  return told;
}

const limits = (interval: { readonly [K in keyof Interval]: Interval[K] | undefined }): Interval =>
  Object.fromEntries(Object.entries(interval).filter(([, limit]) => limit !== undefined)) as Interval;

/** A boat's hubs are repacked by launches as well, sooner in salt (handbook 6); brackish water, and water that is not told, count as salt. */
function boatLaunches(model: RigModel): Limit | undefined {
  if (model.kind !== 'boat') return undefined;
  return house(countsAsSalt(model) ? HOUSE_REPACK.launchesInSalt : HOUSE_REPACK.launches);
}

/** Grease by the fitting: by what was told of it or stands on the grease, else by the house. */
export function greaseInterval({ model, season }: IntervalContext): Interval {
  const own = model.greaseEvery ?? {};
  const distance = prevailing(own.distance, house(COUPLE_OF_THOUSAND), false);
  const days = prevailing(own.days, season ? undefined : house(YEAR), false);
  return { ...limits({ distance, days }), ...(season && !own.days && { seasons: ['layup'] }) };
}

/** By what its owner was told of this hub, else by the house; hubs that stay shut have no house figure. */
export function hubInterval({ model, house: rules }: IntervalContext, place: RoutinePlace): Interval {
  const axle = axleAt(model, place);
  if (!axle) return {};
  const own = model.repackEvery ?? {};
  const opens = hubOpens(axle);
  const chosen = rules.chosen?.includes('repack') ?? false;
  return limits({
    distance: prevailing(own.distance, opens ? house(repackDistance(rules.repack, axle)) : undefined, chosen),
    days: prevailing(own.days, opens ? house(HOUSE_REPACK.days) : undefined, chosen),
    launches: prevailing(own.launches, opens ? boatLaunches(model) : undefined, chosen),
  });
}

/** Once in a season at one of its times; by days while the season is not known. */
export const seasonal = (time: SeasonTime, season: SeasonDates | undefined): Interval =>
  season ? { seasons: [time] } : { days: house(time === 'mid' ? TWICE_A_YEAR : YEAR) };
