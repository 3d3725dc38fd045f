import { expect, test } from '@playwright/test';
import { drawn, DRIFTWOOD, setUp } from './steps';

const LONG = 'W'.repeat(40);
const WORD = 'x'.repeat(180);

test('words without end wrap on a phone, wherever its owner can type them', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await setUp(page, DRIFTWOOD, [
    { kind: 'note', body: { text: WORD } },
    { kind: 'finding.opened', body: { place: '1L', verdict: 'watch', text: WORD } },
    { kind: 'opinion', body: { place: '1L', who: LONG, said: WORD, decided: WORD } },
    { kind: 'trip', body: { distance: 20_000, launches: 0, note: WORD } },
    { kind: 'rig.changed', body: { changes: { 'wheels.coverTool': LONG, 'wheels.key': LONG } } },
  ]);
  for (const path of ['/', '/logbook', '/finding', '/end?place=1L', '/rig', '/bench?place=1L', '/plan']) {
    await page.goto(path);
    await expect(page.locator('main h1').first()).toBeVisible();
    await drawn(page);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect([path, wide]).toEqual([path, 390]);
  }
  await page.goto('/finding');
  await page.getByRole('link', { name: WORD }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('xxx');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});
