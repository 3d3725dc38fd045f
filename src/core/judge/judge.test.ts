import { toSI } from '../quantity';
import { CRITERIA, endPlayWindow, gradeVerdict, SUBJECTS, worse } from '../rules';
import { judgeEndPlay, judgeGrade, judgeRecheck } from '.';

const inch = (value: number) => toSI(value, 'in');

describe('end play', () => {
  const house = endPlayWindow({});
  test.each([
    [0, 'due', 'end-play-tight'],
    [0.0009, 'due', 'end-play-tight'],
    [0.001, 'clear', 'end-play-inside'],
    [0.006, 'clear', 'end-play-inside'],
    [0.01, 'clear', 'end-play-inside'],
    [0.0119, 'due', 'end-play-loose'],
  ])('%d in by the house rule is %s', (play, verdict, rule) => {
    expect(judgeEndPlay(inch(play), house)).toMatchObject({ verdict, rule, basis: 'house' });
  });

  test("the maker's window outranks the house's; a guess does not", () => {
    const value = { min: inch(0.001), max: inch(0.005) };
    const makers = endPlayWindow({ endPlay: { value, source: 'maker' } });
    expect(judgeEndPlay(inch(0.006), makers)).toMatchObject({ verdict: 'due', basis: 'maker' });
    const guessed = endPlayWindow({ endPlay: { value, source: 'guess' } });
    expect(judgeEndPlay(inch(0.006), guessed)).toMatchObject({ verdict: 'clear', basis: 'house' });
  });
});

describe('grades', () => {
  test.each(SUBJECTS)('%s runs from best to worst', (subject) => {
    const verdicts = Object.values(CRITERIA[subject]);
    expect(verdicts[0]).toBe('clear');
    verdicts.slice(1).forEach((verdict, i) => expect(worse(verdict, verdicts[i] ?? 'clear')).toBe(verdict));
  });

  test('a grade that does not exist has no verdict', () => {
    expect(gradeVerdict('rollers', 'toString')).toBeUndefined();
    expect(judgeGrade('rollers', 'shiny')).toBeUndefined();
    expect(judgeGrade('rollers', 'pitted')).toMatchObject({ verdict: 'due' });
  });
});

describe('lug recheck', () => {
  test.each([
    ['held', 0, 'clear'],
    ['held', 2, 'clear'],
    ['moved', 0, 'watch'],
    ['moved', 1, 'due'],
    ['loose', 0, 'stop'],
  ] as const)('%s after %d earlier moves is %s', (result, moves, verdict) => {
    expect(judgeRecheck(result, moves).verdict).toBe(verdict);
  });
});
