import * as z from 'zod/mini';
import { shaped } from '../../base';
import { HALVES } from '../../rules';
import { defineKind } from '../define';

const yearDay = shaped(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/);

/** The towing season: which half of the world, and the days it starts and ends, for the house or for one rig; empty goes back to what stands above it. */
export const seasonSet = defineKind({
  kind: 'season',
  version: 1,
  body: z
    .strictObject({
      half: z.optional(z.enum(HALVES)),
      start: z.optional(yearDay),
      end: z.optional(yearDay),
    })
    .check(
      z.refine(
        ({ start, end }) => (start === undefined) === (end === undefined) && (!start || start !== end),
        {
          message: 'a season has a start and an end, and they differ',
        },
      ),
    ),
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (_, body) => ({
    season: Object.values(body).some((value) => value !== undefined) ? body : undefined,
  }),
});
