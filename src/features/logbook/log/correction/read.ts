import { fail, ok, type Result, parseQuantity, unitFor, type UnitSystem } from '@/core/base';
import type { Entry, EntryOf, Kind } from '@/core/log';
import {
  correctClosing,
  correctFinding,
  correcting,
  correctTrip,
  withNote,
  type NewEntry,
} from '@/core/record';
import { readTrip } from '@/features/road/trip';
import { dateField, parseWords, typed } from '@/text';
import {
  happenedOn,
  refuse,
  wordsIn,
  type Around,
  type Correctable,
  type Refusal,
  type Values,
} from './typed';
import { WORK } from './work';

const TRIP: Correctable<'trip'> = {
  values: ({ distance, launches, reading, note }, system) => ({
    distance: typed(distance, 'distance', system),
    launches: String(launches),
    reading: reading === undefined ? '' : typed(reading, 'distance', system),
    note: note ?? '',
  }),
  read: (body, values, { happened, around, system, insisted }) => {
    const model = around.rig?.model;
    if (!model) return refuse({ date: 'The rig of this trip is not in this yard.' });
    const read = readTrip(
      {
        by: values['reading'] === '' ? 'miles' : 'meter',
        distance: values['distance'] ?? '',
        out: '',
        home: '',
        started: '',
        reading: values['reading'] ?? '',
        launches: values['launches'] ?? '',
        date: values['date'] ?? '',
        note: values['note'] ?? '',
        replaced: body.replaced ?? false,
      },
      { meter: around.before?.meter },
      model,
      system,
      around.now,
      insisted,
    );
    return read.ok
      ? ok(correctTrip(body, read.value.body, happened))
      : fail({
          errors: Object.fromEntries(read.error.map((error) => [error.field, error.text])),
          insist: read.error.every((error) => error.insist),
        });
  },
};

const METER: Correctable<'meter'> = {
  values: ({ reading }, system) => ({ reading: typed(reading, 'distance', system) }),
  read: (body, values, { system }) => {
    const read = parseQuantity(values['reading'] ?? '', 'distance', unitFor('distance', system));
    if (!read.ok) return refuse({ reading: parseWords(read.error, system) });
    if (read.value < 0) return refuse({ reading: 'A meter cannot read below zero.' });
    return ok({ ...body, reading: read.value });
  },
};

const FINDING: Correctable<'finding.opened'> = {
  values: ({ verdict, text, note }) => ({ verdict, text: text ?? note ?? '' }),
  read: (body, values) => {
    const verdict = values['verdict'] as EntryOf<'finding.opened'>['body']['verdict'];
    const words =
      body.text === undefined ? ok(values['text'] ?? '') : wordsIn(values, 'text', 'Say what it is.');
    return words.ok ? ok(correctFinding(body, { verdict, words: words.value })) : words;
  },
};

const CLOSING: Correctable<'finding.closed'> = {
  values: ({ how }) => ({ how: how ?? '' }),
  read: (body, values) => {
    const bare = body.gone === undefined && body.jobs === undefined;
    const words = bare ? wordsIn(values, 'how', 'Say what was done.') : ok(values['how'] ?? '');
    return words.ok ? ok(correctClosing(body, words.value)) : words;
  },
};

/** A kind of which only the note is typed over. */
function noteOf<K extends 'part.fitted' | 'part.moved'>(): Correctable<K> {
  return {
    values: ({ note }) => ({ note: note ?? '' }),
    read: (body, values) => ok(withNote(body, values['note'] ?? '')),
  };
}

/** How each kind that is set right in the Logbook is typed over. */
export const CORRECTABLE: { readonly [K in Kind]?: Correctable<K> } = {
  trip: TRIP,
  meter: METER,
  work: WORK,
  recheck: {
    values: ({ result }) => ({ result }),
    read: (body, values) => ok({ ...body, result: values['result'] as EntryOf<'recheck'>['body']['result'] }),
  },
  'finding.opened': FINDING,
  'finding.closed': CLOSING,
  note: {
    values: ({ text }) => ({ text }),
    read: (_, values) => {
      const words = wordsIn(values, 'text', 'There is nothing in it.');
      return words.ok ? ok({ text: words.value }) : words;
    },
  },
  'rig.retired': {
    values: ({ reason }) => ({ reason: reason ?? '' }),
    read: (_, values) => {
      const reason = values['reason']?.trim() ?? '';
      return ok(reason === '' ? {} : { reason });
    },
  },
  'rig.returned': { values: () => ({}), read: () => ok({}) },
  'part.fitted': noteOf<'part.fitted'>(),
  'part.moved': noteOf<'part.moved'>(),
};

const correctable = (entry: Entry) =>
  (Object.hasOwn(CORRECTABLE, entry.kind) ? CORRECTABLE[entry.kind] : undefined) as
    Correctable<Kind> | undefined;

/** An entry's figures as text, to be typed over. */
export function valuesOf(entry: Entry, system: UnitSystem): Values {
  return { date: dateField(entry.happened), ...correctable(entry)?.values(entry.body, system) };
}

/** The corrected entry from what was typed, or what is wrong at which field. */
export function readCorrection(
  entry: Entry,
  values: Values,
  around: Around,
  system: UnitSystem,
  insisted: boolean,
): Result<NewEntry, Refusal> {
  const happened = happenedOn(entry, values, around.now);
  if (!happened) return refuse({ date: 'This is not a day of the calendar.' });
  if (happened > around.now) return refuse({ date: 'That day has not come yet.' });
  const kind = correctable(entry);
  if (!kind) return refuse({ date: 'This entry is set right where it was told.' });
  const read = kind.read(entry.body, values, { happened, around, system, insisted });
  return read.ok ? ok(correcting(entry, read.value as Entry['body'], happened)) : read;
}
