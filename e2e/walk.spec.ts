import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { huge, largePicture, NO_PICTURE } from './pictures';
import { alertOf, choose, DRIFTWOOD, openPlace, saveArchive, setUp, tellFact } from './steps';

/** The things to look at where one stands. */
const tiles = (page: Page) => page.locator('main button[aria-pressed]');

/** Goes on by whole stops until the place whose title matches. */
async function walkTo(page: Page, title: string): Promise<void> {
  const heading = page.getByRole('heading', { level: 1 });
  for (let i = 0; i < 12; i++) {
    await expect(heading).toBeVisible();
    const now = await heading.innerText();
    if (now.startsWith(title)) return;
    await page.getByRole('button', { name: /^All clear here/ }).click();
    await expect(heading).not.toHaveText(now);
  }
  throw new Error(`never came to ${title}`);
}

test('a clean hitch-up on a phone: at most one tap an item, on record with its decision', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.setViewportSize({ width: 390, height: 844 });
  let taps = 0;
  const tap = async (name: string | RegExp) => {
    taps += 1;
    await page.getByRole('main').getByRole('button', { name }).first().click();
  };
  await page.getByRole('link', { name: 'Hitching up' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hitching up');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  const items = Number(/of (\d+)/.exec(await page.getByText(/^\d+ of \d+$/).innerText())?.[1]);
  expect(items).toBeGreaterThan(15);
  // The first two stops item by item: the last one of each leads on by itself.
  for (const next of ['Tongue', 'Body']) {
    const count = await tiles(page).count();
    for (let i = 0; i < count; i++) {
      taps += 1;
      await tiles(page).nth(i).click();
      if (i < count - 1) await expect(tiles(page).nth(i)).toHaveAttribute('aria-pressed', 'true');
    }
    await expect(page.getByRole('heading', { level: 1 })).toContainText(next);
  }
  // The rest stop by stop; the tab is closed on the way, and it goes on where it was.
  await tap(/^All clear here/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1L');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1L');
  // Asked for another walk, it says what lies half done and takes up nothing by itself.
  await page.goto('/walk?walk=stop');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hitching up, left off');
  await page.getByRole('button', { name: 'Go on with it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1L');
  for (const next of ['Back', '1R', 'Spare']) {
    await tap(/^All clear here/);
    await expect(page.getByRole('heading', { level: 1 })).toContainText(next);
  }
  await tap(/^All clear here/);
  expect(taps).toBeLessThanOrEqual(items);
  // Nothing was wrong on the walk; what nobody knows of this rig yet asks for care.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not known to be fit');
  await page.getByLabel('Where, if you like').fill('home yard');
  await page.getByRole('button', { name: /^Add it to the log/ }).click();
  await expect(page.getByRole('link', { name: 'Hitching up' })).toBeVisible();
  await page.goto('/logbook?kind=walks');
  await page.getByRole('button', { name: /Hitching up: go with care/ }).click();
  await expect(page.getByRole('dialog')).toContainText('At home yard');
  await expect(page.getByRole('dialog')).toContainText(`${items} items checked`);
});

test('what is not right opens just its fields, keeps it home, and is a finding with photos until it is fixed', async ({
  page,
  browser,
}, testInfo) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/rig');
  await tellFact(page, 'Cold pressure, by the placard', async () => {
    await page.getByRole('dialog').getByLabel('Cold pressure, by the placard', { exact: true }).fill('65');
    await choose(page, /comes from/, "Maker's");
  });
  await page.goto('/walk?walk=hitch');
  await page.getByLabel('Air, if you know it').fill('62');
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  await walkTo(page, '1L');

  await page.getByRole('button', { name: 'not right: Tire wall and tread' }).click();
  await page.getByRole('radio', { name: /^Cracks that open/ }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Due\./ })).toBeVisible();
  const choosing = page.locator('input[type=file]:not([capture])');
  await choosing.setInputFiles(NO_PICTURE);
  await expect(alertOf(page)).toContainText('not a picture');
  await choosing.setInputFiles(huge(testInfo.outputPath('huge.jpg')));
  await expect(alertOf(page)).toContainText('40 MB');
  await choosing.setInputFiles(largePicture());
  await expect(page.getByAltText('What was seen')).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Cracks that open/ })).toBeChecked();
  await page.getByLabel('In your words, if you like').fill('outside, all around');
  await page.getByRole('button', { name: 'Done with this' }).click();

  await page.getByRole('button', { name: 'other: Pressure' }).click();
  const reads = page.getByLabel('It reads');
  await reads.fill('600');
  await expect(alertOf(page)).toContainText('out of range here');
  await reads.fill('4');
  await expect(alertOf(page)).toContainText('In bar it would make sense');
  await page.getByRole('button', { name: 'It is 58 psi' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Watch\./ })).toContainText('target 65 psi');
  await page.getByRole('button', { name: 'Set to 65 psi now' }).click();
  await page.getByRole('button', { name: 'Done with this' }).click();
  const station = page.getByRole('heading', { level: 1 });
  const tires = await station.innerText();
  await page.getByRole('button', { name: /^The other 2 clear/ }).click();
  await expect(station).not.toHaveText(tires);
  const lamps = await station.innerText();
  // Passed over is not clear.
  await page.getByRole('button', { name: 'Skip', exact: true }).click();
  await expect(station).not.toHaveText(lamps);
  for (const next of ['Spare', 'Not known to be fit']) {
    await page.getByRole('button', { name: /^All clear here/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(next);
  }
  await expect(page.getByText('1L tire wall and tread: cracks that open')).toBeVisible();
  await expect(page.getByText('All lamps: not checked')).toBeVisible();
  await page.getByRole('button', { name: 'Go with care anyway' }).click();
  await page.getByRole('button', { name: /^Add it to the log/ }).click();
  await expect(alertOf(page)).toContainText('Say why');
  await page.getByLabel('Why it goes anyway').fill('two miles to the tire shop');
  await page.getByRole('button', { name: /^Add it to the log/ }).click();

  await openPlace(page, '1L');
  await page.getByRole('dialog').getByRole('link', { name: 'Photos and story' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('cracks that open');
  await expect(page.getByText('Put it right before the next trip.')).toBeVisible();
  const photo = page.getByRole('list', { name: 'Photos, oldest first' }).getByRole('img');
  await expect(photo).toHaveCount(1);
  await expect(async () =>
    expect(await photo.first().evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1600),
  ).toPass();

  await page.getByRole('button', { name: 'Second opinion' }).click();
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(alertOf(page).first()).toContainText('Say who it was');
  await page.getByLabel('Who', { exact: true }).fill('shop in town');
  await page.getByLabel('What they say has to be done').fill('four new tires');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(page.getByRole('region', { name: 'What happened' })).toContainText(
    'shop in town: four new tires',
  );

  await page.getByRole('button', { name: 'Seen again' }).click();
  await page.getByRole('radio', { name: /^Bulge/ }).click();
  await page
    .locator('dialog, [role=dialog]')
    .locator('input[type=file]:not([capture])')
    .setInputFiles(largePicture(800, 600, 60));
  await expect(page.getByAltText('Taken just now')).toBeVisible();
  await page.getByRole('button', { name: 'Log this check' }).click();
  await expect(page.getByText('Do not tow until it is put right.')).toBeVisible();
  await expect(photo).toHaveCount(2);

  // Another device gets the pictures with the archive: scaled down, with nothing left of where they were taken.
  const file = await saveArchive(page);
  const packed = Object.entries(unzipSync(readFileSync(file))).filter(([name]) => name.startsWith('photos/'));
  expect(packed).toHaveLength(2);
  for (const [, bytes] of packed) {
    expect([...bytes.slice(0, 2)]).toEqual([0xff, 0xd8]);
    expect(Buffer.from(bytes).toString('latin1')).not.toMatch(/GPS|Exif|44\.0/);
  }
  const other = await browser.newContext();
  const there = await other.newPage();
  await there.goto('/keep');
  await there.getByLabel('Choose an archive').setInputFiles(file);
  await there.getByRole('button', { name: 'Bring them in' }).click();
  await expect(there.getByText(/entries brought in/)).toBeVisible();
  await there.goto('/finding');
  await there.getByRole('link', { name: /cracks that open|bulge/i }).click();
  await expect(there.getByRole('list', { name: 'Photos, oldest first' }).getByRole('img')).toHaveCount(2);
  await other.close();

  await page.goBack();
  await page.getByRole('button', { name: 'Fixed', exact: true }).click();
  await page.getByLabel('The part replaced, or the shop that did it').fill('pair replaced');
  await page.getByRole('button', { name: 'Close the finding' }).click();
  await expect(page.getByText('Closed', { exact: true }).first()).toBeVisible();
});

test('lamps: a paced test for one person, and from what fails to where the fault is', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/lights');
  await page.getByRole('button', { name: 'Alone, walking around' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Running');
  await page.getByRole('button', { name: 'It is on: count down' }).click();
  // It counts down; which second is seen first is the machine's affair.
  await expect(page.getByRole('timer')).toContainText(/1\d|2[0-4]/);
  await page.getByRole('button', { name: 'Seen: next' }).click();
  for (const now of ['Running, brake held', 'Brake', 'Turn left', 'Turn right']) {
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(now);
    await page.getByRole('button', { name: 'Seen already' }).click();
  }
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('All lamps work');
  for (const lamp of ['Left lamp', 'Right lamp', 'Plate lamp'])
    await page.getByRole('button', { name: `${lamp}, Running: Works` }).click();
  const causes = page.getByRole('region', { name: 'Likely causes' });
  await expect(causes).toContainText('Fuse of the running lamps');
  await expect(causes).toContainText('Running pin of the plug');
  await expect(causes).toContainText('clean its pins, push it home');
  await causes.getByRole('button', { name: 'No change' }).click();
  await expect(causes.getByRole('listitem').first()).toContainText('Fuse of the running lamps');
  await page.reload();
  await expect(causes.getByRole('listitem').first()).toContainText('Fuse of the running lamps');
  // Gone to the Yard before it was saved: saved all the same, and nobody is fetched back.
  const yard = await page.getByRole('link', { name: 'Yard', exact: true }).elementHandle();
  await page.getByRole('button', { name: 'Add it to the log' }).evaluate((save: HTMLElement, link) => {
    save.click();
    (link as HTMLElement | null)?.click();
  }, yard);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(page).toHaveURL('/');

  await page.goto('/lights');
  await page.getByLabel('Current').fill('3.6');
  await page.getByLabel('At the battery').fill('12.6');
  await page.getByLabel('Wire, one way').fill('30');
  await expect(page.getByRole('region', { name: 'Brake circuit' })).toContainText(
    'one magnet of two magnets pull',
  );
});

test('a wheel end tells its story: a reading judged, and trends with charts by keys', async ({
  page,
  context,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/end?place=1L');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1L');
  await page.getByRole('button', { name: 'Read something here' }).click();
  await choose(page, 'What', 'Hub temperature');
  await page.getByLabel('Air, if you know it').fill('80');
  await page.getByLabel('Hub', { exact: true }).fill('82');
  await expect(alertOf(page)).toContainText('it has not worked');
  await page.getByLabel('Hub', { exact: true }).fill('150');
  await page.getByLabel('Its mate, 1R').fill('108');
  await expect(page.getByRole('status').filter({ hasText: /^Due\./ })).toBeVisible();
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(page.getByRole('region', { name: 'Recent here' })).toContainText('Hub read at 2 places');

  await context.addInitScript(() => localStorage.setItem('yardline', JSON.stringify({ yard: 'demo' })));
  await page.goto('/');
  await page
    .getByRole('region', { name: 'Recent' })
    .getByRole('link', { name: /1R Losing/ })
    .click();
  await expect(page.getByText(/Losing 2\.\d psi a month.*a leak\./).first()).toBeVisible();
  const chart = page.getByRole('application', { name: /^Pressure at one temperature/ });
  await expect(chart.locator('svg')).toBeVisible();
  await chart.focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('status').filter({ hasText: 'May 15' })).toContainText('at 70 °F');
  await page.getByRole('button', { name: 'Open a finding of it' }).click();
  await expect(page.getByRole('link', { name: 'To its finding' })).toBeVisible();
});
