import { fail, ok, type Result } from './result';
import { parseNumber, type ParseProblem } from './parse';

const UNITS_OF_TIME: readonly (readonly [RegExp, number])[] = [
  [/^d(ays?)?$/i, 1],
  [/^w(ks?|eeks?)?$/i, 7],
  [/^m(os?|onths?)?$/i, 365 / 12],
  [/^y(rs?|ears?)?$/i, 365],
];

/** A span of whole days from what people type: `365`, `12 months`, `5 years`, `2 yr`; a bare figure is days. */
export function parseSpan(text: string): Result<number, ParseProblem> {
  const [, figure = text, unit = ''] = /^\s*([\d.,/ ½¼¾-]*[\d½¼¾])\s*([a-z]+)\.?\s*$/i.exec(text) ?? [];
  const read = parseNumber(figure);
  if (!read.ok || unit === '') return read;
  const days = UNITS_OF_TIME.find(([named]) => named.test(unit))?.[1];
  return days === undefined ? fail({ code: 'unknown-unit', typed: unit }) : ok(Math.round(read.value * days));
}
