import * as z from 'zod/mini';
import { text, uuid } from '../../base';
import { defineKind } from '../define';

/** Withdraws another entry, which stays readable. Its effect is on which entries are counted, not on the rig. */
export const voided = defineKind({
  kind: 'void',
  version: 1,
  body: z.strictObject({ target: uuid(), reason: z.optional(text(500)) }),
  group: 'notes',
  places: () => [],
  others: ({ target }) => [target],
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
