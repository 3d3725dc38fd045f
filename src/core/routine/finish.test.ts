import { evidenceOf } from '../log';
import { toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { well } from '../testing/well';
import {
  compile,
  currentStep,
  findingAt,
  finishRun,
  leaveRun,
  openWork,
  park,
  startRun,
  tap,
  type CardStep,
  type Run,
  type Tap,
} from '.';
import { at, begin, drilled, graded, outcome, T0, through } from '../testing/cards';

/** A run tapped well up to a step, and that one as it is told. */
function through2(run: Run, key: string, told: (step: CardStep) => Tap): Run {
  const there = at(run, key);
  const next = tap(there, key, told(currentStep(there) as CardStep), T0);
  if (!next.ok) throw new Error(next.error.code);
  return next.value;
}

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

  test('a figure taken from an instrument keeps its name on the log, beside those that were typed', () => {
    const from = { name: 'Recorded: bench.csv' };
    const { work } = outcome(
      through(begin(), (step, tapped) =>
        step.step === 'check-set' && tapped.do === 'done'
          ? {
              ...tapped,
              readings: { 'play-dialed': toSI(0.004, 'in') },
              sources: { 'play-dialed': from },
            }
          : tapped,
      ),
    );
    expect(work.readings.find(({ what }) => what === 'play-dialed')).toMatchObject({ from });
    expect(work.readings.filter((one) => one.from)).toHaveLength(1);
  });

  test('end play that is only worked out raises nothing; dialed it does', () => {
    const set = (act: string, readings: Record<string, number>) =>
      outcome(
        through(begin(), (step, tapped) =>
          step.step === act && tapped.do === 'done' ? { ...tapped, readings } : tapped,
        ),
      ).findings;
    expect(set('nut-set', { 'slots-back': 2 })).toEqual([]);
    expect(set('check-set', { 'play-dialed': toSI(0.015, 'in') })).toMatchObject([
      { place: '1L', verdict: 'due', of: { what: 'play-dialed' }, remedy: 'repack' },
    ]);
  });

  test('bearings that are due or worse do not go back in', () => {
    const run = at(
      through2(begin(), 'look-bearings 1L', (step) => ({
        ...well(step, drilled),
        grades: { rollers: 'pitted' },
      })),
      'renew 1L',
    );
    expect(tap(run, 'renew 1L', { do: 'done', readings: { renewed: 'none' }, grades: {} }, T0)).toMatchObject(
      {
        ok: false,
        error: { code: 'worn-goes-back' },
      },
    );
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
    ['rollers', 'pitted', { renewed: 'both' }, []],
    ['rollers', 'stained', {}, ['watch']],
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
    expect(findings).toMatchObject([{ text: 'cap dented' }]);
  });
});

/** A run worked on, all well, up to a step. */
test('what is stamped on a part outranks what is usual, at the end as on the screen', () => {
  const drum = { value: { diameter: toSI(10, 'in'), width: toSI(2.25, 'in') }, source: 'marking' as const };
  const model = { ...drilled, axles: drilled.axles.map((axle) => ({ ...axle, drum })) };
  const made = compile(model, [{ routine: 'brake-measure', place: '1L' }], HOUSE_DEFAULT);
  if (!made.ok) throw new Error(made.error.code);
  const run = through(startRun('run', 'rig', model, made.value, T0), (step, tapped) =>
    step.step === 'measure-brake' && tapped.do === 'done'
      ? {
          ...tapped,
          readings: { lining: toSI(0.2, 'in'), 'drum-diameter': toSI(10.07, 'in'), 'magnet-ohms': 4.2 },
        }
      : tapped,
  );
  const part = {
    at: '1L' as const,
    since: T0,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  };
  const parts = {
    d: {
      ...part,
      id: 'd',
      kind: 'hub' as const,
      facts: { drumMax: { value: toSI(10.06, 'in'), source: 'marking' as const } },
    },
    m: {
      ...part,
      id: 'm',
      kind: 'brake' as const,
      facts: { magnet: { value: 3.2, source: 'maker' as const } },
    },
  };
  const found = (rig?: { parts: typeof parts }) => {
    const done = finishRun(run, T0, rig && { ...rig, grease: {} });
    return done.ok && done.value.findings.map(({ of }) => of && evidenceOf(of));
  };
  expect(found()).toEqual([]);
  expect(found({ parts })).toEqual(['drum-diameter', 'magnet-ohms']);
});

describe('a card left before it is through', () => {
  const two = (): Run => {
    const made = compile(
      drilled,
      [
        { routine: 'hub-look', place: '1L' },
        { routine: 'repack', place: '1R' },
      ],
      HOUSE_DEFAULT,
    );
    if (!made.ok) throw new Error(made.error.code);
    return startRun('run', 'rig', drilled, made.value, T0);
  };

  test('logs what is done, and forbids towing for what is not', () => {
    const left = leaveRun(at(two(), 'hub-off 1R'), ' bearing not to be had ', T0);
    expect(left.work?.jobs).toEqual([{ routine: 'hub-look', place: '1L' }]);
    expect(left.work?.refits).toEqual([]);
    expect(left.findings).toMatchObject([
      {
        place: '1R',
        verdict: 'stop',
        of: { leftAt: 'hub-off' },
        note: 'bearing not to be had',
      },
    ]);
  });

  test('logs no work where none is done, and forbids towing only where something was begun', () => {
    const left = leaveRun(at(two(), 'stand 1L'), 'rain', T0);
    expect(left.work).toBeUndefined();
    expect(left.findings.map(({ place }) => place)).toEqual(['1L']);
    expect(leaveRun(at(two(), 'jack 1L'), 'rain', T0).findings).toEqual([]);
  });

  test('put down for a while says why', () => {
    const run = park(at(two(), 'hub-off 1R'), 'waiting for parts', T0);
    expect(openWork(run)).toContainEqual(
      expect.objectContaining({ place: '1R', unfit: true, parked: 'waiting for parts' }),
    );
    const step = currentStep(run) as CardStep;
    const next = tap(run, step.key, well(step, drilled), T0);
    expect(next.ok && next.value.parked).toBeUndefined();
  });
});
