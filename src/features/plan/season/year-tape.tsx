import { addDays, msOf } from '@/core/base';
import type { PlannedState } from '@/core/log';
import { checkpoints, seasonIn, SEASON_TIMES, type SeasonDates, type SeasonTime } from '@/core/rules';
import { day } from '@/text';
import { useWide } from '@/ui';

const DAY = 86_400_000;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const PAD = 14;
const BASE = 84;
const POST: Record<SeasonTime, string> = { commission: 'spring', mid: 'mid-season', layup: 'lay-up' };

interface Props {
  readonly season: SeasonDates;
  readonly now: string;
  readonly trips: readonly PlannedState[];
}

/** The year on a ruled tape: the season underlined, the days that work is to be done by as posts, trips as spans, a plumb mark at today. */
export function YearTape(props: Props) {
  return useWide() ? <Drawn {...props} width={1000} /> : <Narrow {...props} />;
}

/** What stands on the tape, from a quarter of a year back to three ahead, `width` units long. */
function laidOut({ season, now, trips }: Props, width: number) {
  // A quarter of the year lies behind, the rest ahead: one looks forward.
  const from = msOf(now) - 91 * DAY;
  const to = from + 365 * DAY;
  const year = new Date(from).getUTCFullYear();
  const inside = (ms: number) => ms >= from && ms <= to;
  return {
    x: (ms: number) => PAD + ((Math.min(to, Math.max(from, ms)) - from) / (to - from)) * (width - 2 * PAD),
    months: Array.from({ length: 14 }, (_, i) => Date.UTC(year, new Date(from).getUTCMonth() + i, 1)).filter(
      inside,
    ),
    weeks: Array.from({ length: 53 }, (_, i) => from + i * 7 * DAY),
    spans: [year - 1, year, year + 1]
      .map((one) => seasonIn(season, one))
      .filter(({ start, end }) => end > from && start < to),
    posts: SEASON_TIMES.flatMap((time) => checkpoints(season, time, now))
      .filter(({ at }) => inside(msOf(at)))
      .sort((a, b) => msOf(a.at) - msOf(b.at)),
    trips: trips.filter((trip) => inside(msOf(trip.at))),
  };
}

/** The same on a phone: the tape whole, its posts numbered, and what they are below it. */
function Narrow(props: Props) {
  const { now } = props;
  const { posts, trips } = laidOut(props, 330);
  return (
    <div className="grid gap-2">
      <Drawn {...props} width={330} />
      <ul className="grid gap-1">
        {posts.map(({ time, at }, i) => (
          <li key={at} className="flex gap-2">
            <strong className="figures w-5 text-right">{i + 1}</strong>
            <span className="flex-1">{POST[time]}</span>
            <span className="figures">by {day(at, now)}</span>
          </li>
        ))}
        {trips.map((trip) => (
          <li key={trip.id} className="text-accent flex gap-2">
            <span aria-hidden className="figures w-5 text-right">
              ⊓
            </span>
            <span className="flex-1">{trip.name ?? 'trip'}</span>
            <span className="figures">{day(trip.at, now)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Drawn({ width, ...props }: Props & { width: number }) {
  const { now } = props;
  const { x, months, weeks, spans, posts, trips } = laidOut(props, width);
  const narrow = width < 600;
  const label = [
    `The year around ${day(now, now)}`,
    ...posts.map(({ time, at }) => `${POST[time]} by ${day(at, now)}`),
    ...trips.map((trip) => `${trip.name ?? 'trip'} ${day(trip.at, now)}`),
  ].join('; ');
  return (
    <svg
      viewBox={`0 0 ${width} ${narrow ? 124 : 150}`}
      role="img"
      aria-label={label}
      className="h-auto w-full"
    >
      {weeks.map((ms) => (
        <line
          key={ms}
          x1={x(ms)}
          x2={x(ms)}
          y1={BASE - (narrow ? 5 : 7)}
          y2={BASE}
          stroke="var(--soft)"
          strokeWidth="0.8"
        />
      ))}
      {months.map((ms) => {
        const name = MONTHS[new Date(ms).getUTCMonth()] ?? '';
        return (
          <g key={ms}>
            <line x1={x(ms)} x2={x(ms)} y1={BASE - 20} y2={BASE} stroke="var(--ink)" strokeWidth="1.3" />
            <text
              x={x(ms) + (narrow ? 4 : 5)}
              y={BASE - 10}
              fontSize={narrow ? 13 : 15}
              fill="var(--soft)"
              className="figures"
            >
              {narrow ? name.charAt(0) : name}
            </text>
          </g>
        );
      })}
      <line x1={PAD} x2={width - PAD} y1={BASE} y2={BASE} stroke="var(--ink)" strokeWidth="1.2" />
      {spans.map(({ start, end }) => (
        <line
          key={start}
          x1={x(start)}
          x2={x(end)}
          y1={BASE + 5}
          y2={BASE + 5}
          stroke="var(--accent)"
          strokeWidth="6"
        />
      ))}
      {posts.map(({ time, at, opens }, i) => {
        const at0 = x(msOf(at));
        // The label of a post near the end stands before it.
        const end = at0 > width - 150;
        return (
          <g key={at}>
            <line
              x1={x(msOf(opens))}
              x2={at0}
              y1={BASE + 13}
              y2={BASE + 13}
              stroke="var(--soon)"
              strokeWidth="3"
              strokeDasharray="3 3"
            />
            <line
              x1={at0}
              x2={at0}
              y1={BASE - 2}
              y2={BASE + (narrow ? 22 : 34)}
              stroke="var(--ink)"
              strokeWidth="1.8"
            />
            {narrow ? (
              <text
                x={at0}
                y={BASE + 37}
                fontSize="14"
                fontWeight="600"
                textAnchor="middle"
                fill="var(--ink)"
                className="figures"
              >
                {i + 1}
              </text>
            ) : (
              <>
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
              </>
            )}
          </g>
        );
      })}
      {trips.map((trip, i) => (
        <g key={trip.id}>
          <path
            d={`M${x(msOf(trip.at))} ${BASE - 30}v-8h${Math.max(6, x(msOf(addDays(trip.at, 3))) - x(msOf(trip.at)))}v8`}
            fill="none"
            stroke="var(--accent)"
            strokeWidth="2"
          />
          {!narrow && (
            <text x={x(msOf(trip.at))} y={BASE - 43 - (i % 2) * 17} fontSize="15" fill="var(--accent)">
              {trip.name ?? 'trip'}
            </text>
          )}
        </g>
      ))}
      <path d={`M${x(msOf(now)) - 7} 4h14l-7 9z`} fill="var(--ink)" />
      <line x1={x(msOf(now))} x2={x(msOf(now))} y1="12" y2={BASE + 10} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
