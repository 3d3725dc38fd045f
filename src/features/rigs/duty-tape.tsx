'use client';

import type { Duty } from '@/core/duty';
import { usePreferences } from '@/store';
import { dutyStanding, dutyTitle, meterAmount } from '@/text';
import { Tape } from '@/ui';

const MARK = { clear: 'clear', soon: 'soon', unknown: 'unknown', due: 'due', overdue: 'due' } as const;

/** The tape of a duty's governing meter; without a record, an empty one that says so. */
export function DutyTape({ duty }: { duty: Duty }) {
  const { units } = usePreferences();
  const use = duty.governing;
  if (!use)
    return (
      <svg
        viewBox="0 0 300 34"
        role="img"
        aria-label={`${dutyTitle(duty)}: no record`}
        className="h-auto w-full"
      >
        <line x1="6" x2="294" y1="24" y2="24" stroke="var(--soft)" strokeWidth="1.2" strokeDasharray="4 5" />
        {[6, 78, 150, 222, 294].map((x) => (
          <line key={x} x1={x} x2={x} y1="14" y2="24" stroke="var(--soft)" strokeWidth="1" />
        ))}
      </svg>
    );
  const { figure, words } = dutyStanding(duty, units);
  const label = `${dutyTitle(duty)}: ${meterAmount(use.meter, use.used, units)} of ${meterAmount(use.meter, use.limit, units)} used, ${figure} ${words}`;
  // What is due at once has no length: it is drawn as past its end.
  const scale = use.limit > 0 ? { used: use.used, limit: use.limit } : { used: 1.2, limit: 1 };
  return <Tape {...scale} mark={MARK[duty.verdict]} label={label} />;
}
