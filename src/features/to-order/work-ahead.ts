import { addDays, type Instant } from '@/core/base';
import type { Job, WorkAhead } from '@/core/routine';
import { isLook, type WorkId } from '@/core/rules';
import { remedyIn, tripsAhead, type RigView } from '@/features/rigs';

/** What falls due soon is wanted within so long (d), where no trip comes before. */
const SOON = 30;

/** The work of a rig that will put parts in: what is due now, what findings ask for, and what comes due soon. */
export function workAhead(view: RigView): WorkAhead {
  const { rig, model, house, duties, now } = view;
  const [trip] = tripsAhead(view);
  const soon = addDays(now, SOON);
  const by: Instant = trip && trip.at < soon ? trip.at : soon;
  const due = duties
    .filter(({ verdict }) => ['due', 'overdue', 'soon'].includes(verdict))
    .filter(({ routine }) => routine !== 'lug-recheck' && !isLook(routine as WorkId))
    .map(({ routine, place, verdict }) => ({
      job: { routine: routine as WorkId, place } satisfies Job,
      by: verdict === 'soon' ? by : trip && trip.at < soon ? trip.at : now,
    }));
  const found = Object.values(rig.findings).flatMap((finding) =>
    remedyIn(view, finding).jobs.map((job) => ({ job: job satisfies Job, by: now })),
  );
  // What a finding asks for and what is due as well is one job.
  const jobs = [...found, ...due].filter(
    ({ job }, i, all) =>
      all.findIndex((one) => one.job.routine === job.routine && one.job.place === job.place) === i,
  );
  return { rig, model, house, jobs };
}
