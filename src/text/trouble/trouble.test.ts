import { nextQuestion, soFar } from '@/core/road';
import { type TroubleAnswers, TROUBLE_IDS, TROUBLES } from '@/core/rules';
import * as fc from 'fast-check';
import { sampleModel } from '@/core/testing/arbitraries';
import { BECAUSE_WORDS, recoveryLines, STEPS_HERE, TROUBLE_WORDS } from '.';
import { limitWords, looksWords } from '..';

describe.each(TROUBLE_IDS)('%s', (id) => {
  const words = TROUBLE_WORDS[id];
  const { questions } = TROUBLES[id];

  test('every question and answer has words, and none is left over', () => {
    expect(Object.keys(words.questions).sort()).toEqual(questions.map((question) => question.id).sort());
    for (const question of questions) {
      if (question.as !== 'choice') continue;
      const said = Object.keys(words.questions[question.id]?.options ?? {});
      expect(said.sort()).toEqual(question.options.filter((option) => option !== 'unknown').sort());
    }
  });

  test('whatever decides has words', () => {
    const answers = fc.record(
      Object.fromEntries(
        questions.map((question) => [
          question.id,
          question.as === 'choice'
            ? fc.constantFrom(...question.options)
            : fc.double({ min: 0, max: 5000, noNaN: true }),
        ]),
      ),
    ) as fc.Arbitrary<TroubleAnswers>;
    fc.assert(
      fc.property(answers, (given) => {
        expect(BECAUSE_WORDS[soFar(id, given).because]).toBeTruthy();
      }),
    );
    expect(BECAUSE_WORDS[soFar(id, {}).because]).toBeTruthy();
    expect(nextQuestion(id, {})?.id ?? 'none').toBe(questions[0]?.id ?? 'none');
  });
});

test('what can be done here never fills or plugs a tire that the verdict forbids to', () => {
  for (const forbidden of ['wall-or-shoulder', 'rolled-flat', 'coming-apart', 'holes-worn'] as const)
    expect(STEPS_HERE[forbidden]).toBeUndefined();
  expect(STEPS_HERE['survivor-overloaded']?.join(' ')).not.toMatch(/spare/i);
});

test('how far, how fast and when to look, in both units and never more than the table has', () => {
  const verdict = soFar('flat', {
    spare: 'none',
    axles: 'more',
    hurt: 'nothing',
    lift: 'yes',
    load: 600,
    maximum: 1100,
    rating: 1600,
  });
  expect(limitWords(verdict, 'us')).toBe('at most 25 mi, 35 mph');
  expect(limitWords(verdict, 'metric')).toBe('at most 40 km, 56 km/h');
  expect(looksWords(verdict, 'us')).toBe('after 2 mi, 5 mi, then every 5 mi');
  expect(limitWords(soFar('lost', {}), 'us')).toBeUndefined();
  expect(looksWords(soFar('lost', {}), 'us')).toBeUndefined();
});

test('what to tell whoever comes for it: unknown is said to be, and torsion axles are not lifted by', () => {
  const { gvwr: _, ...sample } = sampleModel({});
  const bare = {
    ...sample,
    axles: sample.axles.map((axle) => ({ ...axle, suspension: 'torsion' as const })),
  };
  const unknown = recoveryLines(bare, 'hot', '1L', 'us').join(' ');
  expect(unknown).toContain('Weight: not known.');
  expect(unknown).toContain('never by the axle tubes');
  expect(unknown).toContain('does not roll');
  const known = recoveryLines({ ...bare, gvwr: { value: 3175, source: 'maker' } }, 'hot', 'rig', 'us').join(
    ' ',
  );
  expect(known).toContain('7,000 lb at most, by its rating');
  expect(known).toContain('hot hub');
});
