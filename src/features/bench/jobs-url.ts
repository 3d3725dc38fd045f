import { placesOf, type Place, type RigModel } from '@/core/rig';
import { PLANS, type Job } from '@/core/routine';
import { routineDef, WORKS, type HouseRules, type RoutinePlace, type WorkId } from '@/core/rules';

/** True where some work has a card and can be done at a place of a rig. */
export function canBeDone(model: RigModel, house: HouseRules, work: WorkId, place: RoutinePlace): boolean {
  return PLANS[work] !== undefined && routineDef(work).places(model, house).includes(place);
}

/** The jobs an address asks for on a rig; what this rig does not have is left out. `place=1L,1R` asks for repacks. */
export function jobsFromUrl(
  params: Pick<URLSearchParams, 'get'>,
  model: RigModel,
  house: HouseRules,
): readonly Job[] {
  const asked = [
    ...(params.get('place') ?? '').split(',').map((place) => `repack:${place}`),
    ...(params.get('jobs') ?? '').split(','),
  ];
  const places: readonly string[] = ['rig', ...placesOf(model)];
  const jobs = asked.flatMap((text): Job[] => {
    const [routine = '', place = '', mate] = text.split(':');
    if (!(WORKS as readonly string[]).includes(routine) || !places.includes(place)) return [];
    const job = { routine: routine as WorkId, place: place as RoutinePlace };
    if (!canBeDone(model, house, job.routine, job.place)) return [];
    if (mate === 'fitted' || mate === 'loose') return [{ ...job, races: mate }];
    if (routine !== 'tire-rotate') return [job];
    return mate && places.includes(mate) && mate !== 'rig' ? [{ ...job, with: mate as Place }] : [];
  });
  return [...new Map(jobs.map((job) => [`${job.routine} ${job.place}`, job])).values()];
}
