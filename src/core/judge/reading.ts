import { partAt, type Evidence, type RigState } from '../log';
import { axleOf, isSpare, isWheelEnd, type PartKind, type RigModel, type Specified } from '../rig';
import {
  DRUM_WEAR,
  HUB_HEAT,
  LINING_MINIMUM,
  MAGNET_OFF,
  OVER_MATE,
  PRESSURE_SHARE,
  TREAD_LIMIT,
  TREAD_WATCHED,
  VOLTS,
  type Basis,
  type JudgedReading,
  type RoutinePlace,
  type Verdict,
  type ReadingId,
} from '../rules';

/** What a reading is held against beside the rig itself. */
export interface ReadingContext {
  readonly model: RigModel;
  readonly place: RoutinePlace;
  /** The stamped maximum of the drum there (m), and the figure of its magnet (Ω), where they are known. */
  readonly drumMax?: Specified<number> | undefined;
  readonly magnet?: Specified<number> | undefined;
  /** The hub across the axle at the same stop (K), where it was read as well. */
  readonly mate?: number | undefined;
}

/** The figures that the parts at a place carry: what is stamped on its drum, what its magnet measures when it is sound. */
export type PartFigures = Pick<ReadingContext, 'drumMax' | 'magnet'>;

/** The figures of the parts at a place of a rig; those nobody has read off are left out. */
export function figuresAt(rig: Pick<RigState, 'parts'> | undefined, place: RoutinePlace): PartFigures {
  const figure = (kind: PartKind, fact: string): Specified<number> | undefined => {
    const spec = rig && place !== 'rig' ? partAt(rig, kind, place)?.facts[fact] : undefined;
    return spec && typeof spec.value === 'number' ? { value: spec.value, source: spec.source } : undefined;
  };
  return { drumMax: figure('hub', 'drumMax'), magnet: figure('brake', 'magnet') };
}

/** A reading with the figure it was held against. */
export interface ReadingJudgement {
  readonly verdict: Verdict;
  readonly rule: 'reading';
  readonly what: JudgedReading;
  /** The figure: a minimum, a maximum, or a target. */
  readonly against: number;
  readonly basis: Basis;
  /** A pressure that was read warm: by what it comes to cold, by its rise since the morning, or by its mate. */
  readonly by?: 'warm' | 'rise' | 'mate' | undefined;
  /** What a pressure read warm comes to cold (Pa), where that decided. */
  readonly cold?: number | undefined;
}

const EPSILON = 1e-6;

/** A hub by itself and over its mate: the figure told is the one that decided. */
function hubVerdict(value: number, mate: number | undefined): { verdict: Verdict; against: number } {
  if (value > HUB_HEAT.stop + EPSILON) return { verdict: 'stop', against: HUB_HEAT.stop };
  if (value > HUB_HEAT.due + EPSILON) return { verdict: 'due', against: HUB_HEAT.due };
  if (mate === undefined) return { verdict: 'clear', against: HUB_HEAT.due };
  const over = value - mate;
  if (over > OVER_MATE.due + EPSILON) return { verdict: 'due', against: mate + OVER_MATE.due };
  return {
    verdict: over > OVER_MATE.watched + EPSILON ? 'watch' : 'clear',
    against: mate + OVER_MATE.watched,
  };
}

/** A cold pressure by its share of the target (handbook 5). */
export function pressureVerdict(share: number): Verdict {
  if (share < PRESSURE_SHARE.stop - EPSILON) return 'stop';
  if (share < PRESSURE_SHARE.due - EPSILON) return 'due';
  return share < PRESSURE_SHARE.low - EPSILON || share > PRESSURE_SHARE.high + EPSILON ? 'watch' : 'clear';
}

/** A reading in its context (handbook 5); undefined where no figure is known to hold it against. */
export function judgeReading(
  what: JudgedReading,
  value: number,
  { model, place, drumMax, magnet, mate }: ReadingContext,
): ReadingJudgement | undefined {
  const said = (verdict: Verdict, against: number, basis: Basis): ReadingJudgement => ({
    verdict,
    rule: 'reading',
    what,
    against,
    basis,
  });
  switch (what) {
    case 'lining': {
      const verdict =
        value <= EPSILON
          ? 'stop'
          : value <= LINING_MINIMUM + EPSILON
            ? 'due'
            : value < 2 * LINING_MINIMUM - EPSILON
              ? 'watch'
              : 'clear';
      return said(verdict, LINING_MINIMUM, 'house');
    }
    case 'drum-diameter': {
      const nominal = isWheelEnd(place) ? model.axles[axleOf(place)]?.drum : undefined;
      const most =
        drumMax ?? (nominal && { value: nominal.value.diameter + DRUM_WEAR, source: nominal.source });
      return (
        most &&
        said(value > most.value + EPSILON ? 'due' : 'clear', most.value, drumMax ? drumMax.source : 'house')
      );
    }
    case 'magnet-ohms':
      return (
        magnet &&
        said(
          Math.abs(value / magnet.value - 1) > MAGNET_OFF + EPSILON ? 'due' : 'clear',
          magnet.value,
          magnet.source,
        )
      );
    case 'volts':
      return value < VOLTS.low
        ? said('due', VOLTS.low, 'house')
        : said(value > VOLTS.full ? 'clear' : 'watch', VOLTS.full, 'house');
    case 'hub-temp': {
      const { verdict, against } = hubVerdict(value, mate);
      return said(verdict, against, 'house');
    }
    case 'pressure': {
      const target = isWheelEnd(place) || isSpare(place) ? model.tires?.pressure : undefined;
      return target && said(pressureVerdict(value / target.value), target.value, target.source);
    }
    default:
      return value <= TREAD_LIMIT + EPSILON
        ? said('due', TREAD_LIMIT, 'house')
        : said(value > TREAD_WATCHED + EPSILON ? 'clear' : 'watch', TREAD_WATCHED, 'house');
  }
}

/** A judged reading as evidence: the figure, and what it was held against. */
export function readingEvidence(
  { against, by, cold }: ReadingJudgement,
  what: ReadingId,
  value: number,
): Evidence {
  return {
    what,
    value,
    held: { against, ...(by && { by }), ...(cold !== undefined && { cold }) },
  };
}
