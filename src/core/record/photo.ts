import type { PhotoBody } from '../log';
import type { RoutinePlace } from '../rules';
import type { NewEntry } from './new-entry';

/** What is kept of a picture beside its bytes. */
export type PhotoSize = Pick<PhotoBody, 'hash' | 'bytes' | 'width' | 'height'>;

/** The entry of a picture of something at a place. */
export function photoEntry(
  { hash, bytes, width, height }: PhotoSize,
  place: RoutinePlace,
  more: Pick<PhotoBody, 'of' | 'step' | 'note'> = {},
): Extract<NewEntry, { kind: 'photo' }> {
  return { kind: 'photo', body: { hash, bytes, width, height, place, ...more } };
}
