import { readdirSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';

/** What a place is asked for beside the rig; a place that is not named here is opened for the rig alone. */
const ASKED: Readonly<Record<string, readonly string[]>> = {
  bench: ['', 'place=2R'],
  sheet: ['jobs=repack:2R'],
  end: ['place=1R'],
  practice: [
    '',
    ...['nut', 'listen', 'order', 'grade', 'star', 'fault', 'leak', 'tongue', 'drag', 'wheel'].map(
      (drill) => `drill=${drill}&seed=5`,
    ),
    'drill=fault&seed=6',
  ],
};

/** Every page of the application, as its folders have them. */
const PATHS = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => basename(file) === 'page.tsx')
  .map((file) => (dirname(file) === '.' ? '' : dirname(file)))
  .sort()
  .flatMap((place) => (ASKED[place] ?? ['']).map((asked) => `/${place}?rig=${JUNIPER}&${asked}`));

/** So few that none of the tests below is long. */
const AT_ONCE = 3;
const GROUPS = Array.from({ length: Math.ceil(PATHS.length / AT_ONCE) }, (_, i) =>
  PATHS.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
);
const name = (path: string) => path.replace(/\?.*?(drill=[a-z]+&seed=\d+)?$/, ' $1').trim();

type Theme = 'day' | 'night' | 'sun';

const setTheme = (page: Page, theme: Theme) =>
  page.evaluate((chosen) => {
    localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: chosen }));
    // As another tab would tell it.
    window.dispatchEvent(new StorageEvent('storage', { key: 'yardline' }));
  }, theme);

async function told(axe: AxeBuilder, path: string): Promise<readonly string[]> {
  // No page has another origin in it, so there is nothing that a page of its own would have to join.
  const { violations } = await axe.setLegacyMode().analyze();
  return violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${path} ${id}: ${html}`));
}

test.use({ contextOptions: { reducedMotion: 'reduce' } });

test.beforeEach(async ({ context }) => {
  await context.addInitScript(() => {
    if (!localStorage.getItem('yardline'))
      localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day' }));
  });
});

for (const paths of GROUPS)
  test(`readable and named by day, by night and in the sun, no wider than a phone: ${paths.map(name).join(', ')}`, async ({
    page,
  }) => {
    for (const path of paths) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      expect(
        await told(
          new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice']),
          path,
        ),
      ).toEqual([]);
      // Names, roles and sizes do not change with the light; contrast does.
      for (const theme of ['night', 'sun'] as const) {
        await setTheme(page, theme);
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
        expect(
          await told(new AxeBuilder({ page }).withRules(['color-contrast']), `${path} by ${theme}`),
        ).toEqual([]);
      }
      await setTheme(page, 'day');
      await page.setViewportSize({ width: 390, height: 844 });
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });

test('a card in hand is readable and named', async ({ page }) => {
  await page.goto(`/bench?rig=${JUNIPER}&place=2R`);
  await page.getByRole('button', { name: 'Start the card' }).click();
  await expect(page.getByRole('button', { name: 'Pause this job' })).toBeVisible();
  expect(await told(new AxeBuilder({ page }), 'card')).toEqual([]);
});

test('the demo says that it is one, and its data stay apart', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('complementary', { name: 'Demo' })).toBeVisible();
  await page.getByRole('button', { name: 'My own yard' }).click();
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();
  await expect(page.getByRole('complementary', { name: 'Demo' })).toHaveCount(0);
});
