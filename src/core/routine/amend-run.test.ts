import { toSI } from '../base';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import {
  amendModel,
  back,
  BRANCH_IDS,
  branchesOf,
  compile,
  currentStep,
  isStale,
  startRun,
  takeBranch,
  tap,
  verify,
  type CardStep,
  type Job,
  type Run,
} from '.';
import { at, begin, drilled, outcome, T0, through } from '../testing/cards';
import type { RigModel } from '../rig';

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
    expect(currentStep(taken.run)?.key).toBe('free-drum 1L');
    expect(branchesOf(at(taken.run, 'hub-off 1L'))).not.toContain('drum-hangs');
    expect(taken.run.findings).toEqual([]);
    expect(verify(taken.run.card, drilled)).toEqual([]);
  });

  test('leaves what it found behind, with the work that puts it right', () => {
    const start = compile(drilled, [{ routine: 'grease', place: '1L' }], HOUSE_DEFAULT);
    if (!start.ok) throw new Error(start.error.code);
    const run = at(startRun('run', 'rig', drilled, start.value, T0), 'look-back 1L');
    const taken = takeBranch(run, 'grease-behind', T0);
    const done = outcome(
      through(taken.run, (step, tapped) =>
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
    const jobs: Job[] = ['falls-through', 'hole-oval', 'bolt-bound'].includes(id)
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
        expect(taken.problem).toBeUndefined();
        expect(verify(taken.run.card, model)).toEqual([]);
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
