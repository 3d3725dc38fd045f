import type { CivilDay } from '@/core/base';
import { daysApart, type SetUp, type WhyThisDay, type WorkToPlan } from '@/core/plan';
import type { UnitSystem } from '@/core/quantity';
import { dateField, minutes } from '../dates';
import { count, measure } from '../measure';
import { monthDay } from './headline';

/** What the sentence of a job is made with. */
export interface WhyAbout {
  readonly work: WorkToPlan;
  readonly why: WhyThisDay;
  readonly day: CivilDay;
  readonly pinned: boolean;
  readonly now: string;
  readonly system: UnitSystem;
}

/** A trip by its name, else by its day. */
export function tripWordsOf(
  trip: { readonly name: string | undefined; readonly at: string },
  now: string,
): string {
  const on = monthDay(dateField(trip.at), now);
  return trip.name ? `“${trip.name}” on ${on}` : `the trip on ${on}`;
}

/** What is open there already: `2R's wheel is off anyway`. */
function opened(shares: SetUp | undefined): string | undefined {
  switch (shares?.kind) {
    case 'hub':
      return `${shares.place}'s hub is off anyway`;
    case 'wheel':
      return `${shares.place}'s wheel is off anyway`;
    case 'up':
      return `${shares.place} is up anyway`;
    case 'rig':
    case 'day':
      return 'the tools are out anyway';
    case undefined:
      return undefined;
  }
}

const WEEK = 7;

function when({ work, why, day, now, system }: WhyAbout): string {
  const { band, findings, duties, before, onTrip } = work;
  if (findings.length > 0)
    return before
      ? `It was found and comes before ${tripWordsOf(before, now)}`
      : 'It was found, and is to be put right';
  if (before) return `It comes before ${tripWordsOf(before, now)}`;
  if (duties.some(({ verdict }) => verdict === 'unknown'))
    return 'There is no record of it: it counts as due';
  if (duties.some(({ verdict }) => verdict === 'due' || verdict === 'overdue')) return 'It is due now';
  const likely = band?.likely ?? band?.early;
  const early = likely === undefined ? 0 : daysApart(day, dateField(likely));
  const far =
    why.laterPast >= 16_000
      ? `left any longer it is likely to go ${measure(why.laterPast, 'distance', system, 0)} past its limit`
      : undefined;
  const trip =
    onTrip && onTrip.distance !== undefined && dateField(onTrip.trip.at) >= day
      ? `${tripWordsOf(onTrip.trip, now)} would pass its limit at ${measure(onTrip.distance, 'distance', system, 0)}`
      : undefined;
  if (early >= WEEK) {
    const weeks = `${count(Math.round(early / WEEK), 'week')} early`;
    const but = trip ?? far;
    return but ? `${weeks}, but ${but}` : weeks;
  }
  if (early < -WEEK) return `${count(Math.round(-early / WEEK), 'week')} after its likely day`;
  return trip ?? far ?? (likely === undefined ? 'Its day is not known' : 'About when it falls due');
}

/** Why a job stands on its day, in one sentence from the model itself. */
export function whyWords(about: WhyAbout): string {
  const { why, pinned } = about;
  const saves = why.alone - why.minutes;
  const shared = opened(why.shares);
  const cheap =
    saves >= 3 && shared
      ? `; ${shared}, so it takes ${minutes(why.minutes)} instead of ${minutes(why.alone)}`
      : '';
  const only = why.only ? '; no other free day will do' : '';
  const sentence = `${pinned ? 'You pinned it here. ' : ''}${when(about)}${cheap}${only}.`;
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}

/** What a day saves against each of its jobs on a day of its own. */
export function savedWords(saved: number): string | undefined {
  return saved >= 5
    ? `Done together they save ${minutes(saved)} of getting ready and taking apart.`
    : undefined;
}
