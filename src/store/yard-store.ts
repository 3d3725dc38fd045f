import { fail, ok, sameValue, type Instant, type Result } from '@/core/base';
import type { RigState, YardState } from '@/core/log';
import type { Run, StoredRun } from '@/core/routine';
import {
  DEMO_NOW,
  glance,
  LONG,
  revOf,
  type AnswerTo,
  type AskName,
  type AskOf,
  type LogFacts,
  type Lost,
  type Shown,
  type YardName,
} from '@/keeper';
import { tellDaysApart } from '@/text';
import { clockFrom, deviceClock, type Clock } from './clock';
import { readDraft, storeDraft, type DraftDef } from './draft';
import { noteVisited } from './preferences';
import { Desk, DeskError, type Following } from './desk';

/** What the screens are drawn from. */
export type YardSnapshot =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly reason: string }
  | {
      readonly status: 'ready';
      readonly state: YardState;
      readonly runs: readonly Run[];
      /** When an archive was last saved from this device. */
      readonly archived: Instant | undefined;
      readonly log: LogFacts;
      /** What lies here that this version cannot read. */
      readonly lost: Lost | undefined;
    };
type Ready = Extract<YardSnapshot, { status: 'ready' }>;

const LOADING: YardSnapshot = { status: 'loading' };
/** What was seen at a glance is drawn by then (ms). */
const ONCE_SEEN = 150;
/** So long (ms) anyone waits for a log to be read: a slow phone opens twenty years in two seconds. */
const UNANSWERED = 15_000;
/** So often a change of a card is tried again where another tab was faster. */
const TRIES = 5;

/** What folds the log is named by the build. */
const VERSION = process.env['NEXT_PUBLIC_FOLD'] ?? 'one fold';

/** Rigs as they were, with what changed. */
function withChanges(before: YardState | undefined, { rigs, gone }: Shown, glanced: boolean): YardState {
  const next: Record<string, RigState> = { ...before?.rigs };
  let changed = before === undefined || gone.length > 0;
  for (const [id, rig] of Object.entries(rigs)) {
    // What the keeper says of a glance mostly is the same, and then stays the same object: nothing that rests on it is worked out anew.
    if (glanced && sameValue(next[id], rig)) continue;
    next[id] = rig;
    changed = true;
  }
  for (const id of gone) delete next[id];
  return changed || !before ? { rigs: next } : before;
}

/**
 * One yard, as a page sees it. Everything is asked of its keeper, who writes it to disk before it is shown; what other
 * tabs write is shown alike.
 */
export class YardStore {
  private snapshot: YardSnapshot = LOADING;
  private held: readonly StoredRun[] = [];
  private readonly listeners = new Set<() => void>();
  private readonly near: Desk;
  private readonly far: Desk;

  constructor(
    readonly yard: YardName,
    public clock: Clock = deviceClock,
  ) {
    const opening = { yard, now: deviceClock.now(), version: VERSION };
    this.near = new Desk(opening, {
      shown: (shown) => this.take(shown),
      opened: (opened) => {
        this.looking = false;
        this.seenDrafts = undefined;
        this.enter(opened);
      },
      shut: (reason) => this.fail(reason),
      // For developers: nothing of it concerns whoever uses it.
      // eslint-disable-next-line no-console
      warning: (message) => console.warn(message),
    });
    this.far = new Desk(opening);
  }

  private isOpen = false;
  private patience: ReturnType<typeof setTimeout> | undefined;
  private taken: Ready | undefined;

  /** Begins to follow the yard: as it was last seen, then as its keeper tells. */
  open(): void {
    if (this.near.isStarted || this.looking) return;
    this.looking = true;
    // A storage that never answers is told; should it answer after all, the yard is shown.
    this.patience = setTimeout(() => {
      if (!this.isOpen) this.fail('The storage of this browser does not answer');
    }, UNANSWERED);
    if (typeof BroadcastChannel !== 'undefined' && !this.drafts) {
      this.drafts = new BroadcastChannel(`yardline drafts ${this.yard}`);
      this.drafts.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
        // Before any form hears of it: what was seen at a glance is older than what another tab has written since.
        this.outrun = true;
        this.seenDrafts = undefined;
        this.tellDraft(data);
      });
    }
    const see = (seen: Awaited<ReturnType<typeof glance>>) => {
      if (!seen || !this.looking || this.taken) return;
      if (!this.outrun) this.seenDrafts = new Map(seen.drafts);
      this.take(seen.shown);
      this.glanced = true;
      this.enter(seen.opened);
    };
    // Where there was something to be seen its keeper is begun once that is drawn: a phone has few cores.
    const begin = () => this.looking && this.near.start();
    glance(this.yard, VERSION)
      .then(see, () => undefined)
      .finally(() => setTimeout(begin, this.taken ? ONCE_SEEN : 0));
  }

  /** Forms as they lay there at a glance, until the keeper is at work. */
  private seenDrafts: Map<string, unknown> | undefined;
  /** Another tab has written a form since this one was opened. */
  private outrun = false;

  private looking = false;
  /** True while nothing but a glance was taken. */
  private glanced = false;

  private enter(opened: Instant | undefined): void {
    if (opened !== undefined) this.clock = clockFrom(DEMO_NOW, opened);
    this.isOpen = true;
    clearTimeout(this.patience);
    this.tell();
  }

  /** Follows it no longer. */
  close(): void {
    clearTimeout(this.patience);
    this.drafts?.close();
    this.drafts = undefined;
    this.outrun = false;
    this.near.leave();
    this.far.leave();
    this.looking = false;
    this.isOpen = false;
    this.taken = undefined;
    this.glanced = false;
    this.snapshot = LOADING;
  }

  private take(shown: Shown): void {
    tellDaysApart(shown.log.days);
    const before = this.taken;
    const runs = shown.runs && !(this.glanced && sameValue(shown.runs, this.held)) ? shown.runs : undefined;
    if (runs) this.held = runs;
    this.taken = {
      status: 'ready',
      state: withChanges(before?.state, shown, this.glanced),
      runs: runs ? runs.map(({ run }) => run) : (before?.runs ?? []),
      archived: shown.archived,
      log: shown.log,
      lost: shown.lost,
    };
    this.glanced = false;
    // Whichever page it came by: the Yard does not open as to a stranger the next time.
    if (Object.values(this.taken.state.rigs).some(({ model }) => model)) noteVisited();
    this.tell();
  }

  /** Shows what was taken, once the yard's clock is known. */
  private tell(): void {
    if (!this.isOpen || !this.taken) return;
    this.snapshot = this.taken;
    for (const listener of this.listeners) listener();
  }

  private fail(reason: string): void {
    this.snapshot = { status: 'failed', reason };
    for (const listener of this.listeners) listener();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly getSnapshot = (): YardSnapshot => this.snapshot;

  /** Asks the yard's keeper, and waits for the answer. Rejects with what went wrong, or a DeskError. */
  send<K extends AskName>(name: K, ask: AskOf<K>, following?: Following): Promise<AnswerTo<K>> {
    return (LONG.has(name) ? this.far : this.near).send(name, ask, following);
  }

  /** A form half filled in, as it was left; undefined where there is none that this version can show. */
  async readDraft<T>(def: DraftDef<T>, key: string): Promise<T | undefined> {
    return readDraft(def, this.seenDrafts ? this.seenDrafts.get(key) : await this.send('readDraft', { key }));
  }

  /** Keeps a form half filled in; undefined drops it. */
  keepDraft<T>(def: DraftDef<T>, key: string, value: T | undefined): Promise<void> {
    const stored = value === undefined ? undefined : storeDraft(def, value);
    this.seenDrafts?.set(key, stored);
    return this.send('keepDraft', { key, value: stored });
  }

  /** Makes a change to a form on its newest state, whichever tab left it there; undefined drops it. Gives what lies there then. All who follow it hear of it but the one that makes it. */
  async changeDraft<T>(
    def: DraftDef<T>,
    key: string,
    change: (value: T | undefined) => T | undefined,
    by?: () => void,
  ): Promise<T | undefined> {
    let raw: unknown = await this.send('readDraft', { key });
    for (let tries = 0; tries < TRIES; tries++) {
      const before = readDraft(def, raw);
      const next = change(before);
      if (next === before) return before;
      const after = raw === undefined ? undefined : revOf(raw);
      const value = next === undefined ? undefined : storeDraft(def, next, (after ?? 0) + 1);
      this.seenDrafts?.set(key, value);
      const put = await this.send('putDraft', { key, value, after });
      if (put.ok) {
        this.drafts?.postMessage(key);
        this.tellDraft(key, by);
        return next;
      }
      raw = put.error.held;
    }
    throw new DeskError('stopped', 'Another tab was faster each time');
  }

  /** Tells the other tabs which form has changed. */
  private drafts: BroadcastChannel | undefined;

  private readonly followers = new Map<unknown, Set<() => void>>();

  private tellDraft(key: unknown, by?: () => void): void {
    for (const heard of this.followers.get(key) ?? []) if (heard !== by) heard();
  }

  /** Hears when a form was changed, in another tab or by another part of the page; returns what stops it. */
  followDraft(key: string, heard: () => void): () => void {
    const others = this.followers.get(key) ?? new Set();
    this.followers.set(key, others.add(heard));
    return () => others.delete(heard);
  }

  /** Makes a change to a card that may be refused, as a tap is where another tab has gone on already; on disk before it shows. */
  async changeRun<P>(
    id: string,
    change: (run: Run) => Result<Run, P>,
  ): Promise<Result<Run, P | { readonly code: 'no-run' }>> {
    let held = this.held.find(({ run }) => run.id === id);
    for (let tries = 0; tries < TRIES && held; tries++) {
      const next = change(held.run);
      if (!next.ok) return next;
      const put = await this.send('putRun', { run: next.value, after: held.rev });
      if (put.ok) return next;
      held = put.error.held;
    }
    return fail({ code: 'no-run' as const });
  }

  /** Makes any other change to a card that cannot be refused. */
  updateRun(id: string, change: (run: Run) => Run): Promise<Result<Run, { readonly code: 'no-run' }>> {
    return this.changeRun(id, (run) => ok(change(run)));
  }
}

/** True where an ask came to nothing because nobody waits for it any more. */
export function isStopped(error: unknown): boolean {
  return error instanceof DeskError && error.code === 'stopped';
}
