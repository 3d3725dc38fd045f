'use client';

import { useEffect, useState } from 'react';
import { seeded, type Verdict } from '@/core/base';
import { makeSound, SOUND_KINDS, SOUNDS, type MadeSound } from '@/core/practice';
import { gradesOf, gradeVerdict, type GradeId } from '@/core/rules';
import { usePreferences } from '@/store';
import { count, gradeWords, VERDICT_WORDS } from '@/text';
import { SOUND_WORDS } from '@/text/practice';
import { Button, Choice } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';
import { play, quiet } from '../sound-player';
import { Trace } from '../trace';

/** Two good wheels differ as well: the one beside is another. */
const BESIDE = 31;

const peakOf = (samples: Float32Array) => samples.reduce((most, x) => Math.max(most, Math.abs(x)), 0);

/** What there is to see in a trace, for somebody who cannot see it either: what it looks like, not what it comes to. */
function traceWords({ kind, coasts, turns }: MadeSound): string {
  const ends =
    coasts >= 5 ? 'It still turns after 5 seconds' : `It stands after ${coasts.toFixed(1)} seconds`;
  return `Loudness over 5 seconds. ${SOUND_WORDS[kind].look} ${ends}; ${count(turns.length, 'turn')} begun.`;
}

/** Spin and listen: one wheel, to be heard or seen, graded, and heard again beside a good one. */
export default function ListenDrill({ model, seed, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const braked = model.axles.some(({ brake }) => brake !== 'none');
  const [sound] = useState(() => {
    const random = seeded(seed);
    // Without a brake there is nothing that could rub.
    const kinds = SOUND_KINDS.filter((one) => braked || one !== 'rub');
    const kind = kinds[Math.floor(random() * kinds.length)] ?? 'good';
    return makeSound(kind, seed, { bad: 0.9 + 0.5 * random() });
  });
  const [good] = useState(() => makeSound('good', seed + BESIDE));
  const [said, setSaid] = useState<GradeId>();
  const [silent, setSilent] = useState(false);
  const [ended, setEnded] = useState(false);
  const truth = SOUNDS[sound.kind];
  const { name, listen, look } = SOUND_WORDS[sound.kind];
  const [full] = useState(() => Math.max(peakOf(sound.samples), peakOf(good.samples)));
  useEffect(() => quiet, []);
  const hear = (one: MadeSound) => setSilent(!play(one.samples));
  const grade = () => {
    if (!said) return;
    setEnded(true);
    onEnd(said === truth);
  };
  const verdict: Verdict = gradeVerdict('spin', truth) ?? 'clear';
  return (
    <div className="grid max-w-4xl gap-5">
      <div className="border-line bg-sheet rounded-sheet border p-3">
        <Trace samples={sound.samples} turns={sound.turns} full={full} label={traceWords(sound)} />
        <p className="text-soft mt-1 text-[0.92rem]">
          How loud it is, and below it a tick where each turn begins. The sound says the same.
        </p>
      </div>
      <div>
        <Button size="lg" onClick={() => hear(sound)}>
          Spin it
        </Button>
      </div>
      {silent && <p role="status">This device plays no sound here. Go by the trace.</p>}
      {!ended && (
        <>
          <Choice
            label="How does it spin?"
            big
            columns="grid-cols-1 sm:grid-cols-2 lg:grid-cols-3"
            options={gradesOf('spin', braked).map((grade) => ({
              value: grade,
              label: gradeWords('spin', grade, units),
            }))}
            value={said}
            onChange={setSaid}
          />
          <div>
            <Button look="primary" size="lg" disabled={!said} onClick={grade}>
              That is my grade
            </Button>
          </div>
        </>
      )}
      {ended && said && (
        <Ended title={said === truth ? 'That is it' : `It was ${name}`}>
          <p>
            <strong>
              {gradeWords('spin', truth, units)}: {VERDICT_WORDS[verdict].toLowerCase()}.
            </strong>{' '}
            {said === truth ? '' : `You said “${gradeWords('spin', said, units)}”. `}
            {listen} In the trace: {look.charAt(0).toLowerCase() + look.slice(1)}
          </p>
          {sound.kind !== 'good' && (
            <>
              <Trace
                samples={good.samples}
                turns={good.turns}
                full={full}
                label={`A good hub. ${traceWords(good)}`}
              />
              <p className="text-soft -mt-1 text-[0.92rem]">
                A good hub, drawn to the same height:{' '}
                {SOUND_WORDS.good.listen.charAt(0).toLowerCase() + SOUND_WORDS.good.listen.slice(1)}
              </p>
            </>
          )}
          <div className="flex flex-wrap gap-2.5">
            <Button onClick={() => hear(sound)}>Hear it again</Button>
            <Button onClick={() => hear(good)}>Hear a good one</Button>
          </div>
          <p className="text-soft text-[0.92rem]">
            Made from an ordinary bearing’s geometry: 16 rollers, spun by hand. A real one never sounds quite
            like it.
          </p>
        </Ended>
      )}
    </div>
  );
}
