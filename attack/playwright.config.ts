import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

export default defineConfig({
  ...base,
  testDir: 'browser',
  timeout: 900_000,
  outputDir: '../test-results/attack-browser',
  reporter: [['list']],
  // The application is served from the project's own folder.
  webServer: base.webServer && { ...base.webServer, cwd: process.cwd() },
});
