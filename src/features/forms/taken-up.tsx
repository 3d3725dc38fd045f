'use client';

import type { Instant } from '@/core/base';
import { deviceClock } from '@/store';
import { dayAgo } from '@/text';
import { Button } from '@/ui';

/** Says that a form was taken up where it was left, with a way to begin afresh. */
export function TakenUp({ since, onStartOver }: { since: Instant | undefined; onStartOver: () => void }) {
  if (since === undefined) return null;
  return (
    <p className="text-soft flex flex-wrap items-center gap-x-2">
      As you left it {dayAgo(since, deviceClock.now())}.
      <Button look="quiet" onClick={onStartOver}>
        Start over
      </Button>
    </p>
  );
}
