import type { HouseRules } from './schools';
import type { Verdict } from './severity';

/** The grades of each subject, best first, with the verdict each carries (handbook section 5). */
export const CRITERIA = {
  rock: { none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' },
  spin: { free: 'clear', growl: 'watch', rough: 'due', grinds: 'stop' },
  seal: {
    dry: 'clear',
    damp: 'watch',
    weeping: 'due',
    damaged: 'due',
    'line-behind': 'due',
    'on-shoes': 'stop',
  },
  'old-grease': {
    'as-new': 'clear',
    darkened: 'clear',
    thin: 'watch',
    water: 'due',
    metal: 'due',
    burnt: 'stop',
  },
  rollers: { mirror: 'clear', stained: 'watch', pitted: 'due', blue: 'due', broken: 'stop' },
  spindle: { smooth: 'clear', 'wear-line': 'watch', heat: 'due', step: 'due', scored: 'stop' },
  lining: {
    good: 'clear',
    hairline: 'clear',
    thin: 'watch',
    'at-minimum': 'due',
    cracked: 'due',
    greasy: 'due',
    gone: 'stop',
  },
  'set-rock': { none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' },
  'set-spin': { free: 'clear', growl: 'watch', rough: 'due', grinds: 'stop' },
  drum: {
    smooth: 'clear',
    'light-grooves': 'watch',
    'deep-grooves': 'due',
    blue: 'due',
    'out-of-round': 'due',
    cracked: 'stop',
  },
  magnet: {
    even: 'clear',
    faint: 'watch',
    uneven: 'due',
    'marks-gone': 'due',
    greasy: 'due',
    'coil-showing': 'stop',
  },
  pads: { good: 'clear', thin: 'watch', 'at-minimum': 'due', greasy: 'due', gone: 'stop' },
  flange: { sound: 'clear', rusty: 'watch', bent: 'due', cracked: 'stop' },
  'grease-back': { dry: 'clear', damp: 'watch', behind: 'due', 'on-shoes': 'stop' },
  tread: { deep: 'clear', worn: 'watch', 'at-limit': 'due', cord: 'stop' },
  'tire-wall': {
    clean: 'clear',
    crazed: 'watch',
    cracks: 'due',
    cut: 'due',
    'flat-spot': 'due',
    bulge: 'stop',
    cord: 'stop',
  },
  'lug-move': { none: 'clear', moved: 'watch', loose: 'stop', broken: 'stop', 'hole-worn': 'stop' },
  threads: { clean: 'clear', rusty: 'watch', galled: 'due', sheared: 'stop' },
  fixing: { tight: 'clear', moved: 'watch', loose: 'due', cracked: 'stop' },
  pivot: { 'no-play': 'clear', seen: 'watch', felt: 'due', bright: 'due', oval: 'due', cracked: 'stop' },
  eye: { round: 'clear', worn: 'due', cracked: 'stop' },
  hanger: { round: 'clear', oval: 'due', cracked: 'stop' },
  lamp: { burns: 'clear', dim: 'watch', 'one-out': 'due', none: 'stop' },
  contacts: { bright: 'clear', dull: 'watch', corroded: 'due', 'bare-wire': 'stop' },
  breakaway: { brakes: 'clear', weak: 'due', 'cable-frayed': 'due', nothing: 'stop' },
  gear: { sound: 'clear', worn: 'watch', bad: 'due', broken: 'stop' },
  oil: { 'at-mark': 'clear', low: 'watch', milky: 'due', empty: 'stop' },
  drag: { even: 'clear', none: 'watch', snaps: 'due', grinds: 'stop' },
  'brake-test': { firm: 'clear', weak: 'due', 'no-release': 'stop', none: 'stop' },
  'hub-hand': { held: 'clear', briefly: 'watch', 'too-hot': 'due', smoking: 'stop' },
  cap: { on: 'clear', dented: 'watch', leaking: 'due', missing: 'due' },
  valve: { capped: 'clear', 'no-cap': 'watch', cracked: 'due', hisses: 'stop' },
  wear: { even: 'clear', edges: 'watch', middle: 'watch', 'one-side': 'due', cupped: 'due' },
  weld: { sound: 'clear', rust: 'watch', crack: 'due', through: 'stop' },
  strap: { sound: 'clear', fuzzed: 'watch', frayed: 'due', knotted: 'due', stiff: 'due', cut: 'stop' },
  chain: { sound: 'clear', worn: 'watch', stiff: 'due', opened: 'stop' },
  coupler: { seated: 'clear', stiff: 'watch', 'not-latching': 'stop', cracked: 'stop' },
} as const satisfies Record<string, Record<string, Verdict>>;

/** What is looked at or felt. */
export type Subject = keyof typeof CRITERIA;

/** One of the grades of any subject. */
export type GradeId = { [S in Subject]: keyof (typeof CRITERIA)[S] }[Subject];

/** Every subject. */
export const SUBJECTS = Object.keys(CRITERIA) as [Subject, ...Subject[]];

/**
 * The verdict of a grade by the schools of a house, the shipped ones where none is given; undefined where the
 * subject has no such grade.
 */
export function gradeVerdict(
  subject: Subject,
  grade: string,
  house?: Pick<HouseRules, 'lining'>,
): Verdict | undefined {
  if (subject === 'lining' && grade === 'hairline' && house?.lining === 'renew-at-sight') return 'due';
  const grades: Record<string, Verdict> = CRITERIA[subject];
  return Object.hasOwn(grades, grade) ? grades[grade] : undefined;
}
