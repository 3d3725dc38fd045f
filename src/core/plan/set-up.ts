import type { CardStep } from '../routine';
import type { PlanNode, SetUp } from './problem';
import type { PlanWork } from './work';

/** The shared set-up of some work: nodes paid once a day, and for each work its own minutes and the nodes it needs. */
export interface Shared {
  readonly nodes: readonly PlanNode[];
  readonly works: readonly { readonly own: number; readonly nodes: readonly number[] }[];
}

interface Group {
  readonly rig: string;
  readonly works: readonly number[];
  readonly steps: CardStep[];
}

/** Shared steps that take less than this (min) together are paid with the next set-up that holds all their works: as set-up of their own they would only be noise. */
const LEAST = 3;

/** What some steps amount to: the deepest of hub off, wheel off and corner up among them. */
function named(rig: string, steps: readonly CardStep[], all: boolean): SetUp | undefined {
  const at = (act: CardStep['step']) => steps.find(({ step }) => step === act)?.place;
  for (const [kind, act] of [
    ['hub', 'hub-off'],
    ['wheel', 'wheel-off'],
    ['up', 'jack'],
  ] as const) {
    const place = at(act);
    if (place !== undefined) return { kind, rig, place };
  }
  return all ? { kind: 'rig', rig } : undefined;
}

/**
 * Finds what work shares from the cards themselves: steps that stand on the cards of the same works are one set-up.
 * A day's minutes are then those of the union of its cards' steps, as the compiler has them.
 */
export function sharedSetUp(works: readonly PlanWork[], dirty: number): Shared {
  const byRig = new Map<string, number[]>();
  works.forEach(({ rig }, w) => byRig.set(rig, [...(byRig.get(rig) ?? []), w]));
  const groups: Group[] = [];
  const own = works.map(() => 0);
  for (const [rig, mine] of byRig) {
    const users = new Map<string, { readonly step: CardStep; readonly works: number[] }>();
    for (const w of mine)
      for (const step of works[w]?.card.steps ?? []) {
        const known = users.get(step.key);
        if (known) known.works.push(w);
        else users.set(step.key, { step, works: [w] });
      }
    const bySet = new Map<string, Group>();
    for (const { step, works: some } of users.values()) {
      const key = some.join(' ');
      const group = bySet.get(key) ?? { rig, works: some, steps: [] };
      group.steps.push(step);
      bySet.set(key, group);
    }
    const minutesOf = (group: Group) => group.steps.reduce((sum, step) => sum + step.minutes, 0);
    const wide = [...bySet.values()].sort((a, b) => b.works.length - a.works.length);
    const kept: Group[] = [];
    for (const group of wide) {
      const host = kept.findLast(
        (other) =>
          other.works.length > group.works.length && group.works.every((w) => other.works.includes(w)),
      );
      if (group.works.length === 1) for (const w of group.works) own[w] = (own[w] ?? 0) + minutesOf(group);
      else if (host && minutesOf(group) < LEAST) host.steps.push(...group.steps);
      else kept.push(group);
    }
    groups.push(...kept);
  }
  const sorted = [...groups].sort((a, b) => b.works.length - a.works.length);
  const sets = sorted.map(({ works: some }) => new Set(some));
  const nodes: PlanNode[] = [{ minutes: dirty, above: [], of: { kind: 'day' } }];
  sorted.forEach((group) => {
    // The nearest are the smallest: those that came last.
    const above = sets.flatMap((set, other) =>
      sorted[other]?.rig === group.rig &&
      set.size > group.works.length &&
      group.works.every((w) => set.has(w))
        ? [other + 1]
        : [],
    );
    const of = named(group.rig, group.steps, group.works.length === byRig.get(group.rig)?.length);
    const minutes = Math.round(group.steps.reduce((sum, step) => sum + step.minutes, 0));
    nodes.push({ minutes, above: [...above.reverse(), 0], ...(of && { of }) });
  });
  return {
    nodes,
    works: works.map((_, w) => ({
      own: Math.round(own[w] ?? 0),
      nodes: [...sets.flatMap((set, g) => (set.has(w) ? [g + 1] : [])).reverse(), 0],
    })),
  };
}
