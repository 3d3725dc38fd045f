/** What is told of the kit: fetched with its page, apart from the catalogue that every page has. */
import type { KitBecause, KitPart, KitReading, Need } from '@/core/road';
import type { Dimension, UnitSystem } from '@/core/base';
import type { KitFigure, KitGroup } from '@/core/rules';
import { KIT_WORDS } from './kit-words';
import { soldSize } from './facts';
import { measure } from './measure';

const PART_NEEDS: Readonly<Record<KitPart, string>> = {
  bearings: 'Inner and outer bearing set',
  seal: 'Grease seal',
  cap: 'Grease cap',
  hub: 'Made-up hub',
};

/** Anything a repair on the road needs, as an owner would say it. */
export function needWords(need: Need): string {
  return need in PART_NEEDS ? PART_NEEDS[need as KitPart] : KIT_WORDS[need as keyof typeof KIT_WORDS];
}

/** The compartments of the box. */
export const KIT_GROUP_WORDS: Readonly<Record<KitGroup | 'parts', string>> = {
  lift: 'Lift and hold',
  wheel: 'Wheel off and on',
  tire: 'Tire and air',
  hub: 'Hub and brake',
  electric: 'Lamps and wires',
  hold: 'Straps and chains',
  safety: 'People and paper',
  parts: 'Parts with numbers',
};

/** A figure of something aboard as it is asked for. */
export const KIT_FIGURE_WORDS: Readonly<Record<KitFigure, string>> = {
  closed: 'At its lowest',
  raised: 'At its highest',
  height: 'Height',
  sag: 'How far a flat lets the axle down',
  droop: 'How far the wheel hangs down when lifted',
  size: 'Size',
  capacity: 'Rated for',
  rating: 'Working load limit of one',
  least: 'Lowest torque on it',
  most: 'Highest torque on it',
  reach: 'Reads or reaches up to',
  count: 'How many',
  minutes: 'Minutes to air one tire',
};

const DECIMALS: Readonly<Partial<Record<Dimension, number>>> = { weight: 0, length: 1 };

const OF: Readonly<Partial<Record<KitBecause, Dimension | 'count' | 'age' | 'size'>>> = {
  reaches: 'length',
  'goes-not-under': 'length',
  'lifts-not-enough': 'length',
  capacity: 'weight',
  'capacity-low': 'weight',
  'capacity-not-told': 'weight',
  count: 'count',
  'count-low': 'count',
  height: 'length',
  'height-low': 'length',
  size: 'size',
  'size-differs': 'size',
  'size-unknown': 'size',
  range: 'torque',
  'below-range': 'torque',
  'above-range': 'torque',
  'range-unknown': 'torque',
  pressure: 'pressure',
  'pressure-low': 'pressure',
  'pressure-unknown': 'pressure',
  load: 'weight',
  'load-low': 'weight',
  'load-unknown': 'weight',
  'spare-not-as-tall': 'length',
  'spare-aged': 'age',
  'spare-too-old': 'age',
  'spare-sound': 'age',
  'spare-low': 'pressure',
};

/** What something was judged by: `{have}` and `{need}` stand for its figures. */
const SAID: Readonly<Record<KitBecause, string>> = {
  reaches: 'Reaches {have}, {need} is needed with a flat',
  'goes-not-under': 'Does not go under: {have} at its lowest, the point is at {need} with a flat',
  'lifts-not-enough': 'Lifts to {have}, {need} is needed with a flat: more blocks',
  capacity: 'Rated {have}, {need} is needed: 1.25 × the side’s share',
  'capacity-low': 'Rated {have}, {need} is needed: 1.25 × the side’s share',
  'lift-not-measured': 'Not known: heights, sag and droop, or the height of the jack point',
  'weight-unknown': 'Not known: GVWR of this rig',
  'capacity-not-told': 'Not known what it is rated for; {need} is needed',
  count: '{have}, {need} is enough',
  'count-low': '{need} is needed at least',
  height: '{have}, {need} is needed',
  'height-low': '{need} is needed',
  size: 'Fits: {need}',
  'size-differs': '{have} against lug nuts of {need}',
  'size-unknown': 'Not known: its size, or that of the lug nuts',
  range: '{need} lies in the range it is trusted in, up to {have}',
  'below-range': '{need} lies in the lowest fifth of {have}: not trusted there',
  'above-range': '{need} lies in the last tenth of {have}, or over it',
  'range-unknown': 'Not known: its range; {need} is needed',
  'torque-unknown': 'Not known: the lug torque of this rig',
  pressure: 'Up to {have}, {need} is needed',
  'pressure-low': 'Up to {have} only, {need} is needed',
  'pressure-unknown': 'Not known: how far it goes, or what your tires need',
  load: '{have} each, over {need}',
  'load-low': '{have} each, {need} is needed',
  'load-unknown': 'Not known: its working load limit, or the GVWR',
  'number-fits': 'Same numbers as fitted',
  'number-differs': 'Numbers differ from what is fitted',
  'number-unknown': 'Not known: its numbers, or those fitted',
  'grease-same': 'May meet what is in the hubs',
  'grease-differs': 'Does not mix with what is in the hubs',
  'grease-unknown': 'Not known: what thickens it, or what is in the hubs',
  'spare-sound': 'Sound, {have} old',
  'no-spare': 'This rig carries none',
  'spare-not-usable': 'A finding is open on it',
  'spare-below-mates': 'Load range below its mates',
  'spare-not-as-tall': '{have} tall, its mates {need}',
  'spare-aged': '{have} old, over your limit of {need}: 50 mi (80 km) at 50 mph (80 km/h) only',
  'spare-too-old': '{have} old: over {need} it is not driven on',
  'spare-age-unknown': 'Not known: its DOT code',
  'spare-not-read': 'Pressure not read within 60 days',
  'spare-low': '{have}, its target is {need}',
};

const STATE: Readonly<Record<KitReading['state'], string>> = {
  serves: 'Aboard',
  fails: 'Does not serve',
  unknown: 'Not known',
  missing: 'Not aboard',
  unsaid: 'Not said yet',
};

/** Whether it serves, in a word. */
export function kitStateWords(state: KitReading['state']): string {
  return STATE[state];
}

/** Why something of the kit serves or does not, with its figures; nothing where being there is enough. */
export function kitSaid({ by, have, need }: KitReading, system: UnitSystem): string | undefined {
  if (!by) return undefined;
  const of = OF[by];
  const figure = (value: number | undefined) => {
    if (value === undefined) return 'not told';
    if (of === 'count') return String(value);
    if (of === 'age') return `${Math.floor(value * 10) / 10} years`;
    if (of === 'size') return soldSize(value, system);
    return of ? measure(value, of, system, DECIMALS[of]) : String(value);
  };
  return SAID[by].replace('{have}', figure(have)).replace('{need}', figure(need));
}
