import { middle, toSI } from '../../base';
import { airPressure } from '../../figures';
import { coldByRule, judgeWarmPressure } from '../../judge';
import { isWheelEnd, matesOf, wheelEnds, type RigModel, type Specified, type WheelEnd } from '../../rig';
import { HUB_HEAT, OVER_AIR, OVER_MATE, type TroubleId } from '../../rules';
import { hear, LOWER, qualityOf, SELDOM, type Heard, type Quality } from './quality';
import type { Channel, Sample } from './sample';

/** What the live values call out. */
export type AlarmCode =
  'hub-over-mate' | 'hub-over-air' | 'hub-hot' | 'tire-leak' | 'tire-low' | 'tire-rise' | 'tire-under-mate';

/** Something that is called out, and stays called until it is over. Figures in SI; a rate in Pa/s. */
export interface Alarm {
  readonly code: AlarmCode;
  readonly place: WheelEnd;
  /** Pull over and look, or stop where it is safe at once. */
  readonly weight: 'look' | 'stop';
  readonly value: number;
  readonly against: number | undefined;
  /** The trouble that it leads to. */
  readonly trouble: TroubleId;
  /** Since when (ms). */
  readonly since: number;
}

/** A figure at a moment (ms). */
export interface Point {
  readonly at: number;
  readonly value: number;
}

/** What was heard of each channel and place, and what of it is drawn and judged. */
export interface Watch {
  readonly heard: Readonly<Record<string, Heard>>;
  /** The last quarter of an hour of good figures. */
  readonly lately: Readonly<Record<string, readonly Point[]>>;
  /** The whole trip, a point a minute. */
  readonly trip: Readonly<Record<string, readonly Point[]>>;
  /** The air that each tire holds, by its mates: one loses where the others do not. */
  readonly held: Readonly<Record<string, readonly Point[]>>;
  /** Since when something has been so, before it is called. */
  readonly rising: Readonly<Record<string, number>>;
  readonly alarms: readonly Alarm[];
  /** When it was judged last (ms). */
  readonly judged: number;
}

/** A watch that has heard nothing. */
export const NO_WATCH: Watch = {
  heard: {},
  lately: {},
  trip: {},
  held: {},
  rising: {},
  alarms: [],
  judged: -Infinity,
};

/** What the values are held against. */
export interface WatchContext {
  readonly model: RigModel;
  /** The cold pressure a tire should have (Pa), and what it read cold this morning. */
  readonly target: (place: WheelEnd) => Specified<number> | undefined;
  readonly morning: (place: WheelEnd) => number | undefined;
}

/** Judged no oftener than this (ms): many figures come at once. */
const OFTEN = 5_000;
/** A pressure that is so much lower (Pa) than the one before is judged at once. */
const FALL = toSI(1, 'psi');
const QUARTER = 900_000;
const MINUTE = 60_000;
/** The air that a tire holds is followed over so long (ms), and told from so much of it; a figure so far (Pa) from their middle is left out. */
const LEAK = { over: 6 * MINUTE, least: 4.8 * MINUTE, points: 12, odd: toSI(1.4, 'psi') } as const;
/** Losing so much a second (Pa/s) is a leak: sensors that step by half a psi and tires that warm unlike each other come to less (`npm run bench -- road`). */
const LOSES = toSI(0.133, 'psi') / 60;
/** So long (ms) something has to be so before it is called. */
const LASTS = { hub: 90_000, tire: 60_000, leak: 40_000 } as const;
/** Air that goes fast: two figures in a row lower by so much (Pa) than the one before them, within so long (ms). */
const BURST = { over: 3 * MINUTE, least: toSI(2.5, 'psi') } as const;
/** A tire is judged cold until it has rolled so far (m), its figure has risen by so much (share), or, where nobody counts, so long has passed (ms). */
const COLD = { rolled: toSI(10, 'mi'), risen: 0.03, time: 20 * MINUTE } as const;
/** It is over once it is so much better (K). */
const EASED = 4;

/** The key of a channel at a place. */
export function channelKey(what: Channel, place: Sample['place']): string {
  return `${what}@${place}`;
}

const since = (points: readonly Point[], at: number, span: number) =>
  points.filter((one) => at - one.at <= span);

/** The middle of the last three figures: one odd one tells nothing. */
function steady(points: readonly Point[] | undefined): number | undefined {
  if (!points || points.length === 0) return undefined;
  const last = points.slice(-3).map(({ value }) => value);
  return last.sort((a, b) => a - b)[Math.floor(last.length / 2)];
}

/** What a channel reads by now; undefined where it is silent or was never good. */
export function reads(watch: Watch, what: Channel, place: Sample['place'], now: number): number | undefined {
  const key = channelKey(what, place);
  const heard = watch.heard[key];
  if (!heard?.good || qualityOf(heard, now) === 'silent' || now - heard.good.at > QUARTER / 3)
    return undefined;
  return steady(watch.lately[key]);
}

/** How a channel stands; undefined where nothing was ever heard of it. */
export function channelQuality(
  watch: Watch,
  what: Channel,
  place: Sample['place'],
  now: number,
): Quality | undefined {
  const heard = watch.heard[channelKey(what, place)];
  return heard && qualityOf(heard, now);
}

/** The slope of some points by least squares (units a second), and how long they span (s). */
function slope(points: readonly Point[]): { readonly rate: number; readonly span: number } | undefined {
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last || points.length < 2) return undefined;
  const span = (last.at - first.at) / 1000;
  const mean = (of: (one: Point) => number) => points.reduce((sum, one) => sum + of(one), 0) / points.length;
  const [t, v] = [mean(({ at }) => at), mean(({ value }) => value)];
  const above = points.reduce((sum, one) => sum + (one.at - t) * (one.value - v), 0);
  const below = points.reduce((sum, one) => sum + (one.at - t) ** 2, 0);
  return below === 0 ? undefined : { rate: (above / below) * 1000, span };
}

/** How much air a tire holds against the others (ln of absolute pressure): warming alike they all rise, and this stays. */
function heldBy(watch: Watch, place: WheelEnd, model: RigModel, at: number): number | undefined {
  const amount = (end: WheelEnd) => {
    const pressure = watch.heard[channelKey('pressure', end)]?.good;
    return pressure && at - pressure.at <= 2 * MINUTE ? Math.log(pressure.value + airPressure()) : undefined;
  };
  const own = amount(place);
  const others = wheelEnds(model)
    .filter((end) => end !== place)
    .flatMap((end) => amount(end) ?? []);
  if (own === undefined || others.length === 0) return undefined;
  return own - others.reduce((sum, one) => sum + one, 0) / others.length;
}

/** `atOnce` does not wait until it has lasted. */
type Called = Omit<Alarm, 'since'> & { readonly atOnce?: true };

function hubCalls(watch: Watch, place: WheelEnd, model: RigModel, now: number): readonly Called[] {
  const value = reads(watch, 'hub-temp', place, now);
  if (value === undefined) return [];
  const call = (code: AlarmCode, weight: Alarm['weight'], against: number | undefined): Called => ({
    code,
    place,
    weight,
    value,
    against,
    trouble: 'hot',
  });
  if (value > HUB_HEAT.due) return [call('hub-hot', 'stop', HUB_HEAT.due)];
  const eased = (code: AlarmCode) =>
    watch.alarms.some((one) => one.code === code && one.place === place) ? EASED : 0;
  const mate = reads(watch, 'hub-temp', matesOf(place, model).across, now);
  const air = reads(watch, 'air', 'rig', now);
  if (mate !== undefined && value - mate >= OVER_MATE.watched - eased('hub-over-mate'))
    return [call('hub-over-mate', value - mate > OVER_MATE.due ? 'stop' : 'look', mate)];
  if (air !== undefined && value - air >= OVER_AIR.due - eased('hub-over-air'))
    return [call('hub-over-air', 'look', air)];
  return [];
}

/** Points without those far from their middle: one odd figure bends a line. */
function withoutOdd(points: readonly Point[], far: number): readonly Point[] {
  const sorted = points.map(({ value }) => value).sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  return points.filter(({ value }) => Math.abs(value - middle) <= far);
}

/** Air that goes fast: under half of what it should have, or lower twice in a row while the others stand. */
function burstCall(
  watch: Watch,
  place: WheelEnd,
  { model, target }: WatchContext,
  now: number,
): readonly Called[] {
  const points = since(watch.lately[channelKey('pressure', place)] ?? [], now, BURST.over);
  const last = points.at(-1);
  const before = points.at(-2);
  if (!last || !before) return [];
  const call = (from: Point): readonly Called[] => {
    const against = ((from.value - last.value) / (last.at - from.at)) * 1000;
    return [
      { code: 'tire-leak', place, weight: 'stop', value: last.value, against, trouble: 'soft', atOnce: true },
    ];
  };
  const half = (target(place)?.value ?? 0) / 2;
  const whole = points.findLast(({ value }) => value >= half);
  if (last.value < half && whole) return call(whole);
  // The middle of those before: one that was too high is no fall.
  const earlier = [...points.slice(0, -2)].sort((a, b) => a.value - b.value);
  const from = earlier[Math.floor((earlier.length - 1) / 2)];
  // Where figures come seldom the second in a row that is lower is enough, however little the first was.
  const seldom = last.at - before.at >= SELDOM && from !== undefined && from.value - before.value >= LOWER;
  const fell = from && from.value - (seldom ? last.value : Math.max(before.value, last.value));
  if (!from || !fell || fell < BURST.least) return [];
  // All of them falling is a cold rain, or a sensor's hub that restarts.
  const others = wheelEnds(model).filter((end) => end !== place);
  const alone = others.every((end) => {
    const theirs = since(watch.lately[channelKey('pressure', end)] ?? [], now, BURST.over);
    return (theirs[0]?.value ?? 0) - (theirs.at(-1)?.value ?? 0) < fell / 2;
  });
  return alone ? call(from) : [];
}

/**
 * What a tire that warms comes to cold (Pa): the others tell how far they have come, and never more is taken off than the
 * rule does (handbook 5). On a cold morning a tire that has risen a little is not taken for one that runs hot.
 */
function coldBy(watch: Watch, place: WheelEnd, value: number, model: RigModel, now: number): number {
  const risen = wheelEnds(model).flatMap((end) => {
    const first = watch.trip[channelKey('pressure', end)]?.[0]?.value;
    const reading = end === place ? undefined : reads(watch, 'pressure', end, now);
    return first && reading !== undefined ? [reading / first] : [];
  });
  const by = middle(risen);
  return by === undefined ? coldByRule(value) : Math.max(coldByRule(value), value / Math.max(1, by));
}

/** True for a tire that has not warmed yet: what it reads is what it holds cold. */
function isCold(watch: Watch, place: WheelEnd, value: number, now: number): boolean {
  const first = watch.trip[channelKey('pressure', place)]?.[0];
  if (!first) return true;
  if (value >= first.value * (1 + COLD.risen)) return false;
  const way = watch.trip[channelKey('distance', 'rig')] ?? [];
  const rolled = (way.at(-1)?.value ?? 0) - (way[0]?.value ?? 0);
  return way.length > 1 ? rolled < COLD.rolled : now - first.at < COLD.time;
}

function leakCall(watch: Watch, place: WheelEnd, value: number, now: number): readonly Called[] {
  const absolute = value + airPressure();
  const points = withoutOdd(since(watch.held[place] ?? [], now, LEAK.over), LEAK.odd / absolute);
  const fit = slope(points);
  if (!fit || points.length < LEAK.points || fit.span * 1000 < LEAK.least) return [];
  const rate = -fit.rate * absolute;
  return rate >= LOSES
    ? [{ code: 'tire-leak', place, weight: 'stop', value, against: rate, trouble: 'soft' }]
    : [];
}

function tireCalls(watch: Watch, place: WheelEnd, about: WatchContext, now: number): readonly Called[] {
  const value = reads(watch, 'pressure', place, now);
  if (value === undefined) return [];
  const burst = burstCall(watch, place, about, now);
  const leaks = burst.length > 0 ? burst : leakCall(watch, place, value, now);
  const mate = reads(watch, 'pressure', matesOf(place, about.model).across, now);
  const judged = judgeWarmPressure(value, {
    target: about.target(place),
    morning: about.morning(place),
    mate,
    cold: isCold(watch, place, value, now) ? value : coldBy(watch, place, value, about.model, now),
  });
  const code = judged?.by === 'rise' ? 'tire-rise' : judged?.by === 'mate' ? 'tire-under-mate' : 'tire-low';
  return judged && (judged.verdict === 'due' || judged.verdict === 'stop')
    ? [
        ...leaks,
        {
          code,
          place,
          weight: judged.verdict === 'stop' ? 'stop' : 'look',
          value,
          against: judged.against,
          trouble: 'soft',
        },
      ]
    : leaks;
}

/** How long each has to last before it is called (ms). */
const SHARP: Readonly<Record<AlarmCode, number>> = {
  'hub-over-mate': LASTS.hub,
  'hub-over-air': LASTS.hub,
  'hub-hot': LASTS.hub / 3,
  'tire-leak': LASTS.leak,
  'tire-low': LASTS.tire,
  'tire-rise': LASTS.tire,
  'tire-under-mate': LASTS.tire,
};

/** The alarms as they stand at a moment: called once they have lasted, kept until they are over. */
function callOut(watch: Watch, about: WatchContext, now: number): Pick<Watch, 'alarms' | 'rising'> {
  const calls = wheelEnds(about.model).flatMap((end) => [
    ...hubCalls(watch, end, about.model, now),
    ...tireCalls(watch, end, about, now),
  ]);
  const rising = Object.fromEntries(
    calls.map(({ code, place }) => [`${code}@${place}`, watch.rising[`${code}@${place}`] ?? now]),
  );
  const called = calls
    .filter(({ code, place, atOnce }) => atOnce || now - (rising[`${code}@${place}`] ?? now) >= SHARP[code])
    .map(({ atOnce: _, ...one }): Alarm => ({
      ...one,
      since: watch.alarms.find(({ code, place }) => code === one.code && place === one.place)?.since ?? now,
    }));
  // A leak is not over because it was slower for a while: air that is gone is gone.
  const lasting = watch.alarms.filter(
    (one) =>
      one.code === 'tire-leak' && !called.some(({ code, place }) => code === one.code && place === one.place),
  );
  return { rising, alarms: [...called, ...lasting] };
}

/** The watch after a figure of an instrument: nonsense, jumps and single odd figures call nothing. */
export function watchOn(before: Watch, sample: Sample, about: WatchContext): Watch {
  const key = channelKey(sample.what, sample.place);
  const gone =
    sample.what === 'pressure' && isWheelEnd(sample.place) ? (about.target(sample.place)?.value ?? 0) / 2 : 0;
  const good = before.heard[key]?.good;
  const heard = hear(before.heard[key], sample, gone);
  const all = { ...before, heard: { ...before.heard, [key]: heard } };
  if (heard.quality !== 'good') return all;
  const point = { at: sample.at, value: sample.value };
  // Believed now, the figures that led down to it were right as well.
  const doubted = (before.heard[key]?.odd ?? [])
    .filter(({ value }) => good !== undefined && value < good.value && value > sample.value)
    .map(({ at, value }) => ({ at, value }));
  const trip = before.trip[key] ?? [];
  const next: Watch = {
    ...all,
    lately: {
      ...before.lately,
      [key]: [...since(before.lately[key] ?? [], sample.at, QUARTER), ...doubted, point],
    },
    trip:
      sample.at - (trip.at(-1)?.at ?? -Infinity) >= MINUTE
        ? { ...before.trip, [key]: [...trip, point] }
        : before.trip,
  };
  const { place } = sample;
  const holds =
    sample.what === 'pressure' && place !== 'rig' && isWheelEnd(place)
      ? heldBy(next, place, about.model, sample.at)
      : undefined;
  const held =
    holds === undefined || place === 'rig'
      ? next.held
      : {
          ...next.held,
          [place]: [...since(next.held[place] ?? [], sample.at, QUARTER), { at: sample.at, value: holds }],
        };
  const then = { ...next, held };
  // Air that goes waits for no turn.
  const falls = sample.what === 'pressure' && good !== undefined && sample.value < good.value - FALL;
  if (!falls && sample.at - before.judged < OFTEN) return then;
  return { ...then, ...callOut(then, about, sample.at), judged: sample.at };
}
