import { defineConfig } from '@playwright/test';
import { FLAGS } from './scripts/chromium.mjs';

const PORT = 3170;

export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  expect: { timeout: 7_000 },
  forbidOnly: true,
  fullyParallel: true,
  workers: 2,
  retries: 0,
  outputDir: 'test-results/browser',
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    actionTimeout: 8_000,
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'America/Chicago',
    screenshot: 'only-on-failure',
    // A worker that keeps the whole application is fetched anew by each journey's fresh profile: only those of it do so.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium',
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
