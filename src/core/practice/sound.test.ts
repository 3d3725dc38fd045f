import fc from 'fast-check';
import { gradesOf } from '../rules';
import { runs, some } from '../testing/runs';
import { compareHeard, hear, unheard } from './listen';
import { makeSound, passesPerTurn, RATE, SECONDS, SOUND_KINDS, SOUNDS, traceOf, USUAL_ROW } from './sound';

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

test('a rough hub is named beside a good one, whichever comes first; two good ones are alike', () => {
  for (let seed = 1; seed <= runs(10); seed++) {
    const of = (kind: (typeof SOUND_KINDS)[number], add: number) =>
      hear(makeSound(kind, seed * 50 + add, { noise: 10 }).samples);
    const [good, other, bad] = [of('good', 1), of('good', 2), of('outer', 3)];
    expect(compareHeard(bad, good).rougher).toBe('first');
    expect(compareHeard(good, bad).rougher).toBe('second');
    expect(compareHeard(good, bad).signs.length).toBeGreaterThan(0);
    expect(compareHeard(good, other)).toMatchObject({ rougher: 'alike', signs: [] });
  }
});

test('a click once a turn is counted, and a nut too tight is told by how soon it stands', () => {
  const click = makeSound('click', 3);
  expect(hear(click.samples).rate).toBeCloseTo(click.turns.length / SECONDS, 0);
  const tight = makeSound('tight', 3);
  const heard = hear(tight.samples).coasts ?? 0;
  expect(Math.abs(heard - tight.coasts)).toBeLessThan(0.7);
  expect(hear(makeSound('good', 3).samples).coasts).toBeUndefined();
});

test('what beats evenly is found in the spectrum of its loudness: a pitted inner race at its passing frequency', () => {
  for (let seed = 1; seed <= runs(10); seed++) {
    const { samples, turns } = makeSound('inner', seed, { noise: 10 });
    const turning = turns.filter((s) => s < 2.56).length / 2.56;
    const { beat = 0 } = hear(samples);
    expect(beat / (turning * passesPerTurn(USUAL_ROW).inner)).toBeGreaterThan(0.65);
    expect(beat / (turning * passesPerTurn(USUAL_ROW).inner)).toBeLessThan(1.5);
  }
  expect(hear(new Float32Array(RATE * SECONDS)).beat).toBeUndefined();
});

test('silence, clipping, wind and a recording cut short are said instead of compared', () => {
  expect(unheard(new Float32Array(RATE * 5))).toBe('silent');
  const { samples } = makeSound('good', 1);
  expect(unheard(samples)).toBeUndefined();
  expect(unheard(samples.slice(0, RATE))).toBe('short');
  expect(unheard(samples.map((x) => Math.max(-1, Math.min(1, x * 400))))).toBe('clipped');
  expect(unheard(samples.map((x, i) => x * 0.2 + 0.5 * Math.sin((2 * Math.PI * 30 * i) / RATE)))).toBe(
    'wind',
  );
});
