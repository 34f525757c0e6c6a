// Runs the benches as they would run built: bundled by Vite, nothing more to install.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { installPackages, root } from './fresh.mjs';

await installPackages();
const outDir = join(root, 'node_modules', '.bench');
// `node scripts/bench.mjs hostile 500`: one of them, with what it takes.
const named = process.argv[2];
for (const bench of named ? [named] : ['bench', 'draw']) {
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    build: { ssr: join(root, 'bench', `${bench}.ts`), outDir, emptyOutDir: false },
  });
  await import(pathToFileURL(join(outDir, `${bench}.js`)).href);
}
