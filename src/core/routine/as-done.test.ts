/** Cards as the work is really done: caps, greasing with the wheel off, hubs nobody has seen, adapters, chocks, a maker's own rounds. */
import { toSI } from '../base';
import { applyChanges, type Axle, type Changes, type RigModel } from '../rig';
import { HOUSE_DEFAULT, type HouseRules, type WorkId } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { well } from '../testing/well';
import {
  amendModel,
  compile,
  currentStep,
  finishRun,
  needsOf,
  startRun,
  tap,
  verify,
  type Card,
  type CardStep,
  type Job,
  type Run,
} from '.';

const T0 = '2026-05-16T09:00:00.000Z';
const job = (routine: WorkId, place: Job['place'] = '1L'): Job => ({ routine, place });
const acts = (card: Card) => card.steps.map(({ step }) => step);
const keys = (card: Card) => card.steps.map(({ key }) => key);

function cardOf(model: RigModel, jobs: readonly Job[], house: HouseRules = HOUSE_DEFAULT): Card {
  const card = compile(model, jobs, house);
  if (!card.ok) throw new Error(card.error.code);
  expect(verify(card.value, model)).toEqual([]);
  return card.value;
}
const withAxle = (model: RigModel, change: Partial<Axle>): RigModel => ({
  ...model,
  axles: model.axles.map((axle) => ({ ...axle, ...change })),
});
/** Taps a card through from where it stands, all well, up to a step. */
function through(run: Run, until = ''): Run {
  let now = run;
  for (let step = currentStep(now); step && step.step !== until; step = currentStep(now)) {
    const next = tap(now, step.key, well(step, now.model), T0);
    if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
    now = next.value;
  }
  return now;
}

const drilled = sampleModel({ hub: 'drilled', brake: 'electric', axles: 2 });
const plain = sampleModel({ hub: 'plain', brake: 'electric', axles: 2 });

describe('the cap decides what comes first', () => {
  test.each([
    ['plug', ['cap-on', 'top-up', 'plug-home']],
    ['screw', ['top-up', 'cap-on']],
    ['plain', ['top-up', 'cap-on']],
  ] as const)('on a drilled spindle, %s', (cap, order) => {
    const card = cardOf(withAxle(drilled, { cap }), [job('repack')]);
    const met = acts(card).filter((act) => ['cap-on', 'top-up', 'plug-home'].includes(act));
    expect(met).toEqual(order);
  });

  test('a pressure cap is on before it is filled, a plain hub has nothing to fill', () => {
    const pressure = acts(cardOf(sampleModel({ hub: 'pressure-cap' }), [job('repack')]));
    expect(pressure.indexOf('top-up')).toBeGreaterThan(pressure.indexOf('cap-on'));
    expect(acts(cardOf(plain, [job('repack')]))).not.toContain('top-up');
  });

  test('a cap that is renewed is a part, with the number read off it', () => {
    const start = startRun('run', 'rig', plain, cardOf(plain, [job('cap-renew')]), T0);
    const done = finishRun(through(start), T0);
    expect(done.ok && done.value.parts).toEqual([
      { do: 'fit', kind: 'cap', place: '1L', facts: { number: 'A-1' } },
    ]);
  });
});

describe('greasing by the fitting', () => {
  test('the wheel comes off where the gun does not reach: nuts, star and rechecks as at any refit', () => {
    const card = cardOf(withAxle(drilled, { greaseReach: false }), [job('grease')]);
    const at = (act: CardStep['step']) => acts(card).indexOf(act);
    expect(at('wheel-off')).toBeLessThan(at('plug-out'));
    expect(at('plug-in')).toBeLessThan(at('wheel-on'));
    expect(acts(card).filter((act) => act === 'torque')).toHaveLength(4);
    expect(acts(card)).toContain('open-rechecks');
    const done = finishRun(through(startRun('run', 'rig', drilled, card, T0)), T0);
    expect(done.ok && done.value.work.refits).toMatchObject([{ place: '1L' }]);
    expect(acts(cardOf(drilled, [job('grease')]))).not.toContain('wheel-off');
  });

  test('its cover comes off and goes back; none is spoken of where it has none', () => {
    expect(acts(cardOf(drilled, [job('grease')]))).toEqual(expect.arrayContaining(['cover-off', 'cover-on']));
    const bare = { ...drilled, wheels: { ...drilled.wheels, cover: 'none' as const } };
    expect(acts(cardOf(bare, [job('grease')]))).not.toContain('cover-off');
  });

  const purge: HouseRules = { ...HOUSE_DEFAULT, grease: 'purge' };
  const half: RigModel = {
    ...drilled,
    axles: drilled.axles.map((axle, i) => (i === 0 ? axle : { ...axle, brake: 'none' })),
  };
  const all = ['1L', '2L'] as const;

  test('a purge begins with the hub that has no brake behind it, metered goes as one walks', () => {
    const jobs = all.map((place) => job('grease', place));
    const pumped = (house: HouseRules) =>
      cardOf(half, jobs, house).steps.flatMap(({ step, place }) => (step === 'pump' ? [place] : []));
    expect(pumped(purge)).toEqual(['2L', '1L']);
    expect(pumped(HOUSE_DEFAULT)).toEqual(['1L', '2L']);
  });

  test('two wheels that change places are raised in the order of the purge, the stand of the first looked at again', () => {
    const card = cardOf(half, [job('grease', '2L'), { ...job('tire-rotate', '1L'), with: '2L' }], purge);
    const at = (key: string) => keys(card).indexOf(key);
    expect(at('jack 2L')).toBeLessThan(at('jack 1L'));
    expect(at('stand-again 2L')).toBeGreaterThan(at('jack 1L'));
    expect(at('rotate 1L')).toBeGreaterThan(at('stand-again 2L'));
  });

  test('a purge counts a cartridge for each hub, and grades what comes out', () => {
    const card = cardOf(
      half,
      all.map((place) => job('grease', place)),
      purge,
    );
    expect(needsOf(card, half, undefined).cartridges).toBe(2);
    expect(card.steps.find(({ step }) => step === 'pump')?.subjects).toEqual(['old-grease']);
    expect(needsOf(cardOf(half, [job('grease')]), half, undefined).cartridges).toBe(0);
  });

  test('a grease that nobody can name leaves no wrong name behind', () => {
    const run = through(startRun('run', 'rig', drilled, cardOf(drilled, [job('grease')]), T0), 'pump');
    const tapped = tap(
      run,
      'pump 1L',
      { do: 'done', readings: { strokes: 4, grease: 'not-printed' }, grades: {} },
      T0,
    );
    if (!tapped.ok) throw new Error(tapped.error.code);
    const done = finishRun(through(tapped.value), T0);
    expect(done.ok && done.value.work.materials).toEqual([]);
    expect(done.ok && done.value.work.readings).toContainEqual({
      place: '1L',
      what: 'grease',
      value: 'not-printed',
    });
  });
});

describe('a hub that nobody has seen', () => {
  const unseen: RigModel = {
    ...plain,
    axles: plain.axles.map(({ hub: _, lock: __, cap: ___, ...axle }): Axle => axle),
  };
  const told = (run: Run, changes: Changes): Run => {
    const model = applyChanges(run.model, changes);
    const next = model.ok ? amendModel(run, model.value, T0) : undefined;
    if (!next?.ok) throw new Error('not laid out anew');
    return next.value;
  };

  test('is opened as far as the cap, told, and the card goes on by it', () => {
    const card = cardOf(unseen, [job('repack')]);
    const run = through(startRun('run', 'rig', unseen, card, T0), 'see-hub');
    expect(tap(run, 'see-hub 1L', { do: 'done', readings: {}, grades: {} }, T0)).toMatchObject({
      ok: false,
      error: { code: 'hub-missing' },
    });
    const half = told(run, { 'axles.0.hub': 'drilled' });
    expect(currentStep(half)?.key).toBe('see-hub 1L');
    const whole = told(half, { 'axles.0.lock': 'cotter' });
    expect(currentStep(whole)?.key).toBe('lock-out 1L');
    expect(keys(whole.card)).toEqual(expect.arrayContaining(['mark-hole 1L', 'top-up 1L', 'plug-home 1L']));
    expect(verify(whole.card, whole.model)).toEqual([]);
    expect(finishRun(through(whole), T0).ok).toBe(true);
  });

  test('a brake that nobody told is asked for before: it is seen without opening anything', () => {
    const axles = unseen.axles.map(({ brake: _, ...axle }): Axle => axle);
    expect(compile({ ...unseen, axles }, [job('repack')], HOUSE_DEFAULT)).toMatchObject({
      ok: false,
      error: { code: 'not-known', facts: ['brake'] },
    });
  });
});

test('the nuts of an adapter are gone round whenever they lie bare', () => {
  const adapted: RigModel = {
    ...plain,
    wheels: { ...plain.wheels, adapter: { fitted: true, torque: { value: 120, source: 'maker' } } },
  };
  for (const routine of ['repack', 'tire-change', 'stud-renew', 'brake-measure', 'bushings'] as const) {
    const place = routine === 'bushings' ? 'rig' : '1L';
    const card = cardOf(adapted, [job(routine, place)]);
    const step = card.steps.find(({ key }) => key === 'adapter-torque 1L');
    expect([routine, step?.torque]).toEqual([routine, { of: 'adapter', value: 120 }]);
  }
  expect(acts(cardOf(adapted, [job('hub-look')]))).not.toContain('adapter-torque');
});

test('adapter nuts that held leave nothing behind; those that moved, or went onto a new hub, are looked at again', () => {
  const adapted: RigModel = {
    ...plain,
    wheels: { ...plain.wheels, adapter: { fitted: true, torque: { value: 120, source: 'maker' } } },
  };
  const left = (jobs: readonly Job[], grade = 'none') => {
    let run = startRun('run', 'rig', adapted, cardOf(adapted, jobs), T0);
    run = through(run, 'adapter-torque');
    const step = currentStep(run) as CardStep;
    const next = tap(run, step.key, { ...well(step, adapted), grades: { 'adapter-move': grade } }, T0);
    if (!next.ok) throw new Error(next.error.code);
    const done = finishRun(through(next.value), T0);
    return done.ok ? done.value.checks.map(({ what }) => what) : [];
  };
  expect(left([job('adapter-torque')])).toEqual([]);
  expect(left([job('adapter-torque')], 'half-flat')).toEqual(['adapter']);
  expect(left([job('hub-renew')])).toEqual(['adapter']);
});

describe('chocks', () => {
  test('go over to the other side with every wheel down, before its first nut', () => {
    const card = cardOf(plain, [job('repack', '1L'), job('repack', '2R')]);
    const over = keys(card).indexOf('chock-over L');
    expect(over).toBeGreaterThan(keys(card).indexOf('lower 1L'));
    expect(over).toBeLessThan(keys(card).indexOf('break-loose 2R'));
    expect(acts(card).filter((act) => act === 'chock')).toHaveLength(1);
  });

  test('hold a whole frame only until it is up', () => {
    const card = cardOf(plain, [job('bushings', 'rig')]);
    expect(acts(card)).not.toContain('chock-over');
    expect(acts(card).lastIndexOf('chock')).toBeLessThan(acts(card).indexOf('frame-up'));
  });
});

describe('a maker that prints the rounds himself', () => {
  const lbft = (value: number) => ({ value: toSI(value, 'lbf·ft'), source: 'maker' as const });
  const printed: RigModel = {
    ...plain,
    wheels: { ...plain.wheels, torque: lbft(115), stages: { first: lbft(45), second: lbft(95) } },
  };
  const rounds = (model: RigModel, house = HOUSE_DEFAULT) =>
    cardOf(model, [job('repack')], house).steps.flatMap(({ round }) =>
      round ? [[round.where, round.torque === undefined ? 0 : Math.round(round.torque / 1.3558)]] : [],
    );

  test('outranks the shares of the house', () => {
    expect(rounds(printed)).toEqual([
      ['air', 45],
      ['air', 95],
      ['ground', 115],
      ['ground', 115],
    ]);
    expect(rounds(printed, { ...HOUSE_DEFAULT, torque: 'all-on-ground' })).toEqual([
      ['air', 0],
      ['ground', 45],
      ['ground', 95],
      ['ground', 115],
      ['ground', 115],
    ]);
  });

  test('a guess, or a figure over the last one, is no round', () => {
    const guessed = { ...lbft(45), source: 'guess' as const };
    const odd: RigModel = {
      ...printed,
      wheels: { ...printed.wheels, stages: { first: guessed, second: lbft(140) } },
    };
    expect(rounds(odd)).toEqual(
      rounds({ ...printed, wheels: { ...printed.wheels, stages: undefined } } as RigModel),
    );
  });
});

test('what goes on is filled before it carries, and two wheels change places once', () => {
  const change = acts(cardOf(plain, [job('tire-change')]));
  expect(change.indexOf('set-pressure')).toBeLessThan(change.indexOf('wheel-on'));
  const spare = acts(cardOf(plain, [{ ...job('tire-rotate'), with: 'S1' }]));
  expect(spare.indexOf('set-pressure')).toBeLessThan(spare.indexOf('wheel-on'));
  const card = cardOf(plain, [{ ...job('tire-rotate'), with: '2L' }]);
  expect(acts(card).filter((act) => act === 'rotate')).toHaveLength(1);
  expect(acts(card).filter((act) => act === 'set-pressure')).toHaveLength(2);
});

test('threads cared for on the ground end in two full rounds, told as they are', () => {
  const rounds = cardOf(plain, [job('stud-threads')]).steps.flatMap(({ round }) => (round ? [round] : []));
  expect(rounds).toMatchObject([
    { number: 1, of: 2, share: 1, where: 'ground' },
    { number: 2, of: 2, share: 1, where: 'ground' },
  ]);
});

test('an underside goes to a figure where one is told, and to no other', () => {
  const told = cardOf(plain, [job('underside', 'rig')]);
  expect(told.steps.filter(({ torque }) => torque?.of === 'axle')).toHaveLength(4);
  expect(told.steps.filter(({ torque }) => torque?.of === 'joints')).toHaveLength(4);
  const { torques: _, ...untold } = plain;
  expect(cardOf(untold, [job('underside', 'rig')]).steps.some(({ torque }) => torque)).toBe(false);
});

test('a tongue jack, a ball mount and ramp hinges are stripped before they are greased', () => {
  const utility = sampleModel({ kind: 'utility' });
  for (const place of ['tongueJack', 'ballMount', 'rampHinges'] as const)
    expect(keys(cardOf(utility, [job('gear-grease', place)]))).toEqual([
      `strip-gear ${place}`,
      `grease-gear ${place}`,
    ]);
  expect(compile(utility, [job('gear-grease', 'coupler')], HOUSE_DEFAULT).ok).toBe(false);
});

test('the torque wrench is named by the lowest and the highest figure of the card', () => {
  const { torque } = needsOf(cardOf(plain, [job('plate-renew')]), plain, undefined);
  expect(torque?.from).toBeCloseTo(toSI(22, 'lbf·ft'));
  expect(torque?.to).toBeCloseTo(toSI(110, 'lbf·ft'));
  expect(needsOf(cardOf(plain, [job('hub-look')]), plain, undefined).torque).toBeUndefined();
  const tools = needsOf(cardOf(plain, [job('plate-renew')]), plain, undefined).tools;
  expect(tools).toEqual(expect.arrayContaining(['wire-cutter', 'crimper']));
});

describe('a hub built up on a bare spindle', () => {
  test.each(['fitted', 'loose'] as const)('raises and strips nothing, and ends closed: races %s', (races) => {
    const card = cardOf(drilled, [{ ...job('hub-build'), races }]);
    expect(acts(card)).toEqual([
      'look-spindle',
      ...(races === 'loose' ? ['race-in'] : []),
      'wipe-face',
      'pack',
      'smear',
      'inner-in',
      'seal-in',
      'hub-on',
      'outer-in',
      'nut-set',
      'lock-in',
      'check-set',
      'cap-on',
      'top-up',
      'plug-home',
    ]);
    const done = finishRun(through(startRun('run', 'rig', drilled, card, T0)), T0);
    expect(done.ok && done.value.parts).toEqual([{ do: 'fit', kind: 'hub', place: '1L', facts: {} }]);
    expect(done.ok && done.value.work.renewed.map(({ part }) => part)).toEqual([
      'inner-set',
      'outer-set',
      'seal',
    ]);
    expect(done.ok && done.value.work.refits).toEqual([]);
  });

  test('goes on before a new axle is set under the frame', () => {
    const card = cardOf(plain, [job('axle-set', '2L'), job('hub-build', '2L'), job('hub-build', '2R')]);
    expect(keys(card).indexOf('cap-on 2R')).toBeLessThan(keys(card).indexOf('frame-up'));
  });
});
