import { createHash } from 'node:crypto';
import type { Instant } from '../base';
import { readArchive, writeArchive, type Sha256 } from '../exchange';
import type { Entry, UnreadEntry } from '../log';

/** SHA-256 as the platform gives it. */
export const sha256Of: Sha256 = (bytes) => Promise.resolve(createHash('sha256').update(bytes).digest('hex'));

/** Pictures by the hash of their bytes. */
export type Photos = Readonly<Record<string, Uint8Array<ArrayBuffer>>>;

/** The bytes of a log's archive with some pictures. */
export async function zipped(
  entries: readonly Entry[],
  at: Instant,
  photos: Photos = {},
  unread: readonly Pick<UnreadEntry, 'id' | 'raw'>[] = [],
): Promise<Uint8Array<ArrayBuffer>> {
  const pictures = { hashes: Object.keys(photos), read: (hash: string) => Promise.resolve(photos[hash]) };
  const file = await writeArchive({ entries, unread, pictures }, at, { sha256: sha256Of });
  return new Uint8Array(await file.arrayBuffer());
}

/** Reads an archive from its bytes. */
export const unzipped = (bytes: Uint8Array) =>
  readArchive(new Blob([bytes as Uint8Array<ArrayBuffer>]), { sha256: sha256Of });
