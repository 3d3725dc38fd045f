import type { CalcInput, NumberInput, Shape } from '@/core/figures';
import {
  formatInches,
  formatNumber,
  formatUpTo,
  fromSI,
  parseNumber,
  parseQuantity,
  toSI,
  unitFor,
  type Dimension,
  type UnitSystem,
  fail,
  ok,
  type Result,
} from '@/core/base';
import { capital } from '../measure';
import { THICKENER_WORDS } from '../rig';

/** Plain units that the other system has another word and size for. */
const METRIC: Readonly<Record<string, readonly [unit: string, times: number]>> = {
  'turns a mile': ['turns a km', 1 / 1.609344],
  '/32 in per 1,000 mi': ['mm per 1,000 km', 25.4 / 32 / 1.609344],
};

/** The unit a figure is shown and typed in; none for money and bare counts. */
export function shapeUnit(shape: Shape, system: UnitSystem): string {
  if (shape.as === 'quantity') return unitFor(shape.of, system);
  if (shape.unit === 'money') return '';
  if (shape.unit === 'money/h') return 'an hour';
  return (system === 'metric' && METRIC[shape.unit]?.[0]) || shape.unit;
}

/** True for lengths that a rule is read in: they are told as fractions where they are ones. */
function asFraction(value: number, shape: Shape, system: UnitSystem): boolean {
  if (shape.as !== 'quantity' || shape.of !== 'length' || system !== 'us' || (shape.decimals ?? 0) > 2)
    return false;
  const parts = fromSI(value, 'in') * 32;
  return Math.abs(parts - Math.round(parts)) < 1e-6;
}

/** Decimals that an instrument is read to, US and metric. */
const FINE: Readonly<Record<Dimension, readonly [number, number]>> = {
  length: [3, 1],
  height: [0, 1],
  distance: [0, 0],
  pressure: [1, 0],
  temperature: [0, 0],
  torque: [1, 1],
  mass: [2, 0],
  weight: [0, 0],
};

/** The number of a figure, as it is shown: a fraction of an inch where it is one. */
export function shapeNumber(value: number, shape: Shape, system: UnitSystem): string {
  if (shape.as === 'plain') {
    if (shape.unit === 'money' || shape.unit === 'money/h') return `$${formatNumber(value, 0)}`;
    const times = system === 'metric' ? (METRIC[shape.unit]?.[1] ?? 1) : 1;
    return shape.decimals === undefined
      ? formatUpTo(value * times, 2)
      : formatNumber(value * times, shape.decimals);
  }
  if (asFraction(value, shape, system) && value >= 0) return formatInches(value, 32);
  const unit = unitFor(shape.of, system);
  return formatNumber(fromSI(value, unit), shape.decimals ?? FINE[shape.of][system === 'us' ? 0 : 1]);
}

/** A difference of a figure as it is shown, with its sign: temperatures have no zero here. */
export function shapeChange(value: number, shape: Shape, system: UnitSystem): string {
  const sign = value < 0 ? '−' : '+';
  const size = Math.abs(value);
  const unit = shapeUnit(shape, system);
  if (asFraction(size, shape, system)) return `${sign}${formatInches(size, 32)} ${unit}`;
  const number =
    shape.as === 'quantity'
      ? formatNumber(
          fromSI(size, unitFor(shape.of, system)) - fromSI(0, unitFor(shape.of, system)),
          Math.max(shape.decimals ?? 1, 1),
        )
      : shapeNumber(size, shape, system);
  return `${sign}${number}${unit && ` ${unit}`}`;
}

/** A figure with its unit. */
export function shapeText(value: number, shape: Shape, system: UnitSystem): string {
  const unit = shapeUnit(shape, system);
  return `${shapeNumber(value, shape, system)}${unit && ` ${unit}`}`;
}

/** A value as a person would type it into its field. */
export function inputTyped(value: number | string, input: CalcInput, system: UnitSystem): string {
  if (input.as === 'choice' || input.as === 'words' || typeof value === 'string') return String(value);
  if (input.as === 'plain') return String(Number(value.toFixed(3)));
  if (asFraction(value, input, system)) return formatInches(value, 32);
  const unit = unitFor(input.of, system);
  return String(Number(fromSI(value, unit).toFixed(input.of === 'length' ? 4 : 2)));
}

/** A field's text as a value: SI for quantities, `2 1/4`, `2-1/4`, `2.25` and `2¼` all read; two figures with only a space between are none. */
export function inputRead(text: string, input: NumberInput, system: UnitSystem): Result<number, string> {
  const read =
    input.as === 'quantity'
      ? parseQuantity(text, input.of, unitFor(input.of, system))
      : parseNumber(text.replace(/^\$/, ''));
  if (read.ok) return ok(read.value);
  if (/^\d+ \d+$/.test(text.trim()))
    return fail(
      `Is it ${text.trim().replace(/^(\d+) (\d)(\d+)$/, '$1 $2/$3')}, or two figures? Put a slash or a point in.`,
    );
  const unit = shapeUnit(input, system);
  switch (read.error.code) {
    case 'wrong-unit':
    case 'unknown-unit':
      return fail(`This is measured in ${unit}, not in ${read.error.typed}.`);
    default:
      return fail(`A number${unit && `, in ${unit}`}, such as 2.25 or 2 1/4.`);
  }
}

/** A step of a key or a drag in SI: round in the owner's own units. */
export function stepOf(input: NumberInput, system: UnitSystem): number {
  if (input.as !== 'quantity' || system === 'us') return input.step;
  const unit = unitFor(input.of, system);
  const own = fromSI(input.step, unit) - fromSI(0, unit);
  const nice = [0.05, 0.1, 0.25, 0.5, 1, 2, 5, 10, 25, 50, 100].find((one) => one >= own) ?? own;
  return toSI(nice, unit) - toSI(0, unit);
}

const OPTIONS: Readonly<Record<string, string>> = {
  trailer: 'Trailer',
  boat: 'Boat trailer',
  neighbors: 'Between neighbors',
  'next-but-one': 'To the next but one',
  ...THICKENER_WORDS,
};

/** One of the choices of an input. */
export function optionText(option: string): string {
  return OPTIONS[option] ?? capital(option);
}
