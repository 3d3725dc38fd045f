import fc from 'fast-check';
import { BRAKES, HUBS, KINDS, LOCKS, wheelEnds, type RigModel, type WheelEnd } from '../rig';
import { HOUSE_DEFAULT, type HouseRules } from '../rules';
import { anyHouse, anyWorkable, sampleModel } from '../testing/arbitraries';
import { compile, verify, type Card, type CardStep } from '.';

function cardOf(model: RigModel, places: readonly WheelEnd[], house: HouseRules = HOUSE_DEFAULT): Card {
  const card = compile(
    model,
    places.map((place) => ({ routine: 'repack', place })),
    house,
  );
  if (!card.ok) throw new Error(card.error.code);
  return card.value;
}

const opens = (model: RigModel) =>
  wheelEnds(model).filter(
    (_, i) => !['oil-bath', 'sealed'].includes(model.axles[Math.floor(i / 2)]?.hub ?? ''),
  );

/** A random rig with a random set of its hubs that open. */
const anyJob = fc
  .tuple(anyWorkable, anyHouse, fc.infiniteStream(fc.boolean()))
  .map(([model, house, coin]) => ({ model, house, places: opens(model).filter(() => coin.next().value) }))
  .filter((job) => job.places.length > 0);

function swapped(card: Card, i: number, j: number): Card {
  const steps = [...card.steps];
  [steps[i], steps[j]] = [steps[j] as CardStep, steps[i] as CardStep];
  return { ...card, steps };
}

describe('compile', () => {
  test('every card of every rig verifies', () => {
    fc.assert(
      fc.property(anyJob, ({ model, house, places }) => {
        expect(verify(cardOf(model, places, house), model)).toEqual([]);
      }),
      { numRuns: 400 },
    );
  });

  test('is deterministic, and keys are unique', () => {
    fc.assert(
      fc.property(anyJob, ({ model, house, places }) => {
        const card = cardOf(model, places, house);
        expect(cardOf(model, places, house)).toEqual(card);
        expect(new Set(card.steps.map((step) => step.key)).size).toBe(card.steps.length);
      }),
      { numRuns: 60 },
    );
  });

  test('a rig drops what it does not have', () => {
    const has = (model: RigModel, step: string) =>
      cardOf(model, ['1L']).steps.some((one) => one.step === step);
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

  test('starts with brake and chocks on the other side, ends with the chocks away', () => {
    const card = cardOf(sampleModel({ kind: 'utility' }), ['1R']);
    expect(card.steps.slice(0, 2).map((step) => step.key)).toEqual(['brake-on', 'chock L']);
    expect(card.steps.at(-1)?.key).toBe('unchock');
  });

  test('a side is chocked only once the other is next', () => {
    const keys = cardOf(sampleModel({ axles: 2 }), ['2L', '1L', '2R']).steps.map((step) => step.key);
    expect(keys.filter((key) => key.startsWith('chock'))).toEqual(['chock R', 'chock L']);
    expect(keys.indexOf('chock L')).toBeGreaterThan(keys.indexOf('open-rechecks 1L'));
    expect(keys.indexOf('chock L')).toBeLessThan(keys.indexOf('break-loose 2R'));
  });

  test('set-up is shared between corners, and one corner is up at a time', () => {
    const model = sampleModel({ axles: 2 });
    const two = cardOf(model, ['2R', '2L']);
    expect(two.steps.filter((step) => step.step === 'brake-on')).toHaveLength(1);
    expect(two.steps.findIndex((s) => s.key === 'jack 2L')).toBeGreaterThan(
      two.steps.findIndex((s) => s.key === 'lower 2R'),
    );
  });

  test.each([
    ['no-jobs', sampleModel({}), []],
    ['no-such-place', sampleModel({ axles: 1 }), ['2L']],
    ['hub-stays-shut', sampleModel({ hub: 'oil-bath' }), ['1L']],
    ['hub-stays-shut', sampleModel({ hub: 'sealed' }), ['1L']],
    ['twice', sampleModel({}), ['1L', '1L']],
  ] as const)('refuses: %s', (code, model, places) => {
    const card = compile(
      model,
      places.map((place) => ({ routine: 'repack' as const, place })),
      HOUSE_DEFAULT,
    );
    expect(card).toMatchObject({ ok: false, error: { code } });
  });
});

describe('verify', () => {
  test('two steps swapped across a dependency are always caught', () => {
    fc.assert(
      fc.property(anyJob, ({ model, house, places }) => {
        const card = cardOf(model, places.slice(0, 1), house);
        card.steps.forEach((before, i) => {
          card.steps.forEach((after, j) => {
            if (j <= i || !after.needs.some((fact) => before.gives.includes(fact))) return;
            if (verify(swapped(card, i, j), model).length === 0)
              throw new Error(`missed: ${before.key} <> ${after.key}`);
          });
        });
      }),
      { numRuns: 40 },
    );
  });

  const model = sampleModel({ kind: 'rv', brake: 'electric', hub: 'drilled', lock: 'cotter' });
  const card = cardOf(model, ['1L']);
  const without = (...ids: string[]): Card => ({
    ...card,
    steps: card.steps.filter((s) => !ids.includes(s.step)),
  });
  const at = (key: string) => card.steps.findIndex((s) => s.key === key);
  const rulesOf = (one: Card) => verify(one, model).map((breach) => breach.rule);

  test.each([
    [1, without('brake-on')],
    [1, without('chock')],
    [2, swapped(card, at('break-loose 1L'), at('jack 1L'))],
    [4, without('stand')],
    [5, swapped(card, at('wheel-off 1L'), at('cap-off 1L'))],
    [6, without('lock-out')],
    [7, without('shoes-back')],
    [8, without('clean')],
    [9, without('inner-in')],
    [10, without('lock-in')],
    [11, swapped(card, at('brake-adjust 1L'), at('lower 1L'))],
    [12, without('hand-start')],
    [12, swapped(card, at('torque 3 1L'), at('lower 1L'))],
    [13, without('open-rechecks')],
    [14, without('brake-test')],
    [16, without('cap-on')],
    [16, without('wheel-on')],
  ])('rule %d is named when it is broken', (rule, broken) => {
    expect(rulesOf(broken)).toContain(rule);
  });

  test('both sides up at once breaks rule 17', () => {
    const both = cardOf(model, ['1L', '1R']);
    const down = both.steps.findIndex((s) => s.key === 'lower 1L');
    const up = both.steps.findIndex((s) => s.key === 'jack 1R');
    expect(verify(swapped(both, down, up), model).map((b) => b.rule)).toContain(17);
  });

  test('a step dropped is caught unless it may be left out', () => {
    card.steps.forEach((step, i) => {
      if (step.optional || step.step === 'unchock') return;
      const rest = { ...card, steps: card.steps.filter((_, at) => at !== i) };
      if (verify(rest, model).length === 0) throw new Error(`missed: without ${step.key}`);
    });
  });

  test('a step at a place without a job is named', () => {
    const stray = {
      ...card,
      steps: [...card.steps, { ...(card.steps[4] as CardStep), place: '1R' as const }],
    };
    expect(rulesOf(stray)).toContain(0);
  });

  test('covers every kind of rig in its own tests', () => {
    expect([KINDS.length, BRAKES.length, HUBS.length, LOCKS.length]).toEqual([3, 4, 5, 3]);
  });
});
