'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { partAt, type RigState } from '@/core/log';
import { applyChanges, axleOf, hubOpens, isGuess, wheelEnds, type Changes, type WheelEnd } from '@/core/rig';
import { compile, findingAt, startRun, verify } from '@/core/routine';
import { RigTabs, Ruled, useRecord, type RigView, type Rigs } from '@/features/common';
import { askToKeepOnce, newId, usePreferences, useYard } from '@/store';
import {
  compileWords,
  count,
  layOut,
  list,
  minutes,
  NUT_SCHOOL_WORDS,
  torqueSpec,
  TORQUE_SCHOOL_WORDS,
} from '@/text';
import { Button, FieldError, RigPlan, type PlaceLabel } from '@/ui';
import { GuessedTorque, LugTorqueForm, MissingAxleFact } from './missing-fact';
import { OpenCards } from './open-cards';

type Ready = Extract<Rigs, { status: 'ready' }>;

const OF_DUTY = { clear: 'clear', soon: 'soon', unknown: 'unknown', due: 'due', overdue: 'due' } as const;
const NOTE = {
  clear: 'in date',
  soon: 'soon due',
  unknown: 'no record',
  due: 'repack due',
  overdue: 'overdue',
} as const;

/** The number of the seal that sits at a wheel end. */
function sealNumber(rig: RigState, place: WheelEnd): string | undefined {
  const number = partAt(rig, 'seal', place)?.facts['number']?.value;
  return number === undefined ? undefined : String(number);
}

function labelsOf(view: RigView): Partial<Record<WheelEnd, PlaceLabel>> {
  return Object.fromEntries(
    wheelEnds(view.model).map((place): [WheelEnd, PlaceLabel] => {
      const duty = view.duties.find((one) => one.routine === 'repack' && one.place === place);
      return [
        place,
        duty
          ? { mark: OF_DUTY[duty.verdict], note: NOTE[duty.verdict] }
          : { mark: 'clear', note: 'stays shut' },
      ];
    }),
  );
}

/** The bench with nothing in hand: what is open, and what to begin, laid out first. */
export function StartView({ ready, view }: { ready: Ready; view: RigView }) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const router = useRouter();
  const wanted = useSearchParams().get('place') ?? '';
  const { model, rig } = view;
  const opens = (place: WheelEnd) => {
    const axle = model.axles[axleOf(place)];
    return axle !== undefined && hubOpens(axle);
  };
  const mine = ready.runs.filter((run) => run.rig === rig.id);
  const taken = mine.flatMap((run) => run.card.jobs.map((job) => job.place));
  const [chosen, setChosen] = useState<readonly WheelEnd[]>(
    wheelEnds(model).filter(
      (place) => wanted.split(',').includes(place) && opens(place) && !taken.includes(place),
    ),
  );
  const [told, setTold] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [agreed, setAgreed] = useState(false);

  const toggle = (place: WheelEnd) => {
    if (taken.includes(place)) return setTold(`${place} is open on the bench already.`);
    if (!opens(place)) return setTold(compileWords({ code: 'hub-stays-shut', place }));
    setTold(undefined);
    setChosen(
      chosen.includes(place)
        ? chosen.filter((one) => one !== place)
        : wheelEnds(model).filter((one) => one === place || chosen.includes(one)),
    );
  };
  const card =
    chosen.length > 0
      ? compile(
          model,
          chosen.map((place) => ({ routine: 'repack', place })),
          view.house,
        )
      : undefined;
  const breaches = card?.ok ? verify(card.value, model) : [];
  const items = layOut(
    model,
    chosen,
    model.wheels.torque ? torqueSpec(model, units) : 'the lug torque, once it is known',
    (place) => sealNumber(rig, place),
    view.house,
    units,
  );
  const time = card?.ok ? card.value.steps.reduce((sum, step) => sum + step.minutes, 0) : 0;

  const torque = model.wheels.torque;
  const guessed = isGuess(torque);
  const unknown = card && !card.ok && card.error.code === 'not-known' ? card.error : undefined;
  const mayStart = card?.ok && breaches.length === 0 && !busy && (!guessed || agreed);

  const start = async () => {
    if (!card?.ok || !mayStart) return;
    setBusy(true);
    const at = store.clock.now();
    const begun = startRun(newId(), rig.id, model, card.value, at);
    const run = guessed
      ? chosen.reduce(
          (so, place) =>
            findingAt(
              so,
              {
                place,
                verdict: 'due',
                text: `torqued to a guess, ${torqueSpec(model, units)}: torque to figure`,
              },
              at,
            ),
          begun,
        )
      : begun;
    await store.startRun(run);
    askToKeepOnce();
    router.push(`/bench?run=${run.id}`);
  };
  const fact = async (changes: Changes) => {
    if (applyChanges(model, changes).ok)
      await record(rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Kept with the rig');
  };
  const plan = { model, labels: labelsOf(view), chosen, onChoose: toggle };

  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      <OpenCards runs={ready.runs} now={ready.now} />
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => `/bench?rig=${id}`} />
      <h1 className="mt-4 text-4xl md:text-5xl">
        {chosen.length === 0 ? 'Which hub is repacked?' : `Repack ${list(chosen)}`}
      </h1>
      <p className="text-soft mt-1 text-lg">
        {chosen.length === 0
          ? 'Tap a wheel end, or several: set-up is shared, one corner is up at a time.'
          : `${card?.ok ? `${count(card.value.steps.length, 'step')}, about ${minutes(time)}` : ''} · nut: ${NUT_SCHOOL_WORDS[view.house.nut]} · torque: ${TORQUE_SCHOOL_WORDS[view.house.torque]}`}
      </p>
      <div className="mt-5 grid gap-8 lg:grid-cols-[minmax(0,1fr)_25rem]">
        <div className="border-line bg-sheet self-start rounded-sheet border">
          <RigPlan {...plan} heading="left" className="hidden px-4 md:block" />
          <RigPlan {...plan} heading="up" className="mx-auto max-w-sm py-3 md:hidden" />
          {told && (
            <div className="border-line border-t px-4 py-2">
              <FieldError>{told}</FieldError>
            </div>
          )}
        </div>
        {chosen.length > 0 && (
          <section aria-label="Lay out first">
            {!model.wheels.torque && (
              <div className="mb-5">
                <LugTorqueForm
                  view={view}
                  lead="It is asked for now, not under the trailer: the last rounds of the star need it."
                  onFact={(changes) => void fact(changes)}
                />
              </div>
            )}
            {guessed && (
              <div className="mb-5">
                <GuessedTorque
                  view={view}
                  agreed={agreed}
                  onAgree={() => setAgreed(!agreed)}
                  onFact={(changes) => void fact(changes)}
                />
              </div>
            )}
            {unknown?.facts[0] && (
              <div className="mb-5">
                <MissingAxleFact
                  view={view}
                  place={unknown.place}
                  id={unknown.facts[0]}
                  onFact={(changes) => void fact(changes)}
                />
              </div>
            )}
            <Ruled>Lay out first</Ruled>
            {[items.tools, items.used].map((group, i) => (
              <ul key={i} className="border-line grid gap-1.5 border-b py-3">
                {group.map((item) => (
                  <li key={item.name} className="leading-snug">
                    {item.name}
                    {item.note && <span className="text-soft"> · {item.note}</span>}
                  </li>
                ))}
              </ul>
            ))}
            {card && !card.ok && !unknown && <FieldError>{compileWords(card.error)}</FieldError>}
            {breaches.length > 0 && (
              <FieldError>This card breaks the safe order ({breaches[0]?.why}) and is not shown.</FieldError>
            )}
            <div className="bg-paper sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] mt-1 py-3 md:bottom-0">
              <Button
                look="primary"
                size="lg"
                className="w-full text-xl"
                disabled={!mayStart}
                onClick={() => void start()}
              >
                Start the card
              </Button>
            </div>
          </section>
        )}
      </div>
    </div>
  );
}
