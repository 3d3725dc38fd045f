import { emptyRig, type RigState } from '@/core/log';
import { compile, currentStep, startRun, tap, type Run } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { well } from '@/core/testing/well';
import { rigView } from './use-rigs';

const NOW = '2026-05-16T09:00:20.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const model = sampleModel({ hub: 'drilled', brake: 'electric' });
const rig: RigState = { ...emptyRig(RIG), model };
const rules = {};
const viewOf = (runs: readonly Run[], now = NOW, of = rig, house = rules) =>
  rigView(of, runs, now, house, undefined);

function begun(): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun('run', RIG, model, card.value, NOW);
}

function next(run: Run): Run {
  const step = currentStep(run);
  const tapped = step && tap(run, step.key, well(step, model), NOW);
  if (!tapped?.ok) throw new Error('no tap');
  return tapped.value;
}

test('a tap on a card changes what is open, and nothing of what follows from the log', () => {
  const run = begun();
  const before = viewOf([run]);
  const after = viewOf([next(run)]);
  expect(after?.open[0]?.step).toBe(2);
  expect(after?.duties).toBe(before?.duties);
  expect(after?.conflicts).toBe(before?.conflicts);
  expect(after?.tow).not.toBe(before?.tow);
});

test('the same view where nothing it rests on has changed', () => {
  const run = begun();
  const before = viewOf([run]);
  expect(viewOf([{ ...run }])).toBe(before);
  expect(viewOf([{ ...run, rig: 'another' }])).not.toBe(before);
});

test('another minute, another house or a rig that the log has changed is worked out anew', () => {
  const before = viewOf([]);
  expect(viewOf([], '2026-05-16T09:00:50.000Z')?.duties).toBe(before?.duties);
  expect(viewOf([], '2026-05-17T09:00:20.000Z')?.now).toBe('2026-05-17T09:00:20.000Z');
  expect(viewOf([], NOW, rig, { threads: 'anti-seize' } as never)?.house.threads).toBe('anti-seize');
  expect(viewOf([], NOW, { ...rig, distance: 1000 })?.duties).not.toBe(before?.duties);
});
