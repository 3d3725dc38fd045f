import { foldEntries, type Entry, type RigState } from '../log';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import {
  changedSincePrinted,
  orderBackEntries,
  orderEntries,
  orderStands,
  paperEntry,
  stampEntries,
  type NewEntry,
} from '.';

const story = storyFrom('2026-05-01');
let serial = 0;
const newId = () => `0196f000-0000-7000-8000-${(++serial).toString(16).padStart(12, '0')}`;
const model = sampleModel({ axles: 1 });
const setup = story.setup(model);
const found = story.entry('finding.opened', 1, {
  place: '1L',
  verdict: 'due',
  text: 'grease behind the hub',
});
const stamped = (drafts: readonly NewEntry[], at: number) =>
  stampEntries({ entries: [], newest: '' }, story.rig, drafts, story.day(at), newId);
const rigOf = (...entries: readonly Entry[]) =>
  foldEntries([setup, found, ...entries]).state.rigs[story.rig] as RigState;

const told = {
  shop: 'Axle shop',
  jobs: [{ routine: 'repack' as const, place: '1L' as const }],
  findings: [found.id],
  booked: '2026-05-20',
  limit: { amount: 300, currency: 'USD' },
};

test('an order is out until it comes back, and its findings wait for the shop', () => {
  const rig = rigOf(...stamped(orderEntries(told, rigOf(), newId), 2));
  expect(Object.values(rig.orders)).toMatchObject([{ shop: 'Axle shop', booked: '2026-05-20' }]);
  expect(rig.findings[found.id]?.waits).toMatchObject({ who: 'Axle shop', booked: '2026-05-20' });
  expect(rig.contradictions).toEqual([]);
});

test('back from the shop: the work with its cost, the torque to be checked, the finding closed', () => {
  const out = stamped(orderEntries(told, rigOf(), newId), 2);
  const before = rigOf(...out);
  const [order] = Object.values(before.orders);
  if (!order) throw new Error('no order');
  const back = orderBackEntries(
    {
      order,
      done: told.jobs,
      wheelsOff: ['1L'],
      closed: [found.id],
      cost: { amount: 280, currency: 'USD' },
      note: 'seal land polished',
      photos: [],
    },
    before,
    newId,
  );
  const rig = rigOf(...out, ...stamped(back, 3));
  expect(rig.orders).toEqual({});
  expect(rig.findings).toEqual({});
  expect(rig.lastDone['repack@1L']?.at).toBe(story.day(3));
  expect(Object.keys(rig.pulls).some((key) => key.startsWith('lug-torque@1L'))).toBe(true);
  expect(rig.contradictions).toEqual([]);
});

test('nothing done and nothing off: it came back, and what it was for waits for nobody', () => {
  const out = stamped(orderEntries({ shop: 'Welder', findings: [found.id] }, rigOf(), newId), 2);
  const before = rigOf(...out);
  const [order] = Object.values(before.orders);
  if (!order) throw new Error('no order');
  const drafts = orderBackEntries({ order, done: [], wheelsOff: [], closed: [], photos: [] }, before, newId);
  expect(drafts.map(({ kind }) => kind)).toEqual(['finding.waits', 'order.back']);
  const rig = rigOf(...out, ...stamped(drafts, 3));
  expect(rig.orders).toEqual({});
  expect(rig.findings[found.id]).toBeDefined();
  expect(rig.findings[found.id]?.waits).toBeUndefined();
});

test('what was done meanwhile is told', () => {
  const out = stamped(orderEntries(told, rigOf(), newId), 2);
  const [order] = Object.values(rigOf(...out).orders);
  if (!order) throw new Error('no order');
  expect(orderStands(order, rigOf(...out))).toEqual({ doneSince: [], gone: [] });
  const closed = story.entry('finding.closed', 5, { finding: found.id, how: 'wiped, dry since' });
  const later = rigOf(...out, story.done(4, ['repack', '1L']), closed);
  expect(orderStands(order, later)).toEqual({ doneSince: told.jobs, gone: [found.id] });
});

test('the tongue card knows what has changed since it was printed', () => {
  expect(changedSincePrinted(rigOf(), model)).toBeUndefined();
  const printed = stamped([paperEntry('tongue', rigOf(), model)], 2);
  expect(changedSincePrinted(rigOf(...printed), model)).toEqual([]);
  const other = {
    ...model,
    wheels: { ...model.wheels, torque: { value: 150, source: 'maker' as const } },
  };
  expect(changedSincePrinted(rigOf(...printed), other)).toEqual(['torque']);
});
