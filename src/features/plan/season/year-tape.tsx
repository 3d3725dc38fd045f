import { addDays, msOf } from '@/core/base';
import type { PlannedState } from '@/core/log';
import { checkpoints, seasonIn, SEASON_TIMES, type SeasonDates, type SeasonTime } from '@/core/rules';
import { day } from '@/text';

const DAY = 86_400_000;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const WIDTH = 1000;
const PAD = 14;
const BASE = 84;
const POST: Record<SeasonTime, string> = { commission: 'spring', mid: 'mid-season', layup: 'lay-up' };

/** The year on a ruled tape: the season underlined, the days that work is to be done by as posts, trips as spans, a plumb mark at today. */
export function YearTape({
  season,
  now,
  trips,
}: {
  season: SeasonDates;
  now: string;
  trips: readonly PlannedState[];
}) {
  // A quarter of the year lies behind, the rest ahead: one looks forward.
  const from = msOf(now) - 91 * DAY;
  const to = from + 365 * DAY;
  const x = (ms: number) => PAD + ((ms - from) / (to - from)) * (WIDTH - 2 * PAD);
  const inside = (ms: number) => ms >= from && ms <= to;
  const clip = (ms: number) => Math.min(to, Math.max(from, ms));
  const year = new Date(from).getUTCFullYear();
  const months = Array.from({ length: 14 }, (_, i) =>
    Date.UTC(year, new Date(from).getUTCMonth() + i, 1),
  ).filter(inside);
  const weeks = Array.from({ length: 53 }, (_, i) => from + i * 7 * DAY);
  const spans = [year - 1, year, year + 1]
    .map((one) => seasonIn(season, one))
    .filter(({ start, end }) => end > from && start < to);
  const posts = SEASON_TIMES.flatMap((time) => checkpoints(season, time, now)).filter(({ at }) =>
    inside(msOf(at)),
  );
  const label = [
    `The year around ${day(now, now)}`,
    ...posts.map(({ time, at }) => `${POST[time]} by ${day(at, now)}`),
    ...trips.map((trip) => `${trip.name ?? 'trip'} ${day(trip.at, now)}`),
  ].join('; ');
  return (
    <div className="overflow-x-auto">
      <svg viewBox={`0 0 ${WIDTH} 150`} role="img" aria-label={label} className="h-auto w-full min-w-[44rem]">
        {weeks.map((ms) => (
          <line
            key={ms}
            x1={x(ms)}
            x2={x(ms)}
            y1={BASE - 7}
            y2={BASE}
            stroke="var(--soft)"
            strokeWidth="0.8"
          />
        ))}
        {months.map((ms) => (
          <g key={ms}>
            <line x1={x(ms)} x2={x(ms)} y1={BASE - 20} y2={BASE} stroke="var(--ink)" strokeWidth="1.3" />
            <text x={x(ms) + 5} y={BASE - 10} fontSize="15" fill="var(--soft)" className="figures">
              {MONTHS[new Date(ms).getUTCMonth()]}
            </text>
          </g>
        ))}
        <line x1={PAD} x2={WIDTH - PAD} y1={BASE} y2={BASE} stroke="var(--ink)" strokeWidth="1.2" />
        {spans.map(({ start, end }) => (
          <line
            key={start}
            x1={x(clip(start))}
            x2={x(clip(end))}
            y1={BASE + 5}
            y2={BASE + 5}
            stroke="var(--accent)"
            strokeWidth="6"
          />
        ))}
        {posts.map(({ time, at, opens }) => {
          const at0 = x(msOf(at));
          // The label of a post near the end stands before it.
          const end = at0 > WIDTH - 150;
          return (
            <g key={at}>
              <line
                x1={x(clip(msOf(opens)))}
                x2={at0}
                y1={BASE + 13}
                y2={BASE + 13}
                stroke="var(--soon)"
                strokeWidth="3"
                strokeDasharray="3 3"
              />
              <line x1={at0} x2={at0} y1={BASE - 2} y2={BASE + 34} stroke="var(--ink)" strokeWidth="1.8" />
              <text
                x={at0 + (end ? -6 : 6)}
                y={BASE + 34}
                fontSize="16"
                textAnchor={end ? 'end' : 'start'}
                fill="var(--ink)"
              >
                {POST[time]}
              </text>
              <text
                x={at0 + (end ? -6 : 6)}
                y={BASE + 52}
                fontSize="15"
                textAnchor={end ? 'end' : 'start'}
                fill="var(--soft)"
                className="figures"
              >
                by {day(at, now)}
              </text>
            </g>
          );
        })}
        {trips
          .filter((trip) => inside(msOf(trip.at)))
          .map((trip, i) => (
            <g key={trip.id}>
              <path
                d={`M${x(msOf(trip.at))} ${BASE - 30}v-8h${Math.max(6, x(msOf(addDays(trip.at, 3))) - x(msOf(trip.at)))}v8`}
                fill="none"
                stroke="var(--accent)"
                strokeWidth="2"
              />
              <text x={x(msOf(trip.at))} y={BASE - 43 - (i % 2) * 17} fontSize="15" fill="var(--accent)">
                {trip.name ?? 'trip'}
              </text>
            </g>
          ))}
        <path d={`M${x(msOf(now)) - 7} 4h14l-7 9z`} fill="var(--ink)" />
        <line
          x1={x(msOf(now))}
          x2={x(msOf(now))}
          y1="12"
          y2={BASE + 10}
          stroke="var(--ink)"
          strokeWidth="2"
        />
      </svg>
    </div>
  );
}
