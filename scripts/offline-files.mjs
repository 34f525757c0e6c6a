// Lists what workers load, for the service worker to keep: the framework's own list has the pages'
// files and the workers themselves, but not what these load in turn (packages, fonts to print with).
import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { root } from './fresh.mjs';

const base = process.env.ARRUP_BASE ?? '';
const client = join(root, 'build', 'client', base);
const workers = join(client, '_app', 'immutable', 'workers');
const files = existsSync(workers)
  ? readdirSync(workers, { withFileTypes: true, recursive: true })
      .filter((entry) => entry.isFile() && !/\.(br|gz|map)$/u.test(entry.name))
      .map((entry) => `${base}/${relative(client, join(entry.parentPath, entry.name))}`)
  : [];
writeFileSync(join(client, 'offline-files.json'), JSON.stringify(files.sort()));
console.log(`${files.length} files of workers are kept for offline use.`);
