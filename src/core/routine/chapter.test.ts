import fc from 'fast-check';
import { addDays } from '../base';
import { anyHouse, anyJobs, anyWorkable } from '../testing/arbitraries';
import { begin, drilled, outcome, T0, through } from '../testing/cards';
import { runs } from '../testing/runs';
import { well } from '../testing/well';
import {
  compile,
  currentStep,
  guardsLife,
  startRun,
  stretchOf,
  tapThrough,
  typeIn,
  type CardStep,
  type Run,
} from '.';

/** Works a run by chapter with all well, as far as it goes: what it came to, what each tap closed, where it stopped. */
function byChapter(run: Run): {
  readonly run: Run;
  readonly taps: readonly (readonly CardStep[])[];
  readonly stopped?: { readonly key: string };
} {
  const taps: (readonly CardStep[])[] = [];
  let now = run;
  while (currentStep(now)) {
    const stretch = stretchOf(now);
    const last = stretch[stretch.length - 1] as CardStep;
    const next = tapThrough(now, last.key, (step) => well(step, now.model), addDays(T0, taps.length / 96));
    if (!next.ok) return { run: now, taps, stopped: next.error };
    taps.push(stretch);
    now = next.value;
  }
  return { run: now, taps };
}

test('a repack of one wheel takes fifteen taps at most', () => {
  const { taps, stopped } = byChapter(begin());
  expect(stopped).toBeUndefined();
  expect(taps.length).toBeLessThanOrEqual(15);
});

test('worked by chapter or step by step, a card says the same; what guards a life has a tap of its own', () => {
  fc.assert(
    fc.property(
      anyWorkable
        .chain((model) => anyHouse.map((house) => ({ model, house })))
        .chain(({ model, house }) => anyJobs(model, house).map((jobs) => ({ model, house, jobs }))),
      ({ model, house, jobs }) => {
        const card = compile(model, jobs, house);
        fc.pre(card.ok);
        const run = startRun('run', 'rig', model, card.value, T0);
        const done = byChapter(run);
        const single = typeIn(run, (step) => well(step, model), T0);
        // Whole chapters are refused, so it may stand earlier; the step that stops it is the same.
        expect(done.stopped?.key).toBe(single.stopped?.key);
        for (const stretch of done.taps) {
          expect(stretch.slice(0, -1).filter(guardsLife)).toEqual([]);
          const last = stretch[stretch.length - 1] as CardStep;
          if (guardsLife(last)) expect(done.run.records[last.key]?.byChapter).toBeUndefined();
        }
        for (const key of Object.keys(done.run.records)) {
          const { at: _, byChapter: __, ...told } = done.run.records[key] as Run['records'][string];
          const { at: ___, ...same } = single.run.records[key] as Run['records'][string];
          expect(told).toEqual(same);
        }
        if (!done.stopped) expect(Object.keys(done.run.records)).toEqual(Object.keys(single.run.records));
      },
    ),
    { numRuns: runs(200) },
  );
});

test('a round whose torque nobody told, or is a guess, keeps its own page', () => {
  const bare = { ...drilled, wheels: { studs: drilled.wheels.studs } };
  for (const torque of [undefined, { value: 120, source: 'guess' as const }]) {
    const model = torque ? { ...bare, wheels: { ...bare.wheels, torque } } : bare;
    let run = begin(model);
    const rounds = run.card.steps.filter(({ round }) => round && round.share > 0);
    expect(rounds.length).toBeGreaterThan(0);
    for (const { key } of rounds) {
      run = { ...run, index: run.card.steps.findIndex((step) => step.key === key) };
      expect(stretchOf(run).map((step) => step.key)).toEqual([key]);
    }
  }
});

test('what was closed by chapter tells no pace, and the rest of the work is the same', () => {
  const { run } = byChapter(begin());
  const { times: paced, minutes: _, byChapter: keys, ...work } = outcome(run, addDays(T0, 1)).work;
  const { times: __, minutes: ___, ...same } = outcome(through(begin()), addDays(T0, 1)).work;
  expect(work).toEqual(same);
  expect(keys).toContain('wheel-off 1L');
  expect(keys).not.toContain('stand 1L');
  const acts = (paced ?? []).map(({ act }) => act);
  expect(acts).not.toContain('wheel-off');
});

test('an answer that brings new steps stops before them; a refused one takes nothing', () => {
  const at = (key: string) => {
    let now = begin();
    for (;;) {
      const stretch = stretchOf(now);
      if (stretch.some((step) => step.key === key)) return now;
      const next = tapThrough(
        now,
        (stretch[stretch.length - 1] as CardStep).key,
        (s) => well(s, now.model),
        T0,
      );
      if (!next.ok) throw new Error(next.error.key);
      now = next.value;
    }
  };
  const run = at('renew 1L');
  const renewed = tapThrough(
    run,
    'renew 1L',
    (step) => {
      const tapped = well(step, run.model);
      return step.step === 'renew' && tapped.do === 'done'
        ? { ...tapped, readings: { ...tapped.readings, renewed: 'both' } }
        : tapped;
    },
    T0,
  );
  expect(renewed.ok && currentStep(renewed.value)?.step).toMatch(/race|match/);

  const bare = tapThrough(run, 'renew 1L', () => ({ do: 'done', readings: {}, grades: {} }), T0);
  expect(bare).toMatchObject({
    ok: false,
    error: { key: 'look-bearings 1L', why: { code: 'grade-missing' } },
  });
  expect(tapThrough(run, 'chock R', (s) => well(s, run.model), T0)).toMatchObject({
    ok: false,
    error: { why: { code: 'not-this-step' } },
  });
});
