import {
  factApplies,
  factDef,
  FACT_GROUPS,
  factValue,
  type FactGroup,
  type FactId,
  type RigModel,
} from '@/core/rig';
import type { UnitSystem } from '@/core/base';
import { FACT_GROUP_WORDS, FACT_HELP, FACT_WORDS, factText, factWords, list } from '@/text';
import { cx, Mark } from '@/ui';

/** A fact of a rig as its row shows it. */
interface Row {
  readonly id: FactId;
  readonly known: boolean;
  readonly guess: boolean;
  readonly text: string;
}

const isGuessed = (raw: unknown) =>
  raw !== null && typeof raw === 'object' && 'source' in raw && raw.source === 'guess';

/** The facts of a group that can be told of a rig, axle by axle where axles differ. */
function rowsOf(
  model: RigModel,
  ids: readonly FactId[],
  group: FactGroup,
  units: UnitSystem,
): readonly Row[] {
  return ids
    .filter((id) => factDef(id).group === group)
    .map((id): Row => {
      const axles = factDef(id).scope === 'axle' ? model.axles.map((_, i) => i) : [0];
      const told = axles.filter((i) => factApplies(model, id, i));
      const values = told.map((i) => factValue(model, id, i));
      const known = values.every((value) => value !== undefined);
      const alike = new Set(values.map((value) => JSON.stringify(value))).size === 1;
      const text = alike
        ? factWords(id, values[0], units)
        : list(told.map((i) => `axle ${i + 1}: ${factText(id, factValue(model, id, i), units)}`));
      return { id, known, guess: values.some(isGuessed), text };
    });
}

/** Every fact of a rig by its groups: what is known and whence, what is not and what it would unlock. */
export function FactList({
  model,
  asked,
  units,
  onOpen,
}: {
  model: RigModel;
  asked: readonly FactId[];
  units: UnitSystem;
  onOpen: (id: FactId) => void;
}) {
  return FACT_GROUPS.map((group) => {
    const rows = rowsOf(model, asked, group, units);
    const known = rows.filter((row) => row.known).length;
    return (
      <section key={group} className="mb-6" aria-label={FACT_GROUP_WORDS[group]}>
        <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-1.5">
          <h2 className="text-xl">{FACT_GROUP_WORDS[group]}</h2>
          <span className="text-soft text-[0.92rem]">
            {known} of {rows.length} known
          </span>
        </div>
        <ul>
          {rows.map((row) => (
            <li key={row.id} className="border-line border-b">
              <button
                type="button"
                onClick={() => onOpen(row.id)}
                className="hover:bg-accent-wash/60 grid min-h-12 w-full grid-cols-[minmax(0,11.5rem)_minmax(0,1fr)] items-center gap-x-3 px-1 py-1.5 text-left leading-snug"
              >
                <span className={cx('font-medium', !row.known && 'text-soft')}>
                  {FACT_WORDS[row.id].label}
                </span>
                {row.known ? (
                  <span
                    className={cx(
                      row.guess && 'text-soon italic underline decoration-dashed underline-offset-4',
                    )}
                  >
                    {row.text}
                  </span>
                ) : (
                  <span className="text-unknown flex items-start gap-2">
                    <span className="mt-0.5">
                      <Mark mark="unknown" size={17} />
                    </span>
                    <span>
                      {row.text === 'not known' ? '' : `${row.text}. `}
                      <span className="text-soft">unlocks {FACT_HELP[row.id].unlocks}</span>
                    </span>
                  </span>
                )}
              </button>
            </li>
          ))}
        </ul>
      </section>
    );
  });
}
