'use client';

import { Printer, X } from 'lucide-react';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import {
  applyChanges,
  isGear,
  isGuess,
  isSpare,
  isWheelEnd,
  placesOf,
  type Changes,
  type Place,
} from '@/core/rig';
import { compile, effortOf, findingAt, isUnfit, startRun, verify, type Job, type Pace } from '@/core/routine';
import { routineDef, type RoutinePlace, type WorkId, markOfDuty } from '@/core/rules';
import { useRecord, useLeadOn } from '@/features/forms';
import { RigTabs, type RigView, type Rigs } from '@/features/rigs';
import { askToKeepOnce, newId, usePreferences, useYard } from '@/store';
import { compileWords, count, jobsTitle, layOut, list, minutes, placeName, workTitle, workAt } from '@/text';
import { Button, cx, FieldError, LinkButton, RigPlan, type PlaceLabel, reported } from '@/ui';
import { canBeDone, jobsFromUrl, jobsInUrl, missingMates } from './jobs-url';
import { LayOut } from './lay-out';
import { Bundles } from './bundles';
import { AntiSeizeWaits, GuessedTorque, LugTorqueForm, MissingAxleFact } from './missing-fact';
import { MissingFigures, missingFigures } from './missing-figures';
import { OpenCards } from './open-cards';
import { familiesOf, WorkList } from './work-list';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** How some work stands at each place where it can be done. */
function labelsOf(view: RigView, work: WorkId): Partial<Record<Place, PlaceLabel>> {
  const labels = view.duties.flatMap((duty) =>
    duty.routine === work && duty.place !== 'rig' && isWheelEnd(duty.place)
      ? [[duty.place, { mark: markOfDuty(duty.verdict), note: NOTE[duty.verdict] }] as const]
      : [],
  );
  return Object.fromEntries(labels);
}
const NOTE = {
  clear: 'in date',
  soon: 'soon due',
  unknown: 'no record',
  due: 'due',
  overdue: 'overdue',
} as const;

/** The owner's pace so far, as a card is estimated with it. */
function paceOf({ rig }: RigView): Pace {
  return Object.fromEntries(Object.entries(rig.pace).map(([act, { minutes: mean }]) => [act, mean]));
}

/** What is asked of the drawing for the work that is chosen. */
function ask(work: WorkId, jobs: readonly Job[], first: Place | undefined): string {
  const title = workTitle(work);
  if (work === 'tire-rotate')
    return first
      ? `${title}: ${first} changes places with which?`
      : `${title}: tap the two that change places.`;
  return jobs.some(({ routine }) => routine === work)
    ? 'Tap another place, or other work: set-up is shared, one corner is up at a time.'
    : `${title}: tap where. Set-up is shared, one corner is up at a time.`;
}

/** The bench with nothing in hand: what is open, and what to begin, laid out first. */
export function StartView({ ready, view }: { ready: Ready; view: RigView }) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const leadOn = useLeadOn();
  const params = useSearchParams();
  const { model, rig, house } = view;
  const mine = ready.runs.filter((run) => run.rig === rig.id);
  const taken = (place: RoutinePlace) =>
    isWheelEnd(place) &&
    mine.some((run) => run.card.jobs.some((job) => job.place === place || job.with === place));
  const [jobs, setJobs] = useState<readonly Job[]>(() =>
    jobsFromUrl(params, model, house).filter((job) => !taken(job.place)),
  );
  const [work, setWork] = useState<WorkId>(jobs[0]?.routine ?? familiesOf(view)[0]?.[1][0] ?? 'lights');
  const [partner, setPartner] = useState<Place>();
  const [told, setTold] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [agreed, setAgreed] = useState(false);

  const where = routineDef(work).places(model, house);
  const drop = (job: Job) => setJobs(jobs.filter((one) => one !== job));
  const toggle = (place: RoutinePlace, of: WorkId = work) => {
    setTold(undefined);
    if (taken(place)) return setTold(`${placeName(place)} is open on the bench already.`);
    if (of === 'tire-rotate') return rotate(place);
    if (!canBeDone(model, house, of, place)) {
      const card = compile(model, [{ routine: of, place }], house, { threads: rig.threads });
      return setTold(card.ok ? undefined : compileWords(card.error));
    }
    const there = jobs.find((job) => job.routine === of && job.place === place);
    if (there) drop(there);
    else setJobs([...jobs, { routine: of, place }]);
  };
  const rotate = (place: RoutinePlace) => {
    if (place === 'rig' || isGear(place)) return;
    const there = jobs.find(
      (job) => job.routine === 'tire-rotate' && (job.place === place || job.with === place),
    );
    if (there) return drop(there);
    if (!partner)
      return isWheelEnd(place)
        ? setPartner(place)
        : setTold('Tap the wheel on the rig first, then its spare.');
    setPartner(undefined);
    if (partner === place) return;
    const job: Job = { routine: 'tire-rotate', place: partner, with: place };
    const card = compile(model, [job], house, { threads: rig.threads });
    if (card.ok) setJobs([...jobs, job]);
    else setTold(compileWords(card.error));
  };
  const choose = (next: WorkId) => {
    setWork(next);
    setPartner(undefined);
    setTold(undefined);
    const places = routineDef(next).places(model, house);
    const [only] = places;
    if (places.length === 1 && only !== undefined) toggle(only, next);
  };

  const card =
    jobs.length > 0 ? compile(model, jobs, house, { pace: paceOf(view), threads: rig.threads }) : undefined;
  const breaches = card?.ok ? verify(card.value, model) : [];
  const steps = card?.ok ? card.value.steps : [];
  const time = Math.round(steps.reduce((sum, step) => sum + step.minutes, 0));
  const onDry = steps.filter(
    ({ round, step, threads }) => (round !== undefined || step === 'check-lugs') && threads === 'dry',
  );
  const needsTorque = onDry.length > 0;
  const guessed = needsTorque && isGuess(model.wheels.torque);
  const guess = model.wheels.torque?.value;
  const unknown = card && !card.ok && card.error.code === 'not-known' ? card.error : undefined;
  const mayStart = card?.ok && breaches.length === 0 && !busy && (!guessed || agreed);
  const mates = missingMates(jobs, model, house);
  const { walks, tools } = effortOf(steps);

  const start = async () => {
    if (!card?.ok || !mayStart) return;
    setBusy(true);
    const at = store.clock.now();
    const begun = startRun(newId(), rig.id, model, card.value, at);
    const torqued = [
      ...new Set(onDry.flatMap(({ round, place }) => (round && place && place !== 'rig' ? [place] : []))),
    ];
    const run =
      guessed && guess !== undefined
        ? torqued.reduce(
            (so, place) =>
              findingAt(
                so,
                {
                  place,
                  verdict: 'due',
                  of: { guess },
                },
                at,
              ),
            begun,
          )
        : begun;
    await store.send('startRun', { run });
    askToKeepOnce();
    leadOn(`/bench?run=${run.id}`);
  };
  const fact = async (changes: Changes) => {
    if (applyChanges(model, changes).ok)
      await record(rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Kept with the rig');
  };
  const offered = (
    work === 'tire-rotate'
      ? placesOf(model).filter((place) => isWheelEnd(place) || isSpare(place))
      : placesOf(model)
  ).filter((place) => isWheelEnd(place) || where.includes(place) || work === 'tire-rotate');
  const atWork = jobs.filter(({ routine }) => routine === work);
  const plan = {
    model,
    labels: labelsOf(view, work),
    chosen: [...atWork.flatMap((job) => [job.place, job.with]), partner].filter(
      (place) => place !== undefined && place !== 'rig',
    ),
    choosable: offered,
    onChoose: (place: Place) => toggle(place),
  };
  const aboutPlaces = where.some((place) => place !== 'rig');
  const listed = where.filter((place) => place !== 'rig' && isGear(place));

  return (
    <div className="mx-auto w-full max-w-[86rem] px-4 py-4 md:px-8 md:py-6">
      <OpenCards runs={ready.runs} now={ready.now} />
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => `/bench?rig=${id}`} />
      <h1 className="mt-4 text-4xl md:text-5xl">
        {jobs.length === 0 ? 'What is done today?' : jobsTitle(jobs)}
      </h1>
      <p className="text-soft mt-1 text-lg">
        {card?.ok
          ? `${count(steps.length, 'step')}, about ${minutes(time)} · ${walks > 0 ? `${count(walks, 'walk')}, ` : ''}${count(tools, 'change of tool', 'changes of tool')}`
          : 'Choose the work, then tap where. Everything that is done together becomes one card.'}
      </p>
      {jobs.length === 0 && (
        <Bundles
          view={view}
          onChoose={(all) => {
            setJobs(all);
            if (all[0]) setWork(all[0].routine);
          }}
        />
      )}
      <div
        className={cx(
          'mt-5 grid gap-x-8 gap-y-5 md:grid-cols-[14rem_minmax(0,1fr)]',
          jobs.length > 0 && 'xl:grid-cols-[14rem_minmax(0,1fr)_23rem]',
        )}
      >
        <WorkList view={view} jobs={jobs} chosen={work} onChoose={choose} />
        <div className="grid content-start gap-4">
          <div className="border-line bg-sheet rounded-sheet border">
            <p className="border-line border-b px-4 py-2.5 text-lg">
              {aboutPlaces ? ask(work, jobs, partner) : `${workTitle(work)} is done to the whole rig.`}
            </p>
            <RigPlan
              {...plan}
              heading="left"
              className={cx('hidden px-4 md:block', jobs.length > 0 && 'xl:hidden')}
            />
            <RigPlan
              {...plan}
              heading="up"
              className={cx('mx-auto max-w-sm py-3 md:hidden', jobs.length > 0 && 'xl:block')}
            />
            {told && (
              <div className="border-line border-t px-4 py-2">
                <FieldError>{told}</FieldError>
              </div>
            )}
            <div className="border-line flex flex-wrap gap-2 border-t px-4 py-3">
              {!aboutPlaces && (
                <Button aria-pressed={atWork.length > 0} onClick={() => toggle('rig')}>
                  {atWork.length > 0 ? 'Take it off the card' : 'Put it on the card'}
                </Button>
              )}
              {listed.map((place) => (
                <Button
                  key={place}
                  look={atWork.some((job) => job.place === place) ? 'primary' : 'plain'}
                  aria-pressed={atWork.some((job) => job.place === place)}
                  className="px-3"
                  onClick={() => toggle(place)}
                >
                  {placeName(place)}
                </Button>
              ))}
              {where.length > 1 && work !== 'tire-rotate' && (
                <Button
                  onClick={() => {
                    const rest = where.filter((place) => !taken(place));
                    const all = rest.map((place): Job => ({ routine: work, place }));
                    setJobs([...jobs.filter(({ routine }) => routine !== work), ...all]);
                  }}
                >
                  All {where.length}
                </Button>
              )}
            </div>
          </div>
          {jobs.length > 0 && (
            <ul aria-label="On the card" className="flex flex-wrap gap-2">
              {jobs.map((job) => {
                const name = `${workAt(job.routine, [job.place])}${job.with ? ` with ${job.with}` : ''}`;
                return (
                  <li
                    key={`${job.routine} ${job.place}`}
                    className="border-ink inline-flex items-center rounded-sheet border-[1.5px] pl-3"
                  >
                    {name}
                    <button
                      type="button"
                      className="grid size-11 place-items-center"
                      aria-label={`Off the card: ${name}`}
                      onClick={() => drop(job)}
                    >
                      <X aria-hidden size={18} />
                    </button>
                  </li>
                );
              })}
            </ul>
          )}
          {mates.length > 0 && (
            <div className="border-soon border-l-4 pl-4">
              <p className="text-lg">
                <strong>This goes in axle pairs.</strong> Both sides of an axle are renewed together, or they
                pull and wear apart.
              </p>
              <Button className="mt-2" onClick={() => setJobs([...jobs, ...mates])}>
                Put {list(mates.map(({ place }) => placeName(place)))} on the card too
              </Button>
            </div>
          )}
        </div>
        {jobs.length > 0 && (
          <section aria-label="Lay out first" className="md:col-start-2 xl:col-start-auto">
            {needsTorque && !model.wheels.torque && (
              <div className="mb-5">
                <LugTorqueForm
                  view={view}
                  lead="It is asked for now, not under the trailer: the last rounds of the star need it."
                  onFact={(changes) => reported(fact(changes))}
                />
              </div>
            )}
            {house.threads === 'anti-seize' &&
              !model.wheels.treatedTorque &&
              steps.some(({ step }) => step === 'threads' || step === 'hand-start') && (
                <div className="mb-5">
                  <AntiSeizeWaits view={view} onFact={(changes) => reported(fact(changes))} />
                </div>
              )}
            {guessed && (
              <div className="mb-5">
                <GuessedTorque
                  view={view}
                  agreed={agreed}
                  onAgree={() => setAgreed(!agreed)}
                  onFact={(changes) => reported(fact(changes))}
                />
              </div>
            )}
            {unknown?.facts[0] && (
              <div className="mb-5">
                <MissingAxleFact
                  view={view}
                  place={unknown.place}
                  id={unknown.facts[0]}
                  onFact={(changes) => reported(fact(changes))}
                />
              </div>
            )}
            {card?.ok && (
              <>
                <MissingFigures
                  view={view}
                  missing={missingFigures(card.value, model)}
                  onFact={(changes) => reported(fact(changes))}
                />
                <LayOut items={layOut(card.value, model, rig, house, units)} />
              </>
            )}
            {card && !card.ok && !unknown && <FieldError>{compileWords(card.error)}</FieldError>}
            {breaches.length > 0 && (
              <FieldError>This card breaks the safe order ({breaches[0]?.why}) and is not shown.</FieldError>
            )}
            <div className="bg-paper sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] mt-1 flex gap-2.5 py-3 md:bottom-0">
              <Button
                look="primary"
                size="lg"
                className="flex-1 text-xl"
                disabled={!mayStart}
                onClick={() => reported(start())}
              >
                Start the card
              </Button>
              {card?.ok && (
                <LinkButton
                  size="lg"
                  aria-label="On paper"
                  href={`/sheet?rig=${rig.id}&jobs=${jobsInUrl(jobs)}`}
                >
                  <Printer aria-hidden />
                </LinkButton>
              )}
            </div>
            {mine.some(isUnfit) && (
              <p className="text-due font-medium">
                Another card is open on this rig with something loose or up.
              </p>
            )}
          </section>
        )}
      </div>
    </div>
  );
}
