import type { Job } from '@/core/routine';
import { cx } from '@/ui';

/** What is ticked, as a form keeps it: ids apart by a space. */
export const ticked = (kept: string): ReadonlySet<string> => new Set(kept.split(' ').filter(Boolean));

/** What is ticked, as a form keeps it, after one was tapped. */
export function toggled(kept: string, id: string): string {
  const now = new Set(ticked(kept));
  if (!now.delete(id)) now.add(id);
  return [...now].join(' ');
}

/** A job as something to tick. */
export const jobTick = ({ routine, place }: Pick<Job, 'routine' | 'place'>) => `${routine}:${place}`;

/** Things to choose any of, each a target for a thumb. */
export function Ticks({
  label,
  items,
  chosen,
  onToggle,
}: {
  label: string;
  items: readonly { readonly id: string; readonly text: string }[];
  chosen: ReadonlySet<string>;
  onToggle: (id: string) => void;
}) {
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1.5 font-semibold">{label}</legend>
      <ul className="grid gap-2">
        {items.map(({ id, text }) => (
          <li key={id}>
            <label
              className={cx(
                'flex min-h-12 cursor-pointer items-center gap-3 rounded-sheet border-[1.5px] px-3 py-2',
                chosen.has(id) ? 'border-accent bg-accent-wash' : 'border-line bg-sheet',
              )}
            >
              <input
                type="checkbox"
                checked={chosen.has(id)}
                onChange={() => onToggle(id)}
                className="accent-accent size-5 shrink-0"
              />
              {text}
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
