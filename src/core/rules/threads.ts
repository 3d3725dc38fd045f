import { torqueStages, type TorqueStage } from '../figures';
import { isGuess, type RigModel, type Specified } from '../rig';
import { recheckLimits, type HouseRules } from './schools';

/** How the stud threads of a wheel stand: bare and dry, or thinly treated with anti-seize. */
export const THREAD_STATES = ['dry', 'treated'] as const;

/** One of them. */
export type ThreadState = (typeof THREAD_STATES)[number];

/** How threads stand by the last refit on record; where none tells, they are dry by the dry school, and not known by the other. */
export function threadsNow(
  recorded: ThreadState | undefined,
  house: Pick<HouseRules, 'threads'>,
): ThreadState | undefined {
  return recorded ?? (house.threads === 'dry' ? 'dry' : undefined);
}

/** True where a wheel or axle maker forbids anything on the threads: the school gives way. */
export function greaseForbidden(model: Pick<RigModel, 'wheels'>): boolean {
  return model.wheels.lubricant === 'forbidden';
}

/** How a refit leaves threads: treated where that is the school, no maker forbids it and its lowered torque is known, else wiped dry (handbook 6). */
export function threadsAfterRefit(
  house: Pick<HouseRules, 'threads'>,
  model: Pick<RigModel, 'wheels'>,
): ThreadState {
  return house.threads === 'anti-seize' && !greaseForbidden(model) && model.wheels.treatedTorque
    ? 'treated'
    : 'dry';
}

/** What a wheel that was off and on again leaves: the distances (m) at which its nuts are looked at, and how its threads stand. */
export function refitLeft<P extends string>(
  place: P,
  house: Pick<HouseRules, 'recheck' | 'threads'>,
  model: Pick<RigModel, 'wheels'>,
): { readonly place: P; readonly limits: number[]; readonly threads: ThreadState } {
  const threads = threadsAfterRefit(house, model);
  return { place, limits: [...recheckLimits(house, threads)], threads };
}

/** The torque (N·m) for threads that stand so; none where it is not known, or their state is not. Neither figure is made from the other. */
export function lugTorque(
  model: Pick<RigModel, 'wheels'>,
  threads: ThreadState | undefined,
): Specified<number> | undefined {
  switch (threads) {
    case 'dry':
      return model.wheels.torque;
    case 'treated':
      return model.wheels.treatedTorque;
    case undefined:
      return undefined;
  }
}

/** The rounds that bring a wheel to its torque on threads that stand so: the maker's own where he prints them, for dry threads, else by the school. */
export function lugStages(
  model: Pick<RigModel, 'wheels'>,
  threads: ThreadState,
  house: Pick<HouseRules, 'torque'>,
): readonly TorqueStage[] {
  const { first, second } = (threads === 'dry' && model.wheels.stages) || {};
  const printed = [first, second].flatMap((told) => (told && !isGuess(told) ? [told.value] : []));
  return torqueStages(lugTorque(model, threads)?.value, house.torque, printed);
}

/** True where nuts may be checked as they are: the state of their threads is known, and so is a figure for treated ones. */
export function mayCheckLugs(model: Pick<RigModel, 'wheels'>, threads: ThreadState | undefined): boolean {
  return threads === 'dry' || lugTorque(model, threads) !== undefined;
}
