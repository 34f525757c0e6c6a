/*
 * The print pack of each demo on the built server, as usual (at most five seconds for the largest) and with
 * every part, with the seconds of an empty answer beside it. `npm run bench:pack`, after a build.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { PACK_PARTS, USUAL_PARTS } from '../src/core/print/pack-parts';

const PORT = '4335';
const DEMOS = ['late-letter', 'ferry-die', 'six-lamps', 'marsh-morning'];
const PACKS = { usual: USUAL_PARTS, 'every part': PACK_PARTS };
const MOST_SECONDS = 5;
const RUNS = 5;

const server = spawn('node', ['scripts/serve.mjs'], {
  env: { ...process.env, PORT, HOST: '127.0.0.1', ANSWER_SECONDS: '60' },
});
await once(server.stdout, 'data');
const address = `http://127.0.0.1:${PORT}`;

/** Seconds of one request, and what it answers. */
async function timed(path: string, body?: object) {
  const began = performance.now();
  const answer = await fetch(`${address}${path}`, {
    method: body ? 'POST' : 'GET',
    headers: { 'content-type': 'application/json' },
    ...(body && { body: JSON.stringify(body) }),
  });
  const bytes = (await answer.arrayBuffer()).byteLength;
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return { seconds: (performance.now() - began) / 1000, bytes };
}

let worst = 0;
try {
  for (const name of DEMOS) {
    const adventure = JSON.parse(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
    const { seconds: empty } = await timed('/api/health');
    for (const [what, parts] of Object.entries(PACKS)) {
      const times: number[] = [];
      let size = 0;
      for (let n = 0; n < RUNS; n += 1) {
        const { seconds, bytes } = await timed('/api/export/pdf', { adventure, parts });
        times.push(seconds);
        size = bytes;
      }
      times.sort((a, b) => a - b);
      const [least, middle, most] = [0, Math.floor(RUNS / 2), RUNS - 1].map((n) => times[n]!);
      if (what === 'usual') worst = Math.max(worst, middle!);
      console.log(
        `${name}, ${what}: ${least!.toFixed(2)} to ${most!.toFixed(2)} s, ${Math.round(size / 1024)} kB; an empty answer ${empty.toFixed(3)} s`,
      );
    }
  }
  console.log(`the largest: ${worst.toFixed(2)} s of at most ${MOST_SECONDS}`);
} finally {
  server.kill();
}
process.exit(worst > MOST_SECONDS ? 1 : 0);
