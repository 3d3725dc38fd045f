import type { UnitSystem } from '@/core/base';
import type { ReadingId } from '@/core/rules';
import { day } from '../dates';
import { capital } from '../measure';
import { readingValue } from '../reading-value';
import { readingName } from '../readings';
import type { Block } from './paper';

/** A reading in time: SI, or plain counts. */
export interface ReadAt {
  readonly at: string;
  readonly value: number;
}

/** What is worth a line over the years: fewer readings than three are told in words alone. */
const CHARTED: readonly ReadingId[] = [
  'hub-temp',
  'pressure',
  'tread-middle',
  'lining',
  'drum-diameter',
  'end-play',
];
const ENOUGH = 3;
const [WIDE, HIGH, LEFT, TOP] = [470, 64, 4, 8];

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** A line of readings over time, its lowest and highest named, first and last day below. */
function drawing(what: ReadingId, points: readonly ReadAt[], system: UnitSystem, printed: string): string {
  const times = points.map(({ at }) => Date.parse(at));
  const values = points.map(({ value }) => value);
  const [from, to] = [Math.min(...times), Math.max(...times)];
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (at: number) => LEFT + ((at - from) / Math.max(1, to - from)) * (WIDE - 90 - LEFT);
  const y = (value: number) => TOP + (high === low ? 0.5 : (high - value) / (high - low)) * (HIGH - TOP - 16);
  const at = points.map((point, i) => `${x(times[i] ?? from).toFixed(1)},${y(point.value).toFixed(1)}`);
  const dots = at.map((one) => {
    const [cx, cy] = one.split(',');
    return `<circle cx="${cx}" cy="${cy}" r="2" fill="#17201d"/>`;
  });
  const label = (text: string, lx: number, ly: number) =>
    `<text x="${lx}" y="${ly.toFixed(1)}" font-size="8" font-family="Words" fill="#535e59">${escaped(text)}</text>`;
  const say = (value: number) => readingValue(what, value, system);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDE} ${HIGH}" width="${WIDE}" height="${HIGH}"><polyline points="${at.join(' ')}" fill="none" stroke="#0d5c54" stroke-width="1.3"/>${dots.join('')}${label(say(high), WIDE - 84, y(high) + 3)}${high === low ? '' : label(say(low), WIDE - 84, y(low) + 3)}${label(day(points[0]?.at ?? printed, printed), LEFT, HIGH - 2)}${label(day(points.at(-1)?.at ?? printed, printed), WIDE - 150, HIGH - 2)}</svg>`;
}

/** The readings of a place as lines over the years, those read often enough. */
export function charts(
  place: string,
  points: Readonly<Record<string, readonly ReadAt[]>>,
  system: UnitSystem,
  printed: string,
): readonly Block[] {
  return CHARTED.flatMap((what): readonly Block[] => {
    const own = points[`${what}@${place}`] ?? [];
    if (own.length < ENOUGH) return [];
    return [
      {
        as: 'text',
        text: `${what === 'tread-middle' ? 'Tread, middle' : capital(readingName(what))}, ${own.length} readings`,
      },
      { as: 'drawing', svg: drawing(what, own, system, printed), width: WIDE },
    ];
  });
}
