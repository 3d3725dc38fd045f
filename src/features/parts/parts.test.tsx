/** @jest-environment ./src/testing/environment.cjs */
import { readFileSync } from 'node:fs';
import { toSI } from '@/core/base';
import { alertOf, choose, demo, DRIFTWOOD, setUp, test, type Seeded, type TestPage } from '@/testing';

/** Puts a tire on record at a place, as one that sits there already. */
async function record(page: TestPage, place: string, dot: string): Promise<void> {
  await page
    .getByRole('listitem')
    .filter({ hasText: new RegExp(`^${place}`) })
    .getByRole('button')
    .click();
  await page.getByLabel('DOT date').fill(dot);
  await page.getByLabel('Size').fill('ST205/75R15');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
}

/** Puts it on record though it contradicts something, which is pointed out. */
async function insist(page: TestPage, told: string): Promise<void> {
  await expect(alertOf(page)).toContainText(told);
  await page.getByRole('button', { name: 'Save it anyway' }).click();
}

const row = (page: TestPage, place: string) =>
  page.getByRole('listitem').filter({ hasText: new RegExp(`^${place}`) });

test('a replaced tire starts at nothing, the old one goes to the shelf with its grade', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/parts');
  await record(page, '1L', '1118');
  await insist(page, 'past your limit of 6');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  // Age past the house limit stands on the Yard with its reason.
  const next = page.getByRole('region', { name: 'Next for Driftwood' });
  await expect(next).toContainText(/Tire age 1L.*to 6 years of age, house rule.*years past/);
  await page.goto('/parts');
  await row(page, '1L').getByRole('button').click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('Age beats tread on trailers');
  await sheet.getByRole('button', { name: 'Fit another here' }).click();
  await choose(page, 'The old one', 'Goes to the shelf');
  await choose(page, 'The old one is', 'Worn');
  await sheet.getByLabel('DOT date').fill('9925');
  await sheet.getByRole('button', { name: 'Fit the other tire' }).click();
  await expect(alertOf(page)).toContainText('There is no week 99');
  await sheet.getByLabel('DOT date').fill('1125');
  await sheet.getByRole('button', { name: 'Fit the other tire' }).click();
  await expect(row(page, '1L')).toContainText('DOT 1125');
  await expect(row(page, '1L')).toContainText('rolled 0 mi');
  const chip = page.getByRole('button', { name: /DOT 1118/ }).last();
  await expect(chip).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).not.toContainText('years past');
});

test('a tire that was not made for trailers is pointed out, and stands on the Yard if it is kept', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/parts');
  await row(page, '1R').getByRole('button').click();
  await page.getByLabel('Size').fill('P205/75R15');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await insist(page, 'a passenger tire');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText(
    '1R: a passenger tire',
  );
  await expect(page.getByRole('button', { name: /^1R,/ }).first()).toContainText('tire: see why');
});

test('what the bench reads off bearings and seals is known to the parts', async ({ page }) => {
  demo();
  await page.goto('/parts');
  await page.getByRole('button', { name: 'Seals' }).click();
  await expect(row(page, '2R')).toContainText('YS-171');
  await page.getByRole('button', { name: 'Inner bearing sets' }).click();
  await row(page, '2R').getByRole('button').click();
  await expect(page.getByRole('dialog')).toContainText('YB-68, marked or measured');
});

const seal = (place: '1L' | '1R'): Seeded => ({
  kind: 'part.fitted',
  body: {
    part: `seal ${place}`,
    spec: { kind: 'seal', facts: { number: { value: 'YS-20', source: 'marking' } } },
    to: place,
    rolled: 0,
  },
});
const FOUND: readonly Seeded[] = [
  seal('1L'),
  seal('1R'),
  ...(['1L', '1R'] as const).map((place): Seeded => ({
    kind: 'finding.opened',
    body: { place, verdict: 'due', of: { subject: 'seal', grade: 'weeping' }, remedy: 'repack' },
  })),
  { kind: 'trip', body: { distance: toSI(40, 'mi'), launches: 0 } },
];

test('what to order: two seals for two ends, one bought with its price and laid on the shelf leaves one; the price is in the money', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, FOUND);
  await page.goto('/to-order');
  await expect(page.getByText('2 grease seals, number YS-20, for 1L and 1R of Driftwood')).toBeVisible();
  await expect(page.getByText('2 cotter pins')).toBeVisible();
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a table' }).click(),
  ]);
  expect(readFileSync(await table.path(), 'utf8')).toContain('"YS-20"'.replaceAll('"', ''));
  await page.goto('/parts?kind=seal');
  await page.getByRole('button', { name: /shelf/i }).first().click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Number').fill('YS-20');
  await sheet.getByLabel('Price, if it was bought').fill('six');
  await sheet.getByRole('button', { name: /^Add it to the log|^Put it on the shelf/ }).click();
  await expect(sheet.getByText('An amount, as a number.')).toBeVisible();
  await sheet.getByLabel('Price, if it was bought').fill('$6.80');
  await sheet.getByLabel('Where it came from').fill('Parts counter');
  await sheet.getByRole('button', { name: /^Add it to the log|^Put it on the shelf/ }).click();
  await expect(sheet).toHaveCount(0);
  await page.goto('/to-order');
  await expect(page.getByText('1 grease seal, number YS-20, for 1L and 1R of Driftwood')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Parts counter' })).toContainText('2 needed, 1 here');
  // What is used up is counted once; the work ahead takes of it.
  const used = page.getByRole('region', { name: 'Used up as you go' });
  await used.getByRole('button', { name: /Cotter pins/ }).click();
  await sheet.getByLabel('How much').fill('a few');
  await sheet.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(sheet.getByText('A number, in pieces.')).toBeVisible();
  await sheet.getByLabel('How much').fill('5');
  await sheet.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(used).toContainText('5 pieces left');
  await expect(used).toContainText('the work ahead takes 2 pieces, leaves 3 pieces');
  await page.goto('/money');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('$6.80');
});

const FACTS: readonly Seeded[] = [
  {
    kind: 'rig.changed',
    body: {
      changes: {
        gvwr: { value: toSI(3000, 'lb'), source: 'maker' },
        'wheels.socket': { value: toSI(0.75, 'in'), source: 'marking' },
        'lifting.point': 'frame',
        'lifting.height': { value: toSI(18, 'in'), source: 'owner' },
      },
    },
  },
];

test('a kit is filled and read: what is there, whether it serves and by which figure, and what it can finish', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, FACTS);
  await page.goto('/kit');
  const headline = page.getByRole('heading', { level: 1 });
  await expect(headline).toHaveText(/^1 of 26 troubles/);
  // What has no figures is one tap, and one to take it back.
  const tile = (name: RegExp) => page.getByRole('region', { name: 'The box' }).getByRole('button', { name });
  await tile(/^Hammer, punch/).click();
  await expect(tile(/^Hammer, punch/)).toContainText('Aboard');
  await expect(headline).toHaveText(/^2 of 26 troubles/);
  // Seen to be there, and then corrected: no double tap.
  await new Promise((resolve) => setTimeout(resolve, 800));
  await tile(/^Hammer, punch/).click();
  await expect(tile(/^Hammer, punch/)).toContainText('Not aboard');
  // A socket by its size.
  await tile(/^Lug socket/).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Size').fill('three');
  await sheet.getByRole('button', { name: 'Aboard', exact: true }).click();
  await expect(sheet.getByText('A number, in in.')).toBeVisible();
  await sheet.getByLabel('Size').fill('13/16');
  await sheet.getByRole('button', { name: 'Aboard', exact: true }).click();
  await expect(tile(/^Lug socket/)).toContainText('13/16 in against lug nuts of 3/4 in');
  // A jack by heights and rating, drawn to scale.
  await tile(/^Jack Not said/).click();
  for (const [label, value] of [
    ['At its lowest', '6'],
    ['At its highest', '15'],
    ['Rated for', '4000'],
    ['How far a flat lets the axle down', '3'],
    ['How far the wheel hangs down when lifted', '2'],
  ] as const)
    await sheet.getByLabel(label).fill(value);
  await sheet.getByRole('button', { name: 'Aboard', exact: true }).click();
  await expect(tile(/^Jack /).first()).toContainText('Lifts to 15.0 in, 21.0 in is needed with a flat');
  await tile(/^Blocks/).click();
  await sheet.getByLabel('Height').fill('8');
  await sheet.getByRole('button', { name: 'Aboard', exact: true }).click();
  await expect(tile(/^Jack /).first()).toContainText('Reaches 23.0 in, 21.0 in is needed with a flat');
  await tile(/^Jack /)
    .first()
    .click();
  await expect(sheet.getByRole('img', { name: /^Jack on 8/ })).toBeVisible();
  await sheet.getByRole('button', { name: 'Not aboard' }).click();
  await expect(tile(/^Jack /).first()).toContainText('Not aboard');
  // The rack says what is missing, and what to get first.
  const rack = page.getByRole('region', { name: 'What can be finished' });
  await expect(rack.getByRole('listitem').filter({ hasText: 'Lights out' })).toContainText(
    'Missing: bulbs or a lamp set',
  );
  await expect(page.getByRole('region', { name: 'What to get' })).toContainText('Get first:');
  // The Road tells it before one sets out.
  await page.goto('/walk');
  await expect(page.getByText(/\d+ of 26 troubles can be finished on the road/)).toBeVisible();
});
