import * as z from 'zod/mini';
import { isCivilDay, nonNegative, uuid, whole } from '../base';
import { WORKS } from '../rules';
import { somewhereSchema } from './kept';

const day = z.string().check(z.refine(isCivilDay, { message: 'not a day of the calendar' }));
const minutes = whole(0, 1440);

/** The days that can be given, and what is weighed against what. */
export const planSetSchema = z.strictObject({
  /** Minutes by day of the week, from Monday. */
  week: z.optional(z.array(minutes).check(z.length(7))),
  blocked: z.optional(
    z
      .array(
        z
          .strictObject({ from: day, to: day })
          .check(z.refine(({ from, to }) => from <= to, { message: 'over before it begins' })),
      )
      .check(z.maxLength(60)),
  ),
  /** How far ahead (weeks). */
  weeks: z.optional(whole(1, 26)),
  weights: z.optional(
    z.strictObject({
      late: z.strictObject({
        safety: whole(0, 1000),
        moment: whole(0, 1000),
        upkeep: whole(0, 1000),
      }),
      dirty: whole(0, 240),
      slips: nonNegative(0.9),
      shop: whole(0, 180),
      parts: whole(0, 180),
    }),
  ),
});

/** What choosing yard days goes by, as far as it is told. */
export type PlanSetBody = z.infer<typeof planSetSchema>;

const job = z.strictObject({ rig: uuid(), routine: z.enum(WORKS), place: somewhereSchema });

/** Yard days with their work, and what was asked for by hand. */
export const planKeptSchema = z.strictObject({
  days: z
    .array(
      z.strictObject({
        day,
        /** As it was worked out when it was kept. */
        minutes,
        jobs: z.array(job).check(z.minLength(1), z.maxLength(400)),
      }),
    )
    .check(z.maxLength(60)),
  /** What its owner asked for by hand. */
  pins: z.array(z.strictObject({ job, day })).check(z.maxLength(400)),
  never: z.array(z.strictObject({ job, day })).check(z.maxLength(400)),
  closed: z.array(day).check(z.maxLength(200)),
  hours: z.array(z.strictObject({ day, minutes })).check(z.maxLength(200)),
});

/** A plan as it was kept: yard days with their work, and what was asked for by hand. */
export type PlanKeptBody = z.infer<typeof planKeptSchema>;
