import * as fc from 'fast-check';
import { FIGURE_IDS, type FigureId, calcOf, filledFrom, workOut, type CalcInput, type Values } from '..';
import { fromSI, toSI } from '../../base';
import { sampleModel } from '../../testing/arbitraries';

const inch = (value: number) => toSI(value, 'in');
const lb = (value: number) => toSI(value, 'lb');

/** What a figure begins with, as its values. */
const begun = (id: FigureId, more: Values = {}, model?: Parameters<typeof filledFrom>[1]): Values => ({
  ...Object.fromEntries(Object.entries(filledFrom(id, model)).map(([name, { value }]) => [name, value])),
  ...more,
});

function worked(id: FigureId, values: Values) {
  const out = workOut(id, values);
  if (out.state !== 'worked') throw new Error(JSON.stringify(out));
  return out;
}

/** Any value of an input, in its bounds. */
const valueOf = (input: CalcInput): fc.Arbitrary<number | string | undefined> => {
  if (input.as === 'choice') return fc.constantFrom(...input.options);
  if (input.as === 'words') return fc.constantFrom('ST225/75R15', '205/75D14', '4.80-12', 'nonsense', '');
  const whole = input.as === 'plain' && input.step === 1;
  const number = whole
    ? fc.integer({ min: Math.ceil(input.min), max: Math.floor(input.max) })
    : fc.double({ min: input.min, max: input.max, noNaN: true });
  return input.optional ? fc.option(number, { nil: undefined }) : number;
};

describe.each(FIGURE_IDS)('%s', (id) => {
  const def = calcOf(id);

  test('whatever is given in its bounds, it comes to finite figures or says what is wrong, at one of its inputs', () => {
    const values = fc.record(
      Object.fromEntries(
        Object.entries<CalcInput>(def.inputs).map(([name, input]) => [name, valueOf(input)]),
      ),
    ) as fc.Arbitrary<Values>;
    fc.assert(
      fc.property(values, (given) => {
        const out = workOut(id, given);
        if (out.state === 'problem') return expect(Object.keys(def.inputs)).toContain(out.at);
        if (out.state === 'missing')
          return expect(Object.keys(def.inputs)).toEqual(expect.arrayContaining([...out.inputs]));
        const results = Object.entries(out.results);
        expect(results.length).toBeGreaterThan(0);
        expect(Object.keys(def.results)[0]).toBe(results[0]?.[0]);
        for (const [, value] of results) expect(Number.isFinite(value)).toBe(true);
      }),
    );
  });

  test('what is out of bounds is told at its input, before anything is worked out', () => {
    for (const [name, input] of Object.entries<CalcInput>(def.inputs)) {
      if (input.as === 'words') continue;
      const wrong = input.as === 'choice' ? 'none of these' : input.max + (input.max - input.min);
      expect(workOut(id, { ...begun(id), [name]: wrong })).toMatchObject({ state: 'problem', at: name });
    }
  });

  test('a usual figure, and one for example, lies in its bounds', () => {
    for (const input of Object.values<CalcInput>(def.inputs)) {
      if (input.as === 'words' || input.as === 'choice') continue;
      for (const first of [input.usual, input.example]) {
        if (first === undefined) continue;
        expect(first).toBeGreaterThanOrEqual(input.min);
        expect(first).toBeLessThanOrEqual(input.max);
      }
    }
  });

  test('works, or asks for what is missing, on any rig', () => {
    const out = workOut(id, begun(id, {}, sampleModel({ hub: 'drilled' })));
    expect(['worked', 'missing']).toContain(out.state);
  });
});

describe('with the figures of the handbook', () => {
  test('an offset adapter, and what an eighth of an inch more does', () => {
    const out = worked('adapter', {
      torque: toSI(110, 'lbf·ft'),
      wrench: inch(18),
      adapter: inch(2.5),
      angle: 0,
    });
    expect(fromSI(out.results['setting'] ?? 0, 'lbf·ft')).toBeCloseTo(96.59, 2);
    expect(fromSI(out.perStep ?? 0, 'lbf·ft')).toBeCloseTo(-0.585, 2);
    expect(workOut('adapter', { torque: 100, wrench: inch(10), adapter: inch(12), angle: 0 })).toMatchObject({
      state: 'problem',
      at: 'adapter',
      code: 'longer-than-wrench',
    });
  });

  test('balance: 17 % is heavy; the axle and the load that bring it to 12 % do', () => {
    const values = {
      kind: 'trailer',
      axle: inch(126),
      empty: lb(900),
      emptyAt: inch(110),
      load1: lb(620),
      at1: inch(105),
      load2: lb(300),
      at2: inch(60),
      load3: lb(150),
      at3: inch(160),
      wanted: 12,
    };
    const out = worked('balance', values);
    expect(out).toMatchObject({ verdict: 'due', said: 'heavy' });
    expect(out.results['share']).toBeCloseTo(16.97, 1);
    expect(worked('balance', { ...values, axle: out.results['axleTo'] }).results['share']).toBeCloseTo(12, 6);
    const moved = inch(105) + (out.results['moveBy'] ?? 0);
    const after = worked('balance', { ...values, at1: moved });
    expect(after.results['share']).toBeCloseTo(12, 6);
    expect(after).toMatchObject({ verdict: 'clear', said: 'inside' });
    expect(worked('balance', { ...values, kind: 'boat', wanted: 10 }).said).toBe('heavy');
  });

  test('tickets that contradict each other: which one, and by how much', () => {
    expect(workOut('tickets', { kind: 'trailer', alone: 2400, hitched: 2380, whole: 4000 })).toMatchObject({
      state: 'problem',
      at: 'hitched',
      code: 'hitched-below-alone',
      by: 20,
    });
    expect(worked('tickets', { kind: 'trailer', alone: 2400, hitched: 2550, whole: 3700 })).toMatchObject({
      said: 'inside',
      verdict: 'clear',
    });
  });

  test('the nut: half a slot of fourteen threads and six slots', () => {
    const out = worked('nut', begun('nut', { back: 0.5 }));
    expect(out.results['play']).toBeCloseTo(inch(1 / 14 / 12), 9);
    expect(out).toMatchObject({ verdict: 'clear', said: 'inside' });
    expect(worked('nut', begun('nut', { back: 0 })).said).toBe('under');
  });

  test('65 psi at 70 °F is 60.49 at 40 °F', () => {
    const out = worked('pressure', begun('pressure', { read: toSI(65, 'psi') }));
    expect(fromSI(out.results['pressure'] ?? 0, 'psi')).toBeCloseTo(60.49, 2);
  });

  test('four magnets, and three of them by a measured current', () => {
    const out = worked('magnets', begun('magnets', { measured: 10.84 }));
    expect(out.results['current']).toBeCloseTo(14.07, 1);
    expect(out.results['pulling']).toBe(3);
    expect(out.verdict).toBe('due');
  });

  test('a drum is named with what is left of it', () => {
    const out = worked('drum', { diameter: inch(10.05), width: inch(2.25) });
    expect(fromSI(out.results['nominal'] ?? 0, 'in')).toBeCloseTo(10, 6);
    expect(fromSI(out.results['left'] ?? 0, 'in')).toBeCloseTo(0.04, 6);
  });

  test('six studs, 2.75 in apart: 5.50 in', () => {
    const out = worked('circle', { studs: '6', between: 'neighbors', apart: inch(2.75) });
    expect(fromSI(out.results['circle'] ?? 0, 'in')).toBeCloseTo(5.5, 6);
    expect(out.said).toBe('usual');
  });
});
