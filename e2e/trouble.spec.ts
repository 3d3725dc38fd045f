import { expect, test, type Page } from '@playwright/test';
import type { Seeded } from './by-script';
import { choose, DRIFTWOOD, setUp } from './steps';
import { typeRig } from './type-rig';

test.use({ viewport: { width: 390, height: 844 } });

/** The four answers on the place, for one that is good to work at. */
async function answerSafety(page: Page): Promise<void> {
  await choose(page, 'Where are you?', 'On the road');
  await choose(page, /lane/, 'Yes');
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'No');
  await choose(page, /dark/, 'No');
  await page.getByRole('button', { name: 'What do you see?' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you see?');
}

/** From the Yard to what is seen: one tap, and the safety page. */
async function toSeen(page: Page, rig = DRIFTWOOD, before: readonly Seeded[] = []): Promise<void> {
  await setUp(page, rig, before);
  await page.getByRole('link', { name: 'Trouble' }).click();
  await answerSafety(page);
}

const verdict = (page: Page) => page.getByRole('status', { name: /^Verdict/ });
const ask = (page: Page) => page.getByRole('heading', { level: 1 });
const tap = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click();
/** Answers the question in hand with a figure; the next one may be a moment away. */
const figure = async (page: Page, value: string, asked: RegExp) => {
  await expect(ask(page)).toHaveText(asked);
  await page.getByRole('textbox', { name: 'Figure' }).fill(value);
  await tap(page, 'Next');
};
const stands = (page: Page) => page.getByRole('region', { name: 'What stays open' });
const next = (page: Page, rig = 'Driftwood') => page.getByRole('region', { name: `Next for ${rig}` });

/** A trip home of so many miles, from the Yard. */
async function home(page: Page, miles: string): Promise<void> {
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByLabel('Towed', { exact: true }).fill(miles);
  await page.getByRole('button', { name: /^Log the trip/ }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
}

test('answers tapped faster than they are stored all count', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Trouble' }).click();
  await choose(page, 'Where are you?', 'On the road');
  await expect(page.getByRole('radiogroup', { name: /dark/ })).toBeVisible();
  await page.evaluate(() => {
    const groups = [...document.querySelectorAll('main [role=radiogroup]')].slice(1);
    for (const group of groups) group.querySelector<HTMLElement>('[role=radio]')?.click();
  });
  await expect(page.locator('main [role=radio][aria-checked=true]')).toHaveCount(5);
  // Alone and in the dark two more are asked.
  await choose(page, /Traffic runs/, 'Left');
  await choose(page, /Lamps on you/, 'Yes');
  await expect(page.getByRole('button', { name: 'What do you see?' })).toBeEnabled();
});

test('a hot hub: by hand, then by thermometer; unknown is the strictest, an answer can be changed, limits count down', async ({
  page,
}) => {
  await toSeen(page);
  let taps = 0;
  const count = async (name: string | RegExp) => {
    await tap(page, name);
    taps += 1;
  };
  await page.getByRole('searchbox', { name: 'Find a trouble' }).fill('bearing');
  await count('Hot hub');
  await expect(verdict(page)).toContainText('Stay');
  await count(/^1R/);
  await count('Not known');
  await count('One to five seconds');
  await expect(verdict(page)).toContainText(/Go with care.*at most 25 mi, 45 mph/);
  process.stdout.write(`Taps to a first verdict of a hot hub by hand: ${taps} of 5\n`);
  expect(taps).toBeLessThanOrEqual(5);

  await tap(page, 'Change the last answer');
  await tap(page, 'Change the last answer');
  await figure(page, '180', /^Hub temperature/);
  // Over 170 °F neither mate nor air is asked for.
  await tap(page, 'None');
  await tap(page, 'Drag goes with the brake off');
  // A closed tab comes back to the same question.
  const touched = /^Was that bearing worked on/;
  await expect(ask(page)).toHaveText(touched);
  await page.reload();
  await expect(ask(page)).toHaveText(touched);
  await tap(page, 'No');
  await expect(verdict(page)).toContainText('after 5 mi, 10 mi, 15 mi, 20 mi, 25 mi');
  await expect(stands(page)).toContainText('1R: inspect the brake here');

  const told = page.getByText('How it went');
  await told.click();
  // As fast as anybody types: no letter is lost to the disk.
  await page.getByLabel('Into the trip').pressSequentially('sixty');
  await page.getByLabel('Where it was').fill('Rest area at the pass');
  await page.getByLabel('Who helped').fill('A neighbor');
  await tap(page, 'Add it to the log');
  await expect(page.getByText('A number, in mi.')).toBeVisible();
  await page.getByLabel('Into the trip').fill('60');
  await tap(page, 'Add it to the log');

  await expect(next(page)).toContainText('1R: hot hub');
  await expect(next(page)).toContainText('25 mi of 25 mi left at 45 mph at most');
  // A check at its miles, on the Road; a figure below the last one is refused.
  await page.goto('/walk');
  const towed = page.getByRole('region', { name: 'Towed on with' });
  await expect(towed).toContainText('Next check 5 mi after it began');
  await towed.getByRole('button', { name: 'I checked it' }).click();
  await expect(towed.getByLabel('Towed since it began')).toHaveValue('5');
  await towed.getByRole('button', { name: 'As it was' }).click();
  await expect(towed).toContainText('20 mi of 25 mi left');
  await towed.getByRole('button', { name: 'I checked it' }).click();
  await towed.getByLabel('Towed since it began').fill('3');
  await towed.getByRole('button', { name: 'As it was' }).click();
  await expect(towed).toContainText('it cannot be less now');
  // The whole trip is logged at its end: 60 of its miles were before.
  await page.goto('/');
  await home(page, '75');
  await expect(next(page)).toContainText('10 mi of 25 mi left');
  await home(page, '12');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Not fit to tow');
  await expect(next(page)).toContainText('its miles are used up');
  await next(page)
    .getByRole('link', { name: /hot hub/ })
    .click();
  await expect(page.getByText('Its miles are used up')).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByText('1R: hot hub').first()).toBeVisible();
});

test.describe('with the network off', () => {
  test.use({ serviceWorkers: 'allow' });

  test('trouble is told and stands, and the kit is marked', async ({ page, context }) => {
    await page.goto('/');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await typeRig(page, DRIFTWOOD);
    await page.goto('/trouble');
    await answerSafety(page);
    await tap(page, 'It sways');
    await figure(page, '50', /^Speed it began at/);
    await tap(page, 'No');
    await expect(verdict(page)).toContainText('at most 2 mi, 15 mph');
    await tap(page, 'Found and put right');
    await tap(page, 'Known, inside its window');
    await expect(verdict(page)).toContainText(/at most 25 mi, 40 mph/);
    await tap(page, 'Add it to the log');
    await expect(next(page)).toContainText('it sways');
    await page.goto('/kit');
    await tap(page, /^Vest/);
    await expect(page.getByRole('button', { name: /^Vest/ })).toContainText('Aboard');
  });
});
