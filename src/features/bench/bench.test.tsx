/** @jest-environment ./src/testing/environment.cjs */
import {
  alertOf,
  allWell,
  choose,
  DRIFTWOOD,
  openPlace,
  setUp,
  skipTo,
  startRepack,
  tellFact,
  test,
  tow,
  typeThrough,
  until,
  workTo,
  type TestPage,
} from '@/testing';

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

test('a chapter says what is missing at its step, keeps what was answered, and opens one step by itself', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'By chapter' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const close = page.locator('main footer button[type=submit]');
  await close.click();
  await expect(page.locator('main footer')).toContainText('All');
  await close.click();
  await close.click();
  await expect(heading).toHaveText('Up and off · 1R');
  await close.click();
  await expect(alertOf(page).first()).toContainText('Choose what you saw first');
  await page.getByRole('radio').first().click();
  await expect(page.getByRole('radio').first()).toBeChecked();
  await page.reload();
  await expect(page.getByRole('radio').first()).toBeChecked();

  await allWell(page);
  // What was answered goes along to the step by itself.
  const well = page.getByRole('radiogroup').last();
  await well.getByRole('radio').nth(1).click();
  await page.locator('summary').filter({ hasText: 'Inspect the wheel well' }).click();
  await page.getByRole('button', { name: 'Open this step by itself' }).click();
  await expect(heading).toHaveText('Inspect the wheel well of 1R');
  await expect(page.getByRole('radio').nth(1)).toBeChecked();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(heading).toHaveText('Up and off · 1R');
});

test('a grade is read before Done; with gloves on it is the Done, whichever it is, and can be taken back', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  const heading = page.getByRole('heading', { level: 1 });
  const done = page.locator('main footer button[type=submit]');
  while (!/^Rock and spin/.test(await heading.innerText())) {
    const was = await heading.innerText();
    await done.click();
    await expect(heading).not.toHaveText(was);
  }
  await page.getByRole('radio', { name: /^None felt/ }).click();
  await page.getByRole('radio', { name: /^Light growl/ }).click();
  await expect(page.getByRole('radio', { name: /^Light growl/ })).toBeChecked();
  await page.getByRole('radio', { name: /^Free and even/ }).click();
  await expect(page.getByRole('radio', { name: /^Free and even/ })).toBeChecked();
  await expect(heading).toHaveText(/^Rock and spin/);
  await page.getByRole('button', { name: 'Gloves' }).click();
  for (const [grade, said] of [
    [/^Free and even/, 'free and even.'],
    [/^Light growl/, /light growl\. (Watch|Due)\./],
  ] as const) {
    const row = page.getByRole('button', { name: /^Spin it and listen/ });
    if ((await row.count()) > 0) await row.click();
    await page.getByRole('radio', { name: grade }).click();
    await expect(heading).toHaveText(/wheel off/);
    await expect(page.getByText(said)).toBeVisible();
    await page.getByRole('button', { name: 'Take it back' }).first().click();
    await expect(heading).toHaveText(/^Rock and spin/);
  }
  // Arrow keys only choose: they come past grades that are not meant.
  await page.getByRole('button', { name: /^Spin it and listen/ }).click();
  await page.getByRole('radio', { name: /^Free and even/ }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('radio', { name: /^Free and even/ })).toBeVisible();
  await expect(heading).toHaveText(/^Rock and spin/);
});

test('figures typed at a step are there again after going back, changing an earlier grade, and a reload', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await skipTo(page, /^Inspect the brake/);
  const heading = page.getByRole('heading', { level: 1 });
  const done = page.locator('main footer button[type=submit]');
  const brake = async (lining: RegExp) => {
    await page.getByRole('radio', { name: lining }).first().click();
    await page.getByRole('radiogroup').last().getByRole('radio').first().click();
    await done.click();
    await expect(heading).toHaveText(/^Measure lining/);
  };
  await brake(/^Over twice/);
  const thin = page.getByRole('textbox', { name: /^Thinnest lining/ });
  await thin.fill('3/32');
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(heading).toHaveText(/^Inspect the brake/);
  await page.reload();
  await brake(/^Hairlines/);
  await expect(thin).toHaveValue('3/32');
});

test('words are tapped with gloves on: the likeliest are chips', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'Gloves' }).click();
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  const likely = page.getByRole('group', { name: 'Likely words' });
  await likely.getByRole('button', { name: 'Rust', exact: true }).click();
  await likely.getByRole('button', { name: 'Loose' }).click();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Rust, loose');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Rust, loose');
});

test('likely words are typed where a form holds the text as well', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'Gloves' }).click();
  await page.goto('/');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'Something is not right here' }).click();
  await page
    .getByRole('group', { name: 'Likely words' })
    .getByRole('button', { name: /^Stud broken/ })
    .first()
    .click();
  await expect(page.getByRole('textbox', { name: 'What' })).toHaveValue(/^Stud broken/);
  await page.getByRole('radio', { name: /^Stop/ }).click();
  await page.getByRole('button', { name: 'Open the finding' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('1L: Stud broken');
});

test('a repack closes the finding that called for it, when its owner says so', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: 'Something is not right here' }).click();
  await page.getByRole('textbox', { name: 'What' }).fill('grease weeps behind the hub');
  await page.getByRole('radio', { name: /^Due/ }).click();
  await page.getByRole('button', { name: 'Open the finding' }).click();
  await startRepack(page, '1L');
  await typeThrough(page);
  await page.getByLabel('1L: grease weeps behind the hub').check();
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).not.toContainText('grease weeps');
});

test('what keeps a card from being closed is said at its button and taken to', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [
    {
      kind: 'finding.opened',
      body: { place: '1L', verdict: 'stop', text: 'hub tilts when rocked' },
    },
  ]);
  await startRepack(page, '1L');
  await typeThrough(page);
  await page.getByLabel('1L: hub tilts when rocked').check();
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.locator('main footer')).toContainText('Not logged yet: say what was replaced');
  const field = page.getByRole('textbox', { name: 'The part replaced, or the shop that did it' });
  await expect(field).toBeFocused();
  await field.fill('bearing set');
  await page.getByLabel('What it cost, if you track it').fill('a lot');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.locator('main footer')).toContainText('the cost is no amount');
  await page.getByLabel('What it cost, if you track it').fill('42.50');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).not.toContainText('hub tilts');
});

test('a bad grade on the bench is judged at once and opens a finding when the card is closed', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1L');
  await skipTo(page, /Inspect the brake/);
  await page.getByRole('radio', { name: 'At the minimum' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Due\./ })).toContainText('before the next trip');
  await workTo(page, /^Pack both bearings/);
  await skipTo(page, /Every step is through/);
  await expect(page.getByRole('heading', { name: 'Findings that open now' })).toBeVisible();
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    '1L: lining, front shoe: at the minimum',
  );
});

test('a lug torque that nobody knows is asked for before the card starts', async ({ page }) => {
  const { torque: _, ...bare } = DRIFTWOOD;
  await setUp(page, bare);
  await openPlace(page, '1L');
  await page.getByRole('link', { name: 'Start the repack' }).click();
  await expect(page.getByText('Lug nuts: their torque is not known.')).toBeVisible();
  // Passed over it stays open: nothing begins before one or the other is said.
  await expect(page.getByRole('button', { name: 'Start the card' })).toBeDisabled();
  await page.getByRole('button', { name: 'Enter the figure' }).click();
  await page.getByLabel('Lug torque').fill('35');
  await choose(page, 'It comes from', 'Parts counter');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(alertOf(page)).toContainText('Usual for trailer studs is 60 lbf·ft to 225 lbf·ft');
  await expect(page.getByLabel('Lug torque')).toHaveValue('35');
  await page.getByLabel('Lug torque').fill('95');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByText('Lug nuts: their torque is not known.')).toHaveCount(0);
  await expect(page.getByText("95 lbf·ft, parts counter's figure")).toBeVisible();
});

test('two corners on one card: set-up shared, one up at a time, each side chocked when it is next', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench');
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page.getByRole('button', { name: /^1R,/ }).first().click();
  await page.getByRole('button', { name: 'Start the card' }).click();
  const titles = await skipTo(page, /Every step is through/);
  const at = (title: RegExp) => titles.findIndex((one) => title.test(one));
  expect(titles.filter((title) => /Park on firm/.test(title))).toHaveLength(1);
  expect(at(/Raise 1R/)).toBeGreaterThan(at(/Let 1L down/));
  expect(at(/Chocks out on the right side, in on the left/)).toBeGreaterThan(at(/Rechecks for 1L/));
  await page.getByRole('button', { name: 'Close and log it' }).click();
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText('Lug recheck 1L');
  await expect(next).toContainText('Lug recheck 1R');
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

/** Puts voices of our own in place of the browser's, which has none here; what is read is kept. */
const withVoices = (
  page: TestPage,
  voices: readonly { name: string; lang: string; localService: boolean }[],
) =>
  page.addInitScript((all) => {
    const read: string[] = [];
    Object.assign(window, { read });
    class Utterance {
      voice: { name: string } | null = null;
      lang = '';
      rate = 1;
      constructor(readonly text: string) {}
    }
    Object.assign(window, { SpeechSynthesisUtterance: Utterance });
    Object.defineProperty(window, 'speechSynthesis', {
      configurable: true,
      value: {
        getVoices: () => all.map((voice) => ({ ...voice, voiceURI: voice.name, default: false })),
        speak: ({ text, voice, rate }: Utterance) => read.push(`${voice?.name} ${rate}: ${text}`),
        cancel: () => read.push('–'),
        addEventListener: () => undefined,
        removeEventListener: () => undefined,
      },
    });
  }, voices);

/** What was read since the last silence. */
const lately = (page: TestPage) =>
  page.evaluate(() => {
    const { read } = window as unknown as { read: readonly string[] };
    return read.slice(read.lastIndexOf('–') + 1).join(' | ');
  });

test('steps are read aloud with a voice of the device, and again when asked', async ({ page }) => {
  await withVoices(page, [
    { name: 'far', lang: 'en-US', localService: false },
    { name: 'near', lang: 'en-US', localService: true },
  ]);
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  expect(await lately(page)).toBe('');
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await until(async () =>
    expect(await lately(page)).toMatch(
      /^near 1: Park on firm, level ground\. \| near 1: .*\| near 1: Careful\./,
    ),
  );
  await workTo(page, /^Rock and spin/);
  await until(async () =>
    expect(await lately(page)).toMatch(
      /Rock and spin 1 right as it is.*Rock the wheel at 12 and 6, then at 3 and 9\?$/,
    ),
  );
  // The next one is asked once the first is answered.
  await page.getByRole('radio', { name: /^None felt/ }).click();
  await until(async () => expect(await lately(page)).toBe('near 1: Spin it and listen?'));
  await page.getByRole('button', { name: 'Say again' }).click();
  await until(async () =>
    expect(await lately(page)).toMatch(/^near 1: Rock and spin 1 right.*Spin it and listen\?$/),
  );
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect(page.getByRole('button', { name: 'Say again' })).toHaveCount(0);
});

test('where the device has no voice of its own it says so, and nothing goes over the network', async ({
  page,
}) => {
  await withVoices(page, [{ name: 'far', lang: 'en-US', localService: false }]);
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect(page.getByText('This device has no English voice of its own')).toBeVisible();
  expect(await lately(page)).toBe('');
  await page.goto('/keep');
  await expect(page.getByText('This device has no English voice of its own')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hear it' })).toHaveCount(0);
});

test('a repack by chapter: few taps, what guards a life by itself, the log says how', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'By chapter' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('On the ground');

  /** Where the card is, without its minutes. */
  const stands = async () =>
    `${await heading.innerText()} ${(await page.getByText(/^step \d+ of \d+/).innerText()).split(' · ')[0]}`;
  let taps = 0;
  const labels: string[] = [];
  const close = page.locator('main footer button[type=submit]');
  for (; taps < 40; taps++) {
    const before = await stands();
    if (/Every step is through/.test(await heading.innerText())) break;
    await allWell(page);
    labels.push(await close.innerText());
    await close.click();
    await until(async () => expect(await stands()).not.toBe(before));
  }
  process.stdout.write(`Taps of a repack by chapter, beside readings and grades: ${taps}\n`);
  expect(taps).toBeLessThanOrEqual(15);
  for (const guard of [/^Done: chock/, /^Done: stand under/, /^Done: lock the nut/, /^Done: start all/])
    expect(labels.filter((label) => guard.test(label))).toHaveLength(1);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('Lug recheck 1R');
  await page.goto('/logbook');
  await page.getByRole('button', { name: /Repacked 1R/ }).click();
  await expect(page.getByRole('dialog').getByText(/steps closed by chapter/)).toBeVisible();
});
