import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import { readTrip, type TripForm } from './trip-form';

const NOW = '2026-05-16T14:00:00.000Z';
const model = sampleModel({});
const meter = { reading: toSI(21_480, 'mi'), distance: 0, at: '2026-05-01T09:00:00.000Z' };
const plain: TripForm = {
  by: 'miles',
  distance: '120',
  reading: '',
  launches: '',
  out: '',
  home: '',
  date: '2026-05-16',
  started: '',
  note: '',
  replaced: false,
};

const read = (
  form: Partial<TripForm>,
  insisted = false,
  rig: Parameters<typeof readTrip>[1] = { meter: undefined },
) => readTrip({ ...plain, ...form }, rig, model, 'us', NOW, insisted);

test('miles become metres, and what was not said is left out', () => {
  const trip = read({});
  expect(trip).toMatchObject({ ok: true, value: { happened: NOW } });
  expect(trip.ok && trip.value.body).toEqual({ distance: toSI(120, 'mi'), launches: 0 });
});

test('a unit typed along is understood, a wrong one told', () => {
  const trip = read({ distance: '100 km' });
  expect(trip.ok && trip.value.body.distance).toBe(100_000);
  expect(read({ distance: '12 psi' })).toMatchObject({
    ok: false,
    error: [{ field: 'distance', code: 'unread' }],
  });
});

test('by the meter the trip is what the meter gained', () => {
  const trip = read({ by: 'meter', reading: '21,520' }, false, { meter });
  expect(trip.ok && trip.value.body.distance).toBeCloseTo(toSI(40, 'mi'));
  expect(read({ by: 'meter', reading: '2152' }, false, { meter })).toMatchObject({
    ok: false,
    error: [{ field: 'reading', code: 'backwards' }],
  });
});

test('the first reading, and a new meter, need the miles beside it', () => {
  const first = read({ by: 'meter', reading: '100', distance: '12' });
  expect(first.ok && first.value.body).toMatchObject({ distance: toSI(12, 'mi'), reading: toSI(100, 'mi') });
  const other = read({ by: 'meter', reading: '3', distance: '30', replaced: true }, false, { meter });
  expect(other.ok && other.value.body).toMatchObject({ distance: toSI(30, 'mi'), replaced: true });
});

test('what is odd is asked once, what is wrong is refused always', () => {
  expect(read({ distance: '1800' })).toMatchObject({
    ok: false,
    error: [{ field: 'distance', insist: true }],
  });
  expect(read({ distance: '1800' }, true).ok).toBe(true);
  expect(read({ distance: '-5' }, true)).toMatchObject({
    ok: false,
    error: [{ code: 'negative', insist: false }],
  });
  expect(read({ date: '2026-06-01' }, true)).toMatchObject({
    ok: false,
    error: [{ field: 'date', code: 'future' }],
  });
  expect(read({ date: '2026-02-31' })).toMatchObject({ ok: false });
});

test('everything wrong is told at once', () => {
  const trip = read({ distance: '', launches: 'two', date: '' });
  expect(!trip.ok && trip.error.map((error) => error.field)).toEqual(['distance', 'launches', 'date']);
});
