import { expect, test } from '@playwright/test';
import { Tally } from '../tally';

test.use({ serviceWorkers: 'allow' });

/** Ways a browser's cache comes to harm: each is done to what is kept, and told how much of it went. */
const WAYS: readonly (readonly [string, () => Promise<number>])[] = [
  [
    'one script thrown away',
    async () => {
      const name = (await caches.keys()).find((one) => one.includes('precache')) ?? '';
      const cache = await caches.open(name);
      const key = (await cache.keys()).find(({ url }) => url.endsWith('.js'));
      return key && (await cache.delete(key)) ? 1 : 0;
    },
  ],
  [
    'everything emptied',
    async () => {
      const names = await caches.keys();
      for (const name of names) {
        const cache = await caches.open(name);
        for (const key of await cache.keys()) await cache.delete(key);
      }
      return names.length;
    },
  ],
  [
    'the pages of the router gone',
    async () => {
      const soft = (await caches.keys()).filter((name) => name.startsWith('soft-'));
      for (const name of soft) await caches.delete(name);
      return soft.length;
    },
  ],
  [
    'pages gone, scripts there',
    async () => {
      let gone = 0;
      const name = (await caches.keys()).find((one) => one.includes('precache')) ?? '';
      const cache = await caches.open(name);
      for (const key of await cache.keys())
        if (!new URL(key.url).pathname.includes('.') && (await cache.delete(key))) gone += 1;
      return gone;
    },
  ],
  [
    'every page another one',
    async () => {
      let other = 0;
      for (const name of await caches.keys()) {
        const cache = await caches.open(name);
        for (const key of await cache.keys()) {
          const { pathname } = new URL(key.url);
          if (pathname.includes('.') || pathname.startsWith('/api')) continue;
          await cache.put(
            key,
            new Response('<h1>Pay here</h1>', { headers: { 'Content-Type': 'text/html' } }),
          );
          other += 1;
        }
      }
      return other;
    },
  ],
];

test('a broken cache heals at the next visit online', async ({ browser, baseURL }) => {
  const tally = new Tally('caches', 'broken in five ways, healed by one visit');
  for (const [name, harm] of WAYS)
    await tally.attempt(name, async () => {
      const context = await browser.newContext({ ...(baseURL && { baseURL }) });
      const page = await context.newPage();
      await page.goto('/');
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      expect(await page.evaluate(harm)).toBeGreaterThan(0);
      // Online nothing that is not ours is shown, not even once.
      for (const path of ['/', '/bench', '/rules', '/plan', '/logbook']) {
        await page.goto(path);
        await expect(page.getByText('Pay here')).toHaveCount(0);
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      }
      await page.waitForTimeout(9000);
      await context.setOffline(true);
      for (const path of ['/', '/bench', '/rules', '/plan']) {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      }
      await context.close();
    });
  tally.write();
});
