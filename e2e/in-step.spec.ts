import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, test, type Browser, type Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { alertOf, DRIFTWOOD, saveArchive, setUp, tow } from './steps';

/** The origin's own private folder stands in for one that a cloud carries. */
const withFolder = async (page: Page) => {
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('shared', { create: true }),
    });
  });
};

interface Carried {
  readonly name: string;
  readonly bytes: number[];
}

/** Takes the files out of a profile's folder, as a cloud would. */
const filesOf = (page: Page) =>
  page.evaluate(async (): Promise<Carried[]> => {
    const folder = await (
      await navigator.storage.getDirectory()
    ).getDirectoryHandle('shared', { create: true });
    const out: Carried[] = [];
    const listed = (folder as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values();
    for await (const file of listed)
      out.push({ name: file.name, bytes: [...new Uint8Array(await (await file.getFile()).arrayBuffer())] });
    return out;
  });

/** Puts files into a profile's folder; those of another name than they had come as copies. */
const carry = (page: Page, files: readonly Carried[]) =>
  page.evaluate(async (all) => {
    const folder = await (
      await navigator.storage.getDirectory()
    ).getDirectoryHandle('shared', { create: true });
    for (const { name, bytes } of all) {
      const out = await (await folder.getFileHandle(name, { create: true })).createWritable();
      await out.write(new Uint8Array(bytes));
      await out.close();
    }
  }, files);

const folder = (page: Page) => page.getByRole('status', { name: 'The folder' });
const meet = async (page: Page) => {
  await page.getByRole('button', { name: 'Meet now' }).click();
  await expect(folder(page)).toContainText(/Nothing new|came in|went out/);
};

/** A rig set up, and its first entry in the folder. */
async function begun(page: Page): Promise<void> {
  await withFolder(page);
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(folder(page)).toContainText('1 entry went out');
}

async function second(browser: Browser, serviceWorkers: 'allow' | 'block' = 'block'): Promise<Page> {
  const page = await (await browser.newContext({ serviceWorkers })).newPage();
  await withFolder(page);
  return page;
}

test('two profiles in step: each told on while apart, a copy and a half-written file among what is carried', async ({
  page,
  browser,
}) => {
  await begun(page);
  await expect(folder(page)).toContainText('An archive was saved there');

  const other = await second(browser);
  await other.goto('/keep');
  const first = await filesOf(page);
  const sealed = first.find(({ name }) => name.endsWith('.ndjson'));
  if (!sealed) throw new Error('nothing was written');
  await carry(other, [
    { ...sealed, bytes: sealed.bytes.slice(0, 200) },
    { ...sealed, name: sealed.name.replace('.ndjson', ' (2).ndjson') },
  ]);
  await other.getByRole('button', { name: 'Choose a folder' }).click();
  // What lies there is told before anything of it is taken in.
  await expect(other.getByRole('region', { name: 'What would come in' })).toContainText(
    `${DRIFTWOOD.name}, not here yet: 1 entry`,
  );
  await other.getByRole('button', { name: 'Bring it in' }).click();
  await expect(folder(other)).toContainText('1 entry came in');
  await expect(other.getByText('is not whole yet')).toBeVisible();

  // Each tells something of its own while they are apart.
  await page.goto('/');
  await tow(page, '40');
  await other.goto('/');
  await expect(other.getByRole('navigation', { name: 'Rigs' })).toContainText(DRIFTWOOD.name);
  await tow(other, '11');
  for (const one of [page, other]) await one.goto('/keep');
  await meet(page);
  await meet(other);
  await carry(other, await filesOf(page));
  await carry(page, await filesOf(other));
  await meet(other);
  await meet(page);
  await expect(folder(page)).toContainText('1 other device');
  for (const one of [page, other]) {
    await one.goto('/logbook');
    await expect(one.getByRole('button', { name: /Towed 40 mi/ })).toBeVisible();
    await expect(one.getByRole('button', { name: /Towed 11 mi/ })).toBeVisible();
  }

  // Sold: deleted here, it goes on the other device as well, and from what it wrote.
  await page.goto('/keep');
  const sold = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Sold or gone', exact: true }) });
  await sold.getByLabel('Rig', { exact: true }).selectOption({ label: DRIFTWOOD.name });
  await sold.getByRole('button', { name: 'Save its record' }).click();
  await sold.getByLabel(`Type ${DRIFTWOOD.name} to delete it`).fill(DRIFTWOOD.name);
  await sold.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(page.getByText(`${DRIFTWOOD.name} is gone from here`)).toBeVisible();
  await meet(page);
  await carry(other, await filesOf(page));
  await other.goto('/keep');
  await meet(other);
  await other.goto('/');
  await expect(other.getByRole('heading', { name: 'Can you tow today?' })).toBeVisible();
  await other.goto('/logbook');
  await expect(other.getByRole('button', { name: /Let go of for good/ })).toBeVisible();
  await expect(other.getByText(/Towed 40 mi/)).toHaveCount(0);
  await other.context().close();
});

/** What a device one version ahead writes: the entries of a file, and one of a kind that this version does not know. */
function ahead({ name, bytes }: Carried): Carried {
  const lines = Buffer.from(bytes).toString('utf8').trimEnd().split('\n');
  const [head = '', last = ''] = [lines[0], lines.at(-1)];
  const known = JSON.parse(last) as Record<string, unknown>;
  const next = {
    ...known,
    id: '0196d000-0000-7000-8000-00000000beef',
    kind: 'tire.xray',
    body: { cords: 9 },
  };
  const body = [...lines.slice(1), JSON.stringify(next)].map((line) => `${line}\n`).join('');
  const sha256 = createHash('sha256').update(body).digest('hex');
  const said = { ...(JSON.parse(head) as object), device: 'feedbeef', entries: lines.length, sha256 };
  return {
    name: name.replace(/-[0-9a-f]{8}-[0-9a-f]{16}/, `-feedbeef-${sha256.slice(0, 16)}`),
    bytes: [...Buffer.from(`${JSON.stringify(said)}\n${body}`)],
  };
}

test.describe('without a network in between', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a device one version behind says so, works on, and hands on to the letter what it cannot read', async ({
    page,
    browser,
  }) => {
    await withFolder(page);
    await setUp(page, DRIFTWOOD);
    await tow(page, '40');
    await page.goto('/keep');
    await page.getByRole('button', { name: 'Choose a folder' }).click();
    await expect(folder(page)).toContainText('2 entries went out');
    const sealed = (await filesOf(page)).find(({ name }) => name.endsWith('.ndjson'));
    if (!sealed) throw new Error('nothing was written');
    const newer = ahead(sealed);

    const behind = await second(browser, 'allow');
    await behind.goto('/keep');
    await carry(behind, [newer]);
    await behind.getByRole('button', { name: 'Choose a folder' }).click();
    await behind.getByRole('button', { name: 'Bring it in' }).click();
    await expect(folder(behind)).toContainText('3 entries came in');
    await expect(alertOf(behind)).toContainText('1 log entry on this device came from a newer Yardline');

    // Both without a network, each told on; the newer device's own file is lost on the way.
    for (const one of [page, behind]) {
      await one.goto('/');
      await one.waitForFunction(() => navigator.serviceWorker.controller !== null);
      await one.context().setOffline(true);
      await one.reload();
    }
    await tow(page, '12');
    await tow(behind, '7');
    for (const one of [page, behind]) await one.context().setOffline(false);
    await behind.goto('/keep');
    await behind.evaluate(
      async (name) =>
        (await (await navigator.storage.getDirectory()).getDirectoryHandle('shared')).removeEntry(name),
      newer.name,
    );
    await meet(behind);
    await page.goto('/keep');
    await meet(page);
    await carry(page, await filesOf(behind));
    await carry(
      behind,
      (await filesOf(page)).filter(({ name }) => name !== newer.name),
    );
    await meet(page);
    await meet(behind);
    for (const one of [page, behind]) {
      await expect(alertOf(one)).toContainText('1 log entry on this device came from a newer Yardline');
      await one.goto('/logbook');
      for (const miles of [40, 12, 7])
        await expect(one.getByRole('button', { name: new RegExp(`Towed ${miles} mi`) })).toHaveCount(1);
    }
    const path = await saveArchive(page);
    expect(strFromU8(unzipSync(readFileSync(path))['log.ndjson'] ?? new Uint8Array())).toContain(
      '"kind":"tire.xray"',
    );
    await behind.context().close();
  });
});

test('another yard’s folder is asked about, a broken one is told, and without a folder files are handed over', async ({
  page,
  browser,
}) => {
  const other = await second(browser);
  await setUp(other, { ...DRIFTWOOD, name: 'Somebody else’s' });
  await other.goto('/keep');
  await other.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(folder(other)).toContainText('went out');

  await withFolder(page);
  await setUp(page, DRIFTWOOD);
  await page.goto('/keep');
  await carry(page, await filesOf(other));
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  const asked = page.getByRole('region', { name: 'What would come in' });
  await expect(asked).toContainText('Another yard’s, by the look of it.');
  await expect(asked).toContainText('Somebody else’s, not here yet: 1 entry');
  await page.getByRole('button', { name: 'Choose another folder' }).click();
  await expect(page.getByRole('button', { name: 'Choose a folder' })).toBeVisible();

  // By hand: what is new goes out as a file, and is taken in on the other device, twice without doubling.
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Send what is new' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'Send what is new' }).click();
  await expect(page.getByText('Everything was sent already.')).toBeVisible();
  const third = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await third.addInitScript(() => Object.assign(window, { showDirectoryPicker: undefined }));
  await third.goto('/keep');
  await expect(third.getByText('This browser cannot hold a folder')).toBeVisible();
  const open = third.getByLabel('Open files from another device');
  await open.setInputFiles({
    name: 'yardline.ndjson',
    mimeType: 'text/plain',
    buffer: Buffer.from('no log at all\n'),
  });
  await expect(third.getByText('is not a Yardline file')).toBeVisible();
  await open.setInputFiles(path);
  await third.getByRole('button', { name: 'Bring it in' }).click();
  await expect(third.getByText('1 entry came in.')).toBeVisible();
  await open.setInputFiles(path);
  await expect(third.getByText('Nothing new in it: all of it is here.')).toBeVisible();
  await third.context().close();
  await other.context().close();
});
