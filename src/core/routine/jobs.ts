import { fail, ok, type Result } from '../base';
import { axleOf, hubOpens, isSpare, isWheelEnd, placesOf, sideOf, type RigModel } from '../rig';
import { routineDef, type HouseRules, type WorkId } from '../rules';
import type { CompileProblem, Job } from './card';
import { axleEnds, PLANS } from './steps';

/** Work that does the same thing in several ways: only one of them goes on a card at a place. */
const ONE_OF = ['shoes', 'magnet', 'tire', 'bearing'] as const;

/** Asked for beside work that does it by the way, it asks for more: figures that may else be left open. */
const ADDED: ReadonlySet<WorkId> = new Set(['brake-measure']);

function problemWith(model: RigModel, job: Job, house: HouseRules): CompileProblem | undefined {
  const { routine: work, place } = job;
  const plan = PLANS[work];
  if (!plan) return { code: 'no-card', work };
  if (place !== 'rig' && !placesOf(model).includes(place)) return { code: 'no-such-place', place };
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  const opens = plan.corner?.includes('hubOff') === true && axle !== undefined;
  // Pads are seen with the wheel off; where a hub stays shut its linings are seen as its maker allows.
  const shut =
    work === 'brake-measure' && axle !== undefined && (axle.brake === 'hydraulic-disc' || !hubOpens(axle));
  if (opens && !hubOpens(axle) && !shut) return { code: 'hub-stays-shut', place };
  if (!routineDef(work).places(model, house).includes(place)) {
    // Nobody has told yet whether there is a brake.
    if (axle && axle.brake === undefined && isWheelEnd(place) && plan.corner)
      return { code: 'not-known', place, facts: ['brake'] };
    return { code: 'not-here', place, work };
  }
  if (opens && isWheelEnd(place) && !shut) {
    // Hub and lock are seen once the cap is off: the card asks for them there.
    if (axle.brake === undefined) return { code: 'not-known', place, facts: ['brake'] };
  }
  if (work !== 'tire-rotate') return undefined;
  if (job.with === undefined || !placesOf(model).includes(job.with) || job.with === place)
    return { code: 'no-such-place', place: job.with ?? place };
  if (isSpare(job.with)) return undefined;
  if (!isWheelEnd(job.with) || !isWheelEnd(place)) return { code: 'not-here', place: job.with, work };
  return sideOf(job.with) === sideOf(place) ? undefined : { code: 'both-sides', place, with: job.with };
}

/** The jobs of a card, each checked against the rig, without those that another does by the way. */
export function checkJobs(
  model: RigModel,
  jobs: readonly Job[],
  house: HouseRules,
): Result<readonly Job[], CompileProblem> {
  if (jobs.length === 0) return fail({ code: 'no-jobs' });
  for (const [i, job] of jobs.entries()) {
    const problem = problemWith(model, job, house);
    if (problem) return fail(problem);
    const here = jobs.filter((one) => one.place === job.place);
    if (here.some((one) => one !== job && one.routine === job.routine && jobs.indexOf(one) < i))
      return fail({ code: 'twice', place: job.place });
    const touched = [job.place, job.with];
    const shared = jobs.filter(
      (one) => touched.includes(one.place) || (one.with !== undefined && touched.includes(one.with)),
    );
    const bare = shared.some(({ routine }) => routine === 'hub-build');
    if (bare && shared.some(({ routine }) => PLANS[routine]?.corner && !PLANS[routine].frame))
      return fail({ code: 'bare-spindle', place: job.place });
    for (const group of ONE_OF) {
      const [one, two] = shared
        .map(({ routine }) => routine)
        .filter((work) => routineDef(work).oneOf?.includes(group));
      if (one && two) return fail({ code: 'two-schools', place: job.place, works: [one, two] });
    }
  }
  const axles = jobs.filter(({ routine }) => routine === 'axle-set');
  const other = axles.find((job) => axleEnds(job.place)[0] !== axleEnds(axles[0]?.place ?? 'rig')[0]);
  if (other) return fail({ code: 'two-axles', place: other.place });
  // A wheel that is refitted is torqued, a rotation checks both of its wheels.
  const covered = (job: Job) =>
    jobs.some(
      (other) =>
        other !== job &&
        (other.place === job.place || other.with === job.place) &&
        !ADDED.has(job.routine) &&
        (routineDef(other.routine).covers as readonly WorkId[]).includes(job.routine),
    );
  return ok(jobs.filter((job) => !covered(job) && (job.routine !== 'axle-set' || job === axles[0])));
}
