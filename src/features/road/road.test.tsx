/** @jest-environment ./src/testing/environment.cjs */
import { DAY_MS, toSI } from '@/core/base';
import {
  choose,
  demo,
  DRIFTWOOD,
  peopleFirst,
  setUp,
  slowDrafts,
  test,
  type Seeded,
  type TestPage,
} from '@/testing';

const mi = (miles: number) => toSI(miles, 'mi');

/** Something that the rig is towed on with, told a while ago. */
function towedOnWith(
  place: '1L' | '1R',
  trouble: 'hot' | 'nail',
  [miles, mph]: readonly [number, number],
): Seeded {
  return {
    kind: 'finding.opened',
    body: {
      place,
      verdict: 'due',
      of: { trouble, because: trouble === 'hot' ? 'nut-reset' : 'holds-air' },
      limit: {
        roll: 'care',
        distance: mi(miles),
        speed: mi(mph) / 3600,
        looks: { at: [mi(5)] },
        until: new Date(Date.now() + 6 * DAY_MS).toISOString(),
      },
    },
  };
}
const LOST: Seeded = {
  kind: 'finding.opened',
  body: { place: '1R', verdict: 'stop', of: { trouble: 'lost', because: 'wheel-lost' } },
};
const line = (page: TestPage) => page.getByRole('region', { name: 'How far it may roll' });
const begin = async (page: TestPage) => {
  await page.goto('/walk?trip=begin');
  await page.getByRole('button', { name: 'Begin without the walk' }).click();
};

const clock = Date.now.bind(Date);
/** So much later (ms), for the rest of its test. */
const later = (by: number) => jest.spyOn(Date, 'now').mockImplementation(() => clock() + by);
afterEach(() => jest.restoreAllMocks());

test('a rig towed on with a caution says so on the Yard and on the trip, in the same words', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [towedOnWith('1L', 'hot', [25, 45])]);
  await expect(line(page)).toContainText('Go with care: 25 mi left, 45 mph at most');
  await begin(page);
  await expect(line(page)).toContainText('Go with care: 25 mi left, 45 mph at most');
  await expect(page.getByRole('region', { name: 'The next look' })).toContainText('Check 1L: hot hub');
});

test('two on one axle are a creep everywhere, its end comes before the looks of both', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [towedOnWith('1L', 'hot', [25, 45]), towedOnWith('1R', 'nail', [50, 50])]);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(line(page)).toContainText('Creep: 1 mi left, 15 mph at most');
  await expect(line(page)).toContainText('Two troubles on one axle');
  // Beside each other they roll less far than each by itself: on their wheel ends and their pages as well.
  await page.goto('/end?place=1L');
  await expect(line(page)).toContainText('Creep: 1 mi left, 15 mph at most');
  await line(page).getByRole('link').click();
  await expect(line(page)).toContainText('Creep: 1 mi left, 15 mph at most');
  await begin(page);
  await expect(line(page)).toContainText('Creep: 1 mi left, 15 mph at most');
  const look = page.getByRole('region', { name: 'The next look' });
  // Their looks lie beyond the mile that is left: its end comes first, and they are still to come.
  await expect(look).toContainText('No farther with 1L and 1R');
  await expect(page.getByRole('main')).toContainText('Check 1L: hot hub');
  await expect(page.getByRole('main')).toContainText('Check 1R: nail or screw');
  await expect(page.getByRole('button', { name: 'Creep on' })).toBeVisible();
});

test('a wheel lost stays: driving on against it asks why and is on record', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [LOST]);
  await begin(page);
  await expect(line(page)).toContainText('Stay: not towed any farther');
  await page.getByRole('button', { name: 'Drive on anyway' }).click();
  await page.getByRole('button', { name: 'Drive on, on record' }).click();
  await expect(page.getByText('Say why: it goes on record with the trip.')).toBeVisible();
  await page.getByLabel('Why').fill('Off the bridge, the trooper waved us on');
  await page.getByRole('button', { name: 'Drive on, on record' }).click();
  await expect(page.getByRole('button', { name: 'I am the passenger' })).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('main')).toContainText('Drove on against: Stay');
});

test('a stop does not drive on by one tap against a stay', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [LOST]);
  await begin(page);
  await page.goto('/walk?walk=stop');
  await expect(line(page)).toContainText('Stay: not towed any farther');
  for (const hub of ['1L', '1R'])
    await page
      .getByRole('radiogroup', { name: `Hub ${hub}` })
      .getByRole('radio', { name: /^Cool/ })
      .click();
  await page.getByRole('button', { name: 'The rest looks right: log it' }).click();
  await expect(page.getByRole('button', { name: 'Drive on anyway' })).toBeVisible();
});

/** Every hub cool, by hand. */
async function hubsCool(page: TestPage): Promise<void> {
  for (const hub of ['1L', '1R'])
    await page
      .getByRole('radiogroup', { name: `Hub ${hub}` })
      .getByRole('radio', { name: /^Cool/ })
      .click();
}

test('what it is towed on with is looked at on a stop; a look that is due is made before it drives on', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [towedOnWith('1L', 'hot', [25, 45])]);
  await begin(page);
  await page.goto('/walk?walk=stop');
  const so = page.getByRole('textbox', { name: 'Miles so far on this trip' });
  await so.fill('-5');
  await page.getByRole('button', { name: 'The rest looks right: drive on' }).click();
  await expect(page.getByRole('alert')).toContainText('Miles of this trip, in mi.');
  await so.fill('5');
  const ahead = page.getByRole('region', { name: 'Towed on with' });
  await expect(ahead).toContainText('Next check 5 mi after it began');
  await hubsCool(page);
  await choose(page, /1L: hot hub/, 'As it was');
  await page.getByRole('button', { name: 'The rest looks right: drive on' }).click();
  await expect(page.getByRole('button', { name: 'I am the passenger' })).toBeVisible();
  // Miles told there are the miles everywhere, and the look of 5 mi is made.
  await expect(page.getByRole('main')).toContainText('5 mi');
  await expect(line(page)).toContainText('Go with care: 20 mi left, 45 mph at most');
  await page.goto('/walk?walk=stop');
  await hubsCool(page);
  await choose(page, /1L: hot hub/, 'Worse');
  await page.getByRole('button', { name: 'Log it: it is not all right' }).click();
  await expect(line(page)).toContainText('Stay: not towed any farther');
  // It stands: nobody drives on by that tap.
  await expect(page.getByRole('button', { name: 'Drive on anyway' })).toBeVisible();
});

test('a look that has come and is not made does not roll on by one tap', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [towedOnWith('1L', 'hot', [25, 45])]);
  await begin(page);
  await page.getByRole('textbox', { name: 'Your miles so far' }).fill('5');
  await page.getByRole('button', { name: 'Note the miles' }).click();
  await page.goto('/walk?walk=stop');
  await hubsCool(page);
  await expect(page.getByText('1 check above not made yet, due here')).toBeVisible();
  await page.getByRole('button', { name: 'The rest looks right: log it' }).click();
  await expect(page.getByRole('region', { name: 'The next look' })).toContainText('Check 1L: hot hub');
  await page.goto('/walk');
  await expect(page.getByRole('button', { name: 'Drive on', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'I am the passenger' })).toHaveCount(0);
});

test('home tells a limit that was passed on the way', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [towedOnWith('1L', 'nail', [25, 45])]);
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByLabel('Towed', { exact: true }).fill('60');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  const came = page.getByRole('dialog');
  await expect(came).toContainText('A limit was passed on this trip: it stays where it is now.');
  await expect(came.getByRole('region', { name: 'How far it may roll' })).toContainText(
    'Stay: not towed any farther',
  );
});

test('people come first, whatever is broken', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble');
  for (const said of [
    'Off the road. Hazard lamps, parking brake. Nobody stays in the trailer; gas shut at its bottle where that is safe.',
    'Everyone out on the side away from traffic, behind the barrier and back from the rig, never ahead of it.',
    'Vest on, triangles out; on a freeway only where you walk behind the barrier to set them.',
    'No safe way out, as in a lane or on a bridge: belts on, hazard lamps, call for help.',
    'everyone out and 100 ft upwind, 300 ft and behind something solid with gas or fuel aboard.',
    'Fire service first; an extinguisher only while it is small, from upwind, a way out behind you, one try.',
    'no water on hot metal, no cap opened, let it cool with the wheel on.',
    'bursts sideways: stand in line with its tread, 50 ft off while it smokes.',
  ])
    await expect(page.getByRole('main')).toContainText(said);
});

test('a second trouble at the same spot does not ask for the spot again; rolled on, it does', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const asks = page.getByRole('heading', { level: 1 });
  const capGone = async () => {
    await page.getByRole('button', { name: 'Grease cap missing' }).click();
    await page.getByRole('button', { name: /^1L/ }).click();
    for (const answer of ['There', 'No movement', 'Clean'])
      await page.getByRole('button', { name: answer, exact: true }).click();
    await page.getByRole('radio', { name: /^Not now/ }).click();
    await page.getByRole('button', { name: 'Add it to the log' }).click();
    await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toBeVisible();
  };
  await page.goto('/trouble');
  await peopleFirst(page);
  await capGone();
  await page.goto('/trouble');
  await expect(asks).toHaveText('What do you see?');
  await capGone();
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByLabel('Towed', { exact: true }).fill('5');
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.goto('/trouble');
  await expect(asks).toHaveText('People first');
  await peopleFirst(page);
  // Hours later nobody knows where it stands.
  later(3 * 3_600_000);
  await page.goto('/trouble');
  await expect(asks).toHaveText('People first');
});

test('alone on the traffic side, and in the dark without lamps, nobody is led through work', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble');
  await choose(page, 'Where are you?', 'On the road');
  await choose(page, /lane/, 'Yes');
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'Yes');
  await choose(page, /dark/, 'Yes');
  await expect(page.getByRole('button', { name: 'Answer these first' })).toBeVisible();
  await choose(page, /Traffic runs/, 'Left');
  await choose(page, /Lamps on you/, 'No');
  await expect(page.getByRole('status').first()).toContainText('Nothing is worked at on the left side');
  await page.getByRole('button', { name: 'What do you see?' }).click();
  await page
    .getByRole('button', { name: /Stud|nut/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^1L/ }).click();
  for (let asked = 0; asked < 12; asked += 1) {
    const unknown = page.getByRole('button', { name: 'Not known', exact: true });
    const skip = page.getByRole('button', { name: 'Not known here' });
    if ((await unknown.count()) > 0) await unknown.click();
    else if ((await skip.count()) > 0) await skip.click();
    else break;
  }
  await expect(
    page.getByText(/No work here: it takes lamps on you and on the rig and someone with you/),
  ).toBeVisible();
});

test('figures that were told stay in sight through the questions of a trouble', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble?seen=hot&at=1L&hub=355&mate=320&air=300');
  await choose(page, /lane/, 'Yes');
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'No');
  await choose(page, /dark/, 'No');
  await page.getByRole('button', { name: 'On to what decides' }).click();
  await expect(page.getByRole('region', { name: 'Figures so far' })).toContainText('Hub temperature 179 °F');
});

test('a figure typed and not answered with yet is there again after a reload', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble');
  await peopleFirst(page);
  await page.getByRole('button', { name: 'Hot hub' }).click();
  await page.getByRole('button', { name: /^1L/ }).click();
  const field = page.getByRole('textbox', { name: 'Figure' });
  await field.fill('14');
  // A reload here takes what is on its way to the disk along.
  await new Promise((done) => setTimeout(done, 500));
  await page.reload();
  await expect(field).toHaveValue('14');
  await field.fill('140');
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  // The next question begins empty.
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/^Hub temperature/);
  await expect(field).toHaveValue('');
});

test('the rig in hand stays in hand: in every place opened without one', async ({ page }) => {
  demo();
  await page.goto('/');
  const tabs = page.getByRole('navigation', { name: 'Rigs' });
  await tabs.getByRole('link', { name: 'Hive Cart' }).click();
  for (const place of ['/bench', '/walk', '/plan', '/rig', '/parts', '/']) {
    await page.goto(place);
    await expect(tabs.getByRole('link', { name: 'Hive Cart' })).toHaveAttribute('aria-current', 'page');
  }
});

test('a trouble told at another stop asks whether it is still this one, and its place again', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble');
  await peopleFirst(page);
  await page.getByRole('button', { name: 'Hot hub' }).click();
  await page.getByRole('button', { name: /^1L/ }).click();
  const asks = page.getByRole('heading', { level: 1 });
  await expect(asks).toHaveText(/^Hub temperature/);
  await page.goto('/trouble');
  await expect(asks).toHaveText(/^Hub temperature/);
  later(40 * DAY_MS);
  await page.goto('/trouble');
  await expect(asks).toHaveText('Still this one?');
  await expect(page.getByRole('main')).toContainText('Hot hub, 1L');
  await page.getByRole('button', { name: 'Still this one: ask again' }).click();
  await expect(asks).toHaveText('People first');
  await choose(page, /lane/, 'No');
  await choose(page, /level/, 'No');
  await choose(page, /alone/, 'Yes');
  await choose(page, /Traffic runs/, 'Left');
  await choose(page, /dark/, 'Yes');
  await choose(page, /Lamps on you/, 'Yes');
  await page.getByRole('button', { name: 'On to what decides' }).click();
  await expect(asks).toHaveText(/^Hub temperature/);
});

test('counting by position that was stopped stays stopped, however slow the disk is', async ({ page }) => {
  const geolocation = { watchPosition: jest.fn(() => 1), clearWatch: jest.fn() };
  Object.defineProperty(navigator, 'geolocation', { value: geolocation, configurable: true });
  await setUp(page, DRIFTWOOD);
  await begin(page);
  await page.getByRole('button', { name: 'Count miles by position' }).click();
  const stop = page.getByRole('button', { name: 'Stop counting by position' });
  await expect(stop).toBeVisible();
  // Longer than the page waits to draw itself anew.
  slowDrafts(1500);
  await stop.click();
  await expect(page.getByRole('button', { name: 'Count miles by position' })).toBeVisible();
  expect(geolocation.watchPosition).toHaveBeenCalledTimes(1);
  expect(geolocation.clearWatch).toHaveBeenCalledTimes(1);
});
