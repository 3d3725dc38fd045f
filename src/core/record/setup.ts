import type { Entry, RigState } from '../log';
import { applyChanges, diffModels, type RigModel } from '../rig';
import type { NewEntry } from './new-entry';

/** What a set-up is for: a new rig, a rig changed, or an entry set right. */
export type SetupTask =
  | {
      readonly task: 'new';
      /** The rig that is copied, if one is. */
      readonly from?: RigModel | undefined;
    }
  | { readonly task: 'change'; readonly rig: string; readonly model: RigModel }
  | {
      readonly task: 'correct';
      readonly entry: Entry;
      /** The rig before the entry; none where the entry is its set-up. */
      readonly before: RigModel | undefined;
      readonly model: RigModel;
      readonly reading: number | undefined;
    };

/** The task of correcting a set-up or change, by how the rig stood before it: the rig as that entry made it. */
export function correctionOf(entry: Entry, stood: RigState | undefined): SetupTask | undefined {
  if (entry.kind === 'rig.setup')
    return {
      task: 'correct',
      entry,
      before: undefined,
      model: entry.body.model,
      reading: entry.body.reading,
    };
  if (entry.kind !== 'rig.changed') return undefined;
  const before = stood?.model;
  const made = before && applyChanges(before, entry.body.changes);
  return made?.ok ? { task: 'correct', entry, before, model: made.value, reading: undefined } : undefined;
}

/** What a set-up puts on the log, with the first reading of its meter (m); nothing where nothing is changed. */
export function setupEntries(
  task: SetupTask,
  read: { readonly model: RigModel; readonly reading?: number | undefined },
): readonly NewEntry[] {
  const setup = { model: read.model, ...(read.reading !== undefined && { reading: read.reading }) };
  switch (task.task) {
    case 'new':
      return [{ kind: 'rig.setup', body: setup }];
    case 'change': {
      const changes = diffModels(task.model, read.model);
      return Object.keys(changes).length > 0 ? [{ kind: 'rig.changed', body: { changes } }] : [];
    }
    case 'correct': {
      const { entry, before } = task;
      const stamp = { happened: entry.happened, replaces: entry.id };
      if (!before) return [{ kind: 'rig.setup', body: setup, ...stamp }];
      const changes = diffModels(before, read.model);
      return Object.keys(changes).length > 0 ? [{ kind: 'rig.changed', body: { changes }, ...stamp }] : [];
    }
  }
}
