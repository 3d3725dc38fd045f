import fc from 'fast-check';
import { mi } from '@/core/testing/story';
import { readTold } from './told';

test('what is left empty is not told, and nothing is wrong with it', () => {
  expect(readTold({}, 'us')).toEqual({ told: {}, wrong: {} });
  expect(readTold({ where: '  ', did: '', minutes: ' ' }, 'metric')).toEqual({ told: {}, wrong: {} });
});

test('miles and kilometers, minutes, money and words', () => {
  const typed = {
    into: '62',
    where: ' exit by the mill ',
    did: 'plugged it',
    minutes: '40',
    cost: '12.50',
    currency: 'USD',
  };
  const { told, wrong } = readTold(typed, 'us');
  expect(wrong).toEqual({});
  expect(told).toMatchObject({ where: 'exit by the mill', did: 'plugged it', minutes: 40 });
  expect(told.into).toBeCloseTo(mi(62), 3);
  expect(readTold({ into: '100' }, 'metric').told.into).toBeCloseTo(100_000, 3);
  // A unit that was typed stands over the one beside the field.
  expect(readTold({ into: '100 km' }, 'us').told.into).toBeCloseTo(100_000, 3);
});

test('what cannot be read is told at its field, and loses nothing of the rest', () => {
  const { told, wrong } = readTold(
    { into: 'far', minutes: 'an hour', where: 'the ramp', cost: '12', currency: '' },
    'us',
  );
  expect(Object.keys(wrong).sort()).toEqual(['currency', 'into', 'minutes']);
  expect(told).toEqual({ where: 'the ramp' });
  expect(readTold({ into: '-4' }, 'us').wrong.into).toBe('A number, in mi.');
  expect(readTold({ into: '-4' }, 'metric').wrong.into).toBe('A number, in km.');
});

test('whatever is typed, each field is told, wrong or empty, and never two of them', () => {
  fc.assert(
    fc.property(
      fc.record({
        into: fc.string(),
        where: fc.string(),
        did: fc.string(),
        helped: fc.string(),
        minutes: fc.string(),
      }),
      fc.constantFrom('us' as const, 'metric' as const),
      (typed, units) => {
        const { told, wrong } = readTold(typed, units);
        for (const id of ['into', 'where', 'did', 'helped', 'minutes'] as const) {
          const ways = [told[id] !== undefined, wrong[id] !== undefined, typed[id].trim() === ''];
          expect([id, ways.filter(Boolean).length]).toEqual([id, 1]);
        }
        for (const id of ['into', 'minutes'] as const) expect(told[id] ?? 0).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});
