'use client';

import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { applyChanges, isGuess, isWheelEnd, type Changes, type WheelEnd } from '@/core/rig';
import {
  isUnfit,
  needsDryTorque,
  needsOf,
  passedOver,
  startRun,
  torquedToGuess,
  torquesMissing,
  verify,
  type Card,
  type Run,
  type compile,
  type Job,
} from '@/core/routine';
import { greaseForbidden, routineDef, type TorqueId, type WorkId } from '@/core/rules';
import { useLeadOn, useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { toCard, toWork } from '@/links';
import { askToKeepOnce, newId, usePreferences, useYard } from '@/store';
import { compileWords, layOut, placeName } from '@/text';
import { Button, Choice, FieldError, LinkButton, reported, useOnce } from '@/ui';
import { LayOut } from './lay-out';
import { AntiSeizeRefused, AntiSeizeWaits, GuessedTorque, MissingAxleFact } from './missing-fact';
import { MissingTorque } from './missing-torque';
import { MissingFigures, missingFigures } from './missing-figures';

/** Work that puts another hub on. */
const NEW_HUBS: ReadonlySet<WorkId> = new Set(['hub-renew', 'hub-build', 'brakes-install']);

/** A wheel end whose bearings or seal a card renews, and whose numbers nobody has read; it is opened and read before anything is ordered. */
function unreadHub(card: Card, { model, rig, house }: RigView): WheelEnd | undefined {
  if (card.jobs.some(({ routine }) => routine === 'hub-read' || routine === 'hub-build')) return undefined;
  const places = routineDef('hub-read').places(model, house);
  const need = needsOf(card, model, rig).parts.find(
    ({ part, number, place }) =>
      ['seal', 'inner-set', 'outer-set', 'hub'].includes(part) &&
      number === undefined &&
      places.includes(place),
  );
  return need && isWheelEnd(need.place) ? need.place : undefined;
}

/** What the card asks for before it starts: figures that are missing, tools, what is used up, parts; and the start. */
export function LayOutFirst({
  view,
  jobs,
  card,
  mine,
  onJobs,
}: {
  view: RigView;
  jobs: readonly Job[];
  card: ReturnType<typeof compile>;
  /** The cards open on this rig. */
  mine: readonly Run[];
  onJobs: (jobs: readonly Job[]) => void;
}) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const once = useOnce();
  const leadOn = useLeadOn();
  const { model, rig, house } = view;
  const [busy, setBusy] = useState(false);
  const [agreed, setAgreed] = useState(false);
  const [passed, setPassed] = useState<readonly TorqueId[]>([]);
  const breaches = card.ok ? verify(card.value, model) : [];
  const steps = card.ok ? card.value.steps : [];
  const needsTorque = card.ok && needsDryTorque(card.value);
  const guess = model.wheels.torque?.value;
  const guessed = needsTorque && isGuess(model.wheels.torque);
  const unknown = !card.ok && card.error.code === 'not-known' ? card.error : undefined;
  const missing = card.ok ? torquesMissing(card.value) : [];
  const unread = card.ok ? unreadHub(card.value, view) : undefined;
  const hubs = jobs.filter(({ routine }) => NEW_HUBS.has(routine));
  const told = missing.every((of) => passed.includes(of)) && hubs.every(({ races }) => races !== undefined);
  const mayStart = card.ok && breaches.length === 0 && !busy && (!guessed || agreed) && told;

  const start = async () => {
    if (!card.ok || !mayStart) return;
    setBusy(true);
    const at = store.clock.now();
    const begun = startRun(newId(), rig.id, model, passedOver(card.value, missing), at);
    const run = guessed && guess !== undefined ? torquedToGuess(begun, guess, at) : begun;
    try {
      await store.send('startRun', { run });
    } catch (error) {
      // It can be tried again.
      setBusy(false);
      throw error;
    }
    askToKeepOnce();
    leadOn(toCard(run.id));
  };
  const tell = async (changes: Changes) => {
    if (applyChanges(model, changes).ok)
      await record(rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Saved with the rig');
  };
  const onFact = (changes: Changes) => reported(tell(changes));
  return (
    <section aria-label="Lay out first" className="md:col-start-2 xl:col-start-auto">
      {missing.map((of) => (
        <div key={of} className="mb-5">
          <MissingTorque
            view={view}
            of={of}
            passed={passed.includes(of)}
            onPass={() =>
              setPassed(passed.includes(of) ? passed.filter((one) => one !== of) : [...passed, of])
            }
            onFact={onFact}
          />
        </div>
      ))}
      {house.threads === 'anti-seize' &&
        (!model.wheels.treatedTorque || greaseForbidden(model)) &&
        steps.some(({ step }) => step === 'threads' || step === 'hand-start') && (
          <div className="mb-5">
            {greaseForbidden(model) ? <AntiSeizeRefused /> : <AntiSeizeWaits view={view} onFact={onFact} />}
          </div>
        )}
      {hubs.map((hub) => (
        <div key={`${hub.routine} ${hub.place}`} className="mb-5">
          <Choice
            label={`New hub for ${placeName(hub.place)}: do its races come installed?`}
            hint="Look into the box: rings pressed into both ends of the hub are its races."
            columns="grid-cols-1 sm:grid-cols-2"
            options={[
              { value: 'fitted', label: 'Installed' },
              { value: 'loose', label: 'Loose' },
            ]}
            value={hub.races}
            onChange={(races) =>
              onJobs(
                jobs.map((job) =>
                  job === hub ? { ...job, races: races === 'fitted' ? 'fitted' : 'loose' } : job,
                ),
              )
            }
          />
        </div>
      ))}
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
          {unread && (
            <p className="border-line border-b py-3">
              What sits in {placeName(unread)} is not on record. Before you order anything,{' '}
              <Link
                prefetch={false}
                className="underline underline-offset-4"
                href={toWork(rig.id, [{ routine: 'hub-read', place: unread }])}
              >
                open that wheel and read it
              </Link>
              .
            </p>
          )}
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
          <LinkButton size="lg" aria-label="On paper" href={toWork(rig.id, jobs, { on: 'sheet' })}>
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
