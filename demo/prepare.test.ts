import 'fake-indexeddb/auto';
import { prepareDemo, resetDemo } from '../src/store/demo';
import { YardStore } from '../src/store/yard-store';
import { demoEntries } from './scenario';

/** Answers with the scenario, and with nothing where a picture is asked for. */
const answer = (body: unknown, ok = true) =>
  jest.fn((path: string) =>
    Promise.resolve(
      path.endsWith('.jpg')
        ? ({ ok: false, status: 404 } as Response)
        : ({ ok, status: ok ? 200 : 503, json: () => Promise.resolve(body) } as Response),
    ),
  ) as unknown as jest.Mock & typeof fetch;
const asked = () => (global.fetch as jest.Mock).mock.calls.filter(([path]) => path === '/api/demo').length;
let names = 0;
const fresh = () => new YardStore(`demo-${(names += 1)}`);

afterEach(() => jest.restoreAllMocks());

test('fills an empty demo once, and its clock stands on the day of the story', async () => {
  const store = fresh();
  global.fetch = answer({ entries: demoEntries() });
  const clock = await prepareDemo(store);
  expect(clock.now().slice(0, 16)).toBe('2026-05-16T14:00');
  expect(await store.db.entries.count()).toBe(demoEntries().length);
  await prepareDemo(store);
  expect(asked()).toBe(1);
  expect(await store.db.entries.count()).toBe(demoEntries().length);
});

test('two tabs that fill it at once fill it once', async () => {
  const name = `demo-${(names += 1)}`;
  global.fetch = answer({ entries: demoEntries() });
  const [one, other] = [new YardStore(name), new YardStore(name)];
  await Promise.all([prepareDemo(one), prepareDemo(other)]);
  expect(await one.db.entries.count()).toBe(demoEntries().length);
});

test('a scenario that cannot be had, or read, is told and leaves nothing behind', async () => {
  const store = fresh();
  global.fetch = answer({}, false);
  await expect(prepareDemo(store)).rejects.toThrow('could not be had: 503');
  global.fetch = answer({ entries: [{ id: 'x' }] });
  await expect(prepareDemo(store)).rejects.toThrow('cannot be read');
  global.fetch = answer({ rigs: [] });
  await expect(prepareDemo(store)).rejects.toThrow();
  expect(await store.db.entries.count()).toBe(0);
});

test('begun afresh, the next opening fills it anew', async () => {
  const store = fresh();
  global.fetch = answer({ entries: demoEntries() });
  await prepareDemo(store);
  await resetDemo(store);
  const again = new YardStore(store.db.name);
  await prepareDemo(again);
  expect(asked()).toBe(2);
  expect(await again.db.entries.count()).toBe(demoEntries().length);
});
