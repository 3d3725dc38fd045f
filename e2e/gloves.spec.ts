import { expect, test, type Page } from '@playwright/test';
import { drawn, DRIFTWOOD, setUp, startRepack } from './steps';

test.use({ viewport: { width: 390, height: 844 } });

/** What of the step in hand has to be tapped and lies out of sight without scrolling, and which fields would call the system's keyboard. */
const wrongHere = (page: Page) =>
  page.evaluate(() => {
    window.scrollTo(0, 0);
    const form = document.querySelector('main form');
    const foot = form?.querySelector('footer')?.getBoundingClientRect();
    if (!form || !foot) return ['no step'];
    const must = [...form.querySelectorAll('[role=radio], footer button[type=submit]')];
    const hidden = must.filter((one) => {
      const { top, bottom } = one.getBoundingClientRect();
      return top < 0 || bottom > (one.closest('footer') ? innerHeight : foot.top);
    });
    const typed = [...form.querySelectorAll<HTMLInputElement>('input:not([type])')].filter(
      ({ inputMode }) => inputMode !== 'none',
    );
    return [
      ...hidden.map((one) => `below the fold: ${(one as HTMLElement).innerText}`),
      ...typed.map((input) => `system keyboard: ${input.labels?.[0]?.innerText}`),
    ];
  });

test('a repack with gloves on, on a phone: all within reach, figures from our own pad, no system keyboard', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'Gloves' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const strip = page.getByRole('button', { name: /^All steps/ });
  const stands = async () => `${await heading.innerText()} ${await strip.getAttribute('aria-label')}`;
  const pad = page.getByRole('group', { name: 'Number pad' });
  const wrong: string[] = [];
  let typed = 0;
  for (let i = 0; i < 70; i++) {
    const title = await heading.innerText();
    if (title === 'Every step is through') break;
    const before = await stands();
    await drawn(page);
    wrong.push(...(await wrongHere(page)).map((what) => `${title}: ${what}`));
    // One answer at a time, as the step asks for it; a grade that is the last thing asked for is the Done.
    let graded = false;
    for (let asked = 0; asked < 6 && (await stands()) === before; asked++) {
      const open = page.locator('main form [role=radiogroup]:not(:has([aria-checked=true]))').first();
      if ((await open.count()) === 0) break;
      const label = await open.getAttribute('aria-label');
      graded = (await open.getAttribute('data-taps')) !== null;
      const one = open.getByRole('radio').nth(label === 'Slots back from seated' ? 1 : 0);
      await one.click();
      // It leads on by itself, to the next question or the next step, or stays answered.
      await expect
        .poll(
          async () =>
            (await stands()) !== before ||
            (await page.locator('main form [role=radiogroup] [aria-checked=true]').count()) > 0 ||
            (await page.locator(`main form [role=radiogroup][aria-label="${label}"]`).count()) === 0,
          { intervals: [20, 50, 100] },
        )
        .toBe(true);
      await drawn(page);
      wrong.push(...(await wrongHere(page)).map((what) => `${title}, answered: ${what}`));
    }
    const rows = page.locator('main form button[data-low=row]').filter({ hasText: '–' });
    const closes = graded && (await rows.count()) === 0;
    if (!closes && (await stands()) === before) {
      const count = page.getByRole('button', { name: /^All \d$/ });
      const more = page.getByRole('button', { name: /: one more$/ });
      if ((await count.count()) > 0) await count.click();
      else if ((await more.count()) > 0) await more.click();
      const row = page.getByRole('button', { name: /^Thinnest lining/ });
      if ((await row.count()) > 0) {
        await row.click();
        await page.getByRole('textbox', { name: /^Thinnest lining/ }).click();
        for (const key of ['3', '/32']) await pad.getByRole('button', { name: key, exact: true }).click();
        await expect(page.getByRole('textbox', { name: /^Thinnest lining/ })).toHaveValue('3/32');
        await pad.getByRole('button', { name: 'in mm' }).click();
        await pad.getByRole('button', { name: 'Clear' }).click();
        for (const key of ['2', 'Point', '4'])
          await pad.getByRole('button', { name: key, exact: true }).click();
        await pad.getByRole('button', { name: 'in mm' }).click();
        await expect(page.getByRole('textbox', { name: /^Thinnest lining/ })).toHaveValue('2.4 mm');
        await pad.getByRole('button', { name: 'OK' }).click();
        await expect(pad).toHaveCount(0);
        typed += 1;
      }
      await page.locator('main footer button[type=submit]').click();
    }
    await expect.poll(stands, { intervals: [20, 50, 100] }).not.toBe(before);
  }
  await expect(heading).toHaveText('Every step is through');
  expect(wrong).toEqual([]);
  expect(typed).toBe(1);
});

test('the pad lies over a sheet without closing it, and leads from field to field', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.evaluate(() => localStorage.setItem('yardline', JSON.stringify({ gloves: true })));
  await page.reload();
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true }).click();
  const pad = page.getByRole('group', { name: 'Number pad' });
  for (const key of ['1', '2', '5']) await pad.getByRole('button', { name: key, exact: true }).click();
  await pad.getByRole('button', { name: 'Erase' }).click();
  await pad.getByRole('button', { name: '0', exact: true }).click();
  await pad.getByRole('button', { name: 'in km' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true })).toHaveValue(
    '120 km',
  );
  await pad.getByRole('button', { name: /^(OK|Next)$/ }).click();
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('button', { name: 'Back to the Yard' })).toBeVisible();
});
