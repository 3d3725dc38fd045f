import { expect, test, type Page } from '@playwright/test';
import { DRIFTWOOD, setUp, tow } from './steps';

/** Puts a tire on record at a place, as one that sits there already. */
async function record(page: Page, place: string, dot: string): Promise<void> {
  await page
    .getByRole('listitem')
    .filter({ hasText: new RegExp(`^${place}`) })
    .getByRole('button')
    .click();
  await page.getByLabel('DOT date').fill(dot);
  await page.getByLabel('Size').fill('ST205/75R15');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
}

const row = (page: Page, place: string) =>
  page.getByRole('listitem').filter({ hasText: new RegExp(`^${place}`) });

test('tires are put on record, rotated by drag and by keys, and bring their age and miles', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/parts');
  await record(page, '1L', '1124');
  await record(page, '1R', '1224');
  await record(page, 'S1', '1324');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  await tow(page, '400');

  await page.goto('/parts');
  await expect(row(page, '1L')).toContainText('DOT 1124');
  await expect(row(page, '1L')).toContainText('rolled at least 400 mi');
  await expect(row(page, 'S1')).not.toContainText('400 mi');
  // By drag: the left tire onto the spare's place.
  const from = await page.getByRole('button', { name: /^1L,/ }).first().boundingBox();
  const to = await page
    .getByRole('button', { name: /^S1, spare/ })
    .first()
    .boundingBox();
  if (!from || !to) throw new Error('no drawing');
  await page.mouse.move(from.x + from.width - 12, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width + 20, from.y + from.height / 2, { steps: 5 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 10 });
  await page.mouse.up();
  await expect(page.getByRole('region', { name: 'To be logged' })).toContainText('1L to S1 and S1 to 1L');
  // The click that ends a drag can swallow the next one.
  await expect(async () => {
    await page.getByRole('button', { name: 'As it was' }).click({ timeout: 1000 });
    await expect(page.getByRole('region', { name: 'To be logged' })).toHaveCount(0, { timeout: 1000 });
  }).toPass({ timeout: 60_000 });

  // By keys: Enter takes it in hand, Enter puts it down; what sat there changes places.
  await page.getByRole('button', { name: /^1L,/ }).first().focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/is in hand/)).toBeVisible();
  await page
    .getByRole('button', { name: /^S1, spare/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  const tried = page.getByRole('region', { name: 'To be logged' });
  await expect(tried).toContainText('1L to S1 and S1 to 1L');
  await expect(tried).toContainText('The wheels of 1L come off: their lug rechecks open.');
  await page.getByRole('button', { name: 'Log the move' }).click();
  await expect(row(page, 'S1')).toContainText('DOT 1124');
  await expect(row(page, 'S1')).toContainText('rolled at least 400 mi');
  await expect(row(page, '1L')).toContainText('DOT 1324');
  await page.goto('/');
  await tow(page, '100');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug recheck 1L');
  await page.goto('/parts');
  await expect(row(page, '1L')).toContainText('rolled at least 100 mi');
  await expect(row(page, 'S1')).toContainText('rolled at least 400 mi');
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Moved: tire.*DOT 1124 to S1/ })).toBeVisible();
});
