import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  test: {
    include: ['src/**/*.test.ts', 'tests/outside/**/*.test.ts'],
    environment: 'node',
    // Files that are written whole take their time on a busy machine; speed is measured in bench/.
    testTimeout: 20_000,
  },
});
