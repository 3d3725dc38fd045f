import { entriesOf, type EntryOf, type Entry, type Fold, type RigState } from '@/core/log';
import { replayRig, type FindingState } from '@/core/log';

/** A picture of a finding, with when it was taken. */
export type PhotoEntry = EntryOf<'photo'>;

/** A finding from its opening to its end, as the log tells it. */
export interface FindingStory {
  readonly opened: EntryOf<'finding.opened'>;
  /** As it stands, or stood when it was closed. */
  readonly state: FindingState;
  readonly closed: EntryOf<'finding.closed'> | undefined;
  /** The walk, work or test that found it. */
  readonly from: Entry | undefined;
  readonly seen: readonly EntryOf<'finding.seen'>[];
  readonly opinions: readonly EntryOf<'opinion'>[];
  /** What its owner decided about it, and why. */
  readonly decisions: readonly EntryOf<'decision'>[];
  /** Whom it waited for. */
  readonly waits: readonly EntryOf<'finding.waits'>[];
  readonly photos: readonly PhotoEntry[];
  /** Work at its place since it was opened. */
  readonly works: readonly EntryOf<'work'>[];
}

/** The story of a finding of a rig; undefined where the log has none such. */
export function findingStory(
  fold: Pick<Fold, 'entries' | 'retracted'>,
  rig: string,
  id: string,
): FindingStory | undefined {
  let opened: EntryOf<'finding.opened'> | undefined;
  let state: FindingState | undefined;
  let closed: EntryOf<'finding.closed'> | undefined;
  const seen: EntryOf<'finding.seen'>[] = [];
  const opinions: EntryOf<'opinion'>[] = [];
  const decisions: EntryOf<'decision'>[] = [];
  const waits: EntryOf<'finding.waits'>[] = [];
  const photos: PhotoEntry[] = [];
  const works: EntryOf<'work'>[] = [];
  const byId = new Map<string, Entry>();
  replayRig(fold, rig, (entry, after) => {
    byId.set(entry.id, entry);
    state = after.findings[id] ?? state;
    if (entry.kind === 'finding.opened' && entry.id === id) opened = entry;
    if (entry.kind === 'finding.seen' && entry.body.finding === id) seen.push(entry);
    if (entry.kind === 'finding.closed' && entry.body.finding === id) closed = entry;
    if (entry.kind === 'opinion' && entry.body.finding === id) opinions.push(entry);
    if (entry.kind === 'decision' && entry.body.finding === id) decisions.push(entry);
    if (entry.kind === 'finding.waits' && entry.body.finding === id) waits.push(entry);
    if (entry.kind === 'photo' && entry.body.of === id) photos.push(entry);
    if (entry.kind === 'work' && opened && !closed) {
      const { place, remedy } = opened.body;
      // Of what is done to the whole rig only that which would put it right belongs to its story.
      if (
        entry.body.jobs.some((job) => job.place === place || (job.place === 'rig' && job.routine === remedy))
      )
        works.push(entry);
    }
  });
  if (!opened || !state) return undefined;
  const { from } = opened.body;
  return {
    opened,
    state,
    closed,
    from: from ? byId.get(from) : undefined,
    seen,
    opinions,
    decisions,
    waits,
    photos,
    works,
  };
}

/** Every finding of a rig, open ones first, then the newest. */
export function findingsOfRig(
  fold: Pick<Fold, 'entries' | 'retracted'>,
  rig: RigState,
): readonly { readonly opened: EntryOf<'finding.opened'>; readonly open: FindingState | undefined }[] {
  const all = entriesOf(fold, rig.id, 'finding.opened').map((opened) => ({
    opened,
    open: rig.findings[opened.id],
  }));
  return all.sort(
    (a, b) =>
      Number(b.open !== undefined) - Number(a.open !== undefined) ||
      (a.opened.happened < b.opened.happened ? 1 : -1),
  );
}
