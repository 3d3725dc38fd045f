import { cartridgesFor, CARTRIDGE, greaseOfStrokes } from '../grease';
import { endPlay, turnsBack } from '../end-play';
import { endPlayWindow } from '../end-play-window';
import { mixing as mixed, THICKENERS, type Thickener } from '../mixing';
import { toSI } from '../../base';
import { axleOf, type RigModel, type WheelEnd } from '../../rig';
import { choice, defineCalc, plain, quantity } from './define';

const inch = (value: number) => toSI(value, 'in');
/** The axle that is asked about: that of the wheel end, or the first. */
const axleIn = ({ axles }: RigModel, place: WheelEnd | undefined) => axles[place ? axleOf(place) : 0];

/** End play by how far the nut was really turned back past finger-tight (handbook 8.2). */
export const nut = defineCalc({
  inputs: {
    pitch: quantity('length', inch(1 / 32), inch(1 / 8), inch(1 / 1000), {
      example: inch(1 / 14),
      fill: (model, place) => {
        const spec = axleIn(model, place)?.threadPitch;
        return spec && { value: spec.value, source: spec.source };
      },
    }),
    slots: plain('slots', 3, 24, 1, {
      example: 6,
      fill: (model, place) => {
        const spec = axleIn(model, place)?.slots;
        return spec && { value: spec.value, source: spec.source };
      },
    }),
    holes: plain('holes', 1, 2, 1, {
      example: 1,
      fill: (model, place) => {
        const spec = axleIn(model, place)?.pinHoles;
        return spec && { value: spec.value, source: spec.source };
      },
    }),
    back: plain('slots back', 0, 6, 0.25, { example: 0.5 }),
    dialed: quantity('length', 0, inch(0.06), inch(0.001), { optional: true }),
    least: quantity('length', 0, inch(0.03), inch(0.001), {
      usual: endPlayWindow({}).min,
      fill: (model, place) => {
        const window = endPlayWindow(axleIn(model, place) ?? {});
        return { value: window.min, ...(window.basis !== 'house' && { source: window.basis }) };
      },
    }),
    most: quantity('length', inch(0.001), inch(0.06), inch(0.001), {
      usual: endPlayWindow({}).max,
      fill: (model, place) => {
        const window = endPlayWindow(axleIn(model, place) ?? {});
        return { value: window.max, ...(window.basis !== 'house' && { source: window.basis }) };
      },
    }),
  },
  results: {
    play: { as: 'quantity', of: 'length', decimals: 3 },
    slot: { as: 'quantity', of: 'length', decimals: 4 },
    inside: { as: 'plain', unit: 'positions', decimals: 0 },
  },
  work: ({ n, maybe }) => {
    if (n('least') > n('most')) return { at: 'most', code: 'window-reversed' };
    const window = { min: n('least'), max: n('most') };
    const geometry = { pitch: n('pitch'), slots: n('slots'), holes: n('holes') === 2 ? 2 : 1 } as const;
    // What a dial shows is what there is.
    const play = maybe('dialed') ?? endPlay(n('pitch'), n('back') / n('slots'));
    const inside = turnsBack(geometry, window).filter((stop) => stop.inside).length;
    const fits = play >= window.min - 1e-9 && play <= window.max + 1e-9;
    return {
      results: { play, slot: endPlay(n('pitch'), 1 / n('slots') / n('holes')), inside },
      verdict: fits ? 'clear' : 'watch',
      said: inside === 0 ? 'none-inside' : fits ? 'inside' : play > window.max ? 'over' : 'under',
    };
  },
  sensitive: { input: 'back', step: 0.25 },
});

/** Cartridges for the season, from strokes that the owner counted (handbook 8.9). */
export const grease = defineCalc({
  inputs: {
    perCartridge: plain('strokes', 50, 1000, 10, { example: 320 }),
    cartridge: quantity('mass', 0.05, 1, 0.01, { usual: CARTRIDGE }),
    hubs: plain('hubs', 1, 6, 1, { fill: ({ axles }) => ({ value: 2 * axles.length }) }),
    strokes: plain('strokes', 1, 200, 1, { usual: 5 }),
    times: plain('times', 1, 52, 1, { example: 4 }),
  },
  results: {
    cartridges: { as: 'plain', unit: 'cartridges', decimals: 2 },
    stroke: { as: 'quantity', of: 'mass', decimals: 2 },
    hub: { as: 'quantity', of: 'mass', decimals: 2 },
  },
  work: ({ n }) => ({
    results: {
      cartridges: cartridgesFor(
        { hubs: n('hubs'), strokes: n('strokes'), times: n('times') },
        n('perCartridge'),
      ),
      stroke: greaseOfStrokes(1, n('perCartridge'), n('cartridge')),
      hub: greaseOfStrokes(n('strokes'), n('perCartridge'), n('cartridge')),
    },
  }),
  sensitive: { input: 'strokes', step: 1 },
});

/** Whether two greases may meet in one hub, by their thickeners (handbook 8.9). */
export const mixing = defineCalc({
  inputs: {
    inside: choice(THICKENERS),
    going: choice(THICKENERS),
  },
  results: { kinds: { as: 'plain', unit: 'kinds', decimals: 0 } },
  work: ({ t }) => {
    const inside = t('inside') as Thickener;
    const going = t('going') as Thickener;
    const kind = mixed(inside, going);
    return {
      results: { kinds: inside === going ? 1 : 2 },
      verdict: kind === 'compatible' ? 'clear' : kind === 'borderline' ? 'watch' : 'due',
      said: kind,
    };
  },
});
