import {
  fail,
  ok,
  type Result,
  formatNumber,
  fromSI,
  parseNumber,
  parseQuantity,
  toSI,
  unitFor,
  type UnitSystem,
  parseSpan,
} from '@/core/base';
import {
  factDef,
  factPath,
  factValue,
  type Changes,
  type FactId,
  type FactType,
  type RigModel,
  type Source,
} from '@/core/rig';
import { factText, factTyped, isMetricThread, measure, oddTorqueWords, parseWords, partLength } from '@/text';

/** A fact as typed; `second` is the end of a window or the width of a brake. */
export interface FactDraft {
  readonly value: string;
  readonly second: string;
  readonly thread: 'tpi' | 'mm';
  readonly source: Source | '';
}

/** What is wrong with a fact as typed, by field; `ask` may be insisted on. */
export interface FactErrors {
  readonly value?: string;
  readonly second?: string;
  readonly source?: string;
  readonly ask?: boolean;
}

const NOTHING: FactDraft = { value: '', second: '', thread: 'tpi', source: '' };

const lengthTyped = (m: number, system: UnitSystem) =>
  system === 'us' ? String(Number(fromSI(m, 'in').toFixed(4))) : String(Number(fromSI(m, 'mm').toFixed(3)));

/** A fact of a rig as it would be typed, at an axle where it is one of axles. */
export function draftOf(model: RigModel, id: FactId, index: number, system: UnitSystem): FactDraft {
  const raw = factValue(model, id, index);
  if (raw === undefined) return NOTHING;
  const { value, source } = typeof raw === 'object' ? raw : { value: raw as unknown, source: '' as const };
  const { type } = factDef(id);
  if (type.as === 'window') {
    const { min, max } = value as { min: number; max: number };
    return { ...NOTHING, value: lengthTyped(min, system), second: lengthTyped(max, system), source };
  }
  if (type.as === 'drum') {
    const { diameter, width } = value as { diameter: number; width: number };
    const said = (m: number) => partLength(m, system).replace(/ (in|mm)$/, '');
    return { ...NOTHING, value: said(diameter), second: said(width), source };
  }
  const thread = type.as === 'pitch' && isMetricThread(Number(value)) ? 'mm' : 'tpi';
  return { value: factTyped(id, raw, system), second: '', thread, source };
}

type Read = Result<unknown, FactErrors>;

function length(text: string, field: 'value' | 'second', system: UnitSystem): Result<number, FactErrors> {
  const read = parseQuantity(text, 'length', unitFor('length', system));
  if (!read.ok) return fail({ [field]: parseWords(read.error, system) });
  return read.value < 0 ? fail({ [field]: 'A length cannot be negative.' }) : read;
}

function readWindow(draft: FactDraft, most: number, system: UnitSystem): Read {
  const min = draft.value.trim() === '' ? ok(0) : length(draft.value, 'value', system);
  if (!min.ok) return min;
  const max = length(draft.second, 'second', system);
  if (!max.ok) return max;
  if (max.value <= min.value) return fail({ second: 'The window ends before it begins.' });
  if (max.value > most)
    return fail({
      second: `No hub may have ${measure(max.value, 'length', system)} of play. Look at the unit.`,
    });
  return ok({ min: min.value, max: max.value });
}

function readDrum(draft: FactDraft, system: UnitSystem): Read {
  const diameter = length(draft.value, 'value', system);
  if (!diameter.ok) return diameter;
  const width = length(draft.second, 'second', system);
  if (!width.ok) return width;
  if (diameter.value < toSI(5, 'in') || diameter.value > toSI(20, 'in'))
    return fail({ value: 'Trailer drums are from 5 to 20 in across. Look at the unit.' });
  if (width.value < toSI(0.75, 'in') || width.value >= diameter.value)
    return fail({ second: 'Shoes are at least 3/4 in wide, and narrower than the drum is across.' });
  return ok({ diameter: diameter.value, width: width.value });
}

function readPitch(draft: FactDraft, system: UnitSystem): Read {
  const read = parseNumber(draft.value);
  if (!read.ok) return fail({ value: parseWords(read.error, system) });
  const inches = draft.thread === 'tpi';
  const [min, max] = inches ? [6, 40] : [0.5, 4];
  if (read.value < min || read.value > max)
    return fail({
      value: inches
        ? `Spindle threads run from ${min} to ${max} to the inch.`
        : `Spindle threads have a pitch from ${min} to ${max} mm.`,
    });
  return ok(inches ? toSI(1 / read.value, 'in') : toSI(read.value, 'mm'));
}

function readValue(id: FactId, type: FactType, draft: FactDraft, system: UnitSystem): Read {
  switch (type.as) {
    case 'choice': {
      const chosen = type.options.find((option) => String(option) === draft.value);
      return chosen === undefined ? fail({ value: 'Choose one.' }) : ok(chosen);
    }
    case 'whole': {
      const read = type.span ? parseSpan(draft.value) : parseNumber(draft.value);
      if (!read.ok) return fail({ value: parseWords(read.error, system) });
      return Number.isInteger(read.value) && read.value >= type.min && read.value <= type.max
        ? read
        : fail({ value: `A whole number from ${type.min} to ${formatNumber(type.max)}.` });
    }
    case 'quantity': {
      const { dimension, min, max } = type;
      const read = parseQuantity(draft.value, dimension, unitFor(dimension, system));
      if (!read.ok) return fail({ value: parseWords(read.error, system) });
      const slack = (max - min) * 1e-9;
      if (read.value >= min - slack && read.value <= max + slack) return read;
      return fail({
        value: `From ${factText(id, min, system)} to ${factText(id, max, system)}. Check the figure and its unit.`,
      });
    }
    case 'pitch':
      return readPitch(draft, system);
    case 'window':
      return readWindow(draft, type.max, system);
    case 'drum':
      return readDrum(draft, system);
    case 'words': {
      const text = draft.value.trim();
      if (text === '') return fail({ value: 'There is nothing in it.' });
      return text.length > type.most ? fail({ value: `${type.most} letters at most.` }) : ok(text);
    }
  }
}

/** The changes that a fact as typed makes, at some axles where it is one of axles; or what is wrong with it. */
export function readFact(
  model: RigModel,
  id: FactId,
  draft: FactDraft,
  axles: readonly number[],
  system: UnitSystem,
  insisted = false,
): Result<Changes, FactErrors> {
  const def = factDef(id);
  const read = readValue(id, def.type, draft, system);
  const source = def.sourced && draft.source === '' ? { source: 'Say where this comes from.' } : {};
  if (!read.ok) return fail({ ...read.error, ...source });
  if ('source' in source) return fail(source);
  const odd =
    id === 'torque' && !insisted
      ? oddTorqueWords(Number(read.value), model.wheels.studDiameter?.value, system)
      : undefined;
  if (odd) return fail({ value: odd, ask: true });
  const value = def.sourced ? { value: read.value, source: draft.source } : read.value;
  const indices = def.scope === 'axle' ? axles : [0];
  return ok(Object.fromEntries(indices.map((index) => [factPath(id, index), value])) as Changes);
}

/** The changes that withdraw a fact: it is not known any more. */
export function forgetFact(id: FactId, axles: readonly number[]): Changes {
  const indices = factDef(id).scope === 'axle' ? axles : [0];
  return Object.fromEntries(indices.map((index) => [factPath(id, index), null]));
}
