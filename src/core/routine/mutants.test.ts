import fc from 'fast-check';
import { wheelEnds, type RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { anyHouse, anyWorkable, sampleModel } from '../testing/arbitraries';
import { compile, verify, type Card, type CardStep } from '.';

/** A random rig with one of its hubs that open, and its card. */
const anyCard = fc.tuple(anyWorkable, anyHouse, fc.nat()).map(([model, house, pick]) => {
  const open = wheelEnds(model).filter(
    (place) => !['oil-bath', 'sealed'].includes(model.axles[Number(place[0]) - 1]?.hub ?? ''),
  );
  const place = open[pick % Math.max(1, open.length)];
  const card = place && compile(model, [{ routine: 'repack', place }], house);
  return card?.ok ? { model, card: card.value } : undefined;
});

const withSteps = (card: Card, steps: readonly CardStep[]): Card => ({ ...card, steps });

/** Steps that may come out, or come twice, without harm: they change nothing that can be hurt. */
const HARMLESS = new Set(['unchock', 'cover-off', 'cover-on', 'steady', 'top-up']);
const TWICE_IS_WELL = new Set([
  ...HARMLESS,
  'brake-on',
  'chock',
  'stand',
  'feel',
  'clean',
  'look-bearings',
  'look-spindle',
  'look-brake',
  'renew',
  'read-seal',
  'pack',
  'smear',
  'inner-in',
  'seal-in',
  'outer-in',
  'nut-set',
  'lock-in',
  'check-set',
  'cap-on',
  'mark-hole',
  'shoes-back',
  'hand-start',
  'last-spin',
  'brake-adjust',
  'brake-test',
  'open-rechecks',
]);

test('a step dropped from any card of any rig is caught', () => {
  fc.assert(
    fc.property(anyCard, (made) => {
      if (!made) return;
      const { model, card } = made;
      card.steps.forEach((step, i) => {
        if (HARMLESS.has(step.step) || step.optional) return;
        const breaches = verify(
          withSteps(
            card,
            card.steps.filter((_, at) => at !== i),
          ),
          model,
        );
        if (breaches.length === 0) throw new Error(`missed: without ${step.key}`);
      });
    }),
    { numRuns: 60 },
  );
});

test('taking apart what is apart already is caught', () => {
  fc.assert(
    fc.property(anyCard, (made) => {
      if (!made) return;
      const { model, card } = made;
      card.steps.forEach((step, i) => {
        if (TWICE_IS_WELL.has(step.step) || step.round) return;
        const breaches = verify(
          withSteps(card, [...card.steps.slice(0, i + 1), step, ...card.steps.slice(i + 1)]),
          model,
        );
        if (breaches.length === 0) throw new Error(`missed: ${step.key} twice`);
      });
    }),
    { numRuns: 60 },
  );
});

test('a round of torque left out, repeated or out of order is caught', () => {
  fc.assert(
    fc.property(anyCard, (made) => {
      if (!made) return;
      const { model, card } = made;
      const rounds = card.steps.map((step, i) => ({ step, i })).filter(({ step }) => step.round);
      for (const { step, i } of rounds) {
        const without = withSteps(
          card,
          card.steps.filter((_, at) => at !== i),
        );
        const twice = withSteps(card, [...card.steps.slice(0, i), step, ...card.steps.slice(i)]);
        expect(verify(without, model)).not.toEqual([]);
        expect(verify(twice, model).map((breach) => breach.rule)).toContain(12);
      }
    }),
    { numRuns: 40 },
  );
});

test('a breach names its rule, its step and its place', () => {
  const model = sampleModel({ kind: 'utility', brake: 'none' });
  const card = compile(model, [{ routine: 'repack', place: '1R' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  const broken = withSteps(
    card.value,
    card.value.steps.filter((step) => step.step !== 'stand'),
  );
  expect(verify(broken, model)).toContainEqual({
    rule: 4,
    key: 'feel 1R',
    place: '1R',
    why: expect.any(String) as string,
  });
});

test('a card of another rig does not pass for this one', () => {
  const drums: RigModel = sampleModel({ brake: 'electric', hub: 'drilled' });
  const bare = sampleModel({ brake: 'none', hub: 'plain' });
  const card = compile(bare, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  expect(verify(card.value, drums).length).toBeGreaterThan(0);
});
