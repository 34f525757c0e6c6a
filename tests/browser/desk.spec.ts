import { expect, openDesk, saved, startNew, stored, test, typeLine, lookAt } from './arrup';
import type { Page } from '@playwright/test';

const texts = (page: Page) =>
  page
    .locator('article[data-beat] textarea[aria-label="Line to say"]')
    .evaluateAll((all) => all.map((area) => (area as HTMLTextAreaElement).value));

const lineAt = (page: Page, n: number) => page.locator('article[data-beat] textarea').nth(n);

async function threeLines(page: Page) {
  await startNew(page, 'Three lines');
  for (const line of ['one', 'two', 'three']) await typeLine(page, 'Welcome', line);
}

test('says what it understood of a line before it is put in', async ({ page }) => {
  await startNew(page, 'Reading back');
  const input = page.getByLabel('Next line in The adventure');
  const said = page.locator('p[aria-live=polite]').nth(2);
  await input.fill('hold tree 15 s each leg twice');
  await expect(said).toContainText('tree (stork stand), 2 × 15 second hold, each side');
  await input.fill('10 frog jumps who are over it');
  await expect(said).toContainText('A line to say. As a move, “who are over” isn’t understood');
  await input.fill('6 frog ju');
  await input.press('Tab');
  await expect(input).toHaveValue('6 frog jumps');
  await input.press('Enter');
  await expect(page.getByRole('button', { name: 'Move: frog jump' })).toBeVisible();
});

test('reorders by keyboard, over the edge of a chapter, and undoes each step', async ({ page }) => {
  await threeLines(page);
  await lineAt(page, 2).focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => texts(page)).toEqual(['one', 'three', 'two']);
  // The keyboard stays with the beat.
  await page.keyboard.press('Alt+ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.getByLabel('Chapter: Warm-up').getByLabel('Line to say')).toHaveValue('three');
  for (let n = 0; n < 3; n += 1) await page.keyboard.press('Control+z');
  await expect.poll(() => texts(page)).toEqual(['one', 'two', 'three']);
  await page.keyboard.press('Control+Shift+z');
  await expect.poll(() => texts(page)).toEqual(['one', 'three', 'two']);
});

test('reorders by dragging, and a drag is one step to undo', async ({ page }) => {
  await threeLines(page);
  const handle = page.getByLabel(/^Move beat 1:/u);
  const target = page.locator('article[data-beat]').nth(2);
  const from = (await handle.boundingBox())!;
  const to = (await target.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x, from.y + 30, { steps: 6 });
  await page.mouse.move(from.x, to.y + to.height / 2, { steps: 25 });
  // The package looks where the beat hangs a few times a second.
  await page.waitForTimeout(600);
  await page.mouse.up();
  await expect.poll(() => texts(page)).toEqual(['two', 'three', 'one']);
  await page.keyboard.press('Control+z');
  await expect.poll(() => texts(page)).toEqual(['one', 'two', 'three']);
});

test('puts a line below, goes between beats and takes one out with the keyboard alone', async ({
  page,
}) => {
  await threeLines(page);
  await lineAt(page, 0).focus();
  await page.keyboard.press('Control+Enter');
  await page.keyboard.type('one and a half');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect.poll(() => texts(page)).toEqual(['one', 'one and a half', 'two', 'three']);
  await lineAt(page, 2).focus();
  await page.keyboard.press('Control+ArrowUp');
  await expect(lineAt(page, 1)).toBeFocused();
  await page.keyboard.press('Alt+Delete');
  await expect.poll(() => texts(page)).toEqual(['one', 'two', 'three']);
});

test('finds another move by any of its names, from the keyboard', async ({ page }) => {
  await startNew(page, 'Another move');
  await typeLine(page, 'The adventure', '10 squats');
  await page.getByRole('button', { name: 'Move: squat' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('bunny');
  await expect(page.getByRole('option', { name: /bunny hop/u })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Move: bunny hop' })).toBeVisible();
});

test('writes a ladder, and refuses what is not a number without losing it', async ({ page }) => {
  await startNew(page, 'Ladder');
  await typeLine(page, 'The adventure', '10 squats');
  const amounts = page.getByLabel('How many; several numbers make a ladder');
  await amounts.fill('10, 15, 20');
  await lookAt(page, 'Body');
  await expect(page.getByLabel('What it adds up to').getByText('45')).toBeVisible();
  await amounts.fill('ten');
  await expect(amounts).toHaveAttribute('aria-invalid', 'true');
  await amounts.blur();
  await expect(amounts).toHaveValue('10, 15, 20');
});

test('keeps what was typed when the tab is closed within the second', async ({ page, context }) => {
  await startNew(page, 'Closed tab');
  await typeLine(page, 'Welcome', 'kept');
  await page.waitForTimeout(1000);
  const url = page.url();
  await page.close();
  const again = await context.newPage();
  await again.goto(url);
  await expect(again.getByLabel('Title of the adventure')).toHaveValue('Closed tab');
  await expect.poll(() => texts(again)).toEqual(['kept']);
});

test('two tabs: the other’s words appear, and can be undone', async ({ page, context }) => {
  await openDesk(page, 'The late letter');
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Title of the adventure').fill('The very late letter');
  await saved(other);
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The very late letter');
  await expect(page.getByText('Changed in another tab')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The late letter');
  await expect(other.getByLabel('Title of the adventure')).toHaveValue('The late letter');
});

test('two tabs typing at the same moment: both keep their words, and it is said', async ({
  page,
  context,
}) => {
  test.slow();
  await openDesk(page, 'The late letter');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByLabel('Title of the adventure')).toHaveValue('The late letter');
  const write = (tab: Page, title: string) =>
    tab.getByLabel('Title of the adventure').evaluate((area, value) => {
      (area as HTMLTextAreaElement).value = value;
      area.dispatchEvent(new Event('input', { bubbles: true }));
    }, title);
  await Promise.all([write(page, 'Words from here'), write(other, 'Words from there')]);
  const titles = async () =>
    (await stored<{ document: { title: string } }>(page, 'adventures')).map(
      (r) => r.document.title,
    );
  await expect
    // The tab behind is given few turns by the browser.
    .poll(titles)
    .toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^Words from here/u),
        expect.stringMatching(/^Words from there/u),
      ]),
    );
  const notice = /Another tab was writing here/u;
  await expect
    .poll(
      async () => (await page.getByText(notice).count()) + (await other.getByText(notice).count()),
    )
    .toBe(1);
});
