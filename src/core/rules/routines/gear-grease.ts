import { gearOf, type GearId, type RigModel } from '../../rig';
import { repair } from './define';

/** Gear that turns or slides and rusts fast where nobody greases it. */
const GREASED: readonly GearId[] = ['ballMount', 'tongueJack', 'swingPin', 'winch', 'rampHinges'];

/** A jack stripped and greased, a ball mount out and greased, a pivot greased. */
export const gearGrease = repair({
  places: (model: RigModel) => gearOf(model).flatMap(({ id }) => (GREASED.includes(id) ? [id] : [])),
  matter: () => 'upkeep',
});
