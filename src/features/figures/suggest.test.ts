import { FIGURE_IDS } from '@/core/figures';
import { sampleModel } from '@/core/testing/arbitraries';
import { sought } from '@/text';
import { FIGURE_WORDS } from '@/text/figures';
import { suggested } from './suggest';

const textOf = (id: (typeof FIGURE_IDS)[number]) =>
  `${FIGURE_WORDS[id].title} ${FIGURE_WORDS[id].answers} ${FIGURE_WORDS[id].also}`;

test.each([
  ['how tight', ['adapter', 'stud', 'nut']],
  ['tow straight', ['balance', 'square']],
  ['which drum', ['drum']],
  ['grease mix', ['mixing']],
  ['weigh', ['tickets']],
])('in the owner’s words: %s', (words, ids) => {
  expect(sought(FIGURE_IDS, words, textOf)).toEqual(expect.arrayContaining(ids));
});

test('every figure is found by a word of its own question', () => {
  for (const id of FIGURE_IDS) expect(sought(FIGURE_IDS, FIGURE_WORDS[id].answers, textOf)).toContain(id);
});

test('what is suggested is what the rig lacks, at most five', () => {
  expect(suggested(undefined)).toContain('balance');
  const ids = suggested(sampleModel({ hub: 'drilled' }));
  expect(ids.length).toBeLessThanOrEqual(5);
  expect(ids[0]).toBe('balance');
});
