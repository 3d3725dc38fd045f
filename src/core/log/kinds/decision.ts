import * as z from 'zod/mini';
import { uuid, words } from '../../base';
import { defineKind } from '../define';
import { somewhereSchema } from '../kept';

/** What an owner decided, and why: against a quote, or about something that is open. It changes nothing by itself. */
export const decision = defineKind({
  kind: 'decision',
  version: 1,
  body: z.strictObject({
    place: somewhereSchema,
    finding: z.optional(uuid()),
    /** The opinion or quote that it answers. */
    opinion: z.optional(uuid()),
    decided: words(500),
    why: words(500),
  }),
  group: 'findings',
  places: ({ place }) => [place],
  others: ({ finding, opinion }) => [finding, opinion].filter((id) => id !== undefined),
  corrected: 'elsewhere',
  upcasters: [],
  apply: () => undefined,
});
