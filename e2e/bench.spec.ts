import { expect, test } from '@playwright/test';
import { drafted, skipTo } from './by-script';
import { alertOf, DRIFTWOOD, setUp, startRepack, tow, typeThrough, workTo } from './steps';

test('a repack in safe order, from chocks to final torque, to its entry and its rechecks', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');

  const first = [...(await workTo(page, /Take the cap off/)), ...(await skipTo(page, /Set the nut/))];
  const at = (title: RegExp) => first.findIndex((one) => title.test(one));
  expect(at(/Park on firm/)).toBe(0);
  expect(at(/Chock the right wheels/)).toBeLessThan(at(/Break the nuts loose/));
  expect(at(/Break the nuts loose/)).toBeLessThan(at(/Raise 1L/));
  expect(at(/Stand under/)).toBeLessThan(at(/Nuts off, wheel off/));

  // Set at a slot: end play from pitch and slots stands beside the rock, which decides.
  await page.getByRole('radio', { name: /^1\b.*0\.012 in/ }).click();
  await expect(page.getByText(/Works out over 0\.001 in to 0\.010 in/)).toBeVisible();
  await expect(page.getByText(/^Due\./)).toHaveCount(0);
  await page.getByRole('radio', { name: /1\/2.*0\.006 in/ }).click();
  await expect(page.getByText(/^Clear\. Inside 0\.001 in to 0\.010 in/)).toBeVisible();
  await expect(page.getByText('Window: house rule')).toBeVisible();

  await page.getByRole('button', { name: 'Set, the pin goes in' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Lock the nut');
  await skipTo(page, /Star round at 100 lbf·ft/);
  await expect(page.getByRole('img', { name: /^Star of 5 nuts/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Nut 1 is tight' }).click();
  await expect(page.getByRole('img', { name: /Nut 2 of 5 is next/ }).first()).toBeVisible();

  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug recheck 1L');

  await page.goto('/logbook');
  await page.getByRole('button', { name: /Repacked 1L/ }).click();
  const entry = page.getByRole('dialog');
  await expect(entry).toContainText('end play worked out 0.006 in');
  await expect(entry).toContainText('Grease: lithium complex');
  await expect(entry).toContainText('Lug rechecks opened at 10 mi, 25 mi and 50 mi');
});

test('closing the tab anywhere and coming back returns to the same step', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await skipTo(page, /Grade the spindle/);
  await page.getByRole('radio', { name: 'Faint line at the seal' }).click();
  await drafted(page, 'line');
  const url = page.url();
  await page.close();

  const again = await context.newPage();
  await again.goto('/');
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(again.getByText(/Work on 1R is open/).first()).toBeVisible();
  await again.getByRole('link', { name: 'Go on with the work' }).click();
  await expect(again).toHaveURL(url);
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('Grade the spindle of 1R');
  await expect(again.getByRole('radio', { name: 'Faint line at the seal' })).toBeChecked();
});

test('two tabs on one card: a tap counts once', async ({ page, context }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByText(/^step 1 of/)).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/^step 2 of/)).toBeVisible();
  await expect(other.getByText(/^step 2 of/)).toBeVisible();
});

test('rechecks come due as trips are logged; one is two taps', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  await typeThrough(page);
  await page.getByRole('button', { name: 'Close and log it' }).click();

  await tow(page, '8');
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText('2 mi left');
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox').first()).toBeFocused();
  await page.keyboard.type('4');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('Lug recheck 1L');
  await expect(page.getByRole('dialog')).toContainText('recheck at 10 mi');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();

  await next.getByRole('button', { name: 'Recheck', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'All held' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(next).toContainText('13 mi left');

  await tow(page, '15');
  await next.getByRole('button', { name: 'Recheck', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Loose' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(next).toContainText('1L: nuts at torque: loose by hand');
});

test('end play without pitch is not invented, and is there once the pitch is told', async ({ page }) => {
  const { spindle: _, ...bare } = DRIFTWOOD;
  await setUp(page, bare);
  await startRepack(page, '1L');
  await skipTo(page, /Set the nut/);
  await page.getByRole('radio', { name: /^1\/2/ }).click();
  await expect(page.getByText('End play cannot be computed:')).toBeVisible();
  await page.getByRole('button', { name: 'Enter it now' }).click();
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByText('A figure is missing here.')).toBeVisible();
  await page.getByLabel('Spindle thread').fill('14');
  await page.getByRole('radio', { name: 'Marked or measured' }).click();
  await page.getByRole('button', { name: 'Use it' }).click();
  await page.getByLabel('Slots in the spindle nut').fill('6');
  await page.getByRole('radio', { name: 'Marked or measured' }).click();
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByRole('radio', { name: /^1\b.*0\.012 in/ })).toBeVisible();
  await expect(page.getByText(/^step \d+ of/)).toBeVisible();
});

test('what is wrong is kept with the card and opens a finding; what is left out says why', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  await skipTo(page, /Take the wheel cover off/);
  await page.getByRole('button', { name: 'Leave out' }).click();
  await page.getByRole('button', { name: 'This rig has none' }).click();
  await skipTo(page, /Start all 5 nuts/);
  await page.getByLabel('Nuts started by hand').fill('4');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(alertOf(page)).toContainText('There are 5 studs');
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  // How bad it is, nobody is asked: a broken stud is a stop.
  await page.getByRole('button', { name: 'A stud breaks, or is broken' }).click();
  await typeThrough(page);
  await expect(page.getByText('This rig has none')).toBeVisible();
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText('a stud is broken');
});

test('a card begun by mistake can be dropped, but not once a nut is loose', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Drop it' }).click();
  await expect(page.getByText('Open on the bench')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await page.getByRole('link', { name: 'Go on' }).click();
  await skipTo(page, /Raise 1L/);
  await page.goto('/bench');
  await expect(page.getByText('Not fit to tow until it is closed')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Drop it' })).toHaveCount(0);
});
