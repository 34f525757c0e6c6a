import { readFileSync } from 'node:fs';
import { parse as parseCsv } from 'csv-parse/sync';
import { expect, openShelf, stored, test } from './arrup';

const demoFile = (name: string) => readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8');
const demo = demoFile('late-letter');
const headers = { 'content-type': 'application/json' };

test('health and schema', async ({ request }) => {
  expect(await (await request.get('/api/health')).json()).toMatchObject({ ok: true });
  const schema = await (await request.get('/api/schema')).json();
  expect(schema.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
  expect(schema.properties.chapters.items.properties.beats.type).toBe('array');
});

test('the server and the browser give the same schedule, to the last digit', async ({
  page,
  request,
}) => {
  await openShelf(page);
  for (const name of ['late-letter', 'six-lamps', 'marsh-morning']) {
    await page.goto(`/stage/adv_${name}`);
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    await page.getByRole('button', { name: 'End here' }).click();
    await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();
    type Cue = Record<'id' | 'kind' | 'startSeconds' | 'lengthSeconds' | 'effort', unknown>;
    const runs = await stored<{ adventureId: string; plan: Cue[] }>(page, 'runs');
    const here = runs.find((run) => run.adventureId === `adv_${name}`)!.plan;
    const answer = await request.post('/api/schedule', { headers, data: demoFile(name) });
    const there = ((await answer.json()) as { cues: Cue[] }).cues;
    const plain = (cues: Cue[]) =>
      cues.map((c) => [c.id, c.kind, c.startSeconds, c.lengthSeconds, c.effort]);
    expect(plain(here)).toEqual(plain(there));
  }
});

test('the schedule follows setting and pace, and keeps the seed', async ({ request }) => {
  const adventure = JSON.parse(demo);
  const ask = async (more: object) => {
    const answer = await request.post('/api/schedule', { headers, data: { adventure, ...more } });
    return (await answer.json()) as {
      totalSeconds: number;
      seed: number | null;
      totals: any;
      cues: { reps: number }[];
    };
  };
  const usual = await ask({ seed: 7 });
  expect(usual.seed).toBe(7);
  // The totals are what the cues add up to.
  const counted = usual.cues.reduce((sum, cue) => sum + cue.reps, 0);
  expect(usual.totals.all.reps).toBe(counted);
  expect(counted).toBeGreaterThan(50);
  const older = { ...adventure.setting, ages: { from: 6, to: 7 } };
  expect((await ask({ setting: older })).totalSeconds).toBeLessThan(usual.totalSeconds);
  const slow = { wordsPerMinute: 100, secondsPerRep: {} };
  expect((await ask({ pace: slow })).totalSeconds).toBeGreaterThan(usual.totalSeconds);
});

test('exports the file, a CSV that another parser reads, and Markdown', async ({ request }) => {
  const get = (format: string) => request.post(`/api/export/${format}`, { headers, data: demo });
  const file = await get('json');
  expect(await file.text()).toBe(demo);
  expect(file.headers()['content-disposition']).toContain('The-late-letter.arrup.json');
  const csv = await get('csv');
  expect(csv.headers()['content-type']).toContain('text/csv');
  // csv-parse, a reader that is not ours
  const data: Record<string, string>[] = parseCsv(await csv.text(), { columns: true });
  expect(data.find((row) => row.Do === 'ditch leaps')).toMatchObject({
    Move: 'frog jump',
    Dose: '2 × 4 reps, rest 10 s',
  });
  expect(await (await get('md')).text()).toContain('## Across the marsh');
  expect((await get('scroll')).status()).toBe(404);
});

test('exports the pack, the track and everything else over the wire; an empty one is refused', async ({
  request,
}) => {
  const data = JSON.parse(demo);
  const post = (format: string, more: object = {}) =>
    request.post(`/api/export/${format}`, { headers, data: { adventure: data, ...more } });
  const pdf = await post('pdf', { paper: 'letter', ink: 'saving', parts: ['run-sheet'] });
  expect(pdf.status(), pdf.ok() ? '' : await pdf.text()).toBe(200);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  for (const [format, begins] of [
    ['wav', 'RIFF'],
    ['html', '<!doctype html>'],
    ['pictures', 'PK'],
    ['zip', 'PK'],
    ['docx', 'PK'],
    ['captions', 'WEBVTT'],
    ['chapters', 'WEBVTT'],
    ['ics', 'BEGIN:VCALENDAR'],
    ['script', '# The late letter'],
  ] as const) {
    const answer = await post(format, { startsAt: '2027-03-01T09:00' });
    expect(answer.status(), format).toBe(200);
    expect((await answer.body()).subarray(0, begins.length).toString()).toBe(begins);
  }
  const empty = { ...data, chapters: [] };
  const refused = await request.post('/api/export/pdf', { headers, data: { adventure: empty } });
  expect(refused.status()).toBe(422);
  expect((await refused.json()).error).toMatchObject({ code: 'nothing-to-write' });
  expect((await post('ics', { startsAt: 'tomorrow' })).status()).toBe(400);
});

test('refuses with the right status, a code, words and the place', async ({ request }) => {
  const post = (data: string, type = 'application/json') =>
    request.post('/api/schedule', { headers: { 'content-type': type }, data: Buffer.from(data) });
  const changed = (change: (d: any) => void) => {
    const document = JSON.parse(demo);
    change(document);
    return JSON.stringify(document);
  };
  const cases: [string, string | undefined, number, string, (string | number)[]][] = [
    ['{', undefined, 400, 'not-json', []],
    ['null', undefined, 400, 'wrong-type', []],
    ['{}', undefined, 400, 'missing', ['adventure']],
    ['{"adventure":{}}', undefined, 400, 'not-arrup', ['adventure']],
    [demo, 'text/plain', 415, 'wrong-media-type', []],
    [`"${'x'.repeat(2_100_000)}"`, undefined, 413, 'too-large', []],
    [changed((d) => (d.version = 99)), undefined, 400, 'newer-version', ['version']],
    [
      changed((d) => (d.chapters[1].beats[0].actions[0].move = 'fly')),
      undefined,
      400,
      'unknown-move',
      ['chapters', 1, 'beats', 0, 'actions', 0, 'move'],
    ],
    [`{"adventure":${demo},"speed":2}`, undefined, 400, 'unknown-field', []],
  ];
  for (const [body, type, status, code, path] of cases) {
    const answer = await post(body, type);
    expect(answer.status(), code).toBe(status);
    const { error } = await answer.json();
    expect(error).toMatchObject({ code, path });
    expect(error.message).toMatch(/^[A-Z].+\.$/u);
  }
});

test('a forecast is the same from the same seed, and tells its bound', async ({ request }) => {
  const ferry = readFileSync('src/lib/demo/ferry-die.arrup.json', 'utf8');
  const ask = (more: string) =>
    request.post('/api/forecast', {
      data: `{"adventure":${ferry}${more}}`,
      headers: { 'content-type': 'application/json' },
    });
  const one = await (await ask(',"seed":5,"n":2000')).json();
  const two = await (await ask(',"seed":5,"n":2000')).json();
  expect(two).toEqual(one);
  expect(one).toMatchObject({ seed: 5, sessions: 2000 });
  expect(one.errorBound).toBeCloseTo(0.0364, 4);
  expect(one.seconds.p10).toBeLessThan(one.seconds.p90);
  expect(one.moves.length).toBeGreaterThan(5);
  const refused = await ask(',"n":0');
  expect(refused.status()).toBe(400);
  expect((await refused.json()).error).toMatchObject({ code: 'too-small', path: ['n'] });
});

test('pages come with a strict content security policy and the usual headers', async ({
  request,
}) => {
  const all = (await request.get('/')).headers();
  const policy = all['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  // WebAssembly hears voices in a recording; nothing else may be made into code.
  expect(policy).toMatch(/script-src 'self' 'wasm-unsafe-eval' 'nonce-[^']+'(;|$)/u);
  expect(all['permissions-policy']).toBe(
    'camera=(), microphone=(self), geolocation=(), payment=(), usb=()',
  );
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toContain('unsafe-inline');
  expect(policy).not.toContain("'unsafe-eval'");
  expect(all).toMatchObject({
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
  });
});

test('the first page needs less than 150 kB of script, gzipped', async ({ page }) => {
  const { gzipSync } = await import('node:zlib');
  let bytes = 0;
  page.on('response', (response) => {
    if (!response.url().endsWith('.js')) return;
    void response.body().then((body) => (bytes += gzipSync(body).length));
  });
  await openShelf(page);
  await page.waitForLoadState('networkidle');
  expect(bytes).toBeGreaterThan(10_000);
  expect(bytes).toBeLessThan(150_000);
});
