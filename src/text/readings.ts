import type { ReadingId } from '@/core/rules';

interface ReadingWords {
  /** As its field is headed. */
  readonly label: string;
  readonly hint?: string;
  /** What it is counted in. */
  readonly unit?: string;
  /** As the log names it. */
  readonly logged: string;
}

export const READING_WORDS: Record<ReadingId, ReadingWords> = {
  'nuts-counted': {
    label: 'Nuts off, counted',
    unit: 'nuts',
    hint: 'Into a tray, threads up. The count comes back at the refit.',
    logged: 'counted off',
  },
  'nuts-started': { label: 'Nuts started by hand', unit: 'nuts', logged: 'started by hand' },
  'seal-number': {
    label: 'Seal number',
    hint: 'Stamped on its face. Gone once it is levered out.',
    logged: 'seal',
  },
  'inner-roller': { label: 'Inner bearing, roller number', logged: 'inner roller' },
  'inner-race': { label: 'Inner bearing, race number', logged: 'inner race' },
  'outer-roller': { label: 'Outer bearing, roller number', logged: 'outer roller' },
  'outer-race': { label: 'Outer bearing, race number', logged: 'outer race' },
  'new-seal-number': { label: 'New seal, number', hint: 'On its face or its box.', logged: 'new seal' },
  'new-inner-roller': { label: 'New inner bearing, roller number', logged: 'new inner roller' },
  'new-inner-race': { label: 'New inner bearing, race number', logged: 'new inner race' },
  'new-outer-roller': { label: 'New outer bearing, roller number', logged: 'new outer roller' },
  'new-outer-race': { label: 'New outer bearing, race number', logged: 'new outer race' },
  renewed: {
    label: 'Replaced',
    hint: 'A bearing and its race are replaced together.',
    logged: 'renewed',
  },
  grease: {
    label: 'Grease going in, by its thickener',
    hint: 'Printed on the cartridge. One grease per rig.',
    logged: 'grease',
  },
  'grease-product': {
    label: 'Its name and grade',
    hint: 'As on the cartridge, NLGI grade as well. What is not printed stays open.',
    logged: 'grease product',
  },
  'new-cap-number': { label: 'New cap, number or size', hint: 'On it or its bag.', logged: 'new cap' },
  'slots-back': { label: 'Slots back from seated', unit: 'slots', logged: 'nut set back' },
  strokes: { label: 'Strokes of the gun', unit: 'strokes', logged: 'pumped' },
  'studs-done': { label: 'Studs done', unit: 'studs', logged: 'threads done' },
  hand: {
    label: 'The plate in your hands',
    hint: 'Stamped on the plate or its box: left or right.',
    logged: 'hand',
  },
  lining: {
    label: 'Thinnest lining',
    hint: 'The thinnest place of either shoe; over the rivets where it is riveted.',
    logged: 'lining',
  },
  'pad-inner': {
    label: 'Inner pad, thinnest',
    hint: 'The lining alone. Where only lining and steel can be reached, enter the steel below.',
    logged: 'inner pad',
  },
  'pad-outer': { label: 'Outer pad, thinnest', logged: 'outer pad' },
  'pad-plate': {
    label: 'Steel plate in those figures',
    hint: 'Taken off. Leave empty where lining alone was measured.',
    logged: 'pad plate',
  },
  'disc-thickness': {
    label: 'Thickness of the disc',
    hint: 'Held against the minimum stamped on it.',
    logged: 'disc',
  },
  'drum-diameter': { label: 'Inside diameter of the drum', logged: 'drum' },
  'magnet-ohms': {
    label: 'Resistance of the magnet',
    hint: 'Across its two wires. Write open where the meter reads nothing.',
    logged: 'magnet',
  },
  volts: {
    label: 'Voltage at rest',
    hint: 'Unplugged from the tow vehicle for two hours, no charger on it.',
    logged: 'battery at rest',
  },
  'volts-loaded': {
    label: 'Voltage with the pin out',
    hint: 'While the brakes draw on it.',
    logged: 'battery under load',
  },
  pressure: {
    label: 'Pressure, cold',
    hint: 'As it stood, before any air went in.',
    logged: 'cold pressure',
  },
  'tread-inner': { label: 'Tread, inner', logged: 'tread inner' },
  'tread-middle': { label: 'Tread, middle', logged: 'middle' },
  'tread-outer': { label: 'Tread, outer', logged: 'outer' },
  dot: { label: 'DOT code, last four digits', hint: 'Week and year, such as 1423.', logged: 'DOT code' },
  'left-diagonal': { label: 'Coupler to left spindle', logged: 'left diagonal' },
  'right-diagonal': { label: 'Coupler to right spindle', logged: 'right diagonal' },
  'axle-at': { label: 'Coupler to axle center', logged: 'axle at' },
  'bolt-spacing': { label: 'Between the outer bolts of the equalizer', logged: 'bolt spacing' },
  'came-off': {
    label: 'Why the old one came off',
    hint: 'It goes with the tire: what is flat or worn out is no spare.',
    logged: 'the tire that came off',
  },
  law: { label: 'What the law requires here, and where it says so', logged: 'law' },
  'end-play': { label: 'End play, worked out', logged: 'end play worked out' },
  'play-dialed': {
    label: 'End play by dial',
    hint: 'Where a dial indicator is at hand.',
    logged: 'end play by dial',
  },
  'pressure-set': { label: 'Filled to', logged: 'filled to' },
  'hub-temp': { label: 'Hub temperature', logged: 'hub' },
  'tire-temp': { label: 'Tire temperature', logged: 'tire' },
  'brake-amps': { label: 'Brake current', logged: 'brake current' },
};

export const RENEWED_WORDS: Record<string, string> = {
  none: 'Neither: sound ones go back',
  inner: 'Inner bearing and race',
  outer: 'Outer bearing and race',
  both: 'Both bearings and races',
};

/** Why a tire came off a wheel. */
export const CAME_OFF_WORDS: Record<string, string> = {
  sound: 'For a better one: it is sound',
  rotation: 'To even out the wear',
  worn: 'Worn out or too old',
  flat: 'Flat or damaged',
};

/** How a hand is said. */
export const HAND_WORDS: Record<string, string> = { left: 'Left', right: 'Right' };

/** The name of a reading in the log. */
export function readingName(what: ReadingId): string {
  return READING_WORDS[what].logged;
}

/** The unit a reading is counted in, where it is a count. */
export function readingUnit(what: ReadingId): string | undefined {
  return READING_WORDS[what].unit;
}
