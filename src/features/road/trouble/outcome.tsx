import { useMemo, useState } from 'react';
import type { FindingBody } from '@/core/log';
import { holdsOnceDone, troubleEntries, troubleJob, type TroubleTold } from '@/core/record';
import type { Place } from '@/core/rig';
import { markOfVerdict } from '@/core/base';
import { routineDef, type RoadVerdict, type TroubleId, type TroubleAnswers } from '@/core/rules';
import { soFar } from '@/core/road';
import { PhotosKept, useLeadOn, useRecord } from '@/features/forms';
import { Named, type RigView } from '@/features/rigs';
import { to, toWork } from '@/links';
import { newId, usePreferences, type Photo } from '@/store';
import { findingWords, inUnits, limitWords, placeName, workAt } from '@/text';
import { Button, Choice, Mark, reported, useOnce } from '@/ui';
import { barredWords, STEPS_HERE } from '@/text/trouble';
import { HowItWent } from './how-it-went';
import { Recovery } from './recovery';
import { readTold } from './told';
import {
  barred,
  spotOf,
  troubleDraftKey,
  type ChangeTrouble,
  type ToldId,
  type TroubleDraft,
} from './trouble-draft';
import { Workings } from './workings';

const NO_ID = '00000000-0000-7000-8000-000000000000';

/** Troubles whose wheel had its nuts touched, whatever was done. */
const NUTS: ReadonlySet<TroubleId> = new Set(['studs']);

/** What will stand on the Yard: the trouble with its limit, and what it leaves to be done. */
function Stands({ found }: { found: readonly FindingBody[] }) {
  const { units } = usePreferences();
  return (
    <section aria-label="What stays open">
      <h2 className="text-2xl">What stays open</h2>
      {found.length === 0 ? (
        <p className="mt-1 text-lg">Nothing: it goes into the log, and that is all.</p>
      ) : (
        <ul className="mt-1">
          {found.map((one) => (
            <li
              key={`${one.place} ${findingWords(one, units)}`}
              className="border-line grid grid-cols-[auto_minmax(0,1fr)] gap-3 border-b py-2 text-lg"
            >
              <span className="mt-0.5">
                <Mark mark={markOfVerdict(one.verdict)} size={22} />
              </span>
              <span>
                {placeName(one.place)}: {findingWords(one, units)}
                {one.limit && (
                  <span className="text-soft block text-base">{limitWords(one.limit, units) ?? ''}</span>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What can be done on the spot, where no card leads through it. */
function Steps({ steps }: { steps: readonly string[] }) {
  const { units } = usePreferences();
  return (
    <section aria-label="What you can do here">
      <h2 className="text-2xl">What you can do here</h2>
      <ol className="mt-1 grid list-decimal gap-1.5 pl-6 text-lg">
        {steps.map((step) => (
          <li key={step}>{inUnits(step, units)}</li>
        ))}
      </ol>
    </section>
  );
}

/** What a verdict comes to: how it was left, what stays open, how it went; one entry, and what stands of it. */
export function Outcome({
  view,
  trouble,
  place,
  answers,
  verdict,
  draft,
  onChange: onDraft,
}: {
  view: RigView;
  trouble: TroubleId;
  place: Place | 'rig';
  answers: TroubleAnswers;
  verdict: RoadVerdict;
  draft: TroubleDraft;
  onChange: ChangeTrouble;
}) {
  const { units } = usePreferences();
  // What is typed is the field's own: a draft comes back from disk too late for the next letter.
  const [own, setOwn] = useState(draft.told ?? {});
  const onChange: ChangeTrouble = (next) => onDraft((before) => ({ ...next(before), told: own }));
  const onTyped = (id: ToldId, text: string) => {
    const told = { ...own, [id]: text };
    setOwn(told);
    onDraft((before) => ({ ...before, told }));
  };
  const record = useRecord();
  const leadOn = useLeadOn();
  const once = useOnce();
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [shown, setShown] = useState(false);
  const { rig, model, house, now } = view;
  const alone = soFar(trouble, answers);
  const job = troubleJob({ trouble, place }, alone, model, house);
  const onceDone = holdsOnceDone(trouble, alone);
  const kept = barred(draft);
  const may = kept.length === 0;
  const led = job !== undefined && may;
  // A hub that is to be opened is judged again once it was.
  const mayBeDone = onceDone || (job !== undefined && alone.roll !== 'stay');
  const asks = onceDone || led;
  const outcome = draft.outcome ?? (asks ? undefined : 'open');
  const nuts =
    NUTS.has(trouble) ||
    (outcome === 'done' && job !== undefined && routineDef(job.routine).wheelOff === true);
  const typed = { currency: units === 'us' ? 'USD' : 'EUR', ...own };
  const { told, wrong } = readTold(typed, units);
  const entry = useMemo(
    (): TroubleTold => ({
      trouble,
      place,
      underWay: draft.met !== 'home',
      answers: Object.fromEntries(
        Object.entries(answers).flatMap(([id, value]) => (value === undefined ? [] : [[id, value] as const])),
      ),
      outcome: outcome ?? 'open',
      torqued: nuts ? draft.torqued : undefined,
      used: draft.used ?? [],
      photos: [],
    }),
    [trouble, place, draft.met, answers, outcome, nuts, draft.torqued, draft.used],
  );
  const found = useMemo(
    () =>
      troubleEntries(entry, { rig, model, house, now, newId: () => NO_ID }).flatMap((one) =>
        one.kind === 'finding.opened'
          ? [one.body]
          : one.kind === 'finding.seen'
            ? [{ ...rig.findings[one.body.finding], ...one.body } as unknown as FindingBody]
            : [],
      ),
    [entry, rig, model, house, now],
  );
  const missing =
    outcome === undefined
      ? 'Say how it was left.'
      : nuts && draft.torqued === undefined
        ? 'Say how the nuts were left.'
        : undefined;
  const keep = () =>
    once(async () => {
      setShown(true);
      if (missing || Object.keys(wrong).length > 0) return;
      const drafts = troubleEntries({ ...entry, ...told, photos }, { rig, model, house, now, newId });
      const said = found.length > 0 ? 'Logged. It stays on the Yard until it is put right' : 'Logged';
      const written = await record(rig.id, drafts, said, photos, [troubleDraftKey(rig.id)]);
      if (written.length === 0) return;
      const on = rig.underWay ? Math.max(0, (told.into ?? 0) - rig.underWay.into) : 0;
      onDraft(() => spotOf(draft, rig.distance + on));
      leadOn(outcome === 'bench' && job ? toWork(rig.id, [job], { road: 1 }) : to('yard', rig.id));
    });
  return (
    <div className="grid gap-6">
      {(verdict.roll === 'stay' || verdict.roll === 'creep') && draft.met !== 'home' && (
        <Recovery view={view} trouble={trouble} place={place} />
      )}
      {STEPS_HERE[alone.because] && may && !led && <Steps steps={STEPS_HERE[alone.because] ?? []} />}
      <Workings trouble={trouble} place={place} view={view} answers={answers} />
      {trouble === 'lights' && (
        <p className="text-lg">
          <Named href={to('lights', rig.id)}>Find the fault</Named>
        </p>
      )}
      {(trouble === 'dead' || trouble === 'dragging') && (
        <p className="text-lg">
          <Named href={to('figures', rig.id, { of: 'magnets' })}>How many magnets pull?</Named>
        </p>
      )}
      {kept.length > 0 && (job || STEPS_HERE[alone.because]) && (
        <p className="border-stop bg-stop-wash rounded-r-sheet border-l-[6px] px-4 py-3 text-lg">
          {barredWords(kept)} Get there by the verdict above, or call.
        </p>
      )}
      {asks && (
        <Choice
          label="How is it left?"
          columns="grid-cols-1"
          big
          options={[
            ...(led && job
              ? [
                  {
                    value: 'bench' as const,
                    label: 'Take me through it',
                    hint: `${workAt(job.routine, [job.place])}, step by step`,
                  },
                ]
              : []),
            ...(mayBeDone ? [{ value: 'done' as const, label: 'Done already' }] : []),
            {
              value: 'open' as const,
              label: onceDone ? 'Not done' : 'Not now',
              hint: onceDone ? 'It stays until it is.' : 'It goes on by the verdict above.',
            },
          ]}
          value={draft.outcome}
          onChange={(to) => onChange((before) => ({ ...before, outcome: to, torqued: undefined }))}
          error={shown && outcome === undefined ? missing : undefined}
        />
      )}
      {nuts && (
        <Choice
          label="How were the nuts left?"
          columns="grid-cols-1 sm:grid-cols-2"
          big
          options={[
            { value: 'figure', label: 'Torqued to their figure' },
            {
              value: 'hard',
              label: 'Tight, without a torque wrench',
              hint: 'At most 10 mi (16 km) to a wrench',
            },
          ]}
          value={draft.torqued}
          onChange={(torqued) => onChange((before) => ({ ...before, torqued }))}
          error={shown && outcome !== undefined ? missing : undefined}
        />
      )}
      <Stands found={found} />
      <HowItWent
        draft={draft}
        typed={typed}
        wrong={shown ? wrong : {}}
        rig={rig}
        onTyped={onTyped}
        onChange={onChange}
      />
      <PhotosKept photos={photos} onChange={setPhotos} />
      <Button look="primary" size="lg" className="min-h-20 text-xl" onClick={() => reported(keep())}>
        {outcome === 'bench' ? 'Add it to the log and open the card' : 'Add it to the log'}
      </Button>
      <p className="text-soft">A limit stricter than this, by maker, law or sense on the spot, holds.</p>
    </div>
  );
}
