import fc from 'fast-check';
import { foldEntries, makeEntry, makeVoid, type Entry } from '@/core/log';
import { anyLog } from '@/core/testing/arbitraries';
import { pageOf, storyOf } from './story';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const note = (n: number, text: string, replaces?: string): Entry =>
  makeEntry(
    'note',
    {
      id: `0196d000-0000-7000-8000-00000000000${n}`,
      rig: RIG,
      happened: `2026-05-0${n}T12:00:00.000Z`,
      recorded: `2026-05-0${n}T12:00:00.000Z`,
      replaces,
    },
    { text },
  );

test('an entry knows what became of it, and its correction what it corrects', () => {
  const wrong = note(1, 'lfet hub');
  const right = note(2, 'left hub', wrong.id);
  const other = note(3, 'other');
  const undo = makeVoid(
    other,
    [],
    '0196d000-0000-7000-8000-000000000009',
    '2026-05-09T12:00:00.000Z',
    'not mine',
  );
  const story = storyOf(foldEntries([wrong, right, other, undo]));
  expect(story.tell(wrong)).toMatchObject({ standing: 'corrected', by: right });
  expect(story.tell(right)).toMatchObject({ standing: 'counts', original: wrong, by: undefined });
  expect(story.tell(other)).toMatchObject({ standing: 'withdrawn', by: undo });
});

test('what the fold leaves out is never told as counting', () => {
  fc.assert(
    fc.property(anyLog, (log) => {
      const fold = foldEntries(log);
      const story = storyOf(fold);
      for (const entry of fold.entries)
        expect(story.tell(entry).standing === 'counts').toBe(!fold.retracted.has(entry.id));
    }),
    { numRuns: 100 },
  );
});

test('a page is the newest first, of one rig or of all, and knows whether there is more', () => {
  const fold = foldEntries([note(1, 'a'), note(2, 'b'), note(3, 'c')]);
  const texts = (page: ReturnType<typeof pageOf>) =>
    page.entries.map((entry) => entry.kind === 'note' && entry.body.text);
  expect(texts(pageOf(fold, undefined, undefined, { most: 2 }))).toEqual(['c', 'b']);
  expect(pageOf(fold, undefined, undefined, { most: 2 }).more).toBe(true);
  expect(pageOf(fold, RIG, undefined, { most: 3 }).more).toBe(false);
  expect(pageOf(fold, 'another', undefined, { most: 3 }).entries).toEqual([]);
  expect(
    texts(pageOf(fold, undefined, (entry) => entry.kind === 'note' && entry.body.text === 'a', { most: 5 })),
  ).toEqual(['a']);
});

test('a log read in stretches is the log read at once', () => {
  fc.assert(
    fc.property(anyLog, fc.integer({ min: 1, max: 7 }), (log, most) => {
      const fold = foldEntries(log);
      const read: Entry[] = [];
      for (let more = true; more;) {
        const page = pageOf(fold, undefined, undefined, { skip: read.length, most });
        read.push(...page.entries);
        more = page.more;
      }
      expect(read).toEqual(pageOf(fold, undefined, undefined, { most: log.length + 1 }).entries);
    }),
  );
});
