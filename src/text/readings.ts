import type { Reading } from '@/core/routine';

type What = Reading['what'];

export const READING_WORDS: Record<
  What,
  { readonly label: string; readonly hint?: string; readonly unit?: string }
> = {
  'nuts-counted': {
    label: 'Nuts off, counted',
    unit: 'nuts',
    hint: 'Into a tray, threads up. The count comes back at the refit.',
  },
  'nuts-started': { label: 'Nuts started by hand', unit: 'nuts' },
  'seal-number': { label: 'Seal number', hint: 'Stamped on its face. Gone once it is levered out.' },
  'inner-roller': { label: 'Inner bearing, roller number' },
  'inner-race': { label: 'Inner bearing, race number' },
  'outer-roller': { label: 'Outer bearing, roller number' },
  'outer-race': { label: 'Outer bearing, race number' },
  'new-seal-number': { label: 'New seal, number', hint: 'On its face or its box.' },
  'new-inner-roller': { label: 'New inner bearing, roller number' },
  'new-inner-race': { label: 'New inner bearing, race number' },
  'new-outer-roller': { label: 'New outer bearing, roller number' },
  'new-outer-race': { label: 'New outer bearing, race number' },
  renewed: { label: 'What is renewed', hint: 'A bearing and its race are renewed together.' },
  grease: {
    label: 'Grease going in, by its thickener',
    hint: 'It stands on the cartridge. One grease per rig.',
  },
  'slots-back': { label: 'Slots back from seated', unit: 'slots' },
  strokes: { label: 'Strokes of the gun', unit: 'strokes' },
  'studs-done': { label: 'Studs done', unit: 'studs' },
  hand: { label: 'The plate in your hands', hint: 'It stands on the plate or its box: left or right.' },
  lining: { label: 'Thinnest lining', hint: 'The thinnest place of either shoe or pad.' },
  'drum-diameter': { label: 'Inside diameter of the drum' },
  'magnet-ohms': { label: 'Resistance of the magnet', hint: 'Across its two wires.' },
  volts: { label: 'Voltage' },
  pressure: { label: 'Pressure, cold', hint: 'As it stood, before any air went in.' },
  'tread-inner': { label: 'Tread, inner' },
  'tread-middle': { label: 'Tread, middle' },
  'tread-outer': { label: 'Tread, outer' },
  dot: { label: 'DOT code, last four digits', hint: 'Week and year, such as 1423.' },
  'left-diagonal': { label: 'Coupler to left spindle' },
  'right-diagonal': { label: 'Coupler to right spindle' },
  'axle-at': { label: 'Coupler to axle center' },
  'bolt-spacing': { label: 'Between the outer bolts of the equalizer' },
  'came-off': {
    label: 'Why the old one came off',
    hint: 'It goes with the tire: what is flat or worn out is no spare.',
  },
  law: { label: 'What the law asks here, and where it stands' },
};

export const RENEWED_WORDS: Record<string, string> = {
  none: 'Neither: sound ones go back',
  inner: 'Inner bearing and race',
  outer: 'Outer bearing and race',
  both: 'Both bearings and races',
};

const LOGGED: Record<string, string> = {
  'end-play': 'end play',
  'came-off': 'the tire that came off',
  'seal-number': 'seal',
  'inner-roller': 'inner roller',
  'inner-race': 'inner race',
  'outer-roller': 'outer roller',
  'outer-race': 'outer race',
  'new-seal-number': 'new seal',
  'new-inner-roller': 'new inner roller',
  'new-inner-race': 'new inner race',
  'new-outer-roller': 'new outer roller',
  'new-outer-race': 'new outer race',
  'slots-back': 'nut set back',
  'nuts-counted': 'counted off',
  'nuts-started': 'started by hand',
  strokes: 'pumped',
  'studs-done': 'threads done',
  hand: 'hand',
  lining: 'lining',
  'drum-diameter': 'drum',
  'magnet-ohms': 'magnet',
  volts: 'battery',
  pressure: 'cold pressure',
  'pressure-set': 'filled to',
  'hub-temp': 'hub',
  'tire-temp': 'tire',
  'brake-amps': 'brake current',
  'tread-inner': 'tread inner',
  'tread-middle': 'middle',
  'tread-outer': 'outer',
  dot: 'DOT code',
  'left-diagonal': 'left diagonal',
  'right-diagonal': 'right diagonal',
  'axle-at': 'axle at',
  'bolt-spacing': 'bolt spacing',
  law: 'law',
};

/** How a hand is said. */
/** Why a tire came off a wheel. */
export const CAME_OFF_WORDS: Record<string, string> = {
  sound: 'For a better one: it is sound',
  worn: 'Worn out or too old',
  flat: 'Flat or damaged',
};

export const HAND_WORDS: Record<string, string> = { left: 'Left', right: 'Right' };

/** The name of a reading in the log. */
export function readingName(what: string): string {
  return LOGGED[what] ?? READING_WORDS[what as What]?.label ?? what;
}

/** The unit a reading is counted in, where it is a count. */
export function readingUnit(what: string): string | undefined {
  return READING_WORDS[what as What]?.unit;
}
