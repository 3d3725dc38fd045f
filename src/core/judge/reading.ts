import { drumMaximum, endPlayWindow } from '../figures';
import { partAt, type Evidence, type RigState } from '../log';
import { axleOf, isWheelEnd, type Axle, type PartKind, type RigModel, type Specified } from '../rig';
import {
  HUB_HEAT,
  LINING_MINIMUM,
  MAGNET_OFF,
  MAGNET_SHORT,
  OVER_AIR,
  OVER_MATE,
  PAD,
  PLAY_STOP,
  PRESSURE_SHARE,
  ROUNDED,
  TREAD_LIMIT,
  TREAD_WATCHED,
  VOLTS,
  type Basis,
  type HouseRules,
  type JudgedReading,
  type RoutinePlace,
  type ReadingId,
} from '../rules';
import { VERDICT_SCALE, type Verdict } from '../base';
import { lowestMaximum, overMaximum, targetAt } from './target';

/** What a reading is held against beside the rig itself. */
export interface ReadingContext {
  readonly model: RigModel;
  readonly place: RoutinePlace;
  /** The school that sets the target of a pressure. */
  readonly house: Pick<HouseRules, 'pressure'>;
  /** What is stamped on drum or disc there (m), and the figure of its magnet (Ω), where they are known. */
  readonly drumMax?: Specified<number> | undefined;
  readonly discMin?: Specified<number> | undefined;
  readonly magnet?: Specified<number> | undefined;
  /** The hub across the axle at the same stop (K), where it was read as well, and the air (K). */
  readonly mate?: number | undefined;
  readonly air?: number | undefined;
  /** Down a long grade just now: brakes warm their hubs. */
  readonly descent?: boolean | undefined;
  /** The tire was driven as it was found. */
  readonly rolled?: boolean | undefined;
  /** Lining of the other pad (m), and the steel plate that a figure for a pad holds as well (m). */
  readonly otherPad?: number | undefined;
  readonly padPlate?: number | undefined;
}

/** The figures that the parts at a place carry: what is stamped on drum and disc, what its magnet measures when it is sound. */
export type PartFigures = Pick<ReadingContext, 'drumMax' | 'discMin' | 'magnet'>;

/** The figures of the parts at a place of a rig; those nobody has read off are left out. */
export function figuresAt(rig: Pick<RigState, 'parts'> | undefined, place: RoutinePlace): PartFigures {
  const figure = (kind: PartKind, fact: string): Specified<number> | undefined => {
    const spec = rig && place !== 'rig' ? partAt(rig, kind, place)?.facts[fact] : undefined;
    return spec && typeof spec.value === 'number' ? { value: spec.value, source: spec.source } : undefined;
  };
  return {
    drumMax: figure('hub', 'drumMax'),
    discMin: figure('hub', 'discMin'),
    magnet: figure('brake', 'magnet'),
  };
}

/** What decided beside the plain figure: how a pressure was read warm, the air around a hub, the other pad. */
export type HeldBy = 'warm' | 'rise' | 'mate' | 'air' | 'rolled' | 'maximum' | 'uneven' | 'short' | 'play';

/** A reading with the figure it was held against. */
export interface ReadingJudgement {
  readonly verdict: Verdict;
  readonly rule: 'reading';
  readonly what: JudgedReading;
  /** The figure: a minimum, a maximum, or a target. */
  readonly against: number;
  readonly basis: Basis;
  readonly by?: HeldBy | undefined;
  /** What a pressure read warm comes to cold (Pa), where that decided. */
  readonly cold?: number | undefined;
}

const EPSILON = 1e-6;

type Said = Pick<ReadingJudgement, 'verdict' | 'against' | 'basis' | 'by'>;
const say = (verdict: Verdict, against: number, basis: Basis = 'house', by?: HeldBy): Said => ({
  verdict,
  against,
  basis,
  ...(by && { by }),
});

/** The gravest of several; of those alike the first. */
const worstOf = (all: readonly Said[]): Said | undefined =>
  all.reduce<Said | undefined>(
    (worst, one) =>
      !worst || VERDICT_SCALE.rank(one.verdict) > VERDICT_SCALE.rank(worst.verdict) ? one : worst,
    undefined,
  );

/** A hub by itself, over the air and over its mate: the figure told is the one that decided. */
function hubHeat(value: number, { mate, air, descent }: ReadingContext): Said {
  const over = (
    by: 'mate' | 'air',
    from: number | undefined,
    limits: { readonly watched: number; readonly due: number },
  ): readonly Said[] => {
    if (from === undefined) return [];
    const much = value - from;
    const due = much > limits.due + EPSILON;
    // Brakes that held a long grade warm a hub: that alone asks for another look, not for work.
    if (due && !(by === 'air' && descent)) return [say('due', from + limits.due, 'house', by)];
    return much > limits.watched + EPSILON ? [say('watch', from + limits.watched, 'house', by)] : [];
  };
  return (
    worstOf([
      ...(value > HUB_HEAT.stop + EPSILON ? [say('stop', HUB_HEAT.stop)] : []),
      ...(value > HUB_HEAT.due + EPSILON ? [say('due', HUB_HEAT.due)] : []),
      ...over('mate', mate, OVER_MATE),
      ...over('air', air, OVER_AIR),
    ]) ?? say('clear', mate !== undefined ? mate + OVER_MATE.watched : HUB_HEAT.due)
  );
}

/** A cold pressure by its share of the target (handbook 5); a tire that was driven low is looked at inside first. */
export function pressureVerdict(share: number, rolled = false): Verdict {
  if (share < PRESSURE_SHARE.stop - EPSILON) return 'stop';
  if (rolled && share < PRESSURE_SHARE.rolled - EPSILON) return 'stop';
  if (share < PRESSURE_SHARE.due - EPSILON || share > PRESSURE_SHARE.over + EPSILON) return 'due';
  return share < PRESSURE_SHARE.low - EPSILON || share > PRESSURE_SHARE.high + EPSILON ? 'watch' : 'clear';
}

function coldPressure(value: number, { model, place, house, rolled }: ReadingContext): Said | undefined {
  const target = targetAt(place, model, house);
  const most = lowestMaximum(model);
  const over = most && overMaximum(value, most.value);
  const share = target && value / target.value;
  const asItStands = target && share !== undefined ? pressureVerdict(share, rolled) : undefined;
  const drivenLow = asItStands === 'stop' && rolled;
  return worstOf([
    ...(most && over ? [say(over, most.value, most.basis, 'maximum')] : []),
    ...(target && asItStands
      ? [say(asItStands, target.value, target.source, drivenLow ? 'rolled' : undefined)]
      : []),
  ]);
}

/** A remaining thickness (m) at its limits: at or under the first is stop, the second due, up to the third watched; a millimeter figure rounded to a limit is at it. */
function thickness(
  left: number,
  limits: { readonly stop?: number; readonly due: number; readonly watched: number },
): Said {
  if (limits.stop !== undefined && left <= limits.stop + ROUNDED) return say('stop', limits.stop);
  if (left <= limits.due + ROUNDED) return say('due', limits.due);
  return say(left <= limits.watched + ROUNDED ? 'watch' : 'clear', limits.due);
}

const axleAt = ({ model, place }: ReadingContext): Axle | undefined =>
  isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;

/** The least a lining may have left (m), over its rivets where it is riveted; the stricter figure while nobody told. */
export function liningMinimum(axle: Pick<Axle, 'lining'> | undefined): number {
  return LINING_MINIMUM[axle?.lining ?? 'bonded'];
}

function shoeLining(left: number, context: ReadingContext): Said {
  const least = liningMinimum(axleAt(context));
  if (left <= EPSILON) return say('stop', least);
  if (left <= least + ROUNDED) return say('due', least);
  return say(left < 2 * least - EPSILON ? 'watch' : 'clear', least);
}

function padLining(read: number, { otherPad, padPlate = 0 }: ReadingContext): Said | undefined {
  const apart = otherPad !== undefined && Math.abs(read - otherPad) >= PAD.apart - EPSILON;
  return worstOf([
    thickness(read - padPlate, PAD),
    ...(apart ? [say('due', otherPad, 'house', 'uneven')] : []),
  ]);
}

function magnetOhms(value: number, { magnet }: ReadingContext): Said | undefined {
  if (value < MAGNET_SHORT) return say('due', MAGNET_SHORT, 'house', 'short');
  return (
    magnet &&
    say(
      Math.abs(value / magnet.value - 1) >= MAGNET_OFF - EPSILON ? 'due' : 'clear',
      magnet.value,
      magnet.source,
    )
  );
}

/** A lead-acid breakaway battery at rest; of another kind nothing is said by its voltage at rest. */
function atRest(volts: number, { model }: ReadingContext): Said | undefined {
  const { chemistry, required } = model.breakaway ?? {};
  if (chemistry === 'lithium') return undefined;
  // Over this a charger or the tow vehicle is on it: the figure is not the battery's.
  if (volts > VOLTS.charged + EPSILON) return undefined;
  if (volts < VOLTS.dead - EPSILON) return say(required === false ? 'due' : 'stop', VOLTS.dead);
  if (volts < VOLTS.low - EPSILON) return say('due', VOLTS.low);
  return say(volts < VOLTS.full - EPSILON ? 'watch' : 'clear', VOLTS.full);
}

function dialed(play: number, context: ReadingContext): Said {
  const { min, max, basis } = endPlayWindow(axleAt(context) ?? {});
  const most = Math.max(PLAY_STOP, max);
  if (play > most + EPSILON / 1000) return say('stop', most, basis, 'play');
  if (play < min - EPSILON / 1000) return say('due', min, basis, 'play');
  return say(play > max + EPSILON / 1000 ? 'due' : 'clear', max, basis, 'play');
}

function heldAgainst(what: JudgedReading, value: number, context: ReadingContext): Said | undefined {
  const disc = axleAt(context)?.brake === 'hydraulic-disc';
  switch (what) {
    case 'lining':
      // Earlier versions read the pads of a disc as its lining.
      return disc ? thickness(value, PAD) : shoeLining(value, context);
    case 'pad-inner':
    case 'pad-outer':
      return padLining(value, context);
    case 'drum-diameter': {
      const { drumMax } = context;
      const nominal = axleAt(context)?.drum;
      const most = drumMax ?? (nominal && { value: drumMaximum(nominal.value.diameter), source: 'guess' });
      return (
        most &&
        say(value > most.value + EPSILON ? 'due' : 'clear', most.value, drumMax ? drumMax.source : 'house')
      );
    }
    case 'disc-thickness': {
      const { discMin } = context;
      return discMin && say(value < discMin.value - EPSILON ? 'due' : 'clear', discMin.value, discMin.source);
    }
    case 'magnet-ohms':
      return magnetOhms(value, context);
    case 'volts':
      return atRest(value, context);
    case 'volts-loaded':
      return say(value < VOLTS.loaded - EPSILON ? 'due' : 'clear', VOLTS.loaded);
    case 'hub-temp':
      return hubHeat(value, context);
    case 'pressure':
      return coldPressure(value, context);
    case 'play-dialed':
      return dialed(value, context);
    case 'tread-inner':
    case 'tread-middle':
    case 'tread-outer': {
      const { verdict } = thickness(value, { due: TREAD_LIMIT, watched: TREAD_WATCHED });
      return say(verdict, verdict === 'due' ? TREAD_LIMIT : TREAD_WATCHED);
    }
  }
}

/** A reading in its context (handbook 5); undefined where no figure is known to hold it against, or it tells nothing. */
export function judgeReading(
  what: JudgedReading,
  value: number,
  context: ReadingContext,
): ReadingJudgement | undefined {
  const said = heldAgainst(what, value, context);
  return said && { ...said, rule: 'reading', what };
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
