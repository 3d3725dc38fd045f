import fc from 'fast-check';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { well } from '../testing/well';
import { compile, currentStep, readRun, startRun, storeRun, tap, type Run } from '.';

const NOW = '2026-05-16T14:00:00.000Z';
const model = sampleModel({ kind: 'boat', hub: 'plain', brake: 'electric' });

function worked(taps: number): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  let run = startRun('run', 'rig', model, card.value, NOW);
  for (let i = 0; i < taps; i++) {
    const step = currentStep(run);
    const next = step && tap(run, step.key, well(step, model), NOW);
    if (!next?.ok) break;
    run = next.value;
  }
  return run;
}

test('a card comes back from disk as it was put there, at every step', () => {
  for (const taps of [0, 1, 12, 200]) {
    const stored = storeRun(worked(taps), 7);
    expect(readRun(JSON.parse(JSON.stringify(stored)))).toEqual({
      ok: true,
      value: JSON.parse(JSON.stringify(stored)) as unknown,
    });
  }
});

test('a card of the first version is lifted: its water, its branches, its jack', () => {
  const run = worked(3);
  const { environment: _, ...dry } = run.model;
  const old = {
    ...run,
    model: { ...dry, water: 'salt' },
    card: { ...run.card, branches: undefined, steps: run.card.steps.map(({ lift: _lift, ...step }) => step) },
  };
  const read = readRun(old);
  if (!read.ok) throw new Error(read.error.detail);
  expect(read.value).toMatchObject({ v: 2, rev: 0, run: { index: 3, card: { branches: [] } } });
  expect(read.value.run.model).toEqual({ ...dry, environment: { water: 'salt' } });
  const jacks = read.value.run.card.steps.filter(({ step }) => step === 'jack');
  expect(jacks.length).toBeGreaterThan(0);
  expect(jacks.every(({ lift }) => lift === 'frame')).toBe(true);
  expect(read.value.run.card.steps.filter(({ lift }) => lift).length).toBe(jacks.length);
});

test.each([
  ['nothing', undefined, ''],
  ['a newer version', { v: 99, rev: 1, run: worked(1) }, 'v'],
  [
    'a step nobody knows',
    { ...worked(1), card: { ...worked(1).card, steps: [{ step: 'paint' }] } },
    'card.steps.0.key',
  ],
  ['no steps', { ...worked(1), card: { ...worked(1).card, steps: [] } }, 'card.steps'],
  ['a place past its end', { ...worked(1), index: 9999 }, 'index'],
  ['half a card', { v: 2, rev: 3, run: { id: 'run', rig: 'rig' } }, 'model'],
])('%s is refused, and says where', (_, raw, field) => {
  expect(readRun(raw)).toMatchObject({ ok: false, error: { field } });
});

test('whatever lies there is read or refused, never thrown at', () => {
  fc.assert(
    fc.property(fc.anything(), (raw) => void readRun(raw)),
    { numRuns: runs(1000) },
  );
  const keys = Object.keys(worked(1));
  fc.assert(
    fc.property(fc.constantFrom(...keys), fc.anything(), (key, value) => {
      const read = readRun({ ...worked(2), [key]: value });
      if (read.ok) expect(currentStep(read.value.run)?.key ?? 'end').toBeTruthy();
    }),
    { numRuns: runs(300) },
  );
});
