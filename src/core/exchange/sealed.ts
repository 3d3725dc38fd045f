import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8 } from 'fflate';
import * as z from 'zod/mini';
import { fail, isInstant, ok, shaped, type Instant, type Result } from '../base';
import { compareEntries, isNewer, readEntry, unreadEntry, type Entry, type UnreadEntry } from '../log';
import { toLine } from './format';
import { isNoEntry } from './lines';

/** The name of the format of sealed files, as their first line states it. */
const SEALED = 'yardline-sealed';
const VERSION = 1;
/** A sealed file by its name, whatever a cloud made of it: `(2)`, ` - Copy`. What it holds says what it is. */
const NAME = /^yardline-[0-9a-f]{8}-[0-9a-f]{16}.*\.ndjson$/i;
const PHOTO = /^yardline-photo-([0-9a-f]{64})\.jpg$/i;
/** Bytes of a file beyond which nobody's log goes. */
const LARGEST = 96 * 1024 * 1024;

const headSchema = z.object({
  format: z.literal(SEALED),
  version: z.int().check(z.minimum(1)),
  /** The device that wrote it. */
  device: shaped(/^[0-9a-f]{8}$/),
  created: z.string().check(z.refine(isInstant)),
  entries: z.int().check(z.minimum(0)),
  /** SHA-256 of all that follows. */
  sha256: shaped(/^[0-9a-f]{64}$/),
});

/** A piece of a log in a file of its own: written once by one device, never changed. */
export interface SealedFile {
  readonly device: string;
  readonly created: Instant;
  readonly entries: readonly Entry[];
  /** Entries that a newer version wrote: kept as they are. */
  readonly unread: readonly UnreadEntry[];
}

/** Why a sealed file was not read: nothing of it is taken. */
export type SealedProblem =
  | { readonly code: 'not-ours' }
  | { readonly code: 'newer' }
  | { readonly code: 'cut-short' }
  | { readonly code: 'bad-line'; readonly line: number; readonly detail: string };

/**
 * A file that was left as it is, and why: beside what is wrong with it, it may contradict what is here, be made up, not
 * be readable by this device just now, hold a picture that no entry speaks of, or hold what was let go of and not be
 * ours to change.
 */
export interface LeftFile {
  readonly name: string;
  readonly why:
    | SealedProblem
    | {
        readonly code:
          'conflict' | 'simulated' | 'unreadable' | 'unspoken' | 'not-the-picture' | 'keeps-what-went';
      };
}

/** True for a file that may hold a piece of a log, by its name. */
export const isSealedName = (name: string): boolean => NAME.test(name);

/** The picture that a file holds, by its name. */
export const photoOfName = (name: string): string | undefined => PHOTO.exec(name)?.[1]?.toLowerCase();

/** The name of a picture's file. */
export const photoFileName = (hash: string): string => `yardline-photo-${hash}.jpg`;

/** A piece of a log as a file: the same entries from the same device at the same moment are the same bytes under the same name. */
export function writeSealed(
  device: string,
  entries: readonly Entry[],
  created: Instant,
  unread: readonly Pick<UnreadEntry, 'id' | 'raw'>[] = [],
): { readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> } {
  const kept = [...unread].sort((a, b) => (a.id < b.id ? -1 : 1)).map(({ raw }) => JSON.stringify(raw));
  const lines = [...[...entries].sort(compareEntries).map(toLine), ...kept];
  const body = strToU8(lines.map((line) => `${line}\n`).join(''));
  const hash = bytesToHex(sha256(body));
  const head = strToU8(
    `${JSON.stringify({ format: SEALED, version: VERSION, device, created, entries: lines.length, sha256: hash })}\n`,
  );
  const bytes = new Uint8Array(head.length + body.length);
  bytes.set(head);
  bytes.set(body, head.length);
  return { name: `yardline-${device}-${hash.slice(0, 16)}.ndjson`, bytes };
}

/** Reads a sealed file whole, or refuses it: one that is cut short or still being written is none yet. */
export function readSealed(bytes: Uint8Array): Result<SealedFile, SealedProblem> {
  if (bytes.length > LARGEST) return fail({ code: 'not-ours' });
  const end = bytes.indexOf(10);
  const told = end < 0 ? undefined : parsed(strFromU8(bytes.subarray(0, end)));
  const marked = z.object({ format: z.literal(SEALED), version: z.number() }).safeParse(told);
  // A file that is still being written may end within its first line.
  if (!marked.success) return fail({ code: bytes.length === 0 || end < 0 ? 'cut-short' : 'not-ours' });
  if (marked.data.version > VERSION) return fail({ code: 'newer' });
  const head = headSchema.safeParse(told);
  if (!head.success) return fail({ code: 'not-ours' });
  const body = bytes.subarray(end + 1);
  if (bytesToHex(sha256(body)) !== head.data.sha256) return fail({ code: 'cut-short' });
  const entries: Entry[] = [];
  const unread: UnreadEntry[] = [];
  const seen = new Map<string, number>();
  const lines = strFromU8(body).split('\n');
  lines.pop();
  for (const [i, text] of lines.entries()) {
    const line = i + 2;
    if (isNoEntry(text)) return fail({ code: 'bad-line', line, detail: 'longer or deeper than any entry' });
    const json = parsed(text);
    if (json === undefined) return fail({ code: 'bad-line', line, detail: 'not JSON' });
    const entry = readEntry(json);
    const newer = !entry.ok && isNewer(entry.error) ? unreadEntry(json, entry.error) : undefined;
    if (!entry.ok && !newer)
      return fail({ code: 'bad-line', line, detail: `${entry.error.field}: ${entry.error.detail}` });
    const id = entry.ok ? entry.value.id : (newer?.id ?? '');
    const before = seen.get(id);
    if (before !== undefined)
      return fail({ code: 'bad-line', line, detail: `the same entry as line ${before}` });
    seen.set(id, line);
    if (entry.ok) entries.push(entry.value);
    else if (newer) unread.push(newer);
  }
  if (entries.length + unread.length !== head.data.entries) return fail({ code: 'cut-short' });
  return ok({ device: head.data.device, created: head.data.created, entries, unread });
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
