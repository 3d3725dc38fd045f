import type { Page } from '@playwright/test';
import { BASE, served, SLOWED, visited, type Visited } from '../browser';
import { longLog } from '../log';
import { middle, type Part, type Row } from '../table';

/** Milliseconds from a tap to the frame that shows what came of it. */
async function tapped(page: Page, button: string, changes: string): Promise<number> {
  const measured = page.evaluate((js) => {
    const state = new Function(`return ${js}`) as () => unknown;
    const before = JSON.stringify(state());
    return new Promise<number>((resolve, reject) => {
      setTimeout(() => reject(new Error(`nothing came of it: ${js}`)), 20_000);
      let start = 0;
      document.addEventListener('click', () => (start = performance.now()), { capture: true, once: true });
      const seen = new MutationObserver(() => {
        if (start === 0 || JSON.stringify(state()) === before) return;
        seen.disconnect();
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
      });
      seen.observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
    });
  }, changes);
  await page.locator(button).first().click();
  return measured;
}

const HEADING = `document.querySelector('main h1')?.textContent`;
const PRESSED = `document.querySelectorAll('main button[aria-pressed=true]').length`;
const DIALOG = `document.querySelectorAll('[role=dialog]').length`;

async function several(times: number, one: (i: number) => Promise<number>): Promise<number> {
  const all: number[] = [];
  for (let i = 0; i < times; i++) all.push(await one(i));
  // The first opens what was not there yet.
  return middle(all.slice(1));
}

async function onBench({ page }: Visited): Promise<number> {
  await page.goto(`${BASE}/bench?jobs=repack:1L,repack:1R`);
  await page.getByRole('button', { name: 'Start the card' }).click();
  await page.locator('main form').waitFor();
  // Six steps are through with a tap; the next one asks for grades.
  return several(6, () =>
    tapped(page, 'main form button:text-is("Done"), main form button:text-is("Understood")', HEADING),
  );
}

async function onWalk({ page }: Visited): Promise<number> {
  await page.goto(`${BASE}/walk?walk=hitch`);
  const begin = page.getByRole('button', { name: 'Tires are cold: begin' });
  await begin.or(page.locator('main button[aria-pressed=false]')).first().waitFor();
  if (await begin.isVisible()) await begin.click();
  await page.locator('main button[aria-pressed=false]').first().waitFor();
  return several(5, () => tapped(page, 'main button[aria-pressed=false]', PRESSED));
}

async function onYard({ page }: Visited): Promise<number> {
  await page.goto(BASE);
  await page.locator('main figure button').first().waitFor();
  await page.waitForTimeout(3000);
  return several(7, async () => {
    const ms = await tapped(page, 'main figure button', DIALOG);
    await page.keyboard.press('Escape');
    await page.locator('[role=dialog]').waitFor({ state: 'detached' });
    return ms;
  });
}

async function tripLogged({ page }: Visited): Promise<number> {
  await page.goto(BASE);
  return several(5, async (i) => {
    await page.getByRole('button', { name: 'Home again' }).click();
    await page
      .getByRole('dialog')
      .getByRole('textbox', { name: 'Towed', exact: true })
      .fill(String(20 + i));
    const title = `document.querySelector('[role=dialog] h2')?.textContent`;
    const ms = await tapped(page, '[role=dialog] button:text-is("Log the trip")', title);
    await page.getByRole('button', { name: 'Back to the Yard' }).click();
    return ms;
  });
}

/** Taps. */
export const tap: Part = {
  says: 'taps on Bench, Walk and Yard to their paint, with 20,000 entries',
  measure: () =>
    served(async () => {
      const log = longLog(20_000);
      const rows: Row[] = [];
      for (const rate of [1, SLOWED]) {
        const slowed = rate === 1 ? '' : `, slowed ${rate} ×`;
        const row = (what: string, measured: number): Row => ({
          what: `${what}${slowed}`,
          measured,
          unit: 'ms',
          decimals: 0,
          budget: 100,
        });
        await visited(log, async (visit) => {
          await visit.slow(rate);
          rows.push(
            { what: `reference loop in the page${slowed}`, measured: await visit.reference(), unit: 'ms' },
            row('Bench: a step done', await onBench(visit)),
            row('Walk: an item clear', await onWalk(visit)),
            row('Yard: a wheel end opened', await onYard(visit)),
            row('Yard: a trip logged', await tripLogged(visit)),
          );
        });
      }
      return rows;
    }),
};
