import { factDef, type FactId } from '@/core/rig';
import type { UnitSystem } from '@/core/base';
import { FACT_WORDS, factUnit } from '@/text';
import { Choice, Field } from '@/ui';
import type { FactDraft, FactErrors } from './fact-form';
import { SourceChoice } from './source-choice';

/** The fields a fact is told by, with its source where it is a specification. */
export function FactFields({
  id,
  draft,
  errors,
  units,
  only,
  onChange,
}: {
  id: FactId;
  draft: FactDraft;
  errors: FactErrors;
  units: UnitSystem;
  only?: readonly string[];
  onChange: (draft: FactDraft) => void;
}) {
  const { type, sourced } = factDef(id);
  const { label, options } = FACT_WORDS[id];
  const set = (part: Partial<FactDraft>) => onChange({ ...draft, ...part });
  const unit = factUnit(id, units);
  const typed = (
    key: 'value' | 'second',
    name: string,
    behind = unit,
    mode: 'decimal' | 'numeric' | 'text' = 'decimal',
  ) => (
    <Field
      label={name}
      unit={behind}
      inputMode={mode}
      value={draft[key]}
      onChange={(event) => set({ [key]: event.target.value })}
      error={errors[key]}
    />
  );
  return (
    <div className="grid gap-5">
      {type.as === 'choice' && (
        <Choice
          label={label}
          columns={
            type.options.length > 5 || type.options.length === 4
              ? 'grid-cols-4'
              : 'grid-cols-1 sm:grid-cols-2'
          }
          options={type.options
            .filter((option) => only?.includes(String(option)) ?? true)
            .map((option) => ({
              value: String(option),
              label: options?.[String(option)] ?? String(option),
            }))}
          value={draft.value === '' ? undefined : draft.value}
          onChange={(value) => set({ value })}
          error={errors.value}
        />
      )}
      {type.as === 'whole' && typed('value', label, unit, type.span ? 'text' : 'numeric')}
      {type.as === 'quantity' && typed('value', label)}
      {type.as === 'words' && typed('value', label, undefined, 'text')}
      {type.as === 'pitch' && (
        <>
          {typed('value', label, draft.thread === 'tpi' ? 'threads per inch' : 'mm pitch')}
          <Choice
            label="Measured in"
            columns="grid-cols-2"
            options={[
              { value: 'tpi', label: 'threads per inch' },
              { value: 'mm', label: 'mm pitch' },
            ]}
            value={draft.thread}
            onChange={(thread) => set({ thread })}
          />
        </>
      )}
      {type.as === 'window' && (
        <div className="grid grid-cols-2 gap-4">
          {typed('value', 'From')}
          {typed('second', 'To')}
        </div>
      )}
      {type.as === 'drum' && (
        <div className="grid grid-cols-2 gap-4">
          {typed('value', 'Drum diameter')}
          {typed('second', 'Shoe width')}
        </div>
      )}
      {sourced && (
        <SourceChoice
          label="It comes from"
          value={draft.source}
          onChange={(source) => set({ source })}
          error={errors.source}
          byMaker={factDef(id).byMaker === true}
        />
      )}
    </div>
  );
}
