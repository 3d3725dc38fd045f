/** @jest-environment ./src/testing/environment.cjs */
import { demo, DRIFTWOOD, setUp, test } from '@/testing';

test('the demo says that it is one, and its data stay apart', async ({ page }) => {
  demo();
  await page.goto('/');
  const line = page.getByRole('complementary', { name: 'Demo' });
  await expect(line).toContainText('nothing here is yours');
  await expect(page.getByRole('navigation', { name: 'Rigs' }).getByRole('link')).toHaveCount(4);
  await line.getByRole('button', { name: 'My own yard' }).click();
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();
  await expect(line).toHaveCount(0);
});

test('the line of the demo folds away, stays so, and comes again by a tap', async ({ page }) => {
  demo();
  await page.goto('/');
  const line = page.getByRole('complementary', { name: 'Demo' });
  await line.getByRole('button', { name: 'Fold this line' }).click();
  await expect(line).not.toContainText('nothing here is yours');
  await page.reload();
  await line.getByRole('button', { name: 'Demo' }).click();
  await expect(line.getByRole('button', { name: 'My own yard' })).toBeVisible();
});

test('the rail leads from place to place and marks where one is', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  const rail = page.getByRole('navigation', { name: 'Places' }).first();
  await expect(rail.locator('[aria-current=page]')).toHaveText('Yard');
  for (const [place, head] of [
    ['Plan', 'When do you tow?'],
    ['Parts', 'What sits where'],
  ] as const) {
    await rail.getByRole('link', { name: place, exact: true }).click();
    await expect(page.getByRole('heading', { name: head })).toBeVisible();
    await expect(rail.locator('[aria-current=page]')).toHaveText(place);
  }
});
