import { expect, lookAt, startNew, test } from './arrup';

const BRIDGE = 'They cross a wobbly bridge';

test('a line of story is answered with moves; one is put in below it, and undone with it', async ({
  page,
}) => {
  await startNew(page, 'The bridge');
  const input = page.getByLabel(/^Next line in/u).first();
  await input.fill(BRIDGE);
  const ideas = page.getByRole('group', { name: 'Moves for this line' });
  await expect(ideas.getByRole('button')).toHaveCount(3);
  await expect(ideas.getByRole('button').first()).toContainText(/heel-to-toe step.*narrow/su);
  await ideas.getByRole('button').first().click();
  await expect(input).toHaveValue('');
  await expect(page.getByLabel('Line to say')).toHaveValue(BRIDGE);
  await expect(page.getByRole('button', { name: 'Move: heel-to-toe step' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByLabel('Line to say')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Move: heel-to-toe step' })).toHaveCount(0);
});

test('a line that stands there has its ideas as soon as somebody is at it; enter alone keeps to the words', async ({
  page,
}) => {
  await startNew(page, 'The dragon');
  const input = page.getByLabel(/^Next line in/u).first();
  await input.fill('We creep past the sleeping dragon');
  await input.press('Enter');
  await expect(page.getByLabel('Line to say')).toHaveCount(1);
  await expect(page.getByRole('button', { name: /^Move: /u })).toHaveCount(0);
  await page.getByLabel('Line to say').click();
  const ideas = page.getByRole('group', { name: 'Moves for this line' });
  await expect(ideas).toContainText(/tiptoe walk|prowling step/u);
  await expect(ideas).not.toContainText(/roar|stamp/u);
  await ideas.getByRole('button').first().press('Enter');
  await expect(page.getByRole('button', { name: /^Move: /u })).toHaveCount(1);
});

test('ideas come over the wire, a list a line, with what stands in an adventure', async ({
  request,
}) => {
  const answer = await request.post('/api/ideas', { data: { lines: [BRIDGE, 'And then?'] } });
  expect(answer.status()).toBe(200);
  const { ideas } = await answer.json();
  expect(ideas).toHaveLength(2);
  expect(ideas[0][0]).toMatchObject({ move: 'fairy-steps', reason: expect.stringMatching(/: /u) });
  expect(ideas[1]).toEqual([]);
  const wrong = await request.post('/api/ideas', { data: { lines: 'one' } });
  expect(wrong.status()).toBe(400);
  expect((await wrong.json()).error.path).toEqual(['lines']);
});

test('what rides along is ready for each device; a story goes on in a world of the shelf', async ({
  page,
}) => {
  await startNew(page, 'Colours on the marsh');
  await page.getByRole('button', { name: 'Choose from pictures' }).first().click();
  await page.getByRole('button', { name: 'something to learn' }).click();
  await page.getByRole('button', { name: 'Colours: as calls' }).click();
  const input = page.getByLabel(/^Next line in/u).first();
  await expect(input).toHaveValue(/^calls 8 calls, .*red = stamp/u);
  await input.press('Enter');
  await expect(page.getByRole('article', { name: /draw$/u })).toContainText('red');
  await lookAt(page, 'Story');
  await page.getByRole('button', { name: 'Lanternfen', exact: true }).click();
  await expect(
    page.getByLabel('Name of the story’s world').or(page.getByLabel("Name of the story's world")),
  ).toHaveValue('Lanternfen');
  await expect(page.getByLabel('Cast of the story')).toHaveValue(/Nettie/u);
  await expect(page.getByRole('button', { name: 'Lanternfen', exact: true })).toHaveCount(0);
});

test('a rhyme shows its beats, what stumbles, and words to rhyme with', async ({ page }) => {
  await startNew(page, 'The rhyme');
  const input = page.getByLabel(/^Next line in/u).first();
  await input.fill('rhyme 4 beats: Lamps are standing in a row = march; Down = squat');
  await input.press('Enter');
  await page.getByLabel('Line 1', { exact: true }).click();
  const chants = page.locator('[data-chant]');
  await expect(chants.first()).toHaveAttribute('data-chant', 'scans');
  await expect(chants.nth(1)).toHaveAttribute('data-chant', 'stumbles');
  await expect(chants.nth(1)).toContainText('Too short for 4 beats.');
  await expect(chants.nth(1)).toContainText(/To rhyme with it: .*go/u);
  await page.getByLabel('Line 2', { exact: true }).fill('Up we reach and down we go');
  await expect(chants.nth(1)).toHaveAttribute('data-chant', 'scans');
  await expect(chants.nth(1)).toContainText('It rhymes.');
});
