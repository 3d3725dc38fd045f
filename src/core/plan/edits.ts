import type { CivilDay } from '../base';
import { FORBIDDEN, legOf, MUST, type PlanJob, type PlanProblem, type Visits } from './problem';

/** What an owner wants of a plan, by hand. */
export interface PlanEdits {
  /** Jobs that stay on a day, by their id. */
  readonly pins: Readonly<Record<string, CivilDay>>;
  /** Jobs that are not done on a day. */
  readonly never: readonly { readonly job: string; readonly day: CivilDay }[];
  /** Days with nothing to do. */
  readonly closed: readonly CivilDay[];
  /** Minutes of single days, where they are not as usual. */
  readonly hours: Readonly<Record<CivilDay, number>>;
}

/** Nothing asked for by hand. */
export const NO_EDITS: PlanEdits = { pins: {}, never: [], closed: [], hours: {} };

/** Why a pin cannot hold: what it stands against. */
export interface PinProblem {
  readonly job: string;
  readonly day: CivilDay;
  readonly against: 'not-free' | 'closed' | 'never' | 'not-then' | 'too-long';
  /** Minutes asked of a day that is too short, and what it has. */
  readonly asked?: number;
  readonly has?: number;
  /** The other jobs pinned to it. */
  readonly others?: readonly string[];
}

/** The pins that cannot hold, each with what it stands against: take one of the two away and it can. */
export function pinProblems(problem: PlanProblem, edits: PlanEdits): readonly PinProblem[] {
  const out: PinProblem[] = [];
  const onDay = new Map<CivilDay, PlanJob[]>();
  for (const job of problem.jobs) {
    const day = edits.pins[job.id];
    if (day === undefined) continue;
    const k = problem.days.findIndex((one) => one.day === day);
    if (k < 0) out.push({ job: job.id, day, against: 'not-free' });
    else if (edits.closed.includes(day)) out.push({ job: job.id, day, against: 'closed' });
    else if (edits.never.some((one) => one.job === job.id && one.day === day))
      out.push({ job: job.id, day, against: 'never' });
    else if (!mayStand(problem, job, k)) out.push({ job: job.id, day, against: 'not-then' });
    else onDay.set(day, [...(onDay.get(day) ?? []), job]);
  }
  for (const [day, jobs] of onDay) {
    const has = edits.hours[day] ?? problem.days.find((one) => one.day === day)?.capacity ?? 0;
    const nodes = new Set(jobs.flatMap((job) => job.nodes));
    const asked =
      jobs.reduce((sum, { own }) => sum + own, 0) +
      [...nodes].reduce((sum, node) => sum + (problem.nodes[node]?.minutes ?? 0), 0);
    const last = jobs.at(-1);
    if (asked > has && last)
      out.push({
        job: last.id,
        day,
        against: 'too-long',
        asked,
        has,
        others: jobs.slice(0, -1).map(({ id }) => id),
      });
  }
  return out;
}

/** True where some path of a job stands on a day. */
function mayStand(problem: PlanProblem, job: PlanJob, day: number): boolean {
  const n = problem.days.length;
  for (let from = -1; from < day; from++)
    if ((job.legs[legOf(problem, from, day)] ?? FORBIDDEN) !== FORBIDDEN)
      for (let to = day + 1; to <= n; to++)
        if ((job.legs[legOf(problem, day, to)] ?? FORBIDDEN) !== FORBIDDEN) return true;
  return false;
}

/** A problem as its owner wants it: closed days empty, pinned jobs on their days. Pins that cannot hold are left out. */
export function withEdits(problem: PlanProblem, edits: PlanEdits): PlanProblem {
  const loose = new Set(pinProblems(problem, edits).map(({ job }) => job));
  const n = problem.days.length;
  const days = problem.days.map((one) => {
    const capacity = edits.closed.includes(one.day) ? 0 : (edits.hours[one.day] ?? one.capacity);
    return capacity === one.capacity ? one : { ...one, capacity };
  });
  const jobs = problem.jobs.map((job) => {
    const pin = loose.has(job.id) ? undefined : edits.pins[job.id];
    const never = edits.never.filter((one) => one.job === job.id);
    if (pin === undefined && never.length === 0 && edits.closed.length === 0) return job;
    const legs = job.legs.slice();
    const shut = (k: number) => {
      for (let other = -1; other <= n; other++) {
        if (other < k) legs[legOf(problem, other, k)] = FORBIDDEN;
        if (other > k) legs[legOf(problem, k, other)] = FORBIDDEN;
      }
    };
    problem.days.forEach(({ day }, k) => {
      if (edits.closed.includes(day) || never.some((one) => one.day === day)) shut(k);
    });
    if (pin !== undefined) {
      const k = problem.days.findIndex(({ day }) => day === pin);
      // Every path stands on the pinned day: legs over it are none.
      for (let from = -1; from < k; from++)
        for (let to = k + 1; to <= n; to++)
          if (from !== -1 || to !== n) legs[legOf(problem, from, to)] = FORBIDDEN;
      const left = legOf(problem, -1, n);
      legs[left] = MUST + Math.max(0, (legs[left] ?? 0) % MUST);
      if (!job.repeats) for (let other = 0; other < n; other++) if (other !== k) shut(other);
    }
    return { ...job, legs };
  });
  return { ...problem, days, jobs };
}

/** True where nothing was asked for by hand. */
export function isUnedited({ pins, never, closed, hours }: PlanEdits): boolean {
  return (
    Object.keys(pins).length === 0 &&
    never.length === 0 &&
    closed.length === 0 &&
    Object.keys(hours).length === 0
  );
}

/** The jobs of a plan that are done on a day, by their id. */
function jobsOn(problem: PlanProblem, visits: Visits, day: number): readonly PlanJob[] {
  return problem.jobs.filter((_, j) => (visits[j] ?? []).includes(day));
}

const without = <T>(
  record: Readonly<Record<string, T>>,
  keys: readonly string[],
): Readonly<Record<string, T>> =>
  Object.fromEntries(Object.entries(record).filter(([key]) => !keys.includes(key)));

/** A yard day moved to another: its work goes along, as far as it may stand there, and the day left behind is kept free. */
export function moveDay(
  problem: PlanProblem,
  visits: Visits,
  edits: PlanEdits,
  from: number,
  to: number,
): PlanEdits {
  const [was, is] = [problem.days[from]?.day, problem.days[to]?.day];
  if (was === undefined || is === undefined || from === to) return edits;
  const going = jobsOn(problem, visits, from).filter((job) => mayStand(problem, job, to));
  return {
    ...edits,
    pins: { ...edits.pins, ...Object.fromEntries(going.map(({ id }) => [id, is])) },
    never: edits.never.filter(({ job, day }) => !(day === is && going.some(({ id }) => id === job))),
    closed: [...edits.closed.filter((day) => day !== is && day !== was), was],
  };
}

/** Some jobs moved to a day, where they stay, from the one they were on, where they are not done any more. */
export function moveJobs(
  problem: PlanProblem,
  edits: PlanEdits,
  jobs: readonly string[],
  to: number,
  from: number = to,
): PlanEdits {
  const [day, was] = [problem.days[to]?.day, problem.days[from]?.day];
  if (day === undefined || was === undefined) return edits;
  return {
    ...edits,
    pins: { ...edits.pins, ...Object.fromEntries(jobs.map((id) => [id, day])) },
    never: [
      ...edits.never.filter((one) => !((one.day === day || one.day === was) && jobs.includes(one.job))),
      ...(day === was ? [] : jobs.map((job) => ({ job, day: was }))),
    ],
    closed: edits.closed.filter((one) => one !== day),
  };
}

/** A day pinned with all that is on it. */
export function pinDay(problem: PlanProblem, visits: Visits, edits: PlanEdits, day: number): PlanEdits {
  return moveJobs(
    problem,
    edits,
    jobsOn(problem, visits, day).map(({ id }) => id),
    day,
  );
}

/** Jobs that go where they are best again. */
export function unpin(edits: PlanEdits, jobs: readonly string[]): PlanEdits {
  return { ...edits, pins: without(edits.pins, jobs) };
}

/** Jobs kept off a day. */
export function keepOff(edits: PlanEdits, jobs: readonly string[], day: CivilDay): PlanEdits {
  return {
    ...unpin(edits, jobs),
    never: [
      ...edits.never.filter((one) => one.day !== day || !jobs.includes(one.job)),
      ...jobs.map((job) => ({ job, day })),
    ],
  };
}

/** A day with nothing to do: what is on it goes where it is best otherwise. */
export function closeDay(problem: PlanProblem, edits: PlanEdits, day: number): PlanEdits {
  const name = problem.days[day]?.day;
  if (name === undefined) return edits;
  const pinned = Object.entries(edits.pins).flatMap(([job, on]) => (on === name ? [job] : []));
  return { ...unpin(edits, pinned), closed: [...edits.closed.filter((one) => one !== name), name] };
}

/** A day that may be worked on again. */
export function openDay(edits: PlanEdits, day: CivilDay): PlanEdits {
  return {
    ...edits,
    closed: edits.closed.filter((one) => one !== day),
    never: edits.never.filter((one) => one.day !== day),
  };
}

/** A day with so many minutes. */
export function giveHours(edits: PlanEdits, day: CivilDay, minutes: number): PlanEdits {
  return { ...edits, hours: { ...edits.hours, [day]: minutes } };
}
