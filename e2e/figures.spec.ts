import { expect, test, type Page } from '@playwright/test';
import { skipTo } from './by-script';
import { DRIFTWOOD, setUp, startRepack } from './steps';

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

test('an offset adapter from a step of the card and back: every round says what the wrench is set to, and the log too', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await skipTo(page, /^Star round at 20/);
  await page.getByRole('link', { name: 'Offset adapter on the wrench?' }).click();
  await expect(page.getByRole('textbox', { name: 'Torque wanted' })).toHaveValue('100');
  await page.getByRole('textbox', { name: 'Torque wanted' }).fill('90');
  await page.getByRole('button', { name: 'what if' }).click();
  await expect(page.getByRole('textbox', { name: 'Torque wanted' })).toHaveValue('100');
  await expect(page.getByRole('link', { name: 'Use it on the card' })).toHaveCount(0);
  await acceptExamples(page);
  await page.getByRole('textbox', { name: 'Adapter length' }).fill('20');
  await expect(page.getByText('longer than the wrench')).toBeVisible();
  await page.getByRole('textbox', { name: 'Adapter length' }).fill('2 14');
  await expect(page.getByText('Is it 2 1/4, or two figures?')).toBeVisible();
  for (const typed of ['2 1/4', '2-1/4', '2.25', '2¼']) {
    await page.getByRole('textbox', { name: 'Adapter length' }).fill(typed);
    await expect(result(page)).toContainText('88.9');
  }
  await page.getByRole('link', { name: 'Use it on the card' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Star round at 20/);
  await expect(page.getByText('17.8 lbf·ft')).toBeVisible();
  await page.locator('main footer button[type=submit]').click();
  await expect(page.getByText('44.4 lbf·ft')).toBeVisible();
});

test('three tickets: which one contradicts, and by how much; then tongue and axles', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/figures?of=tickets');
  await expect(result(page)).toContainText('Next: Tow vehicle alone');
  await page.getByRole('textbox', { name: /^Tow vehicle alone/ }).fill('5200');
  await page.getByRole('textbox', { name: /^Hitched/ }).fill('5140');
  await page.getByRole('textbox', { name: /^All of it/ }).fill('8540');
  await expect(page.getByText('it weighs 60 lb less than alone')).toBeVisible();
  await page.getByRole('textbox', { name: /^Hitched/ }).fill('5560');
  await expect(result(page)).toContainText('10.8');
  await expect(page.getByText('2,980 lb').first()).toBeVisible();
});

test('in metric, with a magnet switched off by a tap, and a brake named by its drum', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.evaluate(() => localStorage.setItem('yardline', JSON.stringify({ units: 'metric' })));
  await page.goto('/figures?of=magnets');
  await expect(result(page)).toContainText('A in the brake wire');
  const before = await result(page).innerText();
  await page.getByRole('switch', { name: 'Magnet 2' }).press('Enter');
  await expect(result(page)).not.toHaveText(before);
  await expect(page.getByRole('switch', { name: 'Magnet 2' })).not.toBeChecked();

  await page.goto('/figures?of=drum');
  await page.getByRole('textbox', { name: /^Drum, inside/ }).fill('255');
  await page.getByRole('textbox', { name: /^Shoe width/ }).fill('57');
  await expect(result(page)).toContainText('254');
  await expect(result(page)).toContainText('axle tag');
  await page.getByRole('textbox', { name: /^Drum, inside/ }).fill('10 in');
  await expect(result(page)).toContainText('254');

  // Into the rig as worked out, and from there into what is laid out to be ordered.
  await page.getByRole('button', { name: 'Save with the rig' }).click();
  await expect(page.getByText('Saved with the rig, as worked out')).toBeVisible();
  await page.goto('/bench?jobs=shoe-renew:1L,shoe-renew:1R');
  await expect(page.getByText(/Shoes and hardware for 1L/)).toBeVisible();
  await expect(page.getByText(/254\.0 mm × 57\.2 mm, worked out/).first()).toBeVisible();
});
