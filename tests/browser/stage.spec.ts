import { begin, expect, leafTo, stored, test, WITH_MOTION } from './arrup';
import type { Page } from '@playwright/test';

test.use(WITH_MOTION);

type Kept = {
  id: string;
  plan: { id: string }[];
  leading: { done: boolean; index: number; visits: { cueId: string; cutShort: boolean }[] };
};

/** Ends the session, and waits until its end is in the log. */
async function endHere(page: Page) {
  await page.getByRole('button', { name: 'End here' }).click();
  await expect
    .poll(async () => (await stored<Kept>(page, 'runs')).every(({ leading }) => leading.done))
    .toBe(true);
}

test('leads with keys: next, back, pause, go on, and a page-turner', async ({ page }) => {
  await begin(page, 'adv_late-letter');
  const main = page.locator('[data-cue] .main');
  await expect(main).toContainText('Good morning, post carriers');
  await page.keyboard.press('ArrowRight');
  await expect(main).toContainText('Arms out, turn around once');
  await page.keyboard.press('PageDown');
  await expect(main).toContainText('This letter is for Old Marrow');
  await page.keyboard.press('PageUp');
  await expect(main).toContainText('Arms out');
  await page.keyboard.press('Space');
  const clock = page.locator('[data-remaining]');
  const stood = await clock.innerText();
  await page.waitForTimeout(1500);
  expect(await clock.innerText()).toBe(stood);
  await page.keyboard.press('Space');
  await expect(clock).not.toHaveText(stood);
});

test('can be led to the end with nothing but the Next button', async ({ page }) => {
  test.slow();
  await begin(page, 'adv_marsh-morning');
  const next = page.getByRole('button', { name: 'Next' });
  for (let n = 0; n < 200 && (await next.isVisible()); n += 1) {
    await next.click({ timeout: 2000 }).catch(() => {});
  }
  await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();
  const [run] = await stored<Kept>(page, 'runs');
  expect(run!.leading.visits.map((visit) => visit.cueId)).toEqual(run!.plan.map((cue) => cue.id));
});

test('goes on at the same place after a reload, with the log whole', async ({ page }) => {
  await begin(page, 'adv_late-letter');
  for (let n = 0; n < 8; n += 1) await page.keyboard.press('ArrowRight');
  const shown = await page.locator('[data-cue] .main').textContent();
  await expect
    .poll(async () => (await stored<Kept>(page, 'runs'))[0]?.leading.visits.length)
    .toBe(8);
  await page.reload();
  await expect(page.getByText('You stopped at')).toBeVisible();
  const [before] = await stored<Kept>(page, 'runs');
  expect(before!.leading.visits).toHaveLength(8);
  await page.getByRole('button', { name: 'Carry on' }).click();
  await expect(page.locator('[data-cue] .main')).toHaveText(shown!);
  await page.getByRole('button', { name: 'End here' }).click();
  await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();
  const [after, ...others] = await stored<Kept>(page, 'runs');
  expect(others).toEqual([]);
  expect(after!.id).toBe(before!.id);
  expect(after!.leading.done).toBe(true);
  expect(after!.leading.visits.slice(0, 8)).toEqual(before!.leading.visits);
});

test('waits after a spoken line if it is asked to', async ({ page }) => {
  await page.goto('/stage/adv_marsh-morning?speed=30');
  await page.getByLabel('After a spoken line').selectOption('wait for me');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.getByText('Go on when you’re ready')).toBeVisible();
  await page.waitForTimeout(500);
  await expect(page.locator('[data-cue] .main')).toContainText('Hello, ducklings!');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.locator('[data-cue] .main')).toContainText('Socks off');
});

test('word, arrow and figure point to one side, and the leader who faces them is told', async ({
  page,
}) => {
  await begin(page, 'adv_late-letter');
  const right = page.locator('[data-side=right]');
  await leafTo(page, '[data-side=right]');
  await expect(right).toHaveText('right');
  const [arrow, figure] = await Promise.all([
    right.boundingBox(),
    page.locator('[data-figures]').boundingBox(),
  ]);
  expect(arrow!.x).toBeGreaterThanOrEqual(figure!.x + figure!.width - 1);
  await expect(page.locator('[data-remark]')).toHaveText('Facing them: your other side');
});

test('a session that was led shows on the shelf; a rehearsal does not', async ({ page }) => {
  await begin(page, 'adv_marsh-morning', '?speed=60');
  await endHere(page);
  await page.goto('/');
  const row = page.locator('main li').filter({ hasText: 'A marsh morning' });
  await expect(row).toContainText('not led yet');
  await begin(page, 'adv_marsh-morning');
  await endHere(page);
  await page.goto('/');
  await expect(row).toContainText('last led');
});
