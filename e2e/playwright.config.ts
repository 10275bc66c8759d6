import { defineConfig } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { BASE_URL } from './place';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The exported client over the real server and database, in Debian's Chromium. */
export default defineConfig({
  testDir: '.',
  outputDir: here('../test-results'),
  globalSetup: here('global-setup.mjs'),
  // One kitchen for all: what one test keeps, another would see.
  workers: 1,
  // A shared machine may stand still for a while, which is no fault of what is tested: speed has a benchmark of its own.
  timeout: 150_000,
  expect: { timeout: 40_000 },
  forbidOnly: true,
  reporter: [['line'], ['json']],
  use: {
    baseURL: BASE_URL,
    viewport: { width: 390, height: 844 },
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
    // What a test says the server answers has to be asked of the server; the tests without a network let it in.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
  },
});
