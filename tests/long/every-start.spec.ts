/**
 * Every demo and every starting point, led to its end at every size: by keys with each cue looked at, by
 * touch, and by the remote. Half an hour of work: `npm run long`, beside `npm test`, which has a part of it.
 */
import { readdirSync } from 'node:fs';
import type { Page } from '@playwright/test';
import type { Run } from '../../src/core';
import { expect, openShelf, stored, test } from '../browser/arrup';
import { misfits, SIZES } from '../browser/misfits';

const STARTS = 'src/lib/shelf/starts';
const starts = readdirSync(STARTS).filter((name) => name.endsWith('.md'));
const demos = ['late-letter', 'six-lamps', 'marsh-morning', 'ferry-die'];

/** The adventure's id: a demo's own, or that of a starting point which is opened as a file. */
async function put(page: Page, name: string): Promise<string> {
  await openShelf(page);
  if (!name.endsWith('.md')) return `adv_${name}`;
  await page.getByLabel('Adventure file').setInputFiles(`${STARTS}/${name}`);
  const open = page.getByRole('button', { name: 'Open it', exact: true }).last();
  const shelve = page.getByRole('button', { name: 'Put it on the shelf' });
  await expect(open.or(shelve).first()).toBeVisible();
  if (await shelve.isVisible()) await shelve.click();
  await open.click();
  await page.waitForURL(/desk/u);
  return page.url().split('/').at(-1)!;
}

async function start(page: Page, id: string): Promise<void> {
  await page.goto(`/stage/${id}`);
  await page.getByRole('button', { name: /^(?:Go|From the start)$/u }).click();
  await expect(page.locator('[data-cue]')).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
}

/** Presses a button of a page, again and again, until the Stage is at its end. */
async function pressToTheEnd(page: Page, stage: Page, button: string): Promise<void> {
  const done = stage.getByRole('heading', { name: 'Well led!' });
  for (let n = 0; n < 500 && !(await done.isVisible()); n += 1) {
    const one = page.getByRole('button', { name: button, exact: true });
    if (await one.isVisible()) await one.click();
  }
  await expect(done).toBeVisible();
}

/** The last session that was kept went through its plan, cue by cue. */
async function wentThrough(page: Page): Promise<void> {
  const last = async () =>
    (await stored<Run>(page, 'runs'))
      .sort((a, b) => a.startedAt.localeCompare(b.startedAt))
      .at(-1)!;
  const planned = (await last()).plan.map(({ id }) => id);
  await expect
    .poll(async () => (await last()).leading.visits.map(({ cueId }) => cueId))
    .toEqual(planned);
}

for (const [n, name] of [...demos, ...starts].entries()) {
  test(`${name}: every cue fits at every size, by light and in the dark`, async ({ page }) => {
    test.setTimeout(600_000);
    const id = await put(page, name);
    const found: string[] = [];
    for (const [at, [width, height, least]] of SIZES.entries()) {
      await page.setViewportSize({ width, height });
      await page.emulateMedia({ colorScheme: (at + n) % 2 === 0 ? 'light' : 'dark' });
      await start(page, id);
      await page.keyboard.press('Space');
      const led = await misfits(page, 'ArrowRight', least);
      expect(led.seen.length).toBeGreaterThan(3);
      found.push(...led.found.map((one) => `${width} x ${height}: ${one}`));
    }
    expect(found).toEqual([]);
  });

  test(`${name}: by touch on a tablet, and by the remote on a phone`, async ({ page, context }) => {
    test.setTimeout(600_000);
    const id = await put(page, name);
    await page.setViewportSize({ width: 820, height: 1180 });
    await start(page, id);
    await pressToTheEnd(page, page, 'Next');
    await wentThrough(page);
    await start(page, id);
    const remote = await context.newPage();
    await remote.setViewportSize({ width: 390, height: 844 });
    await remote.goto(`/stage/${id}/remote`);
    await pressToTheEnd(remote, page, 'Next');
    await wentThrough(page);
  });
}
