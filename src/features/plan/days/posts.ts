import { evaluate, savedOn, whyThisDay, type WorkToPlan } from '@/core/plan';
import type { UnitSystem } from '@/core/base';
import { jobsTitle } from '@/text';
import { whyWords } from '@/text/plan';
import type { PlanReady } from './use-plan';

/** A yard day of the plan. */
export interface Post {
  /** Its number among the free days, and its day. */
  readonly k: number;
  readonly day: string;
  readonly minutes: number;
  readonly capacity: number;
  /** What it saves (min) against each job on a day of its own. */
  readonly saved: number;
  /** The works on it, by number. */
  readonly works: readonly number[];
  /** All of them are pinned there. */
  readonly pinned: boolean;
}

/** The yard days of a plan, in order; `times` are the minutes of their cards where those have been laid out. */
export function postsOf(
  { problem, yard, planned, edits }: PlanReady,
  times: Readonly<Record<string, number>>,
): readonly Post[] {
  const { visits } = planned.found;
  const { minutes } = evaluate(problem, visits);
  return problem.days.flatMap(({ day, capacity }, k): Post[] => {
    const works = yard.works.flatMap((_, j) => ((visits[j] ?? []).includes(k) ? [j] : []));
    if (works.length === 0) return [];
    return [
      {
        k,
        day,
        minutes: Math.round(times[day] ?? minutes[k] ?? 0),
        capacity,
        saved: savedOn(problem, visits, k),
        works,
        pinned: works.every((j) => edits.pins[yard.works[j]?.id ?? ''] === day),
      },
    ];
  });
}

/** Works of a post that are told as one: the same work of a rig at several places. */
export interface Row {
  readonly key: string;
  readonly rig: string;
  readonly works: readonly number[];
}

/** The rows of a post, rig by rig; what is done at several places is one. */
export function rowsOf({ yard }: Pick<PlanReady, 'yard'>, post: Post): readonly Row[] {
  const rows = new Map<string, { rig: string; works: number[] }>();
  for (const j of post.works) {
    const work = yard.works[j];
    if (!work) continue;
    const key = `${work.rig} ${work.jobs[0].routine} ${work.findings.length > 0 ? work.id : ''}`;
    const row = rows.get(key) ?? { rig: work.rig, works: [] };
    row.works.push(j);
    rows.set(key, row);
  }
  return [...rows].map(([key, row]) => ({ key, ...row }));
}

/** The works of a row, its name, and the sentence of why it stands there: of several places that of the one that saves most. */
export function toldOf(
  { yard, problem, planned }: PlanReady,
  row: Row,
  post: Post,
  now: string,
  system: UnitSystem,
): { readonly works: readonly WorkToPlan[]; readonly title: string; readonly why: string } {
  const works = row.works.flatMap((j) => yard.works[j] ?? []);
  const title = jobsTitle(works.flatMap(({ jobs }) => jobs));
  const [first] = works;
  const whys = row.works.map((j) => whyThisDay(problem, planned.found.visits, j, post.k));
  const why = whys.reduce<(typeof whys)[number] | undefined>(
    (best, one) => (best && best.alone - best.minutes >= one.alone - one.minutes ? best : one),
    undefined,
  );
  if (!first || !why) return { works, title, why: '' };
  const before = why.after === undefined ? undefined : problem.days[why.after]?.day;
  return {
    works,
    title,
    why: whyWords({ work: first, why, day: post.day, pinned: false, before, now, system }),
  };
}
