import { execFileSync, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readFileSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { extname, join } from 'node:path';
import { expect, test } from '@playwright/test';

/*
 * The ways in which docs/deploy.md says that it is put up, each of them started.
 */
const folder = () => mkdtempSync(join(tmpdir(), 'arrup-deploy-'));
const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.json': 'application/json',
  '.woff2': 'font/woff2',
};

/** A host that hands out files and knows nothing of us: a page where it has no file, and these headers. */
async function plainHost(files: string): Promise<{ at: string; server: Server }> {
  const headers = readFileSync(join(files, 'headers.txt'), 'utf8')
    .trim()
    .split('\n')
    .map((line) => line.split(/: (.*)/u).slice(0, 2) as [string, string]);
  const server = createServer(({ url = '/' }, answer) => {
    const asked = join(files, new URL(url, 'http://host').pathname);
    const found = existsSync(asked) && statSync(asked).isFile();
    const file = found ? asked : join(files, '404.html');
    for (const [name, value] of headers) answer.setHeader(name, value);
    answer.setHeader('content-type', TYPES[extname(file)] ?? 'application/octet-stream');
    answer.end(readFileSync(file));
  });
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  return { at: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, server };
}

test('on a host of plain files: pages, addresses within, and files that are written', async ({
  page,
}) => {
  test.slow();
  const files = folder();
  execFileSync('node', ['scripts/static.mjs', files]);
  const { at, server } = await plainHost(files);
  const troubles: string[] = [];
  page.on('console', (message) => message.type() === 'error' && troubles.push(message.text()));
  page.on('pageerror', (error) => troubles.push(error.message));
  await page.goto(at);
  await expect(page.getByRole('link', { name: 'The late letter', exact: true })).toBeVisible();
  await page.goto(`${at}/prep/adv_marsh-morning`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Run sheet for a spreadsheet' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toContain('Hello, ducklings!');
  expect(troubles).toEqual([]);
  server.close();
});

test('in a container: the build alone, without packages, open to the network', async ({
  request,
}) => {
  const home = folder();
  cpSync('build', join(home, 'build'), { recursive: true });
  cpSync('package.json', join(home, 'package.json'));
  // As the container file sets them.
  const env = { ...process.env, NODE_ENV: 'production', HOST: '0.0.0.0', PORT: '4347' };
  const server = spawn('node', ['build'], { cwd: home, env, stdio: 'ignore' });
  const at = 'http://127.0.0.1:4347';
  await expect
    .poll(() =>
      request.get(`${at}/api/health`).then(
        (one) => one.ok(),
        () => false,
      ),
    )
    .toBe(true);
  const adventure = JSON.parse(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
  const page = await request.post(`${at}/api/export/html`, { data: { adventure } });
  expect(page.headers()['content-type']).toBe('text/html; charset=utf-8');
  expect(await page.text()).toContain('<title>The late letter</title>');
  server.kill();
});
