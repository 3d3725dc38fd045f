import fc from 'fast-check';
import { ACTS, compile, type Act, type Card, type CardStep } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { anyHouse, anyJobs, anyUnseen, sampleModel } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import { stepWords } from '..';
import { HAZARDS, hazardsUnsaid } from './hazards';

const models = [
  sampleModel({ axles: 2, brake: 'electric', hub: 'plain', kind: 'rv' }),
  sampleModel({ axles: 2, brake: 'hydraulic-disc', hub: 'plain', kind: 'rv' }),
  sampleModel({ axles: 2, brake: 'hydraulic-drum', hub: 'plain', kind: 'rv' }),
];

/** What a step says where it stands on a rig with brakes. */
function words(act: Act, model: (typeof models)[number]): string {
  const step = {
    key: act,
    step: act,
    place: '1L',
    side: 'L',
    phase: 'open',
    readings: [],
    subjects: [],
    minutes: 1,
  };
  const { how, caution } = stepWords(
    step as never as CardStep,
    model,
    { house: HOUSE_DEFAULT, jobs: [], steps: [] },
    'us',
  );
  return `${how} ${caution ?? ''}`;
}

describe.each(Object.entries(HAZARDS))('%s', (_, { at, says }) => {
  test.each(at)('is named at %s', (act) => {
    expect(ACTS).toContain(act);
    // A step that is there for one kind of brake alone is told for that one.
    expect(models.map((model) => words(act, model)).some((told) => says.test(told))).toBe(true);
  });
});

test.each([0, 0.2, 0.5, 1])('no round of the star by machine: share %d', (share) => {
  const round = { number: 1, of: 3, share, where: share < 1 ? 'air' : 'ground', torque: 100 };
  const step = { step: 'torque', place: '1L', threads: 'dry', round, readings: [], subjects: [] };
  expect(
    stepWords(step as never as CardStep, sampleModel({}), { house: HOUSE_DEFAULT, jobs: [], steps: [] }, 'us')
      .caution,
  ).toContain('No impact gun');
});

describe('a brake is tried as it works', () => {
  const tried = (brake: 'electric' | 'hydraulic-drum', actuator?: 'surge') =>
    words('brake-test', { ...sampleModel({ brake, hub: 'plain' }), ...(actuator && { actuator }) });
  test('electric, with the plug in again', () => expect(tried('electric')).toContain('plugged in again'));
  test('surge, by one person with the emergency lever, nobody at the tongue', () => {
    expect(tried('hydraulic-drum', 'surge')).toContain('emergency lever');
    expect(tried('hydraulic-drum', 'surge')).toContain('Nobody pushes on the tongue');
  });
  test('a leaking cylinder is looked for where there is one', () => {
    const drum = (brake: 'electric' | 'hydraulic-drum') =>
      words('look-brake', sampleModel({ brake, hub: 'plain' }));
    expect([drum('hydraulic-drum'), drum('electric')].map((told) => told.includes('leaks'))).toEqual([
      true,
      false,
    ]);
  });
});

const anyCard = fc
  .tuple(anyUnseen, anyHouse)
  .chain(([model, house]) =>
    anyJobs(model, house).map((jobs) => {
      const card = compile(model, jobs, house);
      return card.ok ? { model, card: card.value } : undefined;
    }),
  )
  .filter((made) => made !== undefined);

test('no card passes over a hazard of its steps, whatever the rig and the schools', () => {
  fc.assert(
    fc.property(anyCard, fc.constantFrom('us' as const, 'metric' as const), ({ model, card }, system) => {
      expect(hazardsUnsaid(card, model, system)).toEqual([]);
    }),
    { numRuns: runs(5000) },
  );
});

test('a caution taken away is missed at its step', () => {
  const model = sampleModel({ axles: 2, hub: 'drilled' });
  const made = compile(model, [{ routine: 'bearing-renew', place: '1L' }], HOUSE_DEFAULT);
  if (!made.ok) throw new Error(made.error.code);
  const card: Card = made.value;
  const bare: typeof stepWords = (...of) => ({ ...stepWords(...of), how: '', caution: '' });
  for (const act of ['jack', 'stand', 'cap-off', 'race-in', 'clean', 'wheel-off', 'break-loose'])
    expect(hazardsUnsaid(card, model, 'us', bare).some((one) => one.startsWith(`${act} 1L`))).toBe(true);
  expect(hazardsUnsaid(card, model, 'us')).toEqual([]);
});
