import { FORBIDDEN, type PlanProblem, type Visits } from './problem';

/** Jobs on days, with what each day has open: the working state of a search. Costs follow each change at once. */
export class Board {
  private readonly days: number;
  private readonly width: number;
  /** How many jobs use a set-up on a day: `uses[node * days + day]`. */
  private readonly uses: Int16Array;
  private readonly used: Int32Array;
  private readonly capacity: Int32Array;
  private readonly minutes: Int32Array;
  readonly visits: (readonly number[])[];
  /** What the plan costs so far (min); jobs that are off the board count for nothing. */
  cost = 0;

  constructor(readonly problem: PlanProblem) {
    const { days, nodes, jobs } = problem;
    this.days = days.length;
    this.width = days.length + 1;
    this.uses = new Int16Array(nodes.length * this.days);
    this.used = new Int32Array(this.days);
    this.capacity = Int32Array.from(days, ({ capacity }) => capacity);
    this.minutes = Int32Array.from(nodes, ({ minutes }) => minutes);
    this.visits = jobs.map(() => []);
  }

  /** What it would add to a day (min) to do a job there: the set-up that is not open yet. */
  private opening(j: number, day: number): number {
    let sum = 0;
    for (const node of this.problem.jobs[j]?.nodes ?? [])
      if (this.uses[node * this.days + day] === 0) sum += this.minutes[node] ?? 0;
    return sum;
  }

  /** How full a day would be with a job on it (min). */
  wouldTake(j: number, day: number): number {
    return (this.used[day] ?? 0) + (this.problem.jobs[j]?.own ?? 0) + this.opening(j, day);
  }

  /** The cheapest path of a job over some days as they stand; `shared` is how much of set-up that is not open yet it has to bear by itself (0–1). */
  best(
    j: number,
    among: readonly number[],
    shared = 1,
  ): { readonly path: readonly number[]; readonly cost: number } {
    const job = this.problem.jobs[j];
    if (!job) return { path: [], cost: 0 };
    const { legs, own } = job;
    const { width, days } = this;
    const n = among.length;
    let cost = legs[days] ?? FORBIDDEN;
    if (cost === FORBIDDEN) cost = Infinity;
    let path: readonly number[] = [];
    if (!job.repeats) {
      for (const day of among) {
        const leg = legs[day] ?? FORBIDDEN;
        const rest = legs[(day + 1) * width + days] ?? FORBIDDEN;
        if (leg === FORBIDDEN || rest === FORBIDDEN || leg + rest >= cost) continue;
        const opening = this.opening(j, day);
        if ((this.used[day] ?? 0) + own + opening > (this.capacity[day] ?? 0)) continue;
        const all = leg + rest + opening * shared;
        if (all < cost) {
          cost = all;
          path = [day];
        }
      }
      return { path, cost };
    }
    // The cheapest way to stand on each day, over the days before it.
    const to: number[] = [];
    const came: number[] = [];
    for (let i = 0; i < n; i++) {
      const day = among[i] ?? 0;
      const opening = this.opening(j, day);
      let least = Infinity;
      let by = -1;
      if ((this.used[day] ?? 0) + own + opening <= (this.capacity[day] ?? 0)) {
        const first = legs[day] ?? FORBIDDEN;
        if (first !== FORBIDDEN) least = first;
        for (let k = 0; k < i; k++) {
          const leg = legs[((among[k] ?? 0) + 1) * width + day] ?? FORBIDDEN;
          if (leg === FORBIDDEN) continue;
          const all = (to[k] ?? Infinity) + leg;
          if (all < least) {
            least = all;
            by = k;
          }
        }
      }
      to.push(least + opening * shared);
      came.push(by);
    }
    let last = -1;
    for (let i = 0; i < n; i++) {
      const leg = legs[((among[i] ?? 0) + 1) * width + days] ?? FORBIDDEN;
      if (leg === FORBIDDEN) continue;
      const all = (to[i] ?? Infinity) + leg;
      if (all < cost) {
        cost = all;
        last = i;
      }
    }
    const way: number[] = [];
    for (let i = last; i >= 0; i = came[i] ?? -1) way.unshift(among[i] ?? 0);
    return { path: way, cost };
  }

  private change(j: number, path: readonly number[], by: 1 | -1): void {
    const job = this.problem.jobs[j];
    if (!job) return;
    let from = 0;
    for (const day of path) {
      this.cost += by * (job.legs[from * this.width + day] ?? 0);
      from = day + 1;
      this.used[day] = (this.used[day] ?? 0) + by * job.own;
      for (const node of job.nodes) {
        const at = node * this.days + day;
        const was = this.uses[at] ?? 0;
        this.uses[at] = was + by;
        if ((by === 1 && was === 0) || (by === -1 && was === 1)) {
          this.cost += by * (this.minutes[node] ?? 0);
          this.used[day] = (this.used[day] ?? 0) + by * (this.minutes[node] ?? 0);
        }
      }
    }
    this.cost += by * (job.legs[from * this.width + this.days] ?? 0);
  }

  /** Puts a job that is off the board on a path. */
  put(j: number, path: readonly number[]): void {
    this.change(j, path, 1);
    this.visits[j] = path;
  }

  /** Takes a job off the board. */
  take(j: number): readonly number[] {
    const path = this.visits[j] ?? [];
    this.change(j, path, -1);
    this.visits[j] = [];
    return path;
  }

  /** Its visits as they stand. */
  plan(): Visits {
    return [...this.visits];
  }
}
