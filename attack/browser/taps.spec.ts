import { DAY_MS } from '../../src/core/base';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { DRIFTWOOD, setUp } from '../../e2e/steps';
import { Tally } from '../tally';
import { WORN } from '../worn';

const GAPS = [80, 120, 200, 300];

/** How many entries the log holds. */
async function entries(page: Page): Promise<number> {
  await page.goto('/logbook');
  const told = page.getByText(/\d+ entr(y|ies)\./);
  await expect(told).toBeVisible();
  return Number(/(\d+) entr/.exec(await told.innerText())?.[1]);
}

const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
const sheet = (page: Page) => page.getByRole('dialog');

interface Control {
  readonly name: string;
  /** Opens and fills what the control commits; gives the control. */
  readonly reach: (page: Page, n: number) => Promise<Locator>;
  /** How many entries one act writes. */
  readonly writes?: number;
}

/** What no crawl from control to control reaches (`controls`): it needs words that fit, or a way of several pages. */
const CONTROLS: readonly Control[] = [
  {
    name: 'a trip',
    reach: async (page, n) => {
      await page.goto('/');
      await page.getByRole('button', { name: 'Home again' }).click();
      await sheet(page)
        .getByLabel('Towed', { exact: true })
        .fill(String(10 + n));
      return sheet(page).getByRole('button', { name: 'Log the trip' });
    },
  },
  {
    name: 'trip planned',
    reach: async (page, n) => {
      await page.goto('/');
      await page.getByRole('button', { name: /^Plan another trip|^Fit for a trip ahead/ }).click();
      await sheet(page)
        .getByLabel('Towed, there and back')
        .fill(String(40 + n));
      await sheet(page)
        .getByLabel('Day it starts')
        .fill(inDays(20 + n));
      return sheet(page).getByRole('button', { name: 'Plan it' });
    },
  },
  {
    name: 'something done to it',
    reach: async (page, n) => {
      await page.goto('/');
      await page.getByRole('button', { name: 'Something was done to it' }).click();
      await sheet(page).getByRole('radio').nth(4).click();
      await sheet(page).getByLabel('Note').fill(`by the yard ${n}`);
      return sheet(page).getByRole('button', { name: 'Add it to the log' });
    },
  },
  {
    name: 'a first look',
    reach: async (page) => {
      await page.goto('/survey');
      const clear = page
        .getByRole('main')
        .getByRole('radio', { name: /^Clear/ })
        .first();
      const keep = page
        .getByRole('main')
        .getByRole('button', { name: /^(Keep|Looked|Put|Next|Not looked)/ })
        .last();
      await expect(clear.or(keep).first()).toBeVisible();
      return clear.isVisible().then((is) => (is ? clear : keep));
    },
  },
  {
    name: 'a brake current',
    // The reading, and the finding it opens or sees again.
    writes: 2,
    reach: async (page, n) => {
      await page.goto('/lights');
      await page.getByLabel('Current').fill(`${3 + n / 10}`);
      await page.getByLabel('At the battery').fill('12.6');
      await page.getByLabel('Wire, one way').fill('30');
      return page.getByRole('region', { name: 'Brake circuit' }).getByRole('button').last();
    },
  },
  {
    name: 'a round logged by hand',
    reach: async (page) => {
      await page.goto('/');
      const next = page.getByRole('region', { name: 'Next for Driftwood' });
      await next.getByRole('button', { name: /^\d+ more$/ }).click();
      await next
        .getByRole('listitem')
        .filter({ hasText: /Look over/ })
        .first()
        .getByRole('button', { name: 'Mark it done' })
        .click();
      await sheet(page).getByRole('button', { name: 'Good', exact: true }).first().click();
      return sheet(page).getByRole('button', { name: 'Log what is marked' });
    },
  },
  {
    name: 'recheck held',
    reach: async (page) => {
      await page.goto('/');
      const next = page.getByRole('region', { name: 'Next for Driftwood' });
      await next.getByRole('button', { name: 'Recheck', exact: true }).first().click();
      return sheet(page).getByRole('button', { name: 'All held' }).first();
    },
  },
  {
    name: 'a walk put on record',
    reach: async (page) => {
      await page.goto('/walk?walk=stop');
      const begin = page.getByRole('button', { name: /begin$|^Begin/ }).first();
      const clear = page.getByRole('button', { name: /^(All clear here|The last one|The other)/ });
      const record = page.getByRole('button', { name: /^Put it on record/ });
      for (let i = 0; i < 20; i++) {
        await expect(begin.or(clear).or(record).first()).toBeVisible();
        if (await record.isVisible()) break;
        await ((await begin.isVisible()) ? begin : clear).click();
        await page.waitForTimeout(60);
      }
      return record;
    },
  },
];

for (const control of CONTROLS)
  test(`${control.name}: two taps write once`, async ({ page }) => {
    const tally = new Tally('taps', control.name);
    await setUp(page, DRIFTWOOD, [
      WORN,
      ...GAPS.map((gap) => ({
        kind: 'finding.opened' as const,
        body: { place: 'rig' as const, verdict: 'watch' as const, text: `hums ${gap}` },
      })),
      { kind: 'trip', body: { distance: 20_000, launches: 0 } },
    ]);
    for (const [n, gap] of GAPS.entries())
      await tally.attempt(`${gap} ms apart`, async () => {
        const before = await entries(page);
        const target = await control.reach(page, n);
        await target.click({ clickCount: 2, delay: gap / 2, timeout: 10_000 });
        await page.waitForTimeout(700);
        expect(await entries(page)).toBe(before + (control.writes ?? 1));
      });
    tally.write();
  });
