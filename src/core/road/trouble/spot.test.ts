import fc from 'fast-check';
import { asksOfSpot, barredAt, SPOT_QUESTIONS, type Spot, type SpotQuestion } from '..';

const GOOD: Spot = { met: 'road', place: 'yes', level: 'yes', alone: 'no', night: 'no' };

test.each<readonly [string, Spot, ReturnType<typeof barredAt>]>([
  ['good', GOOD, []],
  ['in the lane', { ...GOOD, place: 'no' }, ['lane']],
  ['on a slope', { ...GOOD, level: 'no' }, ['slope']],
  ['alone, traffic on the left', { ...GOOD, alone: 'yes', traffic: 'left' }, ['traffic-side']],
  ['alone, traffic on the right', { ...GOOD, alone: 'yes', traffic: 'right' }, []],
  ['alone, nobody said where the traffic runs', { ...GOOD, alone: 'yes' }, ['traffic-side']],
  ['dark, without lamps', { ...GOOD, night: 'yes', lamps: 'no' }, ['dark']],
  ['dark, lamps not told', { ...GOOD, night: 'yes' }, ['dark']],
  ['dark, with lamps', { ...GOOD, night: 'yes', lamps: 'yes' }, []],
  ['at home alone', { met: 'home', level: 'yes', alone: 'yes', night: 'no' }, []],
  ['nothing said', {}, ['lane', 'slope', 'dark', 'traffic-side']],
])('%s: at 1L %j is kept from work by %j', (_, spot, barred) => expect(barredAt(spot, '1L')).toEqual(barred));

test('of the whole rig no side is the traffic side', () => {
  expect(barredAt({ ...GOOD, alone: 'yes', traffic: 'left' }, 'rig')).toEqual([]);
  expect(barredAt({ ...GOOD, alone: 'yes', traffic: 'left' }, '1R')).toEqual([]);
});

const anySpot = fc.record(
  {
    met: fc.constantFrom('road' as const, 'home' as const),
    ...(Object.fromEntries(
      Object.entries(SPOT_QUESTIONS).map(([id, answers]) => [id, fc.constantFrom(...answers)]),
    ) as unknown as Record<SpotQuestion, fc.Arbitrary<never>>),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<Spot>;

test('an answer that is not known never lets anybody work who else may not', () =>
  fc.assert(
    fc.property(anySpot, fc.constantFrom('1L' as const, '1R' as const, 'rig' as const), (spot, place) => {
      for (const question of asksOfSpot(spot)) {
        const { [question]: _, ...unknown } = spot;
        const worst = SPOT_QUESTIONS[question].map(
          (value) => barredAt({ ...spot, [question]: value }, place).length,
        );
        expect(barredAt(unknown as Spot, place).length).toBeGreaterThanOrEqual(Math.max(...worst));
      }
    }),
  ));

test('what is not asked of a spot changes nothing there', () =>
  fc.assert(
    fc.property(anySpot, fc.constantFrom('1L' as const, '2R' as const), (spot, place) => {
      const asked = new Set(asksOfSpot(spot));
      for (const question of Object.keys(SPOT_QUESTIONS) as SpotQuestion[])
        if (!asked.has(question))
          for (const value of SPOT_QUESTIONS[question])
            if (spot.alone !== undefined && spot.night !== undefined)
              expect(barredAt({ ...spot, [question]: value }, place)).toEqual(barredAt(spot, place));
    }),
  ));
