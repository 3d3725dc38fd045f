import * as z from 'zod/mini';
import { shaped, text } from '../base';
import { wheelEndSchema } from '../rig';
import { READING_IDS, SUBJECTS, THICKENERS } from '../rules';

const code = shaped(/^[a-z][A-Za-z-]*$/);

/** What a reading was held against, as its verdict was given: a figure (SI) and whose it is. */
const held = z.strictObject({
  against: z.number(),
  by: z.optional(z.enum(['warm', 'rise', 'mate'])),
  /** What a pressure read warm comes to cold (Pa). */
  cold: z.optional(z.number()),
});

/** Reads what a finding rests on, in codes and SI: a grade, a reading, a trend, or what happened. */
export const evidenceSchema = z.union([
  z.strictObject({
    subject: z.enum(SUBJECTS),
    grade: text(40),
    /** The lamps that failed, by function, and the likeliest faults. */
    lamps: z.optional(z.array(z.strictObject({ lamp: code, shows: code }))),
    faults: z.optional(z.array(shaped(/^[a-z][a-z-]*(@[a-z-]+)?$/))),
  }),
  z.strictObject({ what: z.enum(READING_IDS), value: z.number(), held: z.optional(held) }),
  /** What readings said over time: the figure of late, and what it was or is held against (SI, or counts). */
  z.strictObject({ trend: code, figure: z.optional(z.number()), against: z.optional(z.number()) }),
  /** End play (m) outside its window. */
  z.strictObject({ endPlay: z.number(), window: z.strictObject({ min: z.number(), max: z.number() }) }),
  /** A brake current (A): how many magnets pull, of how many. */
  z.strictObject({ amps: z.number(), circuit: code, pull: z.number(), of: z.number() }),
  /** Something that went otherwise at a step of a card. */
  z.strictObject({ branch: code }),
  /** A card left before it was through, at which act. */
  z.strictObject({ leftAt: code }),
  /** A grease pumped onto one that it does not mix with. */
  z.strictObject({ grease: z.enum(THICKENERS), onto: z.enum(THICKENERS) }),
  /** What came off a wheel end lies at the place, and is no spare. */
  z.strictObject({ tire: z.enum(['flat', 'worn']), cameOff: wheelEndSchema }),
  /** The code of a tire that is past its age, or cannot be one: years, where they are known, of how many at most. */
  z.strictObject({
    tireCode: code,
    have: z.optional(z.union([z.number(), text(40)])),
    want: z.optional(z.union([z.number(), text(40)])),
  }),
  /** Torqued to a guess (N·m). */
  z.strictObject({ guess: z.number() }),
  /** Something on a walk that was not right, and nobody said how. */
  z.strictObject({ notRight: code }),
  /** Judged at the first look by its condition alone. */
  z.strictObject({ condition: code, judged: z.enum(['watch', 'due', 'stop']) }),
]);

/** What a finding rests on. */
export type Evidence = z.infer<typeof evidenceSchema>;

/** What it is evidence of: the subject, reading, trend or happening. */
export function evidenceOf(of: Evidence): string {
  if ('subject' in of) return of.subject;
  if ('what' in of) return of.what;
  if ('trend' in of) return of.trend;
  if ('endPlay' in of) return 'end-play';
  if ('amps' in of) return 'brake-amps';
  if ('branch' in of) return of.branch;
  if ('leftAt' in of) return 'left';
  if ('grease' in of) return 'grease-mix';
  if ('tire' in of) return 'came-off';
  if ('tireCode' in of) return of.tireCode;
  if ('guess' in of) return 'torque-guess';
  if ('notRight' in of) return `look-${of.notRight}`;
  return `condition-${of.condition}`;
}

/** True for what rises a step where it comes back: what was seen or measured, not what was left undone or fell due by age. */
export function recurs(of: Evidence): boolean {
  return ['subject', 'what', 'trend', 'endPlay', 'amps', 'branch'].some((kind) => kind in of);
}

/** What makes two findings the same one: what they are evidence of, and where; undefined for one told in words alone. */
export function findingKey(place: string, of: Evidence | undefined): string | undefined {
  return of && `${evidenceOf(of)}@${place}`;
}
