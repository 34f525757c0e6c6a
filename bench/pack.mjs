/*
 * The print pack of each demo on the built server, as usual (at most five seconds for the largest) and with
 * every part, with the seconds of an empty answer beside it. `npm run bench:pack`, after a build.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';

const PORT = '4335';
const DEMOS = ['late-letter', 'ferry-die', 'six-lamps', 'marsh-morning'];
const ASKED_FOR = [
  ...['floor-sheet', 'script', 'big-dice', 'footprints', 'tally', 'timetable', 'story-strip'],
  ...['posters', 'alphabet', 'colouring', 'certificate', 'stickers', 'fridge'],
];
const USUAL = [
  ...[
    'run-sheet',
    'kit',
    'cautions',
    'room',
    'move-cards',
    'die-nets',
    'number-cards',
    'suit-cards',
  ],
  ...['wheel', 'coin', 'letter-cards', 'spots', 'note-home'],
];
const PACKS = { usual: USUAL, 'every part': [...USUAL, ...ASKED_FOR] };
const MOST_SECONDS = 5;
const RUNS = 5;

const server = spawn('node', ['scripts/serve.mjs'], {
  env: { ...process.env, PORT, HOST: '127.0.0.1', ANSWER_SECONDS: '60' },
});
await once(server.stdout, 'data');
const address = `http://127.0.0.1:${PORT}`;

/** Seconds of one request, and what it answers. */
async function timed(path, body) {
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
      const times = [];
      let size = 0;
      for (let n = 0; n < RUNS; n += 1) {
        const { seconds, bytes } = await timed('/api/export/pdf', { adventure, parts });
        times.push(seconds);
        size = bytes;
      }
      times.sort((a, b) => a - b);
      const [least, , middle, , most] = times;
      if (what === 'usual') worst = Math.max(worst, middle);
      console.log(
        `${name}, ${what}: ${least.toFixed(2)} to ${most.toFixed(2)} s, ${Math.round(size / 1024)} kB; an empty answer ${empty.toFixed(3)} s`,
      );
    }
  }
  console.log(`the largest: ${worst.toFixed(2)} s of at most ${MOST_SECONDS}`);
} finally {
  server.kill();
}
process.exit(worst > MOST_SECONDS ? 1 : 0);
