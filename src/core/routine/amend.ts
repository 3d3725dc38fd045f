import { fail, ok, type Result } from '../base';
import type { RigModel } from '../rig';
import type { Card, CardStep, CompileProblem, Job, Pace } from './card';
import { compile } from './compile';
import { factsAtStart, order } from './order';
import { verify } from './verify/verify';

/**
 * A card laid out anew behind what was done of it: the steps done stay as they are, the rest is
 * ordered from where the rig stands now. Refused where that would not be safe.
 */
export function amendCard(
  card: Card,
  done: readonly CardStep[],
  change: {
    readonly model: RigModel;
    readonly jobs?: readonly Job[];
    readonly branches?: Card['branches'];
    readonly pace?: Pace;
  },
): Result<Card, CompileProblem | { readonly code: 'unsafe'; readonly why: string }> {
  const { model } = change;
  const next = compile(model, change.jobs ?? card.jobs, card.house, {
    branches: change.branches ?? card.branches,
    ...(card.threads && { threads: card.threads }),
    ...(card.unset && { unset: card.unset }),
    ...(change.pace && { pace: change.pace }),
  });
  if (!next.ok) return next;
  const keys = new Set(done.map(({ key }) => key));
  const facts = new Set(factsAtStart(model));
  for (const step of done) {
    for (const fact of step.takes) facts.delete(fact);
    for (const fact of step.gives) facts.add(fact);
  }
  const left = next.value.steps.filter(({ key }) => !keys.has(key));
  // What a step asks for may have been given by a step that is done and no longer on the new card.
  const rest = order(left, facts);
  if (!rest.ok) return rest;
  const amended: Card = { ...next.value, steps: [...done, ...rest.value] };
  const breach = verify(amended, model)[0];
  return breach ? fail({ code: 'unsafe', why: `${breach.key}: ${breach.why}` }) : ok(amended);
}
