import { capital, ROUTINE_WORDS } from '@/text';
import type { RoutineId } from '@/core/rules';

/** What goes with work that is written down by hand: only what its owner ticks is counted anew. */
export function AlsoDone({
  offered,
  also,
  onAlso,
}: {
  offered: readonly RoutineId[];
  also: readonly RoutineId[];
  onAlso: (also: readonly RoutineId[]) => void;
}) {
  if (offered.length === 0) return null;
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Checked or done there as well</legend>
      <p className="text-soft">Only what you mark restarts; nothing is assumed.</p>
      {offered.map((id) => (
        <label key={id} className="flex min-h-11 items-center gap-3 text-lg">
          <input
            type="checkbox"
            className="accent-accent size-7"
            checked={also.includes(id)}
            onChange={(event) =>
              onAlso(event.target.checked ? [...also, id] : also.filter((one) => one !== id))
            }
          />
          {capital(ROUTINE_WORDS[id].done)}
        </label>
      ))}
    </fieldset>
  );
}
