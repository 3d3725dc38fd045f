import { expect, test, type Page } from '@playwright/test';
import { alertOf, DRIFTWOOD, setUp, tow } from '../../e2e/steps';
import { Tally } from '../tally';

/** Lets every write of the next act fail, as on a full disk. */
async function full(page: Page, is: boolean): Promise<void> {
  await expect.poll(() => page.workers().length).toBeGreaterThan(0);
  for (const worker of page.workers())
    await worker.evaluate((on) => {
      const store = IDBObjectStore.prototype as IDBObjectStore & {
        real?: Pick<IDBObjectStore, 'add' | 'put'>;
      };
      store.real ??= { add: store.add, put: store.put };
      const { real } = store;
      for (const name of ['add', 'put'] as const)
        store[name] = on
          ? function (this: IDBObjectStore, ...args: Parameters<IDBObjectStore['put']>) {
              if (this.name === 'shelf-checkpoints') return real[name].apply(this, args);
              throw new DOMException('the disk is full', 'QuotaExceededError');
            }
          : real[name];
    }, is);
}

const told = (page: Page) => page.getByText(/could not store this|device is full/).first();

test('a full disk at every write: it is told, nothing is claimed, and it can be tried again', async ({
  page,
}) => {
  const tally = new Tally('full', 'writes on a full disk');
  await setUp(page, DRIFTWOOD);
  await tow(page, '7');
  const again = async (
    name: string,
    reach: () => Promise<void>,
    act: () => Promise<void>,
    done: () => Promise<void>,
  ) =>
    tally.attempt(name, async () => {
      await reach();
      await full(page, true);
      await act();
      await expect(told(page)).toBeVisible({ timeout: 8000 });
      await full(page, false);
      await act();
      await done();
    });
  const sheet = page.getByRole('dialog');
  await again(
    'trip',
    async () => {
      await page.goto('/');
      await page.getByRole('button', { name: 'Home again' }).click();
      await sheet.getByLabel('Towed', { exact: true }).fill('120');
    },
    () => sheet.getByRole('button', { name: 'Log it' }).click(),
    () => expect(sheet).toContainText('120 mi logged'),
  );
  await again(
    'finding',
    async () => {
      await page.goto('/');
      await page.getByRole('button', { name: 'Something is not right' }).click();
      await sheet.getByLabel('What', { exact: true }).fill('hums');
      await sheet.getByRole('radio', { name: /^Watch/ }).click();
    },
    () => sheet.getByRole('button', { name: 'Open the finding' }).click(),
    () => expect(sheet).toHaveCount(0),
  );
  await again(
    'note',
    async () => {
      await page.goto('/logbook');
      await page.getByRole('button', { name: 'Write a note' }).click();
      await sheet.getByLabel('Note', { exact: true }).fill('kept under the oak');
    },
    () => sheet.getByRole('button', { name: 'Keep it' }).click(),
    () => expect(sheet).toHaveCount(0),
  );
  await again(
    'card started',
    () => page.goto('/bench?place=1L').then(() => undefined),
    () => page.getByRole('button', { name: 'Start the card' }).click(),
    () => expect(page.getByText(/^step 1 of/)).toBeVisible(),
  );
  await again(
    'step done',
    async () => undefined,
    () => page.getByRole('button', { name: 'Done', exact: true }).click(),
    () => expect(page.getByText(/^step 2 of/)).toBeVisible(),
  );
  await again(
    'walk begun',
    async () => {
      await page.goto('/walk?walk=hitch');
      await expect(page.getByRole('button', { name: 'Tires are cold: begin' })).toBeVisible();
    },
    () => page.getByRole('button', { name: 'Tires are cold: begin' }).click(),
    () => expect(page.locator('main button[aria-pressed]').first()).toBeVisible(),
  );
  await again(
    'walk item',
    async () => undefined,
    () => page.locator('main button[aria-pressed]').first().click(),
    () => expect(page.locator('main button[aria-pressed=true]')).toHaveCount(1),
  );
  await again(
    'lamp test begun',
    async () => {
      await page.goto('/lights');
    },
    () => page.getByRole('main').getByRole('button').first().click(),
    () => expect(told(page)).toHaveCount(0, { timeout: 15_000 }),
  );
  await again(
    'withdrawn',
    async () => {
      await page.goto('/logbook');
      await page.getByRole('button', { name: /Towed 7 mi/ }).click();
    },
    async () => {
      await sheet
        .getByRole('button', { name: /^Withdraw/ })
        .first()
        .click();
      const sure = sheet.getByRole('button', { name: /^Withdraw/ });
      if (await sure.isVisible()) await sure.click().catch(() => undefined);
    },
    () => expect(sheet).toHaveCount(0),
  );
  tally.write();
});

test('storage that refuses or never answers is told in words', async ({ browser, baseURL }) => {
  const tally = new Tally('full', 'storage that refuses or is silent');
  const ways: readonly (readonly [string, () => void, RegExp])[] = [
    [
      'refused',
      () => {
        Object.defineProperty(globalThis, 'Worker', { value: undefined });
        IDBFactory.prototype.open = () => {
          throw new DOMException('The operation is insecure.', 'SecurityError');
        };
      },
      /keeps nothing for this site/,
    ],
    [
      'silent',
      () => {
        Object.defineProperty(globalThis, 'Worker', { value: undefined });
        IDBFactory.prototype.open = () => Object.create(IDBOpenDBRequest.prototype) as IDBOpenDBRequest;
      },
      /does not answer/,
    ],
    [
      'cookies blocked',
      () => {
        Object.defineProperty(globalThis, 'localStorage', {
          get() {
            throw new DOMException('Access is denied for this document.', 'SecurityError');
          },
        });
      },
      /Can you tow today/,
    ],
  ];
  for (const [name, script, words] of ways)
    await tally.attempt(name, async () => {
      const context = await browser.newContext({ ...(baseURL && { baseURL }), serviceWorkers: 'block' });
      const page = await context.newPage();
      await page.addInitScript(script);
      await page.goto('/');
      await expect(
        page.getByRole('heading', { level: 1, name: words }).or(alertOf(page).getByText(words)).first(),
      ).toBeVisible({
        timeout: 30_000,
      });
      await context.close();
    });
  tally.write();
});
