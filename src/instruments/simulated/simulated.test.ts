import { toSI } from '@/core/base';
import type { WheelEnd } from '@/core/rig';
import { beginTrip, stepTrip, TICK, type Fault, type TripRun } from '.';
import { pressureIn, type Stretch } from './world';

const psi = (value: number) => toSI(value, 'psi');
const ENDS: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];
const mph = (value: number) => toSI(value, 'mi') / 3600;
const highway: Stretch = { speed: mph(60), length: 1e9, braked: false };

function ride(minutes: number, faults: readonly Fault[] = [], way: readonly Stretch[] = [highway], seed = 3) {
  let run: TripRun = beginTrip({
    seed,
    ends: ENDS,
    cold: () => psi(65),
    outside: toSI(70, '°F'),
    way,
    faults,
  });
  const samples = [];
  for (let s = 0; s < minutes * 60; s += TICK) {
    const step = stepTrip(run, s * 1000);
    run = step.run;
    samples.push(...step.samples);
  }
  return { run, samples };
}

const hub = ({ run }: ReturnType<typeof ride>, end: WheelEnd) => run.world.wheels[end]?.hub ?? NaN;
const tire = ({ run }: ReturnType<typeof ride>, end: WheelEnd) => {
  const wheel = run.world.wheels[end];
  return wheel ? pressureIn(wheel) : NaN;
};

test('the same seed gives the same trip, another one another', () => {
  expect(ride(30).samples).toEqual(ride(30).samples);
  expect(ride(30, [], [highway], 4).samples).not.toEqual(ride(30).samples);
});

test('at 60 mph for an hour and a half a tire is some tenth over cold, a free hub some 30 °F over the air', () => {
  const after = ride(90);
  for (const end of ENDS) {
    const rise = tire(after, end) / psi(65) - 1;
    expect(rise).toBeGreaterThan(0.08);
    expect(rise).toBeLessThan(0.15);
    expect(hub(after, end) - toSI(70, '°F')).toBeGreaterThan(13);
    expect(hub(after, end) - toSI(70, '°F')).toBeLessThan(24);
  }
});

test('worked: 65 psi at 70 °F warmed by 28 K at the same air is 72.6 psi', () => {
  const abs = psi(65) + 101_325;
  const t = toSI(70, '°F');
  expect((pressureIn({ air: abs / t, tire: t + 28 }) / psi(1)).toFixed(1)).toBe('72.6');
});

test('a leak loses its 2 psi in 10 minutes, the others nothing', () => {
  const leak: Fault = { is: 'leak', place: '1R', from: 0, rate: psi(2) / 600 };
  const lost = tire(ride(10), '1R') - tire(ride(10, [leak]), '1R');
  expect(lost / psi(1)).toBeGreaterThan(1.9);
  expect(lost / psi(1)).toBeLessThan(2.2);
  expect(tire(ride(10, [leak]), '1L')).toBeCloseTo(tire(ride(10), '1L'), 3);
});

test('a failing bearing is over 170 °F within 40 miles and its mate is not; a dragging brake warms as well', () => {
  const worn = ride(45, [{ is: 'bearing', place: '2L', from: 0 }]);
  expect(hub(worn, '2L')).toBeGreaterThan(toSI(170, '°F'));
  expect(hub(worn, '2R')).toBeLessThan(toSI(120, '°F'));
  expect(hub(ride(45, [{ is: 'brake', place: '1L', from: 0 }]), '1L')).toBeGreaterThan(toSI(140, '°F'));
});

test('held, it stands and cools, and the way goes on where it was', () => {
  const { run } = ride(40);
  const warm = run.world.wheels['1L']?.hub ?? 0;
  let held = run;
  for (let s = 0; s < 3600; s += TICK) held = stepTrip(held, s * 1000, true).run;
  expect(held.world.distance - run.world.distance).toBeLessThan(400);
  expect(held.world.wheels['1L']?.hub).toBeLessThan(warm - 5);
  expect(held.stretch).toBe(run.stretch);
});

test('every figure is marked as made up, and steps as sensors do', () => {
  const { samples } = ride(30);
  expect(samples.every(({ from }) => from.simulated)).toBe(true);
  const half = samples.filter(({ what, value }) => what === 'pressure' && value < psi(150) && value > 0);
  expect(
    half.filter(({ value }) => Math.abs((value / psi(0.5)) % 1) < 1e-6).length / half.length,
  ).toBeGreaterThan(0.9);
});
