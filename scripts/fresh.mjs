// What `npm run demo` and `npm test` share: install and build only what is missing or stale.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');

/** Runs a command with its output shown. Returns its exit code. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(`Could not run ${command}: ${error.message}`);
  return status ?? 1;
}

/**
 * Runs a command beside others. Its exit code, and what it printed, once it is over; nothing where that is
 * shown as it comes.
 */
export function runAside(command, args, { shown = false, env = {} } = {}) {
  return new Promise((resolve) => {
    const stdio = shown ? 'inherit' : ['ignore', 'pipe', 'pipe'];
    const child = spawn(command, args, { cwd: root, stdio, env: { ...process.env, ...env } });
    let output = '';
    for (const stream of [child.stdout, child.stderr])
      stream?.on('data', (data) => (output += data));
    child.on('error', ({ message }) => (output += `Could not run ${command}: ${message}`));
    child.on('close', (status) => resolve({ status: status ?? 1, output }));
  });
}

async function mustRun(command, args, what) {
  console.log(`\n> ${what}`);
  const { status } = await runAside(command, args, { shown: true });
  if (status !== 0) {
    console.error(`\n${what} failed (${command} ${args.join(' ')}, exit ${status}).`);
    process.exit(status);
  }
}

const changedAt = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0);

/** `npm ci` unless the packages installed are those of package-lock.json. */
export async function installPackages() {
  const mark = join(root, 'node_modules', '.package-lock.json');
  if (changedAt(mark) >= changedAt(join(root, 'package-lock.json'))) return;
  await mustRun('npm', ['ci', '--include=dev', '--no-audit', '--no-fund'], 'Installing packages');
}

function newestIn(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .reduce((newest, e) => Math.max(newest, changedAt(join(e.parentPath, e.name))), 0);
}

/** Builds the application unless build/ is newer than everything that it is made from. */
export async function buildApplication() {
  const sources = Math.max(
    ...['src', 'static'].map((folder) => newestIn(join(root, folder))),
    ...['package-lock.json', 'svelte.config.js', 'vite.config.ts', 'vite.server.config.ts'].map(
      (f) => changedAt(join(root, f)),
    ),
  );
  if (changedAt(join(root, 'build', 'index.js')) >= sources) return;
  await mustRun('npm', ['run', 'build'], 'Building');
}
