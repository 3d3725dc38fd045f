import type { UnitSystem } from '@/core/quantity';
import { isGuess, type RigModel } from '@/core/rig';
import { count, measure, small } from '../measure';
import { KIND_WORDS } from '../rig';

/** What to tell whoever comes with a flatbed, line by line; what is not known is said to be. */
export function recoveryLines(model: RigModel, trouble: string, system: UnitSystem): readonly string[] {
  const weight = model.gvwr
    ? `${measure(model.gvwr.value, 'weight', system, 0)} at most${isGuess(model.gvwr) ? ', a guess' : ', by its rating'}`
    : 'not known';
  const torsion = model.axles.some(({ suspension }) => suspension === 'torsion');
  return [
    `${model.name}: ${small(KIND_WORDS[model.kind])}, ${count(model.axles.length, 'axle')}.`,
    `Weight: ${weight}.`,
    `What happened: ${small(trouble)}.`,
    `Lift it by the frame${torsion ? ', never by the axle tubes: they are torsion axles' : ' rails, not by the axles'}.`,
    'Length and where it stands: yours to say.',
  ];
}
