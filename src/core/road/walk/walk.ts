import {
  gearDef,
  ownItems,
  sideOf,
  sparesOf,
  wheelEnds,
  type Place,
  type RigModel,
  type WheelEnd,
} from '../../rig';
import type { WalkId } from '../../log';
import type { Subject } from '../../rules';
import {
  gearOn,
  lookDef,
  looksAt,
  looksAtFluid,
  SYSTEMS,
  systemOfGear,
  triesLamps,
  type LookId,
  type System,
} from './looks';

/** Round the trailer from the tongue, or system by system. */
export type WalkOrder = 'round' | 'system';

/** One thing to look at. */
export interface WalkItem {
  /** Unique on a walk: `tire@1L`. */
  readonly key: string;
  readonly look: LookId;
  readonly place: Place | 'rig';
  readonly subject: Subject;
  readonly reads: 'pressure' | 'hub-temp' | undefined;
  /** What it is called, where it is the owner's own. */
  readonly own?: string;
}

/** Where one stands on a walk round: in front of the tow vehicle, at a wheel end, behind. */
export type ZoneId = 'tow' | 'tongue' | 'body' | WheelEnd | 'back' | 'spares' | 'own';

/** Some items looked at together, in one place or of one system. */
export interface WalkZone {
  readonly id: ZoneId | System;
  readonly items: readonly WalkItem[];
}

/** A walk compiled for a rig. */
export interface Walk {
  readonly walk: WalkId;
  readonly order: WalkOrder;
  readonly zones: readonly WalkZone[];
}

const item = (look: LookId, place: Place | 'rig'): WalkItem => {
  const { subject, reads } = lookDef(look);
  return { key: `${look}@${place}`, look, place, subject, reads };
};

/** What the owner looks at besides on a walk. */
const ownOn = (walk: WalkId, model: RigModel): readonly WalkItem[] =>
  ownItems(model)
    .filter(({ on }) => on === walk)
    .map(({ id, name }) => ({ ...item('own', 'rig'), key: `own-${id}@rig`, own: name }));

/** Where each item of a walk is met, in walking order: down the left side, round the back, up the right. */
function round(walk: WalkId, model: RigModel): readonly WalkZone[] {
  const ends = wheelEnds(model);
  const left = ends.filter((end) => sideOf(end) === 'L');
  const right = ends.filter((end) => sideOf(end) === 'R').reverse();
  const gear = (zone: 'tow' | 'tongue' | 'body' | 'back') =>
    gearOn(walk, model)
      .filter((id) => gearDef(id).zone === zone)
      .flatMap((id) => looksAt(walk, model, id).map((look) => item(look, id)));
  const wheel = (end: WheelEnd): WalkZone => ({
    id: end,
    items: looksAt(walk, model, end).map((look) => item(look, end)),
  });
  const lamps = triesLamps(walk) ? [item('lights', 'rig')] : [];
  return [
    { id: 'tow', items: gear('tow') },
    {
      id: 'tongue',
      items: [...gear('tongue'), ...(looksAtFluid(walk, model) ? [item('fluid', 'rig')] : [])],
    },
    { id: 'body', items: gear('body') },
    ...left.map(wheel),
    { id: 'back', items: [...gear('back'), ...lamps] },
    ...right.map(wheel),
    {
      id: 'spares',
      items: sparesOf(model).flatMap((place) => looksAt(walk, model, place).map((look) => item(look, place))),
    },
    { id: 'own', items: ownOn(walk, model) },
  ];
}

function systemOf({ look, place }: WalkItem): System {
  return look === 'gear' && place !== 'rig' ? systemOfGear(place as never) : lookDef(look).system;
}

/** A walk of a rig in one of its two orders; both have the same items. No wrench goes to the lugs of the wheels that are `barred`: what their threads carry is not known. */
export function compileWalk(
  walk: WalkId,
  model: RigModel,
  order: WalkOrder,
  barred: readonly WheelEnd[] = [],
): Walk {
  const stops = round(walk, model).map((zone) => ({
    ...zone,
    items: zone.items.filter(({ look, place }) => look !== 'torque' || !barred.some((end) => end === place)),
  }));
  const items = stops.flatMap((zone) => zone.items);
  const zones: readonly WalkZone[] =
    order === 'round'
      ? stops
      : SYSTEMS.map((id) => ({ id, items: items.filter((one) => systemOf(one) === id) }));
  return { walk, order, zones: zones.filter((zone) => zone.items.length > 0) };
}

/** Every item of a walk, in its order. */
export function itemsOf(walk: Walk): readonly WalkItem[] {
  return walk.zones.flatMap((zone) => zone.items);
}
