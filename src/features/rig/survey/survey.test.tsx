/** @jest-environment ./src/testing/environment.cjs */
import { DRIFTWOOD, setUp, test } from '@/testing';

test('gear nobody has confirmed: it has none, and is asked for no more', async ({ page }) => {
  await setUp(page, { ...DRIFTWOOD, kind: 'boat' });
  await page.goto('/survey');
  const count = async () =>
    Number(/of (\d+) checked/.exec(await page.getByText(/^\d+ of \d+ checked/).innerText())?.[1]);
  const items = await count();
  await page.getByRole('button', { name: 'What it comes to so far' }).click();
  await page
    .getByRole('region', { name: 'Before the first tow' })
    .getByRole('listitem')
    .filter({ hasText: 'Swing-tongue pin' })
    .getByRole('button')
    .click();
  await page.getByRole('button', { name: 'It has none' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Swing-tongue pin');
  await expect(page.getByText(/^\d+ of \d+ checked/)).toContainText(`of ${items - 1} checked`);
});
