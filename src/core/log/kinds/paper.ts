import * as z from 'zod/mini';
import { code, figure, text } from '../../base';
import { defineKind } from '../define';
import { PAPERS } from '../papers';

const body = z.strictObject({
  paper: z.enum(PAPERS),
  /** What it was made with, where it says later what has changed since: raw values, SI, by what they are. */
  figures: z.optional(z.record(code(/^[A-Za-z][A-Za-z0-9-]{0,39}$/), z.union([figure(), text(80)]))),
});

/** A paper that was made. */
export type PaperBody = z.infer<typeof body>;

/** A paper was saved, shared or printed: the tongue card says what has changed since. */
export const paper = defineKind({
  kind: 'paper',
  version: 1,
  body,
  group: 'notes',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { paper: id, figures }, entry) => ({
    papers: { ...rig.papers, [id]: { at: entry.happened, figures: figures ?? {} } },
  }),
});
