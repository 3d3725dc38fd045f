import { expect, test, type Page } from '@playwright/test';
import { logOf } from '../../e2e/by-script';
import { foreign, share } from '../../e2e/share';
import { DRIFTWOOD, setUp } from '../../e2e/steps';
import { writeArchive, writeSealed } from '../../src/core/exchange';
import { HOUSE, makeEntry, type Entry } from '../../src/core/log';
import { sampleModel } from '../../src/core/testing/arbitraries';
import { sha256Of } from '../../src/core/testing/zipped';
import { Tally } from '../tally';

test.use({ serviceWorkers: 'allow' });

const AT = '2026-11-30T12:00:00.000Z';
const THEIRS = '0196d000-0000-7000-8000-0000000000bb';
let ids = 0;
const told = (rig: string) => ({
  id: `0196d000-0000-7000-8000-${(ids += 1).toString(16).padStart(12, '0')}`,
  rig,
  happened: AT,
  recorded: AT,
});

/** Another yard's entries: a rig of its own, and a house rule for every rig. */
const theirs: readonly Entry[] = [
  makeEntry('rig.setup', told(THEIRS), { model: { ...sampleModel({}), name: 'Somebody else’s' } }),
  makeEntry('note', told(THEIRS), { text: 'not yours' }),
  makeEntry('rule.chosen', told(HOUSE), { rule: 'repack', school: 'grade-5000' }),
];
const sealed = writeSealed('bbbbbbbb', theirs, AT);
const file = { name: sealed.name, mimeType: 'application/x-ndjson', bytes: [...sealed.bytes] };
const text = new TextDecoder().decode(sealed.bytes);

const count = async (page: Page) => (await logOf(page)).length;
const asked = (page: Page) => page.getByRole('region', { name: 'What would come in' });

async function openByHand(page: Page): Promise<void> {
  await page.goto('/keep');
  const buffer = Buffer.from(sealed.bytes);
  await page
    .getByLabel('Open files from another device')
    .setInputFiles({ name: sealed.name, mimeType: file.mimeType, buffer });
}

/** Nothing is in the log that was not there, on any page that is opened afterwards. */
async function untouched(page: Page, before: number): Promise<void> {
  for (const path of ['/', '/keep', '/keep?shared', '/logbook']) {
    await page.goto(path);
    await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
    await page.waitForTimeout(400);
    expect(await count(page)).toBe(before);
  }
}

test('what comes from outside writes nothing before its owner has seen whose it is', async ({
  page,
  baseURL,
}) => {
  const tally = new Tally('doors', 'files that came from outside: told of, written by a tap alone');
  await setUp(page, DRIFTWOOD);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  const before = await count(page);

  for (const [name, how] of [
    ['a form of another page', ''],
    ['a form without a referrer', 'rel="noreferrer"'],
    ['a form in a frame', 'target="inside"'],
    ['a form into a new tab', 'target="_blank"'],
    ['a form into a new tab from nowhere', 'target="_blank" rel="noopener noreferrer"'],
  ] as const)
    await tally.attempt(name, async () => {
      const address = await foreign(page, baseURL ?? '', { name: sealed.name, text, how });
      await page.goto(address);
      await page.waitForTimeout(1500);
      for (const other of page.context().pages()) if (other !== page) await other.close();
      await page.context().unroute(address);
      await untouched(page, before);
      expect(await page.getByText(sealed.name).count()).toBe(0);
    });

  for (const [name, method] of [
    ['a request of another page', 'fetch'],
    ['a beacon of another page', 'sendBeacon'],
  ] as const)
    await tally.attempt(name, async () => {
      const address = await foreign(page, baseURL ?? '', { name: 'x.txt', text: '', how: 'target="inside"' });
      await page.goto(address);
      await page.evaluate(
        async ([to, body, called, way]) => {
          const form = new FormData();
          form.append('files', new File([body], called));
          if (way === 'fetch')
            await fetch(to, { method: 'POST', body: form, mode: 'no-cors', credentials: 'include' }).catch(
              () => undefined,
            );
          else navigator.sendBeacon(to, form);
        },
        [`${baseURL}/shared`, text, sealed.name, method] as const,
      );
      await page.waitForTimeout(800);
      await page.context().unroute(address);
      await untouched(page, before);
    });

  const shows = async () => {
    await expect(asked(page)).toContainText('Somebody else’s, not here yet: 2 entries');
    await expect(asked(page)).toContainText('house rules');
    await page.waitForTimeout(500);
    expect(await count(page)).toBe(before);
  };
  await tally.attempt('shared by the system', async () => {
    await page.goto('/');
    await share(page, [file]);
    await shows();
    await untouched(page, before);
  });
  await tally.attempt('opened by hand', async () => {
    await openByHand(page);
    await shows();
    await untouched(page, before);
  });
  await tally.attempt('an archive of another yard', async () => {
    await page.goto('/keep');
    const archive = await writeArchive({ entries: theirs }, AT, { sha256: sha256Of });
    const buffer = Buffer.from(await archive.arrayBuffer());
    await page
      .getByLabel('Choose an archive')
      .setInputFiles({ name: 'theirs.zip', mimeType: 'application/zip', buffer });
    await expect(page.getByText('It shares no rig with yours.')).toBeVisible();
    await expect(page.getByText('Somebody else’s, not here yet')).toBeVisible();
    await untouched(page, before);
  });
  await tally.attempt('a folder met for the first time', async () => {
    await page.addInitScript(() => {
      Object.assign(window, {
        showDirectoryPicker: async () =>
          (await navigator.storage.getDirectory()).getDirectoryHandle('doors', { create: true }),
      });
    });
    await page.goto('/keep');
    await page.evaluate(
      async ([name, body]) => {
        const root = await navigator.storage.getDirectory();
        const folder = await root.getDirectoryHandle('doors', { create: true });
        const out = await (await folder.getFileHandle(name, { create: true })).createWritable();
        await out.write(body);
        await out.close();
      },
      [sealed.name, text] as const,
    );
    await page.getByRole('button', { name: 'Choose a folder' }).click();
    await shows();
    await untouched(page, before);
  });
  await tally.attempt('taken by a tap', async () => {
    await openByHand(page);
    await page
      .getByRole('button', { name: /put them together$/ })
      .last()
      .click();
    await expect.poll(() => count(page)).toBe(before + theirs.length);
  });
  tally.write();
});
