import type { Page } from '@playwright/test';
import {
  expect,
  lengthOnDesk,
  lookAt,
  openDesk,
  openShelf,
  startNew,
  test,
  typeLine,
} from './arrup';

const DEMOS = ['The late letter', 'Six lamps before dark', 'The ferry die', 'A marsh morning'];

test('the script begins in the upper quarter, and twenty lines fit in two and a half screens', async ({
  page,
}) => {
  for (const title of DEMOS) {
    await openDesk(page, title);
    const lines = page.locator('[data-beat]');
    const top = await lines.first().evaluate((line) => line.getBoundingClientRect().top);
    expect(top, title).toBeLessThanOrEqual(230);
    // Every line is laid out, also those that nobody has scrolled to yet.
    const high = await page.evaluate(() => {
      for (const line of document.querySelectorAll<HTMLElement>('.line'))
        line.style.contentVisibility = 'visible';
      return document.documentElement.scrollHeight;
    });
    if ((await lines.count()) <= 20) expect(high, title).toBeLessThanOrEqual(2.5 * 800);
  }
});

/** What can be pressed and is smaller than 24 pixels. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('main :is(button, a, select, input, summary)')]
      .map((one) => ({ one, box: one.getBoundingClientRect() }))
      .filter(({ one, box }) => box.width > 2 && one.checkVisibility() && !one.closest('p.text-sm'))
      .filter(({ box }) => box.height < 24 || box.width < 24)
      .map(({ one, box }) => `${one.outerHTML.slice(0, 120)} ${box.width} x ${box.height}`),
  );

for (const [wide, high] of [
  [1280, 800],
  [1024, 768],
  [820, 1180],
  [390, 844],
  [640, 400],
] as const) {
  test(`nothing sticks out and everything can be hit at ${wide} by ${high}`, async ({ page }) => {
    await page.setViewportSize({ width: wide, height: high });
    await openDesk(page, 'The ferry die');
    for (const tab of [null, 'Notes', 'Story']) {
      if (tab) await lookAt(page, tab);
      const sticksOut = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(sticksOut).toBeLessThanOrEqual(0);
    }
    expect(await tooSmall(page)).toEqual([]);
    // The strip stays, and is a line where there is little room.
    await page.getByRole('button', { name: 'Close what to look at' }).click();
    // And so in the fullest editor there is, all of it open.
    const draw = page.locator('article[aria-label$="draw"]');
    await draw.getByLabel('What you say before the draws').focus();
    await draw.getByText('More rules').click();
    await expect(draw.getByLabel('On a repeat')).toBeVisible();
    expect(await tooSmall(page)).toEqual([]);
    await page.evaluate(() => scrollTo(0, 600));
    await expect(page.getByRole('link', { name: /^Lead/u })).toBeInViewport();
    const strip = await page.locator('[data-strip] .line').boundingBox();
    expect(strip!.height).toBeLessThanOrEqual(60);
  });
}

test('what to look at has one place, opened by one key, and the script stays where it is', async ({
  page,
}) => {
  await openDesk(page, 'The late letter');
  const line = page.getByLabel('Line to say').nth(2);
  await line.focus();
  const placeOf = () => line.evaluate((area) => area.getBoundingClientRect().toJSON() as DOMRect);
  const before = await placeOf();
  const look = page.getByRole('complementary', { name: 'What to look at' });
  await page.keyboard.press('Control+.');
  await expect(look).toBeVisible();
  expect(await placeOf()).toEqual(before);
  await page.keyboard.press('Control+.');
  await expect(look).toBeHidden();
  await expect(line).toBeFocused();
  await page.keyboard.press('Control+f');
  await page.getByRole('searchbox', { name: 'Find in the script' }).fill('frog');
  await expect(look.getByRole('listitem').first()).toContainText(/frog/iu);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-beat]:focus-within')).toContainText(/ditch leaps|frog/iu);
});

test('every removal is told in one way and undone from there; the next line does not open', async ({
  page,
}) => {
  await startNew(page, 'Removals');
  for (const line of ['One line.', 'Another line.', '8 squats, 8 hops']) {
    await typeLine(page, 'The adventure', line);
  }
  const lines = page.locator('[data-beat]');
  await lines.first().locator('textarea').click();
  await lines.first().getByRole('button', { name: 'delete' }).click();
  await expect(page.getByText('A line is out.')).toBeVisible();
  await expect(lines).toHaveCount(2);
  await expect(lines.first().locator('textarea')).toBeFocused();
  await expect(lines.first().getByRole('button', { name: 'delete' })).toHaveCount(0);
  const told = page.getByRole('status').filter({ hasText: 'A line is out.' });
  await told.getByRole('button', { name: 'Undo' }).click();
  await expect(lines).toHaveCount(3);

  await lines.nth(2).getByLabel('How many; several numbers make a ladder').first().click();
  await lines
    .nth(2)
    .getByRole('button', { name: /^Take hop out$/u })
    .click();
  await expect(page.getByText('A move is out.')).toBeVisible();
  // As soon as something else is changed, the button has nothing to undo any more, and goes.
  await page.getByLabel('Title of the adventure').fill('Removals, and more');
  await expect(page.getByText('A move is out.')).toBeHidden();
});

test('a line is cut, copied and pasted, into another adventure too', async ({ page }) => {
  await startNew(page, 'From');
  await typeLine(page, 'The adventure', '6 frog jumps as ditch leaps: Over we go!');
  await typeLine(page, 'The adventure', 'Last words.');
  const lines = page.locator('[data-beat]');
  await lines
    .first()
    .getByRole('button', { name: /^Move: frog jump/u })
    .focus();
  await page.keyboard.press('Control+c');
  await expect(page.getByText('The line is copied.')).toBeVisible();
  await lines.nth(1).locator('textarea').focus();
  await page.keyboard.press('Control+v');
  await expect(lines).toHaveCount(3);
  await expect(lines.nth(2).getByLabel('Name of this move in your story')).toHaveValue(
    'ditch leaps',
  );
  await page.keyboard.press('Control+x');
  await expect(lines).toHaveCount(2);

  await startNew(page, 'To');
  await page.getByLabel('Next line in The adventure').focus();
  await page.keyboard.press('Control+v');
  await expect(lines).toHaveCount(1);
  await expect(lines.first().getByLabel('What you say for ditch leaps')).toHaveValue('Over we go!');
});

test('the length is told in one way on the shelf, the Desk and the Stage, and a reload keeps it', async ({
  page,
}) => {
  await openShelf(page);
  const row = page.getByRole('listitem').filter({ hasText: 'The ferry die' });
  const told = await row.locator('[data-length]').getAttribute('data-length');
  expect(told).toMatch(/^about \d+ min(?: 30 s)?, as the dice fall \(\d+:\d\d to \d+:\d\d\)$/u);
  await openDesk(page, 'The ferry die');
  await expect(lengthOnDesk(page)).toHaveAttribute('data-told', told!);
  await page.reload();
  await expect(lengthOnDesk(page)).toHaveAttribute('data-told', told!);
  await page.getByRole('link', { name: 'Lead it' }).click();
  await expect(page.getByText(told!, { exact: false })).toBeVisible();
});

test('notes wait while lines are typed, and usual amounts are mended in one step', async ({
  page,
}) => {
  await startNew(page, 'Patience');
  const line = page.getByLabel('Next line in The adventure');
  for (const words of ['24 squats', '30 marches', '40 hops']) {
    await line.fill(words);
    await line.press('Enter');
    await expect(line).toHaveValue('');
  }
  await expect(page.locator('[data-rule=slot]')).toHaveCount(0);
  await expect(page.locator('[data-rule=no-chunks]')).toHaveCount(0);
  await line.blur();
  await lookAt(page, 'Notes');
  await expect(page.getByText(/more notes wait until the script looks finished/u)).toBeVisible();
  const all = page.getByRole('button', { name: /^Mend all \w+ amounts$/u });
  await all.click();
  await expect(all).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(all).toBeVisible();
});
