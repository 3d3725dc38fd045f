import { rigView, type RigView } from '@/features/rigs';
import type { Entry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { soundEntries } from '@/core/testing/sound';
import { mi, storyFrom } from '@/core/testing/story';
import { nextItems } from './next-items';

const { rig: RIG, day, entry, setup, rigOf } = storyFrom('2025-05-01');
const model = sampleModel({ axles: 2 });

function view(on: number, ...entries: Entry[]): RigView {
  const made = rigView(rigOf(setup(model), ...entries), [], day(on), {}, undefined);
  if (!made) throw new Error('no view');
  return made;
}
const told = (of: RigView) =>
  nextItems(of).map((item) =>
    item.is === 'duties'
      ? `${item.duties[0].routine} ${item.duties.map(({ place }) => place).join(' ')}`
      : item.is === 'finding'
        ? (item.finding.text ?? '')
        : item.conflict.code,
  );
const sound = soundEntries(model, RIG, day(0));

test('what stands alike is one thing, however many places it has', () => {
  const items = told(view(366, ...sound));
  expect(items).toContain('repack 1L 1R 2L 2R');
  // What the repack does by the way, and presses no more, is not asked for beside it.
  for (const item of items) expect(item).not.toMatch(/^(brake-measure|hub-look)/);
});

test('a finding stands for the routine it pulls forward', () => {
  const found = entry('finding.opened', 2, {
    place: '2R',
    verdict: 'due',
    text: 'seal weeps',
    remedy: 'repack',
  });
  const items = told(view(3, ...sound, found));
  expect(items[0]).toBe('seal weeps');
  expect(items).toContain('repack 1L 1R 2L');
  expect(items.some((item) => /repack.*2R/.test(item))).toBe(false);
});

test('a wheel that was just off comes before what has no record', () => {
  const work = entry('work', 1, {
    jobs: [{ routine: 'repack', place: '1L' }],
    from: 'bench',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [{ place: '1L', limits: [mi(10)] }],
    skipped: [],
  });
  expect(told(view(2, work))[0]).toBe('lug-recheck 1L');
});

test('upkeep stands below what matters for safety', () => {
  const items = told(view(400, ...sound));
  const at = (name: string) => items.findIndex((item) => item.startsWith(name));
  expect(at('contacts')).toBeGreaterThan(at('tire-look'));
  expect(at('contacts')).toBeGreaterThan(at('repack'));
});
