import { well } from '../testing/well';
import { back, currentStep, isUnfit, tap, typeIn, type CardStep, type Run, type Tap } from '.';

import { begin, drilled, outcome, T0, through } from '../testing/cards';

describe('a run', () => {
  test('takes each tap once, at the step in hand', () => {
    const run = begin();
    const step = currentStep(run) as CardStep;
    const once = tap(run, step.key, well(step, drilled), T0);
    if (!once.ok) throw new Error('refused');
    expect(once.value.index).toBe(1);
    expect(tap(once.value, step.key, well(step, drilled), T0)).toMatchObject({
      error: { code: 'not-this-step' },
    });
  });

  test('a step is done only with its readings and grades', () => {
    const at = (key: string): Run => {
      let run = begin();
      for (let step = currentStep(run); step && step.key !== key; step = currentStep(run)) {
        const next = tap(run, step.key, well(step, drilled), T0);
        if (next.ok) run = next.value;
      }
      return run;
    };
    const empty: Tap = { do: 'done', readings: {}, grades: {} };
    expect(tap(at('pack 1L'), 'pack 1L', empty, T0)).toMatchObject({
      error: { code: 'reading-missing', what: 'grease' },
    });
    expect(tap(at('feel 1L'), 'feel 1L', empty, T0)).toMatchObject({
      error: { code: 'grade-missing', subject: 'rock' },
    });
    expect(
      tap(at('hand-start 1L'), 'hand-start 1L', { ...empty, readings: { 'nuts-started': 5 } }, T0),
    ).toMatchObject({
      error: { code: 'count-off', expected: 6 },
    });
    expect(tap(at('jack 1L'), 'jack 1L', { do: 'skip', reason: 'no' }, T0)).toMatchObject({
      error: { code: 'not-optional' },
    });
    expect(tap(at('top-up 1L'), 'top-up 1L', { do: 'skip', reason: ' ' }, T0)).toMatchObject({
      error: { code: 'reason-missing' },
    });
  });

  test('going back keeps what was written', () => {
    const run = through(begin());
    const returned = back(run, T0);
    expect(returned.index).toBe(run.index - 1);
    expect(returned.records).toEqual(run.records);
    expect(back(begin(), T0).index).toBe(0);
  });

  test('the rig is unfit from the first nut broken loose', () => {
    let run = begin();
    const seen: [string, boolean][] = [];
    for (let step = currentStep(run); step; step = currentStep(run)) {
      seen.push([step.step, isUnfit(run)]);
      const next = tap(run, step.key, well(step, drilled), T0);
      if (!next.ok) throw new Error(next.error.code);
      run = next.value;
    }
    const loose = seen.findIndex(([step]) => step === 'break-loose');
    expect(seen.slice(0, loose + 1).every(([, unfit]) => !unfit)).toBe(true);
    expect(seen.slice(loose + 1).every(([, unfit]) => unfit)).toBe(true);
  });
});

describe('typed in from paper', () => {
  test('comes to the same as step by step, and stops where something is missing', () => {
    const run = begin();
    const typed = typeIn(run, (step) => well(step, drilled), T0);
    expect(typed.stopped).toBeUndefined();
    expect(typed.run).toEqual(through(run));
    const gap = typeIn(
      run,
      (step) => (step.step === 'pack' ? { do: 'done', readings: {}, grades: {} } : well(step, drilled)),
      T0,
    );
    expect(gap.stopped).toEqual({ key: 'pack 1L', why: { code: 'reading-missing', what: 'grease' } });
    expect(currentStep(gap.run)?.key).toBe('pack 1L');
  });

  test('bearings written down as renewed bring their races, which count as done', () => {
    const typed = typeIn(
      begin(),
      (step) =>
        step.step === 'renew'
          ? { ...well(step, drilled), readings: { renewed: 'both' } }
          : well(step, drilled),
      T0,
    );
    expect(typed.run.card.steps.some(({ step }) => step === 'race-in')).toBe(true);
    expect(outcome(typed.run).work.renewed).toHaveLength(3);
  });
});
