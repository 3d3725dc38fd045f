import type { Page } from '@playwright/test';
import { makeEntry, HOUSE, type Entry } from '../../src/core/log';
import { BASE, served, SLOWED, visited } from '../browser';
import { longLog } from '../log';
import { middle, type Part, type Row } from '../table';

const PHOTOS = 2000;

/** A long log with a picture for every ninth entry of it. */
function withPhotos(): readonly Entry[] {
  const log = longLog(20_000 - PHOTOS);
  const rig = log.find((entry) => entry.rig !== HOUSE)?.rig ?? '';
  const every = Math.floor(log.length / PHOTOS);
  const photos = Array.from({ length: PHOTOS }, (_, i): Entry => {
    const beside = log[i * every];
    const at = beside?.happened ?? '';
    const ms = Date.parse(at).toString(16).padStart(12, '0');
    const n = i.toString(16).padStart(12, '0');
    return makeEntry(
      'photo',
      { id: `${ms.slice(0, 8)}-${ms.slice(8)}-7fff-8fff-${n}`, rig, happened: at, recorded: at },
      { hash: i.toString(16).padStart(64, 'a'), bytes: 90_000, width: 1200, height: 900, place: '1L' },
    );
  });
  return [...log, ...photos];
}

/** Milliseconds from a tap to the frame in which something of the page is another. */
async function tapped(page: Page, button: string, count: string): Promise<number> {
  const measured = page.evaluate((what) => {
    const now = () => document.querySelectorAll(what).length;
    let before = now();
    return new Promise<number>((resolve, reject) => {
      setTimeout(() => reject(new Error(`nothing came of it: ${what}`)), 20_000);
      let start = 0;
      document.addEventListener(
        'click',
        () => {
          before = now();
          start = performance.now();
        },
        { capture: true, once: true },
      );
      const seen = new MutationObserver(() => {
        if (start === 0 || now() === before) return;
        seen.disconnect();
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
      });
      seen.observe(document.body, { subtree: true, childList: true });
    });
  }, count);
  // Whoever taps has stopped scrolling.
  await page.locator(button).first().scrollIntoViewIfNeeded();
  await page.waitForTimeout(400);
  await page.locator(button).first().click();
  return measured;
}

/** Milliseconds from a turn of the wheel by one screen to the frame in which the rows there are drawn. */
function scrolled(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const start = performance.now();
        const drawn = () => {
          const row = document.elementFromPoint(innerWidth / 2, innerHeight / 2)?.closest('li, h2, section');
          if (row) setTimeout(() => resolve(performance.now() - start));
          else requestAnimationFrame(drawn);
        };
        scrollBy(0, -innerHeight);
        requestAnimationFrame(drawn);
      }),
  );
}

/** Twenty years with two thousand pictures. */
export const scale: Part = {
  says: 'taps in the Logbook and on the Yard with 20,000 entries and 2,000 photos',
  measure: () =>
    served(() =>
      visited(
        withPhotos(),
        async ({ page, slow }) => {
          const rows: Row[] = [];
          for (const rate of [1, SLOWED]) {
            await page.goto(`${BASE}/logbook`);
            await page.locator('main li button').first().waitFor({ timeout: 60_000 });
            await page.waitForTimeout(4000);
            await slow(rate);
            const open: number[] = [];
            for (let i = 0; i < 5; i++) {
              open.push(await tapped(page, `main li:nth-child(${i + 2}) button`, '[role=dialog]'));
              await page.keyboard.press('Escape');
              await page.locator('[role=dialog]').waitFor({ state: 'detached' });
            }
            const more: number[] = [];
            for (let i = 0; i < 4; i++) {
              more.push(await tapped(page, 'main button:text-is("Earlier entries")', 'main li'));
              await page.waitForTimeout(600);
            }
            const by: number[] = [];
            for (let i = 0; i < 6; i++) {
              by.push(await scrolled(page));
              await page.waitForTimeout(300);
            }
            await slow(1);
            const as = rate === 1 ? '' : `, slowed ${rate} ×`;
            rows.push(
              {
                what: `Logbook: an entry opened${as}`,
                measured: middle(open.slice(1)),
                unit: 'ms',
                budget: 100,
                decimals: 0,
              },
              {
                what: `Logbook: earlier entries${as}`,
                measured: middle(more.slice(1)),
                unit: 'ms',
                budget: 100,
                decimals: 0,
              },
              {
                what: `Logbook: scrolled by a screen${as}`,
                measured: middle(by),
                unit: 'ms',
                budget: 100,
                decimals: 0,
              },
            );
          }
          return rows;
        },
        { photos: true },
      ),
    ),
};
