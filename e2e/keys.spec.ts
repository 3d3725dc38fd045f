import { expect, test, type Page } from '@playwright/test';
import { breath, allWell, DRIFTWOOD, setUp, workTo } from './steps';

/** A press, as far from the one before as a foot is. */
async function press(page: Page, key: string): Promise<void> {
  await breath(page, 300);
  await page.keyboard.press(key);
}

test('a card by keys alone: on, back, strokes counted; a key held down or chattering is one press', async ({
  page,
}) => {
  await setUp(page, { ...DRIFTWOOD, hub: 'drilled' });
  await page.goto('/bench?jobs=grease:1R');
  await page.getByRole('button', { name: 'Start the card' }).focus();
  await page.keyboard.press('Enter');
  const step = page.getByText(/^step \d+ of/);
  await expect(step).toContainText('step 1 of');

  await press(page, 'PageDown');
  await expect(step).toContainText('step 2 of');
  await press(page, ' ');
  await expect(step).toContainText('step 3 of');
  await press(page, 'PageUp');
  await expect(step).toContainText('step 2 of');

  // A pedal held, and a clicker that sends everything twice.
  await breath(page, 300);
  for (let i = 0; i < 5; i++) await page.keyboard.down('ArrowRight');
  await page.keyboard.up('ArrowRight');
  await expect(step).toContainText('step 3 of');
  await breath(page, 300);
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(step).toContainText('step 2 of');
  await breath(page, 400);
  await expect(step).toContainText('step 2 of');

  // The stopwatch by the key that blanks a screen.
  await press(page, '.');
  await expect(page.getByRole('button', { pressed: true, name: /min$/ })).toBeVisible();

  await workTo(page, /^Grease 1R/);
  const strokes = page.getByRole('textbox', { name: /: typed$/ });
  await page.getByRole('heading', { level: 1 }).focus();
  for (let i = 1; i <= 3; i++) {
    await press(page, i === 2 ? 'ArrowUp' : ' ');
    await expect(strokes).toHaveValue(String(i));
  }
  // In a field the same keys write.
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  const note = page.getByRole('textbox', { name: 'Note' });
  await note.focus();
  await note.pressSequentially('a b.', { delay: 10 });
  await expect(note).toHaveValue('a b.');
  await expect(strokes).toHaveValue('3');
  await note.blur();
  await allWell(page);
  const before = await step.innerText();
  await press(page, 'PageDown');
  await expect(step).not.toHaveText(before);
});

test('behind a sheet the page stands still by wheel and keys, and moves again once it is closed', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.setViewportSize({ width: 900, height: 500 });
  await page.goto('/');
  const sheet = page.getByRole('dialog');
  const down = () => page.evaluate(() => window.scrollY);
  const wheel = async () => {
    await page.mouse.move(200, 250);
    await page.mouse.wheel(0, 240);
  };
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(sheet).toBeVisible();
  await wheel();
  await sheet.getByRole('button', { name: 'Close' }).focus();
  await page.keyboard.press('PageDown');
  await breath(page, 400);
  expect(await down()).toBe(0);

  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Home again' })).toBeFocused();
  await wheel();
  await expect.poll(down).toBeGreaterThan(0);

  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox')).toBeFocused();
  const at = await down();
  await wheel();
  await breath(page, 400);
  expect(await down()).toBe(at);
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await page.evaluate(() => window.scrollTo(0, 0));
  await wheel();
  await expect.poll(down).toBeGreaterThan(0);
});
