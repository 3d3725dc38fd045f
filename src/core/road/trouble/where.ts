import { gearOf, isWheelEnd, matesOf, wheelEnds, type Place, type RigModel } from '../../rig';
import { type LeftAt, TROUBLE_IDS, type TroubleId, TROUBLES } from '../../rules';

/** Where on a rig a trouble can be; `rig` where it is of the whole, or the rig has none of its gear. */
export function troublePlaces(id: TroubleId, model: RigModel): readonly (Place | 'rig')[] {
  const { at } = TROUBLES[id];
  if (at === 'rig') return ['rig'];
  if (at === 'wheel') return wheelEnds(model);
  const has = gearOf(model).flatMap((gear) => (at.some((one) => one === gear.id) ? [gear.id] : []));
  return has.length > 0 ? has : ['rig'];
}

/** Where something that a trouble left lies, by the place of the trouble; nowhere on a rig that has no such place. */
export function leftPlaces(
  at: LeftAt,
  place: Place | 'rig',
  model: Pick<RigModel, 'axles'>,
): readonly (Place | 'rig')[] {
  if (at === 'rig') return ['rig'];
  if (at === 'here') return [place];
  if (!isWheelEnd(place)) return [];
  const { across, sameSide } = matesOf(place, model);
  if (at === 'across') return [across];
  return at === 'same-side' ? sameSide : wheelEnds(model).filter((end) => end !== place);
}

/** What a trouble needs of its rig; of what nobody has told, the rig may have it. */
const NEEDS: Readonly<Partial<Record<TroubleId, (model: RigModel) => boolean>>> = {
  'oil-bath': ({ axles }) => axles.some(({ hub }) => hub === undefined || hub === 'oil-bath'),
  cap: ({ axles }) => axles.some(({ hub }) => hub !== 'sealed'),
  dragging: braked,
  dead: braked,
  fade: braked,
  breakaway: braked,
  ramp: ({ kind }) => kind === 'boat',
};

function braked({ axles }: RigModel): boolean {
  return axles.some(({ brake }) => brake !== 'none');
}

/** The troubles that a rig can have. */
export function troublesFor(model: RigModel): readonly TroubleId[] {
  return TROUBLE_IDS.filter((id) => NEEDS[id]?.(model) ?? true);
}
