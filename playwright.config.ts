import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: './e2e',
  testMatch: '*.spec.ts',
  outputDir: 'test-results',
  workers: 2,
  fullyParallel: true,
  forbidOnly: process.env.CI === 'true',
  // Generous: a slow machine is no fault of the application. What fails twice has failed; what fails once is named as flaky.
  timeout: 180_000,
  retries: 1,
  expect: { timeout: 30_000 },
  globalSetup: './e2e/global-setup.ts',
  reporter: [['list'], ['json', { outputFile: '.ubbet/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    locale: 'en-GB',
    // Only the tests without a signal want what the service worker keeps.
    serviceWorkers: 'block',
    timezoneId: 'UTC',
    launchOptions: {
      executablePath:
        process.env.UBBET_CHROMIUM ??
        ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((path) => existsSync(path)),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--lang=en-GB',
        // Compiled script is kept from its first use on, not from its second: half of what a page costs is compiling.
        '--blink-settings=v8CacheOptions=3',
      ],
    },
  },
});
