/*
 * From a key stroke on the Desk to the new picture, in real Chromium on the built app: re-timed,
 * re-checked, drawn and laid out. Quoted against a 16 ms frame, and against the same stroke in a
 * script of ten beats in the same run. Needs `npm run build` and Debian's Chromium.
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

async function strokes(page: Page, beats: number): Promise<{ median: number; p95: number }> {
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
    return { median: all[60]!, p95: all[114]! };
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
      const { median, p95 } = await strokes(page, beats);
      console.log(
        `a key stroke drawn, ${beats} beats: ${(median / base.median).toFixed(1)} times that of 10 beats; median ${(median / FRAME_MS).toFixed(2)}, p95 ${(p95 / FRAME_MS).toFixed(2)} of a frame`,
      );
    }
  } finally {
    await browser.close();
    server.kill();
  }
}
