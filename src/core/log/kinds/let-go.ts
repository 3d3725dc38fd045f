import * as z from 'zod/mini';
import { shaped, uuid, whole, words } from '../../base';
import { defineKind } from '../define';

/** Something let go of for good: a rig with all its record, or the picture of a photo. This says that it was here, so that other devices let go of it too; it cannot be withdrawn. */
export const letGo = defineKind({
  kind: 'let.go',
  version: 1,
  body: z.union([
    z.strictObject({
      what: z.literal('rig'),
      rig: uuid(),
      /** What it was called, and how many entries it had. */
      name: z.optional(words(80)),
      entries: whole(0, 10_000_000),
    }),
    z.strictObject({ what: z.literal('photo'), hash: shaped(/^[0-9a-f]{64}$/) }),
  ]),
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: ({ gone }, body) =>
    body.what === 'rig'
      ? gone.rigs.includes(body.rig)
        ? undefined
        : { gone: { ...gone, rigs: [...gone.rigs, body.rig] } }
      : gone.photos.includes(body.hash)
        ? undefined
        : { gone: { ...gone, photos: [...gone.photos, body.hash] } },
});
