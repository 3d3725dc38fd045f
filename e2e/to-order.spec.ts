import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { toSI } from '../src/core/quantity';
import type { Seeded } from './by-script';
import { DRIFTWOOD, setUp } from './steps';

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
