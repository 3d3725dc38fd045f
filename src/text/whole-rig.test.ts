import fc from 'fast-check';
import { reviewRig } from '@/core/judge';
import { makeEntry, type EntryOf, type Kind } from '@/core/log';
import {
  FACT_IDS,
  factApplies,
  factDef,
  factValue,
  GEAR_IDS,
  PART_FACTS,
  PART_KINDS,
  placesOf,
} from '@/core/rig';
import { HOUSE_DEFAULT, RULE_IDS, RULES } from '@/core/rules';
import { surveyItems } from '@/core/duty';
import { anyModel, anyPart } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import {
  bandWords,
  conflictWords,
  effectWords,
  entryWords,
  FACT_WORDS,
  factText,
  factTyped,
  factWords,
  FACT_HELP,
  GEAR_LOOKS,
  RULE_REASONS,
  gradesFor,
  PART_FACT_WORDS,
  PART_WORDS,
  partName,
  placeName,
  placeWords,
  RULE_WORDS,
  schoolsOf,
  surveyItemWords,
} from '.';

const SYSTEMS = ['us', 'metric'] as const;
const BROKEN = /undefined|NaN|\[object|null/;

test('every fact has a name, what it unlocks, and words for each of its choices', () => {
  for (const id of FACT_IDS) {
    const { label, options } = FACT_WORDS[id];
    const { unlocks } = FACT_HELP[id];
    expect(label.length * unlocks.length).toBeGreaterThan(0);
    const { type } = factDef(id);
    if (type.as === 'choice')
      for (const option of type.options)
        expect([id, options?.[String(option)]]).toEqual([id, expect.any(String)]);
  }
});

test('any rig: facts, places, contradictions and survey items are told without a hole, with units', () => {
  fc.assert(
    fc.property(anyModel, fc.constantFrom(...SYSTEMS), (model, system) => {
      for (const id of FACT_IDS.filter((one) => factApplies(model, one))) {
        const raw = factValue(model, id);
        expect(
          `${factText(id, raw, system)} ${factWords(id, raw, system)} ${factTyped(id, raw, system)}`,
        ).not.toMatch(BROKEN);
        const { type } = factDef(id);
        if (type.as === 'quantity' && raw !== undefined)
          expect(factText(id, raw, system)).toMatch(/ (in|mm|lb|kg|psi|bar|lbf·ft|N·m|mi|km)$/);
      }
      for (const place of placesOf(model))
        expect(`${placeName(place)} ${placeWords(place, model)}`).not.toMatch(BROKEN);
      for (const conflict of reviewRig({ model, parts: {} }, HOUSE_DEFAULT, '2026-05-16T12:00:00.000Z')) {
        const { title, why } = conflictWords(conflict, system);
        expect(`${title} ${why}`).not.toMatch(BROKEN);
      }
      for (const item of surveyItems(model)) {
        const { title, look } = surveyItemWords(item, model);
        expect(title).not.toMatch(BROKEN);
        expect(look.length).toBeGreaterThan(0);
        if (item.ask.as === 'condition') expect(Object.keys(gradesFor(item.ask.condition))).toHaveLength(4);
      }
    }),
    { numRuns: runs(60) },
  );
});

test('a guess says so before its figure', () => {
  expect(factWords('torque', { value: 135.58179483314004, source: 'guess' }, 'us')).toBe(
    'a guess: 100 lbf·ft',
  );
  expect(factWords('socket', { value: 0.0206375, source: 'marking' }, 'us')).toBe(
    '13/16 in, marked or measured',
  );
  expect(factWords('threadPitch', { value: 0.0015, source: 'maker' }, 'us')).toBe(
    "1.5 mm pitch, maker's figure",
  );
  expect(factWords('torque', undefined, 'us')).toBe('not known');
});

test('gear, parts and rules all have their words', () => {
  for (const id of GEAR_IDS) expect(GEAR_LOOKS[id].length * placeName(id).length).toBeGreaterThan(5);
  for (const kind of PART_KINDS) {
    expect(PART_WORDS[kind].one).not.toBe('');
    for (const fact of PART_FACTS[kind]) expect(PART_FACT_WORDS[fact]?.label).toBeDefined();
  }
  for (const rule of RULE_IDS) {
    expect(RULE_REASONS[rule].why.length * RULE_REASONS[rule].where.length).toBeGreaterThan(0);
    expect(schoolsOf(rule, 'us').map(({ value }) => value)).toEqual([...RULES[rule]]);
    expect(Object.keys(RULE_WORDS[rule].schools).sort()).toEqual([...RULES[rule]].sort());
  }
  fc.assert(fc.property(anyPart, (part) => expect(partName(part, 'us')).not.toMatch(BROKEN)));
});

test('a band is told as its likeliest day and the span of eight futures of ten', () => {
  const now = '2026-05-16T12:00:00.000Z';
  const at = (date: string) => `${date}T12:00:00.000Z`;
  const say = (early?: string, likely?: string, late?: string) =>
    bandWords(
      { early: early && at(early), likely: likely && at(likely), late: late && at(late), towed: {} },
      now,
    );
  expect(say('2026-06-20', '2026-07-12', '2026-09-09')).toBe(
    'Likely about Jul 12; 8 times in 10 between Jun 20 and Sep 9, as this rig is towed.',
  );
  expect(say('2026-06-20', '2026-06-20', '2026-06-20')).toBe('Due Jun 20.');
  expect(say('2026-06-20', '2026-07-12')).toContain('or not within two years');
  expect(say('2027-06-20')).toContain('Likely not within two years; 1 time in 10 by');
  expect(say()).toBe('Not within two years, as this rig is towed.');
});

test('what a change of rules does is said in numbers', () => {
  expect(effectWords({ earlier: 3, later: 0, findings: 0 })).toBe('3 duties move earlier.');
  expect(effectWords({ earlier: 1, later: 0, findings: 2 })).toBe(
    '1 duty moves earlier and 2 findings more.',
  );
  expect(effectWords({ earlier: 0, later: 0, findings: 0 })).toBe('No duty moves.');
});

test.each<[Kind, object, string]>([
  ['rig.retired', { reason: 'sold' }, 'Retired'],
  ['rig.returned', {}, 'Brought back'],
  [
    'part.fitted',
    {
      part: 'a',
      spec: { kind: 'tire', facts: { dot: { value: '1121', source: 'marking' } } },
      to: '1L',
      rolled: 0,
    },
    'Tire installed at 1L',
  ],
  ['part.moved', { moves: [{ part: 'a', to: 'shelf', grade: 'sound' }] }, 'Moved: the part to the shelf'],
  ['part.read', { part: 'a', facts: { dot: { value: '1121', source: 'marking' } } }, 'Read off: the part'],
  [
    'survey',
    { item: 'gear', place: 'coupler', found: { as: 'condition', verdict: 'clear' } },
    'First inspection, Coupler: clear',
  ],
  [
    'survey',
    { item: 'fact-torque', place: 'rig', found: { as: 'not-looked' } },
    'First inspection, Lug torque: not checked',
  ],
  ['survey', { item: 'part-tire', place: 'S1', found: { as: 'reading' } }, 'First inspection, Tire S1: read'],
  ['rule.chosen', { rule: 'tireAge', school: '5' }, 'House rule: tire age limit'],
  ['rig.changed', { changes: { 'gear.winch': false } }, 'Changed: winch'],
])('%s %j is told as %s', (kind, body, title) => {
  const stamp = {
    id: '0196d000-0000-7000-8000-000000000001',
    rig: '0196d000-0000-7000-8000-0000000000aa',
    happened: '2026-05-01T12:00:00.000Z',
    recorded: '2026-05-01T12:00:00.000Z',
  };
  const entry = makeEntry(kind, stamp, body as EntryOf<typeof kind>['body']);
  const words = entryWords(
    entry,
    'us',
    () => undefined,
    () => 'the part',
  );
  expect(words.title).toBe(title);
  expect(words.lines.join(' ')).not.toMatch(BROKEN);
});
