import { expect, openShelf, startNew, test, typeLine } from './arrup';

test('finds moves by words and by what is asked of them', async ({ page }) => {
  await openShelf(page);
  await page.getByRole('link', { name: 'Moves' }).click();
  const rows = page.locator('main li');
  const all = await rows.count();
  expect(all).toBeGreaterThanOrEqual(150);
  await page.getByLabel('Find a move').fill('bunny');
  await expect(rows.first()).toContainText('two-foot jump');
  await page.getByLabel('Find a move').fill('');
  await page.getByLabel('Family').selectOption('handling');
  await page.getByLabel('Kit').selectOption('hoop');
  await page.getByLabel('Age').selectOption('3');
  await expect(rows).not.toHaveCount(0);
  for (const row of await rows.allInnerTexts()) expect(row).toContain('hoop');
  await page.getByLabel('First letter or sound').selectOption('z');
  await expect(page.getByText('No move is all of that')).toBeVisible();
  await page.getByRole('button', { name: 'show all' }).click();
  await expect(rows).toHaveCount(all);
});

test('a move’s page has its facts, its other forms and where it is used', async ({ page }) => {
  await openShelf(page);
  await page.goto('/moves/frog-jump');
  const main = page.getByRole('main');
  await expect(main).toContainText('4 to 6');
  await expect(main).toContainText('Land softly on bent knees.');
  await expect(main).toContainText('Follow your setting’s own risk assessment');
  await expect(main.getByRole('link', { name: 'The late letter' })).toBeVisible();
  await main.getByRole('link', { name: 'squat', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('squat');
  await page.goto('/moves/moon-walk');
  await expect(page.getByRole('heading')).toContainText('There is no such move');
});

test('the desk says who gets a turn, with the share of the day', async ({ page }) => {
  await startNew(page, 'Who gets a turn');
  // Six minutes of hard work: a tenth of sixty.
  await typeLine(page, 'The adventure', 'frog jumps 360 s');
  await page.getByText('Who gets a turn: body, kinds, effort').click();
  await expect(page.getByText('10 % of the 60 minutes that guidelines ask for')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Chart: seconds of work for each part/u }),
  ).toBeVisible();
});
