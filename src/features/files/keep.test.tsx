/** @jest-environment ./src/testing/environment.cjs */
import { readFileSync } from 'node:fs';
import { writeSealed } from '@/core/exchange';
import { HOUSE, makeEntry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { alertOf, anotherDevice, demo, DRIFTWOOD, setUp, test, tow, type TestPage } from '@/testing';

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
const block = (page: TestPage, title: string) =>
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

  // Here it does not come back; whoever bought it opens it in a yard of their own.
  await page.goto('/keep');
  await page.getByLabel('Choose an archive').setInputFiles(path);
  const came = block(page, 'Bring one in');
  await expect(came).toContainText('2 entries of what was deleted here for good stay out.');
  await expect(came.getByRole('button', { name: 'Bring them in' })).toHaveCount(0);
  anotherDevice();
  await page.goto('/keep');
  await page.getByLabel('Choose an archive').setInputFiles(path);
  await expect(came).toContainText(`${DRIFTWOOD.name}, not here yet: 2 entries`);
  await came.getByRole('button', { name: 'Bring them in' }).click();
  await expect(came).toContainText('2 entries brought in.');
  // The Yard opens as to one who was here before, whatever it takes to read the log.
  expect(localStorage.getItem('yardline-visited')).toBe('yes');
  await page.goto('/');
  await expect(page.getByRole('navigation', { name: 'Rigs' })).toContainText(DRIFTWOOD.name);
});

test('a line of the log that cannot be read is told of, the rest stands, and the raw log can be saved', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await tow(page, '12');
  await page.evaluate(async () => {
    const open = indexedDB.open('yardline');
    await new Promise((done) => (open.onsuccess = done));
    const tx = open.result.transaction('entries', 'readwrite');
    const id = '0196d000-0000-7000-8000-0000000000ff';
    tx.objectStore('entries').add({ entry: { id, kind: 'trip', v: 99, body: 'of a later version' } });
    await new Promise((done) => (tx.oncomplete = done));
    open.result.close();
  });
  await page.reload();
  await expect(page.getByText('1 log entry on this device cannot be read')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('12 mi on record');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the raw log' }).click();
  const text = readFileSync(await (await saved).path(), 'utf8');
  expect(text).toContain('of a later version');
  expect(text.trim().split('\n').length).toBeGreaterThan(2);
});

test('a file that is no archive is refused, and nothing is changed', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  const file = { name: 'not-one.zip', mimeType: 'application/zip', buffer: Buffer.from('no archive') };
  await page.getByLabel('Choose an archive').setInputFiles(file);
  await expect(page.getByText('not-one.zip was not brought in. Nothing was changed.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('navigation', { name: 'Rigs' })).toContainText(DRIFTWOOD.name);
});

test('a damaged or foreign file is refused with the reason, and nothing is changed', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await tow(page, '33');
  const told = async () => {
    await page.goto('/logbook');
    await expect(page.getByRole('button', { name: /Towed 33 mi/ })).toBeVisible();
    return page.getByRole('main').innerText();
  };
  const before = await told();
  await page.goto('/keep');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save an archive' }).click();
  const bytes = readFileSync(await (await download).path());
  const refused = async (name: string, buffer: Uint8Array, reason: RegExp) => {
    await page.getByLabel('Choose an archive').setInputFiles({ name, mimeType: 'application/zip', buffer });
    await expect(alertOf(page)).toContainText(reason);
    await expect(page.getByText(`${name} was not brought in. Nothing was changed.`)).toBeVisible();
  };
  await refused('cut.zip', bytes.subarray(0, bytes.length - 40), /not an archive, or it was cut off/);
  const flipped = Buffer.from(bytes);
  flipped[60] = (flipped[60] ?? 0) ^ 0xff;
  await refused('flipped.zip', flipped, /not an archive|damaged|not a Yardline archive/);
  await refused('letter.zip', Buffer.from('Dear all, this is a letter.'), /not an archive/);
  expect(await told()).toBe(before);
});

test('files from another device are told of before anything of them is here, and by hand they are taken in', async ({
  page,
}) => {
  const rig = '0196d000-0000-7000-8000-0000000000cc';
  const told = (n: number) => ({
    id: `0196d000-0000-7000-8000-00000000000${n}`,
    happened: '2026-05-16T14:00:00.000Z',
    recorded: '2026-05-16T14:00:00.000Z',
  });
  const entries = [
    makeEntry('rig.setup', { ...told(1), rig }, { model: { ...sampleModel({}), name: 'Stranger' } }),
    makeEntry('note', { ...told(2), rig: HOUSE }, { text: 'for every rig' }),
  ];
  const { name, bytes } = writeSealed('eeeeeeee', entries, told(1).recorded);
  const file = { name, mimeType: 'application/x-ndjson', buffer: Buffer.from(bytes) };
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  const others = block(page, 'Other devices');
  await others.getByLabel('Open files from another device').setInputFiles(file);
  await expect(others).toContainText('Another yard’s, by the look of it.');
  await expect(others).toContainText('Device eeeeeeee');
  await expect(others).toContainText('Stranger, not here yet: 1 entry');
  await expect(others).toContainText('For all your rigs, such as house rules: 1 new entry');
  await others.getByRole('button', { name: 'Leave it' }).click();
  await expect(others).not.toContainText('Stranger');
  await page.goto('/');
  await expect(page.getByRole('navigation', { name: 'Rigs' })).not.toContainText('Stranger');
  await page.goto('/keep');
  await others.getByLabel('Open files from another device').setInputFiles(file);
  await others.getByRole('button', { name: 'It is mine too: put them together' }).click();
  await expect(others).toContainText('2 entries came in.');
  await others.getByLabel('Open files from another device').setInputFiles(file);
  await expect(others).toContainText('Nothing new in it: all of it is here.');
});

test('units change at any time', async ({ page }) => {
  demo();
  await page.goto('/keep');
  await page.getByRole('radio', { name: /^Metric/ }).click();
  await expect(page.getByRole('radio', { name: /^Metric/ })).toBeChecked();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Recent' })).toContainText('km on record');
  await page.getByRole('button', { name: /^2R,/ }).first().click();
  await expect(page.getByRole('dialog')).toContainText("149 N·m, maker's figure");
});

test('two devices that went their own ways come together by archives, nothing doubled', async ({ page }) => {
  const save = async () => {
    await page.goto('/keep');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save an archive' }).click();
    return (await download).path();
  };
  const bring = async (path: string) => {
    await page.goto('/keep');
    await page.getByLabel('Choose an archive').setInputFiles(path);
    await page.getByRole('button', { name: 'Bring them in' }).click();
    await expect(page.getByText(/brought in\./)).toBeVisible();
  };
  const together = async () => {
    await page.goto('/');
    await expect(page.getByRole('region', { name: 'Recent' })).toContainText('107 mi on record');
  };
  await setUp(page, DRIFTWOOD);
  const begun = await save();
  await page.goto('/');
  await tow(page, '100');
  const here = await save();
  anotherDevice();
  await bring(begun);
  await page.goto('/');
  await tow(page, '7');
  const there = await save();
  await bring(here);
  await together();
  // And the other way around, with what both have in between.
  anotherDevice();
  await bring(here);
  await bring(there);
  await together();
});
