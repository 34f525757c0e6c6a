import { defineConfig } from '@playwright/test';
import base from './playwright.config';

/** `npm run long`: what takes too long for `npm test`. */
export default defineConfig({ ...base, testDir: 'tests/long' });
