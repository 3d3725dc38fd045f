import * as z from 'zod/mini';
import { isCivilDay, text, uuid, words } from '../../base';
import { defineKind } from '../define';
import { contradict } from '../state';

const day = z.string().check(z.refine(isCivilDay, { message: 'not a day of the calendar' }));

/** Who an open finding waits for: a shop, a welder, a part. */
export const findingWaits = defineKind({
  kind: 'finding.waits',
  version: 1,
  body: z.strictObject({
    finding: uuid(),
    /** Who is to do it; nobody any more where it is left out. */
    who: z.optional(words(80)),
    booked: z.optional(day),
    /** Whether who is to do it says that it may be towed until then; a stop forbids it all the same. */
    tow: z.optional(z.boolean()),
    note: z.optional(text(500)),
  }),
  group: 'findings',
  places: () => [],
  others: ({ finding }) => [finding],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { finding: id, who, booked, tow, note }, entry) => {
    const finding = rig.findings[id];
    if (!finding) return contradict(rig, entry.id);
    const { waits: _, ...rest } = finding;
    const waits = who === undefined ? {} : { waits: { who, booked, tow, note, at: entry.happened } };
    return { findings: { ...rig.findings, [id]: { ...rest, ...waits } } };
  },
});
