'use client';

import type { PlannedState } from '@/core/log';
import { outlookOf, type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { outlookFitness, outlookWords } from '@/text';
import { Mark } from '@/ui';

const MARK = { fit: 'clear', after: 'due', unknown: 'unknown', not: 'stop' } as const;

/** Whether the rig is fit for a trip ahead, and what falls due on the way. */
export function OutlookNote({
  view,
  trip,
}: {
  view: RigView;
  trip: Pick<PlannedState, 'id' | 'at' | 'distance' | 'launches'>;
}) {
  const { units } = usePreferences();
  const outlook = outlookOf(view, trip);
  return (
    <p className="flex gap-2.5">
      <span className="mt-0.5">
        <Mark mark={MARK[outlookFitness(view.tow, outlook)]} spoken />
      </span>
      <span>{outlookWords(trip, view.tow, outlook, units, view.now)}</span>
    </p>
  );
}
