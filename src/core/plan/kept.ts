import type { CivilDay } from '../base';
import type { PlanningState } from '../log';
import type { PlanEdits } from './edits';
import type { Visits } from './problem';
import type { WorkToPlan, YardProblem } from './yard';

type Kept = NonNullable<PlanningState['kept']>;
type KeptJob = Kept['days'][number]['jobs'][number];

const isOf = (work: WorkToPlan, job: KeptJob) =>
  work.rig === job.rig &&
  work.jobs.some(({ routine, place }) => routine === job.routine && place === job.place);

/** What was asked for by hand of a plan that was kept, of the work and days that are still to come. */
export function keptEdits(kept: Kept | undefined, yard: Pick<YardProblem, 'works' | 'from'>): PlanEdits {
  const ahead = <T extends { readonly day: CivilDay }>(list: readonly T[] | undefined) =>
    (list ?? []).filter(({ day }) => day >= yard.from);
  const named = <T extends { readonly job: KeptJob; readonly day: CivilDay }>(
    list: readonly T[] | undefined,
  ) =>
    ahead(list).flatMap(({ job, day }) => {
      const work = yard.works.find((one) => isOf(one, job));
      return work ? [{ job: work.id, day }] : [];
    });
  return {
    pins: Object.fromEntries(named(kept?.pins).map(({ job, day }) => [job, day])),
    never: named(kept?.never),
    closed: (kept?.closed ?? []).filter((day) => day >= yard.from),
    hours: Object.fromEntries(ahead(kept?.hours).map(({ day, minutes }) => [day, minutes])),
  };
}

/** The visits of a plan that was kept, as far as its work and days are still to come. */
export function keptVisits(
  kept: Kept | undefined,
  { works, problem }: Pick<YardProblem, 'works' | 'problem'>,
): Visits | undefined {
  if (!kept) return undefined;
  return works.map((work, j) => {
    const days = problem.days.flatMap(({ day }, k) =>
      kept.days.some((one) => one.day === day && one.jobs.some((job) => isOf(work, job))) ? [k] : [],
    );
    return problem.jobs[j]?.repeats === true ? days : days.slice(0, 1);
  });
}

/** What has changed since a plan was kept: work that moved, came in, or is done or no longer due. */
export interface PlanChange {
  readonly jobs: readonly KeptJob[];
  readonly from: CivilDay | undefined;
  readonly to: CivilDay | undefined;
}

/** Holds a plan against the one that was kept, work by work; what stands where it stood is not told. */
export function changesSince(
  kept: Kept,
  yard: Pick<YardProblem, 'works' | 'problem' | 'from'>,
  visits: Visits,
): readonly PlanChange[] {
  const out: PlanChange[] = [];
  yard.works.forEach((work, j) => {
    const was = kept.days
      .filter((one) => one.day >= yard.from && one.jobs.some((job) => isOf(work, job)))
      .map(({ day }) => day);
    const now = (visits[j] ?? []).map((k) => yard.problem.days[k]?.day ?? '');
    const gone = was.filter((day) => !now.includes(day));
    const come = now.filter((day) => !was.includes(day));
    const jobs = work.jobs.map(({ routine, place }) => ({ rig: work.rig, routine, place }));
    for (let i = 0; i < Math.max(gone.length, come.length); i++)
      out.push({ jobs, from: gone[i], to: come[i] });
  });
  // Work that is planned no more: it is done, or it is not due any longer.
  for (const { day, jobs } of kept.days) {
    if (day < yard.from) continue;
    const over = jobs.filter((job) => !yard.works.some((work) => isOf(work, job)));
    if (over.length > 0) out.push({ jobs: over, from: day, to: undefined });
  }
  return out;
}
