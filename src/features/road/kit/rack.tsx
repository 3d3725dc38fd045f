import type { Finish } from '@/core/road';
import { TROUBLE_TITLES, list, small } from '@/text';
import { needWords } from '@/text/kit-said';
import { cx, Mark } from '@/ui';

/** Troubles hung as tapes, each as long as it is often met: whole where it can be finished on the road, in dashes where something is missing. */
export function Rack({ all }: { all: readonly Finish[] }) {
  const most = Math.max(...all.map(({ often }) => often));
  const hung = [...all].sort((a, b) => b.often - a.often);
  return (
    <ul>
      {hung.map(({ trouble, can, missing, often }) => (
        <li
          key={trouble}
          className="border-line grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 border-b py-2 sm:grid-cols-[auto_minmax(0,13rem)_minmax(0,1fr)]"
        >
          <span className="mt-0.5">
            <Mark mark={can === 'yes' ? 'clear' : can === 'never' ? 'stop' : 'due'} size={20} />
          </span>
          <span className="font-semibold">{TROUBLE_TITLES[trouble]}</span>
          <span className="col-start-2 grid gap-1 sm:col-start-3">
            <svg viewBox="0 0 200 10" aria-hidden className="h-2.5 w-full" preserveAspectRatio="none">
              <line
                x1="0"
                y1="5"
                x2={Math.max(6, (often / most) * 200)}
                y2="5"
                stroke={can === 'yes' ? 'var(--clear)' : can === 'never' ? 'var(--stop)' : 'var(--due)'}
                strokeWidth="5"
                {...(can !== 'yes' && { strokeDasharray: '6 5' })}
              />
            </svg>
            <span className={cx('text-[0.95rem]', can !== 'yes' && 'text-soft')}>
              {can === 'yes'
                ? 'Can be finished on the road'
                : can === 'never'
                  ? 'No kit does this: a shop, or a flatbed'
                  : `Missing: ${list(missing.map((need) => small(needWords(need))))}`}
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}
