import type { Instant } from '@/core/base';
import {
  isSealedName,
  photoFileName,
  photoOfName,
  planMerge,
  readSealed,
  writeArchive,
  writeSealed,
  type LeftFile,
  type SealedFile,
} from '@/core/exchange';
import { HOUSE } from '@/core/log';
import type { Keeper } from './keeper';

/** A folder that devices share through a cloud or a stick: files are written once and never changed. */
export interface Folder {
  readonly list: () => Promise<readonly { readonly name: string; readonly size: number }[]>;
  readonly read: (name: string) => Promise<Uint8Array>;
  readonly write: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void>;
  readonly remove: (name: string) => Promise<void>;
}

/** What keeping in step has done. */
export interface InStep {
  readonly brought: number;
  readonly written: number;
  readonly photosIn: number;
  readonly photosOut: number;
  readonly left: readonly LeftFile[];
  /** The other devices, and when each last wrote. */
  readonly devices: Readonly<Record<string, Instant>>;
  /** An archive was written beside it. */
  readonly backup: string | undefined;
}

/** Files of another yard lie in the folder: it shares no rig with this one. */
export interface OtherYard {
  readonly otherYard: readonly string[];
}

/** What this device knows of its folder. */
interface Known {
  readonly device: string;
  /** Files that were taken, by name and size. */
  readonly files: Readonly<Record<string, number>>;
  /** The place in the log up to which everything stands in the folder. */
  readonly upto: number;
  readonly devices: Readonly<Record<string, Instant>>;
  readonly at: Instant | undefined;
  /** How many rigs had been let go of when its own files were last gone through for them. */
  readonly cleaned?: number;
}

const KEY = 'step';
/** An archive is written into the folder after so many entries, or so many days. */
const BIG_DAY = 25;
const WEEK = 7 * 86_400_000;

const isKnown = (value: unknown): value is Known =>
  typeof value === 'object' && value !== null && 'device' in value && 'files' in value;

/** What this device knows of its folder, for its page. */
export async function stepKnown(
  keeper: Keeper,
): Promise<
  { readonly at: Instant | undefined; readonly devices: Readonly<Record<string, Instant>> } | undefined
> {
  const known = await keeper.shelves.fact(KEY);
  return isKnown(known) ? { at: known.at, devices: known.devices } : undefined;
}

/** Forgets the folder; what was brought in stays, what was written stays there. */
export async function forgetFolder(keeper: Keeper): Promise<void> {
  const known = await keeper.shelves.fact(KEY);
  await keeper.shelves.noteFact(
    KEY,
    isKnown(known) ? { device: known.device, files: {}, upto: 0, devices: {}, at: undefined } : undefined,
  );
}

interface Asked {
  readonly now: Instant;
  /** A name for this device where it has none: eight letters of hexadecimal. */
  readonly fresh: () => string;
  /** Files of another yard are taken in all the same. */
  readonly anyYard?: boolean;
}

/**
 * Meets the other devices in a folder: takes in what they wrote, writes what they have not seen in a file of its own,
 * and pictures by their hash. There is no lock, no server and nothing to conflict: the log is a union.
 */
export async function keepInStep(
  keeper: Keeper,
  folder: Folder,
  { now, fresh, anyYard = false }: Asked,
): Promise<InStep | OtherYard> {
  const kept = await keeper.shelves.fact(KEY);
  const before: Known = isKnown(kept)
    ? kept
    : { device: fresh(), files: {}, upto: 0, devices: {}, at: undefined };
  const cleaned = await clean(keeper, folder, before);
  const listed = await folder.list();
  const there = new Set(listed.map(({ name }) => name));
  const sizes = new Map(listed.map(({ name, size }) => [name, size]));
  // A file that is gone, or no longer what it was, may have been the only one with its entries: all is looked at anew.
  const whole = Object.entries(before.files).some(([name, size]) => sizes.get(name) !== size);
  const known = whole ? { ...before, files: {}, upto: 0 } : before;
  const left: LeftFile[] = [];
  const files: Record<string, number> = { ...known.files };
  const read: { readonly name: string; readonly size: number; readonly file: SealedFile }[] = [];
  for (const { name, size } of listed) {
    if (!isSealedName(name) || known.files[name] === size) continue;
    const file = readSealed(await folder.read(name));
    if (file.ok) read.push({ name, size, file: file.value });
    else left.push({ name, why: file.error });
  }
  const fold = await keeper.fold();
  if (!anyYard && read.length > 0 && Object.keys(known.files).length === 0) {
    const other = otherYard(
      fold.entries.map(({ rig }) => rig),
      read.flatMap(({ file }) => file.entries),
    );
    if (other) return { otherYard: other };
  }
  const taken = await takeIn(
    keeper,
    read.map(({ name, file }) => ({ name, file })),
  );
  left.push(...taken.left);
  const { brought, ids: inFolder } = taken;
  const refused = new Set(taken.left.map(({ name }) => name));
  const devices: Record<string, Instant> = { ...known.devices };
  for (const { name, size, file } of read) {
    if (refused.has(name)) continue;
    files[name] = size;
    const last = devices[file.device];
    if (file.device !== known.device && (last === undefined || last < file.created))
      devices[file.device] = file.created;
  }
  const { rows, last } = await keeper.since(known.upto);
  const mine = rows.entries.filter(({ id }) => !inFolder.has(id));
  const newer = rows.unread.filter(({ id }) => !inFolder.has(id));
  let written = 0;
  if (mine.length + newer.length > 0) {
    const { name, bytes } = writeSealed(known.device, await keeper.zone.dated(mine), now, newer);
    await folder.write(name, bytes);
    files[name] = bytes.length;
    written = mine.length + newer.length;
  }
  const pictures = await swapPhotos(keeper, folder, there);
  const backup = await backUp(keeper, folder, now);
  await keeper.shelves.noteFact(KEY, {
    device: known.device,
    files,
    upto: last,
    devices,
    at: now,
    cleaned,
  } satisfies Known);
  return { brought, written, ...pictures, left, devices, backup };
}

/** Takes the entries of sealed files in: those that are not here yet. A file that contradicts what is here is left. */
async function takeIn(
  keeper: Keeper,
  read: readonly { readonly name: string; readonly file: SealedFile }[],
): Promise<{
  readonly brought: number;
  readonly ids: ReadonlySet<string>;
  readonly left: readonly LeftFile[];
}> {
  const ids = new Set<string>();
  const left: LeftFile[] = [];
  let brought = 0;
  for (const { name, file } of read) {
    const plan = planMerge((await keeper.entries()).entries, file.entries);
    if (!plan.ok) {
      left.push({ name, why: { code: 'conflict' } });
      continue;
    }
    const here = await keeper.unreadIds();
    const unread = file.unread.filter(({ id }) => !here.has(id));
    try {
      if (plan.value.added.length + unread.length > 0)
        await keeper.append(await keeper.zone.dated(plan.value.added), [], { unread });
    } catch (error) {
      if (!(error instanceof Error) || error.name !== 'SimulatedRefused') throw error;
      left.push({ name, why: { code: 'simulated' } });
      continue;
    }
    brought += plan.value.added.length + unread.length;
    for (const { id } of [...file.entries, ...file.unread]) ids.add(id);
  }
  return { brought, ids, left };
}

/** Files that were opened by hand, as they come from another device: taken in, or told why not. */
export async function openSealed(
  keeper: Keeper,
  files: readonly { readonly name: string; readonly bytes: Uint8Array }[],
): Promise<Pick<InStep, 'brought' | 'left' | 'photosIn'>> {
  const left: LeftFile[] = [];
  const read: { readonly name: string; readonly file: SealedFile }[] = [];
  let photosIn = 0;
  for (const { name, bytes } of files) {
    const hash = photoOfName(name);
    if (hash !== undefined) {
      if (await keeper.shelves.takePhoto(hash, bytes)) photosIn += 1;
      continue;
    }
    const file = readSealed(bytes);
    if (file.ok) read.push({ name, file: file.value });
    else left.push({ name, why: file.error });
  }
  const taken = await takeIn(keeper, read);
  return { brought: taken.brought, left: [...left, ...taken.left], photosIn };
}

const SENT = 'sent';

/** What was not sent to the other devices yet, as one file; undefined where all was. `all` sends the whole log. */
export async function sealForSending(
  keeper: Keeper,
  { now, fresh, all = false }: Asked & { readonly all?: boolean },
): Promise<
  { readonly name: string; readonly bytes: Uint8Array<ArrayBuffer>; readonly entries: number } | undefined
> {
  const kept = await keeper.shelves.fact(SENT);
  const sent =
    typeof kept === 'object' && kept !== null && 'upto' in kept && 'device' in kept
      ? (kept as { readonly upto: number; readonly device: string })
      : { upto: 0, device: fresh() };
  const { rows, last } = await keeper.since(all ? 0 : sent.upto);
  if (rows.entries.length + rows.unread.length === 0) return undefined;
  const file = writeSealed(sent.device, await keeper.zone.dated(rows.entries), now, rows.unread);
  await keeper.shelves.noteFact(SENT, { upto: last, device: sent.device });
  return { ...file, entries: rows.entries.length + rows.unread.length };
}

/**
 * Takes this device's own files out of the folder that hold lines of a rig that was let go of: what else they held is
 * written anew. Each device does so for its own. Gives how many rigs that was for.
 */
async function clean(keeper: Keeper, folder: Folder, { device, cleaned = 0 }: Known): Promise<number> {
  const { state } = await keeper.fold();
  const gone = state.rigs[HOUSE]?.gone.rigs ?? [];
  if (gone.length <= cleaned) return cleaned;
  for (const { name } of await folder.list()) {
    if (!isSealedName(name)) continue;
    const file = readSealed(await folder.read(name));
    if (!file.ok || file.value.device !== device) continue;
    if (file.value.entries.some(({ rig }) => gone.includes(rig))) await folder.remove(name);
  }
  return gone.length;
}

/** The rigs of files that share none with what is here; nothing where there is nothing here, or they do. */
function otherYard(here: readonly string[], entries: SealedFile['entries']): readonly string[] | undefined {
  const own = new Set(here.filter((rig) => rig !== HOUSE));
  const theirs = entries.filter(({ rig }) => rig !== HOUSE);
  if (own.size === 0 || theirs.length === 0 || theirs.some(({ rig }) => own.has(rig))) return undefined;
  return theirs.flatMap((entry) => (entry.kind === 'rig.setup' ? [entry.body.model.name] : []));
}

/** Pictures that one side has and the other has not. */
async function swapPhotos(
  keeper: Keeper,
  folder: Folder,
  there: ReadonlySet<string>,
): Promise<Pick<InStep, 'photosIn' | 'photosOut'>> {
  const shared = new Map(
    [...there].flatMap((name) => {
      const hash = photoOfName(name);
      return hash === undefined ? [] : [[hash, name] as const];
    }),
  );
  let photosIn = 0;
  let photosOut = 0;
  for (const { hash, here } of await keeper.shelves.spokenPhotos()) {
    const name = shared.get(hash);
    if (!here && name !== undefined) {
      const bytes = await folder.read(name);
      if (await keeper.shelves.takePhoto(hash, bytes)) photosIn += 1;
    } else if (here && name === undefined) {
      const blob = await keeper.shelves.readOriginal(hash);
      if (!blob) continue;
      await folder.write(photoFileName(hash), new Uint8Array(await blob.arrayBuffer()));
      photosOut += 1;
    }
  }
  return { photosIn, photosOut };
}

/** Writes an archive beside it after a big day or a week, and notes it. */
async function backUp(keeper: Keeper, folder: Folder, now: Instant): Promise<string | undefined> {
  const { entries } = await keeper.entries();
  const to = await keeper.archivedTo();
  const since = to === undefined ? entries.length : entries.filter(({ recorded }) => recorded > to).length;
  const old = to === undefined || Date.parse(now) - Date.parse(to) > WEEK;
  if (since === 0 || (since < BIG_DAY && !old)) return undefined;
  const name = `yardline-${now.slice(0, 10)}.zip`;
  const photos = await keeper.shelves.photos();
  await folder.write(name, writeArchive(await keeper.zone.dated(entries), now, photos, await keeper.newer()));
  await keeper.noteArchived(now);
  return name;
}
