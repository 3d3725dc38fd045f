import { sought } from './sought';

const TEXTS = { hub: 'Hot hub, bearing', tire: 'Flat tire', brake: 'Brake drags, hot' } as const;
const find = (words: string) => sought(['hub', 'tire', 'brake'] as const, words, (id) => TEXTS[id]);

test.each([
  ['', ['hub', 'tire', 'brake']],
  ['HOT', ['hub', 'brake']],
  ['  hot   brake ', ['brake']],
  ['brake hot', ['brake']],
  ['hot tire', []],
])('every word counts, in any order and case: “%s”', (words, ids) => {
  expect(find(words)).toEqual(ids);
});
