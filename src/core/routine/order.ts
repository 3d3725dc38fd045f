import { fail, ok, type Result } from '../base';
import { wheelEnds, type RigModel } from '../rig';
import type { CardStep, CompileProblem } from './card';
import type { Fact } from './steps';

/** Facts that hold before the first step of a card. */
export function factsAtStart(model: RigModel): ReadonlySet<Fact> {
  return new Set([
    ...wheelEnds(model).flatMap((p) => [`down ${p}`, `tight ${p}`, `wheel ${p}`, `seal in place ${p}`]),
    'free L',
  ]);
}

/** Takes, again and again, the first step whose needs are met: the order written is kept wherever it is safe. */
export function order(
  steps: readonly CardStep[],
  start: ReadonlySet<Fact>,
): Result<readonly CardStep[], CompileProblem> {
  // Each step counts what it still waits for, so that a fact that comes or goes touches only who asks for it.
  const askers = new Map<Fact, number[]>();
  const waiting = steps.map(({ needs }, i) => {
    for (const fact of new Set(needs)) {
      const list = askers.get(fact);
      if (list) list.push(i);
      else askers.set(fact, [i]);
    }
    return [...new Set(needs)].filter((fact) => !start.has(fact)).length;
  });
  const facts = new Set(start);
  const change = (fact: Fact, there: boolean) => {
    if (facts.has(fact) === there) return;
    if (there) facts.add(fact);
    else facts.delete(fact);
    for (const i of askers.get(fact) ?? []) waiting[i] = (waiting[i] ?? 0) + (there ? -1 : 1);
  };
  const out: CardStep[] = [];
  const taken = steps.map(() => false);
  while (out.length < steps.length) {
    const at = waiting.findIndex((count, i) => count === 0 && !taken[i]);
    const next = steps[at];
    if (!next)
      return fail({ code: 'deadlock', keys: steps.filter((_, i) => !taken[i]).map((step) => step.key) });
    taken[at] = true;
    for (const fact of next.takes) change(fact, false);
    for (const fact of next.gives) change(fact, true);
    out.push(next);
  }
  return ok(out);
}

/** What each step may ask for: facts that some step of this card gives, or that hold from the start. */
export function withoutAbsent(steps: readonly CardStep[], start: ReadonlySet<Fact>): readonly CardStep[] {
  const given = new Set([...start, ...steps.flatMap((step) => step.gives)]);
  return steps.map((step) => ({ ...step, needs: step.needs.filter((fact) => given.has(fact)) }));
}
