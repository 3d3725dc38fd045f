import type { Result } from '@/core/base';
import type { Entry } from '@/core/log';

/** A row under its key; what it holds is known to who keeps it, not to the port. */
export interface Row {
  readonly key: string;
  readonly value: unknown;
}

/** What lies beside the log: cards in hand, forms half filled in, pictures, what this device knows of itself, the log as it was last worked out. */
export const SHELVES = ['runs', 'drafts', 'photos', 'meta', 'checkpoints'] as const;
export type Shelf = (typeof SHELVES)[number];

/** One line of the log as it lies on disk; `raw` is what cannot be trusted until it is read. */
export interface LogRow {
  /** The order in which it arrived on this device, rising, with gaps. */
  readonly seq: number;
  readonly raw: unknown;
}

/** A change made in one piece or not at all. */
export interface Change {
  readonly append?: readonly Entry[];
  /** Every line of these rigs is taken out of the log for good. */
  readonly purge?: readonly string[];
  readonly put?: readonly (Row & { readonly shelf: Shelf })[];
  readonly drop?: readonly { readonly shelf: Shelf; readonly key: string }[];
  /** Has to hold at the moment of the change, or nothing is changed. */
  readonly when?: readonly { readonly shelf: Shelf; readonly key: string; readonly is: Is }[];
}

/** What is expected under a key: something, nothing, or the very revision (`rev`) that was read. */
export type Is = 'there' | 'gone' | { readonly rev: number };

/** Why a change was not made: another tab was faster, or an entry of that id is in the log already. */
export type ChangeProblem = { readonly code: 'outrun' } | { readonly code: 'twice'; readonly id: string };

/** Where a yard lies. Whatever throws here is the device's: no room, no storage. */
export interface YardPort {
  /** The log behind a place (`seq`), in the order it arrived. */
  log(after: number): Promise<readonly LogRow[]>;
  get(shelf: Shelf, key: string): Promise<unknown>;
  all(shelf: Shelf): Promise<readonly Row[]>;
  /** The keys of a shelf, without what lies under them. */
  keys(shelf: Shelf): Promise<readonly string[]>;
  change(change: Change): Promise<Result<void, ChangeProblem>>;
  /** Tells of every change to the log, the cards in hand and the device's facts, those of other tabs as well; returns what stops it. */
  watch(told: () => void): () => void;
  /** Lets go of everything. */
  clear(): Promise<void>;
}

/** The revision of a row that counts its changes; none before it counts them. */
export function revOf(value: unknown): number {
  const rev = typeof value === 'object' && value !== null && 'rev' in value ? value.rev : undefined;
  return typeof rev === 'number' ? rev : 0;
}

/** True where what lies under a key is what was expected there. */
export function holds(found: unknown, is: Is): boolean {
  if (is === 'there') return found !== undefined;
  if (is === 'gone') return found === undefined;
  return found !== undefined && revOf(found) === is.rev;
}

/** True for a line of the log that is of one of some rigs. */
export function isOf(raw: unknown, rigs: readonly string[]): boolean {
  return typeof raw === 'object' && raw !== null && 'rig' in raw && rigs.includes(raw.rig as string);
}
