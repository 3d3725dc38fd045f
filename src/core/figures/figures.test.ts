import { fromSI, toSI } from '../base';
import { STUD_COUNTS } from '../rig';
import {
  checkTorque,
  crowfootSetting,
  endPlay,
  pinStops,
  starGap,
  starOrder,
  stopsInWindow,
  turnsBack,
  torqueStages,
} from '.';

const pitch14 = toSI(1 / 14, 'in');
const window = { min: toSI(0.001, 'in'), max: toSI(0.01, 'in') };
const inches = (metres: number) => fromSI(metres, 'in');

describe('wrench with an offset adapter', () => {
  const T = toSI(110, 'lbf·ft');
  const L = toSI(18, 'in');
  const E = toSI(2.5, 'in');

  test('in line it lowers the setting', () => {
    expect(fromSI(crowfootSetting(T, L, E, 0), 'lbf·ft')).toBeCloseTo(96.59, 2);
  });
  test('square to the wrench it changes nothing', () => {
    expect(fromSI(crowfootSetting(T, L, E, Math.PI / 2), 'lbf·ft')).toBeCloseTo(110, 6);
  });
});

describe('nut movement and end play', () => {
  test.each([
    [1 / 6, 0.0119],
    [1 / 12, 0.006],
    [1 / 4, 0.0179],
  ])('14 threads to the inch, %d of a turn', (turn, play) => {
    expect(inches(endPlay(pitch14, turn))).toBeCloseTo(play, 4);
  });

  test('six slots and one hole stop every slot; two holes every half slot', () => {
    expect(pinStops({ slots: 6, holes: 1 })).toHaveLength(6);
    expect(pinStops({ slots: 6, holes: 2 })).toHaveLength(12);
    // Four slots line up with both holes at once: the second hole buys nothing.
    expect(pinStops({ slots: 4, holes: 2 })).toHaveLength(4);
    // An odd nut meets the two ends of one hole in turn.
    expect(pinStops({ slots: 5, holes: 1 })).toHaveLength(10);
  });

  test('with one hole no slot of a 14-thread nut lands inside the window; with two the half slot does', () => {
    const one = stopsInWindow({ pitch: pitch14, slots: 6, holes: 1 }, window);
    expect(one.some((stop) => stop.inside)).toBe(false);
    const two = stopsInWindow({ pitch: pitch14, slots: 6, holes: 2 }, window);
    const inside = two.filter((stop) => stop.inside);
    expect(inside).toHaveLength(1);
    expect(inside[0]?.slots).toBeCloseTo(0.5, 9);
    expect(inches(inside[0]?.play ?? 0)).toBeCloseTo(0.006, 4);
  });

  test('the turn really made is told by quarters of a slot, past the farthest that the first slot can be', () => {
    const made = turnsBack({ pitch: pitch14, slots: 6, holes: 1 }, window);
    expect(made.map(({ slots }) => slots)).toEqual([0, 0.25, 0.5, 0.75, 1]);
    expect(made.map(({ inside }) => inside)).toEqual([false, true, true, true, false]);
    expect(inches(made[1]?.play ?? 0)).toBeCloseTo(0.003, 4);
    // On a coarse thread with few slots a quarter is past the window already.
    const coarse = turnsBack({ pitch: pitch14 * 4, slots: 3, holes: 1 }, window);
    expect(coarse.slice(1).some(({ inside }) => inside)).toBe(false);
    expect(coarse[coarse.length - 1]?.slots).toBeGreaterThanOrEqual(1);
  });

  test('the limits of the window are inside it', () => {
    const at = stopsInWindow({ pitch: window.max * 6, slots: 6, holes: 1 }, window);
    expect(at[1]?.inside).toBe(true);
    expect(at[2]?.inside).toBe(false);
  });
});

describe('star order', () => {
  test.each(STUD_COUNTS)('%d studs: each once, and never the neighbour next', (studs) => {
    const order = starOrder(studs);
    expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: studs }, (_, i) => i + 1));
    order.slice(1).forEach((stud, i) => {
      expect(starGap(studs, order[i] ?? 0, stud)).toBeGreaterThanOrEqual(Math.PI / 2 - 1e-9);
    });
  });
});

describe('stages of torque', () => {
  test('house school: 20 and 50 % in the air, full twice on the ground', () => {
    const stages = torqueStages(toSI(110, 'lbf·ft'), 'air-then-ground');
    expect(stages.map((s) => [s.where, Math.round(fromSI(s.torque ?? 0, 'lbf·ft'))])).toEqual([
      ['air', 22],
      ['air', 55],
      ['ground', 110],
      ['ground', 110],
    ]);
  });

  test.each(['air-then-ground', 'all-on-ground', 'snug-then-twice'] as const)(
    '%s never lowers, and its last two rounds are full on the ground',
    (school) => {
      const stages = torqueStages(100, school);
      stages.slice(1).forEach((s, i) => expect(s.share).toBeGreaterThanOrEqual(stages[i]?.share ?? 2));
      stages.slice(-2).forEach((s) => expect(s).toMatchObject({ share: 1, where: 'ground', torque: 100 }));
    },
  );

  test('without a figure no stage invents one', () => {
    expect(torqueStages(undefined, 'air-then-ground').every((s) => s.torque === undefined)).toBe(true);
  });
});

describe('is this torque usual', () => {
  test.each([
    [1 / 2, 90, true],
    [1 / 2, 120, true],
    [1 / 2, 121, false],
    [1 / 2, 85, false],
    [1 / 2, 60, true],
    [1 / 2, 59, false],
    [9 / 16, 120, true],
    [9 / 16, 140, true],
    [9 / 16, 110, false],
    [5 / 8, 175, true],
    [5 / 8, 225, true],
    [5 / 8, 150, false],
  ])('%d in stud at %d lbf·ft: %s', (diameter, torque, usual) => {
    expect(checkTorque(toSI(torque, 'lbf·ft'), toSI(diameter, 'in')).usual).toBe(usual);
  });

  test('60 to 75 on a half-inch stud is usual for light trailers only', () => {
    expect(checkTorque(toSI(70, 'lbf·ft'), toSI(0.5, 'in'))).toMatchObject({ usual: true, light: true });
  });

  test('an unknown stud is held against all of them', () => {
    expect(checkTorque(toSI(110, 'lbf·ft'), undefined).usual).toBe(true);
    expect(checkTorque(toSI(1100, 'lbf·ft'), undefined).usual).toBe(false);
    expect(checkTorque(toSI(11, 'lbf·ft'), undefined).usual).toBe(false);
  });
});
