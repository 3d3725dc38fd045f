import { expect, test } from '@playwright/test';
import { drafted, skipTo } from './by-script';
import { DRIFTWOOD, setUp, startRepack, workTo } from './steps';

test('a repack in safe order, from chocks to final torque, to its entry and its rechecks', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');

  const first = [...(await workTo(page, /Take the cap off/)), ...(await skipTo(page, /Set the nut/))];
  const at = (title: RegExp) => first.findIndex((one) => title.test(one));
  expect(at(/Park on firm/)).toBe(0);
  expect(at(/Chock the right wheels/)).toBeLessThan(at(/Break the nuts loose/));
  expect(at(/Break the nuts loose/)).toBeLessThan(at(/Raise 1L/));
  expect(at(/Stand under/)).toBeLessThan(at(/Nuts off, wheel off/));

  // Set at a slot: end play from pitch and slots stands beside the rock, which decides.
  await page.getByRole('radio', { name: /^1\b.*0\.012 in/ }).click();
  await expect(page.getByText(/Works out over 0\.001 in to 0\.010 in/)).toBeVisible();
  await expect(page.getByText(/^Due\./)).toHaveCount(0);
  await page.getByRole('radio', { name: /1\/2.*0\.006 in/ }).click();
  await expect(page.getByText(/^Clear\. Inside 0\.001 in to 0\.010 in/)).toBeVisible();
  await expect(page.getByText('Window: house rule')).toBeVisible();

  await page.getByRole('button', { name: 'Set, the pin goes in' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Lock the nut');
  await skipTo(page, /Star round at 100 lbf·ft/);
  await expect(page.getByRole('img', { name: /^Star of 5 nuts/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Nut 1 is tight' }).click();
  await expect(page.getByRole('img', { name: /Nut 2 of 5 is next/ }).first()).toBeVisible();

  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug recheck 1L');

  await page.goto('/logbook');
  await page.getByRole('button', { name: /Repacked 1L/ }).click();
  const entry = page.getByRole('dialog');
  await expect(entry).toContainText('end play worked out 0.006 in');
  await expect(entry).toContainText('Grease: lithium complex');
  await expect(entry).toContainText('Lug rechecks opened at 10 mi, 25 mi and 50 mi');
});

test('closing the tab anywhere and coming back returns to the same step', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await skipTo(page, /Grade the spindle/);
  await page.getByRole('radio', { name: 'Faint line at the seal' }).click();
  await drafted(page, 'line');
  const url = page.url();
  await page.close();

  const again = await context.newPage();
  await again.goto('/');
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(again.getByText(/Work on 1R is open/).first()).toBeVisible();
  await again.getByRole('link', { name: 'Go on with the work' }).click();
  await expect(again).toHaveURL(url);
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('Grade the spindle of 1R');
  await expect(again.getByRole('radio', { name: 'Faint line at the seal' })).toBeChecked();
});

test('two tabs on one card: a tap counts once', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByText(/^step 1 of/)).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/^step 2 of/)).toBeVisible();
  await expect(other.getByText(/^step 2 of/)).toBeVisible();
});
