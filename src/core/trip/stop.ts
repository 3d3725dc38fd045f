import type { RigState } from '../log';
import { isWheelEnd, type RigModel, type WheelEnd } from '../rig';
import { compileWalk, itemsOf, type Walk, type WalkItem } from '../walk';
import { recheckAhead, SLACK_OF_STOP } from './next-look';

/** Things at a stop that one tap answers together. */
export interface StopGroup {
  readonly id: 'torque' | 'tires' | 'nuts' | 'straps' | 'hitch' | 'lamps' | 'own';
  readonly items: readonly WalkItem[];
}

const ORDER: readonly StopGroup['id'][] = ['torque', 'tires', 'nuts', 'straps', 'hitch', 'lamps', 'own'];

function groupOf({ look, place }: WalkItem): StopGroup['id'] {
  switch (look) {
    case 'torque':
    case 'nuts':
    case 'own':
      return look;
    case 'tire':
      return 'tires';
    case 'strap':
      return 'straps';
    case 'lamp':
      return 'lamps';
    default:
      return place === 'tieDowns' ? 'straps' : 'hitch';
  }
}

/** The wheels whose recheck has come, or comes within a stop's reach of here (m into the trip). */
function torqueNow(
  rig: Pick<RigState, 'refits' | 'distance' | 'underWay'>,
  into: number,
): readonly WheelEnd[] {
  const here = rig.distance + into - (rig.underWay?.into ?? 0);
  return Object.entries(rig.refits).flatMap(([place, refit]) => {
    const ahead = refit && recheckAhead(refit, here);
    return ahead && ahead.left <= SLACK_OF_STOP && isWheelEnd(place) ? [place] : [];
  });
}

/** What is looked at on a stop: every hub, tires and nuts by eye, straps, hitch, lamps, and a wrench where a recheck has come. The hubs stand in walking order. */
export function stopWalk(
  rig: Pick<RigState, 'refits' | 'distance' | 'underWay'>,
  model: RigModel,
  into: number,
  barred: readonly WheelEnd[],
): { readonly walk: Walk; readonly hubs: readonly WalkItem[]; readonly groups: readonly StopGroup[] } {
  const first = rig.underWay?.looked === undefined;
  const stop = compileWalk('stop', model, 'round', barred);
  const due = torqueNow(rig, into);
  const torques = itemsOf(compileWalk('first-stop', model, 'round', barred)).filter(
    ({ look, place }) => look === 'torque' && due.some((end) => end === place),
  );
  const walk: Walk = {
    ...stop,
    walk: first ? 'first-stop' : 'stop',
    zones: stop.zones.map((zone) => ({
      ...zone,
      // A wheel that a wrench goes to is not looked at by eye as well.
      items: [
        ...zone.items.filter(
          ({ look, place }) => !(look === 'nuts' && torques.some((one) => one.place === place)),
        ),
        ...torques.filter(({ place }) => place === zone.id),
      ],
    })),
  };
  const items = itemsOf(walk);
  const hubs = items.filter(({ look }) => look === 'hub');
  const groups = ORDER.map((id) => ({
    id,
    items: items.filter((item) => item.look !== 'hub' && groupOf(item) === id),
  })).filter(({ items: some }) => some.length > 0);
  return { walk, hubs, groups };
}
