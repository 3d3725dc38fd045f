import type { CivilDay } from '../base';
import type { PlanKeptBody } from '../log';
import type { PlanEdits, Visits, YardProblem } from '../plan';
import type { NewEntry } from './new-entry';

/** What keeping a plan writes: its days with their work and minutes, and what was asked for by hand. `minutes` are those of the cards as they are laid out (by day). */
export function planEntry(
  yard: Pick<YardProblem, 'problem' | 'works'>,
  visits: Visits,
  minutes: Readonly<Record<CivilDay, number>>,
  edits: PlanEdits,
): Extract<NewEntry, { kind: 'plan.kept' }> {
  const { problem, works } = yard;
  const jobsOf = (j: number): PlanKeptBody['days'][number]['jobs'] => {
    const work = works[j];
    return work ? work.jobs.map(({ routine, place }) => ({ rig: work.rig, routine, place })) : [];
  };
  const first = (id: string) => jobsOf(works.findIndex((work) => work.id === id))[0];
  const wanted = <T extends { readonly job: string; readonly day: CivilDay }>(list: readonly T[]) =>
    list.flatMap(({ job, day }) => {
      const at = first(job);
      return at ? [{ job: at, day }] : [];
    });
  return {
    kind: 'plan.kept',
    body: {
      days: problem.days.flatMap(({ day }, k) => {
        const jobs = works.flatMap((_, j) => ((visits[j] ?? []).includes(k) ? jobsOf(j) : []));
        return jobs.length > 0 ? [{ day, minutes: Math.round(minutes[day] ?? 0), jobs }] : [];
      }),
      pins: wanted(Object.entries(edits.pins).map(([job, day]) => ({ job, day }))),
      never: wanted(edits.never),
      closed: [...edits.closed],
      hours: Object.entries(edits.hours).map(([day, some]) => ({ day, minutes: some })),
    },
  };
}
