import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: './tests',
  fullyParallel: false,
  workers: 2,
  timeout: 90_000,
  // A machine that hangs for a moment is no fault of the page; what needed it is named at the end.
  retries: 1,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  outputDir: '../test-results',
  use: {
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
