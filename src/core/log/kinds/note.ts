import * as z from 'zod/mini';
import { words } from '../../base';
import { defineKind } from '../define';

/** Words kept with the rig; they change nothing. */
export const note = defineKind({
  kind: 'note',
  version: 1,
  body: z.strictObject({ text: words(2000) }),
  group: 'notes',
  places: () => [],
  corrected: 'here',
  upcasters: [],
  apply: () => undefined,
});
