import type { Instant, UnitSystem } from '@/core/base';
import {
  csvOf,
  guessMapping,
  readRows,
  readTable,
  type Mapping,
  type RowEntry,
  type RowProblem,
  type TableIn,
  type TableProblem,
} from '@/core/exchange';
import { HOUSE, makeEntry, recordedNow } from '@/core/log';
import { rulesFor } from '@/core/rules';
import { entryWords, tableNames, tableOut, type TableOut } from '@/text';
import type { Keeper } from './keeper';

/** A table of a rig's record as the text of a file. */
export async function tableText(
  keeper: Keeper,
  { table, rig, units }: { table: TableOut; rig: string; units: UnitSystem },
): Promise<string> {
  return csvOf(tableOut(table, await keeper.fold(), rig, units));
}

/** A file with a table, as it is asked to be read. */
export interface TableAsk {
  readonly text: string;
  readonly kind: TableIn;
  readonly rig: string;
  readonly units: UnitSystem;
  readonly currency: string;
  readonly now: Instant;
  /** How its owner set it; guessed where nothing is said. */
  readonly mapping?: Mapping;
}

/** What a file would bring: nothing is written yet. */
export type CheckedTable =
  | { readonly ok: false; readonly problem: TableProblem }
  | {
      readonly ok: true;
      readonly head: readonly string[];
      readonly mapping: Mapping;
      readonly rows: number;
      /** Rows that would be added, and rows that were brought in before. */
      readonly fresh: number;
      readonly known: number;
      /** What the first rows become. */
      readonly shown: readonly {
        readonly line: number;
        readonly title: string;
        readonly happened: Instant;
      }[];
      readonly refused: readonly { readonly line: number; readonly why: RowProblem }[];
      readonly refusedInAll: number;
    };

const SHOWN = 6;
const REFUSED = 100;

/** Reads a table and holds what it becomes, to be brought in. */
export async function checkTable(
  keeper: Keeper,
  { text, kind, rig, units, currency, now, mapping: set }: TableAsk,
  told?: (share: number) => void,
): Promise<{ readonly checked: CheckedTable; readonly rows: readonly RowEntry[] }> {
  const table = readTable(text);
  if (!table.ok) return { checked: { ok: false, problem: table.error }, rows: [] };
  const { state, entries } = await keeper.fold();
  const model = state.rigs[rig]?.model;
  if (!model) throw new Error('no such rig');
  const mapping = set ?? guessMapping(kind, table.value, units);
  const read = readRows(
    kind,
    table.value,
    mapping,
    {
      rig,
      model,
      house: rulesFor(state.rigs[HOUSE]?.rules ?? {}, state.rigs[rig]?.rules ?? {}),
      system: units,
      currency,
      now,
      noon: (day) => new Date(`${day}T12:00`).toISOString(),
      ...tableNames(),
    },
    told,
  );
  const here = new Set(entries.map(({ id }) => id));
  const good = read.flatMap(({ line, read: one }) => (one.ok ? [{ line, row: one.value }] : []));
  const fresh = good.filter(({ row }) => !here.has(row.id));
  const bad = read.flatMap(({ line, read: one }) => (one.ok ? [] : [{ line, why: one.error }]));
  return {
    checked: {
      ok: true,
      head: table.value.head,
      mapping,
      rows: table.value.rows.length,
      fresh: fresh.length,
      known: good.length - fresh.length,
      shown: good.slice(0, SHOWN).map(({ line, row }) => ({
        line,
        happened: row.happened,
        title: entryWords(entryOf(row, rig, now), units, () => undefined).title,
      })),
      refused: bad.slice(0, REFUSED),
      refusedInAll: bad.length,
    },
    rows: fresh.map(({ row }) => row),
  };
}

const entryOf = ({ id, kind, happened, body }: RowEntry, rig: string, recorded: Instant) =>
  makeEntry(kind, { id, rig, happened, recorded }, body);

/** Writes rows that were read, all in one piece or none; what is here by now is left out. Gives how many were added. */
export async function bringRows(
  keeper: Keeper,
  rig: string,
  rows: readonly RowEntry[],
  now: Instant,
): Promise<number> {
  const { entries } = await keeper.entries();
  const here = new Set(entries.map(({ id }) => id));
  const { newest } = await keeper.known(false);
  const recorded = recordedNow(newest, now);
  const added = rows.filter(({ id }) => !here.has(id)).map((row) => entryOf(row, rig, recorded));
  if (added.length > 0) await keeper.append(added);
  return added.length;
}
