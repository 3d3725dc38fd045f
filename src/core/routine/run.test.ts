import { addDays, type Instant } from '../base';
import { toSI } from '../quantity';
import type { RigModel } from '../rig';
import { CRITERIA, HOUSE_DEFAULT, type Subject } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import {
  amendModel,
  back,
  compile,
  currentStep,
  findingAt,
  finishRun,
  isUnfit,
  startRun,
  tap,
  type CardStep,
  type Run,
  type Tap,
} from '.';

const T0 = '2026-05-16T09:00:00.000Z';
const drilled = sampleModel({ hub: 'drilled', brake: 'electric' });

function begin(model: RigModel = drilled): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun('run', 'rig', model, card.value, T0);
}

/** What a careful person taps when all is well. */
function well(step: CardStep, model: RigModel): Extract<Tap, { do: 'done' }> {
  const readings: Record<string, string | number> = {};
  for (const { what } of step.readings)
    readings[what] =
      what === 'grease'
        ? 'lithium-complex'
        : what === 'renewed'
          ? 'none'
          : what === 'slots-back'
            ? 0.5
            : what.startsWith('nuts')
              ? model.wheels.studs
              : what === 'strokes'
                ? 4
                : 'A-1';
  const grades = Object.fromEntries(
    step.subjects.map((subject) => [subject, Object.keys(CRITERIA[subject])[0]]),
  );
  return { do: 'done', readings, grades };
}

function through(
  run: Run,
  change: (step: CardStep, tapped: Extract<Tap, { do: 'done' }>) => Tap = (_, t) => t,
): Run {
  let now = run;
  for (let step = currentStep(now); step; step = currentStep(now)) {
    const next = tap(now, step.key, change(step, well(step, now.model)), T0);
    if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
    now = next.value;
  }
  return now;
}

const graded = (subject: Subject, grade: string, also: Record<string, string> = {}) =>
  through(begin(), (step, tapped) => {
    if (tapped.do !== 'done') return tapped;
    const readings = step.step === 'renew' ? { ...tapped.readings, ...also } : tapped.readings;
    return {
      ...tapped,
      readings,
      grades: step.subjects.includes(subject) ? { ...tapped.grades, [subject]: grade } : tapped.grades,
    };
  });

const outcome = (run: Run, at: Instant = addDays(T0, 1 / 24)) => {
  const done = finishRun(run, at);
  if (!done.ok) throw new Error(done.error.key);
  return done.value;
};

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

describe('a finished run', () => {
  test('is refused while steps are left', () => {
    expect(finishRun(begin(), T0)).toMatchObject({
      ok: false,
      error: { code: 'not-through', key: 'brake-on' },
    });
  });

  test('puts work, readings, grease and refit on the log', () => {
    const { work, findings } = outcome(through(begin()));
    expect(findings).toEqual([]);
    expect(work).toMatchObject({
      jobs: [{ routine: 'repack', place: '1L' }],
      minutes: 60,
      materials: [{ place: '1L', grease: 'lithium-complex' }],
      renewed: [{ place: '1L', part: 'seal' }],
      refits: [{ place: '1L', limits: [10, 25, 50].map((mi) => toSI(mi, 'mi')) }],
    });
    const play = work.readings.find((reading) => reading.what === 'end-play')?.value;
    expect(play).toBeCloseTo(toSI(1 / 14 / 12, 'in'), 9);
  });

  test('end play outside the window is left as a finding', () => {
    const run = through(begin(), (step, tapped) =>
      step.step === 'nut-set' ? { ...tapped, readings: { 'slots-back': 2 } } : tapped,
    );
    expect(outcome(run).findings).toMatchObject([{ cause: 'end-play', place: '1L', verdict: 'due' }]);
  });

  test('without pitch no end play is invented', () => {
    const { threadPitch: _, ...axle } = drilled.axles[0] as RigModel['axles'][number];
    const { work } = outcome(through(begin({ ...drilled, axles: [axle] })));
    expect(work.readings.some((reading) => reading.what === 'end-play')).toBe(false);
    expect(work.readings).toContainEqual({ place: '1L', what: 'slots-back', value: 0.5 });
  });

  test.each([
    ['old-grease', 'water', {}, []],
    ['seal', 'weeping', {}, []],
    ['seal', 'on-shoes', {}, ['stop']],
    ['rollers', 'pitted', {}, ['due']],
    ['rollers', 'pitted', { renewed: 'both' }, []],
    ['rollers', 'stained', {}, []],
    ['spindle', 'scored', {}, ['stop']],
    ['lining', 'at-minimum', {}, ['due']],
    ['set-rock', 'felt', {}, ['due']],
    ['brake-test', 'no-release', {}, ['stop']],
  ] as const)('%s graded %s with %j leaves %j', (subject, grade, also, verdicts) => {
    expect(outcome(graded(subject, grade, also)).findings.map((finding) => finding.verdict)).toEqual(
      verdicts,
    );
  });

  test('what was said and what was skipped is on record', () => {
    const run = findingAt(begin(), { place: '1L', verdict: 'watch', text: 'cap dented' }, T0);
    const done = through(run, (step, tapped) =>
      step.step === 'top-up' ? { do: 'skip', reason: 'gun empty' } : tapped,
    );
    const { work, findings } = outcome(done);
    expect(work.skipped).toEqual([{ step: 'top-up 1L', reason: 'gun empty' }]);
    expect(findings).toMatchObject([{ cause: 'said', text: 'cap dented' }]);
  });
});

const bare: RigModel = { ...drilled, wheels: { studs: 6 } };

function untilStuck(run: Run): Run {
  const step = currentStep(run);
  const next = step && tap(run, step.key, well(step, run.model), T0);
  return next?.ok ? untilStuck(next.value) : run;
}

describe('a fact filled in under way', () => {
  test('keeps the step and what was written, and brings the torque in', () => {
    const run = back(untilStuck(begin(bare)), T0);
    const amended = amendModel(run, drilled, T0);
    if (!amended.ok) throw new Error(amended.error.code);
    expect(amended.value.index).toBe(run.index);
    expect(amended.value.records).toBe(run.records);
    const rounds = (one: Run) => one.card.steps.flatMap((step) => (step.round ? [step.round.torque] : []));
    expect(rounds(run)).toEqual([undefined, undefined, undefined, undefined]);
    expect(rounds(amended.value).at(-1)).toBeCloseTo(toSI(110, 'lbf·ft'));
  });

  test('a round is not closed on a torque that nobody knows', () => {
    const stuck = untilStuck(begin(bare));
    const step = currentStep(stuck) as CardStep;
    expect(step.key).toBe('torque 1 1L');
    expect(tap(stuck, step.key, well(step, bare), T0)).toEqual({
      ok: false,
      error: { code: 'torque-missing' },
    });
  });

  test('a rig that needs other steps is refused', () => {
    const other = sampleModel({ hub: 'plain', brake: 'none' });
    expect(amendModel(begin(), other, T0)).toEqual({ ok: false, error: { code: 'other-steps' } });
    expect(amendModel(begin(), sampleModel({ hub: 'sealed' }), T0)).toMatchObject({ ok: false });
  });
});
