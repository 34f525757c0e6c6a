/*
 * Thirty figures going at once, in real Chromium without a graphics card: how many frames a second the
 * page shows against a page with nothing on it, and how much of a frame drawing them takes.
 * `npm run bench:figures`, after a build.
 */
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { executablePath } from './built.mjs';

const PORT = '4331';
const SECONDS = 8;
const WANTED = 30;
const FRAME_MS = 1000 / 60;

const server = spawn('node', ['scripts/serve.mjs'], {
  env: { ...process.env, PORT, HOST: '127.0.0.1' },
});
await once(server.stdout, 'data');
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu'],
});

/** Frames that the page shows, and what its own callbacks for them take, over some seconds. */
const watch = (page) =>
  page.evaluate(
    (seconds) =>
      new Promise((resolve) => {
        const ask = window.asked ?? requestAnimationFrame.bind(window);
        const began = performance.now();
        let frames = 0;
        window.took = [];
        const count = (now) => {
          frames += 1;
          if (now - began < seconds * 1000) return ask(count);
          resolve({ rate: (frames * 1000) / (now - began), took: window.took });
        };
        ask(count);
      }),
    SECONDS,
  );

try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 1000 } });
  await page.addInitScript(() => {
    window.took = [];
    window.asked = window.requestAnimationFrame.bind(window);
    window.requestAnimationFrame = (callback) =>
      window.asked((now) => {
        const began = performance.now();
        callback(now);
        window.took.push(performance.now() - began);
      });
  });
  await page.goto('about:blank');
  const empty = await watch(page);
  await page.goto(`http://127.0.0.1:${PORT}/moves/pictures`);
  await page.locator('canvas').first().waitFor();
  await page.waitForTimeout(1500);
  const inSight = await page.evaluate(
    () =>
      [...document.querySelectorAll('canvas')].filter((one) => {
        const { top, bottom } = one.getBoundingClientRect();
        return bottom > 0 && top < innerHeight;
      }).length,
  );
  if (inSight < WANTED) throw new Error(`only ${inSight} figures in sight`);
  const { rate, took } = await watch(page);
  const sorted = took.sort((a, b) => a - b);
  const at = (share) => sorted[Math.floor(share * (sorted.length - 1))] / FRAME_MS;
  console.log(`${inSight} figures going`);
  console.log(
    `frames a second: ${rate.toFixed(1)}, ${(rate / empty.rate).toFixed(2)} of an empty page's`,
  );
  console.log(`drawing them, in frames: median ${at(0.5).toFixed(2)}, p95 ${at(0.95).toFixed(2)}`);
} finally {
  await browser.close();
  server.kill();
}
