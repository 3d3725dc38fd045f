import * as z from 'zod/mini';
import { code, nonNegative, positive, text, words } from '../../base';
import { ROLLS, TROUBLE_IDS } from '../../rules';
import { defineKind } from '../define';
import { moneySchema, somewhereSchema } from '../kept';

const body = z.strictObject({
  trouble: z.enum(TROUBLE_IDS),
  place: somewhereSchema,
  /** On the road, its limits in miles; at home it is a finding like any other. */
  underWay: z.boolean(),
  /** What was answered: codes, SI, plain counts and minutes. */
  answers: z.record(
    z.string().check(z.maxLength(40)),
    z.union([z.number(), z.string().check(z.maxLength(40))]),
  ),
  /** What was told then: how far (m), how fast (m/s), and what decided. */
  verdict: z.strictObject({
    roll: z.enum(ROLLS),
    distance: z.optional(positive(1e8)),
    speed: z.optional(positive(100)),
    because: code(),
  }),
  /** How it was left: put right there, taken to the bench, or as it was. */
  outcome: z.enum(['done', 'bench', 'open']),
  /** How far into the trip (m). */
  into: z.optional(nonNegative(1e8)),
  where: z.optional(words(200)),
  did: z.optional(words(1000)),
  helped: z.optional(words(200)),
  /** How long it took (min). */
  minutes: z.optional(nonNegative(100_000)),
  cost: z.optional(moneySchema),
  note: z.optional(text(2000)),
});

/** A trouble met. */
export type TroubleBody = z.infer<typeof body>;

/** A trouble met: what was seen, what decided, and how it went. What stands of it are findings of their own. */
export const trouble = defineKind({
  kind: 'trouble',
  version: 1,
  body,
  group: 'findings',
  places: ({ place }) => (place === 'rig' ? [] : [place]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
