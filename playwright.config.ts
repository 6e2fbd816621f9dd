import { defineConfig } from '@playwright/test';
import { BROWSER_ARGS } from './e2e/support/browserArgs';

/** Browser tests on the system's Chromium; one export and two servers for all of them. */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/support/setup.mjs',
  timeout: 60_000,
  expect: { timeout: 10_000 },
  workers: 2,
  // A machine busy with something else may stall a browser: one more try, and the run names who needed it.
  retries: 1,
  forbidOnly: true,
  fullyParallel: true,
  reporter: [['list'], ['json']],
  outputDir: '.cache/e2e',
  use: {
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    // Only the tests of being offline need the whole app kept; elsewhere it costs seconds a test.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.ZOLDER_CHROMIUM,
      args: [...BROWSER_ARGS],
    },
  },
});
