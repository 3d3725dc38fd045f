'use client';

import Link from 'next/link';
import { useState } from 'react';
import { LONG_TRIP } from '@/core/rules';
import { markOfDuty, markOfFitness } from '@/core/base';
import type { TowReason } from '@/core/duty';
import { howFar, Named, reasonHref, RoadLine, tripsAhead, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { measure, reasonLines, sinceWords, towHeadline, towSummary } from '@/text';
import { cx, Mark } from '@/ui';
import { OutlookNote } from '@/features/duties';
import { KitNote } from '@/features/road/kit';

function reasonMark(reason: TowReason) {
  if (reason.kind === 'duty') return markOfDuty(reason.duty.verdict);
  return reason.fitness === 'fit' ? 'soon' : markOfFitness(reason.fitness);
}

function reasonKey(reason: TowReason): string {
  if (reason.kind === 'duty') return reason.duty.id;
  if (reason.kind === 'conflict') return reason.conflict.id;
  if (reason.kind === 'limits') return 'limits';
  return reason.kind === 'finding' ? reason.finding.id : `${reason.work.session} ${reason.work.place}`;
}

const QUIET = 'decoration-line hover:decoration-ink min-h-11 underline underline-offset-4';

/** The one verdict on towing, the largest thing of the Yard, with every reason a tap away. */
export function Verdict({ view, onPlan }: { view: RigView; onPlan: () => void }) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(false);
  const { tow, now } = view;
  const limits = howFar(view.limits, view.rig);
  const [next] = tripsAhead(view);
  const lines = reasonLines(tow.reasons, units, now);
  return (
    <section aria-label="May it be towed" className="flex min-w-0 gap-4">
      <span className="mt-1 hidden md:block">
        <Mark mark={markOfFitness(tow.fitness)} size={62} />
      </span>
      <div className="min-w-0">
        <h1 className="flex items-center gap-3 text-[2.1rem] md:text-5xl xl:text-[2.7rem]">
          <span className="md:hidden">
            <Mark mark={markOfFitness(tow.fitness)} size={40} />
          </span>
          {towHeadline(tow)}
        </h1>
        {limits && (
          <div className="mt-2">
            <RoadLine rig={view.rig.id} limits={limits} now={now} />
          </div>
        )}
        {view.rig.underWay && (
          <p className="mt-1.5 text-lg leading-snug">
            <Named href={to('road', view.rig.id)}>
              On the road since {sinceWords(view.rig.underWay.at, now)}
            </Named>
            {view.rig.underWay.into > 0 && `, ${measure(view.rig.underWay.into, 'distance', units, 0)} told`}
          </p>
        )}
        {/* Limits joined are told by their own line. */}
        {tow.reasons[0]?.kind !== 'limits' && (
          <p className="text-soft mt-1.5 max-w-[62ch] text-lg leading-snug">{towSummary(tow, units, now)}</p>
        )}
        {next && (
          <div className="mt-1.5 max-w-[62ch]">
            <OutlookNote view={view} trip={next} />
            {next.distance >= LONG_TRIP && (
              // It comes a moment later: its line is kept free.
              <div className="min-h-[3.2rem] sm:min-h-[1.6rem]">
                <KitNote view={view} short />
              </div>
            )}
          </div>
        )}
        <p className="-my-1 flex flex-wrap items-center gap-x-5">
          {tow.fitness === 'unknown' && (
            <Link
              prefetch={false}
              href={to('survey', view.rig.id)}
              className={cx(QUIET, 'py-2.5 font-semibold')}
            >
              Start the first inspection
            </Link>
          )}
          {lines.length > 1 && (
            <button type="button" aria-expanded={open} onClick={() => setOpen(!open)} className={QUIET}>
              {open ? 'Show less' : `All ${lines.length} reasons`}
            </button>
          )}
          <button type="button" onClick={onPlan} className={QUIET}>
            {next ? 'Plan another trip' : 'Fit for a trip ahead?'}
          </button>
        </p>
        {open && (
          <ul className="grid max-w-[70ch] gap-2 pb-2">
            {lines.map(({ reasons: [first], words }) => (
              <li key={reasonKey(first)} className="flex gap-2.5">
                <span className="mt-0.5">
                  <Mark mark={reasonMark(first)} spoken />
                </span>
                <Named href={reasonHref(view.rig.id, first)}>{words}</Named>
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
