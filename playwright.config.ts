import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './e2e/chromium.ts';

export default defineConfig({
  testDir: 'e2e',
  // A server and a browser each: two keep both cores of a small machine busy.
  workers: 2,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  retries: 0,
  forbidOnly: Boolean(process.env['CI']),
  reporter: [['list'], ['json', { outputFile: 'coverage/playwright.json' }]],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: chromiumOptions, trace: 'retain-on-failure' },
});
