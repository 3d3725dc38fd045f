import { foldEntries, makeEntry, makeVoid, type Entry } from '@/core/log';
import { back, compile, currentStep, startRun, tap, type Run } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { Keeper } from './keeper';
import { memoryPort, type YardPort } from './port';
import { voidsOf } from './record';
import type { Shown } from './shown';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const model = sampleModel({ hub: 'plain', brake: 'none' });
let serial = 0;
let marks = 0;
const newId = () => `0196d000-0000-7000-9000-${(serial += 1).toString(16).padStart(12, '0')}`;

const entry = (kind: 'rig.setup' | 'trip', body: object): Entry =>
  makeEntry(kind, { id: newId(), rig: RIG, happened: NOW, recorded: NOW }, body as never);
const setup = () => entry('rig.setup', { model });
const trip = () => entry('trip', { distance: 1609.344, launches: 0 });

function begun(): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun(newId(), RIG, model, card.value, NOW);
}

/** A keeper at work, with all it has told put together as a page does. */
async function opened(port: YardPort, version = 'this fold', takesSimulated = false) {
  const told: Shown[] = [];
  const warnings: string[] = [];
  const gone: string[] = [];
  const keeper = new Keeper(port, {
    version,
    takesSimulated,
    warn: (message) => warnings.push(message),
    now: '2026-05-16T14:00:00.000Z',
    mark: () => (marks += 1),
    gone: (reason) => gone.push(reason),
  });
  const stop = await keeper.open((shown) => told.push(shown));
  const rigs = () => {
    const all: Record<string, unknown> = {};
    for (const shown of told) {
      Object.assign(all, shown.rigs);
      for (const id of shown.gone) delete all[id];
    }
    return all;
  };
  const runs = () => told.reduce<Shown['runs']>((last, { runs }) => runs ?? last, undefined) ?? [];
  return { keeper, told, warnings, gone, stop, rigs, runs, last: () => told.at(-1) };
}

/** Lets what was put off until the page is drawn have its turn. */
const later = () => jest.advanceTimersByTimeAsync(5000);

beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance'] }));
afterEach(() => jest.useRealTimers());

test('an empty yard is told of, and is empty', async () => {
  const yard = await opened(memoryPort());
  expect(yard.last()).toMatchObject({
    rigs: {},
    runs: [],
    archived: undefined,
    log: { count: 0, newest: '' },
  });
});

test('what is written is told before whoever wrote it goes on, in another tab too, and after opening anew', async () => {
  const port = memoryPort();
  const yard = await opened(port);
  const other = await opened(port);
  const entries = [setup(), trip(), trip()];
  await yard.keeper.append(entries.slice(0, 1));
  expect(yard.last()?.log.count).toBe(1);
  await yard.keeper.append(entries.slice(1));
  await later();
  for (const one of [yard, other, await opened(port)]) {
    expect(one.rigs()).toEqual(foldEntries(entries).state.rigs);
    expect(one.last()?.log.count).toBe(3);
  }
});

test('entries are written all or none, and an id never twice', async () => {
  const yard = await opened(memoryPort());
  const first = setup();
  await yard.keeper.append([first]);
  await expect(yard.keeper.append([trip(), first])).rejects.toThrow('in the log already');
  expect((await yard.keeper.fold()).entries).toMatchObject([first]);
});

test('an own yard refuses what a simulated instrument told, whole; the demo takes it', async () => {
  const made = makeEntry(
    'trip.mark',
    { id: newId(), rig: RIG, happened: NOW, recorded: NOW },
    { into: 1609.344, by: 'instrument', from: { name: 'Trip meter, simulated', simulated: true } },
  );
  const own = await opened(memoryPort());
  await own.keeper.append([setup()]);
  await expect(own.keeper.append([trip(), made])).rejects.toMatchObject({ name: 'SimulatedRefused' });
  expect(own.last()?.log.count).toBe(1);
  const demo = await opened(memoryPort(), 'this fold', true);
  await demo.keeper.append([setup(), made]);
  expect(demo.last()?.log.count).toBe(2);
});

test('what is on disk counts as written, even where it could not be read back just then', async () => {
  const port = memoryPort();
  const yard = await opened(port);
  await later();
  // Once for what the port tells by itself, once for the keeper's own look.
  const busy = new Error('busy');
  jest.spyOn(port, 'log').mockRejectedValueOnce(busy).mockRejectedValueOnce(busy);
  await yard.keeper.append([setup()]);
  expect(yard.warnings).toHaveLength(1);
  await yard.keeper.append([trip()]);
  expect(yard.last()?.log.count).toBe(2);
});

test('only what changed is told, and nothing where nothing did', async () => {
  const port = memoryPort();
  const yard = await opened(port);
  await yard.keeper.append([setup(), { ...setup(), rig: RIG.replace('aa', 'bb') }]);
  const before = yard.told.length;
  await yard.keeper.append([trip()]);
  expect(Object.keys(yard.last()?.rigs ?? {})).toEqual([RIG]);
  expect(yard.last()?.runs).toBeUndefined();
  await yard.keeper.refresh();
  await later();
  expect(yard.told.length).toBe(before + 1);
});

describe('checkpoints', () => {
  test('a yard opens from its last one, and what came since is on top of it', async () => {
    const port = memoryPort();
    const first = await opened(port);
    const entries = [setup(), trip()];
    await first.keeper.append(entries);
    await later();
    first.stop();
    const since = trip();
    await port.change({ append: [since] });
    const logged = jest.spyOn(port, 'log');
    const yard = await opened(port);
    // Read from the checkpoint on, not from the beginning.
    expect(logged).toHaveBeenCalledTimes(1);
    expect(logged.mock.calls[0]?.[0]).toBeGreaterThan(0);
    expect(yard.rigs()).toEqual(foldEntries([...entries, since]).state.rigs);
    await later();
    expect(logged.mock.calls.some(([after]) => after === 0)).toBe(true);
    expect(yard.told.length).toBe(1);
    expect(yard.warnings).toEqual([]);
  });

  test('one that says what the log does not is thrown away, and the log is right', async () => {
    const port = memoryPort();
    const first = await opened(port);
    await first.keeper.append([setup(), trip()]);
    await later();
    first.stop();
    const kept = (await port.get('checkpoints', 'fold')) as { state: { rigs: Record<string, object> } };
    const rigs = { [RIG]: { ...kept.state.rigs[RIG], distance: 5_000_000 } };
    await port.change({ put: [{ shelf: 'checkpoints', key: 'fold', value: { ...kept, state: { rigs } } }] });
    const yard = await opened(port);
    await later();
    expect(yard.rigs()).toEqual((await yard.keeper.fold()).state.rigs);
    expect(yard.warnings).toHaveLength(1);
  });

  test.each([
    ['of another version', (kept: object) => ({ ...kept, version: 'another fold' })],
    ['that is none', () => 'nonsense'],
    ['that is half there', () => ({ version: 'this fold' })],
  ])('one %s says nothing', async (_, change) => {
    const port = memoryPort();
    const first = await opened(port);
    await first.keeper.append([setup(), trip()]);
    await later();
    first.stop();
    const kept = (await port.get('checkpoints', 'fold')) as object;
    await port.change({ put: [{ shelf: 'checkpoints', key: 'fold', value: change(kept) }] });
    const yard = await opened(port);
    expect(yard.rigs()).toEqual((await yard.keeper.fold()).state.rigs);
  });

  test('a withdrawal that came since is not gone on with but folded', async () => {
    const port = memoryPort();
    const towed = trip();
    const first = await opened(port);
    await first.keeper.append([setup(), towed]);
    await later();
    first.stop();
    await port.change({ append: [makeVoid(towed, [], newId(), '2026-05-16T14:00:01.000Z')] });
    const yard = await opened(port);
    expect(yard.rigs()).toMatchObject({ [RIG]: { distance: 0 } });
  });

  test('writing right after opening waits for no fold, and is right once it comes', async () => {
    const port = memoryPort();
    const first = await opened(port);
    const entries = [setup(), trip()];
    await first.keeper.append(entries);
    await later();
    first.stop();
    const yard = await opened(port);
    const more = trip();
    await yard.keeper.append([more]);
    expect(yard.rigs()).toEqual(foldEntries([...entries, more]).state.rigs);
    const wrong = makeVoid(more, [], newId(), '2026-05-16T14:00:01.000Z');
    await yard.keeper.append([wrong]);
    await later();
    expect(yard.rigs()).toEqual(foldEntries([...entries, more, wrong]).state.rigs);
    expect(yard.warnings).toEqual([]);
  });
});

describe('what cannot be read', () => {
  test('a line of another version is left where it is, told of, and the rest stands', async () => {
    const port = memoryPort();
    await port.change({ append: [setup(), { ...trip(), v: 99 }, trip()] });
    const yard = await opened(port);
    expect(yard.rigs()).toMatchObject({ [RIG]: { distance: 1609.344 } });
    expect(yard.last()?.lost).toMatchObject({ entries: 1, cards: 0 });
    expect(yard.last()?.lost?.why).toContain('newer than version');
    expect((await yard.keeper.shelves.raw()).split('\n').filter(Boolean)).toHaveLength(3);
    await yard.keeper.append([trip()]);
    expect(yard.last()?.log.count).toBe(3);
    expect(await port.get('checkpoints', 'fold')).toBeUndefined();
  });

  test('a line that brings the fold down is found and left out', async () => {
    const port = memoryPort();
    const broken = { ...trip(), body: null } as unknown as Entry;
    await port.change({ append: [setup(), broken, trip()] });
    const yard = await opened(port);
    expect(yard.rigs()).toMatchObject({ [RIG]: { distance: 1609.344 } });
    expect(yard.last()?.lost?.entries).toBe(1);
  });

  test('a card that cannot be read is told of, and the others stand', async () => {
    const port = memoryPort();
    const yard = await opened(port);
    const run = begun();
    await yard.keeper.cards.start(run);
    await port.change({ put: [{ shelf: 'runs', key: 'x', value: { v: 2, rev: 1, run: { id: 'x' } } }] });
    await yard.keeper.refresh();
    expect(yard.runs().map((one) => one.run.id)).toEqual([run.id]);
    expect(yard.last()?.lost).toMatchObject({ entries: 0, cards: 1 });
    const before = yard.told.length;
    await yard.keeper.refresh();
    expect(yard.told.length).toBe(before);
  });
});

describe('cards in hand', () => {
  const done = { do: 'done', readings: {}, grades: {} } as const;
  const tapped = (run: Run): Run => {
    const next = tap(run, currentStep(run)?.key ?? '', done, NOW);
    if (!next.ok) throw new Error(next.error.code);
    return next.value;
  };

  test('a card is on disk before it is told, and a tab behind overwrites nothing', async () => {
    const port = memoryPort();
    const yard = await opened(port);
    const run = begun();
    await yard.keeper.cards.start(run);
    const [held] = yard.runs();
    const first = await yard.keeper.cards.put(tapped(run), held?.rev ?? 0);
    expect(first).toMatchObject({ ok: true, value: { rev: 2, run: { index: 1 } } });
    expect(yard.runs()).toMatchObject([{ rev: 2, run: { index: 1 } }]);
    const behind = await yard.keeper.cards.put(tapped(run), held?.rev ?? 0);
    expect(behind).toMatchObject({ ok: false, error: { held: { rev: 2, run: { index: 1 } } } });
    const backed = await yard.keeper.cards.put(back(tapped(run), NOW), 2);
    expect(backed).toMatchObject({ ok: true, value: { run: { index: 0 } } });
    await expect(yard.keeper.cards.start(run)).rejects.toThrow('open already');
    expect(await yard.keeper.cards.put({ ...run, id: 'gone' }, 1)).toEqual({
      ok: false,
      error: { held: undefined },
    });
  });

  test('closing a card writes its entries, drops its drafts and puts it away, once', async () => {
    const yard = await opened(memoryPort());
    const run = begun();
    await yard.keeper.cards.start(run);
    await yard.keeper.shelves.keepDraft('bench', { note: 'half' });
    const work = trip();
    await yard.keeper.closeRun(run.id, [setup(), work], ['bench']);
    await yard.keeper.closeRun(run.id, [trip()], []);
    expect(yard.runs()).toEqual([]);
    const { entries } = await yard.keeper.fold();
    expect(entries).toHaveLength(2);
    expect(entries.map(({ id }) => id)).toContain(work.id);
    expect(await yard.keeper.shelves.readDraft('bench')).toBeUndefined();
  });

  test('a card that is dropped is gone', async () => {
    const yard = await opened(memoryPort());
    const run = begun();
    await yard.keeper.cards.start(run);
    await yard.keeper.cards.drop(run.id);
    expect(yard.runs()).toEqual([]);
  });
});

describe('pictures', () => {
  const photo = (hash: string) =>
    makeEntry(
      'photo',
      { id: newId(), rig: RIG, happened: NOW, recorded: NOW },
      { hash, bytes: 2, width: 2, height: 2, place: '1L' },
    );
  const blob = new Blob([new Uint8Array([255, 216])], { type: 'image/jpeg' });

  test('are written with the entries that speak of them, and come back to the byte', async () => {
    const yard = await opened(memoryPort());
    const hash = 'a'.repeat(64);
    await yard.keeper.append([setup(), photo(hash)], [{ hash, blob }]);
    expect(await yard.keeper.shelves.readBytes(hash)).toEqual(new Uint8Array([255, 216]));
    expect((await yard.keeper.shelves.readPhoto(hash))?.size).toBe(2);
    expect(await yard.keeper.shelves.readPhoto('b'.repeat(64))).toBeUndefined();
  });

  test('are not written where their entries cannot be', async () => {
    const yard = await opened(memoryPort());
    const first = setup();
    await yard.keeper.append([first]);
    await expect(yard.keeper.append([first], [{ hash: 'c', blob }])).rejects.toThrow();
    expect(await yard.keeper.shelves.readPhoto('c')).toBeUndefined();
  });

  test('of those that are dropped the ones that an entry speaks of stay', async () => {
    const yard = await opened(memoryPort());
    const [kept, loose] = ['e'.repeat(64), 'f'.repeat(64)];
    await yard.keeper.append([setup(), photo(kept)], [{ hash: kept, blob }]);
    await yard.keeper.shelves.keepPhoto({ hash: loose, blob });
    await yard.keeper.shelves.dropPhotos([kept, loose]);
    expect(await yard.keeper.shelves.readPhoto(kept)).toBeDefined();
    expect(await yard.keeper.shelves.readPhoto(loose)).toBeUndefined();
  });
});

test('drafts are kept and dropped, and when an archive was saved is known', async () => {
  const yard = await opened(memoryPort());
  await yard.keeper.shelves.keepDraft('setup', { name: 'Half told' });
  expect(await yard.keeper.shelves.readDraft('setup')).toEqual({ name: 'Half told' });
  await yard.keeper.shelves.keepDraft('setup', undefined);
  expect(await yard.keeper.shelves.readDraft('setup')).toBeUndefined();
  await yard.keeper.noteArchived(NOW);
  expect(yard.last()?.archived).toBe(NOW);
});

test('a line that an older version let in is found out behind the page, left out, and can be withdrawn', async () => {
  const port = memoryPort();
  const bad = { ...trip(), body: { distance: 1e308, launches: 0 } } as Entry;
  await port.change({ append: [setup(), trip(), bad] });
  const yard = await opened(port);
  await later();
  expect(yard.last()?.lost).toMatchObject({ entries: 1, unread: [{ id: bad.id, rig: RIG, newer: false }] });
  expect((await yard.keeper.fold()).state.rigs[RIG]?.distance).toBeCloseTo(1609.344);
  // The next opening doubts from the start.
  const again = await opened(port);
  expect(again.last()?.lost?.entries).toBe(1);
  await again.keeper.append(
    voidsOf(await again.keeper.known(true), [{ id: bad.id, rig: RIG }], NOW, 'unread'),
  );
  await later();
  expect(again.last()?.lost).toBeUndefined();
  expect((await opened(port)).last()?.lost).toBeUndefined();
});

test('an entry of a newer version stays on disk, is told as such, and goes along in an archive', async () => {
  const port = memoryPort();
  const newer = { ...trip(), v: 99, body: { of: 'tomorrow' } } as unknown as Entry;
  await port.change({ append: [setup(), newer] });
  const { keeper, last } = await opened(port);
  await later();
  expect(last()?.lost).toMatchObject({ entries: 1, unread: [{ id: newer.id, newer: true }] });
  expect(await keeper.newer()).toMatchObject([{ id: newer.id, raw: newer }]);
  const elsewhere = memoryPort();
  const there = await opened(elsewhere);
  await there.keeper.append([], [], { unread: await keeper.newer() });
  expect((await elsewhere.log(0)).map(({ raw }) => raw)).toEqual([newer]);
});

test('days that were written down in another zone stay those days', async () => {
  const port = memoryPort();
  const days = { happened: '2026-05-18' };
  const far = { ...trip(), days } as Entry;
  await port.change({ append: [setup(), far, trip()] });
  const yard = await opened(port);
  expect(yard.last()?.log.days).toEqual({ [far.happened]: '2026-05-18' });
  // What is written of that very moment keeps its day.
  const fresh = makeEntry(
    'trip',
    { id: newId(), rig: RIG, happened: far.happened, recorded: NOW, replaces: far.id },
    { distance: 5, launches: 0 },
  );
  await yard.keeper.append([fresh]);
  expect((await yard.keeper.entries()).entries.find(({ id }) => id === fresh.id)?.days).toEqual(days);
  await later();
  expect((await opened(port)).last()?.log.days).toEqual({ [far.happened]: '2026-05-18' });
});

test('a form changes on its newest state: of two tabs neither writes over the other', async () => {
  const port = memoryPort();
  const [one, other] = [await opened(port), await opened(port)];
  expect(await one.keeper.shelves.putDraft('walk', { rev: 1, at: 0 }, undefined)).toEqual({ ok: true });
  expect(await other.keeper.shelves.putDraft('walk', { rev: 1, at: 9 }, undefined)).toEqual({
    ok: false,
    error: { held: { rev: 1, at: 0 } },
  });
  expect((await other.keeper.shelves.putDraft('walk', { rev: 2, at: 1 }, 1)).ok).toBe(true);
  expect((await one.keeper.shelves.putDraft('walk', undefined, 1)).ok).toBe(false);
  // What needs it there is written once, and puts it away in the same piece.
  const end = { forms: ['walk'], once: 'walk' };
  expect(await one.keeper.append([trip()], [], end)).toBe(true);
  expect(await other.keeper.append([trip()], [], end)).toBe(false);
  expect((await one.keeper.entries()).entries).toHaveLength(1);
});

test('nothing is written into a yard that was cleared and begun afresh elsewhere, and that is told', async () => {
  const port = memoryPort();
  const [one, other] = [await opened(port), await opened(port)];
  await one.keeper.append([setup()]);
  await later();
  await other.keeper.clear();
  await expect(one.keeper.append([trip()])).rejects.toThrow('cleared or begun afresh');
  await other.keeper.append([setup()]);
  await later();
  expect(one.gone.length).toBeGreaterThan(0);
  expect((await other.keeper.entries()).entries).toHaveLength(1);
});

test('forms of a month ago, and of cards that are through, are put away; all others stay', async () => {
  const port = memoryPort();
  const run = begun();
  const form = (at: string) => ({ draft: 1, value: { units: 'us', at, values: {} } });
  const drafts = {
    'form trip a': form('2026-03-01T10:00:00.000Z'),
    'form trip b': form('2026-05-10T10:00:00.000Z'),
    [`bench ${run.id}`]: { draft: 1, value: {} },
    'bench 0196d000-0000-7000-9000-00000000dead': { draft: 1, value: {} },
    'bench chapter 0196d000-0000-7000-9000-00000000dead': { draft: 1, value: {} },
    'walk x': { draft: 1, value: {} },
  };
  await port.change({ put: Object.entries(drafts).map(([key, value]) => ({ shelf: 'drafts', key, value })) });
  const yard = await opened(port);
  await yard.keeper.cards.start(run);
  await later();
  expect((await port.all('drafts')).map(({ key }) => key)).toEqual(
    [`bench ${run.id}`, 'form trip b', 'walk x'].sort(),
  );
});
