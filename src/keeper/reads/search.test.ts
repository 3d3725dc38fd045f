import { WORKS } from '@/core/rules';
import { makeEntry, type Entry } from '@/core/log';
import { KIND_OF_ENTRY } from '@/text';
import { GROUPS, groupOf, hasAll, isAbout, SearchIndex, wordsOf } from './search';

const stamp = (n: number) => ({
  id: `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  rig: '0196d000-0000-7000-8000-0000000000aa',
  happened: '2026-05-16T12:00:00.000Z',
  recorded: '2026-05-16T12:00:00.000Z',
});
const note = (n: number, text: string): Entry => makeEntry('note', stamp(n), { text });

test('every kind of entry is in one group and one only', () => {
  const kinds = Object.values(GROUPS).flat();
  expect([...kinds].sort()).toEqual(Object.keys(KIND_OF_ENTRY).sort());
  expect(WORKS.length).toBeGreaterThan(0);
});

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

test('a place is found in whatever an entry says of it', () => {
  const at = makeEntry('recheck', stamp(4), { place: '2R', result: 'held' });
  expect(isAbout(at, '2R')).toBe(true);
  expect(isAbout(at, '1L')).toBe(false);
});
