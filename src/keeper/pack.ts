import type { Instant } from '@/core/base';
import { readArchive, volumesOf, writeArchive, type Volume } from '@/core/exchange';
import type { Entry } from '@/core/log';
import type { Keeper } from './keeper';

/** One archive, packed and read back. */
export interface Packed {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly entries: number;
  readonly photos: number;
  readonly volume: Volume;
}

/** An archive that was packed could not be read back: it is not handed out. */
class NotReadBack extends Error {
  override readonly name = 'NotReadBack';
}

/**
 * Packs a log, or one rig's part of it, into the first archive or a later one: the whole log in each, and the pictures
 * between them, so that each is read alone and no device has to hold all of them at once. Throws where it cannot be read
 * back.
 */
export async function pack(
  keeper: Keeper,
  { at, rig, number = 1 }: { readonly at: Instant; readonly rig?: string; readonly number?: number },
  most?: number,
): Promise<Packed> {
  const of = (one: Pick<Entry, 'rig'>) => rig === undefined || one.rig === rig;
  const entries = (await keeper.entries()).entries.filter(of);
  const unread = (await keeper.newer()).filter(of);
  const volumes = volumesOf(await keeper.shelves.wholePhotos(entries), most);
  const volume = { number, of: volumes.length };
  const photos = await keeper.shelves.photos(volumes[number - 1] ?? []);
  const bytes = writeArchive(await keeper.zone.dated(entries), at, photos, unread, volume);
  const back = readArchive(bytes);
  if (!back.ok) throw new NotReadBack(`it could not be read back (${back.error.code}); nothing was saved`);
  return { bytes, entries: entries.length, photos: Object.keys(photos).length, volume };
}
