import { expect, test, type Page } from '@playwright/test';
import { skipTo } from './by-script';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';

const demo = (page: Page) =>
  page.addInitScript(() => {
    if (!localStorage.getItem('yardline'))
      localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' }));
  });
const start = (page: Page) => page.getByRole('button', { name: 'Start the card' }).click();
const title = (page: Page) => page.getByRole('heading', { level: 1 });

test.describe('with gloves on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('every target is as large as a glove', async ({ page }) => {
    await demo(page);
    await page.goto(`/bench?rig=${JUNIPER}&jobs=hub-look:1L`);
    await start(page);
    await page.getByRole('button', { name: 'Gloves' }).click();
    await skipTo(page, /^Rock and spin/);
    for (const target of await page.locator('main form :is(button, [role=radio])').all()) {
      const box = await target.boundingBox();
      expect(box?.height ?? 0).toBeGreaterThanOrEqual(72);
    }
    await page.reload();
    await expect(page.getByRole('button', { name: 'Gloves' })).toHaveAttribute('aria-pressed', 'true');
    await expect(title(page)).toHaveText(/^Rock and spin/);
  });
});
