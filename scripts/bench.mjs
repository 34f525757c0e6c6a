// Runs bench/bench.ts through Vite: TypeScript as it stands, nothing more to install.
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { installPackages, root } from './fresh.mjs';

installPackages();
await runnerImport(join(root, 'bench', 'bench.ts'), { root, configFile: false, logLevel: 'error' });
