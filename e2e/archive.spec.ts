import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { logOf } from './by-script';
import { saveArchive } from './steps';

/** The newest entries as the Logbook words them. */
async function told(page: Page): Promise<readonly string[]> {
  await page.goto('/logbook');
  const rows = page.getByRole('main').locator('li[data-index]');
  await expect(rows.nth(9)).toBeVisible();
  return (await rows.allInnerTexts()).slice(0, 10);
}

test('an archive saved here and brought in on an empty profile is the same log, entry for entry', async ({
  page,
  browser,
  baseURL,
}, info) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look around the demo yard' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fit to tow after two jobs');
  const here = await told(page);
  const log = await logOf(page);
  expect(log.length).toBeGreaterThan(150);
  const path = info.outputPath('archive.zip');
  writeFileSync(path, readFileSync(await saveArchive(page)));

  // On the other side of the world every day stays the day that was written down.
  const empty = await browser.newContext({ ...(baseURL && { baseURL }), timezoneId: 'Pacific/Auckland' });
  const other = await empty.newPage();
  await other.goto('/keep');
  await other.getByLabel('Choose an archive').setInputFiles(path);
  await expect(other.getByText(/is sound/)).toContainText(`${log.length} entries would be added`);
  await other.getByRole('button', { name: 'Bring them in' }).click();
  await expect(other.getByText(`${log.length} entries brought in.`)).toBeVisible();
  // What travels has its days with it, as they were where it was told.
  const brought = (await logOf(other)) as readonly { readonly days?: unknown }[];
  expect(brought.every(({ days }) => days)).toBe(true);
  expect(brought.map(({ days, ...entry }) => entry)).toEqual(log);
  expect(await told(other)).toEqual(here);

  // Brought in a second time, nothing is doubled.
  await other.goto('/keep');
  await other.getByLabel('Choose an archive').setInputFiles(path);
  await expect(other.getByText(`All of its ${log.length} entries are here already.`)).toBeVisible();
  await empty.close();
});
