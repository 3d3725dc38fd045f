'use client';

import { msOf } from '@/core/base';
import { noteClockRight, useClockRight } from '@/store';
import { dayAndTime, spell } from '@/text';
import { Button, Mark } from '@/ui';

const MINUTE = 60_000;
const DAY = 1440 * MINUTE;
/** Clocks of two devices agree so far (ms). */
const AGREE = 5 * MINUTE;

/** Says so where this device's clock stands behind what was written here: one of the two clocks is wrong. */
export function ClockNote({ newest, now }: { newest: string; now: string }) {
  const clockRight = useClockRight();
  if (newest === '') return null;
  const ahead = msOf(newest) - msOf(now);
  // Whoever said that this clock is right is not asked again for what is written from there on.
  const told = clockRight !== '' && Math.abs(msOf(newest) - msOf(clockRight)) < DAY;
  if (ahead <= AGREE || told) return null;
  return (
    <div role="alert" className="border-due flex gap-2.5 border-l-4 py-1 pl-3">
      <Mark mark="due" />
      <div>
        <p>
          <span className="font-semibold">Is this device’s clock right?</span> It says {dayAndTime(now)}; the
          newest entry here was written at {dayAndTime(newest)}, {spell(ahead / DAY)} later. Until the clock
          is set, what is due is counted to the wrong day.
        </p>
        <Button look="quiet" className="-ml-4" onClick={() => noteClockRight(newest)}>
          This clock is right
        </Button>
      </div>
    </div>
  );
}
