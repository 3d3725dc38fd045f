import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { largePicture, NO_PICTURE, type Chosen } from './pictures';
import { alertOf, DRIFTWOOD, setUp } from './steps';

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
const block = (page: Page, title: string) =>
  page.locator('section').filter({ has: page.getByRole('heading', { name: title, exact: true }) });

test('a table comes in twice and is there once; what it becomes is seen first, and what cannot be says why', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  const tables = block(page, 'Tables in');
  const file = csv(
    'old log.csv',
    '\uFEFFDate;Miles;Comment\n2025-05-16;40,5;the lakes\n2025-05-17;far;\n2025-06-01;12;hay\n',
  );
  await tables.getByLabel('Choose a table').setInputFiles(file);
  await expect(tables).toContainText('2 rows would be added, 1 is refused');
  await expect(tables).toContainText('Towed 41 mi');
  await tables.getByText('Refused, 1').click();
  await expect(tables).toContainText('Row 3: Distance: “far” is no number.');
  await tables.getByLabel('Distance is in').selectOption('km');
  await expect(tables).toContainText('Towed 25 mi');
  await tables.getByLabel('Distance is in').selectOption('mi');
  await expect(tables).toContainText('Towed 41 mi');
  await tables.getByRole('button', { name: 'Bring 2 rows in' }).click();
  await expect(tables).toContainText('2 rows brought in.');
  await tables.getByLabel('Choose a table').setInputFiles(file);
  await expect(tables).toContainText('0 rows would be added, 2 are here already');
  await tables.getByLabel('Choose a table').setInputFiles(csv('empty.csv', ''));
  await expect(alertOf(page)).toContainText('no row in this file');

  const big = `Date,Miles\n${Array.from({ length: 10_000 }, (_, i) => `2024-0${1 + (i % 9)}-1${i % 9},${1 + i}`).join('\n')}\n`;
  await tables.getByLabel('Choose a table').setInputFiles(csv('big.csv', big));
  await expect(tables).toContainText('10000 rows'.replace('10000', '10,000'));
  await tables.getByRole('button', { name: 'Cancel' }).click();

  const out = block(page, 'Tables out');
  const download = page.waitForEvent('download');
  await out.getByRole('button', { name: 'Save as CSV' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  expect(text).toContain('2025-05-16,40.5,0,,the lakes');
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Towed 41 mi/ })).toHaveCount(1);
});

const point = (lat: number, minute: number | undefined, ele: number) =>
  `<trkpt lat="${lat}" lon="-93"><ele>${ele}</ele>${minute === undefined ? '' : `<time>2025-05-16T15:${String(minute).padStart(2, '0')}:00Z</time>`}</trkpt>`;
const gpx = (name: string, points: string) => ({
  name,
  mimeType: 'application/gpx+xml',
  buffer: Buffer.from(
    `<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>to the lakes</name><trkseg>${points}</trkseg></trk></gpx>`,
  ),
});

test('tracks become trips, several at once, each once; without times they ask for their day', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  const tracks = block(page, 'Tracks in');
  const timed = gpx(
    'a.gpx',
    Array.from({ length: 20 }, (_, i) => point(44 + i * 0.009, i, 100 + i * 10)).join(''),
  );
  const bare = gpx(
    'b.gpx',
    Array.from({ length: 10 }, (_, i) => point(45 + i * 0.009, undefined, 100)).join(''),
  );
  await tracks.getByLabel('Choose tracks').setInputFiles([timed, bare, csv('c.gpx', 'no track')]);
  await expect(alertOf(page)).toContainText('c.gpx: this is no GPX file');
  await expect(tracks).toContainText('11.8 mi');
  await expect(tracks).toContainText('climbed 623 ft');
  await expect(tracks.getByRole('button', { name: 'Bring 2 trips in' })).toBeDisabled();
  await tracks.getByLabel('which day').fill('2025-06-01');
  await tracks.getByRole('button', { name: 'Bring 2 trips in' }).click();
  await expect(tracks).toContainText('2 trips brought in.');
  await tracks.getByLabel('Choose tracks').setInputFiles([{ ...timed, name: 'another name.gpx' }]);
  await tracks.getByRole('button', { name: 'Bring 1 trip in' }).click();
  await expect(tracks).toContainText('0 trips brought in; 1 was here already.');
});

test('a rig sold: its record is handed over as an archive, and then it is gone from here for good', async ({
  page,
  browser,
}) => {
  await setUp(page, DRIFTWOOD, [{ kind: 'note', body: { text: 'bought at the fair' } }]);
  await page.goto('/keep');
  const sold = block(page, 'Sold or gone');
  await sold.getByLabel('Rig', { exact: true }).selectOption({ label: DRIFTWOOD.name });
  const download = page.waitForEvent('download');
  await sold.getByRole('button', { name: 'Save its record' }).click();
  const path = await (await download).path();
  await expect(sold).toContainText('2 entries');
  await sold.getByLabel(`Type ${DRIFTWOOD.name} to delete it`).fill('some other');
  await sold.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(alertOf(page)).toContainText('Type the name as it stands');
  await sold.getByLabel(`Type ${DRIFTWOOD.name} to delete it`).fill(DRIFTWOOD.name);
  await sold.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(page.getByText(`${DRIFTWOOD.name} is gone from here`)).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Let go of for good/ })).toBeVisible();
  await expect(page.getByText('bought at the fair')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();

  // Whoever bought it opens it in a yard of their own; here it does not come back.
  const buyer = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  for (const one of [buyer, page]) {
    await one.goto('/keep');
    await one.getByLabel('Choose an archive').setInputFiles(path);
    await one.getByRole('button', { name: 'Bring them in' }).click();
    await expect(one.getByText('brought in.')).toBeVisible();
    await one.goto('/');
  }
  await expect(buyer.getByRole('navigation', { name: 'Rigs' })).toContainText(DRIFTWOOD.name);
  await expect(page.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();
  await buyer.context().close();
});

test.describe('shared to the application', () => {
  test.use({ serviceWorkers: 'allow' });

  /** Hands files over as a share sheet does: a form posted to where the manifest says. */
  const share = (page: Page, files: readonly { name: string; mimeType: string; bytes: number[] }[]) =>
    page.evaluate((all) => {
      const input = Object.assign(document.createElement('input'), { type: 'file', name: 'files' });
      const carried = new DataTransfer();
      for (const { name, mimeType, bytes } of all)
        carried.items.add(new File([new Uint8Array(bytes)], name, { type: mimeType }));
      input.files = carried.files;
      const form = Object.assign(document.createElement('form'), {
        action: '/shared',
        method: 'post',
        enctype: 'multipart/form-data',
      });
      form.append(input);
      document.body.append(form);
      form.submit();
    }, files);
  const shared = ({ name, mimeType, buffer }: Chosen) => ({ name, mimeType, bytes: [...buffer] });

  test('a table from another application’s share sheet is read where tables come in', async ({ page }) => {
    await setUp(page, DRIFTWOOD);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await share(page, [shared(csv('my trips.csv', 'Date,Miles\n2025-05-16,40\n'))]);
    await expect(block(page, 'Tables in')).toContainText('my trips.csv: 1 row.');
    await expect(page).toHaveURL(/\/keep$/);
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
