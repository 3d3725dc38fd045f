/** @jest-environment ./src/testing/environment.cjs */
import { DAY_MS, toSI } from '@/core/base';
import { DRIFTWOOD, setUp, test, type Seeded, type TestPage } from '@/testing';

const TANDEM = { ...DRIFTWOOD, axles: 2 } as const;
const PRESSURE: Seeded = {
  kind: 'rig.changed',
  body: { changes: { 'tires.pressure': { value: toSI(65, 'psi'), source: 'maker' } } },
};

const look = (page: TestPage) => page.getByRole('region', { name: 'The next look' });

/** Begins a trip without its walk, and says how far it goes. */
async function begin(page: TestPage, miles = ''): Promise<void> {
  await page.goto('/walk?trip=begin');
  await page.getByLabel('How far, if you know').fill(miles);
  await page.getByRole('button', { name: 'Begin without the walk' }).click();
  await expect(page.getByRole('button', { name: 'Drive on' })).toBeVisible();
}

/** The newest entry of the log that says so, opened. */
async function entry(page: TestPage, name: RegExp) {
  await page.goto('/logbook');
  await page.getByRole('button', { name }).first().click();
  return page.getByRole('dialog');
}

test('a boat at the ramp: launched in one tap, the rinse stands open, and home knows of it', async ({
  page,
}) => {
  await setUp(page, { ...TANDEM, kind: 'boat' }, [
    { kind: 'rig.changed', body: { changes: { 'environment.water': 'salt' } } },
  ]);
  await begin(page);
  const ramp = page.getByRole('region', { name: 'At the ramp' });
  await ramp.getByRole('button', { name: 'Hubs are cool: count the launch' }).click();
  await expect(ramp.getByText('1 launch counted.')).toBeVisible();
  await expect(ramp.getByRole('link', { name: 'Rinse it' })).toBeVisible();
  await page.getByRole('button', { name: 'Home' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed' }).fill('24');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByText('24 mi logged')).toBeVisible();
  await expect(await entry(page, /Towed 24 mi/)).toContainText('1 launch');
});

test('a trip left open for a week is told and closed with what is known; one that never was is withdrawn', async ({
  page,
}) => {
  await setUp(page, TANDEM, [
    { kind: 'trip.begun', body: {}, ago: 9 * DAY_MS },
    { kind: 'trip.mark', body: { into: toSI(48, 'mi'), by: 'owner' }, ago: 9 * DAY_MS - 3_600_000 },
  ]);
  await page.goto('/walk');
  await expect(page.getByRole('alert').filter({ hasText: 'open since' })).toContainText('48 mi');
  await page.getByRole('button', { name: 'It came home: log it' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox', { name: 'Towed' })).toHaveValue('48');
  await page.keyboard.press('Escape');
  const stands = page.getByRole('button', { name: 'This trip did not happen' });
  await stands.click();
  await expect(page.getByRole('link', { name: 'Begin a trip' })).toBeVisible();
});

test('a metric owner tows in kilometers, bar and degrees Celsius', async ({ page }) => {
  await setUp(page, TANDEM, [PRESSURE]);
  localStorage.setItem('yardline', JSON.stringify({ units: 'metric', yard: 'own' }));
  await begin(page, '290');
  await expect(look(page)).toContainText('40km');
  const figures = page.getByRole('region', { name: 'Figures for the shoulder' });
  await expect(figures).toContainText('5.15 bar');
  await expect(figures).toContainText('136 N·m');
  await expect(page.getByRole('main')).not.toContainText(/ mi\b|psi|°F/);
});
