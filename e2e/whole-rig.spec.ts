import { expect, test, type Page } from '@playwright/test';
import { choose, DRIFTWOOD, setUp, startRepack } from './steps';

/** Tabs on until something named so has the focus; a person without a mouse has no other way. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const on = document.activeElement;
      if (!on) return '';
      const labelled = on instanceof HTMLInputElement ? (on.labels?.[0]?.textContent ?? '') : '';
      const group = on.closest('[role=radiogroup]')?.getAttribute('aria-label') ?? '';
      return [group, labelled, on.getAttribute('aria-label') ?? '', on.textContent].join(' | ');
    });
    if (name.test(at)) return;
  }
  throw new Error(`Nothing named ${String(name)} can be reached by Tab`);
}

/** Moves to a choice in the group that has the focus. */
async function arrowTo(page: Page, option: RegExp): Promise<void> {
  const chosen = () =>
    page.evaluate(() => {
      const on = document.activeElement;
      return on?.getAttribute('aria-checked') === 'true' ? (on.textContent ?? '') : '';
    });
  // A group with nothing chosen is entered on its first choice, which Space takes.
  await page.keyboard.press('Space');
  for (let i = 0; i < 12; i++) {
    if (option.test(await chosen())) return;
    await page.keyboard.press('ArrowRight', { delay: 60 });
  }
  throw new Error(`No choice ${String(option)}`);
}

test('three axles, torsion, oil bath, disc brakes: set up and filled in by keyboard alone', async ({
  page,
}) => {
  await page.goto('/setup');
  await expect(page.getByRole('heading', { name: 'Your trailer' })).toBeVisible();
  await tabTo(page, /Name/);
  await page.keyboard.type('Long Haul');
  await tabTo(page, /^Kind \|/);
  await arrowTo(page, /^RV/);
  await tabTo(page, /^Axles \|/);
  await arrowTo(page, /^Three axles/);
  await tabTo(page, /^Suspension \|/);
  await arrowTo(page, /^Torsion/);
  for (const axle of [1, 2, 3]) {
    await tabTo(page, new RegExp(`^Brakes, axle ${axle}`));
    await arrowTo(page, /^Hydraulic disc/);
  }
  await tabTo(page, /^Hub \|/);
  await arrowTo(page, /^Oil bath/);
  await tabTo(page, /^Studs on one wheel \|/);
  await arrowTo(page, /^8/);
  await tabTo(page, /\| Lug torque \|/);
  await page.keyboard.type('140');
  await tabTo(page, /^Stud diameter/);
  await arrowTo(page, /^9\/16/);
  await tabTo(page, /^Lug torque comes from \|/);
  await arrowTo(page, /^Maker's/);
  await tabTo(page, /^Spares carried \|/);
  await arrowTo(page, /^2/);
  await tabTo(page, /Put it on the Yard/);
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  for (const place of ['1L', '1R', '2L', '2R', '3L', '3R'])
    await expect(page.getByRole('button', { name: new RegExp(`^${place},`) }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^S2, spare/ }).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next for Long Haul' })).toContainText(
    'Rock and spin 1L, 1R, 2L, 2R, 3L, 3R',
  );

  await tabTo(page, /Facts and figures/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('facts known');
  await tabTo(page, /Brake pressure comes from/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await tabTo(page, /^Brake pressure comes from \|/);
  await arrowTo(page, /^Electric over hydraulic/);
  await page.keyboard.press('Enter');
  await tabTo(page, /Save it/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Brakes' })).toContainText('Electric over hydraulic');

  // The drawing's own list is the way to every piece of gear.
  await page.goto('/');
  const elsewhere = page.getByRole('combobox', { name: 'Elsewhere on the rig' });
  await elsewhere.focus();
  await elsewhere.selectOption('Coupler');
  await expect(page.getByRole('dialog')).toContainText('seats on the ball');
});

test('the drawing takes a tap beside a small piece of gear for it, and a finding is opened there', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await setUp(page, { ...DRIFTWOOD, kind: 'boat' });
  const plan = page.getByRole('group', { name: 'Driftwood from above' }).last();
  const box = await plan.boundingBox();
  if (!box) throw new Error('no drawing');
  await page.mouse.click(box.x + box.width / 2, box.y + 6);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('Coupler');
  await sheet.getByRole('button', { name: 'Something is not right here' }).click();
  await expect(sheet.getByLabel('Place on the rig')).toHaveValue('coupler');
  await sheet.getByRole('textbox', { name: 'What' }).fill('latch does not close');
  await choose(page, 'How bad', 'Stop');
  await sheet.getByRole('button', { name: 'Open the finding' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    'Coupler: latch does not close',
  );
  await startRepack(page, '1L');
});
