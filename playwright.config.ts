import { defineConfig } from '@playwright/test';
import { chromium } from './tests/browser/chromium';

const port = 4319;
export default defineConfig({
  testDir: 'tests/browser',
  timeout: 60_000,
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    trace: 'retain-on-failure',
  },
  webServer: {
    command: 'node scripts/serve.mjs',
    url: `http://127.0.0.1:${port}/api/health`,
    env: { PORT: String(port), HOST: '127.0.0.1' },
    reuseExistingServer: false,
  },
});
