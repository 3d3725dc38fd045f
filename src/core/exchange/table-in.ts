import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strToU8 } from 'fflate';
import Papa from 'papaparse';
import {
  DAY_MS,
  fail,
  isCivilDay,
  msOf,
  ok,
  parseNumber,
  toSI,
  type CivilDay,
  type Instant,
  type Result,
  type UnitSystem,
} from '../base';
import { workOf, type EntryOf } from '../log';
import { isWheelEnd, placesOf, type RigModel } from '../rig';
import {
  mayBeKept,
  parseReading,
  readingDef,
  refitLeft,
  routineDef,
  type HouseRules,
  type ReadingId,
  type RoutinePlace,
  type WorkId,
} from '../rules';

/** What a table from elsewhere can hold. */
export const TABLES_IN = ['trips', 'readings', 'work'] as const;
export type TableIn = (typeof TABLES_IN)[number];

/** The fields of each, those first that a row cannot do without. */
export const TABLE_FIELDS = {
  trips: { must: ['date', 'distance'], may: ['launches', 'note'] },
  readings: { must: ['date', 'place', 'what', 'value'], may: [] },
  work: { must: ['date', 'work', 'place'], may: ['cost', 'minutes', 'note'] },
} as const;
export type TableField = (typeof TABLE_FIELDS)[TableIn]['must' | 'may'][number];

/** How days are written: year first, month first, or day first. */
export const DATE_STYLES = ['ymd', 'mdy', 'dmy'] as const;
export type DateStyle = (typeof DATE_STYLES)[number];

/** What a column is taken for, and how its cells are written. */
export interface Mapping {
  /** The column (from 0) of each field; none where it has no column. */
  readonly columns: Readonly<Partial<Record<TableField, number>>>;
  readonly dates: DateStyle;
  readonly decimal: '.' | ',';
  readonly miles: 'mi' | 'km';
}

/** A table as it was read: its first line as names, its cells as text. */
export interface RawTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Why a file is no table. */
export type TableProblem = { readonly code: 'empty' | 'too-large' | 'one-column' };

/** Why a row was refused; nothing of it is taken. */
export interface RowProblem {
  readonly field: TableField;
  readonly code:
    | 'missing'
    | 'no-day'
    | 'future'
    | 'not-a-number'
    | 'out-of-range'
    | 'no-such-place'
    | 'unknown'
    | 'not-there';
  readonly text: string;
}

const MOST_ROWS = 20_000;
const MOST_BYTES = 8 * 1024 * 1024;

/** Reads a table: whatever separates its cells, with a byte-order mark or without. */
export function readTable(text: string): Result<RawTable, TableProblem> {
  if (text.length > MOST_BYTES) return fail({ code: 'too-large' });
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [head, ...rows] = data;
  if (!head || rows.length === 0) return fail({ code: 'empty' });
  if (rows.length > MOST_ROWS) return fail({ code: 'too-large' });
  if (head.length < 2) return fail({ code: 'one-column' });
  return ok({
    head: head.map((cell) => cell.trim()),
    rows: rows.map((row) => row.map((cell) => cell.trim())),
  });
}

const NAMES: Readonly<Record<TableField, RegExp>> = {
  date: /date|day|when|datum|fecha/i,
  distance: /dist|miles|\bmi\b|\bkm\b|kilomet|towed|length/i,
  launches: /launch|ramp/i,
  note: /note|comment|remark|name|descr|trip/i,
  place: /place|where|wheel|position|end/i,
  what: /what|reading|kind|measure|type/i,
  value: /value|figure|result|amount|read$/i,
  work: /work|job|task|service|done|routine/i,
  cost: /cost|price|paid|\$|amount/i,
  minutes: /min|time|duration/i,
};

const SAMPLE = 40;
const dateParts = (cell: string) => /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})(?:\D.*)?$/.exec(cell);

/** How the days of a column are written, by its first cells; where they leave it open, as the owner's units have it. */
function dateStyleOf(cells: readonly string[], system: UnitSystem): DateStyle {
  const parts = cells.flatMap((cell) => {
    const found = dateParts(cell);
    return found ? [found.slice(1, 4).map(Number)] : [];
  });
  if (parts.some(([a = 0]) => a > 31)) return 'ymd';
  if (parts.some(([a = 0]) => a > 12)) return 'dmy';
  if (parts.some(([, b = 0]) => b > 12)) return 'mdy';
  return system === 'us' && !cells.some((cell) => cell.includes('.')) ? 'mdy' : 'dmy';
}

/** Guesses what each column is, by its name and its first cells. */
export function guessMapping(kind: TableIn, { head, rows }: RawTable, system: UnitSystem): Mapping {
  const sample = rows.slice(0, SAMPLE);
  const cells = (column: number) => sample.map((row) => row[column] ?? '').filter((cell) => cell !== '');
  const share = (column: number, test: (cell: string) => boolean) => {
    const some = cells(column);
    return some.length === 0 ? 0 : some.filter(test).length / some.length;
  };
  const numeric = (cell: string) => /\d/.test(cell) && /^[$€£\d.,\s'+-]+[a-zA-Z€£°·/ ]{0,8}$/.test(cell);
  const fits: Partial<Record<TableField, (column: number) => number>> = {
    date: (column) => share(column, (cell) => dateParts(cell) !== null),
    distance: (column) => share(column, numeric),
    value: (column) => share(column, numeric),
    launches: (column) => share(column, (cell) => /^\d{1,3}$/.test(cell)),
    place: (column) => share(column, (cell) => /^([1-3][LR]|S[12]|rig)$/i.test(cell)),
    cost: (column) => share(column, numeric),
    minutes: (column) => share(column, numeric),
  };
  const taken = new Set<number>();
  const columns: Partial<Record<TableField, number>> = {};
  const { must, may } = TABLE_FIELDS[kind];
  for (const field of [...must, ...may] as readonly TableField[]) {
    const scored = head
      .map((name, column) => {
        const cell = fits[field]?.(column);
        const named = NAMES[field].test(name) ? 1 : 0;
        // Cells that cannot be it outweigh a name that sounds like it.
        return {
          column,
          score:
            cell === undefined
              ? named
              : cell < 0.5
                ? 0
                : named + cell * (field === 'date' || field === 'place' ? 1 : 0.4),
        };
      })
      .filter(({ column, score }) => !taken.has(column) && score > 0.45)
      .sort((a, b) => b.score - a.score);
    const best = scored[0];
    if (!best) continue;
    columns[field] = best.column;
    taken.add(best.column);
  }
  const numbers = [columns.distance, columns.value, columns.cost].flatMap((column) =>
    column === undefined ? [] : cells(column),
  );
  const comma =
    numbers.some((cell) => /\d,\d{1,2}(\D|$)/.test(cell)) &&
    !numbers.some((cell) => /\d\.\d{1,2}(\D|$)/.test(cell));
  const far = columns.distance === undefined ? '' : (head[columns.distance] ?? '');
  return {
    columns,
    dates: dateStyleOf(columns.date === undefined ? [] : cells(columns.date), system),
    decimal: comma ? ',' : '.',
    miles: /km|kilomet/i.test(far) ? 'km' : /mi/i.test(far) ? 'mi' : system === 'us' ? 'mi' : 'km',
  };
}

/** A day as it is written in one of three ways; undefined where it is none. */
function dayIn(cell: string, style: DateStyle): CivilDay | undefined {
  const parts = dateParts(cell);
  if (!parts) return undefined;
  const [a = '', b = '', c = ''] = parts.slice(1, 4);
  const [y, m, d] = style === 'ymd' ? [a, b, c] : style === 'mdy' ? [c, a, b] : [c, b, a];
  const year = y.length === 2 ? `20${y}` : y;
  const day = `${year.padStart(4, '0')}-${m.padStart(2, '0')}-${d.padStart(2, '0')}`;
  return isCivilDay(day) ? day : undefined;
}

/** What rows are held against. */
export interface RowsAbout {
  readonly rig: string;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly system: UnitSystem;
  readonly currency: string;
  readonly now: Instant;
  /** The noon of a day where the owner is. */
  readonly noon: (day: CivilDay) => Instant;
  /** What readings and works are called, in small letters. */
  readonly readings: Readonly<Record<string, ReadingId>>;
  readonly works: Readonly<Record<string, WorkId>>;
}

/** A row as the entry it becomes; its id follows from what it says, so that the same row is never written twice. */
export type RowEntry = {
  [K in 'trip' | 'reading' | 'work']: {
    readonly id: string;
    readonly kind: K;
    readonly happened: Instant;
    readonly body: EntryOf<K>['body'];
  };
}['trip' | 'reading' | 'work'];

/** A row by its line in the file (the first below the names is 2), with what it becomes or why it does not. */
export interface ReadRow {
  readonly line: number;
  readonly read: Result<RowEntry, RowProblem>;
}

/** An id that sorts by when something happened and follows from what it says (the layout of UUIDv7). */
export function idOfContent(happened: Instant, content: string): string {
  const time = msOf(happened).toString(16).padStart(12, '0');
  const hash = bytesToHex(sha256(strToU8(content)));
  const variant = '89ab'.charAt(parseInt(hash.charAt(3), 16) & 3);
  return `${time.slice(0, 8)}-${time.slice(8)}-7${hash.slice(0, 3)}-${variant}${hash.slice(4, 7)}-${hash.slice(7, 19)}`;
}

const refuse = (field: TableField, code: RowProblem['code'], text: string): Result<never, RowProblem> =>
  fail({ field, code, text });

/** Reads every row of a table as the entries they become. */
export function readRows(
  kind: TableIn,
  table: RawTable,
  mapping: Mapping,
  about: RowsAbout,
  /** Hears how much is read (share of 1). */
  told: (share: number) => void = () => undefined,
): readonly ReadRow[] {
  const seen = new Map<string, number>();
  return table.rows.map((row, i) => {
    if (i % STRETCH === 0) told(i / table.rows.length);
    const read = readRow(kind, row, mapping, about);
    if (!read.ok) return { line: i + 2, read };
    const { kind: of, happened, body } = read.value;
    // Two rows that say the same are two: the second of them is another than the first, each time the file is read. What
    // a row leaves behind depends on the day it is read, what it says does not.
    const said = of === 'work' ? { ...body, refits: [] } : body;
    const content = `${about.rig} ${of} ${happened} ${JSON.stringify(said)}`;
    const nth = (seen.get(content) ?? 0) + 1;
    seen.set(content, nth);
    return {
      line: i + 2,
      read: ok({ ...read.value, id: idOfContent(happened, `${content} ${nth}`) } as RowEntry),
    };
  });
}

function readRow(
  kind: TableIn,
  row: readonly string[],
  { columns, dates, decimal, miles }: Mapping,
  about: RowsAbout,
): Result<Omit<RowEntry, 'id'>, RowProblem> {
  const cell = (field: TableField) => {
    const column = columns[field];
    return column === undefined ? '' : (row[column] ?? '');
  };
  const { must } = TABLE_FIELDS[kind];
  for (const field of must) if (cell(field) === '') return refuse(field, 'missing', '');
  const day = dayIn(cell('date'), dates);
  if (day === undefined) return refuse('date', 'no-day', cell('date'));
  const happened = about.noon(day);
  if (happened.slice(0, 10) > about.now.slice(0, 10)) return refuse('date', 'future', cell('date'));
  const plain = (field: TableField) => {
    const text = cell(field);
    return decimal === ',' ? text.replace(/[.\s'](?=\d{3})/g, '').replace(',', '.') : text;
  };
  const number = (field: TableField) =>
    parseNumber(
      plain(field)
        .replace(/[^\d.,/+\s-]/g, '')
        .trim(),
    );
  const note = cell('note') === '' ? {} : { note: cell('note').slice(0, 2000) };
  if (kind === 'trips') {
    const far = number('distance');
    if (!far.ok) return refuse('distance', 'not-a-number', cell('distance'));
    const distance = toSI(far.value, miles);
    if (distance <= 0 || distance > 1e7) return refuse('distance', 'out-of-range', cell('distance'));
    const launches = cell('launches') === '' ? ok(0) : number('launches');
    if (!launches.ok) return refuse('launches', 'not-a-number', cell('launches'));
    if (!Number.isInteger(launches.value) || launches.value < 0 || launches.value > 200)
      return refuse('launches', 'out-of-range', cell('launches'));
    return ok({ kind: 'trip', happened, body: { distance, launches: launches.value, ...note } });
  }
  const place = placeIn(cell('place'), about.model);
  if (place === undefined) return refuse('place', 'no-such-place', cell('place'));
  if (kind === 'readings') {
    const what = about.readings[cell('what').toLowerCase()];
    if (what === undefined || readingDef(what).as === 'text' || readingDef(what).as === 'choice')
      return refuse('what', 'unknown', cell('what'));
    const value = parseReading(what, plain('value'), about.system);
    if (!value.ok || typeof value.value !== 'number') return refuse('value', 'not-a-number', cell('value'));
    if (!mayBeKept(what, value.value)) return refuse('value', 'out-of-range', cell('value'));
    return ok({ kind: 'reading', happened, body: { taken: [{ place, what, value: value.value }] } });
  }
  const work = about.works[cell('work').toLowerCase()];
  if (work === undefined) return refuse('work', 'unknown', cell('work'));
  const places = routineDef(work).places(about.model, about.house);
  const at = places.includes(place) ? place : places.includes('rig') ? 'rig' : undefined;
  if (at === undefined) return refuse('place', 'not-there', cell('place'));
  const cost = cell('cost') === '' ? undefined : number('cost');
  if (cost && (!cost.ok || cost.value < 0)) return refuse('cost', 'not-a-number', cell('cost'));
  const minutes = cell('minutes') === '' ? undefined : number('minutes');
  if (minutes && (!minutes.ok || minutes.value < 0 || minutes.value > 10_000))
    return refuse('minutes', 'not-a-number', cell('minutes'));
  const fresh = msOf(about.now) - msOf(happened) < STILL_SETTLING;
  return ok({
    kind: 'work',
    happened,
    body: {
      ...workOf([{ routine: work, place: at }]),
      from: 'written',
      // A wheel that was off lately still asks for its rechecks; one long ago has had its miles.
      ...(fresh &&
        routineDef(work).wheelOff === true &&
        isWheelEnd(at) && { refits: [refitLeft(at, about.house, about.model)] }),
      ...note,
      ...(cost?.ok && { cost: { amount: cost.value, currency: about.currency } }),
      ...(minutes?.ok && { minutes: Math.round(minutes.value) }),
    },
  });
}

/** Rows read between two tellings of how far it is. */
const STRETCH = 250;

/** So long (ms) after a wheel was off its nuts are taken to be settling still. */
const STILL_SETTLING = 30 * DAY_MS;

/** A place of a rig as people write it: `1L`, `1 left`, `left 1`, `rig`. */
function placeIn(text: string, model: RigModel): RoutinePlace | undefined {
  const small = text.trim().toLowerCase();
  if (/^(rig|trailer|all|whole)$/.test(small)) return 'rig';
  const spoken = /^(?:(\d)\s*(l|r|left|right)|(left|right|l|r)\s*(\d))$/.exec(small);
  const code = spoken
    ? `${spoken[1] ?? spoken[4] ?? ''}${(spoken[2] ?? spoken[3] ?? '').charAt(0).toUpperCase()}`
    : small.toUpperCase();
  return placesOf(model).find((place) => place.toUpperCase() === code || place.toLowerCase() === small);
}
