import { DAY_MS, type Instant } from '@/core/base';
import {
  holdsOf,
  isSealedName,
  isStrange,
  photoFileName,
  photoOfName,
  planMerge,
  readArchive,
  readSealed,
  volumeName,
  writeArchive,
  writeSealed,
  type Here,
  type Holds,
  type LeftFile,
  type SealedFile,
} from '@/core/exchange';
import { HOUSE, photosIn } from '@/core/log';
import { hereOf } from './here';
import type { Keeper } from './keeper';
import { pack } from './pack';
import { sha256Of } from './sha256';

/** A folder that devices share through a cloud or a stick: files are written once and never changed. */
export interface Folder {
  /** Its files by name and size; a size of `UNREADABLE` where this device has only the name. */
  readonly list: () => Promise<readonly { readonly name: string; readonly size: number }[]>;
  readonly read: (name: string) => Promise<Uint8Array>;
  /** A file that is read piece by piece: it may be more than a phone holds. */
  readonly open: (name: string) => Promise<Blob>;
  readonly write: (name: string, bytes: Uint8Array<ArrayBuffer> | Blob) => Promise<void>;
  readonly remove: (name: string) => Promise<void>;
}

/** The size of a file that this device cannot open just now. */
export const UNREADABLE = -1;

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
  /** What lies there of devices that speak of no rig here: not taken in before its owner says so. */
  readonly asks: readonly Holds[];
}

/** What lies in a folder that is met for the first time: nothing of it is taken in, and nothing written, before its owner says so. */
export interface FirstMet {
  readonly asks: readonly Holds[];
  /** It speaks of no rig that is here. */
  readonly strange: boolean;
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
  /** How much had been let go of when its own files were last gone through for it. */
  readonly cleaned?: number;
  /** When its own files were last read back. */
  readonly proved?: Instant | undefined;
}

const KEY = 'step';
/** An archive is written into the folder after so many entries, or so many days. */
const BIG_DAY = 25;
const WEEK = 7 * DAY_MS;
/** The archives that are written into the folder by themselves. */
const BACKUP = /^yardline-\d{4}-\d{2}-\d{2}(-\d+)?\.zip$/;

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
  /** What was asked about is taken in. */
  readonly accept?: boolean;
}

type Read = { readonly name: string; readonly size: number; readonly file: SealedFile };

/**
 * Meets the other devices in a folder: takes in what they wrote, writes what they have not seen in a file of its own,
 * and pictures by their hash. There is no lock, no server and nothing to conflict: the log is a union. Each file is taken
 * by itself: one that cannot be read holds nothing else up. A folder that is met for the first time is told of first.
 */
export async function keepInStep(
  keeper: Keeper,
  folder: Folder,
  { now, fresh, accept = false }: Asked,
): Promise<InStep | FirstMet> {
  const kept = await keeper.shelves.fact(KEY);
  const before: Known = isKnown(kept)
    ? kept
    : { device: fresh(), files: {}, upto: 0, devices: {}, at: undefined };
  const left: LeftFile[] = [];
  const { proved, damaged } = await prove(folder, before, now);
  for (const name of damaged) await folder.remove(name);
  const went = await wentSince(keeper, before);
  left.push(...(await cleanFiles(folder, before, went)));
  const listed = await folder.list();
  const there = new Set(listed.map(({ name }) => name));
  const sizes = new Map(listed.map(({ name, size }) => [name, size]));
  // A file that is gone, or no longer what it was, may have been the only one with its entries: all is looked at anew.
  const whole = Object.entries(before.files).some(([name, size]) => {
    const now = sizes.get(name);
    return now !== size && now !== UNREADABLE;
  });
  const known = whole ? { ...before, files: {}, upto: 0 } : before;
  const files: Record<string, number> = { ...known.files };
  const found: Read[] = [];
  for (const { name, size } of listed) {
    if (!isSealedName(name) || known.files[name] === size) continue;
    const bytes = await readFile(folder, name);
    const file = bytes && readSealed(bytes);
    if (file?.ok) found.push({ name, size, file: file.value });
    else left.push({ name, why: file ? file.error : { code: 'unreadable' } });
  }
  const here = await hereOf(keeper);
  const others = found.filter(({ file }) => file.device !== known.device);
  if (!accept && before.at === undefined) {
    const asks = holdsOf(
      others.map(({ file }) => file),
      here,
    );
    const strange = isStrange(
      others.map(({ file }) => file),
      here,
    );
    if (asks.length > 0 || strange) return { asks, strange };
  }
  const strangers = accept ? [] : strangersIn(others, known, here);
  const read = found.filter((one) => !strangers.includes(one));
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
  left.push(...(await cleanPictures(keeper, folder, went)));
  const keepsSome = left.some(({ why }) => why.code === 'keeps-what-went');
  const pictures = await swapPhotos(keeper, folder, there);
  left.push(...pictures.left);
  const backup = await backUp(keeper, folder, now);
  await keeper.shelves.noteFact(KEY, {
    device: known.device,
    files,
    upto: last,
    devices,
    at: now,
    cleaned: keepsSome ? (before.cleaned ?? 0) : went.rigs.length + went.photos.length,
    proved,
  } satisfies Known);
  return {
    brought,
    written,
    photosIn: pictures.photosIn,
    photosOut: pictures.photosOut,
    left,
    devices,
    backup,
    asks: holdsOf(
      strangers.map(({ file }) => file),
      here,
    ),
  };
}

/** The bytes of a file; undefined where this device cannot read it just now, as one that lies in the cloud alone. */
async function readFile(folder: Folder, name: string): Promise<Uint8Array | undefined> {
  try {
    return await folder.read(name);
  } catch {
    return undefined;
  }
}

/** The files of devices that were never met here and speak of no rig here. */
function strangersIn(others: readonly Read[], { devices }: Known, here: Here): readonly Read[] {
  const unmet = others.filter(({ file }) => devices[file.device] === undefined);
  return [...new Set(unmet.map(({ file }) => file.device))].flatMap((device) => {
    const theirs = unmet.filter(({ file }) => file.device === device);
    return isStrange(
      theirs.map(({ file }) => file),
      here,
    )
      ? theirs
      : [];
  });
}

/** Reads this device's own files back, once a day: those that are no longer what was written. */
async function prove(
  folder: Folder,
  { device, files, proved }: Known,
  now: Instant,
): Promise<{ readonly proved: Instant | undefined; readonly damaged: readonly string[] }> {
  if (proved !== undefined && Math.abs(Date.parse(now) - Date.parse(proved)) < DAY_MS)
    return { proved, damaged: [] };
  const damaged: string[] = [];
  for (const { name, size } of await folder.list()) {
    if (!name.startsWith(`yardline-${device}-`) || !isSealedName(name) || files[name] === undefined) continue;
    const bytes = size === UNREADABLE ? undefined : await readFile(folder, name);
    if (bytes && !readSealed(bytes).ok) damaged.push(name);
  }
  return { proved: now, damaged };
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

/** Files that were opened by hand, read and not written yet. */
export interface OpenedFiles {
  readonly read: readonly { readonly name: string; readonly file: SealedFile }[];
  readonly pictures: readonly { readonly hash: string; readonly bytes: Uint8Array }[];
}

/** What files opened by hand would bring. */
export interface CheckedFiles {
  readonly asks: readonly Holds[];
  /** They speak of no rig that is here. */
  readonly strange: boolean;
  readonly pictures: number;
  readonly left: readonly LeftFile[];
}

/** Reads files that came from another device by hand or by a share: told first, written by `bringFiles`. */
export async function checkFiles(
  keeper: Keeper,
  files: readonly { readonly name: string; readonly bytes: Uint8Array }[],
): Promise<{ readonly checked: CheckedFiles; readonly opened: OpenedFiles }> {
  const left: LeftFile[] = [];
  const read: { readonly name: string; readonly file: SealedFile }[] = [];
  const pictures: { readonly name: string; readonly hash: string; readonly bytes: Uint8Array }[] = [];
  for (const { name, bytes } of files) {
    const hash = photoOfName(name);
    const file = hash === undefined ? readSealed(bytes) : undefined;
    if (hash !== undefined) pictures.push({ name, hash, bytes });
    else if (file?.ok) read.push({ name, file: file.value });
    else if (file) left.push({ name, why: file.error });
  }
  const here = await hereOf(keeper);
  const sealed = read.map(({ file }) => file);
  const spoken = photosIn([...here.entries, ...sealed.flatMap(({ entries }) => entries)]);
  const wanted = pictures.filter(({ hash }) => spoken.has(hash));
  for (const { name, hash } of pictures)
    if (!spoken.has(hash)) left.push({ name, why: { code: 'unspoken' } });
  return {
    checked: {
      asks: holdsOf(sealed, here),
      strange: isStrange(sealed, here),
      pictures: wanted.length,
      left,
    },
    opened: { read, pictures: wanted },
  };
}

/** Takes in the files that were told of. */
export async function bringFiles(
  keeper: Keeper,
  { read, pictures }: OpenedFiles,
): Promise<Pick<InStep, 'brought' | 'left' | 'photosIn'>> {
  const { brought, left } = await takeIn(keeper, read);
  let photosIn = 0;
  const wrong: LeftFile[] = [];
  for (const { hash, bytes } of pictures)
    if (await keeper.shelves.takePhoto(hash, bytes)) photosIn += 1;
    else wrong.push({ name: photoFileName(hash), why: { code: 'not-the-picture' } });
  return { brought, left: [...left, ...wrong], photosIn };
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

/** What was let go of for good, where the folder was not gone through for all of it yet. */
interface Went {
  readonly rigs: readonly string[];
  readonly photos: readonly string[];
  readonly isNew: boolean;
}

async function wentSince(keeper: Keeper, { cleaned = 0 }: Known): Promise<Went> {
  const { rigs = [], photos = [] } = (await keeper.fold()).state.rigs[HOUSE]?.gone ?? {};
  return { rigs, photos, isNew: rigs.length + photos.length > cleaned };
}

/** Goes through the folder's files, each by itself; those that could not be dealt with are told, and tried again. */
async function each(folder: Folder, work: (name: string) => Promise<void>): Promise<readonly LeftFile[]> {
  const left: LeftFile[] = [];
  for (const { name } of await folder.list())
    try {
      await work(name);
    } catch {
      left.push({ name, why: { code: 'keeps-what-went' } });
    }
  return left;
}

/**
 * Takes this device's own files out of the folder that hold lines of a rig that was let go of: what else they held is
 * written anew. Each device does so for its own.
 */
async function cleanFiles(
  folder: Folder,
  { device }: Known,
  { rigs, isNew }: Went,
): Promise<readonly LeftFile[]> {
  if (!isNew) return [];
  return each(folder, async (name) => {
    if (!name.startsWith(`yardline-${device}-`) || !isSealedName(name)) return;
    const file = readSealed(await folder.read(name));
    // One that is damaged is dealt with where it is found to be.
    if (!file.ok || file.value.device !== device) return;
    if ([...file.value.entries, ...file.value.unread].some(({ rig }) => rigs.includes(rig)))
      await folder.remove(name);
  });
}

/** Takes pictures out of the folder that nothing speaks of any more, and writes archives that were written there by themselves again without what was let go of. */
async function cleanPictures(
  keeper: Keeper,
  folder: Folder,
  { rigs, photos, isNew }: Went,
): Promise<readonly LeftFile[]> {
  if (!isNew) return [];
  const { entries } = await keeper.entries();
  const spoken = photosIn(entries);
  return each(folder, async (name) => {
    const hash = photoOfName(name);
    if (hash !== undefined && (!spoken.has(hash) || photos.includes(hash))) await folder.remove(name);
    else if (BACKUP.test(name)) await cleanArchive(folder, name, { rigs, photos });
  });
}

/** Writes an archive anew without what was let go of, where it holds some of it. Throws where it cannot be read. */
async function cleanArchive(
  folder: Folder,
  name: string,
  { rigs, photos }: Pick<Went, 'rigs' | 'photos'>,
): Promise<void> {
  const read = await readArchive(await folder.open(name), { sha256: sha256Of });
  if (!read.ok) throw new Error(read.error.code);
  const { created, entries, unread, pictures, volume } = read.value;
  const stays = ({ rig }: { readonly rig: string }) => !rigs.includes(rig);
  const spoken = photosIn(entries.filter(stays));
  const hashes = pictures.hashes.filter((hash) => spoken.has(hash) && !photos.includes(hash));
  if (entries.every(stays) && unread.every(stays) && hashes.length === pictures.hashes.length) return;
  const left = {
    entries: entries.filter(stays),
    unread: unread.filter(stays),
    pictures: {
      hashes,
      read: async (hash: string) => {
        const bytes = await pictures.read(hash);
        // The file stays as it is rather than lose a picture.
        if (!bytes) throw new Error(`${name} could not be read again`);
        return bytes;
      },
    },
    volume,
  };
  await folder.write(name, await writeArchive(left, created, { sha256: sha256Of }));
}

/** Pictures that one side has and the other has not. */
async function swapPhotos(
  keeper: Keeper,
  folder: Folder,
  there: ReadonlySet<string>,
): Promise<Pick<InStep, 'photosIn' | 'photosOut' | 'left'>> {
  const shared = new Map(
    [...there].flatMap((name) => {
      const hash = photoOfName(name);
      return hash === undefined ? [] : [[hash, name] as const];
    }),
  );
  const left: LeftFile[] = [];
  let photosIn = 0;
  let photosOut = 0;
  for (const { hash, here } of await keeper.shelves.spokenPhotos()) {
    const name = shared.get(hash);
    if (!here && name !== undefined) {
      const bytes = await readFile(folder, name);
      if (!bytes) left.push({ name, why: { code: 'unreadable' } });
      else if (await keeper.shelves.takePhoto(hash, bytes)) photosIn += 1;
      else left.push({ name, why: { code: 'not-the-picture' } });
    } else if (here && name === undefined) {
      const bytes = await keeper.shelves.readBytes(hash);
      if (!bytes) continue;
      await folder.write(photoFileName(hash), bytes);
      photosOut += 1;
    }
  }
  return { photosIn, photosOut, left };
}

/** Writes an archive beside it after a big day or a week, and notes it. */
async function backUp(keeper: Keeper, folder: Folder, now: Instant): Promise<string | undefined> {
  const { entries } = await keeper.entries();
  const to = await keeper.archivedTo();
  const since = to === undefined ? entries.length : entries.filter(({ recorded }) => recorded > to).length;
  const old = to === undefined || Date.parse(now) - Date.parse(to) > WEEK;
  if (since === 0 || (since < BIG_DAY && !old)) return undefined;
  const name = `yardline-${now.slice(0, 10)}.zip`;
  for (let number = 1, of = 1; number <= of; number++) {
    const { file, volume } = await pack(keeper, { at: now, number });
    await folder.write(volumeName(name, volume), file);
    of = volume.of;
  }
  await keeper.noteArchived(now);
  return name;
}
