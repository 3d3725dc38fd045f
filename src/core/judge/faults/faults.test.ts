import fc from 'fast-check';
import { toSI } from '../../base';
import { sampleModel } from '../../testing/arbitraries';
import {
  cellsOf,
  diagnoseLights,
  faultsOf,
  judgeBrakeCircuit,
  lampsOf,
  lampSteps,
  LAMPS,
  magnetsOf,
  TESTS,
  type Fault,
  type Pattern,
  type Sight,
  type TestDone,
} from '..';

const model = { ...sampleModel({ kind: 'rv' }), gear: { plateLamp: true, markerLamps: true } };
const cells = cellsOf(model);
const lamps = lampsOf(model);

const seen = (odd: Readonly<Record<string, Sight>>): Pattern =>
  cells.map((cell) => ({ ...cell, result: odd[`${cell.lamp} ${cell.shows}`] ?? 'ok' }));
const by = (fault: Fault): Pattern => cells.map((cell) => ({ ...cell, result: fault.does(cell) ?? 'ok' }));
const kinds = (pattern: Pattern, tests: readonly TestDone[] = []) =>
  diagnoseLights(lamps, 'shared', pattern, tests).causes.map(({ faults }) =>
    faults.map(({ kind }) => kind).join('+'),
  );

test('the lamps of a rig follow from its gear', () => {
  expect(lamps).toEqual(LAMPS);
  expect(lampsOf({ gear: { plateLamp: false } })).toEqual(['left', 'right']);
  expect(lampSteps(model).map(({ shows, lamps: of }) => [shows, of.length])).toEqual([
    ['running', 5],
    ['braked', 3],
    ['brake', 2],
    ['turn-left', 1],
    ['turn-right', 1],
  ]);
});

test('all well is said to be', () =>
  expect(diagnoseLights(lamps, 'shared', seen({})).status).toBe('nothing-wrong'));

describe('patterns of the trade', () => {
  test('one lamp, one function: its bulb', () => {
    expect(kinds(seen({ 'left running': 'out' }))[0]).toBe('bulb-running');
    expect(kinds(seen({ 'plate running': 'out' }))[0]).toBe('bulb-single');
  });
  test('one side, everything: its ground or branch', () => {
    const side = seen({
      'left running': 'dim',
      'left brake': 'dim',
      'left turn-left': 'out',
      'marker-left running': 'dim',
    });
    expect(kinds(side)[0]).toBe('ground');
  });
  test('everything dims: a shared ground', () => {
    const all = cells.map((cell) => ({ ...cell, result: 'dim' as const }));
    expect(kinds(all)[0]).toBe('ground-shared');
  });
  test('the others dim only while the brake is on: a shared ground leads', () => {
    const dims = Object.fromEntries(
      lamps
        .filter((lamp) => lamp !== 'left' && lamp !== 'right')
        .map((lamp) => [`${lamp} braked`, 'dim' as const]),
    );
    expect(kinds(seen(dims))[0]).toBe('ground-shared');
    expect(diagnoseLights(lamps, 'shared', seen(dims)).causes[0]?.faults[0]?.id).toBe('ground-shared-braked');
    expect(kinds(seen({ 'plate braked': 'dim' }))).toContain('ground-shared');
  });
  test('all running lamps out: fuse or pin, and the socket tells which', () => {
    const out = Object.fromEntries(lamps.map((lamp) => [`${lamp} running`, 'out' as const]));
    const first = diagnoseLights(lamps, 'shared', seen(out));
    expect(first.status).toBe('open');
    expect(kinds(seen(out)).slice(0, 2).sort()).toEqual(['fuse-running', 'pin-running']);
    expect(['clean-plug', 'volts-at-socket']).toContain(first.next?.test);
    const told = kinds(seen(out), [{ test: 'volts-at-socket', result: 'none' }]);
    expect(told[0]).toBe('fuse-running');
  });
  test('no brake on either side while the turns work: the tow vehicle', () =>
    expect(kinds(seen({ 'left brake': 'out', 'right brake': 'out' }))[0]).toBe('tow-brake'));
  test('left shows right: wires crossed', () =>
    expect(kinds(seen({ 'left turn-left': 'wrong', 'right turn-right': 'wrong' }))[0]).toBe('crossed'));
  test('a bulb that lights in the other side was the bulb', () => {
    const dead = seen({ 'left brake': 'out', 'left turn-left': 'out' });
    expect(diagnoseLights(lamps, 'shared', dead).next).toEqual({ test: 'swap-bulb', side: 'left' });
    expect(kinds(dead, [{ test: 'swap-bulb', side: 'left', result: 'lights' }])[0]).toBe('bulb-bright');
    const still = kinds(dead, [{ test: 'swap-bulb', side: 'left', result: 'stays-out' }])[0];
    expect(still).not.toMatch(/^bulb/);
  });
  test('two bulbs at once are found as two', () => {
    const two = seen({
      'plate running': 'out',
      'plate braked': 'out',
      'right brake': 'out',
      'right turn-right': 'out',
    });
    expect(kinds(two)[0]).toMatch(/\+/);
  });
});

/** Follows the advice to its end, answering as the fault would have it. */
function led(fault: Fault, wiring: 'shared' | 'separate') {
  const tests: TestDone[] = [];
  let found = diagnoseLights(lamps, wiring, by(fault), tests);
  while (found.next) {
    const { next } = found;
    // The one who answers knows the fault; the outcome is the one under which it alone is likeliest.
    const [first, second] = TESTS[next.test];
    const chance = (result: string) =>
      diagnoseLights(lamps, wiring, by(fault), [...tests, { ...next, result }]).causes.find(
        ({ faults }) => faults.length === 1 && faults[0]?.id === fault.id,
      )?.sure ?? 0;
    tests.push({ ...next, result: chance(first) >= chance(second) ? first : second });
    found = diagnoseLights(lamps, wiring, by(fault), tests);
  }
  return { found, tests };
}

test.each(['shared', 'separate'] as const)(
  '%s wiring: any fault is the likeliest after a few tests, or among what no test parts',
  (wiring) => {
    for (const fault of faultsOf(lamps, wiring)) {
      const { found, tests } = led(fault, wiring);
      const named = found.causes.slice(0, 3).flatMap(({ faults }) => faults.map(({ id }) => id));
      expect(named).toContain(fault.id);
      expect(tests.length).toBeLessThanOrEqual(6);
    }
  },
);

test('any pattern: shares add up to one at most, the gravest first', () => {
  const anySight = fc.constantFrom<Sight>('ok', 'dim', 'out', 'wrong');
  fc.assert(
    fc.property(fc.array(anySight, { minLength: cells.length, maxLength: cells.length }), (sights) => {
      const pattern = cells.map((cell, i) => ({ ...cell, result: sights[i] ?? ('ok' as const) }));
      const { causes, unexplained, status } = diagnoseLights(lamps, 'shared', pattern);
      const total = causes.reduce((sum, { sure }) => sum + sure, unexplained);
      expect(total).toBeLessThanOrEqual(1 + 1e-9);
      expect(causes.map(({ sure }) => sure)).toEqual(
        [...causes.map(({ sure }) => sure)].sort((a, b) => b - a),
      );
      if (status === 'nothing-wrong') expect(sights.every((sight) => sight === 'ok')).toBe(true);
    }),
    { numRuns: 60 },
  );
});

describe('the brake circuit', () => {
  const circuit = { volts: 12.6, magnet: 3.2, length: toSI(360, 'in'), gauge: 12 } as const;
  test('two magnets to an electric axle', () =>
    expect(magnetsOf(sampleModel({ axles: 2, brake: 'electric' }))).toBe(4));
  test.each([
    [14.07, 'all-pull', 4],
    [10.84, 'some', 3],
    [7.4, 'side-or-axle', 2],
    [0, 'none', 0],
    [19, 'too-much', 4],
    [12.4, 'high-resistance', 3],
  ])('%d A of four: %s', (amps, fault, count) => {
    const found = judgeBrakeCircuit(circuit, 4, amps);
    expect(found.fault).toBe(fault);
    if (fault !== 'high-resistance') expect(found.count).toBe(count);
  });
});
