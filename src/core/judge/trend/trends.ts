import type { Instant } from '../../base';
import {
  axleOf,
  hasBrake,
  hubTakesFitting,
  isSpare,
  isWheelEnd,
  matesOf,
  wheelEnds,
  type RigModel,
  type TirePlace,
} from '../../rig';
import { liningMinimum } from '../reading';
import { pressureTarget } from '../target';
import { routineDef, type HouseRules, type TrendId } from '../../rules';
import { nutTrend, playTrend, strokeTrend, type NutTrend, type PlayTrend, type StrokeTrend } from './counts';
import { heatTrend, type HeatTrend } from './heat';
import { pointsOf, type History } from './history';
import { leakTrend, type LeakTrend } from './leak';
import { lowest, wearPattern, wearTrend, type WearPattern, type WearTrend } from './wear';

/** Anything that readings say over time. */
export type Trend = (LeakTrend | HeatTrend | WearTrend | NutTrend | StrokeTrend | PlayTrend) & {
  readonly kind: TrendId;
};

/** A rig as its trends are held against: its facts, and the schools that hold for it. */
interface TrendRig {
  readonly model: RigModel;
  readonly house: Pick<HouseRules, 'pressure'>;
}

/** What the readings of one place say over time. */
export interface PlaceTrends {
  readonly place: TirePlace;
  readonly trends: readonly Trend[];
  /** How its tread wears across, by the last look at all three. */
  readonly pattern: WearPattern | undefined;
}

function patternAt(history: History, place: TirePlace): WearPattern | undefined {
  const [inner, center, outer] = ['inner', 'middle', 'outer'].map((part) =>
    pointsOf(history, `tread-${part}`, place).at(-1),
  );
  return inner && center && outer && inner.entry === center.entry && center.entry === outer.entry
    ? wearPattern(inner.value, center.value, outer.value)
    : undefined;
}

/** Everything the readings of a wheel end or spare say over time. */
export function trendsAt(
  history: History,
  { model, house }: TrendRig,
  place: TirePlace,
  now: Instant,
): PlaceTrends {
  const at = (what: string, where = place) => pointsOf(history, what, where);
  const leak = leakTrend(at('pressure'), at('pressure-set'), pressureTarget(model, house)?.value, now);
  const tread = wearTrend('tread', lowest(at('tread-inner'), at('tread-middle'), at('tread-outer')));
  const pattern = patternAt(history, place);
  if (isSpare(place) || !isWheelEnd(place)) return { place, trends: [leak, tread], pattern };
  const { across, sameSide } = matesOf(place, model);
  const opened = history.works
    .filter((work) => routineDef(work.routine).opensHub && (work.place === place || work.place === across))
    .map(({ day }) => day);
  const axle = model.axles[axleOf(place)] ?? {};
  return {
    place,
    trends: [
      leak,
      heatTrend(
        at('hub-temp'),
        at('hub-temp', across),
        Math.max(-Infinity, ...opened),
        sameSide.map((end) => at('hub-temp', end)),
      ),
      tread,
      ...(hasBrake(axle) ? [wearTrend('lining', at('lining'), liningMinimum(axle))] : []),
      nutTrend(history.rechecks[place] ?? []),
      ...(hubTakesFitting(axle)
        ? [
            strokeTrend(
              at('strokes'),
              wheelEnds(model)
                .filter((end) => end !== place)
                .map((end) => at('strokes', end)),
            ),
          ]
        : []),
      playTrend(at('end-play')),
    ],
    pattern,
  };
}

/** A trend that sees trouble before a plain limit does. */
export interface Warning {
  readonly place: TirePlace;
  readonly trend: Trend;
}

/** True for a trend worth a word to whoever tows. */
export function warns(trend: Trend): boolean {
  return ['leaking', 'rising', 'moving', 'swallows', 'growing'].includes(trend.status);
}

/** Every warning of a rig's trends. */
export function warningsOf(
  history: History,
  rig: TrendRig,
  places: readonly TirePlace[],
  now: Instant,
): readonly Warning[] {
  return places.flatMap((place) =>
    trendsAt(history, rig, place, now)
      .trends.filter(warns)
      .map((trend) => ({ place, trend })),
  );
}
