import { measure } from '../measure';
import { lugTorque } from '@/core/rules';
import type { Setting, StepWords } from './setting';

const ordinal = (n: number) => ['first', 'second', 'third', 'fourth', 'fifth'][n - 1] ?? `${n}th`;

/** Nuts run down by machine are the most usual cause of a lost wheel. */
const NO_GUN = 'No impact gun in any round: it overshoots, and studs stretch and shear.';

/** A round of the star: by hand, in the air, on the ground, or the last. */
export function torqueWords({ step, at, model, system }: Setting): StepWords {
  const round = step.round;
  const spec = lugTorque(model, step.threads);
  const stars = `${ordinal(round?.number ?? 1)} of ${round?.of ?? 1}`;
  const figure = round?.torque === undefined ? undefined : measure(round.torque, 'torque', system);
  const on = step.threads === 'treated' ? 'greased threads' : 'dry threads';
  // Figures that the maker prints for the first rounds are not shares of the last.
  const printed =
    step.threads === 'dry' && (model.wheels.stages?.first ?? model.wheels.stages?.second) !== undefined;
  const share = `${Math.round((round?.share ?? 0) * 100)} %`;
  const last = round?.number === round?.of;
  if (round?.share === 0)
    return {
      short: `Round ${round.number}: by hand`,
      title: `Snug ${at} by hand, in a star`,
      how: 'Socket and short bar, no more than one hand gives. Follow the star.',
      why: 'It draws the wheel square to the hub before any force is on it.',
      caution: NO_GUN,
    };
  const guess = spec?.source === 'guess' ? ' This figure is a guess: look it up before you rely on it.' : '';
  const unknown = 'The final figure is not known: enter it below, with where it came from.';
  const caution =
    round?.where === 'ground' && !last
      ? `${NO_GUN} Hold the wrench square to the nut; an extension must not tilt.`
      : NO_GUN;
  return {
    short: `Round ${round?.number ?? 1}: ${figure ?? share}`,
    title: figure ? `Star round at ${figure}` : `Star round at ${share}`,
    how: `${at}, ${on}, ${stars} rounds. ${figure ? `Set the wrench to ${figure}${round?.share === 1 ? '' : printed ? ', the figure its maker prints for this round' : `, ${share} of ${spec ? measure(spec.value, 'torque', system) : ''}`}, and follow the star.${guess}` : unknown}${last ? ' Then set the wrench back to its lowest mark.' : ''}`,
    why:
      round?.where === 'air'
        ? 'With no load on the studs the wheel centers itself.'
        : last
          ? 'Once more round: nuts tightened first may have eased as the others drew in.'
          : 'With the tire on the ground the wheel cannot turn under the wrench.',
    caution,
  };
}
