import { fromSI, instantOf, msOf } from '@/core/base';
import { limitEnds } from '@/core/record';
import { outOfDanger, type OutOfDanger } from '@/core/road';
import { ROLLS, type RoadVerdict, type TroubleId } from '@/core/rules';
import { usePreferences } from '@/store';
import { day, inUnits, limitWords, looksWords, ROLL_WORDS, sinceWords } from '@/text';
import { BECAUSE_WORDS } from '@/text/trouble';
import { cx } from '@/ui';

const FILL = {
  here: 'bg-clear',
  care: 'bg-soon',
  creep: 'bg-due',
  stay: 'bg-stop',
} as const;

/** How what stays gets out of danger all the same; its figures in braces, for `inUnits`. */
const OUT_WORDS: Readonly<Record<OutOfDanger, string>> = {
  out: 'In danger where it stands, in a lane, on a narrow shoulder, in a bend, on a bridge? It is rolled out once: at walking pace on the shoulder, up to {15 mph} while in the lane, {500 yd} at most. Tire and rim count as lost. Stop for flames, a wheel that leans, steering that goes. On a shoulder passengers go behind the barrier first; in a live lane nobody gets out before it is off it.',
  'clear-of-the-lane':
    'In a live lane? Only clear of it, by the shortest way, at walking pace, and no farther.',
  'not-at-all': 'It is not moved. Everyone away from it.',
};
/** To the nearest safe place and no farther. */
const CREEP_WORDS =
  'On a freeway: along its shoulder, never in a lane, to the next exit or rest area within these miles. None within them: off the lane and stay. After it, unless put right: stay.';

/** Slower than this (mph) a rig is in the way of others. */
const IN_THE_WAY = 45;

/** The verdict so far: a strip that fills from here to stay and can fall back, how far and how fast, and what decides. */
export function VerdictStrip({
  verdict,
  final = false,
  answered,
  home = false,
  trouble,
  now,
}: {
  verdict: RoadVerdict;
  trouble: TroubleId;
  now: string;
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
  const out = home ? undefined : outOfDanger(trouble, verdict);
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
        {limit && final && (
          <span className="text-soft block text-xl font-normal">until {day(limitEnds(now), now)}</span>
        )}
      </Word>
      <p className={cx('mt-1', final ? 'text-xl' : 'text-soft')}>
        {!final && <span className="sr-only">So far. </span>}
        {final || answered
          ? BECAUSE_WORDS[verdict.because]
          : 'Until the questions are answered the strictest holds.'}
      </p>
      {final && !home && verdict.again !== undefined && (
        <p className="mt-1 text-lg">
          Read it and air it again by{' '}
          <strong className="figures">{sinceWords(instantOf(msOf(now) + verdict.again * 1000), now)}</strong>{' '}
          at the latest, at a safe place chosen before you set off.
        </p>
      )}
      {final && out && <p className="mt-1 text-lg">{inUnits(OUT_WORDS[out], units)}</p>}
      {final && !home && roll === 'creep' && <p className="mt-1 text-lg">{CREEP_WORDS}</p>}
      {final && looks && <p className="mt-1 text-lg">Look at it again {looks}.</p>}
      {final && slow && (
        <p className="mt-1 text-lg">
          Hazard lamps on where the law lets them flash while you move, and not on the highway. Where they
          share a bulb with the brake lamps: off before you brake.
        </p>
      )}
    </div>
  );
}
