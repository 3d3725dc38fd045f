/** @jest-environment ./src/testing/environment.cjs */
import { alertOf, choose, DRIFTWOOD, setUp, tellFact, test } from '@/testing';

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

test('set up by two taps it is one rig', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('radio', { name: /^Flatbed, two axles/ }).click();
  await page.getByLabel('Name').fill('Driftwood');
  await expect(page.getByRole('button', { name: 'Put it on the Yard' })).toBeVisible();
  const put = [...document.querySelectorAll('button')].find(
    (one) => one.textContent === 'Put it on the Yard',
  );
  // On a slow phone the second comes before anything was drawn.
  for (let tap = 0; tap < 3; tap++) put?.click();
  await expect(page.getByText('Lug torque not known')).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByText(/^\d+ entr/).first()).toHaveText(/^1 entry/);
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

test('identify: from what is measured to what it is, kept with the rig', async ({ page }) => {
  const { spindle: _, ...bare } = DRIFTWOOD;
  await setUp(page, bare);
  await page.goto('/identify');
  const result = page.getByRole('region', { name: 'What it is' });
  await page.getByLabel('Code on the wall').fill('DOT AB12 238');
  await expect(result).toContainText('Three digits are a date before 2000');
  await page.getByLabel('Code on the wall').fill('5421');
  await expect(result).toContainText('There is no week 54');
  await page.getByLabel('Code on the wall').fill('1121');
  await expect(result).toContainText('week 11 of 2021');

  await page.getByRole('button', { name: 'Bolt circle' }).click();
  await page.getByRole('radio', { name: '6', exact: true }).click();
  await page.getByLabel('Distance').fill('2 3/4');
  await expect(result).toContainText('5.50');
  await expect(result).toContainText('6 studs on 5 1/2 in: a usual pattern');

  await page.getByRole('button', { name: 'Brake size' }).click();
  await page.getByLabel('Drum, inside diameter').fill('12.04');
  await page.getByLabel('Shoe width').fill('2');
  await expect(result).toContainText('12 in × 2 in');
  await expect(result).toContainText('Still to be confirmed');
  await page.getByRole('button', { name: 'Save it for braked axles' }).click();
  await expect(page.getByRole('button', { name: 'Saved with the rig' })).toBeDisabled();

  await page.getByRole('button', { name: 'Which axle has brakes' }).click();
  await page.getByRole('radio', { name: /^Two wires into a plate/ }).click();
  await expect(result).toContainText('Axle 1: electric drum');

  await page.getByRole('button', { name: 'Spindle thread' }).click();
  await page.getByLabel('Thread', { exact: true }).fill('14');
  await page.getByLabel('Slots in the nut').fill('6');
  await choose(page, 'Pin holes', 'Two, crossed');
  await expect(result).toContainText('0.0060');
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByRole('button', { name: 'Saved with the rig' })).toBeVisible();
  await page.getByRole('link', { name: 'Facts', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Brakes' })).toContainText('12 in × 2 in, worked out');
  await expect(page.getByRole('region', { name: 'Hubs and spindles' })).toContainText(
    '14 threads per inch, marked or measured',
  );
});

test('two taps on what turns over at each tap are one answer: gear of the rig, and a thing of the kit', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const twice = async (button: () => HTMLButtonElement | undefined) => {
    button()?.click();
    // Drawn anew between the two, as on a phone.
    await new Promise((resolve) => setTimeout(resolve, 260));
    button()?.click();
    await new Promise((resolve) => setTimeout(resolve, 400));
  };
  const named = (name: RegExp) => () =>
    [...document.querySelectorAll<HTMLButtonElement>('main button')].find((one) =>
      name.test(one.textContent ?? ''),
    );
  await page.goto('/rig');
  await expect(page.getByRole('button', { name: 'Has it' }).first()).toBeVisible();
  await twice(named(/^Has it$/));
  await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(1);
  await page.goto('/kit');
  await expect(page.getByRole('button', { name: /^Triangles/ })).toBeVisible();
  await twice(named(/^Triangles/));
  await page.goto('/logbook');
  await expect(page.getByText(/^\d+ entr/).first()).toHaveText(/^3 entries/);
});
