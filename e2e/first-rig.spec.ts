import { expect, test } from '@playwright/test';
import { drafted } from './by-script';
import { inDays } from './days';
import { alertOf, DRIFTWOOD, setUp, tow } from './steps';
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

test('a form half filled in is there again after the tab was closed', async ({ page, context }) => {
  await page.goto('/setup');
  await page.getByLabel('Name').fill('Half told');
  await page.getByRole('radio', { name: 'Boat goes' }).click();
  await drafted(page, 'boat');
  await page.close();
  const again = await context.newPage();
  await again.goto('/setup');
  await expect(again.getByLabel('Name')).toHaveValue('Half told');
  await expect(again.getByRole('radio', { name: 'Boat goes' })).toBeChecked();
});

test('what was done before can be told from memory', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'I know when it was done' }).first().click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(alertOf(page)).toContainText('Enter the day');
  await page.getByLabel('Day', { exact: true }).fill(inDays(-90));
  await page.getByLabel('All wheel ends on the same day').check();
  // Only what its owner ticks is known with it.
  await page.getByLabel('Rocked and spun').check();
  await page.getByRole('button', { name: 'Note it' }).click();
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).not.toContainText('Repack');
  await page.getByRole('button', { name: /^1R,/ }).first().click();
  for (const name of [/Clear.*Repack 1R/, /Clear.*Rock and spin 1R/, /Unknown.*Measure brakes 1R/])
    await expect(page.getByRole('dialog').getByRole('button', { name })).toBeVisible();
});

test('three taps and a number log a trip, and say what became due and why', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'I know when it was done' }).first().click();
  await page.getByLabel('Day', { exact: true }).fill(inDays(-20));
  await page.getByLabel('Towed since').fill('11,950');
  await page.getByRole('button', { name: 'Note it' }).click();

  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox').first()).toBeFocused();
  await page.keyboard.type('120');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('120 mi logged');
  await expect(dialog).toContainText('Repack 1L');
  await expect(dialog).toContainText('12,070 mi since the repack');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await tow(page, '5');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('Towed 5 mi');
});

test('a duty that waits says when it is likely to fall due, as the rig has been towed', async ({ page }) => {
  await page.addInitScript(() =>
    localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' })),
  );
  await page.goto('/');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText(
    'Due May 23. It falls due on the trip planned for May 23, about 19 mi out.',
  );
  await sheet.getByRole('button', { name: /Repack 1L/ }).click();
  await expect(sheet).toContainText('Due May 2, 2027.');
  await sheet.getByRole('button', { name: /Rock and spin 1L/ }).click();
  await expect(sheet).toContainText(/Likely about .*; 8 times in 10 between .* and /);
});

test('a boat counts its launches with the trip', async ({ page }) => {
  await setUp(page, { name: 'Heron', kind: 'boat', hub: 'pressure-cap', studs: 5, torque: 90 });
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox').first()).toBeFocused();
  await page.keyboard.type('24');
  await page.getByRole('button', { name: 'Launches: more' }).click();
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('Towed 24 mi, 2 launches');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('24 mi on record, 2 launches');
});
