import type { PhotoBody } from '@/core/log';
import type { RoutinePlace } from '@/core/rules';
import type { Photo } from '@/store';
import type { Draft } from '@/keeper';

/** What is kept of a picture beside its bytes. */
export type PhotoSize = Pick<Photo, 'hash' | 'bytes' | 'width' | 'height'>;

/** The entry of a picture of something at a place. */
export function photoDraft(
  { hash, bytes, width, height }: PhotoSize,
  place: RoutinePlace,
  more: Pick<PhotoBody, 'of' | 'step' | 'note'> = {},
): Extract<Draft, { kind: 'photo' }> {
  return { kind: 'photo', body: { hash, bytes, width, height, place, ...more } };
}
