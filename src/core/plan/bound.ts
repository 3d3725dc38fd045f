import { FORBIDDEN, legOf, type PlanProblem } from './problem';

/** What no plan can be better than (min), and for each job and day what a plan with that visit costs at the least. */
export interface Bound {
  readonly bound: number;
  /** `via[j][day]`: no plan in which job j is done on that day costs less (min); Infinity where it cannot be. */
  readonly via: readonly Float64Array[];
}

/** The cheapest path of a job with prices on its days, forward and backward. */
function paths(problem: PlanProblem, j: number, price: Float64Array) {
  const n = problem.days.length;
  const job = problem.jobs[j];
  const legs = job?.legs ?? new Int32Array(0);
  const to = new Float64Array(n).fill(Infinity);
  const rest = new Float64Array(n).fill(Infinity);
  const came = new Int16Array(n).fill(-1);
  const at = (from: number, day: number) => {
    const cost = legs[legOf(problem, from, day)] ?? FORBIDDEN;
    return cost === FORBIDDEN ? Infinity : cost;
  };
  let least = at(-1, n);
  let last = -1;
  for (let day = 0; day < n; day++) {
    to[day] = at(-1, day) + (price[day] ?? 0);
    if (job?.repeats)
      for (let from = 0; from < day; from++) {
        const cost = (to[from] ?? Infinity) + at(from, day) + (price[day] ?? 0);
        if (cost < (to[day] ?? Infinity)) {
          to[day] = cost;
          came[day] = from;
        }
      }
  }
  for (let day = n - 1; day >= 0; day--) {
    rest[day] = at(day, n);
    if (job?.repeats)
      for (let next = day + 1; next < n; next++)
        rest[day] = Math.min(
          rest[day] ?? Infinity,
          at(day, next) + (price[next] ?? 0) + (rest[next] ?? Infinity),
        );
    const whole = (to[day] ?? Infinity) + at(day, n);
    if (whole < least) {
      least = whole;
      last = day;
    }
  }
  const path: number[] = [];
  for (let day = last; day >= 0; day = came[day] ?? -1) path.push(day);
  return { least, path, to, rest };
}

/**
 * A lower bound by sharing the price of set-up among the jobs that need it (Lagrangian relaxation of visit ≤ set-up):
 * any sharing gives one, and the sharing is bettered by subgradient steps towards a known plan's cost.
 * Days as long as they may be are not priced: where capacity binds, the bound lies lower.
 */
export function lowerBound(
  problem: PlanProblem,
  known: number,
  rounds: number,
  keepGoing: () => boolean = () => true,
): Bound {
  const { days, nodes, jobs } = problem;
  const n = days.length;
  const members = nodes.map(() => 0);
  for (const job of jobs) for (const node of job.nodes) members[node] = (members[node] ?? 0) + 1;
  // shares[j][i * n + day]: what job j pays for the i-th of its set-ups on a day.
  const shares = jobs.map((job) => {
    const out = new Float64Array(job.nodes.length * n);
    job.nodes.forEach((node, i) => {
      out.fill((nodes[node]?.minutes ?? 0) / Math.max(1, members[node] ?? 1), i * n, (i + 1) * n);
    });
    return out;
  });
  let best = -Infinity;
  let kept = shares.map((share) => share.slice());
  let pace = 1.2;
  let stale = 0;
  const prices = jobs.map(() => new Float64Array(n));
  const paid = new Float64Array(nodes.length * n);
  const priced = () => {
    paid.fill(0);
    jobs.forEach((job, j) => {
      const price = prices[j];
      if (!price) return;
      price.fill(0);
      job.nodes.forEach((node, i) => {
        for (let day = 0; day < n; day++) {
          const share = shares[j]?.[i * n + day] ?? 0;
          price[day] = (price[day] ?? 0) + share;
          paid[node * n + day] = (paid[node * n + day] ?? 0) + share;
        }
      });
    });
  };
  for (let round = 0; round < rounds && keepGoing(); round++) {
    priced();
    let value = 0;
    const gone = jobs.map((_, j) => {
      const { least, path } = paths(problem, j, prices[j] ?? new Float64Array(n));
      value += least;
      return path;
    });
    const over = new Uint8Array(nodes.length * n);
    for (let at = 0; at < over.length; at++) {
      const spare = (nodes[Math.floor(at / n)]?.minutes ?? 0) - (paid[at] ?? 0);
      if (spare < 0) {
        value += spare;
        over[at] = 1;
      }
    }
    if (value > best + 1e-9) {
      best = value;
      kept = shares.map((share) => share.slice());
      stale = 0;
    } else if ((stale += 1) >= 12) {
      pace /= 2;
      stale = 0;
    }
    if (known - best < 1) break;
    // Where a job goes and its set-up is not open, it pays more; where set-up is open and it does not go, less.
    let steep = 0;
    jobs.forEach((job, j) => {
      const here = new Set(gone[j]);
      job.nodes.forEach((node) => {
        for (let day = 0; day < n; day++) {
          const by = (here.has(day) ? 1 : 0) - (over[node * n + day] ?? 0);
          steep += by * by;
        }
      });
    });
    if (steep === 0 || pace < 0.002) break;
    const step = (pace * Math.max(1, known - value)) / steep;
    jobs.forEach((job, j) => {
      const here = new Set(gone[j]);
      const share = shares[j];
      if (!share) return;
      job.nodes.forEach((node, i) => {
        for (let day = 0; day < n; day++) {
          const by = (here.has(day) ? 1 : 0) - (over[node * n + day] ?? 0);
          if (by !== 0) share[i * n + day] = Math.max(0, (share[i * n + day] ?? 0) + step * by);
        }
      });
    });
  }
  shares.forEach((share, j) => share.set(kept[j] ?? share));
  priced();
  const via = jobs.map((_, j) => {
    const { least, to, rest } = paths(problem, j, prices[j] ?? new Float64Array(n));
    return Float64Array.from(
      { length: n },
      (_, day) => best - least + (to[day] ?? Infinity) + (rest[day] ?? Infinity),
    );
  });
  return { bound: best, via };
}
