/*
 * From a key stroke on the Desk to the new picture, in real Chromium on the built app: drawn and laid
 * out; clock and notes follow in the next gap, and are counted where they hold anything up. Quoted
 * against a 16 ms frame, and against the same stroke in a script of ten beats in the same run. Needs `npm run build` and Debian's Chromium.
 */
import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { executablePath } from './built.mjs';

const PORT = 4391;
const FRAME_MS = 16;

/** A script of so many beats, the demo's own over and over, as a file. */
function scriptOf(beats: number): string {
  const demo = JSON.parse(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
  const chapters = demo.chapters.map((chapter: object) => ({ ...chapter, beats: [] as object[] }));
  const all = demo.chapters.flatMap((chapter: { beats: object[] }, index: number) =>
    chapter.beats.map((beat) => [index, beat] as const),
  );
  for (let n = 0; n < beats; n += 1) {
    const [chapter, beat] = all[n % all.length];
    const text = JSON.stringify(beat).replace(/"(bt|ac|st)_/gu, `"$1_n${n}-`);
    chapters[chapter].beats.push(JSON.parse(text));
  }
  return JSON.stringify({ ...demo, id: `adv_bench-${beats}`, title: `Bench ${beats}`, chapters });
}

/** Milliseconds from a stroke to its picture; tasks above 50 ms among all that followed 120 of them. */
type Strokes = { median: number; p95: number; longTasks: number };

async function strokes(page: Page, beats: number): Promise<Strokes> {
  await page.goto(`http://127.0.0.1:${PORT}/`);
  const name = `bench-${beats}.arrup.json`;
  await page
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(scriptOf(beats)) });
  await page.getByRole('link', { name: `Bench ${beats}`, exact: true }).click();
  await page.locator('[data-beat]').first().waitFor();
  await page.waitForTimeout(1000);
  return page.evaluate(async () => {
    const line = document.querySelectorAll<HTMLTextAreaElement>('[data-beat] textarea')[4]!;
    line.focus();
    await new Promise((resolve) => setTimeout(resolve, 300));
    const all: number[] = [];
    let longTasks = 0;
    new PerformanceObserver((list) => (longTasks += list.getEntries().length)).observe({
      type: 'longtask',
    });
    for (let n = 0; n < 120; n += 1) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const start = performance.now();
      line.value += n % 6 === 5 ? ' a' : 'a';
      line.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise<void>((resolve) => queueMicrotask(() => queueMicrotask(resolve)));
      void document.body.offsetHeight;
      all.push(performance.now() - start);
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
    all.sort((a, b) => a - b);
    return { median: all[60]!, p95: all[114]!, longTasks };
  });
}

if (!executablePath || !existsSync('build/index.js')) {
  console.log('drawing: not measured, Chromium or the build is missing');
} else {
  const env = { ...process.env, PORT: String(PORT), HOST: '127.0.0.1' };
  const server = spawn(process.execPath, ['build'], { env, stdio: 'ignore' });
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const page = await browser.newPage();
    const base = await strokes(page, 10);
    for (const beats of [100, 300]) {
      const { median, p95, longTasks } = await strokes(page, beats);
      console.log(
        `a key stroke drawn, ${beats} beats: ${(median / base.median).toFixed(1)} times that of 10 beats; median ${(median / FRAME_MS).toFixed(2)}, p95 ${(p95 / FRAME_MS).toFixed(2)} of a frame; ${longTasks} tasks above 50 ms in all`,
      );
    }
  } finally {
    await browser.close();
    server.kill();
  }
}
