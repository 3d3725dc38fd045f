import type { Random } from '../base';
import { Board } from './board';
import { evaluate } from './evaluate';
import type { PlanProblem, Visits } from './problem';

/** A plan with what it costs (min). */
export interface Found {
  readonly visits: Visits;
  readonly cost: number;
}

/** How much of unopened set-up a job bears by itself while the days are filled, round by round. */
const SHARES = [0.25, 0.6, 1] as const;
/** Rounds of putting each job where it is cheapest, at most. */
const ROUNDS = 6;

/** Jobs in the order they are placed: those that lose most by not being done first. */
function orderOf({ jobs, days }: PlanProblem): readonly number[] {
  const pressing = jobs.map(({ legs }) => legs[days.length] ?? 0);
  return jobs.map((_, j) => j).sort((a, b) => (pressing[b] ?? 0) - (pressing[a] ?? 0));
}

/** The plan that only some days are open for: each job where it is cheapest, again until nothing moves. */
function fill(
  problem: PlanProblem,
  among: readonly number[],
  order: readonly number[],
  from?: Visits,
): Found {
  const board = new Board(problem);
  if (from)
    from.forEach((path, j) => {
      board.put(j, path);
    });
  else for (const j of order) board.put(j, board.best(j, among, SHARES[0]).path);
  for (let round = 0; round < ROUNDS; round++) {
    const before = board.cost;
    const shared = from ? 1 : (SHARES[round + 1] ?? 1);
    let moved = false;
    for (const j of order) {
      const was = board.take(j);
      const { path } = board.best(j, among, shared);
      board.put(j, path);
      if (path.length !== was.length || path.some((day, i) => day !== was[i])) moved = true;
    }
    if (!moved || (shared === 1 && board.cost >= before && round > 1)) break;
  }
  return { visits: board.plan(), cost: board.cost };
}

/** Whole days whose jobs would all be better off elsewhere, or left. */
function closing(problem: PlanProblem, found: Found, order: readonly number[]): Found {
  let best = found;
  for (let better = true; better;) {
    better = false;
    const open = openDays(best.visits);
    for (const day of open) {
      const next = fill(
        problem,
        open.filter((one) => one !== day),
        order,
      );
      if (next.cost < best.cost) {
        best = next;
        better = true;
        break;
      }
    }
  }
  return best;
}

const openDays = (visits: Visits): readonly number[] => [...new Set(visits.flat())].sort((a, b) => a - b);

/** The first answer: the day that saves most is opened, one after another, while any saves at all; then days are shifted and closed. Deterministic. */
export function construct(problem: PlanProblem, keepGoing: () => boolean = () => true): Found {
  const order = orderOf(problem);
  const all = problem.days.map((_, day) => day).filter((day) => (problem.days[day]?.capacity ?? 0) > 0);
  let open: readonly number[] = [];
  let best = fill(problem, open, order);
  while (keepGoing()) {
    let next: Found | undefined;
    for (const day of all) {
      if (open.includes(day)) continue;
      const among = [...open, day].sort((a, b) => a - b);
      const tried = fill(problem, among, order);
      if (tried.cost < (next?.cost ?? best.cost)) next = tried;
      if (!keepGoing()) break;
    }
    if (!next) break;
    best = next;
    open = openDays(best.visits);
  }
  best = shifting(problem, best, order, all, keepGoing);
  return keepGoing() ? closing(problem, best, order) : best;
}

/** Each open day moved to any other, while that saves. */
function shifting(
  problem: PlanProblem,
  found: Found,
  order: readonly number[],
  all: readonly number[],
  keepGoing: () => boolean,
): Found {
  let best = found;
  for (let better = true; better && keepGoing();) {
    better = false;
    const open = openDays(best.visits);
    for (const day of open)
      for (const other of all) {
        if (open.includes(other) || !keepGoing()) continue;
        const among = [...open.filter((one) => one !== day), other].sort((a, b) => a - b);
        const next = fill(problem, among, order);
        if (next.cost < best.cost) {
          best = next;
          better = true;
        }
      }
  }
  return best;
}

/** Some jobs are taken off, in one corner, on one day or anywhere, and put back in another order: what capacity holds apart finds room. */
function mend(problem: PlanProblem, here: Found, among: readonly number[], random: Random): Found {
  const board = new Board(problem);
  here.visits.forEach((path, j) => board.put(j, path));
  const all = problem.jobs.map((_, j) => j);
  const how = random();
  const at = all[Math.floor(random() * all.length)] ?? 0;
  const node = problem.jobs[at]?.nodes[0];
  const day = among[Math.floor(random() * among.length)];
  const few = 0.1 + 0.3 * random();
  const off = all.filter((j) => {
    if (how < 0.35)
      return node !== undefined && problem.jobs[j]?.nodes.includes(node) === true && random() < 0.8;
    if (how < 0.65) return day !== undefined && here.visits[j]?.includes(day) === true && random() < 0.7;
    return random() < few;
  });
  for (const j of off) board.take(j);
  const order = [...off].sort(() => random() - 0.5);
  const shared = SHARES[Math.floor(random() * SHARES.length)] ?? 1;
  for (const j of order) board.put(j, board.best(j, among, shared).path);
  for (let round = 0; round < 2; round++)
    for (const j of order) {
      board.take(j);
      board.put(j, board.best(j, among).path);
    }
  return { visits: board.plan(), cost: board.cost };
}

/** How far from its day a perturbed one may go, in choices. */
const NEAR = 4;

/** Betters a plan by perturbing the set of its open days, for as long as it may; what is found is never worse than what it began with. */
export function improve(problem: PlanProblem, from: Found, random: Random, keepGoing: () => boolean): Found {
  const order = orderOf(problem);
  const all = problem.days.map((_, day) => day).filter((day) => (problem.days[day]?.capacity ?? 0) > 0);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  let best = from;
  let here = from;
  let since = 0;
  while (keepGoing() && all.length > 0) {
    const open = new Set(openDays(here.visits));
    const mends = random() < 0.6;
    const kicks = mends ? (random() < 0.4 ? 1 : 0) : 1 + Math.floor(random() * 3);
    for (let kick = 0; kick < kicks; kick++) {
      const what = random();
      const some = pick([...open]);
      if (what < 0.3 || open.size === 0) {
        const day = pick(all);
        if (day !== undefined) open.add(day);
      } else if (what < 0.55 && some !== undefined) open.delete(some);
      else if (some !== undefined) {
        const at = all.indexOf(some) + Math.round((random() - 0.5) * 2 * NEAR);
        const near = all[Math.min(all.length - 1, Math.max(0, at))];
        open.delete(some);
        if (near !== undefined) open.add(near);
      }
    }
    const among = [...open].sort((a, b) => a - b);
    // Placed in another order, jobs share other set-up.
    const turned = random() < 0.5 ? order : [...order].sort(() => random() - 0.5);
    const next = mends
      ? mend(
          problem,
          here,
          [...new Set([...among, ...openDays(here.visits)])].sort((a, b) => a - b),
          random,
        )
      : fill(problem, among, turned);
    since += 1;
    if (next.cost < here.cost || (next.cost === here.cost && random() < 0.3)) here = next;
    // Now and then a little worse is gone on from, so that a valley can be left.
    else if (next.cost < here.cost * 1.02 && random() < 0.05) here = next;
    if (next.cost < best.cost) {
      best = next;
      since = 0;
    }
    if (since > 200) {
      here = best;
      since = 0;
    }
  }
  return best;
}

/** A plan begun from what is known: as it was where it still stands and is as good, else each job put where it is cheapest on its days. */
export function rebuild(problem: PlanProblem, visits: Visits): Found {
  const filled = fill(problem, [...openDays(visits)], orderOf(problem));
  const { cost, breaches } = evaluate(problem, visits);
  return breaches.length === 0 && cost <= filled.cost ? { visits, cost } : filled;
}
