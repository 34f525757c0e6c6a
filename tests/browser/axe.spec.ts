import { check, MODES } from './clean';
import { expect, openShelf, pagesMade, test, lookAt, chooseMore } from './arrup';
import { test as plain } from '@playwright/test';

test('the shelf and what stands beside it is clean', async ({ page }) => {
  test.slow();
  await openShelf(page);
  await check(page, 'shelf');
  await page.goto('/settings');
  await expect(page.getByRole('button', { name: 'Remove the demo' })).toBeVisible();
  await check(page, 'settings');
  for (const beside of ['screen', 'remote', 'film']) {
    await page.goto(`/stage/adv_marsh-morning/${beside}`);
    await expect(page.getByRole('main')).toBeVisible();
    await check(page, `stage, ${beside}`);
  }
  await page.goto('/logbook');
  await expect(page.getByText('Nothing led yet')).toBeVisible();
  await check(page, 'empty logbook');
});

test('the moves are clean', async ({ page }) => {
  test.slow();
  await page.goto('/moves');
  await expect(page.getByRole('link', { name: /Frog jump/iu })).toBeVisible();
  // Some of them: all rows are made alike, and 250 of them take half a minute.
  await page.getByLabel('Find a move').fill('jump');
  await expect(page.getByRole('link', { name: /squat jump/iu })).toBeVisible();
  await expect(page.getByRole('link', { name: /march/iu })).toHaveCount(0);
  await check(page, 'moves');
  await page.goto('/moves/frog-jump');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await check(page, 'a move');
  await page.getByRole('button', { name: 'A copy to make your own' }).click();
  await expect(page.getByLabel('Name of the move')).toBeVisible();
  await check(page, 'own move');
  await page.getByLabel('How it is drawn').selectOption({ label: 'in poses of its own' });
  await expect(page.getByRole('slider', { name: /^head/u })).toBeVisible();
  await check(page, 'own move, its poses');
  await page.goto('/moves/pictures');
  await expect(page.getByRole('link', { name: 'march', exact: true })).toBeVisible();
  await check(page, 'moves in pictures');
});

test('the desk is clean', async ({ page }) => {
  test.slow();
  await page.goto('/desk/adv_six-lamps');
  await expect(page.locator('[data-strip]')).toBeVisible();
  await check(page, 'desk');
  await page.getByLabel('Name of this move in your story').nth(5).focus();
  // The rest of the page is as it was.
  await check(page, 'desk, a beat being edited', 'article:has(:focus)');
  await page
    .getByRole('button', { name: /^Move: / })
    .first()
    .click();
  await expect(page.getByRole('listbox')).toBeVisible();
  await check(page, 'desk, a move being looked for', 'article:has([role=listbox])');
});

test('a draw, and all there is to look at, is clean', async ({ page }) => {
  test.slow();
  await page.goto('/desk/adv_ferry-die');
  await expect(page.locator('[data-strip]')).toBeVisible();
  await page.locator('article[aria-label$="draw"] textarea').first().focus();
  await expect(page.locator('[data-odds]')).toBeVisible();
  await check(page, 'desk, a draw', 'article[aria-label$="draw"]');
  // Once from light to dark: to paint the whole script anew for each tab takes a minute.
  for (const mode of MODES)
    for (const tab of ['Notes', 'Expect', 'Body', 'Fit it', 'Story', 'Find']) {
      await lookAt(page, tab);
      await check(page, tab, '#look', [mode]);
    }
});

test('prep, the stage and its log are clean', async ({ page }) => {
  test.slow();
  await page.goto('/prep/adv_six-lamps');
  await pagesMade(page);
  await check(page, 'prep');
  await page.goto('/stage/adv_marsh-morning');
  await expect(page.getByRole('button', { name: 'Go', exact: true })).toBeVisible();
  await check(page, 'stage, ready');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.keyboard.press('Space');
  await check(page, 'stage, saying');
  for (let n = 0; n < 3; n += 1) await page.keyboard.press('ArrowRight');
  await check(page, 'stage, working');
  await page.keyboard.press('c');
  await expect(page.getByRole('group', { name: 'Change it' })).toBeVisible();
  await check(page, 'stage, being changed');
  await page.getByRole('button', { name: 'End here' }).click();
  await check(page, 'stage, done');
  await page.getByRole('link', { name: 'Look at it in the logbook' }).click();
  await expect(page.getByText('What to remember')).toBeVisible();
  await check(page, 'a session in the logbook');
  await page.goto('/logbook');
  await expect(page.getByRole('link', { name: /A marsh morning/u })).toBeVisible();
  await check(page, 'logbook');
});

test('a series, what could be next in it and what it covers are clean', async ({ page }) => {
  test.slow();
  await page.goto('/series');
  await check(page, 'no series');
  await page.getByRole('button', { name: 'Show me the half term' }).click();
  await page.getByRole('button', { name: /^What shall we do/u }).click();
  await expect(page.locator('[data-proposals] li').first()).toBeVisible();
  await check(page, 'a series');
  await page.getByText('What rides along', { exact: true }).click();
  await check(page, 'what rides along', '[data-coverage]');
  await page.setViewportSize({ width: 320, height: 640 });
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(320);
});

test('no place is wider than a phone of 320 pixels', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await openShelf(page);
  for (const path of [
    '/',
    '/desk/adv_six-lamps',
    '/desk/adv_ferry-die',
    '/stage/adv_ferry-die',
    '/prep/adv_six-lamps',
    '/stage/adv_six-lamps',
    '/stage/adv_six-lamps/screen',
    '/stage/adv_six-lamps/remote',
    '/stage/adv_six-lamps/film',
    '/moves',
    '/moves/frog-jump',
    '/moves/pictures',
    '/logbook',
    '/series',
    '/settings',
  ]) {
    await page.goto(path);
    await page.waitForTimeout(400);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width, path).toBeLessThanOrEqual(320);
  }
});

test('what tells of trouble is clean', async ({ page }) => {
  test.slow();
  await openShelf(page);
  await chooseMore(page, 'The late letter', 'Delete');
  await page.getByRole('link', { name: 'Trash' }).click();
  await expect(page.getByRole('button', { name: 'Put back “The late letter”' })).toBeVisible();
  await check(page, 'trash');
  await page.goto('/desk/adv_six-lamps/versions');
  await expect(page.getByText('There’s none yet.')).toBeVisible();
  await check(page, 'versions');
  await page.evaluate(() => {
    const known = JSON.parse(localStorage.getItem('arrup.changes') ?? '{}');
    localStorage.setItem('arrup.changes', JSON.stringify({ ...known, store: 'store_gone' }));
  });
  await page.goto('/');
  await expect(page.getByText('Something that was here is gone.')).toBeVisible();
  await check(page, 'shelf of another store');
  await page.goto('/desk/adv_six-lamps');
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Title of the adventure').fill('Six lamps, and one more');
  await expect(page.getByRole('alert', { name: 'Not saved' })).toBeVisible();
  await check(page, 'desk that can’t save');
});

plain('a page that is not there says so, and is clean', async ({ page }) => {
  // A page that is missing is told in the console too.
  await page.goto('/desk');
  await expect(page.getByRole('heading', { name: 'There’s no such page here.' })).toBeVisible();
  await check(page, 'no such page');
});

test('a recording and what is known by heart are clean', async ({ page }) => {
  test.slow();
  await page.goto('/review?adventure=adv_six-lamps');
  await expect(page.getByRole('button', { name: /Take the demo’s captions/ })).toBeVisible();
  await check(page, 'choosing a recording');
  await page.getByRole('button', { name: /Take the demo’s captions/ }).click();
  await page.getByRole('button', { name: 'Lay it along the script' }).click();
  await page.getByRole('button', { name: 'Move by hand' }).click();
  await expect(page.locator('[data-stretch]').first()).toBeVisible();
  await check(page, 'a recording');
  await page.goto('/logbook');
  await expect(page.locator('[data-plans-hold]')).toBeVisible();
  await check(page, 'logbook');
  await page.goto('/rehearse/adv_six-lamps');
  await page.getByRole('button', { name: 'Show me' }).click();
  await check(page, 'by heart');
});

test('ideas, a draft and a rhyme on its beats are clean', async ({ page }) => {
  test.slow();
  await openShelf(page);
  await page.getByRole('button', { name: 'First draft' }).click();
  await page.getByLabel('Minutes in the slot').fill('6');
  await page.getByRole('button', { name: 'Draft it' }).click();
  await expect(page.locator('[data-draft]')).toBeVisible();
  await check(page, 'a draft', '#draft');
  await page.getByRole('button', { name: 'New adventure' }).click();
  const input = page.getByLabel(/^Next line in/u).first();
  await input.fill('They cross a wobbly bridge');
  await expect(page.locator('[data-ideas] button')).toHaveCount(3);
  await check(page, 'ideas', '[data-chapter]');
  await input.fill('rhyme: Lamps are standing in a row = march; Up we climb = squat');
  await input.press('Enter');
  await page.getByLabel('Line 1', { exact: true }).click();
  await expect(page.locator('[data-chant]')).toHaveCount(2);
  await check(page, 'a rhyme', 'article:has([data-chant])');
  await page.getByRole('button', { name: 'Choose from pictures' }).first().click();
  await page.getByRole('button', { name: 'something to learn' }).click();
  await expect(page.locator('[data-learn]')).toBeVisible();
  await check(page, 'something to learn', '[data-learn]');
});
