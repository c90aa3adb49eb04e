import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './e2e/chromium.ts';

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/sample-ledger.ts',
  // Each test has a server and a ledger of its own.
  workers: 2,
  fullyParallel: true,
  timeout: 240_000,
  expect: { timeout: 20_000 },
  // A shared machine may starve a browser; a test that passes only the second time is counted as unsteady.
  retries: 1,
  forbidOnly: Boolean(process.env['CI']),
  reporter: [['list'], ['json', { outputFile: 'coverage/playwright.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // Answers come from the server, but where a test is about the service worker itself.
    serviceWorkers: 'block',
    actionTimeout: 30_000,
    launchOptions: chromiumOptions,
    trace: 'on-first-retry',
  },
});
