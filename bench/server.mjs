// The built server under load: 500 heavy requests, eight at once, while its health is asked after every
// 25 ms; then far too many at once, and lines that say nothing. `npm run bench:server`, after a build.
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { pause, root, startBuilt } from './built.mjs';

const port = 4355;
const few = process.argv.includes('--small');
const REQUESTS = few ? 40 : 500;
const AT_ONCE = 8;

const { at, server } = await startBuilt(port, { CALLS_A_MINUTE: '100000' });
const share = (sorted, q) => sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))];
const ms = (value) => `${value.toFixed(1)} ms`;

const demo = JSON.parse(readFileSync(join(root, 'src/lib/demo/ferry-die.arrup.json'), 'utf8'));
/** As much chance as an adventure may hold. */
function heaviest() {
  const draw = demo.chapters.flatMap(({ beats }) => beats).find(({ kind }) => kind === 'draw');
  const stop = { after: 'draws', draws: 200 };
  const beats = Array.from({ length: 4 }, (_, n) => {
    const again = JSON.stringify({ ...draw, rules: { ...draw.rules, stop } });
    return JSON.parse(again.replace(/"((?:bt|ac|en)_[^"]*)"/gu, `"$1-${n}"`));
  });
  return { ...demo, chapters: [{ ...demo.chapters[0], beats }] };
}

const post = (path, body) =>
  fetch(at + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

async function timed(ask) {
  const begun = performance.now();
  const answer = await ask();
  await answer.arrayBuffer();
  return { took: performance.now() - begun, status: answer.status };
}

async function underLoad() {
  const asks = [
    () => post('/api/forecast', { adventure: demo, n: 20_000 }),
    () => post('/api/forecast', { adventure: heaviest(), n: 100_000 }),
    () => post('/api/check', { adventure: demo }),
    () => post('/api/fit', { adventure: demo, target: { seconds: 900 } }),
    () => post('/api/export/pdf', { adventure: demo }),
  ];
  const health = [];
  const answers = [];
  let busy = true;
  const watch = (async () => {
    while (busy) {
      health.push((await timed(() => fetch(`${at}/api/health`))).took);
      await pause(25);
    }
  })();
  let next = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (next < REQUESTS) {
        const ask = asks[next % asks.length];
        next += 1;
        answers.push(await timed(ask));
      }
    }),
  );
  busy = false;
  await watch;
  health.sort((a, b) => a - b);
  const took = answers.map((one) => one.took).sort((a, b) => a - b);
  const counts = new Map();
  for (const { status } of answers) counts.set(status, (counts.get(status) ?? 0) + 1);
  const statuses = [...counts].map(([status, count]) => `${count} x ${status}`);
  console.log(`health beside ${REQUESTS} heavy requests, ${AT_ONCE} at once`);
  console.log(
    `  p50 ${ms(share(health, 0.5))}, p95 ${ms(share(health, 0.95))}, most ${ms(health.at(-1))}`,
  );
  console.log(
    `  answers: ${statuses.join(', ')}; p95 ${ms(share(took, 0.95))}, most ${ms(took.at(-1))}`,
  );
  return share(health, 0.95);
}

async function tooMany() {
  const all = await Promise.all(
    Array.from({ length: 120 }, () =>
      timed(() => post('/api/forecast', { adventure: demo, n: 20_000 })),
    ),
  );
  const busy = all.filter(({ status }) => status === 503).length;
  console.log(`120 at once: ${all.length - busy} answered, ${busy} told to try again (503)`);
  return busy;
}

/** Seconds until a line that says nothing more is closed. */
function idle(words) {
  return new Promise((resolve) => {
    const begun = performance.now();
    const line = connect({ port, host: '127.0.0.1' }, () => line.write(words));
    line.on('data', () => {});
    line.on('error', () => {});
    line.on('close', () => resolve((performance.now() - begun) / 1000));
  });
}

try {
  await post('/api/check', { adventure: demo });
  const p95 = await underLoad();
  const busy = await tooMany();
  if (!few) {
    const half = 'POST /api/check HTTP/1.1\r\nHost: here\r\nContent-Type: application/json\r\n';
    const [headers, body] = await Promise.all([
      idle(half),
      idle(`${half}Content-Length: 5000\r\n\r\n{`),
    ]);
    console.log(
      `a line with half its headers is closed after ${headers.toFixed(0)} s, with half its body after ${body.toFixed(0)} s`,
    );
  }
  if (p95 > 100) console.log(`MISSED: health within 100 ms at p95`);
  process.exitCode = p95 > 100 || busy === 0 ? 1 : 0;
} finally {
  server.kill();
}
