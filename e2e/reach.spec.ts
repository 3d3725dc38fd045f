import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';
const PATHS = [
  '/',
  `/bench?rig=${JUNIPER}&place=2R`,
  `/bench?rig=${JUNIPER}`,
  `/sheet?rig=${JUNIPER}&jobs=repack:2R`,
  `/rig?rig=${JUNIPER}`,
  `/parts?rig=${JUNIPER}`,
  `/survey?rig=${JUNIPER}`,
  `/rules?rig=${JUNIPER}`,
  `/identify?rig=${JUNIPER}`,
  '/logbook',
  `/walk?rig=${JUNIPER}`,
  `/lights?rig=${JUNIPER}`,
  `/finding?rig=${JUNIPER}`,
  `/end?rig=${JUNIPER}&place=1R`,
  '/setup',
  '/keep',
];

test.beforeEach(async ({ context }) => {
  await context.addInitScript(() => {
    if (!localStorage.getItem('yardline'))
      localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' }));
  });
});

for (const theme of ['day', 'night', 'sun'])
  test(`every place is readable and named, by ${theme}`, async ({ page }) => {
    await page.goto('/');
    await page.evaluate(
      (chosen) => localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: chosen })),
      theme,
    );
    for (const path of PATHS) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const axe = new AxeBuilder({ page });
      // Names, roles and sizes do not change with the light; contrast does.
      const { violations } = await (
        theme === 'day'
          ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
          : axe.withRules(['color-contrast'])
      ).analyze();
      expect(violations.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
    }
  });

test('a card in hand is readable and named', async ({ page }) => {
  await page.goto(`/bench?rig=${JUNIPER}&place=2R`);
  await page.getByRole('button', { name: 'Start the card' }).click();
  await expect(page.getByRole('button', { name: 'Put it down' })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
});

test('nothing is wider than a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of PATHS) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
  }
});

test('the demo says that it is one, and its data stay apart', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Demo yard. Nothing here is yours.')).toBeVisible();
  await page.getByRole('button', { name: 'My own yard' }).click();
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();
  await expect(page.getByText('Demo yard.')).toHaveCount(0);
});

test('units change at any time', async ({ page }) => {
  await page.goto('/keep');
  await page.getByRole('radio', { name: /^Metric/ }).click();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Lately' })).toContainText('km on record');
  await page.getByRole('button', { name: /^2R,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText("149 N·m, maker's figure");
});
