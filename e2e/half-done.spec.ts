import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

test('a walk in two tabs: no answer is written over, and it is on record once', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const items = page.locator('main button[aria-pressed]');
  await expect(items.first()).toBeVisible();
  const other = await context.newPage();
  await other.goto('/walk?walk=hitch');
  await expect(other.locator('main button[aria-pressed]').first()).toBeVisible();
  await items.nth(0).click();
  await expect(other.locator('main button[aria-pressed=true]')).toHaveCount(1);
  await other.locator('main button[aria-pressed]').nth(1).click();
  await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(2);
  await expect(other.locator('main button[aria-pressed=true]')).toHaveCount(2);
});
