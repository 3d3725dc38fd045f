/**
 * Pictures of the demo yard for docs/screenshots, from a build that is there already.
 * `node scripts/screenshots.mjs [name …]` makes all of them, or those named; `OUT` says where.
 */
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { FLAGS } from './chromium.mjs';
import { ensureChromium, root, say } from './steps.mjs';

const PORT = '3179';
const BASE = `http://localhost:${PORT}`;
const out = process.env.OUT ?? `${root}docs/screenshots`;
const RIGS = {
  juniper: '018bf000-0000-7000-8000-000000000001',
  sandpiper: '018bf000-0000-7000-8000-000000000002',
  hive: '018bf000-0000-7000-8000-000000000003',
};
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const done = (page) =>
  page.getByRole('button', { name: /^(Done|Whole round done|Understood|Set, the pin goes in)$/ }).click();

/** Goes on with the card in hand, choosing the best of everything, until the step whose title matches. */
async function walkTo(page, title) {
  for (let i = 0; i < 60; i++) {
    const heading = page.locator('h1');
    const text = await heading.innerText();
    if (title.test(text)) return;
    for (const group of await page.locator('form [role=radiogroup]').all()) {
      const options = group.getByRole('radio');
      await options
        .nth((await group.getAttribute('aria-label')) === 'Slots back from seated' ? 2 : 0)
        .click();
    }
    const all = page.getByRole('button', { name: /^All \d$/ });
    if ((await all.count()) > 0) await all.click();
    // A step whose last answer is a grade closes itself.
    await page.waitForTimeout(500);
    if ((await heading.innerText()) !== text) continue;
    await done(page);
    await page.waitForFunction((was) => document.querySelector('h1')?.innerText !== was, text);
  }
  throw new Error(`No step ${title}`);
}

async function startRepack(page, rig, place) {
  await page.goto(`${BASE}/bench?rig=${rig}&place=${place}`);
  await page.getByRole('button', { name: 'Start the card' }).click();
  await page.waitForURL(/run=/);
}

const SHOTS = [
  { name: 'yard', go: (page) => page.goto(`${BASE}/?rig=${RIGS.juniper}`) },
  {
    name: 'figures',
    go: async (page) => {
      await page.goto(`${BASE}/figures?rig=${RIGS.juniper}&of=balance`);
      await page.getByRole('slider', { name: 'Axle behind the coupler' }).waitFor();
      const example = page.getByRole('button', { name: 'example: is it yours?' });
      while ((await example.count()) > 0) await example.first().click();
      await page.getByRole('textbox', { name: 'Axle behind the coupler' }).fill('121');
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'plan',
    go: async (page) => {
      await page.goto(`${BASE}/plan?rig=${RIGS.juniper}`);
      await page.getByText('No better plan exists').waitFor();
    },
  },
  { name: 'yard-phone', view: PHONE, go: (page) => page.goto(`${BASE}/?rig=${RIGS.juniper}`) },
  {
    name: 'setup',
    own: true,
    go: async (page) => {
      await page.goto(`${BASE}/setup`);
      await page.getByRole('radio', { name: /^Boat trailer, two axles/ }).click();
      await page.getByLabel('Name').fill('Driftwood');
    },
  },
  { name: 'rig', go: (page) => page.goto(`${BASE}/rig?rig=${RIGS.hive}`) },
  {
    name: 'parts',
    height: 900,
    go: async (page) => {
      await page.goto(`${BASE}/parts?rig=${RIGS.juniper}`);
      await page.getByRole('button', { name: /^1L,/ }).first().click();
      await page
        .getByRole('button', { name: /^S1, spare/ })
        .first()
        .click();
    },
  },
  {
    name: 'walk-phone',
    view: PHONE,
    go: async (page) => {
      await page.goto(`${BASE}/walk?rig=${RIGS.juniper}&walk=hitch`);
      await page.getByLabel('Air, if you know it').fill('58');
      await page.getByRole('button', { name: 'Tires are cold: begin' }).click();
      for (const stop of ['Tongue', 'Body', '1L']) {
        await page.getByRole('button', { name: /^All clear here/ }).click();
        await page.getByRole('heading', { level: 1, name: new RegExp(`^${stop}`) }).waitFor();
      }
      await page.getByRole('button', { name: /^Tire wall/ }).click();
      await page.getByRole('button', { name: 'other: Pressure' }).click();
      await page.getByLabel('It reads').fill('60');
      await page.getByRole('button', { name: 'Done with this' }).click();
      await page.getByRole('button', { name: /^Nuts/ }).click();
    },
  },
  {
    name: 'way',
    go: async (page) => {
      await page.goto(`${BASE}/walk?rig=${RIGS.sandpiper}&trip=begin`);
      await page.getByLabel('How far, if you know').fill('120');
      await page.getByRole('button', { name: 'Begin without the walk' }).click();
      await page.getByRole('button', { name: 'Tow with simulated instruments' }).click();
      await page.getByRole('radio', { name: '10 ×' }).click();
      await page.getByRole('button', { name: 'Drive on' }).click();
      await page.waitForFunction(() => /\b5 mi into the trip/.test(document.body.innerText), null, {
        timeout: 120_000,
      });
    },
  },
  {
    name: 'finding',
    height: 1120,
    go: async (page) => {
      await page.goto(`${BASE}/finding?rig=${RIGS.hive}`);
      await page.getByRole('link', { name: /rust scale/ }).click();
      await page.getByRole('list', { name: 'Photos, oldest first' }).getByRole('img').first().waitFor();
    },
  },
  {
    name: 'wheel-end',
    height: 1000,
    go: async (page) => {
      await page.goto(`${BASE}/end?rig=${RIGS.hive}&place=1R`);
      await page.getByRole('application').first().locator('svg').waitFor();
    },
  },
  {
    name: 'practice',
    height: 840,
    go: async (page) => {
      await page.goto(`${BASE}/practice?rig=${RIGS.juniper}&drill=nut&seed=5`);
      const turn = async (key, times) => {
        await page.getByRole('slider', { name: 'Spindle nut' }).focus();
        for (let i = 0; i < times; i++) await page.keyboard.press(key);
      };
      const tap = (name) => page.getByRole('button', { name, exact: true }).click();
      await page.getByRole('radio', { name: 'Wrench' }).click();
      await tap('Turn the hub with the other hand');
      await turn('PageUp', 10);
      await tap('The hub turns: stop it');
      await turn('PageDown', 3);
      await page.getByRole('radio', { name: 'Fingers' }).click();
      await turn('PageUp', 6);
      await tap('Back to the next slot');
      await tap('Pin in');
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'trouble-phone',
    view: PHONE,
    theme: 'auto',
    go: async (page) => {
      await page.goto(`${BASE}/trouble?rig=${RIGS.juniper}`);
      for (const [asked, answer] of [
        ['Where are you?', 'On the road'],
        [/lane/, 'Yes'],
        [/level/, 'Yes'],
        [/alone/, 'No'],
        [/dark/, 'Yes'],
        [/Lamps on you/, 'Yes'],
      ])
        await page.getByRole('radiogroup', { name: asked }).getByRole('radio', { name: answer }).click();
      await page.getByRole('button', { name: 'What do you see?' }).click();
      await page.getByRole('button', { name: 'Hot hub' }).click();
      await page.getByRole('button', { name: /^1L/ }).click();
      await page.getByRole('button', { name: 'Not known' }).click();
      // The hub, its mate a step cooler, on a mild day.
      for (const answer of ['One to five seconds', 'Stays five seconds', 'Mild'])
        await page.getByRole('button', { name: answer }).click();
      await page.getByRole('heading', { name: 'What stays open' }).waitFor();
    },
  },
  {
    // The paper itself: drawn off the PDF where a tool for that is at hand.
    name: 'paper',
    pdf: async (page) => {
      await page.goto(`${BASE}/papers?rig=${RIGS.juniper}`);
      await page.getByRole('button', { name: 'Make the tongue card' }).click();
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save it' }).click(),
      ]);
      return download.path();
    },
  },
  {
    name: 'kit',
    height: 900,
    go: async (page) => {
      await page.goto(`${BASE}/kit?rig=${RIGS.juniper}`);
      await page.getByRole('heading', { name: /troubles can be finished/ }).waitFor();
    },
  },
  {
    name: 'bench',
    go: (page) => page.goto(`${BASE}/bench?rig=${RIGS.juniper}&jobs=brake-adjust:2R,grease:1L,grease:2L`),
  },
  {
    name: 'bench-step',
    height: 1020,
    go: async (page) => {
      await startRepack(page, RIGS.juniper, '2R');
      await walkTo(page, /Grade rollers/);
      await page.getByRole('radio', { name: 'Light staining' }).click();
    },
  },
  {
    name: 'bench-phone',
    view: PHONE,
    go: async (page) => {
      await startRepack(page, RIGS.juniper, '2R');
      await walkTo(page, /Set the nut/);
      await page.getByRole('radio').nth(1).click();
    },
  },
  {
    name: 'sheet',
    view: { width: 900, height: 1180 },
    go: async (page) => {
      await page.goto(`${BASE}/sheet?rig=${RIGS.juniper}&jobs=repack:2R`);
      await page.emulateMedia({ media: 'print' });
    },
  },
  { name: 'logbook', go: (page) => page.goto(`${BASE}/logbook`) },
];

mkdirSync(out, { recursive: true });
const server = spawn(`${root}node_modules/.bin/next`, ['start', '-p', PORT], { cwd: root, stdio: 'ignore' });
const browser = await chromium.launch({
  executablePath: await ensureChromium(),
  args: FLAGS,
});
try {
  for (let i = 0; i < 50; i++) {
    if (
      await fetch(BASE).then(
        (response) => response.ok,
        () => false,
      )
    )
      break;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  const wanted = process.argv.slice(2);
  for (const shot of SHOTS.filter(({ name }) => wanted.length === 0 || wanted.includes(name))) {
    const context = await browser.newContext({
      viewport: shot.view ?? { ...DESK, height: shot.height ?? DESK.height },
      timezoneId: 'UTC',
      hasTouch: shot.view !== undefined,
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    });
    const preferences = JSON.stringify({
      yard: shot.own ? 'own' : 'demo',
      theme: shot.theme ?? 'day',
      gloves: shot.gloves ?? false,
    });
    await context.addInitScript((text) => localStorage.setItem('yardline', text), preferences);
    const page = await context.newPage();
    if (shot.pdf) {
      const path = await shot.pdf(page);
      spawnSync('pdftoppm', ['-png', '-singlefile', '-r', '110', path, `${out}/${shot.name}`]);
      say(`${shot.name}.png`);
      await context.close();
      continue;
    }
    await shot.go(page);
    await page.waitForLoadState('networkidle');
    await page.waitForFunction(() => !document.body.innerText.includes('Reading the log'));
    await page.evaluate(() => document.fonts.ready);
    // Whole from its top; a sheet scrolls by itself.
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.screenshot({ path: `${out}/${shot.name}.png` });
    say(`${shot.name}.png`);
    await context.close();
  }
} finally {
  await browser.close();
  server.kill();
}
