import { ROLLS, type RoadVerdict } from '@/core/trouble';
import { usePreferences } from '@/store';
import { BECAUSE_WORDS, limitWords, looksWords, ROLL_WORDS } from '@/text/trouble';
import { cx } from '@/ui';

const FILL = {
  here: 'bg-clear',
  care: 'bg-soon',
  creep: 'bg-due',
  stay: 'bg-stop',
} as const;

/** The verdict so far: a strip that fills from here to stay and can fall back, how far and how fast, and what decides. */
export function VerdictStrip({
  verdict,
  final = false,
  answered,
}: {
  verdict: RoadVerdict;
  final?: boolean;
  /** False before the first answer: nothing has decided yet. */
  answered: boolean;
}) {
  const { units } = usePreferences();
  const at = ROLLS.indexOf(verdict.roll);
  const limit = limitWords(verdict, units);
  const looks = looksWords(verdict, units);
  return (
    <div role="status" aria-label={final ? 'Verdict' : 'Verdict so far'}>
      <div aria-hidden className="flex gap-1">
        {ROLLS.map((roll, i) => (
          <span
            key={roll}
            className={cx('h-3 flex-1 rounded-full', i <= at ? FILL[verdict.roll] : 'bg-line')}
          />
        ))}
      </div>
      <p className={cx('mt-2 figures font-semibold', final ? 'text-5xl' : 'text-3xl')}>
        {ROLL_WORDS[verdict.roll]}
        {limit && <span className="text-soft block text-2xl font-normal">{limit}</span>}
      </p>
      <p className={cx('mt-1', final ? 'text-xl' : 'text-soft')}>
        {!final && <span className="sr-only">So far. </span>}
        {final || answered
          ? BECAUSE_WORDS[verdict.because]
          : 'Until the questions are answered the strictest holds.'}
      </p>
      {final && looks && <p className="mt-1 text-lg">Look at it again {looks}.</p>}
    </div>
  );
}
