import {
  expect,
  pagesMade,
  saved,
  savedFile,
  startNew,
  stored,
  test,
  typeLine,
  lookAt,
} from './arrup';

test('writes an adventure from nothing with the keyboard, prints it, leads it and finds the log', async ({
  page,
}) => {
  await startNew(page, 'The goat who would drive');
  await expect(page.getByText('Write it as you would on paper')).toBeVisible();
  await typeLine(page, 'Welcome', 'Hello, ferry crew! Arms out, is there room?');
  await typeLine(page, 'Warm-up', 'march 20 s as deck march: Round the deck we go.');
  await typeLine(page, 'The adventure', '3 x 5 squats rest 10 as rope hauls: Haul the rope!');
  await typeLine(page, 'The adventure', 'hop 4 each leg');
  await typeLine(page, 'The adventure', 'drink 20 s');
  await typeLine(page, 'Cool-down', 'hold tall reach 6 s');
  await typeLine(page, 'Goodbye', 'Nettie may steer the bath tonight.');

  // The doses are read as they were meant, and add up: 3 x 5 + 2 x 4.
  await lookAt(page, 'Body');
  const counted = page.getByLabel('What it adds up to').getByText('23');
  await expect(counted).toBeVisible();

  // Change a dose where it stands, and undo it, without leaving the keyboard.
  const dose = page.getByLabel('How many; several numbers make a ladder').nth(2);
  await dose.fill('6');
  await expect(page.getByLabel('What it adds up to').getByText('27')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(counted).toBeVisible();
  await saved(page);

  // Prep: the sheet has the words, and prints on the paper that was chosen.
  await page.getByRole('link', { name: 'Prep' }).click();
  await pagesMade(page);
  const sheet = page.locator('[data-page="1"]');
  await expect(sheet).toContainText('Rope hauls');
  await expect(sheet).toContainText('3 × 5 reps, rest 10 s');
  await expect(page.getByText('Follow your setting’s own risk assessment').first()).toBeVisible();
  await page.getByLabel('Paper').selectOption({ label: 'Letter paper' });
  await expect(page.locator('[data-pages=making]')).toBeVisible();
  await pagesMade(page);
  const pdf = await savedFile(page, 'Save the PDF');
  expect(pdf.name).toBe('The-goat-who-would-drive.pdf');
  expect(pdf.bytes.toString('latin1')).toMatch(/MediaBox\s*\[0 0 612(\.\d+)? 79[12](\.\d+)?\]/u);

  // Stage, sped up, to the end.
  const id = page.url().split('/').at(-1)!;
  await page.goto(`/stage/${id}?speed=60`);
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Well led!' })).toBeVisible();

  // Logbook: every beat, planned against real, and a note that stays.
  await page.getByRole('link', { name: 'Look at it in the logbook' }).click();
  await expect(page.getByRole('heading', { name: 'The goat who would drive' })).toBeVisible();
  await expect(page.getByRole('row', { name: /rope hauls/u })).toContainText('as planned');
  await page.getByLabel('What to remember').fill('The goat stole the show.');
  await expect(page.getByText('Saved in this browser')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('What to remember')).toHaveValue('The goat stole the show.');
  await page.goto('/logbook');
  await expect(page.getByRole('link', { name: /The goat who would drive/u })).toContainText(
    'as planned',
  );

  type Kept = { plan: { id: string }[]; leading: { done: boolean; visits: { cueId: string }[] } };
  const [run] = await stored<Kept>(page, 'runs');
  expect(run!.leading.done).toBe(true);
  expect(run!.leading.visits.map((visit) => visit.cueId)).toEqual(run!.plan.map((cue) => cue.id));
});
