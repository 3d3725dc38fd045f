import type { Duty, TowReason } from '@/core/duty';
import type { RoutinePlace } from '@/core/rules';
import { isWheelEnd, type PartKind } from '@/core/rig';
import { to, toCard, toWork } from '@/links';

/** Duties that are walked or told, not worked off on the Bench. */
const ELSEWHERE: ReadonlySet<Duty['routine']> = new Set(['walkaround', 'lug-recheck']);

/** The way to the Bench with the work of some duties chosen; nothing where none of them is done there. */
export function benchLink(rig: string, duties: readonly Duty[]): string | undefined {
  const jobs = duties.filter(({ routine }) => !ELSEWHERE.has(routine));
  return jobs.length > 0 ? toWork(rig, jobs) : undefined;
}

/** Where a duty is told of and dealt with: the sheet of its place on the Yard. */
export function dutyHref(rig: string, { place }: Pick<Duty, 'place'>): string {
  return to('yard', rig, { at: place });
}

/** Where a place has its page: a wheel end its readings, everything else its sheet on the Yard. */
export function placeHref(rig: string, place: RoutinePlace): string {
  return place !== 'rig' && isWheelEnd(place) ? to('end', rig, { place }) : to('yard', rig, { at: place });
}

/** Where a finding has its page. */
export function findingHref(rig: string, id: string): string {
  return to('finding', rig, { id });
}

/** Where the parts of a kind have their page. */
export function partHref(rig: string, kind: PartKind): string {
  return to('parts', rig, { kind });
}

/** Where what stands against towing is dealt with. */
export function reasonHref(rig: string, reason: TowReason): string {
  switch (reason.kind) {
    case 'duty':
      return dutyHref(rig, reason.duty);
    case 'finding':
      return findingHref(rig, reason.finding.id);
    case 'limits':
      return findingHref(rig, reason.limits.by.id);
    case 'conflict':
      return placeHref(rig, reason.conflict.place);
    case 'open-work':
      return toCard(reason.work.session);
  }
}
