import { seeded } from '@/core/base';
import { construct, improve, lowerBound, rebuild } from '@/core/plan';
import type { PlannerAnswer, PlannerAsk } from './messages';

/** How long (ms) a stretch of searching lasts: a newer ask is heard between two. */
const STRETCH = 80;
/** How long (ms) the first answer may take. */
const FIRST = 40;
/** Rounds of sharing set-up for a bound. */
const ROUNDS = 250;
const SEED = 1;

const until = (ms: number) => {
  const end = performance.now() + ms;
  return () => performance.now() < end;
};
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** Answers one ask; `stands` turns false once a newer one has come. */
export async function answer(
  ask: PlannerAsk,
  say: (answer: PlannerAnswer) => void,
  stands: () => boolean,
): Promise<void> {
  const { n, problem } = ask;
  if (ask.say === 'prove') {
    const [{ default: loadHighs }, { solveExactly }] = await Promise.all([
      import('highs'),
      import('./exact'),
    ]);
    const { found, bound } = solveExactly(await loadHighs(), problem, ask.from, ask.seconds);
    say({ say: 'found', n, found, bound, last: true });
    return;
  }
  let found = construct(problem, until(FIRST));
  if (ask.from) {
    const kept = rebuild(problem, ask.from);
    // As good as what was there before is no reason to move a yard day.
    if (kept.cost <= found.cost) found = kept;
  }
  say({ say: 'found', n, found, bound: undefined, last: ask.patience <= 0 });
  const random = seeded(SEED);
  const more = until(ask.patience);
  while (more() && stands()) {
    await breathe();
    const better = improve(problem, found, random, until(STRETCH));
    if (better.cost < found.cost && stands())
      say({ say: 'found', n, found: better, bound: undefined, last: false });
    found = better;
  }
  if (!stands() || ask.patience <= 0) return;
  const { bound } = lowerBound(problem, found.cost, ROUNDS, until(400));
  say({ say: 'found', n, found, bound: Math.min(found.cost, Math.ceil(bound - 1e-6)), last: true });
}
