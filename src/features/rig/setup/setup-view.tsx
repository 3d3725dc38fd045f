'use client';

import { correctionOf, type SetupTask } from '@/core/record';
import { useSearchParams } from 'next/navigation';
import { Failed, Loading, useRigs } from '@/features/rigs';
import { PATHS } from '@/links';
import { useAsk } from '@/store';
import { LinkButton } from '@/ui';
import { areFacts, FactsFix } from './facts-fix';
import { SetupPage } from './setup-page';

/** Set-up: a rig of one's own, in two minutes, and the rest whenever it is known. */
export function SetupView() {
  const yard = useRigs();
  const params = useSearchParams();
  const fix = params.get('fix');
  const asked = useAsk('before', fix === null ? undefined : { id: fix });
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (fix !== null && asked.status === 'asking') return <Loading />;
  const stood = asked.status === 'ready' ? asked.answer : undefined;
  const view = [...yard.rigs, ...yard.retired].find((one) => one.rig.id === params.get('rig'));
  const copied = yard.rigs.find((one) => one.rig.id === params.get('copy'));
  const task: SetupTask | undefined = fix
    ? stood && correctionOf(stood.entry, stood.rig)
    : params.get('rig')
      ? view && { task: 'change', rig: view.rig.id, model: view.model }
      : { task: 'new', from: copied?.model };
  if (!task)
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-3xl">That rig is not in this yard</h1>
        <p className="text-soft mt-2 mb-5">The address names a rig or an entry that is not on this device.</p>
        <LinkButton href={PATHS.yard} look="primary">
          To the Yard
        </LinkButton>
      </div>
    );
  const fixed = task.task === 'correct' ? task.entry : undefined;
  const owner = [...yard.rigs, ...yard.retired].find((one) => one.rig.id === fixed?.rig);
  if (task.task === 'correct' && fixed?.kind === 'rig.changed' && owner && areFacts(fixed.body.changes))
    return <FactsFix key={fixed.id} task={task} changes={fixed.body.changes} view={owner} />;
  return <SetupPage key={fix ?? params.get('rig') ?? params.get('copy') ?? 'new'} task={task} />;
}
