import { defineConfig } from '@playwright/test';
import { testChromiumPath, chromiumSwitches } from './scripts/chromium.mjs';

const port = 4397;

export default defineConfig({
  testDir: 'e2e',
  outputDir: '.cache/browser-tests',
  fullyParallel: true,
  // One more than there are cores: what waits for a scale to stand still leaves its core to the others.
  workers: 3,
  forbidOnly: true,
  // Generous: a machine with two cores that is busy elsewhere must not fail a test that is right.
  timeout: 120_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '.cache/reports/browser.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    launchOptions: { executablePath: testChromiumPath(), args: chromiumSwitches },
    // A trace of every test takes a third of the time; ask for one of a test that failed: `--trace on`.
    trace: 'off',
  },
  projects: [
    {
      name: 'phone',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      testIgnore: '**/*.wide.spec.ts',
    },
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      testMatch: '**/*.wide.spec.ts',
    },
  ],
  webServer: {
    command: 'node --import tsx server/main.ts',
    env: { PORT: String(port) },
    url: `http://localhost:${port}/health`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
  },
});
