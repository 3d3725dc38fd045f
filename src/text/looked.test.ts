import { foundOnWalk } from '@/core/record';
import {
  faultsOf,
  TESTS,
  type TestKind,
  leadsFor,
  type LeadCode,
  heatTrend,
  leakTrend,
  nutTrend,
  playTrend,
  strokeTrend,
  wearTrend,
  type Point,
  type Trend,
} from '@/core/judge';
import { emptyRig, makeEntry, WALKS, type EntryOf, type Kind } from '@/core/log';
import { DAY_MS, toSI } from '@/core/base';
import { CRITERIA, HOUSE_DEFAULT, SUBJECTS } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { compileWalk, goVerdict, itemsOf, judgeWalk, type Answers } from '@/core/road';
import {
  causeWords,
  circuitWords,
  contradictionWords,
  entryWords,
  forbidsWords,
  GO_WORDS,
  goReasonWords,
  evidenceAndSource,
  itemWords,
  judgedWords,
  LAMP_WORDS,
  leadWords,
  sureWords,
  takenWords,
  testWords,
  trendWords,
  WALK_WORDS,
  findingWords,
  zoneTitle,
} from '.';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const NOW = '2026-07-01T12:00:00.000Z';
const BROKEN = /undefined|NaN|Infinity|\[object/;
const SYSTEMS = ['us', 'metric'] as const;
const model = {
  ...sampleModel({ axles: 2, kind: 'rv', brake: 'electric', hub: 'drilled' }),
  tires: { pressure: { value: psi(65), source: 'maker' as const } },
};
const rig = { ...emptyRig('x'), model };
const hitch = compileWalk('hitch', model, 'round');

test('every stop, system and item of every walk has a name, and says what clear means', () => {
  for (const walk of WALKS) {
    expect(WALK_WORDS[walk].title.length).toBeGreaterThan(3);
    for (const kind of ['rv', 'boat', 'utility'] as const)
      for (const order of ['round', 'system'] as const) {
        const compiled = compileWalk(walk, { ...sampleModel({ kind }), spares: 1 }, order);
        for (const { id } of compiled.zones) expect(zoneTitle(id)).toMatch(/\w/);
        for (const item of itemsOf(compiled)) {
          const { name, clear } = itemWords(item);
          expect(name).toMatch(/^[A-Z0-9]/);
          expect(clear).toMatch(/\w{2}/);
          expect(`${name} ${clear}`).not.toMatch(BROKEN);
        }
      }
  }
});

test('a finding of a walk says what, how bad by which figure, and its owner’s own words', () => {
  const answers: Answers = {
    'tire@1L': { as: 'not-right', grade: 'cut', words: 'outside, a hand wide' },
    'pressure@2L': { as: 'not-right', value: psi(52), by: 'gauge' },
    'cap@2R': { as: 'not-right' },
  };
  const judged = judgeWalk(hitch, answers, { rig, model, house: HOUSE_DEFAULT, around: { tires: 'cold' } });
  const found = judged.flatMap((one) => foundOnWalk(one, model, HOUSE_DEFAULT) ?? []);
  const said = found.map((one) => findingWords(one, 'us'));
  expect(said).toEqual(
    expect.arrayContaining([
      'tire wall: cut to the fabric. outside, a hand wide',
      'pressure 52 psi; target 65 psi cold',
      'cap: not right',
    ]),
  );
  for (const one of found)
    for (const system of SYSTEMS) expect(findingWords(one, system)).not.toMatch(BROKEN);
});

test('a low tire of a cold morning is told to be the weather, and to be set all the same', () => {
  const at = (value: number, air: number) =>
    judgeWalk(
      hitch,
      { 'pressure@1L': { as: 'not-right', value: psi(value), by: 'gauge' } },
      { rig, model, house: HOUSE_DEFAULT, around: { tires: 'cold', air: F(air) } },
    ).map((one) => judgedWords(one, 'us').said)[0];
  expect(at(60.5, 40)).toContain('At 70 °F it would read 65 psi: that is the weather');
  expect(at(60.5, 70)).not.toContain('weather');
  expect(at(65, 40)).not.toContain('weather');
});

test('each reason for a decision is said in both systems', () => {
  const answers: Answers = {
    'tire@1L': { as: 'not-right', grade: 'bulge' },
    'pressure@1R': { as: 'clear', value: psi(60) },
  };
  const judged = judgeWalk(hitch, answers, {
    rig,
    model: { ...model, tires: undefined },
    house: HOUSE_DEFAULT,
    around: {},
  });
  const skipped = itemsOf(hitch).slice(0, 3);
  const standing = [
    {
      kind: 'finding',
      fitness: 'after',
      finding: { id: 'f', at: NOW, place: 'frame', verdict: 'due', text: 'crack' },
    },
  ] as const;
  const { reasons, go } = goVerdict(judged, skipped, { fitness: 'after', reasons: standing });
  expect(GO_WORDS[go].word).toBe('Do not tow as is');
  const said = reasons.map((reason) => goReasonWords(reason, 'us', ({ kind }) => `stood before: ${kind}`));
  expect(said).toEqual(
    expect.arrayContaining([
      '1L tire wall and tread: bulge, separation',
      expect.stringContaining('1R pressure: no target is known'),
      expect.stringContaining('not checked'),
      'stood before: finding',
    ]),
  );
});

describe('trends', () => {
  const point = (day: number, value: number, more: Partial<Point> = {}): Point => ({
    entry: `e${day}`,
    at: new Date(Date.parse('2026-04-01T12:00:00.000Z') + day * DAY_MS).toISOString(),
    day: Date.parse('2026-04-01T12:00:00.000Z') / DAY_MS + day,
    distance: toSI(day * 40, 'mi'),
    value,
    air: F(70),
    ...more,
  });
  const days = [0, 12, 24, 36, 48, 60, 72, 84];
  const leak = (perMonth: number) =>
    leakTrend(
      days.map((day) => point(day, psi(65 - (perMonth * day) / 30))),
      [],
      psi(65),
      NOW,
    );
  const heat = (rise: number) =>
    heatTrend(
      days.concat(96, 108).map((day, i) => point(day, F(110 + (i > 6 ? rise : 0)))),
      days.concat(96, 108).map((day) => point(day, F(108))),
      -Infinity,
    );
  const wear = (what: 'tread' | 'lining', lost: number) =>
    wearTrend(
      what,
      days.map((day) =>
        point(day, toSI(0.25 - (lost * day) / 84, 'in'), { tire: 't', rolled: toSI(day * 40, 'mi') }),
      ),
    );
  const looks = (...results: ('held' | 'moved')[]) =>
    results.map((result, i) => ({ at: point(i, 0).at, day: i, result }));
  const all: readonly (readonly [Trend, RegExp])[] = [
    [leak(3), /^Losing 3\.0 psi a month, 5\.\d %: a leak\./],
    [leak(0.5), /^Holds its air: 0\.5 psi a month/],
    [leakTrend([], [], psi(65), NOW), /^Too few cold readings/],
    [heat(24), /^Runs 26 °F over its mate lately, 2 °F over its mate before: it is getting warmer/],
    [heat(0), /as it always has/],
    [heatTrend([], [], -Infinity), /^Too few stops/],
    [wear('tread', 0.06), /^Wears \d\.\d\/32 in in 1,000 mi: about [\d,]+ mi left/],
    [wear('lining', 0), /^No wear to be seen/],
    [wearTrend('tread', []), /^Too few readings/],
    [nutTrend(looks('moved', 'held', 'moved')), /moved at two looks of the last 3/],
    [nutTrend(looks('held', 'held')), /none moved in two looks/],
    [nutTrend([]), /^Too few rechecks/],
    [
      strokeTrend([point(0, 4), point(30, 15)], [[point(30, 4)]]),
      /^Took 15 strokes, 4 before, the others 4: it swallows/,
    ],
    [strokeTrend([point(0, 4), point(30, 5)], []), /^Takes 5 strokes/],
    [strokeTrend([], []), /^Too few greasings/],
    [playTrend([point(0, 0.0001), point(30, 0.00015), point(60, 0.0003)]), /grows from one/],
    [playTrend([point(0, 0.0001)]), /^Too few/],
  ];
  test.each(all)('%# is said plainly', (trend, said) => {
    expect(trendWords(trend, 'us', NOW).said).toMatch(said);
    for (const system of SYSTEMS) {
      const { title, said: words, basis } = trendWords(trend, system, NOW);
      expect(`${title} ${words} ${basis}`).not.toMatch(BROKEN);
    }
  });
  test('a metric owner reads millimetres, kilometers and bar', () => {
    expect(trendWords(wear('tread', 0.06), 'metric', NOW).said).toMatch(/mm in 1,000 km: about [\d,]+ km/);
    expect(trendWords(leak(3), 'metric', NOW).said).toMatch(/bar a month/);
  });
});

test('every lamp fault and test has words, and a place to look', () => {
  for (const wiring of ['shared', 'separate'] as const)
    for (const fault of faultsOf(['left', 'right', 'plate', 'marker-left', 'marker-right'], wiring)) {
      const { name, where } = causeWords({ faults: [fault], sure: 1 });
      expect(name).toMatch(/^[A-Z]/);
      expect(where.length).toBeGreaterThan(20);
    }
  for (const test of Object.keys(TESTS) as TestKind[]) {
    const { ask, outcomes } = testWords({ test, side: 'left' });
    expect(ask).toMatch(/[.?]$/);
    expect(Object.keys(outcomes).sort()).toEqual([...TESTS[test]].sort());
  }
  expect(sureWords(0.91)).toBe('91 %, all but sure');
  expect(sureWords(0.2)).toBe('20 %');
});

test.each([
  ['all-pull', /All four magnets pull/],
  ['none', /No magnet pulls/],
  ['some', /three magnets of four magnets pull/i],
  ['side-or-axle', /half of them/],
  ['high-resistance', /poor joint/],
  ['too-much', /a short/],
] as const)('a brake circuit with %s is said', (fault, said) => {
  const words = circuitWords({ count: 3, of: 4, expected: 10.8, full: 14.1, fits: true, fault });
  expect(words.said).toMatch(said);
  expect(words.where).toContain('14.1 A');
});

test('a lead says how to look, and why the record speaks for it', () => {
  expect(leadWords({ code: 'nut-tight', because: 'just-opened' })).toMatch(/set too tight.*not run far/);
  const codes = new Set<LeadCode>();
  for (const subject of SUBJECTS)
    for (const grade of Object.keys(CRITERIA[subject]))
      for (const lead of leadsFor({ subject, grade }, '1L', rig, HOUSE_DEFAULT)) {
        codes.add(lead.code);
        expect(leadWords(lead).length).toBeGreaterThan(20);
      }
  expect(codes.size).toBeGreaterThan(20);
});

test('what is wrong with a reading says which unit would make sense', () => {
  const meant = { unit: 'kPa', si: 600_000 } as const;
  expect(takenWords({ weight: 'refuse', code: 'impossible', meant }, '600', 'us')).toBe(
    '“600” is out of range here. In kPa it would make sense.',
  );
  expect(takenWords({ weight: 'ask', code: 'hub-cold' }, '82', 'us')).toContain('has not worked');
  expect(takenWords({ weight: 'ask', code: 'below-air' }, '20', 'metric')).toContain('°C');
});

test('two things that cannot both be true are named', () => {
  const first = { place: '1L', subject: 'tread', grade: 'deep' } as const;
  expect(
    contradictionWords(
      { place: '1L', first, second: { ...first, subject: 'tire-wall', grade: 'cord' } },
      'us',
    ),
  ).toMatch(/^1L: tread .* and tire wall .* cannot both be true\.$/);
  expect(
    contradictionWords(
      { place: '1L', first, second: { place: '1L', what: 'tread-inner', value: toSI(2 / 32, 'in') } },
      'us',
    ),
  ).toContain('2/32 in');
});

test('what a finding forbids, and what it rests on', () => {
  expect(forbidsWords('stop')).toContain('Do not tow');
  expect(evidenceAndSource({ subject: 'weld', grade: 'rust' }, 'us')?.said).toBe('Welds: rust scale.');
  expect(evidenceAndSource({ what: 'hub-temp', value: F(180) }, 'us')?.said).toBe('Hub: 180 °F.');
  expect(evidenceAndSource({ trend: 'leak' }, 'us')?.source).toContain('before its plain limit');
  expect(evidenceAndSource(undefined, 'us')).toBeUndefined();
});

describe('in the log', () => {
  const stamp = {
    id: '0196d000-0000-7000-8000-000000000001',
    rig: '0196d000-0000-7000-8000-0000000000aa',
    happened: NOW,
    recorded: NOW,
  };
  const told = <K extends Kind>(kind: K, body: EntryOf<K>['body'], system: 'us' | 'metric' = 'us') =>
    entryWords(makeEntry(kind, stamp, body), system, () => 'Rust scale');

  test('a walk with its decision, what was bad, and what was read', () => {
    const { title, lines } = told('walk', {
      walk: 'hitch',
      order: 'round',
      looked: [
        { look: 'tire', place: '1L', as: 'not-right' },
        { look: 'nuts', place: '1L', as: 'skipped' },
      ],
      taken: [
        { place: '1L', what: 'pressure', value: psi(58), by: 'gauge' },
        { place: '1L', what: 'pressure-set', value: psi(65), by: 'gauge' },
      ],
      conditions: [{ place: '1L', subject: 'tire-wall', grade: 'cut' }],
      around: { air: F(58), tires: 'cold' },
      decision: { rule: 'no', go: 'care', until: 'the tire shop', why: 'two miles', where: 'home' },
    });
    expect(title).toBe('Hitching up: go with care');
    expect(lines).toEqual([
      '1 item checked, 1 skipped',
      'By rule: do not tow as is; you decided otherwise',
      'Until: the tire shop',
      'two miles',
      'At home',
      '1L: tire wall cut to the fabric',
      'Cold pressure: 1L 58 psi, by gauge',
      'Filled to: 1L 65 psi, by gauge',
      'Air 58 °F, tires cold',
    ]);
  });
  test('a walk without one', () => {
    const body = { walk: 'stop', order: 'round', taken: [], conditions: [] } as const;
    const look = (as: 'clear' | 'not-right') =>
      told('walk', { ...body, taken: [], conditions: [], looked: [{ look: 'tire', place: '1L', as }] }).title;
    expect(look('clear')).toBe('Every stop: clear');
    expect(look('not-right')).toBe('Every stop: 1 thing not right');
  });
  test('readings', () => {
    expect(
      told('reading', { taken: [{ place: '1L', what: 'hub-temp', value: F(118), by: 'thermometer' }] }).title,
    ).toBe('1L hub 118 °F');
    const many = told('reading', {
      taken: (['inner', 'middle', 'outer'] as const).map((at) => ({
        place: '1L' as const,
        what: `tread-${at}` as const,
        value: toSI(7 / 32, 'in'),
      })),
    });
    expect(many.title).toBe('Tread read at 1 place');
    expect(many.lines[0]).toContain('7/32 in');
  });
  test('lamps, pictures, opinions and looks again', () => {
    const lamps = told('lights', {
      wiring: 'shared',
      how: 'alone',
      results: [{ lamp: 'left', shows: 'brake', result: 'out' }],
      tests: [],
      cause: { faults: ['bulb-both@left'], sure: 0.83 },
    });
    expect(lamps.title).toBe('Lamps tested: 1 failure');
    expect(lamps.lines).toEqual([
      `${LAMP_WORDS.left}, brake: out`,
      'Likely: Left lamp: bulb burned out or loose (83 %)',
    ]);
    expect(
      told('photo', {
        hash: 'a'.repeat(64),
        bytes: 15_000,
        width: 640,
        height: 480,
        place: 'frame',
        note: 'brushed',
      }).lines,
    ).toEqual(['brushed', '640 × 480, 15 kB']);
    const opinion = told('opinion', {
      place: '2R',
      who: 'a shop',
      said: 'new hub',
      on: 'a look',
      quote: { amount: 640, currency: 'USD' },
      decided: 'open it first',
    });
    expect(opinion.title).toBe('2R, a shop: new hub');
    expect(opinion.lines).toEqual(['On: a look', 'Quoted $640.00', 'Decided: open it first']);
    expect(told('finding.seen', { finding: stamp.id, verdict: 'watch', note: 'the same' })).toEqual({
      title: 'Seen again: Rust scale',
      lines: ['Watch', 'the same'],
    });
  });
});
