'use client';

import { useState } from 'react';
import { cardsFor, picturedGrades, PICTURED, type GradeCard } from '@/core/practice';
import { judgeGrade } from '@/core/judge';
import { gradeVerdict, type GradeId } from '@/core/rules';
import { markOfVerdict } from '@/core/base';
import { usePreferences, useYard } from '@/store';
import { count, gradeWords, SUBJECT_WORDS, VERDICT_WORDS } from '@/text';
import { tipOf } from '@/text/practice';
import { Button, Choice, Mark } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';
import { LookDrawing } from '../look-drawing';

/** Pictures of one session are of no kin either. */
const KIN = 104_729;

/** The grade next to another: the worse one, or at the end of the scale the milder. */
function oneOff({ subject, grade }: GradeCard): GradeId {
  const all = picturedGrades(subject);
  const at = all.indexOf(grade);
  return all[at + 1] ?? all[at - 1] ?? grade;
}

function Answer({
  card,
  said,
  seed,
  house,
}: {
  card: GradeCard;
  said: GradeId;
  seed: number;
  house: DrillProps['house'];
}) {
  const { units } = usePreferences();
  const { subject, grade } = card;
  const verdict = judgeGrade(subject, grade, house)?.verdict ?? 'due';
  const other = oneOff(card);
  const otherVerdict = gradeVerdict(subject, other, house) ?? 'due';
  return (
    <Ended title={said === grade ? 'That is it' : `It was: ${gradeWords(subject, grade, units)}`}>
      <p className="flex gap-2.5 text-lg">
        <Mark mark={markOfVerdict(verdict)} size={24} />
        <span>
          <strong>
            {gradeWords(subject, grade, units)}: {VERDICT_WORDS[verdict].toLowerCase()}.
          </strong>{' '}
          {tipOf(subject, grade)}
        </span>
      </p>
      {said !== grade && (
        <p>
          You said “{gradeWords(subject, said, units)}”. {tipOf(subject, said)}
        </p>
      )}
      <figure className="grid items-center gap-3 sm:grid-cols-[12rem_1fr]">
        <LookDrawing
          subject={subject}
          grade={other}
          seed={seed}
          label={`The same, as “${gradeWords(subject, other, units)}”`}
        />
        <figcaption className="flex gap-2.5">
          <Mark mark={markOfVerdict(otherVerdict)} size={20} />
          <span>
            One grade off, the same part: <strong>{gradeWords(subject, other, units)}</strong>,{' '}
            {VERDICT_WORDS[otherVerdict].toLowerCase()}. {tipOf(subject, other)}
          </span>
        </figcaption>
      </figure>
      <p className="text-soft text-[0.92rem]">
        By the trade default{subject === 'lining' ? ' and your rule for cracked linings' : ''}; a maker’s
        figure outranks it.
      </p>
    </Ended>
  );
}

/** Grade it: pictures that never come twice, one after another, and what each would look like one grade off. */
export default function GradeDrill({ house, seed, progress, subjects, onGrade, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const { store } = useYard();
  const [cards] = useState(() => cardsFor(progress, store.clock.now(), seed, subjects ?? PICTURED));
  const [at, setAt] = useState(0);
  const [picked, setPicked] = useState<GradeId>();
  const [said, setSaid] = useState<readonly GradeId[]>([]);
  const card = cards[at];
  const answered = said.length > at;
  const right = cards.filter((one, i) => said[i] === one.grade).length;
  if (!card)
    return (
      <Ended title={`${right} of ${cards.length} as the book has it`}>
        <ul>
          {cards.map((one, i) => (
            <li key={`${one.subject} ${one.grade}`} className="border-line flex gap-2.5 border-b py-2">
              <Mark mark={said[i] === one.grade ? 'clear' : 'due'} size={20} />
              <span>
                {SUBJECT_WORDS[one.subject].name}: {gradeWords(one.subject, one.grade, units)}
                {said[i] !== one.grade && said[i] && (
                  <strong className="block">You said “{gradeWords(one.subject, said[i], units)}”.</strong>
                )}
              </span>
            </li>
          ))}
        </ul>
        <p className="text-soft">What you missed comes back first, what you know later.</p>
      </Ended>
    );
  const answer = () => {
    if (!picked) return;
    setSaid([...said, picked]);
    onGrade(card, picked);
  };
  const next = () => {
    setPicked(undefined);
    setAt(at + 1);
    if (at + 1 === cards.length) onEnd(right === cards.length);
    else scrollTo(0, 0);
  };
  return (
    <div className="grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
      <div className="grid content-start gap-2">
        <p className="text-soft figures">
          {at + 1} of {count(cards.length, 'picture')}
        </p>
        <h2 className="text-2xl">{SUBJECT_WORDS[card.subject].ask}</h2>
        <LookDrawing
          subject={card.subject}
          grade={card.grade}
          seed={seed + at * KIN}
          // Whoever cannot see it is told what there is to see, not what it comes to.
          label={`Picture of ${SUBJECT_WORDS[card.subject].name}. ${tipOf(card.subject, card.grade)}`}
        />
        {card.subject === 'lining' && (
          <p className="text-soft text-[0.92rem]">Face above, edge below. Dashed: the least thickness.</p>
        )}
        {card.subject === 'old-grease' && (
          <p className="text-soft text-[0.92rem]">Over the dashed line: the same grease, new.</p>
        )}
        {card.subject === 'tread' && (
          <p className="text-soft text-[0.92rem]">Dashed: new. The bars in the grooves are the wear bars.</p>
        )}
      </div>
      <div className="grid content-start gap-4">
        {!answered ? (
          <>
            <Choice
              label="Your grade"
              columns="grid-cols-1 sm:grid-cols-2"
              big
              options={picturedGrades(card.subject).map((grade) => ({
                value: grade,
                label: gradeWords(card.subject, grade, units),
              }))}
              value={picked}
              onChange={setPicked}
            />
            <div>
              <Button look="primary" size="lg" disabled={!picked} onClick={answer}>
                That is my grade
              </Button>
            </div>
          </>
        ) : (
          <>
            <Answer card={card} said={said[at] ?? card.grade} seed={seed + at * KIN} house={house} />
            <div>
              <Button look="primary" size="lg" onClick={next}>
                {at + 1 === cards.length ? 'See how it went' : 'Next picture'}
              </Button>
            </div>
          </>
        )}
      </div>
    </div>
  );
}
