import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './e2e/chromium.ts';

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  timeout: 240_000,
  expect: { timeout: 20_000 },
  retries: 0,
  forbidOnly: Boolean(process.env['CI']),
  reporter: [['list'], ['json', { outputFile: 'coverage/playwright.json' }]],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: chromiumOptions, trace: 'retain-on-failure' },
});
