import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { saveArchive } from './steps';

async function told(page: Page): Promise<readonly string[]> {
  await page.goto('/logbook');
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
  const more = page.getByRole('button', { name: 'Earlier entries' });
  const rows = page.getByRole('main').locator('li[data-index]');
  await expect(rows.first()).toBeVisible();
  // Only what is in sight is drawn: it is gone through from the top to the end.
  const told = new Map<number, string>();
  const read = async () => {
    const seen = await rows.evaluateAll((all) =>
      all.map((row) => [Number((row as HTMLElement).dataset.index), row.textContent] as const),
    );
    const before = told.size;
    for (const [index, text] of seen) told.set(index, text);
    return told.size > before;
  };
  await page.evaluate(() => scrollTo(0, 0));
  for (;;) {
    await read();
    const end = await page.evaluate(() => {
      const before = scrollY;
      scrollBy(0, innerHeight);
      return scrollY === before;
    });
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
    if (!end || (await read())) continue;
    if (!(await more.isVisible())) break;
    await more.click();
    await expect.poll(read).toBe(true);
  }
  return [...told].sort(([a], [b]) => a - b).map(([, text]) => text);
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
  expect(here.length).toBeGreaterThan(150);
  const path = info.outputPath('archive.zip');
  writeFileSync(path, readFileSync(await saveArchive(page)));

  // On the other side of the world every day stays the day that was written down.
  const empty = await browser.newContext({ ...(baseURL && { baseURL }), timezoneId: 'Pacific/Auckland' });
  const other = await empty.newPage();
  await other.goto('/keep');
  await other.getByLabel('Choose an archive').setInputFiles(path);
  await expect(other.getByText(/is sound/)).toContainText(`${here.length} entries would be added`);
  await other.getByRole('button', { name: 'Bring them in' }).click();
  await expect(other.getByText(`${here.length} entries brought in.`)).toBeVisible();
  expect(await told(other)).toEqual(here);

  // Brought in a second time, nothing is doubled.
  await other.goto('/keep');
  await other.getByLabel('Choose an archive').setInputFiles(path);
  await expect(other.getByText(`All of its ${here.length} entries are here already.`)).toBeVisible();
  await empty.close();
});
