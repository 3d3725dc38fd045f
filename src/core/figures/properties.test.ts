import fc from 'fast-check';
import { toSI } from '../base';
import { STUD_COUNTS } from '../rig';
import {
  checkTorque,
  crowfootSetting,
  endPlay,
  pinStops,
  starGap,
  starOrder,
  stopsInWindow,
  torqueStages,
} from '.';

const anyNut = fc.record({
  pitch: fc.constantFrom(toSI(1 / 14, 'in'), toSI(1 / 12, 'in'), toSI(1 / 16, 'in'), 0.0015),
  slots: fc.integer({ min: 3, max: 12 }),
  holes: fc.constantFrom(1, 2),
});
const window = { min: toSI(0.001, 'in'), max: toSI(0.01, 'in') };

describe.each(STUD_COUNTS)('the star of %d', (studs) => {
  const order = starOrder(studs);

  test('takes every nut once, the top one first', () => {
    expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: studs }, (_, i) => i + 1));
    expect(order[0]).toBe(1);
  });

  test('goes across, and to a neighbor only where four leave no other way', () => {
    const step = (2 * Math.PI) / studs;
    const gaps = order.slice(1).map((stud, i) => Math.round(starGap(studs, order[i] ?? 0, stud) / step));
    expect(gaps.filter((gap) => gap < 2)).toHaveLength(studs === 4 ? 1 : 0);
    if (studs % 2 === 0) expect(gaps[0]).toBe(studs / 2);
  });
});

describe('pin stops', () => {
  test('begin at seated, run up, and never pass a turn', () => {
    fc.assert(
      fc.property(anyNut, (nut) => {
        const stops = pinStops(nut);
        expect(stops[0]).toBe(0);
        expect([...stops].sort((a, b) => a - b)).toEqual([...stops]);
        expect(stops.every((turn) => turn >= 0 && turn < 1)).toBe(true);
        expect(new Set(stops).size).toBe(stops.length);
      }),
    );
  });

  test('a second hole never makes the setting coarser', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 12 }), (slots) => {
        expect(pinStops({ slots, holes: 2 }).length).toBeGreaterThanOrEqual(
          pinStops({ slots, holes: 1 }).length,
        );
      }),
    );
  });

  test('the list runs past the window, and marks exactly what lies inside', () => {
    fc.assert(
      fc.property(anyNut, (nut) => {
        const stops = stopsInWindow(nut, window);
        expect(stops.length).toBeGreaterThanOrEqual(4);
        expect(stops.at(-1)?.play).toBeGreaterThan(window.max);
        for (const stop of stops) {
          expect(stop.play).toBeCloseTo(endPlay(nut.pitch, stop.turn), 12);
          expect(stop.slots).toBeCloseTo(stop.turn * nut.slots, 9);
          expect(stop.inside).toBe(stop.play >= window.min - 1e-9 && stop.play <= window.max + 1e-9);
        }
      }),
    );
  });
});

describe('an offset adapter', () => {
  const length = fc.double({ min: 0.2, max: 1, noNaN: true });

  test('square to the wrench changes nothing, in line asks for less', () => {
    fc.assert(
      fc.property(length, fc.double({ min: 0.02, max: 0.1, noNaN: true }), (wrench, adapter) => {
        expect(crowfootSetting(150, wrench, adapter, Math.PI / 2)).toBeCloseTo(150, 9);
        expect(crowfootSetting(150, wrench, adapter, 0)).toBeLessThan(150);
        expect(crowfootSetting(150, wrench, adapter, Math.PI)).toBeGreaterThan(150);
      }),
    );
  });
});

describe('torque', () => {
  test('stages keep their shares of any figure, and know nothing without one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 400, noNaN: true }),
        fc.constantFrom('air-then-ground', 'all-on-ground', 'snug-then-twice'),
        (final, school) => {
          for (const stage of torqueStages(final, school))
            if (stage.share > 0) expect(stage.torque).toBeCloseTo(final * stage.share, 9);
            else expect(stage.torque).toBeUndefined();
          for (const stage of torqueStages(undefined, school)) expect(stage.torque).toBeUndefined();
        },
      ),
    );
  });

  test.each([
    [0.5, 59, false],
    [0.5, 60, true],
    [0.5, 75, true],
    [0.5, 80, false],
    [0.5, 90, true],
    [0.5, 120, true],
    [0.5, 121, false],
    [0.5625, 119, false],
    [0.5625, 140, true],
    [0.625, 174, false],
    [0.625, 225, true],
  ])('for a stud of %d in, %d lbf·ft is usual: %s', (inches, torque, usual) => {
    expect(checkTorque(toSI(torque, 'lbf·ft'), toSI(inches, 'in')).usual).toBe(usual);
  });

  test('for a stud that nobody measured the widest band holds', () => {
    expect(checkTorque(toSI(60, 'lbf·ft'), undefined).usual).toBe(true);
    expect(checkTorque(toSI(225, 'lbf·ft'), undefined).usual).toBe(true);
    expect(checkTorque(toSI(30, 'lbf·ft'), undefined).usual).toBe(false);
  });
});
