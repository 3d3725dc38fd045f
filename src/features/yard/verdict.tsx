'use client';

import { useState } from 'react';
import type { TowReason } from '@/core/duty';
import type { RigView } from '@/features/common';
import { usePreferences } from '@/store';
import { reasonWords, towHeadline, towSummary } from '@/text';
import { Mark } from '@/ui';
import { dutyMark, fitnessMark } from './marks';

function reasonMark(reason: TowReason) {
  if (reason.kind === 'duty') return dutyMark(reason.duty);
  return reason.fitness === 'fit' ? 'soon' : fitnessMark(reason.fitness);
}

function reasonKey(reason: TowReason): string {
  if (reason.kind === 'duty') return reason.duty.id;
  return reason.kind === 'finding' ? reason.finding.id : `${reason.work.session} ${reason.work.place}`;
}

/** The one verdict on towing, the largest thing of the Yard, with every reason a tap away. */
export function Verdict({ view, now }: { view: RigView; now: string }) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(false);
  const { tow } = view;
  return (
    <section aria-label="May it be towed" className="flex min-w-0 gap-4">
      <span className="mt-1 hidden md:block">
        <Mark mark={fitnessMark(tow.fitness)} size={62} />
      </span>
      <div className="min-w-0">
        <h1 className="flex items-center gap-3 text-[2.1rem] md:text-5xl">
          <span className="md:hidden">
            <Mark mark={fitnessMark(tow.fitness)} size={40} />
          </span>
          {towHeadline(tow)}
        </h1>
        <p className="text-soft mt-1.5 max-w-[62ch] text-lg leading-snug">{towSummary(tow, units, now)}</p>
        {tow.reasons.length > 1 && (
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="decoration-line hover:decoration-ink -my-1 min-h-11 underline underline-offset-4"
          >
            {open ? 'Fewer words' : `All ${tow.reasons.length} reasons`}
          </button>
        )}
        {open && (
          <ul className="grid max-w-[70ch] gap-2 pb-2">
            {tow.reasons.map((reason) => (
              <li key={reasonKey(reason)} className="flex gap-2.5">
                <span className="mt-0.5">
                  <Mark mark={reasonMark(reason)} spoken />
                </span>
                {reasonWords(reason, units, now)}
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
