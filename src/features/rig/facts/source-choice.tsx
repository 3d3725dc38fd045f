import { MAKERS_SOURCES, SOURCES, type Source } from '@/core/rig';
import { SOURCE_WORDS } from '@/text';
import { Choice } from '@/ui';

/** Where a figure comes from: every specification says it. */
export function SourceChoice({
  label,
  value,
  onChange,
  error,
  byMaker = false,
}: {
  label: string;
  value: Source | '';
  onChange: (source: Source) => void;
  error: string | undefined;
  /** Only a maker can give it. */
  byMaker?: boolean;
}) {
  // What was worked out is so by a figure, not because someone chose it; it may stay what it is.
  const options: readonly Source[] = byMaker
    ? MAKERS_SOURCES
    : value === 'worked'
      ? [...SOURCES, 'worked']
      : SOURCES;
  return (
    <div>
      <Choice
        label={label}
        columns="grid-cols-2"
        options={options.map((source) => ({
          value: source,
          label: SOURCE_WORDS[source],
        }))}
        value={value === '' ? undefined : value}
        onChange={onChange}
        error={error}
      />
      {value === 'guess' && (
        <p className="border-soon text-soft mt-2 border-l-4 pl-3">
          A guess is kept as a guess. It is never shown as a figure to work to without saying so.
        </p>
      )}
    </div>
  );
}
