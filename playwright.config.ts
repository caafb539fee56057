import { defineConfig } from '@playwright/test';
import { served, WORKERS } from './tests/browser/support/served';

export default defineConfig({
  testDir: 'tests/browser',
  workers: WORKERS,
  // Those that look at many screens take a minute on two busy cores.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: '.lapboard/browser.json' }]],
  outputDir: 'test-results',
  use: {
    baseURL: served.url,
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
});
