import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

test('a sheet half typed is there again, in the units it was typed in, until it is sent or begun afresh', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const sheet = page.getByRole('dialog');
  const towed = sheet.getByRole('textbox', { name: 'Towed', exact: true });
  await page.getByRole('button', { name: 'Home again' }).click();
  await towed.fill('33');
  await page.waitForTimeout(300);
  await page.evaluate(() => {
    const kept = JSON.parse(localStorage.getItem('yardline') ?? '{}') as object;
    localStorage.setItem('yardline', JSON.stringify({ ...kept, units: 'metric' }));
  });
  await page.reload();
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(towed).toHaveValue('33');
  await expect(sheet).toContainText('As you left it today.');
  await expect(sheet.locator('input').first().locator('xpath=..')).toContainText('mi');
  await sheet.getByRole('button', { name: 'Start over' }).click();
  await expect(towed).toHaveValue('');
  await expect(sheet.locator('input').first().locator('xpath=..')).toContainText('km');
  await towed.fill('50');
  await sheet.getByRole('button', { name: 'Log the trip' }).click();
  await expect(sheet).toContainText('50 km logged');
  await page.reload();
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(towed).toHaveValue('');
});

test('a walk in two tabs: no answer is written over, and it is on record once', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const items = page.locator('main button[aria-pressed]');
  await expect(items.first()).toBeVisible();
  const other = await context.newPage();
  await other.goto('/walk?walk=hitch');
  await expect(other.locator('main button[aria-pressed]').first()).toBeVisible();
  await items.nth(0).click();
  await expect(other.locator('main button[aria-pressed=true]')).toHaveCount(1);
  await other.locator('main button[aria-pressed]').nth(1).click();
  await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(2);
  await expect(other.locator('main button[aria-pressed=true]')).toHaveCount(2);
});

test('a clock behind the newest entry is told as a difference, until it is said to be right', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [{ kind: 'note', body: { text: 'from tomorrow' }, ago: -26 * 3_600_000 }]);
  const note = page.getByRole('alert').filter({ hasText: 'Is this device’s clock right?' });
  await expect(note).toContainText(/25 h 5\d min later|26 h later|1 day|25 h/);
  await note.getByRole('button', { name: 'This clock is right' }).click();
  await expect(note).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(note).toHaveCount(0);
});

test('a reading begun afresh holds no figure that nobody sees', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  const sheet = page.getByRole('dialog');
  const open = async () => {
    await page.goto('/end?place=1L');
    await page.getByRole('button', { name: 'Read something here' }).click();
  };
  await open();
  await sheet.getByRole('textbox', { name: /^Cold pressure/ }).fill('31');
  await page.waitForTimeout(300);
  await open();
  await expect(sheet.getByRole('textbox', { name: /^Cold pressure/ })).toHaveValue('31');
  await sheet.getByRole('button', { name: 'Start over' }).click();
  await sheet.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(sheet.getByText('Type a figure first, or close this.')).toBeVisible();
});
