// How soon a place with much in it is usable, beside a fresh page of the same application (the one that says there is no such page), on a
// processor slowed four times: ratios in one run. `npm run bench:places`, after a build.
import { chromium } from '@playwright/test';
import { executablePath, startBuilt } from './built.mjs';

const SLOWED = 4;
const ROUNDS = 3;
const [ADVENTURES, RUNS] = [1000, 400];

const { at, server } = await startBuilt(4357);
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  serviceWorkers: 'block',
});
const page = await context.newPage();

/** Fills the store with copies of the demo, and with sessions as they are led. */
async function fill() {
  await page.goto(`${at}/stage/adv_late-letter`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.waitForTimeout(2500);
  await page.goto(`${at}/`);
  await page.getByRole('heading', { name: 'Your adventures' }).waitFor();
  await page.evaluate(
    async ([adventures, sessions]) => {
      const opened = indexedDB.open('arrup');
      const db = await new Promise((done) => (opened.onsuccess = () => done(opened.result)));
      const tx = db.transaction(['adventures', 'runs'], 'readwrite');
      const all = (store) =>
        new Promise((done) => {
          const asked = tx.objectStore(store).getAll();
          asked.onsuccess = () => done(asked.result);
        });
      const [rows, runs] = [await all('adventures'), await all('runs')];
      const day = (n) => new Date(Date.UTC(2026, 0, 1) + n * 3_600_000).toISOString();
      for (let n = 0; n < adventures; n += 1) {
        const row = structuredClone(rows[n % rows.length]);
        row.id = row.document.id = `adv_many${n}`;
        row.document.title += ` ${n}`;
        tx.objectStore('adventures').put({ ...row, demo: false, savedAt: day(n) });
      }
      for (let n = 0; n < sessions; n += 1) {
        tx.objectStore('runs').put({ ...runs[0], id: `run_many${n}`, startedAt: day(n) });
      }
      await new Promise((done) => (tx.oncomplete = done));
      db.close();
    },
    [ADVENTURES, RUNS],
  );
}

await fill();
const client = await context.newCDPSession(page);

/** Milliseconds until the first screenful is drawn and a frame has passed, and the longest task by then. */
async function usable(path, ready) {
  await page.goto('about:blank');
  await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  const begun = performance.now();
  await page.goto(at + path, { waitUntil: 'commit' });
  await page.evaluate(() => {
    globalThis.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries())
        globalThis.longest = Math.max(globalThis.longest, duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  await ready();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));
  const took = performance.now() - begun;
  await page.waitForTimeout(1500);
  const longest = await page.evaluate(() => globalThis.longest);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  return { took, longest };
}

const first = (locator) => () => locator.first().waitFor();
const PLACES = [
  ['A fresh page', '/nowhere', first(page.getByRole('heading', { name: 'no such page' }))],
  ['Moves', '/moves', first(page.locator('main li img[data-drawn="true"]'))],
  ['All moves in pictures', '/moves/pictures', first(page.locator('main li [data-figure]'))],
  [`Shelf with ${ADVENTURES}`, '/', first(page.locator('main li svg[role="img"], main li svg'))],
  [`Logbook with ${RUNS}`, '/logbook', first(page.locator('main li svg'))],
];
const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];

let missed = 0;
let base = 1;
for (const [name, path, ready] of PLACES) {
  const rounds = [];
  for (let n = 0; n < ROUNDS; n += 1) rounds.push(await usable(path, ready));
  const took = median(rounds.map((one) => one.took));
  const longest = median(rounds.map((one) => one.longest));
  if (path === '/nowhere') base = took;
  const ratio = took / base;
  if (ratio > 3) missed += 1;
  console.log(
    `${name.padEnd(26)} ${took.toFixed(0).padStart(6)} ms  ${ratio.toFixed(2)} x  longest task ${longest.toFixed(0)} ms${ratio > 3 ? '  MISSED: 3 x' : ''}`,
  );
}
await browser.close();
server.kill();
process.exitCode = missed > 0 ? 1 : 0;
