import Papa from 'papaparse';
import { isInstant, msOf, UNITS, toSI, type Unit } from '@/core/base';
import { isGear, isSpare, isWheelEnd, type Place } from '@/core/rig';
import { isChannel, type Fix, type Sample } from '@/core/road';

/** A recorded figure or place, before it is played: its moment is counted from the recording's first (ms). */
export type Recorded =
  | { readonly is: 'sample'; readonly sample: Omit<Sample, 'from'> }
  | { readonly is: 'fix'; readonly fix: Fix };

/** Why a line of a recording was left out. */
export type LineProblem = 'no-time' | 'no-channel' | 'no-place' | 'no-value' | 'no-unit' | 'not-json';

/** A recording as read: what it holds in the order of time, and what was left out, by its line. */
export interface Recording {
  readonly points: readonly Recorded[];
  readonly refused: readonly { readonly line: number; readonly why: LineProblem }[];
}

/** A recording is at most so long (letters, lines). */
const LONGEST = 20_000_000;
const LINES = 400_000;

const isUnit = (text: string): text is Unit => Object.hasOwn(UNITS, text);

function timeOf(raw: unknown): number | undefined {
  const text = String(raw ?? '').trim();
  if (text === '') return undefined;
  if (isInstant(text)) return msOf(text);
  const parsed = /^\d{4}-\d\d-\d\d/.test(text) ? Date.parse(text) : Number(text) * 1000;
  return Number.isFinite(parsed) ? parsed : undefined;
}

const numberOf = (raw: unknown): number | undefined => {
  const text = String(raw ?? '').trim();
  const value = text === '' ? NaN : Number(text);
  return Number.isFinite(value) ? value : undefined;
};

function placeOf(raw: unknown): Place | 'rig' | undefined {
  const text = String(raw ?? '').trim();
  if (text === '' || text === 'rig') return 'rig';
  return isWheelEnd(text) || isSpare(text) || isGear(text) ? text : undefined;
}

type Row = Readonly<Record<string, unknown>>;

function pointOf(row: Row): Recorded | LineProblem {
  const at = timeOf(row['at'] ?? row['time']);
  if (at === undefined) return 'no-time';
  const what = String(row['what'] ?? '').trim();
  if (what === 'position') {
    const [lat, lon] = [numberOf(row['lat']), numberOf(row['lon'])];
    if (lat === undefined || lon === undefined) return 'no-value';
    return { is: 'fix', fix: { at, lat, lon, accuracy: numberOf(row['accuracy']) ?? 10 } };
  }
  if (!isChannel(what)) return 'no-channel';
  const place = placeOf(row['place']);
  if (place === undefined) return 'no-place';
  const value = numberOf(row['value']);
  if (value === undefined) return 'no-value';
  const unit = String(row['unit'] ?? '').trim();
  if (unit !== '' && !isUnit(unit)) return 'no-unit';
  return { is: 'sample', sample: { what, place, value: isUnit(unit) ? toSI(value, unit) : value, at } };
}

const atOf = (point: Recorded) => (point.is === 'fix' ? point.fix.at : point.sample.at);

/** Rows of NDJSON or CSV with the line each stands on; what is no JSON is told apart. */
function rowsOf(text: string): readonly { readonly line: number; readonly row: Row | undefined }[] {
  if (!text.trimStart().startsWith('{')) {
    const [head = [], ...rows] = Papa.parse<readonly string[]>(text, { skipEmptyLines: 'greedy' }).data;
    const names = head.map((name) => name.trim().toLowerCase());
    // The header is the first line.
    return rows.slice(0, LINES).map((cells, i) => ({
      line: i + 2,
      row: Object.fromEntries(names.map((name, at) => [name, cells[at]])),
    }));
  }
  return text
    .split('\n')
    .slice(0, LINES)
    .map((one, i) => ({ one: one.trim(), line: i + 1 }))
    .filter(({ one }) => one !== '')
    .map(({ one, line }) => {
      try {
        const row: unknown = JSON.parse(one);
        return { line, row: typeof row === 'object' && row !== null ? (row as Row) : undefined };
      } catch {
        return { line, row: undefined };
      }
    });
}

/** Reads a recording, CSV (`at, what, place, value, unit`) or NDJSON with the same names; without a unit a figure is in SI, a moment is one of the calendar or seconds. */
export function parseRecording(text: string): Recording {
  const points: Recorded[] = [];
  const refused: { line: number; why: LineProblem }[] = [];
  for (const { line, row } of rowsOf(text.slice(0, LONGEST))) {
    const point = row ? pointOf(row) : 'not-json';
    if (typeof point === 'string') refused.push({ line, why: point });
    else points.push(point);
  }
  points.sort((one, other) => atOf(one) - atOf(other));
  const first = points[0] ? atOf(points[0]) : 0;
  return {
    refused,
    points: points.map((point) =>
      point.is === 'fix'
        ? { is: 'fix', fix: { ...point.fix, at: point.fix.at - first } }
        : { is: 'sample', sample: { ...point.sample, at: point.sample.at - first } },
    ),
  };
}
