import fc from 'fast-check';
import { placesOf, wheelEnds, type RigModel, type WheelEnd } from '../rig';
import { HOUSE_DEFAULT, WORKS, type HouseRules, type WorkId } from '../rules';
import { anyHouse, anyJobs, anyUnseen, anyWorkable, everyJob, sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import {
  ACTS,
  BRANCH_IDS,
  BRANCHES,
  compile,
  effortOf,
  needsOf,
  PLANS,
  verify,
  type Card,
  type Job,
} from '.';
import {
  CHAPTERS,
  chapterSteps,
  CHOCK,
  CHOCK_OVER,
  FRAME_DOWN,
  FRAME_UP,
  SET_UP,
  TIGHTEN_HARD,
  UNCHOCK,
} from './steps';

/** Any rig under any schools with any work that can be done on it; jobs that exclude each other are not asked for together. */
const anyAsked = fc
  .tuple(fc.oneof(anyWorkable, anyUnseen), anyHouse)
  .chain(([model, house]) => anyJobs(model, house).map((jobs) => ({ model, house, jobs })));

function cardOf(model: RigModel, jobs: readonly Job[], house: HouseRules = HOUSE_DEFAULT): Card {
  const card = compile(model, jobs, house);
  if (!card.ok) throw new Error(JSON.stringify(card.error));
  return card.value;
}
const repacks = (...places: WheelEnd[]): Job[] => places.map((place) => ({ routine: 'repack', place }));
const keysOf = (card: Card) => card.steps.map((step) => step.key);

test('every act is a step of some work or branch, and none is written that is not an act', () => {
  const plans = Object.values(PLANS).flatMap((plan) => [
    ...(plan?.before ?? []),
    ...(plan?.after ?? []),
    ...(plan?.first ?? []),
    ...(plan?.firstAtAxle ?? []),
    ...(plan?.frame ? [...plan.frame.sides, ...plan.frame.joined, ...(plan.frame.axle ?? [])] : []),
  ]);
  const branches = BRANCH_IDS.flatMap((id) => BRANCHES[id].add.map(({ step }) => step));
  const written = [
    ...plans,
    ...branches,
    ...CHAPTERS.flatMap(chapterSteps),
    ...SET_UP,
    ...FRAME_UP,
    ...FRAME_DOWN,
    CHOCK,
    CHOCK_OVER,
    TIGHTEN_HARD,
    UNCHOCK,
  ];
  expect([...new Set(written.map(({ id }) => id))].sort()).toEqual([...ACTS].sort());
});

describe('compile', () => {
  test('random rigs with random work compile and verify', () => {
    let refused = 0;
    fc.assert(
      fc.property(anyAsked, ({ model, house, jobs }) => {
        const card = compile(model, jobs, house);
        if (!card.ok) {
          if (card.error.code === 'deadlock') throw new Error(JSON.stringify([card.error, jobs]));
          // Only ever because two of the jobs exclude each other, or a shop has to open the hub.
          expect(['two-schools', 'hub-stays-shut', 'two-axles', 'bare-spindle']).toContain(card.error.code);
          refused += 1;
          return;
        }
        const breaches = verify(card.value, model);
        for (const { part, place } of needsOf(card.value, model, undefined).parts)
          if (place !== 'rig' && !placesOf(model).includes(place))
            throw new Error(`no place for a ${part}: ${place}`);
        if (breaches.length > 0) throw new Error(JSON.stringify([breaches, jobs, keysOf(card.value)]));
      }),
      { numRuns: runs(5000) },
    );
    expect(refused).toBeLessThan(runs(5000) / 2);
  });

  test('every kind of work has a card on some rig', () => {
    const met = new Set<WorkId>();
    for (const [model, house] of fc.sample(fc.tuple(anyWorkable, anyHouse), { numRuns: 200, seed: 5 }))
      for (const job of everyJob(model, house))
        if (!met.has(job.routine) && compile(model, [job], house).ok) met.add(job.routine);
    expect([...met].sort()).toEqual(WORKS.filter((work) => PLANS[work]).sort());
  });

  test('is deterministic, whatever the order of jobs on one side; keys are unique', () => {
    fc.assert(
      fc.property(anyAsked, ({ model, house, jobs }) => {
        const card = compile(model, jobs, house);
        if (!card.ok) return;
        expect(compile(model, jobs, house)).toEqual(card);
        expect(new Set(keysOf(card.value)).size).toBe(card.value.steps.length);
      }),
      { numRuns: runs(100) },
    );
  });

  test('each kind of work stands on its card where it is asked for', () => {
    const full = sampleModel({ kind: 'boat', axles: 2, hub: 'pressure-cap', brake: 'hydraulic-drum' });
    expect(keysOf(cardOf(full, [{ routine: 'grease', place: '2R' }]))).toEqual([
      'brake-on',
      'chock L',
      'cover-off 2R',
      'jack 2R',
      'stand 2R',
      'feel 2R',
      'plug-out 2R',
      'wipe-fitting 2R',
      'pump 2R',
      'look-back 2R',
      'plug-in 2R',
      'lower 2R',
      'cover-on 2R',
      'unchock',
    ]);
  });

  test('a rig drops what it does not have', () => {
    const has = (model: RigModel, step: string) =>
      cardOf(model, repacks('1L')).steps.some((one) => one.step === step);
    const plain = sampleModel({ kind: 'utility', brake: 'none', hub: 'plain' });
    for (const step of [
      'brake-adjust',
      'brake-test',
      'shoes-back',
      'top-up',
      'mark-hole',
      'steady',
      'caliper-off',
    ])
      expect(has(plain, step)).toBe(false);
    const full = sampleModel({ kind: 'rv', brake: 'electric', hub: 'drilled', lock: 'cotter' });
    for (const step of ['brake-adjust', 'brake-test', 'shoes-back', 'top-up', 'mark-hole', 'steady'])
      expect(has(full, step)).toBe(true);
  });

  test('the pads of a disc are looked at with the hub shut', () => {
    const disc = sampleModel({ brake: 'hydraulic-disc', hub: 'sealed' });
    const keys = keysOf(cardOf(disc, [{ routine: 'brake-measure', place: '1L' }]));
    expect(keys).toContain('measure-brake 1L');
    expect(keys.some((key) => /cap-off|hub-off|caliper-off/.test(key))).toBe(false);
  });

  test('starts with brake and chocks on the other side, ends with the chocks away', () => {
    const card = cardOf(sampleModel({ kind: 'utility' }), repacks('1R'));
    expect(keysOf(card).slice(0, 2)).toEqual(['brake-on', 'chock L']);
    expect(card.steps.at(-1)?.key).toBe('unchock');
  });

  test('a side is chocked only once the other is next', () => {
    const keys = keysOf(cardOf(sampleModel({ axles: 2 }), repacks('2L', '1L', '2R')));
    expect(keys.filter((key) => key.startsWith('chock'))).toEqual(['chock R', 'chock-over L']);
    expect(keys.indexOf('chock-over L')).toBeGreaterThan(keys.indexOf('open-rechecks 2L'));
    expect(keys.indexOf('chock-over L')).toBeLessThan(keys.indexOf('break-loose 2R'));
  });

  test('all nuts of one side are broken loose in one walk, each corner is raised once and by itself', () => {
    const keys = keysOf(cardOf(sampleModel({ axles: 2 }), repacks('1L', '2L')));
    expect(keys.indexOf('break-loose 2L')).toBeLessThan(keys.indexOf('jack 1L'));
    expect(keys.indexOf('jack 2L')).toBeGreaterThan(keys.indexOf('lower 1L'));
    expect(keys.filter((key) => key.startsWith('jack'))).toHaveLength(2);
  });

  test('one raising serves every job at a corner, and what is done by the way is not asked for twice', () => {
    const model = sampleModel({ brake: 'electric', hub: 'drilled' });
    const card = cardOf(model, [
      { routine: 'hub-look', place: '1L' },
      { routine: 'brake-adjust', place: '1L' },
      { routine: 'repack', place: '1L' },
      { routine: 'lug-torque', place: '1L' },
      { routine: 'tire-renew', place: '1L' },
      { routine: 'lug-torque', place: '1R' },
    ]);
    expect(card.jobs.map(({ routine, place }) => `${routine} ${place}`)).toEqual([
      'repack 1L',
      'tire-renew 1L',
      'lug-torque 1R',
    ]);
    const keys = keysOf(card);
    for (const once of ['jack 1L', 'brake-adjust 1L', 'swap-tire 1L', 'check-lugs 1R'])
      expect(keys.filter((key) => key === once)).toHaveLength(1);
    expect(keys.indexOf('brake-adjust 1L')).toBeLessThan(keys.indexOf('lower 1L'));
    expect(keys.indexOf('torque 4 1L')).toBeGreaterThan(keys.indexOf('lower 1L'));
  });

  test('wheels of one side change places with both off; a spare needs one corner only', () => {
    const model = { ...sampleModel({ axles: 2 }), spares: 1 };
    const both = keysOf(cardOf(model, [{ routine: 'tire-rotate', place: '1L', with: '2L' }]));
    expect(both.indexOf('wheel-off 2L')).toBeLessThan(both.indexOf('wheel-on 1L'));
    const spare = keysOf(cardOf(model, [{ routine: 'tire-rotate', place: '1L', with: 'S1' }]));
    expect(spare.filter((key) => key.startsWith('wheel-off'))).toEqual(['wheel-off 1L']);
  });

  test('bushings: frame on stands, axle held, one side after the other, then torque', () => {
    const model = sampleModel({ axles: 2, kind: 'utility' });
    const keys = keysOf(cardOf(model, [{ routine: 'bushings', place: 'rig' }]));
    const at = (key: string) => keys.indexOf(key);
    const expected = [
      'note-spacing',
      'break-loose 2R',
      'frame-up',
      'hold-axle',
      'joints-off L',
      'joints-on L',
      'joints-off R',
      'joints-on R',
      'tighten-joints',
      'wheel-on 1L',
      'frame-down',
      'torque 3 1L',
      'unchock',
    ];
    expect(expected.map(at)).toEqual([...expected.map(at)].sort((a, b) => a - b));
    expect(expected.map(at)).not.toContain(-1);
    expect(keys.some((key) => key.startsWith('jack'))).toBe(false);
  });

  test('estimates come from the owner’s own past where there is one', () => {
    const model = sampleModel({});
    const card = compile(model, repacks('1L'), HOUSE_DEFAULT, { pace: { pack: 17.5 } });
    expect(card.ok && card.value.steps.find((step) => step.step === 'pack')?.minutes).toBe(17.5);
    expect(card.ok && card.value.steps.find((step) => step.step === 'smear')?.minutes).toBe(2);
  });

  test('walks and tools are counted, and no layout that costs more is taken', () => {
    const model = sampleModel({ axles: 3 });
    const card = cardOf(model, repacks(...wheelEnds(model)));
    const { walks, tools } = effortOf(card.steps);
    // A corner is left for the next one, and once a side is walked along for its nuts.
    expect(walks).toBeLessThanOrEqual(6 + 2 * 3);
    expect(tools).toBeGreaterThan(walks);
    expect(effortOf([])).toEqual({ walks: 0, tools: 0, cost: 0 });
  });

  test.each([
    ['no-jobs', sampleModel({}), []],
    ['no-such-place', sampleModel({ axles: 1 }), repacks('2L')],
    ['no-such-place', sampleModel({}), [{ routine: 'tire-rotate', place: '1L' }]],
    ['no-such-place', sampleModel({}), [{ routine: 'gear-look', place: 'winch' }]],
    ['hub-stays-shut', sampleModel({ hub: 'oil-bath' }), repacks('1L')],
    ['hub-stays-shut', sampleModel({ hub: 'sealed' }), repacks('1L')],
    ['not-here', sampleModel({ brake: 'none' }), [{ routine: 'brake-adjust', place: '1L' }]],
    ['not-here', sampleModel({ hub: 'plain' }), [{ routine: 'grease', place: '1L' }]],
    ['not-here', sampleModel({}), [{ routine: 'lights', place: '1L' }]],
    ['no-card', sampleModel({}), [{ routine: 'walkaround', place: 'rig' }]],
    ['twice', sampleModel({}), repacks('1L', '1L')],
    [
      'two-schools',
      sampleModel({ brake: 'electric' }),
      [
        { routine: 'plate-renew', place: '1L' },
        { routine: 'shoe-renew', place: '1L' },
      ],
    ],
    [
      'bare-spindle',
      sampleModel({}),
      [
        { routine: 'hub-build', place: '1L' },
        { routine: 'brake-adjust', place: '1L' },
      ],
    ],
    ['both-sides', sampleModel({ axles: 2 }), [{ routine: 'tire-rotate', place: '1L', with: '2R' }]],
    ['not-known', { ...sampleModel({}), axles: [{ suspension: 'leaf' }] }, repacks('1L')],
    [
      'not-known',
      { ...sampleModel({}), axles: [{ suspension: 'leaf' }] },
      [{ routine: 'brake-adjust', place: '1L' }],
    ],
  ] as readonly (readonly [string, RigModel, readonly Job[]])[])('refuses: %s', (code, model, jobs) => {
    expect(compile(model, jobs, HOUSE_DEFAULT)).toMatchObject({ ok: false, error: { code } });
  });
});
