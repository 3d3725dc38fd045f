import { type Draft } from '@/core/record';
import { fail, ok, type Result } from '@/core/base';
import type { Entry, EntryOf, RigState } from '@/core/log';
import { parseQuantity, unitFor, type UnitSystem } from '@/core/quantity';
import { THICKENERS, canBeRead, parseReading } from '@/core/rules';
import { readTrip } from '@/features/yard';
import { dateField, fromDateField, parseWords, typed, readingTyped, readingProblemWords } from '@/text';

/** What a correction is read against. */
export interface Around {
  /** The rig as it is now, and as it stood before the day that is typed. */
  readonly rig: RigState | undefined;
  readonly before: RigState | undefined;
  readonly now: string;
}

/** The moment of an entry by the day typed: it keeps its time of day unless its day was changed; undefined for no day. */
export function momentOf(entry: Entry, values: Values, now: string): string | undefined {
  const date = values['date'] ?? '';
  return date === dateField(entry.happened) ? entry.happened : fromDateField(date, now);
}

/** An entry's figures as typed, by field. */
export type Values = Readonly<Record<string, string>>;
/** What is wrong, by field. */
export type Errors = Readonly<Record<string, string>>;

/** What is wrong with a correction; `insist` where the same again would be taken. */
interface Refusal {
  readonly errors: Errors;
  readonly insist: boolean;
}

/** An entry's figures as text, to be typed over. */
export function valuesOf(entry: Entry, system: UnitSystem): Values {
  const day = { date: dateField(entry.happened) };
  switch (entry.kind) {
    case 'trip':
      return {
        ...day,
        distance: typed(entry.body.distance, 'distance', system),
        launches: String(entry.body.launches),
        reading: entry.body.reading === undefined ? '' : typed(entry.body.reading, 'distance', system),
        note: entry.body.note ?? '',
      };
    case 'meter':
      return { ...day, reading: typed(entry.body.reading, 'distance', system) };
    case 'work':
      return {
        ...day,
        note: entry.body.note ?? '',
        ...Object.fromEntries(
          entry.body.readings.map((one, i) => [`reading ${i}`, readingTyped(one.what, one.value, system)]),
        ),
        ...Object.fromEntries(entry.body.conditions.map((one, i) => [`grade ${i}`, one.grade])),
        ...Object.fromEntries(entry.body.materials.map((one, i) => [`grease ${i}`, one.grease])),
      };
    case 'recheck':
      return { ...day, result: entry.body.result };
    case 'finding.opened':
      return { ...day, verdict: entry.body.verdict, text: entry.body.text ?? entry.body.note ?? '' };
    case 'finding.closed':
      return { ...day, how: entry.body.how };
    case 'note':
      return { ...day, text: entry.body.text };
    case 'rig.retired':
      return { ...day, reason: entry.body.reason ?? '' };
    case 'part.fitted':
    case 'part.moved':
      return { ...day, note: entry.body.note ?? '' };
    case 'rig.returned':
      return day;
    case 'rig.setup':
    case 'rig.changed':
    case 'part.read':
    case 'survey':
    case 'rule.chosen':
    case 'season':
    case 'deferral':
    case 'event':
    case 'trip.planned':
    case 'walk':
    case 'reading':
    case 'lights':
    case 'finding.seen':
    case 'photo':
    case 'opinion':
    case 'void':
      return day;
  }
}

function readWork(
  body: EntryOf<'work'>['body'],
  values: Values,
  system: UnitSystem,
): Result<EntryOf<'work'>['body'], Errors> {
  const errors: Record<string, string> = {};
  const { note: _, ...rest } = body;
  const readings = body.readings.flatMap((one, i) => {
    const key = `reading ${i}`;
    const text = values[key]?.trim() ?? '';
    // What was not touched keeps its value to the last digit.
    if (text === readingTyped(one.what, one.value, system)) return [one];
    if (text === '') return [];
    if (typeof one.value === 'string') return [{ ...one, value: text }];
    const read = parseReading(one.what, text, system);
    if (!read.ok) errors[key] = readingProblemWords(read.error, system);
    else if (!canBeRead(one.what, read.value))
      errors[key] = 'More or less than can be here. Look at the unit.';
    return read.ok ? [{ ...one, value: read.value }] : [];
  });
  if (Object.keys(errors).length > 0) return fail(errors);
  const note = values['note']?.trim() ?? '';
  return ok({
    ...rest,
    readings,
    conditions: body.conditions.map((one, i) => ({ ...one, grade: values[`grade ${i}`] ?? one.grade })),
    materials: body.materials.map((one, i) => ({
      ...one,
      grease: THICKENERS.find((t) => t === values[`grease ${i}`]) ?? one.grease,
    })),
    ...(note !== '' && { note }),
  });
}

const refuse = (errors: Errors) => fail<Refusal>({ errors, insist: false });

/** A note as typed, where there is one. */
function noted(values: Values): { readonly note?: string } {
  const note = values['note']?.trim() ?? '';
  return note === '' ? {} : { note };
}

/** The corrected entry from what was typed, or what is wrong at which field. */
export function readCorrection(
  entry: Entry,
  values: Values,
  around: Around,
  system: UnitSystem,
  insisted: boolean,
): Result<Draft, Refusal> {
  const { now } = around;
  const date = values['date'] ?? '';
  const happened = momentOf(entry, values, now);
  if (!happened) return refuse({ date: 'This is not a day of the calendar.' });
  if (happened > now) return refuse({ date: 'That day has not come yet.' });
  const stamp = { happened, replaces: entry.id };
  const text = (key: string, empty: string): Result<string, Refusal> => {
    const value = values[key]?.trim() ?? '';
    return value === '' ? refuse({ [key]: empty }) : ok(value);
  };
  switch (entry.kind) {
    case 'trip': {
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
          date,
          note: values['note'] ?? '',
          replaced: entry.body.replaced ?? false,
        },
        { meter: around.before?.meter },
        model,
        system,
        now,
        insisted,
      );
      if (!read.ok)
        return fail({
          errors: Object.fromEntries(read.error.map((error) => [error.field, error.text])),
          insist: read.error.every((error) => error.insist),
        });
      const { started, vehicle, distance } = entry.body;
      const { body } = read.value;
      // What the tow vehicle read belongs to the distance it gave.
      const same = Math.abs(distance - body.distance) < 1;
      return ok({
        kind: 'trip',
        body: {
          ...body,
          ...(started && started <= happened && { started }),
          ...(vehicle && same && { vehicle }),
        },
        ...stamp,
      });
    }
    case 'meter': {
      const read = parseQuantity(values['reading'] ?? '', 'distance', unitFor('distance', system));
      if (!read.ok) return refuse({ reading: parseWords(read.error, system) });
      if (read.value < 0) return refuse({ reading: 'A meter cannot read less than nothing.' });
      return ok({ kind: 'meter', body: { ...entry.body, reading: read.value }, ...stamp });
    }
    case 'work': {
      const read = readWork(entry.body, values, system);
      return read.ok ? ok({ kind: 'work', body: read.value, ...stamp }) : refuse(read.error);
    }
    case 'recheck':
      return ok({
        kind: 'recheck',
        body: { ...entry.body, result: values['result'] as EntryOf<'recheck'>['body']['result'] },
        ...stamp,
      });
    case 'finding.opened': {
      const verdict = values['verdict'] as EntryOf<'finding.opened'>['body']['verdict'];
      const { note: _, ...body } = entry.body;
      // What rests on evidence needs no words of its own.
      if (body.text === undefined)
        return ok({
          kind: 'finding.opened',
          body: { ...body, verdict, ...noted({ note: values['text'] ?? '' }) },
          ...stamp,
        });
      const read = text('text', 'Say what it is.');
      return read.ok
        ? ok({ kind: 'finding.opened', body: { ...entry.body, verdict, text: read.value }, ...stamp })
        : read;
    }
    case 'finding.closed': {
      const read = text('how', 'Say what was done.');
      return read.ok
        ? ok({ kind: 'finding.closed', body: { ...entry.body, how: read.value }, ...stamp })
        : read;
    }
    case 'note': {
      const read = text('text', 'There is nothing in it.');
      return read.ok ? ok({ kind: 'note', body: { text: read.value }, ...stamp }) : read;
    }
    case 'rig.retired': {
      const reason = values['reason']?.trim() ?? '';
      return ok({ kind: 'rig.retired', body: { ...(reason !== '' && { reason }) }, ...stamp });
    }
    case 'rig.returned':
      return ok({ kind: 'rig.returned', body: {}, ...stamp });
    case 'part.fitted': {
      const { note: _, ...body } = entry.body;
      return ok({ kind: 'part.fitted', body: { ...body, ...noted(values) }, ...stamp });
    }
    case 'part.moved': {
      const { note: _, ...body } = entry.body;
      return ok({ kind: 'part.moved', body: { ...body, ...noted(values) }, ...stamp });
    }
    case 'rig.setup':
    case 'rig.changed':
    case 'part.read':
    case 'survey':
    case 'rule.chosen':
    case 'season':
    case 'deferral':
    case 'event':
    case 'trip.planned':
    case 'walk':
    case 'reading':
    case 'lights':
    case 'finding.seen':
    case 'photo':
    case 'opinion':
    case 'void':
      return refuse({ date: 'This entry is set right elsewhere.' });
  }
}
