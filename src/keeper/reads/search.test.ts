import { makeEntry, type Entry } from '@/core/log';
import { groupOf, hasAll, SearchIndex, wordsOf } from './search';

const stamp = (n: number) => ({
  id: `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  rig: '0196d000-0000-7000-8000-0000000000aa',
  happened: '2026-05-16T12:00:00.000Z',
  recorded: '2026-05-16T12:00:00.000Z',
});
const note = (n: number, text: string): Entry => makeEntry('note', stamp(n), { text });

test('a group is known by its word', () => {
  expect(groupOf('walks')).toBe('walks');
  expect(groupOf('toString')).toBeUndefined();
  expect(groupOf(null)).toBeUndefined();
});

test('several words have to be there all, what is quoted as it stands', () => {
  expect(wordsOf('seal 2R')).toEqual(['seal', '2r']);
  expect(wordsOf('"new seal"  cap')).toEqual(['new seal', 'cap']);
  expect(hasAll('a new seal at 2r', ['seal', '2r'])).toBe(true);
  expect(hasAll('a new seal at 2r', ['seal', '1l'])).toBe(false);
});

test('the words of an entry are worked out once, and small', () => {
  const told: string[] = [];
  const index = new SearchIndex((entry) => {
    told.push(entry.id);
    return entry.kind === 'note' ? entry.body.text : '';
  });
  const one = note(1, 'One');
  expect(index.textOf(one)).toBe('one');
  expect(index.textOf(one)).toBe('one');
  expect(told).toEqual([one.id]);
});
