import { join } from 'node:path';
import { defineConfig } from 'vite';
import { takeAlong } from './scripts/take-along.mjs';
import { wordNet } from './scripts/word-net.mjs';

const at = (path: string) => join(import.meta.dirname, path);

/** The server that hosts the built application, and its workers: `build/index.js` and beside it. */
export default defineConfig({
  plugins: [wordNet(), takeAlong()],
  resolve: { alias: { $core: at('src/core'), $lib: at('src/lib') } },
  ssr: { noExternal: true },
  build: {
    ssr: true,
    outDir: 'build',
    emptyOutDir: false,
    target: 'node20',
    // Workers have no web server beside them: their fonts lie in them.
    assetsInlineLimit: Number.MAX_SAFE_INTEGER,
    copyPublicDir: false,
    rollupOptions: {
      input: {
        index: at('src/lib/server/host/main.ts'),
        'heavy-worker': at('src/lib/server/host/heavy-worker.ts'),
      },
      output: { entryFileNames: '[name].js', chunkFileNames: 'host/[name]-[hash].js' },
    },
  },
});
