import { emptyRig, type RigState } from '../log';
import { parseQuantity, unitFor, type Dimension, type UnitSystem } from '../quantity';
import type { Place } from '../rig';
import {
  CRITERIA,
  endPlayWindow,
  HOUSE_DEFAULT,
  type Subject,
  type Verdict,
  type JudgedReading,
} from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { judgeEndPlay, judgeGrade, judgeReading, judgeRecheck, reviewRig } from '.';

/**
 * The table of handbook section 5, row by row: figures at and on both sides of each limit, typed as
 * an owner of either system types them, and the words that have no figure.
 */
const base = sampleModel({ hub: 'drilled', brake: 'electric' });
const NOW = '2026-05-16T12:00:00.000Z';

/** What is typed, in US units and in metric, and the verdict it comes to. */
type Row = readonly [us: string, metric: string, verdict: Verdict];

function si(text: string, dimension: Dimension, system: UnitSystem): number {
  const read = parseQuantity(text, dimension, unitFor(dimension, system));
  if (!read.ok) throw new Error(`${text} is not read`);
  return read.value;
}

/** Each row as two tests: the same thing typed in either system. */
const both = (rows: readonly Row[]) =>
  rows.flatMap(([us, metric, verdict]) => [
    ['us', us, verdict] as const,
    ['metric', metric, verdict] as const,
  ]);

function reading(what: JudgedReading, value: number, more: Partial<Parameters<typeof judgeReading>[2]> = {}) {
  return judgeReading(what, value, { model: base, place: '1L', ...more })?.verdict;
}

const grades = (subject: Subject) =>
  Object.fromEntries(
    Object.keys(CRITERIA[subject]).map((grade) => [grade, judgeGrade(subject, grade)?.verdict]),
  );

describe('wheel rock: end play in its window', () => {
  const window = endPlayWindow({
    endPlay: {
      value: { min: si('0.001', 'length', 'us'), max: si('0.010', 'length', 'us') },
      source: 'maker',
    },
  });
  test.each(
    both([
      ['0', '0', 'due'],
      ['0.0009', '0.0228', 'due'],
      ['0.001', '0.0254', 'clear'],
      ['0.010', '0.254', 'clear'],
      ['0.0101', '0.2566', 'due'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(judgeEndPlay(si(text, 'length', system), window).verdict).toBe(verdict),
  );
  test('by feel', () =>
    expect(grades('rock')).toEqual({ none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' }));
});

test('spin', () =>
  expect(grades('spin')).toEqual({ free: 'clear', growl: 'watch', rough: 'due', grinds: 'stop' }));

describe('a hub against its axle mate at 100 °F (37.78 °C), and by itself', () => {
  const mate = si('100', 'temperature', 'us');
  test.each(
    both([
      ['90', '32.2', 'clear'],
      ['124.9', '51.61', 'clear'],
      ['125', '51.6666', 'clear'],
      ['125.1', '51.73', 'watch'],
      ['140', '60', 'watch'],
      ['140.1', '60.06', 'due'],
      ['169', '76.1', 'due'],
      ['210', '98.88', 'due'],
      ['210.1', '98.95', 'stop'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('hub-temp', si(text, 'temperature', system), { mate })).toBe(verdict),
  );
  test.each(
    both([
      ['170', '76.66', 'clear'],
      ['170.1', '76.73', 'due'],
      ['210', '98.88', 'due'],
      ['211', '99.5', 'stop'],
    ]),
  )('without a mate, %s %s is %s', (system, text, verdict) =>
    expect(reading('hub-temp', si(text, 'temperature', system))).toBe(verdict),
  );
  test('by hand, and smoke, smell or blue metal', () =>
    expect(grades('hub-hand')).toEqual({
      held: 'clear',
      briefly: 'watch',
      'too-hot': 'due',
      smoking: 'stop',
    }));
});

test('old grease', () =>
  expect(grades('old-grease')).toEqual({
    'as-new': 'clear',
    darkened: 'clear',
    thin: 'watch',
    water: 'due',
    metal: 'due',
    burnt: 'stop',
  }));

test('rollers and races', () =>
  expect(grades('rollers')).toEqual({
    mirror: 'clear',
    stained: 'watch',
    pitted: 'due',
    blue: 'due',
    broken: 'stop',
  }));

test('seal', () =>
  expect(grades('seal')).toMatchObject({
    dry: 'clear',
    damp: 'watch',
    weeping: 'due',
    damaged: 'due',
    'line-behind': 'due',
    'on-shoes': 'stop',
  }));

test('spindle', () =>
  expect(grades('spindle')).toEqual({
    smooth: 'clear',
    'wear-line': 'watch',
    heat: 'due',
    step: 'due',
    scored: 'stop',
  }));

describe('lining', () => {
  test.each(
    both([
      ['0', '0', 'stop'],
      ['1/32', '0.79', 'due'],
      ['1/16', '1.5875', 'due'],
      ['0.063', '1.6002', 'watch'],
      ['0.124', '3.15', 'watch'],
      ['1/8', '3.175', 'clear'],
      ['3/16', '4.76', 'clear'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('lining', si(text, 'length', system))).toBe(verdict),
  );
  test('by look, hairlines by school', () => {
    expect(grades('lining')).toMatchObject({
      hairline: 'clear',
      cracked: 'due',
      greasy: 'due',
      gone: 'stop',
    });
    const strict = { ...HOUSE_DEFAULT, lining: 'renew-at-sight' } as const;
    expect(judgeGrade('lining', 'hairline', strict)?.verdict).toBe('due');
    expect(judgeGrade('lining', 'good', strict)?.verdict).toBe('clear');
  });
});

describe('drum', () => {
  const drumMax = { value: si('10.090', 'length', 'us'), source: 'marking' } as const;
  test.each(
    both([
      ['10', '254', 'clear'],
      ['10.090', '256.286', 'clear'],
      ['10.091', '256.31', 'due'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('drum-diameter', si(text, 'length', system), { drumMax })).toBe(verdict),
  );
  test('by look', () =>
    expect(grades('drum')).toMatchObject({ smooth: 'clear', 'light-grooves': 'watch', cracked: 'stop' }));
});

describe('magnet of 3.2 Ω', () => {
  const magnet = { value: 3.2, source: 'maker' } as const;
  test.each([
    [2.55, 'due'],
    [2.56, 'clear'],
    [3.2, 'clear'],
    [3.84, 'clear'],
    [3.85, 'due'],
  ] as const)('%d Ω is %s', (ohms, verdict) =>
    expect(reading('magnet-ohms', ohms, { magnet })).toBe(verdict),
  );
  test('by look', () =>
    expect(grades('magnet')).toMatchObject({
      even: 'clear',
      faint: 'watch',
      'marks-gone': 'due',
      'coil-showing': 'stop',
    }));
});

describe('tread', () => {
  test.each(
    both([
      ['5/32', '4', 'clear'],
      ['0.1251', '3.1776', 'clear'],
      ['4/32', '3.175', 'watch'],
      ['3/32', '2.4', 'watch'],
      ['0.0626', '1.59', 'watch'],
      ['2/32', '1.5875', 'due'],
      ['1/32', '0.8', 'due'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('tread-middle', si(text, 'length', system))).toBe(verdict),
  );
  test('cord is stop', () => expect(judgeGrade('tread', 'cord')?.verdict).toBe('stop'));
});

test('tire wall', () =>
  expect(grades('tire-wall')).toEqual({
    clean: 'clear',
    crazed: 'watch',
    cracks: 'due',
    cut: 'due',
    'flat-spot': 'due',
    bulge: 'stop',
    cord: 'stop',
  }));

/** A rig with one part of that age (w of the year 2026 back) or day at a place. */
function withPart(kind: 'tire' | 'battery', at: Place, facts: Record<string, string>): RigState {
  const read = Object.entries(facts).map(([key, value]) => [key, { value, source: 'marking' }]);
  const part = {
    id: 'a',
    kind,
    facts: Object.fromEntries(read) as never,
    at,
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  };
  return { ...emptyRig('x'), model: base, parts: { a: part } };
}
const reviewed = (rig: RigState, house = HOUSE_DEFAULT) =>
  reviewRig({ model: base, parts: rig.parts }, house, NOW).find(({ code }) => /^(tire|battery)-/.test(code));

describe('tire age, read on 16 May 2026 (week 20)', () => {
  test.each([
    ['2221', '6', 'clear'],
    ['1921', '6', 'watch'],
    ['2220', '6', 'watch'],
    ['1920', '6', 'due'],
    ['1921', '5', 'due'],
    ['2219', '7', 'watch'],
    ['1919', '7', 'due'],
    ['2216', '6', 'due'],
    ['1916', '6', 'stop'],
    ['1916', '10', 'stop'],
  ] as const)('made in week %s with a limit of %s y is %s', (dot, limit, verdict) => {
    const found = reviewed(withPart('tire', '1L', { dot }), { ...HOUSE_DEFAULT, tireAge: limit });
    expect(found?.verdict ?? 'clear').toBe(verdict);
  });
});

describe('cold pressure to a target of 65 psi (448.16 kPa)', () => {
  const model = {
    ...base,
    tires: { pressure: { value: si('65', 'pressure', 'us'), source: 'maker' as const } },
  };
  test.each(
    both([
      ['65', '448.16', 'clear'],
      ['61.75', '425.76', 'clear'],
      ['68.25', '470.55', 'clear'],
      ['61.7', '425.4', 'watch'],
      ['68.3', '470.9', 'watch'],
      ['75', '517', 'watch'],
      ['55.25', '380.94', 'watch'],
      ['55.2', '380.5', 'due'],
      ['48.75', '336.13', 'due'],
      ['48.7', '335.7', 'stop'],
      ['20', '138', 'stop'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('pressure', si(text, 'pressure', system), { model })).toBe(verdict),
  );
  test('without a target nothing is judged', () =>
    expect(
      judgeReading('pressure', 400_000, { model: { ...base, tires: undefined }, place: '1L' }),
    ).toBeUndefined());
});

test('lug at recheck', () => {
  expect(judgeRecheck('held', 0).verdict).toBe('clear');
  expect(judgeRecheck('held', 1).verdict).toBe('clear');
  expect(judgeRecheck('moved', 0).verdict).toBe('watch');
  expect(judgeRecheck('moved', 1).verdict).toBe('due');
  expect(judgeRecheck('loose', 0).verdict).toBe('stop');
  expect(grades('lug-move')).toMatchObject({ broken: 'stop', 'hole-worn': 'stop' });
});

test('pivot bushing', () =>
  expect(grades('pivot')).toEqual({
    'no-play': 'clear',
    seen: 'watch',
    felt: 'due',
    bright: 'due',
    oval: 'due',
    cracked: 'stop',
  }));

test('weld and frame; a crack in the coupler or a hanger is stop', () => {
  expect(grades('weld')).toEqual({ sound: 'clear', rust: 'watch', crack: 'due', through: 'stop' });
  expect(judgeGrade('coupler', 'cracked')?.verdict).toBe('stop');
  expect(judgeGrade('hanger', 'cracked')?.verdict).toBe('stop');
});

test('winch strap and chain', () => {
  expect(grades('strap')).toEqual({
    sound: 'clear',
    fuzzed: 'watch',
    frayed: 'due',
    knotted: 'due',
    stiff: 'due',
    cut: 'stop',
  });
  expect(grades('chain')).toEqual({ sound: 'clear', worn: 'watch', stiff: 'due', opened: 'stop' });
});

describe('breakaway', () => {
  test.each([
    [12.41, 'clear'],
    [12.4, 'watch'],
    [12.0, 'watch'],
    [11.99, 'due'],
  ] as const)('%d V is %s', (volts, verdict) =>
    expect(reading('volts', volts, { place: 'breakaway' })).toBe(verdict),
  );
  test.each([
    ['2024-05-17', 'clear'],
    ['2024-05-14', 'due'],
  ] as const)('a battery of %s is %s', (since, verdict) =>
    expect(reviewed(withPart('battery', 'breakaway', { since }))?.verdict ?? 'clear').toBe(verdict),
  );
  test('cable and pull', () =>
    expect(grades('breakaway')).toMatchObject({ 'cable-frayed': 'due', nothing: 'stop', brakes: 'clear' }));
});
