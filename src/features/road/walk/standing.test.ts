import { foldEntries, endOf, type Entry } from '@/core/log';
import { compileWalk } from '@/core/road';
import { rigView, type Rigs } from '@/features/rigs';
import { sampleModel } from '@/core/testing/arbitraries';
import { soundEntries } from '@/core/testing/sound';
import { storyFrom } from '@/core/testing/story';
import { towAfter } from './standing';
import { allClear, answered, beginWalk, type WalkDraft } from './walk-draft';

const { rig: RIG, day, entry, setup } = storyFrom('2025-05-01');
const model = sampleModel({ axles: 2 });
const NOW = day(20);

function yard(...entries: Entry[]) {
  const fold = foldEntries([setup(model), ...soundEntries(model, RIG, day(0)), ...entries]);
  const rig = fold.state.rigs[RIG];
  const view = rig && rigView(rig, [], NOW, {}, undefined);
  if (!view) throw new Error('no view');
  const ready = { state: fold.state, log: { end: endOf(fold) }, runs: [], now: NOW, houseRules: {} };
  return { view, ready: ready as unknown as Extract<Rigs, { status: 'ready' }> };
}
const walk = compileWalk('home', model, 'round');
const keys = walk.zones.flatMap(({ items }) => items.map(({ key }) => key));
const through = (draft: WalkDraft): WalkDraft => ({ ...draft, at: walk.zones.length });
const fresh = beginWalk('home', 'round', day(20));

test('under way it is what it was: a tap waits for nothing', () => {
  const { view, ready } = yard();
  const told = towAfter(view, ready, allClear(fresh, keys));
  expect(told.tow).toBe(view.tow);
});

test('all clear at its end leaves a sound rig fit', () => {
  const { view, ready } = yard();
  expect(view.tow.fitness).toBe('fit');
  expect(towAfter(view, ready, through(allClear(fresh, keys))).fitness).toBe('fit');
});

test('what keeps it home counts at its end, and is not told again beside the walk that tells it', () => {
  const { view, ready } = yard();
  const tire = keys.find((key) => key.startsWith('tire') && key.endsWith('@1L'));
  if (!tire) throw new Error('no tire to look at');
  const bad = answered(fresh, tire, { as: 'not-right', grade: 'cord' });
  const { fitness, reasons, tow } = towAfter(view, ready, through(allClear(bad, keys)));
  expect(fitness).toBe('not');
  expect(tow.reasons.some(({ kind }) => kind === 'finding')).toBe(true);
  expect(reasons.some(({ kind }) => kind === 'finding')).toBe(false);
});

test('a finding from before the walk stays among its reasons', () => {
  const { view, ready } = yard(
    entry('finding.opened', 10, { place: '2R', verdict: 'stop', text: 'wall cut' }),
  );
  const { reasons } = towAfter(view, ready, through(allClear(fresh, keys)));
  expect(reasons.flatMap((one) => (one.kind === 'finding' ? [one.finding.text] : []))).toContain('wall cut');
});

test('asking writes nothing', () => {
  const { view, ready } = yard();
  const before = JSON.stringify(ready.state);
  towAfter(view, ready, through(allClear(fresh, keys)));
  expect(JSON.stringify(ready.state)).toBe(before);
});
