import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import * as z from 'zod/mini';
import { fail, isInstant, ok, shaped, type Instant, type Result } from '../base';
import { compareEntries, isNewer, readEntry, unreadEntry, type Entry, type UnreadEntry } from '../log';
import { FORMAT, FORMAT_VERSION, toLine } from './format';
import { isNoEntry } from './lines';
import type { Volume } from './volumes';

const LOG = 'log.ndjson';
const MANIFEST = 'manifest.json';
/** Pictures lie under their hash. */
const PHOTO = /^photos\/([0-9a-f]{64})\.jpg$/;
const MB = 1024 * 1024;

/** What an archive may hold, asked of its directory before anything is unpacked: far above twenty years of one owner, far below what would fill a phone. */
const MOST = {
  /** Bytes of everything together, of the log, of the manifest, of one picture. */
  all: 768 * MB,
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
  files: z.array(
    z.object({ name: z.string(), bytes: z.int().check(z.minimum(0)), sha256: shaped(/^[0-9a-f]{64}$/) }),
  ),
});

/** An archive read and checked whole. */
export interface Archive {
  readonly created: Instant;
  readonly entries: readonly Entry[];
  /** Entries that a newer version wrote: kept as they are. */
  readonly unread: readonly UnreadEntry[];
  /** The bytes of pictures (JPEG) by their hash. */
  readonly photos: Photos;
  /** Which of several archives it is; the others hold the rest of the pictures. */
  readonly volume: Volume | undefined;
}

/** Pictures by the hash of their bytes. */
export type Photos = Readonly<Record<string, Uint8Array>>;

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
const hash = (bytes: Uint8Array) => bytesToHex(sha256(bytes));

/** The archive of a log with its pictures as the bytes of a zip; the same log at the same moment is the same bytes. */
export function writeArchive(
  entries: readonly Entry[],
  created: Instant,
  photos: Photos = {},
  unread: readonly Pick<UnreadEntry, 'id' | 'raw'>[] = [],
  volume?: Volume,
): Uint8Array<ArrayBuffer> {
  const kept = [...unread].sort((a, b) => (a.id < b.id ? -1 : 1)).map(({ raw }) => JSON.stringify(raw));
  const lines = [...[...entries].sort(compareEntries).map(toLine), ...kept];
  const log = strToU8(lines.map((line) => `${line}\n`).join(''));
  const pictures = Object.entries(photos).sort(([a], [b]) => (a < b ? -1 : 1));
  const manifest: z.infer<typeof manifestSchema> = {
    format: FORMAT,
    version: FORMAT_VERSION,
    created,
    entries: lines.length,
    ...(volume && volume.of > 1 && { volume }),
    files: [
      { name: LOG, bytes: log.length, sha256: hash(log) },
      ...pictures.map(([sha256, bytes]) => ({ name: photoName(sha256), bytes: bytes.length, sha256 })),
    ],
  };
  const mtime = new Date('2000-01-01T00:00:00Z');
  return zipSync(
    {
      [MANIFEST]: strToU8(JSON.stringify(manifest, null, 2)),
      [LOG]: log,
      // Pictures are packed already.
      ...Object.fromEntries(
        pictures.map(([sha256, bytes]) => [photoName(sha256), [bytes, { level: 0, mtime }] as const]),
      ),
    },
    { mtime, level: 6 },
  );
}

/** The most bytes that a file of an archive may come to; none for a file that is not ours. */
function mostOf(name: string): number | undefined {
  if (name === LOG) return MOST.log;
  if (name === MANIFEST) return MOST.manifest;
  return PHOTO.test(name) ? MOST.photo : undefined;
}

function unpack(bytes: Uint8Array): Result<Record<string, Uint8Array>, ArchiveProblem> {
  let total = 0;
  let tooLarge = false;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, size, originalSize }) => {
        const most = mostOf(name);
        if (most === undefined) return false;
        total += originalSize;
        tooLarge ||= total > MOST.all || originalSize > most || originalSize > size * MOST.unpacked + MB;
        return !tooLarge;
      },
    });
    return tooLarge ? fail({ code: 'too-large' }) : ok(files);
  } catch {
    return fail({ code: 'not-a-zip' });
  }
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

/** Tells how far a long work has come (0–1). */
export type Progress = (share: number) => void;

/** Lines between two tellings of how far it has come. */
const TELL = 500;

function readLines(
  text: string,
  told: Progress,
): Result<Pick<Archive, 'entries' | 'unread'>, ArchiveProblem> {
  const entries: Entry[] = [];
  const unread: UnreadEntry[] = [];
  const seen = new Map<string, number>();
  const lines = text.split('\n');
  if (lines[lines.length - 1] === '') lines.pop();
  if (lines.length > MOST.entries) return fail({ code: 'too-large' });
  for (const [i, lineText] of lines.entries()) {
    const line = i + 1;
    if (line % TELL === 0) told(line / lines.length);
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

/** Reads an archive from the bytes of a file; refused, with the reason, unless every byte and line is sound. */
export function readArchive(
  bytes: Uint8Array,
  told: Progress = () => undefined,
): Result<Archive, ArchiveProblem> {
  const files = unpack(bytes);
  if (!files.ok) return files;
  const manifest = readManifest(files.value[MANIFEST]);
  if (!manifest.ok) return manifest;
  const photos: Record<string, Uint8Array> = {};
  for (const { name, bytes: size, sha256: wanted } of manifest.value.files) {
    const file = Object.hasOwn(files.value, name) ? files.value[name] : undefined;
    if (!file) return fail({ code: 'missing-file', file: name });
    if (file.length !== size)
      return fail({ code: 'damaged', file: name, detail: `${file.length} bytes, not ${size}` });
    if (hash(file) !== wanted)
      return fail({ code: 'damaged', file: name, detail: 'its hash does not match' });
    const named = PHOTO.exec(name)?.[1];
    if (named !== undefined && named !== wanted)
      return fail({ code: 'damaged', file: name, detail: 'it is not the picture its name says' });
    if (named !== undefined) photos[named] = file;
  }
  const log = files.value[LOG];
  if (!log || !manifest.value.files.some((file) => file.name === LOG))
    return fail({ code: 'missing-file', file: LOG });
  const read = readLines(strFromU8(log), told);
  if (!read.ok) return read;
  const count = read.value.entries.length + read.value.unread.length;
  if (count !== manifest.value.entries)
    return fail({
      code: 'damaged',
      file: LOG,
      detail: `${count} entries, not the ${manifest.value.entries} of the manifest`,
    });
  const { created, volume } = manifest.value;
  return ok({ created, ...read.value, photos, volume });
}
