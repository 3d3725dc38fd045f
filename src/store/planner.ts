import { construct, type Found, type PlanProblem, type Visits } from '@/core/plan';
import type { PlannerAnswer, PlannerAsk } from '@/workers/planner';

/** How far a plan has come: found at once, searched further, proven or bounded. */
export interface Planned {
  readonly found: Found;
  /** No plan is better than this (min); undefined while nobody knows. */
  readonly bound: number | undefined;
  /** Something is still at work on it. */
  readonly working: boolean;
  /** Why nothing further is at work: the device does not run it, or it broke. */
  readonly stopped?: 'no-thread' | 'broke';
}

/** How long (ms) a plan is searched. */
const SEARCH = 900;
/** How long (ms) after the first answer the proof begins, with what is found by then, and how long (s) it may take. */
const HEAD_START = 150;
const PROOF = 12;
/** A thread that has said nothing for so long (ms) does not run here; a proof may keep still longer than it takes. */
const SILENCE = 6000;

type Answered = Extract<PlannerAnswer, { say: 'found' }>;

/** A thread, from its first word to its end. */
class Thread {
  private readonly worker: Worker;
  private silence: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly hear: (answer: Answered) => void,
    private readonly broke: (reason: string) => void,
  ) {
    this.worker = new Worker(new URL('../workers/planner/planner.ts', import.meta.url), { type: 'module' });
    this.worker.onerror = ({ message }) => this.over(message || 'the worker does not run');
    this.worker.onmessage = ({ data }: MessageEvent<PlannerAnswer>) => {
      clearTimeout(this.silence);
      if (data.say === 'found') this.hear(data);
      else if (data.say === 'failed') this.over(data.reason);
    };
    this.silence = setTimeout(() => this.over('the worker is silent'), SILENCE);
  }

  private over(reason: string): void {
    this.end();
    this.broke(reason);
  }

  ask(ask: PlannerAsk, patience: number): void {
    clearTimeout(this.silence);
    this.silence = setTimeout(() => this.over('the worker is silent'), patience);
    this.worker.postMessage(ask);
  }

  end(): void {
    clearTimeout(this.silence);
    this.worker.onmessage = null;
    this.worker.onerror = null;
    this.worker.terminate();
  }
}

/**
 * Plans off the page's own thread: an answer at once and a better one within a second, and soon after the first
 * the proof begins in a thread of its own, which is ended where it stands as soon as something else is asked.
 * Where no thread runs, the first answer is found on the page and stands.
 */
export class Planner {
  private n = 0;
  private problem: PlanProblem | undefined;
  private search: Thread | undefined;
  private proof: Thread | undefined;
  private able = typeof Worker !== 'undefined';
  private best: Found | undefined;
  private bound: number | undefined;
  private searching = false;
  private proving: 'not-yet' | 'at-work' | 'done' | 'broke' = 'not-yet';
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly tell: (planned: Planned) => void) {}

  /** Plans a problem; what was asked before is given up. */
  plan(problem: PlanProblem, from: Visits | undefined): void {
    this.giveUp();
    this.problem = problem;
    if (!this.able) return this.here(problem);
    this.search ??= new Thread(
      (answer) => this.searched(answer),
      () => {
        this.search = undefined;
        this.able = false;
        this.endProof();
        if (this.problem) this.here(this.problem);
      },
    );
    this.searching = true;
    this.search.ask({ say: 'search', n: this.n, problem, from, patience: SEARCH }, SILENCE + SEARCH);
  }

  /** Goes back to a plan that nothing was left to do for; what was asked since is given up. */
  stand(planned: Planned): void {
    this.giveUp();
    this.tell(planned);
  }

  private giveUp(): void {
    this.n += 1;
    this.problem = undefined;
    this.best = undefined;
    this.bound = undefined;
    this.proving = 'not-yet';
    this.endProof();
  }

  /** The first answer, on the page itself. */
  private here(problem: PlanProblem): void {
    const end = performance.now() + 40;
    const found = construct(problem, () => performance.now() < end);
    this.tell({ found, bound: undefined, working: false, stopped: 'no-thread' });
  }

  private searched({ n, found, bound, last }: Answered): void {
    if (n !== this.n) return;
    if (last) this.searching = false;
    this.take(found, bound);
    if (this.proving === 'not-yet' && !this.isProven()) {
      clearTimeout(this.timer);
      this.timer = setTimeout(() => this.prove(n), HEAD_START);
    }
    this.say();
  }

  /** Keeps what is better than what is known. */
  private take(found: Found, bound: number | undefined): void {
    if (!this.best || found.cost < this.best.cost) this.best = found;
    if (bound !== undefined) this.bound = Math.max(this.bound ?? 0, bound);
  }

  private isProven(): boolean {
    return this.best !== undefined && this.bound !== undefined && this.bound >= this.best.cost;
  }

  private prove(n: number): void {
    const { problem, best } = this;
    if (n !== this.n || this.proving !== 'not-yet' || !problem || !best || this.isProven()) return;
    this.proving = 'at-work';
    this.proof = new Thread(
      (answer) => {
        if (answer.n !== this.n) return;
        this.endProof();
        this.proving = 'done';
        this.take(answer.found, answer.bound);
        this.say();
      },
      () => {
        this.proof = undefined;
        if (n !== this.n) return;
        this.proving = 'broke';
        this.say();
      },
    );
    this.proof.ask({ say: 'prove', n, problem, from: best, seconds: PROOF }, (PROOF + 20) * 1000);
  }

  private say(): void {
    const { best, bound, searching, proving } = this;
    if (!best) return;
    const proven = this.isProven();
    if (proven) this.endProof();
    const working = !proven && (searching || proving === 'not-yet' || proving === 'at-work');
    this.tell({
      found: best,
      bound: bound === undefined ? undefined : Math.min(bound, best.cost),
      working,
      ...(proving === 'broke' && !working && !proven && { stopped: 'broke' as const }),
    });
  }

  private endProof(): void {
    clearTimeout(this.timer);
    this.proof?.end();
    this.proof = undefined;
  }

  /** Ends everything that is at work. */
  end(): void {
    this.n += 1;
    this.endProof();
    this.search?.end();
    this.search = undefined;
  }
}
