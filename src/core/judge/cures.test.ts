import { foldEntries, makeEntry } from '../log';
import { CRITERIA, HOUSE_DEFAULT, isLook, SUBJECTS, type RoutineId } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { cureOf } from '.';

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

test.each([
  ['lining', 'at-minimum'],
  ['lining', 'gone'],
  ['weld', 'through'],
  ['seal', 'on-shoes'],
  ['grease-back', 'on-shoes'],
  ['fixing', 'cracked'],
  ['lug-move', 'broken'],
] as const)('%s %s: nothing but what is renewed closes it', (subject, grade) => {
  expect(cure(subject, grade)).toBeUndefined();
});

test('what a routine does mend still names it', () => {
  expect(cure('seal', 'weeping')).toBe('repack');
  expect(cure('tread', 'at-limit')).toBe('tire-renew');
  expect(cure('fixing', 'loose')).toBe('underside');
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
