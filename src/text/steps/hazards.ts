import type { UnitSystem } from '@/core/base';
import { axleOf, hasBrake, isWheelEnd, type Axle, type RigModel } from '@/core/rig';
import type { Act, Card } from '@/core/routine';
import { stepWords } from '.';

/** What can hurt (handbook 10), the steps at which it does, and the words that have to stand there. */
export const HAZARDS: Readonly<
  Record<
    string,
    {
      readonly at: readonly Act[];
      /** Left out where this wheel end cannot have it. */
      readonly when?: (axle: Axle | undefined) => boolean;
      readonly says: RegExp;
    }
  >
> = {
  'crushed under the rig': {
    at: [
      'jack',
      'stand',
      'stand-again',
      'frame-up',
      'frame-down',
      'lower',
      'hold-axle',
      'axle-off',
      'unload-tires',
    ],
    says: /nobody|no hand|no part of you|takes a hand/i,
  },
  'rolled away': { at: ['brake-on', 'chock', 'chock-over'], says: /slope|chocks/i },
  'traffic beside it': { at: ['brake-on', 'tighten-hard'], says: /traffic/i },
  'a hot hub': { at: ['cap-off', 'caliper-off', 'rinse'], says: /\bhot\b|cool/i },
  'brake dust': {
    when: (axle) => axle !== undefined && hasBrake(axle),
    at: [
      'hub-off',
      'look-brake',
      'measure-brake',
      'look-through',
      'plate-off',
      'shoes-off',
      'pads-out',
      'magnet-out',
    ],
    says: /dust/i,
  },
  solvent: { at: ['clean', 'wipe-spindle', 'grease-off-brake'], says: /gloves.*(flame|air)|solvent/i },
  'grease on skin': { at: ['pack', 'pump', 'grease-gear'], says: /gloves/i },
  'what flies into eyes': {
    at: [
      'cap-off',
      'lock-out',
      'race-out',
      'race-in',
      'seal-out',
      'shoes-off',
      'shoes-on',
      'bush-out',
      'bush-in',
      'joints-off',
      'soak-pin',
      'renew-stud',
      'cap-fit',
      'cap-on',
      'unwind-ring',
      'free-bolt',
    ],
    says: /eyes/i,
  },
  'a heavy wheel or drum': {
    at: ['wheel-off', 'wheel-on', 'rotate', 'axle-off', 'seat-axle'],
    says: /heavy|legs/i,
  },
  'a short': { at: ['clean-plug', 'battery-out', 'battery-in'], says: /short/i },
  'a tire that bursts': { at: ['pressure', 'set-pressure'], says: /stand aside/i },
  'a rotted spare': { at: ['look-spare'], says: /rotted/i },
  'towed with a defect': {
    at: ['break-loose', 'pull-pin', 'pin-back', 'store-battery'],
    says: /not (fit )?to (be )?tow|never tow|not to be towed/i,
  },
  'work for qualified hands': {
    at: ['look-spindle', 'look-flange', 'look-hangers', 'axle-lines-off', 'axle-lines-on', 'seat-axle'],
    says: /qualified|welder/i,
  },
  'fingers at a turning wheel': { at: ['brake-test', 'last-spin'], says: /fingers/i },
};

/** The hazards of a card that its words pass over in silence, each with its step: none on any card. */
export function hazardsUnsaid(
  card: Pick<Card, 'house' | 'jobs' | 'steps'>,
  model: RigModel,
  system: UnitSystem,
  words = stepWords,
): readonly string[] {
  return card.steps.flatMap((step) => {
    const { place } = step;
    const axle = place !== undefined && isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
    const { how, caution = '' } = words(step, model, card, system);
    return Object.entries(HAZARDS).flatMap(([hazard, { at, when, says }]) =>
      at.includes(step.step) && (when?.(axle) ?? true) && !says.test(`${how} ${caution}`)
        ? [`${step.key}: ${hazard}`]
        : [],
    );
  });
}
