import { seeded, type Random, toSI } from '../../base';
import type { RigModel } from '../../rig';
import type { Values } from './define';
import type { GuessId } from './guess-ids';
import { workOut, type WorkedOut } from './work-out';

/** A made-up case of a figure: what is given, and what it can come to, as the figure says it. */
export interface Guess {
  readonly values: Values;
  readonly answers: readonly string[];
}

/** A whole number of steps of a unit from a range (SI). */
const some = (random: Random, from: number, to: number, step: number, unit: Parameters<typeof toSI>[1]) =>
  toSI(Math.round((from + (to - from) * random()) / step) * step, unit);

interface Made {
  readonly answers: readonly string[];
  /** What the figure says besides, by the answer that it comes to. */
  readonly also?: Readonly<Record<string, string>>;
  readonly make: (random: Random, kind: RigModel['kind']) => Values;
}

const MADE: Readonly<Record<GuessId, Made>> = {
  leak: {
    answers: ['leak', 'holds'],
    make: (random) => ({
      first: some(random, 45, 80, 1, 'psi'),
      firstAir: some(random, 50, 85, 1, '°F'),
      second: some(random, 36, 84, 0.5, 'psi'),
      secondAir: some(random, 28, 92, 1, '°F'),
      days: Math.round(12 + 28 * random()),
    }),
  },
  balance: {
    answers: ['light', 'inside', 'heavy'],
    also: { lifts: 'light' },
    make: (random, kind) => ({
      kind: kind === 'boat' ? 'boat' : 'trailer',
      axle: some(random, 118, 142, 1, 'in'),
      empty: some(random, 700, 1050, 10, 'lb'),
      emptyAt: some(random, 104, 126, 1, 'in'),
      load1: some(random, 570, 930, 10, 'lb'),
      at1: some(random, 60, 180, 1, 'in'),
      load2: some(random, 130, 260, 10, 'lb'),
      at2: some(random, 52, 70, 1, 'in'),
      load3: some(random, 60, 140, 10, 'lb'),
      at3: some(random, 160, 190, 1, 'in'),
      wanted: kind === 'boat' ? 10 : 12,
    }),
  },
};

/** Which answer a figure's numbers come to; undefined where they make no figure or leave it open. */
export function answerTo(id: GuessId, out: WorkedOut): string | undefined {
  const { answers, also } = MADE[id];
  const said = out.state === 'worked' ? out.said : undefined;
  return answers.find((one) => one === said) ?? (said === undefined ? undefined : also?.[said]);
}

/** A case by its seed, each answer as likely as any other. */
export function guessOf(id: GuessId, seed: number, kind: RigModel['kind']): Guess {
  const { answers, make } = MADE[id];
  const random = seeded(seed);
  const wanted = answers[Math.floor(random() * answers.length)];
  for (;;) {
    const values = make(random, kind);
    if (answerTo(id, workOut(id, values)) === wanted) return { values, answers };
  }
}
