import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { missingMates, sideAsItIs } from './pairs';

const model = sampleModel({ axles: 2, brake: 'electric' });
const plate = { routine: 'plate-renew', place: '2R' } as const;

test('work that goes in pairs asks for the mate across, once', () => {
  expect(missingMates([plate], model, HOUSE_DEFAULT)).toEqual([{ routine: 'plate-renew', place: '2L' }]);
  expect(missingMates([plate, { routine: 'plate-renew', place: '2L' }], model, HOUSE_DEFAULT)).toEqual([]);
  expect(missingMates([{ routine: 'repack', place: '2R' }], model, HOUSE_DEFAULT)).toEqual([]);
});

test.each(['plate-renew', 'shoe-renew', 'magnet-renew', 'hub-renew', 'tire-renew'] as const)(
  '%s of one side asks for the other',
  (routine) =>
    expect(missingMates([{ routine, place: '1L' }], model, HOUSE_DEFAULT)).toEqual([
      { routine, place: '1R' },
    ]),
);

test('a hub without a brake makes no pair; nor does a spare', () => {
  const bare = sampleModel({ axles: 1, brake: 'none' });
  expect(missingMates([{ routine: 'hub-renew', place: '1L' }], bare, HOUSE_DEFAULT)).toEqual([]);
  expect(
    missingMates([{ routine: 'tire-renew', place: 'S1' }], { ...bare, spares: 1 }, HOUSE_DEFAULT),
  ).toEqual([]);
});

test('the other side is told as it stands: measured, with its part and what is open there', () => {
  const { setup, entry, rigOf } = storyFrom('2026-05-01');
  const rig = rigOf(
    setup(model),
    entry('work', 2, {
      jobs: [{ routine: 'brake-measure', place: '2L' }],
      from: 'bench',
      readings: [{ place: '2L', what: 'lining', value: 0.003 }],
      conditions: [],
      materials: [],
      renewed: [],
      refits: [],
      skipped: [],
    }),
    entry('finding.opened', 3, { place: '2L', verdict: 'watch', text: 'scored a little' }),
  );
  const side = sideAsItIs(plate, '2L', rig);
  expect(side.read.map(({ what, value }) => [what, value])).toEqual([['lining', 0.003]]);
  expect(side.findings).toHaveLength(1);
  expect(sideAsItIs(plate, '1L', rig)).toEqual({ read: [], part: undefined, findings: [] });
});
