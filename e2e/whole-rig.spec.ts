import { expect, test, type Page } from '@playwright/test';
import { alertOf, choose, DRIFTWOOD, setUp, startRepack, tellFact, workTo } from './steps';

/** Tabs on until something named so has the focus; a person without a mouse has no other way. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const on = document.activeElement;
      if (!on) return '';
      const labelled = on instanceof HTMLInputElement ? (on.labels?.[0]?.textContent ?? '') : '';
      const group = on.closest('[role=radiogroup]')?.getAttribute('aria-label') ?? '';
      return [group, labelled, on.getAttribute('aria-label') ?? '', on.textContent].join(' | ');
    });
    if (name.test(at)) return;
  }
  throw new Error(`Nothing named ${String(name)} can be reached by Tab`);
}

/** Moves to a choice in the group that has the focus. */
async function arrowTo(page: Page, option: RegExp): Promise<void> {
  const chosen = () =>
    page.evaluate(() => {
      const on = document.activeElement;
      return on?.getAttribute('aria-checked') === 'true' ? (on.textContent ?? '') : '';
    });
  // A group with nothing chosen is entered on its first choice, which Space takes.
  await page.keyboard.press('Space');
  for (let i = 0; i < 12; i++) {
    if (option.test(await chosen())) return;
    await page.keyboard.press('ArrowRight', { delay: 60 });
  }
  throw new Error(`No choice ${String(option)}`);
}

test('three axles, torsion, oil bath, disc brakes: set up and filled in by keyboard alone', async ({
  page,
}) => {
  await page.goto('/setup');
  await expect(page.getByRole('heading', { name: 'Your trailer' })).toBeVisible();
  await tabTo(page, /Name/);
  await page.keyboard.type('Long Haul');
  await tabTo(page, /^Kind \|/);
  await arrowTo(page, /^RV/);
  await tabTo(page, /^Axles \|/);
  await arrowTo(page, /^Three axles/);
  await tabTo(page, /^Suspension \|/);
  await arrowTo(page, /^Torsion/);
  for (const axle of [1, 2, 3]) {
    await tabTo(page, new RegExp(`^Brakes, axle ${axle}`));
    await arrowTo(page, /^Hydraulic disc/);
  }
  await tabTo(page, /^Hub \|/);
  await arrowTo(page, /^Oil bath/);
  await tabTo(page, /^Studs on one wheel \|/);
  await arrowTo(page, /^8/);
  await tabTo(page, /\| Lug torque \|/);
  await page.keyboard.type('140');
  await tabTo(page, /^Stud diameter/);
  await arrowTo(page, /^9\/16/);
  await tabTo(page, /^Lug torque comes from \|/);
  await arrowTo(page, /^Maker's/);
  await tabTo(page, /^Spares carried \|/);
  await arrowTo(page, /^2/);
  await tabTo(page, /Put it on the Yard/);
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  for (const place of ['1L', '1R', '2L', '2R', '3L', '3R'])
    await expect(page.getByRole('button', { name: new RegExp(`^${place},`) }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^S2, spare/ }).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next for Long Haul' })).toContainText(
    'Rock and spin 1L, 1R, 2L, 2R, 3L, 3R',
  );

  await tabTo(page, /Facts and figures/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('facts known');
  await tabTo(page, /Brake pressure comes from/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await tabTo(page, /^Brake pressure comes from \|/);
  await arrowTo(page, /^Electric over hydraulic/);
  await page.keyboard.press('Enter');
  await tabTo(page, /Save it/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Brakes' })).toContainText('Electric over hydraulic');

  // The drawing's own list is the way to every piece of gear.
  await page.goto('/');
  const elsewhere = page.getByRole('combobox', { name: 'Elsewhere on the rig' });
  await elsewhere.focus();
  await elsewhere.selectOption('Coupler');
  await expect(page.getByRole('dialog')).toContainText('seats on the ball');
});

test('a layout sets structure and no figure; what is missing says what it unlocks', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('radio', { name: /^Flatbed, two axles/ }).click();
  await page.getByLabel('Name').fill('Driftwood');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(page.getByText('Lug torque not known')).toBeVisible();
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  const hubs = page.getByRole('region', { name: 'Hubs and spindles' });
  await expect(hubs).toContainText('Spindle thread');
  await expect(hubs).toContainText('unlocks end play per slot of the nut');
  await tellFact(page, 'Spindle thread', async () => {
    await page.getByRole('textbox', { name: 'Spindle thread' }).fill('14');
    await choose(page, 'It comes from', 'My guess');
  });
  await expect(hubs).toContainText('a guess: 14 threads per inch');

  // One axle told apart from the other.
  await hubs.getByRole('button', { name: /^Hub/ }).click();
  await choose(page, 'For', 'Axle 2');
  await choose(page, 'Hub', 'Drilled spindle');
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(hubs).toContainText('axle 1: not known and axle 2: Drilled spindle');
});

test('what contradicts is pointed out, may be insisted on, and then stands as a finding', async ({
  page,
}) => {
  await setUp(page, { ...DRIFTWOOD, brakes: 'hydraulic-disc' });
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await page.getByRole('button', { name: /^Wires at the backing plates/ }).click();
  await choose(page, 'Wires at the backing plates', 'Yes');
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(alertOf(page)).toContainText('disc brakes with wires or magnets');
  await expect(alertOf(page)).toContainText('Disc brakes work by fluid');
  await page.getByRole('button', { name: 'Save it anyway' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: /^Wheel adapters installed/ }).click();
  await choose(page, 'Wheel adapters installed', 'Yes');
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(alertOf(page)).toContainText('Wheel adapters without a torque');
  await page.getByRole('button', { name: 'Save it anyway' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText('Wheel adapters without a torque');
  // Told, it is gone.
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await tellFact(page, 'Torque of the adapter nuts', async () => {
    await page.getByRole('textbox', { name: 'Torque of the adapter nuts' }).fill('90');
    await choose(page, 'It comes from', "Maker's");
  });
  await page.goto('/');
  await expect(next).not.toContainText(/wheel adapters/i);
});

test('a guessed torque asks before it is worked to, and stays on the Yard as torque to figure', async ({
  page,
}) => {
  const { torque: _, ...bare } = DRIFTWOOD;
  await setUp(page, bare);
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await tellFact(page, 'Lug torque', async () => {
    await page.getByRole('textbox', { name: 'Lug torque' }).fill('100');
    await choose(page, 'It comes from', 'My guess');
    // A guess is pointed out as one; it may be kept.
    await page.getByRole('button', { name: 'Save it', exact: true }).click();
    await expect(alertOf(page)).toContainText('Do not tighten to a guess');
    await page.getByRole('button', { name: 'Save it anyway' }).evaluate((one) => {
      one.textContent = 'Save it';
    });
  });
  await page.goto('/bench');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await expect(page.getByText('The lug torque is only a guess')).toBeVisible();
  const start = page.getByRole('button', { name: 'Start the card' });
  await expect(start).toBeDisabled();
  await page.getByRole('button', { name: 'Work to the guess' }).click();
  await start.click();
  await expect(page.getByRole('button', { name: 'Pause this job' })).toBeVisible();
});

test('brakes are asked for before a card, hub and lock once the cap is off', async ({ page }) => {
  await setUp(page, { name: 'Wren', kind: 'utility', studs: 5, torque: 95 });
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('link', { name: 'Start the repack' }).click();
  await expect(page.getByText('Before 1L is opened:')).toBeVisible();
  await choose(page, 'Brakes', 'None');
  await page.getByRole('button', { name: 'Use it' }).click();
  await page.getByRole('button', { name: 'Start the card' }).click();
  await workTo(page, /^What is behind the cap of 1L/);
  await expect(page.getByRole('button', { name: 'Done' })).toBeDisabled();
  await expect(page.getByRole('radio', { name: 'Sealed for years' })).toHaveCount(0);
  for (const [ask, option] of [
    ['Hub', 'Drilled spindle'],
    ['The nut is locked by', 'Cotter pin'],
  ] as const) {
    await choose(page, ask, option);
    await page.getByRole('button', { name: 'Use it' }).click();
  }
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('Take the cotter pin out on 1L');
  await workTo(page, /^Find and mark the pin hole/);
});

test('a rig is copied, retired and brought back', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await page.getByRole('link', { name: 'Copy this rig' }).click();
  await page.getByLabel('Name').fill('Driftwood II');
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  const rigs = page.getByRole('navigation', { name: 'Rigs' });
  await expect(rigs.getByRole('link', { name: 'Driftwood II' })).toBeVisible();
  // Facts are copied, with their sources; the first thing asked for is not asked again.
  await page.getByRole('link', { name: 'Facts and figures' }).click();
  await expect(page.getByRole('region', { name: 'Hubs and spindles' })).toContainText('14 threads per inch');
  await page.getByRole('button', { name: 'Retire this rig' }).click();
  await page.getByLabel('Why, if you like').fill('lent to a neighbor');
  await page.getByRole('button', { name: 'Retire it' }).click();
  await expect(rigs.getByRole('link', { name: 'Driftwood II' })).toHaveCount(0);
  await page.goto('/keep');
  await expect(page.getByText('lent to a neighbor')).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('lent to a neighbor')).toHaveCount(0);
  await page.goto('/');
  await expect(rigs.getByRole('link', { name: 'Driftwood II' })).toBeVisible();
});

test('the drawing takes a tap beside a small piece of gear for it, and a finding is opened there', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await setUp(page, { ...DRIFTWOOD, kind: 'boat' });
  const plan = page.getByRole('group', { name: 'Driftwood from above' }).last();
  const box = await plan.boundingBox();
  if (!box) throw new Error('no drawing');
  await page.mouse.click(box.x + box.width / 2, box.y + 6);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('Coupler');
  await sheet.getByRole('button', { name: 'Something is not right here' }).click();
  await expect(sheet.getByLabel('Place on the rig')).toHaveValue('coupler');
  await sheet.getByRole('textbox', { name: 'What' }).fill('latch does not close');
  await choose(page, 'How bad', 'Stop');
  await sheet.getByRole('button', { name: 'Open the finding' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    'Coupler: latch does not close',
  );
  await startRepack(page, '1L');
});
