import { CRITERIA, SUBJECTS, type Subject, type Verdict } from '../rules';
import { judgeGrade } from '.';

/** The table of verdicts as the trade has it: every grade of every subject, spelled out a second time on purpose. */
const TABLE: Record<Subject, Record<string, Verdict>> = {
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
};

describe.each(SUBJECTS)('%s', (subject) => {
  test('has exactly the grades of the table', () => {
    expect(Object.keys(CRITERIA[subject]).sort()).toEqual(Object.keys(TABLE[subject]).sort());
  });

  test.each(Object.entries(TABLE[subject]))('%s is %s', (grade, verdict) => {
    expect(judgeGrade(subject, grade)).toEqual({ verdict, rule: 'grade', subject, basis: 'house' });
  });
});
