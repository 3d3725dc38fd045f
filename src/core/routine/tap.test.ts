import { addDays, type Instant, toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { well } from '../testing/well';
import { compile, currentStep, isUnfit, startRun, tap, type CardStep, type Job, type Run } from '.';
import { at, drilled, outcome, T0, through } from '../testing/cards';

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
      'pressure-set 1L',
      'pressure 1R',
      'pressure-set 1R',
      'pressure S1',
      'pressure-set S1',
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
