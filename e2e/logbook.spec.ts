import { expect, test } from '@playwright/test';
import { alertOf, DRIFTWOOD, setUp, tellFact, tow } from './steps';

test('an entry is corrected, withdrawn and put back; the original stays readable', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await tow(page, '180');
  const lately = page.getByRole('region', { name: 'Recent' });
  await expect(lately).toContainText('180 mi on record');

  await page.goto('/logbook');
  await page.getByRole('button', { name: /Towed 180 mi/ }).click();
  await page.getByRole('button', { name: 'Correct' }).click();
  await page.getByRole('textbox', { name: 'Towed', exact: true }).fill('-18');
  await page.getByRole('button', { name: 'Write the correction' }).click();
  await expect(alertOf(page).first()).toContainText('Miles cannot be negative');
  await page.getByRole('textbox', { name: 'Towed', exact: true }).fill('18');
  await page.getByRole('button', { name: 'Write the correction' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Towed 180 mi\s*corrected/ })).toBeVisible();
  await page.getByRole('button', { name: /Towed 18 mi\s*corrected entry/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Corrects');
  await expect(page.getByRole('dialog')).toContainText('Towed 180 mi');

  await page.getByRole('button', { name: 'Withdraw' }).click();
  await page.getByLabel('Why, if you like').fill('was not me');
  await page.getByRole('button', { name: 'Withdraw this entry' }).click();
  await expect(page.getByRole('button', { name: /Towed 18 mi\s*withdrawn/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Withdrew: Towed 18 mi/ })).toBeVisible();
  await page.getByRole('button', { name: /Towed 18 mi\s*withdrawn/ }).click();
  await expect(page.getByRole('dialog')).toContainText('was not me');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  await expect(lately).toContainText('18 mi on record');
});

test('a set-up is corrected as a set-up, and a change is an entry of its own', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await tellFact(page, 'Lug torque', () => page.getByRole('textbox', { name: 'Lug torque' }).fill('95'));
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Changed: lug torque/ }).click();
  await expect(page.getByRole('dialog')).toContainText("Lug torque: 95 lbf·ft, maker's figure");
  await page.getByRole('link', { name: 'Correct' }).click();
  await page.getByRole('textbox', { name: 'Lug torque' }).fill('105');
  await page.getByRole('button', { name: 'Set it right' }).click();
  await expect(page.getByRole('button', { name: /Changed: lug torque\s*corrected\b/ }).first()).toBeVisible();
  await page.getByRole('button', { name: /^.*Driftwood set up/ }).click();
  await page.getByRole('link', { name: 'Correct' }).click();
  await page.getByLabel('Name').fill('Driftwood II');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /Driftwood set up\s*corrected\b/ })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('105 lbf·ft');
});

test('words are found in the logbook', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await tow(page, '44');
  await page.goto('/logbook');
  await page.getByRole('button', { name: 'Write a note' }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill('Left hub hummed on the causeway');
  await page.getByRole('button', { name: 'Save it' }).click();
  await page.getByRole('searchbox').fill('causeway');
  await expect(page.getByRole('listitem').filter({ hasText: 'Left hub hummed' })).toBeVisible();
  await expect(page.getByText('Towed 44 mi')).toHaveCount(0);
  await page.getByRole('searchbox').fill('submarine');
  await expect(page.getByText('Nothing in the logbook says “submarine”.')).toBeVisible();
});
