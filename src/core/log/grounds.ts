import * as z from 'zod/mini';
import { shaped, text } from '../base';
import { SUBJECTS } from '../rules';

/** Reads what a finding rests on: a grade, a reading (SI), or what a trend saw. */
export const groundsSchema = z.union([
  z.strictObject({ subject: z.enum(SUBJECTS), grade: text(40) }),
  z.strictObject({ what: shaped(/^[a-z][a-z-]*$/), value: z.number() }),
  z.strictObject({ trend: shaped(/^[a-z][a-z-]*$/) }),
]);

/** What a finding rests on. */
export type Grounds = z.infer<typeof groundsSchema>;

/** What makes two findings the same one: what they rest on, and where; undefined for one told in words alone. */
export function findingKey(place: string, of: Grounds | undefined): string | undefined {
  if (!of) return undefined;
  const what = 'subject' in of ? of.subject : 'what' in of ? of.what : of.trend;
  return `${what}@${place}`;
}
