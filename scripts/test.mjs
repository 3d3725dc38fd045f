/** `npm test`: installs what is missing, checks everything, and ends with a line that counts. */
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { build, ensureChromium, ensurePackages, root, run, say, tool } from './steps.mjs';

let passed = 0;
let failed = 0;

/** A check that counts as one; `quiet` where others run beside it, and what it says is told when it is through. */
async function check(name, work, quiet = false) {
  if (!quiet) say(name);
  const started = Date.now();
  const { code, output } = await work();
  const ok = code === 0;
  if (ok) passed += 1;
  else failed += 1;
  if (quiet && !ok) console.log(output);
  console.log(`${ok ? 'passed' : 'FAILED'}: ${name} (${Math.round((Date.now() - started) / 1000)} s)`);
  return ok;
}

/** Checks that read and write nothing of each other, in two lanes. */
async function beside(...lanes) {
  say(
    `${lanes
      .flat()
      .map(([name]) => name)
      .join('; ')}, side by side`,
  );
  await Promise.all(
    lanes.map(async (lane) => {
      for (const [name, command, args] of lane)
        await check(name, () => tool(command, args, { quiet: true }), true);
    }),
  );
}

/** A runner that counts its own tests in a JSON report; one that reports nothing has failed. */
async function suite(name, report, work, count) {
  say(name);
  rmSync(`${root}${report}`, { force: true });
  const { code } = await work();
  try {
    const counted = count(JSON.parse(readFileSync(`${root}${report}`, 'utf8')));
    passed += counted.passed;
    failed += counted.failed + (code !== 0 && counted.failed === 0 ? 1 : 0);
    if (counted.passed + counted.failed === 0) failed += 1;
  } catch {
    failed += 1;
    console.log(`FAILED: ${name} left no report`);
  }
}

const DIRECTION = [
  ...['src', 'demo', 'bench', 'e2e'],
  ...['--config', '.dependency-cruiser.cjs', '--output-type', 'err'],
];

await ensurePackages();
mkdirSync(`${root}test-results`, { recursive: true });
const chromium = await ensureChromium();

await beside(
  [
    ['Formatting', 'prettier', ['--check', '--log-level', 'warn', '.']],
    ['Lint: import direction', 'depcruise', DIRECTION],
    ['Lint: unused files, exports and packages', 'knip', []],
    ['Types', 'tsc', ['--noEmit']],
    ['Types: service worker', 'tsc', ['--noEmit', '-p', 'tsconfig.sw.json']],
  ],
  [['Lint: rules', 'eslint', ['.', '--max-warnings', '0']]],
);
await suite(
  'Unit tests',
  'test-results/unit.json',
  () => tool('jest', ['--ci', '--json', '--outputFile=test-results/unit.json']),
  (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  }),
);
if (await check('Build', () => build({ NEXT_PUBLIC_YARD: 'own' })))
  await suite(
    'Browser tests',
    'test-results/browser.json',
    () =>
      run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test'], {
        env: { CHROMIUM_PATH: chromium },
      }),
    ({ stats }) => ({ passed: stats.expected, failed: stats.unexpected + stats.flaky }),
  );
else failed += 1;

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
