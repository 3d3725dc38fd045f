import type { Entry, YardState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { entryWords, KIND_OF_ENTRY, partNamer } from '@/text';

/** Tells entries in words, to be sought through. */
export function entryTeller(state: YardState, units: UnitSystem): (entry: Entry) => string {
  return (entry) => {
    const { title, lines } = entryWords(entry, units, () => undefined, partNamer(state, entry.rig, units));
    return `${KIND_OF_ENTRY[entry.kind]} ${title} ${lines.join(' ')}`;
  };
}
