import type { Instant } from '@/core/base';
import type { Duty, DutyRoutine, MeterUse, PlaceMark, TowReason, TowVerdict } from '@/core/duty';
import type { UnitSystem } from '@/core/quantity';
import { capital, count, list, measure, words } from './measure';
import { BASIS_WORDS } from './rig';
import { day } from './dates';

/** The five states of a place in words. */
export const MARK_WORDS: Record<PlaceMark, string> = {
  clear: 'Clear',
  soon: 'Soon',
  unknown: 'Unknown',
  due: 'Due',
  stop: 'Stop',
};

const ROUTINE_WORDS: Record<DutyRoutine, { title: string; noun: string; jobs: [string, string] }> = {
  repack: { title: 'Repack', noun: 'repack', jobs: ['repack', 'repacks'] },
  'hub-look': { title: 'Yearly look at', noun: 'look', jobs: ['hub look', 'hub looks'] },
  'lug-recheck': { title: 'Lug recheck', noun: 'refit', jobs: ['lug recheck', 'lug rechecks'] },
};

/** A duty by name: `Repack 2R`. */
export function dutyTitle(duty: Duty): string {
  return `${ROUTINE_WORDS[duty.routine].title} ${duty.place}`;
}

/** An amount of a meter: `180 mi`, `23 days`, `3 launches`. */
export function meterAmount(meter: MeterUse['meter'], value: number, system: UnitSystem): string {
  if (meter === 'distance') return measure(Math.max(0, value), 'distance', system);
  return meter === 'days'
    ? count(Math.max(0, Math.floor(value)), 'day')
    : count(Math.max(0, value), 'launch', 'launches');
}

/** What a duty rests on: `every 365 days or 12,000 mi, house rule`. */
export function dutyRule(duty: Duty, system: UnitSystem): string {
  const use = duty.governing;
  if (!use) return 'no record yet';
  const limit = meterAmount(use.meter, use.limit, system);
  if (duty.routine === 'lug-recheck') return `${limit} from the refit, ${BASIS_WORDS[use.basis]}`;
  return `every ${limit}, ${BASIS_WORDS[use.basis]}`;
}

/** One sentence why a duty stands as it does. */
export function dutyWhy(duty: Duty, system: UnitSystem, now: Instant): string {
  const use = duty.governing;
  const noun = ROUTINE_WORDS[duty.routine].noun;
  if (!use || !duty.from) return `No ${noun} on record. Unknown counts as due until someone has looked.`;
  const used = `${use.atLeast ? 'at least ' : ''}${meterAmount(use.meter, use.used, system)}`;
  const since = `since the ${noun} of ${day(duty.from.at, now)}`;
  const limit = meterAmount(use.meter, use.limit, system);
  return `${used.replace(/^./, (c) => c.toUpperCase())} ${since}; ${duty.routine === 'lug-recheck' ? 'recheck' : 'limit'} at ${limit} (${BASIS_WORDS[use.basis]}).`;
}

/** How a duty stands as one figure with its words: `6 mi` `past`, `412 mi` `left`. */
export function dutyStanding(
  duty: Duty,
  system: UnitSystem,
): { readonly figure: string; readonly words: string } {
  const use = duty.governing;
  if (!use) return { figure: 'unknown', words: '' };
  const left = use.limit - use.used;
  if (duty.verdict === 'due' || duty.verdict === 'overdue') {
    const past = meterAmount(use.meter, -left, system);
    return /^0 /.test(past) ? { figure: 'now', words: 'due' } : { figure: past, words: 'past' };
  }
  return { figure: meterAmount(use.meter, left, system), words: 'left' };
}

/** A reason of a tow verdict in one sentence. */
export function reasonWords(reason: TowReason, system: UnitSystem, now: Instant): string {
  switch (reason.kind) {
    case 'open-work':
      return `Work on ${reason.work.place} is open at step ${reason.work.step} of ${reason.work.steps}: not fit to tow until it is closed.`;
    case 'finding':
      return `${reason.finding.place === 'rig' ? 'On the rig' : reason.finding.place}: ${reason.finding.text}, seen ${day(reason.finding.at, now)}.`;
    case 'duty':
      return `${dutyTitle(reason.duty)}: ${dutyWhy(reason.duty, system, now)}`;
  }
}

/** The job a reason asks for, by kind, so that like ones can be counted together. */
function jobOf(reason: TowReason): {
  readonly key: string;
  readonly jobs: [string, string];
  readonly place: string;
} {
  if (reason.kind === 'duty')
    return {
      key: reason.duty.routine,
      jobs: ROUTINE_WORDS[reason.duty.routine].jobs,
      place: reason.duty.place,
    };
  if (reason.kind === 'finding')
    return { key: reason.finding.id, jobs: ['finding', 'findings'], place: reason.finding.place };
  return { key: reason.work.session, jobs: ['open job', 'open jobs'], place: reason.work.place };
}

/** The yard's sentence: may this rig be towed today? */
export function towHeadline(verdict: TowVerdict): string {
  const { fitness, reasons } = verdict;
  const heavy = reasons.filter((reason) => reason.fitness === fitness);
  switch (fitness) {
    case 'fit':
      return 'Fit to tow';
    case 'after':
      return `Fit to tow after ${words(heavy.length, 'job')}`;
    case 'unknown':
      return 'Not known to be fit';
    case 'not':
      return 'Not fit to tow';
  }
}

/** A reason in a clause: `2R lug recheck 21 mi past`. */
function shortly(reason: TowReason, system: UnitSystem): string {
  if (reason.kind === 'open-work') return `work on ${reason.work.place} is open`;
  if (reason.kind === 'finding')
    return `${reason.finding.text}${reason.finding.place === 'rig' ? '' : ` at ${reason.finding.place}`}`;
  const { figure, words: past } = dutyStanding(reason.duty, system);
  const name = `${ROUTINE_WORDS[reason.duty.routine].jobs[0]} of ${reason.duty.place}`;
  return figure === 'now' ? `${name} is due` : `${name} is ${figure} ${past}`;
}

function grouped(reasons: readonly TowReason[]): readonly string[] {
  const groups = new Map<string, { jobs: [string, string]; places: string[] }>();
  for (const reason of reasons) {
    const { key, jobs, place } = jobOf(reason);
    const group = groups.get(key) ?? { jobs, places: [] };
    group.places.push(place);
    groups.set(key, group);
  }
  return [...groups.values()].map(
    ({ jobs, places }) => `${jobs[places.length === 1 ? 0 : 1]} of ${list(places)}`,
  );
}

/** The sentence below the headline: what stands behind it, shortly. */
export function towSummary(verdict: TowVerdict, system: UnitSystem, now: Instant): string {
  const { fitness, reasons } = verdict;
  const heavy = reasons.filter((reason) => reason.fitness === fitness);
  const first = heavy[0];
  if (fitness === 'fit' || !first) {
    const soon = reasons.length;
    return soon === 0
      ? 'Everything on record is in date.'
      : `Nothing is due. ${words(soon, 'thing').replace(/^./, (c) => c.toUpperCase())} to keep an eye on.`;
  }
  if (heavy.length === 1) return reasonWords(first, system, now);
  if (heavy.length <= 3 && fitness !== 'unknown')
    return `${capital(list(heavy.map((reason) => shortly(reason, system))))}.`;
  if (fitness === 'unknown') {
    const due = reasons.filter((reason) => reason.fitness === 'after').length;
    const more = due > 0 ? ` Besides, ${words(due, 'job')} ${due === 1 ? 'is' : 'are'} due.` : '';
    return `No record of the ${list(grouped(heavy))}. Unknown counts as due until someone has looked.${more}`;
  }
  return `${list(grouped(heavy))}.`.replace(/^./, (c) => c.toUpperCase());
}
