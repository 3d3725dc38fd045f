import { toSI } from '../base';
import { contradictionsIn } from '.';

const F = (value: number) => toSI(value, '°F');

describe('contradictions', () => {
  test('one thing graded two ways at one place', () => {
    const graded = [
      { place: '1L', subject: 'seal', grade: 'dry' },
      { place: '1L', subject: 'seal', grade: 'weeping' },
      { place: '1R', subject: 'seal', grade: 'damp' },
    ] as const;
    expect(contradictionsIn(graded)).toHaveLength(1);
  });
  test('grades that cannot both hold, in either order', () => {
    const dry = { place: '1L', subject: 'seal', grade: 'dry' } as const;
    const grease = { place: '1L', subject: 'grease-back', grade: 'on-shoes' } as const;
    expect(contradictionsIn([dry, grease])).toHaveLength(1);
    expect(contradictionsIn([grease, dry])).toHaveLength(1);
    expect(contradictionsIn([dry, { ...grease, place: '1R' }])).toHaveLength(0);
  });
  test('a figure against a grade', () => {
    const deep = { place: '2R', subject: 'tread', grade: 'deep' } as const;
    const at = (thirtyseconds: number) => [
      { place: '2R', what: 'tread-outer' as const, value: toSI(thirtyseconds / 32, 'in') },
    ];
    expect(contradictionsIn([deep], at(2))).toHaveLength(1);
    expect(contradictionsIn([deep], at(6))).toHaveLength(0);
    const cool = { place: '2R', subject: 'hub-hand', grade: 'held' } as const;
    expect(
      contradictionsIn([cool], [{ place: '2R', what: 'hub-temp' as const, value: F(190) }]),
    ).toHaveLength(1);
  });
  test('what agrees is left alone', () =>
    expect(
      contradictionsIn([
        { place: '1L', subject: 'rock', grade: 'none' },
        { place: '1L', subject: 'spin', grade: 'free' },
      ]),
    ).toEqual([]));
});
