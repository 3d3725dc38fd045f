import Dexie, { type EntityTable } from 'dexie';
import type { Entry } from '@/core/log';
import type { Run } from '@/core/routine';

/** An entry as it lies in the database; `seq` is the order in which it arrived on this device. */
export interface EntryRow {
  seq: number;
  entry: Entry;
}

/** A form half filled in. */
export interface DraftRow {
  key: string;
  value: unknown;
}

/** A fact about this device's copy: when the demo was opened, when an archive was last saved. */
export interface MetaRow {
  key: 'demo-opened' | 'archived';
  value: string;
}

/** A card in hand as earlier versions kept it. */
interface LooseRun {
  model: { water?: unknown; environment?: unknown };
  card: { branches?: unknown; steps: { tool?: unknown; lift?: unknown; step: string }[] };
}

/** The usual water of a boat moved to the rest of its environment. */
function liftModel(run: LooseRun): void {
  const { water, ...model } = run.model;
  run.model = water === undefined ? model : { ...model, environment: { water } };
}

/** Cards knew no branches, and a jack stood where the words said. */
function liftCard({ card }: LooseRun): void {
  card.branches ??= [];
  for (const step of card.steps) if (step.step === 'jack') step.lift ??= 'frame';
}

/** A picture (JPEG) under the hash of its bytes; scaled down, without anything but what is seen in it. */
export interface PhotoRow {
  hash: string;
  blob: Blob;
}

/** One yard on this device. The log only grows; runs and drafts are what is in hand. */
export class YardDb extends Dexie {
  entries!: EntityTable<EntryRow, 'seq'>;
  runs!: EntityTable<Run, 'id'>;
  drafts!: EntityTable<DraftRow, 'key'>;
  meta!: EntityTable<MetaRow, 'key'>;
  photos!: EntityTable<PhotoRow, 'hash'>;

  constructor(name: string) {
    super(name);
    this.version(1).stores({ entries: '++seq, &entry.id', runs: 'id, rig', drafts: 'key', meta: 'key' });
    // Cards in hand carry their own copy of the rig; entries are lifted as they are read.
    this.version(2)
      .stores({})
      .upgrade((tx) => tx.table<LooseRun>('runs').toCollection().modify(liftModel));
    this.version(3)
      .stores({})
      .upgrade((tx) => tx.table<LooseRun>('runs').toCollection().modify(liftCard));
    this.version(4).stores({ photos: 'hash' });
  }
}
