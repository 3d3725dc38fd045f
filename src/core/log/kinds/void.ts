import { z } from 'zod';
import { defineKind } from '../define';

/** Withdraws another entry, which stays readable. Its effect is on which entries are counted, not on the rig. */
export const voided = defineKind({
  kind: 'void',
  version: 1,
  body: z.strictObject({ target: z.uuid(), reason: z.string().max(500).optional() }),
  upcasters: [],
  apply: () => undefined,
});
