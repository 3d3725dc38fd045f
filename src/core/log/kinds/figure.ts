import * as z from 'zod/mini';
import { words } from '../../base';
import { FIGURE_IDS } from '../../figures';
import { defineKind } from '../define';
import { somewhereSchema } from '../kept';

/** A figure that its owner worked out and wants to find again: what went in and what came out (SI, choices and words as text). It changes nothing by itself. */
export const figure = defineKind({
  kind: 'figure',
  version: 1,
  body: z.strictObject({
    figure: z.enum(FIGURE_IDS),
    place: somewhereSchema,
    inputs: z.record(
      z.string().check(z.maxLength(40)),
      z.union([z.number(), z.string().check(z.maxLength(80))]),
    ),
    results: z.record(z.string().check(z.maxLength(40)), z.number()),
    note: z.optional(words(500)),
  }),
  group: 'notes',
  places: ({ place }) => (place === 'rig' ? [] : [place]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
