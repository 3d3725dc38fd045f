import * as z from 'zod/mini';
import { words } from '../../base';
import { placeSchema } from '../../rig';
import { ROUTINES } from '../../rules';
import { defineKind } from '../define';
import { contradict } from '../state';

const opened = z.strictObject({
  place: z.union([placeSchema, z.literal('rig')]),
  verdict: z.enum(['watch', 'due', 'stop']),
  text: words(500),
  /** The routine that would put it right. */
  pulls: z.optional(z.enum(ROUTINES)),
});

/** Something that is not right, at a place. */
export type FindingBody = z.infer<typeof opened>;

/** A finding opened; its id is the entry's. Version 1 knew wheel ends and the rig; version 2 every place. */
export const findingOpened = defineKind({
  kind: 'finding.opened',
  version: 2,
  body: opened,
  upcasters: [(body) => body],
  apply: (rig, body, entry) => ({
    findings: { ...rig.findings, [entry.id]: { id: entry.id, at: entry.happened, ...body } },
  }),
});

/** A finding closed, with what was done about it. */
export const findingClosed = defineKind({
  kind: 'finding.closed',
  version: 1,
  body: z.strictObject({ finding: z.uuid(), how: words(500) }),
  upcasters: [],
  apply: (rig, body, entry) => {
    if (!rig.findings[body.finding]) return contradict(rig, entry.id);
    const findings = { ...rig.findings };
    delete findings[body.finding];
    return { findings };
  },
});
