import type { YardState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { PART_WORDS, partName } from './parts';

/** Names the parts of a rig for the log: `tire ST225/75R15 D, DOT 1121`. */
export function partNamer(state: YardState, rig: string, units: UnitSystem): (id: string) => string {
  const parts = state.rigs[rig]?.parts ?? {};
  return (id) => {
    const part = parts[id];
    if (!part) return 'a part';
    const kind = PART_WORDS[part.kind].one;
    const name = partName(part, units);
    return name.toLowerCase() === kind ? kind : `${kind} ${name}`;
  };
}
