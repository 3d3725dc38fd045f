import { fail, ok, type Result, fromSI, parseQuantity, toSI, unitFor, type UnitSystem } from '@/core/base';
import {
  gearBelongs,
  rigModelSchema,
  templateModel,
  type Axle,
  type BrakeKind,
  type GearId,
  type HubKind,
  type LockKind,
  type RigKind,
  type RigModel,
  type Source,
  type StudCount,
  type TemplateId,
} from '@/core/rig';
import type { DraftDef } from '@/store';
import { measure, oddTorqueWords, parseWords, typed } from '@/text';
import * as z from 'zod/mini';

/** What of an axle is not known yet. */
export type Unknown = 'unknown';

/** A rig as typed on the short path: figures as text in the owner's units, empty where unknown. */
export interface SetupForm {
  template: TemplateId | '';
  name: string;
  kind: RigKind | '';
  axles: '1' | '2' | '3';
  suspension: 'leaf' | 'torsion';
  brakes: [BrakeKind | Unknown, BrakeKind | Unknown, BrakeKind | Unknown];
  hub: HubKind | Unknown;
  lock: LockKind | Unknown;
  studs: '4' | '5' | '6' | '8' | '';
  torque: string;
  torqueSource: Source | '';
  studDiameter: '' | '1/2' | '9/16' | '5/8';
  spares: '0' | '1' | '2';
  miles: 'meter' | 'trips';
  reading: string;
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
  template: '',
  name: '',
  kind: '',
  axles: '1',
  suspension: 'leaf',
  brakes: ['unknown', 'unknown', 'unknown'],
  hub: 'unknown',
  lock: 'unknown',
  studs: '',
  torque: '',
  torqueSource: '',
  studDiameter: '',
  spares: '1',
  miles: 'trips',
  reading: '',
};

/** How a form half filled in lies on this device: a field that came later is empty in an older one. */
export const SETUP_DRAFT: DraftDef<Partial<SetupForm> & { readonly units?: UnitSystem }> = {
  version: 1,
  schema: z.partial(
    z.object({
      /** The units its figures were typed in. */
      units: z.enum(['us', 'metric']),
      ...(Object.fromEntries(
        Object.entries(EMPTY_SETUP).map(([field, value]) => [
          field,
          typeof value === 'string' ? z.string() : z.array(z.string()).check(z.length(3)),
        ]),
      ) as Record<string, z.ZodMiniType>),
    }),
  ) as unknown as z.ZodMiniType<Partial<SetupForm> & { readonly units?: UnitSystem }>,
};

const INCHES = { '1/2': 0.5, '9/16': 0.5625, '5/8': 0.625 } as const;

function studOf(model: RigModel): SetupForm['studDiameter'] {
  const diameter = model.wheels.studDiameter?.value;
  const inches = diameter === undefined ? undefined : fromSI(diameter, 'in');
  const known = Object.keys(INCHES) as (keyof typeof INCHES)[];
  return known.find((key) => inches !== undefined && Math.abs(INCHES[key] - inches) < 0.01) ?? '';
}

/** A rig as the form shows it; `reading` is its meter's figure (m). */
export function formOf(model: RigModel, reading: number | undefined, system: UnitSystem): SetupForm {
  const first = model.axles[0];
  const { torque } = model.wheels;
  return {
    ...EMPTY_SETUP,
    name: model.name,
    kind: model.kind,
    axles: String(model.axles.length) as SetupForm['axles'],
    suspension: first?.suspension ?? 'leaf',
    brakes: [0, 1, 2].map((i) => model.axles[i]?.brake ?? 'unknown') as SetupForm['brakes'],
    hub: first?.hub ?? 'unknown',
    lock: first?.lock ?? 'unknown',
    studs: String(model.wheels.studs) as SetupForm['studs'],
    torque: torque ? typed(torque.value, 'torque', system) : '',
    torqueSource: torque?.source ?? '',
    studDiameter: studOf(model),
    spares: String(model.spares) as SetupForm['spares'],
    miles: model.miles,
    reading: reading === undefined ? '' : typed(reading, 'distance', system),
  };
}

/** A form as a common layout fills it: structure only, and what was typed stays. */
export function formFrom(template: TemplateId, form: SetupForm, system: UnitSystem): SetupForm {
  const laid = formOf(templateModel(template, form.name || '-'), undefined, system);
  const { name, torque, torqueSource, studDiameter, miles, reading } = form;
  return { ...laid, template, name, torque, torqueSource, studDiameter, miles, reading };
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

  quantity(field: 'torque' | 'reading', dimension: 'torque' | 'distance'): number | undefined {
    const text = this.form[field];
    if (text.trim() === '') return undefined;
    const read = parseQuantity(text, dimension, unitFor(dimension, this.system));
    if (!read.ok) return this.wrong(field, parseWords(read.error, this.system));
    if (read.value < 0) return this.wrong(field, 'This cannot be negative.');
    return read.value;
  }
}

function readTorque(reader: Reader, form: SetupForm, system: UnitSystem, confirmed: string | undefined) {
  const torque = reader.quantity('torque', 'torque');
  if (torque === undefined) return undefined;
  if (torque > 1000 || torque < 10)
    return reader.wrong(
      'torque',
      `No trailer wheel is held by ${measure(torque, 'torque', system)}. Check the figure and its unit.`,
    );
  if (form.torqueSource === '') reader.wrong('torqueSource', 'Say where this figure comes from.');
  const diameter = form.studDiameter === '' ? undefined : toSI(INCHES[form.studDiameter], 'in');
  const odd = oddTorqueWords(torque, diameter, system);
  if (odd && confirmed !== form.torque.trim()) reader.wrong('torque', odd, true);
  return torque;
}

const known = <T extends string>(value: T | Unknown): T | undefined =>
  value === 'unknown' ? undefined : value;

/** The axles as told, each keeping what the form does not speak of; an added one is like the last in build, not in figures. */
function readAxles(form: SetupForm, base: RigModel | undefined, was: SetupForm | undefined): readonly Axle[] {
  return Array.from({ length: Number(form.axles) }, (_, i): Axle => {
    const old = base?.axles[i];
    const like = old ?? base?.axles[base.axles.length - 1];
    // The form shows the first axle's: left as it was, each axle keeps its own.
    const own = <K extends 'suspension' | 'hub' | 'lock'>(field: K, told: Axle[K]): Axle[K] =>
      like && was && form[field] === was[field] ? like[field] : told;
    const brake = known(form.brakes[i] ?? 'unknown');
    const hub = own('hub', known(form.hub));
    const lock = own('lock', known(form.lock));
    const suspension = own('suspension', form.suspension);
    const kept = old?.suspension === suspension || suspension === 'leaf';
    const equalizer = kept ? like?.equalizer : undefined;
    const { brake: _b, hub: _h, lock: _l, equalizer: _e, ...rest } = old ?? { suspension };
    return {
      ...rest,
      suspension,
      ...(equalizer !== undefined && { equalizer }),
      ...(brake && { brake }),
      ...(hub && { hub }),
      ...(lock && { lock }),
    };
  });
}

/**
 * Reads a rig as typed, or says everything that is wrong with it. `base` is the rig being changed or copied, whose
 * other facts stay; `first` asks for the meter; `confirmed` is an unusual torque, as typed, that its owner insists on.
 */
export function readSetup(
  form: SetupForm,
  system: UnitSystem,
  base: RigModel | undefined,
  first: boolean,
  confirmed?: string,
): Result<SetupRead, SetupErrors> {
  const reader = new Reader(form, system);
  if (form.name.trim() === '') reader.wrong('name', 'Give it a name: it stands on every page.');
  if (form.name.trim().length > 40) reader.wrong('name', 'Forty letters at most.');
  if (form.kind === '') reader.wrong('kind', 'Choose the kind: it decides what belongs to the rig.');
  if (form.studs === '') reader.wrong('studs', 'Count the studs of one wheel.');
  const torque = readTorque(reader, form, system, confirmed);
  const reading = form.miles === 'meter' ? reader.quantity('reading', 'distance') : undefined;
  if (form.miles === 'meter' && form.reading.trim() === '' && first)
    reader.wrong('reading', 'Read the meter: miles count from this figure.');
  if (Object.keys(reader.errors).length > 0) return fail(reader.errors);

  const under = base ?? (form.template === '' ? undefined : templateModel(form.template, form.name.trim()));
  // What the form leaves as it was keeps its stored value, to the last digit and in whatever units it was typed.
  const was = under && formOf(under, undefined, system);
  const untouched = (...fields: (keyof SetupForm)[]) =>
    was !== undefined && fields.every((field) => was[field] === form[field]);
  const studDiameter = untouched('studDiameter')
    ? under?.wheels.studDiameter
    : form.studDiameter === ''
      ? undefined
      : { value: toSI(INCHES[form.studDiameter], 'in'), source: 'marking' as const };
  const torqueSpec = untouched('torque', 'torqueSource')
    ? under?.wheels.torque
    : torque !== undefined && form.torqueSource !== '' && { value: torque, source: form.torqueSource };
  const { studDiameter: _d, torque: _t, ...wheels } = under?.wheels ?? {};
  const axles = readAxles(form, under, was);
  const kind = form.kind as RigKind;
  const gear = Object.fromEntries(
    Object.entries(under?.gear ?? {}).filter(([id]) =>
      gearBelongs(id as GearId, { kind, axles: [...axles] }),
    ),
  );
  const { gear: _g, ...rest } = under ?? {};
  const model = rigModelSchema.safeParse({
    ...rest,
    name: form.name.trim(),
    kind,
    axles,
    wheels: {
      ...wheels,
      studs: Number(form.studs) as StudCount,
      ...(studDiameter && { studDiameter }),
      ...(torqueSpec && { torque: torqueSpec }),
    },
    spares: Number(form.spares),
    miles: form.miles,
    ...(Object.keys(gear).length > 0 && { gear }),
  });
  if (!model.success)
    return fail({ name: { text: model.error.issues[0]?.message ?? 'This is not a rig.', ask: false } });
  return ok({ model: model.data, reading });
}
