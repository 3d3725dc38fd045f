import { allClear, answered, beginWalk, goesOn } from './walk-draft';

const NOW = '2026-05-16T12:00:00.000Z';

describe('answers of a walk under way', () => {
  const draft = beginWalk('hitch', 'round', NOW);
  test('are given and taken back', () => {
    const one = answered(draft, 'tire@1L', { as: 'clear' });
    expect(one.answers).toEqual({ 'tire@1L': { as: 'clear' } });
    expect(answered(one, 'tire@1L', undefined).answers).toEqual({});
    expect(draft.answers).toEqual({});
  });
  test('are taken up without asking on the same walk of the same day alone', () => {
    expect(goesOn(draft, 'hitch', '2026-05-16T14:00:00.000Z')).toBe(true);
    expect(goesOn(draft, 'spring', '2026-05-16T14:00:00.000Z')).toBe(false);
    expect(goesOn(draft, 'hitch', '2026-05-17T01:00:00.000Z')).toBe(false);
  });
  test('all clear leaves alone what was said already', () => {
    const one = answered(draft, 'tire@1L', { as: 'not-right', grade: 'cut' });
    const all = allClear(one, ['tire@1L', 'cap@1L']);
    expect(all.answers['tire@1L']).toEqual({ as: 'not-right', grade: 'cut' });
    expect(all.answers['cap@1L']?.as).toBe('clear');
  });
});
