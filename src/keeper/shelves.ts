import { addDays, fail, ok, type Instant, type Result } from '@/core/base';
import type { Picture } from '@/core/exchange';
import { photosIn, type Entry, type Fold } from '@/core/log';
import type { YardPort } from './port';
import { sha256Of } from './sha256';

/** A picture (JPEG) under the hash of its bytes; scaled down, without anything but what is seen in it. */
export interface PhotoRow {
  readonly hash: string;
  readonly blob: Blob;
}

/** The key of a smaller copy that stands in for a picture. */
const thinKey = (hash: string) => `thin ${hash}`;

/** The bytes of a picture as they are kept: a private window keeps no Blob. */
export async function bytesOf(picture: Blob): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(await picture.arrayBuffer());
}

/** The bytes of a picture as it lies on disk; before bytes were kept it was a Blob. */
async function keptBytes(value: unknown): Promise<Uint8Array<ArrayBuffer> | undefined> {
  if (value instanceof Blob) return bytesOf(value);
  return ArrayBuffer.isView(value)
    ? new Uint8Array(value.buffer as ArrayBuffer, value.byteOffset, value.byteLength)
    : undefined;
}

const asBlob = (bytes: Uint8Array<ArrayBuffer>) => new Blob([bytes], { type: 'image/jpeg' });

/** Noted once all pictures lie here as bytes. */
const LIFTED = 'photos-as-bytes';

/** What the pictures on this device come to, in bytes. */
export interface PhotosKept {
  readonly count: number;
  readonly bytes: number;
  /** Smaller copies among them. */
  readonly thin: number;
  /** Those that may be thinned out: old enough, and in the last archive. */
  readonly old: number;
}

/** A form half done is kept so long (d). */
const FORGOTTEN = 31;

/** What lies beside the log: forms half filled in, pictures, and the whole of it as it is on disk. */
export class Shelves {
  constructor(
    private readonly port: YardPort,
    private readonly entries: () => Promise<Pick<Fold, 'entries'>>,
    /** Pictures that were let go of for good. */
    private readonly gone: () => readonly string[] = () => [],
  ) {}

  /** A form half filled in, as it was left. */
  readDraft(key: string): Promise<unknown> {
    return this.port.get('drafts', key);
  }

  /** Keeps a form half filled in; undefined drops it. */
  async keepDraft(key: string, value: unknown): Promise<void> {
    await this.port.change(
      value === undefined ? { drop: [{ shelf: 'drafts', key }] } : { put: [{ shelf: 'drafts', key, value }] },
    );
  }

  /** Keeps the next state of a form where it is still at the revision it was read at, or not there (undefined); gives how it lies there otherwise. */
  async putDraft(
    key: string,
    value: unknown,
    after: number | undefined,
  ): Promise<Result<void, { readonly held: unknown }>> {
    const when = [
      { shelf: 'drafts' as const, key, is: after === undefined ? ('gone' as const) : { rev: after } },
    ];
    const done = await this.port.change(
      value === undefined
        ? { drop: [{ shelf: 'drafts', key }], when }
        : { put: [{ shelf: 'drafts', key, value }], when },
    );
    return done.ok ? ok(undefined) : fail({ held: await this.port.get('drafts', key) });
  }

  /** Keeps a picture that no entry speaks of yet, as while a walk is under way. */
  async keepPhoto({ hash, blob }: PhotoRow): Promise<void> {
    await this.port.change({ put: [{ shelf: 'photos', key: hash, value: await bytesOf(blob) }] });
  }

  /** Lets go of pictures that no entry speaks of, as when a walk is dropped. */
  async dropPhotos(hashes: readonly string[]): Promise<void> {
    const { entries } = await this.entries();
    const spoken = photosIn(entries);
    const loose = hashes.filter((hash) => !spoken.has(hash));
    await this.port.change({ drop: loose.map((key) => ({ shelf: 'photos', key })) });
  }

  /** A picture by its hash; undefined where it is not on this device. */
  async readPhoto(hash: string): Promise<Blob | undefined> {
    const found =
      (await this.readBytes(hash)) ?? (await keptBytes(await this.port.get('photos', thinKey(hash))));
    return found && asBlob(found);
  }

  /** The bytes of a picture as it was taken; undefined where it is not on this device, or a smaller copy stands in for it. */
  async readBytes(hash: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
    return keptBytes(await this.port.get('photos', hash));
  }

  /** Writes pictures that lie here as Blobs down as bytes, one by one; once. */
  private async liftPhotos(): Promise<void> {
    if ((await this.port.get('meta', LIFTED)) === true) return;
    for (const key of await this.port.keys('photos')) {
      const value = await this.port.get('photos', key);
      if (value instanceof Blob)
        await this.port.change({
          put: [{ shelf: 'photos', key, value: await bytesOf(value) }],
          when: [{ shelf: 'photos', key, is: 'there' }],
        });
    }
    await this.noteFact(LIFTED, true);
  }

  /** The pictures taken before a moment that an archive recorded up to another holds, and that are still whole here. */
  private async oldPhotos(before: Instant, archived: Instant | undefined): Promise<readonly string[]> {
    if (archived === undefined) return [];
    const { entries } = await this.entries();
    const lying = new Set(await this.port.keys('photos'));
    const old = entries.flatMap((entry) =>
      entry.kind === 'photo' && entry.happened < before && entry.recorded <= archived
        ? [entry.body.hash]
        : [],
    );
    return [...new Set(old)].filter((hash) => lying.has(hash));
  }

  /** What the pictures here come to, and how many could be thinned out. */
  async photosKept(before: Instant, archived: Instant | undefined): Promise<PhotosKept> {
    const keys = await this.port.keys('photos');
    const { entries } = await this.entries();
    const sizes = photosIn(entries);
    let bytes = 0;
    // What the log tells the size of is not read for it.
    for (const key of keys)
      bytes += sizes.get(key) ?? (await keptBytes(await this.port.get('photos', key)))?.length ?? 0;
    return {
      count: keys.length,
      bytes,
      thin: keys.filter((key) => key.startsWith('thin ')).length,
      old: (await this.oldPhotos(before, archived)).length,
    };
  }

  /**
   * Keeps a smaller copy of old pictures that an archive holds, and lets go of the large ones here. `shrink` makes
   * one, or nothing where it cannot: that picture stays. Gives how many were thinned out, and the bytes that came free.
   */
  async thinOut(
    before: Instant,
    archived: Instant | undefined,
    shrink: (picture: Blob) => Promise<Blob | undefined>,
    told: (share: number) => void = () => undefined,
  ): Promise<{ readonly count: number; readonly freed: number }> {
    const hashes = await this.oldPhotos(before, archived);
    let count = 0;
    let freed = 0;
    for (const [i, hash] of hashes.entries()) {
      told(i / hashes.length);
      const whole = await this.readBytes(hash);
      const small = whole && (await shrink(asBlob(whole)));
      if (!whole || !small || small.size >= whole.length) continue;
      await this.port.change({
        put: [{ shelf: 'photos', key: thinKey(hash), value: await bytesOf(small) }],
        drop: [{ shelf: 'photos', key: hash }],
      });
      count += 1;
      freed += whole.length - small.size;
    }
    return { count, freed };
  }

  /** A fact that this device knows of itself. */
  fact(key: string): Promise<unknown> {
    return this.port.get('meta', key);
  }

  /** Notes a fact of this device; undefined drops it. */
  async noteFact(key: string, value: unknown): Promise<void> {
    await this.port.change(
      value === undefined ? { drop: [{ shelf: 'meta', key }] } : { put: [{ shelf: 'meta', key, value }] },
    );
  }

  /** The pictures that the log speaks of and nobody let go of, and whether each is on this device. */
  async spokenPhotos(): Promise<readonly { readonly hash: string; readonly here: boolean }[]> {
    const { entries } = await this.entries();
    const gone = new Set(this.gone());
    const hashes = [...photosIn(entries).keys()];
    const lying = new Set(await this.port.keys('photos'));
    return hashes
      .filter((hash) => !gone.has(hash))
      .map((hash) => ({
        hash,
        here: lying.has(hash) || lying.has(thinKey(hash)),
      }));
  }

  /** Takes in a picture under its hash; false where it is another one than its name says, or was let go of. */
  async takePhoto(hash: string, bytes: Uint8Array): Promise<boolean> {
    const own = bytes.slice();
    if (this.gone().includes(hash) || (await sha256Of(own)) !== hash) return false;
    await this.port.change({ put: [{ shelf: 'photos', key: hash, value: own }] });
    return true;
  }

  /** The pictures that some entries speak of and that lie here whole: a smaller copy is another picture than its name says, the archive before it has the whole one. */
  async wholePhotos(entries: readonly Entry[]): Promise<readonly Picture[]> {
    const lying = new Set(await this.port.keys('photos'));
    return [...photosIn(entries)]
      .filter(([hash]) => lying.has(hash))
      .map(([hash, bytes]) => ({ hash, bytes }));
  }

  /** Puts away what nobody will take up again: forms of a month ago, and those of cards that are through; what lies here as it once was kept is written as it is kept now. */
  async sweep(now: Instant): Promise<void> {
    await this.liftPhotos();
    const runs = new Set((await this.port.all('runs')).map(({ key }) => key));
    const over = (await this.port.all('drafts')).filter(({ key, value }) => {
      const card = /^bench (?:close |chapter )?([0-9a-f-]{36})$/.exec(key)?.[1];
      if (card) return !runs.has(card);
      const at = key.startsWith('form ') ? (value as { value?: { at?: unknown } }).value?.at : undefined;
      return typeof at === 'string' && at < addDays(now, -FORGOTTEN);
    });
    if (over.length > 0)
      await this.port.change({ drop: over.map(({ key }) => ({ shelf: 'drafts' as const, key })) });
  }

  /** Everything of the log and the cards as it lies on disk, read or not, one line each: for saving where it cannot be read. */
  async raw(): Promise<string> {
    const log = await this.port.log(0);
    const runs = await this.port.all('runs');
    return [...log, ...runs].map((row) => `${JSON.stringify(row)}\n`).join('');
  }
}
