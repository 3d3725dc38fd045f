import fc from 'fast-check';
import { gradesOf } from '../rules';
import { some } from '../testing/runs';
import {
  makeSound,
  passesPerTurn,
  RATE,
  SECONDS,
  SOUND_KINDS,
  SOUNDS,
  traceOf,
  USUAL_ROW,
  type MadeSound,
} from './sound';

test('rollers pass either race so often that both together are their number; the cage goes slower than the hub', () => {
  fc.assert(
    fc.property(
      fc.record({
        count: fc.integer({ min: 8, max: 26 }),
        ratio: fc.double({ min: 0.08, max: 0.3, noNaN: true }),
      }),
      (row) => {
        const { outer, inner, cage } = passesPerTurn(row);
        expect(outer + inner).toBeCloseTo(row.count);
        expect(inner).toBeGreaterThan(outer);
        expect(cage).toBeGreaterThan(0.5);
        expect(cage).toBeLessThan(1);
      },
    ),
  );
  // Worked: 16 rollers, ratio 0.165: 8 × 0.835 and 8 × 1.165; a roller turns (1 - 0.0272) / 0.165.
  const { outer, inner, roller } = passesPerTurn(USUAL_ROW);
  expect([outer, inner, roller].map((one) => Number(one.toFixed(3)))).toEqual([6.68, 9.32, 5.896]);
});

test.each(some(SOUND_KINDS))(
  '%s: made by its seed, never clipped, its grade one that the Bench has',
  (kind) => {
    const { samples, coasts, turns } = makeSound(kind, 11);
    expect(samples).toHaveLength(RATE * SECONDS);
    const same = (seed: number) => makeSound(kind, seed).samples.every((x, i) => x === samples[i]);
    expect([same(11), same(12)]).toEqual([true, false]);
    expect(samples.every((x) => Number.isFinite(x) && Math.abs(x) < 1)).toBe(true);
    expect(gradesOf('spin')).toContain(SOUNDS[kind]);
    expect(turns.every((s) => s < coasts)).toBe(true);
    const trace = traceOf(samples, 100);
    expect(Math.max(...trace)).toBe(1);
    expect(trace).toHaveLength(100);
  },
);

test('a click comes once in each turn, well above the hush of a good hub', () => {
  const loudest = ({ samples }: MadeSound, from: number, to: number) =>
    samples
      .slice(Math.round(from * RATE), Math.round(to * RATE))
      .reduce((most, x) => Math.max(most, Math.abs(x)), 0);
  const click = makeSound('click', 3);
  const quiet = makeSound('good', 3);
  for (const [i, turn] of click.turns.slice(0, 3).entries()) {
    const next = click.turns[i + 1] ?? SECONDS;
    expect(loudest(click, turn, next)).toBeGreaterThan(3 * loudest(quiet, turn, next));
  }
});

test('a nut too tight stands soon, a good hub runs on past the five seconds', () => {
  for (let seed = 1; seed <= 4; seed++) {
    expect(makeSound('tight', seed).coasts).toBeLessThan(SECONDS);
    expect(makeSound('good', seed).coasts).toBeGreaterThan(SECONDS);
  }
});
