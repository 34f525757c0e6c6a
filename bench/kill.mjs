// Kills the browser at random moments while somebody writes, changes a move or leads, and looks what is there
// afterwards: the last words that were told to be saved, and every row readable. `npm run bench:kill`, after a
// build; `-- 5` for fewer kills. A small version runs in `npm test` (`tests/browser/kill.spec.ts`).
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { executablePath, pause, startBuilt } from './built.mjs';

const args = ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-sync'];

/** The same kills from the same seed (mulberry32). */
function sharesFrom(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const open = async (home) => {
  const context = await chromium.launchPersistentContext(home, { executablePath, args });
  return { context, page: context.pages()[0] ?? (await context.newPage()) };
};
/** Ends every process of this browser, and of no other: they alone have its folder in their words. */
function kill(home) {
  const found = execFileSync('pgrep', ['-f', home], { encoding: 'utf8' });
  for (const id of found.split('\n').filter(Boolean)) {
    try {
      process.kill(Number(id), 'SIGKILL');
    } catch {
      // It went with another one.
    }
  }
}

/** Writes titles until it is killed; gives the last that was told to be saved. */
async function write({ at, page, told, round }) {
  await page.goto(`${at}/desk/adv_late-letter`);
  const title = page.getByLabel('Title of the adventure');
  for (let step = 0; ; step += 1) {
    const words = `Kill ${round} step ${step}`;
    await title.fill(words);
    await page.locator('[data-save="saved"]').waitFor();
    told.title = words;
    told.step = step;
  }
}
/** Leads; the log says where it is each second. */
async function lead({ at, page, told }) {
  await page.goto(`${at}/stage/adv_six-lamps?speed=20`);
  await page.getByRole('button', { name: /^(?:Go|From the start)$/u }).click();
  for (;;) {
    await pause(400);
    await page.keyboard.press('ArrowRight');
    told.led = true;
  }
}
/** Types lines into the script. */
async function lines({ at, page, told, round }) {
  await page.goto(`${at}/desk/adv_six-lamps`);
  const line = page.getByPlaceholder(/./u).last();
  for (let step = 0; ; step += 1) {
    await line.fill(`Line ${round}-${step} of many.`);
    await line.press('Enter');
    await page.locator('[data-save="saved"]').waitFor();
    told.line = `Line ${round}-${step} of many.`;
  }
}

/** What stands in the store of adventures, as text. */
const storedText = (page) =>
  page.evaluate(async () => {
    const asked = indexedDB.open('arrup');
    const db = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
    const rows = db.transaction('adventures').objectStore('adventures').getAll();
    await new Promise((done) => (rows.onsuccess = done));
    db.close();
    return JSON.stringify(rows.result);
  });

function isLost(told, text, round) {
  const step = Number(/"title":"Kill \d+ step (\d+)"/u.exec(text)?.[1] ?? -1);
  if (told.title && (!text.includes(`Kill ${round} step`) || step < told.step)) return true;
  return Boolean(told.line) && !text.includes(told.line);
}

/** On a busy machine it takes its time until there is anything to lose. */
async function begun(told) {
  for (let waited = 0; waited < 30_000 && Object.keys(told).length === 0; waited += 50)
    await pause(50);
}

/** Kills a browser so many times; gives what was lost, and how many rows couldn't be read. */
export async function killOften({ at, kills, seed }) {
  const home = mkdtempSync(join(tmpdir(), 'arrup-kill-'));
  const share = sharesFrom(seed);
  const ways = [write, lines, lead];
  const lost = [];
  let unreadable = 0;
  /** Kills in which something had been told to be saved, or led: the others prove nothing. */
  let worked = 0;
  for (let round = 0; round < kills; round += 1) {
    const told = {};
    const { page } = await open(home);
    const work = ways[round % ways.length]({ at, page, told, round }).catch(() => undefined);
    await begun(told);
    await pause(share() * 3500);
    kill(home);
    await work;
    await pause(300);
    if (Object.keys(told).length > 0) worked += 1;
    const { context, page: after } = await open(home);
    await after.goto(at);
    await after.getByRole('heading', { name: 'Your adventures' }).waitFor();
    await after.locator('main li').first().waitFor();
    unreadable += await after.locator('[data-aside]').count();
    if (isLost(told, await storedText(after), round)) lost.push(told);
    await context.close();
  }
  rmSync(home, { recursive: true, force: true });
  return { lost, unreadable, worked };
}

if (import.meta.filename === process.argv[1]) {
  const kills = Number(process.argv[2] ?? 30);
  const seed = Number(process.argv[3] ?? 1);
  const { at, server } = await startBuilt(4358);
  const { lost, unreadable, worked } = await killOften({ at, kills, seed });
  server.kill();
  for (const told of lost) console.log(`LOST: ${JSON.stringify(told)}`);
  console.log(
    `${kills} kills (seed ${seed}), ${worked} of them in the middle of work: ${lost.length} lost what was told to be saved, ${unreadable} rows that can't be read`,
  );
  process.exitCode = lost.length + unreadable > 0 ? 1 : 0;
}
