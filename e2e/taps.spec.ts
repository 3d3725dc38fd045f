import { expect, test, type Locator } from '@playwright/test';
import { breath, DRIFTWOOD, RECHECK_DUE, setUp } from './steps';

/** Two taps on one spot, so far apart (ms) as a glove bounces or a double tap comes. */
async function twice(target: Locator, gap: number): Promise<void> {
  await target.click({ clickCount: 2, delay: gap });
}

for (const gap of [75])
  test(`two taps ${gap * 2} ms apart pass one step, one stop and one recheck`, async ({ page }) => {
    await setUp(page, DRIFTWOOD, RECHECK_DUE);
    const next = page.getByRole('region', { name: 'Next for Driftwood' });
    await next.getByRole('button', { name: 'Recheck', exact: true }).click();
    await twice(page.getByRole('dialog').getByRole('button', { name: 'All held' }), gap);
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.goto('/logbook');
    await expect(page.getByRole('button', { name: /1L.*no nut moved/i })).toHaveCount(1);

    await page.goto('/walk?walk=hitch');
    await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).toContainText('Tow vehicle');
    await twice(page.getByRole('button', { name: /^All clear here/ }), gap);
    await expect(heading).toContainText('Tongue');
    await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(0);

    await page.goto('/bench?place=1R');
    await twice(page.getByRole('button', { name: 'Start the card' }), gap);
    await expect(page.getByText(/^step 1 of/)).toBeVisible();
    await twice(page.getByRole('button', { name: 'Done', exact: true }), gap);
    await expect(page.getByText(/^step 2 of/)).toBeVisible();
    await expect(heading).toContainText('Chock');
    // A key held down presses once.
    await breath(page, 500);
    await page.getByRole('button', { name: 'Done', exact: true }).focus();
    for (let i = 0; i < 6; i++) await page.keyboard.down('Enter');
    await page.keyboard.up('Enter');
    await expect(page.getByText(/^step 3 of/)).toBeVisible();
    await breath(page, 300);
    await expect(page.getByText(/^step 3 of/)).toBeVisible();
    await page.goto('/bench');
    await expect(page.getByRole('link', { name: /^Go on/ })).toHaveCount(1);
  });
