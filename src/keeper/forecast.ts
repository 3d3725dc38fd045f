import { seeded } from '@/core/base';
import {
  type Duty,
  dutyBand,
  fallsOn,
  historyOf,
  sampleFutures,
  type Band,
  type FallsOn,
  type PlannedTrip,
  type Prior,
} from '@/core/duty';
import type { Fold } from '@/core/log';

/** What a page asks: a rig, a moment, and the duties to date. */
export interface ForecastAsk {
  readonly rig: string;
  readonly now: string;
  /** What its owner expects, while the record is short. */
  readonly prior: Prior;
  readonly planned: readonly PlannedTrip[];
  readonly duties: readonly Pick<Duty, 'id' | 'meters' | 'from'>[];
}

/** What comes back: a band for each duty that has a record, and what they rest on. */
export interface ForecastAnswer {
  readonly bands: Readonly<Record<string, Band>>;
  /** The planned trip that a duty is likely to fall due on. */
  readonly trips: Readonly<Record<string, FallsOn>>;
  readonly basis: 'history' | 'expected';
}

const WEEKS = 104;
const COUNT = 2000;
/** One seed for all: the same record gives the same forecast on every device. */
const SEED = 1;

/** When duties of a rig will fall due, by its own seasons and planned trips. */
export function forecast(fold: Fold, { rig, now, duties, prior, planned }: ForecastAsk): ForecastAnswer {
  const history = historyOf(fold, rig, now);
  const futures = sampleFutures(history, { now, weeks: WEEKS, count: COUNT, prior, planned }, seeded(SEED));
  const bands: Record<string, Band> = {};
  const trips: Record<string, FallsOn> = {};
  for (const duty of duties) {
    const band = dutyBand(duty, futures);
    if (band) bands[duty.id] = band;
    const trip = fallsOn(duty, futures, planned);
    if (trip) trips[duty.id] = trip;
  }
  return { bands, trips, basis: futures.basis };
}
