import 'fake-indexeddb/auto';
import * as z from 'zod/mini';
import type { DraftDef } from './draft';
import { YardStore } from './yard-store';

const FORM: DraftDef<{ said: string }> = { version: 1, schema: z.object({ said: z.string() }) };

let stores: YardStore[];
beforeEach(() => {
  stores = [new YardStore('own'), new YardStore('own')];
  for (const store of stores) store.open();
});
afterEach(() => {
  for (const store of stores) store.close();
});

test('a form changed by one part of a page is heard by the others and by other tabs, once it is on disk, and not by the one that changed it', async () => {
  const [here, there] = stores as [YardStore, YardStore];
  const heard: string[] = [];
  const hears = (store: YardStore, who: string) => {
    const hear = () => void store.readDraft(FORM, 'way').then((form) => heard.push(`${who} ${form?.said}`));
    return { hear, stop: store.followDraft('way', hear) };
  };
  const stop = hears(here, 'stop');
  const trip = hears(here, 'trip');
  hears(there, 'other tab');
  here.followDraft('else', () => heard.push('else'));
  await here.changeDraft(FORM, 'way', () => ({ said: 'rolls' }), stop.hear);
  const until = async (count: number) => {
    while (heard.length < count) await new Promise((resolve) => setTimeout(resolve, 5));
  };
  await until(2);
  expect([...heard].sort()).toEqual(['other tab rolls', 'trip rolls']);
  trip.stop();
  await here.changeDraft(FORM, 'way', () => ({ said: 'stands' }));
  await until(4);
  expect(heard.slice(2).sort()).toEqual(['other tab stands', 'stop stands']);
});
