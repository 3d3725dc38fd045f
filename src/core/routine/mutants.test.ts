import fc from 'fast-check';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { anyHouse, anyJobs, anyWorkable, sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { compile, verify, type Act, type Card, type CardStep, type Job } from '.';

/** A random rig with a card of a few jobs. */
const anyCard = fc
  .tuple(anyWorkable, anyHouse)
  .chain(([model, house]) =>
    anyJobs(model, house, 2).map((jobs) => {
      const card = compile(model, jobs, house);
      return card.ok ? { model, card: card.value } : undefined;
    }),
  )
  .filter((made) => made !== undefined);

const withSteps = (card: Card, steps: readonly CardStep[]): Card => ({ ...card, steps });
const dropped = (card: Card, i: number) =>
  withSteps(
    card,
    card.steps.filter((_, at) => at !== i),
  );
const twice = (card: Card, i: number) =>
  withSteps(card, [...card.steps.slice(0, i + 1), card.steps[i] as CardStep, ...card.steps.slice(i + 1)]);
function swapped(card: Card, i: number, j: number): Card {
  const steps = [...card.steps];
  [steps[i], steps[j]] = [steps[j] as CardStep, steps[i] as CardStep];
  return withSteps(card, steps);
}

/** Steps that may come out without harm: looks and comforts that no rule of the safe order hangs on. */
const DISPENSABLE: ReadonlySet<Act> = new Set([
  'unchock',
  'look-spare',
  'ask-law',
  'note-spacing',
  'oil-check',
  'grease-pivot',
]);

/** Steps that undo or take off something: a second time there is nothing left to take. */
const ONCE: ReadonlySet<Act> = new Set([
  'break-loose',
  'jack',
  'wheel-off',
  'cap-off',
  'lock-out',
  'nut-off',
  'outer-out',
  'hub-off',
  'seal-out',
  'inner-out',
  'caliper-off',
  'caliper-on',
  'hub-on',
  'wheel-on',
  'lower',
  'plug-out',
  'plug-in',
  'wires-off',
  'plate-off',
  'wires-on',
  'shoes-off',
  'shoes-on',
  'magnet-out',
  'magnet-in',
  'frame-up',
  'frame-down',
  'joints-off',
  'joints-on',
  'bush-out',
  'bush-in',
  'pin-back',
  'battery-in',
  'threads',
  'torque',
]);

/** Neighbors that may as well change places. */
const FREE = new Set([
  'brake-on chock',
  'cap-on caliper-on',
  // The plug is reached with the wheel on as well; down it goes only with the plug in.
  'plug-home wheel-on',
  'look-spare swap-tire',
  'note-spacing frame-up',
  'set-pressure open-rechecks',
  'look-hangers equalizer-on',
  'tighten-joints wheel-on',
  'cap-on adapter-torque',
  'look-seal read-hub',
  'measure-brake caliper-off',
]);

test('a step dropped from any card of any rig is caught', () => {
  fc.assert(
    fc.property(anyCard, ({ model, card }) => {
      card.steps.forEach((step, i) => {
        if (step.optional || DISPENSABLE.has(step.step)) return;
        if (verify(dropped(card, i), model).length === 0)
          throw new Error(
            `missed: without ${step.key} ${JSON.stringify([card.jobs, card.steps.map((s) => s.key)])}`,
          );
      });
    }),
    { numRuns: runs(150) },
  );
});

test('what may be left out leaves a card that still holds', () => {
  fc.assert(
    fc.property(anyCard, ({ model, card }) => {
      card.steps.forEach((step, i) => {
        if (step.optional && verify(dropped(card, i), model).length > 0)
          throw new Error(
            `needed: ${step.key} ${JSON.stringify([verify(dropped(card, i), model), card.jobs])}`,
          );
      });
    }),
    { numRuns: runs(60) },
  );
});

test('taking apart what is apart, or closing what is closed, is caught', () => {
  fc.assert(
    fc.property(anyCard, ({ model, card }) => {
      card.steps.forEach((step, i) => {
        // Bare threads under a wheel that is off can be cleaned again.
        if (!ONCE.has(step.step) || (step.step === 'threads' && step.phase === 'open')) return;
        if (verify(twice(card, i), model).length === 0) throw new Error(`missed: ${step.key} twice`);
      });
    }),
    { numRuns: runs(100) },
  );
});

test('two steps swapped across a dependency are caught', () => {
  fc.assert(
    fc.property(anyCard, ({ model, card }) => {
      card.steps.forEach((before, i) => {
        card.steps.forEach((after, j) => {
          if (j <= i || DISPENSABLE.has(before.step) || DISPENSABLE.has(after.step)) return;
          if (before.optional || after.optional || FREE.has(`${before.step} ${after.step}`)) return;
          if (!after.needs.some((fact) => before.gives.includes(fact))) return;
          if (verify(swapped(card, i, j), model).length === 0)
            throw new Error(`missed: ${before.key} <> ${after.key}`);
        });
      });
    }),
    { numRuns: runs(60) },
  );
});

describe('each rule of the safe order, broken', () => {
  const drums = sampleModel({ kind: 'rv', brake: 'electric', hub: 'drilled', lock: 'cotter', axles: 2 });
  const torsion: RigModel = {
    ...drums,
    axles: drums.axles.map((axle) => ({ ...axle, suspension: 'torsion' })),
  };
  const laid = (jobs: readonly Job[], model: RigModel = drums): Card => {
    const card = compile(model, jobs, HOUSE_DEFAULT);
    if (!card.ok) throw new Error(card.error.code);
    return card.value;
  };
  const at = (card: Card, key: string) => {
    const i = card.steps.findIndex((step) => step.key === key);
    if (i < 0) throw new Error(`no ${key}`);
    return i;
  };
  const without = (card: Card, key: string) => dropped(card, at(card, key));
  const swap = (card: Card, one: string, two: string) => swapped(card, at(card, one), at(card, two));
  const again = (card: Card, key: string) => twice(card, at(card, key));
  /** A step taken from its place and put right before another. */
  const moved = (card: Card, key: string, before: string) => {
    const step = card.steps[at(card, key)] as CardStep;
    const rest = without(card, key);
    return withSteps(rest, rest.steps.toSpliced(at(rest, before), 0, step));
  };
  const rules = (card: Card, model: RigModel = drums) => verify(card, model).map((breach) => breach.rule);

  const repack = laid([{ routine: 'repack', place: '1L' }]);
  const both = laid([
    { routine: 'repack', place: '1L' },
    { routine: 'repack', place: '1R' },
  ]);
  const grease = laid([{ routine: 'grease', place: '1L' }]);
  const races = laid([{ routine: 'bearing-renew', place: '1L' }]);
  const plate = laid([{ routine: 'plate-renew', place: '1L' }]);
  const shoes = laid([{ routine: 'shoe-renew', place: '1L' }]);
  const adjust = laid([{ routine: 'brake-adjust', place: '1L' }]);
  const bushings = laid([{ routine: 'bushings', place: 'rig' }]);
  const threads = laid([{ routine: 'stud-threads', place: '1L' }]);
  const breakaway = laid([{ routine: 'battery-renew', place: 'breakaway' }]);
  const under = laid([
    { routine: 'underside', place: 'rig' },
    { routine: 'hub-look', place: '1L' },
  ]);
  const axle = laid([{ routine: 'axle-set', place: '1L' }]);
  const discs: RigModel = {
    ...drums,
    axles: drums.axles.map((one) => ({ ...one, brake: 'hydraulic-disc' })),
  };
  const pads = laid([{ routine: 'pad-renew', place: '1L' }], discs);
  const three = sampleModel({ brake: 'electric', hub: 'plain', axles: 3 });
  const rotation = laid(
    [
      { routine: 'tire-rotate', place: '1L', with: '3L' },
      { routine: 'brake-adjust', place: '2L' },
    ],
    three,
  );
  const spare = laid([{ routine: 'tire-change', place: '1L' }]);
  const adapted: RigModel = {
    ...drums,
    wheels: {
      ...drums.wheels,
      adapter: { fitted: true, torque: { value: 120, source: 'maker' } },
    },
  };
  const onAdapters = laid([{ routine: 'repack', place: '1L' }], adapted);
  const newHub = laid([{ routine: 'hub-renew', place: '1L' }]);
  /** Its chocks put in on the other side as well, and none taken out. */
  const leftUnder = (card: Card): Card =>
    withSteps(
      card,
      card.steps.map((step) => (step.step === 'chock-over' ? { ...step, step: 'chock' } : step)),
    );
  /** The seal of the old hub is levered out all the same. */
  const stripped = (card: Card): Card => {
    const seal = repack.steps.find(({ step }) => step === 'seal-out') as CardStep;
    return withSteps(card, card.steps.toSpliced(at(card, 'match-hub 1L'), 0, seal));
  };
  /** The bolts of a card at another figure. */
  const otherTorque = (card: Card): Card =>
    withSteps(
      card,
      card.steps.map((step) => (step.torque ? { ...step, torque: { ...step.torque, value: 1 } } : step)),
    );
  const lift = (card: Card, point: CardStep['lift']): Card =>
    withSteps(
      card,
      card.steps.map((step) => (step.lift ? { ...step, lift: point } : step)),
    );
  const full = (card: Card): Card =>
    withSteps(
      card,
      card.steps.map((step) => (step.round ? { ...step, round: { ...step.round, where: 'air' } } : step)),
    );

  test.each([
    [1, 'no parking brake', without(repack, 'brake-on')],
    [1, 'no chocks', without(repack, 'chock R')],
    [1, 'chocks over before the first side is done', moved(both, 'chock-over L', 'break-loose 1L')],
    [1, 'a chock left under the wheel that is raised', leftUnder(both)],
    [0, 'a tire filled once it carries', moved(spare, 'set-pressure 1L', 'open-rechecks 1L')],
    [8, 'a new hub packed before its spindle is seen', moved(newHub, 'look-spindle 1L', 'hub-on 1L')],
    [0, 'a hub that is thrown away, stripped', stripped(newHub)],
    [1, 'chocks after the jack', moved(adjust, 'chock R', 'stand 1L')],
    [1, 'chocks away too early', moved(repack, 'unchock', 'wheel-off 1L')],
    [1, 'threads on a rig that may roll', without(threads, 'chock R')],
    [1, 'the pin pulled on a rig that may roll', without(breakaway, 'brake-on')],
    [2, 'jacked before the nuts are loose', swap(repack, 'break-loose 1L', 'jack 1L')],
    [2, 'nuts never loosened', without(repack, 'break-loose 1L')],
    [2, 'nuts loosened in the air', moved(repack, 'break-loose 1L', 'feel 1L')],
    [2, 'nuts loosened twice', moved(again(repack, 'break-loose 1L'), 'jack 1L', 'break-loose 1L')],
    [3, 'stabilizers after the jack', moved(repack, 'steady', 'feel 1L')],
    [3, 'a jack nobody says where', lift(repack, undefined)],
    [4, 'no stand', without(repack, 'stand 1L')],
    [4, 'hands in before the stand', swap(repack, 'stand 1L', 'feel 1L')],
    [4, 'stand before the jack', swap(repack, 'jack 1L', 'stand 1L')],
    [4, 'under a frame that a jack holds', moved(under, 'check-fixings 1L', 'lower 1L')],
    [5, 'cap off with the wheel on', swap(repack, 'wheel-off 1L', 'cap-off 1L')],
    [5, 'wheel on without a cap', without(repack, 'cap-on 1L')],
    [6, 'nut before lock', swap(repack, 'lock-out 1L', 'nut-off 1L')],
    [6, 'lock left in', without(repack, 'lock-out 1L')],
    [6, 'hub before nut', moved(repack, 'hub-off 1L', 'nut-off 1L')],
    [6, 'inner bearing before seal', swap(repack, 'seal-out 1L', 'inner-out 1L')],
    [6, 'plate before its wires', swap(plate, 'wires-off 1L', 'plate-off 1L')],
    [7, 'shoes not backed off', without(repack, 'shoes-back 1L')],
    [7, 'drum pulled first', swap(repack, 'shoes-back 1L', 'hub-off 1L')],
    [8, 'not cleaned', without(repack, 'clean 1L')],
    [8, 'looked at before it is clean', swap(repack, 'clean 1L', 'look-bearings 1L')],
    [8, 'packed before it is looked at', swap(repack, 'look-bearings 1L', 'pack 1L')],
    [8, 'new races into grease', moved(races, 'race-out 1L', 'smear 1L')],
    [8, 'fitting not wiped', without(grease, 'wipe-fitting 1L')],
    [8, 'the back of the hub not looked at', without(grease, 'look-back 1L')],
    [9, 'no inner bearing', without(repack, 'inner-in 1L')],
    [9, 'seal before inner bearing', swap(repack, 'inner-in 1L', 'seal-in 1L')],
    [9, 'hub on before the seal', swap(repack, 'seal-in 1L', 'hub-on 1L')],
    [9, 'bearing in before its race', moved(races, 'race-in 1L', 'seal-in 1L')],
    [10, 'lock before nut', swap(repack, 'nut-set 1L', 'lock-in 1L')],
    [10, 'no lock', without(repack, 'lock-in 1L')],
    [10, 'cap before lock', moved(repack, 'cap-on 1L', 'lock-in 1L')],
    [10, 'never spun closed', without(repack, 'last-spin 1L')],
    [11, 'adjusted on the ground', swap(repack, 'brake-adjust 1L', 'lower 1L')],
    [11, 'adjusted before the nut is set', moved(repack, 'brake-adjust 1L', 'nut-set 1L')],
    [11, 'adjusted without raising', without(adjust, 'jack 1L')],
    [12, 'nuts not started by hand', without(repack, 'hand-start 1L')],
    [12, 'full torque in the air', swap(repack, 'torque 4 1L', 'lower 1L')],
    [12, 'a round left out', without(repack, 'torque 3 1L')],
    [12, 'a round twice', again(repack, 'torque 2 1L')],
    [12, 'rounds out of order', swap(repack, 'torque 1 1L', 'torque 2 1L')],
    [12, 'all rounds in the air', full(repack)],
    [13, 'rechecks not opened', without(repack, 'open-rechecks 1L')],
    [13, 'rechecks opened before the torque', swap(repack, 'open-rechecks 1L', 'torque 4 1L')],
    [13, 'threads are a refit too', without(threads, 'open-rechecks 1L')],
    [14, 'not tested', without(repack, 'brake-test 1L')],
    [14, 'tested before it is adjusted', swap(repack, 'brake-adjust 1L', 'brake-test 1L')],
    [14, 'tested on the ground', moved(shoes, 'brake-test 1L', 'torque 3 1L')],
    [14, 'hand not checked', without(plate, 'check-hand 1L')],
    [15, 'axle not held', without(bushings, 'hold-axle')],
    [15, 'joints opened before the stands', moved(bushings, 'joints-off L', 'frame-up')],
    [15, 'both sides at once', moved(bushings, 'joints-off R', 'joints-on L')],
    [15, 'frame down with a joint open', moved(bushings, 'frame-down', 'joints-on R')],
    [15, 'tightened before all is in place', moved(bushings, 'tighten-joints', 'joints-on R')],
    [15, 'an axle left loose', without(axle, 'axle-bolts 1L')],
    [15, 'an axle loosened before it is held', moved(axle, 'hold-axle', 'seat-axle 1L')],
    [15, 'a wheel onto an axle that is not tight', moved(axle, 'wheel-on 1L', 'axle-bolts 1L')],
    [14, 'brakes of a new axle not tested', without(axle, 'brake-test 1R')],
    [16, 'wires of a new axle left apart', without(axle, 'axle-wires-on 1L')],
    [12, 'axle bolts to another figure', otherTorque(axle)],
    [12, 'plate nuts to another figure', otherTorque(plate)],
    [16, 'cap left off', without(repack, 'cap-on 1L')],
    [16, 'wheel left off', without(repack, 'wheel-on 1L')],
    [16, 'grease plug left out', without(grease, 'plug-in 1L')],
    [16, 'wires left off', without(plate, 'wires-on 1L')],
    [16, 'shoes left off', without(shoes, 'shoes-on 1L')],
    [16, 'bushing left out', without(bushings, 'bush-in L')],
    [16, 'the breakaway pin left out', without(breakaway, 'pin-back breakaway')],
    [16, 'no breakaway battery', without(breakaway, 'battery-in breakaway')],
    [17, 'both sides up', swap(both, 'lower 1L', 'jack 1R')],
    [17, 'never let down', moved(both, 'lower 1L', 'stand 1R')],
    [17, 'frame up twice', again(bushings, 'frame-up')],
    [
      17,
      'a corner up under a frame',
      moved(
        withSteps(bushings, [...repack.steps.filter(({ step }) => step === 'jack'), ...bushings.steps]),
        'jack 1L',
        'frame-up',
      ),
    ],
  ] as const)('rule %d: %s', (rule, _, card) => {
    expect(rules(card)).toContain(rule);
  });

  test.each([
    [16, 'pads left out', without(pads, 'pads-in 1L'), discs],
    [16, 'a caliper left off', without(pads, 'caliper-on 1L'), discs],
    [12, 'an adapter not gone round while it lies bare', without(onAdapters, 'adapter-torque 1L'), adapted],
    [4, 'a stand not looked at again', without(rotation, 'stand-again 1L'), three],
    [17, 'a third corner up beside a bare hub', moved(rotation, 'jack 2L', 'rotate 3L'), three],
  ] as const)('rule %d: %s', (rule, _, card, model) => {
    expect(rules(card, model)).toContain(rule);
  });

  test('what is held done by the way is looked at: a repack without its looks does not clear them', () => {
    const keys = (card: Card) => verify(card, drums).map(({ key }) => key);
    expect(keys(without(repack, 'measure-brake 1L'))).toContain('brake-measure');
    expect(keys(without(shoes, 'look-brake 1L'))).toContain('brake-measure');
    const unseen = withSteps(
      repack,
      repack.steps.map((step) => (step.step === 'brake-adjust' ? { ...step, subjects: [] } : step)),
    );
    expect(keys(unseen)).toContain('brake-adjust');
  });

  test('a card speaks of no spare that the rig has not', () => {
    const none = { ...drums, spares: 0 };
    expect(verify(spare, none).map(({ why }) => why)).toContain('this rig has no spare');
    const there = withSteps(repack, [...repack.steps, { ...(repack.steps[4] as CardStep), place: 'S2' }]);
    expect(verify(there, drums).map(({ why }) => why)).toContain('this rig has no such place');
  });

  test('a spring seat is no place under a torsion tube', () => {
    const card = laid([{ routine: 'repack', place: '1L' }], torsion);
    expect(rules(lift(card, 'spring-seat'), torsion)).toContain(3);
    expect(rules(lift(repack, 'spring-seat'))).toEqual([]);
  });

  test('untouched, they all hold', () => {
    for (const card of [
      repack,
      both,
      grease,
      races,
      plate,
      shoes,
      adjust,
      bushings,
      threads,
      breakaway,
      under,
      axle,
      spare,
    ])
      expect(rules(card)).toEqual([]);
    expect(rules(newHub)).toEqual([]);
    expect(rules(onAdapters, adapted)).toEqual([]);
    expect(rules(pads, discs)).toEqual([]);
    expect(rules(rotation, three)).toEqual([]);
  });

  test('a breach names its rule, its step and its place', () => {
    expect(verify(without(repack, 'stand 1L'), drums)).toContainEqual({
      rule: 4,
      key: 'feel 1L',
      place: '1L',
      why: expect.any(String) as string,
    });
  });

  test('a step at a place without a job is named, and so is work that is not on the card', () => {
    const stray = withSteps(repack, [...repack.steps, { ...(repack.steps[4] as CardStep), place: '2R' }]);
    expect(verify(stray, drums)).toContainEqual(expect.objectContaining({ rule: 0, place: '2R' }));
    const nothing: Card = { ...repack, jobs: [...repack.jobs, { routine: 'lights', place: 'rig' }] };
    expect(verify(nothing, drums)[0]).toMatchObject({ rule: 0, key: 'plug-lights' });
  });

  test('a card of another rig does not pass for this one', () => {
    const bare = sampleModel({ brake: 'none', hub: 'plain' });
    expect(verify(laid([{ routine: 'repack', place: '1L' }], bare), drums).length).toBeGreaterThan(0);
    const three = sampleModel({ axles: 3 });
    expect(verify(laid([{ routine: 'repack', place: '3L' }], three), drums).length).toBeGreaterThan(0);
  });
});
