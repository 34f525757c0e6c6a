// Runs the benches through Vite: TypeScript as it stands, nothing more to install.
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { installPackages, root } from './fresh.mjs';

installPackages();
for (const bench of ['bench.ts', 'draw.ts']) {
  await runnerImport(join(root, 'bench', bench), { root, configFile: false, logLevel: 'error' });
}
