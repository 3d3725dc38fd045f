import { PART_FACTS, type PartKind, type Source } from '@/core/rig';
import type { UnitSystem } from '@/core/base';
import { SourceChoice } from '@/features/rig/facts';
import { PART_FACT_WORDS, partFactText, partFactUnit } from '@/text';
import { Choice, Field } from '@/ui';
import { CHOSEN, type PartDraft } from './part-form';

/** The fields a part is told by. */
export function PartFields({
  kind,
  draft,
  errors,
  units,
  source,
  onChange,
  onSource,
}: {
  kind: PartKind;
  draft: PartDraft;
  errors: Readonly<Record<string, string>>;
  units: UnitSystem;
  source: Source;
  onChange: (draft: PartDraft) => void;
  onSource: (source: Source) => void;
}) {
  return (
    <div className="grid gap-4">
      {PART_FACTS[kind].map((fact) => {
        const { label, hint } = PART_FACT_WORDS[fact] ?? { label: fact };
        const options = CHOSEN[fact];
        const value = draft[fact] ?? '';
        return options ? (
          <Choice
            key={fact}
            label={label}
            hint={hint}
            columns={options.length > 3 ? 'grid-cols-7' : 'grid-cols-1 sm:grid-cols-3'}
            options={options.map((option) => ({ value: option, label: partFactText(fact, option, units) }))}
            value={value === '' ? undefined : value}
            onChange={(next) => onChange({ ...draft, [fact]: next })}
            error={errors[fact]}
          />
        ) : (
          <Field
            key={fact}
            label={label}
            hint={hint}
            unit={partFactUnit(fact, units)}
            type={fact === 'since' ? 'date' : 'text'}
            inputMode={fact === 'dot' ? 'text' : undefined}
            value={value}
            onChange={(event) => onChange({ ...draft, [fact]: event.target.value })}
            error={errors[fact]}
          />
        );
      })}
      <SourceChoice label="Read from" value={source} onChange={onSource} error={undefined} />
    </div>
  );
}
