import { readFileSync } from 'node:fs';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { takeAlong } from './scripts/take-along.mjs';
import { wordNet } from './scripts/word-net.mjs';
import { WORKERS } from './tests/workers';

/**
 * Zod's schemas bring a writer of JSON Schema along, 5 kB of the first page. Only the server writes
 * schemas (`/api/schema`): in the browser its functions are there and do nothing.
 */
const withoutJsonSchema: Plugin = {
  name: 'without-json-schema',
  enforce: 'pre',
  load(file, options) {
    if (
      options?.ssr ||
      !/zod\/v4\/core\/(?:to-json-schema|json-schema-processors)\.js$/u.test(file)
    )
      return null;
    const exported = readFileSync(file, 'utf8').matchAll(
      /^export (?:const|function|class) (\w+)/gmu,
    );
    return [...exported].map(([, name]) => `export const ${name} = () => () => {};`).join('\n');
  },
};

/** Tests of what is kept in the browser's one database, and beside it. */
const KEEPS_ROWS = ['src/lib/store/{changes,db,trash}.test.ts', 'src/lib/backup/**/*.test.ts'];

export default defineConfig({
  plugins: [withoutJsonSchema, wordNet(), takeAlong(), tailwindcss(), sveltekit()],
  worker: { format: 'es', plugins: () => [wordNet(), takeAlong()] },
  build: {
    modulePreload: {
      // Places are fetched with all they need at once; what opens within a page brings only its styles
      // along: the lists of the rest are 1.3 kB of the first page.
      resolveDependencies: (_file, needs, { hostId }) =>
        hostId.includes('entry/') ? needs : needs.filter((file) => file.endsWith('.css')),
    },
  },
  test: {
    environment: 'node',
    // Files that are written whole take their time on a busy machine; speed is measured in bench/.
    testTimeout: 600_000,
    maxWorkers: WORKERS,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'tests/outside/**/*.test.ts'],
          exclude: KEEPS_ROWS,
          // Nothing is kept from one test to the next: modules are read once for all files.
          isolate: false,
        },
      },
      // A database that one file opened would be there in the next.
      { extends: true, test: { name: 'rows', include: KEEPS_ROWS } },
    ],
  },
});
