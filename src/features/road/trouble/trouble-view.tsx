'use client';

import { ArrowLeft } from 'lucide-react';
import { useState } from 'react';
import { parseQuantity, parseNumber, unitFor } from '@/core/quantity';
import { reportEntries } from '@/core/record';
import { placesOf, type Place } from '@/core/rig';
import { nextQuestion, soFar, TROUBLE_IDS, TROUBLES, type Question, type TroubleId } from '@/core/trouble';
import { PlacePicker, useDraft, useLeadOn, useRecord } from '@/features/forms';
import { Loading, Named, RigTabs, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { newId, usePreferences } from '@/store';
import { sought } from '@/text';
import {
  BECAUSE_WORDS,
  LEAVES_WORDS,
  limitWords,
  recoveryLines,
  ROLL_WORDS,
  TROUBLE_WORDS,
} from '@/text/trouble';
import { Button, Choice, CopyButton, Field, reported, Settled, useOnce } from '@/ui';
import {
  SAFETY,
  TROUBLE_DRAFT,
  troubleDraftKey,
  withoutFrom,
  type SafetyId,
  type TroubleDraft,
} from './trouble-draft';
import { VerdictStrip } from './verdict-strip';

type Ready = Extract<Rigs, { status: 'ready' }>;

const SAFETY_WORDS: Readonly<Record<SafetyId, string>> = {
  place: 'Off the road, 6 ft (2 m) from the lane?',
  level: 'Firm and level?',
  alone: 'Are you alone?',
  night: 'Is it dark?',
};

/** What the answers on the place come to. */
function placeSays({ place, level, alone, night }: TroubleDraft['safety']): readonly string[] {
  return [
    ...(place === 'no'
      ? ['Nobody works here. If it rolls, creep to a safe place; if not, stay away from it and call.']
      : []),
    ...(level === 'no' ? ['Nothing is lifted on a slope or on soft ground.'] : []),
    ...(alone === 'yes'
      ? ['Nothing is lifted on the traffic side. Send a message first: where you are, what you do.']
      : []),
    ...(night === 'yes' ? ['Not without lamps on you and on the rig.'] : []),
  ];
}

/** Safety first: short, large, not skipped. */
function SafetyPage({ draft, onChange }: { draft: TroubleDraft; onChange: (draft: TroubleDraft) => void }) {
  const said = placeSays(draft.safety);
  const all = SAFETY.every((id) => draft.safety[id] !== undefined);
  return (
    <div className="grid gap-6">
      <h1 className="text-4xl md:text-5xl">People first</h1>
      <ul className="grid gap-2 text-xl leading-snug md:text-2xl">
        <li>Off the road. Hazard lamps, parking brake.</li>
        <li>Everyone out on the side away from traffic. Vest on, triangles out.</li>
        <li>
          <strong className="text-stop">Flames:</strong> everyone 100 ft (30 m) upwind, call the fire service.
        </li>
        <li>
          <strong className="text-stop">Smoke:</strong> no water on hot metal, no cap opened, let it cool with
          the wheel on.
        </li>
      </ul>
      <div className="grid gap-4 sm:grid-cols-2">
        {SAFETY.map((id) => (
          <Choice
            key={id}
            label={SAFETY_WORDS[id]}
            columns="grid-cols-2"
            big
            options={[
              { value: 'yes', label: 'Yes' },
              { value: 'no', label: 'No' },
            ]}
            value={draft.safety[id]}
            onChange={(answer) => onChange({ ...draft, safety: { ...draft.safety, [id]: answer } })}
          />
        ))}
      </div>
      {said.length > 0 && (
        <ul
          role="status"
          className="border-stop bg-stop-wash grid gap-1 rounded-r-sheet border-l-[6px] px-4 py-3 text-lg"
        >
          {said.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <Button look="primary" size="lg" disabled={!all} onClick={() => onChange({ ...draft, safe: true })}>
        {all ? 'What do you see?' : 'Answer all four first'}
      </Button>
    </div>
  );
}

/** What is seen, in the owner's words. */
function SeenPage({ onTrouble }: { onTrouble: (id: TroubleId) => void }) {
  const [words, setWords] = useState('');
  const found = sought(TROUBLE_IDS, words, (id) => `${TROUBLE_WORDS[id].title} ${TROUBLE_WORDS[id].also}`);
  return (
    <div className="grid gap-4">
      <h1 className="text-4xl md:text-5xl">What do you see?</h1>
      <input
        type="search"
        aria-label="Find a trouble"
        placeholder="Flat, hot hub, brakes, lights"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        className="border-soft bg-sheet min-h-14 rounded-sheet border-[1.5px] px-4 text-lg"
      />
      <ul className="grid gap-2.5 sm:grid-cols-2">
        {found.map((id) => (
          <li key={id} className="grid">
            <Button size="lg" className="justify-start text-left" onClick={() => onTrouble(id)}>
              {TROUBLE_WORDS[id].title}
            </Button>
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="text-soft text-lg">
          Nothing by these words. Try another: tire, hub, brake, lights, hitch.
        </p>
      )}
    </div>
  );
}

/** A figure that decides, typed with its unit; what is not known is said so. */
function FigureAnswer({
  question,
  onAnswer,
}: {
  question: Question;
  onAnswer: (answer: number | 'unknown') => void;
}) {
  const { units } = usePreferences();
  const [text, setText] = useState('');
  const [bad, setBad] = useState(false);
  const unit =
    question.as === 'quantity' ? unitFor(question.of, units) : question.as === 'minutes' ? 'min' : undefined;
  const take = () => {
    const read =
      question.as === 'quantity'
        ? parseQuantity(text, question.of, unitFor(question.of, units))
        : parseNumber(text);
    if (!read.ok || (question.as !== 'quantity' && read.value < 0)) return setBad(true);
    onAnswer(read.value);
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <Field
        label="Figure"
        big
        autoFocus
        inputMode={question.as === 'count' ? 'numeric' : 'decimal'}
        unit={unit}
        value={text}
        error={bad ? `A number${unit ? `, in ${unit}` : ''}.` : undefined}
        onChange={(event) => {
          setText(event.target.value);
          setBad(false);
        }}
      />
      <Button type="submit" look="primary" size="lg" className="min-h-20 text-xl">
        Next
      </Button>
      <Button size="lg" onClick={() => onAnswer('unknown')}>
        Not known
      </Button>
    </form>
  );
}

/** The question that decides next, or what it comes to. */
function Asking({
  view,
  trouble,
  draft,
  onChange,
  onEnd,
}: {
  view: RigView;
  trouble: TroubleId;
  draft: TroubleDraft;
  onChange: (draft: TroubleDraft) => void;
  onEnd: () => Promise<void>;
}) {
  const words = TROUBLE_WORDS[trouble];
  const order = TROUBLES[trouble].questions.map(({ id }) => id);
  const { answers } = draft;
  const next = nextQuestion(trouble, answers);
  const verdict = soFar(trouble, answers);
  const given = order.filter((id) => answers[id] !== undefined);
  const last = given.at(-1);
  const answer = (id: string, value: string | number) =>
    onChange({ ...draft, answers: { ...answers, [id]: value } });
  const asked = next && words.questions[next.id];
  const back = () =>
    last === undefined
      ? onChange({ ...draft, trouble: undefined, answers: {} })
      : onChange({ ...draft, answers: withoutFrom(order, answers, last) });
  return (
    <div className="grid gap-6">
      <p className="text-soft text-lg">{words.title}</p>
      <VerdictStrip verdict={verdict} final={next === undefined} answered={given.length > 0} />
      {next && asked ? (
        <div className="grid gap-4">
          <h1 className="text-3xl md:text-[2.6rem]">{asked.ask}</h1>
          {asked.how && <p className="text-lg">{asked.how}</p>}
          {next.as === 'choice' ? (
            <Settled of={next.id} className="grid gap-2.5 sm:grid-cols-2">
              {next.options.map((option) => (
                <Button
                  key={option}
                  size="lg"
                  className="min-h-20 text-xl"
                  onClick={() => answer(next.id, option)}
                >
                  {option === 'unknown' ? 'Not known' : asked.options?.[option]}
                </Button>
              ))}
            </Settled>
          ) : (
            <FigureAnswer key={next.id} question={next} onAnswer={(value) => answer(next.id, value)} />
          )}
        </div>
      ) : (
        <Outcome view={view} trouble={trouble} draft={draft} onEnd={onEnd} />
      )}
      <Button look="quiet" className="justify-self-start" onClick={back}>
        <ArrowLeft aria-hidden size={20} />{' '}
        {last === undefined ? 'Another trouble' : 'Change the last answer'}
      </Button>
    </div>
  );
}

/** What to tell whoever comes with a flatbed: to be read out, or copied into a message. */
function Recovery({ view, trouble }: { view: RigView; trouble: string }) {
  const { units } = usePreferences();
  const lines = recoveryLines(view.model, trouble, units);
  return (
    <section
      aria-label="Call for recovery"
      className="border-line bg-sheet grid gap-2 rounded-sheet border p-4"
    >
      <h2 className="text-2xl">Call for recovery: tell them</h2>
      <ul className="grid gap-1 text-lg">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <CopyButton label="Copy it" text={() => lines.join('\n')} />
    </section>
  );
}

/** What a verdict comes to on record: a finding that stays until it is put right. */
function Outcome({
  view,
  trouble,
  draft,
  onEnd,
}: {
  view: RigView;
  trouble: TroubleId;
  draft: TroubleDraft;
  onEnd: () => Promise<void>;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const leadOn = useLeadOn();
  const once = useOnce();
  const [place, setPlace] = useState<Place>();
  const verdict = soFar(trouble, draft.answers);
  const { title } = TROUBLE_WORDS[trouble];
  const said = [ROLL_WORDS[verdict.roll], limitWords(verdict, units)].filter(Boolean).join(', ');
  const keep = () =>
    once(async () => {
      const text = `${title}. ${said}: ${BECAUSE_WORDS[verdict.because] ?? ''}`.slice(0, 500);
      // After a creep it stays, unless it was mended.
      const severity = verdict.roll === 'stay' || verdict.roll === 'creep' ? 'stop' : 'due';
      const written = await record(
        view.rig.id,
        reportEntries({ place: place ?? 'rig', verdict: severity, text }, [], view.rig, newId),
        'On the Yard until it is put right',
        [],
        [troubleDraftKey(view.rig.id)],
      );
      if (written.length === 0) return;
      await onEnd();
      leadOn(`/?rig=${view.rig.id}`);
    });
  return (
    <div className="grid gap-5">
      <div>
        <h2 className="text-2xl">What it leaves behind</h2>
        <ul className="mt-1 grid gap-1 text-lg">
          {TROUBLES[trouble].leaves.map((left) => (
            <li key={left}>{LEAVES_WORDS[left]}.</li>
          ))}
        </ul>
      </div>
      {(verdict.roll === 'stay' || verdict.roll === 'creep') && <Recovery view={view} trouble={title} />}
      {trouble === 'lights' && (
        <p className="text-lg">
          <Named href={`/lights?rig=${view.rig.id}`}>Find the fault</Named>
        </p>
      )}
      {(trouble === 'dead' || trouble === 'dragging') && (
        <p className="text-lg">
          <Named href={`/figures?rig=${view.rig.id}&of=magnets`}>How many magnets pull?</Named>
        </p>
      )}
      <PlacePicker
        model={view.model}
        value={place ?? ''}
        first="Where on the rig?"
        label="Where on the rig"
        among={placesOf(view.model)}
        onChange={setPlace}
      />
      <Button look="primary" size="lg" className="min-h-20 text-xl" onClick={() => reported(keep())}>
        Put it on the Yard
      </Button>
      <p className="text-soft">
        A limit stricter than this, by maker, law or sense on the spot, holds. Miles are not counted down here
        yet: keep them yourself.
      </p>
    </div>
  );
}

function RigTrouble({ view, ready }: { view: RigView; ready: Ready }) {
  const { state, change, set } = useDraft(TROUBLE_DRAFT, troubleDraftKey(view.rig.id));
  if (state === 'loading') return <Loading />;
  const draft: TroubleDraft = state === 'none' ? { safety: {}, safe: false, answers: {} } : state;
  const put = (next: TroubleDraft) => (state === 'none' ? reported(set(next)) : change(() => next));
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
      {!draft.safe ? (
        <SafetyPage draft={draft} onChange={put} />
      ) : draft.trouble === undefined ? (
        <SeenPage onTrouble={(trouble) => put({ ...draft, trouble, answers: {} })} />
      ) : (
        <Asking
          view={view}
          trouble={draft.trouble}
          draft={draft}
          onChange={put}
          onEnd={() => set(undefined)}
        />
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
