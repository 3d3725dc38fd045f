import { inflationTime } from '../inflation';
import { leakBetween, PERMEATION } from '../leak';
import { ONE_TEMPERATURE, pressureAt } from '../pressure';
import { toSI } from '../../base';
import type { RigModel } from '../../rig';
import { defineCalc, plain, quantity } from './define';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const cold = ({ tires }: RigModel) =>
  tires?.pressure && { value: tires.pressure.value, source: tires.pressure.source };
const air = (example: number) =>
  quantity('temperature', F(-40), F(160), toSI(1, '°F') - toSI(0, '°F'), { example });
const read = quantity('pressure', psi(5), psi(150), psi(1));
const gauge = { ...read, fill: cold };
const altitude = quantity('height', -450, 4500, toSI(100, 'ft'), { optional: true });

/** What a tire reads at another temperature and altitude (handbook 8.3). */
export const pressure = defineCalc({
  inputs: { read: gauge, from: air(ONE_TEMPERATURE), to: air(F(40)), high: altitude, higher: altitude },
  results: {
    pressure: { as: 'quantity', of: 'pressure', decimals: 1 },
    change: { as: 'quantity', of: 'pressure', decimals: 1 },
  },
  work: ({ n, maybe }) => {
    const then = pressureAt(
      n('read'),
      { temperature: n('from'), altitude: maybe('high') },
      { temperature: n('to'), altitude: maybe('higher') ?? maybe('high') },
    );
    return { results: { pressure: then, change: then - n('read') } };
  },
  sensitive: { input: 'to', step: toSI(10, '°F') - toSI(0, '°F') },
});

/** What a tire loses in a month, from two readings (handbook 8.4). */
export const leak = defineCalc({
  inputs: {
    first: gauge,
    firstAir: air(ONE_TEMPERATURE),
    second: read,
    secondAir: air(F(55)),
    days: plain('days', 1, 400, 1, { example: 30 }),
  },
  results: {
    monthly: { as: 'quantity', of: 'pressure', decimals: 1 },
    least: { as: 'quantity', of: 'pressure', decimals: 1 },
    most: { as: 'quantity', of: 'pressure', decimals: 1 },
    share: { as: 'plain', unit: '%', decimals: 1 },
  },
  work: ({ n }) => {
    const found = leakBetween(
      { pressure: n('first'), temperature: n('firstAir'), day: 0 },
      { pressure: n('second'), temperature: n('secondAir'), day: n('days') },
    );
    if (!found) return { at: 'days', code: 'no-time' };
    const { monthly, least, most, share } = found;
    const sure = n('first') * PERMEATION < least;
    return {
      results: { monthly, least, most, share: share * 100 },
      verdict: sure ? 'due' : share > PERMEATION ? 'watch' : 'clear',
      said: sure ? 'leak' : share > PERMEATION ? 'perhaps' : 'holds',
    };
  },
  sensitive: { input: 'second', step: psi(1) },
});

/** How long a round of tires takes from the owner's pump (handbook 8.13). */
export const inflation = defineCalc({
  inputs: {
    tires: plain('tires', 1, 8, 1, {
      fill: ({ axles, spares }) => ({ value: 2 * axles.length + (spares ?? 0) }),
    }),
    low: { ...read, example: psi(50) },
    target: gauge,
    rate: quantity('pressure', psi(0.2), psi(60), psi(0.5), { example: psi(4) }),
  },
  results: {
    minutes: { as: 'plain', unit: 'min', decimals: 0 },
    each: { as: 'plain', unit: 'min', decimals: 1 },
  },
  work: ({ n }) => {
    if (n('low') > n('target')) return { at: 'low', code: 'over-target' };
    const each = inflationTime([{ now: n('low'), target: n('target') }], n('rate'));
    return { results: { minutes: each * n('tires'), each } };
  },
  sensitive: { input: 'rate', step: psi(1) },
});
