import type { Instant } from '@/core/base';
import type { Entry } from '@/core/log';
import type { RigModel, TirePlace } from '@/core/rig';
import type { Run } from '@/core/routine';
import type { HouseRules } from '@/core/rules';
import { historyOfReadings, trendsAt, warningsOf } from '@/core/judge';
import type { Desk } from './desk';
import type { PhotoRow } from './shelves';
import type { LONG_ASKS } from './long-asks';
import { stampEntries, type NewEntry } from '@/core/record';
import { voidsOf } from './record';
import { newId } from './ids';
import {
  findingsOfRig,
  findingStory,
  latelyAt,
  latelyOf,
  photosAt,
  stateBefore,
  tripsOnRecord,
  walksOf,
  type PageWanted,
  type TripsWanted,
} from './reads';

/** What can be asked of a yard by name and is answered at once; whoever asks waits for the answer, wherever it is worked out. */
export const ASKS = {
  append: ({ keeper }: Desk, ask: { entries: readonly Entry[]; photos?: readonly PhotoRow[] }) =>
    keeper.append(ask.entries, ask.photos),
  /** Writes drafts to the log of a rig; gives the entries they have become. */
  record: async (
    { keeper }: Desk,
    ask: {
      rig: string;
      drafts: readonly NewEntry[];
      now: Instant;
      photos: readonly PhotoRow[];
      /** Forms that are through with it: put away in the same piece. */
      forms?: readonly string[];
      /** A draft that has to be there still: where another tab was first, nothing is written. */
      once?: string;
    },
  ) => {
    const acts = ask.drafts.some(({ kind, replaces }) => kind === 'void' || replaces !== undefined);
    const entries = stampEntries(await keeper.known(acts), ask.rig, ask.drafts, ask.now, newId);
    const written = await keeper.append(entries, ask.photos, {
      forms: ask.forms ?? [],
      ...(ask.once && { once: ask.once }),
    });
    return written ? entries : [];
  },
  withdraw: async (
    { keeper }: Desk,
    ask: {
      entries: readonly Pick<Entry, 'id' | 'rig'>[];
      now: Instant;
      reason: string | undefined;
    },
  ) => keeper.append(voidsOf(await keeper.known(true), ask.entries, ask.now, ask.reason)),
  startRun: ({ keeper }: Desk, ask: { run: Run }) => keeper.cards.start(ask.run),
  putRun: ({ keeper }: Desk, ask: { run: Run; after: number }) => keeper.cards.put(ask.run, ask.after),
  /** Writes what a card came to, and puts it away with the forms that go with it. */
  closeRun: async (
    { keeper }: Desk,
    ask: {
      id: string;
      rig: string;
      drafts: readonly NewEntry[];
      now: Instant;
      forms: readonly string[];
    },
  ) =>
    keeper.closeRun(
      ask.id,
      stampEntries(await keeper.known(false), ask.rig, ask.drafts, ask.now, newId),
      ask.forms,
    ),
  dropRun: ({ keeper }: Desk, ask: { id: string }) => keeper.cards.drop(ask.id),
  readDraft: ({ keeper }: Desk, ask: { key: string }) => keeper.shelves.readDraft(ask.key),
  keepDraft: ({ keeper }: Desk, ask: { key: string; value: unknown }) =>
    keeper.shelves.keepDraft(ask.key, ask.value),
  /** Keeps the next state of a draft where it is still as it was read; gives how it lies there otherwise. */
  putDraft: ({ keeper }: Desk, ask: { key: string; value: unknown; after: number | undefined }) =>
    keeper.shelves.putDraft(ask.key, ask.value, ask.after),
  keepPhoto: ({ keeper }: Desk, ask: { photo: PhotoRow }) => keeper.shelves.keepPhoto(ask.photo),
  dropPhotos: ({ keeper }: Desk, ask: { hashes: readonly string[] }) => keeper.shelves.dropPhotos(ask.hashes),
  readPhoto: ({ keeper }: Desk, ask: { hash: string }) => keeper.shelves.readPhoto(ask.hash),
  noteArchived: ({ keeper }: Desk, ask: { at: Instant }) => keeper.noteArchived(ask.at),
  clear: ({ keeper }: Desk) => keeper.clear(),

  lately: async ({ keeper }: Desk, ask: { rig: string; most: number }) =>
    latelyOf(await keeper.entries(), ask.rig, ask.most),
  walks: async ({ keeper }: Desk, ask: { rig: string; most: number }) =>
    walksOf(await keeper.entries(), ask.rig, ask.most),
  trips: async ({ keeper }: Desk, ask: TripsWanted) => tripsOnRecord(await keeper.entries(), ask),
  findings: async ({ keeper }: Desk, ask: { rig: string }) => {
    const fold = await keeper.fold();
    const rig = fold.state.rigs[ask.rig];
    return rig ? findingsOfRig(fold, rig) : [];
  },
  finding: async ({ keeper }: Desk, ask: { rig: string; id: string }) =>
    findingStory(await keeper.fold(), ask.rig, ask.id),
  /** An entry with how its rig stood before it, or before the day it is moved to. */
  before: async ({ keeper }: Desk, ask: { id: string; happened?: string }) => {
    const fold = await keeper.fold();
    const entry = fold.entries.find(({ id }) => id === ask.id);
    return entry && { entry, rig: stateBefore(fold, entry, ask.happened) };
  },
  entry: async ({ keeper }: Desk, ask: { id: string }) =>
    (await keeper.entries()).entries.find(({ id }) => id === ask.id),
  page: async ({ keeper, logbook }: Desk, ask: PageWanted) => logbook.page(await keeper.entries(), ask),
  told: async ({ keeper, logbook }: Desk, ask: { id: string }) => logbook.one(await keeper.entries(), ask.id),
  /** What the readings of a rig warn of before any limit does. */
  warnings: async (
    { keeper }: Desk,
    ask: { rig: string; model: RigModel; house: HouseRules; places: readonly TirePlace[]; hour: Instant },
  ) => warningsOf(historyOfReadings(await keeper.fold(), ask.rig), ask, ask.places, ask.hour),
  /** What the log tells of one place: its readings over time, what was found, photographed and done there. */
  place: async (
    { keeper }: Desk,
    ask: { rig: string; model: RigModel; house: HouseRules; place: TirePlace; hour: Instant; most: number },
  ) => {
    const fold = await keeper.fold();
    const history = historyOfReadings(fold, ask.rig);
    const rig = fold.state.rigs[ask.rig];
    return {
      history,
      ...trendsAt(history, ask, ask.place, ask.hour),
      findings: rig ? findingsOfRig(fold, rig).filter(({ opened }) => opened.body.place === ask.place) : [],
      photos: photosAt(fold, ask.rig, ask.place),
      story: latelyAt(fold, ask.rig, ask.place, ask.most),
    };
  },
  /** How many entries were written since the last archive, which was saved at a moment. */
  since: async ({ keeper }: Desk, ask: { at: Instant | undefined }) => {
    const { entries } = await keeper.entries();
    const at = ask.at && ((await keeper.archivedTo()) ?? ask.at);
    return at === undefined ? entries.length : entries.filter(({ recorded }) => recorded > at).length;
  },
};

type Asks = typeof ASKS & typeof LONG_ASKS;
export type AskName = keyof Asks;
/** What has to be told with an ask. */
export type AskOf<K extends AskName> =
  Parameters<Asks[K]> extends [Desk, infer A, ...unknown[]] ? A : undefined;
/** What an ask is answered with. */
export type AnswerTo<K extends AskName> = Awaited<ReturnType<Asks[K]>>;
