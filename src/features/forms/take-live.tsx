'use client';

import { useCallback, useSyncExternalStore } from 'react';
import type { InstrumentNamed } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { isReading } from '@/core/rules';
import { liveAt, onLive, type Live } from '@/instruments/live';
import { readingTyped, readingValue } from '@/text';
import { Button } from '@/ui';

/** What an instrument reads of something by now, where one is at work. */
function useLive(what: string, rig: string | undefined, place: string | undefined): Live | undefined {
  const read = useCallback(
    () => (rig === undefined || place === undefined ? undefined : liveAt(rig, what, place)),
    [rig, what, place],
  );
  return useSyncExternalStore(onLive, read, () => undefined);
}

/** Offers what an instrument reads by now; nothing where none is at work or its figure cannot be trusted. */
export function TakeLive({
  rig,
  what,
  place,
  units,
  onTake,
}: {
  rig: string | undefined;
  what: string;
  place: string | undefined;
  units: UnitSystem;
  /** The figure as it would be typed, from which instrument, and in SI. */
  onTake: (text: string, from: InstrumentNamed, value: number) => void;
}) {
  const live = useLive(what, rig, place);
  if (live?.quality !== 'good' || !isReading(what)) return null;
  return (
    <Button onClick={() => onTake(readingTyped(what, live.value, units), live.from, live.value)}>
      Take {readingValue(what, live.value, units).replace(' ', '\u00a0')} · {live.from.name}
    </Button>
  );
}
