import { DAY_MS, instantOf, toSI } from '../base';
import { ONE_TEMPERATURE, pressureAt } from '../figures';
import { judgeReading, heatTrend, leakTrend, type Point } from '../judge';
import type { WheelEnd } from '../rig';
import { sampleModel } from './arbitraries';

/** What may be wrong with one wheel end of a simulated season. */
export interface Trouble {
  readonly place: WheelEnd;
  /** psi a month. */
  readonly leak?: number;
  /** °F over its mate that a hub gains by the end of the season, from the week it begins to fail. */
  readonly heat?: { readonly gains: number; readonly from: number };
}

/** What came of one place in one season: by the trend, and by the plain limit, in which week. */
export interface Outcome {
  readonly place: WheelEnd;
  readonly leakSeen: number | undefined;
  readonly lowSeen: number | undefined;
  readonly heatSeen: number | undefined;
  readonly hotSeen: number | undefined;
}

const PLACES: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];
const MATE: Record<string, WheelEnd> = { '1L': '1R', '1R': '1L', '2L': '2R', '2R': '2L' };
const BESIDE: Record<string, WheelEnd> = { '1L': '2L', '2L': '1L', '1R': '2R', '2R': '1R' };
const WEEKS = 26;
const START = Date.parse('2026-04-05T15:00:00.000Z');
const F = (value: number) => toSI(value, '°F');
const psi = (value: number) => toSI(value, 'psi');
const TARGET = psi(65);

function gauss(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/**
 * A season of weekly looks at a tandem rig, with what a real one has: a gauge and a thermometer that are
 * off, air that was guessed, sun on one side, loads and speeds that differ, brakes that were used hard
 * once in a while, rubber that lets through a little, and tires filled when they are low.
 */
function simulateSeason(random: () => number, trouble?: Trouble): readonly Outcome[] {
  const points: Record<string, Point[]> = {};
  const own = Object.fromEntries(PLACES.map((place) => [place, gauss(random) * 2.5]));
  const seeps = Object.fromEntries(PLACES.map((place) => [place, 0.4 + 0.6 * random()]));
  const held: Record<string, number> = Object.fromEntries(
    PLACES.map((place) => [place, 65 + gauss(random) * 0.5]),
  );
  const seen: Record<string, { -readonly [K in keyof Outcome]: Outcome[K] }> = Object.fromEntries(
    PLACES.map((place) => [
      place,
      { place, leakSeen: undefined, lowSeen: undefined, heatSeen: undefined, hotSeen: undefined },
    ]),
  );
  const model = {
    ...sampleModel({ axles: 2 }),
    tires: { pressure: { value: TARGET, source: 'maker' as const } },
  };
  for (let week = 0; week < WEEKS; week++) {
    const at = instantOf(START + week * 7 * DAY_MS);
    const day = Date.parse(at) / DAY_MS;
    const season = Math.sin(((week + 2) / WEEKS) * Math.PI);
    const air = 48 + 34 * season + gauss(random) * 7;
    const told = air + gauss(random) * 3;
    const worked = 38 + 14 * random();
    const sun = random() < 0.5 ? gauss(random) * 4 : 0;
    const base = { entry: String(week), at, day, distance: week * 160_000 };
    const add = (what: string, place: WheelEnd, value: number, temperature: number) =>
      (points[`${what}@${place}`] ??= []).push({ ...base, value, air: temperature, tires: 'cold' });
    for (const place of PLACES) {
      const loses = (trouble?.place === place ? (trouble.leak ?? 0) : 0) + (seeps[place] ?? 0);
      held[place] = (held[place] ?? 65) - (loses * 7) / 30;
      const cold = pressureAt(
        psi(held[place] ?? 65),
        { temperature: ONE_TEMPERATURE },
        { temperature: F(air) },
      );
      add('pressure', place, cold + psi(gauss(random) * 0.5), F(told));
      const fails = trouble?.place === place ? trouble.heat : undefined;
      const gained =
        fails && week > fails.from ? fails.gains * ((week - fails.from) / (WEEKS - fails.from)) ** 1.3 : 0;
      const braked = random() < 0.06 ? 12 * random() : 0;
      const shone = place.endsWith('L') ? sun : -sun;
      const hub = air + worked + (own[place] ?? 0) + shone + braked + gained + gauss(random) * 2.5;
      add('hub-temp', place, F(hub), F(told));
    }
    for (const place of PLACES) {
      const out = seen[place];
      if (!out) continue;
      const series = (what: string, where: WheelEnd) => points[`${what}@${where}`] ?? [];
      const last = series('pressure', place).at(-1)?.value ?? 0;
      const hub = series('hub-temp', place).at(-1)?.value ?? 0;
      const mate = series('hub-temp', MATE[place] ?? place).at(-1)?.value;
      const brought = pressureAt(last, { temperature: F(told) }, { temperature: ONE_TEMPERATURE });
      const low = judgeReading('pressure', brought, {
        house: { pressure: 'placard' },
        model,
        place,
      })?.verdict;
      const hot = judgeReading('hub-temp', hub, {
        house: { pressure: 'placard' },
        model,
        place,
        mate,
      })?.verdict;
      if (leakTrend(series('pressure', place), [], TARGET, at).status === 'leaking') out.leakSeen ??= week;
      if (low === 'due' || low === 'stop') out.lowSeen ??= week;
      if (
        heatTrend(series('hub-temp', place), series('hub-temp', MATE[place] ?? place), -Infinity, [
          series('hub-temp', BESIDE[place] ?? place),
        ]).status === 'rising'
      )
        out.heatSeen ??= week;
      // Before it begins to fail, a hot stop is one of hard braking.
      if (hot !== 'clear' && week > (trouble?.heat?.from ?? 0)) out.hotSeen ??= week;
    }
  }
  return Object.values(seen);
}

/** Shares over some simulated seasons: healthy wheel ends called leaking or failing, and troubles found before the plain limit. */
export interface Rates {
  readonly seasons: number;
  readonly leakFalse: number;
  readonly heatFalse: number;
  readonly leakFound: number;
  readonly leakFirst: number;
  readonly heatFound: number;
  readonly heatFirst: number;
}

/** How often trends call wrongly and rightly, over so many healthy seasons (per wheel end) and as many with a trouble each. */
export function rateTrends(seasons: number, random: () => number): Rates {
  let leakFalse = 0;
  let heatFalse = 0;
  const found = { leak: 0, leakFirst: 0, heat: 0, heatFirst: 0 };
  for (let i = 0; i < seasons; i++) {
    for (const out of simulateSeason(random)) {
      if (out.leakSeen !== undefined) leakFalse += 1;
      if (out.heatSeen !== undefined) heatFalse += 1;
    }
    const place = PLACES[i % PLACES.length] ?? '1L';
    const leaking = { place, leak: 2.5 + 3.5 * random() };
    const failing = { place, heat: { gains: 28 + 30 * random(), from: 8 } };
    const leak = simulateSeason(random, leaking).find((one) => one.place === place);
    const heat = simulateSeason(random, failing).find((one) => one.place === place);
    if (leak?.leakSeen !== undefined) found.leak += 1;
    if (leak?.leakSeen !== undefined && leak.leakSeen < (leak.lowSeen ?? Infinity)) found.leakFirst += 1;
    if (heat?.heatSeen !== undefined) found.heat += 1;
    if (heat?.heatSeen !== undefined && heat.heatSeen < (heat.hotSeen ?? Infinity)) found.heatFirst += 1;
  }
  const ends = seasons * PLACES.length;
  return {
    seasons,
    leakFalse: leakFalse / ends,
    heatFalse: heatFalse / ends,
    leakFound: found.leak / seasons,
    leakFirst: found.leakFirst / seasons,
    heatFound: found.heat / seasons,
    heatFirst: found.heatFirst / seasons,
  };
}
