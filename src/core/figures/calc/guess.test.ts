import fc from 'fast-check';
import { toSI } from '../../base';
import { answerTo, GUESSES, guessOf, workOut, type GuessId } from '..';

const seeds = fc.integer({ min: 1, max: 99_999 });
const kinds = fc.constantFrom('boat' as const, 'utility' as const);

describe.each(GUESSES)('%s, guessed first', (id) => {
  test('a made-up case comes to one of its answers, with nothing left out, and is the same by its seed', () => {
    fc.assert(
      fc.property(seeds, kinds, (seed, kind) => {
        const { values, answers } = guessOf(id, seed, kind);
        expect(answers).toContain(answerTo(id, workOut(id, values)));
        expect(guessOf(id, seed, kind).values).toEqual(values);
      }),
    );
  });

  test('each answer is about as often the right one', () => {
    const count = 300;
    const saids = Array.from({ length: count }, (_, seed) => said(id, seed + 1));
    const { answers } = guessOf(id, 1, 'utility');
    for (const answer of answers) {
      const share = saids.filter((one) => one === answer).length / count;
      expect(share).toBeGreaterThan(0.7 / answers.length);
      expect(share).toBeLessThan(1.3 / answers.length);
    }
  });
});

const said = (id: GuessId, seed: number) => answerTo(id, workOut(id, guessOf(id, seed, 'utility').values));

test('a load so far back that the hitch lifts is too little on the tongue; a loss within the gauge is open', () => {
  const { values } = guessOf('balance', 3, 'utility');
  expect(answerTo('balance', workOut('balance', { ...values, load1: 4000, at1: 6 }))).toBe('light');
  const read = { first: toSI(60, 'psi'), firstAir: toSI(70, '°F'), secondAir: toSI(70, '°F'), days: 30 };
  expect(answerTo('leak', workOut('leak', { ...read, second: toSI(58.4, 'psi') }))).toBeUndefined();
  expect(answerTo('leak', workOut('leak', { ...read, second: undefined }))).toBeUndefined();
});
