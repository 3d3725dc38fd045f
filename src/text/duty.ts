import { addDays, type Instant, formatUpTo, type UnitSystem, type PlaceMark } from '@/core/base';
import {
  jobsIn,
  stopLimit,
  type Duty,
  type DutyRoutine,
  type MeterUse,
  type TowReason,
  type TowVerdict,
} from '@/core/duty';
import { isGear, type Place } from '@/core/rig';
import type { RoutinePlace, SeasonTime } from '@/core/rules';
import { conflictTitle, conflictWords } from './conflict';
import { findingWords } from './finding';
import { placeName } from './gear';
import { limitsWords } from './limits';
import { capital, count, list, measure, small, spanWords, words } from './measure';
import { BASIS_WORDS } from './rig';
import { day } from './dates';
import { dutyTitle, jobWords, ROUTINE_WORDS, routineTitle } from './routines';

/** The five states of a place in words. */
export const MARK_WORDS: Record<PlaceMark, string> = {
  clear: 'Clear',
  soon: 'Soon',
  unknown: 'Unknown',
  due: 'Due',
  stop: 'Stop',
};

/** An amount of a meter: `180 mi`, `23 days`, `3 launches`. */
export function meterAmount(meter: MeterUse['meter'], value: number, system: UnitSystem): string {
  const whole = Math.max(0, Math.floor(value));
  switch (meter) {
    case 'distance':
      return measure(Math.max(0, value), 'distance', system);
    case 'days':
      return count(whole, 'day');
    case 'trips':
      return count(whole, 'trip');
    case 'launches':
      return count(whole, 'launch', 'launches');
  }
}

const YEAR = 365.25;

/** An amount of a duty's meter; the age of a part is told in years. */
function amountOf(duty: Pick<Duty, 'routine'>, meter: MeterUse['meter'], value: number, system: UnitSystem) {
  if (meter !== 'days' || !isOfPart(duty)) return meterAmount(meter, value, system);
  // The last year of a part is told in days.
  if (value < YEAR) return count(Math.max(0, Math.floor(value)), 'day');
  return `${formatUpTo(Math.floor((value / YEAR) * 10) / 10, 1)} years`;
}

function isOfPart({ routine }: Pick<Duty, 'routine'>): boolean {
  return routine === 'tire-renew' || routine === 'battery-renew';
}

const SEASON_RULE: Record<SeasonTime, string> = {
  commission: 'each spring',
  mid: 'twice a season',
  layup: 'at each lay-up',
};
/** What happened, as the reason for a look. */
const CAUSE_WHY: Record<NonNullable<MeterUse['cause']>, string> = {
  shop: 'A shop had the wheel off: check the torque before you tow',
  verge: 'Tightened on the shoulder: torque it at the next safe place',
  'new-brakes': 'New brakes bed in: adjust them again',
  adapter: 'Adapter nuts settle: recheck them',
  fixings: 'U-bolts or hangers were disturbed: check them by wrench again',
};

/** What a limit rests on, and what it overrules: `house rule, stricter than the maker's figure of 730 days`. */
function basisWords(use: MeterUse, system: UnitSystem): string {
  const own = use.season && use.basis === 'owner' ? 'your season' : BASIS_WORDS[use.basis];
  if (!use.over) return own;
  return `${own}, stricter than ${BASIS_WORDS[use.over.basis]} of ${meterAmount(use.meter, use.over.value, system)}`;
}

/** What a duty rests on: `every 12,000 mi, house rule`. */
export function dutyRule(duty: Duty, system: UnitSystem): string {
  const use = duty.governing;
  if (!use) return duty.reason === 'no-figure' ? "the maker's service life is not known" : 'no record yet';
  const basis = basisWords(use, system);
  if (use.season) return `${SEASON_RULE[use.season]}, ${basis}`;
  const limit = amountOf(duty, use.meter, use.limit, system);
  if (use.cause) return use.limit > 0 ? `${limit} from then, ${basis}` : `at once, ${basis}`;
  if (duty.routine === 'lug-recheck') return `${limit} from the refit, ${basis}`;
  if (isOfPart(duty)) return `to ${limit} of age, ${basis}`;
  return use.limit === 1
    ? `after each ${use.meter === 'trips' ? 'trip' : 'launch'}, ${basis}`
    : `every ${use.meter === 'days' ? spanWords(use.limit) : limit}, ${basis}`;
}

/** The day (UTC) on which a limit in days is reached. */
function dayOf(from: Instant, days: number, now: Instant): string {
  return day(addDays(from, days), now);
}

/** One sentence why a duty stands as it does. */
export function dutyWhy(duty: Duty, system: UnitSystem, now: Instant): string {
  const by = duty.within ? ` Done along with the ${ROUTINE_WORDS[duty.within].noun}.` : '';
  return whyAlone(duty, system, now) + by;
}

function whyAlone(duty: Duty, system: UnitSystem, now: Instant): string {
  const use = duty.governing;
  const { noun } = ROUTINE_WORDS[duty.routine];
  if (duty.deferral) return deferralWords(duty, system, now);
  if (duty.reason === 'finding' && duty.finding)
    return `Moved up by what was found ${day(duty.finding.at, now)}: ${findingWords(duty.finding, system)}.`;
  if (duty.reason === 'no-figure')
    return 'How long this hub may run sealed is its maker’s figure, and it is not entered yet.';
  if (!use && duty.glanced)
    return `Seen on a short walk ${day(duty.glanced.at, now)}, which is not the thorough yearly check: no ${noun} on record.`;
  if (!use)
    return duty.matter === 'safety'
      ? `No ${noun} on record. Unknown counts as due until someone checks.`
      : `No ${noun} on record.`;
  const basis = basisWords(use, system);
  const limit = amountOf(duty, use.meter, use.limit, system);
  if (use.cause)
    return `${CAUSE_WHY[use.cause]}; ${use.limit > 0 ? `${amountOf(duty, use.meter, use.used, system)} since, due at ${limit}` : 'due at once'} (${basis}).`;
  if (!duty.from) return `Limit at ${limit} (${basis}).`;
  if (use.season)
    return `Last ${noun} ${day(duty.from.at, now)}; due by ${dayOf(duty.from.at, use.limit, now)}, ${SEASON_RULE[use.season]} (${basis}).`;
  const used = `${use.atLeast ? 'at least ' : ''}${amountOf(duty, use.meter, use.used, system)}`;
  if (isOfPart(duty)) return `${capital(used)} old; limit at ${limit} (${basis}).`;
  const since = duty.from.entry ? `since the ${noun} of ${day(duty.from.at, now)}` : 'since the record began';
  return `${capital(used)} ${since}; ${duty.routine === 'lug-recheck' ? 'recheck' : 'limit'} at ${limit} (${basis}).`;
}

/** The meters of a duty beside the one that comes first: used and left on each, with what it rests on. */
export function otherMeters(duty: Duty, system: UnitSystem): readonly string[] {
  return duty.meters
    .filter((use) => use !== duty.governing)
    .map((use) => {
      const amount = (value: number) => amountOf(duty, use.meter, value, system);
      const left = use.limit - use.used;
      const rest = left > 0 ? `${amount(left)} left` : `${amount(-left)} past`;
      const used = `${use.atLeast ? 'at least ' : ''}${amount(use.used)} of ${amount(use.limit)} used`;
      return `${used}, ${rest} (${basisWords(use, system)})`;
    });
}

/** What was said when a duty was put off, and whether that still holds. */
function deferralWords(duty: Duty, system: UnitSystem, now: Instant): string {
  const { deferral, governing } = duty;
  if (!deferral) return '';
  const until = deferral.until && day(deferral.until, now);
  const said = `Put off ${day(deferral.at, now)}${until ? ` until ${until}` : ''}: ${deferral.reason.replace(/\.$/, '')}.`;
  if (duty.reason !== 'past-stop' || !governing) return said;
  return `${said} It is past ${meterAmount(governing.meter, stopLimit(governing), system)}, the longest it may be put off, so it is due.`;
}

/** How a duty stands as one figure with its words: `6 mi` `past`, `412 mi` `left`. */
export function dutyStanding(
  duty: Duty,
  system: UnitSystem,
): { readonly figure: string; readonly words: string } {
  const use = duty.governing;
  if (duty.reason === 'deferred') return { figure: 'put off', words: '' };
  if (duty.reason === 'finding') return { figure: 'now', words: 'due' };
  if (!use) return { figure: 'unknown', words: '' };
  const left = use.limit - use.used;
  if (duty.verdict === 'due' || duty.verdict === 'overdue') {
    const past = amountOf(duty, use.meter, -left, system);
    return /^0 /.test(past) || use.limit === 0
      ? { figure: 'now', words: 'due' }
      : { figure: past, words: 'past' };
  }
  return { figure: amountOf(duty, use.meter, left, system), words: 'left' };
}

/** A reason of a tow verdict in one sentence. */
export function reasonWords(reason: TowReason, system: UnitSystem, now: Instant): string {
  switch (reason.kind) {
    case 'open-work':
      return `Work on ${spot(reason.work.place)} is open at step ${reason.work.step} of ${reason.work.steps}${reason.work.parked ? `, paused: ${small(reason.work.parked)}` : ''}. Not fit to tow until it is closed.`;
    case 'finding':
      return `${placeName(reason.finding.place)}: ${findingWords(reason.finding, system)}, seen ${day(reason.finding.at, now)}.`;
    case 'limits':
      return limitsWords(reason.limits, system);
    case 'conflict': {
      const { why } = conflictWords(reason.conflict, system);
      return `${conflictTitle(reason.conflict, system)}. ${why}`;
    }
    case 'duty':
      return `${dutyTitle(reason.duty)}: ${dutyWhy(reason.duty, system, now)}`;
  }
}

/** A line of a list of reasons, and the reasons that it tells. */
interface ReasonLine {
  readonly reasons: readonly [TowReason, ...TowReason[]];
  readonly words: string;
}

/** Reasons as they are listed: duties of one routine that say one and the same are one line, so that many buried lines do not hide the one that matters. */
export function reasonLines(
  reasons: readonly TowReason[],
  system: UnitSystem,
  now: Instant,
): readonly ReasonLine[] {
  const lines = new Map<string, [TowReason, ...TowReason[]]>();
  reasons.forEach((reason, i) => {
    const key =
      reason.kind === 'duty'
        ? `${reason.duty.routine} ${reason.fitness} ${dutyWhy(reason.duty, system, now)}`
        : String(i);
    const line = lines.get(key);
    if (line) line.push(reason);
    else lines.set(key, [reason]);
  });
  return [...lines.values()].map((line) => {
    const duties = line.flatMap((reason) => (reason.kind === 'duty' ? [reason.duty] : []));
    const [first] = duties;
    const words =
      first && duties.length > 1
        ? `${routineTitle(
            first.routine,
            duties.map(({ place }) => place),
          )}: ${dutyWhy(first, system, now)}`
        : reasonWords(line[0], system, now);
    return { reasons: line, words };
  });
}

/** The yard's sentence: may this rig be towed today? */
export function towHeadline(verdict: TowVerdict): string {
  const { fitness, reasons } = verdict;
  const heavy = reasons.filter((reason) => reason.fitness === fitness);
  switch (fitness) {
    case 'fit':
      return 'Fit to tow';
    case 'after':
      return `Fit to tow after ${words(jobsIn(heavy), 'job')}`;
    case 'unknown':
      return 'Not known to be fit';
    case 'not':
      return 'Not fit to tow';
  }
}

/** A place in a sentence: `1L`, `the coupler`, `the rig`. */
function spot(place: Place | 'rig'): string {
  if (place === 'rig') return 'the rig';
  return isGear(place) ? `the ${placeName(place).toLowerCase()}` : place;
}

/** Behind a clause, where it is: ` at 1L`; gear is named in small letters. */
function at(place: Place | 'rig'): string {
  return place === 'rig' ? '' : ` at ${spot(place)}`;
}

type OtherReason = Exclude<TowReason, { kind: 'duty' }>;

/** What else stands in the way, in a clause: `the finding at 2R`. */
function shortOther(reason: OtherReason): string {
  if (reason.kind === 'open-work') return `the open work on ${spot(reason.work.place)}`;
  if (reason.kind === 'finding') return `the finding${at(reason.finding.place)}`;
  if (reason.kind === 'limits') return 'what it is towed on with';
  return `the conflict${at(reason.conflict.place)}`;
}

/** A reason in a clause: `2R lug recheck 21 mi past`. */
function shortly(reason: TowReason, system: UnitSystem): string {
  if (reason.kind === 'open-work')
    return `work on ${spot(reason.work.place)} is open${reason.work.parked ? `, ${small(reason.work.parked)}` : ''}`;
  if (reason.kind === 'finding') return `${findingWords(reason.finding, system)}${at(reason.finding.place)}`;
  if (reason.kind === 'limits') return small(limitsWords(reason.limits, system));
  if (reason.kind === 'conflict')
    return `${conflictWords(reason.conflict, system).title}${at(reason.conflict.place)}`;
  const { routine, place } = reason.duty;
  const { figure, words: past } = dutyStanding(reason.duty, system);
  const name = jobWords(routine, [place]);
  return figure === 'now' ? `${name} is due` : `${name} is ${figure} ${past}`;
}

/** Reasons of one kind together, as the work they ask for. */
function grouped(reasons: readonly TowReason[]): readonly string[] {
  const duties = new Map<DutyRoutine, RoutinePlace[]>();
  const others: OtherReason[] = [];
  for (const reason of reasons) {
    if (reason.kind !== 'duty') others.push(reason);
    else duties.set(reason.duty.routine, [...(duties.get(reason.duty.routine) ?? []), reason.duty.place]);
  }
  return [...[...duties].map(([routine, places]) => jobWords(routine, places)), ...together(others)];
}

/** What else stands in the way, said once a place: `three findings at 2R`. */
function together(reasons: readonly OtherReason[]): readonly string[] {
  const alike = new Map<string, OtherReason[]>();
  for (const reason of reasons)
    alike.set(shortOther(reason), [...(alike.get(shortOther(reason)) ?? []), reason]);
  return [...alike].map(([said, all]) => {
    const [one] = all;
    if (all.length === 1 || !one) return said;
    if (one.kind === 'finding') return `${words(all.length, 'finding')}${at(one.finding.place)}`;
    return one.kind === 'conflict' ? `${words(all.length, 'conflict')}${at(one.conflict.place)}` : said;
  });
}

/** The sentence below the headline: what stands behind it, shortly. */
export function towSummary(verdict: TowVerdict, system: UnitSystem, now: Instant): string {
  const { fitness, reasons } = verdict;
  const heavy = reasons.filter((reason) => reason.fitness === fitness);
  const first = heavy[0];
  if (fitness === 'fit' || !first) {
    const soon = jobsIn(reasons);
    return soon === 0
      ? 'Everything on record is current.'
      : `Nothing is in the way. ${capital(words(soon, 'thing'))} to keep an eye on.`;
  }
  if (heavy.length === 1) return reasonWords(first, system, now);
  if (heavy.length <= 3 && fitness !== 'unknown')
    return `${capital(list(heavy.map((reason) => shortly(reason, system))))}.`;
  if (fitness === 'unknown') {
    const due = jobsIn(reasons.filter((reason) => reason.fitness === 'after'));
    const more = due > 0 ? ` Besides, ${words(due, 'job')} ${due === 1 ? 'is' : 'are'} due.` : '';
    return `No record of the ${list(grouped(heavy))}. Unknown counts as due until someone checks.${more}`;
  }
  return `${list(grouped(heavy))}.`.replace(/^./, (c) => c.toUpperCase());
}
