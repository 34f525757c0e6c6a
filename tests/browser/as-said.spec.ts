/** What sessions contain, as it is said: typed, told apart on the Desk, seen and led on the Stage. */
import {
  begin,
  expect,
  leafTo,
  openShelf,
  saved,
  startNew,
  stored,
  test,
  typeLine,
  withScreen,
  lookAt,
  openNotes,
} from './arrup';
import type { Page } from '@playwright/test';

type Kept = { teamPoints?: [number, number]; adaptations?: { what: string }[] };

const idOf = (page: Page) => new URL(page.url()).pathname.split('/').at(-1)!;
const beat = (page: Page, nth = 0) => page.locator('article').nth(nth);

test('amounts by age are typed, changed by touch, and called on the Stage', async ({ page }) => {
  await startNew(page, 'By age');
  await typeLine(page, 'The adventure', 'hold plank fours 4 s, fives 8 s (hands under shoulders)');
  const plank = beat(page);
  await expect(plank).toContainText('fours');
  await plank.getByLabel('How much for fives').fill('10');
  await expect(plank.getByLabel('How much for fives')).toHaveValue('10');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(plank.getByLabel('How much for fives')).toHaveValue('8');
  await plank.getByLabel('For whom how much').selectOption('the same for all');
  await expect(plank.getByLabel('How many; several numbers make a ladder')).toHaveValue('8');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await begin(page, idOf(page), '?speed=4');
  await leafTo(page, '[data-cue=hold]');
  await expect(page.getByText('hold: fours 4 s, fives 8 s · hands under shoulders')).toBeVisible();
  await expect(page.getByText('Fours: well done, rest')).toBeVisible();
});

test('two moves at once are two figures, on the children’s screen too', async ({ page }) => {
  await startNew(page, 'Both');
  await typeLine(page, 'The adventure', 'march and clap 20 s forwards and back');
  await expect(beat(page)).toContainText('forwards, then back');
  await saved(page);
  const id = idOf(page);
  const screen = await withScreen(page, id);
  await begin(page, id);
  await page.keyboard.press('Space');
  await leafTo(page, '[data-cue=work]');
  await expect(page.locator('[data-figures="2"]')).toBeVisible();
  await expect(screen.locator('[data-figures="2"] .figure')).not.toHaveCount(0);
  await leafTo(page, '[data-cue=swap]');
  await expect(page.locator('.scene')).toContainText('Back');
});

test('points in two teams by keys, a check of the body by one key: both in the log', async ({
  page,
}) => {
  await startNew(page, 'Teams');
  await typeLine(
    page,
    'The adventure',
    'circuit 1 round 20 s rest 5, 5 points for the edge, 1 point for a tap, in teams: squats, march',
  );
  await typeLine(page, 'The adventure', 'Hands on your heart: quick or slow?');
  await typeLine(page, 'The adventure', '9 squats');
  await saved(page);
  await begin(page, idOf(page));
  await page.keyboard.press('Space');
  await leafTo(page, '[data-points]');
  for (const key of ['1', '4', '4', '2']) await page.keyboard.press(key);
  await expect(page.getByText('Team one: 6 points')).toBeVisible();
  await expect(page.getByText('Team two: 2 points')).toBeVisible();
  await leafTo(page, '[data-check]');
  await page.keyboard.press('g');
  await expect(page.locator('[data-told]')).toHaveText(
    /^A third less, to the end of this chapter/u,
  );
  await leafTo(page, '[data-cue=work]');
  await expect(page.locator('.scene')).toContainText('of 6');
  await page.getByRole('button', { name: 'End here' }).click();
  await expect(page.getByText('Team one 6, team two 2: 8 points together.')).toBeVisible();
  const kept = async () => (await stored<Kept>(page, 'runs'))[0];
  await expect.poll(kept).toMatchObject({
    teamPoints: [6, 2],
    adaptations: [{ what: 'gentler' }],
  });
});

test('a relay gets its points by touch, undone, and given on the Stage', async ({ page }) => {
  await startNew(page, 'Bags');
  await typeLine(page, 'The adventure', 'relay 6 bean bags 6 m, 4 at a time: bear walk');
  const relay = beat(page);
  await relay.getByLabel('Children on their way at a time').focus();
  await relay.getByRole('button', { name: 'with points…' }).click();
  await relay.getByLabel('Points for each one').fill('3');
  await relay.getByRole('button', { name: 'no points' }).click();
  await expect(relay.getByLabel('Points for each one')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(relay.getByLabel('Points for each one')).toHaveValue('3');
  await saved(page);
  await begin(page, idOf(page));
  await leafTo(page, '[data-points]');
  await page.keyboard.press('1');
  await expect(page.getByText('3 points, all of you together')).toBeVisible();
});

test('a film for home has two lengths; swapped doses are found, and swapped back', async ({
  page,
}) => {
  await startNew(page, 'For home');
  await typeLine(page, 'The adventure', '2 squats, at home 2 x 10');
  await expect(page.locator('[data-home-length]')).toHaveText('0:38');
  await typeLine(page, 'The adventure', '12 trunk twists, at home 3');
  const note = page.getByText('12 here, and only 3 at home. Are the two swapped?');
  await openNotes(beat(page, 1));
  await expect(note).toBeVisible();
  await page.getByRole('button', { name: 'Swap the two' }).click();
  await expect(note).toHaveCount(0);
  await expect(beat(page, 1).locator('[data-home]')).toContainText('reps');
});

test('a circuit’s rounds differ, a chain grows by three: by touch, and undone', async ({
  page,
}) => {
  await startNew(page, 'Rounds');
  await typeLine(page, 'The adventure', 'circuit 2 rounds 20 s rest 10: squats, march');
  const circuit = beat(page);
  await circuit.getByLabel('Rounds', { exact: true }).focus();
  await circuit.getByRole('button', { name: 'rounds that differ…' }).click();
  await circuit.getByLabel('Seconds of work in round 2').fill('40');
  await expect(page.getByText('1 min 5 s').or(page.getByText('2 min'))).not.toHaveCount(0);
  await expect(circuit.getByLabel('Seconds of work in round 2')).toHaveValue('40');
  await circuit.getByRole('button', { name: 'all rounds alike' }).click();
  await expect(circuit.getByLabel('Seconds of work in round 2')).toHaveCount(0);
  await typeLine(page, 'The adventure', 'chain: squats, claps, stamps, marches');
  const chain = beat(page, 1);
  await expect(chain).toContainText('4 verses, 10 links in all');
  await chain.getByRole('button', { name: 'squat' }).first().focus();
  await chain.getByLabel('How many new links at a time').fill('2');
  await expect(chain).toContainText('2 verses, 6 links in all');
  await chain.getByRole('button', { name: 'a link of its own' }).first().click();
  await expect(chain).toContainText('2 verses, 5 links in all');
});

test('the three starts that were missing open as they are written', async ({ page }) => {
  for (const [shape, title] of [
    [/Film for home/u, 'Four jobs for the clock keeper'],
    [/Sorting relay/u, 'The sock post'],
    [/Taught dance/u, 'The lamplighters’ dance'],
  ] as const) {
    await openShelf(page);
    await page.getByRole('button', { name: 'Ready-made sessions' }).click();
    await page.locator('[data-starts]').getByRole('button', { name: shape }).click();
    await expect(page.getByLabel('Title of the adventure')).toHaveValue(title);
    await lookAt(page, 'Notes');
    await expect(page.getByText('Nothing to mend.')).toBeVisible();
  }
});

test('what nobody knows is still done: by its own name, or as the nearest move', async ({
  page,
}) => {
  await startNew(page, 'Unknown');
  const line = page.getByLabel('Next line in The adventure');
  await line.fill('10 gorilla thumps');
  await expect(page.getByText('a move of your own: nobody knows it yet')).toBeVisible();
  await line.press('Enter');
  await line.blur();
  await expect(beat(page)).toContainText('Gorilla thumps: Arrup doesn’t know this move.');
  await saved(page);
  await page.reload();
  await expect(beat(page).getByLabel('How many; several numbers make a ladder')).toHaveValue('10');
  await line.fill('8 wibble flurbs');
  await page.locator('[data-nearest] button').first().click();
  await expect(line).toHaveValue('');
  await expect(beat(page, 1).getByLabel('Name of this move in your story')).toHaveValue(
    'wibble flurbs',
  );
  await expect(beat(page, 1)).not.toContainText('doesn’t know');
  await line.fill('6 moth flutters');
  await page.getByRole('button', { name: 'just say it' }).click();
  await expect(beat(page, 2).getByLabel('Line to say')).toHaveValue('6 moth flutters');
});
