import { daysBetween, msOf, type Instant, toSI, type Verdict } from '../base';
import { checkTorque, tireDate, tireSize, usualCapacity } from '../figures';
import { hasUsableSpare, partAt, type PartState, type RigState } from '../log';
import { isGuess, sparesOf, wheelEnds, type Axle, type Place, type RigModel, type WheelEnd } from '../rig';
import { BATTERY_YEARS, tireAgeLimit, type HouseRules } from '../rules';
import { lowestMaximum, pressureTarget } from './target';

/** What does not agree in what is known of a rig, or is past its age; figures in SI, ages in y. */
export type ConflictCode =
  | 'disc-with-magnets'
  | 'disc-with-drum'
  | 'wires-without-brakes'
  | 'electric-without-wires'
  | 'equalizer-on-torsion'
  | 'adapter-torque-unknown'
  | 'adapter-weak'
  | 'stages-not-rising'
  | 'torque-guess'
  | 'torque-unusual'
  | 'load-range-weak'
  | 'tire-below-placard'
  | 'tire-not-trailer'
  | 'tire-for-trucks'
  | 'tires-differ'
  | 'tire-aging'
  | 'tire-old'
  | 'tire-too-old'
  | 'tire-last-century'
  | 'tire-code-wrong'
  | 'tire-code-differs'
  | 'battery-old'
  | 'equalizer-off-kit'
  | 'equalizer-unusual'
  | 'no-usable-spare'
  | 'target-over-maximum';

/** One thing that does not agree, at a place, with what it rests on. */
export interface Conflict {
  readonly id: string;
  readonly code: ConflictCode;
  readonly place: Place | 'rig';
  readonly verdict: Exclude<Verdict, 'clear'>;
  /** What is there, and what it is held against (SI; ages in y). */
  readonly have?: number | string | undefined;
  readonly want?: number | string | undefined;
}

/** What a review looks at: the model as told, and the parts where there are any. */
export type Reviewed = Pick<RigState, 'parts'> &
  Partial<Pick<RigState, 'findings'>> & { readonly model: RigModel };

const WATCHED_FROM = 5;
const NEVER_ON_THE_HIGHWAY = 10;

type Found = Omit<Conflict, 'id'>;

const text = (part: PartState | undefined, fact: string): string | undefined => {
  const value = part?.facts[fact]?.value;
  return value === undefined ? undefined : String(value);
};

const amount = (part: PartState | undefined, fact: string): number | undefined => {
  const value = part?.facts[fact]?.value;
  return typeof value === 'number' ? value : undefined;
};

function brakeConflicts(rig: Reviewed, axle: Axle, ends: readonly WheelEnd[]): readonly Found[] {
  const [left = '1L'] = ends;
  const found: Found[] = [];
  const { brake, wires } = axle;
  if (brake === 'hydraulic-disc') {
    const magnet = ends.find((end) => amount(partAt(rig, 'brake', end), 'magnet') !== undefined);
    if (magnet ?? wires) found.push({ code: 'disc-with-magnets', place: magnet ?? left, verdict: 'watch' });
    if (axle.drum) found.push({ code: 'disc-with-drum', place: left, verdict: 'watch' });
  }
  if (brake === 'none' && wires) found.push({ code: 'wires-without-brakes', place: left, verdict: 'due' });
  if (brake === 'electric' && wires === false)
    found.push({ code: 'electric-without-wires', place: left, verdict: 'due' });
  if (axle.suspension === 'torsion' && axle.equalizer)
    found.push({ code: 'equalizer-on-torsion', place: left, verdict: 'watch' });
  return found;
}

/** What one tire carries (kg): as marked on it, else as usual for its size and load range. */
function capacityOf(rig: Reviewed, tire: PartState | undefined): number | undefined {
  const marked = amount(tire, 'capacity');
  if (marked !== undefined) return marked;
  const size = text(tire, 'size') ?? rig.model.tires?.size?.value;
  const range = text(tire, 'loadRange') ?? rig.model.tires?.loadRange?.value;
  return size && range ? usualCapacity(size, range) : undefined;
}

function axleLoad(rig: Reviewed, axle: Axle, ends: readonly WheelEnd[]): readonly Found[] {
  if (!axle.rating) return [];
  const carried = ends.map((end) => capacityOf(rig, partAt(rig, 'tire', end)));
  const weakest = Math.min(...carried.map((one) => one ?? Infinity));
  const have = weakest * 2;
  return have < axle.rating.value - 0.5
    ? [{ code: 'load-range-weak', place: ends[0] ?? '1L', verdict: 'due', have, want: axle.rating.value }]
    : [];
}

function tireAge(
  rig: Reviewed,
  tire: PartState,
  place: Place,
  now: Instant,
  limit: number,
): readonly Found[] {
  const dot = text(tire, 'dot');
  return dot === undefined ? [] : ofTireCode(dot, place, rig.model, now, limit);
}

function ofTireCode(
  dot: string,
  place: Place,
  model: Pick<RigModel, 'use'>,
  now: Instant,
  limit: number,
): readonly Found[] {
  const spare = place === 'S1' || place === 'S2';
  const read = tireDate(dot, msOf(now));
  if (!read.ok) {
    if (read.error.code === 'before-2000')
      return [{ code: 'tire-last-century', place, verdict: spare ? 'due' : 'stop', have: dot }];
    return [{ code: 'tire-code-wrong', place, verdict: 'watch', have: dot }];
  }
  const { age } = read.value;
  const highway = model.use !== 'off-road' && !spare;
  if (age > NEVER_ON_THE_HIGHWAY && highway)
    return [{ code: 'tire-too-old', place, verdict: 'stop', have: age, want: NEVER_ON_THE_HIGHWAY }];
  if (age > limit) return [{ code: 'tire-old', place, verdict: 'due', have: age, want: limit }];
  return age >= Math.min(WATCHED_FROM, limit - 1)
    ? [{ code: 'tire-aging', place, verdict: 'watch', have: age, want: limit }]
    : [];
}

/** What a tire's code tells against its use at a place (handbook 5, tire age); undefined where there is nothing to tell. */
export function judgeTireCode(
  dot: string,
  place: Place,
  about: {
    readonly model: Pick<RigModel, 'use'>;
    readonly house: Pick<HouseRules, 'tireAge'>;
    readonly now: Instant;
  },
): Conflict | undefined {
  const [found] = ofTireCode(dot, place, about.model, about.now, tireAgeLimit(about.house));
  return found && { ...found, id: `${found.code} ${place}` };
}

function tireKind(rig: Reviewed, tire: PartState, place: Place): readonly Found[] {
  const size = text(tire, 'size');
  const madeFor = text(tire, 'madeFor') ?? (size && tireSize(size)?.madeFor);
  const range = text(tire, 'loadRange');
  const placard = rig.model.tires?.loadRange?.value;
  return [
    ...(madeFor === 'passenger' ? [{ code: 'tire-not-trailer', place, verdict: 'due' } as const] : []),
    ...(madeFor === 'light-truck' ? [{ code: 'tire-for-trucks', place, verdict: 'watch' } as const] : []),
    ...(range && placard && range < placard
      ? [{ code: 'tire-below-placard', place, verdict: 'due', have: range, want: placard } as const]
      : []),
  ];
}

function tiresApart(rig: Reviewed, ends: readonly WheelEnd[]): readonly Found[] {
  const [left, right] = ends.map((end) => partAt(rig, 'tire', end));
  const differ = (fact: string) => {
    const [a, b] = [text(left, fact), text(right, fact)];
    return a !== undefined && b !== undefined && a.replace(/\s/g, '') !== b.replace(/\s/g, '');
  };
  const fact = ['size', 'loadRange'].find(differ);
  return fact
    ? [
        {
          code: 'tires-differ',
          place: ends[0] ?? '1L',
          verdict: 'due',
          have: text(left, fact),
          want: text(right, fact),
        },
      ]
    : [];
}

function wheelConflicts(model: RigModel): readonly Found[] {
  const { torque, studDiameter, adapter, stages } = model.wheels;
  const found: Found[] = [];
  // Each of the two at an axle carries half of what it may.
  const heaviest = Math.max(...model.axles.map(({ rating }) => (rating?.value ?? 0) / 2));
  if (adapter?.fitted && adapter.rating && adapter.rating.value < heaviest)
    found.push({
      code: 'adapter-weak',
      place: 'rig',
      verdict: 'due',
      have: adapter.rating.value,
      want: heaviest,
    });
  const rounds = [stages?.first, stages?.second, torque].flatMap((told) => (told ? [told.value] : []));
  const over = rounds.find((round, i) => i > 0 && round <= (rounds[i - 1] ?? 0));
  if (over !== undefined)
    found.push({ code: 'stages-not-rising', place: 'rig', verdict: 'watch', have: over });
  if (adapter?.fitted && !adapter.torque)
    found.push({ code: 'adapter-torque-unknown', place: 'rig', verdict: 'due' });
  if (torque && isGuess(torque))
    found.push({ code: 'torque-guess', place: 'rig', verdict: 'watch', have: torque.value });
  // A maker's figure outranks what is usual.
  if (torque && torque.source !== 'maker' && !checkTorque(torque.value, studDiameter?.value).usual)
    found.push({ code: 'torque-unusual', place: 'rig', verdict: 'watch', have: torque.value });
  return found;
}

/** How far a measured equalizer or axle spacing may be off the pair printed with its kit (m): our reading of a tape. */
const OFF_KIT = { equalizer: toSI(1 / 4, 'in'), spacing: toSI(1 / 2, 'in') } as const;
/** What axle spacing and equalizer usually leave between them (m), on the common leaf spring: an estimate, asked about and no more. */
const USUALLY_BETWEEN = { is: toSI(27.25, 'in'), within: toSI(1.25, 'in') } as const;

/** A longer equalizer goes with wider axles: both are measured, and held against the pair printed with the kit (handbook 4.8). */
function equalizerConflicts({ equalizerSpacing, axleSpacing, kit }: RigModel): readonly Found[] {
  const found = (code: ConflictCode, verdict: Found['verdict'], have: number, want: number): Found => ({
    code,
    place: 'rig',
    verdict,
    have,
    want,
  });
  if (kit?.equalizer && equalizerSpacing) {
    const off = Math.abs(kit.equalizer.value - equalizerSpacing.value);
    if (off > OFF_KIT.equalizer)
      return [found('equalizer-off-kit', 'due', equalizerSpacing.value, kit.equalizer.value)];
  }
  if (kit?.spacing && axleSpacing) {
    const off = Math.abs(kit.spacing.value - axleSpacing.value);
    return off > OFF_KIT.spacing
      ? [found('equalizer-off-kit', 'due', axleSpacing.value, kit.spacing.value)]
      : [];
  }
  if (!equalizerSpacing || !axleSpacing) return [];
  const between = axleSpacing.value - equalizerSpacing.value;
  return Math.abs(between - USUALLY_BETWEEN.is) > USUALLY_BETWEEN.within
    ? [found('equalizer-unusual', 'watch', equalizerSpacing.value, axleSpacing.value)]
    : [];
}

/** A rig whose spares are all flat, worn or past their age has none. */
function spareConflicts(rig: Reviewed, house: Pick<HouseRules, 'tireAge'>, now: Instant): readonly Found[] {
  const spares = sparesOf(rig.model);
  if (spares.length === 0) return [];
  const aged = (place: Place) => {
    const dot = text(partAt(rig, 'tire', place), 'dot');
    return (
      dot !== undefined &&
      ofTireCode(dot, place, rig.model, now, tireAgeLimit(house)).some((one) => one.verdict !== 'watch')
    );
  };
  const usable = hasUsableSpare(
    { findings: rig.findings ?? {} },
    spares.filter((place) => !aged(place)),
  );
  return usable ? [] : [{ code: 'no-usable-spare', place: 'rig', verdict: 'watch' }];
}

/** A school whose target is more than tire, wheel or valve holds. */
function targetConflicts(model: RigModel, house: Pick<HouseRules, 'pressure'>): readonly Found[] {
  const target = pressureTarget(model, house);
  const most = lowestMaximum(model);
  return target && most && target.value > most.value + 1
    ? [{ code: 'target-over-maximum', place: 'rig', verdict: 'due', have: target.value, want: most.value }]
    : [];
}

function batteryConflicts(rig: Reviewed, now: Instant): readonly Found[] {
  const since = text(partAt(rig, 'battery', 'breakaway'), 'since');
  if (!since) return [];
  const years = daysBetween(`${since}T00:00:00.000Z`, now) / 365.25;
  return years > BATTERY_YEARS
    ? [{ code: 'battery-old', place: 'breakaway', verdict: 'due', have: years, want: BATTERY_YEARS }]
    : [];
}

const WEIGHT = { stop: 3, due: 2, watch: 1 } as const;

/** Everything that does not agree in a rig as told, or is past its age, at a moment; gravest first. */
export function reviewRig(
  rig: Reviewed,
  house: Pick<HouseRules, 'tireAge' | 'pressure'>,
  now: Instant,
): readonly Conflict[] {
  const { model } = rig;
  const limit = tireAgeLimit(house);
  const ends = wheelEnds(model);
  const found = [
    ...wheelConflicts(model),
    ...model.axles.flatMap((axle, i) => {
      const pair = ends.slice(2 * i, 2 * i + 2);
      return [...brakeConflicts(rig, axle, pair), ...axleLoad(rig, axle, pair), ...tiresApart(rig, pair)];
    }),
    ...[...ends, ...sparesOf(model)].flatMap((place) => {
      const tire = partAt(rig, 'tire', place);
      return tire ? [...tireAge(rig, tire, place, now, limit), ...tireKind(rig, tire, place)] : [];
    }),
    ...batteryConflicts(rig, now),
    ...equalizerConflicts(model),
    ...spareConflicts(rig, house, now),
    ...targetConflicts(model, house),
  ];
  return found
    .map((one) => ({ id: `${one.code}@${one.place}`, ...one }))
    .sort((a, b) => WEIGHT[b.verdict] - WEIGHT[a.verdict]);
}

/** The conflicts that a change of a rig brings in. */
export function broughtIn(before: readonly Conflict[], after: readonly Conflict[]): readonly Conflict[] {
  const had = new Set(before.map((one) => one.id));
  return after.filter((one) => !had.has(one.id));
}

const OF_AGE: ReadonlySet<ConflictCode> = new Set(['tire-aging', 'tire-old', 'battery-old']);

/** True for what a duty tells as well: a part on its way to its owner's limit, or past it. */
export function isOfAge(conflict: Conflict): boolean {
  return OF_AGE.has(conflict.code);
}
