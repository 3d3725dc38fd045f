import { expect, test } from '@playwright/test';
import { allWell, DRIFTWOOD, setUp, startRepack } from './steps';

test('a repack by chapter: few taps, what guards a life by itself, the log says how', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'By chapter' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('On the ground');

  /** Where the card is, without its minutes. */
  const stands = async () =>
    `${await heading.innerText()} ${(await page.getByText(/^step \d+ of \d+/).innerText()).split(' · ')[0]}`;
  let taps = 0;
  const labels: string[] = [];
  const close = page.locator('main footer button[type=submit]');
  for (; taps < 40; taps++) {
    const before = await stands();
    if (/Every step is through/.test(await heading.innerText())) break;
    await allWell(page);
    labels.push(await close.innerText());
    await close.click();
    await expect(async () => expect(await stands()).not.toBe(before)).toPass();
  }
  process.stdout.write(`Taps of a repack by chapter, beside readings and grades: ${taps}\n`);
  expect(taps).toBeLessThanOrEqual(15);
  for (const guard of [/^Done: chock/, /^Done: stand under/, /^Done: lock the nut/, /^Done: start all/])
    expect(labels.filter((label) => guard.test(label))).toHaveLength(1);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug recheck 1R');
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Repacked 1R/ }).click();
  await expect(page.getByRole('dialog').getByText(/steps closed by chapter/)).toBeVisible();
});

test('a chapter says what is missing at its step, keeps what was answered, and opens one step by itself', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'By chapter' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const close = page.locator('main footer button[type=submit]');
  await close.click();
  await expect(page.locator('main footer')).toContainText('All');
  await close.click();
  await close.click();
  await expect(heading).toHaveText('Up and off · 1R');
  await close.click();
  await expect(page.locator('main li [role=alert]')).toBeVisible();
  await page.getByRole('radio').first().click();
  await expect(page.getByRole('radio').first()).toBeChecked();
  await page.reload();
  await expect(page.getByRole('radio').first()).toBeChecked();

  await allWell(page);
  // What was answered goes along to the step by itself.
  const well = page.getByRole('radiogroup').last();
  await well.getByRole('radio').nth(1).click();
  await page.locator('summary', { hasText: 'Inspect the wheel well' }).click();
  await page.getByRole('button', { name: 'Open this step by itself' }).click();
  await expect(heading).toHaveText('Inspect the wheel well of 1R');
  await expect(page.getByRole('radio').nth(1)).toBeChecked();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(heading).toHaveText('Up and off · 1R');
});
