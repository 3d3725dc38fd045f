import { SLACK_OF_STOP } from '@/core/trip';
import type { RigState } from '@/core/log';
import { isWheelEnd, type RigModel, type WheelEnd } from '@/core/rig';
import { compileWalk, itemsOf, type Walk, type WalkItem } from '@/core/walk';

/** Things at a stop that one tap answers together. */
export interface StopGroup {
  readonly id: 'torque' | 'tires' | 'nuts' | 'straps' | 'hitch' | 'lamps' | 'own';
  readonly items: readonly WalkItem[];
}

const GROUP_OF: Readonly<Record<string, StopGroup['id']>> = {
  torque: 'torque',
  tire: 'tires',
  nuts: 'nuts',
  strap: 'straps',
  lamp: 'lamps',
  coupler: 'hitch',
  chain: 'hitch',
  own: 'own',
};
const ORDER: readonly StopGroup['id'][] = ['torque', 'tires', 'nuts', 'straps', 'hitch', 'lamps', 'own'];

function groupOf({ look, place }: WalkItem): StopGroup['id'] {
  if (look === 'gear') return place === 'tieDowns' ? 'straps' : 'hitch';
  return GROUP_OF[look] ?? 'hitch';
}

/** The wheels whose recheck has come, or comes within a stop's reach of here (m into the trip). */
function torqueNow(
  rig: Pick<RigState, 'refits' | 'distance' | 'underWay'>,
  into: number,
): readonly WheelEnd[] {
  const here = rig.distance + into - (rig.underWay?.into ?? 0);
  return Object.entries(rig.refits).flatMap(([place, refit]) => {
    const next = refit?.limits.find((limit) => limit > refit.checked + 1);
    return refit && next !== undefined && isWheelEnd(place) && next - (here - refit.distance) <= SLACK_OF_STOP
      ? [place]
      : [];
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
