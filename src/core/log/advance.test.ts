import fc from 'fast-check';
import { anyLog } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { advance, compareEntries, endOf, foldEntries, makeVoid } from '.';
import { storyFrom } from '../testing/story';

test('a state gone on from is the state of the whole log, or is not given', () => {
  let given = 0;
  fc.assert(
    fc.property(anyLog, fc.nat(), fc.boolean(), (log, pick, ordered) => {
      const entries = ordered ? [...log].sort(compareEntries) : log;
      const at = pick % (entries.length + 1);
      const before = foldEntries(entries.slice(0, at));
      const after = advance(before.state, endOf(before), entries.slice(at));
      if (after) given += 1;
      if (after) expect(after).toEqual(foldEntries(entries).state);
    }),
    { numRuns: runs(500) },
  );
  expect(given).toBeGreaterThan(0);
});

test('an entry that was withdrawn before it arrived is not gone on with', () => {
  const story = storyFrom('2025-05-01');
  const [first, second] = [story.trip(1, 30), story.trip(2, 40)];
  const gone = makeVoid(second, [], '0196d000-0000-7000-8000-0000000000ff', second.recorded);
  const before = foldEntries([first, { ...gone, happened: first.happened }]);
  expect(endOf(before).awaited).toEqual([second.id]);
  expect(advance(before.state, endOf(before), [second])).toBeUndefined();
});
