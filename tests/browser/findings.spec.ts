import { readFileSync } from 'node:fs';
import {
  expect,
  openDesk,
  saved,
  startNew,
  test,
  typeLine,
  lookAt,
  lengthOnDesk,
  openNotes,
} from './arrup';

test('notes stand beside their line; a mend is one step, and is undone in one', async ({
  page,
}) => {
  await startNew(page, 'Notes');
  await typeLine(page, 'The adventure', 'hold plank 5 s');
  await typeLine(page, 'The adventure', '24 squats');
  const row = page.locator('article[data-beat]').filter({ hasText: '24 counted' });
  const chunks = row.locator('[data-rule=no-chunks]');
  await openNotes(row);
  await expect(chunks).toContainText('24 in one go is long. 10 + 10 + 4 has a breather.');
  const mat = page.locator('[data-rule=setting-gives]');
  await expect(mat).toContainText('Stop: Plank needs a mat');

  await chunks.getByRole('button', { name: 'In tens, with a breather' }).click();
  await expect(chunks).toBeHidden();
  await expect(page.getByLabel('How many; several numbers make a ladder').nth(1)).toHaveValue(
    '10, 10, 4',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(chunks).toBeVisible();
  await mat.getByRole('button', { name: 'There is a mat' }).click();
  await expect(mat).toBeHidden();
});

test('a note can be left with a reason, which stays, and be looked at again', async ({ page }) => {
  await startNew(page, 'Left');
  await typeLine(page, 'The adventure', 'frog jumps 30');
  const note = page.locator('[data-rule=dose-for-age]');
  await openNotes(page.locator('article[data-beat]'));
  await note.getByRole('button', { name: 'leave it' }).click();
  await page.keyboard.type('Two is what the kettle needs');
  await page.keyboard.press('Enter');
  await expect(note).toBeHidden();
  await saved(page);
  await page.reload();
  await lookAt(page, 'Notes');
  await page.getByText('One note left as meant').click();
  await expect(note).toContainText('Left: Two is what the kettle needs');
  await note.getByRole('button', { name: 'look again' }).click();
  await expect(note.getByRole('button', { name: 'leave it' }).first()).toBeVisible();
});

test('words that may hurt are noted with other words, until the presenter switches that off', async ({
  page,
}) => {
  await startNew(page, 'Words');
  await typeLine(page, 'The adventure', 'Come on, boys and girls!');
  const note = page.locator('[data-rule=hurtful-words]');
  await expect(note).toContainText('“everybody”');
  await saved(page);
  const desk = page.url();
  await page.goto('/settings');
  await page.getByText('Tell me of words that may shame').click();
  await expect(page.getByRole('switch', { name: 'that may shame' })).not.toBeChecked();
  await page.goto(desk);
  await expect(page.locator('article[data-beat] textarea').first()).toHaveValue(/boys and girls/u);
  await expect(note).toHaveCount(0);
});

test('the demo adventures have nothing to mend', async ({ page }) => {
  for (const title of ['The late letter', 'Six lamps before dark', 'A marsh morning']) {
    await openDesk(page, title);
    await lookAt(page, 'Notes');
    await expect(page.getByText('Nothing to mend.')).toBeVisible();
  }
});

test('the server says the same of a script', async ({ request }) => {
  const adventure = JSON.parse(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
  const post = async (data: unknown) => {
    const headers = { 'content-type': 'application/json' };
    const answer = await request.post('/api/check', { headers, data: JSON.stringify(data) });
    return ((await answer.json()) as { findings: Record<string, unknown>[] }).findings;
  };
  expect(await post(adventure)).toEqual([]);
  adventure.chapters[2].beats[1].actions[0].dose.amounts = [40];
  const found = await post(adventure);
  expect(found[0]).toMatchObject({
    rule: 'dose-for-age',
    severity: 'stop',
    message: 'Ditch leaps: 40 is a lot for the youngest. 4 to 6 is usual.',
    mend: 'Make it 6',
    setAside: null,
  });
  const older = { ...adventure.setting, ages: { from: 3, to: 3 }, slotSeconds: 60 };
  const rules = (await post({ adventure, setting: older })).map((one) => one.rule);
  expect(rules).toContain('slot');
});

test('fits a script to a slot: shown first, taken in one step, undone in one', async ({ page }) => {
  await openDesk(page, 'The late letter');
  const length = lengthOnDesk(page);
  const before = (await length.innerText()).slice(0, 4);
  await lookAt(page, 'Fit it');
  await page.getByLabel('How much it should be').fill('5.5');
  await page.getByRole('button', { name: 'Show how' }).click();
  const proposal = page.locator('[data-fit=met]');
  await expect(proposal).toContainText(/From 6 min \d+ s to 5 min/u);
  await expect(length).toContainText(before);
  await proposal.getByRole('button', { name: 'Use this' }).click();
  await expect(length).toContainText(/5:(2[5-9]|3[0-5])/u);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(length).toContainText(before);
});

test('makes it exactly 100, and says so when it cannot', async ({ page, request }) => {
  await openDesk(page, 'The late letter');
  await lookAt(page, 'Fit it');
  await page.getByLabel('What to fit it to').selectOption('moves');
  await page.getByRole('button', { name: 'Show how' }).click();
  await page.getByRole('button', { name: 'Use this' }).click();
  await lookAt(page, 'Body');
  await expect(
    page.getByLabel('What it adds up to').getByText('100', { exact: true }),
  ).toBeVisible();
  await lookAt(page, 'Fit it');
  await page.getByLabel('What to fit it to').selectOption('moves');
  await page.getByLabel('How much it should be').fill('1900');
  await page.getByRole('button', { name: 'Show how' }).click();
  await expect(page.locator('[data-fit="not met"]')).toContainText('add a line or take one out');

  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByLabel('What to fit it to').selectOption('gentler');
  await page.getByRole('button', { name: 'Show how' }).click();
  await expect(page.locator('[data-fit]')).toContainText(/About \d+ % less strain/u);
  await page.getByLabel('What to fit it to').selectOption('sevens');
  await page.getByRole('button', { name: 'Show how' }).click();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByLabel('Youngest')).toHaveValue('6');

  const adventure = JSON.parse(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
  const post = (target: object) =>
    request.post('/api/fit', {
      headers: { 'content-type': 'application/json' },
      data: JSON.stringify({ adventure, target }),
    });
  expect(await (await post({ reps: 100 })).json()).toMatchObject({ met: true, after: 100 });
  const young = await (await post({ ages: { from: 3, to: 3 } })).json();
  expect(young.adventure.setting.ages).toEqual({ from: 3, to: 3 });
  const refused = await post({ seconds: 60 });
  expect(refused.status()).toBe(422);
  expect((await refused.json()).error).toMatchObject({ code: 'cannot-fit', path: ['target'] });
});
