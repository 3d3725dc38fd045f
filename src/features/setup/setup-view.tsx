'use client';

import { useSearchParams } from 'next/navigation';
import { Failed, Loading, useRigs } from '@/features/common';
import { LinkButton } from '@/ui';
import { SetupPage } from './setup-page';
import { correctionOf, type SetupTask } from './save-setup';

/** Set-up: a rig of one's own, in two minutes, and the rest whenever it is known. */
export function SetupView() {
  const yard = useRigs();
  const params = useSearchParams();
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  const fix = params.get('fix');
  const view = yard.rigs.find((one) => one.rig.id === params.get('rig'));
  const entry = fix ? yard.fold.entries.find((one) => one.id === fix) : undefined;
  const task: SetupTask | undefined = fix
    ? entry && correctionOf(entry, yard.fold)
    : params.get('rig')
      ? view && { task: 'change', rig: view.rig.id, model: view.model }
      : { task: 'new' };
  if (!task)
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-3xl">That rig is not in this yard</h1>
        <p className="text-soft mt-2 mb-5">The address names a rig or an entry that is not on this device.</p>
        <LinkButton href="/" look="primary">
          To the Yard
        </LinkButton>
      </div>
    );
  return <SetupPage key={fix ?? params.get('rig') ?? 'new'} task={task} />;
}
