import { DAY_MS, normal, toSI, type Random } from '../base';
import { crossings, quantile, sampleFutures, towWeeks, UNTOLD, type TowWeek } from '../duty';

const WEEK = 7 * DAY_MS;
const HORIZON = 104;
const MONTHS = Array.from({ length: 12 }, (_, m) => m);

/** An owner whose habits are known, because they are made up. */
interface Owner {
  readonly chance: (month: number) => number;
  readonly week: (random: Random) => number;
  /** A towed week on average (m). */
  readonly typical: number;
}

/** One who tows mostly in some months, more or less often, near or far. */
function anyOwner(random: Random): Owner {
  const peak = 5 + 3 * random();
  const width = 1.5 + 3 * random();
  const busy = 0.25 + 0.65 * random();
  const idle = 0.03 * random();
  const typical = toSI(40 + 140 * random(), 'mi');
  const spread = 0.3 + 0.5 * random();
  return {
    chance: (month) => {
      const d = Math.abs(month + 0.5 - peak);
      const away = Math.min(d, 12 - d);
      return Math.min(0.95, idle + busy * Math.exp(-0.5 * (away / width) ** 2));
    },
    week: (from) => typical * Math.exp(spread * normal(from)),
    typical: typical * Math.exp(0.5 * spread * spread),
  };
}

/** How often the band that should hold eight truths of ten does hold them, over made-up owners. */
export interface Calibration {
  readonly held: number;
  readonly owners: number;
}

/** Runs the forecast on owners whose future is known: a history, a limit, and the week in which it was truly reached. */
export function calibrate(owners: number, futures: number, random: Random): Calibration {
  let held = 0;
  let asked = 0;
  const now = Date.UTC(2026, 4, 16);
  while (asked < owners) {
    const owner = anyOwner(random);
    const years = 0.5 + 2.5 * random();
    const past = Math.round(years * 52);
    const live = (from: number, count: number) =>
      Array.from({ length: count }, (_, w) => {
        const at = from + (w + 0.5) * WEEK;
        const goes = random() < owner.chance(new Date(at).getUTCMonth());
        return { at: new Date(at).toISOString(), distance: goes ? owner.week(random) : 0, launches: 0 };
      });
    const start = now - past * WEEK;
    const history: readonly TowWeek[] = towWeeks(
      live(start, past).filter((trip) => trip.distance > 0),
      new Date(start).toISOString(),
      new Date(now).toISOString(),
    );
    const truth = live(now, HORIZON);
    // The limit must know nothing of how this future went: it is a share of what the owner tows in a common year.
    const yearly = MONTHS.reduce((sum, month) => sum + owner.chance(month), 0) * (52.18 / 12) * owner.typical;
    const limit = yearly * (0.1 + 1.2 * random());
    let sum = 0;
    const week = truth.findIndex((one) => (sum += one.distance) >= limit);
    const reached = week < 0 ? HORIZON : week;
    asked += 1;
    const sampled = sampleFutures(
      history,
      { now: new Date(now).toISOString(), weeks: HORIZON, count: futures, prior: UNTOLD },
      random,
    );
    const at = crossings(sampled, 'distance', limit).sort();
    // Weeks are whole: at either end of the band a truth on the mark counts by chance, as the mark itself was drawn.
    const [early, late] = [quantile(at, 0.1), quantile(at, 0.9)];
    const edge = (mark: number, below: number) => {
      const on = at.filter((week) => week === mark).length / at.length;
      return on === 0 ? 1 : Math.min(1, Math.max(0, below / on));
    };
    if (reached > early && reached < late) held += 1;
    else if (early === late && reached === early) held += 1;
    else if (reached === early)
      held += edge(early, at.filter((week) => week <= early).length / at.length - 0.1);
    else if (reached === late) held += edge(late, 0.9 - at.filter((week) => week < late).length / at.length);
  }
  return { held: held / owners, owners };
}
