import { serializeArrupJson } from '../../src/core';
import { drawBeat, withBeats } from '../../src/core/testing/make';
import { begin, expect, leafTo, openShelf, stored, test, withScreen, WITH_MOTION } from './arrup';

test.use(WITH_MOTION);

type Kept = {
  note: string;
  leading: { done: boolean; visits: { cueId: string }[] };
  takes?: { beatId: string; mark: string | null; lengthSeconds: number }[];
};

test('a key starts it, ending is taken back, and what was ended is offered again', async ({
  page,
}) => {
  await page.goto('/stage/adv_late-letter');
  await expect(page.getByRole('button', { name: 'Go', exact: true })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(page.locator('[data-moment=say]')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.locator('[data-paused]')).toContainText('Paused');
  await leafTo(page, '[data-moment=reps]');
  const name = await page.locator('.main').innerText();
  await page.getByRole('button', { name: 'End here' }).click();
  await expect(page.locator('[data-ended]')).toBeVisible();
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.locator('.main')).toHaveText(name);
  await expect(page.locator('[data-paused]')).toBeVisible();
  await page.getByRole('button', { name: 'End here' }).click();
  await page.getByLabel('What to remember').fill('The frogs were a triumph');
  await page.getByRole('button', { name: 'Too hard' }).click();
  await expect(page.getByRole('button', { name: 'Make a gentler copy' })).toBeVisible();
  const run = async () => (await stored<Kept>(page, 'runs'))[0];
  await expect.poll(async () => (await run())?.note).toBe('The frogs were a triumph');
  await page.reload();
  await page.getByRole('button', { name: 'Carry on' }).click();
  await expect(page.locator('.main')).toHaveText(name);
  expect(await stored<Kept>(page, 'runs')).toHaveLength(1);
});

test('a change tells what it does before and after; the count stays large beside it', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await begin(page, 'adv_late-letter');
  await page.keyboard.press('Space');
  await leafTo(page, '[data-moment=reps]');
  await page.keyboard.press('c');
  const panel = page.getByRole('group', { name: 'Change it' });
  const more = panel.getByRole('button', { name: /^More\s*\d+ s longer/u });
  const told = /\d+ s longer/u.exec(await more.innerText())![0];
  const pixels = await page
    .locator('[data-count] .big')
    .evaluate((number) => parseFloat(getComputedStyle(number).fontSize));
  expect(pixels).toBeGreaterThanOrEqual(80);
  await more.click();
  await expect(page.locator('[data-told]')).toHaveText(`A third more, ${told}`);
});

test('a draw falls on both screens, lies beside its move, and its sum is asked on a slate', async ({
  page,
}) => {
  await openShelf(page);
  const script =
    '# Suns\n\n## Game\n\n- cards 2 draws x 2 asked first: suns = squat; moons = stamp';
  await page
    .getByLabel('Adventure file')
    .setInputFiles({ name: 'suns.md', mimeType: 'text/markdown', buffer: Buffer.from(script) });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  const id = page.url().split('/').at(-1)!;
  const screen = await withScreen(page, id);
  await begin(page, id);
  await page.keyboard.press('Space');
  await leafTo(page, '[data-moment=draw]');
  for (const window of [page, screen]) {
    const card = window.locator('[data-moment=draw] [data-thing=card]');
    const [box, scene] = [await card.boundingBox(), await window.locator('.middle').boundingBox()];
    expect(box!.width).toBeGreaterThan(scene!.width * 0.36);
    expect(box!.height).toBeGreaterThan(scene!.height * 0.8);
    await expect(window.locator('.told')).toHaveCSS('opacity', '1');
  }
  const sign = await page.locator('.corner').first().innerText();
  await leafTo(page, '[data-moment=sum]');
  for (const window of [page, screen]) {
    await expect(window.locator('[data-moment=sum] .main')).toHaveText(`${sign} × 2 = ?`);
  }
  await leafTo(page, '[data-moment=reps]');
  for (const window of [page, screen]) {
    await expect(window.locator('[data-beside]')).toContainText(
      `${sign} × 2 = ${Number(sign) * 2}`,
    );
    await expect(window.locator('[data-beside] [data-thing=card]')).toBeVisible();
  }
});

test('who asks for less motion, or for quick throws, sees at once what was drawn', async ({
  browser,
}) => {
  for (const quick of [true, false]) {
    const context = await browser.newContext({
      serviceWorkers: 'block',
      reducedMotion: quick ? 'no-preference' : 'reduce',
    });
    const page = await context.newPage();
    await page.goto('/stage/adv_ferry-die');
    if (quick) await page.getByLabel('How a draw falls').selectOption('quick');
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    await leafTo(page, '[data-moment=draw]');
    await expect(page.locator('.draw')).not.toHaveClass(/falling/u);
    // What was on before it may still be going out.
    await expect
      .poll(() =>
        page.evaluate(
          () => document.querySelector('.draw')!.getAnimations({ subtree: true }).length,
        ),
      )
      .toBe(0);
    await context.close();
  }
});

test('the remote shows what is on, what to say and what comes next', async ({ page, context }) => {
  const remote = await context.newPage();
  await remote.setViewportSize({ width: 390, height: 844 });
  await begin(page, 'adv_late-letter');
  await remote.goto('/stage/adv_late-letter/remote');
  await expect(remote.locator('.said')).toContainText('Good morning, post carriers');
  await expect(remote.locator('[data-next]')).toContainText('Arms out, turn around once');
  await remote.getByRole('button', { name: 'Pause' }).click();
  await expect(page.locator('[data-paused]')).toBeVisible();
  for (let n = 0; n < 60 && !(await page.locator('[data-moment=reps]').isVisible()); n += 1)
    await remote.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(remote.locator('.name')).toHaveText(/, 1 of \d+/u);
  await remote.getByRole('button', { name: 'Fewer' }).click();
  await expect(page.locator('[data-told]')).toContainText('A third fewer');
});

test('alone before a camera: takes, again and good, in the log and as a list', async ({ page }) => {
  await page.goto('/stage/adv_marsh-morning/film');
  await expect(page.locator('.line.on')).toContainText('Hello, ducklings!');
  const take = async (key: 'a' | 'g') => {
    await page.keyboard.press('Space');
    await expect(page.locator('[data-film-count]')).toBeVisible();
    await expect(page.locator('[data-film-count]')).toHaveCount(0);
    await page.waitForTimeout(400);
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: 'Good, next beat' })).toBeVisible();
    await page.keyboard.press(key);
  };
  await take('a');
  await expect(page.locator('[data-takes="1"]')).toBeVisible();
  await take('g');
  await expect(page.locator('.line.on')).not.toContainText('Hello, ducklings!');
  const takes = async () => (await stored<Kept>(page, 'runs'))[0]!.takes!.map(({ mark }) => mark);
  await expect.poll(takes).toEqual(['again', 'good']);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'List of takes' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('takes.csv');
  await page.goto('/logbook');
  await page
    .getByRole('link', { name: /marsh morning/u })
    .first()
    .click();
  await expect(page.locator('[data-film]')).toContainText('Filmed in 2 takes');
});

test('until all were seen, it says how many are still to come', async ({ page }) => {
  const draw = drawBeat(['squat', 'march', 'stamp'], {
    rules: { stop: { after: 'all seen', most: 30 } },
  });
  await openShelf(page);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'all.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(serializeArrupJson(withBeats(draw))),
  });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  await page.goto(page.url().replace('/desk/', '/stage/'));
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.keyboard.press('Space');
  await leafTo(page, '[data-moment=draw]');
  const left = page.locator('[data-left]');
  // While it falls nothing is told of what it will be.
  await expect(left).toHaveText('Draw 1 · 3 still to come');
  await page.keyboard.press('ArrowRight');
  await expect(left).toHaveText('Draw 1 · 2 still to come');
  await leafTo(page, '[data-left="0"]');
  await expect(left).toContainText('all have come');
});
