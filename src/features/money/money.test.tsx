/** @jest-environment ./src/testing/environment.cjs */
import { workOf } from '@/core/log';
import { DAY_MS, toSI } from '@/core/base';
import { DRIFTWOOD, setUp, test, type Seeded } from '@/testing';

const repack = (place: '1L' | '1R', amount: number, ago: number, minutes = 90): Seeded => ({
  kind: 'work',
  ago,
  body: {
    ...workOf([{ routine: 'repack', place }]),
    minutes,
    cost: { amount, currency: 'USD' },
  },
});

test('what a rig has cost: by year and work, in money and own time, for each 100 mi', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [
    repack('1L', 24, 3 * DAY_MS),
    repack('1R', 26, 2 * DAY_MS),
    { kind: 'trip', ago: DAY_MS, body: { distance: toSI(200, 'mi'), launches: 0 } },
  ]);
  await page.goto('/money');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('$50.00 in the last 12 months');
  await expect(page.getByRole('main')).toContainText('Own time apart: 3 h');
  await expect(page.getByRole('main')).toContainText('$25.00 for each 100 mi towed');
  const work = page.getByRole('table', { name: 'By work' });
  await expect(work).toContainText('Repack');
  await expect(work).toContainText('2 times');
  await expect(work).toContainText('$50.00');
});

test('two currencies stand side by side, and nothing is converted', async ({ page }) => {
  const euro: Seeded = {
    kind: 'work',
    ago: DAY_MS,
    body: {
      ...workOf([{ routine: 'brake-adjust', place: '1L' }]),
      cost: { amount: 30, currency: 'EUR' },
    },
  };
  await setUp(page, DRIFTWOOD, [repack('1L', 24, 2 * DAY_MS), euro]);
  await page.goto('/money');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('$24.00');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('€30.00');
});

test('without a cost on record it says where one is asked for', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/money');
  await expect(page.getByRole('main')).toContainText('A cost is asked for when a card is closed');
});
