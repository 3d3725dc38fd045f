import type { PartState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import type { PartKind, Shelf, ShelfGrade } from '@/core/rig';
import { capital, list, measure, small } from './measure';
import { placeName } from './gear';
import { partLength } from './facts';

export const PART_WORDS: Record<PartKind, { readonly one: string; readonly many: string }> = {
  tire: { one: 'tire', many: 'Tires' },
  innerSet: { one: 'inner bearing set', many: 'Inner bearing sets' },
  outerSet: { one: 'outer bearing set', many: 'Outer bearing sets' },
  seal: { one: 'seal', many: 'Seals' },
  cap: { one: 'grease cap', many: 'Grease caps' },
  hub: { one: 'hub or drum', many: 'Hubs and drums' },
  brake: { one: 'brake assembly', many: 'Brake assemblies' },
  battery: { one: 'breakaway battery', many: 'Breakaway battery' },
  lamp: { one: 'lamp', many: 'Lamps' },
};

export const GRADE_WORDS: Record<ShelfGrade, string> = {
  'as-new': 'As new',
  sound: 'Sound, kept as a spare',
  worn: 'Worn, emergency use only',
  unfit: 'Unfit: not to be installed',
};

interface PartFactWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

/** The facts of parts by name. */
export const PART_FACT_WORDS: Record<string, PartFactWords> = {
  dot: {
    label: 'DOT date',
    hint: 'The last four digits of the code on the wall: week and year. Often inside.',
  },
  size: { label: 'Size', hint: 'As molded on the wall: ST225/75R15.' },
  loadRange: { label: 'Load range', hint: 'The letter behind the size.' },
  capacity: { label: 'Carries, as marked', hint: 'The most it carries, single, molded on the wall.' },
  madeFor: {
    label: 'Made for',
    hint: 'ST before the size is trailer, LT light truck, P passenger car.',
    options: { trailer: 'Trailers', 'light-truck': 'Light trucks', passenger: 'Passenger cars' },
  },
  number: { label: 'Number', hint: 'As stamped or molded on it.' },
  roller: { label: 'Roller number', hint: 'On the small end of the bearing.' },
  race: { label: 'Race number', hint: 'On the edge of the ring in the hub.' },
  bore: { label: 'Size across', hint: 'Where it sits in the hub; a screw-on cap by its thread.' },
  drumMax: { label: 'Drum maximum', hint: 'Stamped on the drum.' },
  discMin: { label: 'Disc minimum', hint: 'Stamped on the disc.' },
  innerIn: { label: 'Inner bearing in it', hint: 'Where it is made up, packed and ready to go on.' },
  outerIn: { label: 'Outer bearing in it' },
  sealIn: { label: 'Seal in it' },
  hand: { label: 'Hand', hint: 'The arm points forward.', options: { left: 'Left', right: 'Right' } },
  magnet: { label: 'Magnet resistance', hint: 'Across its two wires, unplugged.' },
  since: { label: 'In use since', hint: 'The day it was put in.' },
  light: { label: 'Light', options: { bulb: 'Bulb', led: 'LED' } },
};

const LENGTHS: ReadonlySet<string> = new Set(['drumMax', 'discMin', 'bore']);

/** The unit of a fact of a part. */
export function partFactUnit(fact: string, system: UnitSystem): string | undefined {
  if (fact === 'capacity') return system === 'us' ? 'lb' : 'kg';
  if (LENGTHS.has(fact)) return system === 'us' ? 'in' : 'mm';
  return fact === 'magnet' ? 'Ω' : undefined;
}

/** The value of a fact of a part, with its unit. */
export function partFactText(fact: string, value: string | number, system: UnitSystem): string {
  if (typeof value === 'number') {
    if (fact === 'capacity') return measure(value, 'weight', system);
    return LENGTHS.has(fact) ? partLength(value, system) : `${value} Ω`;
  }
  return PART_FACT_WORDS[fact]?.options?.[value] ?? value;
}

const NAMED_BY: Readonly<Record<PartKind, readonly string[]>> = {
  tire: ['size', 'loadRange', 'dot'],
  innerSet: ['roller', 'race'],
  outerSet: ['roller', 'race'],
  seal: ['number'],
  cap: ['number', 'bore'],
  hub: ['number', 'drumMax', 'discMin', 'innerIn'],
  brake: ['number', 'hand'],
  battery: ['number', 'since'],
  lamp: ['light', 'number'],
};

const SAID: Readonly<Record<string, (said: string) => string>> = {
  dot: (said) => `DOT ${said}`,
  race: (said) => `race ${said}`,
  innerIn: (said) => `made up with ${said}`,
};

/** A part by what is known of it: `ST225/75R15 D, DOT 1121`; by its kind where nothing is. */
export function partName(part: Pick<PartState, 'kind' | 'facts'>, system: UnitSystem): string {
  const known = NAMED_BY[part.kind].flatMap((fact) => {
    const spec = part.facts[fact];
    if (!spec) return [];
    const said = partFactText(fact, spec.value, system);
    return [(SAID[fact] ?? ((one: string) => one))(said)];
  });
  return known.length > 0 ? known.join(', ') : capital(PART_WORDS[part.kind].one);
}

/** Where a part lies that is not fitted. */
export const SHELF_WORDS: Record<Shelf, string> = {
  home: 'On the shelf',
  aboard: 'Carried aboard',
  order: 'On order',
};

/** Where a part is, in words. */
export function restWords({ at, shelf }: Pick<PartState, 'at' | 'shelf'>): string {
  if (at === 'shelf') return small(SHELF_WORDS[shelf ?? 'home']);
  return at === 'gone' ? 'gone' : `at ${placeName(at)}`;
}

/** Moves of parts in a few words: `1L to 2R, 2R to 1L`. */
export function movesWords(moves: readonly { readonly from: string; readonly to: string }[]): string {
  return list(moves.map(({ from, to }) => `${from} to ${to}`));
}
