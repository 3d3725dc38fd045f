'use client';

import { useSearchParams } from 'next/navigation';
import type { RigView } from './use-rigs';

/** The rig the address names, or the first. */
export function useChosenRig(rigs: readonly RigView[]): RigView | undefined {
  const wanted = useSearchParams().get('rig');
  return rigs.find((view) => view.rig.id === wanted) ?? rigs[0];
}
