import type { Instant, UnitSystem } from '@/core/base';
import {
  fingerprintOf,
  holdsOf,
  isStrange,
  rigOfFingerprint,
  planMerge,
  readArchive,
  type ArchiveProblem,
  type Fingerprint,
  type Holds,
  type MergeProblem,
  type Progress,
  type RowEntry,
  type Volume,
  type VolumeSize,
} from '@/core/exchange';
import { foldEntries, HOUSE, photosIn, SUPPLIES_KEPT, type SupplyKept } from '@/core/log';
import { stockLeft, type Stock } from '@/core/stock';
import { historyOfReadings } from '@/core/judge';
import type { TableOut } from '@/text';
import type { Desk } from './desk';
import { forecast, type ForecastAsk } from './forecast';
import { hereOf } from './here';
import type { Keeper } from './keeper';
import { dayTimes, planOf, type DaysAsk, type PlanAsk } from './plan';
import type { PageWanted } from './reads';
import { folderOf } from './folder';
import { pack } from './pack';
import { bringFiles, checkFiles, forgetFolder, keepInStep, sealForSending, stepKnown } from './step';
import { freshDevice } from './ids';
import { sha256Of } from './sha256';
import { shrink } from './shrink';
import { bringRows, checkTable, tableText, type TableAsk } from './tables';
import { LogSearch } from './reads/search';

/** What an archive would bring, or why it was refused. */
export type CheckedArchive =
  | { readonly ok: false; readonly problem: ArchiveProblem | MergeProblem }
  | {
      readonly ok: true;
      /** What is new in it, rig by rig. */
      readonly holds: Holds | undefined;
      /** It speaks of no rig that is here. */
      readonly strange: boolean;
      readonly added: number;
      /** Of those added, how many a newer version wrote. */
      readonly newer: number;
      readonly same: number;
      /** Entries of rigs that were deleted here for good: they stay out. */
      readonly gone: number;
      /** Photos that an entry speaks of and that are not here. */
      readonly photos: number;
      readonly created: Instant;
      /** Which of several archives it is. */
      readonly volume: Volume | undefined;
      /** What the others of several hold, as far as it tells. */
      readonly others: VolumeSize | undefined;
    };

/** What came of an archive. */
export interface BroughtIn {
  readonly added: number;
  readonly photos: number;
  /** Why the rest of its photos is not here, where some are missing. */
  readonly missing: { readonly photos: number; readonly why: string } | undefined;
}

/** What is found by words, one index a yard; it is built when something is first sought. */
const searches = new WeakMap<Keeper, LogSearch>();

function searchOf(keeper: Keeper): LogSearch {
  const known = searches.get(keeper) ?? new LogSearch();
  searches.set(keeper, known);
  return known;
}

/** What may take long, answered at a desk of its own; fetched when it is first asked for. */
export const LONG_ASKS = {
  search: async ({ keeper, logbook }: Desk, ask: PageWanted) => {
    const fold = await keeper.fold();
    return logbook.page(fold, ask, searchOf(keeper).matching(fold, ask.units, ask.sought));
  },
  forecast: async ({ keeper }: Desk, ask: ForecastAsk) => forecast(await keeper.fold(), ask),
  plan: async ({ keeper }: Desk, ask: PlanAsk) => planOf(await keeper.fold(), ask),
  planDays: async ({ keeper }: Desk, ask: DaysAsk) => dayTimes(await keeper.fold(), ask),
  /** The log, or one rig's part of it, with its pictures as an archive, or as one of several. */
  writeArchive: ({ keeper }: Desk, ask: { at: Instant; rig?: string; number?: number }, told: Progress) =>
    pack(keeper, ask, { told }),
  /** Meets the other devices in a folder. */
  keepInStep: (
    { keeper }: Desk,
    ask: { handle: FileSystemDirectoryHandle; now: Instant; accept?: boolean },
  ) =>
    keepInStep(keeper, folderOf(ask.handle), {
      now: ask.now,
      fresh: freshDevice,
      ...(ask.accept && { accept: true }),
    }),
  /** What the pictures here come to, and how many of them could be thinned out. */
  photosKept: async ({ keeper }: Desk, ask: { before: Instant }) =>
    keeper.shelves.photosKept(ask.before, await keeper.archivedTo()),
  /** Keeps smaller copies of old pictures that the last archive holds. */
  thinOut: async ({ keeper }: Desk, ask: { before: Instant }, told: Progress) =>
    keeper.shelves.thinOut(ask.before, await keeper.archivedTo(), shrink, told),
  /** The folder that is kept in step, and what is known of the devices that were met there. */
  folder: async ({ keeper }: Desk, _: { of: 'step' }) => ({
    handle: (await keeper.shelves.fact('folder')) as FileSystemDirectoryHandle | undefined,
    known: await stepKnown(keeper),
  }),
  chooseFolder: ({ keeper }: Desk, ask: { handle: FileSystemDirectoryHandle }) =>
    keeper.shelves.noteFact('folder', ask.handle),
  forgetFolder: async ({ keeper }: Desk, _: { of: 'step' }) => {
    await keeper.shelves.noteFact('folder', undefined);
    await forgetFolder(keeper);
  },
  /** What the other devices have not been sent yet, as a file. */
  sealedOut: ({ keeper }: Desk, ask: { now: Instant; all: boolean }) =>
    sealForSending(keeper, { ...ask, fresh: freshDevice }),
  /** A table of a rig's record, as the text of a CSV file. */
  table: ({ keeper }: Desk, ask: { table: TableOut; rig: string; units: UnitSystem }) =>
    tableText(keeper, ask),
  /** Reads a table to its last row and holds what it becomes, to be brought in. */
  checkTable: async (desk: Desk, ask: TableAsk, told: Progress) => {
    const { checked, rows } = await checkTable(desk.keeper, ask, told);
    desk.rows = { rig: ask.rig, rows };
    return checked;
  },
  /** Writes the rows that were read last, in one piece; gives how many were added. */
  bringTable: async (desk: Desk, ask: { now: Instant }) => {
    const { rows } = desk;
    if (!rows) throw new Error('No table was read');
    const added = await bringRows(desk.keeper, rows.rig, rows.rows, ask.now);
    desk.rows = undefined;
    return added;
  },
  /** Writes tracks as trips; one that was brought in before is left out. Gives how many were added. */
  bringTracks: ({ keeper }: Desk, ask: { rig: string; rows: readonly RowEntry[]; now: Instant }) =>
    bringRows(keeper, ask.rig, ask.rows, ask.now),
  /** Reads files from another device, opened by hand or shared, and holds them, to be brought in. */
  checkFiles: async (
    desk: Desk,
    ask: { files: readonly { readonly name: string; readonly bytes: Uint8Array }[] },
  ) => {
    const { checked, opened } = await checkFiles(desk.keeper, ask.files);
    desk.opened = opened;
    return checked;
  },
  /** Takes in the files that were read last. */
  bringFiles: async (desk: Desk) => {
    const { opened } = desk;
    if (!opened) throw new Error('No file was read');
    const done = await bringFiles(desk.keeper, opened);
    desk.opened = undefined;
    return done;
  },
  /** Checks an archive to its last line and holds it, to be brought in. */
  checkArchive: async (desk: Desk, ask: { file: Blob }, told: Progress): Promise<CheckedArchive> => {
    desk.checked = undefined;
    const read = await readArchive(ask.file, { sha256: sha256Of, told });
    if (!read.ok) return { ok: false, problem: read.error };
    const { entries, state } = await desk.keeper.fold();
    const plan = planMerge(entries, read.value.entries);
    if (!plan.ok) return { ok: false, problem: plan.error };
    const here = await hereOf(desk.keeper);
    const unread = read.value.unread.filter(({ id }) => !here.unread.has(id));
    // What was let go of does not come back with an archive of before.
    const added = desk.keeper.staying(plan.value.added);
    const spoken = photosIn([...entries, ...added]);
    const deleted = state.rigs[HOUSE]?.gone.photos ?? [];
    const lying = new Set(
      (await desk.keeper.shelves.spokenPhotos()).flatMap((one) => (one.here ? [one.hash] : [])),
    );
    const photos = read.value.pictures.hashes.filter(
      (hash) => spoken.has(hash) && !lying.has(hash) && !deleted.includes(hash),
    );
    desk.checked = { archive: read.value, added, unread, photos };
    return {
      ok: true,
      holds: holdsOf([{ ...read.value, device: '', entries: added }], here)[0],
      strange: isStrange([{ ...read.value, device: '' }], here),
      added: added.length + unread.length,
      newer: unread.length,
      same: plan.value.same + read.value.unread.length - unread.length,
      gone: plan.value.added.length - added.length,
      photos: photos.length,
      created: read.value.created,
      volume: read.value.volume,
      others: read.value.others,
    };
  },
  /** Writes the archive that was checked last: its entries in one piece, then its photos one by one. */
  bringIn: async (desk: Desk, _: undefined, told: Progress): Promise<BroughtIn> => {
    const { checked } = desk;
    if (!checked) throw new Error('No archive was checked');
    const { keeper } = desk;
    await keeper.append(await keeper.zone.dated(checked.added), [], { unread: checked.unread });
    desk.checked = undefined;
    const brought = { added: checked.added.length + checked.unread.length };
    let photos = 0;
    try {
      for (const hash of checked.photos) {
        told(photos / checked.photos.length);
        const bytes = await checked.archive.pictures.read(hash);
        if (!bytes || !(await keeper.shelves.takePhoto(hash, bytes)))
          throw new Error('The archive has changed since it was checked.');
        photos += 1;
      }
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      return { ...brought, photos, missing: { photos: checked.photos.length - photos, why } };
    }
    return { ...brought, photos, missing: undefined };
  },
  /** The whole record of a rig, as a paper tells it: its entries in order, those that no longer count, and its fingerprint. */
  recordOf: async ({ keeper }: Desk, ask: { rig: string; at: Instant }) => {
    const fold = await keeper.fold();
    const entries = fold.entries.filter(({ rig }) => rig === ask.rig);
    return {
      entries,
      retracted: entries.flatMap(({ id }) => (fold.retracted.has(id) ? [id] : [])),
      fingerprint: fingerprintOf(entries, ask.rig, ask.at),
      points: historyOfReadings(fold, ask.rig).points,
    };
  },
  /** Holds a printed fingerprint against an archive: the name of the rig it is of, where it is of one. */
  checkRecord: async (
    _: Desk,
    { file, printed }: { file: Blob; printed: Fingerprint },
  ): Promise<
    | { readonly ok: false; readonly problem: ArchiveProblem }
    | { readonly ok: true; readonly rig: string | undefined }
  > => {
    const read = await readArchive(file, { sha256: sha256Of });
    if (!read.ok) return { ok: false, problem: read.error };
    const rig = rigOfFingerprint(read.value.entries, printed);
    const model = rig && foldEntries(read.value.entries).state.rigs[rig]?.model;
    return { ok: true, rig: model ? model.name : rig };
  },
  /** What is left of all that is used up, on the one shelf of all rigs. */
  supplies: async ({ keeper }: Desk, _: { of: 'all' }) => {
    const { entries, retracted, state } = await keeper.fold();
    const counting = entries.filter(({ id }) => !retracted.has(id));
    return Object.fromEntries(
      SUPPLIES_KEPT.map((supply) => [supply, stockLeft(counting, supply, state.rigs)]),
    ) as Readonly<Record<SupplyKept, Stock | undefined>>;
  },
  raw: ({ keeper }: Desk) => keeper.shelves.raw(),
};
