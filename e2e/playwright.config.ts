import { defineConfig } from '@playwright/test';
import { chromiumFlags, chromiumPath } from '../scripts/chromium.mjs';

/** Drives a production server that is already running; `npm test` starts one. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  // a test waits for what it looks for; these only end one that will never see it, on a machine many times slower too
  timeout: 400_000,
  expect: { timeout: 60_000 },
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env['COBBET_URL'] ?? 'http://localhost:3000',
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    // each test would fetch the whole application once more; those of working offline let them in
    serviceWorkers: 'block',
    launchOptions: { executablePath: chromiumPath() ?? undefined, args: chromiumFlags },
  },
});
