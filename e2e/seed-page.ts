/** Runs in a page before the application does: fills its own yard through the application's own store. */
import { instantOf } from '../src/core/base';
import { makeEntry } from '../src/core/log';
import { newId } from '../src/store/ids';
import { YARD_NAMES } from '../src/store/names';
import { YardStore } from '../src/store/yard-store';
import type { Seeded } from './seed';

declare global {
  // What the page offers to the test that loaded it.
  var fillYard: (seeded: string) => Promise<void>;
}

globalThis.fillYard = async (seeded) => {
  const drafts = JSON.parse(seeded) as readonly Seeded[];
  const store = new YardStore(YARD_NAMES.own);
  const rig = newId();
  const now = Date.now();
  await store.append(
    drafts.map(({ kind, body, ago = 0 }) => {
      const at = instantOf(now - ago);
      return makeEntry(kind, { id: newId(), rig, happened: at, recorded: at }, body);
    }),
  );
  store.db.close();
};
