import {
  addDays,
  fail,
  ok,
  type Instant,
  type Result,
  parseNumber,
  parseQuantity,
  unitFor,
  type UnitSystem,
} from '@/core/base';
import { checkTrip, type TripOnRecord, type TripProblem } from '@/core/judge';
import type { RigState, TripBody } from '@/core/log';
import type { RigModel } from '@/core/rig';
import { fromDateField, parseWords, tripWords } from '@/text';

/** A trip as typed: figures in the owner's units, the day as a date field has it. */
export interface TripForm {
  readonly by: 'miles' | 'meter' | 'vehicle';
  readonly distance: string;
  /** The tow vehicle's odometer going out and back home. */
  readonly out: string;
  readonly home: string;
  readonly reading: string;
  readonly launches: string;
  readonly date: string;
  /** The day it began; empty where it is the day it ended, or not told. */
  readonly started: string;
  readonly note: string;
  /** The meter is another one; its trip's miles are typed apart. */
  readonly replaced: boolean;
}

/** What is wrong, at which field; `insist` where the same again would be taken. */
export interface TripError {
  readonly field: keyof TripForm;
  readonly text: string;
  readonly code: TripProblem['code'] | 'unread';
  readonly insist: boolean;
}

const FIELD: Record<TripProblem['field'], keyof TripForm> = {
  distance: 'distance',
  launches: 'launches',
  reading: 'reading',
  happened: 'date',
  started: 'started',
  vehicle: 'home',
};

function vehicleOf(out: number | undefined, home: number | undefined) {
  return out === undefined || home === undefined ? undefined : { out, home };
}

/** What of the trips on record a trip as typed is held against: none that ended before it began. */
export function spanOf(
  { by, date, started }: Pick<TripForm, 'by' | 'date' | 'started'>,
  now: Instant,
): { readonly since: Instant; readonly vehicles: boolean } {
  const days = [date, started].flatMap((day) => fromDateField(day, now) ?? []);
  const first = days.reduce((least, day) => (day < least ? day : least), now);
  // A day before it as well: a day that is typed stands for its noon.
  return { since: addDays(first, -1), vehicles: by === 'vehicle' };
}

/** Reads a trip as typed: the body of an entry with its moment, or everything that is wrong with it. */
export function readTrip(
  form: TripForm,
  rig: Pick<RigState, 'meter'>,
  model: RigModel,
  system: UnitSystem,
  now: Instant,
  insisted: boolean,
  others: readonly TripOnRecord[] = [],
): Result<{ readonly body: TripBody; readonly happened: Instant }, readonly TripError[]> {
  const unit = unitFor('distance', system);
  const errors: TripError[] = [];
  const unread = (field: keyof TripForm, text: string) =>
    errors.push({ field, text, code: 'unread', insist: false });
  const quantity = (field: 'distance' | 'reading' | 'out' | 'home') => {
    const read = parseQuantity(form[field], 'distance', unit);
    if (!read.ok) unread(field, parseWords(read.error, system));
    return read.ok ? read.value : undefined;
  };
  const reading = form.by === 'meter' ? quantity('reading') : undefined;
  // By a meter that runs on, the trip is what the meter has gained; by a new one, or the first, it is typed.
  const byMeter = form.by === 'meter' && rig.meter !== undefined && !form.replaced;
  const vehicle = form.by === 'vehicle' ? vehicleOf(quantity('out'), quantity('home')) : undefined;
  const distance =
    form.by === 'vehicle'
      ? vehicle && Math.max(0, vehicle.home - vehicle.out)
      : byMeter
        ? reading === undefined
          ? undefined
          : Math.max(0, reading - (rig.meter?.reading ?? 0))
        : quantity('distance');
  const launches = form.launches.trim() === '' ? ok(0) : parseNumber(form.launches);
  if (!launches.ok) unread('launches', parseWords(launches.error, system));
  const happened = fromDateField(form.date, now);
  if (!happened) unread('date', 'This is not a day of the calendar.');
  const started = form.started.trim() === '' ? undefined : fromDateField(form.started, now);
  if (form.started.trim() !== '' && !started) unread('started', 'This is not a day of the calendar.');
  if (errors.length > 0 || distance === undefined || !launches.ok || !happened) return fail(errors);

  const { replaced } = form;
  const claim = { distance, launches: launches.value, reading, replaced, happened, started, vehicle };
  const problems = checkTrip(claim, rig, now, others).filter(
    (problem) => problem.weight === 'refuse' || !insisted,
  );
  const measured = byMeter ? 'reading' : form.by === 'vehicle' ? 'home' : 'distance';
  if (problems.length > 0)
    return fail(
      problems.map((problem) => ({
        // Miles that a meter gives are wrong at the meter.
        field: problem.field === 'distance' ? measured : FIELD[problem.field],
        text: tripWords(problem, rig.meter?.reading, system, now),
        code: problem.code,
        insist: problem.weight === 'ask',
      })),
    );
  const note = form.note.trim();
  return ok({
    happened,
    body: {
      distance,
      launches: launches.value,
      ...(launches.value > 0 && model.environment?.water && { water: model.environment.water }),
      ...(reading !== undefined && { reading }),
      ...(form.replaced && { replaced: true }),
      ...(vehicle && { vehicle }),
      ...(started && started !== happened && { started }),
      ...(note !== '' && { note }),
    },
  });
}
