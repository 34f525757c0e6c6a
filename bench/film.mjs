/*
 * A film of more than ten minutes, made in real Chromium without a graphics card: pictures a second against
 * those that it shows, and the memory of the browser's processes at the film's beginning and at its end.
 * `npm run bench:film`, after a build. `npm run bench:film 3` is shorter: at least so many minutes.
 */
import { chromium } from '@playwright/test';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { executablePath, pause, root, startBuilt } from './built.mjs';

const PORT = 4337;
const MINUTES = Number(process.argv[2] ?? 10);
const FRAMES = 25;

/** The demo's chapters, told again and again: `times` times in all. */
function longer(times) {
  const demo = JSON.parse(readFileSync(join(root, 'src/lib/demo/late-letter.arrup.json'), 'utf8'));
  // What is changed by hand has no checksum.
  delete demo.checksum;
  const again = (value, n) =>
    JSON.parse(JSON.stringify(value).replace(/"(id)":"([^"]+)"/gu, `"$1":"$2-${n}"`));
  const all = Array.from({ length: times }, (_, n) => again(demo.chapters, n)).flat();
  return { ...demo, id: 'adv_again', title: 'Again', chapters: all };
}

/** Memory of a process and of all that it began, in MB. */
function memoryOf(pid) {
  const children = new Map();
  const own = new Map();
  for (const name of readdirSync('/proc').filter((one) => /^\d+$/u.test(one))) {
    try {
      const status = readFileSync(`/proc/${name}/status`, 'utf8');
      const parent = /^PPid:\s+(\d+)/mu.exec(status)[1];
      children.set(parent, [...(children.get(parent) ?? []), name]);
      own.set(name, Number(/^VmRSS:\s+(\d+)/mu.exec(status)?.[1] ?? 0) / 1024);
    } catch {
      // It has ended meanwhile.
    }
  }
  const sum = (id) =>
    (own.get(id) ?? 0) + (children.get(id) ?? []).reduce((all, one) => all + sum(one), 0);
  return sum(String(pid));
}

const { at, server } = await startBuilt(PORT);
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
/** The browser is the only process that this one and its driver have begun, besides the server. */
const pid = process.pid;
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(at);
  await page.getByRole('link', { name: 'The late letter', exact: true }).waitFor();
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'again.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(longer(Math.ceil(MINUTES / 6)))),
  });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  await page.goto(`${at}/prep/${page.url().split('/').at(-1)}`);
  await page.getByRole('button', { name: 'A film to follow along' }).click();
  const panel = page.locator('[data-film-panel]');
  const [, minutes, seconds] = /by the clock: (\d+):(\d+)/u.exec(await panel.innerText());
  const length = Number(minutes) * 60 + Number(seconds);
  await pause(3000);
  const idle = memoryOf(pid);
  const download = page.waitForEvent('download', { timeout: 0 });
  await panel.getByRole('button', { name: 'Make the film' }).click();
  const began = performance.now();
  const memory = [];
  let over = false;
  void download.then(() => (over = true));
  while (!over) {
    memory.push(memoryOf(pid));
    await pause(1000);
  }
  const took = (performance.now() - began) / 1000;
  const file = await (await download).path();
  const most = (from, to) =>
    Math.max(...memory.slice(Math.floor(memory.length * from), Math.ceil(memory.length * to)));
  const mb = (all) => `${Math.round(all)} MB`;
  console.log(
    `a film of ${minutes}:${seconds}, ${mb(statSync(file).size / 1e6)}, in ${Math.round(took)} s`,
  );
  console.log(
    `pictures a second: ${((length * FRAMES) / took).toFixed(0)}, ${(length / took).toFixed(1)} times as many as it shows`,
  );
  console.log(
    `memory: ${mb(idle)} before, ${mb(most(0.05, 0.35))} at most in its first third, ${mb(most(0.65, 1))} in its last: ${(most(0.65, 1) / most(0.05, 0.35)).toFixed(2)} of it`,
  );
} finally {
  await browser.close();
  server.kill();
}
