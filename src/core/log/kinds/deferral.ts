import * as z from 'zod/mini';
import { moment, positive, words } from '../../base';
import { placeSchema } from '../../rig';
import { ROUTINES } from '../../rules';
import { defineKind } from '../define';
import { doneKey } from '../state';

/** A routine put off at a place, with the reason and a new limit: a moment, a distance from now (m), or both. */
export const deferral = defineKind({
  kind: 'deferral',
  version: 1,
  body: z
    .strictObject({
      routine: z.enum(ROUTINES),
      place: z.union([placeSchema, z.literal('rig')]),
      reason: words(500),
      until: z.optional(moment),
      distance: z.optional(positive(1e8)),
    })
    .check(
      z.refine(({ until, distance }) => until !== undefined || distance !== undefined, {
        message: 'put off without a new limit',
      }),
    ),
  group: 'work',
  places: ({ place }) => [place],
  moments: ({ until }) => ({ until }),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { routine, place, reason, until, distance }, entry) => ({
    deferrals: {
      ...rig.deferrals,
      [doneKey(routine, place)]: {
        entry: entry.id,
        at: entry.happened,
        until,
        distance: distance === undefined ? undefined : rig.distance + distance,
        reason,
      },
    },
  }),
});
