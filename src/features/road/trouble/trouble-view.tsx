'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { troublePlaces } from '@/core/trouble';
import { useDraft } from '@/features/forms';
import { Loading, RigTabs, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { usePreferences } from '@/store';
import { Button, reported, useRootMark } from '@/ui';
import { Asking } from './asking';
import { SafetyPage } from './safety-page';
import { begunUnderWay, seenUnderWay } from './seen-under-way';
import { SeenPage } from './seen-page';
import {
  NO_TROUBLE,
  TROUBLE_DRAFT,
  troubleDraftKey,
  type ChangeTrouble,
  type TroubleDraft,
} from './trouble-draft';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** Safety, what is seen, what decides, what it comes to: one after the other. */
function Stage({ view, draft, onChange }: { view: RigView; draft: TroubleDraft; onChange: ChangeTrouble }) {
  const { trouble, at } = draft;
  if (!draft.safe) return <SafetyPage draft={draft} onChange={onChange} />;
  // A place that the rig has lost meanwhile is asked for again.
  const lost = trouble && at !== undefined && !troublePlaces(trouble, view.model).includes(at);
  const placeless = (one: TroubleDraft): TroubleDraft => (lost ? { ...one, at: undefined } : one);
  if (trouble)
    return (
      <Asking
        view={view}
        trouble={trouble}
        draft={placeless(draft)}
        onChange={(next) => onChange((before) => next(placeless(before)))}
      />
    );
  return (
    <SeenPage
      model={view.model}
      onTrouble={(seen) => onChange((before) => ({ ...NO_TROUBLE, ...pick(before), trouble: seen }))}
    />
  );
}

const pick = ({ met, safety, safe, told }: TroubleDraft) => ({ met, safety, safe, told });

function RigTrouble({ view, ready }: { view: RigView; ready: Ready }) {
  const params = useSearchParams();
  const router = useRouter();
  const { units } = usePreferences();
  const fresh = begunUnderWay(params, view, units) ?? NO_TROUBLE;
  const { state, change, set } = useDraft(TROUBLE_DRAFT, troubleDraftKey(view.rig.id), fresh);
  const seen = seenUnderWay(params, view, units);
  // What the instruments saw begins a trouble of its own; one that is being taken through goes on.
  const begins = seen !== undefined && (state === 'none' || (typeof state === 'object' && !state.trouble));
  const { safe, safety } = typeof state === 'object' ? state : NO_TROUBLE;
  const first = begins ? JSON.stringify({ ...seen, safe, safety }) : undefined;
  useEffect(() => {
    if (first === undefined) return;
    // The address has told it: once it is through, or started over, it does not begin again.
    reported(
      set(JSON.parse(first) as TroubleDraft).then(() => router.replace(`/trouble?rig=${view.rig.id}`)),
    );
  }, [first, set, router, view.rig.id]);
  const draft: TroubleDraft = typeof state === 'object' ? state : fresh;
  // Read at night, beside a road: dark unless it is said to be day.
  useRootMark('night', draft.safety.night !== 'no');
  if (state === 'loading' || begins) return <Loading />;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-4 md:px-8 md:py-6">
      <div className="mb-4 flex items-center justify-between gap-4">
        <RigTabs rigs={ready.rigs} chosen={view.rig.id} href={(rig) => `/trouble?rig=${rig}`} />
        {draft.safe && (
          <Button look="quiet" className="whitespace-nowrap" onClick={() => reported(set(undefined))}>
            Start over
          </Button>
        )}
      </div>
      <Stage view={view} draft={draft} onChange={change} />
    </div>
  );
}

/** Trouble: may it roll, how far and how fast? */
export function TroubleView() {
  return (
    <WithRig promise="Once a rig is set up, trouble on the road is taken through here, question by question.">
      {(view, ready) => <RigTrouble key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
