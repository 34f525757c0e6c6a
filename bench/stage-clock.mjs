/*
 * How far the Stage's sounds are from their times on the audio clock, in real Chromium, beside a plain
 * interval timer in the same tab. `npm run bench:stage` (20 minutes), or with so many minutes; with the
 * word `hidden` after them the tab is as good as hidden: no frames, and its own timers once a second, as
 * Chromium has it. (A browser that is driven by a program never hides its tabs.)
 */
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { executablePath } from './built.mjs';

const MINUTES = Number(process.argv[2] ?? 20);
const HIDDEN = process.argv[3] === 'hidden';
const PORT = '4329';
const GO_HERTZ = 1175;
const TIMER_MS = 1000;

const server = spawn('node', ['scripts/serve.mjs'], {
  env: { ...process.env, PORT, HOST: '127.0.0.1' },
});
await once(server.stdout, 'data');

const browser = await chromium.launch({
  executablePath,
});
try {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.started = [];
    const start = OscillatorNode.prototype.start;
    OscillatorNode.prototype.start = function (at) {
      const late = this.context.currentTime - at;
      window.started.push({ hertz: this.frequency.value, at, late });
      return start.call(this, at);
    };
    const every = window.setInterval;
    window.hide = () => {
      Object.defineProperty(document, 'hidden', { get: () => true });
      Object.defineProperty(document, 'visibilityState', { get: () => 'hidden' });
      window.requestAnimationFrame = () => 0;
      window.setInterval = (call, ms) => every(call, Math.max(1000, ms));
    };
    window.timer = [];
    const begun = performance.now();
    setInterval(() => window.timer.push(performance.now() - begun), 1000);
  });
  // Eighty starts of work in twenty minutes.
  const script =
    '# The clock\n\n## Game\n\n- circuit 20 rounds 10 s rest 5: squat, march, hop, stamp\n';
  await page.goto(`http://127.0.0.1:${PORT}/`);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'clock.md',
    mimeType: 'text/markdown',
    buffer: Buffer.from(script),
  });
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/desk/u);
  const id = page.url().split('/').at(-1);
  await page.goto(`http://127.0.0.1:${PORT}/stage/${id}`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  if (HIDDEN) await page.evaluate(() => window.hide());
  await new Promise((resolve) => setTimeout(resolve, MINUTES * 60_000));
  const { started, timer, plan } = await page.evaluate(async () => {
    const db = await new Promise((resolve) => {
      const open = indexedDB.open('arrup');
      open.onsuccess = () => resolve(open.result);
    });
    const runs = await new Promise((resolve) => {
      const all = db.transaction('runs').objectStore('runs').getAll();
      all.onsuccess = () => resolve(all.result);
    });
    return { started: window.started, timer: window.timer, plan: runs[0].plan };
  });
  const goes = started.filter(({ hertz }) => Math.abs(hertz - GO_HERTZ) < 1);
  const work = plan.filter(({ kind }) => kind === 'work' || kind === 'hold');
  const errors = goes.map(({ at, late }, n) => {
    const due = work[n].startSeconds - work[0].startSeconds;
    return Math.abs(at + Math.max(0, late) - goes[0].at - due) * 1000;
  });
  const timerErrors = timer.map((ms, n) => Math.abs(ms - timer[0] - n * TIMER_MS));
  const told = (list) => {
    const sorted = [...list].sort((a, b) => a - b);
    const p95 = sorted[Math.floor(sorted.length * 0.95)];
    return `p95 ${p95.toFixed(2)} ms, worst ${sorted.at(-1).toFixed(2)} ms`;
  };
  console.log(
    `${MINUTES} minutes, ${goes.length} starts of work on the audio clock: ${told(errors)}`,
  );
  console.log(
    `a plain interval timer in the same tab, ${timer.length} seconds: ${told(timerErrors)}`,
  );
} finally {
  await browser.close();
  server.kill();
}
