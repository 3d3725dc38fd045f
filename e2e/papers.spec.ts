import { DAY_MS } from '../src/core/base';
import { expect, test, type Page } from '@playwright/test';
import { workOf } from '../src/core/log';
import { against } from './axe';
import type { Seeded } from './by-script';
import { pdfText } from './pdf-text';
import { choose, DRIFTWOOD, saveArchive, setUp } from './steps';

/** Makes the paper in hand and saves it; gives what it says, page by page. */
async function saved(page: Page, make: string): Promise<readonly string[]> {
  await page.getByRole('button', { name: make }).click();
  const paper = page.getByRole('region', { name: 'The paper' });
  await expect(paper).toBeVisible({ timeout: 60_000 });
  await expect(paper.getByTitle('The paper as it will be')).toHaveAttribute('src', /^blob:/);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    paper.getByRole('button', { name: 'Save it' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/\.pdf$/);
  return pdfText(await download.path());
}

test('the tongue card: half a page with the figures, on record as printed, and what has changed since is told', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/papers');
  await expect(page.getByText('None on record yet.')).toBeVisible();
  const pages = await saved(page, 'Make the tongue card');
  expect(pages).toHaveLength(1);
  expect(pages[0]).toContain('100 lbf·ft');
  expect(pages[0]).toContain('maker');
  expect(pages[0]).toContain('On the shoulder');
  expect(pages[0]).toContain('Yardline · 1 of 1');
  await expect(page.getByText('Nothing on it has changed since')).toBeVisible();
  expect(await against(page)).toEqual([]);
});

const TOLD: readonly Seeded[] = [
  { kind: 'trip', ago: 9 * DAY_MS, body: { distance: 160_934, launches: 0 } },
  {
    kind: 'work',
    ago: 5 * DAY_MS,
    body: { ...workOf([{ routine: 'repack', place: '1L' }]), cost: { amount: 38.5, currency: 'USD' } },
  },
  { kind: 'finding.opened', ago: DAY_MS, body: { place: '1R', verdict: 'due', text: 'seal weeps' } },
];

test('a service record: what is open, what was done where, with the fingerprint on each page; metric on A4', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, TOLD);
  await page.goto('/papers?paper=record');
  await choose(page, 'Photos', 'Without');
  const pages = await saved(page, 'Make the service record');
  const all = pages.join('\n');
  expect(all).toContain('Service record: Driftwood');
  expect(all).toContain('Seal weeps');
  expect(all).toContain('Repacked 1L');
  expect(all).toContain('100 mi');
  expect(all).toContain('Grease cap');
  const sums = pages.map((text) => /Fingerprint ([0-9a-f-]{24})/.exec(text)?.[1]);
  expect(new Set(sums).size).toBe(1);
  expect(sums[0]).toBeDefined();
  // Another Yardline holds it against an archive; a digit off is told.
  await page.goto('/keep');
  const archive = await saveArchive(page);
  await page.goto('/papers?paper=record');
  await page.getByText('Check a printed record against an archive').click();
  const count = /, (\d+) entries/.exec(pages[0] ?? '')?.[1] ?? '';
  const check = async (sum: string) => {
    await page.getByLabel('Fingerprint, from its foot').fill(sum);
    await page.getByLabel('Entries', { exact: true }).fill(count);
    await page.getByLabel('Choose the archive').setInputFiles(archive);
  };
  await check(sums[0] ?? '');
  await expect(page.getByText('It is the record of Driftwood in this archive')).toBeVisible();
  await check('0000-0000-0000-0000-0000');
  await expect(page.getByText('It was not made of this archive')).toBeVisible();
  await page.evaluate(() => localStorage.setItem('yardline', JSON.stringify({ units: 'metric' })));
  await page.reload();
  await expect(page.getByRole('radio', { name: 'A4' })).toBeChecked();
  await choose(page, 'Photos', 'Without');
  const metric = (await saved(page, 'Make the service record')).join('\n');
  expect(metric).toContain('161 km');
  expect(metric).not.toContain('100 mi');
});

test('an order for a shop goes out and comes back: the finding waits, then is closed, torque is asked for, the bill is kept', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await setUp(page, DRIFTWOOD, TOLD);
  await page.goto('/papers?paper=order');
  await page.getByRole('button', { name: 'Make the order' }).click();
  await expect(page.getByText('Say which shop.')).toBeVisible();
  await expect(page.getByText('Choose what is to be done')).toBeVisible();
  await page.getByLabel('Shop').fill('Axle shop');
  await page.getByLabel('1R: seal weeps').check();
  await page.getByText(/with no record of being done/).click();
  await page.getByLabel(/^Repack 1R/).check();
  await page.getByLabel('Not over, without a call').fill('three hundred');
  await page.getByRole('button', { name: 'Make the order' }).click();
  await expect(page.getByText('An amount, as a number.')).toBeVisible();
  await page.getByLabel('Not over, without a call').fill('300');
  const [first] = await saved(page, 'Make the order');
  expect(first).toContain('Order: Driftwood');
  expect(first).toContain('seal weeps');
  expect(first).toContain('Anything that brings the bill over 300 USD.');
  const out = page.getByRole('region', { name: 'Out at a shop' });
  await expect(out).toContainText('Axle shop');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('waits for Axle shop');
  await page.goto('/papers?paper=order');
  await out.getByRole('button', { name: 'It came back' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('1R: seal weeps').check();
  await sheet.getByLabel('Cost').fill('280');
  await sheet.getByLabel('What they measured and said').fill('seal land polished');
  await sheet.getByRole('button', { name: 'Add it to the log' }).click();
  // While the sheet is open the page behind it cannot be seen: what it no longer shows proves nothing.
  await expect(sheet).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(out).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug torque');
  await page.goto('/money');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('318.50');
});
