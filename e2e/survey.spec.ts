import { expect, test } from '@playwright/test';
import { choose, DRIFTWOOD, setUp } from './steps';

test('a first look in walking order: stopped, taken up, and what it comes to', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/survey');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Trailer rating (GVWR)');
  await page.getByLabel('Trailer rating (GVWR)').fill('2990');
  await choose(page, 'It comes from', "Maker's");
  await page.getByRole('button', { name: 'Save it, next' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tire size');
  await page.getByLabel('Not checked, because').fill('plate painted over');
  await page.getByRole('button', { name: 'Not checked' }).click();
  // The torque is known already and needs no second look; the walk goes on at the tow vehicle.
  for (const title of ['Load range', 'Cold pressure, by the placard', 'Lug torque']) {
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
    await page.getByRole('button', { name: 'Skip for now' }).click();
  }
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hitch ball');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.getByRole('button', { name: /^Clear/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ball mount');
  await page.getByRole('button', { name: /^Due/ }).click();
  await page.getByLabel('What it is, in your words').fill('rusted into the receiver');
  await page.getByRole('button', { name: 'Open the finding' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Receiver');

  // Stopped, and taken up on another day: at the first item nobody has been at.
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    'Ball mount: rusted into the receiver',
  );
  await page.goto('/survey');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Load range');
  await page.getByRole('button', { name: 'What it comes to so far' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('before the first tow');
  const before = page.getByRole('region', { name: 'Before the first tow' });
  await expect(before).toContainText('Ball mount: rusted into the receiver');
  await expect(before).toContainText('Coupler');
  await expect(before).toContainText('Unknown counts as due');
  await expect(page.getByRole('region', { name: 'Can wait' })).toContainText('Tire size');
  await expect(page.getByRole('region', { name: 'Numbers still missing' })).toContainText('Bolt circle');
  await before.getByRole('listitem').filter({ hasText: 'Coupler' }).first().getByRole('button').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Coupler');
});
