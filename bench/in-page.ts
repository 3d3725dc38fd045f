/** Runs in a page beside the application: puts a long log into the owner's yard. */
import type { Entry } from '../src/core/log';
import { YARD_NAMES } from '../src/keeper';
import { dexiePort } from '../src/keeper/port';

declare global {
  var fillLog: (text: string) => Promise<void>;
}

globalThis.fillLog = async (text) => {
  const port = dexiePort(YARD_NAMES.own);
  const done = await port.change({ append: JSON.parse(text) as Entry[] });
  if (!done.ok) throw new Error(done.error.code);
  port.close();
};
