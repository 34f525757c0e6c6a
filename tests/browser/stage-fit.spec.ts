/** Every kind of moment with the longest names there are, at every size of screen that is used. */
import type { Page } from '@playwright/test';
import { parseArrupJson, serializeArrupJson } from '../../src/core';
import { begin, expect, openShelf, test, WITH_MOTION } from './arrup';
import { everyMoment } from './every-moment';
import { misfits, SIZES } from './misfits';

test.describe('for who asked for nothing', () => {
  test.use(WITH_MOTION);
  test('no word is broken, nothing overlaps, all is large enough, at every size', ({ page }) =>
    fitsAt(page, SIZES));
});

// Type is fitted by what is measured at once: with less motion nothing may still be on its way.
test('for who asks for less motion it fits as well, on tablets and a phone', ({ page }) =>
  fitsAt(page, [SIZES[0], SIZES[2], SIZES[6]]));

/** In every kind of moment. */
async function fitsAt(page: Page, sizes: readonly (typeof SIZES)[number][]) {
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
  for (const [width, height, least] of sizes) {
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
}

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
