import { foldEntries, makeEntry, type Entry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { groupOf } from './group';
import { LogSearch } from './search';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const stamp = (n: number) => ({
  id: `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  rig: RIG,
  happened: `2026-05-16T12:00:0${n}.000Z`,
  recorded: `2026-05-16T12:00:0${n}.000Z`,
});
const note = (n: number, text: string): Entry => makeEntry('note', stamp(n), { text });
const setup = makeEntry('rig.setup', stamp(0), { model: sampleModel({}) });
const log = [
  setup,
  note(1, 'Seal at 2R weeps'),
  note(2, 'New seal for 1L ordered from the café by the causeway'),
  note(3, 'Unsealed cap found'),
];
const found = (search: LogSearch, sought: string, entries: readonly Entry[] = log) => {
  const match = search.matching(foldEntries(entries), 'us', sought);
  return entries.filter(match).map(({ id }) => Number(id.slice(-2)));
};

test('a group is known by its word', () => {
  expect(groupOf('walks')).toBe('walks');
  expect(groupOf('toString')).toBeUndefined();
  expect(groupOf(null)).toBeUndefined();
});

test('several words have to be there all, by their beginnings', () => {
  const search = new LogSearch();
  expect(found(search, 'seal')).toEqual([1, 2]);
  expect(found(search, 'seal 2R')).toEqual([1]);
  expect(found(search, 'caus')).toEqual([2]);
  expect(found(search, 'seal submarine')).toEqual([]);
});

test('a slip or a missing accent is no hindrance, a figure is taken at its word', () => {
  const search = new LogSearch();
  expect(found(search, 'causway')).toEqual([2]);
  expect(found(search, 'cafe')).toEqual([2]);
  expect(found(search, '2L')).toEqual([]);
});

test('what is quoted stands as it is', () => {
  const search = new LogSearch();
  expect(found(search, '"new seal"')).toEqual([2]);
  expect(found(search, '"seal new"')).toEqual([]);
  expect(found(search, '"seal" weeps')).toEqual([1]);
});

test('it grows with the log, and names of parts follow what is read off them', () => {
  const search = new LogSearch();
  const tire = makeEntry('part.fitted', stamp(4), {
    part: 't',
    spec: { kind: 'tire', facts: {} },
    to: '1L',
  });
  expect(found(search, 'ferry')).toEqual([]);
  const grown = [...log, tire, note(5, 'Ferry at noon')];
  expect(found(search, 'ferry', grown)).toEqual([5]);
  const read = makeEntry('part.read', stamp(6), {
    part: 't',
    facts: { size: { value: '225/75R15', source: 'marking' } },
  });
  expect(found(search, '225', grown)).toEqual([]);
  expect(found(search, '225', [...grown, read])).toContain(6);
});
