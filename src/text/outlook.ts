import { differenceInCalendarDays } from 'date-fns';
import type { Instant, UnitSystem, Fitness } from '@/core/base';
import type { Duty, Outlook, OutlookTrip, TowVerdict } from '@/core/duty';
import { localOf } from './civil';
import { day, weekday } from './dates';
import { capital, list, measure } from './measure';
import { jobWords } from './routines';

/** A day ahead as it is spoken of: `Saturday` within the week, else the day. */
function dayAhead(at: Instant, now: Instant): string {
  const days = differenceInCalendarDays(localOf(at), new Date(now));
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return days > 1 && days < 7 ? weekday(at) : day(at, now);
}

/** May it go on a trip ahead, as far as is known today. */
export function outlookFitness(tow: TowVerdict, outlook: Outlook): Fitness {
  return tow.fitness === 'fit' && outlook.before.length > 0 ? 'after' : tow.fitness;
}

const MOST = 3;

/** Some things in a list, the rest counted. */
function some(items: readonly string[]): string {
  return items.length <= MOST
    ? list(items)
    : `${items.slice(0, MOST - 1).join(', ')} and ${items.length - MOST + 1} more`;
}

/** Jobs of one kind together: `lug rechecks of 1L, 1R and 2L at 19 mi`; `where` tells apart those that fall due elsewhere. */
function together(items: readonly { readonly duty: Duty; readonly where: string }[]): readonly string[] {
  const groups = new Map<string, { routine: Duty['routine']; where: string; places: Duty['place'][] }>();
  for (const { duty, where } of items) {
    const key = `${duty.routine} ${where}`;
    const group = groups.get(key) ?? { routine: duty.routine, where, places: [] };
    group.places.push(duty.place);
    groups.set(key, group);
  }
  return [...groups.values()].map(({ routine, where, places }) => `${jobWords(routine, places)}${where}`);
}

/** Whether the rig is fit for a trip ahead, and what falls due on the way: `Fit for Saturday's 180 mi; 2L lug recheck at mile 25.` */
export function outlookWords(
  trip: OutlookTrip,
  tow: TowVerdict,
  outlook: Outlook,
  system: UnitSystem,
  now: Instant,
): string {
  const far = measure(trip.distance, 'distance', system);
  const when = dayAhead(trip.at, now);
  const goal = /^(today|tomorrow|.*day)$/.test(when) ? `${when}'s ${far}` : `${far} on ${when}`;
  const before = together(outlook.before.map((duty) => ({ duty, where: '' })));
  const onTheWay = together(
    outlook.during.map(({ duty, distance, launch }) => ({
      duty,
      where:
        distance === undefined
          ? ` at launch ${String(launch)}`
          : ` at ${measure(distance, 'distance', system)}`,
    })),
  );
  const way = onTheWay.length > 0 ? ` On the way: ${some(onTheWay)}.` : '';
  switch (outlookFitness(tow, outlook)) {
    case 'fit':
      return `Fit for ${goal}.${way}`;
    case 'after':
      return before.length > 0
        ? `For ${goal}: due before it starts, ${some(before)}.${way}`
        : `For ${goal}: what is due now comes first.${way}`;
    case 'unknown':
      return `For ${goal}: not known to be fit until what has no record is checked.${way}`;
    case 'not':
      return `${capital(goal)}: not fit as it stands.${way}`;
  }
}
