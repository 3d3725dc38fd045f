import { expect, test, type Page } from '@playwright/test';
import { toSI } from '../src/core/quantity';
import { skipTo, type Seeded } from './by-script';
import { alertOf, DRIFTWOOD, setUp } from './steps';

/** Jobs as owners do them, from the lay-out to what stands on record. */
const title = (page: Page) => page.getByRole('heading', { level: 1 });
const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true }).click();
const start = (page: Page) => page.getByRole('button', { name: 'Start the card' }).click();
const lay = (page: Page) => page.getByRole('region', { name: 'Lay out first' });
const lbft = (value: number) => ({ value: toSI(value, 'lbf·ft'), source: 'maker' as const });
const told = (changes: Extract<Seeded, { kind: 'rig.changed' }>['body']['changes']): Seeded => ({
  kind: 'rig.changed',
  body: { changes },
});

/** Through the rest of the card, and onto the log. */
async function close(page: Page): Promise<void> {
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
}

test('a cap lost before dawn: ten minutes, the lock checked, and the new one known by its number', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [
    {
      kind: 'finding.opened',
      body: { place: '1L', verdict: 'due', of: { subject: 'cap', grade: 'missing' } },
    },
  ]);
  await page.getByRole('link', { name: 'Start the work' }).click();
  await expect(title(page)).toHaveText('New cap 1L');
  await expect(lay(page)).toContainText('Grease cap for 1L');
  await start(page);
  await skipTo(page, /^Fresh grease and a new cap on 1L/);
  await page.getByRole('radio', { name: 'Lithium complex' }).click();
  await page.getByLabel(/^New cap, number or size/).fill('CC-198');
  await done(page);
  await close(page);
  await page.goto('/finding');
  await expect(title(page)).toHaveText('Nothing open on Driftwood');
  await page.goto('/parts?kind=cap');
  await expect(page.getByRole('main')).toContainText('CC-198');
});

test('a tire swap at the maker’s own rounds: filled before it carries, 45, 95 and twice 115', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [
    told({
      'wheels.torque': lbft(115),
      'wheels.stages.first': lbft(45),
      'wheels.stages.second': lbft(95),
      'tires.pressure': { value: toSI(50, 'psi'), source: 'marking' },
    }),
  ]);
  await page.goto('/bench?jobs=tire-change:1L');
  await expect(lay(page)).toContainText('from 45 lbf·ft to 115 lbf·ft');
  await start(page);
  const before = await skipTo(page, /^Star round at 95 lbf·ft/);
  expect(before.indexOf('Fill the tire for 1L before it goes on')).toBeGreaterThan(0);
  expect(before.indexOf('Fill the tire for 1L before it goes on')).toBeLessThan(
    before.indexOf('Wheel onto 1L'),
  );
  expect(before).toContain('Star round at 45 lbf·ft');
  await expect(page.getByText('the figure its maker prints for this round')).toBeVisible();
  const after = await skipTo(page, /Every step is through/);
  expect(after.filter((one) => one === 'Star round at 115 lbf·ft')).toHaveLength(2);
  await close(page);
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Tire changed 1L/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Lug rechecks opened');
});

test('electric brakes on a bare axle: races asked for, the old hub put aside whole, the wrong hand refused', async ({
  page,
}) => {
  await setUp(page, { ...DRIFTWOOD, brakes: 'none' }, [told({ 'torques.plate': lbft(50) })]);
  await page.goto('/bench?jobs=brakes-install:1L,brakes-install:1R');
  const begin = page.getByRole('button', { name: 'Start the card' });
  await expect(begin).toBeDisabled();
  for (const place of ['1L', '1R'])
    await page
      .getByRole('radiogroup', { name: `New hub for ${place}: do its races come installed?` })
      .getByRole('radio', { name: place === '1L' ? 'Installed' : 'Loose' })
      .click();
  await expect(lay(page)).toContainText('its tag names the brake it takes');
  await begin.click();
  const opened = await skipTo(page, /^Which hand is the plate for 1L/);
  expect(opened).toContain('Read the old hub of 1L');
  expect(opened).not.toContain('Lever the seal out of 1L');
  expect(opened).not.toContain('Seat the new race in 1L');
  await page.getByRole('radio', { name: 'Right' }).click();
  await done(page);
  await expect(alertOf(page)).toContainText('This side takes a left plate');
  await page.getByRole('radio', { name: 'Left' }).click();
  await done(page);
  const other = await skipTo(page, /^Which hand is the plate for 1R/);
  expect(other).toContain('Chocks out on the right side, in on the left');
  expect(other).toContain('Seat the new race in 1R');
  await close(page);
  await page.goto('/rig');
  await expect(page.getByRole('region', { name: 'Brakes' })).toContainText('Electric drum');
});

test('a grease purge: the hub without a brake first, its wheel off, strokes typed, what came out graded', async ({
  page,
}) => {
  await setUp(page, { ...DRIFTWOOD, axles: 2, hub: 'drilled' }, [
    told({ 'axles.1.brake': 'none', 'axles.1.greaseReach': false }),
    { kind: 'rule.chosen', body: { rule: 'grease', school: 'purge' } },
  ]);
  await page.goto('/bench?jobs=grease:1L,grease:2L');
  await expect(lay(page)).toContainText('2 cartridges at hand');
  await start(page);
  const before = await skipTo(page, /^Grease 2L, turning the hub/);
  expect(before).toContain('Nuts off, wheel off 2L');
  await page.getByRole('textbox', { name: 'Strokes of the gun: typed' }).fill('38');
  await page.getByRole('radio', { name: 'Not on the cartridge' }).click();
  await page.getByRole('radio', { name: /^Milky or rusty/ }).click();
  await done(page);
  const then = await skipTo(page, /^Grease 1L, turning the wheel/);
  expect(then).toContain('Star round at 100 lbf·ft');
  await close(page);
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Greased 1L and 2L/ }).click();
  const entry = page.getByRole('dialog');
  await expect(entry).toContainText('Pumped 38 strokes · grease not named on its cartridge');
  await expect(entry).toContainText('Lug rechecks opened');
});

test('the 2,000-mile service: one button, one card, and every look of it is done', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [told({ 'torques.axle': lbft(80) })]);
  await page.goto('/bench');
  await page.getByRole('button', { name: /^The 2,000-mile service/ }).click();
  await expect(title(page)).toContainText('more');
  await start(page);
  const titles = await skipTo(page, /Every step is through/);
  expect(titles).toContain('Rock and spin 1L as it is');
  expect(titles).toContain('U-bolts of 1L to their torque');
  await close(page);
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).not.toContainText('Rock and spin');
  await expect(next).not.toContainText('Underside');
});
