import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

test('a rig is set up and a card begun by keyboard alone', async ({ page }) => {
  await page.goto('/setup');
  await page.getByLabel('Name').focus();
  await page.keyboard.type('Wren');
  await page.keyboard.press('Tab');
  // A group of choices is one stop; arrows move in it.
  await expect(page.getByRole('radio', { name: /^RV/ })).toBeFocused();
  await page.keyboard.press('ArrowRight', { delay: 60 });
  await expect(page.getByRole('radio', { name: 'Boat goes' })).toBeChecked();
  const studs = page.getByRole('radiogroup', { name: 'Studs on one wheel' });
  await studs.getByRole('radio').first().focus();
  await page.keyboard.press('Space');
  await expect(studs.getByRole('radio', { name: '4' })).toBeChecked();
  for (const [group, option] of [
    ['Brakes', 'None'],
    ['Hub', 'Plain spindle'],
    ['The nut is locked by', 'Cotter pin'],
  ] as const) {
    await page
      .getByRole('radiogroup', { name: group, exact: true })
      .getByRole('radio', { name: new RegExp(`^${option}`) })
      .focus();
    await page.keyboard.press('Space');
  }
  await page.getByLabel('Name').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');

  await page.getByRole('button', { name: /^1L,/ }).first().focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^1L,/ }).first()).toBeFocused();
  await page.goto('/bench');
  await page.getByRole('button', { name: /^1L,/ }).first().focus();
  await page.keyboard.press('Space');
  // Its torque is not known: nothing begins before that is said.
  await page.getByRole('button', { name: 'Start without it' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Start the card' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Park on firm, level ground');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('home again, a recheck and a card by the thumb; targets are large', async ({ page }) => {
    await setUp(page, DRIFTWOOD);
    for (const button of await page.getByRole('main').getByRole('button').all()) {
      const box = await button.boundingBox();
      if (box) expect(Math.max(box.width, box.height), await button.innerText()).toBeGreaterThanOrEqual(44);
    }
    await page.getByRole('button', { name: 'Home again' }).tap();
    await page.getByRole('dialog').getByRole('textbox', { name: 'Towed' }).fill('31');
    await page.getByRole('button', { name: 'Log the trip' }).tap();
    await page.getByRole('button', { name: 'Back to the Yard' }).tap();
    await page.getByRole('button', { name: /^1R,/ }).first().tap();
    await page.getByRole('link', { name: 'Start the repack' }).tap();
    await page.getByRole('button', { name: 'Start the card' }).tap();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Park on firm, level ground');
    const done = page.getByRole('button', { name: 'Done' });
    const box = await done.boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(64);
    // At the thumb: in the lowest fifth of the screen.
    expect(box?.y).toBeGreaterThan(844 * 0.8);
    await done.tap();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Chock the left side, front and back');
    await page.getByRole('button', { name: 'Pause this job' }).tap();
    await expect(page.getByRole('link', { name: 'Go on with the work' })).toBeVisible();
  });
});
