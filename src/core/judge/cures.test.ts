import { foldEntries, makeEntry, type Evidence } from '../log';
import type { Place } from '../rig';
import {
  CRITERIA,
  HOUSE_DEFAULT,
  isLook,
  SUBJECTS,
  type RoutineId,
  type Subject,
  type WorkId,
} from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { subjectsAt } from '../road';
import { cureOf, remedyOf, worksAt, type RemedyAbout } from '.';

const model = sampleModel({ hub: 'drilled', brake: 'electric' });
const cure = (what: Parameters<typeof cureOf>[0], grade?: string) =>
  cureOf(what, '1L', model, HOUSE_DEFAULT, grade);

test('no look is ever named as what puts a thing right', () => {
  const readings = ['lining', 'drum-diameter', 'magnet-ohms', 'volts', 'pressure', 'tread-inner'] as const;
  for (const what of readings) expect(isLook(cure(what) ?? 'repack')).toBe(false);
  for (const subject of SUBJECTS)
    for (const grade of Object.keys(CRITERIA[subject])) {
      const work = cure(subject, grade);
      expect({ subject, grade, look: work !== undefined && isLook(work) }).toMatchObject({ look: false });
    }
});

const works = (of: Evidence, place: Place = '1L', about: Partial<RemedyAbout> = {}) =>
  remedyOf({ place, of }, { model, house: HOUSE_DEFAULT, ...about }).jobs.map(({ routine }) => routine);
const graded = (subject: Subject, grade: string): Evidence => ({ subject, grade });

test.each([
  ['lining', 'at-minimum', ['shoe-renew']],
  ['lining', 'greasy', ['shoe-renew', 'repack']],
  ['seal', 'weeping', ['repack']],
  ['seal', 'on-shoes', ['shoe-renew', 'repack']],
  ['grease-back', 'on-shoes', ['shoe-renew', 'repack']],
  ['rock', 'clunks', ['repack']],
  ['spin', 'tight', ['repack']],
  ['rollers', 'pitted', ['bearing-renew']],
  ['spindle', 'scored', ['axle-set']],
  ['drum', 'cracked', ['hub-renew']],
  ['magnet', 'open', ['magnet-renew']],
  ['cap', 'missing', ['cap-renew']],
  ['lug-move', 'loose', ['lug-torque']],
  ['lug-move', 'broken', ['stud-renew']],
  ['threads', 'galled', ['stud-renew']],
  ['pivot', 'oval', ['bushings']],
  ['eye', 'worn', ['bushings']],
  ['tire-wall', 'bulge', ['tire-renew']],
  ['tread-object', 'nail', ['tire-renew']],
  ['fixing', 'loose', ['underside']],
  // A welder, a shop or a part.
  ['weld', 'through', []],
  ['hanger', 'oval', []],
  ['fixing', 'cracked', []],
  ['lug-move', 'hole-worn', []],
  ['brake-test', 'no-release', []],
] as const)('%s %s is put right by %j', (subject, grade, wanted) =>
  expect(works(graded(subject, grade))).toEqual(wanted),
);

test('shoes or plate go by the school, and to the plate where the magnet is due as well', () => {
  const renewal = (school: 'cheaper' | 'plate' | 'parts', magnet = false) =>
    works(graded('lining', 'at-minimum'), '1L', {
      house: { ...HOUSE_DEFAULT, renewal: school },
      findings: magnet ? [{ place: '1L', of: graded('magnet', 'marks-gone') }] : [],
    });
  expect(renewal('cheaper')).toEqual(['shoe-renew']);
  expect(renewal('cheaper', true)).toEqual(['plate-renew']);
  expect(renewal('plate')).toEqual(['plate-renew']);
  expect(renewal('parts', true)).toEqual(['shoe-renew']);
});

test('a disc has pads, a hub that stays shut its service, and the check is the second choice', () => {
  const disc = sampleModel({ hub: 'plain', brake: 'hydraulic-disc' });
  expect(works(graded('lining', 'at-minimum'), '1L', { model: disc })).toEqual(['pad-renew']);
  const shut = sampleModel({ hub: 'oil-bath', brake: 'electric' });
  expect(works(graded('seal', 'weeping'), '1L', { model: shut })).toEqual(['hub-service']);
  const remedy = (of: Evidence) => remedyOf({ place: '1L', of }, { model, house: HOUSE_DEFAULT });
  expect(remedy(graded('lining', 'at-minimum')).check).toEqual({ routine: 'brake-measure', place: '1L' });
  expect(remedy(graded('lug-move', 'loose')).check).toBeUndefined();
});

test.each<readonly [string, Evidence, readonly WorkId[]]>([
  ['a trend', { trend: 'heat' }, ['repack']],
  ['a first look', { condition: 'hub', judged: 'due' }, ['repack']],
  ['a first look at play', { condition: 'play', judged: 'stop' }, ['repack']],
  ['a branch', { branch: 'stud-breaks' }, ['stud-renew']],
  ['greases that do not mix', { grease: 'clay', onto: 'polyurea' }, ['repack']],
  ['a tire that came off flat', { tire: 'flat', cameOff: '1L' }, ['tire-renew']],
  ['a guess', { guess: 100 }, ['lug-torque']],
  ['bolts without a figure', { torque: 'axle' }, ['underside']],
  ['work left undone', { undone: 'shoe-renew' }, ['shoe-renew']],
])('%s has the remedy that the same thing seen has', (_, of, wanted) =>
  expect(works(of, 'tire' in of ? 'S1' : '1L')).toEqual(wanted),
);

test('one told in words alone has the work that was named with it', () => {
  const told = (remedy: WorkId) =>
    remedyOf({ place: '1L', remedy }, { model, house: HOUSE_DEFAULT }).jobs.map(({ routine }) => routine);
  expect(told('repack')).toEqual(['repack']);
  expect(told('brake-measure')).toEqual([]);
});

test('a look that an older record named is not taken up: logged as done, it would leave the rig fit', () => {
  const rig = '0196d000-0000-7000-8000-0000000000aa';
  const at = (n: number) => ({
    id: `0196d000-0000-7000-8000-00000000000${n}`,
    rig,
    happened: '2026-05-01T12:00:00.000Z',
    recorded: '2026-05-01T12:00:00.000Z',
  });
  const told = (remedy: RoutineId) =>
    Object.values(
      foldEntries([
        makeEntry('rig.setup', at(1), { model }),
        makeEntry('finding.opened', at(2), { place: '1L', verdict: 'stop', text: 'lining gone', remedy }),
      ]).state.rigs[rig]?.findings ?? {},
    )[0]?.remedy;
  expect(told('brake-measure')).toBeUndefined();
  expect(told('repack')).toBe('repack');
});

test('bolts without a figure, or with a guess, ask for the figure first; the work comes after', () => {
  const { torque: _, ...wheels } = model.wheels;
  const told = (source: 'guess' | 'maker') => ({
    ...model,
    wheels: { ...wheels, torque: { value: 130, source } },
  });
  const of = (evidence: Evidence, about: RemedyAbout['model']) =>
    remedyOf({ place: '1L', of: evidence }, { model: about, house: HOUSE_DEFAULT });
  for (const evidence of [{ torque: 'lug' }, { guess: 130 }] as const) {
    expect(of(evidence, { ...model, wheels })).toMatchObject({
      figure: 'lug',
      jobs: [{ routine: 'lug-torque' }],
    });
    expect(of(evidence, told('guess')).figure).toBe('lug');
    expect(of(evidence, told('maker')).figure).toBeUndefined();
  }
  expect(of({ torque: 'plate' }, { ...model, torques: {} })).toMatchObject({ figure: 'plate', jobs: [] });
});

test('what only shows a fault asks for its cause first; what is broken itself does not', () => {
  const finds = (of: Evidence) => remedyOf({ place: '1L', of }, { model, house: HOUSE_DEFAULT }).find;
  expect(finds(graded('lamp', 'none'))).toBe(true);
  expect(finds(graded('brake-test', 'none'))).toBe(true);
  expect(finds({ trend: 'leak' })).toBe(true);
  expect(finds(graded('weld', 'through'))).toBe(false);
  expect(finds(graded('lining', 'gone'))).toBe(false);
});

test('a card that was left is gone on with, a look as well', () => {
  const left = { place: '1L', of: { leftAt: 'hub-off' }, remedy: 'brake-measure' } as const;
  expect(remedyOf(left, { model, house: HOUSE_DEFAULT }).jobs).toEqual([
    { routine: 'brake-measure', place: '1L' },
  ]);
});

test('a tire that was driven low is put right by no air', () => {
  const driven = { what: 'pressure', value: 200_000, held: { against: 448_000, by: 'rolled' } } as const;
  expect(works(driven)).toEqual(['tire-renew']);
  expect(works({ ...driven, held: { against: 448_000 } })).toEqual(['pressures']);
});

test('by hand all that can be told of a place has grades of its own, and every work that there is', () => {
  for (const place of ['1L', 'rig', 'breakaway', 'frame'] as const)
    for (const subject of subjectsAt(model, place))
      expect(Object.keys(CRITERIA[subject]).length).toBeGreaterThan(1);
  expect(subjectsAt(model, '1L')).toEqual(
    expect.arrayContaining(['tire-wall', 'lining', 'magnet', 'cap', 'seal']),
  );
  const bare = sampleModel({ axles: 1, brake: 'none' });
  for (const subject of ['lining', 'pads', 'magnet'] as const)
    expect(subjectsAt(bare, '1L')).not.toContain(subject);
  expect(subjectsAt(model, 'breakaway')).toEqual(['breakaway']);
  const there = worksAt('1L', { model, house: HOUSE_DEFAULT });
  expect(there).toEqual(expect.arrayContaining(['stud-renew', 'tire-renew', 'cap-renew', 'repack']));
  for (const work of there) expect(isLook(work)).toBe(false);
});
