import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'var/playwright',
  // Generous: a busy machine is slow, not broken. Waits are by state.
  timeout: 150_000,
  expect: { timeout: 30_000 },
  workers: 2,
  // A second try on a busy machine; a test that needs it is reported as flaky.
  retries: 1,
  reporter: [['line'], ['json', { outputFile: 'var/reports/e2e.json' }]],
  use: {
    baseURL: process.env['KALOPSIS_URL'] ?? 'http://127.0.0.1:8080',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // A test that stands in for the network has to see every request; the run's own tests let it in again.
    serviceWorkers: 'block',
    timezoneId: 'UTC',
    // Recording every try costs as much as the browser itself; a test that fails is tried once more.
    trace: 'on-first-retry',
    screenshot: 'only-on-failure',
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
