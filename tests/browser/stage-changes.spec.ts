import { readdirSync } from 'node:fs';
import { begin, expect, leafTo, openShelf, stored, test, withScreen, WITH_MOTION } from './arrup';
import type { Page } from '@playwright/test';

test.use(WITH_MOTION);

type Kept = {
  adaptations?: { what: string }[];
  points?: number;
  debrief?: { length: string | null; effort: string | null; next: string | null };
  leading: { done: boolean };
};

/** Begun and paused: nothing goes on by itself. */
async function beginPaused(page: Page, id: string) {
  await begin(page, id);
  await page.keyboard.press('Space');
}

test('changes with single keys: more, a drink, easier, skip; all in the log with the debrief', async ({
  page,
}) => {
  await beginPaused(page, 'adv_late-letter');
  await leafTo(page, '[data-cue=work]');
  const told = page.locator('[data-told]');
  await page.keyboard.press('+');
  await expect(told).toHaveText(/^A third more, \d+ s longer$/u);
  await page.keyboard.press('d');
  await expect(told).toHaveText(/^A drink comes next, \d+ s longer$/u);
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-cue=drink]')).toBeVisible();
  await page.keyboard.press('s');
  await expect(told).toHaveText('Skipped');
  await leafTo(page, '[data-cue=work]');
  // The same by touch: the panel has what makes sense here, and closes by itself.
  await page.getByRole('button', { name: 'Change it' }).click();
  const panel = page.getByRole('group', { name: 'Change it' });
  await panel.getByRole('button', { name: /^Once more/u }).click();
  await expect(panel).toHaveCount(0);
  await page.getByRole('button', { name: 'End here' }).click();
  await page.getByRole('button', { name: 'Too long' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  const run = async () => (await stored<Kept>(page, 'runs'))[0]!;
  await expect.poll(async () => (await run()).debrief?.next).toBe('keep');
  const kept = await run();
  expect(kept.adaptations!.map(({ what }) => what)).toEqual(['more', 'drink', 'again']);
  expect(kept.debrief).toEqual({ length: 'too long', effort: null, next: 'keep' });
  await page.getByRole('link', { name: 'Look at it in the logbook' }).click();
  await expect(page.locator('[data-said]')).toContainText('You said: too long, keep it.');
  await expect(page.locator('[data-said]')).toContainText('A drink comes next');
});

test('an easier form is shown at once, and stays after a reload', async ({ page }) => {
  await beginPaused(page, 'adv_late-letter');
  for (let n = 0; n < 120; n += 1) {
    if (await page.locator('[data-cue=work]').isVisible()) {
      await page.keyboard.press('e');
      if ((await page.locator('[data-told]').innerText()).startsWith('Easier: bob')) break;
    }
    await page.keyboard.press('ArrowRight');
  }
  await expect(page.locator('[data-cue=show]')).toBeVisible();
  const name = (await page.locator('[data-cue] .main').textContent())!;
  await expect.poll(async () => (await stored<Kept>(page, 'runs'))[0]?.adaptations?.length).toBe(1);
  await page.reload();
  await page.getByRole('button', { name: 'Carry on' }).click();
  await expect(page.locator('[data-cue] .main')).toHaveText(name);
});

test('over the slot it offers to shorten the rest, in one press', async ({ page }) => {
  await page.goto('/desk/adv_late-letter');
  await page.getByLabel('Minutes in the slot').fill('5');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await beginPaused(page, 'adv_late-letter');
  await expect(page.getByText('over the slot')).toBeVisible();
  await page.getByRole('button', { name: /^Shorten the rest by \d:\d\d$/u }).click();
  await expect(page.locator('[data-told]')).toHaveText(
    /^The rest is shortened to fit the slot, .* shorter$/u,
  );
  await expect(page.getByRole('button', { name: /^Shorten the rest/u })).toHaveCount(0);
});

test('a screen for the children and a remote follow the Stage, each in a window of its own', async ({
  page,
  context,
}) => {
  const screen = await withScreen(page, 'adv_late-letter');
  await expect(screen.getByText('This window follows the Stage')).toBeVisible();
  const remote = await context.newPage();
  await remote.goto('/stage/adv_late-letter/remote');
  await page.bringToFront();
  await beginPaused(page, 'adv_late-letter');
  await expect(screen.locator('[data-shown=say]')).toContainText('Listen');
  await leafTo(page, '[data-cue=work]');
  const main = (await page.locator('[data-cue] .main').innerText()).toLowerCase();
  await expect(screen.locator('.main')).toHaveText(new RegExp(`^${main}$`, 'iu'));
  await expect(screen.getByText('Good morning, post carriers')).toHaveCount(0);
  await remote.getByRole('button', { name: 'Drink now' }).click();
  await remote.getByRole('button', { name: 'Next' }).click();
  await expect(page.locator('[data-cue=drink]')).toBeVisible();
  await expect(screen.locator('[data-shown=drink]')).toBeVisible();
  await page.getByRole('button', { name: 'End here' }).click();
  await expect(screen.locator('[data-shown=over]')).toContainText('Well done!');
  await expect(remote.locator('[data-remote=over]')).toBeVisible();
});

test('points are called out at stations, for all together, and a hold waits for everybody', async ({
  page,
}) => {
  await page.goto('/stage/adv_six-lamps');
  await page.getByLabel('How a hold begins').selectOption('wait for me');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.keyboard.press('Space');
  await leafTo(page, '[data-points]');
  await page.getByRole('button', { name: /^\+5 all six at once/u }).click();
  await page.keyboard.press('1');
  await expect(page.locator('[data-points="6"]')).toContainText('6 points, all of you together');
  for (let n = 0; n < 120; n += 1) {
    if (await page.locator('[data-into=hold]').isVisible()) break;
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('Space');
  await expect(page.getByText('Press when everybody is in')).toBeVisible();
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.locator('[data-cue=hold]')).toBeVisible();
});

test('reps are counted by taps, by key and on the ring itself', async ({ page }) => {
  await page.goto('/stage/adv_late-letter');
  await page.getByLabel('How reps are counted').selectOption('taps');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await leafTo(page, '[aria-label="Count one"]');
  const of = page.locator('[data-count]');
  await page.keyboard.press('PageDown');
  await expect(of).toContainText('1');
  await page.getByRole('button', { name: 'Count one' }).click();
  await expect(of).toContainText('2');
  await page.getByRole('button', { name: 'Count', exact: true }).click();
  await expect(of).toContainText('3');
});

test('a rehearsal step by step waits for every press', async ({ page }) => {
  await page.goto('/stage/adv_marsh-morning');
  await page.getByLabel('For real or as a rehearsal').selectOption('0');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  const clock = page.locator('[data-remaining]');
  const stood = await clock.innerText();
  await page.waitForTimeout(1200);
  expect(await clock.innerText()).toBe(stood);
  await page.keyboard.press('ArrowRight');
  await expect(clock).not.toHaveText(stood);
  await expect(page.getByText('Rehearsal')).toBeVisible();
});

test('a whole session with touch alone', async ({ browser }) => {
  const context = await browser.newContext({
    hasTouch: true,
    serviceWorkers: 'block',
    viewport: { width: 1024, height: 768 },
  });
  const page = await context.newPage();
  await page.goto('/stage/adv_marsh-morning');
  await page.getByRole('button', { name: 'Go', exact: true }).tap();
  const next = page.getByRole('button', { name: 'Next', exact: true });
  for (let n = 0; n < 200 && (await next.isVisible()); n += 1) {
    await next.tap({ timeout: 2000 }).catch(() => {});
  }
  await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();
  await page.getByRole('button', { name: 'Just right' }).first().tap();
  await expect
    .poll(async () => (await stored<Kept>(page, 'runs'))[0]?.debrief?.length)
    .toBe('right');
  await context.close();
});

test('a whole session of every kind of beat by the clock alone, sped up', async ({ page }) => {
  test.slow();
  await openShelf(page);
  const script = [
    '# Every kind',
    '## Game',
    'Who is here?',
    '- 4 squats',
    '- circuit 2 rounds 10 s rest 5: squat, march',
    '- die 3 throws: squats, march 10 s',
    '- chain: squats, arm circles, stamps',
    '- rhyme 4 beats: Lamps in a row = march; Out they go = squat',
    '- drink 10 s',
  ].join('\n\n');
  await page
    .getByLabel('Adventure file')
    .setInputFiles({ name: 'every.md', mimeType: 'text/markdown', buffer: Buffer.from(script) });
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await page.waitForURL(/desk/u);
  await page.goto(`${page.url().replace('/desk/', '/stage/')}?speed=60`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();
  type Run = {
    plan: { id: string }[];
    leading: { visits: { cueId: string; cutShort: boolean }[] };
  };
  const ran = async () => (await stored<Run>(page, 'runs'))[0]!;
  const planned = (await ran()).plan.map(({ id }) => id);
  // The last of the log is written while the page says "Well led!" already.
  const visited = async () => (await ran()).leading.visits.map(({ cueId }) => cueId);
  await expect.poll(visited).toEqual(planned);
  const run = await ran();
  expect(run.leading.visits.some(({ cutShort }) => cutShort)).toBe(false);
});

// All of them are led so in tests/outside/starts.test.ts; here a few of different kinds.
const LED_TO_THE_END = /^(?:s2|s8|s16)-/u;
test('starting points can be led to their end with next alone', async ({ page }) => {
  test.slow();
  const files = readdirSync('src/lib/shelf/starts').filter((file) => LED_TO_THE_END.test(file));
  expect(files).toHaveLength(3);
  for (const file of files) {
    await openShelf(page);
    await page.getByLabel('Adventure file').setInputFiles(`src/lib/shelf/starts/${file}`);
    await page.getByRole('button', { name: 'Open it', exact: true }).last().click();
    await page.waitForURL(/desk/u);
    await page.goto(page.url().replace('/desk/', '/stage/'));
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    for (let n = 0; n < 40; n += 1) {
      for (let k = 0; k < 20; k += 1) await page.keyboard.press('PageDown');
      if (await page.getByRole('heading', { name: 'Well led!' }).isVisible()) break;
    }
    await expect(page.getByRole('heading', { name: 'Well led!' }), file).toBeVisible();
  }
});

test('music of one’s own is kept in this browser, and given back', async ({ page }) => {
  await page.goto('/settings');
  await page.getByText('A little music').click();
  await expect(page.getByRole('switch', { name: 'A little music' })).toBeChecked();
  await expect(page.getByText('a small tune of Arrup’s own')).toBeVisible();
  await page
    .getByLabel('Music of your own')
    .setInputFiles({ name: 'reed.wav', mimeType: 'audio/wav', buffer: Buffer.alloc(44) });
  await page.reload();
  await expect(page.getByText('It’s “reed.wav”, from this browser.')).toBeVisible();
  await page.getByRole('button', { name: 'back to the small tune' }).click();
  await expect(page.getByText('a small tune of Arrup’s own')).toBeVisible();
});
