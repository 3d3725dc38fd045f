import * as z from 'zod/mini';
import { code, text } from '../../base';
import { placeSchema, wheelEnds } from '../../rig';
import { clearedBy } from '../cleared';
import type { RoutineId } from '../../rules';
import { defineKind } from '../define';
import { doneNow, restart, type JobDone } from '../last-done';
import { surveyKey } from '../state';

const found = z.union([
  /** Looked at and judged. */
  z.strictObject({
    as: z.literal('condition'),
    verdict: z.enum(['clear', 'watch', 'due', 'stop']),
    words: z.optional(text(500)),
  }),
  /** Measured or read: kept with the rig or a part by an entry of its own. */
  z.strictObject({ as: z.literal('reading') }),
  z.strictObject({ as: z.literal('not-looked'), reason: z.optional(text(500)) }),
]);

/** What came of one item of a survey. */
export type SurveyFound = z.infer<typeof found>;

/** The looks that an item of the survey is, so that what was looked at first need not be looked at again. */
const LOOKED: Readonly<Record<string, RoutineId>> = {
  tire: 'tire-look',
  play: 'hub-look',
  gear: 'gear-look',
};

/** One item of a first look at a rig whose history is not known. */
export const surveyed = defineKind({
  kind: 'survey',
  version: 1,
  body: z.strictObject({
    item: code(),
    place: z.union([placeSchema, z.literal('rig')]),
    found,
  }),
  group: 'walks',
  places: ({ place }) => [place],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, body, entry, own) => {
    const survey = {
      ...rig.survey,
      [surveyKey(body.item, body.place)]: { at: entry.happened, found: body.found },
    };
    if (body.found.as !== 'condition') return { survey };
    const routine = LOOKED[body.item];
    const done: JobDone[] = routine ? [{ routine, place: body.place }] : [];
    // The last of the suspension seen, its pivots have been looked at all round.
    if (body.item === 'suspension' && rig.model) {
      const conditions = wheelEnds(rig.model).flatMap((place) =>
        survey[surveyKey('suspension', place)]?.found.as === 'condition'
          ? [{ place, subject: 'pivot' as const }]
          : [],
      );
      done.push(...clearedBy({ jobs: [], conditions, readings: [] }, rig.model));
    }
    return done.length > 0 ? { survey, ...restart(rig, done, doneNow(rig, entry), own) } : { survey };
  },
});
