import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { unzipRaw, type ZipEntry } from 'unzipit';
import { fail, ok, type Result } from '../base';

const MB = 1024 * 1024;

/** Bytes of a zip that is being written, above which they are handed on. */
const HANDED_ON = 8 * MB;

/** A zip written piece by piece: what is written leaves for the platform, which keeps it where there is room. */
export class ZipFile {
  private readonly parts: Blob[] = [];
  private pieces: Uint8Array<ArrayBuffer>[] = [];
  private held = 0;
  private readonly zip = new Zip((error, piece) => {
    if (error) throw error;
    this.pieces.push(piece as Uint8Array<ArrayBuffer>);
    this.held += piece.length;
    if (this.held > HANDED_ON) this.handOn();
  });

  private handOn() {
    this.parts.push(new Blob(this.pieces));
    this.pieces = [];
    this.held = 0;
  }

  /** Adds a file; one that is packed already is stored as it is. */
  add(name: string, bytes: Uint8Array, packed: boolean): void {
    const file = packed ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    // The same log gives the same bytes, whenever it is written.
    file.mtime = new Date('2000-01-01T00:00:00Z');
    this.zip.add(file);
    file.push(bytes, true);
  }

  end(): Blob {
    this.zip.end();
    this.handOn();
    return new Blob(this.parts, { type: 'application/zip' });
  }
}

/** What a zip may come to, by its directory (bytes; `unpacked`: so many times what is packed). */
export interface ZipLimits {
  readonly all: number;
  readonly unpacked: number;
}

/** The files of a zip that are ours, by name, as its directory tells them; refused before anything is unpacked where they come to too much. `mostOf` gives none for a file that is not ours. */
export async function zippedFiles(
  file: Blob,
  mostOf: (name: string) => number | undefined,
  limits: ZipLimits,
): Promise<
  Result<ReadonlyMap<string, ZipEntry>, { readonly code: 'not-a-zip' } | { readonly code: 'too-large' }>
> {
  let directory: readonly ZipEntry[];
  try {
    directory = (await unzipRaw(file)).entries;
  } catch {
    return fail({ code: 'not-a-zip' });
  }
  const files = new Map<string, ZipEntry>();
  let total = 0;
  for (const one of directory) {
    const most = mostOf(one.name);
    if (most === undefined) continue;
    total += one.size;
    if (total > limits.all || one.size > most || one.size > one.compressedSize * limits.unpacked + MB)
      return fail({ code: 'too-large' });
    files.set(one.name, one);
  }
  return ok(files);
}

/** The bytes of a file of a zip; undefined where they cannot be unpacked, or come to another size than its directory says. */
export async function unpacked(file: ZipEntry): Promise<Uint8Array<ArrayBuffer> | undefined> {
  try {
    return new Uint8Array(await file.arrayBuffer());
  } catch {
    return undefined;
  }
}
