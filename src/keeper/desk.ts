import type { Archive, RowEntry } from '@/core/exchange';
import type { Entry, UnreadEntry } from '@/core/log';
import type { Keeper } from './keeper';
import { LogbookReader } from './reads';
import type { OpenedFiles } from './step';

/** An archive that was checked and waits to be brought in. */
interface Checked {
  readonly archive: Archive;
  readonly added: readonly Entry[];
  readonly unread: readonly UnreadEntry[];
  /** The pictures that will be kept, by hash. */
  readonly photos: readonly string[];
}

/** Where asks are answered: a yard's keeper, and what is worked out beside it. */
export interface Desk {
  readonly keeper: Keeper;
  readonly logbook: LogbookReader;
  checked: Checked | undefined;
  /** Files from another device that were read and wait to be brought in. */
  opened: OpenedFiles | undefined;
  /** Rows of a table that were read and wait to be brought in. */
  rows: { readonly rig: string; readonly rows: readonly RowEntry[] } | undefined;
}

/** A desk for a yard. */
export function deskFor(keeper: Keeper): Desk {
  return { keeper, logbook: new LogbookReader(), checked: undefined, opened: undefined, rows: undefined };
}
