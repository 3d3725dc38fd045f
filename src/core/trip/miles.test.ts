import { mi, storyFrom } from '../testing/story';
import { countedFrom, differing, milesNow, rolls } from '.';

const { day } = storyFrom('2026-05-01');
const HOUR = 1 / 24;
const way = { into: mi(40), told: day(1) };
const miles = (m: number) => Math.round(m / mi(1));

test('what nobody counts is at most what the clock allows, at 65 mph', () => {
  const now = milesNow(way, {}, day(1 + 2 * HOUR));
  expect([miles(now.into), now.by]).toEqual([170, 'clock']);
  expect(milesNow(way, {}, day(1))).toEqual({ into: mi(40), by: 'owner' });
});

test('while its owner says that it stands, the clock counts nothing', () => {
  const stood = { rolled: { before: 0 } };
  expect(milesNow(way, stood, day(1.5))).toEqual({ into: mi(40), by: 'owner' });
  const off = rolls(stood, true, day(1.5));
  expect(miles(milesNow(way, off, day(1.5 + HOUR)).into)).toBe(105);
  const again = rolls(off, false, day(1.5 + HOUR));
  expect(miles(milesNow(way, again, day(3)).into)).toBe(105);
  // Twice the same word changes nothing.
  expect(rolls(again, false, day(4)).rolled).toEqual(again.rolled);
  expect(rolls(off, true, day(4)).rolled).toEqual(off.rolled);
});

test('an instrument comes before position, position before the clock; only what came since counts', () => {
  const position = { in: mi(58), told: mi(41) };
  const instrument = { in: mi(60), told: mi(42) };
  const now = (counting: Parameters<typeof milesNow>[1]) => {
    const { into, by } = milesNow(way, counting, day(2));
    return [miles(into), by];
  };
  expect(now({ position })).toEqual([57, 'position']);
  expect(now({ position, instrument })).toEqual([58, 'instrument']);
  const from = countedFrom({ position, instrument, rolled: { before: 9, since: day(1) } }, day(2));
  expect(from).toEqual({
    position: { in: mi(58), told: mi(58) },
    instrument: { in: mi(60), told: mi(60) },
    rolled: { before: 0, since: day(2) },
  });
});

test('counts that differ by more than counting does are told, the owner’s stand', () => {
  expect(differing(mi(120), { position: mi(118), instrument: mi(121) })).toEqual([]);
  expect(differing(mi(120), { position: mi(112) })).toEqual([{ by: 'position', counted: mi(112) }]);
  expect(differing(mi(4), { instrument: mi(4.8) })).toEqual([]);
  expect(differing(mi(4), { instrument: mi(6) })).toEqual([{ by: 'instrument', counted: mi(6) }]);
  expect(differing(mi(4), {})).toEqual([]);
});
