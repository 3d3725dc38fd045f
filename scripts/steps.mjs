/** Shared by the commands: say what is being done, do it, and install what is missing. */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const bin = (name) => `${root}node_modules/.bin/${name}`;

/** Announces a step. */
export function say(text) {
  console.log(`\n▸ ${text}`);
}

/** Has the shell say, on a line of its own, what a command took of the processor, its children included. */
const TIMED = '"$0" "$@"; code=$?; times >&3; exit $code';

/** Seconds of the processor in what the shell's `times` says: its second line is that of the children. */
function cpuOf(told) {
  const [, children = ''] = told.trim().split('\n');
  return [...children.matchAll(/(\d+)m([\d.,]+)s/g)].reduce(
    (sum, [, minutes, seconds]) => sum + 60 * Number(minutes) + Number(seconds.replace(',', '.')),
    0,
  );
}

/** Runs a command from the project's folder; resolves with its exit code, what it printed and the processor's seconds it took. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn('bash', ['-c', TIMED, command, ...args], {
      cwd: root,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      stdio: ['ignore', 'pipe', 'pipe', 'pipe'],
    });
    let output = '';
    let told = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => {
        output += chunk;
        if (!quiet) process.stdout.write(chunk);
      });
    child.stdio[3].on('data', (chunk) => (told += chunk));
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output, cpu: cpuOf(told) }));
  });
}

/** Runs a tool of the project. */
export const tool = (name, args, options) => run(bin(name), args, options);

/** Installs the packages of the lock file where they are not there yet. */
export async function ensurePackages() {
  if (existsSync(bin('next')) && existsSync(`${root}node_modules/.package-lock.json`)) return;
  say('Installing packages from the lock file (about a minute)');
  const { code } = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code !== 0) throw new Error('npm ci did not succeed');
}

/** Builds the application and its service worker. */
export async function build(env = {}, { quiet = false } = {}) {
  if (!quiet) say('Building the application (under a minute)');
  const next = await tool('next', ['build'], { env, quiet });
  if (next.code !== 0) return next;
  const after = await run(process.execPath, ['scripts/after-build.mjs'], { quiet });
  return { ...after, cpu: next.cpu + after.cpu };
}

/** Bundles TypeScript of the project for Node, as the product is bundled; gives the path of the script. */
export async function bundle(entry, name) {
  const esbuild = await import('esbuild');
  mkdirSync(`${root}test-results`, { recursive: true });
  const outfile = `${root}test-results/${name}.mjs`;
  await esbuild.build({
    entryPoints: [`${root}${entry}`],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
  return outfile;
}

/** Chromium without its window, which starts and draws with half the work; then the whole of it. */
const BROWSERS = ['chromium-headless-shell', 'chromium'];

/** The path of Chromium, installed from Debian's packages where it is missing. */
export async function ensureChromium() {
  const there = (name) => (existsSync(`/usr/bin/${name}`) ? `/usr/bin/${name}` : undefined);
  const first = there(BROWSERS[0]);
  if (first) return first;
  say("Installing Chromium from Debian's packages (about half a minute)");
  const apt = async (...args) => {
    const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { quiet: true, env: { DEBIAN_FRONTEND: 'noninteractive' } });
  };
  let last = await apt('update', '-qq');
  for (const name of BROWSERS) {
    if (!there(name)) last = await apt('install', '-y', '-qq', '--no-install-recommends', name);
    const path = there(name);
    if (path) return path;
  }
  throw new Error(`Chromium could not be installed:\n${last.output.slice(-2000)}`);
}
