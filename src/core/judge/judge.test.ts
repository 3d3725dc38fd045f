import { toSI, worse } from '../base';
import { CRITERIA, gradeVerdict, SUBJECTS } from '../rules';
import { endPlayWindow } from '../figures';
import { judgeEndPlay, judgeGrade } from '.';

const inch = (value: number) => toSI(value, 'in');

describe('end play worked out', () => {
  const house = endPlayWindow({});
  test.each([
    [0, 'watch', 'end-play-tight'],
    [0.0009, 'watch', 'end-play-tight'],
    [0.001, 'clear', 'end-play-inside'],
    [0.006, 'clear', 'end-play-inside'],
    [0.01, 'clear', 'end-play-inside'],
    [0.0119, 'watch', 'end-play-loose'],
  ])('%d in by the house rule is %s', (play, verdict, rule) => {
    expect(judgeEndPlay(inch(play), house)).toMatchObject({ verdict, rule, basis: 'house' });
  });

  test("the maker's window outranks the house's; a guess does not", () => {
    const value = { min: inch(0.001), max: inch(0.005) };
    const makers = endPlayWindow({ endPlay: { value, source: 'maker' } });
    expect(judgeEndPlay(inch(0.006), makers)).toMatchObject({ rule: 'end-play-loose', basis: 'maker' });
    const guessed = endPlayWindow({ endPlay: { value, source: 'guess' } });
    expect(judgeEndPlay(inch(0.006), guessed)).toMatchObject({ rule: 'end-play-inside', basis: 'house' });
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
