import type { TableField, TableIn, TableProblem, RowProblem, Table } from '@/core/exchange';
import { entriesOf, type Entry, type Fold } from '@/core/log';
import { formatUpTo, fromSI, unitFor, type UnitSystem } from '@/core/base';
import { READING_IDS, WORKS, type ReadingId, type WorkId } from '@/core/rules';
import { historyOfReadings } from '@/core/judge';
import { dateField } from './dates';
import { entryWords, KIND_OF_ENTRY } from './entry';
import { findingWords } from './finding';
import { placeName } from './gear';
import { PART_FACT_WORDS, partFactText, PART_WORDS, SHELF_WORDS } from './parts';
import { READING_WORDS, readingUnit } from './readings';
import { readingDimension, readingTyped } from './reading-value';
import { ROUTINE_WORDS, workTitle } from './routines';

/** Tables that can be taken out of a rig's record. */
export const TABLES_OUT = ['log', 'trips', 'readings', 'work', 'findings', 'parts'] as const;
export type TableOut = (typeof TABLES_OUT)[number];

/** What each is called. */
export const TABLE_WORDS: Readonly<Record<TableOut, string>> = {
  log: 'Everything, a line each',
  trips: 'Trips',
  readings: 'Readings',
  work: 'Work',
  findings: 'Findings',
  parts: 'Parts',
};

const number = (value: number | undefined, digits = 1) =>
  value === undefined ? '' : formatUpTo(value, digits).replace(/,/g, '');

/** A table of a rig's record, in the owner's units. */
export function tableOut(
  table: TableOut,
  fold: Pick<Fold, 'entries' | 'retracted' | 'state'>,
  rig: string,
  system: UnitSystem,
): Table {
  const far = unitFor('distance', system);
  const miles = (metres: number | undefined) =>
    number(metres === undefined ? undefined : fromSI(metres, far));
  const state = fold.state.rigs[rig];
  switch (table) {
    case 'log': {
      const byId = new Map(fold.entries.map((entry) => [entry.id, entry]));
      const titleOf = (id: string) => {
        const entry = byId.get(id);
        return entry && entryWords(entry, system, () => undefined).title;
      };
      return {
        head: ['Date', 'Kind', 'What', 'Details'],
        rows: entriesOf(fold, rig).map((entry: Entry) => {
          const { title, lines } = entryWords(entry, system, titleOf);
          return [dateField(entry.happened), KIND_OF_ENTRY[entry.kind], title, lines.join('. ')];
        }),
      };
    }
    case 'trips':
      return {
        head: ['Date', `Distance (${far})`, 'Launches', `Meter (${far})`, 'Note'],
        rows: entriesOf(fold, rig, 'trip').map(({ happened, body }) => [
          dateField(happened),
          miles(body.distance),
          String(body.launches),
          miles(body.reading),
          body.note ?? '',
        ]),
      };
    case 'readings': {
      const points = Object.entries(historyOfReadings(fold, rig).points).flatMap(([key, own]) => {
        const [what = '', place = ''] = key.split('@');
        const id = what as ReadingId;
        const dimension = readingDimension(id);
        const unit = dimension ? unitFor(dimension, system) : (readingUnit(id) ?? '');
        return own.map(({ at, value }) => [
          dateField(at),
          place,
          READING_WORDS[id].label,
          readingTyped(id, value, system),
          unit,
        ]);
      });
      return {
        head: ['Date', 'Place', 'Reading', 'Value', 'Unit'],
        rows: points.sort(([a = ''], [b = '']) => (a < b ? -1 : a > b ? 1 : 0)),
      };
    }
    case 'work':
      return {
        head: ['Date', 'Work', 'Place', 'Minutes', 'Cost', 'Currency', 'Note'],
        rows: entriesOf(fold, rig, 'work').flatMap(({ happened, body }) =>
          body.jobs.map(({ routine, place }, i) => [
            dateField(happened),
            workTitle(routine),
            place,
            // What a card took is told with its first job: added up it is told once.
            i === 0 ? number(body.minutes, 0) : '',
            i === 0 ? number(body.cost?.amount, 2) : '',
            i === 0 ? (body.cost?.currency ?? '') : '',
            i === 0 ? (body.note ?? '') : '',
          ]),
        ),
      };
    case 'findings': {
      const closed = new Map(
        entriesOf(fold, rig, 'finding.closed').map(({ happened, body }) => [
          body.finding,
          dateField(happened),
        ]),
      );
      return {
        head: ['Opened', 'Place', 'Finding', 'Severity', 'Closed'],
        rows: entriesOf(fold, rig, 'finding.opened').map(({ id, happened, body }) => [
          dateField(happened),
          placeName(body.place),
          findingWords(body, system),
          body.verdict,
          closed.get(id) ?? '',
        ]),
      };
    }
    case 'parts':
      return {
        head: ['Part', 'Where', 'Since', 'Facts'],
        rows: Object.values(state?.parts ?? {}).map((part) => [
          PART_WORDS[part.kind].one,
          part.at === 'shelf'
            ? SHELF_WORDS[part.shelf ?? 'home']
            : part.at === 'gone'
              ? 'gone'
              : placeName(part.at),
          dateField(part.since),
          Object.entries(part.facts)
            .flatMap(([fact, spec]) =>
              spec
                ? [
                    `${PART_FACT_WORDS[fact as keyof typeof PART_FACT_WORDS]?.label ?? fact}: ${partFactText(fact as never, spec.value, system)}`,
                  ]
                : [],
            )
            .join('; '),
        ]),
      };
  }
}

/** What readings and works are called in tables, in small letters: by their labels and by their names in the open format. */
export function tableNames(): {
  readonly readings: Readonly<Record<string, ReadingId>>;
  readonly works: Readonly<Record<string, WorkId>>;
} {
  const readings: Record<string, ReadingId> = {};
  for (const id of READING_IDS)
    for (const name of [READING_WORDS[id].logged, READING_WORDS[id].label, id])
      readings[name.toLowerCase()] = id;
  const works: Record<string, WorkId> = {};
  for (const id of WORKS)
    for (const name of [ROUTINE_WORDS[id].title, workTitle(id), id]) works[name.toLowerCase()] = id;
  return { readings, works };
}

/** What each field of a table from elsewhere is called. */
export const FIELD_WORDS: Readonly<Record<TableField, string>> = {
  date: 'Day',
  distance: 'Distance',
  launches: 'Launches',
  note: 'Note',
  place: 'Place',
  what: 'What was read',
  value: 'Value',
  work: 'Work',
  cost: 'Cost',
  minutes: 'Minutes',
};

/** What a table from elsewhere can hold. */
export const TABLE_IN_WORDS: Readonly<Record<TableIn, string>> = {
  trips: 'Trips',
  readings: 'Readings',
  work: 'Work',
};

/** Why a file is no table. */
export function tableProblemWords({ code }: TableProblem): string {
  switch (code) {
    case 'empty':
      return 'There is no row in this file below its first line.';
    case 'too-large':
      return 'This file has more than 20,000 rows, or 8 MB. Split it, and bring the pieces in one after another.';
    case 'one-column':
      return 'This file has one column only: its cells are separated by something that is no comma, semicolon or tab.';
  }
}

/** Why a row was refused. */
export function rowProblemWords({ field, code, text }: RowProblem): string {
  const name = FIELD_WORDS[field];
  switch (code) {
    case 'missing':
      return `${name} is empty.`;
    case 'no-day':
      return `“${text}” is no day in the style chosen.`;
    case 'future':
      return `“${text}” is still to come.`;
    case 'not-a-number':
      return `${name}: “${text}” is no number.`;
    case 'out-of-range':
      return `${name}: “${text}” cannot be.`;
    case 'no-such-place':
      return `This rig has no place “${text}”. Write 1L, 2R or rig.`;
    case 'unknown':
      return `${name}: “${text}” is nothing known here.`;
    case 'not-there':
      return `It is not done at “${text}” on this rig.`;
  }
}
