import type { ReactNode } from 'react';

/** A helper: what to read off and photograph first, what is measured, and what comes of it. */
export function Frame({
  before,
  photo,
  caution,
  children,
  result,
}: {
  before: string;
  photo: string;
  caution?: string;
  children: ReactNode;
  result: ReactNode;
}) {
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="grid min-w-0 content-start gap-5">
        <div className="text-soft grid max-w-[62ch] gap-1.5">
          <p>
            <span className="text-ink font-semibold">Before anything comes apart. </span>
            {before}
          </p>
          <p>
            <span className="text-ink font-semibold">Photograph. </span>
            {photo}
          </p>
          {caution && (
            <p className="border-due text-ink border-l-4 pl-3">
              <span className="font-semibold">Caution. </span>
              {caution}
            </p>
          )}
        </div>
        {children}
      </div>
      <section
        aria-label="What it is"
        aria-live="polite"
        className="border-line bg-sheet self-start rounded-sheet border p-5"
      >
        {result}
      </section>
    </div>
  );
}

/** What came of it: one large figure, what it means, and what is still to be confirmed. */
export function Outcome({
  figure,
  unit,
  says,
  confirm,
  children,
}: {
  figure: string;
  unit?: string;
  says: string;
  confirm?: string;
  children?: ReactNode;
}) {
  return (
    <div className="grid gap-3">
      <p className="leading-none">
        <span className="figures text-5xl font-semibold">{figure}</span>
        {unit && <span className="text-soft ml-2 text-xl">{unit}</span>}
      </p>
      <p className="text-lg leading-snug">{says}</p>
      {confirm && (
        <p className="text-soft">
          <span className="text-ink font-semibold">Still to be confirmed. </span>
          {confirm}
        </p>
      )}
      {children}
    </div>
  );
}

/** While nothing can be said yet. */
export function Waiting({ children }: { children: ReactNode }) {
  return <p className="text-soft text-lg">{children}</p>;
}
