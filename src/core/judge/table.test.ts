import { emptyRig, foldEntries, makeEntry, type RigState } from '../log';
import { DAY_MS, parseQuantity, unitFor, type Dimension, type UnitSystem, type Verdict } from '../base';
import type { Place } from '../rig';
import {
  canBeRead,
  CRITERIA,
  gradesOf,
  HOUSE_DEFAULT,
  parseReading,
  type Subject,
  type JudgedReading,
} from '../rules';
import { endPlayWindow } from '../figures';
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
  // The rows are written in kPa, which is fine enough for their limits.
  const metric = dimension === 'pressure' && system === 'metric' ? 'kPa' : undefined;
  const read = parseQuantity(text, dimension, metric ?? unitFor(dimension, system));
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
  return judgeReading(what, value, { model: base, place: '1L', house: HOUSE_DEFAULT, ...more })?.verdict;
}

/** A rig after a finding and a look at it again, so many days apart. */
function storyOf(
  ...told: readonly (readonly [kind: 'finding.opened' | 'finding.seen', day: number, body: object])[]
): RigState {
  const id = (n: number) => `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const entries = told.map(([kind, day, body], n) => {
    const at = new Date(Date.parse('2026-05-01T08:00:00.000Z') + day * DAY_MS).toISOString();
    const whole = 'finding' in body ? { ...body, finding: id(0) } : body;
    return makeEntry(kind, { id: id(n), rig: id(99), happened: at, recorded: at }, whole as never);
  });
  return foldEntries(entries).state.rigs[id(99)] ?? emptyRig('x');
}

const grades = (subject: Subject) =>
  Object.fromEntries(
    Object.keys(CRITERIA[subject]).map((grade) => [grade, judgeGrade(subject, grade)?.verdict]),
  );

describe('wheel rock, judged together with spin', () => {
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
      ['0.020', '0.508', 'due'],
      ['0.0201', '0.5106', 'stop'],
    ]),
  )('dialed, %s %s is %s', (system, text, verdict) =>
    expect(reading('play-dialed', si(text, 'length', system))).toBe(verdict),
  );
  test.each(['0', '0.0009', '0.005', '0.0119', '0.0179', '0.03'])(
    'worked out from thread and slot, %s makes nothing due',
    (text) => expect(['clear', 'watch']).toContain(judgeEndPlay(si(text, 'length', 'us'), window).verdict),
  );
  test('by feel', () =>
    expect(grades('rock')).toEqual({ none: 'clear', 'just-felt': 'watch', felt: 'due', clunks: 'stop' }));

  const together = (subject: 'rock' | 'spin', grade: string, other: string | undefined) =>
    judgeGrade(subject, grade, HOUSE_DEFAULT, () => other)?.verdict;
  test.each([
    ['rock', 'none', 'free', 'clear'],
    ['rock', 'none', 'rub', 'clear'],
    ['spin', 'tight', 'none', 'due'],
    ['rock', 'just-felt', 'free', 'watch'],
    ['spin', 'growl', 'none', 'watch'],
    ['spin', 'growl', 'just-felt', 'due'],
    ['spin', 'growl', 'felt', 'due'],
    ['spin', 'rough', 'none', 'due'],
    ['rock', 'clunks', 'free', 'stop'],
  ] as const)('%s %s beside %s is %s', (subject, grade, other, verdict) =>
    expect(together(subject, grade, other)).toBe(verdict),
  );
  test('no rock says nothing of a hub that nobody spun', () =>
    expect(together('rock', 'none', undefined)).toBeUndefined());
});

test('spin', () =>
  expect(grades('spin')).toEqual({
    free: 'clear',
    rub: 'clear',
    growl: 'watch',
    tight: 'due',
    rough: 'due',
    grinds: 'stop',
  }));

test('a light even rub is offered where there is a brake', () => {
  expect(gradesOf('spin', true)).toContain('rub');
  expect(gradesOf('spin', false)).not.toContain('rub');
});

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
  const air = si('70', 'temperature', 'us');
  test.each(
    both([
      ['150', '65.5', 'clear'],
      ['150.1', '65.62', 'watch'],
      ['169.9', '76.6', 'watch'],
      ['170.1', '76.73', 'due'],
      ['210', '98.88', 'due'],
      ['210.1', '98.95', 'stop'],
    ]),
  )('in air of 70 °F (21.1 °C), %s %s is %s', (system, text, verdict) =>
    expect(reading('hub-temp', si(text, 'temperature', system), { air })).toBe(verdict),
  );
  test.each(
    both([
      ['140', '60', 'watch'],
      ['140.1', '60.07', 'due'],
    ]),
  )('in air of 40 °F (4.4 °C), %s %s is %s', (system, text, verdict) =>
    expect(reading('hub-temp', si(text, 'temperature', system), { air: si('40', 'temperature', 'us') })).toBe(
      verdict,
    ),
  );
  test('over the air after a long descent is another look, over its mate it is due all the same', () => {
    const cold = si('30', 'temperature', 'us');
    const hub = si('140', 'temperature', 'us');
    expect(reading('hub-temp', hub, { air: cold, descent: true })).toBe('watch');
    expect(reading('hub-temp', hub, { air: cold, descent: true, mate: si('95', 'temperature', 'us') })).toBe(
      'due',
    );
  });
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
    step: 'due',
    heat: 'stop',
    scored: 'stop',
  }));

describe('lining', () => {
  const riveted = { ...base, axles: base.axles.map((axle) => ({ ...axle, lining: 'riveted' as const })) };
  test.each(
    both([
      ['0', '0', 'stop'],
      ['1/32', '0.8', 'due'],
      ['1/16', '1.6', 'due'],
      ['5/64', '1.7', 'watch'],
      ['7/64', '3.1', 'watch'],
      ['1/8', '3.175', 'clear'],
      ['3/16', '4.76', 'clear'],
    ]),
  )('bonded, or not told, %s %s is %s', (system, text, verdict) =>
    expect(reading('lining', si(text, 'length', system))).toBe(verdict),
  );
  test.each(
    both([
      ['1/64', '0.4', 'due'],
      ['1/32', '0.8', 'due'],
      ['3/64', '0.9', 'watch'],
      ['1/16', '1.5875', 'clear'],
    ]),
  )('riveted, over its rivets, %s %s is %s', (system, text, verdict) =>
    expect(reading('lining', si(text, 'length', system), { model: riveted })).toBe(verdict),
  );
  test('by look, hairlines by school', () => {
    expect(grades('lining')).toEqual({
      good: 'clear',
      hairline: 'clear',
      thin: 'watch',
      'at-minimum': 'due',
      cracked: 'due',
      greasy: 'stop',
      gone: 'stop',
    });
    const strict = { ...HOUSE_DEFAULT, lining: 'renew-at-sight' } as const;
    expect(judgeGrade('lining', 'hairline', strict)?.verdict).toBe('due');
    expect(judgeGrade('lining', 'good', strict)?.verdict).toBe('clear');
  });
});

describe('disc pads and disc', () => {
  test.each(
    both([
      ['1/4', '6', 'clear'],
      ['0.19', '4.85', 'clear'],
      ['3/16', '4.8', 'watch'],
      ['0.13', '3.3', 'watch'],
      ['1/8', '3.2', 'due'],
      ['0.07', '1.7', 'due'],
      ['1/16', '1.6', 'stop'],
      ['0', '0', 'stop'],
    ]),
  )('lining alone, %s %s is %s', (system, text, verdict) => {
    expect(reading('pad-inner', si(text, 'length', system))).toBe(verdict);
    expect(reading('pad-outer', si(text, 'length', system))).toBe(verdict);
  });
  test('the steel plate that was measured with it is taken off', () => {
    const padPlate = si('1/4', 'length', 'us');
    expect(reading('pad-inner', si('3/8', 'length', 'us'), { padPlate })).toBe('due');
    expect(reading('pad-inner', si('1/2', 'length', 'us'), { padPlate })).toBe('clear');
  });
  test.each(
    both([
      ['3/8', '9.525', 'due'],
      ['0.374', '9.4', 'clear'],
    ]),
  )('inner and outer apart by 1/8 in, %s %s beside 1/4 in is %s', (system, text, verdict) =>
    expect(reading('pad-outer', si(text, 'length', system), { otherPad: si('1/4', 'length', 'us') })).toBe(
      verdict,
    ),
  );
  test.each(
    both([
      ['1', '25.4', 'clear'],
      ['0.999', '25.37', 'due'],
    ]),
  )('a disc with a stamped minimum of 1 in, %s %s is %s', (system, text, verdict) => {
    const discMin = { value: si('1', 'length', 'us'), source: 'marking' } as const;
    expect(reading('disc-thickness', si(text, 'length', system), { discMin })).toBe(verdict);
    expect(reading('disc-thickness', si(text, 'length', system))).toBeUndefined();
  });
  test('by look', () => {
    expect(grades('disc')).toEqual({
      smooth: 'clear',
      'light-grooves': 'watch',
      'deep-grooves': 'due',
      cracked: 'stop',
    });
    expect(grades('pads')).toEqual({
      good: 'clear',
      thin: 'watch',
      'at-minimum': 'due',
      uneven: 'due',
      greasy: 'stop',
      gone: 'stop',
    });
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
    [0.99, 'due'],
    [2.55, 'due'],
    [2.56, 'due'],
    [2.57, 'clear'],
    [3.2, 'clear'],
    [3.83, 'clear'],
    [3.84, 'due'],
    [3.85, 'due'],
  ] as const)('%d Ω is %s', (ohms, verdict) =>
    expect(reading('magnet-ohms', ohms, { magnet })).toBe(verdict),
  );
  test('shorted is told without its figure, open by what the meter shows', () => {
    expect(reading('magnet-ohms', 0.99)).toBe('due');
    expect(reading('magnet-ohms', 1)).toBeUndefined();
    expect(judgeGrade('magnet', 'open')?.verdict).toBe('due');
    for (const typed of ['open', 'OL', ' no reading '])
      expect(parseReading('magnet-ohms', typed, 'us')).toEqual({ ok: true, value: 'open' });
    expect(canBeRead('magnet-ohms', 'open')).toBe(true);
    expect(canBeRead('volts', 'open')).toBe(false);
  });
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
      ['0.127', '3.3', 'clear'],
      ['4/32', '3.2', 'watch'],
      ['3/32', '2.4', 'watch'],
      ['0.0645', '1.7', 'watch'],
      ['2/32', '1.6', 'due'],
      ['1/32', '0.8', 'due'],
    ]),
  )('%s %s is %s', (system, text, verdict) => {
    for (const what of ['tread-inner', 'tread-middle', 'tread-outer'] as const)
      expect(reading(what, si(text, 'length', system))).toBe(verdict);
  });
  test('cord is stop', () => expect(judgeGrade('tread', 'cord')?.verdict).toBe('stop'));
  test('a thing in it', () =>
    expect(grades('tread-object')).toEqual({ none: 'clear', stone: 'watch', nail: 'due', hissing: 'stop' }));
});

test('cap', () =>
  expect(grades('cap')).toEqual({
    on: 'clear',
    dented: 'watch',
    'o-ring': 'watch',
    cracked: 'due',
    loose: 'due',
    leaking: 'due',
    missing: 'due',
    'lock-gone': 'stop',
  }));

test('oil bath', () =>
  expect(grades('oil')).toEqual({
    'at-mark': 'clear',
    low: 'watch',
    milky: 'due',
    dark: 'due',
    metal: 'due',
    empty: 'stop',
    'cap-gone': 'stop',
  }));

test('oil below the line twice in a season is due', () => {
  const of = { subject: 'oil' as const, grade: 'low' };
  const rig = storyOf(
    ['finding.opened', 1, { place: '1L', verdict: 'watch', of }],
    ['finding.seen', 30, { finding: '', verdict: 'watch', of }],
  );
  expect(Object.values(rig.findings)).toMatchObject([{ verdict: 'due', escalated: 'seen-again' }]);
});

test('wheel well and frame paint', () =>
  expect(grades('wheel-well')).toEqual({ sound: 'clear', rust: 'watch', scale: 'due', through: 'stop' }));

test('brake fluid', () =>
  expect(grades('fluid')).toEqual({
    full: 'clear',
    dark: 'watch',
    low: 'due',
    old: 'due',
    empty: 'stop',
    leak: 'stop',
  }));

test('tire wall', () =>
  expect(grades('tire-wall')).toEqual({
    clean: 'clear',
    crazed: 'watch',
    cracks: 'due',
    'flat-spot': 'due',
    flat: 'stop',
    cut: 'stop',
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

describe('tire age, read on May 16, 2026 (week 20)', () => {
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
      ['81.25', '560.1', 'watch'],
      ['81.3', '560.6', 'due'],
      ['100', '690', 'due'],
      ['55.25', '380.94', 'watch'],
      ['55.2', '380.5', 'due'],
      ['48.75', '336.13', 'due'],
      ['48.7', '335.7', 'stop'],
      ['20', '138', 'stop'],
    ]),
  )('%s %s is %s', (system, text, verdict) =>
    expect(reading('pressure', si(text, 'pressure', system), { model })).toBe(verdict),
  );
  test.each(
    both([
      ['52', '358.6', 'due'],
      ['51.9', '357.8', 'stop'],
      ['48.7', '335.7', 'stop'],
    ]),
  )('driven so, %s %s is %s', (system, text, verdict) =>
    expect(reading('pressure', si(text, 'pressure', system), { model, rolled: true })).toBe(verdict),
  );
  test('without a target nothing is judged', () =>
    expect(reading('pressure', 400_000, { model: { ...base, tires: undefined } })).toBeUndefined());
});

describe('a pressure over the lowest maximum of tire, wheel and valve', () => {
  const psi = (value: number) => ({ value: si(String(value), 'pressure', 'us'), source: 'marking' as const });
  const model = {
    ...base,
    tires: { pressure: psi(80), maxPressure: psi(80) },
    wheels: { ...base.wheels, maxPressure: psi(90) },
  };
  const snapIn = { ...model, wheels: { ...model.wheels, valve: 'snap-in' as const } };
  test.each(
    both([
      ['80', '551.58', 'clear'],
      ['82.4', '568', 'clear'],
      ['82.5', '568.9', 'due'],
      ['100', '689.4', 'due'],
      ['100.1', '690.3', 'stop'],
    ]),
  )('80 psi on the wall, %s %s is %s', (system, text, verdict) =>
    expect(reading('pressure', si(text, 'pressure', system), { model })).toBe(verdict),
  );
  test.each(
    both([
      ['66.9', '461.2', 'due'],
      ['67', '462', 'due'],
      ['81.3', '560.6', 'stop'],
    ]),
  )('a rubber valve holds 65 psi: %s %s is %s', (system, text, verdict) => {
    const set = { ...snapIn, tires: { pressure: psi(60), maxPressure: psi(80) } };
    const low = { ...snapIn, tires: { maxPressure: psi(80) } };
    expect(reading('pressure', si(text, 'pressure', system), { model: verdict === 'stop' ? set : low })).toBe(
      text === '66.9' || text === '461.2' ? undefined : verdict,
    );
  });
  test('2 psi at least, where 3 % is less', () => {
    const small = { ...base, tires: { pressure: psi(30), maxPressure: psi(30) } };
    expect(reading('pressure', si('31.5', 'pressure', 'us'), { model: small })).toBe('clear');
    expect(reading('pressure', si('32', 'pressure', 'us'), { model: small })).toBe('due');
  });
});

describe('lug at recheck', () => {
  test.each([
    ['held', 0, 'clear'],
    ['held', 1, 'clear'],
    ['half-flat', 0, 'watch'],
    ['half-flat', 1, 'due'],
    // An old record does not tell how far it was.
    ['moved', 0, 'watch'],
    ['moved', 1, 'due'],
    ['over-half', 0, 'due'],
    ['over-flat', 0, 'stop'],
    ['loose', 0, 'stop'],
  ] as const)('%s after %d moves is %s', (result, before, verdict) =>
    expect(judgeRecheck(result, before).verdict).toBe(verdict),
  );
  test('by grade; an unknown angle is no longer offered', () => {
    expect(grades('lug-move')).toEqual({
      none: 'clear',
      'half-flat': 'watch',
      moved: 'watch',
      'over-half': 'due',
      'over-flat': 'stop',
      loose: 'stop',
      broken: 'stop',
      'hole-worn': 'stop',
    });
    expect(gradesOf('lug-move')).not.toContain('moved');
  });
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
  expect(grades('weld')).toEqual({
    sound: 'clear',
    rust: 'watch',
    crack: 'due',
    'main-crack': 'stop',
    through: 'stop',
  });
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
  const needed = (required?: boolean, chemistry?: 'lead-acid' | 'lithium') => ({
    model: {
      ...base,
      breakaway: { ...(required !== undefined && { required }), ...(chemistry && { chemistry }) },
    },
  });
  test.each([
    [13.21, undefined],
    [13.2, 'clear'],
    [12.6, 'clear'],
    [12.59, 'watch'],
    [12.4, 'watch'],
    [12.39, 'due'],
    [12.0, 'due'],
    [11.99, 'stop'],
  ] as const)('%d V at rest is %s', (volts, verdict) => {
    expect(reading('volts', volts, { place: 'breakaway' })).toBe(verdict);
    expect(reading('volts', volts, { place: 'breakaway', ...needed(true, 'lead-acid') })).toBe(verdict);
  });
  test('under 12.0 V where no law asks for it is due; a lithium one says nothing at rest', () => {
    expect(reading('volts', 11.9, { place: 'breakaway', ...needed(false) })).toBe('due');
    expect(reading('volts', 11.9, { place: 'breakaway', ...needed(true, 'lithium') })).toBeUndefined();
  });
  test.each([
    [10.5, 'clear'],
    [10.49, 'due'],
  ] as const)('%d V with the pin out is %s', (volts, verdict) =>
    expect(reading('volts-loaded', volts, { place: 'breakaway' })).toBe(verdict),
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
