import { adapterChange } from '../wheel-adapter';
import { boltCircle, boltCircleAcross, matchPattern } from '../bolt-circle';
import { liftCapacity, liftFit } from '../jack';
import { toSI } from '../../base';
import { choice, defineCalc, quantity } from './define';

const inch = (value: number) => toSI(value, 'in');
const lb = (value: number) => toSI(value, 'lb');

/** The bolt circle from the distance between studs (handbook 8.5). */
export const circle = defineCalc({
  inputs: {
    studs: choice(['4', '5', '6', '8'], { fill: ({ wheels }) => ({ value: String(wheels.studs) }) }),
    between: choice(['neighbors', 'next-but-one'], { usual: 'neighbors' }),
    apart: quantity('length', inch(1), inch(12), inch(1 / 32)),
  },
  results: {
    circle: { as: 'quantity', of: 'length', decimals: 2 },
    usual: { as: 'quantity', of: 'length', decimals: 2 },
  },
  work: ({ n, t }) => {
    const studs = Number(t('studs'));
    const far = t('between') === 'next-but-one';
    if (far && studs === 4) return { at: 'between', code: 'across-on-four' };
    const measured = far ? boltCircleAcross(n('apart'), studs, 0) : boltCircle(n('apart'), studs);
    const { usual } = matchPattern(measured, studs);
    return {
      results: { circle: measured, ...(usual !== undefined && { usual }) },
      verdict: usual === undefined ? 'watch' : 'clear',
      said: usual === undefined ? 'unusual' : 'usual',
    };
  },
  sensitive: { input: 'apart', step: inch(1 / 32) },
});

/** What a wheel adapter changes. */
export const spacer = defineCalc({
  inputs: {
    thickness: quantity('length', inch(0.25), inch(6), inch(1 / 16), { example: inch(1.25) }),
    clearance: quantity('length', 0, inch(20), inch(1 / 16)),
    studs: quantity('length', inch(0.5), inch(6), inch(1 / 16), { example: inch(1.25) }),
  },
  results: {
    fender: { as: 'quantity', of: 'length', decimals: 2 },
    track: { as: 'quantity', of: 'length', decimals: 2 },
    proud: { as: 'quantity', of: 'length', decimals: 2 },
  },
  work: ({ n }) => {
    const { track, fender, proud } = adapterChange(n('thickness'), n('clearance'), n('studs'));
    return {
      results: { fender, track, proud },
      verdict: fender <= 0 || proud > 0 ? 'stop' : 'clear',
      said: fender <= 0 ? 'rubs' : proud > 0 ? 'proud' : 'clears',
    };
  },
  sensitive: { input: 'thickness', step: inch(1 / 4) },
});

/** Jack, blocks and stand against the point that is lifted (handbook 8.11). */
export const jack = defineCalc({
  inputs: {
    point: quantity('length', inch(3), inch(60), inch(0.25), {
      fill: ({ lifting }) =>
        lifting?.height && { value: lifting.height.value, source: lifting.height.source },
      example: inch(14),
    }),
    sag: quantity('length', 0, inch(12), inch(0.25), { example: inch(3) }),
    droop: quantity('length', 0, inch(12), inch(0.25), { example: inch(2) }),
    clearance: quantity('length', 0, inch(6), inch(0.25), { example: inch(1) }),
    closed: quantity('length', inch(2), inch(40), inch(0.25), { example: inch(6) }),
    raised: quantity('length', inch(4), inch(60), inch(0.25), { example: inch(14) }),
    blocks: quantity('length', 0, inch(24), inch(0.5), { example: inch(7) }),
    gvwr: quantity('weight', lb(300), lb(60_000), lb(50), {
      optional: true,
      fill: ({ gvwr }) => gvwr && { value: gvwr.value, source: gvwr.source },
    }),
    tongue: quantity('weight', 0, lb(8000), lb(10), { optional: true }),
  },
  results: {
    above: { as: 'quantity', of: 'length', decimals: 1 },
    below: { as: 'quantity', of: 'length', decimals: 1 },
    needed: { as: 'quantity', of: 'length', decimals: 1 },
    least: { as: 'quantity', of: 'length', decimals: 1 },
    most: { as: 'quantity', of: 'length', decimals: 1 },
    rated: { as: 'quantity', of: 'weight', decimals: 0 },
  },
  work: ({ n, maybe }) => {
    if (n('raised') <= n('closed')) return { at: 'raised', code: 'not-over-closed' };
    const gvwr = maybe('gvwr');
    const fit = liftFit({
      closed: n('closed'),
      raised: n('raised'),
      blocks: n('blocks'),
      point: n('point'),
      sag: n('sag'),
      droop: n('droop'),
      clearance: n('clearance'),
    });
    return {
      results: {
        above: fit.spareAbove,
        below: fit.spareBelow,
        needed: fit.needed,
        ...(fit.blocks && { least: fit.blocks.min, most: fit.blocks.max }),
        ...(gvwr !== undefined && { rated: liftCapacity(gvwr, maybe('tongue') ?? 0) }),
      },
      verdict: fit.goesUnder && fit.liftsEnough ? 'clear' : 'stop',
      said: !fit.goesUnder ? 'too-tall' : !fit.liftsEnough ? 'too-short' : 'fits',
    };
  },
  sensitive: { input: 'blocks', step: inch(1) },
});
