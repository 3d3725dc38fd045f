import { fail, ok, type Result, type UnitSystem } from '@/core/base';
import type { Entry, EntryOf, Kind, RigState } from '@/core/log';
import { dateField, fromDateField } from '@/text';

/** What a correction is read against. */
export interface Around {
  /** The rig as it is now, and as it stood before the day that is typed. */
  readonly rig: RigState | undefined;
  readonly before: RigState | undefined;
  readonly now: string;
}

/** An entry's figures as typed, by field. */
export type Values = Readonly<Record<string, string>>;
/** What is wrong, by field. */
export type Errors = Readonly<Record<string, string>>;

/** What is wrong with a correction; `insist` where the same again would be taken. */
export interface Refusal {
  readonly errors: Errors;
  readonly insist: boolean;
}

/** What a correction is read with beside the entry and what was typed. */
export interface Reading {
  readonly happened: string;
  readonly around: Around;
  readonly system: UnitSystem;
  readonly insisted: boolean;
}

/** How one kind of entry is typed over: its figures as text, and the body that they come to. */
export interface Correctable<K extends Kind> {
  readonly values: (body: EntryOf<K>['body'], system: UnitSystem) => Values;
  readonly read: (
    body: EntryOf<K>['body'],
    values: Values,
    reading: Reading,
  ) => Result<EntryOf<K>['body'], Refusal>;
}

/** Refuses what was typed, with what is wrong by field. */
export const refuse = (errors: Errors) => fail<Refusal>({ errors, insist: false });

/** The words of a field; refused with `empty` where there are none. */
export function wordsIn(values: Values, key: string, empty: string): Result<string, Refusal> {
  const value = values[key]?.trim() ?? '';
  return value === '' ? refuse({ [key]: empty }) : ok(value);
}

/** The moment of an entry by the day typed: it keeps its time of day unless its day was changed; undefined for no day. */
export function happenedOn(entry: Entry, values: Values, now: string): string | undefined {
  const date = values['date'] ?? '';
  return date === dateField(entry.happened) ? entry.happened : fromDateField(date, now);
}
