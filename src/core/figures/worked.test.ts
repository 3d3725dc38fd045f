import * as fc from 'fast-check';
import { toSI } from '../base';
import {
  adapterChange,
  askew,
  atMagnets,
  axleFor,
  balanceOf,
  brakeCost,
  brakeFuse,
  cartridgesFor,
  clampLoad,
  crowfootSetting,
  distanceLeft,
  drumLeft,
  eyeWear,
  FRICTION,
  gaugeFor,
  greasedOver,
  greaseOfStrokes,
  hangerPlaces,
  inflationTime,
  leakBetween,
  liftCapacity,
  liftFit,
  loadAtPressure,
  magnetCurrent,
  moveFor,
  perStep,
  pressureForLoad,
  spacingMatch,
  tongueByScale,
  TONGUE_WINDOW,
  weighed,
  wireResistance,
  wireRun,
  type Load,
} from '.';

const lb = (value: number) => toSI(value, 'lb');
const inch = (value: number) => toSI(value, 'in');
const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');

const LOADS: readonly Load[] = [
  { weight: lb(620), at: inch(105) },
  { weight: lb(900), at: inch(110) },
  { weight: lb(300), at: inch(60) },
  { weight: lb(150), at: inch(160) },
];

function balanced(loads = LOADS, axle = inch(126)) {
  const balance = balanceOf(loads, axle);
  if (!balance.ok) throw new Error(balance.error.code);
  return balance.value;
}

describe('balance, by the worked value of the handbook', () => {
  test('334 lb on the tongue, 17.0 %', () => {
    const { tongue, share, axle, weight } = balanced();
    expect(tongue / lb(1)).toBeCloseTo(334, 0);
    expect(share).toBeCloseTo(0.17, 3);
    expect(tongue + axle).toBeCloseTo(weight, 9);
  });

  test('the axle that puts a share on the tongue does, and so does the load that is moved', () => {
    const { center } = balanced();
    const axle = axleFor(center, 0.12) ?? 0;
    expect(balanced(LOADS, axle).share).toBeCloseTo(0.12, 9);
    const [first, ...rest] = LOADS;
    if (!first) throw new Error();
    const move = moveFor(balanced(), inch(126), first, 0.12) ?? 0;
    expect(move).toBeGreaterThan(0);
    expect(balanced([{ ...first, at: first.at + move }, ...rest]).share).toBeCloseTo(0.12, 9);
  });

  test('what makes no balance is told', () => {
    expect(balanceOf([], 3)).toEqual({ ok: false, error: { code: 'nothing-loaded' } });
    expect(balanceOf(LOADS, 0)).toEqual({ ok: false, error: { code: 'axle-not-behind' } });
    expect(balanceOf(LOADS, -1).ok).toBe(false);
    expect(balanceOf([{ weight: -5, at: 1 }], 3)).toEqual({ ok: false, error: { code: 'weight-negative' } });
    expect(axleFor(0, 0.1)).toBeUndefined();
    expect(axleFor(3, 1)).toBeUndefined();
    expect(moveFor(balanced(), 3, { weight: 0, at: 1 }, 0.1)).toBeUndefined();
  });

  test('hitch and axle carry all of it, with the moments about the coupler', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            weight: fc.double({ min: 1, max: 2000, noNaN: true }),
            at: fc.double({ min: 0, max: 8, noNaN: true }),
          }),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.double({ min: 1, max: 8, noNaN: true }),
        (loads, axle) => {
          const balance = balanceOf(loads, axle);
          if (!balance.ok) throw new Error(balance.error.code);
          const { tongue, axle: carried, weight, center } = balance.value;
          expect(tongue + carried).toBeCloseTo(weight, 6);
          // Moments about the coupler.
          expect(carried * axle).toBeCloseTo(weight * center, 5);
        },
      ),
    );
  });

  test('the windows are those of the handbook', () => {
    expect(TONGUE_WINDOW.trailer).toEqual({ min: 0.1, max: 0.15 });
    expect(TONGUE_WINDOW.boat).toEqual({ min: 0.07, max: 0.12 });
  });
});

describe('weighing', () => {
  test('a bathroom scale under a plank multiplies by its lever', () => {
    expect(tongueByScale(lb(110), 1, 3) / lb(1)).toBeCloseTo(330, 6);
  });

  test('three tickets', () => {
    const result = weighed({ alone: lb(5200), hitched: lb(5560), whole: lb(8540) });
    if (!result.ok) throw new Error(result.error.code);
    expect(result.value.tongue / lb(1)).toBeCloseTo(360, 6);
    expect(result.value.axles / lb(1)).toBeCloseTo(2980, 6);
    expect(result.value.share).toBeCloseTo(360 / 3340, 9);
  });

  test.each([
    [
      'hitched below alone',
      { alone: 2400, hitched: 2380, whole: 4000 },
      { code: 'hitched-below-alone', by: 20 },
    ],
    [
      'whole below hitched',
      { alone: 2400, hitched: 2500, whole: 2450 },
      { code: 'whole-below-hitched', by: 50 },
    ],
    [
      'more on the tongue than on the axles',
      { alone: 2000, hitched: 3000, whole: 3400 },
      { code: 'tongue-over-axles', by: 600 },
    ],
  ])('tickets that contradict each other: %s', (_, tickets, error) => {
    expect(weighed(tickets)).toEqual({ ok: false, error });
  });
});

describe('jack, blocks and stand', () => {
  const lift = {
    closed: 0.13,
    raised: 0.38,
    blocks: 0.1,
    point: 0.25,
    sag: 0.07,
    droop: 0.05,
    clearance: 0.02,
  };

  test('goes under and lifts enough, with the blocks that do both', () => {
    const fit = liftFit(lift);
    expect(fit).toMatchObject({ goesUnder: true, liftsEnough: true });
    expect(fit.needed).toBeCloseTo(0.39, 9);
    expect(fit.spareBelow).toBeCloseTo(0.02, 9);
    expect(fit.spareAbove).toBeCloseTo(0.09, 9);
    expect(fit.blocks?.min).toBeCloseTo(0.01, 9);
    expect(fit.blocks?.max).toBeCloseTo(0.12, 9);
  });

  test('one that is too tall, too short, or neither with any block', () => {
    expect(liftFit({ ...lift, blocks: 0.2 }).goesUnder).toBe(false);
    expect(liftFit({ ...lift, blocks: 0 }).liftsEnough).toBe(false);
    expect(liftFit({ ...lift, raised: 0.2 }).blocks).toBeUndefined();
  });

  test('blocks within the window do both, whatever the jack', () => {
    const at = fc.double({ min: 0.05, max: 0.6, noNaN: true });
    fc.assert(
      fc.property(at, at, at, at, (closed, more, point, sag) => {
        const base = { closed, raised: closed + more, blocks: 0, point, sag, droop: 0.03, clearance: 0.02 };
        const { blocks } = liftFit(base);
        if (!blocks) return;
        const fit = liftFit({ ...base, blocks: (blocks.min + blocks.max) / 2 });
        expect(fit).toMatchObject({ goesUnder: true, liftsEnough: true });
      }),
    );
  });

  test('a quarter over the share of a side', () => {
    expect(liftCapacity(lb(7000), lb(800)) / lb(1)).toBeCloseTo(3875, 6);
  });
});

describe('brakes', () => {
  const circuit = { volts: 12.6, magnet: 3.2, length: toSI(30, 'ft'), gauge: 12 } as const;

  test('four magnets: 14.07 A, 3.52 A each, 11.26 V', () => {
    const at = atMagnets(circuit, 4);
    expect(at.current).toBeCloseTo(14.07, 1);
    expect(at.each).toBeCloseTo(3.52, 1);
    expect(at.volts).toBeCloseTo(11.26, 1);
    expect(magnetCurrent(circuit, 3)).toBeCloseTo(10.84, 1);
    expect(atMagnets(circuit, 0)).toEqual({ current: 0, each: 0, volts: 0 });
  });

  test('the thinnest wire that keeps the loss under a figure, and the fuse over the current', () => {
    const current = atMagnets(circuit, 4).current;
    const gauge = gaugeFor(current, circuit.length, 1);
    expect(gauge).toBe(10);
    expect(current * wireResistance(10, circuit.length)).toBeLessThanOrEqual(1);
    expect(current * wireResistance(12, circuit.length)).toBeGreaterThan(1);
    expect(gaugeFor(100, 30, 0.1)).toBeUndefined();
    expect(brakeFuse(14.07)).toBe(20);
    expect(brakeFuse(60)).toBeUndefined();
  });

  test('wire, fuse and splices on bare axles', () => {
    const run = wireRun(2, { toAxle: 4, between: 0.8, across: 1.8 });
    expect(run.wire).toBeCloseTo(2 * (4 + 0.8 + 3.6), 9);
    expect(run.splices).toBe(10);
    expect(wireRun(1, { toAxle: 4, between: 0, across: 1.8 }).splices).toBe(4);
  });

  test('parts, plates or a shop, with the rate at which they come to the same', () => {
    const offer = { parts: 90, partsHours: 3, plates: 150, platesHours: 1.5, rate: 20 };
    const cost = brakeCost(offer);
    expect(cost).toMatchObject({ parts: 150, plates: 180, cheapest: 'parts', breakEven: 40 });
    expect(brakeCost({ ...offer, rate: 60 }).cheapest).toBe('plates');
    expect(brakeCost({ ...offer, quote: 140 }).cheapest).toBe('shop');
    expect(brakeCost({ ...offer, plates: 60 }).breakEven).toBeUndefined();
    const even = brakeCost({ ...offer, rate: 40 });
    expect(even.parts).toBe(even.plates);
  });

  test('what is left of a drum', () => {
    expect(drumLeft(inch(10.06), inch(10))).toBeCloseTo(inch(0.03), 9);
    expect(drumLeft(inch(10.06), inch(10), inch(10.05))).toBeLessThan(0);
  });
});

describe('tires', () => {
  test('what is carried at a lower pressure is what that pressure is worked out from', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 1, noNaN: true }), (share) => {
        const pressure = pressureForLoad(1000 * share, 1000, psi(65));
        expect(loadAtPressure(pressure, 1000, psi(65))).toBeCloseTo(1000 * share, 6);
      }),
    );
    expect(loadAtPressure(psi(90), 1000, psi(65))).toBe(1000);
    expect(loadAtPressure(-1, 1000, psi(65))).toBe(0);
  });

  test('miles left by tread', () => {
    const tread = { new: inch(8 / 32), now: inch(6 / 32), limit: inch(2 / 32) };
    expect(distanceLeft(tread, 10_000)).toBeCloseTo(20_000, 6);
    expect(distanceLeft({ ...tread, now: tread.new }, 10_000)).toBeUndefined();
    expect(distanceLeft({ ...tread, now: tread.limit }, 10_000)).toBe(0);
  });

  test('minutes of a round from the pump', () => {
    const tires = [50, 60, 65, 70].map((now) => ({ now: psi(now), target: psi(65) }));
    expect(inflationTime(tires, psi(4))).toBeCloseTo(5, 9);
  });

  test('a leak: 65 psi at 70 °F, then 61 psi at 55 °F after 30 days is 1.79 psi', () => {
    const leak = leakBetween(
      { pressure: psi(65), temperature: F(70), day: 0 },
      { pressure: psi(61), temperature: F(55), day: 30 },
    );
    expect((leak?.lost ?? 0) / psi(1)).toBeCloseTo(1.79, 2);
    expect(leak?.monthly).toBeCloseTo(leak?.lost ?? 0, 6);
    expect(leak?.least).toBeLessThan(leak?.monthly ?? 0);
    expect(
      leakBetween({ pressure: 1, temperature: 290, day: 3 }, { pressure: 1, temperature: 290, day: 3 }),
    ).toBeUndefined();
  });
});

describe('torque', () => {
  test('an offset adapter: 96.59 in line, the torque itself at a right angle', () => {
    const at = (angle: number) => crowfootSetting(110, 18, 2.5, angle);
    expect(at(0)).toBeCloseTo(96.59, 2);
    expect(at(Math.PI / 2)).toBeCloseTo(110, 9);
  });

  test('an eighth of an inch more on the adapter', () => {
    expect(perStep((adapter) => crowfootSetting(110, 18, adapter, 0), 2.5, 1 / 8)).toBeCloseTo(-0.585, 2);
    expect(perStep(() => undefined, 1, 1)).toBeUndefined();
  });

  test('greased threads pull a stud harder by a quarter to a half', () => {
    const dry = clampLoad(135, inch(0.5), FRICTION.dry);
    expect(dry).toBeCloseTo(135 / (0.2 * 0.0127), 6);
    const { min, max } = greasedOver();
    expect(min).toBeCloseTo(1.25, 9);
    expect(max).toBeCloseTo(1.538, 3);
    expect(clampLoad(135, inch(0.5), FRICTION.greased.min) / dry).toBeCloseTo(max, 9);
  });
});

describe('grease', () => {
  test('strokes to grams, and cartridges for a season', () => {
    expect(greaseOfStrokes(320, 320)).toBeCloseTo(0.397, 9);
    expect(greaseOfStrokes(5, 320)).toBeCloseTo(0.0062, 4);
    expect(cartridgesFor({ hubs: 4, strokes: 5, times: 6 }, 320)).toBeCloseTo(0.375, 9);
  });
});

describe('axles and wheels', () => {
  test('hangers around the middle, for one axle and for two', () => {
    expect(hangerPlaces(3, 0.66)).toEqual({ front: 2.67, middle: 3, rear: 3.33, axles: [3] });
    const two = hangerPlaces(3, 0.66, 0.84);
    expect(two.front).toBeCloseTo(2.25, 9);
    expect(two.rear).toBeCloseTo(3.75, 9);
    expect(two.axles).toEqual([2.58, 3.42]);
  });

  test('an axle that is square has equal diagonals; one that is not is off by about their difference', () => {
    expect(askew(4, 4, 2)).toBe(0);
    expect(askew(4.01, 4, 2)).toBeCloseTo(0.01 / Math.cos(Math.asin(1 / 4.005)), 4);
    expect(askew(1, 1, 2)).toBe(0);
  });

  test('a wheel adapter moves the wheel out by its thickness', () => {
    const change = adapterChange(0.032, 0.05, 0.03);
    expect(change.track).toBeCloseTo(0.064, 9);
    expect(change.fender).toBeCloseTo(0.018, 9);
    expect(change.proud).toBeCloseTo(-0.002, 9);
  });

  test('equalizer and axles against the printed pair, and the wear of an eye', () => {
    const printed = { equalizer: inch(11), axles: inch(33) };
    expect(spacingMatch(printed, printed).matches).toBe(true);
    expect(spacingMatch({ ...printed, equalizer: inch(13) }, printed)).toMatchObject({ matches: false });
    expect(eyeWear(inch(0.68), inch(0.5625)) / inch(1)).toBeCloseTo(0.1175, 6);
  });
});
