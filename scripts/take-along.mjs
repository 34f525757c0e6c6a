// The page that leads itself: the Stage built into one HTML file with styles, fonts and script in it.
import { join } from 'node:path';
import { svelte, vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { build } from 'vite';
import { viteSingleFile } from 'vite-plugin-singlefile';
import { root } from './fresh.mjs';

const ID = 'virtual:take-along';
const at = (...path) => join(root, ...path);

/** What has a stand-in in the page: what is kept in the browser, and what is fetched. */
const ALONE = {
  '$lib/stage/beat-worker': at('src/lib/take/alone/beat-worker.ts'),
  '$lib/store/preference-store.svelte': at('src/lib/take/alone/preference-store.svelte.ts'),
};

async function buildPage() {
  const alias = [...Object.entries(ALONE), ['$core', at('src/core')], ['$lib', at('src/lib')]];
  const { output } = await build({
    configFile: false,
    root,
    logLevel: 'warn',
    plugins: [
      tailwindcss(),
      svelte({ configFile: false, preprocess: vitePreprocess() }),
      viteSingleFile(),
    ],
    resolve: { alias: alias.map(([find, replacement]) => ({ find, replacement })) },
    worker: { format: 'es' },
    build: {
      write: false,
      rollupOptions: { input: at('src/lib/take/take-along.html') },
    },
  });
  return String(output.find(({ fileName }) => fileName.endsWith('.html')).source);
}

/** Built once for all bundles that are made in one go, whichever configuration they have. */
const BUILT = Symbol.for('arrup.take-along');

export function takeAlong() {
  return {
    name: 'take-along',
    resolveId: (id) => (id === ID ? `\0${ID}` : null),
    async load(id) {
      if (id !== `\0${ID}`) return null;
      globalThis[BUILT] ??= buildPage();
      return `export default ${JSON.stringify(await globalThis[BUILT])};`;
    },
  };
}
