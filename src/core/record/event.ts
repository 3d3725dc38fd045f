import type { Instant } from '../base';
import type { EventBody } from '../log';
import type { WheelEnd } from '../rig';
import type { Draft } from './draft';

/** Something that was done to a rig and leaves a check behind. */
export function eventDraft(
  what: EventBody['what'],
  places: readonly WheelEnd[],
  note: string,
  happened: Instant,
): Draft {
  const said = note.trim();
  return {
    kind: 'event',
    happened,
    body: { what, places: [...places], ...(said !== '' && { note: said }) },
  };
}
