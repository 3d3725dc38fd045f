/** A scale from harmless to grave: the one order of its words. */
export interface Scale<T extends string> {
  /** How grave, from 0. */
  readonly rank: (word: T) => number;
  /** The graver of two. */
  readonly worse: (a: T, b: T) => T;
  /** Orders the gravest first. */
  readonly gravestFirst: (a: T, b: T) => number;
}

function scaleOf<const T extends string>(words: readonly T[]): Scale<T> {
  const ranks = Object.fromEntries(words.map((word, rank) => [word, rank])) as Record<T, number>;
  return {
    rank: (word) => ranks[word],
    worse: (a, b) => (ranks[a] >= ranks[b] ? a : b),
    gravestFirst: (a, b) => ranks[b] - ranks[a],
  };
}

/** What is to be done about a reading or condition. */
const VERDICTS = ['clear', 'watch', 'due', 'stop'] as const;
export type Verdict = (typeof VERDICTS)[number];
export const VERDICT_SCALE = scaleOf(VERDICTS);

/** A verdict that is not clear: how bad something is. */
export type Severity = Exclude<Verdict, 'clear'>;

/** How pressing a duty is. */
const DUTY_VERDICTS = ['clear', 'soon', 'unknown', 'due', 'overdue'] as const;
export type DutyVerdict = (typeof DUTY_VERDICTS)[number];
export const DUTY_SCALE = scaleOf(DUTY_VERDICTS);

/** The mark of a place; what each looks like is the interface's. */
const PLACE_MARKS = ['clear', 'soon', 'unknown', 'due', 'stop'] as const;
export type PlaceMark = (typeof PLACE_MARKS)[number];
export const MARK_SCALE = scaleOf(PLACE_MARKS);

/** May it be towed: yes, yes after some work, nobody can say, or no. */
const FITNESSES = ['fit', 'after', 'unknown', 'not'] as const;
export type Fitness = (typeof FITNESSES)[number];
export const FITNESS_SCALE = scaleOf(FITNESSES);

/** May it go from a walk: clear, with care, or not at all. */
const GOES = ['clear', 'care', 'no'] as const;
export type Go = (typeof GOES)[number];
export const GO_SCALE = scaleOf(GOES);

/** The graver of two verdicts. */
export const { worse } = VERDICT_SCALE;

/** The verdict one step graver; stop stays stop. */
export function oneStepUp(verdict: Verdict): Severity {
  return verdict === 'clear' ? 'watch' : verdict === 'watch' ? 'due' : 'stop';
}

const MARK_OF_VERDICT: Readonly<Record<Verdict, PlaceMark>> = {
  clear: 'clear',
  watch: 'soon',
  due: 'due',
  stop: 'stop',
};
const MARK_OF_DUTY: Readonly<Record<DutyVerdict, PlaceMark>> = {
  clear: 'clear',
  soon: 'soon',
  unknown: 'unknown',
  due: 'due',
  overdue: 'due',
};
const FITNESS_OF_VERDICT: Readonly<Record<Severity, Fitness>> = { watch: 'fit', due: 'after', stop: 'not' };
const FITNESS_OF_SAFETY: Readonly<Record<DutyVerdict, Fitness | undefined>> = {
  clear: undefined,
  soon: 'fit',
  unknown: 'unknown',
  due: 'after',
  overdue: 'after',
};
const GO_OF_VERDICT: Readonly<Record<Verdict, Go>> = { clear: 'clear', watch: 'care', due: 'no', stop: 'no' };
const GO_OF_FITNESS: Readonly<Record<Fitness, Go>> = {
  fit: 'clear',
  after: 'no',
  unknown: 'care',
  not: 'no',
};

const MARK_OF_FITNESS: Readonly<Record<Fitness, PlaceMark>> = {
  fit: 'clear',
  after: 'due',
  unknown: 'unknown',
  not: 'stop',
};
const MARK_OF_GO: Readonly<Record<Go, PlaceMark>> = { clear: 'clear', care: 'soon', no: 'stop' };

/** The mark that a verdict gives its place. */
export const markOfVerdict = (verdict: Verdict): PlaceMark => MARK_OF_VERDICT[verdict];
/** The mark that a duty gives its place. */
export const markOfDuty = (verdict: DutyVerdict): PlaceMark => MARK_OF_DUTY[verdict];
/** The mark of a verdict on towing. */
export const markOfFitness = (fitness: Fitness): PlaceMark => MARK_OF_FITNESS[fitness];
/** The mark of a decision to go. */
export const markOfGo = (go: Go): PlaceMark => MARK_OF_GO[go];
/** What something that is not right says of towing. */
export const fitnessOfVerdict = (verdict: Severity): Fitness => FITNESS_OF_VERDICT[verdict];
/** What a duty of safety says of towing; nothing while it is clear. */
export const fitnessOfSafety = (verdict: DutyVerdict): Fitness | undefined => FITNESS_OF_SAFETY[verdict];
/** What a verdict says of going. */
export const goOfVerdict = (verdict: Verdict): Go => GO_OF_VERDICT[verdict];
/** What stood against towing before says of going. */
export const goOfFitness = (fitness: Fitness): Go => GO_OF_FITNESS[fitness];
