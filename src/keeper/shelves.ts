import { addDays, fail, ok, type Instant, type Result } from '@/core/base';
import type { Fold } from '@/core/log';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import type { YardPort } from './port';

/** A picture (JPEG) under the hash of its bytes; scaled down, without anything but what is seen in it. */
export interface PhotoRow {
  readonly hash: string;
  readonly blob: Blob;
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
    await this.port.change({ put: [{ shelf: 'photos', key: hash, value: blob }] });
  }

  /** Lets go of pictures that no entry speaks of, as when a walk is dropped. */
  async dropPhotos(hashes: readonly string[]): Promise<void> {
    const { entries } = await this.entries();
    const spoken = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const loose = hashes.filter((hash) => !spoken.has(hash));
    await this.port.change({ drop: loose.map((key) => ({ shelf: 'photos', key })) });
  }

  /** A picture by its hash; undefined where it is not on this device. */
  async readPhoto(hash: string): Promise<Blob | undefined> {
    const found = await this.port.get('photos', hash);
    return found instanceof Blob ? found : undefined;
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
    const hashes = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const lying = new Set(await this.port.keys('photos'));
    return [...hashes].filter((hash) => !gone.has(hash)).map((hash) => ({ hash, here: lying.has(hash) }));
  }

  /** Takes in a picture under its hash; false where it is another one than its name says. */
  async takePhoto(hash: string, bytes: Uint8Array): Promise<boolean> {
    if (bytesToHex(sha256(bytes)) !== hash) return false;
    await this.keepPhoto({ hash, blob: new Blob([bytes.slice()], { type: 'image/jpeg' }) });
    return true;
  }

  /** The bytes of the pictures that the log speaks of, by hash, as far as they are on this device. */
  async photos(): Promise<Readonly<Record<string, Uint8Array>>> {
    const { entries } = await this.entries();
    const hashes = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const bytes: Record<string, Uint8Array> = {};
    for (const hash of hashes) {
      const blob = await this.readPhoto(hash);
      if (blob) bytes[hash] = new Uint8Array(await blob.arrayBuffer());
    }
    return bytes;
  }

  /** Puts away what nobody will take up again: forms of a month ago, and those of cards that are through. */
  async sweep(now: Instant): Promise<void> {
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
