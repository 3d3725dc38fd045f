import { civilDay, isCivilDay } from '../base';
import { daysApart, makeEntry, momentsIn, readEntry, withDays, type Entry } from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const at = '2026-05-16T03:30:00.000Z';
const stamp = { id: '0196d000-0000-7000-8000-000000000001', rig: RIG, happened: at, recorded: at };
const trip = makeEntry('trip', stamp, {
  distance: 1000,
  launches: 0,
  started: '2026-05-14T20:00:00.000Z',
});
const inZone = (zone: string) => (moment: string) => civilDay(moment, zone);

test('a moment is another day west and east of the line', () => {
  expect(civilDay(at, 'UTC')).toBe('2026-05-16');
  expect(civilDay(at, 'America/Chicago')).toBe('2026-05-15');
  expect(civilDay('2026-05-16T12:30:00.000Z', 'Pacific/Auckland')).toBe('2026-05-17');
  expect(() => civilDay(at, 'Nowhere/At All')).toThrow(RangeError);
});

test.each([
  ['2026-02-28', true],
  ['2026-02-29', false],
  ['2026-2-3', false],
  ['2026-13-01', false],
])('%s is a day: %s', (text, is) => {
  expect(isCivilDay(text)).toBe(is);
});

test('every moment of an entry that means a day gets the day of where it was written, once', () => {
  expect(momentsIn(trip).map(([name]) => name)).toEqual(['happened', 'started']);
  const written = withDays(trip, inZone('America/Chicago'));
  expect(written.days).toEqual({ happened: '2026-05-15', started: '2026-05-14' });
  expect(withDays(written, inZone('Pacific/Auckland'))).toBe(written);
  expect(readEntry(JSON.parse(JSON.stringify(written)))).toEqual({ ok: true, value: written });
});

test('only what is another day here is told apart', () => {
  const written = withDays(trip, inZone('America/Chicago'));
  expect(daysApart([written], inZone('America/Chicago'))).toEqual({});
  expect(daysApart([written], inZone('UTC'))).toEqual({ [at]: '2026-05-15' });
  expect(daysApart([trip], inZone('UTC'))).toEqual({});
});

test('a day that is none is refused at its field', () => {
  const read = readEntry({ ...trip, days: { happened: '2026-02-30' } } as unknown as Entry);
  expect(read).toMatchObject({ ok: false, error: { code: 'shape', field: 'days.happened' } });
});
