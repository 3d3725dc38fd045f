import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { sampleModel } from '@/core/testing/arbitraries';
import { YardDb } from './db';

const STEPS = [
  { step: 'jack', key: 'jack 1L' },
  { step: 'stand', key: 'stand 1L' },
];

/** A database as the first version left it, with a card in hand for a boat. */
async function asFirstVersion(name: string, models: readonly object[]): Promise<void> {
  const old = new Dexie(name);
  old.version(1).stores({ entries: '++seq, &entry.id', runs: 'id, rig', drafts: 'key', meta: 'key' });
  await old
    .table('runs')
    .bulkAdd(
      models.map((model, i) => ({ id: `run-${i}`, rig: 'r', model, card: { jobs: [], steps: STEPS } })),
    );
  await old.table('entries').add({ entry: { id: 'a', v: 1 } });
  old.close();
}

test('cards in hand are lifted when the database is opened by this version; nothing else is touched', async () => {
  const { environment: _, ...model } = sampleModel({ kind: 'boat' });
  await asFirstVersion('old-yard', [{ ...model, water: 'salt' }, model]);
  const db = new YardDb('old-yard');
  const [boat, dry] = await db.runs.orderBy('id').toArray();
  expect(boat?.model).toEqual({ ...model, environment: { water: 'salt' } });
  expect(dry?.model).toEqual(model);
  expect(boat).toMatchObject({
    id: 'run-0',
    card: { jobs: [], branches: [], steps: [{ ...STEPS[0], lift: 'frame' }, STEPS[1]] },
  });
  expect(await db.entries.count()).toBe(1);
  db.close();
});
