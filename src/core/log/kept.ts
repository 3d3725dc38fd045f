import * as z from 'zod/mini';
import { nonNegative, shaped, text, words } from '../base';
import { placeSchema } from '../rig';
import { gradeVerdict, mayBeKept, READING_IDS, SUBJECTS, type ReadingId, type Subject } from '../rules';

/** Somewhere on a rig, or the whole of it. */
export const somewhereSchema = z.union([placeSchema, z.literal('rig')]);

/** Checks that a reading is one that can stand in a log. */
export const isKept = z.refine<{ readonly what: ReadingId; readonly value: number | string }>(
  ({ what, value }) => mayBeKept(what, value),
  { message: 'not a figure that this can be' },
);

/** Checks that a grade is one of its subject. */
export const isGraded = z.refine<{ readonly subject: Subject; readonly grade: string }>(
  ({ subject, grade }) => gradeVerdict(subject, grade) !== undefined,
  { message: 'not a grade of this' },
);

/** Money in its owner's own currency. */
export const moneySchema = z.strictObject({ amount: nonNegative(1e7), currency: shaped(/^[A-Z]{3}$/) });

/** A condition graded at a place. */
export const gradedSchema = z
  .strictObject({
    place: somewhereSchema,
    subject: z.enum(SUBJECTS),
    grade: text(40),
    /** The side of the suspension, and which of two shoes, facing forward. */
    side: z.optional(z.enum(['L', 'R'])),
    shoe: z.optional(z.enum(['front', 'rear', 'both'])),
  })
  .check(isGraded);

/** The instrument that a figure comes from; one that is only made up says so on every entry. */
export const instrumentSchema = z.strictObject({
  name: words(60),
  simulated: z.optional(z.literal(true)),
});

/** The instrument that a figure comes from. */
export type InstrumentNamed = z.infer<typeof instrumentSchema>;

/** A figure, count or words read at a place: SI for quantities, text for what is read off parts. */
export const readSchema = z
  .strictObject({
    place: somewhereSchema,
    what: z.enum(READING_IDS),
    value: z.union([z.number(), text(200)]),
    /** Which instrument, where it was none held by hand. */
    from: z.optional(instrumentSchema),
  })
  .check(isKept);
