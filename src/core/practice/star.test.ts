import fc from 'fast-check';
import { starOrder } from '../figures';
import { toSI } from '../base';
import type { StudCount } from '../rig';
import {
  bareWheel,
  meantLoad,
  pullNut,
  settled,
  wheelOutcome,
  type PracticeWheel,
  type WheelStand,
} from './star';

const wheel = (studs: StudCount, seed: number, more: Partial<PracticeWheel> = {}): PracticeWheel => ({
  studs,
  diameter: toSI(0.5, 'in'),
  torque: toSI(100, 'lbf·ft'),
  driver: 'wrench',
  threads: 'dry',
  seed,
  ...more,
});
const anyWheel = fc.record({
  studs: fc.constantFrom<StudCount>(4, 5, 6, 8),
  seed: fc.integer({ min: 1, max: 99_999 }),
});

/** Rounds of shares, each round in an order. */
const tighten = (of: PracticeWheel, order: readonly number[], rounds: readonly number[]): WheelStand =>
  rounds.reduce(
    (stand, share) => order.reduce((now, stud) => pullNut(of, now, stud, share), stand),
    bareWheel(of),
  );
const STAGES = [0.2, 0.5, 1, 1];
const around = (studs: number) => Array.from({ length: studs }, (_, i) => i + 1);

test('star and stages hold at the recheck, on every wheel', () => {
  fc.assert(
    fc.property(anyWheel, ({ studs, seed }) => {
      const of = wheel(studs, seed);
      const { judged, rechecks, stretched, missed, left } = wheelOutcome(
        of,
        tighten(of, starOrder(studs), STAGES),
      );
      expect(['clear', 'watch']).toContain(judged.verdict);
      expect(rechecks).not.toContain('over-half');
      expect([stretched, missed]).toEqual([[], []]);
      expect(Math.min(...left)).toBeGreaterThan(0.7);
    }),
  );
});

test('once round at full torque leaves less than the star in stages, at its weakest stud', () => {
  fc.assert(
    fc.property(anyWheel, ({ studs, seed }) => {
      const of = wheel(studs, seed);
      const least = (stand: WheelStand) => Math.min(...settled(of, stand));
      expect(least(tighten(of, around(studs), [1]))).toBeLessThan(
        least(tighten(of, starOrder(studs), STAGES)),
      );
    }),
  );
});

test('tightening one nut takes load off its neighbors, the most off the nearest, and adds to none', () => {
  const of = wheel(6, 5);
  const before = tighten(of, starOrder(6), [0.5]);
  const after = pullNut(of, before, 1, 1);
  const lost = before.loads.map((load, i) => load - (after.loads[i] ?? 0));
  expect(lost[0]).toBeLessThan(0);
  expect(Math.min(...lost.slice(1))).toBeGreaterThanOrEqual(0);
  expect(lost[1]).toBeGreaterThan(lost[2] ?? 0);
  expect(lost[2]).toBeGreaterThan(lost[3] ?? 0);
});

test('the dry torque on greased threads stretches studs; a machine scatters', () => {
  const greased = wheel(5, 9, { threads: 'greased' });
  expect(wheelOutcome(greased, tighten(greased, starOrder(5), STAGES)).stretched.length).toBeGreaterThan(2);
  const spread = (of: PracticeWheel) => {
    const { loads } = tighten(of, starOrder(of.studs), [1]);
    return (Math.max(...loads) - Math.min(...loads)) / meantLoad(of);
  };
  const mean = (driver: PracticeWheel['driver']) =>
    around(40).reduce((sum, seed) => sum + spread(wheel(5, seed, { driver })), 0) / 40;
  expect(mean('machine')).toBeGreaterThan(2 * mean('wrench'));
});

test('a nut that was passed over is found loose: stop', () => {
  const of = wheel(5, 3);
  const { judged, missed } = wheelOutcome(of, tighten(of, [1, 3, 5, 2], [0.5, 1]));
  expect(judged.verdict).toBe('stop');
  expect(missed).toEqual([4]);
});
