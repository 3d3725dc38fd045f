'use client';

import { useMemo, useState } from 'react';
import { answerTo, guessOf, type GuessId } from '@/core/figures';
import { COURSE, firstSeed, nextSeed } from '@/core/practice';
import { useProgress } from '@/features/practice';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { useYard } from '@/store';
import { GUESS_WORDS } from '@/text/figures';
import { SESSION_WORDS } from '@/text/practice';
import { Button, LinkButton } from '@/ui';
import { FigurePage } from './figure-page';
import type { Figure } from './use-figure';

/** What was answered, and what it came to at that moment. */
interface Said {
  readonly answer: string;
  readonly truth: string;
}

function Answers({
  id,
  answers,
  figure,
  onSay,
}: {
  id: GuessId;
  answers: readonly string[];
  figure: Figure;
  onSay: (said: Said) => void;
}) {
  const { asks, answers: words } = GUESS_WORDS[id];
  const truth = answerTo(id, figure.out);
  return (
    <section aria-label="Your guess" className="grid gap-3">
      <h2 className="text-2xl">{asks}</h2>
      <div className="flex flex-wrap gap-2.5">
        {answers.map((answer) => (
          <Button
            key={answer}
            size="lg"
            disabled={truth === undefined}
            onClick={() => truth !== undefined && onSay({ answer, truth })}
          >
            {words[answer]}
          </Button>
        ))}
      </div>
      {truth === undefined && <p role="status">These numbers leave it open. Change one of them back.</p>}
    </section>
  );
}

/** A figure with made-up numbers: first one says what it comes to, then it is worked out. */
export default function GuessPage({
  id,
  view,
  seed: first,
  session,
}: {
  id: GuessId;
  view: RigView | undefined;
  seed: number | undefined;
  session: string | undefined;
}) {
  const { store } = useYard();
  const { end } = useProgress();
  const [seed, setSeed] = useState(() => first ?? firstSeed(store.clock.now()));
  const [said, setSaid] = useState<Said>();
  const kind = view?.model.kind ?? 'utility';
  const { values, answers } = useMemo(() => guessOf(id, seed, kind), [id, seed, kind]);
  const sitting = COURSE.find((one) => one.id === session && one.drill === id);
  const right = said?.answer === said?.truth;
  const { answers: words } = GUESS_WORDS[id];
  const say = (next: Said) => {
    setSaid(next);
    end(id, next.answer === next.truth, sitting?.id);
  };
  return (
    <FigurePage
      key={seed}
      id={id}
      view={undefined}
      place={undefined}
      kept={values}
      back={
        <>
          <LinkButton look="quiet" className="-ml-4" href={to('practice', view?.rig.id)}>
            All practice
          </LinkButton>
          {sitting && <p className="mb-2 max-w-3xl text-lg">{SESSION_WORDS[sitting.id].moment}</p>}
        </>
      }
      guess={{
        asking: said === undefined,
        shown: (figure) =>
          said === undefined ? (
            <Answers id={id} answers={answers} figure={figure} onSay={say} />
          ) : (
            <section role="status" aria-label="How it ended" className="grid gap-4">
              <h2 className="text-2xl">
                {right ? 'You have it: ' : `You said “${words[said.answer]}”. It is: `}
                {(words[said.truth] ?? '').toLowerCase()}.
              </h2>
              <div className="flex flex-wrap gap-2.5">
                <Button
                  look="primary"
                  size="lg"
                  onClick={() => {
                    setSaid(undefined);
                    setSeed(nextSeed(seed));
                  }}
                >
                  Once more, other numbers
                </Button>
                <LinkButton size="lg" href={to('figures', view?.rig.id, { of: id })}>
                  With your own numbers
                </LinkButton>
              </div>
            </section>
          ),
      }}
    />
  );
}
