import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { leafTo, pagesMade } from '../browser/arrup';

const picture = (page: Page, name: string) =>
  page.screenshot({ path: `docs/screenshots/${name}.png` });

async function open(page: Page, path: string) {
  await page.goto('/');
  await expect(page.locator('main li').first()).toBeVisible();
  await page.goto(path);
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(500);
}

/** Leafs on until the stage shows this. */
async function leadTo(page: Page, selector: string) {
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await leafTo(page, selector);
  // What falls has fallen by then.
  const falls = await page.locator('.falling').first().isVisible();
  await page.waitForTimeout(falls ? 2400 : 900);
}

test('shelf', async ({ page }) => {
  await open(page, '/');
  await picture(page, 'shelf');
});

test('desk', async ({ page }) => {
  await open(page, '/desk/adv_late-letter');
  await page
    .getByLabel(/^Next line in/u)
    .first()
    .fill('We hear the wobbly bridge creak');
  await page.locator('[data-ideas] button').nth(2).waitFor();
  await page.waitForTimeout(600);
  await picture(page, 'desk');
});

test('moves', async ({ page }) => {
  await open(page, '/moves');
  await picture(page, 'moves');
  await open(page, '/moves/frog-jump');
  await picture(page, 'move');
});

test('a series, and what could be next in it', async ({ page }) => {
  await open(page, '/series');
  await page.getByRole('button', { name: 'Show me the half term' }).click();
  await page.getByRole('button', { name: /^What shall we do/u }).click();
  await page.locator('[data-proposals] li').first().waitFor();
  await page
    .locator('[data-session]')
    .nth(1)
    .evaluate((line) => {
      scrollTo(0, line.getBoundingClientRect().top + scrollY);
    });
  await page.waitForTimeout(300);
  await picture(page, 'series');
});

test('desk, with notes', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'New adventure' }).click();
  await page.getByLabel('Title of the adventure').fill('The fog that forgot its way home');
  const lines = [
    ['Welcome', 'Who has seen the fog this morning?'],
    ['The adventure', '24 frog jumps as ditch leaps: Over the ditch, and do not lose the lamp!'],
    ['The adventure', 'hold plank 6 s as flat boat: Flat as a boat in the fog.'],
    ['The adventure', 'hop 5 on the left leg as stone hops: One stone, two stones.'],
  ] as const;
  for (const [chapter, line] of lines) {
    await page.getByLabel(`Next line in ${chapter}`).fill(line);
    await page.keyboard.press('Enter');
  }
  await page.evaluate(() => {
    (document.activeElement as HTMLElement).blur();
    scrollTo(0, 0);
  });
  await page.keyboard.press('Control+.');
  await page.mouse.move(5, 5);
  await page.waitForTimeout(400);
  await picture(page, 'desk-notes');
});

test('prep', async ({ page }) => {
  await open(page, '/prep/adv_ferry-die');
  await picture(page, 'prep');
  await pagesMade(page);
  await page.getByRole('heading', { name: 'To print' }).evaluate((one) => one.scrollIntoView());
  await expect(page.locator('[data-page] canvas').first()).toBeVisible();
  await page.waitForTimeout(1500);
  await picture(page, 'prep-pages');
  await page.getByRole('button', { name: 'A film to follow along' }).click();
  const panel = page.locator('[data-film-panel]');
  await expect(panel.locator('[data-still]')).not.toHaveAttribute('data-still', 'loading');
  await panel.scrollIntoViewIfNeeded();
  await page.waitForTimeout(500);
  await picture(page, 'prep-film');
});

test('stage', async ({ page }) => {
  await open(page, '/stage/adv_late-letter');
  await picture(page, 'stage-ready');
  await leadTo(page, '[data-cue=work] [data-side=right]');
  await picture(page, 'stage-move');
});

test('what a colleague sent back, side by side', async ({ page }) => {
  await open(page, '/');
  const sent = JSON.parse(readFileSync('src/lib/demo/six-lamps.arrup.json', 'utf8'));
  delete sent.checksum;
  sent.title = 'Seven lamps before dark';
  sent.setting.group = 20;
  sent.chapters[0].beats[0].text = 'Good evening, lamplighters. Is everybody warm?';
  const [first, ...others] = sent.chapters[1].beats;
  sent.chapters[1].beats = [...others, first];
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'seven-lamps.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(sent)),
  });
  await page.getByRole('button', { name: 'Lay both side by side' }).click();
  await page.locator('[data-difference=moved]').waitFor();
  await picture(page, 'side-by-side');
});

test('logbook', async ({ page }) => {
  await open(page, '/stage/adv_marsh-morning?speed=30');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.waitForTimeout(2500);
  await page.keyboard.press('Space');
  await page.waitForTimeout(900);
  await page.keyboard.press('Space');
  await page.waitForTimeout(1500);
  await page.keyboard.press('ArrowRight');
  const book = page.getByRole('link', { name: 'Look at it in the logbook' });
  await book.click({ timeout: 30_000 });
  await page
    .getByLabel('What to remember')
    .fill('Hare hops took twice as long. Everybody wanted to be the hare.');
  await page.getByText('Saved in this browser').waitFor();
  await page.waitForTimeout(800);
  await picture(page, 'logbook-session');
  await page.goto('/logbook');
  await page.waitForTimeout(500);
  await picture(page, 'logbook');
});

test('a recording', async ({ page }) => {
  await open(page, '/review?adventure=adv_six-lamps');
  await page.getByRole('button', { name: /Take the demo’s captions/ }).click();
  await page.getByRole('button', { name: 'Lay it along the script' }).click();
  await page.locator('[data-summary]').waitFor();
  await page.waitForTimeout(500);
  await picture(page, 'review');
});

test('settings', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await open(page, '/settings');
  await picture(page, 'settings-dark');
});

test('desk, a draw being written', async ({ page }) => {
  await open(page, '/desk/adv_ferry-die');
  const beat = page.locator('article[aria-label$="draw"]');
  await beat.getByLabel('What you say before the draws').focus();
  await expect(beat.locator('[data-odds]')).toBeVisible();
  await beat.evaluate((row) => scrollTo(0, row.getBoundingClientRect().top + scrollY - 130));
  await page.waitForTimeout(400);
  await picture(page, 'desk-draw');
});

test('stage, a draw', async ({ page }) => {
  await open(page, '/stage/adv_ferry-die');
  await leadTo(page, '[data-cue=draw]');
  await picture(page, 'stage-draw');
});

test('shelf, starting from a shape', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Ready-made sessions' }).click();
  await expect(page.locator('[data-starts] svg').nth(17)).toBeAttached();
  await page.waitForTimeout(300);
  await picture(page, 'shelf-shapes');
});
