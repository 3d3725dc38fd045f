import { DAY_MS } from '@/core/base';
import Link from 'next/link';
import type { PlanningState } from '@/core/log';
import { to } from '@/links';
import { dateField, jobsTitle, minutes } from '@/text';

/** The yard day that was planned for today or tomorrow, as far as it is this rig's: the evening before it is told here. */
export function YardDayLine({ kept, rig, now }: { kept: PlanningState['kept']; rig: string; now: string }) {
  const days = [dateField(now), dateField(new Date(Date.parse(now) + DAY_MS).toISOString())];
  const next = kept?.days.find(({ day, jobs }) => days.includes(day) && jobs.some((job) => job.rig === rig));
  if (!next) return null;
  const jobs = next.jobs.filter((job) => job.rig === rig);
  return (
    <p className="border-accent border-l-4 py-1 pl-3 text-lg">
      <strong>{next.day === days[0] ? 'Today is a yard day' : 'Tomorrow is a yard day'}:</strong>{' '}
      {jobsTitle(jobs)}, {minutes(next.minutes)} in all.{' '}
      <Link
        prefetch={false}
        href={to('plan', rig)}
        className="inline-block min-h-6 underline underline-offset-4"
      >
        Open the plan
      </Link>
    </p>
  );
}
