import { expect, type Page } from '@playwright/test';
import { build } from 'esbuild';
import type { Seeded } from '../src/testing/rigs';

export type { Seeded };

/** A page of the application's origin with nothing on it. */
const BLANK = '/blank-for-seeding';

let script: Promise<string> | undefined;

/** The application's store as one script; made once a worker. */
function bundled(): Promise<string> {
  script ??= build({
    entryPoints: ['e2e/in-page.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env': '{}' },
    logLevel: 'error',
  }).then(({ outputFiles: [file] }) => file?.text ?? '');
  return script;
}

/** Puts the store into a page that has it not. */
async function equip(page: Page): Promise<void> {
  if (!(await page.evaluate(() => 'yard' in globalThis))) await page.evaluate(await bundled());
}

/** Writes the entries of one rig into the page's own yard before the application opens it. */
export async function seed(page: Page, seeded: readonly Seeded[]): Promise<void> {
  await page.route(`**${BLANK}`, (route) =>
    route.fulfill({ contentType: 'text/html', body: '<title>seed</title>' }),
  );
  await page.goto(BLANK);
  await equip(page);
  await page.evaluate((entries) => globalThis.yard.fill(entries), JSON.stringify(seeded));
  await page.unroute(`**${BLANK}`);
}

/** Puts the card in hand at the step, or its end, whose title matches, as when all before it was well; gives the titles on the way. */
export async function skipTo(page: Page, title: RegExp): Promise<readonly string[]> {
  // Only a card's own page has it in its address.
  await expect(page).toHaveURL(/[?&]run=/);
  await equip(page);
  const titles = await page.evaluate(([run, until]) => globalThis.yard.work(run, until), [
    new URL(page.url()).searchParams.get('run') ?? '',
    title.source,
  ] as const);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
  return titles;
}

/** Waits until what was told last is in a draft on disk: from then on the tab may go. */
export async function drafted(page: Page, told: string): Promise<void> {
  await equip(page);
  await expect.poll(() => page.evaluate(() => globalThis.yard.drafts())).toContain(told);
}

/** The log of this device, in the order in which it was told. */
export async function logOf(page: Page): Promise<readonly unknown[]> {
  await equip(page);
  return page.evaluate(() => globalThis.yard.log());
}
