import { actsOf, extendActs, retractedBy, targetOf, type Acts } from './retractions';
import type { Applied, Own, Patch } from './define';
import type { Entry } from './entry';
import { compareEntries } from './order';
import { REGISTRY } from './registry';
import { emptyRig, EMPTY_YARD, HOUSE, type RigState, type YardState } from './state';

interface Checkpoint {
  /** How many entries, counted from the first, the state is of. */
  readonly count: number;
  readonly state: YardState;
}

/** The log in order with the state it comes to. Values: extending one leaves it as it was. */
export interface Fold {
  /** Every entry ever written, withdrawn ones too, in the order of the log. */
  readonly entries: readonly Entry[];
  readonly acts: Acts;
  readonly retracted: ReadonlySet<string>;
  readonly state: YardState;
  readonly checkpoints: readonly Checkpoint[];
}

const EVERY = 512;

/** A fold of nothing. */
export function emptyFold(): Fold {
  return { entries: [], acts: actsOf([]), retracted: new Set(), state: EMPTY_YARD, checkpoints: [] };
}

function patchOf(rig: RigState, entry: Entry, own?: Own): Patch {
  // The registry pairs each kind with its own body; the union hides that from the compiler.
  const apply = REGISTRY[entry.kind].apply as (
    rig: RigState,
    body: Entry['body'],
    by: Applied,
    own?: Own,
  ) => Patch;
  return apply(rig, entry.body, entry, own);
}

/** True for a rig that was let go of: what is told of it counts no more, whenever it arrives. */
const isGone = (house: RigState | undefined, rig: string) =>
  house !== undefined && house.gone.rigs.includes(rig);

/** The rig that an entry lets go of. */
const goesWith = (entry: Entry) =>
  entry.kind === 'let.go' && entry.body.what === 'rig' ? entry.body.rig : undefined;

/** A state after one more entry. */
export function stepped(state: YardState, entry: Entry): YardState {
  if (isGone(state.rigs[HOUSE], entry.rig)) return state;
  const before = state.rigs[entry.rig] ?? emptyRig(entry.rig);
  const patch = patchOf(before, entry);
  // An entry without effect leaves no trace, so that a withdrawal arriving before its target changes nothing.
  if (!patch) return state;
  const rigs: Record<string, RigState> = { ...state.rigs, [entry.rig]: { ...before, ...patch } };
  const gone = goesWith(entry);
  if (gone !== undefined) delete rigs[gone];
  return { rigs };
}

function replay(
  entries: readonly Entry[],
  acts: Acts,
  retracted: ReadonlySet<string>,
  kept: readonly Checkpoint[],
): Fold {
  const checkpoints = [...kept];
  const from = checkpoints[checkpoints.length - 1];
  // Rigs are worked on in place while replaying and copied out at checkpoints: a copy for each entry is most of the time.
  const work = new Map<string, RigState>();
  for (const [id, rig] of Object.entries(from?.state.rigs ?? {})) work.set(id, { ...rig });
  const copied = (): YardState => ({
    rigs: Object.fromEntries([...work].map(([id, rig]) => [id, { ...rig }])),
  });
  let own: Own = new WeakSet();
  for (let i = from?.count ?? 0; i < entries.length; i++) {
    const entry = entries[i];
    if (entry && !retracted.has(entry.id) && !isGone(work.get(HOUSE), entry.rig)) {
      const rig = work.get(entry.rig) ?? emptyRig(entry.rig);
      const patch = patchOf(rig, entry, own);
      if (patch) work.set(entry.rig, Object.assign(rig, patch));
      const gone = goesWith(entry);
      if (gone !== undefined) work.delete(gone);
    }
    if ((i + 1) % EVERY === 0) {
      checkpoints.push({ count: i + 1, state: copied() });
      // From here on the checkpoint holds them, too.
      own = new WeakSet();
    }
  }
  return { entries, acts, retracted, state: copied(), checkpoints };
}

/** The place of an entry in an ordered log. */
function placeOf(entries: readonly Entry[], entry: Entry): number {
  let low = 0;
  let high = entries.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    const at = entries[middle];
    if (at && compareEntries(at, entry) < 0) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Entries in the order of the log, each once. A log as it was written mostly is in order already, and is taken as it stands. */
function inOrder(entries: readonly Entry[]): readonly Entry[] {
  const rises = entries.every((entry, i) => {
    const before = entries[i - 1];
    return !before || compareEntries(before, entry) < 0;
  });
  if (rises) return entries;
  const sorted = [...entries].sort(compareEntries);
  // The same entry twice stands side by side: its place in the order is its own.
  return sorted.filter((entry, i) => entry.id !== sorted[i - 1]?.id);
}

/** A log in its order with what counts of it, not folded: enough for whoever asks what was written. */
export type OrderedLog = Pick<Fold, 'entries' | 'acts' | 'retracted'>;

/** Any set of entries in the order of the log; an id that comes twice counts once. */
export function orderEntries(entries: readonly Entry[]): OrderedLog {
  const ordered = inOrder(entries);
  const acts = actsOf(ordered);
  return { entries: ordered, acts, retracted: retractedBy(acts) };
}

/** The fold of an ordered log. */
export function foldOrdered({ entries, acts, retracted }: OrderedLog): Fold {
  return replay(entries, acts, retracted, []);
}

/** The fold of any set of entries, in whatever order they are given; an id that comes twice counts once. */
export function foldEntries(entries: readonly Entry[]): Fold {
  return foldOrdered(orderEntries(entries));
}

/** A fold with one more entry. A late entry, or one that withdraws another, replays from the nearest checkpoint. */
function extendOne(fold: Fold, entry: Entry): Fold {
  const at = placeOf(fold.entries, entry);
  if (fold.entries[at]?.id === entry.id) return fold;
  const entries = fold.entries.slice();
  entries.splice(at, 0, entry);
  const touches = targetOf(entry) !== undefined || fold.acts.wanted.has(entry.id);
  const acts = touches ? extendActs(fold.acts, entry, entries) : fold.acts;
  const retracted = touches ? retractedBy(acts) : fold.retracted;
  const flipped =
    touches &&
    (retracted.size !== fold.retracted.size || [...retracted].some((id) => !fold.retracted.has(id)));
  if (at === entries.length - 1 && !flipped) {
    const state = stepped(fold.state, entry);
    const full = entries.length % EVERY === 0;
    const checkpoints = full ? [...fold.checkpoints, { count: entries.length, state }] : fold.checkpoints;
    return { entries, acts, retracted, state, checkpoints };
  }
  const firstFlip = flipped
    ? entries.findIndex((one) => retracted.has(one.id) !== fold.retracted.has(one.id))
    : -1;
  const from = firstFlip === -1 ? at : Math.min(at, firstFlip);
  return replay(
    entries,
    acts,
    retracted,
    fold.checkpoints.filter((checkpoint) => checkpoint.count <= from),
  );
}

/** A fold with more entries; many at once are folded together. */
export function extend(fold: Fold, added: readonly Entry[]): Fold {
  const only = added[0];
  if (only && added.length === 1) return extendOne(fold, only);
  if (added.length === 0) return fold;
  return foldEntries([...fold.entries, ...added]);
}

/** A rig as it would stand after more of its entries: for a look ahead at what is not written yet. */
export function rigAfter(rig: RigState, entries: readonly Entry[]): RigState {
  return entries.reduce<RigState>((so, entry) => ({ ...so, ...patchOf(so, entry) }), rig);
}

/**
 * Goes through the entries of one rig that count, in order, each with the rig as it stood after it. The state is
 * worked on in place: whoever is called takes from it what is wanted there and then.
 */
export function replayRig(
  fold: Pick<Fold, 'entries' | 'retracted'>,
  rig: string,
  visit: (entry: Entry, after: RigState) => void,
): void {
  const state = emptyRig(rig);
  for (const entry of fold.entries) {
    if (entry.rig !== rig || fold.retracted.has(entry.id)) continue;
    const patch = patchOf(state, entry);
    if (patch) Object.assign(state, patch);
    visit(entry, state);
  }
}
