import { dutiesOf } from '../duty';
import { foldEntries, makeEntry, type RigState } from '../log';
import { hubOpens, wheelEnds, type Axle, type RigModel, type WheelEnd } from '../rig';
import { HOUSE_DEFAULT, routineDef, WORKS, type RoutineId, type WorkId } from '../rules';
import { T0, through } from '../testing/cards';
import { sampleModel } from '../testing/arbitraries';
import { compile, finishRun, startRun, type CardStep, type Run, type Tap } from '.';

/**
 * What a card clears is what it looked at: for every work at every kind of wheel end, the duties that are clear after
 * it are those whose looks and readings its steps took, and one that is left out leaves its duty open.
 */
const RIG = '0196d000-0000-7000-8000-0000000000aa';

function stampOf(n: number) {
  const id = `0196d000-0000-7000-8000-00000000000${n}`;
  return { id, rig: RIG, happened: T0, recorded: T0 };
}

function after(run: Run): RigState {
  const done = finishRun(run, T0);
  if (!done.ok) throw new Error(done.error.key);
  const { state } = foldEntries([
    makeEntry('rig.setup', stampOf(1), { model: run.model }),
    makeEntry('work', stampOf(2), done.value.work),
  ]);
  const rig = state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  return rig;
}

function started(model: RigModel, routine: WorkId, place: WheelEnd): Run | undefined {
  const card = compile(model, [{ routine, place }], HOUSE_DEFAULT);
  return card.ok ? startRun('run', RIG, model, card.value, T0) : undefined;
}

const clearAt = (rig: RigState, place: string): readonly string[] =>
  dutiesOf(rig, T0)
    .filter((duty) => duty.place === place && duty.verdict === 'clear' && duty.routine !== 'lug-recheck')
    .map(({ routine }) => routine);

const KINDS: readonly (readonly [string, RigModel])[] = (
  [
    ['drums, plain hubs', { brake: 'electric', hub: 'plain' }],
    ['drums, drilled spindles', { brake: 'electric', hub: 'drilled' }],
    ['hydraulic drums', { brake: 'hydraulic-drum', hub: 'pressure-cap' }],
    ['discs', { brake: 'hydraulic-disc', hub: 'plain' }],
    ['no brakes', { brake: 'none', hub: 'drilled' }],
    ['drums behind oil baths', { brake: 'electric', hub: 'oil-bath' }],
  ] as const satisfies readonly (readonly [string, Partial<Pick<Axle, 'brake' | 'hub'>>])[]
).map(([name, wanted]) => [name, sampleModel(wanted)]);

const AT_ENDS = WORKS.filter((work) => work !== 'tire-rotate');

describe.each(KINDS)('%s', (_, model) => {
  const held = AT_ENDS.flatMap((work) => {
    const run = started(model, work, '1L');
    return run ? [[work, run] as const] : [];
  });

  test.each(held)('%s clears what it is held to do by the way, every look taken', (work, run) => {
    const clear = clearAt(after(through(run)), '1L');
    const covered = routineDef(work).covers.filter((id) =>
      routineDef(id).places(model, HOUSE_DEFAULT).includes('1L'),
    );
    expect(clear).toEqual(expect.arrayContaining([...covered]));
  });

  test('a repack without its figures leaves the brakes to be measured', () => {
    const run = started(model, 'repack', '1L');
    if (!run) return;
    const bare = (step: CardStep, tapped: Extract<Tap, { do: 'done' }>): Tap =>
      step.step === 'measure-brake' ? { ...tapped, readings: {} } : tapped;
    const clear = clearAt(after(through(run, bare)), '1L');
    expect(clear).toContain('repack');
    expect(clear).not.toContain('brake-measure');
  });
});

test('a disc repack that saw neither pad nor disc does not exist, and new shoes see the drum, the seal and the grease', () => {
  const graded = (model: RigModel, work: WorkId) =>
    started(model, work, '1L')?.card.steps.flatMap(({ subjects }) => subjects) ?? [];
  const [, , , discs] = KINDS.map(([, model]) => model);
  const drums = sampleModel({ brake: 'electric', hub: 'plain' });
  if (!discs) throw new Error('no discs');
  for (const work of ['repack', 'bearing-renew', 'hub-renew'] as const)
    expect(graded(discs, work)).toEqual(expect.arrayContaining(['pads', 'disc']));
  for (const work of ['plate-renew', 'shoe-renew', 'magnet-renew', 'brake-measure'] as const)
    expect(graded(drums, work)).toEqual(expect.arrayContaining(['drum', 'seal', 'old-grease']));
});

test('rock, spin, walls, valves and pivots graded anywhere clear the looks they answer', () => {
  const model = sampleModel({ axles: 2, brake: 'none' });
  const ends = wheelEnds(model);
  const looked = (routine: WorkId, conditions: readonly [string, string][]) =>
    foldEntries([
      makeEntry('rig.setup', stampOf(1), { model }),
      makeEntry('work', stampOf(2), {
        jobs: [{ routine, place: 'rig' }],
        from: 'bench',
        readings: [],
        conditions: ends.flatMap((place) =>
          conditions.map(([subject, grade]) => ({ place, subject, grade }) as never),
        ),
        materials: [],
        renewed: [],
        refits: [],
        skipped: [],
      }),
    ]).state.rigs[RIG];
  const done = (rig: RigState | undefined, routine: RoutineId, place: string) =>
    rig && dutiesOf(rig, T0).find((duty) => duty.routine === routine && duty.place === place)?.verdict;
  const felt = looked('wash', [
    ['rock', 'none'],
    ['spin', 'free'],
  ]);
  expect(ends.map((place) => done(felt, 'hub-look', place))).toEqual(['clear', 'clear', 'clear', 'clear']);
  const tires = looked('wash', [
    ['tire-wall', 'clean'],
    ['tread', 'deep'],
    ['valve', 'capped'],
  ]);
  expect(done(tires, 'tire-look', '2R')).toBe('clear');
  expect(done(tires, 'hub-look', '2R')).toBe('unknown');
  expect(done(looked('wash', [['pivot', 'no-play']]), 'pivots', 'rig')).toBe('clear');
  expect(done(looked('wash', [['rock', 'none']]), 'hub-look', '1L')).toBe('unknown');
});

test('hubs that stay shut have a way to clear their brakes', () => {
  const shut = sampleModel({ brake: 'electric', hub: 'oil-bath' });
  expect(hubOpens(shut.axles[0] as Axle)).toBe(false);
  for (const work of ['brake-measure', 'hub-service'] as const) {
    const run = started(shut, work, '1L');
    if (!run) throw new Error(work);
    expect(run.card.steps.some(({ step }) => step === 'hub-off')).toBe(false);
    expect(clearAt(after(through(run)), '1L')).toContain('brake-measure');
  }
});
