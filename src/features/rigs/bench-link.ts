import type { Duty } from '@/core/duty';

/** Duties that are walked or told, not worked off on the Bench. */
const ELSEWHERE: ReadonlySet<Duty['routine']> = new Set(['walkaround', 'lug-recheck']);

/** The way to the Bench with the work of some duties chosen; nothing where none of them is done there. */
export function benchLink(rig: string, duties: readonly Duty[]): string | undefined {
  const jobs = duties.filter(({ routine }) => !ELSEWHERE.has(routine));
  return jobs.length > 0
    ? `/bench?rig=${rig}&jobs=${jobs.map(({ routine, place }) => `${routine}:${place}`).join(',')}`
    : undefined;
}
