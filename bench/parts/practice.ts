import { seeded } from '../../src/core/base';
import { compareHeard, hear, makeSound, SOUND_KINDS, SOUNDS, type SoundKind } from '../../src/core/practice';
import { middle, type Part } from '../table';

const PAIRS = Number(process.env['PAIRS'] ?? 1_000);
/** Noise of a yard so many decibels below each sound. */
const NOISE = 10;

const rough = SOUND_KINDS.filter((kind) => SOUNDS[kind] !== 'free' && SOUNDS[kind] !== 'rub');

/** Louder or softer by up to so much (dB): no phone is held twice at the very same place. */
const HELD = 1;

function heard(kind: SoundKind, seed: number, bad: number) {
  const { samples } = makeSound(kind, seed, { bad, noise: NOISE });
  const gain = 10 ** ((HELD * (2 * seeded(seed + 9)() - 1)) / 20);
  return hear(samples.map((x) => x * gain));
}

/** Two wheels heard: which is rougher. */
export const practice: Part = {
  says: '1,000 seeded pairs of wheel sounds with noise at 10 dB: the worse one named, like ones called like',
  measure: () => {
    let [named, alike] = [0, 0];
    const times: number[] = [];
    for (let pair = 0; pair < PAIRS; pair++) {
      const random = seeded(7_000_000 + pair);
      const seed = 9_000_000 + pair * 11;
      const bad = 0.7 + 0.8 * random();
      const kind = rough[pair % rough.length] ?? 'dry';
      const start = performance.now();
      const [worse, good] = [heard(kind, seed, bad), heard('good', seed + 1, 1)];
      times.push(performance.now() - start);
      const first = random() < 0.5;
      const { rougher } = first ? compareHeard(worse, good) : compareHeard(good, worse);
      if (rougher === (first ? 'first' : 'second')) named += 1;
      const like = pair % 2 === 0 ? 'good' : (SOUND_KINDS[pair % SOUND_KINDS.length] ?? 'good');
      if (compareHeard(heard(like, seed + 2, bad), heard(like, seed + 3, bad)).rougher === 'alike')
        alike += 1;
    }
    return [
      {
        what: `worse hub named, of 100 (${PAIRS} pairs)`,
        measured: (100 * named) / PAIRS,
        unit: '',
        budget: 95,
        atLeast: true,
        decimals: 1,
      },
      {
        what: `like pairs called like, of 100 (${PAIRS} pairs)`,
        measured: (100 * alike) / PAIRS,
        unit: '',
        budget: 95,
        atLeast: true,
        decimals: 1,
      },
      { what: 'two sounds made and listened to', measured: middle(times), unit: 'ms', decimals: 0 },
    ];
  },
};
