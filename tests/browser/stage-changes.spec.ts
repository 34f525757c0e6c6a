import { expect, openShelf, stored, test } from './arrup';
import type { Page } from '@playwright/test';

type Kept = {
  adaptations?: { what: string }[];
  points?: number;
  debrief?: { length: string | null; effort: string | null; next: string | null };
  leading: { done: boolean };
};

async function begin(page: Page, id: string) {
  await openShelf(page);
  await page.goto(`/stage/${id}`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.locator('[data-cue]')).toBeVisible();
  await page.keyboard.press('Space');
}

/** On with "next" until the cue is of this kind. */
async function leafTo(page: Page, selector: string) {
  for (let n = 0; n < 120; n += 1) {
    if (await page.locator(selector).isVisible()) return;
    await page.keyboard.press('ArrowRight');
  }
  throw new Error(`no ${selector}`);
}

test('changes with single keys: more, a drink, easier, skip; all in the log with the debrief', async ({
  page,
}) => {
  await begin(page, 'adv_late-letter');
  await leafTo(page, '[data-cue=work]');
  const told = page.locator('[data-told]');
  await page.keyboard.press('+');
  await expect(told).toHaveText('A third more');
  await page.keyboard.press('d');
  await expect(told).toHaveText('A drink comes next');
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
  await begin(page, 'adv_late-letter');
  for (let n = 0; n < 120; n += 1) {
    if (await page.locator('[data-cue=work]').isVisible()) {
      await page.keyboard.press('e');
      if ((await page.locator('[data-told]').innerText()).startsWith('Easier: chair')) break;
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
  await openShelf(page);
  await page.goto('/desk/adv_late-letter');
  await page.getByLabel('Minutes in the slot').fill('8');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await begin(page, 'adv_late-letter');
  await expect(page.getByText('over the slot')).toBeVisible();
  await page.getByRole('button', { name: 'Shorten the rest' }).click();
  await expect(page.locator('[data-told]')).toHaveText('The rest is shortened to fit the slot');
  await expect(page.getByRole('button', { name: 'Shorten the rest' })).toHaveCount(0);
});

test('a screen for the children and a remote follow the Stage, each in a window of its own', async ({
  page,
  context,
}) => {
  await openShelf(page);
  const screen = await context.newPage();
  await screen.goto('/stage/adv_late-letter/screen');
  await expect(screen.getByText('This window follows the Stage')).toBeVisible();
  const remote = await context.newPage();
  await remote.goto('/stage/adv_late-letter/remote');
  await page.bringToFront();
  await begin(page, 'adv_late-letter');
  await expect(screen.locator('[data-shown=say]')).toContainText('Listen');
  await leafTo(page, '[data-cue=work]');
  const main = (await page.locator('[data-cue] .main').innerText()).toLowerCase();
  await expect(screen.locator('.name')).toHaveText(new RegExp(`^${main}$`, 'iu'));
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
  await openShelf(page);
  await page.goto('/stage/adv_six-lamps');
  await page.getByLabel('How a hold begins').selectOption('wait for me');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.keyboard.press('Space');
  await leafTo(page, '[data-points]');
  await page.getByRole('button', { name: '+5' }).click();
  await page.getByRole('button', { name: '+1' }).click();
  await expect(page.locator('[data-points="6"]')).toContainText('6 points, all of you together');
  for (let n = 0; n < 120; n += 1) {
    const over = page.locator('[data-cue=count-in] .over');
    if ((await over.isVisible()) && (await over.innerText()) === 'Everybody in') break;
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('Space');
  await expect(page.getByText('Press when everybody is in')).toBeVisible();
  await page.getByRole('button', { name: 'All in' }).click();
  await expect(page.locator('[data-cue=hold]')).toBeVisible();
});
