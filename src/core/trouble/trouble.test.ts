import * as fc from 'fast-check';
import { fromSI, toSI } from '../quantity';
import {
  BECAUSE,
  coolingTime,
  donorsFor,
  keepsEnough,
  lossRate,
  minutesUntilLow,
  nextQuestion,
  ROLLS,
  soFar,
  stricter,
  survivorLoad,
  TROUBLE_IDS,
  TROUBLES,
  type Answers,
  type Because,
  type Question,
  type RoadVerdict,
  type TroubleId,
} from '.';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const mph = (value: number) => toSI(value, 'mi') / 3600;
const lb = (value: number) => toSI(value, 'lb');
const inch = (value: number) => toSI(value, 'in');

/** A verdict as the table has it: `care 25 mi at 45`. */
function told({ roll, distance, speed }: RoadVerdict): string {
  const far = distance === undefined ? '' : ` ${Math.round(fromSI(distance, 'mi'))} mi`;
  return `${roll}${far}${speed === undefined ? '' : ` at ${Math.round(fromSI(speed * 3600, 'mi'))}`}`;
}

const ROWS: readonly (readonly [TroubleId, Answers, string, string])[] = [
  ['nail', { first: psi(65), second: psi(64.5) }, 'care 50 mi at 50', 'holds-air'],
  ['nail', { first: psi(65), second: psi(60) }, 'stay', 'wall-or-shoulder'],
  ['soft', { where: 'wall' }, 'stay', 'wall-or-shoulder'],
  ['soft', { where: 'crown', rolled: 'half' }, 'stay', 'rolled-flat'],
  ['soft', { where: 'crown', rolled: 'low' }, 'care 25 mi at 45', 'rolled-low'],
  [
    'soft',
    { first: psi(65), second: psi(64.9), where: 'crown', rolled: 'no', target: psi(65), 'to-air': 4 },
    'care 50 mi at 50',
    'lasts-between-airings',
  ],
  [
    'soft',
    { first: psi(65), second: psi(40), where: 'valve', rolled: 'no', target: psi(65), 'to-air': 4 },
    'stay',
    'loses-too-fast',
  ],
  ['soft', { where: 'valve', rolled: 'no' }, 'stay', 'loss-unknown'],
  ['flat', { spare: 'usable' }, 'here', 'spare-goes-on'],
  ['flat', { spare: 'aged' }, 'care 50 mi at 50', 'aged-spare'],
  ['flat', { spare: 'none', axles: 'one' }, 'stay', 'one-axle-no-spare'],
  [
    'flat',
    { spare: 'none', axles: 'more', hurt: 'nothing', load: lb(1500), maximum: lb(2540), rating: lb(3500) },
    'care 25 mi at 35',
    'survivor-carries',
  ],
  [
    'flat',
    { spare: 'none', axles: 'more', hurt: 'nothing', load: lb(2000), maximum: lb(2540), rating: lb(3500) },
    'creep 2 mi at 15',
    'survivor-overloaded',
  ],
  ['flat', { spare: 'none', axles: 'more', hurt: 'rim' }, 'creep 2 mi at 15', 'survivor-unknown'],
  ['flat', { spare: 'none', axles: 'more', hurt: 'line' }, 'stay', 'line-hurt'],
  ['carcass', { spare: 'usable' }, 'here', 'spare-goes-on'],
  ['carcass', { spare: 'none' }, 'creep 1 mi at 15', 'coming-apart'],
  ['hot', { hub: F(110), mate: F(108), air: F(70) }, 'care 50 mi at 50', 'cool'],
  ['hot', { hub: F(140), mate: F(112), air: F(80) }, 'care 25 mi at 45', 'warm'],
  ['hot', { hub: F(220) }, 'stay', 'burnt'],
  [
    'hot',
    { hub: F(180), smoke: 'no', drag: 'goes-with-brake-off', touched: 'no' },
    'care 25 mi at 45',
    'brake-drags',
  ],
  ['hot', { hub: F(180), smoke: 'no', drag: 'goes-with-brake-off', touched: 'yes' }, 'stay', 'open-it-cold'],
  [
    'hot',
    { hub: F(180), smoke: 'no', drag: 'stays', touched: 'no', opened: 'bright' },
    'care 25 mi at 45',
    'nut-reset',
  ],
  [
    'hot',
    { hub: F(180), smoke: 'no', drag: 'stays', touched: 'no', opened: 'rough' },
    'stay',
    'bearing-gone',
  ],
  ['hot', { hub: F(180), smoke: 'hub' }, 'stay', 'hub-smokes'],
  ['hot', { hand: 'stays' }, 'care 50 mi at 50', 'cool'],
  ['hot', { hand: 'seconds' }, 'care 25 mi at 45', 'warm'],
  [
    'hot',
    { hand: 'not-at-all', smoke: 'no', drag: 'goes-with-brake-off', touched: 'no' },
    'care 25 mi at 45',
    'brake-drags',
  ],
  ['hot', { hand: 'sizzles' }, 'stay', 'burnt'],
  ['leaning', { which: 'nuts' }, 'stay', 'as-studs'],
  ['leaning', { which: 'hub', 'spare-hub': 'fits', spindle: 'smooth' }, 'here', 'hub-replaced'],
  ['leaning', { which: 'hub', 'spare-hub': 'fits', spindle: 'scored' }, 'stay', 'hub-leans'],
  ['cap', { 'oil-bath': 'yes' }, 'stay', 'oil-bath-open'],
  ['cap', { 'oil-bath': 'no', lock: 'there', grease: 'clean' }, 'care 50 mi at 45', 'cap-missing'],
  [
    'cap',
    { 'oil-bath': 'no', lock: 'missing', reset: 'yes', grease: 'clean' },
    'care 50 mi at 45',
    'cap-missing',
  ],
  ['cap', { 'oil-bath': 'no', lock: 'missing', reset: 'no', grease: 'clean' }, 'stay', 'nut-was-free'],
  ['cap', { 'oil-bath': 'no', lock: 'there', grease: 'dirty' }, 'care 10 mi at 45', 'clean-and-pack'],
  ['oil-bath', { where: 'front', window: 'low' }, 'care 50 mi at 45', 'oil-in-front'],
  ['oil-bath', { where: 'behind', window: 'low' }, 'creep 1 mi at 15', 'brake-counts-as-gone'],
  ['oil-bath', { where: 'front', window: 'empty' }, 'stay', 'oil-empty'],
  ['oil-bath', { where: 'front', window: 'milky' }, 'care 10 mi at 45', 'clean-and-pack'],
  ['grease', { where: 'front' }, 'care 50 mi at 45', 'grease-in-front'],
  ['grease', { where: 'behind' }, 'creep 1 mi at 15', 'brake-counts-as-gone'],
  ['studs', { holes: 'worn' }, 'stay', 'holes-worn'],
  ['studs', { holes: 'round', held: 'yes', studs: 4, lost: 1, gone: 1 }, 'stay', 'too-few'],
  ['studs', { holes: 'round', held: 'yes', studs: 5, lost: 1, gone: 1 }, 'creep 5 mi at 30', 'one-of-five'],
  ['studs', { holes: 'round', held: 'yes', studs: 6, lost: 1, gone: 1 }, 'care 25 mi at 45', 'enough-left'],
  ['studs', { holes: 'round', held: 'yes', studs: 8, lost: 1, gone: 1 }, 'care 25 mi at 45', 'enough-left'],
  ['studs', { holes: 'round', held: 'yes', studs: 8, lost: 2, gone: 2 }, 'stay', 'too-few'],
  ['studs', { holes: 'round', held: 'yes', studs: 6, lost: 2, gone: 0 }, 'creep 5 mi at 30', 'ran-loose'],
  [
    'studs',
    { holes: 'round', held: 'ran-loose', studs: 6, lost: 1, gone: 0 },
    'creep 5 mi at 30',
    'ran-loose',
  ],
  [
    'studs',
    { holes: 'round', held: 'yes', studs: 5, lost: 1, gone: 0, from: 'aboard' },
    'care 50 mi at 50',
    'all-back',
  ],
  [
    'studs',
    { holes: 'round', held: 'yes', studs: 6, lost: 1, gone: 0, from: 'six-or-eight' },
    'care 25 mi at 45',
    'nuts-borrowed',
  ],
  [
    'studs',
    { holes: 'round', held: 'yes', studs: 5, lost: 1, gone: 0, from: 'five' },
    'creep 5 mi at 30',
    'five-gave-a-nut',
  ],
  [
    'studs',
    { holes: 'round', held: 'yes', studs: 5, lost: 1, gone: 0 },
    'creep 5 mi at 30',
    'five-gave-a-nut',
  ],
  ['studs', { holes: 'round' }, 'stay', 'studs-unknown'],
  ['studs', { holes: 'round', held: 'yes', studs: 6, lost: 1, gone: 2 }, 'stay', 'counts-differ'],
  ['nail', { first: psi(60), second: psi(66) }, 'stay', 'pressures-differ'],
  ['dragging', { pin: 'out' }, 'here', 'pin-back-in'],
  ['dragging', { pin: 'in', 'how-many': 'all', 'plug-out': 'goes' }, 'creep 1 mi at 15', 'brake-wire-off'],
  [
    'dragging',
    { pin: 'in', 'how-many': 'one', 'backed-off': 'free', hub: 'cool' },
    'care 25 mi at 45',
    'backed-off',
  ],
  ['dragging', { pin: 'in', 'how-many': 'one', 'backed-off': 'drags' }, 'stay', 'drags-on'],
  ['dead', { which: 'all', 'within-limit': 'no' }, 'creep 1 mi at 15', 'unbraked'],
  ['dead', { which: 'all', 'within-limit': 'yes' }, 'care 25 mi at 40', 'within-unbraked-limit'],
  ['dead', { which: 'one-axle-of-two', 'law-allows': 'yes' }, 'care 50 mi at 50', 'one-axle-brakes'],
  ['dead', { which: 'one-end', 'within-limit': 'no' }, 'creep 1 mi at 15', 'unbraked'],
  ['fade', { hubs: 'cool', wheels: 'free' }, 'care 50 mi at 45', 'cooled'],
  ['fade', { hubs: 'hot' }, 'stay', 'as-hub-hot'],
  ['lights', { which: 'brake-or-turn' }, 'stay', 'not-seen-to-stop'],
  ['lights', { which: 'running', time: 'day' }, 'care 50 mi at 55', 'by-day'],
  ['lights', { which: 'running', time: 'rain' }, 'stay', 'not-seen'],
  ['strap', { which: 'chain', replaced: 'no' }, 'stay', 'no-chain'],
  ['strap', { which: 'winch', lines: 'two-over-load' }, 'care 50 mi at 45', 'two-lines'],
  ['coupler', { numbers: 'differ' }, 'stay', 'ball-differs'],
  [
    'coupler',
    { numbers: 'same', 'came-off': 'no', latched: 'and-pinned', 'lift-test': 'holds' },
    'here',
    'latched',
  ],
  [
    'coupler',
    { numbers: 'same', 'came-off': 'no', latched: 'and-pinned', 'lift-test': 'play' },
    'stay',
    'play-seen',
  ],
  ['breakaway', { what: 'cable', required: 'yes' }, 'stay', 'breakaway-dead'],
  ['breakaway', { what: 'battery', 'after-charge': 'holds' }, 'here', 'charged'],
  ['spring', { what: 'main-leaf' }, 'stay', 'carries-the-axle'],
  [
    'spring',
    { what: 'lower-leaf', moved: inch(0.05), 'to-tire': inch(3) },
    'care 50 mi at 45',
    'lower-leaf-or-bushing',
  ],
  ['spring', { what: 'bushing', moved: inch(0.3), 'to-tire': inch(3) }, 'creep 2 mi at 15', 'axle-shifted'],
  ['spring', { what: 'u-bolt-loose', moved: 0, 'to-tire': inch(3) }, 'care 50 mi at 50', 'torqued'],
  ['spring', { what: 'lower-leaf', moved: inch(0.6), 'to-tire': inch(3) }, 'stay', 'axle-moved'],
  ['spring', { what: 'lower-leaf', moved: 0, 'to-tire': inch(0.8) }, 'stay', 'axle-moved'],
  ['sway', { began: mph(50), tongue: 'in-window' }, 'care 25 mi at 40', 'sways'],
  ['sway', { began: mph(65), tongue: 'light' }, 'care 25 mi at 45', 'tongue-unknown'],
  ['shifted', { load: 'back-and-tied' }, 'here', 'tied-again'],
  ['hot', { hub: F(160), smoke: 'no' }, 'stay', 'heat-unknown'],
  ['strap', { which: 'chain', replaced: 'rated' }, 'here', 'rated-link'],
  ['strap', { which: 'winch', lines: 'less' }, 'stay', 'boat-not-held'],
  ['strap', { which: 'tie-down', limit: 'half-the-cargo' }, 'care 50 mi at 45', 'tied-down'],
  ['strap', { which: 'tie-down', limit: 'less' }, 'stay', 'cargo-not-held'],
  ['coupler', { numbers: 'same', 'came-off': 'yes' }, 'stay', 'came-off'],
  ['coupler', { numbers: 'same', 'came-off': 'no', latched: 'no' }, 'stay', 'not-latched'],
  ['breakaway', { what: 'switch', required: 'no' }, 'care 50 mi at 50', 'not-required'],
  ['spring', { what: 'bushing' }, 'stay', 'axle-not-measured'],
  ['shifted', { load: 'loose' }, 'stay', 'load-loose'],
  ['stuck', { what: 'nut-rounded', off: 'yes' }, 'here', 'next-size-hammered'],
  ['ramp', { hand: 'stays' }, 'here', 'cool-enough'],
  ['lost', {}, 'stay', 'wheel-lost'],
  ['stuck', { what: 'jack-down' }, 'stay', 'stuck'],
  ['ramp', { hand: 'not' }, 'stay', 'wait-twenty-minutes'],
];

test.each(ROWS)('%s, %j: %s', (id, answers, verdict, because) => {
  const out = soFar(id, answers);
  expect(told(out)).toBe(verdict);
  expect(out.because).toBe(because);
});

test('every trouble has a row, and so has whatever decides one', () => {
  expect([...new Set(ROWS.map(([id]) => id))].sort()).toEqual([...TROUBLE_IDS].sort());
  const several: readonly Because[] = [
    'three-at-once',
    'two-on-one-axle',
    'two-on-one-side',
    'stands-already',
  ];
  expect(
    BECAUSE.filter((because) => !several.includes(because) && !ROWS.some((row) => row[3] === because)),
  ).toEqual([]);
});

/** Any answer to a question. */
const answerTo = (question: Question): fc.Arbitrary<string | number> => {
  switch (question.as) {
    case 'choice':
      return fc.constantFrom(...question.options);
    case 'count':
      return fc.integer({ min: 0, max: 80 });
    case 'speed':
    case 'minutes':
      return fc.double({ min: 0, max: 60, noNaN: true });
    case 'quantity':
      switch (question.of) {
        case 'pressure':
          return fc.double({ min: 0, max: psi(100), noNaN: true });
        case 'temperature':
          return fc.double({ min: F(0), max: F(400), noNaN: true });
        case 'weight':
          return fc.double({ min: 0, max: 3000, noNaN: true });
        default:
          return fc.double({ min: 0, max: 0.1, noNaN: true });
      }
  }
};

const grave = ({ roll }: RoadVerdict) => ROLLS.indexOf(roll);

describe.each(TROUBLE_IDS)('%s', (id) => {
  const { questions } = TROUBLES[id];
  const all = fc.record(
    Object.fromEntries(questions.map((question) => [question.id, answerTo(question)])),
  ) as fc.Arbitrary<Answers>;

  test('what is not answered counts as the strictest: no answer makes it graver than none', () => {
    fc.assert(
      fc.property(all, (answers) => {
        expect(grave(soFar(id, {}))).toBeGreaterThanOrEqual(grave(soFar(id, answers)));
      }),
    );
  });

  test('is asked to its end in the order that decides, and an answer that is not known never softens', () => {
    fc.assert(
      fc.property(all, (given) => {
        let answers: Answers = {};
        for (let i = 0; i <= questions.length; i++) {
          const next = nextQuestion(id, answers);
          if (!next) break;
          answers = { ...answers, [next.id]: given[next.id] };
          if (next.as === 'choice') {
            const unknown = soFar(id, { ...answers, [next.id]: 'unknown' });
            const options = next.options.map((option) => grave(soFar(id, { ...answers, [next.id]: option })));
            expect(grave(unknown)).toBeGreaterThanOrEqual(Math.max(...options));
          }
        }
        expect(nextQuestion(id, answers)).toBeUndefined();
      }),
    );
  });

  test('creep and care have a distance and a speed, stay has none', () => {
    fc.assert(
      fc.property(all, (answers) => {
        const { roll, distance, speed } = soFar(id, answers);
        const limited = roll === 'creep' || roll === 'care';
        expect(distance !== undefined && speed !== undefined).toBe(limited);
        if (roll === 'creep') expect(fromSI((speed ?? 0) * 3600, 'mi')).toBeLessThanOrEqual(30);
      }),
    );
  });
});

describe('several at once', () => {
  const care: RoadVerdict = {
    roll: 'care',
    distance: 40_000,
    speed: 20,
    looks: { at: [8000] },
    because: 'cool',
  };
  const other: RoadVerdict = {
    roll: 'care',
    distance: 20_000,
    speed: 22,
    looks: { at: [3000], every: 8000 },
    because: 'warm',
  };

  test('the worst stands; of one word the shorter way, the lower speed and all looks', () => {
    expect(stricter(care, { roll: 'stay', because: 'burnt' }).because).toBe('burnt');
    expect(stricter(care, other)).toEqual({
      roll: 'care',
      distance: 20_000,
      speed: 20,
      looks: { at: [3000, 8000], every: 8000 },
      because: 'warm',
    });
    expect(
      stricter({ ...care, roll: 'creep', distance: 8000, speed: 13 }, { ...care, distance: 4800, speed: 9 }),
    ).toMatchObject({
      roll: 'creep',
      distance: 4800,
      speed: 9,
    });
  });

  test('in whatever order they come', () => {
    const verdict = fc.record({
      roll: fc.constantFrom(...ROLLS),
      distance: fc.integer({ min: 1, max: 80_000 }),
      speed: fc.integer({ min: 1, max: 25 }),
      because: fc.constantFrom('cool' as const, 'warm' as const),
    });
    fc.assert(
      fc.property(verdict, verdict, (a, b) => {
        const { because: _, ...one } = stricter(a, b);
        const { because: __, ...two } = stricter(b, a);
        expect(one).toEqual(two);
      }),
    );
  });
});

describe('arithmetic of the road', () => {
  test('a tire is given a psi of doubt, and never less than a tenth a minute', () => {
    expect(lossRate(psi(65), psi(62)) / psi(1)).toBeCloseTo(0.4, 9);
    expect(lossRate(psi(65), psi(66)) / psi(1)).toBeCloseTo(0.1, 9);
    expect(minutesUntilLow(psi(65), psi(65), psi(0.4))).toBeCloseTo(32.5, 9);
    expect(minutesUntilLow(psi(40), psi(65), psi(0.4))).toBe(0);
  });

  test('the survivor of a side: an unknown weight is the rating', () => {
    expect(survivorLoad(3000, undefined, 300)).toBe(1500);
    expect(survivorLoad(3000, 2400, 300)).toBe(1050);
  });

  test('nuts left on, and who can give one', () => {
    expect([4, 5, 6, 8].map((on) => keepsEnough(on, 1))).toEqual([false, true, true, true]);
    expect([5, 6, 8].map((on) => keepsEnough(on, 2))).toEqual([false, false, false]);
    const wheels = [
      { place: '1L', studs: 5, held: true },
      { place: '1R', studs: 6, held: true },
      { place: '2L', studs: 8, held: true },
      { place: '2R', studs: 8, held: false },
    ];
    expect(donorsFor(2, wheels).map(({ place }) => place)).toEqual(['2L', '1R']);
    expect(donorsFor(1, wheels.slice(0, 1))).toEqual([]);
  });

  test('a hub nears the air as it cools, with a band; one that does not cool has no time', () => {
    const cooling = coolingTime(F(220), F(180), 10, F(80));
    expect(cooling?.likely).toBeCloseTo((10 * Math.log(100 / 40)) / Math.log(140 / 100), 6);
    expect(cooling?.early).toBeLessThan(cooling?.likely ?? 0);
    expect(cooling?.late).toBeGreaterThan(cooling?.likely ?? 0);
    expect(coolingTime(F(150), F(150), 10, F(80))).toBeUndefined();
    expect(coolingTime(F(150), F(110), 10, F(80))?.likely).toBe(0);
    expect(coolingTime(F(220), F(180), 10, F(125))).toBeUndefined();
  });
});
