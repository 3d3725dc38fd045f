'use client';

import { Printer } from 'lucide-react';
import { useState } from 'react';
import { applyChanges, isGuess, type Changes } from '@/core/rig';
import { isUnfit, needsDryTorque, startRun, torquedToGuess, verify, type Run } from '@/core/routine';
import type { compile, Job } from '@/core/routine';
import { useLeadOn, useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { askToKeepOnce, newId, usePreferences, useYard } from '@/store';
import { compileWords, layOut } from '@/text';
import { Button, FieldError, LinkButton, reported, useOnce } from '@/ui';
import { jobsInUrl } from './jobs-url';
import { LayOut } from './lay-out';
import { AntiSeizeWaits, GuessedTorque, LugTorqueForm, MissingAxleFact } from './missing-fact';
import { MissingFigures, missingFigures } from './missing-figures';

/** What the card asks for before it starts: figures that are missing, tools, what is used up, parts; and the start. */
export function LayOutFirst({
  view,
  jobs,
  card,
  mine,
}: {
  view: RigView;
  jobs: readonly Job[];
  card: ReturnType<typeof compile>;
  /** The cards open on this rig. */
  mine: readonly Run[];
}) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const once = useOnce();
  const leadOn = useLeadOn();
  const { model, rig, house } = view;
  const [busy, setBusy] = useState(false);
  const [agreed, setAgreed] = useState(false);
  const breaches = card.ok ? verify(card.value, model) : [];
  const steps = card.ok ? card.value.steps : [];
  const needsTorque = card.ok && needsDryTorque(card.value);
  const guess = model.wheels.torque?.value;
  const guessed = needsTorque && isGuess(model.wheels.torque);
  const unknown = !card.ok && card.error.code === 'not-known' ? card.error : undefined;
  const mayStart = card.ok && breaches.length === 0 && !busy && (!guessed || agreed);

  const start = async () => {
    if (!card.ok || !mayStart) return;
    setBusy(true);
    const at = store.clock.now();
    const begun = startRun(newId(), rig.id, model, card.value, at);
    const run = guessed && guess !== undefined ? torquedToGuess(begun, guess, at) : begun;
    try {
      await store.send('startRun', { run });
    } catch (error) {
      // It can be tried again.
      setBusy(false);
      throw error;
    }
    askToKeepOnce();
    leadOn(`/bench?run=${run.id}`);
  };
  const tell = async (changes: Changes) => {
    if (applyChanges(model, changes).ok)
      await record(rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Kept with the rig');
  };
  const onFact = (changes: Changes) => reported(tell(changes));
  return (
    <section aria-label="Lay out first" className="md:col-start-2 xl:col-start-auto">
      {needsTorque && !model.wheels.torque && (
        <div className="mb-5">
          <LugTorqueForm
            view={view}
            lead="It is asked for now, not under the trailer: the last rounds of the star need it."
            onFact={onFact}
          />
        </div>
      )}
      {house.threads === 'anti-seize' &&
        !model.wheels.treatedTorque &&
        steps.some(({ step }) => step === 'threads' || step === 'hand-start') && (
          <div className="mb-5">
            <AntiSeizeWaits view={view} onFact={onFact} />
          </div>
        )}
      {guessed && (
        <div className="mb-5">
          <GuessedTorque view={view} agreed={agreed} onAgree={() => setAgreed(!agreed)} onFact={onFact} />
        </div>
      )}
      {unknown?.facts[0] && (
        <div className="mb-5">
          <MissingAxleFact view={view} place={unknown.place} id={unknown.facts[0]} onFact={onFact} />
        </div>
      )}
      {card.ok && (
        <>
          <MissingFigures view={view} missing={missingFigures(card.value, model)} onFact={onFact} />
          <LayOut items={layOut(card.value, model, rig, house, units)} />
        </>
      )}
      {!card.ok && !unknown && <FieldError>{compileWords(card.error)}</FieldError>}
      {breaches.length > 0 && (
        <FieldError>This card breaks the safe order ({breaches[0]?.why}) and is not shown.</FieldError>
      )}
      <div className="bg-paper sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] mt-1 flex gap-2.5 py-3 md:bottom-0">
        <Button
          look="primary"
          size="lg"
          className="flex-1 text-xl"
          disabled={!mayStart}
          onClick={() => reported(once(start))}
        >
          Start the card
        </Button>
        {card.ok && (
          <LinkButton size="lg" aria-label="On paper" href={`/sheet?rig=${rig.id}&jobs=${jobsInUrl(jobs)}`}>
            <Printer aria-hidden />
          </LinkButton>
        )}
      </div>
      {mine.some(isUnfit) && (
        <p className="text-due font-medium">Another card is open on this rig with something loose or up.</p>
      )}
    </section>
  );
}
