import { ArrowLeft } from 'lucide-react';
import type { Place } from '@/core/rig';
import { besides, knownAnswers } from '@/core/record';
import { asked, nextQuestion, soFar, troublePlaces } from '@/core/road';
import { type TroubleAnswers, troubleDef, type TroubleId } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { newId, usePreferences } from '@/store';
import { placeName, placeWords, TROUBLE_TITLES } from '@/text';
import { answerWords, TROUBLE_WORDS } from '@/text/trouble';
import { Button, Settled } from '@/ui';
import { FigureAnswer } from './figure-answer';
import { Outcome } from './outcome';
import {
  answered,
  heard,
  stepBack,
  whereItStands,
  type ChangeTrouble,
  type TroubleDraft,
} from './trouble-draft';
import { VerdictStrip } from './verdict-strip';

/** Where it is: the wheel ends as they stand on the rig, tongue forward, left on the left. */
function WherePage({
  places,
  view,
  onPlace,
}: {
  places: readonly (Place | 'rig')[];
  view: RigView;
  onPlace: (place: Place | 'rig') => void;
}) {
  return (
    <div className="grid gap-4">
      <h1 className="text-3xl md:text-[2.6rem]">Where?</h1>
      <ul className="grid grid-cols-2 gap-2.5">
        {places.map((place) => (
          <li key={place} className="grid">
            <Button size="lg" className="min-h-20 text-xl" onClick={() => onPlace(place)}>
              <span>
                <span className="figures block text-2xl">{placeName(place)}</span>
                {placeName(place) === place && (
                  <span className="text-soft block text-base font-normal">
                    {placeWords(place, view.model)}
                  </span>
                )}
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What the rig answered by itself, each to be asked all the same. */
function FromTheRig({
  trouble,
  known,
  draft,
  onChange,
}: {
  trouble: TroubleId;
  known: TroubleAnswers;
  draft: TroubleDraft;
  onChange: ChangeTrouble;
}) {
  const { units } = usePreferences();
  const own = asked(trouble, heard(draft, known)).filter(
    ({ id }) => known[id] !== undefined && !draft.asked?.includes(id) && draft.answers[id] === undefined,
  );
  if (own.length === 0) return null;
  return (
    <section aria-label="From the rig" className="border-line rounded-sheet border px-4 py-2">
      <h2 className="text-lg">From the rig</h2>
      <ul>
        {own.map((question) => {
          const value = known[question.id];
          const words = TROUBLE_WORDS[trouble].questions[question.id];
          const said =
            typeof value === 'number'
              ? answerWords(question, value, units)
              : (words?.options?.[String(value)] ?? String(value));
          return (
            <li key={question.id} className="flex items-center justify-between gap-3">
              <span className="text-soft">
                {words?.ask} <strong className="text-ink">{said}</strong>
              </span>
              <Button
                look="quiet"
                className="shrink-0 whitespace-nowrap"
                onClick={() =>
                  onChange((before) => ({ ...before, asked: [...(before.asked ?? []), question.id] }))
                }
              >
                Change<span className="sr-only">: {words?.ask}</span>
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The figures that were told so far, by hand or by an instrument: what the verdict goes by is in sight. */
function FiguresSoFar({ trouble, answers }: { trouble: TroubleId; answers: TroubleAnswers }) {
  const { units } = usePreferences();
  const read = asked(trouble, answers).flatMap((question) => {
    const value = answers[question.id];
    return question.as !== 'choice' && typeof value === 'number'
      ? [{ id: question.id, said: answerWords(question, value, units) }]
      : [];
  });
  if (read.length === 0) return null;
  return (
    <section aria-label="Figures so far">
      <ul className="flex flex-wrap gap-x-6 gap-y-1">
        {read.map(({ id, said }) => (
          <li key={id} className="text-soft">
            {TROUBLE_WORDS[trouble].questions[id]?.ask} <strong className="text-ink">{said}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The question that decides next, or what it comes to. */
export function Asking({
  view,
  trouble,
  draft,
  onChange,
}: {
  view: RigView;
  trouble: TroubleId;
  draft: TroubleDraft;
  onChange: ChangeTrouble;
}) {
  const words = TROUBLE_WORDS[trouble];
  const places = troublePlaces(trouble, view.model);
  const place = draft.at ?? (places.length === 1 ? places[0] : undefined);
  const known =
    place === undefined ? {} : { ...whereItStands(trouble, draft), ...knownAnswers(trouble, place, view) };
  const answers = heard(draft, known);
  const next = nextQuestion(trouble, answers);
  const alone = soFar(trouble, answers);
  const verdict =
    place === undefined || draft.met === 'home'
      ? alone
      : besides(alone, { trouble, place }, { ...view, newId });
  const said = next && words.questions[next.id];
  const back = () =>
    onChange((before) =>
      stepBack(
        before,
        troubleDef(trouble).questions.map(({ id }) => id),
        places.length > 1,
      ),
    );
  const given = Object.keys(draft.answers).length > 0;
  const ended = place !== undefined && next === undefined;
  return (
    <div className="grid gap-6">
      <p className="text-soft text-lg">
        {TROUBLE_TITLES[trouble]}
        {place !== undefined && place !== 'rig' && `, ${placeName(place)}`}
      </p>
      <VerdictStrip
        verdict={verdict}
        trouble={trouble}
        now={view.now}
        final={ended}
        answered={given}
        home={draft.met === 'home'}
      />
      {!ended && <FiguresSoFar trouble={trouble} answers={draft.answers} />}
      {place === undefined ? (
        <WherePage places={places} view={view} onPlace={(at) => onChange((before) => ({ ...before, at }))} />
      ) : next && said ? (
        <div className="grid gap-4">
          <h1 className="text-3xl md:text-[2.6rem]">{said.ask}</h1>
          {said.how && <p className="text-lg">{said.how}</p>}
          {next.as === 'choice' ? (
            <Settled of={next.id} className="grid gap-2.5 sm:grid-cols-2">
              {next.options.map((option) => (
                <Button
                  key={option}
                  size="lg"
                  className="min-h-20 text-xl"
                  onClick={() => onChange((before) => answered(before, next.id, option))}
                >
                  {option === 'unknown' ? 'Not known' : said.options?.[option]}
                </Button>
              ))}
            </Settled>
          ) : (
            <FigureAnswer
              key={next.id}
              question={next}
              typed={draft.typing?.id === next.id ? draft.typing.text : undefined}
              onTyped={(text) => onChange((before) => ({ ...before, typing: { id: next.id, text } }))}
              onAnswer={(value) => onChange((before) => answered(before, next.id, value))}
            />
          )}
        </div>
      ) : (
        <Outcome
          view={view}
          trouble={trouble}
          place={place}
          answers={answers}
          verdict={verdict}
          draft={draft}
          onChange={onChange}
        />
      )}
      <FromTheRig trouble={trouble} known={known} draft={draft} onChange={onChange} />
      <Button look="quiet" className="justify-self-start" onClick={back}>
        <ArrowLeft aria-hidden size={20} />{' '}
        {given
          ? 'Change the last answer'
          : place !== undefined && places.length > 1
            ? 'Another place'
            : 'Another trouble'}
      </Button>
    </div>
  );
}
