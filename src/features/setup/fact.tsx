import type { ReactNode } from 'react';
import { SOURCES, type Source } from '@/core/rig';
import { SOURCE_WORDS } from '@/text';
import { Choice } from '@/ui';

/** A part of the form with its heading, and what it unlocks. */
export function Part({ title, unlocks, children }: { title: string; unlocks?: string; children: ReactNode }) {
  return (
    <section className="border-ink border-t-2 pt-4 pb-7">
      <h2 className="text-2xl">{title}</h2>
      {unlocks && <p className="text-soft mt-0.5">{unlocks}</p>}
      <div className="mt-4 grid gap-6">{children}</div>
    </section>
  );
}

/** Where a figure comes from: every specification says it. */
export function SourceChoice({
  label,
  value,
  onChange,
  error,
}: {
  label: string;
  value: Source | '';
  onChange: (source: Source) => void;
  error: string | undefined;
}) {
  return (
    <div>
      <Choice
        label={label}
        columns="grid-cols-2 sm:grid-cols-3"
        options={SOURCES.map((source) => ({ value: source, label: SOURCE_WORDS[source] }))}
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
