import { isDrivenLow, type Evidence, type FindingState } from '../log';
import { hubOpens, isGuess, type Axle, type RigModel } from '../rig';
import {
  axleAt,
  isLook,
  routineDef,
  torqueOf,
  WORKS,
  type BranchId,
  type ConditionId,
  type GradeId,
  type HouseRules,
  type JudgedReading,
  type RoutineId,
  type RoutinePlace,
  type Subject,
  type TorqueId,
  type TrendId,
  type WorkId,
  leftDef,
  troubleAbout,
} from '../rules';

type House = Pick<HouseRules, 'grease' | 'renewal' | 'hubs'>;

/** What the choice of a repair hangs on. */
interface CureAbout {
  readonly axle: Axle | undefined;
  readonly house: House;
  readonly grade: GradeId | undefined;
  /** Something else is open at the same place, by what it is of. */
  readonly open: (what: Subject | JudgedReading) => boolean;
}

type Cure = readonly WorkId[] | ((about: CureAbout) => readonly WorkId[]);

/** A hub is repacked with a new seal, or serviced as its maker says where it stays shut. */
const hub = ({ axle }: CureAbout): readonly WorkId[] =>
  axle && !hubOpens(axle) ? ['hub-service'] : ['repack'];

/** Shoes or the loaded plate by school (handbook 6); without figures the plate where the magnet is due as well. */
function linings(about: CureAbout): readonly WorkId[] {
  if (about.axle?.brake === 'hydraulic-disc') return ['pad-renew'];
  switch (about.house.renewal) {
    case 'plate':
      return ['plate-renew'];
    case 'parts':
      return ['shoe-renew'];
    case 'cheaper':
      return about.open('magnet') || about.open('magnet-ohms') ? ['plate-renew'] : ['shoe-renew'];
  }
}

/** Grease on the linings: they go, and the seal that let it through. */
const greasy = (about: CureAbout): readonly WorkId[] => [...linings(about), ...hub(about)];

const NONE: Cure = [];
/** One cure for some grades, another for the rest. */
const where =
  (grades: readonly GradeId[], these: Cure, rest: Cure): Cure =>
  (about) => {
    const cure = about.grade !== undefined && grades.includes(about.grade) ? these : rest;
    return typeof cure === 'function' ? cure(about) : cure;
  };

/** The repair that puts something bad right; none where a part or a shop does. A look cures nothing. */
const CURES: Readonly<Record<Subject | JudgedReading, Cure>> = {
  rock: hub,
  spin: hub,
  'set-rock': hub,
  'set-spin': hub,
  seal: where(['on-shoes'], greasy, hub),
  'grease-back': where(['on-shoes'], greasy, hub),
  'old-grease': hub,
  'hub-hand': hub,
  'hub-temp': hub,
  'play-dialed': hub,
  oil: ['hub-service'],
  // Without its lock the nut was free: it is set and locked again, and the cap with it.
  cap: where(['lock-gone'], hub, (about) =>
    about.axle && !hubOpens(about.axle) ? ['hub-service'] : ['cap-renew'],
  ),
  rollers: ({ house }) => (house.hubs === 'complete' ? ['hub-renew'] : ['bearing-renew']),
  spindle: ['axle-set'],
  flange: ['axle-set'],
  lining: where(['greasy'], greasy, linings),
  pads: where(['greasy'], greasy, linings),
  'pad-inner': ['pad-renew'],
  'pad-outer': ['pad-renew'],
  drum: ['hub-renew'],
  'drum-diameter': ['hub-renew'],
  disc: ['hub-renew'],
  'disc-thickness': ['hub-renew'],
  magnet: ['magnet-renew'],
  'magnet-ohms': ['magnet-renew'],
  drag: where(['grinds'], NONE, ['brake-adjust']),
  'brake-test': where(['none', 'no-release'], NONE, ['brake-adjust']),
  'lug-move': where(['broken'], ['stud-renew'], where(['hole-worn'], NONE, ['lug-torque'])),
  'adapter-move': where(['broken'], NONE, ['adapter-torque']),
  threads: where(['rusty'], ['stud-threads'], ['stud-renew']),
  fixing: where(['cracked'], NONE, ['underside']),
  pivot: ['bushings'],
  eye: ['bushings'],
  hanger: NONE,
  contacts: where(['bare-wire'], NONE, ['contacts']),
  lamp: where(['none'], NONE, ['contacts']),
  breakaway: where(['weak'], ['battery-renew'], NONE),
  volts: ['battery-renew'],
  'volts-loaded': ['battery-renew'],
  tread: ['tire-renew'],
  'tread-object': where(['stone'], NONE, ['tire-renew']),
  'tire-wall': ['tire-renew'],
  'tread-inner': ['tire-renew'],
  'tread-middle': ['tire-renew'],
  'tread-outer': ['tire-renew'],
  pressure: ['pressures'],
  // What a part, a welder or a shop puts right.
  valve: NONE,
  wear: NONE,
  gear: NONE,
  weld: NONE,
  'wheel-well': NONE,
  strap: NONE,
  chain: NONE,
  coupler: NONE,
  fluid: NONE,
};

/** What looks at something again. */
const CHECKS: Readonly<Record<Subject | JudgedReading, RoutineId | undefined>> = {
  rock: 'hub-look',
  spin: 'hub-look',
  'set-rock': 'hub-look',
  'set-spin': 'hub-look',
  seal: undefined,
  'grease-back': undefined,
  'old-grease': undefined,
  'hub-hand': 'hub-look',
  'hub-temp': 'hub-look',
  'play-dialed': 'hub-look',
  oil: undefined,
  cap: undefined,
  rollers: undefined,
  spindle: undefined,
  flange: undefined,
  lining: 'brake-measure',
  pads: 'brake-measure',
  'pad-inner': 'brake-measure',
  'pad-outer': 'brake-measure',
  drum: 'brake-measure',
  'drum-diameter': 'brake-measure',
  disc: 'brake-measure',
  'disc-thickness': 'brake-measure',
  magnet: 'brake-measure',
  'magnet-ohms': 'brake-measure',
  drag: 'brake-measure',
  'brake-test': 'brake-measure',
  'lug-move': 'lug-torque',
  'adapter-move': 'adapter-torque',
  threads: undefined,
  fixing: 'underside',
  pivot: 'pivots',
  eye: 'pivots',
  hanger: 'pivots',
  contacts: 'lights',
  lamp: 'lights',
  breakaway: 'breakaway-test',
  volts: 'breakaway-test',
  'volts-loaded': 'breakaway-test',
  tread: 'tire-look',
  'tread-object': 'tire-look',
  'tire-wall': 'tire-look',
  'tread-inner': 'tire-look',
  'tread-middle': 'tire-look',
  'tread-outer': 'tire-look',
  pressure: 'pressures',
  valve: 'tire-look',
  wear: 'tire-look',
  gear: 'gear-look',
  weld: 'gear-look',
  'wheel-well': undefined,
  strap: 'gear-look',
  chain: 'gear-look',
  coupler: 'gear-look',
  fluid: undefined,
};

/** What shows a fault that lies somewhere else: a fuse, a wire, a leak, a bent axle. */
const SHOWS_ONLY: ReadonlySet<Subject | JudgedReading> = new Set(['lamp', 'brake-test', 'valve', 'wear']);

/** What something that happened on a card is of. */
const BRANCH_OF: Readonly<Record<BranchId, readonly [Subject, GradeId] | undefined>> = {
  // Put right there and then, or without a finding of its own.
  'pin-stuck': undefined,
  'drum-hangs': undefined,
  'washer-missing': undefined,
  'stud-sheared': undefined,
  'bolt-bound': undefined,
  'cap-broke': ['cap', 'cracked'],
  'seal-walked': ['seal', 'weeping'],
  'line-behind': ['seal', 'line-behind'],
  'stud-breaks': ['lug-move', 'broken'],
  'nut-galls': ['threads', 'galled'],
  'stud-turns': ['lug-move', 'broken'],
  'grease-behind': ['grease-back', 'behind'],
  'falls-through': ['eye', 'worn'],
  'hole-oval': ['hanger', 'oval'],
};
/** What a trend is of. */
const TREND_OF: Readonly<Record<TrendId, Subject | JudgedReading>> = {
  heat: 'hub-temp',
  leak: 'valve',
  nuts: 'lug-move',
  strokes: 'seal',
  play: 'rock',
  wear: 'wear',
};
/** What is judged at a first look by its condition alone. */
const CONDITION_OF: Readonly<Record<ConditionId, Subject>> = {
  tire: 'tire-wall',
  wheel: 'lug-move',
  suspension: 'pivot',
  hub: 'seal',
  play: 'rock',
  gear: 'gear',
};

/** What a table holds of a name that the log may have from another version. */
function inTable<V>(table: Readonly<Record<string, V>>, name: string): V | undefined {
  return Object.hasOwn(table, name) ? table[name] : undefined;
}

/** What evidence is of, whoever told it and on which occasion: one table for remedies, leads and closings. */
export function aboutOf(
  of: Evidence | undefined,
): { readonly what: Subject | JudgedReading; readonly grade?: GradeId } | undefined {
  if (!of) return undefined;
  if ('subject' in of) return { what: of.subject, grade: of.grade as GradeId };
  // Air is no cure for what its inside has suffered.
  if (isDrivenLow(of)) return { what: 'tire-wall' };
  if ('what' in of) return Object.hasOwn(CURES, of.what) ? { what: of.what as JudgedReading } : undefined;
  const named = <T>(what: T | undefined) => (what === undefined ? undefined : { what });
  if ('trend' in of) return named(inTable(TREND_OF, of.trend));
  if ('condition' in of) return named(inTable(CONDITION_OF, of.condition));
  if ('branch' in of) {
    const told = inTable(BRANCH_OF, of.branch);
    return told && { what: told[0], grade: told[1] };
  }
  if ('endPlay' in of) return { what: 'rock' };
  if ('grease' in of) return { what: 'old-grease' };
  if ('tire' in of || 'tireCode' in of) return { what: 'tire-wall' };
  if ('guess' in of) return { what: 'lug-move' };
  if ('because' in of) {
    const about = troubleAbout(of.trouble, of.because);
    return about && { what: about.what, ...(about.grade !== undefined && { grade: about.grade as GradeId }) };
  }
  return undefined;
}

/** Bolts that were passed over without a figure, by the work that brings them to it. */
const TORQUED_BY: Readonly<Record<TorqueId, WorkId | undefined>> = {
  lug: 'lug-torque',
  adapter: 'adapter-torque',
  axle: 'underside',
  joints: 'underside',
  // Reached with the wheel or the plate off alone: no work brings them to it by itself.
  plate: undefined,
  caliper: undefined,
};

/** Work at a place. */
export interface RemedyJob {
  readonly routine: WorkId;
  readonly place: RoutinePlace;
}

/** What puts a finding right, all of it on one card, and what looks at it again. */
export interface Remedy {
  /** Bolts whose figure nobody told, or only guessed: it is entered first, and nothing closes the finding before. */
  readonly figure: TorqueId | undefined;
  readonly jobs: readonly RemedyJob[];
  readonly check: RemedyJob | undefined;
  /** What is seen is not what is broken: the check finds the cause first. */
  readonly find: boolean;
}

/** What is known where a remedy is asked for. */
export interface RemedyAbout {
  readonly model: RigModel;
  readonly house: House;
  /** What else is open on the rig. */
  readonly findings?: readonly Pick<FindingState, 'place' | 'of'>[];
}

/** A routine at a place, or for the whole rig where it is one of those; none where this rig has no such work. */
function jobAt(routine: WorkId, place: RoutinePlace, { model, house }: RemedyAbout): RemedyJob | undefined {
  const places = routineDef(routine).places(model, house);
  if (places.includes(place)) return { routine, place };
  return places.includes('rig') ? { routine, place: 'rig' } : undefined;
}

function curesOf(
  what: Subject | JudgedReading,
  grade: GradeId | undefined,
  place: RoutinePlace,
  about: RemedyAbout,
): readonly WorkId[] {
  const cure = CURES[what];
  if (typeof cure !== 'function') return cure;
  return cure({
    axle: axleAt(about.model, place),
    house: about.house,
    grade,
    open: (other) =>
      (about.findings ?? []).some((one) => one.place === place && aboutOf(one.of)?.what === other),
  });
}

/** The bolts of a finding that still have no figure to go by. */
function figureMissing(of: Evidence | undefined, model: RigModel): TorqueId | undefined {
  const bolts = of && 'torque' in of ? of.torque : of && 'guess' in of ? 'lug' : undefined;
  const known = bolts && torqueOf(model, bolts);
  return known === undefined || isGuess(known) ? bolts : undefined;
}

/** What puts a finding right and what looks at it again, by what it rests on; one told in words alone has the remedy that was named with it. */
export function remedyOf(finding: Pick<FindingState, 'place' | 'of' | 'remedy'>, about: RemedyAbout): Remedy {
  const { place, of, remedy } = finding;
  const told = aboutOf(of);
  const works = told
    ? curesOf(told.what, told.grade, place, about)
    : of && 'undone' in of
      ? [of.undone]
      : of && 'torque' in of
        ? [TORQUED_BY[of.torque] ?? []].flat()
        : of && 'left' in of
          ? [leftDef(of.left).work ?? []].flat()
          : // A card that was left is gone on with, whatever it is.
            remedy && (!isLook(remedy) || (of && 'leftAt' in of))
            ? [remedy]
            : [];
  const jobs = [...new Set(works)].flatMap((routine) => jobAt(routine, place, about) ?? []);
  const looks = told && CHECKS[told.what];
  const check = looks && jobAt(looks, place, about);
  return {
    jobs,
    check: jobs.some(({ routine }) => routine === looks) ? undefined : check,
    figure: figureMissing(of, about.model),
    find: jobs.length === 0 && told !== undefined && SHOWS_ONLY.has(told.what),
  };
}

/** Every work there is at a place that could put something right there. */
export function worksAt(
  place: RoutinePlace,
  { model, house }: Omit<RemedyAbout, 'findings'>,
): readonly WorkId[] {
  return WORKS.filter((work) => !isLook(work) && routineDef(work).places(model, house).includes(place));
}

/** The work that puts something bad right at a place of a rig, the first where it takes several; undefined where none does, or the rig has none such. */
export function cureOf(
  what: Subject | JudgedReading,
  place: RoutinePlace,
  model: RigModel,
  house: House,
  grade?: string,
): WorkId | undefined {
  const about = { model, house };
  return curesOf(what, grade as GradeId | undefined, place, about).flatMap(
    (routine) => jobAt(routine, place, about) ?? [],
  )[0]?.routine;
}
