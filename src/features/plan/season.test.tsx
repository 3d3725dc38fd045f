/** @jest-environment ./src/testing/environment.cjs */
import { readFileSync } from 'node:fs';
import { alertOf, demo, DRIFTWOOD, inDays, setUp, test } from '@/testing';

test('the season is told once, and its work becomes a list that is ticked off', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Plan', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'When do you tow?' })).toBeVisible();
  await page.getByRole('button', { name: 'Set your season' }).click();
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('without one there is no date for spring');
  // A season that began a month ago and goes on for half a year: its spring work is late.
  await page.getByLabel('First trips about').fill(inDays(-30));
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('Enter the day it ends as well');
  await page.getByLabel('Laid up by').fill(inDays(150));
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('heading', { name: /^Spring commissioning: .* late since/ })).toBeVisible();

  const spring = page.getByRole('region', { name: 'Spring commissioning' });
  const lights = spring.getByRole('listitem').filter({ hasText: /^Lights/ });
  await expect(lights).toContainText('no record yet');
  await lights.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Done and good' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(lights).toContainText('done');
  await expect(lights.getByRole('button')).toHaveCount(0);
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Lights tested/ })).toBeVisible();
});

test('the calendar file has a day for each routine, and the same identifiers when it is saved again', async ({
  page,
}) => {
  demo();
  await page.goto('/plan?rig=018bf000-0000-7000-8000-000000000001');
  const save = page.getByRole('button', { name: 'Save the calendar file' });
  // The forecast is worked out first, on a thread of its own.
  await expect(save).toBeEnabled();
  const uids = async () => {
    const download = page.waitForEvent('download');
    await save.click();
    const text = readFileSync(await (await download).path(), 'utf8');
    return { text, uids: [...text.matchAll(/^UID:(.*)\r$/gm)].map(([, uid]) => uid).sort() };
  };
  const first = await uids();
  expect(first.text).toContain('SUMMARY:Juniper: Repack 1L');
  expect(first.text.replace(/\r\n /g, '')).toContain('Likely about');
  expect(new Set(first.uids).size).toBe(first.uids.length);
  expect(first.uids.length).toBeGreaterThan(15);
  expect((await uids()).uids).toEqual(first.uids);
});
