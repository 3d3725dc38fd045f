import { DAY_MS, instantOf, toSI, type Instant } from '../../base';
import { ONE_TEMPERATURE, pressureAt } from '../../figures';
import { PRESSURE_SHARE } from '../../rules';
import { fitRuns, type Line } from './fit';
import type { Point } from './history';

/** A pressure brought to one temperature and the level of the sea (Pa). */
export interface Brought {
  readonly point: Point;
  readonly value: number;
  /** The air was not written down: it stands as it was read. */
  readonly asRead: boolean;
}

/** What a tire's pressures say over time. Rates are Pa lost in 30 d, with a band of 90 %. */
export interface LeakTrend {
  readonly kind: 'leak';
  readonly status: 'few' | 'steady' | 'perhaps' | 'leaking';
  readonly brought: readonly Brought[];
  readonly rate?: number | undefined;
  readonly low?: number | undefined;
  readonly high?: number | undefined;
  /** Where the line stands now (Pa at one temperature). */
  readonly level?: number | undefined;
  /** The limit it comes to (Pa), and when: at the earliest, likely, at the latest. */
  readonly limit?: number | undefined;
  readonly crosses?:
    { readonly early: Instant; readonly likely: Instant; readonly late: Instant | undefined } | undefined;
}

/** A month, as leaks are told (d). */
const MONTH = 30;
/** What air finds its way through sound rubber in a month, at most: a share of the pressure. */
const PERMEATION = 0.02;
/** How far a pressure brought to one temperature is off as a rule: the gauge, and the air by guess (Pa). */
const NOISE = toSI(0.8, 'psi');
/** Where the air was not written down, a reading is so many times as doubtful. */
const AIR_UNKNOWN = 3.5;
/** So much more than the reading before: someone filled it (Pa). */
const FILLED = toSI(2.5, 'psi');
/** How far back is looked (d): over a season for a slow leak, and over the last weeks for one that began in them. */
const LOOK_BACK = [240, 75] as const;
/** Due from here on: a share of the target (handbook 5). */
const DUE = PRESSURE_SHARE.due;
/** The band told, of 90 %; and how sure a leak has to be, which is asked anew at every reading. */
const SURE = 1.645;
const SURER = 2.2;
const FEWEST = 3;
/** What would take longer (d) has no date worth telling. */
const FARTHEST = 3650;
/** Over less time than this nothing can be said (d). */
const SHORTEST = 10;

function brought(point: Point): Brought {
  const { value, altitude, tires } = point;
  // A warm tire is as warm as it was measured; nobody knows what it would be by the air.
  const temperature = tires === 'warm' ? point.tireTemp : point.air;
  return temperature === undefined
    ? { point, value, asRead: true }
    : {
        point,
        value: pressureAt(value, { temperature, altitude }, { temperature: ONE_TEMPERATURE }),
        asRead: false,
      };
}

/** Runs between fillings: a new one begins where it was set, or stands plainly higher than before. */
function runsOf(points: readonly Brought[], set: readonly Brought[]): readonly (readonly Brought[])[] {
  const filled = new Set(set);
  const all = [...points, ...set].sort((a, b) => a.point.day - b.point.day);
  const runs: Brought[][] = [];
  for (const one of all) {
    const run = runs[runs.length - 1];
    const before = run?.[run.length - 1];
    if (!run || !before || filled.has(one) || one.value > before.value + FILLED) runs.push([one]);
    else run.push(one);
  }
  return runs;
}

/** With few readings a band is wider than with many. */
const reach = (line: Line) => SURE * (1 + 1 / Math.max(1, line.count));

/**
 * The leak of a tire from what was read cold, and what it was filled to (handbook 8.4); the target (Pa) sets the
 * limit. Leaking means: surely more than rubber lets through, over the season or of late.
 */
export function leakTrend(
  read: readonly Point[],
  set: readonly Point[],
  target: number | undefined,
  now: Instant,
): LeakTrend {
  const [season, late] = LOOK_BACK.map((days) => leakWithin(days, read, set, target, now));
  const sure = [late, season].find((trend) => trend?.status === 'leaking');
  return sure ?? season ?? { kind: 'leak', status: 'few', brought: [] };
}

function leakWithin(
  days: number,
  read: readonly Point[],
  set: readonly Point[],
  target: number | undefined,
  now: Instant,
): LeakTrend {
  const today = Date.parse(now) / DAY_MS;
  const recent = (points: readonly Point[]) =>
    points.filter(
      ({ day, tires, tireTemp }) => (tires !== 'warm' || tireTemp !== undefined) && today - day <= days,
    );
  const points = recent(read).map(brought);
  const runs = runsOf(points, recent(set).map(brought));
  const all = runs.flat();
  const few = { kind: 'leak', status: 'few', brought: all } as const;
  const line = fitRuns(
    runs.map((run) =>
      run.map(({ point, value, asRead }) => ({ x: point.day, y: value, doubt: asRead ? AIR_UNKNOWN : 1 })),
    ),
    NOISE,
  );
  const span = Math.max(
    0,
    ...runs.map((run) => (run[run.length - 1]?.point.day ?? 0) - (run[0]?.point.day ?? 0)),
  );
  if (!line || all.length < FEWEST || span < SHORTEST) return few;
  const level = line.at(today);
  const rate = -line.slope * MONTH;
  const wide = reach(line) * line.error * MONTH;
  const through = PERMEATION * Math.max(level, 1);
  const limit = target === undefined ? undefined : DUE * target;
  const after = (loss: number): Instant | undefined => {
    if (limit === undefined || loss <= 0) return undefined;
    const days = Math.max(0, (level - limit) / (loss / MONTH));
    return days > FARTHEST ? undefined : instantOf((today + days) * DAY_MS);
  };
  const likely = after(rate);
  const early = after(rate + wide);
  const status =
    rate - (wide * SURER) / SURE > through ? 'leaking' : rate > through * 1.25 ? 'perhaps' : 'steady';
  return {
    kind: 'leak',
    status,
    brought: all,
    rate,
    low: rate - wide,
    high: rate + wide,
    level,
    limit,
    crosses: status !== 'steady' && likely && early ? { early, likely, late: after(rate - wide) } : undefined,
  };
}
