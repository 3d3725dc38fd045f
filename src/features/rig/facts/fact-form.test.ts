import fc from 'fast-check';
import { toSI } from '@/core/base';
import { applyChanges, FACT_IDS, factApplies, factDef, factValue, type FactId } from '@/core/rig';
import { anyModel, sampleModel } from '@/core/testing/arbitraries';
import { draftOf, forgetFact, readFact, type FactDraft } from './fact-form';

const MODEL = sampleModel({ axles: 2 });
const NOTHING: FactDraft = { value: '', second: '', thread: 'tpi', source: '' };

function read(id: FactId, draft: Partial<FactDraft>, insisted = false) {
  return readFact(MODEL, id, { ...NOTHING, ...draft }, [0, 1], 'us', insisted);
}

test('a fact of axles is told of each that is meant, with its source', () => {
  const result = read('threadPitch', { value: '14', source: 'marking' });
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  expect(Object.keys(result.value)).toEqual(['axles.0.threadPitch', 'axles.1.threadPitch']);
  expect(applyChanges(MODEL, result.value).ok).toBe(true);
  const one = readFact(MODEL, 'hub', { ...NOTHING, value: 'oil-bath' }, [1], 'us');
  expect(one).toEqual({ ok: true, value: { 'axles.1.hub': 'oil-bath' } });
});

test.each<[FactId, Partial<FactDraft>, object]>([
  ['socket', { value: '13/16', source: 'marking' }, { value: toSI(13 / 16, 'in'), source: 'marking' }],
  ['socket', { value: '21 mm', source: 'marking' }, { value: 0.021, source: 'marking' }],
  ['pressure', { value: '65', source: 'maker' }, { value: toSI(65, 'psi'), source: 'maker' }],
  ['rating', { value: '3,500', source: 'marking' }, { value: toSI(3500, 'lb'), source: 'marking' }],
  ['drum', { value: '10', second: '2 1/4', source: 'marking' }, { source: 'marking' }],
  ['endPlay', { value: '', second: '0.005', source: 'maker' }, { value: { min: 0 } }],
])('%s from %j', (id, draft, expected) => {
  const result = read(id, draft);
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  expect(Object.values(result.value)[0]).toMatchObject(expected);
});

test.each<[FactId, Partial<FactDraft>, readonly string[]]>([
  ['torque', { value: '' }, ['value', 'source']],
  ['torque', { value: 'tight', source: 'maker' }, ['value']],
  ['torque', { value: '110' }, ['source']],
  ['torque', { value: '5000', source: 'maker' }, ['value']],
  ['threadPitch', { value: '140', source: 'marking' }, ['value']],
  ['threadPitch', { value: '9', thread: 'mm', source: 'marking' }, ['value']],
  ['slots', { value: '6.5', source: 'marking' }, ['value']],
  ['slots', { value: '0', source: 'marking' }, ['value']],
  ['repackDays', { value: '0', source: 'owner' }, ['value']],
  ['repackDistance', { value: '0', source: 'owner' }, ['value']],
  ['endPlay', { value: '0.01', second: '0.001', source: 'maker' }, ['second']],
  ['endPlay', { value: '0', second: '3', source: 'maker' }, ['second']],
  ['drum', { value: '2', second: '1', source: 'marking' }, ['value']],
  ['drum', { value: '10', second: '12', source: 'marking' }, ['second']],
  ['brake', {}, ['value']],
  ['key', { value: '  ' }, ['value']],
])('%s as %j is told at %j', (id, draft, fields) => {
  const result = read(id, draft);
  expect(result.ok ? [] : Object.keys(result.error)).toEqual(fields);
});

test('an unusual torque asks again, and is taken when it is insisted on', () => {
  const odd = { value: '35', source: 'maker' } as const;
  expect(read('torque', odd)).toMatchObject({ ok: false, error: { ask: true } });
  expect(read('torque', odd, true).ok).toBe(true);
});

test('what is withdrawn is not known any more', () => {
  const made = applyChanges(MODEL, forgetFact('slots', [1]));
  if (!made.ok) throw new Error(made.error);
  expect([factValue(made.value, 'slots', 0), factValue(made.value, 'slots', 1)]).toEqual([
    expect.anything(),
    undefined,
  ]);
});

test.each(['us', 'metric'] as const)('any fact of any rig is read again as it is shown (%s)', (system) => {
  fc.assert(
    fc.property(anyModel, (model) => {
      for (const id of FACT_IDS) {
        const raw = factValue(model, id);
        if (raw === undefined || !factApplies(model, id, 0)) continue;
        const result = readFact(model, id, draftOf(model, id, 0, system), [0], system, true);
        if (!result.ok) throw new Error(`${id} ${JSON.stringify(raw)}: ${JSON.stringify(result.error)}`);
        const [value] = Object.values(result.value);
        const bare = (one: unknown) =>
          one !== null && typeof one === 'object' && 'value' in one ? one.value : one;
        const [was, now] = [bare(raw), bare(value)];
        // Typed figures are rounded for people: what comes back is the same to the eye.
        if (typeof was === 'number' && was !== 0 && factDef(id).type.as !== 'choice')
          expect(Math.abs(Number(now) / was - 1)).toBeLessThan(0.02);
        else if (typeof was !== 'object') expect(now).toEqual(was);
      }
    }),
    { numRuns: 60 },
  );
});
