import type { ReactNode } from 'react';
import { Mark } from '@/ui';

/** While the log is being read. */
export function Loading() {
  return (
    <p role="status" className="text-soft p-8 text-lg">
      Reading the log…
    </p>
  );
}

/** When the log cannot be read: what happened, and what is safe to do. */
export function Failed({ reason }: { reason: string }) {
  return (
    <div role="alert" className="flex max-w-2xl gap-4 p-8">
      <Mark mark="stop" size={48} />
      <div>
        <h1 className="text-3xl">The log cannot be read</h1>
        <p className="mt-2">{reason}</p>
        <p className="text-soft mt-2">
          Nothing was changed. Close other tabs of Yardline and reload this one; if it stays so, the browser
          may be blocking storage for this site.
        </p>
      </div>
    </div>
  );
}

/** A heading with a rule below, as a list begins with. */
export function Ruled({ children, aside }: { children: ReactNode; aside?: ReactNode }) {
  return (
    <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-2">
      <h2 className="text-xl">{children}</h2>
      {aside && <span className="text-soft text-[0.94rem]">{aside}</span>}
    </div>
  );
}
