import { mkdirSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { zipped } from '../../src/core/testing/zipped';
import { BASE, served, visited } from '../browser';
import { longLog } from '../log';
import type { Part, Row } from '../table';

declare global {
  interface Window {
    longest: number;
  }
}

/** The longest task (ms) of the page's own thread while something is done. */
async function longest(page: Page, work: () => Promise<void>): Promise<number> {
  await page.evaluate(() => (window.longest = 0)).catch(() => undefined);
  await work();
  await page.waitForTimeout(1500);
  return page.evaluate(() => window.longest);
}

/** Tasks of the page's own thread. */
export const tasks: Part = {
  says: 'the longest task of the page’s own thread while opening, importing, exporting, searching 20,000 entries',
  measure: () =>
    served(async () => {
      const log = longLog(20_000);
      mkdirSync('test-results', { recursive: true });
      const file = 'test-results/bench-archive.zip';
      writeFileSync(file, await zipped(log, log.at(-1)?.happened ?? ''));
      const watch = () => {
        window.longest = 0;
        new PerformanceObserver((list) => {
          for (const { duration } of list.getEntries()) window.longest = Math.max(window.longest, duration);
        }).observe({ type: 'longtask', buffered: true });
      };
      const row = (what: string, measured: number): Row => ({
        what,
        measured,
        unit: 'ms',
        decimals: 0,
        budget: 100,
      });
      return visited([], async ({ page }) => {
        await page.addInitScript(watch);
        await page.goto(`${BASE}/keep`);
        const importing = await longest(page, async () => {
          await page.getByLabel('Choose an archive').setInputFiles(file);
          await page.getByRole('button', { name: 'Bring them in' }).click({ timeout: 120_000 });
          await page.getByText('entries brought in').waitFor({ timeout: 120_000 });
        });
        const exporting = await longest(page, async () => {
          const saved = page.waitForEvent('download', { timeout: 120_000 });
          await page.getByRole('button', { name: 'Save an archive' }).click();
          await (await saved).path();
        });
        await page.goto(`${BASE}/logbook`);
        await page.locator('main li').first().waitFor();
        const searching = await longest(page, async () => {
          await page.getByPlaceholder(/Find words/).pressSequentially('seal 1L', { delay: 60 });
          await page.waitForTimeout(2500);
        });
        const opening = await longest(page, async () => {
          await page.goto('about:blank');
          await page.goto(BASE);
          await page.locator('main figure button').first().waitFor();
        });
        return [
          row('importing 20,000 entries', importing),
          row('exporting 20,000 entries', exporting),
          row('searching 20,000 entries', searching),
          row('opening the Yard with 20,000 entries', opening),
        ];
      });
    }),
};
