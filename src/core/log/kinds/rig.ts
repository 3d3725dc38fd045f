import * as z from 'zod/mini';
import { nonNegative, text } from '../../base';
import { applyChanges, changesSchema, rigModelSchema } from '../../rig';
import { defineKind } from '../define';
import { contradict } from '../state';
import { takeReading } from './meter';

type Loose = Record<string, unknown>;

/** Version 1 kept the usual water of a boat at the top; version 2 keeps it with the rest of the environment. */
function setupToV2(body: unknown): unknown {
  const { model, ...rest } = body as { model: Loose };
  const { water, ...others } = model;
  return { ...rest, model: water === undefined ? others : { ...others, environment: { water } } };
}

/** The same for changes field by field. */
function changesToV2(body: unknown): unknown {
  const { changes } = body as { changes: Loose };
  const moved = Object.entries(changes).map(([path, value]) => [
    path === 'water' ? 'environment.water' : path,
    value,
  ]);
  return { changes: Object.fromEntries(moved) };
}

/** A rig set up, whole; `reading` is its own meter's figure that day (m). */
export const rigSetup = defineKind({
  kind: 'rig.setup',
  version: 4,
  body: z.strictObject({ model: rigModelSchema, reading: z.optional(nonNegative()) }),
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  // Versions 3 and 4 only allow more.
  upcasters: [setupToV2, (body) => body, (body) => body],
  apply: (rig, body, entry) => {
    const set = { model: body.model, since: rig.since ?? entry.happened };
    return body.reading === undefined ? set : { ...set, ...takeReading(rig, body.reading, false, entry) };
  },
});

/** A rig changed, field by field. */
export const rigChanged = defineKind({
  kind: 'rig.changed',
  version: 4,
  body: z.strictObject({ changes: changesSchema }),
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [changesToV2, (body) => body, (body) => body],
  apply: (rig, body, entry) => {
    if (!rig.model) return contradict(rig, entry.id);
    const changed = applyChanges(rig.model, body.changes);
    return changed.ok ? { model: changed.value } : contradict(rig, entry.id);
  },
});

/** A rig sold, lent or laid by: its record stays, it makes nothing due. */
export const rigRetired = defineKind({
  kind: 'rig.retired',
  version: 1,
  body: z.strictObject({ reason: z.optional(text(500)) }),
  group: 'facts',
  places: () => [],
  corrected: 'here',
  upcasters: [],
  apply: (_, body, entry) => ({
    retired: { at: entry.happened, ...(body.reason && { reason: body.reason }) },
  }),
});

/** A retired rig in use again. */
export const rigReturned = defineKind({
  kind: 'rig.returned',
  version: 1,
  body: z.strictObject({}),
  group: 'facts',
  places: () => [],
  corrected: 'here',
  upcasters: [],
  apply: (rig, _, entry) => (rig.retired ? { retired: undefined } : contradict(rig, entry.id)),
});
