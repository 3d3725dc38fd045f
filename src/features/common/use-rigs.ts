'use client';

import { useMemo } from 'react';
import type { Instant } from '@/core/base';
import {
  dutiesOf,
  placeState,
  towVerdict,
  type Duty,
  type OpenWork,
  type PlaceState,
  type TowVerdict,
} from '@/core/duty';
import type { Fold, RigState } from '@/core/log';
import { wheelEnds, type RigModel } from '@/core/rig';
import { openWork, type Run } from '@/core/routine';
import { useNow, useYard } from '@/store';

/** One rig with all that follows from its state now. */
export interface RigView {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly duties: readonly Duty[];
  readonly open: readonly OpenWork[];
  readonly tow: TowVerdict;
  readonly places: readonly PlaceState[];
}

/** The yard as the screens need it, or what stands in the way. */
export type Rigs =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly reason: string }
  | {
      readonly status: 'ready';
      readonly rigs: readonly RigView[];
      readonly fold: Fold;
      readonly runs: readonly Run[];
      readonly archived: Instant | undefined;
      readonly now: Instant;
    };

/** What follows from a rig's state, the work open on it, and the moment; none before it is set up. */
function rigView(rig: RigState, runs: readonly Run[], now: Instant): RigView | undefined {
  if (!rig.model) return undefined;
  const duties = dutiesOf(rig, now);
  const open = runs.filter((run) => run.rig === rig.id).flatMap(openWork);
  const places = wheelEnds(rig.model).map((place) => placeState(rig, place, duties, open));
  return { rig, model: rig.model, duties, open, tow: towVerdict(rig, duties, open), places };
}

/** Every rig of the yard, live. */
export function useRigs(): Rigs {
  const { snapshot } = useYard();
  const now = useNow();
  return useMemo(() => {
    if (snapshot.status !== 'ready') return snapshot;
    const { fold, runs, archived } = snapshot;
    const rigs = Object.values(fold.state.rigs)
      .map((rig) => rigView(rig, runs, now))
      .filter((view) => view !== undefined)
      .sort((a, b) => ((a.rig.since ?? '') < (b.rig.since ?? '') ? -1 : 1));
    return { status: 'ready', rigs, fold, runs, archived, now };
  }, [snapshot, now]);
}
