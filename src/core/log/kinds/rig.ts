import * as z from 'zod/mini';
import { nonNegative } from '../../base';
import { applyChanges, changesSchema, rigModelSchema } from '../../rig';
import { defineKind } from '../define';
import { contradict } from '../state';
import { takeReading } from './meter';

/** A rig set up, whole; `reading` is its own meter's figure that day (m). */
export const rigSetup = defineKind({
  kind: 'rig.setup',
  version: 1,
  body: z.strictObject({ model: rigModelSchema, reading: z.optional(nonNegative()) }),
  upcasters: [],
  apply: (rig, body, entry) => {
    const set = { model: body.model, since: rig.since ?? entry.happened };
    return body.reading === undefined ? set : { ...set, ...takeReading(rig, body.reading, false, entry) };
  },
});

/** A rig changed, field by field. */
export const rigChanged = defineKind({
  kind: 'rig.changed',
  version: 1,
  body: z.strictObject({ changes: changesSchema }),
  upcasters: [],
  apply: (rig, body, entry) => {
    if (!rig.model) return contradict(rig, entry.id);
    const changed = applyChanges(rig.model, body.changes);
    return changed.ok ? { model: changed.value } : contradict(rig, entry.id);
  },
});
