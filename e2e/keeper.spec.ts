import { expect, test, type Page } from '@playwright/test';
import { DRIFTWOOD } from '../src/testing/rigs';
import { setUp, tow } from './steps';

/** Logs a trip and sees that it counts, here and after the page was opened anew. */
async function towsAndStays(page: Page): Promise<void> {
  await tow(page, '12');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('12 mi on record');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('12 mi on record');
}

test('where a browser runs no workers the page does their work', async ({ page }) => {
  await page.addInitScript(() => Reflect.deleteProperty(window, 'Worker'));
  await setUp(page, DRIFTWOOD);
  await towsAndStays(page);
  await page.goto('/logbook');
  await page.getByPlaceholder(/Find words/).fill('trip');
  await expect(page.getByRole('button', { name: /12 mi/ })).toBeVisible();
});

test('a worker whose script does not come is done without', async ({ page }) => {
  await page.route(/turbopack-worker/, (route) => route.abort());
  await setUp(page, DRIFTWOOD);
  await towsAndStays(page);
});

test('two tabs: what one logs the other shows', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  const other = await context.newPage();
  await other.goto('/');
  await expect(other.getByRole('region', { name: 'Recent' })).toBeVisible();
  await tow(page, '34');
  await expect(other.getByRole('region', { name: 'Recent' })).toContainText('34 mi on record');
});

test('what works in this browser is told, and on an iPhone the home screen comes first', async ({ page }) => {
  await page.goto('/keep');
  const works = page.locator('section').filter({ hasText: 'What works here' });
  await expect(works.getByRole('listitem')).toHaveCount(4);
  await expect(works.getByText(/^Off:/)).toHaveCount(0);
  await page.goto('/setup');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Put Yardline on your Home Screen first')).toHaveCount(0);
  await page.addInitScript(() => {
    Object.defineProperty(navigator, 'standalone', { value: false });
    Reflect.deleteProperty(Navigator.prototype, 'wakeLock');
  });
  await page.goto('/setup');
  await expect(page.getByText('Put Yardline on your Home Screen first')).toBeVisible();
  await page.goto('/keep');
  await expect(works.getByText('Off: this browser does not have it.')).toBeVisible();
});
