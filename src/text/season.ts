import { type Instant, toSI, type UnitSystem } from '@/core/base';
import type { SeasonList } from '@/core/duty';
import type { EventBody } from '@/core/log';
import type { Half, SeasonDates, SeasonTime } from '@/core/rules';
import { day } from './dates';
import { list, measure, words } from './measure';

/** The halves of the world. */
export const HALF_WORDS: Record<Half, string> = {
  north: 'Northern hemisphere',
  south: 'Southern hemisphere',
};

/** The times of a season. */
export const SEASON_WORDS: Record<SeasonTime, string> = {
  commission: 'Spring commissioning',
  mid: 'Mid-season',
  layup: 'Lay-up',
};

/** What can happen to a rig and leaves a check behind. */
export const EVENT_WORDS: Record<EventBody['what'], string> = {
  shop: 'A shop had wheels off',
  verge: 'Tightened on the shoulder',
  'new-brakes': 'New brakes installed',
  adapter: 'Wheel adapters installed',
  fixings: 'U-bolts or hangers disturbed',
};

/** What each leaves behind. */
export function eventLeaves(what: EventBody['what'], system: UnitSystem): string {
  const far = (...miles: number[]) =>
    list(miles.map((value) => measure(toSI(value, 'mi'), 'distance', system)));
  switch (what) {
    case 'shop':
      return 'You check the torque yourself, then rechecks begin';
    case 'verge':
      return 'Torque to its figure at the next safe place, then rechecks begin';
    case 'new-brakes':
      return `Adjusted again after ${far(200)}`;
    case 'adapter':
      return `Their own nuts rechecked at ${far(10, 25, 50)}`;
    case 'fixings':
      return `Tried by wrench again at ${far(50)}`;
  }
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A day of every year: `1 Apr`. */
export function yearDay(text: string): string {
  return `${MONTHS[Number(text.slice(0, 2)) - 1] ?? ''} ${Number(text.slice(3))}`;
}

/** How far a time of the season has come: `two of nine done, by 9 Jun`. */
export function chapterHeadline(chapter: SeasonList, now: Instant): string {
  const { items, at, open, opens } = chapter;
  const left = items.filter((item) => item.done.length < item.duties.length).length;
  if (items.length > 0 && left === 0) return 'all done';
  if (!open) return `from ${day(opens, now)}, by ${day(at, now)}`;
  return `${words(left, 'job')} ${at < now ? `late since ${day(at, now)}` : `by ${day(at, now)}`}`;
}

/** The season that holds, and whose it is. */
export function seasonWords(season: SeasonDates, name: string): string {
  const span = `${name} is towed from ${yearDay(season.start)} to ${yearDay(season.end)}`;
  return season.basis === 'owner'
    ? `${span}, as you said.`
    : `${span}, the usual there; change it if yours differs.`;
}
