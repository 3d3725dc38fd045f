import * as z from 'zod/mini';
import { nonNegative, positive, text, words } from '../../base';
import { THICKENERS } from '../../figures';
import { defineKind } from '../define';
import { moneySchema } from '../kept';
import { SUPPLIES_KEPT } from '../supplies';

const body = z
  .strictObject({
    supply: z.enum(SUPPLIES_KEPT),
    /** Counted: so much is there now (grease kg, else pieces). */
    counted: z.optional(nonNegative(10_000)),
    /** Bought: so much came in (grease kg, else pieces). */
    bought: z.optional(positive(10_000)),
    /** What its owner's gun gives a stroke (kg). */
    stroke: z.optional(positive(0.1)),
    thickener: z.optional(z.enum(THICKENERS)),
    price: z.optional(moneySchema),
    where: z.optional(words(80)),
    note: z.optional(text(500)),
  })
  .check(
    z.refine(({ counted, bought }) => counted !== undefined || bought !== undefined, {
      message: 'neither counted nor bought',
    }),
  );

/** What is used up, counted or bought. */
export type SupplyBody = z.infer<typeof body>;

/** What is used up by work on any rig, counted or bought: kept under the house, since the shelf is one for all. What is left follows from the work since. */
export const supply = defineKind({
  kind: 'supply',
  version: 1,
  body,
  group: 'parts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
