import { fail, ok, type Result } from '@/core/base';
import { checkTorque } from '@/core/figures';
import { fromSI, parseNumber, parseQuantity, toSI, unitFor, type UnitSystem } from '@/core/quantity';
import {
  rigModelSchema,
  type Axle,
  type BrakeKind,
  type HubKind,
  type LockKind,
  type RigKind,
  type RigModel,
  type Source,
  type StudCount,
  type Water,
} from '@/core/rig';
import { measure, parseWords, typed } from '@/text';

/** A rig as typed: figures as text in the owner's units, empty where unknown. */
export interface SetupForm {
  name: string;
  kind: RigKind | '';
  axles: '1' | '2' | '3';
  suspension: 'leaf' | 'torsion';
  brakes: [BrakeKind, BrakeKind, BrakeKind];
  hub: HubKind;
  lock: LockKind;
  studs: '4' | '5' | '6' | '8' | '';
  torque: string;
  torqueSource: Source | '';
  studDiameter: '' | '1/2' | '9/16' | '5/8';
  spares: '0' | '1' | '2';
  miles: 'meter' | 'trips';
  reading: string;
  water: Water | '';
  pitch: string;
  pitchUnit: 'tpi' | 'mm';
  slots: string;
  pinHoles: '' | '1' | '2';
  spindleSource: Source | '';
  playMin: string;
  playMax: string;
  playSource: Source | '';
  everyDistance: string;
  everyDays: string;
  everyLaunches: string;
  everySource: Source | '';
}

/** What is wrong, by field; what `ask` says may be insisted on. */
export type SetupErrors = Partial<Record<keyof SetupForm, { readonly text: string; readonly ask: boolean }>>;

/** A rig read from the form, with its meter's figure (m) where given. */
export interface SetupRead {
  readonly model: RigModel;
  readonly reading: number | undefined;
}

/** A form with nothing in it but what is most common. */
export const EMPTY_SETUP: SetupForm = {
  name: '',
  kind: '',
  axles: '1',
  suspension: 'leaf',
  brakes: ['none', 'none', 'none'],
  hub: 'plain',
  lock: 'cotter',
  studs: '',
  torque: '',
  torqueSource: '',
  studDiameter: '',
  spares: '1',
  miles: 'trips',
  reading: '',
  water: '',
  pitch: '',
  pitchUnit: 'tpi',
  slots: '',
  pinHoles: '',
  spindleSource: '',
  playMin: '',
  playMax: '',
  playSource: '',
  everyDistance: '',
  everyDays: '',
  everyLaunches: '',
  everySource: '',
};

const INCHES = { '1/2': 0.5, '9/16': 0.5625, '5/8': 0.625 } as const;

/** Threads per inch, or pitch in mm, to axial travel in one turn (m). */
function pitchOf(value: number, unit: SetupForm['pitchUnit']): number {
  return unit === 'tpi' ? toSI(1 / value, 'in') : toSI(value, 'mm');
}

/** A rig as the form shows it; `reading` is its meter's figure (m). */
export function formOf(model: RigModel, reading: number | undefined, system: UnitSystem): SetupForm {
  const first = model.axles[0];
  const brakes = [0, 1, 2].map((i) => model.axles[i]?.brake ?? 'none') as SetupForm['brakes'];
  const diameter = model.wheels.studDiameter?.value;
  const inches = diameter === undefined ? undefined : fromSI(diameter, 'in');
  const metricPitch =
    first?.threadPitch &&
    Math.abs(
      fromSI(first.threadPitch.value, 'mm') * 4 - Math.round(fromSI(first.threadPitch.value, 'mm') * 4),
    ) < 0.001;
  const every = model.repackEvery;
  return {
    ...EMPTY_SETUP,
    name: model.name,
    kind: model.kind,
    axles: String(model.axles.length) as SetupForm['axles'],
    suspension: first?.suspension ?? 'leaf',
    brakes,
    hub: first?.hub ?? 'plain',
    lock: first?.lock ?? 'cotter',
    studs: String(model.wheels.studs) as SetupForm['studs'],
    torque: model.wheels.torque ? typed(model.wheels.torque.value, 'torque', system) : '',
    torqueSource: model.wheels.torque?.source ?? '',
    studDiameter:
      (Object.keys(INCHES) as (keyof typeof INCHES)[]).find(
        (key) => inches !== undefined && Math.abs(INCHES[key] - inches) < 0.01,
      ) ?? '',
    spares: String(model.spares) as SetupForm['spares'],
    miles: model.miles,
    reading: reading === undefined ? '' : typed(reading, 'distance', system),
    water: model.water ?? '',
    pitch: first?.threadPitch
      ? String(
          Number(
            (metricPitch
              ? fromSI(first.threadPitch.value, 'mm')
              : 1 / fromSI(first.threadPitch.value, 'in')
            ).toFixed(2),
          ),
        )
      : '',
    pitchUnit: metricPitch ? 'mm' : 'tpi',
    slots: first?.slots ? String(first.slots.value) : '',
    pinHoles: first?.pinHoles ? (String(first.pinHoles.value) as '1' | '2') : '',
    spindleSource: first?.threadPitch?.source ?? first?.slots?.source ?? first?.pinHoles?.source ?? '',
    playMin: first?.endPlay ? typed(first.endPlay.value.min, 'length', system, 4) : '',
    playMax: first?.endPlay ? typed(first.endPlay.value.max, 'length', system, 4) : '',
    playSource: first?.endPlay?.source ?? '',
    everyDistance: every?.distance ? typed(every.distance.value, 'distance', system) : '',
    everyDays: every?.days ? String(every.days.value) : '',
    everyLaunches: every?.launches ? String(every.launches.value) : '',
    everySource: every?.distance?.source ?? every?.days?.source ?? every?.launches?.source ?? '',
  };
}

class Reader {
  readonly errors: SetupErrors = {};

  constructor(
    private readonly form: SetupForm,
    private readonly system: UnitSystem,
  ) {}

  wrong(field: keyof SetupForm, text: string, ask = false): undefined {
    this.errors[field] ??= { text, ask };
    return undefined;
  }

  quantity(
    field: 'torque' | 'reading' | 'everyDistance' | 'playMin' | 'playMax',
    dimension: 'torque' | 'distance' | 'length',
  ): number | undefined {
    const text = this.form[field];
    if (text.trim() === '') return undefined;
    const read = parseQuantity(text, dimension, unitFor(dimension, this.system));
    if (!read.ok) return this.wrong(field, parseWords(read.error, this.system));
    return read.value < 0 ? this.wrong(field, 'This cannot be less than nothing.') : read.value;
  }

  whole(field: 'slots' | 'everyDays' | 'everyLaunches', min: number, max: number): number | undefined {
    const text = this.form[field];
    if (text.trim() === '') return undefined;
    const read = parseNumber(text);
    if (!read.ok) return this.wrong(field, parseWords(read.error, this.system));
    const fits = Number.isInteger(read.value) && read.value >= min && read.value <= max;
    return fits
      ? read.value
      : this.wrong(field, `A whole number from ${min} to ${max.toLocaleString('en-US')}.`);
  }

  /** The source that a given figure must have; asked for where it is missing. */
  source(
    field: 'torqueSource' | 'spindleSource' | 'playSource' | 'everySource',
    given: boolean,
  ): Source | undefined {
    const source = this.form[field];
    if (!given) return undefined;
    return source === '' ? this.wrong(field, 'Say where this figure comes from.') : source;
  }

  pitch(): number | undefined {
    const { pitch, pitchUnit } = this.form;
    if (pitch.trim() === '') return undefined;
    const read = parseNumber(pitch);
    if (!read.ok) return this.wrong('pitch', parseWords(read.error, this.system));
    const [min, max] = pitchUnit === 'tpi' ? [6, 40] : [0.5, 4];
    if (read.value < min || read.value > max)
      return this.wrong(
        'pitch',
        pitchUnit === 'tpi'
          ? `Spindle threads run from ${min} to ${max} to the inch.`
          : `Spindle threads have a pitch from ${min} to ${max} mm.`,
      );
    return pitchOf(read.value, pitchUnit);
  }
}

function readTorque(
  reader: Reader,
  form: SetupForm,
  system: UnitSystem,
  confirmed: string | undefined,
): number | undefined {
  const torque = reader.quantity('torque', 'torque');
  if (torque === undefined) return undefined;
  if (torque > 1000 || torque < 10)
    return reader.wrong(
      'torque',
      `No trailer wheel is held by ${measure(torque, 'torque', system)}. Look at the figure and its unit.`,
    );
  const diameter = form.studDiameter === '' ? undefined : toSI(INCHES[form.studDiameter], 'in');
  const check = checkTorque(torque, diameter);
  if (!check.usual && confirmed !== form.torque.trim()) {
    const band = `${measure(check.min, 'torque', system)} to ${measure(check.max, 'torque', system)}`;
    const studs = form.studDiameter === '' ? 'trailer studs' : `${form.studDiameter} in studs`;
    reader.wrong(
      'torque',
      `Usual for ${studs} is ${band}. If the maker says ${measure(torque, 'torque', system)}, keep it: save again.`,
      true,
    );
  }
  return torque;
}

function readAxles(
  reader: Reader,
  form: SetupForm,
  base: RigModel | undefined,
  system: UnitSystem,
): readonly Axle[] {
  const count = Number(form.axles);
  const pitch = reader.pitch();
  const slots = reader.whole('slots', 3, 24);
  const holes = form.pinHoles === '' ? undefined : Number(form.pinHoles);
  const spindle = reader.source(
    'spindleSource',
    pitch !== undefined || slots !== undefined || holes !== undefined,
  );
  const min = reader.quantity('playMin', 'length');
  const max = reader.quantity('playMax', 'length');
  if (max !== undefined && (min ?? 0) >= max) reader.wrong('playMax', 'The window ends before it begins.');
  if (max === undefined && min !== undefined) reader.wrong('playMax', 'A window has an end as well.');
  if (max !== undefined && max > 0.005)
    reader.wrong('playMax', `No hub may have ${measure(max, 'length', system)} of play. Look at the unit.`);
  const playSource = reader.source('playSource', max !== undefined);
  const was = base && formOf(base, undefined, system);
  return Array.from({ length: count }, (_, i): Axle => {
    const old = base?.axles[i];
    // What the form leaves as it was keeps each axle's own value: the form shows the first axle's.
    const own = <T>(typedNow: T, typedWas: T | undefined, stored: T | undefined): T =>
      stored !== undefined && typedNow === typedWas ? stored : typedNow;
    const spindleAsWas =
      was &&
      old &&
      (['pitch', 'pitchUnit', 'slots', 'pinHoles', 'spindleSource'] as const).every(
        (key) => was[key] === form[key],
      );
    const playAsWas =
      was && old && (['playMin', 'playMax', 'playSource'] as const).every((key) => was[key] === form[key]);
    const spec = <T>(value: T | undefined) =>
      value !== undefined && spindle ? { value, source: spindle } : undefined;
    const [threadPitch, slotSpec, holeSpec] = spindleAsWas
      ? [old.threadPitch, old.slots, old.pinHoles]
      : [spec(pitch), spec(slots), spec(holes)];
    const endPlay = playAsWas
      ? old.endPlay
      : max !== undefined && playSource
        ? { value: { min: min ?? 0, max }, source: playSource }
        : undefined;
    return {
      suspension: own(form.suspension, was?.suspension, old?.suspension),
      brake: form.brakes[i] ?? 'none',
      hub: own(form.hub, was?.hub, old?.hub),
      lock: own(form.lock, was?.lock, old?.lock),
      ...(threadPitch && { threadPitch }),
      ...(slotSpec && { slots: slotSpec }),
      ...(holeSpec && { pinHoles: holeSpec }),
      ...(endPlay && { endPlay }),
    };
  });
}

function everyOf(
  given: Readonly<Record<'distance' | 'days' | 'launches', number | undefined>>,
  source: Source | undefined,
) {
  const known = Object.entries(given).filter(([, value]) => value !== undefined);
  return Object.fromEntries(known.map(([meter, value]) => [meter, { value, source }]));
}

/**
 * Reads a rig as typed, or says everything that is wrong with it. `base` is the rig being changed;
 * `confirmed` is an unusual torque, as typed, that its owner has insisted on.
 */
export function readSetup(
  form: SetupForm,
  system: UnitSystem,
  base?: RigModel,
  confirmed?: string,
): Result<SetupRead, SetupErrors> {
  const reader = new Reader(form, system);
  if (form.name.trim() === '') reader.wrong('name', 'Give it a name: it stands on every page.');
  if (form.name.trim().length > 40) reader.wrong('name', 'Forty letters at most.');
  if (form.kind === '') reader.wrong('kind', 'Choose the kind: it decides what belongs to the rig.');
  if (form.studs === '') reader.wrong('studs', 'Count the studs of one wheel.');
  const torque = readTorque(reader, form, system, confirmed);
  const torqueSource = reader.source('torqueSource', torque !== undefined);
  const reading = form.miles === 'meter' ? reader.quantity('reading', 'distance') : undefined;
  if (form.miles === 'meter' && form.reading.trim() === '' && !base)
    reader.wrong('reading', 'Read the meter: miles count from this figure.');
  const axles = readAxles(reader, form, base, system);
  const distance = reader.quantity('everyDistance', 'distance');
  if (distance === 0) reader.wrong('everyDistance', 'An interval of nothing would be due for ever.');
  const days = reader.whole('everyDays', 1, 3650);
  const launches = form.kind === 'boat' ? reader.whole('everyLaunches', 1, 1000) : undefined;
  const everySource = reader.source(
    'everySource',
    distance !== undefined || days !== undefined || launches !== undefined,
  );
  if (Object.keys(reader.errors).length > 0) return fail(reader.errors);

  // What the form leaves as it was keeps its stored value, to the last digit and in whatever units it was typed.
  const was = base && formOf(base, undefined, system);
  const untouched = (...fields: (keyof SetupForm)[]) =>
    was !== undefined && fields.every((field) => was[field] === form[field]);
  const studDiameter = untouched('studDiameter')
    ? base?.wheels.studDiameter
    : form.studDiameter === ''
      ? undefined
      : { value: toSI(INCHES[form.studDiameter], 'in'), source: 'marking' };
  const torqueSpec = untouched('torque', 'torqueSource')
    ? base?.wheels.torque
    : torque !== undefined && torqueSource && { value: torque, source: torqueSource };
  const every = untouched('everyDistance', 'everyDays', 'everyLaunches', 'everySource')
    ? (base?.repackEvery ?? {})
    : everyOf({ distance, days, launches }, everySource);
  const model = rigModelSchema.safeParse({
    name: form.name.trim(),
    kind: form.kind,
    axles,
    wheels: {
      studs: Number(form.studs) as StudCount,
      ...(studDiameter && { studDiameter }),
      ...(torqueSpec && { torque: torqueSpec }),
    },
    spares: Number(form.spares),
    miles: form.miles,
    ...(form.kind === 'boat' && form.water !== '' && { water: form.water }),
    ...(Object.keys(every).length > 0 && { repackEvery: every }),
  });
  if (!model.success)
    return fail({ name: { text: model.error.issues[0]?.message ?? 'This is not a rig.', ask: false } });
  return ok({ model: model.data, reading });
}
