import type { Instant } from '../base';
import type { EventBody } from '../log';
import type { WheelEnd } from '../rig';
import type { NewEntry } from './new-entry';

/** Something that was done to a rig and leaves a check behind. */
export function eventEntry(
  what: EventBody['what'],
  places: readonly WheelEnd[],
  note: string,
  happened: Instant,
): NewEntry {
  const said = note.trim();
  return {
    kind: 'event',
    happened,
    body: { what, places: [...places], ...(said !== '' && { note: said }) },
  };
}
