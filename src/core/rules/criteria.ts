/** What is to be done about a reading or condition. */
export type Verdict = 'clear' | 'watch' | 'due' | 'stop';

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
  lining: { good: 'clear', thin: 'watch', 'at-minimum': 'due', cracked: 'due', greasy: 'due', gone: 'stop' },
  'set-rock': { none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' },
  'set-spin': { free: 'clear', growl: 'watch', rough: 'due', grinds: 'stop' },
  drag: { even: 'clear', none: 'watch', snaps: 'due', grinds: 'stop' },
  'brake-test': { firm: 'clear', weak: 'due', 'no-release': 'stop', none: 'stop' },
} as const satisfies Record<string, Record<string, Verdict>>;

/** What is looked at or felt. */
export type Subject = keyof typeof CRITERIA;

/** One of the grades of any subject. */
export type GradeId = { [S in Subject]: keyof (typeof CRITERIA)[S] }[Subject];

/** Every subject. */
export const SUBJECTS = Object.keys(CRITERIA) as [Subject, ...Subject[]];

const WEIGHT: Record<Verdict, number> = { clear: 0, watch: 1, due: 2, stop: 3 };

/** The graver of two verdicts. */
export function worse(a: Verdict, b: Verdict): Verdict {
  return WEIGHT[a] >= WEIGHT[b] ? a : b;
}

/** The verdict of a grade; undefined where the subject has no such grade. */
export function gradeVerdict(subject: Subject, grade: string): Verdict | undefined {
  const grades: Record<string, Verdict> = CRITERIA[subject];
  return Object.hasOwn(grades, grade) ? grades[grade] : undefined;
}
