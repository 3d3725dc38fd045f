/** @jest-environment ./src/testing/environment.cjs */
// First: a storage has to be there before whatever opens one.
import { anotherDevice, drafted, test, type TestPage } from '@/testing';
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isSimulated, readEntry } from '@/core/log';
import { compile, currentStep, startRun, tap, type Job, type Run } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { well } from '@/core/testing/well';
import { YARD_NAMES } from '@/keeper';
import { Keeper } from '@/keeper/keeper';
import { dexiePort } from '@/keeper/port';
import { keepInStep } from '@/keeper/step';
import { folderIn } from '@/testing/folder';
import { keepDisk, restoreDisk } from './disk';

/**
 * What owners hold is opened by every later version: a browser profile, an archive and a shared folder of a version
 * that was in use, made once (`MAKE_KEPT=2026-12 npx jest src/testing/kept`) and never changed.
 */
const KEPT = 'src/testing/kept';
const NOW = '2026-12-01T12:00:00.000Z';

const keeperOf = () => {
  const port = dexiePort(YARD_NAMES.own);
  return {
    port,
    keeper: new Keeper(port, { version: 'kept', warn: () => undefined, now: NOW, mark: () => 1 }),
  };
};

/** What the log comes to, in what no version may tell otherwise. */
async function standing() {
  const { port, keeper } = keeperOf();
  const { entries, state } = await keeper.fold();
  const rigs = Object.entries(state.rigs).map(([id, rig]) => ({
    id,
    name: rig.model?.name,
    axles: rig.model?.axles.length,
    parts: Object.entries(rig.parts)
      .map(([part, { at }]) => `${part} ${JSON.stringify(at)}`)
      .sort(),
    findings: Object.keys(rig.findings).sort(),
  }));
  const unread = (await keeper.unreadIds()).size;
  const photos = await Promise.all(
    (await port.all('photos')).map(async ({ key, value }) => {
      const bytes = value instanceof Blob ? new Uint8Array(await value.arrayBuffer()) : (value as Uint8Array);
      return createHash('sha256').update(bytes).digest('hex') === key;
    }),
  );
  port.close();
  return {
    entries: entries.map(({ id, kind }) => `${id} ${kind}`).sort(),
    unread,
    rigs,
    photos,
  };
}

/** Where the cards in hand stand. */
async function cards() {
  const { port, keeper } = keeperOf();
  const runs = await keeper.cards.now();
  port.close();
  return runs
    .map(({ run }) => ({ id: run.id, at: currentStep(run)?.key, done: Object.keys(run.records).length }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

const JUNIPER = '018bf000-0000-7000-8000-000000000001';
const JOBS: readonly (readonly Job[])[] = [
  [{ routine: 'repack', place: '1L' }],
  [
    { routine: 'repack', place: '1R' },
    { routine: 'brake-measure', place: '1R' },
  ],
  [{ routine: 'grease', place: '2L' }],
  [{ routine: 'tire-change', place: '2R' }],
  [
    { routine: 'plate-renew', place: '2L' },
    { routine: 'plate-renew', place: '2R' },
  ],
  [{ routine: 'shoe-renew', place: '1L' }],
  [{ routine: 'stud-renew', place: '1R' }],
  [{ routine: 'pivots', place: 'rig' }],
  [{ routine: 'lights', place: 'rig' }],
  [{ routine: 'pressures', place: 'rig' }],
];

/** What is half told at the Yard. */
const half = (page: TestPage) =>
  page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true });

async function make(page: TestPage, name: string): Promise<void> {
  const to = `${KEPT}/${name}`;
  mkdirSync(`${to}/folder`, { recursive: true });
  const { port, keeper } = keeperOf();
  const newest = readdirSync('src/core/exchange/fixtures')
    .sort((a, b) => a.length - b.length || (a < b ? -1 : 1))
    .at(-1);
  const lines = readFileSync(`src/core/exchange/fixtures/${newest}`, 'utf8').trim().split('\n');
  const picture = Buffer.from('a picture of a hub, as bytes', 'utf8');
  const hash = createHash('sha256').update(picture).digest('hex');
  const entries = lines.map((line) => {
    const raw = JSON.parse(line) as { kind: string; body: object };
    const held = readEntry(
      raw.kind === 'photo' ? { ...raw, body: { ...raw.body, hash, bytes: picture.length } } : raw,
    );
    if (!held.ok) throw new Error(line);
    return held.value;
  });
  await keeper.append(
    entries.filter((entry) => !isSimulated(entry)),
    [{ hash, blob: new Blob([picture], { type: 'image/jpeg' }) }],
  );
  const model = (await keeper.fold()).state.rigs[JUNIPER]?.model;
  if (!model) throw new Error('no rig');
  for (const [i, jobs] of JOBS.entries()) {
    const card = compile(model, jobs, HOUSE_DEFAULT);
    if (!card.ok) throw new Error(`${JSON.stringify(jobs)}: ${card.error.code}`);
    let run: Run = startRun(`0196d000-0000-7000-9000-00000000000${i}`, JUNIPER, model, card.value, NOW);
    for (let steps = 0; steps < 3 + i * 4; steps++) {
      const step = currentStep(run);
      const next = step && tap(run, step.key, well(step, model), NOW);
      if (!next?.ok) break;
      run = next.value;
    }
    await keeper.cards.start(run);
  }
  const files = new Map<string, Uint8Array<ArrayBuffer>>();
  await keepInStep(keeper, folderIn(files), { now: NOW, fresh: () => 'deadbeef' });
  for (const [file, bytes] of files) writeFileSync(`${to}/folder/${file}`, bytes);
  port.close();

  await page.goto(`/?rig=${JUNIPER}`);
  await page.getByRole('button', { name: 'Home again' }).click();
  await half(page).fill('33');
  await drafted(page, '33');
  await page.goto(`/walk?rig=${JUNIPER}&walk=hitch`);
  await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
  await page.locator('main button[aria-pressed]').first().click();
  await page.goto('/keep');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save an archive' }).click();
  writeFileSync(`${to}/archive.zip`, readFileSync(await (await download).path()));
  writeFileSync(`${to}/profile.json`, JSON.stringify(await keepDisk()));
  writeFileSync(`${to}/stands.json`, JSON.stringify({ log: await standing(), cards: await cards() }));
}

const { MAKE_KEPT } = process.env;
if (MAKE_KEPT) test(`what a device holds is kept as ${MAKE_KEPT}`, ({ page }) => make(page, MAKE_KEPT));

interface Stands {
  readonly log: Awaited<ReturnType<typeof standing>>;
  readonly cards: Awaited<ReturnType<typeof cards>>;
}

afterEach(() => jest.restoreAllMocks());

const versions = readdirSync(KEPT, { withFileTypes: true }).filter((one) => one.isDirectory());
const kept = versions.map(({ name }) => name).filter((name) => name !== MAKE_KEPT);
if (!MAKE_KEPT && kept.length === 0) throw new Error('Nothing is kept to be opened');
for (const name of kept)
  describe(`kept by the version of ${name}`, () => {
    const stands = JSON.parse(readFileSync(`${KEPT}/${name}/stands.json`, 'utf8')) as Stands;

    test('a browser profile opens as it was left: log, cards, pictures, and what was half told', async ({
      page,
    }) => {
      const profile = readFileSync(`${KEPT}/${name}/profile.json`, 'utf8');
      // Opened on the day it was kept, whenever this runs: a walk of long ago is asked about.
      const begun = /"draft":\d+,"value":\{"walk":"hitch","order":"\w+","started":"([^"]+)"/.exec(
        profile,
      )?.[1];
      const clock = Date.now.bind(Date);
      const ahead = Date.parse(begun ?? '') + 60_000 - clock();
      jest.spyOn(Date, 'now').mockImplementation(() => clock() + ahead);
      await restoreDisk(JSON.parse(profile) as Parameters<typeof restoreDisk>[0]);
      await page.goto(`/?rig=${JUNIPER}`);
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
      await page.getByRole('button', { name: 'Home again' }).click();
      await expect(half(page)).toHaveValue('33');
      await page.goto(`/walk?rig=${JUNIPER}&walk=hitch`);
      await expect(page.locator('main button[aria-pressed=true]')).toHaveCount(1);
      await page.goto('/bench');
      await expect(page.getByRole('link', { name: 'Go on' }).first()).toBeVisible();
      expect({ log: await standing(), cards: await cards() }).toEqual(stands);
    });

    test('an archive comes in whole', async ({ page }) => {
      await page.goto('/keep');
      await page.getByLabel('Choose an archive').setInputFiles(`${KEPT}/${name}/archive.zip`);
      await page.getByRole('button', { name: 'Bring them in' }).click();
      await expect(page.getByText(/brought in\./)).toBeVisible();
      expect(await standing()).toEqual(stands.log);
    });

    test('a shared folder is met', async () => {
      anotherDevice();
      const files = new Map(
        readdirSync(`${KEPT}/${name}/folder`).map((file) => [
          file,
          new Uint8Array(readFileSync(`${KEPT}/${name}/folder/${file}`)),
        ]),
      );
      const { port, keeper } = keeperOf();
      const met = await keepInStep(keeper, folderIn(files), {
        now: NOW,
        fresh: () => 'feedbeef',
        accept: true,
      });
      port.close();
      expect(met).toMatchObject({ left: [], photosIn: stands.log.photos.length });
      expect(await standing()).toEqual(stands.log);
    });
  });
