import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp, tow } from '../../e2e/steps';
import { Tally } from '../tally';

const HOUR = 3_600_000;
/** Where the clock stands when the trip is logged, and when it is withdrawn and set right (ms beside now). */
const CLOCKS: readonly (readonly [name: string, logged: number, acted: number])[] = [
  ['right', 0, 0],
  ['set back by five hours', 0, -5 * HOUR],
  ['a day apart', 0, -24 * HOUR],
  ['an hour back at the end of summer', 0, -HOUR],
  ['ten years ahead once', 10 * 365 * 24 * HOUR, 0],
  ['ten years behind', 0, -10 * 365 * 24 * HOUR],
];

test('what is withdrawn stops counting, whatever the clock says', async ({ browser, baseURL }) => {
  const tally = new Tally('clocks', 'a trip withdrawn and one set right');
  for (const [name, logged, acted] of CLOCKS)
    await tally.attempt(name, async () => {
      const context = await browser.newContext({ ...(baseURL && { baseURL }), serviceWorkers: 'block' });
      const page = await context.newPage();
      // The clock of the page is the one that acts are stamped by.
      const shift = async (by: number) =>
        page.addInitScript((ms) => {
          const real = Date.now.bind(Date);
          const base = Date;
          const shifted = class extends base {
            constructor(...args: unknown[]) {
              if (args.length === 0) super(real() + ms);
              else super(...(args as [number]));
            }
            static override now() {
              return real() + ms;
            }
          };
          globalThis.Date = shifted as DateConstructor;
        }, by);
      await shift(logged);
      await setUp(page, DRIFTWOOD);
      await tow(page, '120');
      await shift(acted - logged);
      await page.goto('/logbook');
      await page.getByRole('button', { name: /Towed 120 mi/ }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Withdraw' }).click();
      const sure = page.getByRole('dialog').getByRole('button', { name: /^Withdraw/ });
      if (await sure.isVisible()) await sure.click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await page.goto('/');
      await expect(page.getByRole('region', { name: 'Lately' })).toContainText(/0 mi on record|no mile/i);
      await context.close();
    });
  tally.write();
});
