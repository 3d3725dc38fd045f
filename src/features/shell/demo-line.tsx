'use client';

import { X } from 'lucide-react';
import { setPreferences, usePreferences } from '@/store';

/** Says that what one sees is the demo; folded, it is a word at the edge. */
export function DemoLine() {
  const { yard, demoFolded } = usePreferences();
  if (yard !== 'demo') return null;
  if (demoFolded)
    return (
      <aside aria-label="Demo" className="bg-rail-mark h-1.5">
        <button
          type="button"
          className="bg-rail-mark fixed top-0 right-0 z-20 rounded-bl-sheet px-2.5 pb-0.5 text-[0.88rem] font-semibold text-black"
          onClick={() => setPreferences({ demoFolded: false })}
        >
          Demo
        </button>
      </aside>
    );
  return (
    <aside
      aria-label="Demo"
      className="bg-rail-mark flex min-h-9 items-center gap-x-3 pl-4 text-[0.94rem] whitespace-nowrap text-black md:justify-center"
    >
      <span className="font-medium">
        Demo yard<span className="max-sm:hidden">, nothing here is yours</span>
      </span>
      <button
        type="button"
        className="min-h-9 font-semibold underline underline-offset-4"
        onClick={() => setPreferences({ yard: 'own' })}
      >
        My own yard
      </button>
      <button
        type="button"
        aria-label="Fold this line"
        className="ml-auto grid size-9 shrink-0 place-items-center md:ml-0"
        onClick={() => setPreferences({ demoFolded: true })}
      >
        <X aria-hidden size={18} />
      </button>
    </aside>
  );
}
