import { expect, test, type Locator } from '@playwright/test';
import { DRIFTWOOD, RECHECK_DUE, setUp } from './steps';

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

test('a recheck is two taps', async ({ page }) => {
  await setUp(page, DRIFTWOOD, RECHECK_DUE);
  const count = counted();
  await count.tap(
    page
      .getByRole('region', { name: 'Next for Driftwood' })
      .getByRole('button', { name: 'Recheck', exact: true }),
  );
  await count.tap(page.getByRole('dialog').getByRole('button', { name: 'All held' }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  count.within('a recheck', 2);
});

test('a trip home is three taps and a number', async ({ page }) => {
  await setUp(page, DRIFTWOOD, RECHECK_DUE);
  const count = counted();
  await count.tap(page.getByRole('button', { name: 'Home again' }));
  await page.getByLabel('Towed', { exact: true }).fill('120');
  await count.tap(page.getByRole('button', { name: /^Log the trip/ }));
  await count.tap(page.getByRole('button', { name: 'Back to the Yard' }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  count.within('a trip home, beside its miles', 3);
});

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
