import { expect, test, type Page } from '@playwright/test';
import { choose, DRIFTWOOD, setUp } from './steps';

test.use({ viewport: { width: 390, height: 844 } });

/** From the Yard to what is seen: one tap, and the safety page. */
async function toSeen(page: Page): Promise<void> {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Trouble' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('People first');
  const go = page.getByRole('button', { name: /^(What do you see|Answer all four)/ });
  await expect(go).toBeDisabled();
  await choose(page, /lane/, 'No');
  await expect(page.getByText('Nobody works here')).toBeVisible();
  await choose(page, /lane/, 'Yes');
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'No');
  await choose(page, /dark/, 'No');
  await go.click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you see?');
}

const verdict = (page: Page) => page.getByRole('status', { name: /^Verdict/ });

test('a hot hub by thermometer: unknown is the strictest, an answer can be changed, and the Yard says stay', async ({
  page,
}) => {
  await toSeen(page);
  await page.getByRole('searchbox', { name: 'Find a trouble' }).fill('bearing');
  await page.getByRole('button', { name: 'Hot hub' }).click();
  await expect(verdict(page)).toContainText('Stay');
  await page.getByRole('textbox', { name: 'Figure' }).fill('180');
  await page.getByRole('button', { name: 'Next' }).click();
  for (const asked of [/^The hub across/, /^The air/]) {
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(asked);
    await page.getByRole('button', { name: 'Not known' }).click();
  }
  await page.getByRole('button', { name: 'None' }).click();
  await page.getByRole('button', { name: 'Drag goes with the brake off' }).click();
  // A closed tab comes back to the same question.
  const touched = /^Was that bearing worked on/;
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(touched);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(touched);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await expect(verdict(page)).toContainText(/Go with care.*at most 25 mi, 45 mph/);
  await expect(verdict(page)).toContainText('after 5 mi, 10 mi, 15 mi, 20 mi, 25 mi');
  await page.getByRole('button', { name: 'Change the last answer' }).click();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await page.getByRole('button', { name: 'Rough, metal, dry or blue' }).click();
  await expect(verdict(page)).toContainText('Stay');
  await page.getByLabel('Where on the rig').selectOption('1R');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Hot hub. Stay');
});

test('a flat on a tandem without a spare: what the other tire would carry decides; lights lead to the finder', async ({
  page,
}) => {
  await toSeen(page);
  await page.getByRole('button', { name: 'Flat or blow-out' }).click();
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await page.getByRole('button', { name: 'Two or three' }).click();
  await page.getByRole('button', { name: 'Nothing' }).click();
  await expect(verdict(page)).toContainText(/Creep.*at most 2 mi, 15 mph/);
  for (const [asked, figure] of [
    [/^Load on the good tire/, '1500'],
    [/^What that tire carries/, '2540'],
    [/^Rating of its axle/, '3500'],
  ] as const) {
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(asked);
    await page.getByRole('textbox', { name: 'Figure' }).fill(figure);
    await page.getByRole('button', { name: 'Next' }).click();
  }
  await expect(verdict(page)).toContainText(/Go with care.*at most 25 mi, 35 mph/);
  await page.getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('People first');
});
