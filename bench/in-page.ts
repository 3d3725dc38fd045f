/** Runs in a page beside the application: puts a long log into the owner's yard. */
import type { Entry } from '../src/core/log';
import { YARD_NAMES } from '../src/keeper';
import { dexiePort } from '../src/keeper/port';

declare global {
  var fillLog: (text: string) => Promise<void>;
  /** Lays a picture under each of some hashes. */
  var fillPhotos: (hashes: readonly string[]) => Promise<void>;
}

globalThis.fillLog = async (text) => {
  const port = dexiePort(YARD_NAMES.own);
  const done = await port.change({ append: JSON.parse(text) as Entry[] });
  if (!done.ok) throw new Error(done.error.code);
  port.close();
};

globalThis.fillPhotos = async (hashes) => {
  const port = dexiePort(YARD_NAMES.own);
  const canvas = new OffscreenCanvas(1200, 900);
  const pen = canvas.getContext('2d');
  // Something that does not shrink to nothing.
  for (let i = 0; i < 400; i++) {
    if (pen) pen.fillStyle = `hsl(${(i * 37) % 360} 60% 50%)`;
    pen?.fillRect((i * 97) % 1200, (i * 53) % 900, 90, 70);
  }
  const picture = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 });
  const value = new Uint8Array(await picture.arrayBuffer());
  for (let i = 0; i < hashes.length; i += 100)
    await port.change({
      put: hashes.slice(i, i + 100).map((key) => ({ shelf: 'photos' as const, key, value })),
    });
  port.close();
};
