import { expect, test } from '@playwright/test';
import { DRIFTWOOD } from './steps';
import { typeRig } from './type-rig';

test('an empty yard has one clear way in, and a rig set up by hand stands on it, unknown', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Set up your first rig' }).click();
  await expect(page.getByRole('heading', { name: 'Your trailer' })).toBeVisible();
  await typeRig(page, { ...DRIFTWOOD, name: 'Juniper', kind: 'rv', axles: 2 });

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  for (const place of ['1L', '1R', '2L', '2R'])
    await expect(
      page.getByRole('button', { name: new RegExp(`^${place}, .*Unknown`) }).first(),
    ).toBeVisible();
  await page.getByRole('button', { name: /^2R,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('Unknown counts as due until someone checks');
  await expect(page.getByRole('dialog')).toContainText("100 lbf·ft, maker's figure");
});
