import { defineConfig } from '@playwright/test';
import { WORKERS } from './tests/workers';
import { chromium } from './tests/browser/chromium';

const port = 4319;
export default defineConfig({
  testDir: 'tests/browser',
  // A machine may be busy with ten other things: what takes longer is slow, not wrong. Speed is measured in
  // bench/.
  timeout: 480_000,
  expect: { timeout: 90_000, toPass: { timeout: 90_000 } },
  // A second try is counted as passed, and named at the end of `npm test`.
  retries: 1,
  fullyParallel: true,
  // It's one server for all: with more than there are cores, what it answers in a second takes ten.
  workers: WORKERS,
  forbidOnly: true,
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Pictures that move are painted by the processor here, and take a seventh of the time of all
    // tests; those of the Stage and of the figures ask for them.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: chromium,
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    // Each test has a browser of its own: what is kept for offline would be fetched anew in each.
    serviceWorkers: 'block',
  },
  webServer: {
    command: 'node scripts/serve.mjs',
    url: `http://127.0.0.1:${port}/api/health`,
    // How long an answer may take is looked at in host.spec.ts, on a server of its own.
    env: { PORT: String(port), HOST: '127.0.0.1', ANSWER_SECONDS: '90' },
    reuseExistingServer: false,
  },
});
