import type { PlaceMark } from '@/core/base';

const WIDTH = 300;
const TICKS = 40;

const STROKE: Record<PlaceMark, string> = {
  clear: 'var(--clear)',
  soon: 'var(--soon)',
  unknown: 'var(--unknown)',
  due: 'var(--due)',
  stop: 'var(--stop)',
};

/**
 * Something used up, on a ruled tape: used is underlined, the plumb mark stands at today, a tall
 * tick at the limit, and dashes run on where it is past.
 */
export function Tape({
  used,
  limit,
  mark,
  label,
}: {
  used: number;
  limit: number;
  mark: PlaceMark;
  label: string;
}) {
  const past = used > limit;
  const end = past ? Math.min(used, limit * 1.6) : limit;
  // Past its limit the tape is drawn a little longer, so that the limit stands inside it.
  const scale = (WIDTH - 12) / (past ? end * 1.02 : end);
  const at = (value: number) => 6 + value * scale;
  const now = at(Math.min(used, end));
  const stop = at(limit);
  return (
    <svg viewBox={`0 0 ${WIDTH} 34`} role="img" aria-label={label} className="h-auto w-full">
      {Array.from({ length: TICKS + 1 }, (_, i) => {
        const x = 6 + (i * (WIDTH - 12)) / TICKS;
        const tall = i % 10 === 0 ? 13 : i % 5 === 0 ? 9 : 6;
        return (
          <line
            key={i}
            x1={x}
            x2={x}
            y1={24 - tall}
            y2={24}
            stroke={x <= now ? 'var(--ink)' : 'var(--soft)'}
            strokeWidth={x <= now ? 1.2 : 0.8}
            opacity={x <= now ? 1 : 0.65}
          />
        );
      })}
      <line x1="6" x2={WIDTH - 6} y1="24" y2="24" stroke="var(--soft)" strokeWidth="1" />
      <line x1="6" x2={past ? stop : now} y1="28" y2="28" stroke={STROKE[mark]} strokeWidth="4.5" />
      {past && (
        <>
          <line
            x1={stop}
            x2={now}
            y1="28"
            y2="28"
            stroke={STROKE[mark]}
            strokeWidth="4.5"
            strokeDasharray="4 3"
          />
          <line x1={stop} x2={stop} y1="8" y2="31" stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
      <path d={`M${now - 5.5} 1h11l-5.5 7z`} fill="var(--ink)" />
      <line x1={now} x2={now} y1="6" y2="30" stroke="var(--ink)" strokeWidth="1.6" />
    </svg>
  );
}
