/** @jest-environment ./src/testing/environment.cjs */
import { toSI } from '@/core/base';
import { alertOf, demo, DRIFTWOOD, inDays, setUp, skipTo, test, type Seeded, type TestPage } from '@/testing';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';

const start = (page: TestPage) => page.getByRole('button', { name: 'Start the card' }).click();
const done = (page: TestPage) => page.getByRole('button', { name: 'Done', exact: true }).click();
const title = (page: TestPage) => page.getByRole('heading', { level: 1 });
const work = (page: TestPage, name: string) =>
  page.getByRole('navigation', { name: 'Work' }).getByRole('button', { name, exact: false }).first().click();
const at = (page: TestPage, place: string) =>
  page
    .getByRole('button', { name: new RegExp(`^${place}\\b`) })
    .first()
    .click();

/** Through the rest of the card, and onto the log. */
async function finish(page: TestPage): Promise<void> {
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
}

/** The newest entry of the log that says so, opened. */
async function entry(page: TestPage, name: RegExp) {
  await page.goto('/logbook');
  await page.getByRole('button', { name }).first().click();
  return page.getByRole('dialog');
}

test('greasing: strokes are counted, greases that do not mix are told, and grease behind the hub asks for a repack', async ({
  page,
}) => {
  demo();
  await page.goto(`/bench?rig=${JUNIPER}`);
  await work(page, 'Grease');
  await at(page, '1L');
  await expect(page.getByRole('region', { name: 'Lay out first' })).toContainText('lithium complex is in 1L');
  await start(page);
  await skipTo(page, /^Grease 1L/);
  const more = page.getByRole('button', { name: 'Strokes of the gun: one more' });
  for (let i = 0; i < 4; i++) await more.click();
  await expect(page.getByRole('textbox', { name: 'Strokes of the gun: typed' })).toHaveValue('4');
  await page.getByRole('radio', { name: 'Clay' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Due\./ })).toContainText('do not mix');
  await page.getByRole('radio', { name: 'Lithium complex' }).click();
  await done(page);
  await expect(title(page)).toHaveText(/Inspect the back of the hub/);
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await page.getByRole('button', { name: 'Grease shows behind the hub' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('radio', { name: 'Grease behind it' }).click();
  await done(page);
  await finish(page);
  const log = await entry(page, /^.*Greased 1L/);
  await expect(log).toContainText('4 strokes');
  await expect(log).toContainText('Grease: lithium complex');
  await page.goto(`/?rig=${JUNIPER}`);
  await expect(page.getByRole('region', { name: 'Next for Juniper' })).toContainText('grease behind the hub');
});

test('brake replacement: in axle pairs, the hand checked, adjusted and tested, and adjusted again after 200 miles', async ({
  page,
}) => {
  demo();
  await page.goto(`/bench?rig=${JUNIPER}`);
  await work(page, 'Brake plate replacement');
  await at(page, '2R');
  await page.getByRole('button', { name: 'Put 2L on the card too' }).click();
  await expect(page.getByRole('region', { name: 'Lay out first' })).toContainText('Left brake plate for 2L');
  await start(page);
  await skipTo(page, /^Which hand is the plate for 2R/);
  await page.getByRole('radio', { name: 'Left' }).click();
  await done(page);
  await expect(page.getByText('This side takes a right plate')).toBeVisible();
  await page.getByRole('radio', { name: 'Right' }).click();
  await done(page);
  await expect(title(page)).toHaveText('New plate onto 2R');
  const titles = await skipTo(page, /^Which hand is the plate for 2L/);
  expect(titles).toContain('Test the brake of 2R: stops, and lets go');
  await page.getByRole('radio', { name: 'Left' }).click();
  await done(page);
  await finish(page);
  const log = await entry(page, /Brake plate replaced 2R and 2L|Brake plate replaced 2L and 2R/);
  await expect(log).toContainText('Lug rechecks opened');
  await page.goto(`/?rig=${JUNIPER}`);
  await page.getByRole('button', { name: /^2R,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText('200 mi');
});

test('tire change: the spare goes on, the old one takes its place, and both are known by their codes', async ({
  page,
}) => {
  demo();
  await page.goto(`/parts?rig=${JUNIPER}`);
  const codeAt = async (place: string) =>
    (
      await page
        .getByRole('button', { name: new RegExp(`^${place}\\b`) })
        .first()
        .innerText()
    ).replace(/\s+/g, ' ');
  const [wheel, spare] = [await codeAt('1L'), await codeAt('S1')];
  await page.goto(`/bench?rig=${JUNIPER}`);
  await work(page, 'Tire change');
  await at(page, '1L');
  await start(page);
  await expect(title(page)).toHaveText('Is the spare fit to carry?');
  const titles = await skipTo(page, /^Fill the tire for 1L before it goes on/);
  expect(titles).toContain('Bring the spare to 1L');
  await page.getByLabel('Filled to').fill('400');
  await done(page);
  await expect(page.getByText('This cannot be right')).toBeVisible();
  await page.getByLabel('Filled to').fill('65 psi');
  await done(page);
  await finish(page);
  await entry(page, /Tire changed 1L/);
  await page.goto(`/parts?rig=${JUNIPER}`);
  const [nowWheel, nowSpare] = [await codeAt('1L'), await codeAt('S1')];
  const code = (text: string) => /\d{4}/.exec(text.replace(/^\w\w/, ''))?.[0];
  expect(code(nowWheel)).toBe(code(spare));
  expect(code(nowSpare)).toBe(code(wheel));
});

test('pivots: checked with the tires on the ground, greased, and play that is felt stays as a finding', async ({
  page,
}) => {
  demo();
  await page.goto(`/bench?rig=${JUNIPER}`);
  await work(page, 'Suspension pivots');
  await start(page);
  await skipTo(page, /^Inspect the pivots of 2L/);
  await page.getByRole('radio', { name: /^Play felt/ }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Due\./ })).toBeVisible();
  await done(page);
  await page.getByRole('button', { name: 'Leave out' }).click();
  await page.getByRole('button', { name: 'This rig has none' }).click();
  await skipTo(page, /Every step is through/);
  await expect(page.getByText('pivots: play felt')).toBeVisible();
  await page.getByLabel('What it cost, if you track it').fill('12,5o');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByText('Enter an amount')).toBeVisible();
  await page.getByLabel('What it cost, if you track it').fill('12.50');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
  const log = await entry(page, /Pivots checked/);
  await expect(log).toContainText('Cost $12.50');
  await expect(log).toContainText('Left out');
});

test('commissioning: what spring asks for becomes one card, worked off to its entry', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/plan');
  await page.getByRole('button', { name: 'Set your season' }).click();
  await page.getByLabel('First trips about').fill(inDays(-30));
  await page.getByLabel('Laid up by').fill(inDays(150));
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('link', { name: 'Open a card with these jobs' }).click();
  await expect(page.getByRole('list', { name: 'On the card' }).getByRole('listitem').first()).toBeVisible();
  await start(page);
  const titles = await skipTo(page, /Every step is through/);
  expect(titles.join(' ')).toContain('lamp');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
  await page.goto('/plan');
  await expect(page.getByRole('heading', { level: 2, name: /^(Mid-season|Lay-up):/ })).toBeVisible();
  const log = await entry(page, /contacts cleaned/i);
  await expect(log).toContainText('Step by step on the bench');
});

test('on paper: the sheet has every step, and what was written on it is typed in at once', async ({
  page,
}) => {
  demo();
  await page.goto(`/bench?rig=${JUNIPER}&jobs=hub-look:1L,pressures:rig`);
  await page.getByRole('link', { name: 'On paper' }).click();
  const sheet = page.getByRole('article', { name: 'Job sheet' });
  await expect(sheet).toContainText('Rock and spin 1L as it is');
  await expect(sheet).toContainText('Cold pressure of S1');
  await page.getByRole('radio', { name: 'A4' }).click();
  await page.getByRole('link', { name: 'Back to the Bench' }).click();
  await start(page);
  await expect(page.getByRole('button', { name: 'Pause this job' })).toBeVisible();
  await page.getByRole('button', { name: 'Pause this job' }).click();
  await page.goto('/bench');
  await page.getByRole('link', { name: 'Type in a sheet' }).click();
  await page.getByRole('button', { name: 'Everything else was good' }).click();
  await page.getByRole('button', { name: 'Add it to the card' }).click();
  await expect(page.getByText('Write this down first: pressure, cold.').first()).toBeVisible();
  for (const field of await page.getByLabel(/^Pressure/).all()) await field.fill('64');
  await page.getByRole('button', { name: 'Add it to the card' }).click();
  await expect(title(page)).toHaveText('Every step is through');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
  const log = await entry(page, /ressures set/);
  await expect(log).toContainText('Cold pressure 64 psi');
});

test('a card put down says why on the Yard; left for good it forbids towing, with the reason on record', async ({
  page,
}) => {
  await setUp(page, { ...DRIFTWOOD, brakes: 'electric' });
  await page.goto('/bench?place=1L');
  await start(page);
  await skipTo(page, /^Hub off 1L/);
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await page.getByRole('button', { name: 'The drum hangs up on the shoes' }).click();
  await expect(title(page)).toHaveText('Free the drum of 1L');
  await done(page);
  await expect(title(page)).toHaveText('Hub off 1L');

  await page.getByRole('button', { name: 'Pause this job' }).click();
  await page.getByRole('button', { name: 'Waiting for parts' }).click();
  await expect(title(page)).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText('waiting for parts');
  await page.getByRole('link', { name: 'Go on with the work' }).first().click();
  await page.getByRole('button', { name: 'Pause this job' }).click();
  await page.getByRole('button', { name: 'Leave this card for good' }).click();
  await page.getByRole('button', { name: 'Leave it: not fit to tow' }).click();
  await expect(page.getByText('Say why: it goes in the log.')).toBeVisible();
  await page.getByLabel('Why it is left').fill('spindle is scored, goes to a shop');
  await page.getByRole('button', { name: 'Leave it: not fit to tow' }).click();
  await expect(title(page)).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'May it be towed' })).toContainText('goes to a shop');
  await page.goto('/bench');
  await expect(page.getByRole('link', { name: 'Go on' })).toHaveCount(0);
});

test('a rig that is changed while its card is open: told, laid out anew, nothing lost', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench?place=1L');
  await start(page);
  await skipTo(page, /^Take the cap off 1L/);
  const card = page.url();
  await page.goto('/rig');
  await page.getByRole('main').getByRole('button', { name: /^Hub/ }).last().click();
  await page
    .getByRole('dialog')
    .getByRole('radio', { name: /^Drilled/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto(card);
  await expect(page.getByText('Driftwood has been changed since this card was begun')).toBeVisible();
  await page.getByRole('button', { name: 'Lay it out again' }).click();
  await expect(page.getByText('has been changed since')).toHaveCount(0);
  await expect(title(page)).toHaveText('Take the cap off 1L');
  await skipTo(page, /Every step is through/);
});

/** Jobs as owners do them, from the lay-out to what stands on record. */
const lay = (page: TestPage) => page.getByRole('region', { name: 'Lay out first' });
const lbft = (value: number) => ({ value: toSI(value, 'lbf·ft'), source: 'maker' as const });
const told = (changes: Extract<Seeded, { kind: 'rig.changed' }>['body']['changes']): Seeded => ({
  kind: 'rig.changed',
  body: { changes },
});

/** Through the rest of the card, and onto the log. */
async function close(page: TestPage): Promise<void> {
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
