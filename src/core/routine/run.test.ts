import { evidenceOf } from '../log';
import { addDays, type Instant } from '../base';
import { toSI } from '../quantity';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT, type Subject } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import {
  amendModel,
  back,
  BRANCH_IDS,
  branchesOf,
  compile,
  currentStep,
  findingAt,
  finishRun,
  isStale,
  isUnfit,
  leaveRun,
  openWork,
  park,
  startRun,
  takeBranch,
  tap,
  typeIn,
  verify,
  type CardStep,
  type Job,
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
    expect(outcome(run).findings).toMatchObject([{ place: '1L', verdict: 'due' }]);
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
    expect(findings).toMatchObject([{ text: 'cap dented' }]);
  });
});

/** A run worked on, all well, up to a step. */
function at(run: Run, key: string): Run {
  const step = currentStep(run);
  if (!step || step.key === key) return run;
  const next = tap(run, step.key, well(step, run.model), T0);
  if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
  return at(next.value, key);
}

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

  test('a rig that turns out to be another one is laid out anew behind what was done', () => {
    const run = at(begin(), 'cap-off 1L');
    const keeper = { ...drilled, axles: drilled.axles.map((axle) => ({ ...axle, hub: 'plain' as const })) };
    expect(isStale(run, drilled)).toBe(false);
    expect(isStale(run, keeper)).toBe(true);
    const amended = amendModel(run, keeper, T0);
    if (!amended.ok) throw new Error(amended.error.code);
    expect(amended.value.card.steps.slice(0, run.index)).toEqual(run.card.steps.slice(0, run.index));
    expect(currentStep(amended.value)?.key).toBe('cap-off 1L');
    expect(amended.value.records).toBe(run.records);
    const keys = amended.value.card.steps.map(({ key }) => key);
    expect(keys).not.toContain('mark-hole 1L');
    expect(outcome(through(amended.value)).work.renewed).toEqual([{ place: '1L', part: 'seal' }]);
  });

  test('what would leave no safe order is refused, and nothing is lost', () => {
    const run = at(begin(), 'cap-off 1L');
    expect(amendModel(run, sampleModel({ hub: 'sealed' }), T0)).toMatchObject({
      error: { code: 'hub-stays-shut' },
    });
    const off = at(begin(), 'hub-on 1L');
    const disc = {
      ...drilled,
      axles: drilled.axles.map((axle) => ({ ...axle, brake: 'hydraulic-disc' as const })),
    };
    expect(amendModel(off, disc, T0).ok).toBe(false);
  });
});

describe('a branch taken', () => {
  test('puts its steps in before the step in hand', () => {
    const run = at(begin(), 'hub-off 1L');
    expect(branchesOf(run)).toContain('drum-hangs');
    const taken = takeBranch(run, 'drum-hangs', T0);
    if (!taken.ok) throw new Error(taken.error.code);
    expect(currentStep(taken.value)?.key).toBe('free-drum 1L');
    expect(branchesOf(at(taken.value, 'hub-off 1L'))).not.toContain('drum-hangs');
    expect(taken.value.findings).toEqual([]);
    expect(verify(taken.value.card, drilled)).toEqual([]);
  });

  test('leaves what it found behind, with the work that puts it right', () => {
    const start = compile(drilled, [{ routine: 'grease', place: '1L' }], HOUSE_DEFAULT);
    if (!start.ok) throw new Error(start.error.code);
    const run = at(startRun('run', 'rig', drilled, start.value, T0), 'look-back 1L');
    const taken = takeBranch(run, 'grease-behind', T0);
    if (!taken.ok) throw new Error(taken.error.code);
    const done = outcome(
      through(taken.value, (step, tapped) =>
        step.step === 'look-back' && tapped.do === 'done'
          ? { ...tapped, grades: { 'grease-back': 'behind' } }
          : tapped,
      ),
    );
    // Told by the branch and by the grade, it is one finding all the same.
    expect(done.findings).toHaveLength(1);
    expect(done.findings).toContainEqual({
      place: '1L',
      verdict: 'due',
      of: { branch: 'grease-behind' },
      remedy: 'repack',
    });
    expect(done.work.materials).toEqual([{ place: '1L', grease: 'lithium-complex' }]);
    expect(done.work.refits).toEqual([]);
  });

  test.each(BRANCH_IDS)('%s can be taken wherever it shows, and leaves a safe card', (id) => {
    const model = { ...drilled, axles: [...drilled.axles, ...drilled.axles] };
    const jobs: Job[] = ['falls-through', 'hole-oval'].includes(id)
      ? [{ routine: 'bushings', place: 'rig' }]
      : [
          { routine: id === 'grease-behind' ? 'grease' : 'bearing-renew', place: '1L' },
          { routine: 'lug-torque', place: '1R' },
        ];
    const card = compile(model, jobs, HOUSE_DEFAULT);
    if (!card.ok) throw new Error(card.error.code);
    let met = 0;
    let run = startRun('run', 'rig', model, card.value, T0);
    for (let step = currentStep(run); step; step = currentStep(run)) {
      if (branchesOf(run).includes(id)) {
        const taken = takeBranch(run, id, T0);
        if (!taken.ok) throw new Error(`${step.key}: ${JSON.stringify(taken.error)}`);
        expect(verify(taken.value.card, model)).toEqual([]);
        met += 1;
      }
      const next = tap(run, step.key, well(step, model), T0);
      if (!next.ok) throw new Error(next.error.code);
      run = next.value;
    }
    expect(met).toBeGreaterThan(0);
  });
});

test('bearings that turn out to be bad bring their races onto the card', () => {
  const run = at(begin(), 'renew 1L');
  const step = currentStep(run) as CardStep;
  const next = tap(run, step.key, { ...well(step, drilled), readings: { renewed: 'inner' } }, T0);
  if (!next.ok) throw new Error(next.error.code);
  expect(currentStep(next.value)?.key).toBe('race-out 1L');
  const { work } = outcome(through(next.value));
  expect(work.jobs).toEqual([{ routine: 'bearing-renew', place: '1L' }]);
  expect(work.renewed).toEqual([
    { place: '1L', part: 'inner-set' },
    { place: '1L', part: 'seal' },
  ]);
});

describe('other work', () => {
  const card = (model: RigModel, ...jobs: Job[]): Run => {
    const made = compile(model, jobs, HOUSE_DEFAULT);
    if (!made.ok) throw new Error(made.error.code);
    return startRun('run', 'rig', model, made.value, T0);
  };

  test('a plate of the other hand is not mounted', () => {
    const run = at(card(drilled, { routine: 'plate-renew', place: '1L' }), 'check-hand 1L');
    const step = currentStep(run) as CardStep;
    expect(tap(run, step.key, { do: 'done', readings: { hand: 'right' }, grades: {} }, T0)).toEqual({
      ok: false,
      error: { code: 'wrong-hand', wanted: 'left' },
    });
    expect(outcome(through(run)).parts).toEqual([
      { do: 'fit', kind: 'brake', place: '1L', facts: { hand: 'left' } },
    ]);
  });

  test('readings that cannot be are refused', () => {
    const run = at(card(drilled, { routine: 'pressures', place: 'rig' }), 'pressure 1L');
    const pump = (pressure: number) =>
      tap(run, 'pressure 1L', { do: 'done', readings: { pressure }, grades: {} }, T0);
    expect(pump(-1)).toEqual({ ok: false, error: { code: 'reading-absurd', what: 'pressure' } });
    // A flat tire reads nothing, on a card as on a walk.
    expect(pump(0).ok).toBe(true);
    expect(pump(4_100_000)).toMatchObject({ ok: false });
    expect(pump(toSI(65, 'psi')).ok).toBe(true);
  });

  test('wheels that changed places are said to have, and both are rechecked', () => {
    const model = { ...drilled, axles: [...drilled.axles, ...drilled.axles] };
    const done = outcome(through(card(model, { routine: 'tire-rotate', place: '1L', with: '2L' })));
    expect(done.parts).toEqual([{ do: 'swap', kind: 'tire', places: ['1L', '2L'] }]);
    expect(done.work.refits.map(({ place }) => place)).toEqual(['1L', '2L']);
  });

  test('a round on foot leaves readings at every tire and nothing to recheck', () => {
    const { work } = outcome(
      through(card(drilled, { routine: 'pressures', place: 'rig' }, { routine: 'lights', place: 'rig' })),
    );
    expect(work.readings.map(({ place, what }) => `${what} ${place}`)).toEqual([
      'pressure 1L',
      'pressure 1R',
      'pressure S1',
    ]);
    expect(work.refits).toEqual([]);
    expect(work.conditions.every(({ place }) => place === 'rig')).toBe(true);
  });

  test('a pin that is pulled, a wheel that is up and a nut that is loose leave the rig unfit', () => {
    for (const [job, key] of [
      [{ routine: 'breakaway-test', place: 'breakaway' }, 'pin-back breakaway'],
      [{ routine: 'hub-look', place: '1L' }, 'stand 1L'],
      [{ routine: 'stud-threads', place: '1L' }, 'torque 1 1L'],
      [{ routine: 'bushings', place: 'rig' }, 'hold-axle'],
    ] as const)
      expect([key, isUnfit(at(card(drilled, job), key))]).toEqual([key, true]);
    expect(isUnfit(at(card(drilled, { routine: 'lights', place: 'rig' }), 'lamps-left rig'))).toBe(false);
  });

  test('how long each kind of step took is kept, lunch is not', () => {
    let run = card(drilled, { routine: 'lights', place: 'rig' });
    let at = T0 as Instant;
    for (let step = currentStep(run); step; step = currentStep(run)) {
      at = addDays(at, (step.step === 'lamps-left' ? 200 : 3) / 1440);
      const next = tap(run, step.key, well(step, drilled), at);
      if (!next.ok) throw new Error(next.error.code);
      run = next.value;
    }
    const times = outcome(run, at).work.times ?? [];
    expect(times.find(({ act }) => act === 'lamps-brake')).toEqual({
      act: 'lamps-brake',
      minutes: 3,
      count: 1,
    });
    expect(times.some(({ act }) => act === 'lamps-left')).toBe(false);
  });

  test('what was noted is in the entry, with its place', () => {
    const run = card(drilled, { routine: 'hub-look', place: '1L' });
    const done = through(run, (step, tapped) =>
      step.step === 'feel' && tapped.do === 'done' ? { ...tapped, note: ' hums at 40 ' } : tapped,
    );
    expect(outcome(done).work.note).toBe('1L: hums at 40');
  });
});

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

  test('logs no work where none is done', () => {
    const left = leaveRun(at(two(), 'jack 1L'), 'rain', T0);
    expect(left.work).toBeUndefined();
    expect(left.findings.map(({ place }) => place)).toEqual(['1L', '1R']);
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
