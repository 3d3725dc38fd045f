'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { chosenRig, keepChosenRig } from '@/store';
import type { RigView } from './use-rigs';

/** The rig in hand stays in hand: in every place that is opened without one, until another is chosen. */
export function useKeptRig(rig: string | undefined): void {
  useEffect(() => {
    if (rig !== undefined) keepChosenRig(rig);
  }, [rig]);
}

/** The rig the address names, the one that was in hand last, or the first. */
export function useChosenRig(rigs: readonly RigView[]): RigView | undefined {
  const params = useSearchParams();
  const of = (wanted: string | null | undefined) => rigs.find((view) => view.rig.id === wanted);
  const named = of(params.get('rig'));
  useKeptRig(named?.rig.id);
  if (named || rigs.length < 2) return named ?? rigs[0];
  return of(chosenRig()) ?? rigs[0];
}
