import 'fake-indexeddb/auto';
import { prepareDemo } from '../src/keeper/demo';
import { memoryPort, type YardPort } from '../src/keeper/port';
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
const asked = () =>
  (global.fetch as jest.Mock).mock.calls.filter(([path]) => path === '/demo/log.json').length;
const NOW = '2026-11-03T08:00:00.000Z';
const held = async (port: YardPort) => (await port.log(0)).length;

afterEach(() => jest.restoreAllMocks());

test('fills an empty demo once, and tells when that was', async () => {
  const port = memoryPort();
  global.fetch = answer({ entries: demoEntries() });
  expect(await prepareDemo(port, NOW)).toBe(NOW);
  expect(await held(port)).toBe(demoEntries().length);
  expect(await prepareDemo(port, '2026-11-09T08:00:00.000Z')).toBe(NOW);
  expect(asked()).toBe(1);
  expect(await held(port)).toBe(demoEntries().length);
});

test('two tabs that fill it at once fill it once', async () => {
  const port = memoryPort();
  global.fetch = answer({ entries: demoEntries() });
  const opened = await Promise.all([prepareDemo(port, NOW), prepareDemo(port, NOW)]);
  expect(opened).toEqual([NOW, NOW]);
  expect(await held(port)).toBe(demoEntries().length);
});

test('a scenario that cannot be had, or read, is told and leaves nothing behind', async () => {
  const port = memoryPort();
  global.fetch = answer({}, false);
  await expect(prepareDemo(port, NOW)).rejects.toThrow('could not be had: 503');
  global.fetch = answer({ entries: [{ id: 'x' }] });
  await expect(prepareDemo(port, NOW)).rejects.toThrow('cannot be read');
  global.fetch = answer({ rigs: [] });
  await expect(prepareDemo(port, NOW)).rejects.toThrow();
  expect(await held(port)).toBe(0);
});

test('begun afresh, the next opening fills it anew', async () => {
  const port = memoryPort();
  global.fetch = answer({ entries: demoEntries() });
  await prepareDemo(port, NOW);
  await port.clear();
  await prepareDemo(port, NOW);
  expect(asked()).toBe(2);
  expect(await held(port)).toBe(demoEntries().length);
});
