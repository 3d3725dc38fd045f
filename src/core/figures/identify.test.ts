import fc from 'fast-check';
import { fromSI, toSI } from '../base';
import {
  ASSEMBLIES,
  boltCircle,
  boltCircleAcross,
  DRUM_WEAR,
  matchAssembly,
  matchPattern,
  maxColdPressure,
  tireDate,
  tireSize,
  turnsPerMile,
  usualCapacity,
} from '.';

const inch = (value: number) => toSI(value, 'in');
const NOW = Date.parse('2026-05-16T12:00:00.000Z');

describe('DOT date', () => {
  test('week and year to age', () => {
    const read = tireDate('1121', NOW);
    expect(read).toMatchObject({ ok: true, value: { week: 11, year: 2021, day: '2021-03-15' } });
    expect(read.ok && read.value.age).toBeCloseTo(5.17, 2);
  });

  test.each([
    ['DOT X3AB C4DE 0519', 5, 2019],
    ['DOT X3AB C4DE 36 19', 36, 2019],
    ['36/19', 36, 2019],
    ['36-19', 36, 2019],
    ['x3ab2426', undefined, undefined],
    [' 5320 ', 53, 2020],
  ])('%s', (code, week, year) => {
    const read = tireDate(code, NOW);
    if (week === undefined) expect(read).toMatchObject({ ok: false, error: { code: 'not-yet' } });
    else expect(read).toMatchObject({ ok: true, value: { week, year } });
  });

  test.each([
    ['0021', 'no-such-week'],
    ['5421', 'no-such-week'],
    // Its last week is the fifty-second.
    ['5321', 'no-such-week'],
    ['5319', 'no-such-week'],
    ['9921', 'no-such-week'],
    ['0127', 'not-yet'],
    ['2126', 'not-yet'],
    ['238', 'before-2000'],
    ['DOT AB 409', 'before-2000'],
    ['', 'unreadable'],
    ['12', 'unreadable'],
    ['11213', 'unreadable'],
    ['week 11', 'unreadable'],
  ])('%s is refused: %s', (code, why) => {
    expect(tireDate(code, NOW)).toMatchObject({ ok: false, error: { code: why } });
  });

  test('every week of every year since 2000 reads as itself, and later weeks are younger', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 52 }), fc.integer({ min: 0, max: 25 }), (week, year) => {
        const code = `${String(week).padStart(2, '0')}${String(year).padStart(2, '0')}`;
        const read = tireDate(code, NOW);
        expect(read).toMatchObject({ ok: true, value: { week, year: 2000 + year } });
        const later = tireDate(`${String(week).padStart(2, '0')}${String(year + 1).padStart(2, '0')}`, NOW);
        if (read.ok && later.ok) expect(later.value.age).toBeLessThan(read.value.age);
      }),
    );
  });
});

describe('tire size', () => {
  test('225/75R15 is 28.29 in high', () => {
    const size = tireSize('ST225/75R15');
    expect(size).toMatchObject({ madeFor: 'trailer', radial: true, name: '225/75R15' });
    expect(fromSI(size?.diameter ?? 0, 'in')).toBeCloseTo(28.29, 2);
    expect(turnsPerMile(size?.diameter ?? 1)).toBeCloseTo(713, 0);
  });

  test.each([
    ['st 205/75 d14', 'trailer', false],
    ['P205/75R15', 'passenger', true],
    ['LT235/85R16', 'light-truck', true],
    ['225/75R15LT', 'light-truck', true],
    ['175/80R13', undefined, true],
    ['4.80-12', undefined, false],
    ['ST5.30-12', 'trailer', false],
  ])('%s is made for %s', (text, madeFor, radial) =>
    expect(tireSize(text)).toMatchObject({ madeFor, radial }),
  );

  test.each([
    ['4.80 x 12', '4.80-12', 21.41, 4.8],
    ['4.80-12 C', '4.80-12', 21.41, 4.8],
    ['20.5x8.0-10', '20.5x8.0-10', 20.5, 8],
    ['20.5 × 8.0 - 10', '20.5x8.0-10', 20.5, 8],
    ['18.5X8.5-8', '18.5x8.5-8', 18.5, 8.5],
    ['145R12', '145R12', 21.36, 5.71],
    ['145R12C', '145R12', 21.36, 5.71],
  ])('%s is %s: so high and so wide (in)', (text, name, high, wide) => {
    const size = tireSize(text);
    expect(size?.name).toBe(name);
    expect(fromSI(size?.diameter ?? 0, 'in')).toBeCloseTo(high, 1);
    expect(fromSI(size?.width ?? 0, 'in')).toBeCloseTo(wide, 1);
  });

  test.each(['', 'big', '225/75', '22575R15', 'R15', '10x8.0-12'])('%s is no size', (text) =>
    expect(tireSize(text)).toBeUndefined(),
  );

  test('load range to cold pressure and to what it carries', () => {
    expect(fromSI(maxColdPressure('D') ?? 0, 'psi')).toBeCloseTo(65);
    expect(maxColdPressure('Z')).toBeUndefined();
    expect(fromSI(usualCapacity('ST225/75R15', 'D') ?? 0, 'lb')).toBeCloseTo(2540);
    expect(usualCapacity('225/75R15', 'E')).toBeGreaterThan(usualCapacity('225/75R15', 'C') ?? Infinity);
    expect(usualCapacity('P225/75R15', 'D')).toBeUndefined();
    expect(usualCapacity('ST999/75R15', 'D')).toBeUndefined();
  });
});

describe('bolt circle', () => {
  test('2.75 in between neighbors of six is 5.50 in', () => {
    expect(fromSI(boltCircle(inch(2.75), 6), 'in')).toBeCloseTo(5.5);
    expect(matchPattern(boltCircle(inch(2.75), 6), 6).usual).toBeCloseTo(inch(5.5));
  });

  test('five studs, across to the next but one from the far edge of a stud', () => {
    const circle = inch(4.5);
    const across = circle * Math.sin((2 * Math.PI) / 5) + inch(0.25);
    expect(fromSI(boltCircleAcross(across, 5, inch(0.5)), 'in')).toBeCloseTo(4.5);
  });

  test('both ways agree, and an odd circle is no usual pattern', () => {
    fc.assert(
      fc.property(fc.integer({ min: 80, max: 300 }), fc.constantFrom(4, 5, 6, 8), (mm, studs) => {
        const circle = mm / 1000;
        expect(boltCircle(circle * Math.sin(Math.PI / studs), studs)).toBeCloseTo(circle, 9);
      }),
    );
    expect(matchPattern(inch(5.2), 5).usual).toBeUndefined();
    expect(matchPattern(inch(4.72), 5).usual).toBeCloseTo(inch(4.75));
  });
});

describe('drum and shoe to assembly', () => {
  test.each(ASSEMBLIES.map((one) => [fromSI(one.diameter, 'in'), fromSI(one.width, 'in')]))(
    '%d × %d is found as new, and worn within what is allowed',
    (diameter, width) => {
      for (const worn of [0, DRUM_WEAR / 2, DRUM_WEAR]) {
        const match = matchAssembly(inch(diameter) + worn, inch(width));
        expect(match.found === 'one' || match.found === 'several').toBe(true);
        const first = 'assemblies' in match ? match.assemblies[0] : undefined;
        expect(fromSI(first?.width ?? 0, 'in')).toBeCloseTo(width);
      }
    },
  );

  test('past what wear allows it is worn, and what fits nothing is not named', () => {
    expect(matchAssembly(inch(10.17), inch(2.25)).found).toBe('worn');
    expect(matchAssembly(inch(11), inch(2)).found).toBe('none');
    expect(matchAssembly(inch(10), inch(4)).found).toBe('none');
  });
});
