import { expect, test } from '@playwright/test';
import { toSI } from '../src/core/quantity';
import type { Seeded } from './by-script';
import { DRIFTWOOD, setUp } from './steps';

test.use({ viewport: { width: 390, height: 844 } });

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
  await expect(headline).toHaveText(/^1 of 21 troubles/);
  // What has no figures is one tap, and one to take it back.
  const tile = (name: RegExp) => page.getByRole('region', { name: 'The box' }).getByRole('button', { name });
  await tile(/^Hammer, punch/).click();
  await expect(tile(/^Hammer, punch/)).toContainText('Aboard');
  await expect(headline).toHaveText(/^3 of 21 troubles/);
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
  await expect(page.getByText(/\d+ of 21 troubles can be finished on the road/)).toBeVisible();
});
