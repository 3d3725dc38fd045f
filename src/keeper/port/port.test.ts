import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { numbered, portContract } from './contract';
import { dexiePort } from './dexie-port';
import { memoryPort } from './memory-port';
import { idsIn, ripe, seal, SEGMENT, unseal } from './segments';

portContract('the database', dexiePort);
portContract('memory', memoryPort);

test('two tabs of one yard see what the other wrote', async () => {
  const [one, other] = [dexiePort('two tabs'), dexiePort('two tabs')];
  await one.change({ append: [numbered(1)] });
  expect((await other.log(0)).map(({ raw }) => raw)).toEqual([numbered(1)]);
});

test('a yard of the versions before there were segments and shelves comes along whole', async () => {
  const old = new Dexie('old yard');
  old.version(1).stores({ entries: '++seq, &entry.id', runs: 'id, rig', drafts: 'key', meta: 'key' });
  old.version(4).stores({ photos: 'hash' });
  await old.table('entries').bulkAdd([1, 2].map((n) => ({ entry: numbered(n) })));
  await old.table('runs').add({ id: 'run', rig: 'rig', index: 3 });
  await old.table('drafts').add({ key: 'setup', value: { name: 'Half told' } });
  await old.table('meta').add({ key: 'archived', value: '2026-05-16T14:00:00.000Z' });
  await old.table('photos').add({ hash: 'aa', blob: new Blob([new Uint8Array([1, 2])]) });
  old.close();
  const port = dexiePort('old yard');
  expect((await port.log(0)).map(({ raw }) => raw)).toEqual([numbered(1), numbered(2)]);
  expect(await port.all('runs')).toEqual([{ key: 'run', value: { id: 'run', rig: 'rig', index: 3 } }]);
  expect(await port.get('drafts', 'setup')).toEqual({ name: 'Half told' });
  expect(await port.get('meta', 'archived')).toBe('2026-05-16T14:00:00.000Z');
  expect(await port.get('photos', 'aa')).toMatchObject({ size: 2 });
});

test('sealing leaves a whole segment open, and what is sealed unseals', () => {
  expect([0, SEGMENT, 2 * SEGMENT - 1].map(ripe)).toEqual([0, 0, 0]);
  expect(ripe(2 * SEGMENT)).toBe(SEGMENT);
  expect(ripe(3 * SEGMENT + 5)).toBe(2 * SEGMENT);
  const rows = Array.from({ length: SEGMENT + 3 }, (_, i) => ({ seq: 2 * i + 1, raw: numbered(i) }));
  const sealed = seal(rows);
  expect(sealed.map(({ count }) => count)).toEqual([SEGMENT, 3]);
  expect(sealed.flatMap(unseal)).toEqual(rows);
  expect(sealed[1] && idsIn(sealed[1]).has(numbered(SEGMENT).id)).toBe(true);
});

test('a segment whose text is broken is one row that says so', () => {
  expect(unseal({ first: 7, text: '[[7,{"id"' })).toEqual([{ seq: 7, raw: '[[7,{"id"' }]);
});
