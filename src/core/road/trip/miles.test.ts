import { mi, storyFrom } from '../../testing/story';
import { countOn, countsFrom, differing, milesNow, rolls } from '..';

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
  const at = day(2);
  const position = { in: mi(58), told: mi(41), at };
  const instrument = { in: mi(60), told: mi(42), at };
  const now = (counting: Parameters<typeof milesNow>[1]) => {
    const { into, by } = milesNow(way, counting, at);
    return [miles(into), by];
  };
  const rolled = { before: 0, since: day(1) };
  expect(now({ position, rolled })).toEqual([57, 'position']);
  expect(now({ position, instrument, rolled })).toEqual([58, 'instrument']);
  const told = countsFrom(
    { position, instrument, rolled: { before: 9, since: day(1) } },
    { at: day(1), told: at },
    at,
  );
  expect(told).toEqual({
    from: at,
    position: { in: mi(58), told: mi(58), at },
    instrument: { in: mi(60), told: mi(60), at },
    rolled: { before: 0, since: at },
  });
  // Told once, it counts from there for good.
  expect(countsFrom(told, { at: day(1), told: at }, day(3))).toBe(told);
});

test('a counter that falls silent while it rolls: from then on the clock counts, and what nobody counted stays', () => {
  const MINUTE = HOUR / 60;
  const rolling = rolls({ rolled: { before: 0 } }, true, day(1));
  const on = countOn(rolling, 'position', mi(10), day(1 + 10 * MINUTE));
  const at = (counting: Parameters<typeof milesNow>[1], minutes: number) => {
    const { into, by } = milesNow(way, counting, day(1 + minutes * MINUTE));
    return [miles(into), by];
  };
  // Ten minutes before the first count are unknown, unless it made up for them.
  expect(at(on, 10)).toEqual([50, 'position']);
  expect(at(on, 12)).toEqual([50, 'position']);
  expect(at(on, 40)).toEqual([83, 'clock']);
  // Back after a reload it counts on from where it was: the half hour is gone for good.
  const back = countOn(on, 'position', mi(10), day(1 + 40 * MINUTE));
  expect(at(back, 40)).toEqual([83, 'clock']);
  expect(at(countOn(back, 'position', mi(15), day(1 + 45 * MINUTE)), 45)).toEqual([88, 'clock']);
  // Back out of a tunnel it brings the way through along.
  expect(at(countOn(on, 'position', mi(32), day(1 + 40 * MINUTE)), 40)).toEqual([72, 'position']);
  // While it stands nothing is lost.
  const stands = rolls(on, false, day(1 + 11 * MINUTE));
  expect(at(countOn(stands, 'position', mi(10), day(1 + 90 * MINUTE)), 90)).toEqual([50, 'position']);
});

test('counts that differ by more than counting does are told, the owner’s stand', () => {
  expect(differing(mi(120), { position: mi(118), instrument: mi(121) })).toEqual([]);
  expect(differing(mi(120), { position: mi(112) })).toEqual([{ by: 'position', counted: mi(112) }]);
  expect(differing(mi(4), { instrument: mi(4.8) })).toEqual([]);
  expect(differing(mi(4), { instrument: mi(6) })).toEqual([{ by: 'instrument', counted: mi(6) }]);
  expect(differing(mi(4), {})).toEqual([]);
});

test('miles that were typed take the place of what the clock counted, on whichever page they are told', () => {
  const begun = day(1);
  // An hour and a half rolled, then it stands at a stop: 97 mi at most.
  const stands = rolls(rolls({ rolled: { before: 0 } }, true, begun), false, day(1 + 1.5 * HOUR));
  const before = milesNow({ into: 0, told: begun }, stands, day(1 + 1.6 * HOUR));
  expect([miles(before.into), before.by]).toEqual([98, 'clock']);
  const told = day(1 + 1.6 * HOUR);
  const after = { at: begun, told, into: mi(62) };
  const counts = (now: string) => countsFrom(stands, after, now);
  expect(milesNow(after, counts(told), told)).toEqual({ into: mi(62), by: 'owner' });
  // Driven on at once, by the same tap: the hour and a half does not come back.
  const off = rolls(counts(told), true, told);
  const soon = milesNow(after, off, day(1 + 1.6 * HOUR + HOUR / 300));
  expect([miles(soon.into), soon.by]).toEqual([62, 'owner']);
  expect(miles(milesNow(after, off, day(1 + 2.6 * HOUR)).into)).toBe(127);
});

test('heard of late, what rolled meanwhile counts by the clock, never for less', () => {
  const told = day(1);
  const position = { in: mi(80), told: 0, at: day(1 + HOUR) };
  const counting = { position, rolled: { before: 0, since: day(1 - HOUR) } };
  const way = { at: day(1 - HOUR), told, into: mi(30) };
  const heard = countsFrom(counting, way, day(1 + HOUR));
  expect(miles(milesNow(way, heard, day(1 + HOUR)).into)).toBe(95);
});
