import { strFromU8, strToU8 } from 'fflate';
import * as z from 'zod/mini';
import { fail, isInstant, ok, shaped, type Instant, type Result } from '../base';
import { compareEntries, isNewer, readEntry, unreadEntry, type Entry, type UnreadEntry } from '../log';
import { FORMAT, FORMAT_VERSION, toLine } from './format';
import { isNoEntry } from './lines';
import { sizeOf, type Volume, type VolumeSize } from './volumes';
import { unpacked, zippedFiles, ZipFile } from './zip';

const LOG = 'log.ndjson';
const MANIFEST = 'manifest.json';
/** Pictures lie under their hash. */
const PHOTO = /^photos\/([0-9a-f]{64})\.jpg$/;
const MB = 1024 * 1024;

/** What an archive may hold, asked of its directory before anything is unpacked: far above twenty years of one owner, far below what would fill a phone. */
const MOST = {
  /** Bytes of everything together, of the log, of the manifest, of one picture. */
  all: 1024 * MB,
  log: 96 * MB,
  manifest: 8 * MB,
  photo: 20 * MB,
  /** So many times what is packed: words shrink to a tenth, pictures not at all. */
  unpacked: 100,
  entries: 250_000,
};

const manifestSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int().check(z.minimum(1)),
  created: z.string().check(z.refine(isInstant)),
  entries: z.int().check(z.minimum(0)),
  /** Which of several archives it is that hold the pictures between them; one that holds all says nothing. */
  volume: z.optional(z.object({ number: z.int().check(z.minimum(1)), of: z.int().check(z.minimum(1)) })),
  /** What each of several holds: stands in the first. */
  volumes: z.optional(
    z.array(z.object({ photos: z.int().check(z.minimum(0)), bytes: z.int().check(z.minimum(0)) })),
  ),
  files: z.array(
    z.object({ name: z.string(), bytes: z.int().check(z.minimum(0)), sha256: shaped(/^[0-9a-f]{64}$/) }),
  ),
});

/** An archive read and checked whole. Its pictures stay in the file until one is asked for: all of them may be more than a phone holds. */
export interface Archive {
  readonly created: Instant;
  readonly entries: readonly Entry[];
  /** Entries that a newer version wrote: kept as they are. */
  readonly unread: readonly UnreadEntry[];
  readonly pictures: Pictures;
  /** Which of several archives it is; the others hold the rest of the pictures. */
  readonly volume: Volume | undefined;
  /** What the others hold, as far as this one tells. */
  readonly others: VolumeSize | undefined;
}

/** Pictures (JPEG) by the hash of their bytes, read one at a time. */
export interface Pictures {
  readonly hashes: readonly string[];
  /** The bytes of one of them; undefined where it is not at hand. */
  readonly read: (hash: string) => Promise<Uint8Array<ArrayBuffer> | undefined>;
}

/** SHA-256 of bytes, as hex: by the platform's own wherever it has one. */
export type Sha256 = (bytes: Uint8Array<ArrayBuffer>) => Promise<string>;

/** Why an archive was refused; lines count from 1. */
export type ArchiveProblem =
  | { readonly code: 'not-a-zip' }
  | { readonly code: 'not-ours'; readonly detail: string }
  | { readonly code: 'newer'; readonly detail: string }
  | { readonly code: 'too-large' }
  | { readonly code: 'missing-file'; readonly file: string }
  | { readonly code: 'damaged'; readonly file: string; readonly detail: string }
  | { readonly code: 'bad-line'; readonly line: number; readonly field: string; readonly detail: string };

const photoName = (sha256: string) => `photos/${sha256}.jpg`;

/** Tells how far a long work has come (0–1). */
export type Progress = (share: number) => void;

/** How an archive is written or read: the hash of the platform, and who is told how far it has come. */
export interface ArchiveWork {
  readonly sha256: Sha256;
  readonly told?: Progress;
}

/**
 * The archive of a log with its pictures as a zip; the same log at the same moment is the same bytes. Pictures are
 * read one at a time; one that is not at hand is left out.
 */
export async function writeArchive(
  {
    entries,
    unread = [],
    pictures,
    volume,
    volumes,
  }: {
    readonly entries: readonly Entry[];
    readonly unread?: readonly Pick<UnreadEntry, 'id' | 'raw'>[];
    readonly pictures?: Pictures;
    readonly volume?: Volume | undefined;
    /** What each of several archives holds. */
    readonly volumes?: readonly VolumeSize[];
  },
  created: Instant,
  { sha256, told }: ArchiveWork,
): Promise<Blob> {
  const kept = [...unread].sort((a, b) => (a.id < b.id ? -1 : 1)).map(({ raw }) => JSON.stringify(raw));
  const lines = [...[...entries].sort(compareEntries).map(toLine), ...kept];
  const log = strToU8(lines.map((line) => `${line}\n`).join('')) as Uint8Array<ArrayBuffer>;
  const zip = new ZipFile();
  zip.add(LOG, log, false);
  const files = [{ name: LOG, bytes: log.length, sha256: await sha256(log) }];
  const hashes = [...(pictures?.hashes ?? [])].sort();
  for (const [i, hash] of hashes.entries()) {
    told?.(i / hashes.length);
    const bytes = await pictures?.read(hash);
    if (!bytes) continue;
    zip.add(photoName(hash), bytes, true);
    files.push({ name: photoName(hash), bytes: bytes.length, sha256: hash });
  }
  const manifest: z.infer<typeof manifestSchema> = {
    format: FORMAT,
    version: FORMAT_VERSION,
    created,
    entries: lines.length,
    ...(volume && volume.of > 1 && { volume }),
    ...(volume && volume.of > 1 && volume.number === 1 && { volumes: [...(volumes ?? [])] }),
    files,
  };
  zip.add(MANIFEST, strToU8(JSON.stringify(manifest, null, 2)), false);
  return zip.end();
}

/** The most bytes that a file of an archive may come to; none for a file that is not ours. */
function mostOf(name: string): number | undefined {
  if (name === LOG) return MOST.log;
  if (name === MANIFEST) return MOST.manifest;
  return PHOTO.test(name) ? MOST.photo : undefined;
}

function readManifest(bytes: Uint8Array | undefined): Result<z.infer<typeof manifestSchema>, ArchiveProblem> {
  if (!bytes) return fail({ code: 'not-ours', detail: `there is no ${MANIFEST} in it` });
  let json: unknown;
  try {
    json = JSON.parse(strFromU8(bytes));
  } catch {
    return fail({ code: 'damaged', file: MANIFEST, detail: 'it is not JSON' });
  }
  const marked = z.object({ format: z.literal(FORMAT), version: z.number() }).safeParse(json);
  if (!marked.success) return fail({ code: 'not-ours', detail: `${MANIFEST} does not say ${FORMAT}` });
  if (marked.data.version > FORMAT_VERSION)
    return fail({
      code: 'newer',
      detail: `archive version ${marked.data.version}; this is version ${FORMAT_VERSION}`,
    });
  const manifest = manifestSchema.safeParse(json);
  if (manifest.success) return ok(manifest.data);
  const first = manifest.error.issues[0];
  return fail({
    code: 'damaged',
    file: MANIFEST,
    detail: `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}`,
  });
}

/** Lines between two tellings of how far it has come. */
const TELL = 500;

function readLines(
  text: string,
  /** Told of the lines that were read. */
  told: (lines: number) => void,
): Result<Pick<Archive, 'entries' | 'unread'>, ArchiveProblem> {
  const entries: Entry[] = [];
  const unread: UnreadEntry[] = [];
  const seen = new Map<string, number>();
  const lines = text.split('\n');
  if (lines[lines.length - 1] === '') lines.pop();
  if (lines.length > MOST.entries) return fail({ code: 'too-large' });
  for (const [i, lineText] of lines.entries()) {
    const line = i + 1;
    if (line % TELL === 0) told(line);
    if (isNoEntry(lineText))
      return fail({ code: 'bad-line', line, field: '', detail: 'longer or deeper than any entry' });
    let json: unknown;
    try {
      json = JSON.parse(lineText);
    } catch {
      return fail({ code: 'bad-line', line, field: '', detail: 'not JSON' });
    }
    const entry = readEntry(json);
    const newer = !entry.ok && isNewer(entry.error) ? unreadEntry(json, entry.error) : undefined;
    if (!entry.ok && !newer)
      return fail({ code: 'bad-line', line, field: entry.error.field, detail: entry.error.detail });
    const id = entry.ok ? entry.value.id : (newer?.id ?? '');
    const before = seen.get(id);
    if (before !== undefined)
      return fail({ code: 'bad-line', line, field: 'id', detail: `stands on line ${before} too` });
    seen.set(id, line);
    if (entry.ok) entries.push(entry.value);
    else if (newer) unread.push(newer);
  }
  return ok({ entries, unread });
}

/** Reads an archive from a file; refused, with the reason, unless every byte and line is sound. One picture at a time is held. */
export async function readArchive(
  file: Blob,
  { sha256, told = () => undefined }: ArchiveWork,
): Promise<Result<Archive, ArchiveProblem>> {
  const found = await zippedFiles(file, mostOf, MOST);
  if (!found.ok) return found;
  const zipped = found.value;
  const first = zipped.get(MANIFEST);
  const manifest = readManifest(first && (await unpacked(first)));
  if (!manifest.ok) return manifest;
  const { files, created, volume, volumes } = manifest.value;
  const parts = files.length + manifest.value.entries / TELL;
  let log: Uint8Array | undefined;
  const hashes: string[] = [];
  for (const [i, { name, bytes: size, sha256: wanted }] of files.entries()) {
    told(i / parts);
    const packed = zipped.get(name);
    if (!packed) return fail({ code: 'missing-file', file: name });
    const bytes = await unpacked(packed);
    if (!bytes) return fail({ code: 'damaged', file: name, detail: 'it cannot be unpacked' });
    if (bytes.length !== size)
      return fail({ code: 'damaged', file: name, detail: `${bytes.length} bytes, not ${size}` });
    if ((await sha256(bytes)) !== wanted)
      return fail({ code: 'damaged', file: name, detail: 'its hash does not match' });
    const named = PHOTO.exec(name)?.[1];
    if (named !== undefined && named !== wanted)
      return fail({ code: 'damaged', file: name, detail: 'it is not the picture its name says' });
    if (named !== undefined) hashes.push(named);
    if (name === LOG) log = bytes;
  }
  if (!log) return fail({ code: 'missing-file', file: LOG });
  const read = readLines(strFromU8(log), (lines) => told((files.length + lines / TELL) / parts));
  if (!read.ok) return read;
  const count = read.value.entries.length + read.value.unread.length;
  if (count !== manifest.value.entries)
    return fail({
      code: 'damaged',
      file: LOG,
      detail: `${count} entries, not the ${manifest.value.entries} of the manifest`,
    });
  const pictures: Pictures = {
    hashes,
    read: async (hash) => {
      const packed = zipped.get(photoName(hash));
      return packed && unpacked(packed);
    },
  };
  const others = volumes?.filter((_, i) => i + 1 !== volume?.number);
  return ok({ created, ...read.value, pictures, volume, others: others && sizeOf(others) });
}
