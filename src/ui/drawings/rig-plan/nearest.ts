import type { Place } from '@/core/rig';
import type { Box, Plan } from './plan';

/** The place nearest to a point of the drawing, within reach of a thumb; small things need no fine aim. */
export function nearest(plan: Plan, x: number, y: number, among: readonly Place[]): Place | undefined {
  const reach = 34;
  const away = (box: Box) =>
    Math.hypot(Math.max(box.x - x, 0, x - box.x - box.width), Math.max(box.y - y, 0, y - box.y - box.height));
  const near = [
    ...[...plan.wheels, ...plan.spares].map(({ place, box }) => ({ place: place as Place, away: away(box) })),
    ...plan.gear.map(({ id, boxes }) => ({ place: id as Place, away: Math.min(...boxes.map(away)) })),
  ]
    .filter((one) => one.away <= reach && among.includes(one.place))
    .sort((p, q) => p.away - q.away);
  return near[0]?.place;
}
