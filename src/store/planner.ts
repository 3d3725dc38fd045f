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

/** How long (ms) a plan is searched before the proof begins, and how long (s) that may take. */
const SEARCH = 700;
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
 * Plans off the page's own thread: an answer at once, a better one within a second, then the proof in a thread
 * of its own, which is ended where it stands as soon as something else is asked. Where no thread runs, the first
 * answer is found on the page and stands.
 */
export class Planner {
  private n = 0;
  private problem: PlanProblem | undefined;
  private search: Thread | undefined;
  private proof: Thread | undefined;
  private able = typeof Worker !== 'undefined';

  constructor(private readonly tell: (planned: Planned) => void) {}

  /** Plans a problem; what was asked before is given up. */
  plan(problem: PlanProblem, from: Visits | undefined): void {
    this.n += 1;
    const { n } = this;
    this.proof?.end();
    this.proof = undefined;
    if (!this.able) return this.here(problem);
    this.search ??= new Thread(
      (answer) => this.searched(answer),
      () => {
        this.search = undefined;
        this.able = false;
        this.here(this.problem ?? problem);
      },
    );
    this.problem = problem;
    this.search.ask({ say: 'search', n, problem, from, patience: SEARCH }, SILENCE + SEARCH);
  }

  /** The first answer, on the page itself. */
  private here(problem: PlanProblem): void {
    const end = performance.now() + 40;
    const found = construct(problem, () => performance.now() < end);
    this.tell({ found, bound: undefined, working: false, stopped: 'no-thread' });
  }

  private searched({ n, found, bound, last }: Answered): void {
    if (n !== this.n) return;
    const proven = bound !== undefined && bound >= found.cost;
    this.tell({ found, bound, working: !proven });
    const { problem } = this;
    if (!last || proven || !problem) return;
    this.proof = new Thread(
      (answer) => {
        if (answer.n !== this.n) return;
        this.proof?.end();
        this.proof = undefined;
        this.tell({
          found: answer.found,
          bound: Math.max(answer.bound ?? 0, bound ?? 0),
          working: false,
        });
      },
      () => {
        this.proof = undefined;
        if (n === this.n) this.tell({ found, bound, working: false, stopped: 'broke' });
      },
    );
    this.proof.ask({ say: 'prove', n, problem, from: found, seconds: PROOF }, (PROOF + 20) * 1000);
  }

  /** Ends everything that is at work. */
  end(): void {
    this.n += 1;
    this.search?.end();
    this.proof?.end();
    this.search = undefined;
    this.proof = undefined;
  }
}
