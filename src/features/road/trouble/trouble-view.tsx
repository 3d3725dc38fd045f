'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { troublePlaces } from '@/core/road';
import { useDraft } from '@/features/forms';
import { Loading, RigTabs, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences, useYard } from '@/store';
import { dayAndTime, placeName, TROUBLE_TITLES } from '@/text';
import { Button, reported, useRootMark } from '@/ui';
import { Asking } from './asking';
import { SafetyPage } from './safety-page';
import { begunUnderWay, seenUnderWay } from './seen-under-way';
import { SeenPage } from './seen-page';
import {
  isOfAnotherStop,
  isSpotOver,
  NO_TROUBLE,
  stillThisOne,
  TROUBLE_DRAFT,
  troubleDraftKey,
  type ChangeTrouble,
  type Stop,
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

/** Told at another stop: nobody goes on with its verdict before this place was looked at. */
function AnotherStop({
  draft,
  onStill,
  onOver,
}: {
  draft: TroubleDraft;
  onStill: () => void;
  onOver: () => void;
}) {
  const { trouble, at, said } = draft;
  const what = trouble ? TROUBLE_TITLES[trouble] : 'Trouble';
  return (
    <div className="grid gap-6">
      <h1 className="text-4xl md:text-5xl">Still this one?</h1>
      <p className="text-xl">
        {what}
        {at !== undefined && at !== 'rig' && `, ${placeName(at)}`}
        {said !== undefined && `, told ${dayAndTime(said)}`}. It was told at another stop: what was answered
        there does not hold here.
      </p>
      <div className="grid gap-2.5 sm:grid-cols-2">
        <Button look="primary" size="lg" onClick={onStill}>
          Still this one: ask again
        </Button>
        <Button size="lg" onClick={onOver}>
          Something else
        </Button>
      </div>
    </div>
  );
}

const pick = ({ met, safety, safe, told }: TroubleDraft) => ({ met, safety, safe, told });

function RigTrouble({ view, ready }: { view: RigView; ready: Ready }) {
  const params = useSearchParams();
  const router = useRouter();
  const { store } = useYard();
  const { units } = usePreferences();
  const fresh = begunUnderWay(params, view, units) ?? NO_TROUBLE;
  const { state, change, set } = useDraft(TROUBLE_DRAFT, troubleDraftKey(view.rig.id), fresh);
  const seen = seenUnderWay(params, view, units);
  // What the instruments saw begins a trouble of its own; one that is being taken through goes on.
  const begins = seen !== undefined && (state === 'none' || (typeof state === 'object' && !state.trouble));
  const { underWay, distance } = view.rig;
  const trip = underWay?.entry;
  const rolled = distance + Math.max(0, Number(params.get('into') ?? 0) - (underWay?.into ?? Infinity));
  const stop: Stop = { now: store.clock.now(), trip, logged: distance, rolled };
  const over = typeof state === 'object' && isSpotOver(state, stop);
  const other = typeof state === 'object' && !over && isOfAnotherStop(state, stop);
  const { safe, safety } = typeof state === 'object' && !other && !over ? state : NO_TROUBLE;
  const first = begins ? JSON.stringify({ ...seen, safe, safety, trip, rolled }) : undefined;
  useEffect(() => {
    if (first === undefined) return;
    // The address has told it: once it is through, or started over, it does not begin again.
    reported(
      set({ ...(JSON.parse(first) as TroubleDraft), said: store.clock.now() }).then(() =>
        router.replace(to('trouble', view.rig.id)),
      ),
    );
  }, [first, set, router, store, view.rig.id]);
  const draft: TroubleDraft = typeof state === 'object' && !over ? state : fresh;
  const said: ChangeTrouble = (next) =>
    change((before) => {
      const after = next(isSpotOver(before, stop) ? fresh : { told: fresh.told, ...before });
      return { ...after, said: store.clock.now(), trip, rolled: Math.max(rolled, after.rolled ?? 0) };
    });
  // Read at night, beside a road: dark unless it is said to be day.
  useRootMark('night', draft.safety.night !== 'no');
  if (state === 'loading' || begins) return <Loading />;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-4 md:px-8 md:py-6">
      <div className="mb-4 flex items-center justify-between gap-4">
        <RigTabs rigs={ready.rigs} chosen={view.rig.id} href={(rig) => to('trouble', rig)} />
        {draft.safe && !other && (
          <Button look="quiet" className="whitespace-nowrap" onClick={() => reported(set(undefined))}>
            Start over
          </Button>
        )}
      </div>
      {other ? (
        <AnotherStop
          draft={draft}
          onStill={() => said(stillThisOne)}
          onOver={() => reported(set(undefined))}
        />
      ) : (
        <Stage view={view} draft={draft} onChange={said} />
      )}
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
