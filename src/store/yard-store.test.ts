import 'fake-indexeddb/auto';
import { foldEntries, makeEntry, makeVoid, type Entry } from '@/core/log';
import { back, compile, currentStep, startRun, tap, type Run } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { clockFrom } from './clock';
import { newId } from './ids';
import { YardStore, type YardSnapshot } from './yard-store';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const model = sampleModel({ hub: 'plain', brake: 'none' });
let names = 0;
const open: (() => void)[] = [];

function opened(name = `yard-${(names += 1)}`): YardStore {
  const store = new YardStore(name, { now: () => NOW });
  open.push(store.open());
  return store;
}

afterEach(() => open.splice(0).forEach((stop) => stop()));

const entry = (kind: 'rig.setup' | 'trip', body: object): Entry =>
  makeEntry(kind, { id: newId(), rig: RIG, happened: NOW, recorded: NOW }, body as never);
const setup = () => entry('rig.setup', { model });
const trip = () => entry('trip', { distance: 1609.344, launches: 0 });

function begun(): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun(newId(), RIG, model, card.value, NOW);
}

type Ready = Extract<YardSnapshot, { status: 'ready' }>;

/** Waits until what the screens see answers a question with yes. */
async function seen(store: YardStore, question: (ready: Ready) => boolean): Promise<Ready> {
  for (let i = 0; i < 200; i++) {
    const snapshot = store.getSnapshot();
    if (snapshot.status === 'failed') throw new Error(snapshot.reason);
    if (snapshot.status === 'ready' && question(snapshot)) return snapshot;
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  throw new Error('never seen');
}

const allOf = (n: number) => (ready: Ready) => ready.fold.entries.length === n;

test('an empty yard is ready and empty', async () => {
  const store = opened();
  expect(store.getSnapshot().status).toBe('loading');
  const ready = await seen(store, () => true);
  expect(ready).toMatchObject({ runs: [], archived: undefined });
  expect(ready.fold.state.rigs).toEqual({});
});

test('what is written is shown, in another tab too, and is there after opening anew', async () => {
  const store = opened('shared');
  const other = opened('shared');
  const entries = [setup(), trip(), trip()];
  await store.append(entries.slice(0, 1));
  await store.append(entries.slice(1));
  for (const one of [store, other, opened('shared')]) {
    const { fold } = await seen(one, allOf(3));
    expect(fold.state).toEqual(foldEntries(entries).state);
  }
});

test('entries are written all or none, and an id never twice', async () => {
  const store = opened();
  const first = setup();
  await store.append([first]);
  await expect(store.append([trip(), first])).rejects.toThrow();
  const { fold } = await seen(store, allOf(1));
  expect(fold.entries).toEqual([first]);
});

test('pictures are written with the entries that speak of them, and come back to the byte', async () => {
  const store = opened();
  const blob = new Blob([new Uint8Array([255, 216, 1, 2])], { type: 'image/jpeg' });
  const hash = 'a'.repeat(64);
  const photo = makeEntry(
    'photo',
    { id: newId(), rig: RIG, happened: NOW, recorded: NOW },
    { hash, bytes: 4, width: 2, height: 2, place: '1L' },
  );
  await store.append([setup(), photo], [{ hash, blob }]);
  const { fold } = await seen(store, allOf(2));
  expect(await store.photosOf(fold.entries)).toEqual({ [hash]: new Uint8Array([255, 216, 1, 2]) });
  expect((await store.readPhoto(hash))?.size).toBe(4);
  expect(await store.readPhoto('b'.repeat(64))).toBeUndefined();
});

test('where the entries cannot be written, their pictures are not either', async () => {
  const store = opened();
  const first = setup();
  await store.append([first]);
  const blob = new Blob([new Uint8Array([1])]);
  await expect(store.append([first], [{ hash: 'c'.repeat(64), blob }])).rejects.toThrow();
  expect(await store.readPhoto('c'.repeat(64))).toBeUndefined();
});

test('a picture taken on a walk is kept before any entry speaks of it', async () => {
  const store = opened();
  await store.keepPhoto({ hash: 'd'.repeat(64), blob: new Blob([new Uint8Array([1, 2])]) });
  expect((await store.readPhoto('d'.repeat(64)))?.size).toBe(2);
  expect(await store.photosOf([])).toEqual({});
});

test('of pictures that are dropped those that an entry speaks of stay', async () => {
  const store = opened();
  const blob = new Blob([new Uint8Array([1])]);
  const [kept, loose] = ['e'.repeat(64), 'f'.repeat(64)];
  const photo = makeEntry(
    'photo',
    { id: newId(), rig: RIG, happened: NOW, recorded: NOW },
    { hash: kept, bytes: 1, width: 1, height: 1, place: '1L' },
  );
  await store.append([setup(), photo], [{ hash: kept, blob }]);
  await store.keepPhoto({ hash: loose, blob });
  await store.dropPhotos([kept, loose]);
  expect(await store.readPhoto(kept)).toBeDefined();
  expect(await store.readPhoto(loose)).toBeUndefined();
});

test('a withdrawal is an entry like others', async () => {
  const store = opened();
  const towed = trip();
  await store.append([setup(), towed]);
  await store.append([makeVoid(towed, newId(), '2026-05-16T14:00:01.000Z')]);
  const { fold } = await seen(store, allOf(3));
  expect(fold.state.rigs[RIG]?.distance).toBe(0);
  expect(fold.dead.has(towed.id)).toBe(true);
});

test('a run is tapped on disk; a tap that came twice, or from a tab behind, is refused', async () => {
  const store = opened();
  const run = begun();
  await store.startRun(run);
  const key = currentStep(run)?.key ?? '';
  const done = { do: 'done', readings: {}, grades: {} } as const;
  expect(await store.changeRun(run.id, (now) => tap(now, key, done, NOW))).toMatchObject({
    ok: true,
    value: { index: 1 },
  });
  expect(await store.changeRun(run.id, (now) => tap(now, key, done, NOW))).toEqual({
    ok: false,
    error: { code: 'not-this-step' },
  });
  expect(await store.changeRun('gone', (now) => tap(now, key, done, NOW))).toEqual({
    ok: false,
    error: { code: 'no-run' },
  });
  const { runs } = await seen(store, (ready) => ready.runs[0]?.index === 1);
  expect(runs[0]?.records[key]).toMatchObject({ state: 'done', at: NOW });
  await store.updateRun(run.id, (now) => back(now, NOW));
  await seen(store, (ready) => ready.runs[0]?.index === 0);
});

test('closing a run writes its entries and puts it away, once', async () => {
  const store = opened();
  const run = begun();
  await store.startRun(run);
  const work = trip();
  await store.closeRun(run.id, [setup(), work]);
  await store.closeRun(run.id, [trip()]);
  const { runs, fold } = await seen(store, allOf(2));
  expect(runs).toEqual([]);
  expect(fold.entries.map((one) => one.id)).toContain(work.id);
});

test('drafts are kept and dropped', async () => {
  const store = opened();
  await store.keepDraft('setup', { name: 'Half told' });
  expect(await store.readDraft('setup')).toEqual({ name: 'Half told' });
  await store.keepDraft('setup', undefined);
  expect(await store.readDraft('setup')).toBeUndefined();
});

test('when an archive was last saved is known', async () => {
  const store = opened();
  await store.noteArchived(NOW);
  await seen(store, (ready) => ready.archived === NOW);
});

test('an entry that cannot be read is told, not skipped', async () => {
  const store = opened();
  await store.db.entries.add({ entry: { ...trip(), v: 99 } });
  await expect(seen(store, () => true)).rejects.toThrow('cannot be read');
});

test("the demo's clock runs on from its own moment", () => {
  const opened = new Date(Date.now() - 60_000).toISOString();
  const now = clockFrom('2026-05-16T14:00:00.000Z', opened).now();
  expect(Date.parse(now) - Date.parse('2026-05-16T14:01:00.000Z')).toBeLessThan(2000);
  expect(now >= '2026-05-16T14:01:00.000Z').toBe(true);
});
