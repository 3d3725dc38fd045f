import { fail, ok, type Result } from './result';
import { toSI, UNITS, type Dimension, type Unit } from './units';

/** Why a typed quantity was refused; the text typed is left with the caller. */
export type ParseProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'not-a-number' }
  | { readonly code: 'unknown-unit'; readonly typed: string }
  | { readonly code: 'wrong-unit'; readonly typed: Unit; readonly wanted: Dimension };

const FRACTION_SIGNS: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const NUMBER = /^([+-]?)(?:(\d+)[ -])?(\d+)\/(\d+)$|^([+-]?(?:\d+(?:\.\d*)?|\.\d+))$/;
const SPLIT = /^([+-]?[\d.,/ -]*\d\.?)\s*(.*)$/;

/** A plain number from what people type: `1,240`, `2.5`, `2,5`, `2 1/4`, `2-1/4`, `½`. */
export function parseNumber(text: string): Result<number, ParseProblem> {
  let t = text.trim();
  if (t === '') return fail({ code: 'empty' });
  t = t.replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${FRACTION_SIGNS[sign] ?? ''}`).trim();
  t = t.replace(/−/g, '-').replace(/\s+/g, ' ');
  if (/^[+-]?\d{1,3}(,\d{3})+(\.\d+)?$/.test(t)) t = t.replace(/,/g, '');
  else if (/^[+-]?\d+,\d{1,2}$/.test(t)) t = t.replace(',', '.');
  const match = NUMBER.exec(t);
  if (!match) return fail({ code: 'not-a-number' });
  const [, sign, whole, top, bottom, decimal] = match;
  if (decimal !== undefined) return ok(Number(decimal));
  const under = Number(bottom);
  if (under === 0) return fail({ code: 'not-a-number' });
  const size = Number(whole ?? 0) + Number(top) / under;
  return ok(sign === '-' ? -size : size);
}

/** A quantity in SI from text such as `110`, `110 lb ft`, `2 1/4 in`; without a unit, `assumed` is meant. */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  assumed: Unit,
): Result<number, ParseProblem> {
  const t = text.trim();
  if (t === '') return fail({ code: 'empty' });
  const spaced = t.replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${FRACTION_SIGNS[sign] ?? ''}`).trim();
  const match = SPLIT.exec(spaced);
  if (!match) return fail({ code: 'not-a-number' });
  const [, numberText = '', unitText = ''] = match;
  const number = parseNumber(numberText);
  if (!number.ok) return number;
  if (unitText === '') return ok(toSI(number.value, assumed));
  const unit = findUnit(unitText);
  if (!unit) return fail({ code: 'unknown-unit', typed: unitText });
  if (UNITS[unit].dimension !== dimension)
    return fail({ code: 'wrong-unit', typed: unit, wanted: dimension });
  return ok(toSI(number.value, unit));
}

/** A unit without what people put between its parts: `ft-lbs`, `lb·ft`, `ft. lb` are one. */
const bare = (text: string) => text.toLowerCase().replace(/[\s.·⋅*-]+/g, '');

function findUnit(text: string): Unit | undefined {
  const wanted = bare(text);
  return (Object.keys(UNITS) as Unit[]).find(
    (unit) => bare(unit) === wanted || (UNITS[unit].also as readonly string[]).includes(wanted),
  );
}
