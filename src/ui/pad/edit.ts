import { UNITS, type Unit } from '@/core/base';
import type { PadKind } from './pad-context';

/** A line of text as it is edited: what stands in it, and from where to where it is marked. */
export interface Line {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** What a key of the pad does to a line. */
export type PadKey =
  { readonly put: string } | { readonly unit: Unit } | { readonly over: 8 | 16 | 32 } | 'erase' | 'clear';

const isUnit = (unit: string): unit is Unit => Object.hasOwn(UNITS, unit);

/** The units a figure can be typed in where `unit` is asked for, that one first; none where it is no unit of ours. */
export function unitsLike(unit: string | undefined): readonly Unit[] {
  if (unit === undefined || !isUnit(unit)) return [];
  const { dimension } = UNITS[unit];
  const like = (Object.keys(UNITS) as Unit[]).filter((one) => UNITS[one].dimension === dimension);
  return [unit, ...like.filter((one) => one !== unit)];
}

/** The figure of a line and the unit typed behind it, if one is. */
function parted(text: string): { readonly figure: string; readonly unit: string } {
  const [, figure = '', unit = ''] = /^([\d\s./,+-]*)(.*)$/.exec(text) ?? [];
  return { figure: figure.trimEnd(), unit: unit.trim() };
}

/** The unit that a line is typed in, where the field asks for `asked`. */
export function unitOfLine(text: string, asked: string | undefined): string | undefined {
  return parted(text).unit || asked;
}

/** The line after a key; the mark stands behind what came in. */
export function pressed({ text, ...mark }: Line, key: PadKey, asked?: string): Line {
  const at = (next: string, place: number): Line => ({ text: next, from: place, to: place });
  if (key === 'clear') return at('', 0);
  const { figure, unit } = parted(text);
  // Digits belong to the figure, wherever the mark stands; a unit goes by its own keys.
  const end = asked === undefined ? text.length : figure.length;
  const from = Math.min(mark.from, end);
  const to = Math.min(mark.to, end);
  if (key === 'erase') {
    const start = from === to ? Math.max(0, from - 1) : from;
    return at(text.slice(0, start) + text.slice(to), start);
  }
  if ('put' in key) return at(text.slice(0, from) + key.put + text.slice(to), from + key.put.length);
  if ('over' in key) {
    const over = figure.replace(/\/\d*$/, '') + `/${key.over}`;
    return at(unit ? `${over} ${unit}` : over, over.length);
  }
  const next = key.unit === asked ? figure : `${figure} ${key.unit}`;
  return at(next, figure.length);
}

const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];

/** The keys in front of a field that do not stand on the number block. */
export function extraKeys(kind: PadKind): readonly string[] {
  return kind === 'code' ? [...LETTERS, '-', '/'] : [];
}
