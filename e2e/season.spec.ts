import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { inDays } from './days';
import { alertOf, choose, DRIFTWOOD, setUp } from './steps';

const demo = (page: Page) =>
  page.addInitScript(() => localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' })));

test('the season is told once, and its work becomes a list that is ticked off', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'When do you tow?' })).toBeVisible();
  await page.getByRole('button', { name: 'Set your season' }).click();
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('without one there is no date for spring');
  // A season that began a month ago and goes on for half a year: its spring work is late.
  await page.getByLabel('First trips about').fill(inDays(-30));
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('Enter the day it ends as well');
  await page.getByLabel('Laid up by').fill(inDays(150));
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('heading', { name: /^Spring commissioning: .* late since/ })).toBeVisible();

  const spring = page.getByRole('region', { name: 'Spring commissioning' });
  const lights = spring.getByRole('listitem').filter({ hasText: /^Lights/ });
  await expect(lights).toContainText('no record yet');
  await lights.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Done and good' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(lights).toContainText('done');
  await expect(lights.getByRole('button')).toHaveCount(0);
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Lights tested/ })).toBeVisible();
});

test('a round is logged place by place: what is not right opens a finding, what is not marked stays as it was', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await next.getByRole('button', { name: /^\d+ more$/ }).click();
  const gear = next
    .getByRole('listitem')
    .filter({ hasText: /Inspect the hitch ball/ })
    .first();
  await gear.getByRole('button', { name: 'Mark it done' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Log what is marked' }).click();
  await expect(alertOf(page)).toContainText('Mark at least one place');
  await sheet.getByRole('button', { name: 'Good', exact: true }).first().click();
  await sheet.getByRole('button', { name: 'Not right' }).nth(1).click();
  await sheet.getByRole('button', { name: 'Log what is marked' }).click();
  await expect(alertOf(page).first()).toContainText('Say what it is');
  await sheet.getByRole('textbox', { name: /^What is not right/ }).fill('crack at the weld');
  await choose(page, 'How bad', 'Stop');
  await sheet.getByRole('button', { name: 'Log what is marked' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(next).toContainText('Ball mount: crack at the weld');
  await expect(next).toContainText(/Inspect the receiver, the .* and \d+ more/);
});

test('a shop had the wheels off: torque is checked by the owner, then rechecks begin', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Something was done to it' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Add it to the log' }).click();
  await expect(alertOf(page)).toContainText('Choose what was done');
  await choose(page, 'What', 'A shop had wheels off');
  await page.getByRole('dialog').getByRole('button', { name: 'Add it to the log' }).click();
  await expect(alertOf(page)).toContainText('Mark the wheels');
  await page.getByRole('dialog').getByRole('button', { name: '1L', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Add it to the log' }).click();
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  const row = next.getByRole('listitem').filter({ hasText: 'Lug torque 1L' });
  await expect(row).toContainText('at once');
  await row.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Done and good' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(next).toContainText('Lug recheck 1L');
  await expect(next).toContainText('10 mi left');
});

test('work that takes a wheel off by hand opens its rechecks, and a bad hub pulls its repack forward', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  const sheet = page.getByRole('dialog');
  const block = sheet.locator('section').filter({ hasText: 'Measure brakes 1L' });
  await block.getByRole('button', { name: /Measure brakes 1L/ }).click();
  await block.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByRole('dialog')).toContainText('its rechecks open');
  await page.getByRole('button', { name: 'Done and good' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText('Lug recheck 1L');

  await page.getByRole('button', { name: /^1R,/ }).first().click();
  const look = sheet.locator('section').filter({ hasText: 'Rock and spin 1R' });
  await look.getByRole('button', { name: /Rock and spin 1R/ }).click();
  await look.getByRole('button', { name: 'Mark it done' }).click();
  await choose(page, /^Rock/, 'Clunks');
  await choose(page, /^Spin/, 'Free and even');
  await page.getByRole('button', { name: 'Log the check' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(next).toContainText('put right by repack 1R');
  await page.getByRole('link', { name: 'Start the work' }).click();
  await expect(page.getByRole('button', { name: 'Start the card' })).toBeVisible();
});

test('a trip ahead says beforehand what falls due on the way, and can be called off', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Fit for a trip ahead?' }).click();
  await page.getByLabel('Towed, there and back').fill('180');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(alertOf(page)).toContainText('Enter the day it starts');
  await page.getByLabel('Day it starts').fill(inDays(-2));
  await expect(alertOf(page)).toContainText('That day is over');
  await page.getByLabel('Day it starts').fill(inDays(3));
  await page.getByLabel('Name').fill('hay to the farm');
  await expect(page.getByRole('dialog')).toContainText('not known to be fit until');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText(
    '180 mi: not known to be fit',
  );
  await page.goto('/plan');
  const trips = page.getByRole('region', { name: 'Trips ahead' });
  await expect(trips).toContainText('hay to the farm');
  await trips.getByRole('button', { name: 'Call it off' }).click();
  await expect(trips).toContainText('None planned');
});

test('work is put off with a reason and a limit, and not past what is safe', async ({ page }) => {
  await demo(page);
  await page.goto('/?rig=018bf000-0000-7000-8000-000000000003');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Put it off' }).first().click();
  await page.getByRole('button', { name: 'Put it off', exact: true }).click();
  await expect(alertOf(page).first()).toContainText('Say why');
  await page.getByRole('textbox', { name: 'Why' }).fill('seals on their way');
  await page.getByLabel('Until').fill('2027-05-01');
  await page.getByRole('button', { name: 'Put it off', exact: true }).click();
  await expect(alertOf(page)).toContainText('where waiting stops being safe');
  await page.getByLabel('Until').fill('2026-06-10');
  await page.getByRole('button', { name: 'Put it off', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('Put off May 16 until Jun 10: seals on their way.');
});

test('the calendar file has a day for each routine, and the same identifiers when it is saved again', async ({
  page,
}) => {
  await demo(page);
  await page.goto('/plan?rig=018bf000-0000-7000-8000-000000000001');
  const save = page.getByRole('button', { name: 'Save the calendar file' });
  // The forecast is worked out first, on a thread of its own.
  await expect(save).toBeEnabled();
  const uids = async () => {
    const download = page.waitForEvent('download');
    await save.click();
    const text = readFileSync(await (await download).path(), 'utf8');
    return { text, uids: [...text.matchAll(/^UID:(.*)\r$/gm)].map(([, uid]) => uid).sort() };
  };
  const first = await uids();
  expect(first.text).toContain('SUMMARY:Juniper: Repack 1L');
  expect(first.text.replace(/\r\n /g, '')).toContain('Likely about');
  expect(new Set(first.uids).size).toBe(first.uids.length);
  expect(first.uids.length).toBeGreaterThan(15);
  expect((await uids()).uids).toEqual(first.uids);
});

test('miles by the tow vehicle, and a trip that overlaps another is asked about', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('button', { name: "By the tow vehicle's readings instead" }).click();
  await page.getByLabel('Tow vehicle, going out').fill('41,200');
  await page.getByLabel('And home again').fill('41,080');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('reads less than it did going out');
  await page.getByLabel('And home again').fill('41,320');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('120 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();

  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('button', { name: "By the tow vehicle's readings instead" }).click();
  await page.getByLabel('Tow vehicle, going out').fill('41,250');
  await page.getByLabel('And home again').fill('41,300');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('These readings overlap those of the trip');
  await page.getByRole('button', { name: 'It is right: log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('50 mi logged');
});
