'use client';

import { useMemo } from 'react';
import { sparesOf, wheelEnds } from '@/core/rig';
import type { Warning } from '@/core/judge';
import type { RigView } from '@/features/rigs';
import { useAsk } from '@/store';

const NONE: readonly Warning[] = [];

/** What the readings of a rig warn of before any limit does. */
export function useWarnings(view: RigView): readonly Warning[] {
  const { rig, model, house } = view;
  const hour = `${view.now.slice(0, 13)}:00:00.000Z`;
  const ask = useMemo(
    () => ({ rig: rig.id, model, house, places: [...wheelEnds(model), ...sparesOf(model)], hour }),
    [rig.id, model, house, hour],
  );
  const asked = useAsk('warnings', ask);
  return asked.status === 'ready' ? asked.answer : NONE;
}
