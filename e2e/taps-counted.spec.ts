import { expect, test, type Locator } from '@playwright/test';
import { DRIFTWOOD, setUp } from './steps';

/** Counts the taps of a journey; what is typed is no tap. */
function counted() {
  const counter = {
    taps: 0,
    async tap(target: Locator) {
      await target.click();
      counter.taps += 1;
    },
    /** Prints them, and holds them to what was promised. */
    within(journey: string, most: number) {
      process.stdout.write(`Taps of ${journey}: ${counter.taps} of ${most}\n`);
      expect(counter.taps).toBeLessThanOrEqual(most);
    },
  };
  return counter;
}

test('a clean hitching walk is a tap a stop, and two', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  const count = counted();
  await count.tap(page.getByRole('button', { name: 'Tires are cold: begin' }));
  const heading = page.getByRole('heading', { level: 1 });
  const clear = page.getByRole('button', { name: /^All clear here/ });
  let stops = 0;
  for (; stops < 30; stops++) {
    await expect(
      clear.or(page.getByRole('button', { name: /^Add it to the log|^Log/ })).first(),
    ).toBeVisible();
    if (!(await clear.isVisible())) break;
    const stop = await heading.innerText();
    await count.tap(clear);
    await expect(heading).not.toHaveText(stop);
  }
  expect(stops).toBeGreaterThan(3);
  await count.tap(page.getByRole('button', { name: /^Add it to the log|^Log/ }));
  await expect(clear).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Add it to the log|^Log/ })).toHaveCount(0);
  count.within(`a clean hitching walk of ${stops} stops`, stops + 2);
});
