import { expect, test, type Page } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

/** Says of every example that it is one's own figure. */
async function acceptExamples(page: Page): Promise<void> {
  const example = page.getByRole('button', { name: 'example: is it yours?' });
  while ((await example.count()) > 0) await example.first().click();
}

const result = (page: Page) => page.getByRole('status').filter({ hasText: /\d|–/ }).first();

test('balance a loaded trailer from too little to 12 %, by the keys and by the pointer, and keep it', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Figures' }).click();
  await page.getByRole('searchbox', { name: 'Find a figure' }).fill('tow straight');
  await page.getByRole('link', { name: /Will it tow straight/ }).click();
  await expect(page.getByText('With example numbers.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add it to the log' })).toHaveCount(0);
  await acceptExamples(page);
  await page.getByRole('textbox', { name: 'Axle behind the coupler' }).fill('112.5');
  await expect(result(page)).toContainText('7.0');
  await expect(result(page)).toContainText('Too little on the tongue');

  // The axle by its handle and the arrow keys.
  const axle = page.getByRole('slider', { name: 'Axle behind the coupler' });
  await axle.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await expect(axle).toHaveAttribute('aria-valuetext', /^116/);

  // Load 1 is dragged forward until the tongue carries about 12 %.
  const load = page.getByRole('slider', { name: 'Load 1 behind the coupler' });
  const box = await load.boundingBox();
  if (!box) throw new Error('no load to drag');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'Load 1 behind the coupler' })).not.toHaveValue('105');
  await page.getByRole('textbox', { name: 'Load 1 behind the coupler' }).fill('97');
  await expect(result(page)).toContainText('Inside its window');

  await page.getByRole('button', { name: 'Add it to the log' }).click();
  // An owner who leaves before it is said has not been told that it is kept.
  await expect(page.getByText(/added to the log/)).toBeVisible();
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Worked out: balance/ }).click();
  await page.getByRole('dialog').getByRole('link', { name: 'Open it again' }).click();
  await expect(page.getByRole('textbox', { name: 'Load 1 behind the coupler' })).toHaveValue('97');
  await expect(result(page)).toContainText('Inside its window');
});
