// Starts the built server; it honours PORT and HOST.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const entry = join(import.meta.dirname, '..', 'build', 'index.js');
if (!existsSync(entry)) {
  console.error('\nThere is no build yet. Run "npm run build", or "npm run demo".\n');
  process.exit(1);
}
await import(pathToFileURL(entry).href);
