import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { FLAGS } from '../scripts/chromium.mjs';

const PORT = '3178';
const BASE = `http://localhost:${PORT}`;
const TRIPS = 7;

/** Milliseconds from the tap on `Log it` until what came of it is painted, all duties of the Yard behind it anew. */
async function logTrip(page: Page, miles: number): Promise<number> {
  await page.getByRole('button', { name: 'Home again' }).click();
  const field = page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true });
  await field.fill(String(miles));
  const measured = page.evaluate(
    (words) =>
      new Promise<number>((resolve) => {
        let start = 0;
        document.addEventListener('click', () => (start = performance.now()), { capture: true, once: true });
        const seen = new MutationObserver(() => {
          if (start === 0 || !document.body.innerText.includes(words)) return;
          seen.disconnect();
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
        });
        seen.observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    `${miles} mi logged`,
  );
  await page.getByRole('dialog').getByRole('button', { name: 'Log it' }).click();
  const ms = await measured;
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  return ms;
}

/** The median time (ms) from logging a trip to its paint, on a yard that holds an archive; undefined where the browser cannot be run. */
export async function tapToPaint(archive: Uint8Array): Promise<number | undefined> {
  mkdirSync('test-results', { recursive: true });
  const file = 'test-results/bench-archive.zip';
  writeFileSync(file, archive);
  const server = spawn('node_modules/.bin/next', ['start', '-p', PORT], { stdio: 'ignore' });
  try {
    for (
      let i = 0;
      i < 50 &&
      !(await fetch(BASE)
        .then((r) => r.ok)
        .catch(() => false));
      i++
    )
      await new Promise((resolve) => setTimeout(resolve, 200));
    const browser = await chromium.launch({
      executablePath: process.env['CHROMIUM_PATH'] ?? '',
      args: FLAGS,
    });
    try {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
      await page.addInitScript(() =>
        localStorage.setItem('yardline', JSON.stringify({ yard: 'own', theme: 'day' })),
      );
      await page.goto(`${BASE}/keep`);
      await page.locator('input[type=file]').setInputFiles(file);
      await page.getByRole('button', { name: 'Bring them in' }).click({ timeout: 60_000 });
      await page
        .getByRole('button', { name: 'Bring them in' })
        .waitFor({ state: 'detached', timeout: 60_000 });
      await page.goto(BASE);
      await page.getByRole('button', { name: 'Home again' }).waitFor({ timeout: 60_000 });
      const times: number[] = [];
      for (let i = 0; i < TRIPS; i++) times.push(await logTrip(page, 20 + i));
      // The first opens sheets that were not there yet.
      return times.slice(1).sort((a, b) => a - b)[Math.floor((TRIPS - 1) / 2)];
    } finally {
      await browser.close();
    }
  } catch (error) {
    console.log(`Tap to paint: not measured. ${String(error).split('\n')[0] ?? ''}`);
    return undefined;
  } finally {
    server.kill();
  }
}
