/** `npm test`: installs what is missing, checks everything, and ends with a line that counts. */
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { testShare } from './share.mjs';
import { build, ensureChromium, ensurePackages, root, run, say, tool } from './steps.mjs';
import { gatherSuites } from './suites.mjs';

let passed = 0;
let failed = 0;
/** What each check took of the processor (s), in the order they ended. */
const took = [];

/** What a check came to: its own count where it counts, one otherwise. */
function count({ name, report, counted }, { code, output, seconds, cpu }) {
  let result = { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
  if (report)
    try {
      result = counted(JSON.parse(readFileSync(`${root}${report}`, 'utf8')));
      // A runner that failed without a failed test, or that ran none, has failed all the same.
      if ((code !== 0 && result.failed === 0) || result.passed + result.failed === 0)
        result = { ...result, failed: result.failed + 1 };
    } catch {
      result = { passed: 0, failed: 1 };
      output += `\n${name} left no report`;
    }
  took.push([name, cpu]);
  passed += result.passed;
  failed += result.failed;
  if (result.failed > 0) console.log(output);
  const told = report ? `${result.passed} passed, ${result.failed} failed` : '';
  console.log(
    `${result.failed === 0 ? 'passed' : 'FAILED'}: ${name} (${[told, `${Math.round(cpu)} CPU s in ${seconds} s`].filter(Boolean).join(', ')})`,
  );
  return result.failed === 0;
}

async function check(task) {
  if (task.report) rmSync(`${root}${task.report}`, { force: true });
  const started = Date.now();
  const { code, output, cpu } = await task.work();
  return count(task, { code, output, cpu, seconds: Math.round((Date.now() - started) / 1000) });
}

/** Runs checks beside each other, as many at once as there are cores, in their order; `after` names one that has to be through first. */
async function beside(tasks) {
  say(`${tasks.map(({ name }) => name).join('; ')}: side by side, as the cores allow`);
  const done = new Map();
  const waiting = [...tasks];
  const next = () => {
    const i = waiting.findIndex(({ after }) => !after || done.has(after));
    return i < 0 ? undefined : waiting.splice(i, 1)[0];
  };
  const turn = async () => {
    for (let task = next(); task; task = next()) done.set(task.name, await check(task));
  };
  await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, turn));
  // What waited for something that another turn was still at.
  await turn();
  return done;
}

const CACHE = 'node_modules/.cache';
const quiet = (name, ...args) => tool(name, args, { quiet: true });

/** Prints what stood on the page of each browser test that failed: the picture is often out of reach. */
function sayWhatStood() {
  const kept = `${root}test-results/browser`;
  for (const test of existsSync(kept) ? readdirSync(kept) : []) {
    const context = `${kept}/${test}/error-context.md`;
    if (!existsSync(context)) continue;
    const [, snapshot = ''] = readFileSync(context, 'utf8').split('# Page snapshot');
    console.log(`\n${test}\n${snapshot.trim().split('\n').slice(0, 60).join('\n')}`);
  }
}

/** The unit tests run one file after another; in parts, so that no core waits for the other's. */
const PARTS = 3;
const unitTests = () =>
  gatherSuites(PARTS).map((files, i) => {
    const report = `test-results/unit-${i + 1}.json`;
    return {
      name: `Unit and component tests, part ${i + 1} of ${PARTS}`,
      work: () =>
        tool('jest', ['--ci', '-i', '--json', `--outputFile=${report}`, '--runTestsByPath', ...files], {
          quiet: true,
          env: { GATHERED: '1' },
        }),
      report,
      counted: ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
        passed: numPassedTests,
        failed: numFailedTests + numRuntimeErrorTestSuites,
      }),
    };
  });

await ensurePackages();
mkdirSync(`${root}test-results`, { recursive: true });
const chromium = await ensureChromium();

const done = await beside([
  {
    name: 'Build',
    // Types are checked once, below.
    work: () => build({ NEXT_PUBLIC_YARD: 'own', TYPES_CHECKED_APART: '1' }, { quiet: true }),
  },
  ...unitTests(),
  {
    name: 'Lint: rules',
    work: () =>
      quiet('eslint', '.', '--max-warnings', '0', '--cache', '--cache-location', `${CACHE}/eslint/`),
  },
  {
    name: 'Types',
    // The build writes types of its own that are checked as well.
    after: 'Build',
    work: () => quiet('tsgo', '--noEmit', '--incremental', 'false'),
  },
  {
    name: 'Formatting',
    work: () =>
      quiet(
        'prettier',
        '--check',
        '--log-level',
        'warn',
        '--cache',
        '--cache-location',
        `${CACHE}/prettier/.cache`,
        '.',
      ),
  },
  {
    name: 'Lint: import direction',
    work: () =>
      quiet(
        'depcruise',
        'src',
        'demo',
        'bench',
        'e2e',
        '--config',
        '.dependency-cruiser.cjs',
        '--output-type',
        'err',
      ),
  },
  { name: 'Lint: unused files, exports and packages', work: () => quiet('knip') },
  { name: 'Lint: rules that need types', work: () => quiet('oxlint', '--type-aware', '.') },
  { name: 'Types: service worker', work: () => quiet('tsgo', '--noEmit', '-p', 'tsconfig.sw.json') },
]);
if (done.get('Build')) {
  say('Browser tests');
  await check({
    name: 'Browser tests',
    work: () =>
      run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test'], {
        env: { CHROMIUM_PATH: chromium },
      }),
    report: 'test-results/browser.json',
    counted: ({ stats }) => ({ passed: stats.expected, failed: stats.unexpected + stats.flaky }),
  });
  sayWhatStood();
} else {
  failed += 1;
  console.log('FAILED: Browser tests (there is no build to test)');
}

const sum = took.reduce((all, [, cpu]) => all + cpu, 0);
console.log(`\nProcessor's seconds (${Math.round(sum)} altogether):`);
for (const [name, cpu] of took.sort(([, a], [, b]) => b - a))
  console.log(`${String(Math.round(cpu)).padStart(6)}  ${name}`);
console.log(`Tests are ${testShare()} % of the lines of TypeScript (25 to 33 are wanted).`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
