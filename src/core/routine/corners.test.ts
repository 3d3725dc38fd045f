import { toSI } from '../base';
import type { WheelEnd } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import {
  compile,
  currentStep,
  finishRun,
  isUnfit,
  minutesOf,
  openWork,
  startRun,
  tap,
  type CardStep,
  type Run,
  type Tap,
} from '.';

const T0 = '2026-05-16T09:00:00.000Z';
const T1 = '2026-05-16T12:30:00.000Z';
const model = sampleModel({ axles: 2, hub: 'drilled', brake: 'electric' });

function begin(...places: WheelEnd[]): Run {
  const card = compile(
    model,
    places.map((place) => ({ routine: 'repack', place })),
    HOUSE_DEFAULT,
  );
  if (!card.ok) throw new Error(card.error.code);
  return startRun('run', 'rig', model, card.value, T0);
}

/** Runs a card, changing what is said at some steps, until it is through or a step is reached. */
function work(
  run: Run,
  until = '',
  change: (step: CardStep) => Partial<Extract<Tap, { do: 'done' }>> = () => ({}),
): Run {
  const step = currentStep(run);
  if (!step || step.key === until) return run;
  const next = tap(run, step.key, { ...well(step, model), ...change(step) }, T0);
  if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
  return work(next.value, until, change);
}

describe('two corners on one card', () => {
  test('come to one entry with the readings, grease and refits of both', () => {
    const outcome = finishRun(work(begin('1L', '2R')), T1);
    if (!outcome.ok) throw new Error(outcome.error.code);
    const { work: entry } = outcome.value;
    expect(entry.jobs.map((job) => job.place)).toEqual(['1L', '2R']);
    expect(entry.materials).toEqual([
      { place: '1L', grease: 'lithium-complex' },
      { place: '2R', grease: 'lithium-complex' },
    ]);
    expect(entry.refits.map((refit) => refit.place)).toEqual(['1L', '2R']);
    for (const place of ['1L', '2R'] as const) {
      const play = entry.readings.find((reading) => reading.place === place && reading.what === 'end-play');
      expect(play?.value).toBeCloseTo(toSI(1 / 14 / 12, 'in'), 9);
    }
    expect(entry.minutes).toBe(210);
  });

  test('one may be left sound and the other renewed', () => {
    const outcome = finishRun(
      work(begin('1L', '2R'), '', (step) =>
        step.key === 'renew 2R' ? { readings: { renewed: 'both' } } : {},
      ),
      T1,
    );
    if (!outcome.ok) throw new Error(outcome.error.code);
    expect(outcome.value.work.renewed).toEqual([
      { place: '1L', part: 'seal' },
      { place: '2R', part: 'inner-set' },
      { place: '2R', part: 'outer-set' },
      { place: '2R', part: 'seal' },
    ]);
  });

  test('are open work, unfit only where nuts are loose', () => {
    const before = begin('1L', '2R');
    expect(isUnfit(before)).toBe(false);
    expect(openWork(before).map((one) => one.unfit)).toEqual([false, false]);
    const first = work(before, 'jack 1L');
    expect(openWork(first)).toMatchObject([
      { place: '1L', unfit: true },
      { place: '2R', unfit: false },
    ]);
    const second = work(first, 'jack 2R');
    expect(openWork(second).every((one) => one.unfit)).toBe(true);
    expect(openWork(second)[0]?.steps).toBe(second.card.steps.length);
  });

  test('are not closed while a step is left', () => {
    const run = work(begin('1L', '2R'), 'open-rechecks 2R');
    expect(finishRun(run, T1)).toEqual({
      ok: false,
      error: { code: 'not-through', key: 'open-rechecks 2R' },
    });
  });

  test('a bad grade at one is a finding at that one', () => {
    const outcome = finishRun(
      work(begin('1L', '2R'), '', (step) =>
        step.key === 'look-spindle 2R' ? { grades: { spindle: 'heat' } } : {},
      ),
      T1,
    );
    expect(outcome.ok && outcome.value.findings).toEqual([
      { place: '2R', verdict: 'stop', of: { subject: 'spindle', grade: 'heat' }, remedy: 'axle-set' },
    ]);
  });
});

test('minutes count from the first step, and never below nothing', () => {
  const run = begin('1L');
  expect(minutesOf(run, T1)).toBe(210);
  expect(minutesOf(run, '2026-05-16T08:00:00.000Z')).toBe(0);
});
