import 'fake-indexeddb/auto';
import type { FromDesk, Shown, ToDesk } from '@/keeper';
import { Desk, DeskError } from './desk';

const OPENING = { yard: 'own', now: '2026-05-16T14:00:00.000Z', version: 'this fold' } as const;

/** A worker in name: what it hears is kept, and what it says is said by the test. */
class FakeWorker {
  static readonly all: FakeWorker[] = [];
  readonly heard: ToDesk[] = [];
  ended = false;
  onmessage: ((event: { data: FromDesk }) => void) | undefined;
  onerror: ((event: { message: string }) => void) | undefined;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage(message: ToDesk): void {
    this.heard.push(message);
  }
  terminate(): void {
    this.ended = true;
  }
  say(message: FromDesk): void {
    this.onmessage?.({ data: message });
  }
}

const last = () => FakeWorker.all.at(-1) as FakeWorker;
const asked = () => last().heard.flatMap((message) => (message.say === 'ask' ? [message] : []));

beforeEach(() => {
  FakeWorker.all.splice(0);
  Object.assign(globalThis, { Worker: FakeWorker });
});
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'Worker');
});

test('what is asked is answered, whatever comes first', async () => {
  const desk = new Desk(OPENING);
  const one = desk.send('readDraft', { key: 'a' });
  const other = desk.send('readDraft', { key: 'b' });
  const [first, second] = asked();
  last().say({ say: 'open', opened: undefined });
  last().say({ say: 'answer', n: second?.n ?? 0, value: 'b' });
  last().say({ say: 'answer', n: first?.n ?? 0, value: 'a' });
  expect(await Promise.all([one, other])).toEqual(['a', 'b']);
  expect(last().heard[0]).toEqual({ say: 'open', opening: OPENING, show: false });
});

test('a failure crosses with its name, how far it has come is told on the way', async () => {
  const desk = new Desk(OPENING);
  const shares: number[] = [];
  const failed = desk.send('checkArchive', { file: new Blob() }, { onProgress: (at) => shares.push(at) });
  const [{ n } = { n: 0 }] = asked();
  last().say({ say: 'progress', n, share: 0.4 });
  last().say({ say: 'failure', n, name: 'QuotaExceededError', reason: 'the disk is full' });
  await expect(failed).rejects.toMatchObject({ name: 'QuotaExceededError', message: 'the disk is full' });
  expect(shares).toEqual([0.4]);
});

test('nobody waits for what was let go; only what is ended takes its worker along', async () => {
  const desk = new Desk(OPENING);
  const stop = new AbortController();
  const let_go = desk.send('search', { sought: 'a', units: 'us', most: 1 }, { signal: stop.signal });
  stop.abort();
  await expect(let_go).rejects.toMatchObject({ code: 'stopped' });
  expect(last().ended).toBe(false);
  const end = new AbortController();
  const ended = desk.send('writeArchive', { at: OPENING.now }, { signal: end.signal, ends: true });
  end.abort();
  await expect(ended).rejects.toBeInstanceOf(DeskError);
  expect(last().ended).toBe(true);
  void desk.send('search', { sought: 'b', units: 'us', most: 1 }).catch(() => undefined);
  expect(FakeWorker.all).toHaveLength(2);
  desk.leave();
});

test('long work that takes too long is given up, with its worker', async () => {
  jest.useFakeTimers();
  const desk = new Desk(OPENING);
  const slow = desk.send('raw', undefined, { patience: 1000 });
  last().say({ say: 'open', opened: undefined });
  jest.advanceTimersByTime(1001);
  await expect(slow).rejects.toMatchObject({ code: 'timed-out' });
  expect(last().ended).toBe(true);
});

test('a yard that cannot be opened says so to all who ask', async () => {
  const reasons: string[] = [];
  const desk = new Desk(OPENING, { shut: (reason) => reasons.push(reason) });
  const before = desk.send('readDraft', { key: 'a' });
  last().say({ say: 'shut', reason: 'storage is blocked' });
  await expect(before).rejects.toMatchObject({ code: 'shut', message: 'storage is blocked' });
  await expect(desk.send('readDraft', { key: 'a' })).rejects.toMatchObject({ code: 'shut' });
  expect(reasons).toEqual(['storage is blocked']);
});

describe('on the page', () => {
  test('a worker that breaks before it opens is done without: what was asked is answered', async () => {
    const shown: Shown[] = [];
    const desk = new Desk(OPENING, { shown: (one) => shown.push(one) });
    const kept = desk.send('keepDraft', { key: 'a', value: { at: 1 } });
    last().onerror?.({ message: 'no script' });
    await kept;
    expect(await desk.send('readDraft', { key: 'a' })).toEqual({ at: 1 });
    expect(shown[0]).toMatchObject({ rigs: {}, log: { count: 0 } });
    expect(last().ended).toBe(true);
    desk.leave();
  });

  test('one that says nothing is waited for, but not for ever', async () => {
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
    const desk = new Desk(OPENING);
    const read = desk.send('readDraft', { key: 'nothing' });
    jest.advanceTimersByTime(10_001);
    jest.useRealTimers();
    expect(await read).toBeUndefined();
    desk.leave();
  });

  test('of what was asked of one that broke at work nobody can say whether it was done; the next is answered', async () => {
    const desk = new Desk(OPENING);
    const lost = desk.send('append', { entries: [] });
    last().say({ say: 'open', opened: undefined });
    last().onerror?.({ message: 'out of memory' });
    await expect(lost).rejects.toMatchObject({ code: 'shut' });
    expect(await desk.send('readDraft', { key: 'nothing' })).toBeUndefined();
    desk.leave();
  });

  test('where there are no workers at all the page does their work', async () => {
    Reflect.deleteProperty(globalThis, 'Worker');
    const desk = new Desk(OPENING);
    expect(await desk.send('readDraft', { key: 'nothing' })).toBeUndefined();
    desk.leave();
  });
});
