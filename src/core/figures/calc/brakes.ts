import { atMagnets, GAUGES, magnetCurrent, magnetsPulling } from '../magnets';
import { brakeCost } from '../brake-cost';
import { brakeFuse, wireRun, gaugeFor } from '../wiring';
import { drumLeft, drumMaximum, matchAssembly } from '../drum';
import { toSI } from '../../base';
import type { RigModel } from '../../rig';
import { choice, defineCalc, plain, quantity } from './define';

const inch = (value: number) => toSI(value, 'in');
const foot = (value: number) => toSI(value, 'ft');
const braked = ({ axles }: RigModel) => axles.filter(({ brake }) => brake === 'electric').length;
const gauges = choice(GAUGES.map(String), { example: '12' });
type Gauge = (typeof GAUGES)[number];
const volts = plain('V', 6, 15, 0.1, { usual: 12.6 });
const ohms = plain('Ω', 0.5, 12, 0.1, { usual: 3.2 });

/** Current of electric brakes, what each magnet gets, and how many pull (handbook 8.7). */
export const magnets = defineCalc({
  inputs: {
    volts,
    magnets: plain('magnets', 1, 6, 1, {
      fill: (model) => (braked(model) > 0 ? { value: 2 * braked(model) } : undefined),
      example: 4,
    }),
    off: plain('dead', 0, 6, 1, { usual: 0 }),
    ohms,
    length: quantity('height', foot(2), foot(120), foot(1), { example: foot(30) }),
    gauge: gauges,
    measured: plain('A', 0, 60, 0.1, { optional: true }),
  },
  results: {
    current: { as: 'plain', unit: 'A', decimals: 2 },
    each: { as: 'plain', unit: 'A', decimals: 2 },
    volts: { as: 'plain', unit: 'V', decimals: 2 },
    pulling: { as: 'plain', unit: 'magnets', decimals: 0 },
  },
  work: ({ n, t, maybe }) => {
    if (n('off') > n('magnets')) return { at: 'off', code: 'more-than-all' };
    const circuit = {
      volts: n('volts'),
      magnet: n('ohms'),
      length: n('length'),
      gauge: Number(t('gauge')) as Gauge,
    };
    const { current, each, volts: left } = atMagnets(circuit, n('magnets') - n('off'));
    const measured = maybe('measured');
    if (measured === undefined) return { results: { current, each, volts: left } };
    const found = magnetsPulling(circuit, n('magnets'), measured);
    return {
      results: { current, each, volts: left, pulling: found.count },
      verdict: !found.fits ? 'stop' : found.count < n('magnets') ? 'due' : 'clear',
      said: !found.fits ? 'short' : found.count < n('magnets') ? 'some' : 'all',
    };
  },
  sensitive: { input: 'length', step: foot(10) },
});

/** The assembly that a drum and its shoe belong to, and what is left of the drum (handbook 8.12). */
export const drum = defineCalc({
  inputs: {
    diameter: quantity('length', inch(5), inch(20), inch(0.01), {
      fill: ({ axles }) => {
        const spec = axles.find((axle) => axle.drum)?.drum;
        return spec && { value: spec.value.diameter, source: spec.source };
      },
    }),
    width: quantity('length', inch(0.75), inch(6), inch(1 / 16), {
      fill: ({ axles }) => {
        const spec = axles.find((axle) => axle.drum)?.drum;
        return spec && { value: spec.value.width, source: spec.source };
      },
    }),
    stamped: quantity('length', inch(5), inch(20), inch(0.01), { optional: true }),
  },
  results: {
    nominal: { as: 'quantity', of: 'length' },
    width: { as: 'quantity', of: 'length' },
    left: { as: 'quantity', of: 'length', decimals: 3 },
    most: { as: 'quantity', of: 'length', decimals: 3 },
  },
  work: ({ n, maybe }) => {
    const match = matchAssembly(n('diameter'), n('width'));
    if (match.found === 'none') return { at: 'diameter', code: 'no-assembly' };
    const [nearest] = match.assemblies;
    if (!nearest) return { at: 'diameter', code: 'no-assembly' };
    const left = drumLeft(n('diameter'), nearest.diameter, maybe('stamped'));
    return {
      results: {
        nominal: nearest.diameter,
        width: nearest.width,
        left,
        most: maybe('stamped') ?? drumMaximum(nearest.diameter),
      },
      verdict: left < 0 ? 'due' : 'clear',
      said: left < 0 ? 'worn' : match.found === 'several' ? 'several' : 'one',
    };
  },
  sensitive: { input: 'diameter', step: inch(0.01) },
});

const money = (example?: number) =>
  plain('money', 0, 10_000, 5, example === undefined ? { optional: true } : { example });

/** Parts, loaded plates or a shop, by what an hour of one's own is worth (handbook 8.6). */
export const brakes = defineCalc({
  inputs: {
    rate: plain('money/h', 0, 300, 5, { example: 25 }),
    parts: money(90),
    partsHours: plain('h', 0, 24, 0.25, { example: 3 }),
    plates: money(150),
    platesHours: plain('h', 0, 24, 0.25, { example: 1.5 }),
    quote: money(),
  },
  results: {
    parts: { as: 'plain', unit: 'money', decimals: 0 },
    plates: { as: 'plain', unit: 'money', decimals: 0 },
    even: { as: 'plain', unit: 'money/h', decimals: 0 },
    shop: { as: 'plain', unit: 'money', decimals: 0 },
  },
  work: ({ n, maybe }) => {
    const cost = brakeCost({
      parts: n('parts'),
      partsHours: n('partsHours'),
      plates: n('plates'),
      platesHours: n('platesHours'),
      rate: n('rate'),
      quote: maybe('quote'),
    });
    return {
      results: {
        parts: cost.parts,
        plates: cost.plates,
        ...(cost.breakEven !== undefined && { even: cost.breakEven }),
        ...(cost.shop !== undefined && { shop: cost.shop }),
      },
      said: cost.cheapest,
    };
  },
  sensitive: { input: 'rate', step: 5 },
});

/** Wire, fuse and splices for brakes on bare axles. */
export const wiring = defineCalc({
  inputs: {
    axles: plain('axles', 1, 3, 1, { fill: ({ axles }) => ({ value: axles.length }) }),
    toAxle: quantity('height', foot(3), foot(60), foot(1), { example: foot(15) }),
    between: quantity('length', inch(20), inch(80), inch(1), {
      example: inch(33),
      fill: ({ axleSpacing }) => axleSpacing && { value: axleSpacing.value, source: axleSpacing.source },
    }),
    across: quantity('height', foot(3), foot(9), foot(0.5), { example: foot(6) }),
    volts,
    ohms,
    drop: plain('V', 0.2, 4, 0.1, { usual: 1 }),
  },
  results: {
    gauge: { as: 'plain', unit: 'AWG', decimals: 0 },
    wire: { as: 'quantity', of: 'height', decimals: 0 },
    fuse: { as: 'plain', unit: 'A', decimals: 0 },
    splices: { as: 'plain', unit: 'splices', decimals: 0 },
    current: { as: 'plain', unit: 'A', decimals: 1 },
  },
  work: ({ n }) => {
    const count = 2 * n('axles');
    const one = n('toAxle') + n('between') * (n('axles') - 1);
    const full = magnetCurrent({ volts: n('volts'), magnet: n('ohms'), length: 0, gauge: 12 }, count);
    const gauge = gaugeFor(full, one, n('drop'));
    const fuse = brakeFuse(full);
    if (gauge === undefined || fuse === undefined) return { at: 'drop', code: 'no-wire' };
    const { wire, splices } = wireRun(n('axles'), {
      toAxle: n('toAxle'),
      between: n('between'),
      across: n('across'),
    });
    return { results: { gauge, wire, fuse, splices, current: full } };
  },
});
