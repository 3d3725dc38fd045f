import { askew, FIRST_MARK, hangerPlaces } from '../axle-place';
import { axleFor, balanceOf, moveFor, TONGUE_WINDOW, tongueByScale, weighed, type Load } from '../balance';
import { eyeWear, spacingMatch } from '../equalizer';
import { toSI } from '../../base';
import type { RigModel } from '../../rig';
import { choice, defineCalc, quantity, plain, type Given } from './define';

const inch = (value: number) => toSI(value, 'in');
const lb = (value: number) => toSI(value, 'lb');
const place = (example?: number) =>
  quantity('length', 0, inch(600), inch(1), example === undefined ? {} : { example });
const weight = (example?: number, optional?: true) =>
  quantity('weight', 0, lb(30_000), lb(10), {
    ...(example !== undefined && { example }),
    ...(optional && { optional }),
  });
const kind = choice(['trailer', 'boat'], {
  fill: ({ kind: of }: RigModel) => ({ value: of === 'boat' ? 'boat' : 'trailer' }),
});

/** The loads that can be put on the trailer beside itself. */
export const LOADS = [1, 2, 3, 4] as const;
type LoadInput = 'empty' | 'emptyAt' | `load${(typeof LOADS)[number]}` | `at${(typeof LOADS)[number]}`;

/** The loads as they were given: the trailer itself, then each that weighs something. */
function loadsOf({ n, maybe }: Given<LoadInput>): readonly Load[] {
  return [
    { weight: n('empty'), at: n('emptyAt') },
    ...LOADS.flatMap((i) => {
      const weighs = maybe(`load${i}`);
      const at = maybe(`at${i}`);
      return weighs === undefined || at === undefined ? [] : [{ weight: weighs, at }];
    }),
  ];
}

/** Tongue share by moments, and what brings it into the window (handbook 8.10). */
export const balance = defineCalc({
  inputs: {
    kind,
    axle: quantity('length', inch(12), inch(600), inch(1), { example: inch(126) }),
    empty: weight(lb(900)),
    emptyAt: place(inch(110)),
    load1: weight(lb(620)),
    at1: place(inch(105)),
    load2: { ...weight(lb(300)), optional: true },
    at2: { ...place(inch(60)), optional: true },
    load3: { ...weight(lb(150)), optional: true },
    at3: { ...place(inch(160)), optional: true },
    load4: weight(undefined, true),
    at4: { ...place(), optional: true },
    wanted: plain('%', 5, 20, 0.5, { usual: 12 }),
  },
  results: {
    share: { as: 'plain', unit: '%', decimals: 1 },
    tongue: { as: 'quantity', of: 'weight', decimals: 0 },
    onAxle: { as: 'quantity', of: 'weight', decimals: 0 },
    weight: { as: 'quantity', of: 'weight', decimals: 0 },
    center: { as: 'quantity', of: 'length', decimals: 1 },
    axleTo: { as: 'quantity', of: 'length', decimals: 1 },
    moveBy: { as: 'quantity', of: 'length', decimals: 1 },
  },
  work: (given) => {
    const { n, t } = given;
    const loads = loadsOf(given);
    const found = balanceOf(loads, n('axle'));
    if (!found.ok)
      return found.error.code === 'axle-not-behind'
        ? { at: 'axle', code: 'axle-not-behind' }
        : { at: 'empty', code: found.error.code };
    const { share, tongue, axle, weight: whole, center } = found.value;
    const wanted = n('wanted') / 100;
    const first = loads[1];
    const move = first && moveFor(found.value, n('axle'), first, wanted);
    const axleTo = axleFor(center, wanted);
    const window = TONGUE_WINDOW[t('kind') === 'boat' ? 'boat' : 'trailer'];
    const inside = share >= window.min - 1e-9 && share <= window.max + 1e-9;
    return {
      results: {
        share: share * 100,
        tongue,
        onAxle: axle,
        weight: whole,
        center,
        ...(axleTo !== undefined && { axleTo }),
        ...(move !== undefined && { moveBy: move }),
      },
      verdict: share < 0.05 ? 'stop' : inside ? 'clear' : 'due',
      said: share < 0 ? 'lifts' : inside ? 'inside' : share < window.min ? 'light' : 'heavy',
    };
  },
  sensitive: { input: 'axle', step: inch(1) },
});

/** Tongue and axles from three weighbridge tickets (handbook 8.10). */
export const tickets = defineCalc({
  inputs: { kind, alone: weight(), hitched: weight(), whole: weight() },
  results: {
    share: { as: 'plain', unit: '%', decimals: 1 },
    tongue: { as: 'quantity', of: 'weight', decimals: 0 },
    axles: { as: 'quantity', of: 'weight', decimals: 0 },
    weight: { as: 'quantity', of: 'weight', decimals: 0 },
  },
  work: ({ n, t }) => {
    const found = weighed({ alone: n('alone'), hitched: n('hitched'), whole: n('whole') });
    if (!found.ok) {
      const { code, by } = found.error;
      return { at: code === 'hitched-below-alone' ? 'hitched' : 'whole', code, by };
    }
    const { share, tongue, axles, weight: trailer } = found.value;
    const window = TONGUE_WINDOW[t('kind') === 'boat' ? 'boat' : 'trailer'];
    const inside = share >= window.min - 1e-9 && share <= window.max + 1e-9;
    return {
      results: { share: share * 100, tongue, axles, weight: trailer },
      verdict: share < 0.05 ? 'stop' : inside ? 'clear' : 'due',
      said: inside ? 'inside' : share < window.min ? 'light' : 'heavy',
    };
  },
  sensitive: { input: 'hitched', step: lb(20) },
});

/** Tongue weight by a bathroom scale and a lever (handbook 8.10). */
export const scale = defineCalc({
  inputs: {
    reading: quantity('weight', lb(5), lb(400), lb(1)),
    toTongue: quantity('length', inch(3), inch(60), inch(1), { example: inch(12) }),
    toScale: quantity('length', inch(6), inch(120), inch(1), { example: inch(36) }),
  },
  results: {
    tongue: { as: 'quantity', of: 'weight', decimals: 0 },
    times: { as: 'plain', unit: '×', decimals: 2 },
  },
  work: ({ n }) => {
    if (n('toScale') < n('toTongue')) return { at: 'toScale', code: 'scale-inside' };
    return {
      results: {
        tongue: tongueByScale(n('reading'), n('toTongue'), n('toScale')),
        times: n('toScale') / n('toTongue'),
      },
    };
  },
  sensitive: { input: 'reading', step: lb(5) },
});

/** Where axle and hangers go on a frame that is being built: the first mark. */
export const axlePlace = defineCalc({
  inputs: {
    frame: quantity('length', inch(36), inch(600), inch(1), { example: inch(144) }),
    middle: { ...place(), optional: true },
    spring: quantity('length', inch(12), inch(60), inch(0.25), { example: inch(26) }),
    spacing: quantity('length', inch(20), inch(80), inch(0.5), {
      optional: true,
      fill: ({ axles, axleSpacing }) =>
        axles.length > 1 && axleSpacing
          ? { value: axleSpacing.value, source: axleSpacing.source }
          : undefined,
    }),
  },
  results: {
    middle: { as: 'quantity', of: 'length', decimals: 2 },
    front: { as: 'quantity', of: 'length', decimals: 2 },
    rear: { as: 'quantity', of: 'length', decimals: 2 },
    first: { as: 'quantity', of: 'length', decimals: 2 },
    second: { as: 'quantity', of: 'length', decimals: 2 },
  },
  work: ({ n, maybe }) => {
    const middle = maybe('middle') ?? FIRST_MARK * n('frame');
    if (middle > n('frame')) return { at: 'middle', code: 'behind-frame' };
    const { front, rear, axles } = hangerPlaces(middle, n('spring'), maybe('spacing'));
    if (front < 0) return { at: 'middle', code: 'before-frame' };
    const [first = middle, second] = axles;
    return {
      results: { middle, front, rear, first, ...(second !== undefined && { second }) },
      said: maybe('middle') === undefined ? 'first-mark' : 'by-moments',
    };
  },
});

/** Whether an axle stands square: both diagonals from the coupler. */
export const square = defineCalc({
  inputs: {
    left: quantity('length', inch(24), inch(600), inch(1 / 16)),
    right: quantity('length', inch(24), inch(600), inch(1 / 16)),
    width: quantity('length', inch(30), inch(110), inch(0.5), { example: inch(80) }),
  },
  results: { off: { as: 'quantity', of: 'length', decimals: 3 } },
  work: ({ n }) => {
    if (Math.min(n('left'), n('right')) <= n('width') / 2) return { at: 'width', code: 'too-wide' };
    const off = askew(n('left'), n('right'), n('width'));
    const apart = Math.abs(n('left') - n('right'));
    return {
      results: { off: Math.abs(off) },
      verdict: apart <= inch(1 / 8) + 1e-9 ? 'clear' : 'due',
      said: apart <= inch(1 / 8) + 1e-9 ? 'square' : off > 0 ? 'left-back' : 'right-back',
    };
  },
});

/** Equalizer and axle spacing against the pair printed with the kit. */
export const spacing = defineCalc({
  inputs: {
    equalizer: quantity('length', inch(3), inch(30), inch(1 / 8), {
      fill: ({ equalizerSpacing: one }) => one && { value: one.value, source: one.source },
    }),
    axles: quantity('length', inch(20), inch(80), inch(1 / 8), {
      fill: ({ axleSpacing: one }) => one && { value: one.value, source: one.source },
    }),
    kitEqualizer: quantity('length', inch(3), inch(30), inch(1 / 8), {
      fill: ({ kit }) => kit?.equalizer && { value: kit.equalizer.value, source: kit.equalizer.source },
    }),
    kitAxles: quantity('length', inch(20), inch(80), inch(1 / 8), {
      fill: ({ kit }) => kit?.spacing && { value: kit.spacing.value, source: kit.spacing.source },
    }),
  },
  results: {
    equalizer: { as: 'quantity', of: 'length', decimals: 3 },
    axles: { as: 'quantity', of: 'length', decimals: 3 },
  },
  work: ({ n }) => {
    const match = spacingMatch(
      { equalizer: n('equalizer'), axles: n('axles') },
      { equalizer: n('kitEqualizer'), axles: n('kitAxles') },
    );
    return {
      results: { equalizer: match.equalizer, axles: match.axles },
      verdict: match.matches ? 'clear' : 'due',
      said: match.matches ? 'pair' : 'no-pair',
    };
  },
});

/** How far a spring eye or bushing is worn, from its bore and the bolt. */
export const eye = defineCalc({
  inputs: {
    bore: quantity('length', inch(0.3), inch(2), inch(1 / 64)),
    bolt: quantity('length', inch(0.3), inch(1.5), inch(1 / 64), { example: inch(9 / 16) }),
    fresh: quantity('length', 0, inch(0.1), inch(1 / 128), { example: inch(1 / 64) }),
  },
  results: { wear: { as: 'quantity', of: 'length', decimals: 3 } },
  work: ({ n }) => {
    if (n('bore') < n('bolt')) return { at: 'bore', code: 'under-bolt' };
    return { results: { wear: Math.max(0, eyeWear(n('bore'), n('bolt'), n('fresh'))) } };
  },
});
