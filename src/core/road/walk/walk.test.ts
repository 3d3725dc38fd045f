import fc from 'fast-check';
import { addDays, toSI } from '../../base';
import { dutiesOf, towVerdict } from '../../duty';
import {
  emptyRig,
  foldEntries,
  makeEntry,
  WALKS,
  type Entry,
  type RigState,
  type WalkBody,
  type WalkId,
} from '../../log';
import { gearOf, wheelEnds, type RigModel } from '../../rig';
import { HOUSE_DEFAULT } from '../../rules';
import { anyModel, sampleModel } from '../../testing/arbitraries';
import {
  compileWalk,
  goVerdict,
  itemsOf,
  judgeItem,
  judgeWalk,
  walkBody,
  type Answers,
  type Around,
} from '..';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const NOW = '2026-05-16T12:00:00.000Z';
const model: RigModel = {
  ...sampleModel({ axles: 2, kind: 'rv', brake: 'electric', hub: 'drilled' }),
  tires: { pressure: { value: psi(65), source: 'maker' } },
  spares: 1,
};
const rig: RigState = { ...emptyRig(RIG), model };
const context = (around: Around = { tires: 'cold' }) => ({ rig, model, house: HOUSE_DEFAULT, around });
const hitch = compileWalk('hitch', model, 'round');
const item = (key: string, walk = hitch) => {
  const found = itemsOf(walk).find((one) => one.key === key);
  if (!found) throw new Error(`no ${key}`);
  return found;
};
const allClear = (walk = hitch): Answers =>
  Object.fromEntries(itemsOf(walk).map(({ key }) => [key, { as: 'clear' as const }]));
/** Every tire of a walk read, at the maker's figure. */
const allRead = (): Answers =>
  Object.fromEntries(
    itemsOf(hitch)
      .filter(({ reads }) => reads === 'pressure')
      .map(({ key }) => [key, { as: 'clear' as const, value: psi(65), by: 'gauge' as const }]),
  );

describe('any rig', () => {
  test('both orders have the same items, each once, at places it has', () => {
    fc.assert(
      fc.property(anyModel, fc.constantFrom(...WALKS), (any, walk) => {
        const keys = (order: 'round' | 'system') =>
          itemsOf(compileWalk(walk, any, order)).map(({ key }) => key);
        const round = keys('round');
        expect(new Set(round).size).toBe(round.length);
        expect([...keys('system')].sort()).toEqual([...round].sort());
        const gear = gearOf(any).map(({ id }) => id as string);
        for (const { place } of itemsOf(compileWalk(walk, any, 'round')))
          expect([...wheelEnds(any), ...gear, 'S1', 'S2', 'rig']).toContain(place);
      }),
    );
  });
  test('every wheel end is met on every walk', () => {
    fc.assert(
      fc.property(anyModel, fc.constantFrom(...WALKS), (any, walk) => {
        const places = new Set(itemsOf(compileWalk(walk, any, 'round')).map(({ place }) => place));
        for (const end of wheelEnds(any)) expect(places.has(end)).toBe(true);
      }),
    );
  });
  test('a walk in which everything was clear leaves nothing open and may go', () => {
    fc.assert(
      fc.property(anyModel, (any) => {
        const walk = compileWalk('hitch', any, 'round');
        const judged = judgeWalk(walk, allClear(walk), { rig, model: any, house: HOUSE_DEFAULT, around: {} });
        expect(judged.every(({ verdict }) => verdict === 'clear' || verdict === undefined)).toBe(true);
        const { go, reasons, mayGo } = goVerdict(judged, []);
        // Only a tire that nobody read asks for care.
        expect([go, mayGo]).toEqual([reasons.length > 0 ? 'care' : 'clear', true]);
        expect(reasons.every(({ kind }) => kind === 'unread')).toBe(true);
      }),
    );
  });
});

test('a walk round goes down the left side, round the back and up the right', () => {
  expect(hitch.zones.map(({ id }) => id)).toEqual([
    'tow',
    'tongue',
    'body',
    '1L',
    '2L',
    'back',
    '2R',
    '1R',
    'spares',
  ]);
});

test('a plain trailer is not asked for brakes or straps', () => {
  const plain = sampleModel({ kind: 'utility', brake: 'none', hub: 'plain' });
  const keys = itemsOf(compileWalk('hitch', plain, 'round')).map(({ key }) => key);
  expect(keys.some((key) => /breakaway|brakeController|winch/.test(key))).toBe(false);
});

test('no wrench goes to lugs whose threads nobody knows; everything else is looked at', () => {
  const keys = (barred: Parameters<typeof compileWalk>[3]) =>
    itemsOf(compileWalk('twice', model, 'round', barred)).map(({ key }) => key);
  const all = keys([]);
  expect(all).toContain('torque@1L');
  expect(keys(['1L'])).toEqual(all.filter((key) => key !== 'torque@1L'));
});

describe('pressures', () => {
  const at = (value: number, around: Around) =>
    judgeItem(
      item('pressure@1L'),
      { 'pressure@1L': { as: 'clear', value: psi(value), by: 'gauge' } },
      context(around),
    );
  test('are judged cold as they stand, and told at one temperature', () => {
    const low = at(60.5, { tires: 'cold', air: F(40) });
    expect(low?.verdict).toBe('watch');
    expect(low?.brought).toBeCloseTo(psi(65), -3);
    expect(at(65, { tires: 'cold', air: F(40) })?.verdict).toBe('clear');
    expect(at(60.5, { tires: 'cold' })).toMatchObject({ verdict: 'watch', brought: undefined });
  });
  test('taken warm they are judged by what they come to cold, and never for being over', () => {
    // A tenth off where nobody measured how warm: 65 psi cold is the target.
    expect(at(70, { tires: 'warm', air: F(70) })?.verdict).toBe('clear');
    expect(at(66, { tires: 'warm' })?.verdict).toBe('watch');
    expect(at(60, { tires: 'warm' })?.verdict).toBe('due');
    expect(at(40, { tires: 'warm' })?.verdict).toBe('stop');
    expect(at(90, { tires: 'warm' })?.verdict).toBe('clear');
    expect(at(72, { tires: 'warm', air: F(70), tireTemp: F(120) })?.verdict).toBe('clear');
    expect(at(65, { tires: 'warm', air: F(70), tireTemp: F(120) })?.verdict).toBe('watch');
  });
  test('without a target nothing is judged', () => {
    const bare = { ...model, tires: undefined };
    const judged = judgeItem(
      item('pressure@1L'),
      { 'pressure@1L': { as: 'clear', value: psi(40) } },
      { rig, model: bare, house: HOUSE_DEFAULT, around: {} },
    );
    expect(judged).toMatchObject({ verdict: undefined, unjudged: 'no-target' });
  });
});

describe('hubs at a stop', () => {
  const stop = compileWalk('stop', model, 'round');
  const at = (hubs: Readonly<Record<string, number>>, air?: number) => {
    const answers = Object.fromEntries(
      Object.entries(hubs).map(([place, value]) => [
        `hub@${place}`,
        { as: 'clear' as const, value: F(value), by: 'thermometer' as const },
      ]),
    );
    const around = air === undefined ? {} : { air: F(air) };
    return judgeItem(item('hub@1L', stop), answers, context(around));
  };
  test('are held against the mate at the same stop', () => {
    expect(at({ '1L': 118, '1R': 110 })?.verdict).toBe('clear');
    expect(at({ '1L': 140, '1R': 110 })?.verdict).toBe('watch');
    expect(at({ '1L': 155, '1R': 110 })?.verdict).toBe('due');
    expect(at({ '1L': 155 })?.verdict).toBe('clear');
  });
  test('cold ones say nothing, and a cold mate is no measure', () => {
    expect(at({ '1L': 82, '1R': 82 }, 80)).toMatchObject({ verdict: undefined, unjudged: 'hub-cold' });
    expect(at({ '1L': 120, '1R': 82 }, 80)?.verdict).toBe('clear');
  });
  test('by hand they are graded', () => {
    const by = (grade: string) =>
      judgeItem(item('hub@1L', stop), { 'hub@1L': { as: 'not-right', grade, by: 'hand' } }, context())
        ?.verdict;
    expect([by('briefly'), by('too-hot'), by('smoking')]).toEqual(['watch', 'due', 'stop']);
  });
});

describe('what a walk leaves', () => {
  const answers: Answers = {
    ...allClear(),
    'tire@1L': { as: 'not-right', grade: 'cut' },
    'nuts@2R': { as: 'skipped' },
    'pressure@2L': { as: 'not-right', value: psi(58), set: psi(65), by: 'gauge' },
  };
  test('skipped is skipped, not clear; a pressure nobody read is no reading', () => {
    const body = walkBody(hitch, answers, { tires: 'cold' });
    expect(body.looked.find(({ look, place }) => look === 'nuts' && place === '2R')?.as).toBe('skipped');
    expect(body.conditions.some(({ subject, place }) => subject === 'lug-move' && place === '2R')).toBe(
      false,
    );
    expect(body.conditions.some(({ subject }) => subject === 'valve')).toBe(false);
    expect(body.taken).toEqual([
      { place: '2L', what: 'pressure', value: psi(58), by: 'gauge' },
      { place: '2L', what: 'pressure-set', value: psi(65), by: 'gauge' },
    ]);
    const unanswered = walkBody(hitch, {}, {});
    expect(unanswered.looked.every(({ as }) => as === 'skipped')).toBe(true);
  });
});

describe('go or no-go', () => {
  const judge = (answers: Answers, around: Around = { tires: 'cold', air: F(70) }) =>
    judgeWalk(hitch, { ...allClear(), ...allRead(), ...answers }, context(around));
  test('what is due keeps it home unless its owner decides otherwise; a stop does not let it go', () => {
    const due = goVerdict(judge({ 'tire@1L': { as: 'not-right', grade: 'cracks' } }), []);
    expect(due).toMatchObject({ go: 'no', mayGo: true });
    const stop = goVerdict(judge({ 'tire@1L': { as: 'not-right', grade: 'bulge' } }), []);
    expect(stop).toMatchObject({ go: 'no', mayGo: false });
  });
  test('something watched is gone with, with care', () =>
    expect(goVerdict(judge({ 'tire@1L': { as: 'not-right', grade: 'crazed' } }), []).go).toBe('care'));
  test('a low tire that was filled goes with care until it is read again; nobody drove on it', () => {
    const filled = (value: number) =>
      goVerdict(judge({ 'pressure@1L': { as: 'not-right', value: psi(value), set: psi(65) } }), []).go;
    expect(filled(52)).toBe('care');
    expect(filled(40)).toBe('care');
  });
  test('what was not looked at is told, and what matters asks for care', () => {
    const { go, reasons } = goVerdict(judge({}), [item('nuts@1L'), item('tire@S1')]);
    expect(go).toBe('care');
    expect(reasons).toHaveLength(1);
  });
  test('a tire that nobody read asks for care, in one line however many there are', () => {
    const { go, mayGo, reasons } = goVerdict(judgeWalk(hitch, allClear(), context()), []);
    expect([go, mayGo]).toEqual(['care', true]);
    expect(reasons.map(({ kind }) => kind)).toEqual(['unread']);
  });
  test('the verdict on towing is the one that every page shows, whatever the walk itself saw', () => {
    const at = (fitness: 'fit' | 'after' | 'unknown' | 'not') =>
      goVerdict(judge({}), [], { fitness, reasons: [] });
    expect(at('fit')).toMatchObject({ go: 'clear', mayGo: true });
    expect(at('unknown')).toMatchObject({ go: 'care', mayGo: true });
    expect(at('after')).toMatchObject({ go: 'no', mayGo: true });
    expect(at('not')).toMatchObject({ go: 'no', mayGo: false });
  });
  test('a nut that moves again at a recheck is due, not watched', () => {
    const refit = { entry: 'e', at: NOW, distance: 0, limits: [1], checked: -1, moves: 1 };
    const shop = compileWalk('shop', model, 'round');
    const verdict = (refits: RigState['refits']) =>
      judgeItem(
        item('torque@1L', shop),
        { 'torque@1L': { as: 'not-right', grade: 'moved' } },
        { ...context(), rig: { ...rig, refits } },
      )?.verdict;
    expect(verdict({})).toBe('watch');
    expect(verdict({ '1L': refit })).toBe('due');
  });
  test('what stood against it before still does', () => {
    const open: RigState = {
      ...rig,
      findings: { f: { id: 'f', at: NOW, place: 'frame', verdict: 'stop', text: 'crack' } },
    };
    const tow = towVerdict(open, dutiesOf(open, NOW), []);
    expect(goVerdict(judge({}), [], tow)).toMatchObject({ go: 'no', mayGo: false });
  });
});

describe('on the log', () => {
  let n = 0;
  const stamp = (happened: string) => ({
    id: `0196d000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`,
    rig: RIG,
    happened,
    recorded: happened,
  });
  const setup = () => makeEntry('rig.setup', stamp('2026-04-01T12:00:00.000Z'), { model });
  const walked = (body: WalkBody, at = NOW) => makeEntry('walk', stamp(at), body);
  const after = (...entries: Entry[]) => foldEntries(entries).state.rigs[RIG] as RigState;

  test('a hitching up counts as a walkaround; with every tire read, pressures are done', () => {
    const some = after(setup(), walked(walkBody(hitch, allClear(), {})));
    expect(some.lastDone['walkaround@rig']).toBeDefined();
    expect(some.lastDone['pressures@rig']).toBeUndefined();
    const read = Object.fromEntries(
      itemsOf(hitch)
        .filter(({ reads }) => reads === 'pressure')
        .map(({ key }) => [key, { as: 'clear' as const, value: psi(65) }]),
    );
    const all = after(setup(), walked(walkBody(hitch, { ...allClear(), ...read }, {})));
    expect(all.lastDone['pressures@rig']).toBeDefined();
    expect(all.read['pressure@1L']?.value).toBe(psi(65));
  });
  test('a spring walk is the yearly look at hubs, tires and gear; what was skipped is not', () => {
    const spring = compileWalk('spring', model, 'round');
    const answers = { ...allClear(spring), 'spin@1R': { as: 'skipped' as const } };
    const { lastDone } = after(setup(), walked(walkBody(spring, answers, {})));
    expect(lastDone['hub-look@1L']).toBeDefined();
    expect(lastDone['hub-look@1R']).toBeUndefined();
    expect(lastDone['tire-look@2L']).toBeDefined();
    expect(lastDone['gear-look@coupler']).toBeDefined();
  });

  const of = { subject: 'grease-back', grade: 'behind' } as const;
  const opened = (at: string) =>
    makeEntry('finding.opened', stamp(at), {
      place: '1L',
      verdict: 'due',
      text: 'weeps',
      of,
      remedy: 'repack',
    });
  test('the same again after it was put right rises a step within a season, not beyond', () => {
    const first = opened('2026-04-02T12:00:00.000Z');
    const closed = makeEntry('finding.closed', stamp('2026-04-10T12:00:00.000Z'), {
      finding: first.id,
      how: 'new seal',
    });
    const again = after(setup(), first, closed, opened('2026-06-10T12:00:00.000Z'));
    expect(Object.values(again.findings)[0]).toMatchObject({ verdict: 'stop', escalated: 'came-back' });
    const later = after(setup(), first, closed, opened('2027-06-10T12:00:00.000Z'));
    expect(Object.values(later.findings)[0]).toMatchObject({ verdict: 'due' });
  });
  test('a trouble of the moment seen on another day rises once, and comes down when it looks better', () => {
    const heat = { what: 'hub-temp' as const, value: F(140) };
    const first = makeEntry('finding.opened', stamp('2026-05-01T12:00:00.000Z'), {
      place: '1L',
      verdict: 'watch',
      text: 'hub warm',
      of: heat,
    });
    const seen = (at: string, verdict: 'watch' | 'due' | 'stop') =>
      makeEntry('finding.seen', stamp(at), { finding: first.id, verdict, of: heat });
    const state = (...more: Entry[]) => Object.values(after(setup(), first, ...more).findings)[0];
    expect(state(seen('2026-05-01T14:00:00.000Z', 'watch'))).toMatchObject({ verdict: 'watch' });
    const twice = seen('2026-05-03T12:00:00.000Z', 'watch');
    expect(state(twice)).toMatchObject({ verdict: 'due', escalated: 'seen-again', seen: { count: 2 } });
    expect(state(twice, seen('2026-05-05T12:00:00.000Z', 'watch'))?.verdict).toBe('due');
    expect(state(twice, seen('2026-05-05T12:00:00.000Z', 'due'))?.verdict).toBe('stop');
    const better = seen('2026-05-09T12:00:00.000Z', 'watch');
    const worst = seen('2026-05-06T12:00:00.000Z', 'due');
    expect(state(worst, better)).toMatchObject({ verdict: 'watch', escalated: undefined });
  });
  test('what wears slowly is seen at every look and does not rise', () => {
    const crazed = { subject: 'tire-wall', grade: 'crazed' } as const;
    const first = makeEntry('finding.opened', stamp('2026-05-01T12:00:00.000Z'), {
      place: '1L',
      verdict: 'watch',
      text: 'crazed',
      of: crazed,
    });
    const again = makeEntry('finding.seen', stamp('2026-05-20T12:00:00.000Z'), {
      finding: first.id,
      verdict: 'watch',
      of: crazed,
    });
    expect(Object.values(after(setup(), first, again).findings)[0]?.verdict).toBe('watch');
  });
  test('a finding pulls its routine forward, at its place or for the whole rig', () => {
    const state = after(
      setup(),
      opened('2026-05-10T12:00:00.000Z'),
      makeEntry('finding.opened', stamp('2026-05-10T13:00:00.000Z'), {
        place: '2R',
        verdict: 'due',
        text: 'low',
        remedy: 'pressures',
      }),
    );
    const due = dutiesOf(state, addDays('2026-05-10T12:00:00.000Z', 1)).filter(
      ({ reason }) => reason === 'finding',
    );
    expect(due.map(({ id }) => id)).toEqual(expect.arrayContaining(['repack@1L']));
  });
});

test('the oil of a bath is looked at on walks, of no other hub; reflectors before each trip', () => {
  const oils = (model: RigModel, walk: WalkId) =>
    itemsOf(compileWalk(walk, model, 'round')).filter(({ look }) => look === 'oil').length;
  const bath = sampleModel({ hub: 'oil-bath', axles: 2 });
  for (const walk of ['hitch', 'first-stop', 'home', 'spring', 'layup'] as const) {
    expect([walk, oils(bath, walk)]).toEqual([walk, 4]);
    expect(oils(sampleModel({ hub: 'drilled', axles: 2 }), walk)).toBe(0);
  }
  expect(itemsOf(compileWalk('hitch', bath, 'round')).map(({ place }) => place)).toContain('reflectors');
});

test('what its owner looks at besides stands on its walk, each by its name, and no other', () => {
  const model: RigModel = {
    ...sampleModel({ axles: 1 }),
    own: {
      b: { name: 'Hive straps', on: 'hitch' },
      a: { name: 'Vent lids', on: 'hitch' },
      c: { name: 'Awning', on: 'spring' },
    },
  };
  for (const order of ['round', 'system'] as const) {
    const own = itemsOf(compileWalk('hitch', model, order)).filter(({ look }) => look === 'own');
    expect(own.map((one) => [one.key, one.own])).toEqual([
      ['own-a@rig', 'Vent lids'],
      ['own-b@rig', 'Hive straps'],
    ]);
  }
  const walk = compileWalk('hitch', model, 'round');
  const body = walkBody(
    walk,
    { 'own-a@rig': { as: 'clear' }, 'own-b@rig': { as: 'not-right', grade: 'bad' } },
    {},
  );
  expect(body.looked).toContainEqual({ look: 'own-a', place: 'rig', as: 'clear' });
  expect(body.looked).toContainEqual({ look: 'own-b', place: 'rig', as: 'not-right' });
  // They are no grade of the gear of the whole rig.
  expect(body.conditions).toEqual([]);
  expect(itemsOf(compileWalk('home', model, 'round')).some(({ look }) => look === 'own')).toBe(false);
});
