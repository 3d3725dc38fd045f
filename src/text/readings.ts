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
  renewed: { label: 'What is renewed', hint: 'A bearing and its race are renewed together.' },
  grease: {
    label: 'Grease going in, by its thickener',
    hint: 'It stands on the cartridge. One grease per rig.',
  },
  'slots-back': { label: 'Slots back from seated', unit: 'slots' },
  strokes: { label: 'Strokes of the gun', unit: 'strokes' },
};

export const RENEWED_WORDS: Record<string, string> = {
  none: 'Neither: sound ones go back',
  inner: 'Inner bearing and race',
  outer: 'Outer bearing and race',
  both: 'Both bearings and races',
};

const LOGGED: Record<string, string> = {
  'end-play': 'end play',
  'seal-number': 'seal',
  'inner-roller': 'inner roller',
  'inner-race': 'inner race',
  'outer-roller': 'outer roller',
  'outer-race': 'outer race',
  'slots-back': 'nut set back',
  'nuts-counted': 'counted off',
  'nuts-started': 'started by hand',
  strokes: 'topped up by',
};

/** The name of a reading in the log. */
export function readingName(what: string): string {
  return LOGGED[what] ?? READING_WORDS[what as What]?.label ?? what;
}

/** The unit a reading is counted in, where it is a count. */
export function readingUnit(what: string): string | undefined {
  return READING_WORDS[what as What]?.unit;
}
