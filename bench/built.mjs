// What the benches of the built application share: its server, started and ready, and a browser's path.
import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');
export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** The folders of core but for those named. */
export const coreFolders = (...leftOut) =>
  readdirSync(join(root, 'src/core'), { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && !leftOut.includes(entry.name))
    .map(({ name }) => name);

/** Debian's Chromium, as the tests have it. */
export const executablePath = ['/usr/bin/chromium', '/usr/bin/chromium-headless-shell'].find(
  existsSync,
);

/** Starts the built server on a port of this machine; gives its address once it answers, and its process. */
export async function startBuilt(port, more = {}) {
  const env = { ...process.env, PORT: String(port), HOST: '127.0.0.1', ...more };
  const server = spawn('node', ['build'], { cwd: root, env, stdio: 'ignore' });
  const at = `http://127.0.0.1:${port}`;
  for (let n = 0; n < 200; n += 1) {
    const answers = await fetch(`${at}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (answers) return { at, server };
    await pause(50);
  }
  server.kill();
  throw new Error('The server did not start: is there a build?');
}
