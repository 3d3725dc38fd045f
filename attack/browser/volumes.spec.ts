import { randomBytes } from 'node:crypto';
import { createWriteStream, mkdirSync, openAsBlob, readdirSync, readFileSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { chromium, expect, test, type Page } from '@playwright/test';
import { FLAGS } from '../../scripts/chromium.mjs';
import { readArchive, volumesOf, writeArchive } from '../../src/core/exchange';
import { makeEntry, type Entry } from '../../src/core/log';
import { sampleModel } from '../../src/core/testing/arbitraries';
import { sha256Of } from '../../src/core/testing/zipped';
import { Tally } from '../tally';

/** Photos of a long life with a camera at hand: 3 GB by default. */
const GIGABYTES = Number(process.env.ATTACK_GB ?? 3);
const PHOTO = 1_500_000;
const PHOTOS = Math.round((GIGABYTES * 1e9) / PHOTO);
/** Nothing that packs or reads photos may hold more of them than this at once (MB of a page and its workers). */
const HELD = 700;
const AT = '2026-11-30T12:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';

const idOf = (n: number) => `0196d000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

/** The most memory (MB) that a page of a browser with this profile took, its workers with it. */
function peakOf(profile: string): number {
  const processes = readdirSync('/proc').flatMap((pid) => {
    if (!/^\d+$/.test(pid)) return [];
    try {
      const status = readFileSync(`/proc/${pid}/status`, 'utf8');
      return [
        {
          pid,
          told: readFileSync(`/proc/${pid}/cmdline`, 'utf8'),
          parent: /^PPid:\s+(\d+)/m.exec(status)?.[1],
          peak: Number(/^VmHWM:\s+(\d+)/m.exec(status)?.[1] ?? 0) / 1024,
        },
      ];
    } catch {
      return [];
    }
  });
  const family = new Set(processes.filter(({ told }) => told.includes(profile)).map(({ pid }) => pid));
  for (let before = -1; before !== family.size;) {
    before = family.size;
    for (const { pid, parent } of processes) if (parent && family.has(parent)) family.add(pid);
  }
  const pages = processes.filter(({ pid, told }) => family.has(pid) && told.includes('--type=renderer'));
  return Math.round(Math.max(0, ...pages.map(({ peak }) => peak)));
}

/** A profile on disk, as a device has one: what is brought in is not held in memory. */
async function device(folder: string): Promise<{ readonly page: Page; readonly close: () => Promise<void> }> {
  const context = await chromium.launchPersistentContext(folder, {
    executablePath: process.env.CHROMIUM_PATH ?? '',
    args: FLAGS,
    acceptDownloads: true,
    baseURL: 'http://localhost:3170',
  });
  context.setDefaultTimeout(600_000);
  return { page: context.pages()[0] ?? (await context.newPage()), close: () => context.close() };
}

async function bringIn(page: Page, path: string, photos: number): Promise<void> {
  await page.goto('/keep');
  await page.getByLabel('Choose an archive').setInputFiles(path);
  await expect(page.getByText(/is sound/)).toContainText(
    `${photos} photos would be added`.replace(/\B(?=(\d{3})+ )/, ','),
    {
      timeout: 600_000,
    },
  );
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByText(/photos brought in/)).toBeVisible({ timeout: 600_000 });
}

test('photos beyond what a zip or a phone holds go out in volumes and come back whole', async ({}, info) => {
  test.setTimeout(3_600_000);
  const tally = new Tally('volumes', `${GIGABYTES} GB of photos out and in, a volume at a time`);
  const files = info.outputPath('made');
  mkdirSync(files, { recursive: true });
  const pictures = new Map<string, Uint8Array<ArrayBuffer>>();
  const entries: Entry[] = [
    makeEntry('rig.setup', { id: idOf(1), rig: RIG, happened: AT, recorded: AT }, { model: sampleModel({}) }),
  ];
  for (let n = 0; n < PHOTOS; n++) {
    const bytes = new Uint8Array(randomBytes(PHOTO));
    const hash = await sha256Of(bytes);
    pictures.set(hash, bytes);
    entries.push(
      makeEntry(
        'photo',
        { id: idOf(n + 2), rig: RIG, happened: AT, recorded: AT },
        { hash, bytes: PHOTO, width: 1600, height: 1200, place: 'rig' },
      ),
    );
  }
  const volumes = volumesOf([...pictures.keys()].map((hash) => ({ hash, bytes: PHOTO })));
  const paths: string[] = [];
  for (const [i, hashes] of volumes.entries()) {
    const read = (hash: string) => Promise.resolve(pictures.get(hash));
    const volume = { number: i + 1, of: volumes.length };
    const file = await writeArchive({ entries, pictures: { hashes, read }, volume }, AT, {
      sha256: sha256Of,
    });
    const path = `${files}/made-${i + 1}.zip`;
    await pipeline(Readable.fromWeb(file.stream() as ReadableStream), createWriteStream(path));
    paths.push(path);
  }
  pictures.clear();

  const one = await device(info.outputPath('one'));
  for (const [i, path] of paths.entries())
    await tally.attempt(`volume ${i + 1} brought in`, () => bringIn(one.page, path, volumes[i]?.length ?? 0));
  const saved: string[] = [];
  await one.page.goto('/keep');
  for (let number = 1; number <= volumes.length; number++) {
    const download = one.page.waitForEvent('download', { timeout: 600_000 });
    const name = number === 1 ? 'Save an archive' : `Save archive ${number} of ${volumes.length}`;
    await one.page.getByRole('button', { name }).click();
    const path = `${files}/saved-${number}.zip`;
    await (await download).saveAs(path);
    saved.push(path);
  }
  tally.count(peakOf(info.outputPath('one')) < HELD, `in and out took ${peakOf(info.outputPath('one'))} MB`);
  console.log(`in and out: at most ${peakOf(info.outputPath('one'))} MB in a page`);
  await one.close();

  let held = 0;
  for (const path of saved) {
    const read = await readArchive(await openAsBlob(path), { sha256: sha256Of });
    tally.count(read.ok, `${path}: ${read.ok ? '' : read.error.code}`);
    if (read.ok) held += read.value.pictures.hashes.length;
  }
  tally.count(held === PHOTOS, `the volumes hold ${held} photos of ${PHOTOS}`);

  const other = await device(info.outputPath('other'));
  for (const [i, path] of [...saved].reverse().entries())
    await tally.attempt(`saved volume ${saved.length - i} brought in`, () =>
      bringIn(other.page, path, volumes[saved.length - 1 - i]?.length ?? 0),
    );
  tally.count(peakOf(info.outputPath('other')) < HELD, `in took ${peakOf(info.outputPath('other'))} MB`);
  console.log(`in alone: at most ${peakOf(info.outputPath('other'))} MB in a page`);
  await other.close();
  tally.write();
});
