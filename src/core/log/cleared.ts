import { axleOf, hubOpens, isWheelEnd, type Place, type RigModel } from '../rig';
import {
  doneAllRound,
  doneByWork,
  doneHere,
  type ReadingId,
  type RoutinePlace,
  type Seen,
  type Subject,
  type WorkId,
} from '../rules';
import type { JobDone } from './last-done';

/** What an entry tells of looks, readings and work, place by place. */
export interface Told {
  readonly jobs: readonly {
    readonly routine: WorkId;
    readonly place: RoutinePlace;
    readonly with?: Place | undefined;
  }[];
  readonly conditions: readonly { readonly place: RoutinePlace; readonly subject: Subject }[];
  readonly readings: readonly { readonly place: RoutinePlace; readonly what: ReadingId }[];
  readonly greased?: readonly { readonly place: RoutinePlace }[];
  readonly refitted?: readonly { readonly place: RoutinePlace }[];
}

const NOTHING: ReadonlySet<never> = new Set();

/** What came together at one place. */
class Here implements Seen {
  private subjects: Set<Subject> | undefined;
  private whats: Set<ReadingId> | undefined;
  private works: Set<WorkId> | undefined;
  greased = false;
  refitted = false;

  constructor(
    readonly brake: Seen['brake'],
    readonly shut: boolean,
  ) {}

  readonly graded = (subject: Subject) => (this.subjects ?? NOTHING).has(subject as never);
  readonly read = (what: ReadingId) => (this.whats ?? NOTHING).has(what as never);
  readonly did = (...works: readonly WorkId[]) =>
    works.some((work) => (this.works ?? NOTHING).has(work as never));

  addSubject(subject: Subject) {
    (this.subjects ??= new Set()).add(subject);
  }
  addReading(what: ReadingId) {
    (this.whats ??= new Set()).add(what);
  }
  addWork(work: WorkId) {
    (this.works ??= new Set()).add(work);
  }
}

/** What jobs clear where an entry tells of nothing else and each is at a place of its own, as most work written down by hand is. */
function byJobsAlone({
  jobs,
  conditions,
  readings,
  greased,
  refitted,
}: Told): readonly JobDone[] | undefined {
  if (conditions.length > 0 || readings.length > 0 || greased?.length || refitted?.length) return undefined;
  const places = new Set(jobs.map(({ place }) => place));
  if (places.size < jobs.length || jobs.some((job) => job.with !== undefined)) return undefined;
  return jobs.flatMap(({ routine, place }) => doneByWork(routine).map((done) => ({ routine: done, place })));
}

/**
 * The routines that are done by what an entry tells, beside the jobs it names: each by the looks, readings and work it
 * stands for, whatever they were taken for. One rule for cards, walks, a first look and work written down by hand.
 */
export function clearedBy(told: Told, model: RigModel | undefined): readonly JobDone[] {
  const alone = byJobsAlone(told);
  if (alone) return alone;
  const places = new Map<RoutinePlace, Here>();
  const at = (place: RoutinePlace): Here => {
    const known = places.get(place);
    if (known) return known;
    const axle = isWheelEnd(place) ? model?.axles[axleOf(place)] : undefined;
    const here = new Here(axle?.brake, axle !== undefined && !hubOpens(axle));
    places.set(place, here);
    return here;
  };
  for (const { routine, place, with: mate } of told.jobs) {
    at(place).addWork(routine);
    if (mate !== undefined) at(mate).addWork(routine);
  }
  for (const { place, subject } of told.conditions) at(place).addSubject(subject);
  for (const { place, what } of told.readings) at(place).addReading(what);
  for (const { place } of told.greased ?? []) at(place).greased = true;
  for (const { place } of told.refitted ?? []) at(place).refitted = true;
  const cleared: JobDone[] = [];
  for (const [place, here] of places) for (const routine of doneHere(here)) cleared.push({ routine, place });
  // Most entries are of a place or two: whoever goes all round has been at every tire.
  if (model && places.size >= 2 * model.axles.length)
    for (const routine of doneAllRound(model, (place) => places.get(place)))
      cleared.push({ routine, place: 'rig' });
  return cleared;
}
