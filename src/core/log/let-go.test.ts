import fc from 'fast-check';
import { advance, emptyFold, endOf, extend, foldEntries, HOUSE, makeEntry, makeVoid, type Entry } from '.';
import { sampleModel } from '../testing/arbitraries';

const SOLD = '018bf000-0000-7000-8000-000000000002';
const KEPT = '018bf000-0000-7000-8000-000000000001';
const HASH = 'a'.repeat(64);
const stamp = (n: number, rig: string) => ({
  id: `019eb000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  rig,
  happened: `2026-05-${String(n).padStart(2, '0')}T09:00:00.000Z`,
  recorded: `2026-05-${String(n).padStart(2, '0')}T09:00:00.000Z`,
});
const gone = makeEntry('let.go', stamp(10, HOUSE), { what: 'rig', rig: SOLD, name: 'Sold', entries: 2 });
const entries: readonly Entry[] = [
  makeEntry('rig.setup', stamp(1, KEPT), { model: sampleModel({}) }),
  makeEntry('rig.setup', stamp(2, SOLD), { model: sampleModel({}) }),
  makeEntry('trip', stamp(3, SOLD), { distance: 1000, launches: 0 }),
  makeEntry('trip', stamp(4, KEPT), { distance: 2000, launches: 0 }),
  gone,
  makeEntry('trip', stamp(11, SOLD), { distance: 500, launches: 0 }),
  makeEntry('let.go', stamp(12, HOUSE), { what: 'photo', hash: HASH }),
  makeEntry('trip', stamp(13, KEPT), { distance: 100, launches: 0 }),
];

test('a rig let go of counts no more, whatever arrives of it and whenever: the same state in any order, with its lines or without', () => {
  const { state } = foldEntries(entries);
  expect(state.rigs[SOLD]).toBeUndefined();
  expect(state.rigs[KEPT]?.distance).toBe(2100);
  expect(state.rigs[HOUSE]?.gone).toEqual({ rigs: [SOLD], photos: [HASH] });
  expect(foldEntries(entries.filter(({ rig }) => rig !== SOLD)).state).toEqual(state);
  fc.assert(
    fc.property(fc.shuffledSubarray([...entries], { minLength: entries.length }), (order) => {
      expect(order.reduce((fold, entry) => extend(fold, [entry]), emptyFold()).state).toEqual(state);
    }),
  );
});

test('the log goes on from its state alone past it', () => {
  const before = foldEntries(entries.slice(0, 4));
  expect(advance(before.state, endOf(before), entries.slice(4))).toEqual(foldEntries(entries).state);
});

test('it cannot be withdrawn: what is gone on one device would come back on another', () => {
  const back = makeVoid(gone, [], stamp(14, HOUSE).id, stamp(14, HOUSE).recorded);
  expect(foldEntries([...entries, back]).state.rigs[SOLD]).toBeUndefined();
});
