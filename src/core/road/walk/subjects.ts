import { hasDrum, hasHydraulics, isSpare, isWheelEnd, type Place, type RigModel } from '../../rig';
import { axleAt, type Subject } from '../../rules';
import { lookDef, looksAt } from './looks';

const ON_ANY_TIRE: readonly Subject[] = ['tire-wall', 'tread', 'tread-object', 'valve'];

/** What is seen of a brake that is open. */
function ofBrake(model: RigModel, place: Place): readonly Subject[] {
  const axle = axleAt(model, place);
  if (!axle || axle.brake === 'none') return [];
  if (axle.brake === 'hydraulic-disc') return ['pads', 'disc'];
  const magnet: readonly Subject[] = axle.brake === 'electric' ? ['magnet'] : [];
  return hasDrum(axle) ? ['lining', 'drum', ...magnet] : [];
}

/**
 * What can be told of a place that is not right, with grades and a rule of its own: what the long walk looks at there,
 * and what is seen where something is open.
 */
export function subjectsAt(model: RigModel, place: Place | 'rig'): readonly Subject[] {
  if (place === 'rig')
    return [
      'lamp',
      'contacts',
      'fixing',
      'weld',
      ...(model.axles.some(hasHydraulics) ? (['fluid'] as const) : []),
    ];
  const looked = looksAt('spring', model, place).map((look) => lookDef(look).subject);
  const more: readonly Subject[] = isWheelEnd(place)
    ? [
        ...ON_ANY_TIRE,
        'lug-move',
        'threads',
        'seal',
        ...ofBrake(model, place),
        ...(axleAt(model, place)?.suspension === 'leaf' ? (['eye', 'hanger'] as const) : []),
      ]
    : isSpare(place)
      ? ON_ANY_TIRE
      : place === 'breakaway'
        ? ['breakaway']
        : [];
  const all = [...new Set([...looked, ...more])];
  // A hub's heat is judged beside its mate, where both are felt; a breakaway switch has grades of its own.
  return all.filter((subject) => subject !== 'hub-hand' && !(subject === 'gear' && place === 'breakaway'));
}
