import { addDays, toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT, type HouseRules, type Subject, type WorkId } from '../rules';
import type { Thickener } from '../figures';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import {
  branchesOf,
  compile,
  currentStep,
  finishRun,
  startRun,
  takeBranch,
  tap,
  verify,
  type Card,
  type CardStep,
  type Job,
  type Outcome,
  type Run,
  type Tap,
} from '.';

const T0 = '2026-05-16T09:00:00.000Z';
type Done = Extract<Tap, { do: 'done' }>;

function cardOf(model: RigModel, jobs: readonly Job[], house: HouseRules = HOUSE_DEFAULT): Card {
  const card = compile(model, jobs, house);
  if (!card.ok) throw new Error(card.error.code);
  expect(verify(card.value, model)).toEqual([]);
  return card.value;
}

/** A card worked through, changing what is said at some steps. */
function worked(
  model: RigModel,
  jobs: readonly Job[],
  change: (step: CardStep, said: Done) => Done = (_, said) => said,
  until = '',
): Run {
  let run = startRun('run', 'rig', model, cardOf(model, jobs), T0);
  for (let step = currentStep(run); step && step.step !== until; step = currentStep(run)) {
    const next = tap(run, step.key, change(step, well(step, run.model)), T0);
    if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
    run = next.value;
  }
  return run;
}

function outcome(run: Run, grease: Partial<Record<'1L', Thickener>> = {}): Outcome {
  const done = finishRun(run, addDays(T0, 1 / 24), { parts: {}, grease });
  if (!done.ok) throw new Error(done.error.key);
  return done.value;
}
const acts = (card: Card) => card.steps.map(({ step }) => step);
const job = (routine: WorkId): Job => ({ routine, place: '1L' });
const graded = (subject: Subject, grade: string) => (step: CardStep, said: Done) =>
  step.subjects.includes(subject) ? { ...said, grades: { ...said.grades, [subject]: grade } } : said;

const drilled = sampleModel({ hub: 'drilled', brake: 'electric' });
const plain = sampleModel({ hub: 'plain', brake: 'electric' });
const disc = sampleModel({ hub: 'plain', brake: 'hydraulic-disc' });

describe('a stud that breaks', () => {
  test.each(['hand-start', 'torque'])('at %s forbids towing: nobody is asked how bad it is', (act) => {
    const run = worked(plain, [job('repack')], undefined, act);
    expect(branchesOf(run)).toContain('stud-breaks');
    const taken = takeBranch(run, 'stud-breaks', T0);
    expect(taken.run.findings).toEqual([{ place: '1L', verdict: 'stop', of: { branch: 'stud-breaks' } }]);
  });

  test('is counted when it is renewed, and every nut again at the refit', () => {
    const run = worked(plain, [job('repack')], undefined, 'wheel-off');
    const taken = takeBranch(run, 'stud-sheared', T0);
    const steps = taken.run.card.steps;
    const read = (act: string) => steps.find(({ step }) => step === act)?.readings;
    expect(read('renew-stud')).toContainEqual({ what: 'studs-done', must: true });
    expect(read('hand-start')).toContainEqual({ what: 'nuts-started', must: true });
  });
});

describe('greases that do not mix', () => {
  const pumped = (grease: Thickener) =>
    worked(drilled, [job('grease')], (step, said) =>
      step.step === 'pump' ? { ...said, readings: { ...said.readings, grease } } : said,
    );

  test('leave a finding that makes cleaning and repack due', () => {
    expect(outcome(pumped('clay'), { '1L': 'lithium-complex' }).findings).toEqual([
      {
        place: '1L',
        verdict: 'due',
        of: { grease: 'clay', onto: 'lithium-complex' },
        remedy: 'repack',
      },
    ]);
  });

  test('leave none where they mix, or where nobody knows what is in there', () => {
    expect(outcome(pumped('lithium-complex'), { '1L': 'lithium-complex' }).findings).toEqual([]);
    expect(outcome(pumped('clay')).findings).toEqual([]);
  });
});

describe('what a card clears, it has looked at', () => {
  test.each(['repack', 'bearing-renew', 'hub-renew'] as const)('the pads of a disc: %s', (routine) => {
    const card = cardOf(disc, [job(routine)]);
    const look = card.steps.find(({ step }) => step === 'measure-brake');
    expect(look?.subjects).toEqual(['pads', 'disc']);
    const without = { ...card, steps: card.steps.filter((step) => step !== look) };
    expect(verify(without, disc).map(({ key }) => key)).toContain('measure-brake');
  });

  test.each(['plate-renew', 'shoe-renew'] as const)('the drum that stays: %s', (routine) => {
    const card = cardOf(plain, [job(routine)]);
    const look = card.steps.findIndex(({ step }) => step === 'look-brake');
    expect(card.steps[look]?.subjects).toEqual(['drum']);
    expect(look).toBeLessThan(acts(card).indexOf(routine === 'plate-renew' ? 'wires-off' : 'shoes-off'));
    const bad = outcome(worked(plain, [job(routine)], graded('drum', 'cracked')));
    expect(bad.findings).toMatchObject([
      { of: { subject: 'drum' }, verdict: 'stop' },
      // The other side of the axle asks for its own.
      { place: '1R', of: { undone: routine }, verdict: 'due' },
    ]);
  });
});

test.each([undefined, 'loose', 'fitted'] as const)(
  'another hub: the old one goes aside whole, new rollers go into it, races only where they are loose (%s)',
  (races) => {
    const card = cardOf(plain, [{ ...job('hub-renew'), ...(races && { races }) }]);
    for (const act of ['seal-out', 'inner-out', 'clean', 'look-bearings', 'race-out'] as const)
      expect(acts(card)).not.toContain(act);
    for (const act of ['read-hub', 'wipe-spindle', 'look-spindle', 'match-hub'] as const)
      expect(acts(card)).toContain(act);
    const pack = card.steps.find(({ step }) => step === 'pack');
    expect(pack?.readings.map(({ what }) => what)).toEqual([
      'grease',
      'grease-product',
      'new-inner-roller',
      'new-outer-roller',
    ]);
    expect(acts(card).includes('race-in')).toBe(races !== 'fitted');
    const repacked = cardOf(plain, [job('repack')]).steps.find(({ step }) => step === 'pack');
    expect(repacked?.readings.map(({ what }) => what)).toEqual(['grease', 'grease-product']);
  },
);

describe('the spare', () => {
  const changed = (read: Record<string, string | number>, off = 'sound') =>
    worked(plain, [job('tire-change')], (step, said) =>
      step.step === 'look-spare'
        ? { ...said, readings: { ...said.readings, ...read } }
        : step.step === 'swap-tire'
          ? { ...said, readings: { 'came-off': off } }
          : said,
    );

  test('has its pressure read, and its age told where it goes', () => {
    const unread = worked(plain, [job('tire-change')], undefined, 'look-spare');
    const tapped = tap(
      unread,
      'look-spare',
      { do: 'done', readings: {}, grades: { 'tire-wall': 'clean' } },
      T0,
    );
    expect(tapped.ok ? undefined : tapped.error).toEqual({ code: 'reading-missing', what: 'pressure' });
    const old = outcome(changed({ pressure: toSI(22, 'psi'), dot: '1210' }));
    // Its pressure was set at the wheel; nothing takes the years off.
    expect(old.findings).toMatchObject([{ of: { tireCode: 'tire-too-old' }, place: '1L', verdict: 'stop' }]);
    expect(outcome(changed({ dot: '1224' })).findings).toEqual([]);
  });

  test('is none where what came off is flat or worn', () => {
    expect(outcome(changed({}, 'flat')).findings).toEqual([
      { place: 'S1', verdict: 'due', of: { tire: 'flat', cameOff: '1L' }, remedy: 'tire-renew' },
    ]);
  });

  test('is not spoken of where there is none', () => {
    const card = compile({ ...plain, spares: 0 }, [job('tire-change')], HOUSE_DEFAULT);
    expect(card.ok ? undefined : card.error.code).toBe('not-here');
  });
});

test.each(['worn', 'cracked'])(
  'a spring eye that is %s takes no new bushing: its spring is renewed first',
  (grade) => {
    const leaf = sampleModel({ axles: 2 });
    const run = worked(leaf, [{ routine: 'bushings', place: 'rig' }], graded('eye', grade));
    const done = Object.keys(run.records);
    for (const side of ['L', 'R']) {
      expect(done).toContain(`renew-spring ${side}`);
      expect(done.indexOf(`renew-spring ${side}`)).toBeLessThan(done.indexOf(`bush-in ${side}`));
    }
  },
);

describe('the plug of a cap', () => {
  test.each(['repack', 'shoe-renew'] as const)(
    'goes in last, after any grease, and not unnoticed: %s',
    (routine) => {
      const card = cardOf(drilled, [job(routine)]);
      const at = (act: string) => acts(card).indexOf(act as never);
      expect(at('plug-home')).toBeGreaterThan(at('cap-on'));
      expect(at('plug-home')).toBeGreaterThan(at('top-up'));
      expect(at('plug-home')).toBeLessThan(at('wheel-on'));
      expect(card.steps[at('plug-home')]?.optional).toBe(false);
      const without = { ...card, steps: card.steps.filter(({ step }) => step !== 'plug-home') };
      expect(verify(without, drilled).map(({ why }) => why)).toContain('the grease plug is still out');
    },
  );

  test('is not asked for where the cap has none', () => {
    expect(acts(cardOf(plain, [job('repack')]))).not.toContain('plug-home');
  });
});
