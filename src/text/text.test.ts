import fc from 'fast-check';
import { dutiesOf, towVerdict, type OpenWork } from '@/core/duty';
import { foldEntries, makeEntry, type PartState } from '@/core/log';
import { toSI, type UnitSystem } from '@/core/base';
import { compile } from '@/core/routine';
import {
  CRITERIA,
  HOUSE_DEFAULT,
  NUT_SCHOOLS,
  routineDef,
  SUBJECTS,
  WORKS,
  type RoutinePlace,
  type WorkId,
} from '@/core/rules';
import { wheelEnds, type RigModel } from '@/core/rig';
import { anyHouse, anyLog, anyWorkable, sampleModel } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import {
  capital,
  compileWords,
  count,
  dateField,
  dutyStanding,
  dutyWhy,
  entryWords,
  fraction,
  fromDateField,
  gradeWords,
  jobsTitle,
  layOut,
  list,
  minutes,
  reasonLines,
  spanWords,
  reasonWords,
  stepWords,
  SUBJECT_WORDS,
  torqueSpec,
  towHeadline,
  towSummary,
  tripWords,
  words,
  factText,
} from '.';

const SYSTEMS: readonly UnitSystem[] = ['us', 'metric'];
const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const BROKEN = /undefined|NaN|\[object|null|\s{2}|\s\./;

test.each([
  [0, '0'],
  [0.5, '1/2'],
  [1.25, '1 1/4'],
  [1 / 3, '1/3'],
  [2, '2'],
  [0.4, '0.40'],
])('fraction of %d is %s', (n, text) => expect(fraction(n)).toBe(text));

test('small words', () => {
  expect(list(['1L'])).toBe('1L');
  expect(list(['1L', '1R', '2L'])).toBe('1L, 1R and 2L');
  expect(words(2, 'job')).toBe('two jobs');
  expect(words(1, 'job')).toBe('one job');
  expect(words(12, 'job')).toBe('12 jobs');
  expect(count(1, 'launch', 'launches')).toBe('1 launch');
  expect(count(1200, 'mile')).toBe('1,200 miles');
  expect(capital('grease')).toBe('Grease');
  expect([minutes(12), minutes(60), minutes(72)]).toEqual(['12 min', '1 h', '1 h 12 min']);
});

describe('a date field', () => {
  test('today means now, another day its noon', () => {
    expect(fromDateField(dateField(NOW), NOW)).toBe(NOW);
    const earlier = fromDateField('2026-05-02', NOW) ?? '';
    expect(dateField(earlier)).toBe('2026-05-02');
    expect(new Date(earlier).getHours()).toBe(12);
  });

  test.each(['', '2026-02-30x', '2026-13-01', 'May'])('%j is no day', (text) => {
    expect(fromDateField(text, NOW)).toBeUndefined();
  });
});

test('every subject and grade has words', () => {
  for (const subject of SUBJECTS) {
    expect(Object.keys(SUBJECT_WORDS[subject].grades).sort()).toEqual(Object.keys(CRITERIA[subject]).sort());
    for (const grade of Object.keys(CRITERIA[subject]))
      expect(gradeWords(subject, grade, 'us')).not.toBe(grade);
  }
});

test('every step of every card, in both systems, says what to do, in whole words', () => {
  fc.assert(
    fc.property(anyWorkable, anyHouse, fc.constantFrom(...SYSTEMS), (model, house, system) => {
      for (const place of wheelEnds(model)) {
        const card = compile(model, [{ routine: 'repack', place }], house);
        if (!card.ok) continue;
        for (const step of card.value.steps) {
          const { short, title, how, why = '', caution = '' } = stepWords(step, model, card.value, system);
          for (const text of [short, title, how]) expect(text.length).toBeGreaterThan(2);
          for (const text of [short, title, how, why, caution]) expect(text).not.toMatch(BROKEN);
          if (step.place && step.step !== 'torque') expect(title).toContain(place);
        }
      }
    }),
    { numRuns: runs(60) },
  );
});

test('the nut is told by the school of the house', () => {
  const model = sampleModel({});
  const told = NUT_SCHOOLS.map((nut) => {
    const house = { ...HOUSE_DEFAULT, nut };
    const card = compile(model, [{ routine: 'repack', place: '1L' }], house);
    const step = card.ok ? card.value.steps.find((one) => one.step === 'nut-set') : undefined;
    return step && card.ok && stepWords(step, model, card.value, 'us').how;
  });
  expect(new Set(told).size).toBe(NUT_SCHOOLS.length);
});

test('a guess is never a plain figure', () => {
  const model = {
    ...sampleModel({}),
    wheels: { studs: 6 as const, torque: { value: toSI(110, 'lbf·ft'), source: 'guess' as const } },
  };
  expect(torqueSpec(model, 'us')).toBe('110 lbf·ft, a guess');
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  const round = card.ok ? card.value.steps.find((step) => step.round?.share === 1) : undefined;
  expect(round && card.ok && stepWords(round, model, card.value, 'us').how).toContain(
    'This figure is a guess',
  );
});

test('every entry of every log is told in both systems', () => {
  fc.assert(
    fc.property(anyLog, fc.constantFrom(...SYSTEMS), (log, system) => {
      for (const entry of log) {
        const { title, lines } = entryWords(entry, system, () => 'another entry');
        for (const text of [title, ...lines]) expect(text).not.toMatch(/undefined|NaN|\[object/);
        expect(title.length).toBeGreaterThan(2);
      }
    }),
    { numRuns: runs(60) },
  );
});

describe('the verdict of the yard', () => {
  const rig = (...more: Parameters<typeof foldEntries>[0]) => {
    const stamp = {
      id: '0196d000-0000-7000-8000-000000000001',
      rig: RIG,
      happened: '2025-05-01T12:00:00.000Z',
      recorded: '2025-05-01T12:00:00.000Z',
    };
    const state = foldEntries([makeEntry('rig.setup', stamp, { model: sampleModel({ axles: 2 }) }), ...more])
      .state.rigs[RIG];
    if (!state) throw new Error('no rig');
    return state;
  };

  test('says what is not known as not known', () => {
    const verdict = towVerdict(rig(), dutiesOf(rig(), NOW), []);
    expect(towHeadline(verdict)).toBe('Not known to be fit');
    expect(towSummary(verdict, 'us', NOW)).toBe(
      'No record of the repacks of 1L, 1R, 2L and 2R, tire inspections of 5 places, tire dates of 5 places, pressure check, light test, breakaway test, battery date, gear inspections of 12 places and underside check. Unknown counts as due until someone checks.',
    );
  });

  test.each([
    [365, '12 months'],
    [730, '2 years'],
    [1825, '5 years'],
    [182, '6 months'],
    [183, '6 months'],
    [91, '3 months'],
    [1, '1 day'],
    [100, '100 days'],
  ])('%d days are told as %s', (days, words) => expect(spanWords(days)).toBe(words));

  test('reasons that say one and the same are one line, each reason in it', () => {
    const { reasons } = towVerdict(rig(), dutiesOf(rig(), NOW), []);
    const lines = reasonLines(reasons, 'us', NOW);
    expect(lines.flatMap((line) => line.reasons)).toHaveLength(reasons.length);
    expect(lines.length).toBeLessThan(reasons.length / 2);
    expect(lines.filter(({ words }) => words.startsWith('Inspect the'))).toHaveLength(1);
    for (const { words } of lines) expect(words).toMatch(/^[A-Z1-3].*\.$/);
  });
  test('every reason is a sentence', () => {
    const open: OpenWork = { session: 's', place: '1L', works: ['repack'], unfit: true, step: 4, steps: 40 };
    const state = rig();
    const verdict = towVerdict(state, dutiesOf(state, NOW), [open]);
    expect(towHeadline(verdict)).toBe('Not fit to tow');
    for (const reason of verdict.reasons) expect(reasonWords(reason, 'us', NOW)).toMatch(/^[A-Z1-3].*\.$/);
  });

  test('a duty names its figure, its limit and its source', () => {
    const work = makeEntry(
      'work',
      {
        id: '0196d000-0000-7000-8000-000000000002',
        rig: RIG,
        happened: '2025-05-12T12:00:00.000Z',
        recorded: '2025-05-12T12:00:00.000Z',
      },
      {
        jobs: [{ routine: 'repack', place: '1L' }],
        from: 'written',
        readings: [],
        conditions: [],
        materials: [],
        renewed: [],
        refits: [],
        skipped: [],
      },
    );
    const duty = dutiesOf(rig(work), NOW).find((one) => one.id === 'repack@1L');
    if (!duty) throw new Error('no duty');
    expect(dutyWhy(duty, 'us', NOW)).toBe(
      '369 days since the repack of May 12, 2025; limit at 365 days (house rule).',
    );
    expect(dutyStanding(duty, 'us')).toEqual({ figure: '4 days', words: 'past' });
  });
});

/** What is laid out for some work at 1L, a line an item. */
function laidOut(model: RigModel, routine: WorkId, house = HOUSE_DEFAULT, system: UnitSystem = 'us'): string {
  const places = routineDef(routine).places(model, house);
  const card = compile(model, [{ routine, place: places[0] ?? '1L' }], house);
  if (!card.ok) throw new Error(card.error.code);
  const number = { value: 'YS-171', source: 'marking' as const };
  const seal: PartState = {
    id: 's',
    kind: 'seal',
    facts: { number },
    at: '1L',
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  };
  const shelf: PartState = { ...seal, id: 't', at: 'shelf', grade: 'as-new' };
  const { tools, used, parts } = layOut(
    card.value,
    model,
    { parts: { s: seal, t: shelf }, grease: { '1L': 'clay' }, fits: [] },
    house,
    system,
  );
  return [...parts, ...used, ...tools].map(({ name, note }) => `${name}: ${note ?? ''}`).join('\n');
}

test('what is laid out is what this work needs, held against the shelf', () => {
  const model = sampleModel({ brake: 'electric', hub: 'drilled', axles: 2 });
  expect(laidOut(model, 'repack')).toContain(
    'New seal for 1L: number YS-171 sits there, one on the shelf, as new',
  );
  expect(laidOut(model, 'repack')).toContain('clay');
  expect(laidOut(model, 'plate-renew')).toContain('Left brake plate for 1L');
  expect(laidOut(model, 'bushings')).toContain('Four stands');
  expect(laidOut(model, 'lights')).not.toContain('jack');
  expect(laidOut(model, 'breakaway-test')).toContain('Multimeter');
  expect(laidOut(model, 'grease')).not.toContain('Torque wrench');
});

test('every step of every kind of work has words, and no two of one corner the same', () => {
  for (const model of [
    sampleModel({ brake: 'electric', hub: 'drilled', axles: 2 }),
    sampleModel({ brake: 'hydraulic-disc', hub: 'pressure-cap', kind: 'boat' }),
    sampleModel({ brake: 'none', hub: 'plain', kind: 'utility' }),
  ])
    for (const routine of WORKS) {
      const place = routineDef(routine).places(model, HOUSE_DEFAULT)[0];
      if (place === undefined || routine === 'walkaround') continue;
      const job = { routine, place, ...(routine === 'tire-rotate' && { with: 'S1' as const }) };
      const card = compile(model, [job], HOUSE_DEFAULT);
      if (!card.ok) throw new Error(`${routine}: ${card.error.code}`);
      for (const system of ['us', 'metric'] as const) {
        const titles = card.value.steps.map((step) => {
          const words = stepWords(step, model, card.value, system);
          expect(`${words.short} ${words.title} ${words.how}`).not.toMatch(/undefined|NaN|\s{2}|\{|\.\./);
          return words.title;
        });
        const torques = card.value.steps.filter(({ round }) => round).length;
        expect(new Set(titles).size).toBeGreaterThanOrEqual(titles.length - torques - 1);
      }
    }
});

test('what is laid out follows the rig', () => {
  const names = (model: RigModel, routine: WorkId = 'repack') => laidOut(model, routine);
  const drum = names(sampleModel({ brake: 'electric', hub: 'drilled' }));
  expect(drum).toContain('Brake spoon');
  expect(drum).toContain('Grease gun');
  expect(drum).toContain('number YS-171 sits there');
  expect(drum).toContain('Torque wrench, or two, from 22 lbf·ft to 110 lbf·ft');
  const bare = names(sampleModel({ brake: 'none', hub: 'plain', lock: 'keeper' }));
  for (const item of ['Brake spoon', 'Grease gun', 'cotter pin', 'caliper']) expect(bare).not.toContain(item);
  expect(names(sampleModel({ brake: 'hydraulic-disc' }))).toContain('caliper');
});

test('a meter that runs backwards says where it stood', () => {
  const problem = { field: 'reading', code: 'backwards', weight: 'refuse' } as const;
  expect(tripWords(problem, toSI(21_480, 'mi'), 'us')).toContain('read 21,480 mi before');
});

describe('steps follow what is known of the rig', () => {
  const plain = sampleModel({ hub: 'plain', lock: 'cotter' });
  const howOf = (step: string, model: RigModel, house = HOUSE_DEFAULT) => {
    const card = compile(model, [{ routine: 'repack', place: '1L' }], house);
    const found = card.ok ? card.value.steps.find((one) => one.step === step) : undefined;
    if (!found || !card.ok) throw new Error(`no step ${step}`);
    return stepWords(found, model, card.value, 'us').how;
  };

  test('the wheel cover comes off the way it is held', () => {
    expect(() => howOf('cover-off', { ...plain, wheels: { ...plain.wheels, cover: 'none' } })).toThrow();
    const covers = ['pop-off', 'slotted', 'screwed', 'capped-nuts', undefined] as const;
    const told = covers.map((cover) => howOf('cover-off', { ...plain, wheels: { ...plain.wheels, cover } }));
    expect(new Set(told).size).toBe(covers.length);
    const tool = { ...plain, wheels: { ...plain.wheels, cover: 'screwed' as const, coverTool: 'hex key' } };
    expect(howOf('cover-off', tool)).toContain('Tool: hex key');
  });

  test('socket, lifting point and its height are named where they are needed', () => {
    const socket = { value: toSI(13 / 16, 'in'), source: 'marking' as const };
    expect(howOf('break-loose', { ...plain, wheels: { ...plain.wheels, socket } })).toContain(
      'Socket 13/16 in',
    );
    const lifting = { point: 'maker' as const, height: { value: toSI(18, 'in'), source: 'guess' as const } };
    const jack = howOf('jack', { ...plain, lifting });
    expect(jack).toContain("at the maker's point");
    expect(jack).toContain('a guess: 18 in');
  });

  test('a spring seat is jacked only by its school, and never on a torsion axle', () => {
    const seat = { ...HOUSE_DEFAULT, lift: 'spring-seat' as const };
    expect(howOf('jack', plain)).toContain('frame rail');
    expect(howOf('jack', plain, seat)).toContain('spring seat');
    const torsion = {
      ...plain,
      axles: plain.axles.map((axle) => ({ ...axle, suspension: 'torsion' as const })),
    };
    expect(howOf('jack', torsion, seat)).not.toContain('spring seat');
  });

  test('pins are new, or reused while sound, by the school', () => {
    expect(howOf('lock-in', plain)).toContain('Put a new pin');
    expect(howOf('lock-in', plain, { ...HOUSE_DEFAULT, cotter: 'reuse' })).not.toContain('Put a new pin');
  });

  test('what is laid out names socket, key and the grease of the house', () => {
    const model = {
      ...plain,
      wheels: {
        ...plain.wheels,
        socket: { value: 0.021, source: 'marking' as const },
        key: 'glove box',
        coverTool: 'flat screwdriver',
      },
    };
    const items = (of: RigModel, house = HOUSE_DEFAULT) => {
      return laidOut(of, 'repack', house, 'metric');
    };
    expect(items(model)).toContain('Long bar and lug socket: 21 mm');
    expect(items(model)).toContain('Locking-nut key: glove box');
    expect(items(model)).toContain('For the wheel cover: flat screwdriver');
    expect(items({ ...model, wheels: { ...model.wheels, key: 'none' } })).not.toContain('Locking-nut key');
    expect(items(plain, { ...HOUSE_DEFAULT, lubricant: 'heavy-duty' })).toContain('high temperature');
  });

  test('what is not known of an axle stops a card before it starts, and says what', () => {
    const bare = { ...plain, axles: [{ suspension: 'leaf' as const }] };
    const card = compile(bare, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
    expect(card).toMatchObject({ ok: false, error: { code: 'not-known', facts: ['brake'] } });
    if (!card.ok) expect(compileWords(card.error)).toContain('brakes');
  });
});

test('a card is called by its work, and by no more of it than can be read at a glance', () => {
  const at = (routine: WorkId, ...places: RoutinePlace[]) => places.map((place) => ({ routine, place }));
  expect(jobsTitle([...at('repack', '1L', '1R'), ...at('lights', 'rig')])).toBe('Repack 1L and 1R, lights');
  const many = (['lights', 'pressures', 'underside', 'pivots', 'contacts'] as const).flatMap((one) =>
    at(one, 'rig'),
  );
  expect(jobsTitle(many)).toBe('Lights, cold pressures, underside by wrench and 2 more');
  expect(jobsTitle(at('battery-renew', 'breakaway'))).toBe('Breakaway battery replacement');
  expect(jobsTitle(at('tire-renew', '1L'))).toBe('Tire replacement 1L');
});

test.each([
  ['socket', 0.021, '21 mm'],
  ['socket', toSI(13 / 16, 'in'), '13/16 in'],
  ['spindleNut', toSI(1.5, 'in'), '1 1/2 in'],
  ['plateNut', 0.013, '13 mm'],
] as const)('a wrench size stays as it is sold, whatever the units: %s %d', (id, value, said) => {
  for (const system of ['us', 'metric'] as const) expect(factText(id, value, system)).toBe(said);
});
