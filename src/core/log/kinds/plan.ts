import { defineKind } from '../define';
import { planKeptSchema, planSetSchema } from '../planning';

/** What choosing yard days goes by: the days its owner can give, and what is weighed against what. What is left out stays as it is. */
export const planSet = defineKind({
  kind: 'plan.set',
  version: 1,
  body: planSetSchema,
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: ({ planning }, { weights, ...free }) => ({
    planning: {
      ...planning,
      free: { ...planning.free, ...free },
      ...(weights && { weights }),
    },
  }),
});

/** Yard days that are planned; the last ones kept stand, on every device. */
export const planKept = defineKind({
  kind: 'plan.kept',
  version: 1,
  body: planKeptSchema,
  group: 'work',
  places: ({ days }) => [...new Set(days.flatMap(({ jobs }) => jobs.map(({ place }) => place)))],
  corrected: 'elsewhere',
  upcasters: [],
  apply: ({ planning }, body, { id, happened }) => ({
    planning: { ...planning, kept: { ...body, entry: id, at: happened } },
  }),
});
