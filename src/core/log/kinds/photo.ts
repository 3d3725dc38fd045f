import * as z from 'zod/mini';
import { shaped, text, whole, uuid } from '../../base';
import { placeSchema } from '../../rig';
import { defineKind } from '../define';

const body = z.strictObject({
  /** SHA-256 of the picture's bytes: its name in the archive. */
  hash: shaped(/^[0-9a-f]{64}$/),
  bytes: whole(1, 20_000_000),
  width: whole(1, 20_000),
  height: whole(1, 20_000),
  place: z.union([placeSchema, z.literal('rig')]),
  /** The finding it shows, or the run at whose step it was taken. */
  of: z.optional(uuid()),
  /** The step of that run. */
  step: z.optional(text(60)),
  note: z.optional(text(300)),
});

/** A picture of something at a place. */
export type PhotoBody = z.infer<typeof body>;

/** A picture taken; its bytes lie beside the log, under their hash. */
export const photo = defineKind({
  kind: 'photo',
  version: 1,
  body,
  group: 'findings',
  places: ({ place }) => [place],
  others: ({ of }) => (of === undefined ? [] : [of]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
