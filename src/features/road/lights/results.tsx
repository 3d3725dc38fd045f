'use client';

import { cellsOf, lampsOf, SIGHTS, type Shows, type Sight } from '@/core/judge';
import type { RigModel } from '@/core/rig';
import { LAMP_WORDS, SHOWS_WORDS, SIGHT_WORDS } from '@/text';
import { cx, Mark } from '@/ui';

const MARKS = { ok: 'clear', dim: 'soon', out: 'stop', wrong: 'due' } as const;
const COLUMNS: readonly (readonly Shows[])[] = [
  ['running'],
  ['braked'],
  ['brake'],
  ['turn-left', 'turn-right'],
];

/** What each lamp showed of each function: a tap goes on to the next thing it can have been. */
export function Results({
  model,
  seen,
  onSeen,
}: {
  model: RigModel;
  seen: Readonly<Record<string, Sight>>;
  onSeen: (key: string, sight: Sight) => void;
}) {
  const cells = cellsOf(model);
  return (
    <table className="w-full table-fixed border-separate border-spacing-1.5">
      <caption className="text-soft pb-1 text-left">
        Tap each lamp that didn’t light as it should. Each tap changes it: out, dim, wrong one, lights again.
      </caption>
      <thead>
        <tr className="text-left">
          <th className="w-[24%]">
            <span className="sr-only">Lamp</span>
          </th>
          {['Running', 'Brake held', 'Brake', 'Turn'].map((word) => (
            <th key={word} scope="col" className="px-1 font-semibold">
              {word}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lampsOf(model).map((lamp) => (
          <tr key={lamp}>
            <th scope="row" className="text-left leading-tight font-semibold">
              {LAMP_WORDS[lamp]}
            </th>
            {COLUMNS.map((shows, i) => {
              const cell = cells.find((one) => one.lamp === lamp && shows.includes(one.shows));
              if (!cell) return <td key={i} className="bg-sunk rounded-sheet" />;
              const key = `${cell.lamp} ${cell.shows}`;
              const sight = seen[key] ?? 'ok';
              const order: readonly Sight[] = ['ok', 'out', 'dim', 'wrong'];
              const next = order[(order.indexOf(sight) + 1) % SIGHTS.length] ?? 'ok';
              return (
                <td key={i}>
                  <button
                    type="button"
                    aria-label={`${LAMP_WORDS[lamp]}, ${SHOWS_WORDS[cell.shows]}: ${SIGHT_WORDS[sight]}`}
                    onClick={() => onSeen(key, next)}
                    className={cx(
                      'grid min-h-18 w-full place-items-center content-center gap-1 rounded-sheet border-[1.5px] leading-tight',
                      sight === 'ok' ? 'border-line bg-sheet' : 'border-due bg-due-wash font-semibold',
                    )}
                  >
                    <Mark mark={MARKS[sight]} size={20} />
                    {SIGHT_WORDS[sight]}
                  </button>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
