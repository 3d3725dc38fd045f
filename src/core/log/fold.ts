import { deadIds } from './alive';
import type { Applied } from './define';
import type { Entry } from './entry';
import { compareEntries } from './order';
import { REGISTRY } from './registry';
import { emptyRig, EMPTY_YARD, type RigState, type YardState } from './state';

interface Checkpoint {
  /** How many entries, counted from the first, the state is of. */
  readonly count: number;
  readonly state: YardState;
}

/** The log in order with the state it comes to. Values: extending one leaves it as it was. */
export interface Fold {
  /** Every entry ever written, withdrawn ones too, in the order of the log. */
  readonly entries: readonly Entry[];
  readonly dead: ReadonlySet<string>;
  readonly state: YardState;
  readonly checkpoints: readonly Checkpoint[];
}

const EVERY = 512;

/** A fold of nothing. */
export function emptyFold(): Fold {
  return { entries: [], dead: new Set(), state: EMPTY_YARD, checkpoints: [] };
}

function step(state: YardState, entry: Entry): YardState {
  const before = state.rigs[entry.rig] ?? emptyRig(entry.rig);
  // The registry pairs each kind with its own body; the union hides that from the compiler.
  const apply = REGISTRY[entry.kind].apply as (rig: RigState, body: Entry['body'], by: Applied) => RigState;
  const after = apply(before, entry.body, entry);
  // An entry without effect leaves no trace, so that a withdrawal arriving before its target changes nothing.
  return after === before ? state : { rigs: { ...state.rigs, [entry.rig]: after } };
}

function replay(entries: readonly Entry[], dead: ReadonlySet<string>, kept: readonly Checkpoint[]): Fold {
  const checkpoints = [...kept];
  const from = checkpoints[checkpoints.length - 1];
  let state = from?.state ?? EMPTY_YARD;
  for (let i = from?.count ?? 0; i < entries.length; i++) {
    const entry = entries[i];
    if (entry && !dead.has(entry.id)) state = step(state, entry);
    if ((i + 1) % EVERY === 0) checkpoints.push({ count: i + 1, state });
  }
  return { entries, dead, state, checkpoints };
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

function sameSet(a: ReadonlySet<string>, b: ReadonlySet<string>): boolean {
  return a.size === b.size && [...a].every((id) => b.has(id));
}

/** The fold of any set of entries, in whatever order they are given; an id that comes twice counts once. */
export function foldEntries(entries: readonly Entry[]): Fold {
  const ordered = [...new Map(entries.map((entry) => [entry.id, entry])).values()].sort(compareEntries);
  return replay(ordered, deadIds(ordered), []);
}

/** A fold with one more entry. A late entry, or one that withdraws another, replays from the nearest checkpoint. */
function extendOne(fold: Fold, entry: Entry): Fold {
  const at = placeOf(fold.entries, entry);
  if (fold.entries[at]?.id === entry.id) return fold;
  const entries = fold.entries.slice();
  entries.splice(at, 0, entry);
  const dead = deadIds(entries);
  if (at === entries.length - 1 && sameSet(dead, fold.dead)) {
    const state = step(fold.state, entry);
    const full = entries.length % EVERY === 0;
    const checkpoints = full ? [...fold.checkpoints, { count: entries.length, state }] : fold.checkpoints;
    return { entries, dead, state, checkpoints };
  }
  const flipped = (id: string) => dead.has(id) !== fold.dead.has(id);
  const firstFlip = entries.findIndex((one) => flipped(one.id));
  const from = firstFlip === -1 ? at : Math.min(at, firstFlip);
  return replay(
    entries,
    dead,
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
