import type { UnitSystem } from '@/core/base';
import { axleOf, isGear, isWheelEnd, type RigModel } from '@/core/rig';
import type { Card, CardStep, Phase, StepId } from '@/core/routine';
import { lugTorque, mayCheckLugs, type ThreadState } from '@/core/rules';
import { measure } from '../measure';
import { BASIS_WORDS } from '../rig';
import { placeName } from '../gear';
import { BRAKE } from './brake';
import { CLOSE } from './close';
import { GREASE } from './grease';
import { HUBS } from './hubs';
import { LOOK } from './look';
import { OPEN } from './open';
import { RAISE } from './raise';
import { REFIT } from './refit';
import type { StepTexts, StepWords } from './setting';
import { TIRES } from './tires';
import { UNDER } from './under';
import { WALK } from './walk';

export const PHASE_WORDS: Record<Phase, string> = {
  ground: 'On the ground',
  walk: 'On foot',
  up: 'Up and off',
  open: 'Open',
  look: 'Clean and look',
  close: 'Pack and close',
  frame: 'On four stands',
  wheel: 'Wheel on, in the air',
  down: 'Down and tight',
  end: 'At the end',
};

const STEPS = {
  ...RAISE,
  ...OPEN,
  ...LOOK,
  ...CLOSE,
  ...REFIT,
  ...GREASE,
  ...BRAKE,
  ...HUBS,
  ...TIRES,
  ...UNDER,
  ...WALK,
} as const satisfies StepTexts<StepId>;

/** A step of a card in words, for this rig. */
export function stepWords(
  step: CardStep,
  model: RigModel,
  card: Pick<Card, 'house' | 'jobs' | 'steps'>,
  system: UnitSystem,
): StepWords {
  const { place } = step;
  const axle = place && isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  const at =
    place === undefined || place === 'rig'
      ? 'the rig'
      : isGear(place)
        ? placeName(place).toLowerCase()
        : place;
  const here = card.jobs.filter((job) => job.place === place || job.with === place);
  return STEPS[step.step]({
    step,
    at,
    model,
    axle,
    house: card.house,
    system,
    fitted: here.some(({ races }) => races === 'fitted'),
    bare: axle?.greaseReach === false,
    mate: here.flatMap((job) => (job.with ? [job.place === place ? job.with : job.place] : []))[0],
    framed: card.steps.some((one) => one.step === 'frame-up'),
    has: (...works) => here.some(({ routine }) => works.includes(routine)),
    does: (act) =>
      card.steps.some((one) => one.step === act && (one.place === undefined || one.place === place)),
  });
}

/** The lug torque of a rig, for threads that stand so, with what it rests on: `110 lbf·ft, maker's figure`. */
export function torqueSpec(
  model: RigModel,
  system: UnitSystem,
  threads: ThreadState | undefined = 'dry',
): string {
  const spec = lugTorque(model, threads);
  const told = spec ? `${measure(spec.value, 'torque', system)}, ${BASIS_WORDS[spec.source]}` : 'not known';
  return threads === 'treated' ? `${told}, for greased threads` : told;
}

/** Why nuts cannot be brought to a torque as they are, or nothing where they can. */
export function threadsWords(model: RigModel, threads: ThreadState | undefined): string | undefined {
  if (mayCheckLugs(model, threads)) return undefined;
  return threads === 'treated'
    ? 'Its threads carry anti-seize, and the lowered torque of its maker is not known. The dry figure could stretch the studs: enter the lowered one under Rig, or wipe the threads dry and torque the wheel again.'
    : 'No record says whether its threads carry anti-seize, and on greased threads the dry figure could stretch the studs. One nut off at a time, brush and wipe each thread, then torque the wheel again.';
}
