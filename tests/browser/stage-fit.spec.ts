/** Every kind of moment with the longest names there are, at every size of screen that is used. */
import { BUILT_IN, parseArrupJson, serializeArrupJson, type Adventure } from '../../src/core';
import {
  circuit,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  withBeats,
} from '../../src/core/testing/make';
import { begin, expect, openShelf, test } from './arrup';
import type { Page } from '@playwright/test';

const SIZES = [
  [820, 1180, 80],
  [768, 1024, 80],
  [1024, 768, 80],
  [1280, 800, 80],
  [1920, 1080, 80],
  [844, 390, 24],
  [390, 844, 36],
] as const;

/** The moves of the catalogue whose names have the longest words, and the longest names. */
const longest = (by: (name: string) => number) =>
  [...BUILT_IN.values()].sort((a, b) => by(b.name) - by(a.name)).slice(0, 4);
const wordLength = (name: string) => Math.max(...name.split(/[\s-]/u).map(({ length }) => length));
const MOVES = [...longest(wordLength), ...longest(({ length }) => length)];
const GUISES = ['Stepping-stones in the reedbeds', 'Lamplighter hedgehogs', 'Schoolmistress'];
const LONG_LINE =
  'The fog has come down over the whole marsh, and the ferry bell rings twice for everybody ' +
  'who still stands on the far bank with wet socks, a heavy bag of letters and no lamp at all.';

const named = (n: number, amount: number, dose = {}) => {
  const action = doseOf(MOVES[n % MOVES.length]!.id, amount, dose);
  const name = GUISES[n % (GUISES.length + 1)] ?? '';
  return { ...action, guise: { ...action.guise, name } };
};

function drawOf(kind: 'deck' | 'spinner' | 'letters' | 'calls' | 'die') {
  const entries = drawBeat(['squat', 'march', 'hop', 'stork-stand', 'squat', 'jog']).entries;
  const labels = ['suns', 'moons', 'bells', 'leaves', 'drops', 'stars'];
  const device = {
    deck: { kind, lowest: 2, highest: 9, copies: 1, courts: null, jokers: 0 },
    die: { kind, sides: 6, dice: 1 },
    spinner: { kind },
    letters: { kind },
    calls: { kind },
  }[kind];
  const sum = { from: 'outcome', times: 2, plus: 0, least: 1, most: 60, ask: true } as const;
  return drawBeat([], {
    device: device as never,
    entries: entries.map((one, n) => ({ ...one, label: labels[n]!, action: named(n, 5) })),
    amount: kind === 'deck' || kind === 'die' ? sum : { from: 'dose' },
    rules: { stop: { after: 'draws', draws: 1 }, thrower: 'child' },
  } as never);
}

const tell = (text: string) => ({ kind: 'tell' as const, id: `bt_${text.length}`, text });

function everyMoment(): Adventure {
  const made = withBeats(
    tell(LONG_LINE),
    { ...tell(`${LONG_LINE.slice(0, -1)}, do you think?`), waitSeconds: 5 },
    tell('Lanterns!'),
    moveBeat(MOVES.slice(0, 4).map((_, n) => named(n, 12))),
    moveBeat([named(5, 30, { unit: 'seconds' }), named(1, 8, { sides: 'each', amounts: [8, 8] })]),
    moveBeat([named(2, 20, { unit: 'hold', sides: 'each' })], { countIn: true }),
    circuit(['stork-stand', 'squat'], { rounds: 1 }),
    drawOf('deck'),
    drawOf('die'),
    drawOf('spinner'),
    drawOf('letters'),
    drawOf('calls'),
    echoBeat(['march', 'squat']),
    { kind: 'drink', id: 'bt_drink', seconds: 30, text: '' },
  );
  const calm = { ...made.chapters[0]!, id: 'ch_2', kind: 'calm' as const };
  const goodbye = { ...calm, id: 'ch_3', kind: 'goodbye' as const };
  return {
    ...made,
    title: 'The longest names',
    chapters: [
      made.chapters[0]!,
      { ...calm, beats: [moveBeat([named(3, 40, { unit: 'seconds' })])] },
      { ...goodbye, beats: [{ ...tell(LONG_LINE.slice(0, 90)), id: 'bt_end' }] },
    ],
  };
}

/** Leafs through every cue and gathers what is wrong with any of them, all in the page. */
const misfits = (page: Page, key: 'ArrowRight' | 'ArrowLeft', least: number) =>
  page.evaluate(
    async ({ key, least }) => {
      const found: string[] = [];
      const seen = new Set<string>();
      const wordsOf = (element: Element) => {
        const broken: string[] = [];
        const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node; node = walker.nextNode()) {
          for (const match of node.textContent!.matchAll(/\S+/gu)) {
            const range = document.createRange();
            range.setStart(node, match.index);
            range.setEnd(node, match.index + match[0].length);
            const tops = [...range.getClientRects()].map(({ top }) => Math.round(top));
            // A hyphen is a fair place to go on in the next line.
            if (new Set(tops).size > 1 + (match[0].match(/-/gu)?.length ?? 0))
              broken.push(match[0]);
          }
        }
        return broken;
      };
      const overlap = (one: DOMRect, other: DOMRect) =>
        Math.min(one.right, other.right) - Math.max(one.left, other.left) > 2 &&
        Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 2;
      const pixels = (element: Element) => parseFloat(getComputedStyle(element).fontSize);
      for (let n = 0; n < 200; n += 1) {
        // The type is fitted when its room has been laid out: within two frames.
        for (let frame = 0; frame < 2; frame += 1) await new Promise(requestAnimationFrame);
        const scene = document.querySelector<HTMLElement>('[data-moment]');
        const main = scene?.querySelector<HTMLElement>('.main');
        if (!scene || !main) break;
        const { moment } = scene.dataset;
        const told = (what: string) => found.push(`${moment}, “${main.innerText}”: ${what}`);
        seen.add(moment!);
        const room = main.parentElement!;
        const broken = wordsOf(main);
        if (broken.length > 0) told(`broken: ${broken.join(', ')}`);
        if (main.scrollHeight > room.clientHeight + 2) told('too tall');
        if (main.scrollWidth > room.clientWidth + 2) told('too wide');
        const spoken = ['say', 'ask', 'goodbye'].includes(moment!);
        if (pixels(main) < (spoken ? 24 : least)) told(`type of ${pixels(main)} px`);
        const number = scene.querySelector('[data-count] .big');
        if (number && pixels(number) < least) told(`a number of ${pixels(number)} px`);
        const parts = [...scene.querySelectorAll('.main, .figure, .side, .count, .beside')];
        parts.forEach((part, at) => {
          const box = part.getBoundingClientRect();
          if (box.right > innerWidth + 1 || box.left < -1) told(`${part.className} is cut off`);
          for (const other of parts.slice(at + 1)) {
            if (part.contains(other) || other.contains(part)) continue;
            if (overlap(box, other.getBoundingClientRect()))
              told(`${part.className} lies over ${other.className}`);
          }
        });
        for (const element of document.querySelectorAll<HTMLElement>(
          'main p, main b, main span, main small, main button',
        )) {
          const own = [...element.childNodes].some(
            (one) => one.nodeType === 3 && one.textContent!.trim(),
          );
          const hidden =
            element.closest('svg, .sr-only, .land, [data-thing]') || !element.checkVisibility();
          if (own && !hidden && pixels(element) < 24)
            told(`“${element.innerText}” at ${pixels(element)} px`);
        }
        if (document.documentElement.scrollWidth > innerWidth) told('page too wide');
        if (document.documentElement.scrollHeight > innerHeight + 1) told('page too tall');
        const before = document.querySelector('[data-moment]')?.innerHTML;
        dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        await new Promise(requestAnimationFrame);
        if (key === 'ArrowLeft' && document.querySelector('[data-moment]')?.innerHTML === before)
          break;
        if (key === 'ArrowRight' && !document.querySelector('[data-moment]')) break;
      }
      return { found: [...new Set(found)], seen: [...seen] };
    },
    { key, least },
  );

test('no word is broken, nothing overlaps, all is large enough, in every kind of moment', async ({
  page,
}) => {
  test.slow();
  const adventure = everyMoment();
  const parsed = parseArrupJson(serializeArrupJson(adventure));
  expect(parsed.ok || parsed.problems).toBe(true);
  await openShelf(page);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'longest.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(serializeArrupJson(adventure)),
  });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  const id = page.url().split('/').at(-1)!;
  const seen = new Set<string>();
  const found: string[] = [];
  for (const [width, height, least] of SIZES) {
    await page.setViewportSize({ width, height });
    await page.goto(`/stage/${id}`);
    await page.getByRole('button', { name: /^(?:Go|From the start)$/u }).click();
    await page.keyboard.press('Space');
    await page.evaluate(() => document.fonts.ready);
    const led = await misfits(page, 'ArrowRight', least);
    found.push(...led.found.map((one) => `${width} x ${height}: ${one}`));
    led.seen.forEach((moment) => seen.add(moment));
  }
  expect(found).toEqual([]);
  expect([...seen].sort()).toEqual([
    'ask',
    'calm',
    'change',
    'count-in',
    'draw',
    'drink',
    'goodbye',
    'hold',
    'reps',
    'rest',
    'say',
    'show',
    'sum',
    'swap',
    'time',
  ]);
});

test('the demos fit too, on a tablet held upright', async ({ page }) => {
  test.slow();
  await page.setViewportSize({ width: 820, height: 1180 });
  for (const id of ['adv_late-letter', 'adv_six-lamps', 'adv_marsh-morning', 'adv_ferry-die']) {
    await begin(page, id);
    await page.keyboard.press('Space');
    await page.evaluate(() => document.fonts.ready);
    expect((await misfits(page, 'ArrowRight', 80)).found, id).toEqual([]);
  }
});
