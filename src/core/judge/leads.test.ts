import { emptyRig, type LastDone, type RigState } from '../log';
import { toSI } from '../base';
import { HOUSE_DEFAULT } from '../rules';
import { leadsFor } from '.';

const mark = (miles: number): LastDone => ({
  entry: 'e',
  at: '2026-04-01T12:00:00.000Z',
  distance: toSI(miles, 'mi'),
  distanceKnown: true,
  trips: 0,
  launches: 0,
});
const rig = (miles: number): RigState => ({
  ...emptyRig('x'),
  distance: toSI(miles, 'mi'),
  lastDone: { 'repack@1L': mark(1000), 'grease@1L': mark(1000) },
});
const codes = (of: Parameters<typeof leadsFor>[0], at = rig(1100), house = HOUSE_DEFAULT) =>
  leadsFor(of, '1L', at, house);

test('a hub hot soon after it was opened points to its nut', () => {
  const hot = { what: 'hub-temp', value: 340 } as const;
  expect(codes(hot)[0]).toEqual({ code: 'nut-tight', because: 'just-opened' });
  expect(codes(hot, rig(4000))[0]).toEqual({ code: 'nut-tight' });
  expect(codes({ trend: 'heat' })[0]?.code).toBe('nut-tight');
});

test('a weeping seal: the land, a line behind it, too much grease; first what the house does', () => {
  const weeping = { subject: 'seal', grade: 'weeping' } as const;
  expect(codes(weeping).map(({ code }) => code)).toEqual([
    'seal-land',
    'line-behind',
    'over-greased',
    'vent',
  ]);
  expect(codes(weeping, rig(1100), { ...HOUSE_DEFAULT, grease: 'purge' })[0]).toEqual({
    code: 'over-greased',
    because: 'purged',
  });
});

test('one-sided wear: the axle', () => {
  expect(codes({ subject: 'wear', grade: 'one-side' })[0]?.code).toBe('axle-bent');
  expect(codes({ subject: 'wear', grade: 'middle' })).toEqual([{ code: 'high-pressure' }]);
});

test('where nothing is known to lead anywhere, nothing is said', () => {
  expect(codes(undefined)).toEqual([]);
  expect(codes({ subject: 'oil', grade: 'low' })).toEqual([]);
});
