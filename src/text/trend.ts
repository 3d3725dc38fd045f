import { daysBetween, type Instant, formatNumber, fromSI, type UnitSystem } from '@/core/base';
import { ONE_TEMPERATURE } from '@/core/figures';
import type { HeatTrend, LeakTrend, Trend, WearPattern, WearTrend } from '@/core/judge';
import { day } from './dates';
import { partLength } from './facts';
import { degrees, overMate } from './heat';
import { count, measure, words } from './measure';

/** What a trend says: the sentence that matters, what it rests on, and the title of its chart. */
export interface TrendWords {
  readonly title: string;
  readonly said: string;
  readonly basis: string;
}

function leakWords(trend: LeakTrend, system: UnitSystem, now: Instant): TrendWords {
  const title = 'Pressure at one temperature';
  const reads = count(trend.brought.length, 'reading');
  const { rate, low, high, level } = trend;
  if (trend.status === 'few' || rate === undefined || low === undefined || high === undefined)
    return {
      title,
      said: 'Too few cold readings to tell a leak from the weather.',
      basis: `${reads}; it takes three over ten days or more.`,
    };
  const figure = (value: number) => measure(Math.max(0, value), 'pressure', system, 1);
  const share = `${formatNumber((rate / Math.max(level ?? 1, 1)) * 100, 1)} %`;
  const band = `Between ${figure(low)} and ${figure(high)} (90 %)`;
  const basis = `${reads} brought to ${measure(ONE_TEMPERATURE, 'temperature', system, 0)} and sea level; under 2 % a month is what rubber lets through.`;
  const { crosses } = trend;
  const when = crosses
    ? daysBetween(now, crosses.likely) < 1
      ? ' It is at its limit now.'
      : ` At that rate it is 15 % under its target about ${day(crosses.likely, now)}, at the earliest ${day(crosses.early, now)}${crosses.late ? `, at the latest ${day(crosses.late, now)}` : ''}.`
    : '';
  switch (trend.status) {
    case 'leaking':
      return {
        title,
        said: `Losing ${figure(rate)} a month, ${share}: a leak.${when}`,
        basis: `${band}. ${basis}`,
      };
    case 'perhaps':
      return {
        title,
        said: `Perhaps losing ${figure(rate)} a month; not sure yet.${when}`,
        basis: `${band}. ${basis}`,
      };
    default:
      return {
        title,
        said: rate > 0 ? `Holds its air: ${figure(rate)} a month, ${share}.` : 'Holds its air.',
        basis: `${band}. ${basis}`,
      };
  }
}

function heatWords(trend: HeatTrend, system: UnitSystem): TrendWords {
  const title = 'Hub over its mate';
  const stops = count(trend.overs.length, 'stop');
  const { usual, lately, scatter } = trend;
  if (trend.status === 'few' || usual === undefined || lately === undefined || scatter === undefined)
    return {
      title,
      said: 'Too few stops with both hubs read to know what is usual here.',
      basis: `${stops} since a hub of this axle was last opened; it takes eight.`,
    };
  const over = (kelvins: number) => overMate(kelvins, system);
  const basis = `${stops}, held against its own past first; it varies by ${degrees(scatter, system)} as a rule. Watched from ${degrees(25 / 1.8, system)} over.`;
  return trend.status === 'rising'
    ? {
        title,
        said: `Runs ${over(lately)} lately, ${over(usual)} before: it is getting warmer. Open it before it tells you on the road.`,
        basis,
      }
    : { title, said: `Runs ${over(lately)}, as it always has.`, basis };
}

function wearWords(trend: WearTrend, system: UnitSystem): TrendWords {
  const title = trend.what === 'tread' ? 'Tread, at its lowest' : 'Lining left';
  const reads = count(trend.dots.length, 'reading');
  const road = (metres: number) => measure(metres, 'distance', system);
  const { rate, low, high, left } = trend;
  if (trend.status === 'few' || rate === undefined || low === undefined || high === undefined)
    return {
      title,
      said: 'Too few readings over too short a way to tell how fast it wears.',
      basis: `${reads}; it takes two at least ${road(321_868)} apart.`,
    };
  if (!left)
    return {
      title,
      said: 'No wear to be seen in the readings yet.',
      basis: `${reads} since it was new here.`,
    };
  const per = system === 'us' ? '1,000 mi' : '1,000 km';
  const scale = system === 'us' ? 1 : 1 / 1.609344;
  const figure = (value: number) => {
    const inches = fromSI(Math.max(0, value) * scale, 'in');
    return system === 'us' ? `${formatNumber(inches * 32, 1)}/32 in` : `${formatNumber(inches * 25.4, 2)} mm`;
  };
  return {
    title,
    said: `Wears ${figure(rate)} in ${per}: about ${road(left.likely)} left to ${partLength(trend.limit, system)}.`,
    basis: `${reads}; between ${figure(low)} and ${figure(high)} in ${per} (90 %), so at least ${road(left.least)}.`,
  };
}

/** A trend in words. */
export function trendWords(trend: Trend, system: UnitSystem, now: Instant): TrendWords {
  switch (trend.kind) {
    case 'leak':
      return leakWords(trend, system, now);
    case 'heat':
      return heatWords(trend, system);
    case 'wear':
      return wearWords(trend, system);
    case 'nuts':
      return {
        title: 'Nuts at rechecks',
        said:
          trend.status === 'few'
            ? 'Too few rechecks to see a habit.'
            : trend.status === 'moving'
              ? `A nut moved at ${words(trend.moved, 'look')} of the last ${trend.of}: it does not stay tight. Look at faces, nuts and holes.`
              : `Nuts stay tight: ${trend.moved === 0 ? 'none moved' : 'one moved once'} in ${words(trend.of, 'look')}.`,
        basis: `${count(trend.looks.length, 'recheck')} on record.`,
      };
    case 'strokes':
      return {
        title: 'Strokes at a greasing',
        said:
          trend.status === 'few' || trend.last === undefined
            ? 'Too few greasings counted to know what it usually takes.'
            : trend.status === 'swallows'
              ? `Took ${count(trend.last, 'stroke')}${trend.usual === undefined ? '' : `, ${trend.usual} before`}${trend.others === undefined ? '' : `, the others ${trend.others}`}: it swallows grease. Look at the back of the hub and the brake.`
              : `Takes ${count(trend.last, 'stroke')}, as it does.`,
        basis: `${count(trend.points.length, 'greasing')} counted.`,
      };
    case 'play':
      return {
        title: 'End play',
        said:
          trend.status === 'few'
            ? 'Too few measurements to see it change.'
            : trend.status === 'growing'
              ? 'End play grows from one measurement to the next: the bearings settle or wear. Set it, and look again soon.'
              : 'End play stays where it was set.',
        basis: `${count(trend.points.length, 'measurement')}.`,
      };
  }
}

/** What a pattern across a tread speaks for. */
export const PATTERN_WORDS: Record<WearPattern, string> = {
  even: 'Even across: load, pressure and axle are right.',
  edges: 'Both edges lower than the middle: run with too little air, or too much load.',
  middle: 'The middle lower than the edges: run with too much air.',
  inner: 'The inner side lower: look at the axle, bent, overloaded or not square.',
  outer: 'The outer side lower: look at the axle, bent or not square, and at tight turns.',
};
