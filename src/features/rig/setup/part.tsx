import type { ReactNode } from 'react';

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
