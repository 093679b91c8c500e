import { defineConfig } from '@playwright/test';

const BESIDE = [/d-access\.spec\.ts$/, /f-library\.spec\.ts$/, /h-aims\.spec\.ts$/];

/** Journeys in the real browser, against the built application that scripts/with-app.sh has started. */
export default defineConfig({
  testDir: 'tests/browser',
  // ./test runs the two side by side, each against an application of its own
  projects: [
    { name: 'journeys', testIgnore: BESIDE },
    { name: 'beside', testMatch: BESIDE },
  ],
  workers: 1,
  // a long journey on a slow machine; a page that never answers still fails
  timeout: 240_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  reporter: [['list']],
  use: {
    baseURL: process.env.BASE_URL,
    viewport: { width: 1280, height: 800 },
    // a worker in between hides requests from the tests; the journey without a network lets it in
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
    trace: 'retain-on-failure',
    actionTimeout: 30_000,
  },
});
