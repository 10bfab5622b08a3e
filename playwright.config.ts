import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/e2e',
  timeout: 180_000,
  expect: { timeout: 45_000 },
  fullyParallel: true,
  workers: 2,
  // A machine that does other things as well makes one wait too long now and then: what passes the second time is named.
  retries: 1,
  forbidOnly: true,
  outputDir: 'test-results/browser',
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // A trace of every test costs more than the few that are read: TRACE=1 records them.
    trace: process.env.TRACE ? 'on' : 'off',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
