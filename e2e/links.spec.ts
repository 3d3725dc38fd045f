import { expect, test } from '@playwright/test';
import { DRIFTWOOD, RECHECK_DUE, setUp, tow } from './steps';

test('what is named anywhere leads to its page: a duty, a place, a finding, a part', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [
    ...RECHECK_DUE,
    { kind: 'finding.opened', body: { place: '1R', verdict: 'stop', text: 'stud sheared at 1R' } },
  ]);
  const sheet = page.getByRole('dialog');

  // The reasons of the verdict.
  await page.getByRole('button', { name: /^All \d+ reasons/ }).click();
  const verdict = page.getByRole('region', { name: 'May it be towed' });
  await verdict.getByRole('link', { name: /stud sheared/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stud sheared at 1R');
  await page.goBack();
  await page.getByRole('button', { name: /^All \d+ reasons/ }).click();
  await verdict.getByRole('link', { name: /^Repack/ }).click();
  await expect(sheet.getByRole('heading', { name: /^1[LR]/ })).toBeVisible();

  // From a place to the parts that sit there, and back by the logbook.
  await sheet.getByRole('link', { name: 'Readings and story' }).click();
  await page.getByRole('region', { name: 'Installed here' }).getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'What sits where' })).toBeVisible();
  await page.goto('/logbook');
  await page.getByRole('button', { name: /stud sheared/ }).click();
  await sheet.getByRole('link', { name: '1R', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1R');

  // What a trip brought closer, and what falls due.
  await page.goto('/');
  await tow(page, '40');
  await page.goto('/plan');
  await page.getByRole('region', { name: 'What falls due, and when' }).getByRole('link').first().click();
  await expect(sheet).toBeVisible();
  await expect(page).toHaveURL(/\?rig=.*&at=/);
});
