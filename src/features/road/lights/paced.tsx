'use client';

import { useEffect, useState } from 'react';
import type { LampStep } from '@/core/judge';
import { LAMP_WORDS, list, SHOWS_WORDS, SWITCH_WORDS } from '@/text';
import { Button, Tape, Settled } from '@/ui';

/** Seconds from the switch to the lamps and back, by how they are watched. */
const PACE = { alone: 25, filmed: 8, helper: 8 } as const;

/** One function at a time: what to switch on, then a countdown to walk around, film, or be told. */
export function Paced({
  step,
  index,
  of,
  how,
  onNext,
  onBack,
}: {
  step: LampStep;
  index: number;
  of: number;
  how: keyof typeof PACE;
  onNext: () => void;
  onBack: () => void;
}) {
  const [left, setLeft] = useState<number>();
  const running = left !== undefined && left > 0;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setLeft((now) => Math.max(0, (now ?? 1) - 1)), 1000);
    return () => clearInterval(timer);
  }, [running]);
  const lamps = list(step.lamps.map((lamp) => LAMP_WORDS[lamp].toLowerCase()));
  return (
    <div className="max-w-2xl">
      <p className="text-soft">
        Function {index + 1} of {of}
      </p>
      <h1 className="mt-1 text-5xl">{SHOWS_WORDS[step.shows]}</h1>
      <p className="mt-2 text-xl">{SWITCH_WORDS[step.shows]}.</p>
      <p className="text-soft mt-1 text-lg">
        {how === 'filmed'
          ? 'The phone films'
          : how === 'helper'
            ? 'Your helper looks at'
            : 'Then walk around and look at'}
        : {lamps}.
      </p>
      <p className="figures mt-6 text-[6rem] leading-none font-semibold" role="timer" aria-live="off">
        {left ?? PACE[how]}
        <span className="text-soft ml-3 text-2xl font-medium">s</span>
      </p>
      <div className="mt-2">
        <Tape
          used={PACE[how] - (left ?? PACE[how])}
          limit={PACE[how]}
          mark="clear"
          label={`${left ?? PACE[how]} seconds left`}
        />
      </div>
      <Settled of={String(index)} className="mt-6 grid grid-cols-2 gap-2.5 sm:flex">
        {left === undefined ? (
          <Button look="primary" size="lg" onClick={() => setLeft(PACE[how])}>
            It is on: count down
          </Button>
        ) : (
          <Button look="primary" size="lg" onClick={onNext}>
            {index === of - 1 ? 'Seen: say what lit' : 'Seen: next'}
          </Button>
        )}
        {left === undefined ? (
          <Button size="lg" onClick={onNext}>
            Seen already
          </Button>
        ) : (
          <Button size="lg" onClick={() => setLeft(left + 10)}>
            Ten seconds more
          </Button>
        )}
        {index > 0 && (
          <Button size="lg" onClick={onBack}>
            Back
          </Button>
        )}
      </Settled>
    </div>
  );
}
