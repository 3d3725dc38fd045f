import { foldEntries, makeEntry, makeVoid, workOf, type EntryOf, type Kind } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { findingsOfRig, findingStory } from './findings';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
let n = 0;
function entry<K extends Kind>(kind: K, day: number, body: EntryOf<K>['body']) {
  n += 1;
  const at = `2026-05-${String(day).padStart(2, '0')}T12:00:00.000Z`;
  const id = `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  return makeEntry(kind, { id, rig: RIG, happened: at, recorded: at }, body);
}

const setup = entry('rig.setup', 1, { model: sampleModel({ axles: 1 }) });
const walk = entry('walk', 2, { walk: 'home', order: 'round', looked: [], taken: [], conditions: [] });
const opened = entry('finding.opened', 2, {
  place: '1L',
  verdict: 'due',
  text: 'weeps',
  remedy: 'repack',
  of: { subject: 'grease-back', grade: 'behind' },
  from: walk.id,
});
const photo = entry('photo', 3, {
  hash: 'a'.repeat(64),
  bytes: 1,
  width: 1,
  height: 1,
  place: '1L',
  of: opened.id,
});
const other = entry('photo', 3, { hash: 'b'.repeat(64), bytes: 1, width: 1, height: 1, place: '1L' });
const seen = entry('finding.seen', 4, { finding: opened.id, verdict: 'due', note: 'more' });
const opinion = entry('opinion', 5, { place: '1L', finding: opened.id, who: 'a shop', said: 'new hub' });
const elsewhere = entry('work', 6, workOf([{ routine: 'wash', place: 'rig' }]));
const work = entry('work', 7, workOf([{ routine: 'repack', place: '1L' }]));
const closed = entry('finding.closed', 8, { finding: opened.id, how: 'new seal', work: work.id });
const later = entry('work', 9, workOf([{ routine: 'repack', place: '1L' }]));
const all = [setup, walk, opened, photo, other, seen, opinion, elsewhere, work, closed, later];

test('a finding from its walk to the work that put it right', () => {
  const story = findingStory(foldEntries(all), RIG, opened.id);
  expect(story?.from?.id).toBe(walk.id);
  expect(story?.photos).toEqual([photo]);
  expect(story?.seen).toEqual([seen]);
  expect(story?.opinions).toEqual([opinion]);
  expect(story?.works).toEqual([work]);
  expect(story?.closed).toEqual(closed);
  expect(story?.state).toMatchObject({ seen: { count: 2 }, escalated: 'seen-again', verdict: 'stop' });
});

test('what was withdrawn is no part of it', () => {
  const undone = makeVoid(seen, [], '0196d000-0000-7000-8000-0000000000ff', '2026-05-10T12:00:00.000Z');
  const story = findingStory(foldEntries([...all, undone]), RIG, opened.id);
  expect(story?.seen).toEqual([]);
  expect(story?.state.verdict).toBe('due');
});

test('one that the log has not is none', () =>
  expect(findingStory(foldEntries(all), RIG, '0196d000-0000-7000-8000-0000000000ee')).toBeUndefined());

test('open ones stand before closed ones, the newest first', () => {
  const second = entry('finding.opened', 10, { place: '1R', verdict: 'watch', text: 'second' });
  const third = entry('finding.opened', 11, { place: '1R', verdict: 'watch', text: 'third' });
  const fold = foldEntries([...all, second, third]);
  const rig = fold.state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  expect(
    findingsOfRig(fold, rig).map(({ opened: one, open }) => [one.body.text, open !== undefined]),
  ).toEqual([
    ['third', true],
    ['second', true],
    ['weeps', false],
  ]);
});
