/** Lines as they are typed, chosen, pasted and opened: what they become, and never a dead end. */
import { Buffer } from 'node:buffer';
import { expect, openShelf, startNew, test } from './arrup';
import type { Page } from '@playwright/test';

const beat = (page: Page, nth = 0) => page.locator('article').nth(nth);
const typed = (page: Page) => page.getByLabel('Next line in The adventure');

test('the teacher’s words stay the name; a question offers what it asks for', async ({ page }) => {
  await startNew(page, 'Words');
  await typed(page).fill('ten starjumps');
  await expect(page.getByText('starjumps (jumping jack), 10 reps.')).toBeVisible();
  await typed(page).press('Enter');
  await expect(beat(page).getByLabel('Name of this move in your story')).toHaveValue('starjumps');
  await typed(page).fill('Can you roar like a lion?');
  await page.getByRole('button', { name: 'do: roar like a lion' }).click();
  await expect(beat(page, 1).getByLabel('Name of this move in your story')).toHaveValue(
    'roar like a lion',
  );
  await expect(
    beat(page, 1)
      .getByLabel(/^What you say/u)
      .first(),
  ).toHaveValue('Can you roar like a lion?');
});

test('a line that is said can be done, one that is done can be said, each in one step', async ({
  page,
}) => {
  await startNew(page, 'Either');
  await typed(page).fill('Who can hop?');
  await typed(page).press('Enter');
  await beat(page).getByLabel('Question').focus();
  await beat(page).getByRole('button', { name: 'do this: hop' }).click();
  await expect(beat(page).getByLabel('How many; several numbers make a ladder')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(beat(page).getByLabel('Question')).toHaveValue('Who can hop?');
  // Read again as it is edited.
  await beat(page).getByLabel('Question').fill('10 frog jumps to the pond');
  await beat(page)
    .getByRole('button', { name: 'do this: frog jump, 10 reps; to the pond' })
    .click();
  await expect(beat(page).getByLabel('How many; several numbers make a ladder')).toHaveValue('10');
  await beat(page).getByLabel('How many; several numbers make a ladder').focus();
  await beat(page).getByRole('button', { name: 'just say it' }).click();
  await expect(beat(page).getByLabel('Line to say')).toHaveValue(/10 frog jumps/u);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(beat(page).getByLabel('How many; several numbers make a ladder')).toHaveValue('10');
});

test('the picker needs no grammar: a move, a die, a line begun; a press is never lost', async ({
  page,
}) => {
  await startNew(page, 'Pictures');
  await typed(page).fill('Who can hop?');
  await typed(page).press('Enter');
  await beat(page).getByLabel('Question').focus();
  // The row that has the keyboard closes under the press: the button is pressed all the same.
  const chapter = page.getByRole('region', { name: 'Chapter: The adventure' });
  await chapter.getByRole('button', { name: 'Choose from pictures' }).click();
  const picker = page.getByLabel('Choose a line from pictures');
  await picker.getByRole('button', { name: 'breath' }).click();
  await picker.getByRole('button', { name: 'star breath' }).click();
  await expect(beat(page, 1)).toContainText('star breath');
  await picker.getByRole('button', { name: 'drink' }).click();
  await expect(beat(page, 2)).toContainText(/drink/iu);
  await chapter.getByRole('button', { name: 'Choose from pictures' }).click();
  await picker.getByRole('button', { name: 'circuit' }).click();
  await expect(typed(page)).toHaveValue(/^circuit/u);
  await expect(typed(page)).toBeFocused();
});

const PLAN = `Warm-up (5 min)
- 10 star jumps
- march on the spot 20 s
The story
10 gorilla thumps
Who can hop?
"Now," says the ferryman.`;

test('a plan that is pasted is looked at first: nothing silent, nothing lost, one undo', async ({
  page,
}) => {
  await startNew(page, 'Pasted');
  await typed(page).focus();
  await typed(page).evaluate((field, plan) => {
    const data = new DataTransfer();
    data.setData('text/plain', plan);
    field.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, PLAN);
  const review = page.getByRole('dialog');
  await expect(review).toContainText('3 lines to do, 2 to say, and 2 not sure');
  await review.getByText('Show only what isn’t sure').click();
  await expect(review.locator('[data-line]')).toHaveCount(2);
  await review.getByRole('radio', { name: /^hop/u }).click();
  await review.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByRole('region', { name: 'Chapter: The story' })).toBeVisible();
  await expect(page.locator('article')).toHaveCount(5);
  await expect(beat(page, 3).getByLabel('How many; several numbers make a ladder')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('article')).toHaveCount(0);
});

test('a plan in a text file is looked at before it is on the shelf', async ({ page }) => {
  await openShelf(page);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'ferry-morning.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(PLAN),
  });
  const review = page.getByRole('dialog');
  await expect(review).toContainText('What “ferry-morning.txt” becomes');
  await review.getByRole('button', { name: 'Leave it' }).click();
  await expect(review).toHaveCount(0);
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'ferry-morning.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(PLAN),
  });
  await review.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('“ferry morning” is on your shelf.')).toBeVisible();
});

test('lines and plans are read over the wire as on the Desk', async ({ request }) => {
  const read = await request.post('/api/read', {
    data: { lines: ['ten star jumps', 'Who can hop?', '10 gorilla thumps', 'The moon rises.'] },
  });
  const { readings } = (await read.json()) as {
    readings: { kind: string; says: string; score: number; others: { kind: string }[] }[];
  };
  expect(readings.map(({ kind }) => kind)).toEqual(['move', 'tell', 'move', 'tell']);
  expect(readings[0]).toMatchObject({
    says: 'star jumps (jumping jack), 10 reps',
    beats: [{ actions: [{ guise: { name: 'star jumps' }, dose: { amounts: [10] } }] }],
  });
  expect(readings[1]!.others.map(({ kind }) => kind)).toEqual(['move']);
  expect(readings[2]!.score).toBeLessThan(readings[0]!.score);
  expect(readings[3]!.others).toEqual([]);
  const plan = await request.post('/api/import/text', { data: { text: PLAN, title: 'Sent' } });
  const sent = (await plan.json()) as {
    adventure: { title: string; chapters: { beats: { id: string }[] }[] };
    lines: { text: string; kind: string; beats: string[] }[];
  };
  expect(sent.adventure.title).toBe('Sent');
  const ids = sent.adventure.chapters.flatMap(({ beats }) => beats.map(({ id }) => id));
  expect(sent.lines.flatMap(({ beats }) => beats)).toEqual(ids);
  // A file that the app wrote itself, read by its own import.
  const docx = await request.post('/api/export/docx', { data: { adventure: sent.adventure } });
  const back = await request.post('/api/import/docx', {
    headers: { 'content-type': 'application/octet-stream' },
    data: await docx.body(),
  });
  expect(back.status()).toBe(200);
  expect(JSON.stringify(await back.json())).toContain('Who can hop?');
  for (const [url, data, status] of [
    ['/api/import/docx', { text: 'nothing of the kind' }, 422],
    ['/api/import/text', { text: '' }, 422],
    ['/api/import/text', {}, 400],
    ['/api/import/song', { text: 'la' }, 404],
    ['/api/read', { lines: 'ten' }, 400],
    ['/api/read', { lines: [], adventure: {} }, 400],
  ] as const) {
    const refused = await request.post(url, { data });
    expect([url, refused.status()]).toEqual([url, status]);
    expect(await refused.json()).toMatchObject({ error: { code: expect.any(String) } });
  }
});
