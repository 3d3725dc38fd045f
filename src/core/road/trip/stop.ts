import { hasLimit, limitLeft, limitUsed, nextLook, type Limited, type RigState } from '../../log';
import { isWheelEnd, type RigModel, type WheelEnd } from '../../rig';
import { compileWalk, itemsOf, type Walk, type WalkItem } from '../walk/walk';
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

/** How far a rig has rolled in all (m), so far into its trip. */
const hereOf = ({ distance, underWay }: Pick<RigState, 'distance' | 'underWay'>, into: number) =>
  distance + into - (underWay?.into ?? 0);

/** The wheels whose recheck has come, or comes within a stop's reach of here (m into the trip), and those tightened on the shoulder that are to be torqued. */
function torqueNow(
  rig: Pick<RigState, 'refits' | 'pulls' | 'distance' | 'underWay'>,
  into: number,
): readonly WheelEnd[] {
  const here = hereOf(rig, into);
  const settled = Object.entries(rig.refits).flatMap(([place, refit]) => {
    const ahead = refit && recheckAhead(refit, here);
    return ahead && ahead.left <= SLACK_OF_STOP && isWheelEnd(place) ? [place] : [];
  });
  const byHand = Object.entries(rig.pulls).flatMap(([key, pulls]) => {
    const place = key.split('@')[1] ?? '';
    const due = pulls.some(
      ({ cause, distance, limit }) => cause === 'verge' && limit - (here - distance) <= SLACK_OF_STOP,
    );
    return due && isWheelEnd(place) ? [place] : [];
  });
  return [...new Set([...settled, ...byHand])];
}

/** Something it is towed on with, as it is looked at on a stop: how far it has been towed so (m), and whether its look has come. */
export interface LimitLook {
  readonly finding: Limited;
  readonly driven: number;
  readonly due: boolean;
}

/** All that a rig is towed on with, as it is looked at on a stop so far into its trip (m); what is used up stays, and is not looked at. */
export function limitLooks(
  rig: Pick<RigState, 'findings' | 'distance' | 'underWay'>,
  into: number,
): readonly LimitLook[] {
  const here = hereOf(rig, into);
  return Object.values(rig.findings)
    .filter(hasLimit)
    .filter(({ past }) => past === undefined)
    .map((finding) => {
      const { limit } = finding;
      const next = nextLook(limit);
      const used = limitUsed(limit, here);
      const nearest = Math.min(next === undefined ? Infinity : next - used, limitLeft(limit, here));
      return { finding, driven: used, due: nearest <= SLACK_OF_STOP };
    });
}

/** What is looked at on a stop: every hub, tires and nuts by eye, straps, hitch, lamps, and a wrench where a recheck has come. The hubs stand in walking order. */
export function stopWalk(
  rig: Pick<RigState, 'refits' | 'pulls' | 'distance' | 'underWay'>,
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
