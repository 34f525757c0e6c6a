import { defineConfig } from '@playwright/test';
import base from './playwright.config';

/** `npm run screenshots` takes the pictures in docs/screenshots anew, from the demo. */
export default defineConfig({ ...base, testDir: 'tests/screenshots', workers: 1 });
