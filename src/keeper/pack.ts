import type { Instant } from '@/core/base';
import { readArchive, volumesOf, writeArchive, type Progress, type Volume } from '@/core/exchange';
import type { Entry } from '@/core/log';
import type { Keeper } from './keeper';
import { sha256Of } from './sha256';

/** One archive, packed and read back. */
export interface Packed {
  readonly file: Blob;
  readonly entries: number;
  readonly photos: number;
  readonly volume: Volume;
}

/** An archive that was packed could not be read back: it is not handed out. */
class NotReadBack extends Error {
  override readonly name = 'NotReadBack';
}

/** The share of the work that is writing; the rest is reading back. */
const WRITING = 0.5;

/**
 * Packs a log, or one rig's part of it, into the first archive or a later one: the whole log in each, and the pictures
 * between them, so that each is read alone. One picture at a time is held. Throws where it cannot be read back.
 */
export async function pack(
  keeper: Keeper,
  { at, rig, number = 1 }: { readonly at: Instant; readonly rig?: string; readonly number?: number },
  { told = () => undefined, most }: { readonly told?: Progress; readonly most?: number } = {},
): Promise<Packed> {
  const of = (one: Pick<Entry, 'rig'>) => rig === undefined || one.rig === rig;
  const entries = (await keeper.entries()).entries.filter(of);
  const unread = (await keeper.newer()).filter(of);
  const pictures = await keeper.shelves.wholePhotos(entries);
  const bytes = new Map(pictures.map((one) => [one.hash, one.bytes]));
  const volumes = volumesOf(pictures, most);
  const volume = { number, of: volumes.length };
  const hashes = volumes[number - 1] ?? [];
  const file = await writeArchive(
    {
      entries: await keeper.zone.dated(entries),
      unread,
      pictures: { hashes, read: (hash) => keeper.shelves.readBytes(hash) },
      volume,
      volumes: volumes.map((held) => ({
        photos: held.length,
        bytes: held.reduce((sum, hash) => sum + (bytes.get(hash) ?? 0), 0),
      })),
    },
    at,
    { sha256: sha256Of, told: (share) => told(share * WRITING) },
  );
  const back = await readArchive(file, {
    sha256: sha256Of,
    told: (share) => told(WRITING + share * (1 - WRITING)),
  });
  if (!back.ok) throw new NotReadBack(`it could not be read back (${back.error.code}); nothing was saved`);
  return { file, entries: entries.length, photos: back.value.pictures.hashes.length, volume };
}
