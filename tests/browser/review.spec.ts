import { readFileSync } from 'node:fs';
import { parse as parseCsv } from 'csv-parse/sync';
import { chromium, type Page } from '@playwright/test';
import { spoken, spokenFile } from '../outside/spoken';
import { chromium as ours } from './chromium';
import { expect, openShelf, stored, test, typeLine } from './arrup';

const headers = { 'content-type': 'application/json' };
const demo = (name: string) => JSON.parse(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
const captions = (name: string) => readFileSync(`src/lib/demo/recordings/${name}.vtt`, 'utf8');

const beat = (page: Page, name: string) =>
  page.locator('[data-beat]').filter({ hasText: name }).first();
const lay = (page: Page) => page.getByRole('button', { name: 'Lay it along the script' });

/** The review of the demo's captions of an adventure. */
async function reviewDemo(page: Page, title: string) {
  await page.goto('/review');
  await page.getByLabel('Which adventure was it?').selectOption({ label: title });
  await expect(lay(page)).toBeDisabled();
  await page.getByRole('button', { name: /Take the demo’s captions/ }).click();
  await lay(page).click();
  await expect(page.locator('[data-summary]')).toBeVisible();
}

test('captions show what was left out, counted and cut short, and teach the pace', async ({
  page,
}) => {
  await page.goto('/logbook');
  await page.getByRole('link', { name: 'Look at a recording' }).click();
  await reviewDemo(page, 'Six lamps before dark');
  await expect(page.locator('[data-summary]')).toHaveText(
    /11:34 in the recording, .* planned\.\s+1 thing left out, 1 count that wasn’t as planned, 1 rest or drink cut short\./,
  );
  await expect(beat(page, 'Circuit of 6')).toContainText('Bridge lamp, round 2: left out');
  await expect(beat(page, 'yard march')).toHaveAttribute('data-state', 'led');
  await expect(page.getByText('wet grass: 12 of 16')).toBeVisible();

  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table' }).click();
  const rows = parseCsv(readFileSync(await (await saving).path(), 'utf8')) as string[][];
  expect(rows.map(([, , , name, what]) => [name, what])).toEqual([
    ['Beat', 'What'],
    ['wet grass', 'counted to 12 instead of 16'],
    ['Bridge lamp', 'left out'],
    ['Drink', '8 s instead of 30 s'],
  ]);

  await page.getByRole('link', { name: 'In the logbook' }).click();
  await expect(page.getByText('From “six-lamps.vtt”.')).toBeVisible();
  await expect(page.locator('[data-summary]')).toContainText('11:34 led');
  await page.goto('/logbook');
  await expect(page.locator('[data-plans-hold]')).toContainText('The last session was');

  await page.goto('/settings');
  const learned = page.locator('[data-learned]');
  await expect(learned).toContainText(/While talking: 1[5-6]\d words a minute/);
  await expect(learned).toContainText('seen in 1 session');
  await learned.getByRole('button', { name: 'Set aside: While talking' }).click();
  await page.reload();
  await expect(learned.getByRole('button', { name: 'Use: While talking' })).toBeVisible();
});

test('what is moved by hand stays, and the rest follows', async ({ page }) => {
  await openShelf(page);
  await reviewDemo(page, 'The ferry die');
  await expect(beat(page, 'rail walk')).toHaveAttribute('data-state', 'left out');
  await expect(beat(page, 'Chain of 4')).toContainText('mud hops: left out');
  await page.getByRole('button', { name: 'Move by hand' }).click();
  const walk = beat(page, 'rail walk');
  await walk.getByLabel('rail walk begins at').fill('1:19');
  await walk.getByLabel('rail walk begins at').press('Enter');
  await expect(walk).toHaveAttribute('data-state', 'led');
  await expect(walk.getByRole('button', { name: 'Go to 1:19, rail walk' })).toBeVisible();
  // Kept at once, and the plan is the one that it was.
  const before = await page.locator('[data-summary]').textContent();
  await page.reload();
  await expect(walk).toHaveAttribute('data-state', 'led');
  await expect(page.locator('[data-summary]')).toHaveText(before!.trim());
  await page.getByRole('button', { name: 'Move by hand' }).click();
  await walk.getByRole('button', { name: 'set by you: undo' }).click();
  await expect(walk).toHaveAttribute('data-state', 'left out');
  await beat(page, 'Drink').getByRole('button', { name: 'left out' }).click();
  await expect(beat(page, 'Drink')).toHaveAttribute('data-state', 'left out');
  // A script that is changed keeps what was found, and says so.
  await page.goto('/desk/adv_ferry-die');
  await typeLine(page, 'Fog lifts', 'Bye bye, ferry.');
  await expect(page.getByText('Saved').first()).toBeVisible();
  await page.goto('/logbook');
  await page
    .getByRole('link', { name: /The ferry die/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Open the recording’s page' }).click();
  await expect(page.getByText('The script was changed since')).toBeVisible();
  await expect(beat(page, 'Drink')).toHaveAttribute('data-state', 'left out');
});

test('without captions: it is listened to, and space marks where a thing begins', async ({
  page,
}) => {
  const sound = spoken([
    [2, 'Good morning, everybody. Arms out, and turn around once.'],
    [4, 'Now march on the spot, and lift your knees.'],
    [5, 'Rest, and have a drink of water.'],
    [8, 'Good bye, and see you next week.'],
  ]);
  await page.goto('/review');
  await page.getByLabel('Which adventure was it?').selectOption({ label: 'A marsh morning' });
  const file = page.getByRole('group', { name: 'The recording' }).locator('input');
  await file.setInputFiles(spokenFile(sound));
  await lay(page).click();
  await expect(page.locator('[data-next-mark]')).toBeVisible();
  // The voices are heard, and kept.
  const voices = async () => {
    const [run] = await stored<{ review: { voices: [number, number][] | null } }>(page, 'runs');
    return run!.review.voices;
  };
  await expect.poll(async () => (await voices())?.length ?? 0).toBeGreaterThan(3);
  const first = await page.locator('[data-next-mark]').textContent();
  const second = sound.said[1]!;
  await page.locator('audio').evaluate((audio: HTMLAudioElement, at) => {
    audio.currentTime = at;
  }, second.from + 0.7);
  await expect(page.getByRole('button', { name: /^It begins now/ })).toContainText(
    `0:${String(Math.floor(second.from + 0.7)).padStart(2, '0')}`,
  );
  await page.locator('body').press(' ');
  await expect(page.locator('[data-next-mark]')).not.toHaveText(first!);
  const pins = await stored<{ review: { pins: Record<string, number> } }>(page, 'runs');
  const [mark] = Object.values(pins[0]!.review.pins);
  // Pressed a little late: it goes to where somebody began to speak.
  expect(Math.abs(mark! - second.from)).toBeLessThan(0.35);
  await page.getByRole('button', { name: 'Undo the last mark' }).click();
  await expect(page.locator('[data-next-mark]')).toHaveText(first!);
});

/** A film as a browser makes it: a picture that changes, and somebody speaking. */
async function filmOf(page: Page, wav: Buffer): Promise<Buffer> {
  const film = await page.evaluate(async (sound) => {
    const context = new AudioContext();
    await context.resume();
    const bytes = Uint8Array.from(atob(sound), (letter) => letter.charCodeAt(0));
    const source = context.createBufferSource();
    source.buffer = await context.decodeAudioData(bytes.buffer);
    const spoken = context.createMediaStreamDestination();
    source.connect(spoken);
    const canvas = document.createElement('canvas');
    const paper = canvas.getContext('2d')!;
    let hue = 0;
    const painting = setInterval(() => {
      paper.fillStyle = `hsl(${(hue += 9)} 60% 50%)`;
      paper.fillRect(0, 0, 300, 150);
    }, 40);
    const tracks = [...canvas.captureStream(25).getTracks(), ...spoken.stream.getTracks()];
    const recorder = new MediaRecorder(new MediaStream(tracks), { mimeType: 'video/webm' });
    const parts: Blob[] = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    const stopped = new Promise((resolve) => (recorder.onstop = resolve));
    recorder.start();
    source.onended = () => recorder.stop();
    source.start();
    await stopped;
    clearInterval(painting);
    const reader = new FileReader();
    const read = new Promise((resolve) => (reader.onload = resolve));
    reader.readAsDataURL(new Blob(parts));
    await read;
    return (reader.result as string).split(',')[1]!;
  }, wav.toString('base64'));
  return Buffer.from(film, 'base64');
}

test('a film is listened to like a sound, and plays beside the script', async ({ page }) => {
  const sound = spoken([
    [1, 'Good morning, everybody.'],
    [2, 'Now march on the spot.'],
  ]);
  await page.goto('/review');
  await page.getByLabel('Which adventure was it?').selectOption({ label: 'A marsh morning' });
  const buffer = await filmOf(page, readFileSync(spokenFile(sound)));
  await page
    .getByRole('group', { name: 'The recording' })
    .locator('input')
    .setInputFiles({ name: 'marsh.webm', mimeType: 'video/webm', buffer });
  await lay(page).click();
  await expect(page.locator('[data-next-mark]')).toBeVisible();
  const voices = async () => {
    const [run] = await stored<{ review: { voices: [number, number][] | null } }>(page, 'runs');
    return run!.review.voices ?? [];
  };
  await expect.poll(async () => (await voices()).length).toBeGreaterThan(1);
  for (const { from } of sound.said) {
    expect(Math.min(...(await voices()).map(([at]) => Math.abs(at - from)))).toBeLessThan(0.6);
  }
  const player = page.locator('video');
  await player.evaluate((video: HTMLVideoElement) => void (video.currentTime = 2));
  await expect(page.getByRole('button', { name: /^It begins now/ })).toContainText('0:02');
});

test('what can’t be read is said, and nothing is kept of it', async ({ page }) => {
  await page.goto('/review');
  const input = (name: string) => page.getByRole('group', { name }).locator('input');
  const file = (name: string, mimeType: string, text: string) => ({
    name,
    mimeType,
    buffer: Buffer.from(text),
  });
  await input('Captions').setInputFiles(file('story.vtt', 'text/vtt', 'Once upon a time.'));
  await lay(page).click();
  await expect(page.getByRole('alert')).toContainText(
    '“story.vtt” can’t be read. There are no captions',
  );
  await page.getByRole('button', { name: 'Don’t use story.vtt' }).click();
  await input('The recording').setInputFiles(file('film.mp4', 'video/mp4', 'no film'));
  await lay(page).click();
  await expect(page.getByRole('alert')).toContainText('This browser can’t play “film.mp4”');
  expect(await stored(page, 'runs')).toEqual([]);
});

test('the server lays captions along a script too, and refuses what it can’t', async ({
  request,
}) => {
  const ask = (data: object) => request.post('/api/review', { headers, data });
  const adventure = demo('ferry-die');
  const answer = await ask({ adventure, captions: captions('ferry-die'), format: 'vtt' });
  expect(answer.status()).toBe(200);
  const { beats, counts, pace, shares } = await answer.json();
  const gone = beats.filter(({ state }: { state: string }) => state === 'left out');
  expect(gone.map(({ label }: { label: string }) => label)).toEqual(['rail walk', 'mud hops']);
  expect(counts).toContainEqual(
    expect.objectContaining({ name: 'mill wheels', planned: 8, counted: 5 }),
  );
  expect(pace.wordsPerMinute).toBeGreaterThan(120);
  expect(shares.moving).toBeGreaterThan(0.2);
  // What the schedule's route says was drawn can be sent as it is.
  const drawn = await (
    await request.post('/api/schedule', { headers, data: { adventure } })
  ).json();
  const known = await ask({ adventure, captions: captions('ferry-die'), draws: drawn.draws });
  expect((await known.json()).counts.length).toBeGreaterThan(counts.length);
  const bad = await ask({ adventure, captions: 'no times at all' });
  expect(bad.status()).toBe(400);
  expect((await bad.json()).error).toMatchObject({ code: 'no-captions', path: ['captions'] });
  expect((await ask({ adventure, captions: '', format: 'film' })).status()).toBe(400);
  expect((await ask({ captions: '' })).status()).toBe(400);
});

test('a script is rehearsed by heart, and what was forgotten comes again', async ({ page }) => {
  await page.goto('/prep/adv_marsh-morning');
  await page.getByRole('link', { name: 'Rehearse it by heart' }).click();
  await expect(page.getByRole('heading', { name: 'How does it begin?' })).toBeVisible();
  await expect(page.locator('[data-answer]')).toHaveCount(0);
  const progress = page.locator('[data-progress]');
  const total = Number(/of (\d+)/.exec((await progress.textContent())!)![1]);
  await page.keyboard.press('Space');
  await expect(page.locator('[data-answer]')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  for (let n = 1; n < total; n += 1) {
    await expect(progress).toContainText(`${n + 1} of ${total}`);
    await page.getByRole('button', { name: 'Show me' }).click();
    await page.getByRole('button', { name: 'I knew it' }).click();
  }
  await expect(progress).toContainText('1 of 1, once more: round 2');
  await page.getByRole('button', { name: 'Show me' }).click();
  await page.getByRole('button', { name: 'I knew it' }).click();
  await expect(page.getByRole('heading', { name: 'You know it by heart.' })).toBeVisible();
  await expect(page.locator('[data-known] li')).toHaveCount(1);
});

test('the microphone hears how fast somebody reads; refused, the clock does', async ({
  baseURL,
}) => {
  // A microphone that somebody has been reading into for a good while already.
  const reading = spoken(
    Array.from({ length: 12 }, () => [
      0.4,
      'The letters of Lanternfen wait on our side of the marsh.',
    ]),
  );
  const file = spokenFile(reading);
  const open = async (...more: string[]) => {
    const browser = await chromium.launch({ ...ours, args: [...ours.args, ...more] });
    const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.goto('/settings');
    await page.getByText('Read this aloud, and I’ll measure it').click();
    await page.getByRole('button', { name: 'Let the microphone listen' }).click();
    return { browser, page, said: page.locator('[data-measured]') };
  };
  const allowed = await open(
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
    `--use-file-for-fake-audio-capture=${file}`,
  );
  try {
    const stop = allowed.page.getByRole('button', { name: 'Stop: I’m done' });
    await expect(stop).toBeVisible();
    // Nobody reads the passage in less than this; a busy machine begins to hear late.
    await allowed.page.waitForTimeout(32_000);
    await stop.click();
    await expect(allowed.said).toContainText(/\d+ words a minute/);
    const words = Number(/\d+/.exec((await allowed.said.textContent())!)![0]);
    expect(words).toBeGreaterThan(120);
    expect(words).toBeLessThan(260);
  } finally {
    await allowed.browser.close();
  }
  const refused = await open();
  try {
    await expect(refused.said).toContainText('The microphone wasn’t allowed');
    await expect(refused.page.getByRole('button', { name: 'Start reading' })).toBeVisible();
  } finally {
    await refused.browser.close();
  }
});
