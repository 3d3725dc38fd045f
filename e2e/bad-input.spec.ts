import { expect, test, type Page } from '@playwright/test';
import { drafted, skipTo } from './by-script';
import { alertOf, choose, DRIFTWOOD, setUp, tow } from './steps';
import { typeRig } from './type-rig';

/** The next write of a kind fails, as on a full disk; what is kept only to open faster is left alone. */
async function failOnce(page: Page, method: 'add' | 'put'): Promise<void> {
  await expect.poll(() => page.workers().length).toBeGreaterThan(0);
  for (const worker of page.workers())
    await worker.evaluate((name) => {
      const real = IDBObjectStore.prototype[name];
      IDBObjectStore.prototype[name] = function (this: IDBObjectStore, ...args: Parameters<typeof real>) {
        // What the yard writes of its own accord in the background is not what is told here.
        if (this.name === 'shelf-checkpoints' || this.name === 'shelf-meta') return real.apply(this, args);
        IDBObjectStore.prototype[name] = real;
        throw new DOMException('the disk is full', 'QuotaExceededError');
      };
    }, method);
}

test('miles: negative, no number, absurd, and very far are each told at the field, and what was typed stays', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const dialog = page.getByRole('dialog');
  const miles = dialog.getByRole('textbox', { name: 'Towed', exact: true });
  for (const [typed, told] of [
    ['', 'A figure is missing'],
    ['-12', 'Miles cannot be negative'],
    ['far', 'This is not a number'],
    ['12 psi', 'This is measured in mi, not in psi'],
    ['99999', 'farther than once around the Earth'],
  ] as const) {
    await miles.fill(typed);
    await page.getByRole('button', { name: 'Log the trip' }).click();
    await expect(dialog.getByRole('alert')).toContainText(told);
    await expect(miles).toHaveValue(typed);
    await expect(miles).toHaveAttribute('aria-invalid', 'true');
  }
  await miles.fill('1800');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(dialog.getByRole('alert')).toContainText('very far for one trip');
  await page.getByRole('button', { name: 'It is right: log the trip' }).click();
  await expect(dialog).toContainText('1,800 mi logged');
});

test('a day that has not come yet is refused', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('textbox', { name: 'Towed', exact: true }).fill('10');
  await page.getByRole('button', { name: /Another day/ }).click();
  await page.getByLabel('Day it ended').fill('2099-01-01');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('That day has not come yet');
});

test('a meter that runs backwards: a typing error, or another meter', async ({ page }) => {
  await typeRig(page, { ...DRIFTWOOD, meter: 21_480 });
  await page.getByRole('button', { name: 'Home again' }).click();
  const reading = page.getByLabel("The trailer's meter reads");
  await reading.fill('2150');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('The meter read 21,480 mi before');
  await page.getByRole('button', { name: 'Typing error' }).click();
  await expect(reading).toBeFocused();
  await reading.fill('21 520');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('This is not a number');
  await reading.fill('21520');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('40 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();

  await page.getByRole('button', { name: 'Home again' }).click();
  await reading.fill('12');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'It is another meter' }).click();
  await page.getByLabel('Towed on this trip').fill('30');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('30 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('70 mi on record');
});

test('a torque outside the usual range asks again and keeps what was typed; a figure without a source is not taken', async ({
  page,
}) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByText('Give it a name')).toBeVisible();
  await expect(page.getByText('Choose the kind')).toBeVisible();
  await page.getByLabel('Name').fill('Gull');
  await choose(page, 'Kind', 'Utility');
  await choose(page, 'Studs on one wheel', '5');
  await choose(page, 'Stud diameter, in', '1/2');
  const torque = page.getByLabel('Lug torque', { exact: true });
  await torque.fill('160');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByText('Usual for 1/2 in studs is 90 lbf·ft to 120 lbf·ft')).toBeVisible();
  await expect(page.getByText('Say where this figure comes from.')).toBeVisible();
  await expect(torque).toHaveValue('160');
  await choose(page, 'Lug torque comes from', 'My guess');
  await expect(page.getByText('A guess is kept as a guess')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('160 lbf·ft, a guess');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^All \d+ reasons/ }).click();
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText(
    'Lug torque is a guess: 160 lbf·ft',
  );
});

test('when the device cannot store it, nothing is lost and nothing is claimed', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const miles = page.getByRole('dialog').getByRole('textbox', { name: 'Towed' });
  await miles.fill('120');
  await failOnce(page, 'add');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByText(/could not store this, so it is not logged/)).toBeVisible();
  await expect(miles).toHaveValue('120');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('120 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('120 mi on record');
});

test('a walk goes on after a tap that the device could not store, and taking back says when it fails', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const first = page.locator('main button[aria-pressed]').first();
  await expect(first).toBeVisible();
  await failOnce(page, 'put');
  await first.click();
  await expect(page.getByText(/could not store this/)).toBeVisible();
  await expect(first).toHaveAttribute('aria-pressed', 'false');
  await first.click();
  await expect(first).toHaveAttribute('aria-pressed', 'true');

  await page.goto('/');
  await tow(page, '12');
  await failOnce(page, 'add');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Trip logged' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await expect(page.getByText(/could not store this/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('12 mi on record');
});

test('a form keeps the units it was opened in, whatever another tab is set to', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const miles = page.getByRole('dialog').getByRole('textbox', { name: 'Towed' });
  await miles.fill('100');
  const other = await context.newPage();
  await other.goto('/keep');
  await other.getByRole('radio', { name: /^Metric/ }).click();
  await expect(page.getByText(/km on record/)).toBeVisible();
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('100 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('161 km on record');
});

test('a step begun in one system of units and taken up in the other keeps what was typed', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench?jobs=pressures:rig');
  await page.getByRole('button', { name: 'Start the card' }).click();
  const pressure = page.getByLabel(/^Pressure/);
  await pressure.fill('65');
  await drafted(page, '65');
  const card = page.url();
  await page.goto('/keep');
  await page.getByRole('radio', { name: /^Metric/ }).click();
  await expect(page.getByRole('radio', { name: /^Metric/ })).toBeChecked();
  await page.goto(card);
  await expect(pressure).toHaveValue('65');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/^step 2 of/)).toBeVisible();
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\?rig=/);
  await page.goto('/logbook');
  await page
    .getByRole('button', { name: /ressures set/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toContainText('Cold pressure 4.48 bar');
});
