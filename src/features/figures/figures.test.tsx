/** @jest-environment ./src/testing/environment.cjs */
import { answerTo, guessOf, workOut, type GuessId } from '@/core/figures';
import { GUESS_WORDS } from '@/text/figures';
import { DRIFTWOOD, setUp, skipTo, startRepack, test, type TestPage } from '@/testing';

/** Says of every example that it is one's own figure. */
async function acceptExamples(page: TestPage): Promise<void> {
  const example = page.getByRole('button', { name: 'example: is it yours?' });
  while ((await example.count()) > 0) await example.first().click();
}

const result = (page: TestPage) => page.getByRole('status').filter({ hasText: /\d|–/ }).first();

test('an offset adapter from a step of the card and back: every round says what the wrench is set to, and the log too', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await skipTo(page, /^Star round at 20/);
  await page.getByRole('link', { name: 'Offset adapter on the wrench?' }).click();
  await expect(page.getByRole('textbox', { name: 'Torque wanted' })).toHaveValue('100');
  await page.getByRole('textbox', { name: 'Torque wanted' }).fill('90');
  await page.getByRole('button', { name: 'what if' }).click();
  await expect(page.getByRole('textbox', { name: 'Torque wanted' })).toHaveValue('100');
  await expect(page.getByRole('link', { name: 'Use it on the card' })).toHaveCount(0);
  await acceptExamples(page);
  await page.getByRole('textbox', { name: 'Adapter length' }).fill('20');
  await expect(page.getByText('longer than the wrench')).toBeVisible();
  await page.getByRole('textbox', { name: 'Adapter length' }).fill('2 14');
  await expect(page.getByText('Is it 2 1/4, or two figures?')).toBeVisible();
  for (const typed of ['2 1/4', '2-1/4', '2.25', '2¼']) {
    await page.getByRole('textbox', { name: 'Adapter length' }).fill(typed);
    await expect(result(page)).toContainText('88.9');
  }
  await page.getByRole('link', { name: 'Use it on the card' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Star round at 20/);
  await expect(page.getByText('17.8 lbf·ft')).toBeVisible();
  await page.locator('main footer button[type=submit]').click();
  await expect(page.getByText('44.4 lbf·ft')).toBeVisible();
});

test('three tickets: which one contradicts, and by how much; then tongue and axles', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/figures?of=tickets');
  await expect(result(page)).toContainText('Next: Tow vehicle alone');
  await page.getByRole('textbox', { name: /^Tow vehicle alone/ }).fill('5200');
  await page.getByRole('textbox', { name: /^Hitched/ }).fill('5140');
  await page.getByRole('textbox', { name: /^All of it/ }).fill('8540');
  await expect(page.getByText('it weighs 60 lb less than alone')).toBeVisible();
  await page.getByRole('textbox', { name: /^Hitched/ }).fill('5560');
  await expect(result(page)).toContainText('10.8');
  await expect(page.getByText('2,980 lb').first()).toBeVisible();
});

test('in metric, with a magnet switched off by a tap, and a brake named by its drum', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.evaluate(() => localStorage.setItem('yardline', JSON.stringify({ units: 'metric' })));
  await page.goto('/figures?of=magnets');
  await expect(result(page)).toContainText('A in the brake wire');
  const before = await result(page).innerText();
  await page.getByRole('switch', { name: 'Magnet 2' }).press('Enter');
  await expect(result(page)).not.toHaveText(before);
  await expect(page.getByRole('switch', { name: 'Magnet 2' })).not.toBeChecked();

  await page.goto('/figures?of=drum');
  await page.getByRole('textbox', { name: /^Drum, inside/ }).fill('255');
  await page.getByRole('textbox', { name: /^Shoe width/ }).fill('57');
  await expect(result(page)).toContainText('254');
  await expect(result(page)).toContainText('axle tag');
  await page.getByRole('textbox', { name: /^Drum, inside/ }).fill('10 in');
  await expect(result(page)).toContainText('254');

  // Into the rig as worked out, and from there into what is laid out to be ordered.
  await page.getByRole('button', { name: 'Save with the rig' }).click();
  await expect(page.getByText('Saved with the rig, as worked out')).toBeVisible();
  await page.goto('/bench?jobs=shoe-renew:1L,shoe-renew:1R');
  await expect(page.getByText(/Shoes and hardware for 1L/)).toBeVisible();
  await expect(page.getByText(/254\.0 mm × 57\.2 mm, worked out/).first()).toBeVisible();
});

/** A seed whose made-up case comes to an answer. */
const seedFor = (id: GuessId, answer: string) =>
  Array.from({ length: 60 }, (_, i) => i + 1).find(
    (seed) => answerTo(id, workOut(id, guessOf(id, seed, 'utility').values)) === answer,
  );

test('a figure is guessed first: nothing is told before the answer, then it is worked out and counted in Practice', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  for (const [id, truth, answer] of [
    ['leak', 'holds', 'holds'],
    ['leak', 'leak', 'holds'],
    ['balance', 'light', 'light'],
  ] as const) {
    const { answers } = GUESS_WORDS[id];
    await page.goto(`/figures?of=${id}&guess=1&seed=${seedFor(id, truth)}`);
    const guess = page.getByRole('region', { name: 'Your guess' });
    await expect(guess).toBeVisible();
    await expect(page.getByRole('region', { name: 'Working' })).toHaveCount(0);
    await guess.getByRole('button', { name: answers[answer] ?? '' }).click();
    const ended = page.getByRole('status', { name: 'How it ended' });
    await expect(ended).toContainText(answer === truth ? 'You have it' : `You said “${answers[answer]}”`);
    await expect(page.getByRole('region', { name: 'Working' }).first()).toBeVisible();
    // Made-up numbers are nobody's figure.
    await expect(page.getByRole('button', { name: 'Add it to the log' })).toHaveCount(0);
  }
  await page.getByRole('link', { name: 'All practice' }).click();
  await expect(page.getByRole('link', { name: /Leak, or weather/ })).toContainText('1 of 2 right');
  await page.getByRole('link', { name: /enough on the tongue/ }).click();
  await expect(page.getByRole('region', { name: 'Your guess' })).toBeVisible();
});

test('a guess whose numbers were moved is held against what they come to now, or says that they leave it open', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto(`/figures?of=balance&guess=1&seed=${seedFor('balance', 'light')}`);
  const guess = page.getByRole('region', { name: 'Your guess' });
  await page.getByRole('textbox', { name: 'Load 1 behind the coupler' }).fill('10 in');
  await guess.getByRole('button', { name: 'Too much' }).click();
  await expect(page.getByRole('status', { name: 'How it ended' })).toContainText('You have it: too much.');
  await page.getByRole('button', { name: 'Once more, other numbers' }).click();
  await page.getByRole('textbox', { name: 'Load 1 behind the coupler' }).fill('');
  await expect(guess).toContainText('leave it open');
  await expect(guess.getByRole('button', { name: 'Too much' })).toBeDisabled();
});

test('a session of the first course that is a figure begins from its moment and is done with its answer', async ({
  page,
}) => {
  await page.goto('/figures?of=leak&guess=1&session=cold-morning');
  await expect(page.getByText(/Air it up and go/)).toBeVisible();
  await page.getByRole('region', { name: 'Your guess' }).getByRole('button').first().click();
  await page.getByRole('link', { name: 'All practice' }).click();
  await expect(page.getByRole('region', { name: 'First course' })).toContainText('2 of 9');
});
