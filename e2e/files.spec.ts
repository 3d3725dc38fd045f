import { expect, test, type Page } from '@playwright/test';
import { largePicture, NO_PICTURE, type Chosen } from './pictures';
import { foreign, share } from './share';
import { DRIFTWOOD, setUp } from './steps';

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
const block = (page: Page, title: string) =>
  page.locator('section').filter({ has: page.getByRole('heading', { name: title, exact: true }) });

test.describe('shared to the application', () => {
  test.use({ serviceWorkers: 'allow' });

  const shared = ({ name, mimeType, buffer }: Chosen) => ({ name, mimeType, bytes: [...buffer] });

  test('a table from another application’s share sheet is read where tables come in', async ({ page }) => {
    await setUp(page, DRIFTWOOD);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await share(page, [shared(csv('my trips.csv', 'Date,Miles\n2025-05-16,40\n'))]);
    await expect(block(page, 'Tables in')).toContainText('my trips.csv: 1 row.');
    await expect(page).toHaveURL(/\/keep$/);
  });

  test('a form on another page shares nothing', async ({ page, baseURL }) => {
    await setUp(page, DRIFTWOOD);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await page.goto(await foreign(page, baseURL ?? '', { name: 'theirs.csv', text: 'Date,Miles' }));
    await expect(page.getByText('Nothing was taken')).toBeVisible();
    await page.goto('/keep?shared');
    await expect(page.getByRole('heading', { name: 'Tables in' })).toBeVisible();
    await expect(page.getByText('theirs.csv')).toHaveCount(0);
  });

  test('pictures from the album, two of one name among them, are kept with a wheel end; what is none is told', async ({
    page,
  }) => {
    await setUp(page, DRIFTWOOD);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    const pictures = [largePicture(320, 240, 90), largePicture(320, 240, 160)];
    const torn = { ...NO_PICTURE, name: 'torn.jpg', mimeType: 'image/jpeg' };
    const letter = { ...NO_PICTURE, name: 'letter.txt', mimeType: 'text/plain' };
    await share(page, [...pictures, torn, letter].map(shared));
    const photos = block(page, 'Photos in');
    await expect(photos.getByRole('img', { name: 'crack.png' })).toHaveCount(2);
    await expect(photos).toBeInViewport();
    await expect(photos).toContainText('torn.jpg: ');
    await expect(page.getByText('Not taken in: letter.txt.')).toBeVisible();
    await photos.getByLabel('Place').selectOption('1L');
    await photos.getByLabel('What it shows (optional)').fill('Rust behind the backing plate');
    await photos.getByRole('button', { name: 'Add 2 photos to the log' }).click();
    await expect(page.getByText('2 photos added')).toBeVisible();
    await expect(photos.getByRole('img')).toHaveCount(0);
    await page.goto('/logbook');
    await expect(page.getByRole('button', { name: /Rust behind the backing plate/ })).toHaveCount(2);
  });
});
