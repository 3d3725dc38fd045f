/** @jest-environment ./src/testing/environment.cjs */
import { workOf } from '@/core/log';
import {
  alertOf,
  choose,
  demo,
  drafted,
  DRIFTWOOD,
  failOnce,
  hurried,
  inDays,
  like,
  RECHECK_DUE,
  setUp,
  skipTo,
  test,
  tow,
  type Locator,
  type TestPage,
} from '@/testing';

test('miles: negative, no number, absurd, and very far are each told at the field, and what was typed stays', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const dialog = page.getByRole('dialog');
  const miles = dialog.getByRole('textbox', { name: 'Towed', exact: true });
  for (const [typed, told] of [
    ['', 'A figure is missing'],
    ['-12', 'Miles cannot be negative'],
    ['far', 'This is not a number'],
    ['12 psi', 'This is measured in mi, not in psi'],
    ['99999', 'farther than once around the Earth'],
  ] as const) {
    await miles.fill(typed);
    await page.getByRole('button', { name: 'Log the trip' }).click();
    await expect(dialog.getByRole('alert')).toContainText(told);
    await expect(miles).toHaveValue(typed);
    await expect(miles).toHaveAttribute('aria-invalid', 'true');
  }
  await miles.fill('1800');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(dialog.getByRole('alert')).toContainText('very far for one trip');
  await page.getByRole('button', { name: 'It is right: log the trip' }).click();
  await expect(dialog).toContainText('1,800 mi logged');
});

test('a day that has not come yet is refused', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('textbox', { name: 'Towed', exact: true }).fill('10');
  await page.getByRole('button', { name: /Another day/ }).click();
  await page.getByLabel('Day it ended').fill('2099-01-01');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('That day has not come yet');
});

test('a meter that runs backwards: a typing error, or another meter', async ({ page }) => {
  await setUp(page, { ...DRIFTWOOD, meter: 21_480 });
  await page.getByRole('button', { name: 'Home again' }).click();
  const reading = page.getByLabel("The trailer's meter reads");
  await reading.fill('2150');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('The meter read 21,480 mi before');
  await page.getByRole('button', { name: 'Typing error' }).click();
  await expect(reading).toBeFocused();
  await reading.fill('21 520');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(alertOf(page)).toContainText('This is not a number');
  await reading.fill('21520');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('40 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();

  await page.getByRole('button', { name: 'Home again' }).click();
  await reading.fill('12');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'It is another meter' }).click();
  await page.getByLabel('Towed on this trip').fill('30');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('30 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('70 mi on record');
});

test('a torque outside the usual range asks again and keeps what was typed; a figure without a source is not taken', async ({
  page,
}) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByText('Give it a name')).toBeVisible();
  await expect(page.getByText('Choose the kind')).toBeVisible();
  await page.getByLabel('Name').fill('Gull');
  await choose(page, 'Kind', 'Utility');
  await choose(page, 'Studs on one wheel', '5');
  await choose(page, 'Stud diameter, in', '1/2');
  const torque = page.getByLabel('Lug torque', { exact: true });
  await torque.fill('160');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByText('Usual for 1/2 in studs is 90 lbf·ft to 120 lbf·ft')).toBeVisible();
  await expect(page.getByText('Say where this figure comes from.')).toBeVisible();
  await expect(torque).toHaveValue('160');
  await choose(page, 'Lug torque comes from', 'My guess');
  await expect(page.getByText('A guess is kept as a guess')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('160 lbf·ft, a guess');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^All \d+ reasons/ }).click();
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText(
    'Lug torque is a guess: 160 lbf·ft',
  );
});

test('when the device cannot store it, nothing is lost and nothing is claimed', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const miles = page.getByRole('dialog').getByRole('textbox', { name: 'Towed' });
  await miles.fill('120');
  failOnce('add');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByText(/could not store this, so it is not logged/)).toBeVisible();
  await expect(miles).toHaveValue('120');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('120 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('120 mi on record');
});

test('a walk goes on after a tap that the device could not store, and taking back says when it fails', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/walk?walk=hitch');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const first = page.locator('main button[aria-pressed]').first();
  await expect(first).toBeVisible();
  failOnce('put');
  await first.click();
  await expect(page.getByText(/could not store this/)).toBeVisible();
  await expect(first).toHaveAttribute('aria-pressed', 'false');
  await first.click();
  await expect(first).toHaveAttribute('aria-pressed', 'true');

  await page.goto('/');
  await tow(page, '12');
  failOnce('add');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Trip logged' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await expect(page.getByText(/could not store this/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('12 mi on record');
});

test('a form keeps the units it was opened in, whatever another tab is set to', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  const miles = page.getByRole('dialog').getByRole('textbox', { name: 'Towed' });
  await miles.fill('100');
  like({ units: 'metric' });
  await expect(page.getByText(/km on record/)).toBeVisible();
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await expect(page.getByRole('dialog')).toContainText('100 mi logged');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('161 km on record');
});

test('a step begun in one system of units and taken up in the other keeps what was typed', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench?jobs=pressures:rig');
  await page.getByRole('button', { name: 'Start the card' }).click();
  const pressure = page.getByLabel(/^Pressure/);
  await pressure.fill('65');
  await drafted(page, '65');
  const card = page.url();
  await page.goto('/keep');
  await page.getByRole('radio', { name: /^Metric/ }).click();
  await expect(page.getByRole('radio', { name: /^Metric/ })).toBeChecked();
  await page.goto(card);
  await expect(pressure).toHaveValue('65');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/^step 2 of/)).toBeVisible();
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\?rig=/);
  await page.goto('/logbook');
  await page
    .getByRole('button', { name: /ressures set/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toContainText('Cold pressure 4.48 bar');
});

test('a form half filled in is there again after the tab was closed', async ({ page }) => {
  await page.goto('/setup');
  await page.getByLabel('Name').fill('Half told');
  await page.getByRole('radio', { name: 'Boat goes' }).click();
  await drafted(page, 'boat');
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue('Half told');
  await expect(page.getByRole('radio', { name: 'Boat goes' })).toBeChecked();
});

test('what was done before can be told from memory', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'I know when it was done' }).first().click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(alertOf(page)).toContainText('Enter the day');
  await page.getByLabel('Day', { exact: true }).fill(inDays(-90));
  await page.getByLabel('All wheel ends on the same day').check();
  // Only what its owner ticks is known with it.
  await page.getByLabel('Rocked and spun').check();
  await page.getByRole('button', { name: 'Note it' }).click();
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).not.toContainText('Repack');
  await page.getByRole('button', { name: /^1R,/ }).first().click();
  for (const name of [/Clear.*Repack 1R/, /Clear.*Rock and spin 1R/, /Unknown.*Measure brakes 1R/])
    await expect(page.getByRole('dialog').getByRole('button', { name })).toBeVisible();
});

test('three taps and a number log a trip, and say what became due and why', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'I know when it was done' }).first().click();
  await page.getByLabel('Day', { exact: true }).fill(inDays(-20));
  await page.getByLabel('Towed since').fill('11,950');
  await page.getByRole('button', { name: 'Note it' }).click();

  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox').first()).toBeFocused();
  await page.keyboard.type('120');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('120 mi logged');
  await expect(dialog).toContainText('Repack 1L');
  await expect(dialog).toContainText('12,070 mi since the repack');
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await tow(page, '5');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('Towed 5 mi');
});

test('a duty that waits says when it is likely to fall due, as the rig has been towed', async ({ page }) => {
  demo();
  await page.goto('/');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText(
    'Due May 23. It falls due on the trip planned for May 23, about 19 mi out.',
  );
  await sheet.getByRole('button', { name: /Repack 1L/ }).click();
  await expect(sheet).toContainText('Due May 2, 2027.');
  await sheet.getByRole('button', { name: /Rock and spin 1L/ }).click();
  await expect(sheet).toContainText(/Likely about .*; 8 times in 10 between .* and /);
});

test('a boat counts its launches with the trip', async ({ page }) => {
  await setUp(page, { name: 'Heron', kind: 'boat', hub: 'pressure-cap', studs: 5, torque: 90 });
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox').first()).toBeFocused();
  await page.keyboard.type('24');
  await page.getByRole('button', { name: 'Launches: more' }).click();
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('Towed 24 mi, 2 launches');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('24 mi on record, 2 launches');
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
  demo();
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

test('a sheet half typed is there again, in the units it was typed in, until it is sent or begun afresh', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const sheet = page.getByRole('dialog');
  const towed = sheet.getByRole('textbox', { name: 'Towed', exact: true });
  await page.getByRole('button', { name: 'Home again' }).click();
  await towed.fill('33');
  await drafted(page, '33');
  like({ units: 'metric' });
  await page.reload();
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(towed).toHaveValue('33');
  await expect(sheet).toContainText('As you left it today.');
  await expect(sheet.getByText('mi', { exact: true }).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Start over' }).click();
  await expect(towed).toHaveValue('');
  await expect(sheet.getByText('km', { exact: true }).first()).toBeVisible();
  await towed.fill('50');
  await sheet.getByRole('button', { name: 'Log the trip' }).click();
  await expect(sheet).toContainText('50 km logged');
  await page.reload();
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(towed).toHaveValue('');
});

test('a clock behind the newest entry is told as a difference, until it is said to be right', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [{ kind: 'note', body: { text: 'from tomorrow' }, ago: -26 * 3_600_000 }]);
  const note = page.getByRole('alert').filter({ hasText: 'Is this device’s clock right?' });
  await expect(note).toContainText(/25 h 5\d min later|26 h later|1 day|25 h/);
  await note.getByRole('button', { name: 'This clock is right' }).click();
  await expect(note).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(note).toHaveCount(0);
});

test('a reading begun afresh holds no figure that nobody sees', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  const sheet = page.getByRole('dialog');
  const open = async () => {
    await page.goto('/end?place=1L');
    await page.getByRole('button', { name: 'Read something here' }).click();
  };
  await open();
  await sheet.getByRole('textbox', { name: /^Cold pressure/ }).fill('31');
  await drafted(page, '31');
  await open();
  await expect(sheet.getByRole('textbox', { name: /^Cold pressure/ })).toHaveValue('31');
  // One tap right after the other.
  await hurried(async () => {
    await sheet.getByRole('button', { name: 'Start over' }).click();
    await sheet.getByRole('button', { name: 'Add it to the log' }).click();
  });
  await expect(sheet.getByText('Type a figure first, or close this.')).toBeVisible();
});

/** Counts the taps of a journey; what is typed is no tap. */
function counted() {
  const counter = {
    taps: 0,
    async tap(target: Locator) {
      await target.click();
      counter.taps += 1;
    },
    /** Prints them, and holds them to what was promised. */
    within(journey: string, most: number) {
      process.stdout.write(`Taps of ${journey}: ${counter.taps} of ${most}\n`);
      expect(counter.taps).toBeLessThanOrEqual(most);
    },
  };
  return counter;
}

test('a recheck is two taps', async ({ page }) => {
  await setUp(page, DRIFTWOOD, RECHECK_DUE);
  const count = counted();
  await count.tap(
    page
      .getByRole('region', { name: 'Next for Driftwood' })
      .getByRole('button', { name: 'Recheck', exact: true }),
  );
  await count.tap(page.getByRole('dialog').getByRole('button', { name: 'All held' }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  count.within('a recheck', 2);
});

test('a trip home is three taps and a number', async ({ page }) => {
  await setUp(page, DRIFTWOOD, RECHECK_DUE);
  const count = counted();
  await count.tap(page.getByRole('button', { name: 'Home again' }));
  await page.getByLabel('Towed', { exact: true }).fill('120');
  await count.tap(page.getByRole('button', { name: /^Log the trip/ }));
  await count.tap(page.getByRole('button', { name: 'Back to the Yard' }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  count.within('a trip home, beside its miles', 3);
});

test('what was logged by mistake is taken back from the note that says so', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed' }).fill('400');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
  const lately = page.getByRole('region', { name: 'Recent' });
  await expect(lately).toContainText('400 mi on record');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Trip logged' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await expect(lately).toContainText('0 mi on record');
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Towed 400 mi\s*withdrawn/ })).toBeVisible();
});

/** How many entries the log holds, however it is filtered. */
async function entries(page: TestPage): Promise<number> {
  await page.goto('/logbook');
  const told = await page.getByText(/\d+ entr(y|ies)\./).innerText();
  return Number(/(\d+) entr/.exec(told)?.[1]);
}

test('every sheet that writes to the log writes once, however it is tapped', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  const sheet = page.getByRole('dialog');
  const sheets = [
    {
      button: /^Log the trip/,
      open: async () => {
        await page.goto('/');
        await page.getByRole('button', { name: 'Home again' }).click();
        await page.getByLabel('Towed', { exact: true }).fill('50');
      },
    },
    {
      button: 'Open the finding',
      open: async () => {
        await page.goto('/');
        await page.getByRole('button', { name: 'Something is not right' }).click();
        await sheet.getByRole('textbox', { name: 'What' }).fill('hums');
        await sheet.getByRole('radio', { name: /^Watch/ }).click();
      },
    },
    {
      button: 'Save it',
      open: async () => {
        await page.goto('/logbook');
        await page.getByRole('button', { name: 'Write a note' }).click();
        await sheet.getByRole('textbox').fill('a note');
      },
    },
  ];
  for (const { button, open } of sheets) {
    const before = await entries(page);
    await open();
    const target = await sheet.getByRole('button', { name: button }).one();
    await hurried(async () => {
      for (let taps = 0; taps < 3; taps++) (target as HTMLElement).click();
    });
    await expect(sheet.getByRole('button', { name: button })).toHaveCount(0);
    expect([String(button), await entries(page)]).toEqual([String(button), before + 1]);
  }
});

const after = (ms: number) => new Promise((done) => setTimeout(done, ms));

test('a nut that moved, tapped twice, moved once', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [
    {
      kind: 'work',
      body: {
        ...workOf([{ routine: 'repack', place: '1R' }]),
        refits: [{ place: '1R', limits: [16_093, 40_233], threads: 'dry' }],
      },
    },
    ...RECHECK_DUE,
  ]);
  await page.getByRole('button', { name: 'Recheck', exact: true }).first().click();
  const moved = page.getByRole('dialog').getByRole('button', { name: 'Moved, half a flat at most' }).first();
  await moved.click();
  // The wheel stays in the list, its miles begun again: there the second half of the tap comes down.
  await expect(page.getByRole('dialog').getByText(/10 mi left/)).toBeVisible();
  const again = (await moved.one()) as HTMLElement;
  await after(90);
  again.click();
  await after(400);
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Lug recheck 1L: a nut moved/ })).toHaveCount(1);
});
