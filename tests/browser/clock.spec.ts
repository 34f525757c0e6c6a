import {
  begin,
  expect,
  leafTo,
  saved,
  startNew,
  test,
  typeLine,
  withScreen,
  lengthOnDesk,
  openNotes,
} from './arrup';

test('what is said meanwhile is typed, stands beside the work, and takes no time', async ({
  page,
}) => {
  await startNew(page, 'The late ferry');
  const length = lengthOnDesk(page);
  await typeLine(page, 'The adventure', 'follow me');
  await expect(page.getByLabel('How this chapter is led').nth(2)).toHaveValue('follow me');
  await typeLine(page, 'The adventure', 'march 30 s ... Knees up. Who can hear the bell?');
  await expect(length).toContainText('0:30');
  await expect(page.getByLabel('What you say meanwhile for march')).toHaveValue(
    'Knees up. Who can hear the bell?',
  );
  await typeLine(page, 'The adventure', '... And arms, too.');
  await expect(page.getByLabel('What you say meanwhile for march')).toHaveValue(
    'Knees up. Who can hear the bell? And arms, too.',
  );
  await expect(length).toContainText('0:30');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('What you say meanwhile for march')).toHaveValue(
    'Knees up. Who can hear the bell?',
  );
});

test('words longer than the work are told with both lengths, and mended', async ({ page }) => {
  await startNew(page, 'The late ferry');
  await typeLine(
    page,
    'The adventure',
    'march 5 s … The ferry is late, the fog is thick, the goat has eaten the timetable, and nobody on this side of the marsh knows when we can go',
  );
  const note = page.locator('article', { hasText: 'march' });
  await openNotes(note);
  await expect(note).toContainText(/your words take \d+ s, and there are 5 s to say them in/u);
  await note.getByRole('button', { name: 'Say them first' }).click();
  await expect(page.getByLabel('What you say for march')).toHaveValue(/^The ferry is late/u);
  await expect(note).not.toContainText('your words take');
});

test('on the Stage they stand where a glance finds them, in pieces, for the leader alone', async ({
  page,
}) => {
  const screen = await withScreen(page, 'adv_late-letter');
  await begin(page, 'adv_late-letter');
  await page.keyboard.press('Space');
  await leafTo(page, '[data-cue=work] [data-said-now]');
  await expect(page.locator('[data-said-now]')).toContainText('Pip Sedge is always in a hurry');
  await expect(page.locator('[data-said-next]')).toContainText('Hear the bag rattle?');
  await expect(screen.getByText('Pip Sedge')).toHaveCount(0);
});

test('the pace of talk is measured by reading aloud, and every length follows', async ({
  page,
}) => {
  await page.goto('/settings');
  const words = page.getByLabel('Words a minute while talking');
  await expect(words).toHaveValue('167');
  await page.getByText('Read this aloud').click();
  await page.getByRole('button', { name: 'Start reading' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.locator('[data-measured]')).toContainText('too quick for all of it');
  await expect(words).toHaveValue('167');
  await words.fill('100');
  await page.getByLabel('A throw by a child, in seconds').fill('20');
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await page.goto('/desk/adv_late-letter');
  const length = lengthOnDesk(page);
  await expect(length).not.toContainText('6:1');
  await page.goto('/settings');
  await expect(words).toHaveValue('100');
  await expect(page.getByLabel('A throw by a child, in seconds')).toHaveValue('20');
  await page.getByRole('button', { name: 'All as usual again' }).click();
  await expect(words).toHaveValue('167');
});
