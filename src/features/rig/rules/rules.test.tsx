/** @jest-environment ./src/testing/environment.cjs */
import { choose, demo, test } from '@/testing';

test('house rules: what a change changes is said before and after, and a rig may differ', async ({
  page,
}) => {
  demo();
  await page.goto('/rules');
  await page.getByRole('button', { name: /^Repacking hubs/ }).click();
  await choose(page, 'Repacking hubs', 'By grease grade, 5,000');
  await expect(page.getByText(/^\d+ duties move earlier\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Follow this on all rigs' }).click();
  await expect(page.getByText(/House rule saved\. \d+ duties move earlier/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Repacking hubs.*your choice/ })).toBeVisible();

  await choose(page, 'These rules hold for', 'Juniper');
  await page.getByRole('button', { name: /^Repacking hubs/ }).click();
  await choose(page, 'Repacking hubs', '12 months');
  await page.getByRole('button', { name: 'Follow this on Juniper' }).click();
  await expect(page.getByRole('button', { name: /^Repacking hubs.*for this rig/ })).toBeVisible();
  await page.getByRole('button', { name: /^Repacking hubs/ }).click();
  await page.getByRole('button', { name: /^Back to the house/ }).click();
  await expect(page.getByRole('button', { name: /^Repacking hubs.*as the house/ })).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /House rule: repacking hubs/ }).first()).toBeVisible();
});
