'use client';

import { useEffect, useState } from 'react';
import type { Fold } from '@/core/log';
import { sparesOf, wheelEnds } from '@/core/rig';
import { historyOfReadings, warningsOf, type Warning } from '@/core/trend';
import type { RigView } from '@/features/common';

/** After the page stands still so long (ms) there is time to look through all readings. */
const SOON = 350;

/** What the readings of a rig warn of before any limit does; worked out once nothing else waits. */
export function useWarnings(fold: Fold, view: RigView): readonly Warning[] {
  const [warnings, setWarnings] = useState<readonly Warning[]>([]);
  const { rig, model } = view;
  const hour = `${view.now.slice(0, 13)}:00:00.000Z`;
  useEffect(() => {
    const timer = setTimeout(() => {
      const places = [...wheelEnds(model), ...sparesOf(model)];
      setWarnings(warningsOf(historyOfReadings(fold, rig.id), model, places, hour));
    }, SOON);
    return () => clearTimeout(timer);
  }, [fold, rig.id, model, hour]);
  return warnings;
}
