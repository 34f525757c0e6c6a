/*
 * Which core files aren't decided on by any test beside them: each folder of core is run with its own tests
 * alone, and what they leave of its files' branches is told. `npm run bench:beside`; a folder's name for one.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { coreFolders, root } from './built.mjs';

/** A file with fewer branches decides nothing; of one that does this share is gone through. */
const FEWEST_BRANCHES = 2;
const LEAST_SHARE = 0.5;

const core = join(root, 'src/core');
const [, , ...named] = process.argv;
const folders = named.length > 0 ? named : coreFolders('testing');

/** Branches of each file of a folder, and those that its own tests take. */
function branchesIn(folder) {
  const report = mkdtempSync(join(tmpdir(), 'arrup-beside-'));
  spawnSync(
    'npx',
    [
      ...['vitest', 'run', '--project', 'core', `src/core/${folder}/`, '--coverage'],
      ...['--coverage.provider=v8', '--coverage.reporter=json', '--coverage.reportOnFailure'],
      ...[`--coverage.include=src/core/${folder}/**/*.ts`, `--coverage.reportsDirectory=${report}`],
    ],
    { cwd: root, stdio: 'ignore' },
  );
  const files = JSON.parse(readFileSync(join(report, 'coverage-final.json'), 'utf8'));
  rmSync(report, { recursive: true });
  return Object.entries(files).map(([file, { b }]) => {
    const counts = Object.values(b).flat();
    return { file: relative(core, file), all: counts.length, taken: counts.filter(Boolean).length };
  });
}

const deciding = folders.flatMap(branchesIn).filter(({ all }) => all >= FEWEST_BRANCHES);
const left = deciding.filter(({ all, taken }) => taken / all < LEAST_SHARE);
for (const { file, all, taken } of left) console.log(`${file}: ${taken} of ${all} branches`);
console.log(
  `${deciding.length - left.length} of ${deciding.length} files that decide something have a test beside them that goes through half of it or more`,
);
