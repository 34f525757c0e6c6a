import { spawn, type ChildProcess } from 'node:child_process';
import { connect } from 'node:net';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

/*
 * The built server by itself, `node build`: what it binds to, what it lets a caller do, and what it
 * answers where it does not.
 */
const PORT = 4341;
const CALLS = 12;
const at = `http://127.0.0.1:${PORT}`;
const demo = readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8');
const json = { 'content-type': 'application/json' };

test.describe.configure({ mode: 'serial' });

let server: ChildProcess;
const isReady = (address: string) =>
  expect
    .poll(async () =>
      fetch(`${address}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      ),
    )
    .toBe(true);
test.beforeAll(async () => {
  const env = { ...process.env, PORT: String(PORT), CALLS_A_MINUTE: String(CALLS) };
  server = spawn('node', ['build'], { env: { ...env, HOST: undefined }, stdio: 'pipe' });
  await isReady(at);
});
test.afterAll(() => void server.kill());

type Refused = { error: { code: string; message: string } };
const errorOf = async (answer: Response) => ((await answer.json()) as Refused).error;

test('files have the headers of pages, and what is no route is told as JSON', async () => {
  for (const path of ['/favicon.svg', '/', '/api/health', '/api/nowhere']) {
    const { headers } = await fetch(at + path);
    expect(headers.get('x-content-type-options'), path).toBe('nosniff');
    expect(headers.get('x-frame-options'), path).toBe('DENY');
  }
  const nowhere = await fetch(`${at}/api/nowhere/else`);
  expect(nowhere.status).toBe(404);
  expect(await errorOf(nowhere)).toMatchObject({ code: 'no-such-route' });
  const wrong = await fetch(`${at}/api/check`, { method: 'DELETE' });
  expect([wrong.status, wrong.headers.get('allow')]).toEqual([405, 'POST']);
  expect(await errorOf(wrong)).toMatchObject({ code: 'wrong-method' });
});

test('it is this machine’s alone, unless HOST says otherwise', async () => {
  const refused = await new Promise<boolean>((resolve) => {
    const line = connect({ port: PORT, host: '127.0.0.2' });
    line.once('connect', () => (line.destroy(), resolve(false)));
    line.once('error', () => resolve(true));
  });
  expect(refused).toBe(true);
});

test('a media type is read in any case, a large body is refused, and so is who asks too often', async () => {
  const post = (type: string, body: string) =>
    fetch(`${at}/api/schedule`, { method: 'POST', headers: { 'content-type': type }, body });
  expect((await post('Application/JSON; Charset=UTF-8', demo)).status).toBe(200);
  expect((await post('text/plain', demo)).status).toBe(415);
  const large = await post('application/json', `"${'x'.repeat(2 * 1024 * 1024)}"`);
  expect(large.status).toBe(413);
  expect((await errorOf(large)).code).toBe('too-large');

  let last = await post('application/json', demo);
  for (let n = 0; n <= CALLS && last.status === 200; n += 1)
    last = await post('application/json', demo);
  expect(last.status).toBe(429);
  expect(Number(last.headers.get('retry-after'))).toBeGreaterThan(0);
  expect(await errorOf(last)).toMatchObject({ code: 'too-often' });
  // What is not heavy goes on.
  expect((await fetch(`${at}/api/health`)).status).toBe(200);
});

test('an adventure that is too much in all is refused, with what is too much', async () => {
  const other = spawn('node', ['build'], {
    env: { ...process.env, PORT: String(PORT + 1), HOST: '127.0.0.1' },
  });
  const there = `http://127.0.0.1:${PORT + 1}`;
  try {
    await isReady(there);
    const adventure = JSON.parse(demo);
    const [chapter] = adventure.chapters;
    const line = { kind: 'tell', text: 'Hop!' };
    const chapters = [0, 1].map((at) => ({
      ...chapter,
      id: `ch_${at}`,
      beats: Array.from({ length: 1501 }, (_, n) => ({ ...line, id: `bt_${at}-${n}` })),
    }));
    const answer = await fetch(`${there}/api/forecast`, {
      method: 'POST',
      headers: json,
      body: JSON.stringify({ ...adventure, chapters }),
    });
    expect(answer.status).toBe(400);
    expect(await errorOf(answer)).toMatchObject({ code: 'too-much' });
    expect(
      (
        await errorOf(
          await fetch(`${there}/api/odds`, { method: 'POST', headers: json, body: '{' }),
        )
      ).code,
    ).toBe('not-json');
  } finally {
    other.kill();
  }
});
