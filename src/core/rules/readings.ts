import {
  fail,
  ok,
  type Result,
  parseNumber,
  parseQuantity,
  toSI,
  unitFor,
  type ParseProblem,
  type Unit,
  type UnitSystem,
} from '../base';
import { THICKENERS } from '../figures';

/** How a reading is read; bounds in SI, or in its own unit for a plain number: outside of them lies a typing error. */
type Shape =
  | { readonly as: 'text' }
  | { readonly as: 'choice'; readonly options: readonly string[] }
  | { readonly as: 'count'; readonly max: number }
  | {
      readonly as: 'number';
      readonly unit: string;
      readonly min: number;
      readonly max: number;
      /** What a meter shows that reads nothing, and how people write it; kept as the first of these words. */
      readonly none?: readonly [string, ...string[]];
    }
  | {
      readonly as: 'quantity';
      readonly of: 'length' | 'pressure' | 'temperature';
      readonly min: number;
      readonly max: number;
      /** The units that it is read in by mistake. */
      readonly misread?: readonly Unit[];
      /** Its gauge shows thirty-seconds of an inch. */
      readonly gauge?: 'thirty-seconds';
    };

/** What is known of one reading. */
export type ReadingDef = Shape & {
  /** Of the moment, or with a place of its own: the rig's state does not keep it as last read. */
  readonly passing?: true;
  /** Held against a figure. */
  readonly judged?: true;
};

const depth = {
  as: 'quantity',
  of: 'length',
  min: 0,
  max: toSI(1, 'in'),
  judged: true,
  gauge: 'thirty-seconds',
} as const;
const run = { as: 'quantity', of: 'length', min: 0.3, max: 15 } as const;
const pressure = {
  as: 'quantity',
  of: 'pressure',
  min: 0,
  max: toSI(150, 'psi'),
  misread: ['psi', 'kPa', 'bar'],
} as const;
const warmth = { as: 'quantity', of: 'temperature', misread: ['°F', '°C'] } as const;
const thickness = { as: 'quantity', of: 'length', min: 0, max: toSI(0.6, 'in'), judged: true } as const;
const studs = { as: 'count', max: 8, passing: true } as const;
const number = { as: 'text' } as const;

/** Everything that is read or counted on a rig, at a step, on a walk or by itself. */
export const READINGS = {
  'nuts-counted': studs,
  'nuts-started': studs,
  'studs-done': studs,
  'seal-number': number,
  'inner-roller': number,
  'inner-race': number,
  'outer-roller': number,
  'outer-race': number,
  'new-seal-number': number,
  'new-inner-roller': number,
  'new-inner-race': number,
  'new-outer-roller': number,
  'new-outer-race': number,
  renewed: { as: 'choice', options: ['none', 'inner', 'outer', 'both'] },
  grease: { as: 'choice', options: [...THICKENERS, 'not-printed'] },
  'grease-product': number,
  'new-cap-number': number,
  'slots-back': { as: 'count', max: 24, passing: true },
  'end-play': { as: 'quantity', of: 'length', min: 0, max: toSI(0.25, 'in'), passing: true },
  'play-dialed': { as: 'quantity', of: 'length', min: 0, max: toSI(0.25, 'in'), judged: true },
  strokes: { as: 'count', max: 400 },
  hand: { as: 'choice', options: ['left', 'right'] },
  lining: thickness,
  'pad-inner': thickness,
  'pad-outer': thickness,
  'pad-plate': { as: 'quantity', of: 'length', min: 0, max: toSI(0.5, 'in'), passing: true },
  'disc-thickness': { as: 'quantity', of: 'length', min: 0.004, max: 0.06, judged: true },
  'drum-diameter': { as: 'quantity', of: 'length', min: 0.12, max: 0.45, judged: true },
  'magnet-ohms': {
    as: 'number',
    unit: 'Ω',
    min: 0,
    max: 50,
    none: ['open', 'ol', 'no reading', 'o.l.', 'infinite'],
    judged: true,
  },
  volts: { as: 'number', unit: 'V', min: 0, max: 30, judged: true },
  'volts-loaded': { as: 'number', unit: 'V', min: 0, max: 30, judged: true },
  'brake-amps': { as: 'number', unit: 'A', min: 0, max: 60 },
  pressure: { ...pressure, judged: true },
  'pressure-set': pressure,
  'hub-temp': { ...warmth, min: toSI(-40, '°F'), max: toSI(900, '°F'), judged: true },
  'tire-temp': { ...warmth, min: toSI(-40, '°F'), max: toSI(250, '°F') },
  'tread-inner': depth,
  'tread-middle': depth,
  'tread-outer': depth,
  dot: { as: 'text' },
  'came-off': { as: 'choice', options: ['sound', 'rotation', 'worn', 'flat'] },
  'left-diagonal': run,
  'right-diagonal': run,
  'axle-at': run,
  'bolt-spacing': { as: 'quantity', of: 'length', min: 0.05, max: 1 },
  law: { as: 'text' },
} as const satisfies Record<string, ReadingDef>;

/** What is around a reading: the air (K), and how high it is (m). */
export const AROUND = {
  air: { ...warmth, min: toSI(-60, '°F'), max: toSI(135, '°F') },
  altitude: { as: 'quantity', of: 'length', min: -450, max: 5800 },
} as const satisfies Record<string, ReadingDef>;

/** What is read or counted. */
export type ReadingId = keyof typeof READINGS;

/** Every reading. */
export const READING_IDS = Object.keys(READINGS) as [ReadingId, ...ReadingId[]];

/** Readings that are held against a figure; lengths in m, pressure in Pa, temperature in K. */
export type JudgedReading = {
  [R in ReadingId]: (typeof READINGS)[R] extends { readonly judged: true } ? R : never;
}[ReadingId];

/** What is known of a reading. */
export function readingDef(what: ReadingId): ReadingDef {
  return READINGS[what];
}

/** True for readings that have a figure to be held against. */
export function isJudged(what: string): what is JudgedReading {
  return isReading(what) && readingDef(what).judged === true;
}

/** True for what is read or counted on a rig. */
export function isReading(what: string): what is ReadingId {
  return Object.hasOwn(READINGS, what);
}

/** True where a reading can be what was read (SI, or its own unit). */
export function canBeRead(what: ReadingId, value: number | string): boolean {
  const def = readingDef(what);
  switch (def.as) {
    case 'text':
      return typeof value === 'string';
    case 'choice':
      return def.options.includes(String(value));
    case 'count':
      return typeof value === 'number' && value >= 0 && value <= def.max;
    case 'number':
      return readsNothing(def, value) || (typeof value === 'number' && value >= def.min && value <= def.max);
    case 'quantity':
      return typeof value === 'number' && value >= def.min && value <= def.max;
  }
}

/** True for what stands for a meter that reads nothing, as it is kept. */
function readsNothing(def: ReadingDef, value: number | string): boolean {
  return def.as === 'number' && def.none !== undefined && value === def.none[0];
}

/** A log may hold what an earlier version took for possible; so far beyond the bounds of today (times their width) nothing ever was. */
const BEYOND = 10;

/** True where a reading may stand in a log: a known choice, a text of its length, a figure that is not beyond anything that was ever taken. */
export function mayBeKept(what: ReadingId, value: number | string): boolean {
  const def = readingDef(what);
  if (def.as === 'text' || def.as === 'choice' || readsNothing(def, value)) return canBeRead(what, value);
  const [min, max] = def.as === 'count' ? [0, def.max] : [def.min, def.max];
  const width = (max - min) * BEYOND;
  return typeof value === 'number' && value >= min - width && value <= max + width;
}

/** Why what was typed is no such reading. */
export type ReadingProblem = ParseProblem | { readonly code: 'negative' };

/** What a tread gauge shows: `7`, `7/32`, `7 32nds`; a bare figure under one is inches. */
const THIRTY_SECONDS = /^(\d{1,2}(?:\.\d)?)(\s*(?:\/\s*32(?:nds?)?|32nds?)(?:\s*in)?)?$/i;

function inThirtySeconds(text: string, system: UnitSystem): number | undefined {
  const [, parts, said] = THIRTY_SECONDS.exec(text.trim()) ?? [];
  if (parts === undefined || (said === undefined && (system !== 'us' || Number(parts) < 1))) return undefined;
  return toSI(Number(parts) / 32, 'in');
}

/** A reading from what was typed: SI for quantities, counts and plain numbers as they are, what is read off parts as text; whether it can be so much is another question. */
export function parseReading(
  what: ReadingId,
  text: string,
  system: UnitSystem,
): Result<number | string, ReadingProblem> {
  const def = readingDef(what);
  if (def.as === 'text' || def.as === 'choice') return ok(text);
  if (def.as === 'number' && def.none?.includes(text.trim().toLowerCase())) return ok(def.none[0]);
  const gauged = def.as === 'quantity' && def.gauge ? inThirtySeconds(text, system) : undefined;
  if (gauged !== undefined) return ok(gauged);
  const read =
    def.as === 'quantity' ? parseQuantity(text, def.of, unitFor(def.of, system)) : parseNumber(text);
  if (!read.ok) return read;
  if (read.value < 0) return fail({ code: 'negative' });
  return read;
}
