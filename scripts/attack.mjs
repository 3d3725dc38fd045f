/** `npm run attack -- <part> …`: does to the product what breaks others, and prints what was lost; all parts take about an hour. */
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { build as buildApp, bundle, ensureChromium, ensurePackages, root, run, say, tool } from './steps.mjs';

const CORE = ['archives', 'merge'];
const BROWSER = readdirSync(`${root}attack/browser`)
  .filter((name) => name.endsWith('.spec.ts'))
  .map((name) => name.replace('.spec.ts', ''));

const asked = process.argv.slice(2);
const unknown = asked.filter((part) => ![...CORE, ...BROWSER].includes(part));
if (unknown.length > 0) {
  console.log(`There is no part called ${unknown.join(', ')}. Parts: ${[...CORE, ...BROWSER].join(', ')}.`);
  process.exit(1);
}
const wanted = (parts) => parts.filter((part) => asked.length === 0 || asked.includes(part));

await ensurePackages();
const folder = `${root}test-results/attack`;
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
let failed = false;

const core = wanted(CORE);
if (core.length > 0) {
  say(`Attacking ${core.join(', ')}`);
  const outfile = await bundle('attack/main.ts', 'attack');
  failed ||= (await run(process.execPath, [outfile, ...core])).code !== 0;
}

const inBrowser = wanted(BROWSER);
if (inBrowser.length > 0) {
  const chromium = await ensureChromium();
  if (!existsSync(`${root}.next/server/app/index.html`)) {
    const built = await buildApp({ NEXT_PUBLIC_YARD: 'own', TYPES_CHECKED_APART: '1' });
    if (built.code !== 0) process.exit(built.code);
  }
  say(`Attacking ${inBrowser.join(', ')} in the browser`);
  const files = inBrowser.map((part) => `attack/browser/${part}.spec.ts`);
  const done = await tool('playwright', ['test', '-c', 'attack/playwright.config.ts', ...files], {
    env: { CHROMIUM_PATH: chromium },
  });
  failed ||= done.code !== 0;
}

const rows = readdirSync(folder)
  .sort()
  .map((name) => JSON.parse(readFileSync(`${folder}/${name}`, 'utf8')));
const width = Math.max(...rows.map(({ part, what }) => part.length + what.length + 2), 4);
console.log(`\n${'what'.padEnd(width)}  tried  survived  lost`);
for (const { part, what, tried, lost } of rows)
  console.log(
    `${`${part}: ${what}`.padEnd(width)}  ${String(tried).padStart(5)}  ${String(tried - lost.length).padStart(8)}  ${String(lost.length).padStart(4)}`,
  );
for (const { part, lost } of rows)
  for (const how of lost.slice(0, 20)) console.log(`  lost, ${part}: ${how}`);
process.exit(failed || rows.some(({ lost }) => lost.length > 0) ? 1 : 0);
