import { runs } from '@/core/testing/runs';
import {
  brakeDrill,
  COURSE,
  PRACTICED,
  hubOutcome,
  makeHub,
  nutOf,
  orderDrill,
  PICTURED,
  picturedGrades,
  playOrder,
  SOUND_KINDS,
  ANY_TRAILER,
} from '@/core/practice';
import { toSI } from '@/core/base';
import { gradesOf, HOUSE_DEFAULT, NUT_SCHOOLS } from '@/core/rules';
import {
  brakeFaultWords,
  brakeReadWords,
  brakeTestWords,
  brokenWords,
  DRILL_WORDS,
  feelWords,
  nutVerdict,
  rockWords,
  SCHOOL_NAMES,
  SESSION_WORDS,
  SOUND_WORDS,
  spinWords,
  thousandths,
  tipOf,
  warmer,
} from '.';

/** A sentence as it is read: begins large, ends with a point, says no code. */
const isSentence = (text: string) => {
  expect(text).toMatch(/^[A-Z0-9][^_]*[.?]$/);
  expect(text).not.toMatch(/undefined|NaN|\b[a-z]+-[a-z]+-[a-z]+-[a-z]+\b/);
};

test.each(PRACTICED)('%s asks, is named and says what is done', (id) => {
  const { asks, title, what } = DRILL_WORDS[id];
  expect(asks).toMatch(/^[A-Z].*\?$/);
  expect(title).not.toMatch(/[.?]$/);
  isSentence(what);
});

test('every session of the first course begins from a moment of its own', () => {
  const moments = COURSE.map(({ id }) => SESSION_WORDS[id]?.moment ?? '');
  for (const moment of moments) isSentence(moment);
  expect(new Set(moments).size).toBe(COURSE.length);
  expect(Object.keys(SESSION_WORDS).sort()).toEqual(COURSE.map(({ id }) => id).sort());
});

test.each(PICTURED.flatMap((subject) => picturedGrades(subject).map((grade) => [subject, grade] as const)))(
  'what tips %s into %s is said, apart from every other grade of it',
  (subject, grade) => {
    const tip = tipOf(subject, grade);
    isSentence(tip);
    for (const other of picturedGrades(subject))
      if (other !== grade) expect(tipOf(subject, other)).not.toBe(tip);
    expect(gradesOf(subject)).toContain(grade);
  },
);

test('each rule of the safe order says what would have come of it', () => {
  for (let rule = 0; rule <= 17; rule++) {
    const { rule: should, then } = brokenWords({ rule, why: 'stand in place before hands go in' });
    expect(should).toBe('Stand in place before hands go in.');
    isSentence(then);
  }
});

test('whatever breaks in any order of any drill has its words', () => {
  for (let seed = 1; seed <= runs(20); seed++) {
    const drill = orderDrill(ANY_TRAILER, HOUSE_DEFAULT, seed);
    if (!drill) throw new Error('a usual trailer has work to order');
    for (const breach of playOrder(drill, [...drill.start].reverse(), ANY_TRAILER)) {
      expect(brokenWords(breach).rule).toMatch(/^[A-Z].*\.$/);
      expect(brokenWords(breach).then).not.toBe('');
    }
  }
});

test.each(SOUND_KINDS)('%s: what to listen for, and the same in the trace', (kind) => {
  const { name, listen, look } = SOUND_WORDS[kind];
  expect(name).toMatch(/^(a|dry) /);
  isSentence(listen);
  isSentence(look);
});

test('a nut is felt in words from loose to hard, and each way it can end is told', () => {
  expect([0, 0.5, 1.3, 10, 68].map(feelWords)).toEqual([
    'Loose: nothing holds it',
    'Just touching',
    'Finger-tight',
    'Tight: a wrench turns it',
    'Hard against the bearings',
  ]);
  const hub = makeHub(nutOf(undefined).nut, 4);
  const at = (play: number) =>
    hubOutcome(hub, { turn: toSI(play, 'in') / hub.nut.pitch, unseated: 0 }, ANY_TRAILER, '1L');
  isSentence(nutVerdict(at(0.005)));
  expect(nutVerdict({ ...at(0.005), seated: false })).toContain('never seated');
  expect(nutVerdict(at(-0.003))).toContain('too tight');
  expect([at(0.001), at(0.011), at(0.018), at(0.04)].map(({ rock }) => rockWords(rock))).toEqual([
    'No rock felt',
    'Rock just felt',
    'Rock plainly felt',
    'It clunks',
  ]);
  expect(spinWords('free', '9.0')).toBe('Spins free, 9.0 s');
  expect(Object.keys(SCHOOL_NAMES).sort()).toEqual([...NUT_SCHOOLS].sort());
});

test('a dial reads in either unit', () => {
  expect(thousandths(toSI(0.0045, 'in'), 'us')).toBe('0.005 in');
  expect(thousandths(toSI(0.0045, 'in'), 'metric')).toBe('0.11 mm');
  expect([warmer(10, 'us'), warmer(10, 'metric')]).toEqual(['18 °F', '10 °C']);
});

test('every fault of the brakes and every measurement has its words, no two alike', () => {
  const drill = brakeDrill(ANY_TRAILER, 3);
  if (!drill) throw new Error('a usual trailer has electric brakes');
  const faults = drill.choices.map(brakeFaultWords);
  expect(new Set(faults).size).toBe(faults.length);
  const tests = drill.tests.map(brakeTestWords);
  expect(new Set(tests).size).toBe(tests.length);
  for (const words of tests) isSentence(words);
  expect([
    brakeReadWords('current', 14.07),
    brakeReadWords('ohms', undefined),
    brakeReadWords('volts', 0),
  ]).toEqual(['14.1 A', 'No reading: open', '0.0 V']);
});
