/** The film to follow along: decoded by ffmpeg, which is not ours, and compared with the children's screen. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import {
  DEFAULT_PACE,
  plannedChapters,
  serializeArrupJson,
  soundsOf,
  unroll,
  type Adventure,
} from '../../src/core';
import { renderGuideTrack } from '../../src/core/formats/wav/guide-track';
import { doseOf, drawBeat, moveBeat, withBeats } from '../../src/core/testing/make';
import { lastBegun, planFilm, type FilmPlan } from '../../src/lib/film/film-plan';
import { expect, openShelf, test, WITH_MOTION } from './arrup';
import { check } from './clean';
import { everyMoment } from './every-moment';
import { differences, type Difference, type Shots } from './pictures';

test.use(WITH_MOTION);

const folder = mkdtempSync(join(tmpdir(), 'arrup-film-'));
const tool = (name: string, ...args: string[]) =>
  execFileSync(name, args, {
    encoding: 'utf8',
    maxBuffer: 1 << 28,
    stdio: ['ignore', 'pipe', 'pipe'],
  });

/** Time that passes on the screen until it's looked at: a few frames of its own. */
const PASSED_MS = 64;
/** So long does what is drawn fall. */
const FALLS_MS = 2200;

/** Half a minute with what films have: something said, reps with a count-in, a throw, a hold. */
function halfMinute(): Adventure {
  const made = withBeats(
    { kind: 'tell', id: 'bt_hello', text: 'The ferry waits. Knees soft, please!' },
    moveBeat([doseOf('squat', 5, { amounts: [5] })]),
  );
  const game = drawBeat(['march', 'jog', 'hop', 'march', 'jog', 'hop'], {
    device: { kind: 'die', sides: 6, dice: 1 },
    amount: { from: 'outcome', times: 1, plus: 0, least: 1, most: 12, ask: false },
    drawn: 'beforehand',
    rules: { stop: { after: 'draws', draws: 1 } },
  } as never);
  const [first] = made.chapters;
  return {
    ...made,
    title: 'Half a minute',
    chapters: [
      { ...first!, kind: 'welcome', title: 'The ferry' },
      { ...first!, id: 'ch_2', kind: 'game', title: 'Où est la lampe?', beats: [game] },
      {
        ...first!,
        id: 'ch_3',
        kind: 'calm',
        title: 'Still water',
        beats: [moveBeat([doseOf('plank', 5, { unit: 'hold' })])],
      },
    ],
  };
}

/** Ten seconds and a little: for what needs no more. */
function tenSeconds(): Adventure {
  const made = halfMinute();
  const [first, , last] = made.chapters;
  const hello = first!.beats.slice(0, 1);
  return { ...made, title: 'Ten seconds', chapters: [{ ...first!, beats: hello }, last!] };
}

/** Prep of an adventure, with the film's panel open. */
async function openPanel(page: Page, adventure: Adventure) {
  await openShelf(page);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'made.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(serializeArrupJson(adventure)),
  });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  const id = page.url().split('/').at(-1)!;
  await page.goto(`/prep/${id}`);
  return { id, panel: await panelOf(page) };
}

async function panelOf(page: Page) {
  await page.getByRole('button', { name: 'A film to follow along' }).click();
  const panel = page.locator('[data-film-panel]');
  await expect(panel.locator('[data-still]')).not.toHaveAttribute('data-still', 'loading');
  return panel;
}

/** How many hundredths of the film are made. */
const shareOf = async (panel: Locator): Promise<number> =>
  Number(await panel.getByRole('progressbar').getAttribute('aria-valuenow'));

/** What a key moves the thumb of the moments by, in seconds. */
const STEPS = { page: 2, arrow: 0.2 };

/** Slides to a value: near it by a press on the line, where the thumb isn't there, and on by keys. */
async function slideTo(slider: Locator, value: number): Promise<void> {
  const read = async (name: string) => Number(await slider.getAttribute(`aria-value${name}`));
  const left = async () => value - (await read('now'));
  const line = slider.locator('xpath=..');
  const { width, height } = (await line.boundingBox())!;
  // At both ends the thumb stays within the line.
  const half = (await slider.boundingBox())!.width / 2;
  const x = half + (value / (await read('max'))) * (width - 2 * half);
  await line.click({ position: { x, y: height / 2 } });
  await expect(async () => {
    const off = await left();
    const [page, arrow] = off > 0 ? ['PageUp', 'ArrowRight'] : ['PageDown', 'ArrowLeft'];
    const pages = Math.floor((Math.abs(off) + STEPS.arrow / 4) / STEPS.page);
    const arrows = Math.round((Math.abs(off) - pages * STEPS.page) / STEPS.arrow);
    for (let n = 0; n < pages; n += 1) await slider.press(page!);
    for (let n = 0; n < arrows; n += 1) await slider.press(arrow!);
    // Keys that come while it paints are lost: what is left is gone then.
    const soon = { timeout: 400, intervals: [20, 50, 100] };
    await expect.poll(async () => Math.abs(await left()), soon).toBeLessThan(STEPS.arrow / 4);
  }).toPass({ intervals: [20] });
}

/** The children's screen in a window of its own, at any moment of a plan. */
async function screenOf(page: Page, id: string, plan: FilmPlan) {
  const screen = await page.context().newPage();
  // The scene of a film stands over the way through the chapters.
  await screen.setViewportSize({ width: 1280, height: 704 });
  await screen.goto(`/stage/${id}/screen`);
  await expect(screen.locator('[data-shown]')).toBeVisible();
  await screen.evaluate((name) => {
    void navigator.locks.request(name, () => new Promise(() => {}));
  }, `arrup.stage.${id}`);
  // Time stands, but for what is let pass: figures stand at the very moment of the film.
  await screen.clock.install({ time: 0 });
  await screen.clock.pauseAt(3_600_000);
  return async (seconds: number) => {
    const { shown, intoSeconds } = plan.at(seconds)!;
    // A figure with a clock of its own begins with the film's cue.
    const told = { ...shown, elapsed: (shown.elapsed ?? intoSeconds) - PASSED_MS / 1000 };
    await screen.evaluate(
      ([name, message]) =>
        new Promise<void>((heard) => {
          // Whoever listened before this one has heard it by then.
          new BroadcastChannel(name).onmessage = () => heard();
          new BroadcastChannel(name).postMessage(message);
        }),
      [`arrup.stage.${id}`, told] as const,
    );
    await expect(screen.locator('main')).toHaveAttribute('data-shown', shown.kind);
    if (shown.kind === 'draw') await screen.clock.runFor(FALLS_MS);
    // What falls lies at once; whether a picture is in sight is told by the browser's own clock.
    await screen.evaluate(() => document.getAnimations().forEach((one) => one.finish()));
    await screen.waitForTimeout(120);
    await screen.clock.runFor(PASSED_MS);
    return screen.screenshot();
  };
}

/** For whoever wants to see what was compared: FILM_SHOTS=folder. */
function keepShots(shots: readonly Shots[], found: readonly Difference[]): void {
  const to = process.env['FILM_SHOTS'];
  if (!to) return;
  shots.forEach(({ film, stage }, n) => {
    writeFileSync(join(to, `${n}-film.png`), film);
    writeFileSync(join(to, `${n}-stage.png`), stage);
  });
  console.log(found);
}

async function madeFilm(page: Page, button = 'Make the film') {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  const path = join(folder, file.suggestedFilename());
  writeFileSync(path, readFileSync(await file.path()));
  return path;
}

type Probed = Readonly<{
  streams: readonly Readonly<Record<string, string>>[];
  chapters: readonly Readonly<{ start_time: string; end_time: string; tags: { title: string } }>[];
  format: Readonly<Record<string, string>>;
}>;
const probed = (path: string): Probed =>
  JSON.parse(
    tool(
      'ffprobe',
      '-v',
      'error',
      '-count_frames',
      '-show_streams',
      '-show_chapters',
      '-show_format',
      '-of',
      'json',
      path,
    ),
  ) as Probed;

/** The samples of a file's sound at 48 kHz, one channel. */
function samplesOf(path: string): Float32Array {
  const raw = `${path}.f32`;
  tool('ffmpeg', '-v', 'error', '-y', '-i', path, '-ac', '1', '-ar', '48000', '-f', 'f32le', raw);
  return new Float32Array(new Uint8Array(readFileSync(raw)).buffer);
}

/** The mean loudness of a file's sound, in decibels of full scale. */
function loudnessOf(samples: Float32Array): number {
  const power = samples.reduce((sum, one) => sum + one * one, 0) / samples.length;
  return 10 * Math.log10(power);
}

/** When a sound begins that is due at about this time, in seconds. */
function onset(samples: Float32Array, due: number): number {
  const from = Math.max(0, Math.round((due - 0.08) * 48_000));
  const at = samples.subarray(from, from + 0.2 * 48_000).findIndex((one) => Math.abs(one) > 0.06);
  return at < 0 ? NaN : (from + at) / 48_000;
}

test('a film of half a minute is as long as the plan, and looks and sounds like it', async ({
  page,
}) => {
  test.slow();
  const adventure = halfMinute();
  const schedule = unroll(adventure);
  expect(schedule.totalSeconds).toBeGreaterThan(20);
  expect(schedule.totalSeconds).toBeLessThan(45);
  const { id, panel } = await openPanel(page, adventure);
  await check(page, 'the film’s panel', '[data-film-panel]');
  await panel.getByLabel('Captions').selectOption('not in it');
  await panel.getByLabel('Music').selectOption('without music');
  const path = await madeFilm(page);
  expect(path).toMatch(/Half-a-minute\.mp4$/u);
  await expect(panel.getByRole('status')).toContainText('made and saved');

  const frame = 1 / 25;
  const { streams, chapters, format } = probed(path);
  const [pictures, sound] = ['video', 'audio'].map((kind) => {
    return streams.find(({ codec_type: type }) => type === kind)!;
  });
  expect(streams).toHaveLength(2);
  expect([pictures!['width'], pictures!['height'], pictures!['r_frame_rate']]).toEqual([
    1280,
    720,
    '25/1',
  ]);
  expect(Number(pictures!['nb_read_frames'])).toBe(Math.ceil(schedule.totalSeconds / frame - 1e-6));
  expect(Math.abs(Number(format['duration']) - schedule.totalSeconds)).toBeLessThan(frame);
  expect(Number(sound!['channels'])).toBe(1);
  const planned = plannedChapters(adventure, schedule);
  expect(chapters.map(({ tags }) => tags.title)).toEqual(planned.map(({ text }) => text));
  chapters.forEach(({ start_time: start }, n) => {
    expect(Number(start)).toBeCloseTo(planned[n]!.startSeconds, 2);
  });

  // Sound and picture keep together from the first tick to the last, and it's as loud as the guide track.
  const samples = samplesOf(path);
  const ticks = soundsOf(schedule).filter(({ sound: kind }) => kind === 'go' || kind === 'change');
  expect(ticks.length).toBeGreaterThan(2);
  for (const { atSeconds } of [ticks[0]!, ticks.at(-1)!]) {
    expect(Math.abs(onset(samples, atSeconds) - atSeconds)).toBeLessThan(frame);
  }
  const guide = join(folder, 'guide.wav');
  writeFileSync(guide, renderGuideTrack(schedule));
  expect(Math.abs(loudnessOf(samples) - loudnessOf(samplesOf(guide)))).toBeLessThan(1.5);

  // Twenty pictures of it are those of the children's screen. A throw is compared where it lies.
  const plan = planFilm(adventure, DEFAULT_PACE);
  const moments = Array.from({ length: 20 }, (_, n) => {
    const seconds = ((n + 0.5) * schedule.totalSeconds) / 20;
    const cue = plan.cues[lastBegun(plan.cues, seconds)]!;
    const least = cue.kind === 'draw' ? cue.startSeconds + FALLS_MS / 1000 + n * frame : 0;
    return Math.round(Math.max(seconds, least) / frame);
  });
  expect(new Set(moments.map((n) => plan.at(n * frame)!.shown.moment)).size).toBeGreaterThan(4);
  const stageAt = await screenOf(page, id, plan);
  const picks = moments.map((n) => `eq(n\\,${n})`).join('+');
  const frames = join(folder, 'frame-%02d.png');
  tool(
    'ffmpeg',
    '-v',
    'error',
    '-i',
    path,
    '-vf',
    `select=${picks}`,
    '-fps_mode',
    'passthrough',
    frames,
  );
  const shots: Shots[] = [];
  for (const [n, moment] of moments.entries()) {
    const file = frames.replace('%02d', String(n + 1).padStart(2, '0'));
    shots.push({ film: readFileSync(file), stage: await stageAt(moment * frame) });
  }
  const found = await differences(page, shots);
  keepShots(shots, found);
  found.forEach(({ same, worst, other }, n) => {
    const which = `picture ${moments[n]}`;
    expect(same, which).toBeLessThan(2.2);
    expect(worst, `${which}, at its worst place`).toBeLessThan(16);
    expect(other, `${which} beside another one`).toBeGreaterThan(same * 2);
  });
});

test('every kind of moment is painted as the children’s screen shows it', async ({ page }) => {
  test.slow();
  const adventure = everyMoment();
  const { id, panel } = await openPanel(page, adventure);
  await panel.getByLabel('Captions').selectOption('not in it');
  const plan = planFilm(adventure, DEFAULT_PACE);
  // One of each kind, by what is shown and drawn, past its fall, at a moment that the slider knows.
  const moments = new Map<string, number>();
  for (const { startSeconds, lengthSeconds } of plan.cues) {
    const seconds = Math.round((startSeconds + Math.max(0.7 * lengthSeconds, 0.1)) * 5) / 5;
    const { shown, intoSeconds, cue } = plan.at(seconds)!;
    const device = shown.draw ? plan.draws.get(shown.draw.beatId)!.device.kind : '';
    if (shown.kind === 'draw' && intoSeconds < FALLS_MS / 1000) continue;
    if (cue.startSeconds !== startSeconds) continue;
    moments.set(`${shown.moment} ${device} ${shown.side ?? ''}`, seconds);
  }
  expect(moments.size).toBeGreaterThan(20);
  const stageAt = await screenOf(page, id, plan);
  const shots: Shots[] = [];
  const slider = panel.getByRole('slider', { name: 'Look at a moment of the film' });
  for (const seconds of moments.values()) {
    await slideTo(slider, seconds);
    const address = await panel
      .locator('canvas')
      .evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL('image/png'));
    const film = Buffer.from(address.split(',')[1]!, 'base64');
    shots.push({ film, stage: await stageAt(seconds) });
  }
  const found = await differences(page, shots);
  keepShots(shots, found);
  const which = [...moments.keys()];
  const apart = found.flatMap(({ same, worst }, n) =>
    same < 2.5 && worst < 16 ? [] : [`${which[n]}: ${same.toFixed(1)}, ${worst.toFixed(1)}`],
  );
  expect(apart).toEqual([]);
});

test('a film that was stopped is carried on after a reload, with room for the presenter', async ({
  page,
}) => {
  test.slow();
  const adventure = tenSeconds();
  const { panel } = await openPanel(page, adventure);
  const choose = async () => {
    await page.getByLabel('Kind of file').selectOption('a WebM');
    await page.getByLabel('Pictures a second').selectOption('30 pictures a second');
    await page.getByLabel('Room for your picture').selectOption('a green corner');
  };
  await choose();
  await panel.getByRole('button', { name: 'Make the film' }).click();
  await expect(async () => {
    expect(await shareOf(panel)).toBeGreaterThanOrEqual(50);
  }).toPass({ intervals: [100] });
  await panel.getByRole('button', { name: 'Stop for now' }).click();
  await expect(panel.getByRole('status')).toContainText('% is made, and is kept');
  await page.reload();
  await panelOf(page);
  await choose();
  await expect(panel.getByRole('status')).toContainText('A part of it is made');
  const making = madeFilm(page, 'Carry on with it');
  // It goes on after the last whole stretch, and not from the start.
  let first = 0;
  await expect(async () => {
    first = await shareOf(panel);
    expect(first).toBeGreaterThan(0);
  }).toPass({ intervals: [20] });
  expect(first).toBeGreaterThan(40);
  const path = await making;
  const { streams, chapters, format } = probed(path);
  const { totalSeconds } = unroll(adventure);
  expect(streams.map(({ codec_name: name }) => name)).toEqual(['vp9', 'opus']);
  expect(Number(streams[0]!['nb_read_frames'])).toBe(Math.ceil(totalSeconds * 30 - 1e-6));
  expect(Math.abs(Number(format['duration']) - totalSeconds)).toBeLessThan(1 / 30);
  expect(chapters.map(({ tags }) => tags.title)).toEqual(['The ferry', 'Still water']);
  // Every picture a thirtieth of a second after the one before, across the place where it was stopped.
  const times = tool(
    ...(['ffprobe', '-v', 'error', '-select_streams', 'v', '-show_entries'] as const),
    ...['packet=pts_time', '-of', 'csv=p=0', path],
  )
    .split(/[\s,]+/u)
    .filter(Boolean)
    .map(Number);
  times.forEach((time, n) => expect(Math.abs(time - n / 30)).toBeLessThan(0.0015));
  // The corner is green in the film too.
  const corner = execFileSync('ffmpeg', [
    ...['-v', 'error', '-ss', '8', '-i', path, '-frames:v', '1', '-vf', 'crop=2:2:1120:500'],
    ...['-f', 'rawvideo', '-pix_fmt', 'rgb24', '-'],
  ]);
  const [red, green, blue] = corner;
  expect(green!).toBeGreaterThan(150);
  expect(Math.max(red!, blue!)).toBeLessThan(100);
});

test('where no film can be encoded, that is said, and its pictures are given one by one', async ({
  page,
}) => {
  test.slow();
  await page.addInitScript(() => {
    delete (globalThis as Record<string, unknown>)['VideoEncoder'];
  });
  const adventure = tenSeconds();
  const { panel } = await openPanel(page, adventure);
  await expect(panel.locator('[data-no-film]')).toContainText('can’t make films');
  await expect(panel.getByRole('button', { name: 'Make the film' })).toHaveCount(0);
  const path = await madeFilm(page, 'Make the pictures');
  expect(path).toMatch(/Ten-seconds\.film-pictures\.zip$/u);
  const pictures = unzipSync(new Uint8Array(readFileSync(path)));
  const names = Object.keys(pictures);
  expect(names).toHaveLength(Math.ceil(unroll(adventure).totalSeconds * 5));
  expect(names[0]).toBe('00001.png');
  // PNG's own mark, and 1280 by 720.
  const first = Buffer.from(pictures['00001.png']!);
  expect([first.toString('latin1', 1, 4), first.readUInt32BE(16), first.readUInt32BE(20)]).toEqual([
    'PNG',
    1280,
    720,
  ]);
});
