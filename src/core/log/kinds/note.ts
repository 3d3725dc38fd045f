import { z } from 'zod';
import { defineKind } from '../define';

/** Words kept with the rig; they change nothing. */
export const note = defineKind({
  kind: 'note',
  version: 1,
  body: z.strictObject({ text: z.string().trim().min(1).max(2000) }),
  upcasters: [],
  apply: () => undefined,
});
