import fc from 'fast-check';
import { fromSI, toSI } from '../base';
import { sampleModel } from '../testing/arbitraries';
import {
  afterMiles,
  coastDown,
  gapOf,
  handDrag,
  heatAfter,
  hubOutcome,
  looseHub,
  makeHub,
  nutTorque,
  pinAt,
  pinned,
  pinStep,
  playOf,
  PROVING,
  rimMove,
  rockGrade,
  schoolLands,
  spinGrade,
  turnNut,
  USUAL_NUT,
  type HubStand,
  type PracticeHub,
} from './hub';

const model = sampleModel({ axles: 1 });
const inches = (m: number) => fromSI(m, 'in');
const degrees = (k: number) => k * 1.8;
const seeds = fc.integer({ min: 1, max: 1e6 });

/** As the default school says: seat it turning, let it off without turning, finger-tight, back to the first slot. */
function byTheBook(hub: PracticeHub): HubStand {
  const seated = turnNut(hub, looseHub(hub), -2, { tool: 'wrench', spinning: true });
  const off = turnNut(hub, { ...seated }, 0.5, { tool: 'wrench', spinning: false });
  const finger = turnNut(hub, off, -1, { tool: 'fingers', spinning: false });
  const { at, back } = pinAt(hub, finger);
  return pinned(hub, turnNut(hub, finger, at ? 0 : back, { tool: 'fingers', spinning: false }));
}

test('a quarter turn at 14 threads an inch is 0.018 in', () => {
  const hub = { ...makeHub(USUAL_NUT, 1), hidden: 0 };
  expect(inches(playOf(hub, { turn: 0.25, unseated: 0 }))).toBeCloseTo(0.0179, 4);
  expect(pinStep(USUAL_NUT)).toBeCloseTo(1 / 6);
  expect(pinStep({ slots: 6, holes: 2 })).toBeCloseTo(1 / 12);
});

test('by the default school every hub ends within a slot of seated, its rollers home, and no play comes out later', () => {
  fc.assert(
    fc.property(seeds, (seed) => {
      const hub = makeHub(USUAL_NUT, seed);
      const set = byTheBook(hub);
      const { settled, came, spin } = hubOutcome(hub, set, model, '1L');
      expect(set.turn).toBeGreaterThanOrEqual(-0.002);
      expect(inches(settled)).toBeLessThanOrEqual(0.0121);
      expect(Math.abs(inches(came))).toBeLessThan(0.0003);
      expect(spin).toBe('free');
    }),
  );
});

test('set without turning the hub, what was hidden comes out in the first miles', () => {
  fc.assert(
    fc.property(seeds, (seed) => {
      const hub = makeHub(USUAL_NUT, seed);
      const tight = turnNut(hub, looseHub(hub), -2, { tool: 'wrench', spinning: false });
      const off = turnNut(hub, tight, 0.5, { tool: 'wrench', spinning: false });
      const finger = turnNut(hub, off, -1, { tool: 'fingers', spinning: false });
      expect(finger.unseated).toBe(hub.hidden);
      expect(playOf(hub, afterMiles(finger))).toBeGreaterThan(toSI(0.0018, 'in'));
    }),
  );
});

test('fingers neither preload a hub nor break a nut loose that a wrench has tightened', () => {
  fc.assert(
    fc.property(seeds, (seed) => {
      const hub = makeHub(USUAL_NUT, seed);
      const finger = turnNut(hub, looseHub(hub), -3, { tool: 'fingers', spinning: false });
      expect(nutTorque(hub, finger)).toBeLessThanOrEqual(1.3);
      expect(spinGrade(hub, finger)).toBe('free');
      const tight = turnNut(hub, finger, -1, { tool: 'wrench', spinning: true });
      expect(nutTorque(hub, tight)).toBeGreaterThan(60);
      expect(spinGrade(hub, tight)).toBe('tight');
      expect(turnNut(hub, tight, 0.2, { tool: 'fingers', spinning: false })).toEqual(tight);
    }),
  );
});

test('more preload is always hotter, drags more and coasts shorter; play never does', () => {
  fc.assert(
    fc.property(seeds, fc.double({ min: -0.08, max: -0.001, noNaN: true }), (seed, turn) => {
      const hub = makeHub(USUAL_NUT, seed);
      const [more, less] = [
        { turn, unseated: 0 },
        { turn: turn / 2, unseated: 0 },
      ];
      expect(heatAfter(hub, more, PROVING)).toBeGreaterThan(heatAfter(hub, less, PROVING));
      expect(handDrag(hub, more)).toBeGreaterThan(handDrag(hub, less));
      expect(coastDown(hub, more).length).toBeLessThanOrEqual(coastDown(hub, less).length);
    }),
  );
});

test('end play inside the window is never over 15 °F above a free mate', () => {
  const free = { turn: 1, unseated: 0 };
  fc.assert(
    fc.property(seeds, fc.double({ min: 0.001, max: 0.01, noNaN: true }), (seed, play) => {
      const hub = makeHub(USUAL_NUT, seed);
      const stand = { turn: toSI(play, 'in') / USUAL_NUT.pitch, unseated: 0 };
      expect(degrees(heatAfter(hub, stand, PROVING) - heatAfter(hub, free, PROVING))).toBeLessThan(15);
      expect(rockGrade(hub, stand)).not.toBe('clunks');
    }),
  );
});

test('a nut left at its seating torque burns: over 40 °F above its mate after twenty miles', () => {
  const hub = makeHub(USUAL_NUT, 7);
  const tight = turnNut(hub, looseHub(hub), -2, { tool: 'wrench', spinning: true });
  const { overMate, verdict } = hubOutcome(hub, tight, model, '1L');
  expect(degrees(overMate)).toBeGreaterThan(40);
  expect(verdict).not.toBe('clear');
});

test('worked: 0.005 in of end play moves the tire by 0.0124 in; 0.020 in is plainly felt', () => {
  expect(inches(rimMove(toSI(0.005, 'in')))).toBeCloseTo(0.0124, 4);
  const at = (play: number) =>
    rockGrade(makeHub(USUAL_NUT, 1), { turn: toSI(play, 'in') / USUAL_NUT.pitch, unseated: 0 });
  expect([0.003, 0.011, 0.018, 0.04].map(at)).toEqual(['none', 'just-felt', 'felt', 'clunks']);
});

test('the dial judges as on the Bench: too tight and too loose are due, far too loose is stop', () => {
  const hub = makeHub(USUAL_NUT, 3);
  const verdictAt = (play: number) =>
    hubOutcome(hub, { turn: toSI(play, 'in') / USUAL_NUT.pitch, unseated: 0 }, model, '1L').verdict;
  expect(verdictAt(0.005)).toBe('clear');
  expect(verdictAt(0.0005)).toBe('due');
  expect(verdictAt(0.015)).toBe('due');
  expect(verdictAt(0.03)).toBe('stop');
});

test('every school lands at a place of the pin; a quarter turn lands looser than finger-tight', () => {
  fc.assert(
    fc.property(seeds, fc.constantFrom(1, 2), (seed, holes) => {
      const hub = makeHub({ ...USUAL_NUT, holes }, seed);
      const { turn, play } = schoolLands(hub, 'finger-tight');
      expect(pinAt(hub, { turn, unseated: 0 }).at).toBe(true);
      expect(play).toBeLessThanOrEqual(pinStep(hub.nut) * USUAL_NUT.pitch + 1e-9);
      expect(schoolLands(hub, 'quarter-turn').play).toBeGreaterThan(play);
    }),
  );
});

test('the pin is found from wherever the nut stands', () => {
  fc.assert(
    fc.property(seeds, fc.double({ min: -0.05, max: 1, noNaN: true }), (seed, turn) => {
      const hub = makeHub(USUAL_NUT, seed);
      const { back, on } = pinAt(hub, { turn, unseated: 0 });
      expect(pinAt(hub, { turn: turn + back, unseated: 0 }).at).toBe(true);
      expect(pinAt(hub, { turn: turn - on, unseated: 0 }).at).toBe(true);
      expect(
        Math.abs(gapOf(hub, pinned(hub, { turn, unseated: 0 })) - USUAL_NUT.pitch * turn),
      ).toBeLessThanOrEqual((pinStep(USUAL_NUT) / 2) * USUAL_NUT.pitch + 1e-9);
    }),
  );
});
