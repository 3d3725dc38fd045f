import * as z from 'zod/mini';
import { text, words, uuid } from '../../base';
import { placeSchema } from '../../rig';
import { defineKind } from '../define';
import { moneySchema } from '../kept';

const body = z.strictObject({
  place: z.union([placeSchema, z.literal('rig')]),
  /** The finding it is about. */
  finding: z.optional(uuid()),
  who: words(80),
  /** What they said has to be done. */
  said: words(500),
  /** On what they based it: the reading or what they saw. */
  on: z.optional(text(300)),
  quote: z.optional(moneySchema),
  /** What the owner decided, and why. */
  decided: z.optional(text(500)),
});

/** A quote or second opinion. */
export type OpinionBody = z.infer<typeof body>;

/** Who said what on which reading, and what the owner decided. */
export const opinion = defineKind({
  kind: 'opinion',
  version: 1,
  body,
  group: 'findings',
  places: ({ place }) => [place],
  others: ({ finding }) => (finding === undefined ? [] : [finding]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
