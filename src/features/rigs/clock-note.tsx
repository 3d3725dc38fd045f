'use client';

import { msOf } from '@/core/base';
import { dayInFull } from '@/text';
import { Mark } from '@/ui';

const DAY = 86_400_000;

/** Says so where this device's clock stands behind what was written on it: what is due would be counted wrong. */
export function ClockNote({ newest: latest, now }: { newest: string; now: string }) {
  if (latest === '' || msOf(latest) <= msOf(now) + DAY) return null;
  return (
    <p role="alert" className="border-due flex gap-2.5 border-l-4 py-1 pl-3">
      <Mark mark="due" />
      <span>
        <span className="font-semibold">Is this device’s clock right?</span> It says {dayInFull(now)}, and
        entries here were written up to {dayInFull(latest)}. Set the clock: until then, what is due is counted
        to the wrong day.
      </span>
    </p>
  );
}
