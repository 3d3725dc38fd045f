import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

test('found by the keyboard alone: work is laid out, a wheel end and a page are opened', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  // Typed at once, before the box can stand there: no letter is lost.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('repack 1R');
  const box = page.getByRole('combobox', { name: 'Find' });
  await expect(box).toHaveValue('repack 1R');
  await expect(page.getByRole('option', { name: /^Repack 1R/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Repack 1R');

  await page.keyboard.press('Control+k');
  await page.keyboard.type('wheel end 1L');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/end\?rig=.*place=1L/);

  await page.keyboard.press('Control+k');
  await page.keyboard.type('nothing is called so');
  await expect(page.getByText('No match. Try a corner, such as 2R, or a job, such as repack.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(box).toHaveCount(0);
  await expect(page).toHaveURL(/\/end/);
});

test('on a phone five stand at the thumb, and the rest behind More', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await setUp(page, DRIFTWOOD);
  const bar = page.getByRole('navigation', { name: 'Places' });
  await expect(bar.getByRole('link')).toHaveText(['Yard', 'Road', 'Plan', 'Bench']);
  await bar.getByRole('button', { name: 'More' }).click();
  const more = page.getByRole('navigation', { name: 'More places' });
  await expect(more.getByRole('link')).toHaveText([
    'Trouble',
    'Logbook',
    'Rig',
    'Parts',
    'Figures',
    'Practice',
    'Backup & settings',
  ]);
  await more.getByRole('link', { name: 'Parts' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What sits where');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await bar.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByRole('combobox', { name: 'Find' }).fill('house');
  await page.getByRole('option', { name: /^House rules/ }).click();
  await expect(page).toHaveURL(/\/rules/);
});
