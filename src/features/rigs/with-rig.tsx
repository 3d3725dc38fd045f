'use client';

import type { ReactNode } from 'react';
import { PATHS } from '@/links';
import { LinkButton } from '@/ui';
import { Failed, Loading } from './states';
import { useChosenRig } from './use-chosen-rig';
import { useRigs, type RigView, type Rigs } from './use-rigs';

/** A page about the rig in hand; without one, what would stand here and the way to set one up. */
export function WithRig({
  promise,
  children,
}: {
  /** What the page tells once there is a rig. */
  promise: string;
  children: (view: RigView, ready: Extract<Rigs, { status: 'ready' }>) => ReactNode;
}) {
  const yard = useRigs();
  const chosen = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (!chosen)
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-3xl">No rig on the Yard yet</h1>
        <p className="text-soft mt-2 mb-5">{promise}</p>
        <LinkButton href={PATHS.setup} look="primary">
          Set up your first rig
        </LinkButton>
      </div>
    );
  return children(chosen, yard);
}
