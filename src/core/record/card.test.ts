import { foldEntries, makeEntry, type Entry, type RigState } from '../log';
import { factPath, type PartKind, type Place, type RigModel } from '../rig';
import { compile, currentStep, finishRun, leaveRun, startRun, tap, type Job, type Run } from '../routine';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import { cardEntries, stampEntries, type CardClosing } from '.';

const AT = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const model = sampleModel({ axles: 2, brake: 'electric', hub: 'drilled' });
let ids = 0;
const newId = () => `0196d000-0000-7000-8000-${String((ids += 1)).padStart(12, '0')}`;
const entry = (kind: Entry['kind'], body: object): Entry =>
  makeEntry(
    kind,
    { id: newId(), rig: RIG, happened: '2026-05-01T10:00:00.000Z', recorded: AT },
    body as never,
  );

/** What a card puts on the log. */
const written = (told: Omit<CardClosing, 'at' | 'newId'>): readonly Entry[] =>
  stampEntries({ entries: [], newest: '' }, RIG, cardEntries({ ...told, at: AT, newId }), AT, newId);

/** A run of some work, all well, to its end or up to a step. */
function worked(rig: RigModel, jobs: readonly Job[], until = ''): Run {
  const card = compile(rig, jobs, HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  let run = startRun('run', RIG, rig, card.value, AT);
  for (let step = currentStep(run); step && step.key !== until; step = currentStep(run)) {
    const next = tap(run, step.key, well(step, rig), AT);
    if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
    run = next.value;
  }
  return run;
}

/** A rig with a tire of its own at each of some places. */
function rigWith(...places: Place[]): { readonly log: readonly Entry[]; readonly rig: RigState } {
  const log = [
    entry('rig.setup', { model }),
    ...places.map((to) =>
      entry('part.fitted', { part: `tire of ${to}`, spec: { kind: 'tire', facts: {} }, to, rolled: 0 }),
    ),
  ];
  const rig = foldEntries(log).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  return { log, rig };
}

function closed(run: Run, { log, rig }: ReturnType<typeof rigWith>, more: object = {}): RigState {
  const outcome = finishRun(run, AT);
  if (!outcome.ok) throw new Error(outcome.error.key);
  const made = written({ run, rig, outcome: outcome.value, ...more });
  const after = foldEntries([...log, ...made]).state.rigs[RIG];
  if (!after) throw new Error('no rig');
  return after;
}
const at = (rig: RigState, kind: PartKind, place: Place | 'shelf') =>
  Object.values(rig.parts)
    .filter((part) => part.kind === kind && part.at === place)
    .map((part) => part.id);

test('wheels that changed places bring their tires along, and both are rechecked', () => {
  const before = rigWith('1L', '2L');
  const after = closed(worked(model, [{ routine: 'tire-rotate', place: '1L', with: '2L' }]), before);
  expect(at(after, 'tire', '1L')).toEqual(['tire of 2L']);
  expect(at(after, 'tire', '2L')).toEqual(['tire of 1L']);
  expect(Object.keys(after.refits)).toEqual(['1L', '2L']);
  expect(after.contradictions).toEqual([]);
});

test('the spare on the rig, the old tire where the spare was; a place without a known tire is no trouble', () => {
  const after = closed(worked(model, [{ routine: 'tire-change', place: '1R' }]), rigWith('S1'));
  expect(at(after, 'tire', '1R')).toEqual(['tire of S1']);
  expect(at(after, 'tire', 'S1')).toEqual([]);
});

test('new brakes are parts, and are adjusted again after 200 miles', () => {
  const jobs: Job[] = [
    { routine: 'plate-renew', place: '1L' },
    { routine: 'plate-renew', place: '1R' },
  ];
  const after = closed(worked(model, jobs), rigWith());
  const [left] = Object.values(after.parts).filter((part) => part.kind === 'brake' && part.at === '1L');
  expect(left?.facts['hand']?.value).toBe('left');
  expect(
    Object.keys(after.pulls)
      .filter((key) => key.startsWith('brake-adjust'))
      .sort(),
  ).toEqual(['brake-adjust@1L', 'brake-adjust@1R']);
});

test('brakes on a bare axle change the rig, and what was found of the law stands with it', () => {
  const bare = sampleModel({ brake: 'none', hub: 'plain' });
  const run = worked(bare, [
    { routine: 'brakes-install', place: '1L' },
    { routine: 'brakes-install', place: '1R' },
  ]);
  const outcome = finishRun(run, AT);
  if (!outcome.ok) throw new Error(outcome.error.key);
  const made = written({ run, rig: undefined, outcome: outcome.value });
  const changed = made.filter(({ kind }) => kind === 'rig.changed');
  expect(changed.map(({ body }) => body)).toEqual([
    { changes: { [factPath('law')]: 'A-1' } },
    { changes: { [factPath('brake', 0)]: 'electric' } },
  ]);
});

test('cost and note go with the work, cured findings are closed in its words', () => {
  const before = rigWith();
  const finding = entry('finding.opened', { place: '1L', verdict: 'due', text: 'hums' });
  const log = [...before.log, finding];
  const rig = foldEntries(log).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  const after = closed(
    worked(model, [{ routine: 'repack', place: '1L' }]),
    { log, rig },
    {
      more: { cost: { amount: 18.5, currency: 'USD' }, note: 'ordered two' },
      cured: [finding.id],
      how: 'repack 1L',
    },
  );
  expect(after.findings).toEqual({});
  expect(after.contradictions).toEqual([]);
});

test('what came off the shelf is taken down there: a tire goes on with its age, a seal is used up', () => {
  const shelf = [
    entry('part.fitted', { part: 'spare tire', spec: { kind: 'tire', facts: {} }, to: 'shelf' }),
    entry('part.fitted', { part: 'boxed seal', spec: { kind: 'seal', facts: {} }, to: 'shelf' }),
  ];
  const { log } = rigWith('1L');
  const all = [...log, ...shelf];
  const rig = foldEntries(all).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  const jobs: Job[] = [
    { routine: 'tire-renew', place: '1L' },
    { routine: 'repack', place: '1R' },
  ];
  const after = closed(
    worked(model, jobs),
    { log: all, rig },
    { fromShelf: { 'tire 1L': 'spare tire', 'seal 1R': 'boxed seal' } },
  );
  expect(at(after, 'tire', '1L')).toEqual(['spare tire']);
  expect(at(after, 'tire', 'shelf')).toEqual([]);
  expect(at(after, 'seal', 'shelf')).toEqual([]);
  expect(at(after, 'seal', '1R')).toHaveLength(1);
  expect(after.contradictions).toEqual([]);
});

test('new shoes and joints that were apart ask to be looked at again', () => {
  const jobs: Job[] = [
    { routine: 'shoe-renew', place: '1L' },
    { routine: 'bushings', place: 'rig' },
  ];
  const after = closed(worked(model, jobs), rigWith());
  expect(Object.keys(after.pulls).sort()).toEqual(['brake-adjust@1L', 'underside@rig']);
});

test('a card that is left forbids towing until it is put right', () => {
  const before = rigWith();
  const run = worked(model, [{ routine: 'repack', place: '1L' }], 'pack 1L');
  const made = written({ run, rig: before.rig, outcome: leaveRun(run, 'no seal to be had', AT) });
  expect(made.map(({ kind }) => kind)).toEqual(['finding.opened']);
  const after = foldEntries([...before.log, ...made]).state.rigs[RIG];
  const [left] = Object.values(after?.findings ?? {});
  expect(left).toMatchObject({ place: '1L', verdict: 'stop' });
  expect(left?.note).toContain('no seal to be had');
});

describe('a torque check on the Bench', () => {
  const refit = { entry: 'e', at: AT, distance: 0, limits: [1], checked: -1, moves: 0 };
  const check = (grade: string, moves = 0) => {
    const { rig } = rigWith();
    const card = compile(model, [{ routine: 'lug-torque', place: '1L' }], HOUSE_DEFAULT);
    if (!card.ok) throw new Error(card.error.code);
    let run = startRun('run', RIG, model, card.value, AT);
    for (let step = currentStep(run); step; step = currentStep(run)) {
      const all = well(step, model);
      const tapped =
        step.step === 'check-lugs' && all.do === 'done' ? { ...all, grades: { 'lug-move': grade } } : all;
      const next = tap(run, step.key, tapped, AT);
      if (!next.ok) throw new Error(next.error.code);
      run = next.value;
    }
    const outcome = finishRun(run, AT);
    if (!outcome.ok) throw new Error(outcome.error.key);
    const made = written({
      run,
      rig: { ...rig, refits: { '1L': { ...refit, moves } } },
      outcome: outcome.value,
    });
    return made
      .filter(({ kind }) => kind === 'recheck' || kind.startsWith('finding'))
      .map(({ body }) => body);
  };

  test('answers the recheck that is open at its wheel', () => {
    expect(check('none')).toEqual([{ place: '1L', result: 'held' }]);
    expect(check('moved')).toEqual([{ place: '1L', result: 'moved' }]);
  });
  test('a nut that moved at two looks is a finding, a loose one is told once', () => {
    expect(check('moved', 1)).toMatchObject([
      { place: '1L', result: 'moved' },
      { place: '1L', verdict: 'due', of: { subject: 'lug-move' } },
    ]);
    expect(check('loose')).toMatchObject([
      { place: '1L', result: 'loose' },
      { place: '1L', verdict: 'stop', of: { subject: 'lug-move', grade: 'loose' } },
    ]);
  });
});
