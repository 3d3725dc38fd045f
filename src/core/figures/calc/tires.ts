import {
  distanceLeft,
  loadAtPressure,
  maxColdPressure,
  tireSize,
  turnsPerMile,
  usualCapacity,
} from '../tire';
import { toSI } from '../../base';
import { LOAD_RANGES, type RigModel } from '../../rig';
import { choice, defineCalc, quantity, type WordsInput } from './define';

const inch = (value: number) => toSI(value, 'in');
const thirtySecond = inch(1 / 32);
const lb = (value: number) => toSI(value, 'lb');
const psi = (value: number) => toSI(value, 'psi');
const sizeOf = ({ tires }: RigModel) => tires?.size && { value: tires.size.value, source: tires.size.source };
const size: WordsInput = { as: 'words', most: 24, fill: sizeOf };

/** What the tires of an axle carry at a pressure, against what the scale says (handbook 8.8). */
export const tire = defineCalc({
  inputs: {
    size,
    range: choice(LOAD_RANGES, {
      fill: ({ tires }) =>
        tires?.loadRange && { value: tires.loadRange.value, source: tires.loadRange.source },
    }),
    marked: quantity('weight', lb(300), lb(8000), lb(10), { optional: true }),
    pressure: quantity('pressure', psi(15), psi(130), psi(1), {
      fill: ({ tires }) => tires?.pressure && { value: tires.pressure.value, source: tires.pressure.source },
    }),
    scale: quantity('weight', lb(300), lb(16_000), lb(10), {
      fill: ({ axles }) => {
        const spec = axles[0]?.rating;
        return spec && { value: spec.value, source: spec.source };
      },
    }),
  },
  results: {
    margin: { as: 'plain', unit: '%', decimals: 0 },
    carries: { as: 'quantity', of: 'weight', decimals: 0 },
    each: { as: 'quantity', of: 'weight', decimals: 0 },
    most: { as: 'quantity', of: 'pressure', decimals: 0 },
    diameter: { as: 'quantity', of: 'length', decimals: 2 },
    turns: { as: 'plain', unit: 'turns a mile', decimals: 0 },
  },
  work: ({ n, t, maybe }) => {
    const read = tireSize(t('size'));
    if (!read) return { at: 'size', code: 'not-a-size' };
    const capacity = maybe('marked') ?? usualCapacity(t('size'), t('range'));
    if (capacity === undefined) return { at: 'marked', code: 'capacity-unknown' };
    const most = maxColdPressure(t('range')) ?? n('pressure');
    if (n('pressure') > most + psi(0.5)) return { at: 'pressure', code: 'over-most' };
    const each = loadAtPressure(n('pressure'), capacity, most);
    const margin = (2 * each) / n('scale') - 1;
    return {
      results: {
        margin: margin * 100,
        carries: 2 * each,
        each,
        most,
        diameter: read.diameter,
        turns: turnsPerMile(read.diameter),
      },
      verdict: margin < 0 ? 'stop' : margin < 0.1 ? 'watch' : 'clear',
      said: margin < 0 ? 'overloaded' : margin < 0.1 ? 'close' : 'enough',
    };
  },
  sensitive: { input: 'pressure', step: psi(5) },
});

/** How far the tread lasts as it wears. */
export const tread = defineCalc({
  inputs: {
    fresh: quantity('length', thirtySecond * 2, thirtySecond * 24, thirtySecond, {
      example: thirtySecond * 8,
    }),
    now: quantity('length', 0, thirtySecond * 24, thirtySecond, { example: thirtySecond * 6 }),
    driven: quantity('distance', toSI(10, 'mi'), toSI(100_000, 'mi'), toSI(100, 'mi'), {
      example: toSI(10_000, 'mi'),
    }),
    limit: quantity('length', 0, thirtySecond * 8, thirtySecond, { usual: thirtySecond * 2 }),
  },
  results: {
    left: { as: 'quantity', of: 'distance', decimals: 0 },
    per: { as: 'plain', unit: '/32 in per 1,000 mi', decimals: 2 },
  },
  work: ({ n }) => {
    if (n('now') >= n('fresh')) return { at: 'now', code: 'not-worn' };
    const left = distanceLeft({ new: n('fresh'), now: n('now'), limit: n('limit') }, n('driven'));
    if (left === undefined) return { at: 'now', code: 'not-worn' };
    const per = (n('fresh') - n('now')) / thirtySecond / (n('driven') / toSI(1000, 'mi'));
    return { results: { left, per }, verdict: n('now') <= n('limit') ? 'stop' : 'clear' };
  },
  sensitive: { input: 'now', step: thirtySecond },
});

/** Two sizes side by side. */
export const sizes = defineCalc({
  inputs: { size, other: { as: 'words', most: 24 } as WordsInput },
  results: {
    more: { as: 'plain', unit: '%', decimals: 1 },
    diameter: { as: 'quantity', of: 'length', decimals: 2 },
    other: { as: 'quantity', of: 'length', decimals: 2 },
    turns: { as: 'plain', unit: 'turns a mile', decimals: 0 },
    otherTurns: { as: 'plain', unit: 'turns a mile', decimals: 0 },
  },
  work: ({ t }) => {
    const one = tireSize(t('size'));
    if (!one) return { at: 'size', code: 'not-a-size' };
    const other = tireSize(t('other'));
    if (!other) return { at: 'other', code: 'not-a-size' };
    const more = other.diameter / one.diameter - 1;
    return {
      results: {
        more: more * 100,
        diameter: one.diameter,
        other: other.diameter,
        turns: turnsPerMile(one.diameter),
        otherTurns: turnsPerMile(other.diameter),
      },
      // All tires of an axle have to be of one height.
      verdict: Math.abs(more) < 0.005 ? 'clear' : 'watch',
      said: one.rim === other.rim ? 'same-rim' : 'other-rim',
    };
  },
});
