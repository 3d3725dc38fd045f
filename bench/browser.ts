import { spawn } from 'node:child_process';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { build } from 'esbuild';
import type { Entry } from '../src/core/log';
import { FLAGS } from '../scripts/chromium.mjs';
import { middle, referenceLoop } from './table';

const PORT = '3178';
export const BASE = `http://localhost:${PORT}`;
/** A mid-range phone beside this machine. */
export const SLOWED = 4;
export const CHROMIUM = process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium-headless-shell';
const PHONE = { width: 390, height: 844 };

/** Serves the built application while something is measured. */
export async function served<T>(work: () => Promise<T>): Promise<T> {
  const server = spawn('node_modules/.bin/next', ['start', '-p', PORT], { stdio: 'ignore' });
  try {
    for (let i = 0; i < 100; i++) {
      const up = await fetch(BASE).then(
        ({ ok }) => ok,
        () => false,
      );
      if (up) break;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    return await work();
  } finally {
    server.kill();
  }
}

/** A page with a yard in it, left and visited once before: the application and its worker are on the device. */
export interface Visited {
  readonly page: Page;
  /** Slows the processor of the page; 1 is as it is. */
  readonly slow: (rate: number) => Promise<void>;
  /** The reference loop of this very page (ms). */
  readonly reference: () => Promise<number>;
}

async function seeded(page: Page, log: readonly Entry[], photos: boolean): Promise<void> {
  const { outputFiles } = await build({
    entryPoints: ['bench/in-page.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env': '{}' },
    logLevel: 'error',
  });
  await page.route('**/blank', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<title>blank</title>' }),
  );
  await page.goto(`${BASE}/blank`);
  await page.evaluate(outputFiles[0]?.text ?? '');
  await page.evaluate((text) => globalThis.fillLog(text), JSON.stringify(log));
  if (!photos) return;
  const hashes = log.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : []));
  await page.evaluate((all) => globalThis.fillPhotos(all), hashes);
}

/** Opens a browser on a yard: the demo's, an empty one, or one with a log. */
export async function visited<T>(
  yard: 'demo' | readonly Entry[],
  work: (visited: Visited) => Promise<T>,
  { photos = false } = {},
): Promise<T> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS });
  try {
    const context = await browser.newContext({ viewport: PHONE });
    const page = await context.newPage();
    const name = yard === 'demo' ? 'demo' : 'own';
    await page.addInitScript(
      (yard) => localStorage.setItem('yardline', JSON.stringify({ yard, theme: 'day' })),
      name,
    );
    if (yard !== 'demo' && yard.length > 0) await seeded(page, yard, photos);
    await page.goto(BASE);
    await page.locator('main h1').first().waitFor({ timeout: 60_000 });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
      timeout: 60_000,
    });
    // Long enough for the keeper to keep its checkpoint.
    await page.waitForTimeout(6000);
    const cdp: CDPSession = await context.newCDPSession(page);
    return await work({
      page,
      slow: (rate) => cdp.send('Emulation.setCPUThrottlingRate', { rate }).then(() => undefined),
      reference: async () => {
        const loop = `(${referenceLoop.toString()})()`;
        const times: number[] = [];
        for (let i = 0; i < 3; i++) times.push(await page.evaluate<number>(loop));
        return middle(times);
      },
    });
  } finally {
    await browser.close();
  }
}
