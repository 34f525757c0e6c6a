// The built application for a host that only hands out files: `npm run static`, after a build. All that
// needs no server of ours is there; the routes under /api are not.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { root } from './fresh.mjs';

const base = process.env.ARRUP_BASE ?? '';
const from = join(root, 'build', 'client');
const to = process.argv[2] ?? join(root, 'build', 'static');

/** A port that nobody has. */
const port = await new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port } = probe.address();
    probe.close(() => done(port));
  });
});
const env = { ...process.env, PORT: String(port), HOST: '127.0.0.1' };
const server = spawn('node', ['build'], { cwd: root, env, stdio: ['ignore', 'pipe', 'inherit'] });
await new Promise((done, failed) => {
  server.stdout.on('data', (text) => String(text).includes('Arrup is at') && done());
  server.on('exit', () => failed(new Error('The server did not start: is there a build?')));
});
const answer = await fetch(`http://127.0.0.1:${port}${base}/`);
const headers = Object.fromEntries(answer.headers);
const shell = (await answer.text()).replace(/ nonce="[^"]*"/gu, '');
server.removeAllListeners('exit');
server.kill();

rmSync(to, { recursive: true, force: true });
cpSync(from, to, {
  recursive: true,
  // Hosts compress by themselves.
  filter: (path) => !/\.(?:br|gz)$/u.test(path),
});
// Any address is the same page, which reads it: hosts answer with this one where they have no file.
for (const name of ['index.html', '404.html']) writeFileSync(join(to, base, name), shell);

// No nonce can be new with every answer: the scripts in the page are allowed by what they say.
const hashes = [...shell.matchAll(/<script>([\s\S]*?)<\/script>/gu)].map(
  ([, text]) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`,
);
const policy = headers['content-security-policy'].replace(/'nonce-[^']*'/u, hashes.join(' '));
const kept = Object.entries({ ...headers, 'content-security-policy': policy }).filter(
  ([name]) =>
    /^(?:content-security-policy|cross-origin-|permissions-policy|referrer-policy|x-)/u.test(
      name,
    ) && name !== 'x-sveltekit-page',
);
writeFileSync(join(to, 'headers.txt'), kept.map(([name, value]) => `${name}: ${value}\n`).join(''));
console.log(`Hand out ${to}, with the headers in headers.txt.`);
process.exit(0);
