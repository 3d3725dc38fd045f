import type { UnitSystem } from '@/core/quantity';
import { axleOf, type RigModel } from '@/core/rig';
import type { CardStep, Phase } from '@/core/routine';
import type { HouseRules } from '@/core/rules';
import { measure } from '../measure';
import { BASIS_WORDS } from '../rig';
import { CLOSE } from './close';
import { LOOK } from './look';
import { OPEN } from './open';
import { RAISE } from './raise';
import { REFIT } from './refit';
import type { StepWords } from './setting';

export const PHASE_WORDS: Record<Phase, string> = {
  ground: 'On the ground',
  up: 'Up and off',
  open: 'Open the hub',
  look: 'Clean and look',
  close: 'Pack and close',
  wheel: 'Wheel on, in the air',
  down: 'Down and tight',
};

const STEPS = { ...RAISE, ...OPEN, ...LOOK, ...CLOSE, ...REFIT } as const;

/** A step of a card in words, for this rig. */
export function stepWords(step: CardStep, model: RigModel, house: HouseRules, system: UnitSystem): StepWords {
  const axle = step.place ? model.axles[axleOf(step.place)] : undefined;
  return STEPS[step.step]({ step, at: step.place ?? '', model, axle, house, system });
}

/** The lug torque of a rig with what it rests on: `110 lbf·ft, maker's figure`. */
export function torqueSpec(model: RigModel, system: UnitSystem): string {
  const spec = model.wheels.torque;
  return spec ? `${measure(spec.value, 'torque', system)}, ${BASIS_WORDS[spec.source]}` : 'not known';
}
