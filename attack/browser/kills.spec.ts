import { expect, test, type Page } from '@playwright/test';
import { DRIFTWOOD, setUp, tow } from '../../e2e/steps';
import { seeded } from '../../src/core/base';
import { Tally } from '../tally';

const random = seeded(15);
/** A tab that dies at any moment after a tap. */
const dies = async (page: Page) => {
  await page.waitForTimeout(Math.floor(random() * 60));
  await page.reload();
};

test('a card killed at every step', async ({ page }) => {
  const tally = new Tally('kills', 'a repack, the tab killed after every tap');
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench?place=1L');
  await page.getByRole('button', { name: 'Start the card' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const at = async () => {
    await expect(heading).toBeVisible();
    return (await heading.innerText()) === 'Every step is through'
      ? 999
      : Number(/^step (\d+)/.exec(await page.getByText(/^step \d+ of/).innerText())?.[1]);
  };
  for (let i = 0; i < 120; i++) {
    const before = await at();
    if (before === 999) break;
    const form = page.locator('main form');
    for (const group of await form.getByRole('radiogroup').all())
      await group.getByRole('radio').first().click();
    for (const more of await form.getByRole('button', { name: /^All \d$|: one more$/ }).all())
      await more.click();
    for (const field of await form.locator('input[inputmode=decimal]').all())
      if (
        (await field.inputValue()) === '' &&
        /Pressure/.test(await field.evaluate((one: HTMLInputElement) => one.labels?.[0]?.innerText ?? ''))
      )
        await field.fill('65');
    await form
      .getByRole('button', { name: /^(Done|Whole round done|Understood|Set, the pin goes in)$/ })
      .click();
    await dies(page);
    const after = await at();
    tally.count(
      after === before || after === before + 1 || after === 999,
      `step ${before}: came back at ${after}`,
    );
  }
  tally.write();
});

test('a walk killed at every stop', async ({ page }) => {
  const tally = new Tally('kills', 'a hitching walk, the tab killed after every stop');
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const told = () =>
    page
      .locator('main')
      .getByText(/^\d+ of \d+$/)
      .first()
      .innerText();
  for (let i = 0; i < 30; i++) {
    const clear = page.getByRole('button', { name: /^(All clear here|The last one|The other)/ });
    await expect(clear.or(page.getByRole('button', { name: /record/ })).first()).toBeVisible();
    if (!(await clear.isVisible())) break;
    const before = Number((await told()).split(' ')[0]);
    await clear.click();
    await dies(page);
    await expect(clear.or(page.getByRole('button', { name: /record/ })).first()).toBeVisible();
    const after = (await clear.isVisible()) ? Number((await told()).split(' ')[0]) : 999;
    tally.count(after >= before, `stop ${i}: ${before} answered, then ${after}`);
  }
  await page.getByRole('button', { name: /record/ }).click();
  await dies(page);
  await page.goto('/logbook');
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
  const walks = await page.getByRole('button', { name: /Hitching up/ }).count();
  tally.count(walks <= 1, `the walk is on record ${walks} times`);
  tally.write();
});

test('sheets killed while they are typed into, and as they are sent', async ({ page }) => {
  const tally = new Tally('kills', 'sheets, the tab killed while typing and while writing');
  await setUp(page, DRIFTWOOD);
  await tow(page, '5');
  const sheets: readonly (readonly [
    name: string,
    open: () => Promise<void>,
    field: string | RegExp,
    text: string,
  ])[] = [
    ['trip', async () => page.getByRole('button', { name: 'Home again' }).click(), 'Towed', '33'],
    [
      'finding',
      async () => page.getByRole('button', { name: 'Something is not right' }).click(),
      'What',
      'hums at fifty',
    ],
  ];
  for (const [name, open, field, text] of sheets)
    for (let i = 0; i < 5; i++)
      await tally.attempt(`${name}, killed ${i}`, async () => {
        await page.goto('/');
        await open();
        const input = page.getByRole('dialog').getByLabel(field, { exact: true });
        await input.fill(`${text}${i}`);
        await page.waitForTimeout(120);
        await page.reload();
        await open();
        await expect(page.getByRole('dialog').getByLabel(field, { exact: true })).toHaveValue(`${text}${i}`);
        await page.getByRole('button', { name: 'Start over' }).click();
        await expect(page.getByRole('dialog').getByLabel(field, { exact: true })).toHaveValue('');
      });
  for (let i = 0; i < 10; i++)
    await tally.attempt(`trip sent, killed ${i}`, async () => {
      await page.goto('/logbook');
      const trips = page.getByRole('button', { name: new RegExp(`Towed ${70 + i} mi`) });
      await page.goto('/');
      await page.getByRole('button', { name: 'Home again' }).click();
      const towed = page.getByRole('dialog').getByLabel('Towed', { exact: true });
      await towed.fill(String(70 + i));
      await page.waitForTimeout(120);
      await page.getByRole('button', { name: 'Log it' }).click();
      await dies(page);
      await page.getByRole('button', { name: 'Home again' }).click();
      await page.waitForTimeout(200);
      const left = await towed.inputValue();
      await page.goto('/logbook');
      await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
      await page.waitForTimeout(200);
      const written = await trips.count();
      // Either it is on record and the form is empty, or it is not and what was typed is there.
      expect([written, left]).toEqual(written === 1 ? [1, ''] : [0, String(70 + i)]);
    });
  tally.write();
});

test('a first look and a set-up killed', async ({ page }) => {
  const looks = new Tally('kills', 'a first look, the tab killed after every answer');
  await setUp(page, DRIFTWOOD);
  await page.goto('/survey');
  const told = page.getByText(/^\d+ of \d+ looked at/);
  const seen = async () => {
    await expect(told).toBeVisible();
    return Number((await told.innerText()).split(' ')[0]);
  };
  for (let i = 0; i < 30; i++) {
    const before = await seen();
    const clear = page.getByRole('main').getByRole('button', { name: /^Clear/ });
    const pass = page.getByRole('button', { name: 'Pass over for now' });
    await expect(clear.or(pass).first()).toBeVisible();
    if (!(await clear.isVisible())) {
      await page.getByLabel('Not looked at, because').fill(`dark ${i}`);
      await page.getByRole('button', { name: 'Not looked at' }).click();
    } else await clear.click();
    await dies(page);
    const after = await seen();
    looks.count(after === before || after === before + 1, `answer ${i}: ${before} seen, then ${after}`);
  }
  looks.write();

  const setups = new Tally('kills', 'a set-up, the tab killed after every field');
  await page.goto('/setup');
  for (let i = 0; i < 10; i++)
    await setups.attempt(`field ${i}`, async () => {
      await page.getByLabel('Name').fill(`Half told ${i}`);
      await page.waitForTimeout(150);
      await page.reload();
      await expect(page.getByLabel('Name')).toHaveValue(`Half told ${i}`);
    });
  setups.write();
});
