import { makeEntry, type Entry, type EntryOf, type Kind } from '@/core/log';
import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import {
  archiveWords,
  compileWords,
  entryWords,
  parseWords,
  findingWords,
  ruleWords,
  tapWords,
  tripWords,
  windowSource,
} from '.';
import { judgeEndPlay, judgeGrade, judgeRecheck } from '@/core/judge';
import { endPlayWindow } from '@/core/figures';

const mi = (n: number) => toSI(n, 'mi');
const inch = (n: number) => toSI(n, 'in');
const ID = '0196d000-0000-7000-8000-000000000001';
const AT = '2026-05-16T14:00:00.000Z';

function entry<K extends Kind>(kind: K, body: EntryOf<K>['body']): Entry {
  return makeEntry(kind, { id: ID, rig: ID, happened: AT, recorded: AT }, body);
}
const us = (one: Entry) => entryWords(one, 'us', (id) => (id === ID ? 'Towed 180 mi' : undefined));
const metric = (one: Entry) => entryWords(one, 'metric', () => undefined);

describe('entries as they are told', () => {
  test.each<[string, Entry, string, readonly string[]]>([
    ['a trip', entry('trip', { distance: mi(180), launches: 0 }), 'Towed 180 mi', []],
    [
      'a launch',
      entry('trip', { distance: mi(24), launches: 2, water: 'brackish', note: 'calm' }),
      'Towed 24 mi, 2 launches in brackish water',
      ['calm'],
    ],
    [
      'a new meter',
      entry('trip', { distance: mi(30), launches: 0, reading: mi(12), replaced: true }),
      'Towed 30 mi',
      ['Meter at 12 mi, a new meter'],
    ],
    ['a meter', entry('meter', { reading: mi(21_480), replaced: false }), 'Meter read: 21,480 mi', []],
    [
      'a set-up',
      entry('rig.setup', { model: sampleModel({ axles: 2 }), reading: mi(5) }),
      'Juniper set up',
      ['RV, 2 axles, 6 studs', 'Meter at 5 mi'],
    ],
    [
      'a change',
      entry('rig.changed', {
        changes: {
          'wheels.torque': { value: toSI(95, 'lbf·ft'), source: 'counter' },
          'axles.1.threadPitch': null,
          spares: 2,
        },
      }),
      'Changed: spindle thread, axle 2, spares carried and lug torque',
      [
        'Spindle thread, axle 2: no longer known',
        'Spares carried: 2',
        "Lug torque: 95 lbf·ft, parts counter's figure",
      ],
    ],
    ['a recheck', entry('recheck', { place: '2R', result: 'moved' }), 'Lug recheck 2R: a nut moved', []],
    [
      'a finding',
      entry('finding.opened', { place: 'rig', verdict: 'stop', text: 'latch worn' }),
      'Rig: latch worn',
      ['Stop'],
    ],
    [
      'a fix',
      entry('finding.closed', { finding: ID, how: 'latch replaced' }),
      'Fixed: Towed 180 mi',
      ['latch replaced'],
    ],
    ['a withdrawal', entry('void', { target: ID, reason: 'twice' }), 'Withdrew: Towed 180 mi', ['twice']],
    ['a note', entry('note', { text: 'under the oak' }), 'under the oak', []],
  ])('%s', (_, one, title, lines) => expect(us(one)).toEqual({ title, lines }));

  test('work says what was read, seen, used and replaced, and what it left behind', () => {
    const work = entry('work', {
      jobs: [{ routine: 'repack', place: '1L' }],
      from: 'bench',
      minutes: 96,
      readings: [
        { place: '1L', what: 'seal-number', value: 'YS-171' },
        { place: '1L', what: 'end-play', value: inch(0.006) },
        { place: '1L', what: 'nuts-counted', value: 6 },
      ],
      conditions: [{ place: '1L', subject: 'rollers', grade: 'stained' }],
      materials: [{ place: '1L', grease: 'calcium-sulfonate' }],
      renewed: [
        { place: '1L', part: 'inner-set' },
        { place: '1L', part: 'seal' },
      ],
      refits: [{ place: '1L', limits: [mi(10), mi(25)] }],
      skipped: [{ step: 'top-up 1L', reason: 'gun empty' }],
    });
    expect(us(work)).toEqual({
      title: 'Repacked 1L',
      lines: [
        'Seal YS-171 · end play worked out 0.006 in',
        'Rollers and races light staining',
        'Grease: calcium sulfonate',
        'Replaced: inner bearing and race and seal',
        'Lug rechecks opened at 10 mi and 25 mi',
        'Left out (top-up 1L): gun empty',
        'Step by step on the bench, 1 h 36 min',
      ],
    });
    expect(metric(work).lines[0]).toBe('Seal YS-171 · end play worked out 0.15 mm');
    expect(metric(work).lines[4]).toBe('Lug rechecks opened at 16 km and 40 km');
  });

  test('work from memory says so', () => {
    const work = entry('work', {
      jobs: [
        { routine: 'repack', place: '1L' },
        { routine: 'repack', place: '1R' },
      ],
      from: 'memory',
      readings: [],
      conditions: [],
      materials: [],
      renewed: [],
      refits: [],
      skipped: [],
    });
    expect(us(work)).toEqual({ title: 'Repacked 1L and 1R', lines: ['From memory'] });
  });
});

describe('judgements as they are told', () => {
  const window = '0.001 in to 0.010 in';
  test.each([
    [0.006, 'Inside 0.001 in to 0.010 in.'],
    [0.02, 'Works out over 0.001 in to 0.010 in. No slot may give less'],
    [0, 'Works out under 0.001 in to 0.010 in: feel'],
  ])('end play of %d in', (play, words) => {
    const judged = judgeEndPlay(inch(play), endPlayWindow({}));
    expect(ruleWords(judged, window)).toContain(words);
    expect(windowSource(judged)).toContain('house rule');
  });

  test("the maker's window is named as the maker's", () => {
    const axle = { endPlay: { value: { min: inch(0.001), max: inch(0.005) }, source: 'maker' as const } };
    expect(windowSource(judgeEndPlay(inch(0.003), endPlayWindow(axle)))).toBe("Window: maker's figure");
  });

  test('a grade says what to do, a recheck what it means', () => {
    const grade = judgeGrade('rollers', 'broken');
    expect(grade && ruleWords(grade, '')).toBe('Do not tow like this.');
    expect(ruleWords(judgeRecheck('moved', 0), '')).toContain('watched');
    expect(ruleWords(judgeRecheck('moved', 1), '')).toContain('two looks in a row');
    expect(ruleWords(judgeRecheck('loose', 0), '')).toContain('loose by hand');
  });

  test('a finding that work left behind names the reading and the window', () => {
    expect(
      findingWords({ of: { endPlay: inch(0.018), window: { min: inch(0.001), max: inch(0.01) } } }, 'us'),
    ).toBe('nut left at 0.018 in end play, outside 0.001 in to 0.010 in');
    expect(findingWords({ of: { subject: 'lining', grade: 'greasy' } }, 'us')).toBe('lining: greasy');
    expect(findingWords({ of: { leftAt: 'hub-off' }, note: 'no seal to be had' }, 'us')).toBe(
      'work left at \u201chub off\u201d. no seal to be had',
    );
  });

  test('what readings warned of keeps its figures; one told before they were kept says so much less', () => {
    const said = (of: Parameters<typeof findingWords>[0]['of']) => findingWords({ of }, 'us');
    expect(said({ trend: 'heat', figure: 10, against: 0 })).toBe(
      'hub runs 18 °F over its mate lately, level with its mate before',
    );
    expect(said({ trend: 'leak', figure: toSI(3, 'psi') })).toBe('loses 3.0 psi a month');
    expect(said({ trend: 'nuts', figure: 2, against: 4 })).toBe('a nut moved at 2 of the last 4 looks');
    expect(said({ trend: 'strokes', figure: 40, against: 12 })).toBe('took 40 strokes, 12 before');
    expect(said({ trend: 'leak' })).toBe('loses pressure from reading to reading');
  });

  test('figures of a finding follow the units of whoever reads them; own words stay as they are', () => {
    const of = { what: 'hub-temp', value: toSI(150, '°F'), held: { against: toSI(133, '°F') } } as const;
    expect(findingWords({ of }, 'us')).toBe('hub 150 °F; watched or worse over 133 °F');
    expect(findingWords({ of }, 'metric')).toBe('hub 66 °C; watched or worse over 56 °C');
    expect(findingWords({ text: 'hums at 40 mph', of }, 'metric')).toBe('hums at 40 mph');
  });
});

describe('refusals as they are told', () => {
  test('each says what is wrong and nothing more', () => {
    const said = [
      parseWords({ code: 'empty' }, 'us'),
      parseWords({ code: 'not-a-number' }, 'us'),
      parseWords({ code: 'unknown-unit', typed: 'stone' }, 'us'),
      parseWords({ code: 'wrong-unit', typed: 'psi', wanted: 'torque' }, 'metric'),
      tapWords({ code: 'reading-missing', what: 'slots-back' }),
      tapWords({ code: 'grade-missing', subject: 'rock' }),
      tapWords({ code: 'count-off', what: 'nuts-started', expected: 6 }),
      tapWords({ code: 'torque-missing' }),
      tapWords({ code: 'reason-missing' }),
      tapWords({ code: 'not-optional' }),
      tapWords({ code: 'not-this-step' }),
      tapWords({ code: 'no-run' }),
      compileWords({ code: 'no-jobs' }),
      compileWords({ code: 'no-such-place', place: '3L' }),
      compileWords({ code: 'hub-stays-shut', place: '1L' }),
      compileWords({ code: 'twice', place: '1L' }),
      compileWords({ code: 'deadlock', keys: [] }),
      archiveWords({ code: 'not-a-zip' }),
      archiveWords({ code: 'not-ours', detail: 'there is no manifest.json in it' }),
      archiveWords({ code: 'newer', detail: 'archive version 2; this is version 1' }),
      archiveWords({ code: 'too-large' }),
      archiveWords({ code: 'missing-file', file: 'log.ndjson' }),
      archiveWords({ code: 'damaged', file: 'log.ndjson', detail: 'its hash does not match' }),
      archiveWords({ code: 'bad-line', line: 7, field: 'body.distance', detail: 'too small' }),
      archiveWords({ code: 'conflict', id: ID }),
      tripWords({ field: 'distance', code: 'negative', weight: 'refuse' }, undefined, 'us'),
      tripWords({ field: 'happened', code: 'future', weight: 'refuse' }, undefined, 'us'),
    ];
    expect(new Set(said).size).toBe(said.length);
    for (const words of said) {
      expect(words).toMatch(/^[A-Z0-9].*[.?]$/);
      expect(words).not.toMatch(/undefined|\[object|!/);
    }
    expect(said[23]).toBe('Line 7 of the log cannot be read (body.distance): too small.');
  });
});
