import {
  dutyBand,
  fallsOn,
  sampleFutures,
  seeded,
  type Band,
  type FallsOn,
  type PlannedTrip,
  type Prior,
  type TowWeek,
} from '@/core/forecast';
import type { Duty } from '@/core/duty';

/** What the page asks: a rig's weeks, a moment, and the duties to date. */
export interface ForecastAsk {
  readonly history: readonly TowWeek[];
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

addEventListener('message', ({ data }: MessageEvent<ForecastAsk>) => {
  const { history, now, duties, prior, planned } = data;
  const futures = sampleFutures(history, { now, weeks: WEEKS, count: COUNT, prior, planned }, seeded(SEED));
  const bands: Record<string, Band> = {};
  const trips: Record<string, FallsOn> = {};
  for (const duty of duties) {
    const band = dutyBand(duty, futures);
    if (band) bands[duty.id] = band;
    const trip = fallsOn(duty, futures, planned);
    if (trip) trips[duty.id] = trip;
  }
  const answer: ForecastAnswer = { bands, trips, basis: futures.basis };
  postMessage(answer);
});
