import { toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT, type HouseRules } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import { compile, currentStep, finishRun, startRun, tap, verify, type Card, type Job } from '.';

const DRY = toSI(110, 'lbf·ft');
const LOWERED = toSI(80, 'lbf·ft');
const T0 = '2026-05-16T09:00:00.000Z';

const rig = (treated: boolean): RigModel => {
  const model = sampleModel({ hub: 'drilled', brake: 'electric' });
  return {
    ...model,
    wheels: {
      ...model.wheels,
      torque: { value: DRY, source: 'maker' },
      ...(treated && { treatedTorque: { value: LOWERED, source: 'marking' } }),
    },
  };
};
const TREATING: HouseRules = { ...HOUSE_DEFAULT, threads: 'anti-seize' };

function cardOf(model: RigModel, job: Job, house: HouseRules, threads = {}): Card {
  const card = compile(model, [job], house, { threads });
  if (!card.ok) throw new Error(card.error.code);
  expect(verify(card.value, model)).toEqual([]);
  return card.value;
}

/** The full figures that a card orders. */
const figures = (card: Card) => [
  ...new Set(card.steps.flatMap(({ round }) => (round?.share === 1 ? [round.torque] : []))),
];
const acts = (card: Card) => card.steps.map(({ step }) => step);
const REPACK: Job = { routine: 'repack', place: '1L' };
const THREADS: Job = { routine: 'stud-threads', place: '1L' };
const CHECK: Job = { routine: 'lug-torque', place: '1L' };

describe('threads treated with anti-seize', () => {
  test.each([REPACK, THREADS])('take the lowered figure once it is known: $routine', (job) => {
    const card = cardOf(rig(true), job, TREATING);
    expect(figures(card)).toEqual([LOWERED]);
    expect(card.steps.filter(({ round }) => round).map(({ threads }) => threads)).not.toContain('dry');
  });

  test.each([REPACK, THREADS])(
    'are wiped dry and take the dry figure while it is not known: $routine',
    (job) => {
      const card = cardOf(rig(false), job, TREATING);
      expect(figures(card)).toEqual([DRY]);
      expect(acts(card).some((act) => act === 'dress-threads' || act === 'threads')).toBe(true);
    },
  );

  test('what a finished card leaves is on record', () => {
    const model = rig(true);
    let run = startRun('run', 'rig', model, cardOf(model, REPACK, TREATING), T0);
    for (let step = currentStep(run); step; step = currentStep(run)) {
      const next = tap(run, step.key, well(step, model), T0);
      if (!next.ok) throw new Error(next.error.code);
      run = next.value;
    }
    const done = finishRun(run, T0);
    expect(done.ok && done.value.work.refits).toMatchObject([{ place: '1L', threads: 'treated' }]);
  });
});

describe('a check of nuts that stay on', () => {
  test('goes by how their threads were left', () => {
    const checked = (threads: Card['threads'], house: HouseRules) => {
      const card = cardOf(rig(true), CHECK, house, threads);
      return card.steps.find(({ step }) => step === 'check-lugs')?.threads;
    };
    expect(checked({ '1L': 'treated' }, TREATING)).toBe('treated');
    // The school was changed since: the threads were not.
    expect(checked({ '1L': 'treated' }, HOUSE_DEFAULT)).toBe('treated');
    expect(checked({ '1L': 'dry' }, TREATING)).toBe('dry');
    expect(checked({}, HOUSE_DEFAULT)).toBe('dry');
  });

  test.each([
    ['nobody knows how they stand', {}, TREATING],
    ['they are treated and no figure is known for it', { '1L': 'treated' }, HOUSE_DEFAULT],
  ] as const)(
    'is not made where %s: each thread is cleaned in turn, and the wheel closed',
    (_, threads, house) => {
      const card = cardOf(rig(false), CHECK, house, threads);
      expect(acts(card)).not.toContain('check-lugs');
      expect(acts(card)).toContain('threads');
      expect(figures(card)).toEqual([DRY]);
    },
  );
});

test('threads that were treated are wiped when a wheel comes off under the dry school', () => {
  const card = cardOf(rig(true), REPACK, HOUSE_DEFAULT, { '1L': 'treated' });
  expect(acts(card)).toContain('dress-threads');
  expect(figures(card)).toEqual([DRY]);
  expect(acts(cardOf(rig(true), REPACK, HOUSE_DEFAULT))).not.toContain('dress-threads');
});
