import * as z from 'zod/mini';
import { nonNegative, text, uuid } from '../../base';
import { THICKENERS } from '../../figures';
import { KIT_FIGURE_IDS, KIT_IDS } from '../../rules';
import { defineKind } from '../define';

const body = z.strictObject({
  items: z
    .array(
      z.strictObject({
        item: z.enum(KIT_IDS),
        aboard: z.boolean(),
        /** In SI, counts and minutes plain. */
        thickener: z.optional(z.enum(THICKENERS)),
        figures: z.optional(z.partialRecord(z.enum(KIT_FIGURE_IDS), nonNegative(1e9))),
      }),
    )
    .check(z.minLength(1), z.maxLength(KIT_IDS.length)),
  /** The trouble that used it up. */
  from: z.optional(uuid()),
  note: z.optional(text(500)),
});

/** What is aboard and what is not. */
export type KitBody = z.infer<typeof body>;

/** What of the kit is aboard and what is not, with the figures that tell whether it serves; figures told before stay while it is there. */
export const kit = defineKind({
  kind: 'kit',
  version: 1,
  body,
  group: 'parts',
  places: () => [],
  others: ({ from }) => (from === undefined ? [] : [from]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { items }, entry) => ({
    kit: {
      ...rig.kit,
      ...Object.fromEntries(
        items.map(({ item, aboard, figures, thickener = rig.kit[item]?.thickener }) => [
          item,
          {
            aboard,
            at: entry.happened,
            figures: { ...rig.kit[item]?.figures, ...figures },
            ...(thickener && { thickener }),
          },
        ]),
      ),
    },
  }),
});
