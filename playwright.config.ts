import { defineConfig } from '@playwright/test';
import { ZONE } from './e2e/days';
import { FLAGS } from './scripts/chromium.mjs';

const PORT = 3170;

export default defineConfig({
  testDir: 'e2e',
  // Limits are for what hangs, not for speed: they fit a machine much slower than this one, busy with other work.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  fullyParallel: true,
  // One more than the cores: a page is often waited for, for as long as it lets nobody tap.
  workers: 3,
  retries: 0,
  outputDir: 'test-results/browser',
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    actionTimeout: 30_000,
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: ZONE,
    screenshot: 'only-on-failure',
    // A worker that keeps the whole application is fetched anew by each journey's fresh profile: only those of it do so.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium-headless-shell',
      args: FLAGS,
    },
  },
  webServer: {
    command: `node_modules/.bin/next start -p ${PORT}`,
    port: PORT,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 2000 },
  },
});
