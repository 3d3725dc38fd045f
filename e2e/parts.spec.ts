import { expect, test, type Page } from '@playwright/test';
import { alertOf, choose, DRIFTWOOD, setUp, tow } from './steps';

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

/** Puts it on record though it contradicts something, which is pointed out. */
async function insist(page: Page, told: string): Promise<void> {
  await expect(alertOf(page)).toContainText(told);
  await page.getByRole('button', { name: 'Save it anyway' }).click();
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

test('a replaced tire starts at nothing, the old one goes to the shelf with its grade', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/parts');
  await record(page, '1L', '1118');
  await insist(page, 'past your limit of 6');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  // Age past the house limit stands on the Yard with its reason.
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText(/Tire age 1L.*to 6 years of age, house rule.*years past/);
  await page.goto('/parts');
  await row(page, '1L').getByRole('button').click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('Age beats tread on trailers');
  await sheet.getByRole('button', { name: 'Fit another here' }).click();
  await choose(page, 'The old one', 'Goes to the shelf');
  await choose(page, 'The old one is', 'Worn');
  await sheet.getByLabel('DOT date').fill('9925');
  await sheet.getByRole('button', { name: 'Fit the other tire' }).click();
  await expect(alertOf(page)).toContainText('There is no week 99');
  await sheet.getByLabel('DOT date').fill('1125');
  await sheet.getByRole('button', { name: 'Fit the other tire' }).click();
  await expect(row(page, '1L')).toContainText('DOT 1125');
  await expect(row(page, '1L')).toContainText('rolled 0 mi');
  const chip = page.getByRole('button', { name: /DOT 1118/ }).last();
  await expect(chip).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).not.toContainText('years past');
});

test('a tire that was not made for trailers is pointed out, and stands on the Yard if it is kept', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/parts');
  await row(page, '1R').getByRole('button').click();
  await page.getByLabel('Size').fill('P205/75R15');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await insist(page, 'a passenger tire');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    '1R: a passenger tire',
  );
  await expect(page.getByRole('button', { name: /^1R,/ }).first()).toContainText('tire: see why');
});

test('what the bench reads off bearings and seals is known to the parts', async ({ page }) => {
  await page.addInitScript(() =>
    localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' })),
  );
  await page.goto('/parts');
  await page.getByRole('button', { name: 'Seals' }).click();
  await expect(row(page, '2R')).toContainText('YS-171');
  await page.getByRole('button', { name: 'Inner bearing sets' }).click();
  await row(page, '2R').getByRole('button').click();
  await expect(page.getByRole('dialog')).toContainText('YB-68, marked or measured');
});

test('identify: from what is measured to what it is, kept with the rig', async ({ page }) => {
  const { spindle: _, ...bare } = DRIFTWOOD;
  await setUp(page, bare);
  await page.goto('/identify');
  const result = page.getByRole('region', { name: 'What it is' });
  await page.getByLabel('Code on the wall').fill('DOT AB12 238');
  await expect(result).toContainText('Three digits are a date before 2000');
  await page.getByLabel('Code on the wall').fill('5421');
  await expect(result).toContainText('There is no week 54');
  await page.getByLabel('Code on the wall').fill('1121');
  await expect(result).toContainText('week 11 of 2021');

  await page.getByRole('button', { name: 'Bolt circle' }).click();
  await page.getByRole('radio', { name: '6', exact: true }).click();
  await page.getByLabel('Distance').fill('2 3/4');
  await expect(result).toContainText('5.50');
  await expect(result).toContainText('6 studs on 5 1/2 in: a usual pattern');

  await page.getByRole('button', { name: 'Brake size' }).click();
  await page.getByLabel('Drum, inside diameter').fill('12.04');
  await page.getByLabel('Shoe width').fill('2');
  await expect(result).toContainText('12 in × 2 in');
  await expect(result).toContainText('Still to be confirmed');
  await page.getByRole('button', { name: 'Save it for braked axles' }).click();
  await expect(page.getByRole('button', { name: 'Saved with the rig' })).toBeDisabled();

  await page.getByRole('button', { name: 'Which axle has brakes' }).click();
  await page.getByRole('radio', { name: /^Two wires into a plate/ }).click();
  await expect(result).toContainText('Axle 1: electric drum');

  await page.getByRole('button', { name: 'Spindle thread' }).click();
  await page.getByLabel('Thread', { exact: true }).fill('14');
  await page.getByLabel('Slots in the nut').fill('6');
  await choose(page, 'Pin holes', 'Two, crossed');
  await expect(result).toContainText('0.0060');
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByRole('button', { name: 'Saved with the rig' })).toBeVisible();
  await page.getByRole('link', { name: 'Facts', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Brakes' })).toContainText('12 in × 2 in, worked out');
  await expect(page.getByRole('region', { name: 'Hubs and spindles' })).toContainText(
    '14 threads per inch, marked or measured',
  );
});
