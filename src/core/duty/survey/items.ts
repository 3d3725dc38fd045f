import {
  axleOf,
  factApplies,
  gearDef,
  gearOf,
  partsAt,
  sideOf,
  sparesOf,
  wheelEnds,
  type FactId,
  type GearId,
  type PartKind,
  type Place,
  type RigModel,
  type WheelEnd,
} from '../../rig';
import type { ConditionId } from '../../rules';

/** Where on the walk an item is met. */
export const STATIONS = [
  'plate',
  'tow',
  'tongue',
  'body',
  'left',
  'back',
  'right',
  'spares',
  'raised',
] as const;
export type Station = (typeof STATIONS)[number];

export type { ConditionId };

/** One item of a first look. */
export interface SurveyItem {
  /** Unique in a survey of this rig: `tire@1L`. */
  readonly key: string;
  readonly item: string;
  readonly place: Place | 'rig';
  readonly station: Station;
  /** Without it nobody can say that the rig is fit for its first tow. */
  readonly critical: boolean;
  readonly ask:
    | { readonly as: 'condition'; readonly condition: ConditionId; readonly gear?: GearId }
    | { readonly as: 'fact'; readonly fact: FactId; readonly index: number }
    | { readonly as: 'part'; readonly part: PartKind };
}

const PLATE: readonly FactId[] = ['gvwr', 'tireSize', 'loadRange', 'pressure', 'torque'];
/** What is found at one end of an axle and holds for the axle. */
const AT_AXLE: readonly FactId[] = ['rating', 'hub', 'wires', 'brake'];

function fact(id: FactId, place: Place | 'rig', station: Station, index = 0): SurveyItem {
  return {
    key: `fact-${id}@${place}`,
    item: `fact-${id}`,
    place,
    station,
    critical: id === 'torque' || id === 'brake' || id === 'pressure',
    ask: { as: 'fact', fact: id, index },
  };
}

function condition(id: ConditionId, place: Place, station: Station, critical: boolean): SurveyItem {
  return {
    key: `${id}@${place}`,
    item: id,
    place,
    station,
    critical,
    ask: { as: 'condition', condition: id },
  };
}

function part(kind: PartKind, place: Place, station: Station): SurveyItem {
  return {
    key: `part-${kind}@${place}`,
    item: `part-${kind}`,
    place,
    station,
    critical: kind === 'tire',
    ask: { as: 'part', part: kind },
  };
}

function gear(id: GearId, station: Station): SurveyItem {
  return {
    key: `gear@${id}`,
    item: 'gear',
    place: id,
    station,
    critical: gearDef(id).critical === true,
    ask: { as: 'condition', condition: 'gear', gear: id },
  };
}

function wheelEnd(model: RigModel, place: WheelEnd, station: Station): readonly SurveyItem[] {
  const first = sideOf(place) === 'L';
  const index = axleOf(place);
  return [
    part('tire', place, station),
    condition('tire', place, station, true),
    condition('wheel', place, station, true),
    condition('suspension', place, station, true),
    condition('hub', place, station, true),
    ...(first
      ? AT_AXLE.filter((id) => factApplies(model, id, index)).map((id) => fact(id, place, station, index))
      : []),
  ];
}

/** A first look at a rig: every item in walking order, from the plate round the trailer, then each wheel raised. */
export function surveyItems(model: RigModel): readonly SurveyItem[] {
  const ends = wheelEnds(model);
  const left = ends.filter((end) => sideOf(end) === 'L');
  const right = ends.filter((end) => sideOf(end) === 'R').reverse();
  const zone = (station: 'tow' | 'tongue' | 'body' | 'back') =>
    gearOf(model)
      .filter(({ id }) => gearDef(id).zone === station)
      .flatMap(({ id }) => [
        gear(id, station),
        ...partsAt(model, id)
          .filter((kind) => kind === 'battery')
          .map((kind) => part(kind, id, station)),
      ]);
  return [
    ...PLATE.filter((id) => factApplies(model, id)).map((id) => fact(id, 'rig', 'plate')),
    ...zone('tow'),
    ...zone('tongue'),
    ...zone('body'),
    ...left.flatMap((end) => wheelEnd(model, end, 'left')),
    ...zone('back'),
    ...right.flatMap((end) => wheelEnd(model, end, 'right')),
    ...sparesOf(model).flatMap((place) => [
      part('tire', place, 'spares'),
      condition('tire', place, 'spares', false),
    ]),
    ...ends.map((end) => condition('play', end, 'raised', true)),
  ];
}
