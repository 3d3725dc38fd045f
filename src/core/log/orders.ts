import * as z from 'zod/mini';
import { isCivilDay, text, uuid, words } from '../base';
import { jobsSchema } from './jobs';
import { moneySchema } from './kept';

/** Reads what a shop is asked to do. */
export const orderSchema = z.strictObject({
  shop: words(80),
  jobs: z.optional(jobsSchema),
  /** Findings that are to be put right. */
  findings: z.array(uuid()).check(z.maxLength(60)),
  booked: z.optional(z.string().check(z.refine(isCivilDay, { message: 'not a day of the calendar' }))),
  /** Not over this without a call. */
  limit: z.optional(moneySchema),
  /** What to do besides, what is supplied, what not to do without a call: in the owner's words. */
  ask: z.optional(text(1000)),
  parts: z.optional(text(1000)),
  noCall: z.optional(text(500)),
});

/** What a shop is asked to do. */
export type OrderBody = z.infer<typeof orderSchema>;
