import { expect, test } from '@playwright/test';
import { DRIFTWOOD, setUp } from '../../e2e/steps';
import { Tally } from '../tally';

test('two tabs on everything that is kept', async ({ page, context }) => {
  const tally = new Tally('tabs', 'two tabs on one yard');
  await setUp(page, DRIFTWOOD);
  const other = await context.newPage();

  await tally.attempt('a walk answered in turns: no answer is written over', async () => {
    await page.goto('/walk?walk=hitch');
    await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
    const items = page.locator('main button[aria-pressed]');
    await expect(items.first()).toBeVisible();
    await other.goto('/walk?walk=hitch');
    const there = other.locator('main button[aria-pressed]');
    await expect(there.first()).toBeVisible();
    const count = Math.min(4, (await items.count()) - 1);
    for (let i = 0; i < count; i++) {
      await (i % 2 === 0 ? items : there).nth(i).click();
      await page.waitForTimeout(150);
    }
    await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(count);
    await expect(other.locator('main button[aria-pressed=true]')).toHaveCount(count);
  });

  await tally.attempt('a walk ended in both is on record once', async () => {
    const ends = [page, other].map(async (tab) => {
      const clear = tab.getByRole('button', { name: /^(All clear here|The last one|The other)/ });
      const record = tab.getByRole('button', { name: /^Put it on record/ });
      for (let i = 0; i < 40; i++) {
        await expect(clear.or(record).first()).toBeVisible();
        if (await record.isVisible()) return;
        await clear.click({ timeout: 3000 }).catch(() => undefined);
        await tab.waitForTimeout(120);
      }
    });
    await Promise.all(ends);
    await Promise.all(
      [page, other].map((tab) =>
        tab
          .getByRole('button', { name: /^Put it on record/ })
          .click({ timeout: 3000 })
          .catch(() => undefined),
      ),
    );
    await page.waitForTimeout(800);
    await page.goto('/logbook');
    await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
    await page.waitForTimeout(300);
    expect(await page.getByRole('button', { name: /Hitching up/ }).count()).toBe(1);
  });

  await tally.attempt('a lamp test put away in one is away in the other', async () => {
    await page.goto('/lights');
    await page.getByRole('main').getByRole('button').first().click();
    await page.waitForTimeout(300);
    await other.goto('/lights');
    const was = await other.getByRole('heading', { level: 1 }).innerText();
    const drop = page.getByRole('button', { name: /^(Drop it|Leave off|Stop)/ }).first();
    if (await drop.isVisible()) {
      await drop.click();
      await expect(other.getByRole('heading', { level: 1 })).not.toHaveText(was);
    }
  });

  await tally.attempt('a card tapped in both goes on by one step', async () => {
    await page.goto('/bench?place=1L');
    await page.getByRole('button', { name: 'Start the card' }).click();
    await expect(page.getByText(/^step 1 of/)).toBeVisible();
    await expect(page).toHaveURL(/run=/);
    await other.goto(page.url());
    await expect(other.getByText(/^step 1 of/)).toBeVisible();
    await page.waitForTimeout(600);
    // A finger on each screen: it waits for nothing.
    const spots = await Promise.all(
      [page, other].map(async (tab) => ({
        tab,
        box: await tab.getByRole('button', { name: 'Done', exact: true }).boundingBox(),
      })),
    );
    await Promise.all(spots.map(({ tab, box }) => tab.mouse.click((box?.x ?? 0) + 20, (box?.y ?? 0) + 20)));
    await page.waitForTimeout(500);
    await expect(page.getByText(/^step 2 of/)).toBeVisible();
    await expect(other.getByText(/^step 2 of/)).toBeVisible();
  });

  await tally.attempt('a figure stays in its unit, whatever another tab is set to', async () => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Home again' }).click();
    const towed = page.getByRole('dialog').getByLabel('Towed', { exact: true });
    await towed.fill('100');
    await page.waitForTimeout(200);
    await other.goto('/keep');
    await other.evaluate(() => {
      const kept = JSON.parse(localStorage.getItem('yardline') ?? '{}') as object;
      localStorage.setItem('yardline', JSON.stringify({ ...kept, units: 'metric' }));
    });
    await page.reload();
    await page.getByRole('button', { name: 'Home again' }).click();
    await expect(towed).toHaveValue('100');
    await expect(page.getByRole('dialog')).toContainText('mi');
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByRole('dialog')).toContainText(/161 km|100 mi/);
  });

  await tally.attempt('a yard that was cleared is noticed, and nothing is logged into it', async () => {
    await page.goto('/');
    await page.waitForTimeout(2500);
    await other.route('**/blank-for-nothing', (route) =>
      route.fulfill({ contentType: 'text/html', body: '<title>blank</title>' }),
    );
    await other.goto('/blank-for-nothing');
    await other.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const gone = indexedDB.deleteDatabase('yardline');
          gone.onsuccess = () => resolve();
          gone.onerror = () => reject(new Error('not deleted'));
        }),
    );
    await expect(page.getByText(/cleared or begun afresh|another one by now/).first()).toBeVisible({
      timeout: 15_000,
    });
  });
  tally.write();
});
