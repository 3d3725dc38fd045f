/** `npm run bench -- <part> …`: bundles the benchmarks as the product is bundled, and runs the parts named, or all; `properties` tries every property in full. */
import { existsSync } from 'node:fs';
import { build as buildApp, bundle, ensureChromium, ensurePackages, root, run, say, tool } from './steps.mjs';

await ensurePackages();
if (process.argv.includes('properties')) {
  say('Trying every property in full (some minutes)');
  const { code } = await tool('jest', ['--ci'], { env: { PROPERTIES: 'full' } });
  process.exit(code);
}
if (!existsSync(`${root}.next/server/app/index.html`)) {
  const built = await buildApp();
  if (built.code !== 0) process.exit(built.code);
}
const outfile = await bundle('bench/main.ts', 'bench');
const chromium = await ensureChromium();
const parts = process.argv.slice(2);
say(
  parts.length > 0
    ? `Measuring ${parts.join(', ')}`
    : 'Measuring every part (about a quarter of an hour; name some for less)',
);
const { code } = await run(process.execPath, ['--expose-gc', outfile, ...parts], {
  env: { CHROMIUM_PATH: chromium },
});
process.exit(code);
