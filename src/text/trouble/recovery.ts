import type { UnitSystem } from '@/core/base';
import { isGuess, isWheelEnd, wheelEnds, type Place, type RigModel } from '@/core/rig';
import type { TroubleId } from '@/core/rules';
import { placeWords } from '../gear';
import { count, measure, small } from '../measure';
import { KIND_WORDS } from '../rig';
import { TROUBLE_TITLES } from '../road';

/** Troubles with which their wheel is not to be rolled, onto a flatbed neither without care. */
const STANDS: ReadonlySet<TroubleId> = new Set([
  'soft',
  'flat',
  'carcass',
  'hot',
  'leaning',
  'oil-bath',
  'studs',
  'dragging',
  'spring',
  'lost',
]);

/** What to tell whoever comes with a flatbed, line by line; what is not known is said to be. */
export function recoveryLines(
  model: RigModel,
  trouble: TroubleId,
  place: Place | 'rig',
  system: UnitSystem,
): readonly string[] {
  const weight = model.gvwr
    ? `${measure(model.gvwr.value, 'weight', system, 0)} at most${isGuess(model.gvwr) ? ', a guess' : ', by its rating'}`
    : 'not known';
  const torsion = model.axles.some(({ suspension }) => suspension === 'torsion');
  const where = place === 'rig' ? '' : `, ${placeWords(place, model)}`;
  const wheels = wheelEnds(model).length;
  const rolls =
    isWheelEnd(place) && STANDS.has(trouble)
      ? `Wheels: ${placeWords(place, model)} does not roll, the other ${wheels - 1} do.`
      : `Wheels: all ${wheels} roll, as far as I have seen.`;
  const size = model.tires?.size ? `, tires ${model.tires.size.value}` : '';
  return [
    `${model.name}: ${small(KIND_WORDS[model.kind])}, ${count(model.axles.length, 'axle')}${size}.`,
    `Weight: ${weight}.`,
    `What happened: ${small(TROUBLE_TITLES[trouble])}${where}.`,
    rolls,
    `Lift it by the frame${torsion ? ', never by the axle tubes: they are torsion axles' : ' rails, not by the axles'}.`,
    'Length, and where it stands: yours to say.',
  ];
}
