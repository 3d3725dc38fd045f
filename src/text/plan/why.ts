import type { CivilDay, UnitSystem } from '@/core/base';
import { daysApart, type WhyThisDay, type WorkToPlan } from '@/core/plan';
import { dateField, minutes } from '../dates';
import { count, measure } from '../measure';
import { monthDay } from './headline';

/** What the sentence of a job is made with. */
export interface WhyAbout {
  readonly work: WorkToPlan;
  readonly why: WhyThisDay;
  readonly day: CivilDay;
  readonly pinned: boolean;
  /** The day it was done before in this plan, where it comes round again. */
  readonly before: CivilDay | undefined;
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

/** What it takes there beside the others, where that is less than by itself: `2R's wheel is off anyway: 6 min instead of 41 min.` */
function shared({ minutes: here, alone, shares }: WhyThisDay): string | undefined {
  if (alone - here < 3 || !shares) return undefined;
  if (here < 1) return 'It is part of the other work that day.';
  const than = `${minutes(here)} instead of ${minutes(alone)}.`;
  switch (shares.kind) {
    case 'hub':
      return `${shares.place}'s hub is off anyway: ${than}`;
    case 'wheel':
      return `${shares.place}'s wheel is off anyway: ${than}`;
    case 'up':
      return `${shares.place} is up anyway: ${than}`;
    case 'rig':
    case 'day':
      return `${minutes(here)} here, ${minutes(alone)} on a day of its own.`;
  }
}

const WEEK = 7;

function when(about: WhyAbout): string {
  const { work, why, day, now, system } = about;
  const { band, findings, duties, before, onTrip } = work;
  if (about.before !== undefined) return `It comes round again after ${monthDay(about.before, now)}`;
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
  const only = why.only ? '; no other free day will do' : '';
  return [pinned ? 'You pinned it here.' : undefined, `${when(about)}${only}.`, shared(why)]
    .filter((sentence) => sentence !== undefined)
    .join(' ');
}

/** What a day saves against each of its jobs on a day of its own. */
export function savedWords(saved: number): string | undefined {
  return saved >= 5
    ? `Done together they save ${minutes(saved)} of getting ready and taking apart.`
    : undefined;
}
