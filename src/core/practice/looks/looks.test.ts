import { CRITERIA, gradeVerdict } from '../../rules';
import { lookOf, PICTURED, picturedGrades } from './looks';

const each = PICTURED.flatMap((subject) => picturedGrades(subject).map((grade) => [subject, grade] as const));

test.each(each)('%s %s is a grade of the handbook, and no two seeds draw it alike', (subject, grade) => {
  expect(Object.keys(CRITERIA[subject])).toContain(grade);
  expect(gradeVerdict(subject, grade)).toBeDefined();
  const drawn = Array.from({ length: 20 }, (_, seed) => JSON.stringify(lookOf(subject, grade, seed + 1)));
  expect(lookOf(subject, grade, 1).shapes.length).toBeGreaterThan(0);
  expect(new Set(drawn).size).toBe(20);
  expect(drawn.join('')).not.toMatch(/NaN|undefined|Infinity/);
});

test('of one seed two grades of a subject never look the same', () => {
  for (const subject of PICTURED)
    for (let seed = 1; seed < 30; seed++) {
      const all = picturedGrades(subject).map((grade) => JSON.stringify(lookOf(subject, grade, seed).shapes));
      expect(new Set(all).size).toBe(all.length);
    }
});

test('a hairline stays inside its lining; a crack that is due reaches its edge', () => {
  const ys = (d: string) => [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, , y]) => Number(y));
  for (let seed = 1; seed < 200; seed++) {
    const cracks = (grade: 'hairline' | 'cracked') =>
      lookOf('lining', grade, seed).shapes.flatMap(({ ink, d }) => (ink === 'crack' ? [ys(d)] : []));
    for (const inside of cracks('hairline')) {
      expect(Math.min(...inside)).toBeGreaterThan(20);
      expect(Math.max(...inside)).toBeLessThan(96);
    }
    expect(cracks('cracked').some((one) => Math.min(...one) <= 18 || Math.max(...one) >= 98)).toBe(true);
  }
});
