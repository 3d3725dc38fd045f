import type { Instant } from '@/core/base';
import {
  LONG,
  type AnswerTo,
  type AskName,
  type AskOf,
  type FromDesk,
  type Opening,
  type Shown,
  type ToDesk,
} from '@/keeper';

/** Why an ask came to nothing, beside what the yard itself says. */
export class DeskError extends Error {
  constructor(
    readonly code: 'stopped' | 'timed-out' | 'shut',
    message: string,
  ) {
    super(message);
  }
}

/** How an ask is followed. */
export interface Following {
  /** Nobody waits for it any more. */
  readonly signal?: AbortSignal;
  /** Where nobody waits, the work itself is ended: its desk is left, and opened anew by the next ask. */
  readonly ends?: boolean;
  /** How far it has come (0–1). */
  readonly onProgress?: (share: number) => void;
  /** How long it may take (ms). */
  readonly patience?: number;
}

/** What a desk tells by itself. */
export interface DeskEars {
  readonly shown?: (shown: Shown) => void;
  readonly opened?: (opened: Instant | undefined) => void;
  /** It cannot be opened. */
  readonly shut?: (reason: string) => void;
  readonly warning?: (message: string) => void;
}

interface Waiting {
  readonly resolve: (value: unknown) => void;
  readonly reject: (error: Error) => void;
  readonly told: (share: number) => void;
}

/** Where a desk stands: in a worker, or on the page where none runs. */
interface Seat {
  readonly say: (message: ToDesk) => void;
  readonly leave: () => void;
}

/** A worker whose script says nothing for so long (ms) does not run here. */
const SILENCE = 10_000;

function workerSeat(hear: (message: FromDesk) => void, broken: (reason: string) => void): Seat {
  const worker = new Worker(new URL('../workers/yard.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<FromDesk>) => hear(data);
  worker.onerror = (event) => broken(event.message || 'the worker does not run');
  return { say: (message) => worker.postMessage(message), leave: () => worker.terminate() };
}

/** The same desk on the page itself: slower, never wrong. */
function pageSeat(hear: (message: FromDesk) => void): Seat {
  let gone = false;
  const attended = import('@/keeper/attend').then(({ attend }) =>
    attend((message) => !gone && hear(message)),
  );
  const lost = (error: unknown) =>
    !gone && hear({ say: 'shut', reason: error instanceof Error ? error.message : String(error) });
  return {
    say: (message) => {
      attended.then((seat) => seat.hear(message), lost);
    },
    leave: () => {
      gone = true;
      attended.then(
        (seat) => seat.close(),
        () => undefined,
      );
    },
  };
}

/** One desk of a yard: what is asked of it is answered in its worker, or on the page where none runs. */
export class Desk {
  private seat: Seat | undefined;
  private open = false;
  private shut: string | undefined;
  private n = 0;
  private readonly waiting = new Map<number, Waiting>();
  /** What was said before the desk was open, to be said again where its worker does not run. */
  private unheard: ToDesk[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private byWorker = typeof Worker !== 'undefined';

  constructor(
    private readonly opening: Opening,
    private readonly ears: DeskEars = {},
  ) {}

  /** True once it was opened, or is being opened. */
  get isStarted(): boolean {
    return this.seat !== undefined;
  }

  /** Opens it, where it is not open yet. */
  start(): void {
    if (this.seat) return;
    this.sit();
  }

  private sit(): void {
    const hear = (message: FromDesk) => this.hear(message);
    this.seat = this.byWorker ? workerSeat(hear, () => this.moveToPage()) : pageSeat(hear);
    if (this.byWorker) this.timer = setTimeout(() => this.moveToPage(), SILENCE);
    this.seat.say({ say: 'open', opening: this.opening, show: this.ears.shown !== undefined });
    for (const message of this.unheard) this.seat.say(message);
  }

  /** What a worker that broke was asked last may have been done or not: it is told as not known, and all else goes on here. */
  private moveToPage(): void {
    if (!this.byWorker || !this.seat) return;
    clearTimeout(this.timer);
    this.seat.leave();
    this.byWorker = false;
    if (this.open) {
      this.unheard = [];
      this.failAll(new DeskError('shut', 'The browser stopped what was at work'));
    }
    this.open = false;
    this.sit();
  }

  private failAll(error: Error): void {
    for (const { reject } of this.waiting.values()) reject(error);
    this.waiting.clear();
  }

  private hear(message: FromDesk): void {
    clearTimeout(this.timer);
    switch (message.say) {
      case 'here':
        return;
      case 'open':
        this.open = true;
        this.unheard = [];
        this.ears.opened?.(message.opened);
        return;
      case 'shut':
        this.shut = message.reason;
        this.failAll(new DeskError('shut', message.reason));
        this.ears.shut?.(message.reason);
        return;
      case 'shown':
        this.ears.shown?.(message.shown);
        return;
      case 'warning':
        this.ears.warning?.(message.message);
        return;
      case 'progress':
        this.waiting.get(message.n)?.told(message.share);
        return;
      case 'answer':
        this.waiting.get(message.n)?.resolve(message.value);
        this.waiting.delete(message.n);
        return;
      case 'failure': {
        const error = new Error(message.reason);
        error.name = message.name;
        this.waiting.get(message.n)?.reject(error);
        this.waiting.delete(message.n);
      }
    }
  }

  /** Asks, and waits for the answer. Rejects with what the yard says is wrong, or a DeskError. */
  send<K extends AskName>(
    name: K,
    ask: AskOf<K>,
    { signal, ends, onProgress, patience }: Following = {},
  ): Promise<AnswerTo<K>> {
    if (this.shut !== undefined) return Promise.reject(new DeskError('shut', this.shut));
    this.start();
    const n = (this.n += 1);
    const message: ToDesk = { say: 'ask', n, name, ask };
    return new Promise<AnswerTo<K>>((resolve, reject) => {
      const over = (error: DeskError) => {
        if (!this.waiting.has(n)) return;
        this.waiting.delete(n);
        // What takes long has the desk to itself: leaving it is the one way to end it.
        if (LONG.has(name) && (ends === true || error.code === 'timed-out')) this.leave();
        reject(error);
      };
      const timer =
        patience === undefined
          ? undefined
          : setTimeout(() => over(new DeskError('timed-out', 'It took too long')), patience);
      const stop = () => over(new DeskError('stopped', 'It was stopped'));
      const end =
        <T>(then: (value: T) => void) =>
        (value: T) => {
          clearTimeout(timer);
          signal?.removeEventListener('abort', stop);
          then(value);
        };
      if (signal?.aborted) return reject(new DeskError('stopped', 'It was stopped'));
      signal?.addEventListener('abort', stop);
      this.waiting.set(n, {
        resolve: end((value: unknown) => resolve(value as AnswerTo<K>)),
        reject: end(reject),
        told: onProgress ?? (() => undefined),
      });
      if (!this.open) this.unheard.push(message);
      this.seat?.say(message);
    });
  }

  /** Leaves it; the next ask opens it anew. */
  leave(): void {
    clearTimeout(this.timer);
    this.seat?.leave();
    this.seat = undefined;
    this.open = false;
    this.unheard = [];
    this.failAll(new DeskError('stopped', 'It was stopped'));
  }
}
