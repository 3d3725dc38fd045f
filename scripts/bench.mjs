/** `npm run bench`: bundles the benchmarks as the product is bundled, and runs them. */
import { existsSync, mkdirSync } from 'node:fs';
import { build as buildApp, ensureChromium, ensurePackages, root, run, say } from './steps.mjs';

await ensurePackages();
if (!existsSync(`${root}.next/server/app/index.html`)) {
  const built = await buildApp();
  if (built.code !== 0) process.exit(built.code);
}
const { build } = await import('esbuild');
mkdirSync(`${root}test-results`, { recursive: true });
const outfile = `${root}test-results/bench.mjs`;
await build({
  entryPoints: [`${root}bench/main.ts`],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'error',
});
await ensureChromium();
say('Measuring (about a minute)');
const { code } = await run(process.execPath, ['--expose-gc', outfile]);
process.exit(code);
