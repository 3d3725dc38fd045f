import { storyFrom } from '../testing/story';
import { sampleModel } from '../testing/arbitraries';
import { decisionEntry, needlessEntry, waitsEntry } from './decide';

const { setup, entry, rigOf } = storyFrom('2026-03-01');
const opened = entry('finding.opened', 2, {
  place: 'frame',
  verdict: 'stop',
  of: { subject: 'weld', grade: 'main-crack' },
});
const after = (...drafts: readonly ReturnType<typeof waitsEntry>[]) =>
  rigOf(
    setup(sampleModel({})),
    opened,
    ...drafts.map((draft, i) => entry(draft.kind, 3 + i, draft.body as never)),
  );
const waits = { who: ' the welder ', booked: '2026-03-20', tow: false, note: '' };

test('a finding waits for someone, booked for a day, and is no less a stop for it', () => {
  const finding = after(waitsEntry(opened, waits)).findings[opened.id];
  expect(finding).toMatchObject({
    verdict: 'stop',
    waits: { who: 'the welder', booked: '2026-03-20', tow: false },
  });
});

test('it waits for nobody any more once that is said', () =>
  expect(
    after(waitsEntry(opened, waits), waitsEntry(opened, undefined)).findings[opened.id]?.waits,
  ).toBeUndefined());

test('a decision is an entry of its own: it changes nothing by itself, and knows the quote it answers', () => {
  const told = { decided: 'Weld it myself', why: 'the quote is twice the trailer', opinion: opened.id };
  const draft = decisionEntry({ id: opened.id, place: 'frame' }, told);
  expect(draft).toEqual({ kind: 'decision', body: { place: 'frame', finding: opened.id, ...told } });
  const { at: _, ...now } = after(draft).findings[opened.id] ?? { at: '' };
  const { at: __, ...then } = after().findings[opened.id] ?? { at: '' };
  expect(now).toEqual(then);
});

test('looked into and not needed closes it, with the reason', () => {
  const draft = needlessEntry(opened, ' paint crack, bright metal under it ');
  expect(draft.body).toMatchObject({ needless: true, how: 'paint crack, bright metal under it' });
  expect(after(draft).findings).toEqual({});
});
