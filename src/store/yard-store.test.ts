import type { ToDesk } from '@/keeper';
import * as z from 'zod/mini';
import type { DraftDef } from './draft';
import { storeDraft } from './draft';
import { YardStore } from './yard-store';

const FORM: DraftDef<{ said: string }> = { version: 1, schema: z.object({ said: z.string() }) };

let look: (seen: unknown) => void;
jest.mock('@/keeper', () => ({
  ...jest.requireActual<object>('@/keeper'),
  glance: () =>
    new Promise((resolve) => {
      look = resolve;
    }),
}));

/** A worker in name: what it is asked is kept. */
class FakeWorker {
  static readonly heard: ToDesk[] = [];
  postMessage(message: ToDesk): void {
    FakeWorker.heard.push(message);
  }
  terminate(): void {
    // Nothing runs.
  }
}
const asked = () =>
  FakeWorker.heard.flatMap((message) =>
    message.say === 'ask' ? [`${message.name} ${JSON.stringify(message.ask)}`] : [],
  );

const SEEN = {
  shown: {
    rigs: {},
    gone: [],
    runs: [],
    archived: undefined,
    log: { rev: 0, count: 0, days: {} },
    lost: undefined,
  },
  drafts: new Map([['walk', storeDraft(FORM, { said: 'as it lay there' })]]),
  opened: undefined,
};
const turn = () => new Promise((resolve) => setTimeout(resolve, 30));

let store: YardStore;
let other: BroadcastChannel;
beforeEach(() => {
  FakeWorker.heard.splice(0);
  Object.assign(globalThis, { Worker: FakeWorker });
  store = new YardStore('own');
  other = new BroadcastChannel('yardline drafts own');
  store.open();
});
afterEach(() => {
  store.close();
  other.close();
  Reflect.deleteProperty(globalThis, 'Worker');
});

test('a form is there at a glance, before the keeper is at work', async () => {
  look(SEEN);
  await turn();
  expect(store.getSnapshot().status).toBe('ready');
  expect(await store.readDraft(FORM, 'walk')).toEqual({ said: 'as it lay there' });
  expect(await store.readDraft(FORM, 'none')).toBeUndefined();
  expect(asked()).toEqual([]);
});

test('once another tab has written, what was seen at a glance counts no more: the keeper is asked', async () => {
  look(SEEN);
  await turn();
  const heard: string[] = [];
  const stop = store.followDraft('walk', () => {
    heard.push('walk');
    void store.readDraft(FORM, 'walk').catch(() => undefined);
  });
  other.postMessage('walk');
  await turn();
  expect(heard).toEqual(['walk']);
  expect(asked()).toEqual(['readDraft {"key":"walk"}']);
  stop();
  other.postMessage('walk');
  await turn();
  expect(heard).toEqual(['walk']);
});

test('a form written elsewhere while the glance was still read is not shown as it was before', async () => {
  other.postMessage('walk');
  await turn();
  look(SEEN);
  await turn();
  void store.readDraft(FORM, 'walk').catch(() => undefined);
  expect(store.getSnapshot().status).toBe('ready');
  expect(asked()).toEqual(['readDraft {"key":"walk"}']);
});
