/** @jest-environment ./src/testing/environment.cjs */
import { toSI } from '@/core/base';
import { choose, DRIFTWOOD, peopleFirst, setUp, test, type Seeded, type TestPage } from '@/testing';

/** From the Yard to what is seen: one tap, and the safety page. */
async function toSeen(page: TestPage, rig = DRIFTWOOD, before: readonly Seeded[] = []): Promise<void> {
  await setUp(page, rig, before);
  await page.goto('/trouble');
  await peopleFirst(page);
}

const verdict = (page: TestPage) => page.getByRole('status', { name: /^Verdict/ });
const ask = (page: TestPage) => page.getByRole('heading', { level: 1 });
const tap = (page: TestPage, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click();
/** Answers the question in hand with a figure; the next one may be a moment away. */
const figure = async (page: TestPage, value: string, asked: RegExp) => {
  await expect(ask(page)).toHaveText(asked);
  await page.getByRole('textbox', { name: 'Figure' }).fill(value);
  await tap(page, 'Next');
};
const stands = (page: TestPage) => page.getByRole('region', { name: 'What stays open' });
const next = (page: TestPage, rig = 'Driftwood') => page.getByRole('region', { name: `Next for ${rig}` });

const TANDEM = { ...DRIFTWOOD, axles: 2 as const };
const RATED: readonly Seeded[] = [
  {
    kind: 'rig.changed',
    body: {
      changes: {
        gvwr: { value: toSI(3000, 'lb'), source: 'maker' },
        'axles.0.rating': { value: toSI(3500, 'lb'), source: 'maker' },
        'axles.1.rating': { value: toSI(3500, 'lb'), source: 'maker' },
      },
    },
  },
];

test('people first: nobody works beside the lane, and at home there are no miles', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/trouble');
  await expect(ask(page)).toHaveText('People first');
  await expect(page.getByRole('button', { name: 'Answer these first' })).toBeDisabled();
  await choose(page, 'Where are you?', 'On the road');
  await choose(page, /lane/, 'No');
  await expect(page.getByText('Nobody works here')).toBeVisible();
  await choose(page, /level/, 'No');
  await choose(page, /alone/, 'Yes');
  await choose(page, /Traffic runs/, 'Left');
  await choose(page, /dark/, 'Yes');
  await choose(page, /Lamps on you/, 'No');
  await tap(page, 'What do you see?');
  await tap(page, 'Grease cap missing');
  await tap(page, /^1L/);
  await tap(page, 'There');
  await tap(page, 'No movement');
  await tap(page, 'Clean');
  // The work is not offered where nobody should be working.
  await expect(page.getByText(/^No work here/)).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Take me through it/ })).toHaveCount(0);
  await tap(page, 'Start over');
  await choose(page, 'Where are you?', 'At home');
  await expect(page.getByText('no limits in miles')).toBeVisible();
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'No');
  await choose(page, /dark/, 'No');
  await tap(page, 'What do you see?');
  await tap(page, 'Grease on the wheel');
  await tap(page, /^1R/);
  await tap(page, 'Cool, and it does not rock');
  await tap(page, 'The cap, in front');
  await expect(verdict(page)).toContainText('Put right before the next trip');
  await expect(verdict(page)).not.toContainText('mi');
});

test('a flat on a tandem without a spare: what the other tire would carry decides, and what it leaves is looked into', async ({
  page,
}) => {
  await toSeen(page, TANDEM, RATED);
  await tap(page, 'Flat or blow-out');
  await tap(page, /^1L/);
  await tap(page, 'Nothing');
  await tap(page, 'No');
  // Axles, load and rating are the rig's own.
  await expect(page.getByRole('region', { name: 'From the rig' })).toContainText('1,500 lb');
  await expect(verdict(page)).toContainText(/Creep.*at most 2 mi, 15 mph/);
  await expect(ask(page)).toHaveText(/^What that tire carries/);
  await figure(page, '2540', /^What that tire carries/);
  await expect(verdict(page)).toContainText(/Go with care.*at most 25 mi, 35 mph ?until /);
  await expect(verdict(page)).toContainText('not on the highway');
  await expect(stands(page)).toContainText('2L: tire off the rim and inspected inside');
  await tap(page, 'Add it to the log');
  await expect(next(page)).toContainText('1L: flat or blow-out');
  // A second one with care on that side is a creep.
  await page.goto('/trouble');
  await tap(page, 'Hot hub');
  await tap(page, /^2L/);
  await tap(page, 'Not known');
  await tap(page, 'One to five seconds');
  await expect(verdict(page)).toContainText(/Creep/);
  await expect(verdict(page)).toContainText('Two troubles on one side');
});

test('a flat with a sound spare: the card of the road, or done already with the nuts tight without a wrench', async ({
  page,
}) => {
  await toSeen(page, TANDEM);
  await tap(page, 'Flat or blow-out');
  await tap(page, /^2R/);
  await tap(page, 'Nothing');
  await tap(page, 'Yes, sound');
  await expect(verdict(page)).toContainText('Put right here');
  await tap(page, 'Add it to the log');
  await expect(page.getByText('Say how it was left.')).toBeVisible();
  await choose(page, 'How is it left?', 'Done already');
  await choose(page, 'How were the nuts left?', 'Tight, without a torque wrench');
  await expect(stands(page)).toContainText('2R: torque these nuts to their figure');
  await choose(page, 'How is it left?', 'Take me through it');
  await tap(page, 'Add it to the log and open the card');
  await expect(page.getByText('On the road: hitched, parking brake on')).toBeVisible();
  await expect(page.getByText('No torque wrench aboard that serves')).toBeVisible();
  await expect(ask(page)).toContainText('Tire change');
});

test('a stud lost with borrowed nuts: each wheel that gave one is made whole first', async ({ page }) => {
  await toSeen(page, { ...TANDEM, studs: 6 });
  await tap(page, 'Stud broken, nuts lost');
  await tap(page, /^1R/);
  await tap(page, 'Round');
  await tap(page, 'Yes');
  await expect(page.getByRole('region', { name: 'From the rig' })).toContainText('6');
  await figure(page, '1.5', /^Nuts or studs that went/);
  await expect(page.getByText('A whole number.')).toBeVisible();
  await figure(page, '1', /^Nuts or studs that went/);
  await figure(page, '0', /^Still missing now/);
  await tap(page, 'Wheels of 6 or 8 studs');
  await expect(verdict(page)).toContainText(/Go with care.*at most 25 mi, 45 mph/);
  await expect(stands(page)).toContainText('make the wheels whole that gave a nut');
  await choose(page, 'How is it left?', 'Not now');
  await choose(page, 'How were the nuts left?', 'Torqued to their figure');
  await tap(page, 'Add it to the log');
  await expect(next(page)).toContainText('stud broken, nuts lost');
});

test('lights out lead to the finder; a missing cap to its card', async ({ page }) => {
  await toSeen(page);
  await tap(page, 'Lights out');
  await tap(page, 'Nothing shows behind');
  await tap(page, 'Rain or fog');
  await expect(verdict(page)).toContainText('Stay');
  await expect(verdict(page)).toContainText('at walking pace on the shoulder');
  await expect(page.getByRole('region', { name: 'Call for recovery' })).toContainText('Driftwood');
  await expect(page.getByRole('link', { name: 'Find the fault' })).toBeVisible();
  await tap(page, 'Change the last answer');
  await tap(page, 'Change the last answer');
  await tap(page, 'Another trouble');
  await tap(page, 'Grease cap missing');
  await tap(page, /^1L/);
  await tap(page, 'There');
  await tap(page, 'No movement');
  await tap(page, 'Clean');
  await expect(verdict(page)).toContainText(/Go with care.*at most 50 mi, 45 mph/);
  await choose(page, 'How is it left?', 'Take me through it');
  await tap(page, 'Add it to the log and open the card');
  await expect(ask(page)).toContainText('1L');
});
