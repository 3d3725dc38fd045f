import * as fc from 'fast-check';
import { workOf, type Entry } from '../../log';
import { mi, storyFrom } from '../../testing/story';
import { byKind, byYear, costAhead, expensesOf, perDistance, quotesOf, sumOf, type Expense } from '..';

const { entry } = storyFrom('2024-05-01');
const usd = (amount: number) => ({ amount, currency: 'USD' });
const work = (at: number, routine: 'repack' | 'brake-adjust', amount: number | undefined, minutes?: number) =>
  entry('work', at, {
    ...workOf([{ routine, place: '1L' }]),
    ...(amount !== undefined && { cost: usd(amount) }),
    ...(minutes !== undefined && { minutes }),
  });

const LOG: readonly Entry[] = [
  work(0, 'repack', 40, 90),
  work(20, 'brake-adjust', undefined, 25),
  work(400, 'repack', 60),
  entry('trouble', 410, {
    trouble: 'flat',
    place: '1L',
    underWay: true,
    answers: {},
    verdict: { roll: 'stay', because: 'one-axle-no-spare' },
    outcome: 'open',
    cost: { amount: 120, currency: 'EUR' },
    minutes: 80,
  }),
  work(420, 'brake-adjust', undefined),
  entry('part.fitted', 430, {
    part: 'a tire',
    spec: { kind: 'tire', facts: {} },
    to: '1L',
    rolled: 0,
    bought: { price: usd(110), where: 'the counter' },
  }),
];

test('what took money or own time is counted, each currency by itself, time apart', () => {
  const all = expensesOf(LOG);
  expect(all.map(({ of }) => of)).toEqual(['work', 'work', 'work', 'trouble', 'part']);
  expect(sumOf(all)).toEqual({ money: { USD: 210, EUR: 120 }, minutes: 195 });
  expect(byYear(all).map(([year, { money }]) => [year, money])).toEqual([
    ['2025', { USD: 170, EUR: 120 }],
    ['2024', { USD: 40 }],
  ]);
  expect(byKind(all).map(({ kind, times }) => [kind, times])).toEqual([
    ['trouble', 1],
    ['part', 1],
    ['repack', 2],
    ['brake-adjust', 1],
  ]);
  expect(perDistance(sumOf(all), mi(1000))['USD']).toBeCloseTo(210 / mi(1000), 12);
  expect(perDistance(sumOf(all), 0)).toEqual({});
});

test('the sum of years is the sum of all, whatever was spent', () => {
  const expense = fc.record({
    entry: fc.constant('x'),
    at: fc.constantFrom('2023-01-01T00:00:00.000Z', '2024-06-01T00:00:00.000Z', '2025-12-31T00:00:00.000Z'),
    of: fc.constantFrom('work' as const, 'trouble' as const, 'part' as const),
    jobs: fc.constant([]),
    cost: fc.record({ amount: fc.integer({ min: 0, max: 5000 }), currency: fc.constantFrom('USD', 'CAD') }),
    minutes: fc.option(fc.integer({ min: 0, max: 600 }), { nil: undefined }),
  }) as fc.Arbitrary<Expense>;
  fc.assert(
    fc.property(fc.array(expense), (all) => {
      const total = sumOf(all);
      for (const parts of [byYear(all).map(([, sum]) => sum), byKind(all)]) {
        expect(parts.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(total.minutes);
        for (const [currency, amount] of Object.entries(total.money))
          expect(parts.reduce((sum, { money }) => sum + (money[currency] ?? 0), 0)).toBe(amount);
      }
    }),
  );
});

test('a quote stands beside what putting it right came to', () => {
  const found = entry('finding.opened', 1, { place: '1L', verdict: 'due', text: 'grease behind the hub' });
  const said = entry('opinion', 2, {
    place: '1L',
    finding: found.id,
    who: 'shop',
    said: 'new hub',
    quote: usd(640),
  });
  expect(quotesOf([found, said])).toMatchObject([{ quote: usd(640), came: undefined, closed: false }]);
  const done = work(3, 'repack', 38);
  const closed = entry('finding.closed', 4, {
    finding: found.id,
    work: done.id,
    jobs: [{ routine: 'repack', place: '1L' }],
  });
  expect(quotesOf([found, said, done, closed])).toMatchObject([{ came: usd(38), closed: true }]);
});

test('the months ahead: the middle of what such work has cost, once a kind; what never cost anything known is named', () => {
  const due = (
    routine: 'repack' | 'brake-adjust' | 'tire-renew',
    early: string,
    likely: string,
    late: string,
  ) => ({
    routine,
    early,
    likely,
    late,
  });
  const ahead = costAhead(
    [
      due('repack', '2026-01', '2026-03', '2026-08'),
      due('repack', '2026-02', '2026-04', '2026-09'),
      due('tire-renew', '2026-01', '2026-02', '2026-03'),
      due('brake-adjust', '2026-01', '2026-02', '2026-03'),
    ],
    expensesOf(LOG),
    'USD',
    '2026-06',
  );
  expect(ahead).toEqual({
    currency: 'USD',
    least: 0,
    likely: 50,
    most: 50,
    counted: 1,
    unknown: ['tire-renew'],
  });
});
