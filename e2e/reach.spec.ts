import { readdirSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import { expect, test } from '@playwright/test';
import { against, whole } from './axe';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';

/** What a place is asked for beside the rig; a place that is not named here is opened for the rig alone. */
const ASKED: Readonly<Record<string, readonly string[]>> = {
  bench: ['', 'place=2R'],
  sheet: ['jobs=repack:2R'],
  end: ['place=1R'],
  figures: ['', 'of=balance&guess=1&seed=5'],
  practice: [
    '',
    ...['nut', 'listen', 'order', 'grade', 'star', 'fault'].map((drill) => `drill=${drill}&seed=5`),
    'drill=fault&seed=6',
  ],
};

/** Every page of the application, as its folders have them. */
const PATHS = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => basename(file) === 'page.tsx')
  .map((file) => (dirname(file) === '.' ? '' : dirname(file)))
  .sort()
  .flatMap((place) => (ASKED[place] ?? ['']).map((asked) => `/${place}?rig=${JUNIPER}&${asked}`));

/** So few that none of the tests below is long, so many that a page's scripts are seldom read anew. */
const AT_ONCE = 5;
const GROUPS = Array.from({ length: Math.ceil(PATHS.length / AT_ONCE) }, (_, i) =>
  PATHS.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
);
const name = (path: string) => path.replace(/\?.*?(drill=[a-z]+&seed=\d+)?$/, ' $1').trim();

test.use({ contextOptions: { reducedMotion: 'reduce' } });

test.beforeEach(async ({ context }) => {
  await context.addInitScript(() => {
    if (!localStorage.getItem('yardline'))
      localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' }));
  });
});

// In which light a page is read makes no difference to the rest; that its colors are told apart in each is the tokens' own test.
for (const paths of GROUPS)
  test(`readable and named, no wider than a phone: ${paths.map(name).join(', ')}`, async ({ page }) => {
    for (const path of paths) {
      await page.goto(path);
      await whole(page);
      expect(await against(page), path).toEqual([]);
      await page.setViewportSize({ width: 390, height: 844 });
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });

test('a card in hand is readable and named', async ({ page }) => {
  await page.goto(`/bench?rig=${JUNIPER}&place=2R`);
  await page.getByRole('button', { name: 'Start the card' }).click();
  await expect(page.getByRole('button', { name: 'Pause this job' })).toBeVisible();
  expect(await against(page)).toEqual([]);
});
