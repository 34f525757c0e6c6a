import {
  begin,
  expect,
  leafTo,
  openShelf,
  pagesMade,
  saved,
  startNew,
  test,
  typeLine,
  lookAt,
} from './arrup';
import type { Page } from '@playwright/test';

/** A session started from its shape; its place on the Desk. */
async function startFrom(page: Page, shape: RegExp, title: string): Promise<string> {
  await openShelf(page);
  await page.getByRole('button', { name: 'Ready-made sessions' }).click();
  await page.locator('[data-starts]').getByRole('button', { name: shape }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue(title);
  return new URL(page.url()).pathname.split('/').at(-1)!;
}
const draw = (page: Page, nth = 0) => page.locator('article[aria-label$="draw"]').nth(nth);

test('a shape for each kind of session to start from; one becomes an adventure of one’s own', async ({
  page,
}) => {
  await openShelf(page);
  await page.getByRole('button', { name: 'Ready-made sessions' }).click();
  await expect(page.locator('[data-starts] button')).toHaveCount(22);
  await page
    .locator('[data-starts]')
    .getByRole('button', { name: /^Journey/ })
    .click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The flame for the tower');
  await lookAt(page, 'Notes');
  await expect(page.getByText('Nothing to mend.')).toBeVisible();
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  const row = page.locator('main li').filter({ hasText: 'The flame for the tower' });
  await expect(row).toHaveCount(1);
  await expect(row.getByText('demo', { exact: true })).toHaveCount(0);
});

test('what to expect of the whole session, played in a worker, again after an edit', async ({
  page,
}) => {
  await startFrom(page, /^Two dice/, 'Two dice at the toll bridge');
  await lookAt(page, 'Expect');
  const told = page.locator('[data-forecast="100000"]');
  await expect(told).toContainText(/In eight sessions of ten it takes \d+:\d\d to \d+:\d\d\./u);
  await expect(told).toContainText('It runs over your 14:00');
  await page.getByText('Move by move').click();
  await expect(page.getByRole('row', { name: /squat/u })).toBeVisible();
  const before = await told.innerText();
  await draw(page).getByLabel('What you say before the draws').focus();
  await draw(page).getByLabel('Draws', { exact: true }).fill('20');
  await expect(told).not.toHaveText(before);
  await lookAt(page, 'Notes');
  await expect(
    page.getByText(/in \d+ of 10 sessions\.|too long for the slot/u).first(),
  ).toBeVisible();
});

test('a face of the die is given another move on the die itself', async ({ page }) => {
  await startNew(page, 'The ferry die');
  await typeLine(page, 'The adventure', 'die: 6 squats, march 20 s, 6 stamps');
  const beat = draw(page);
  await beat.getByLabel('What you say before the draws').focus();
  const net = beat.getByRole('group', { name: 'What is on each face' });
  await expect(net.getByLabel('Move on 2')).toHaveValue(
    (await net.getByLabel('Move on 1').inputValue()) ?? '',
  );
  await net.getByLabel('Move on 2').selectOption('stamp');
  await expect(beat.locator('[data-odds-numbers]')).toContainText('Most often stamp');
  await page.getByRole('button', { name: 'Undo' }).click();
  await beat.getByLabel('What you say before the draws').focus();
  await expect(beat.locator('[data-odds-numbers]')).toContainText('Each comes about 3.3 times.');
});

test('court cards have their rule, and jokers a move of their own', async ({ page }) => {
  await startNew(page, 'The card house');
  await typeLine(page, 'The adventure', 'cards 12 cards, ranks 1 to 13: squats, march, stamps');
  const beat = draw(page);
  await beat.getByLabel('What you say before the draws').focus();
  await expect(beat).toContainText('Cards, 3 suits, 1 to 13, court cards count 10');
  await beat.getByLabel('Jokers').selectOption('2');
  await expect(beat).toContainText('2 jokers');
  await expect(beat.getByRole('button', { name: 'Move on joker' })).toBeVisible();
  await beat.getByLabel('Court cards').selectOption('own');
  await expect(beat.getByRole('button', { name: 'Move on court' })).toBeVisible();
  await expect(beat.locator('[data-odds-numbers]')).toContainText('counted moves in all');
  await beat.getByLabel('Jokers').selectOption('0');
  await expect(beat.getByRole('button', { name: 'Move on joker' })).toHaveCount(0);
});

test('a letter takes an idea by its sound, and a wrong sound is pencilled in', async ({ page }) => {
  await startNew(page, 'The postman’s name');
  const line = page.getByLabel('Next line in The adventure');
  await line.fill('letters KIT');
  await expect(page.getByText(/^A letter strip: K /u)).toBeVisible();
  await line.press('Enter');
  const beat = draw(page);
  await beat.getByLabel('What you say before the draws').focus();
  await beat.getByLabel('Name of this move in your story').first().focus();
  await beat.getByRole('button', { name: 'ideas for K' }).click();
  const ideas = beat.getByRole('group', { name: 'Ideas for K' });
  await ideas.getByRole('button', { name: /^kite/u }).first().click();
  await expect(beat.getByLabel(/^Picture word for/u).first()).toHaveValue(/^kite/u);
  await beat
    .getByLabel(/^Picture word for/u)
    .first()
    .fill('knight');
  const note = page.getByText('For K: “knight” doesn’t have its sound');
  await expect(note).toBeVisible();
  await beat
    .getByLabel(/^First sound of/u)
    .first()
    .fill('k');
  await expect(note).toHaveCount(0);
  await saved(page);
  await page.getByRole('link', { name: 'Prep' }).click();
  await expect(page.getByRole('checkbox', { name: 'Letter cards' })).toBeChecked();
  await pagesMade(page);
  await expect(page.locator('[data-page]').filter({ hasText: 'knight' })).not.toHaveCount(0);
});

test('calls show their spots in the room, with the way there and back', async ({ page }) => {
  await startFrom(page, /^Call and go/, 'Four landings');
  const beat = draw(page);
  await beat.getByLabel('What you say before the draws').focus();
  const room = beat.getByRole('group', { name: 'The room, 14 by 12 metres' });
  await expect(room.getByRole('button', { name: /red, 5 m, \d+ s/u })).toBeVisible();
  await room.getByRole('button', { name: /blue/u }).click();
  await expect(beat.getByLabel('What is called, 2')).toBeFocused();
});

test('the stage says whose turn it is, by number, on from one draw to the next', async ({
  page,
}) => {
  const id = await startFrom(page, /^Die for which/, 'The weather die');
  await saved(page);
  await page.goto(`/stage/${id}`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  const turns: string[] = [];
  for (let n = 0; n < 400 && turns.length < 16; n += 1) {
    const cue = page.locator('.scene');
    if ((await cue.getAttribute('data-cue')) === 'draw') {
      turns.push((await page.locator('[data-turn]').getAttribute('data-turn'))!);
    }
    await page.getByRole('button', { name: 'Next', exact: true }).click();
  }
  expect(turns).toEqual(Array.from({ length: 16 }, (_, n) => String(n + 1)));
});

test('a coin: its sides are turned on the coin itself, printed, and tossed on the Stage', async ({
  page,
}) => {
  const id = await startFrom(page, /^Heads or tails/, 'The ferryman’s coin');
  const coin = draw(page);
  await coin.locator('textarea').first().focus();
  const sides = coin.getByRole('group', { name: 'What is on each side of the coin' });
  await expect(sides.locator('.name').first()).toHaveText('with the wind');
  await sides.getByLabel('Move on heads').selectOption({ label: 'stepping over reeds' });
  // Both sides mean one move now, and the other never comes: that is told, and undone.
  await expect(coin.getByText(/with the wind can never come/iu).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await coin.locator('textarea').first().focus();
  await expect(sides.locator('.name').first()).toHaveText('with the wind');
  await saved(page);
  await page.goto(`/prep/${id}`);
  await expect(page.getByText('1 coin')).toBeVisible();
  await expect(page.getByLabel('Coin', { exact: true })).toBeChecked();
  await begin(page, id);
  await leafTo(page, '[data-cue=draw]');
  await expect(
    page
      .locator('main')
      .getByText(/^(Heads|Tails)/iu)
      .first(),
  ).toBeVisible();
  await page.getByRole('group', { name: 'What yours shows' }).getByText('tails').click();
  await expect(page.locator('main').getByText(/tails/iu).first()).toBeVisible();
});

test('a relay: typed, changed where it stands, timed by its sums, counted home on the Stage', async ({
  page,
}) => {
  const id = await startFrom(page, /^Sorting sprint/, 'The market blew over');
  const relay = page.locator('article[aria-label$="relay"]').first();
  await relay.locator('textarea').first().focus();
  await expect(relay.getByText('24 trips, 4 at a time: all there in about')).toBeVisible();
  await relay.getByLabel('Children on their way at a time').fill('8');
  await relay.getByLabel('Children on their way at a time').blur();
  await expect(relay.getByText('24 trips, 8 at a time: all there in about')).toBeVisible();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await begin(page, id);
  await leafTo(page, '[data-cue=work]:has-text("of 24")');
  await expect(page.getByText('Carrying home').first()).toBeVisible();
});
