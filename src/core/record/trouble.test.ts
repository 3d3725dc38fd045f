import * as fc from 'fast-check';
import { remedyOf } from '../judge';
import { asOf, foldEntries, limitLeft, type Entry, type RigState } from '../log';
import { fromSI, toSI } from '../base';
import { placesOf, type Place, type RigModel } from '../rig';
import { compile, verify } from '../routine';
import { HOUSE_DEFAULT, TROUBLE_IDS, type TroubleId, type TroubleAnswers, type Question } from '../rules';
import { leftPlaces, nextQuestion, soFar, troublePlaces } from '../road';
import { sampleModel } from '../testing/arbitraries';
import { mi, storyFrom } from '../testing/story';
import {
  knownAnswers,
  roadLookEntries,
  stampEntries,
  tripEntries,
  troubleEntries,
  troubleJob,
  type NewEntry,
  type TroubleTold,
} from '.';

const story = storyFrom('2026-05-01');
const NOW = story.day(10);
const house = HOUSE_DEFAULT;
const lb = (value: number) => toSI(value, 'lb');
let serial = 0;
const newId = () => `0196e000-0000-7000-8000-${(++serial).toString(16).padStart(12, '0')}`;

const tandem = sampleModel({ axles: 2 });

/** A rig, what was told of it, and what comes of it. */
function after(
  told: Partial<TroubleTold> & Pick<TroubleTold, 'trouble'>,
  model: RigModel = tandem,
  before: readonly Entry[] = [],
) {
  const setup = story.setup(model);
  const start = foldEntries([setup, ...before]).state.rigs[story.rig] as RigState;
  const full: TroubleTold = {
    place: troublePlaces(told.trouble, model)[0] ?? 'rig',
    underWay: true,
    answers: {},
    outcome: 'open',
    used: [],
    photos: [],
    ...told,
  };
  const drafts = troubleEntries(full, { rig: start, model, house, now: NOW, newId });
  const entries = stamped(drafts);
  const all = [setup, ...before, ...entries];
  const rig = foldEntries(all).state.rigs[story.rig] as RigState;
  return { rig, entries, all, findings: Object.values(rig.findings) };
}

const stamped = (drafts: readonly NewEntry[], at = NOW) =>
  stampEntries({ entries: [], newest: '' }, story.rig, drafts, at, newId);

const told = (rig: RigState) =>
  Object.values(rig.findings).map(
    ({ place, verdict, of }) =>
      `${verdict} ${place} ${of && 'left' in of ? of.left : of && 'because' in of ? of.because : of && 'tire' in of ? 'off' : '?'}`,
  );

/** Nothing torn, and it may be lifted. */
const CHANGED = { hurt: 'nothing', lift: 'yes' } as const;
const SPARED = {
  lift: 'yes',
  spare: 'none',
  axles: 'more',
  hurt: 'nothing',
  load: lb(1500),
  maximum: lb(2540),
  rating: lb(3500),
};

describe('what of a trouble stands', () => {
  test('a flat on a tandem without a spare: with care 25 mi, the survivor looked into, the others checked', () => {
    const { rig } = after({ trouble: 'flat', place: '1L', answers: SPARED });
    expect(told(rig)).toEqual([
      'due 1L survivor-carries',
      'due 2L survivor-inside',
      'watch 1R mates-of-same-make',
      'watch 2L mates-of-same-make',
      'watch 2R mates-of-same-make',
      'watch 1L find-cause',
    ]);
    const { limit } = Object.values(rig.findings)[0] ?? {};
    expect(limit && Math.round(fromSI(limit.distance, 'mi'))).toBe(25);
    expect(limit?.until).toBe(story.day(17));
  });

  test('with a spare, changed without a card: the refit, the flat in the carrier, nothing that stops it but what was left', () => {
    const { rig, entries } = after({
      trouble: 'flat',
      place: '1L',
      answers: { ...CHANGED, spare: 'usable' },
      outcome: 'done',
      torqued: 'hard',
    });
    expect(entries.map(({ kind }) => kind)).toContain('work');
    expect(rig.refits['1L']?.limits).toHaveLength(3);
    expect(told(rig)).toContain('due S1 off');
    const tight = Object.values(rig.findings).find(
      ({ of }) => of && 'left' in of && of.left === 'torque-to-figure',
    );
    expect(tight?.limit && Math.round(fromSI(tight.limit.distance, 'mi'))).toBe(10);
    expect(told(rig).some((line) => line.startsWith('stop'))).toBe(false);
  });

  test('a spare that is not on yet stops the rig; one past its age that is on carries 50 mi', () => {
    expect(told(after({ trouble: 'flat', answers: { ...CHANGED, spare: 'usable' } }).rig)[0]).toBe(
      'stop 1L spare-goes-on',
    );
    const aged = after({
      trouble: 'flat',
      place: '1L',
      answers: { ...CHANGED, spare: 'aged' },
      outcome: 'done',
    });
    expect(told(aged.rig)).toContain('due 1L aged-spare');
  });

  test('tires that change places on the shoulder take what was found at them along', () => {
    const tire = (n: number, to: Place) =>
      story.entry('part.fitted', 1, {
        part: `0196f000-0000-7000-8000-00000000000${n}`,
        spec: { kind: 'tire', facts: {} },
        to,
        rolled: 0,
      });
    const { rig } = after(
      { trouble: 'flat', place: '1L', answers: { ...CHANGED, spare: 'usable' }, outcome: 'done' },
      tandem,
      [tire(1, '1L'), tire(2, 'S1')],
    );
    expect(rig.parts['0196f000-0000-7000-8000-000000000001']?.at).toBe('S1');
    expect(rig.parts['0196f000-0000-7000-8000-000000000002']?.at).toBe('1L');
  });

  test('a hub that is not hot leaves a record and nothing else', () => {
    const { entries, findings } = after({ trouble: 'hot', answers: { hand: 'stays' } });
    expect(entries.map(({ kind }) => kind)).toEqual(['trouble']);
    expect(findings).toEqual([]);
  });

  test('what was used is aboard no more, and the pictures speak of the trouble', () => {
    const photo = { hash: 'a'.repeat(64), bytes: 10, width: 4, height: 3 };
    const { rig, entries } = after({ trouble: 'cap', used: ['pins', 'grease'], photos: [photo] });
    expect(rig.kit.pins?.aboard).toBe(false);
    const [trouble] = entries;
    expect(entries.find(({ kind }) => kind === 'photo')?.body).toMatchObject({ of: trouble?.id });
  });

  test('found at home it has no miles: creep and stay stop the rig, care is put right before the next trip', () => {
    const at = (answers: TroubleTold['answers']) =>
      after({ trouble: 'flat', place: '1L', answers, underWay: false }).findings[0];
    expect(at(SPARED)).toMatchObject({ verdict: 'due' });
    expect(at(SPARED)?.limit).toBeUndefined();
    expect(at({ spare: 'none', axles: 'one' })?.verdict).toBe('stop');
  });

  test('a boat without brakes is not asked to look at them', () => {
    const bare = sampleModel({ axles: 1, brake: 'none' });
    expect(
      told(after({ trouble: 'grease', answers: { hub: 'cool', where: 'behind', how: 'thrown' } }, bare).rig),
    ).toEqual(['stop 1L brake-counts-as-gone', 'due 1L repack-here']);
  });
});

test('a look at its miles counts them; one that is not fine stops the rig', () => {
  const { rig, all } = after({ trouble: 'flat', place: '1L', answers: SPARED });
  const [finding] = Object.values(rig.findings);
  if (!finding) throw new Error('none');
  const seen = (fine: boolean) => {
    const drafts = roadLookEntries(finding, mi(5), fine, rig);
    const next = foldEntries([...all, ...stamped(drafts, story.day(11))]).state.rigs[story.rig] as RigState;
    return next.findings[finding.id];
  };
  expect(seen(true)?.verdict).toBe('due');
  expect(Math.round(fromSI(limitLeft(seen(true)?.limit as never, rig.distance), 'mi'))).toBe(20);
  expect(seen(false)?.verdict).toBe('stop');
});

test('a trip told for the day of the trouble counts against its limit, though a typed day stands for its noon', () => {
  const { rig, all } = after({ trouble: 'flat', place: '1L', answers: SPARED });
  const noon = new Date(Date.parse(NOW) - 3 * 3600_000).toISOString();
  const drafts = tripEntries({ distance: mi(40), launches: 0 }, noon, false, rig);
  const next = foldEntries([...all, ...stamped(drafts, story.day(11))]).state.rigs[story.rig] as RigState;
  expect(Object.values(asOf(next, story.day(11)).findings)[0]).toMatchObject({
    verdict: 'stop',
    past: 'miles',
  });
  // Of another day it stays where it was told.
  const before = new Date(Date.parse(NOW) - 30 * 3600_000).toISOString();
  expect(tripEntries({ distance: mi(40), launches: 0 }, before, false, rig)[0]?.happened).toBe(before);
});

const answerTo = (question: Question): fc.Arbitrary<string | number> =>
  question.as === 'choice'
    ? fc.constantFrom(...question.options)
    : question.as === 'count'
      ? fc.integer({ min: 0, max: 9 })
      : fc.double({ min: 0, max: 4000, noNaN: true });

const MODELS: readonly RigModel[] = [
  tandem,
  sampleModel({ axles: 1, brake: 'none' }),
  sampleModel({ axles: 3, hub: 'oil-bath' }),
];

describe.each(TROUBLE_IDS)('%s, whatever is answered', (trouble: TroubleId) => {
  const answers = fc.constantFrom(...MODELS).chain((model) =>
    fc.record({
      model: fc.constant(model),
      place: fc.constantFrom(...troublePlaces(trouble, model)),
      outcome: fc.constantFrom('done' as const, 'bench' as const, 'open' as const),
      underWay: fc.boolean(),
    }),
  );

  test('is a log that folds, with findings on this rig alone, none milder than its verdict', () => {
    fc.assert(
      fc.property(answers, fc.gen(), ({ model, place, outcome, underWay }, gen) => {
        let given: TroubleAnswers = {};
        for (let next = nextQuestion(trouble, given); next; next = nextQuestion(trouble, given)) {
          const question = next;
          given = { ...given, [question.id]: gen(() => answerTo(question)) };
        }
        const verdict = soFar(trouble, given);
        const { rig, findings } = after(
          { trouble, place, answers: given as never, outcome, underWay },
          model,
        );
        expect(rig.contradictions).toEqual([]);
        const places: readonly string[] = [...placesOf(model), 'rig'];
        for (const finding of findings) {
          expect(places).toContain(finding.place);
          const { jobs } = remedyOf(finding, { model, house });
          for (const job of jobs) {
            const card = compile(model, [job], house);
            if (card.ok) expect(verify(card.value, model)).toEqual([]);
          }
        }
        const itself = findings.find(({ of }) => of && 'because' in of);
        if (itself && (verdict.roll === 'stay' || verdict.roll === 'creep'))
          expect(itself.verdict).toBe('stop');
        if (itself?.limit) expect(underWay).toBe(true);
        const job = troubleJob({ trouble, place }, verdict, model, house);
        if (job) {
          const card = compile(model, [job], house);
          if (card.ok) expect(verify(card.value, model)).toEqual([]);
        }
      }),
      { numRuns: 40 },
    );
  });
});

test('what lies where, by the place of the trouble', () => {
  expect(leftPlaces('across', '2L', tandem)).toEqual(['2R']);
  expect(leftPlaces('same-side', '2L', tandem)).toEqual(['1L']);
  expect(leftPlaces('same-side', '1L', sampleModel({ axles: 1 }))).toEqual([]);
  expect(leftPlaces('across', 'coupler', tandem)).toEqual([]);
});

describe('what the rig tells by itself', () => {
  const rigOf = (model: RigModel) => foldEntries([story.setup(model)]).state.rigs[story.rig] as RigState;
  const known = (trouble: TroubleId, model: RigModel) =>
    knownAnswers(trouble, '1L', { rig: rigOf(model), model, house, now: story.day(10) });

  test('studs, axles, the target, hubs: and never a guess', () => {
    expect(known('studs', tandem)).toEqual({ studs: tandem.wheels.studs });
    expect(known('flat', sampleModel({ axles: 1 }))).toMatchObject({ axles: 'one' });
    expect(known('cap', sampleModel({ hub: 'oil-bath' }))).toEqual({ 'oil-bath': 'yes' });
    const gvwr = (source: 'maker' | 'guess') => ({ ...tandem, gvwr: { value: 3000, source } });
    expect(known('flat', gvwr('maker'))).toMatchObject({ load: 1500 });
    expect(known('flat', gvwr('guess'))['load']).toBeUndefined();
  });

  test('without a usable spare it is none', () => {
    expect(known('flat', { ...tandem, spares: 0 })['spare']).toBe('none');
    expect(known('flat', { ...tandem, spares: 1 })['spare']).toBeUndefined();
  });

  test('a spare read low is none, or goes with care; with a pump aboard its owner says', () => {
    const psi = (value: number) => toSI(value, 'psi');
    const model = { ...tandem, spares: 1, tires: { pressure: { value: psi(65), source: 'maker' as const } } };
    const spare = (read: number, ...more: Entry[]) => {
      const reading = story.entry('reading', 8, {
        taken: [{ place: 'S1', what: 'pressure', value: psi(read) }],
      });
      const rig = foldEntries([story.setup(model), reading, ...more]).state.rigs[story.rig] as RigState;
      return knownAnswers('flat', '1L', { rig, model, house, now: story.day(10) })['spare'];
    };
    expect(spare(22)).toBe('none');
    expect(spare(50)).toBe('low');
    expect(spare(64)).toBeUndefined();
    const pump = story.entry('kit', 9, { items: [{ item: 'inflator', aboard: true }] });
    expect(spare(22, pump)).toBeUndefined();
    // Seen aboard more than half a year ago it fills nothing.
    const old = story.entry('kit', -175, { items: [{ item: 'inflator', aboard: true }] });
    expect(spare(22, old)).toBe('none');
  });

  test('a bearing that the log has of late is not asked for; that it has none proves nothing', () => {
    const touched = (...more: Entry[]) => {
      const rig = foldEntries([story.setup(tandem), ...more]).state.rigs[story.rig] as RigState;
      return ['1L', '1R'].map(
        (place) =>
          knownAnswers('hot', place as '1L', { rig, model: tandem, house, now: story.day(10) })['touched'],
      );
    };
    const repack = story.done(2, ['repack', '1L']);
    expect(touched(repack)).toEqual(['yes', undefined]);
    expect(touched(repack, story.trip(3, 400))).toEqual(['yes', undefined]);
    expect(touched(repack, story.trip(3, 600))).toEqual([undefined, undefined]);
  });

  test('what was said to be aboard answers for half a year; then it is asked', () => {
    const told = (days: number, aboard: boolean) => {
      const kit = story.entry('kit', days, {
        items: [{ item: 'inflator', aboard, ...(aboard && { figures: { minutes: 9 } }) }],
      });
      const rig = foldEntries([story.setup(tandem), kit]).state.rigs[story.rig] as RigState;
      return knownAnswers('soft', '1L', { rig, model: tandem, house, now: story.day(10) })['pump'];
    };
    expect(told(5, true)).toBe(9);
    expect(told(5, false)).toBe(0);
    expect(told(-175, true)).toBeUndefined();
    expect(told(-175, false)).toBeUndefined();
  });
});
