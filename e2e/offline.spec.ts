import { expect, test } from '@playwright/test';
import { skipTo } from './by-script';
import { DRIFTWOOD, saveArchive, setUp, startRepack, tow, workTo } from './steps';
import { typeRig } from './type-rig';

// The other journeys do without; here it is what is tested.
test.use({ serviceWorkers: 'allow' });

test('after one visit all of it works with the network off', async ({ page, context }) => {
  await page.goto('/');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();

  await typeRig(page, DRIFTWOOD);
  await tow(page, '40');
  await startRepack(page, '1L');
  await skipTo(page, /Grade rollers/);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Grade rollers and races of 1L');
  await workTo(page, /Pack both bearings/);
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await tow(page, '11');
  await page
    .getByRole('region', { name: 'Next for Driftwood' })
    .getByRole('button', { name: 'Recheck', exact: true })
    .first()
    .click();
  await page.getByRole('button', { name: 'All held' }).click();

  // The forecast is worked out off the page's thread, from a worker that was kept as well.
  await page.getByRole('button', { name: /^1L,/ }).first().click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Rock and spin 1L/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('with no record yet');
  await page.keyboard.press('Escape');

  // From place to place the page is not loaded anew.
  await page.evaluate(() => Object.assign(window, { sameDocument: true }));
  for (const [place, heading] of [
    ['Logbook', 'Logbook'],
    ['Bench', 'What are you working on?'],
    ['Backup & settings', 'Your record is yours'],
  ] as const) {
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
    await expect(page.getByRole('heading', { name: heading })).toBeVisible();
  }
  expect(await page.evaluate(() => 'sameDocument' in window)).toBe(true);

  expect(await saveArchive(page)).toBeTruthy();
  await page.goto('/nowhere-at-all');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
});

test('no request leaves the origin, and nothing is barred by the page’s own policy', async ({
  page,
  baseURL,
}) => {
  const foreign: string[] = [];
  const complaints: string[] = [];
  page.on('request', (request) => {
    const url = new URL(request.url());
    if (!['data:', 'blob:'].includes(url.protocol) && url.origin !== new URL(baseURL ?? '').origin)
      foreign.push(request.url());
  });
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(error.message));
  await page.goto('/');
  await page.getByRole('button', { name: 'Look around the demo yard' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fit to tow after two jobs');
  for (const path of ['/bench', '/logbook', '/setup', '/keep', '/lost']) {
    const response = await page.goto(path);
    const headers = response?.headers() ?? {};
    expect(headers['content-security-policy']).toContain("default-src 'none'");
    expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  expect(foreign).toEqual([]);
  expect(complaints).toEqual([]);
});

test('the scenario and the open format are served, and a bad question is told so', async ({ request }) => {
  const demo = await (await request.get('/api/demo?date=2026-05-16&seed=1')).json();
  expect(demo.entries.length).toBeGreaterThan(150);
  const bad = await request.get('/api/demo?date=yesterday');
  expect(bad.status()).toBe(400);
  expect((await bad.json()).error).toContain('date');
  const schema = await (await request.get('/api/schema')).json();
  expect(schema.title).toBe('Yardline log entry');
});

test('every address that was ever given out leads somewhere, with the network off as well', async ({
  page,
  context,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);
  for (const address of [
    '/?at=1L',
    '/bench',
    '/bench?place=1R',
    '/bench?jobs=repack:1L',
    '/sheet?jobs=repack:1L',
    '/walk',
    '/walk?walk=hitch',
    '/lights',
    '/trouble',
    '/kit',
    '/papers',
    '/money',
    '/to-order',
    '/figures?of=balance',
    '/practice?drill=nut',
    '/practice?drill=grade',
    '/plan',
    '/logbook?place=1L&kind=work',
    '/finding',
    '/end?place=1R',
    '/parts?kind=tire',
    '/identify?by=date',
    '/survey',
    '/rules',
    '/rig',
    '/setup',
    '/keep',
  ]) {
    await page.goto(address);
    await expect(page.locator('h1').first(), address).toBeVisible();
    await expect(page.getByRole('heading', { name: 'There is no such page' }), address).toHaveCount(0);
  }
});
