import { CRITERIA, SUBJECTS, type Subject } from '../rules';
import type { Verdict } from '../base';
import { judgeGrade } from '.';

/** The table of verdicts as the trade has it: every grade of every subject, spelled out a second time on purpose. */
const TABLE: Record<Subject, Record<string, Verdict>> = {
  rock: { none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' },
  spin: { free: 'clear', rub: 'clear', growl: 'watch', tight: 'due', rough: 'due', grinds: 'stop' },
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
  spindle: { smooth: 'clear', 'wear-line': 'watch', step: 'due', heat: 'stop', scored: 'stop' },
  lining: {
    good: 'clear',
    hairline: 'clear',
    thin: 'watch',
    'at-minimum': 'due',
    cracked: 'due',
    greasy: 'stop',
    gone: 'stop',
  },
  'set-rock': { none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' },
  'set-spin': { free: 'clear', growl: 'watch', tight: 'due', rough: 'due', grinds: 'stop' },
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
    open: 'due',
    'coil-showing': 'stop',
  },
  disc: { smooth: 'clear', 'light-grooves': 'watch', 'deep-grooves': 'due', cracked: 'stop' },
  pads: { good: 'clear', thin: 'watch', 'at-minimum': 'due', uneven: 'due', greasy: 'stop', gone: 'stop' },
  flange: { sound: 'clear', rusty: 'watch', bent: 'due', cracked: 'stop' },
  'grease-back': { dry: 'clear', damp: 'watch', behind: 'due', 'on-shoes': 'stop' },
  tread: { deep: 'clear', worn: 'watch', 'at-limit': 'due', cord: 'stop' },
  'tread-object': { none: 'clear', stone: 'watch', nail: 'due', hissing: 'stop' },
  'tire-wall': {
    clean: 'clear',
    crazed: 'watch',
    cracks: 'due',
    'flat-spot': 'due',
    flat: 'stop',
    cut: 'stop',
    bulge: 'stop',
    cord: 'stop',
  },
  'adapter-move': {
    none: 'clear',
    'half-flat': 'watch',
    'over-half': 'due',
    loose: 'stop',
    broken: 'stop',
  },
  'lug-move': {
    none: 'clear',
    'half-flat': 'watch',
    moved: 'watch',
    'over-half': 'due',
    'over-flat': 'stop',
    loose: 'stop',
    broken: 'stop',
    'hole-worn': 'stop',
  },
  threads: { clean: 'clear', rusty: 'watch', galled: 'due', sheared: 'stop' },
  fixing: { tight: 'clear', moved: 'watch', loose: 'due', cracked: 'stop' },
  pivot: { 'no-play': 'clear', seen: 'watch', felt: 'due', bright: 'due', oval: 'due', cracked: 'stop' },
  eye: { round: 'clear', worn: 'due', cracked: 'stop' },
  hanger: { round: 'clear', oval: 'due', cracked: 'stop' },
  lamp: { burns: 'clear', dim: 'watch', 'one-out': 'due', none: 'stop' },
  contacts: { bright: 'clear', dull: 'watch', corroded: 'due', 'bare-wire': 'stop' },
  breakaway: { brakes: 'clear', weak: 'due', 'cable-frayed': 'due', nothing: 'stop' },
  gear: { sound: 'clear', worn: 'watch', bad: 'due', broken: 'stop' },
  oil: {
    'at-mark': 'clear',
    low: 'watch',
    milky: 'due',
    dark: 'due',
    metal: 'due',
    empty: 'stop',
    'cap-gone': 'stop',
  },
  fluid: { full: 'clear', dark: 'watch', low: 'due', old: 'due', empty: 'stop', leak: 'stop' },
  drag: { even: 'clear', none: 'watch', snaps: 'due', grinds: 'stop' },
  'brake-test': { firm: 'clear', weak: 'due', 'no-release': 'stop', none: 'stop' },
  'hub-hand': { held: 'clear', briefly: 'watch', 'too-hot': 'due', smoking: 'stop' },
  cap: {
    on: 'clear',
    dented: 'watch',
    'o-ring': 'watch',
    cracked: 'due',
    loose: 'due',
    leaking: 'due',
    missing: 'due',
    'lock-gone': 'stop',
  },
  valve: { capped: 'clear', 'no-cap': 'watch', cracked: 'due', hisses: 'stop' },
  wear: { even: 'clear', edges: 'watch', middle: 'watch', 'one-side': 'due', cupped: 'due' },
  weld: { sound: 'clear', rust: 'watch', crack: 'due', 'main-crack': 'stop', through: 'stop' },
  'wheel-well': { sound: 'clear', rust: 'watch', scale: 'due', through: 'stop' },
  strap: { sound: 'clear', fuzzed: 'watch', frayed: 'due', knotted: 'due', stiff: 'due', cut: 'stop' },
  chain: { sound: 'clear', worn: 'watch', stiff: 'due', opened: 'stop' },
  coupler: { seated: 'clear', stiff: 'watch', 'not-latching': 'stop', cracked: 'stop' },
};

describe.each(SUBJECTS)('%s', (subject) => {
  test('has exactly the grades of the table', () => {
    expect(Object.keys(CRITERIA[subject]).sort()).toEqual(Object.keys(TABLE[subject]).sort());
  });

  test.each(Object.entries(TABLE[subject]))('%s is %s', (grade, verdict) => {
    expect(judgeGrade(subject, grade)).toEqual({ verdict, rule: 'grade', subject, basis: 'house' });
  });
});
