import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS } from './scripts/chromium.mjs';

/** Chromium of the system; the server is started by tests/server.ts on a throw-away database. */
export default defineConfig({
  testDir: './tests',
  testMatch: '**/*.spec.ts',
  fullyParallel: false,
  workers: 2,
  retries: 0,
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '.cache/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [...CHROMIUM_ARGS],
    },
  },
} as Parameters<typeof defineConfig>[0]);
