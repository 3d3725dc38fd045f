import { fromSI } from '@/core/quantity';
import { ROLLS, type RoadVerdict } from '@/core/trouble';
import { usePreferences } from '@/store';
import { limitWords, looksWords, ROLL_WORDS } from '@/text';
import { BECAUSE_WORDS } from '@/text/trouble';
import { cx } from '@/ui';

const FILL = {
  here: 'bg-clear',
  care: 'bg-soon',
  creep: 'bg-due',
  stay: 'bg-stop',
} as const;

/** Slower than this (mph) a rig is in the way of others. */
const IN_THE_WAY = 45;

/** The verdict so far: a strip that fills from here to stay and can fall back, how far and how fast, and what decides. */
export function VerdictStrip({
  verdict,
  final = false,
  answered,
  home = false,
}: {
  verdict: RoadVerdict;
  final?: boolean;
  /** False before the first answer: nothing has decided yet. */
  answered: boolean;
  /** Found at home: no miles, it is put right or it stays. */
  home?: boolean;
}) {
  const { units } = usePreferences();
  const at = ROLLS.indexOf(verdict.roll);
  const limit = home ? undefined : limitWords(verdict, units);
  const looks = home ? undefined : looksWords(verdict, units);
  const { roll, speed } = verdict;
  const slow =
    !home &&
    (roll === 'creep' ||
      (roll === 'care' && speed !== undefined && fromSI(speed * 3600, 'mi') < IN_THE_WAY - 0.5));
  const word = !home
    ? ROLL_WORDS[roll]
    : roll === 'here'
      ? ROLL_WORDS.here
      : roll === 'care'
        ? 'Put right before the next trip'
        : 'Not towed until it is put right';
  // What it comes to is what the page is about.
  const Word = final ? 'h1' : 'p';
  return (
    <div role="status" aria-label={final ? 'Verdict' : 'Verdict so far'}>
      <div aria-hidden className="flex gap-1">
        {ROLLS.map((one, i) => (
          <span key={one} className={cx('h-3 flex-1 rounded-full', i <= at ? FILL[roll] : 'bg-line')} />
        ))}
      </div>
      <Word className={cx('mt-2 figures font-semibold', final ? 'text-5xl' : 'text-3xl')}>
        {word}
        {limit && <span className="text-soft block text-2xl font-normal">{limit}</span>}
      </Word>
      <p className={cx('mt-1', final ? 'text-xl' : 'text-soft')}>
        {!final && <span className="sr-only">So far. </span>}
        {final || answered
          ? BECAUSE_WORDS[verdict.because]
          : 'Until the questions are answered the strictest holds.'}
      </p>
      {final && looks && <p className="mt-1 text-lg">Look at it again {looks}.</p>}
      {final && slow && <p className="mt-1 text-lg">Hazard lamps on, and not on the highway.</p>}
    </div>
  );
}
