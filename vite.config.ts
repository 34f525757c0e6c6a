import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  test: {
    environment: 'node',
    // Files that are written whole take their time on a busy machine; speed is measured in bench/.
    testTimeout: 20_000,
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: ['src/core/**/*.test.ts', 'tests/outside/**/*.test.ts'],
          // The core keeps nothing from one test to the next: its modules are read once for all files.
          isolate: false,
        },
      },
      { extends: true, test: { name: 'lib', include: ['src/lib/**/*.test.ts'] } },
    ],
  },
});
