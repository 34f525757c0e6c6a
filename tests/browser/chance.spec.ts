import { expect, pagesMade, saved, startNew, stored, test, typeLine } from './arrup';
import type { Page } from '@playwright/test';

const DIE =
  'die 20 throws: 6 squats as reed dips, march 20 s, 4 lunges each side, 6 frog jumps, 8 bear walks, 8 jumping jacks';

async function dieOnDesk(page: Page, title: string) {
  await startNew(page, title);
  const line = page.getByLabel('Next line in The adventure');
  await line.fill(DIE);
  await expect(page.getByText('A die: reed dips, march,').first()).toBeVisible();
  await line.press('Enter');
  const beat = page.locator('article[aria-label$="draw"]');
  await expect(beat).toContainText('20 draws');
  await beat.getByLabel('What you say before the draws').focus();
  await beat.getByText('More rules').click();
  return beat;
}

test('a die from one typed line: its faces, its rules, what to expect', async ({ page }) => {
  const beat = await dieOnDesk(page, 'The ferry die');
  const expectation = beat.locator('[data-odds-numbers]');
  // docs/facts.md: twenty throws show all six faces with probability 0.848.
  await expect(expectation).toContainText('every one of them in 17 of 20 sessions');
  await expect(expectation).toContainText('the same twice in a row about 3.2 times');
  await beat.getByLabel('On a repeat').selectOption('again');
  await expect(expectation).toContainText('3.8 throws that don’t count');
  await beat.getByLabel('On a repeat').selectOption('stand-in');
  await expect(beat.getByText('there isn’t one. Choose one').first()).toBeVisible();
  await beat.getByRole('button', { name: 'Stand-in: which?' }).click();
  await beat.getByLabel('Stand-in', { exact: true }).fill('shake');
  await page.keyboard.press('Enter');
  await expect(expectation).toContainText('stand-ins');

  // A number die decides how many, within floor and ceiling.
  await beat.getByLabel('Where the amount comes from').selectOption('number die');
  await beat.getByLabel('Times', { exact: true }).fill('5');
  await expect(beat.getByText(/it can come to 20, and \d+ is plenty/u).first()).toBeVisible();
  await beat.getByRole('button', { name: /^Never more than/u }).click();
  await expect(beat.getByLabel('At most')).not.toHaveValue('20');

  // A draw that was tried is kept for the film, and is the same on the next day.
  await beat.getByRole('button', { name: 'Try ten draws' }).click();
  const tried = await beat.locator('[data-tried]').innerText();
  await beat.getByRole('button', { name: 'keep these for the film' }).click();
  await expect(beat.getByLabel('When it is drawn')).toHaveValue('beforehand');
  await saved(page);
  await page.getByRole('link', { name: 'Prep' }).click();
  const faces = tried.split(' · ').map((one) => one.split(':')[0]!);
  await pagesMade(page);
  const sheet = page.locator('[data-page="1"]');
  await expect(sheet).toContainText('beforehand');
  for (const face of faces.slice(0, 3)) await expect(sheet).toContainText(`${face}: `);
});

test('a spinner is as wide as its sectors, and becomes a deck', async ({ page }) => {
  await startNew(page, 'The mill wheel');
  await typeLine(page, 'The adventure', 'spinner 8 spins: 6 squats, march 20 s, 6 frog jumps');
  const beat = page.locator('article[aria-label$="draw"]');
  await beat.getByLabel('What you say before the draws').focus();
  await expect(beat.getByRole('img', { name: 'Spinner: 1 squat, 2 march' })).toBeVisible();
  await beat.getByLabel('Width of sector 1').fill('6');
  await expect(beat.locator('[data-odds-numbers]')).toContainText('Most often squat, about 6');
  await beat.getByLabel('Device').selectOption('deck');
  await expect(beat).toContainText('Cards, 3 suits, 1 to 10');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(beat).toContainText('Spinner of 3');
});

test('the stage draws, and takes what a real die shows, by key and by tap', async ({ page }) => {
  await dieOnDesk(page, 'The ferry die');
  await saved(page);
  await page.getByRole('link', { name: 'Lead it' }).click();
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.locator('[data-cue=draw]')).toBeVisible();
  await page.keyboard.press('Space');
  const main = page.locator('[data-cue] .main');
  await page.keyboard.press('1');
  await expect(main).toHaveText('Reed dips');
  await expect(page.locator('[data-next]')).toContainText('The next draw');
  const shows = page.getByRole('group', { name: 'What yours shows' });
  await shows.getByRole('button', { name: '4' }).click();
  await expect(main).toHaveText('Frog jump');
  await expect(page.getByText('Draw 1 of 20')).toBeVisible();

  // A lost tab finds the same draws again, those typed and those to come.
  for (let n = 0; n < 12; n += 1) await page.keyboard.press('ArrowRight');
  const there = await main.textContent();
  type Kept = { leading: { visits: unknown[] } };
  const visits = async () => (await stored<Kept>(page, 'runs'))[0]?.leading.visits.length ?? 0;
  await expect.poll(visits).toBeGreaterThanOrEqual(12);
  await page.reload();
  await page.getByRole('button', { name: 'Carry on' }).click();
  await expect(page.locator('[data-cue] .main')).toHaveText(there!);
  await page.getByRole('button', { name: 'End here' }).click();
  const [run] = await stored<{ seed: number; typed: Record<string, { outcome: number }[]> }>(
    page,
    'runs',
  );
  expect(Object.values(run!.typed)).toEqual([[{ outcome: 3, number: null }]]);
});

test('odds over the wire: exact, named, and refused where nothing can be drawn', async ({
  request,
  page,
}) => {
  await dieOnDesk(page, 'The ferry die');
  await saved(page);
  const records = await stored<{ document: { title: string; chapters: { beats: any[] }[] } }>(
    page,
    'adventures',
  );
  const { chapters } = records.find(({ document }) => document.title === 'The ferry die')!.document;
  const beat = chapters.flatMap(({ beats }) => beats).find(({ kind }) => kind === 'draw');
  const ask = (data: object) =>
    request.post('/api/odds', {
      headers: { 'content-type': 'application/json' },
      data: JSON.stringify(data),
    });
  const odds = await (await ask({ beat })).json();
  expect(odds).toMatchObject({ method: 'exact', errorBound: 0 });
  expect(odds.allSeen).toBeCloseTo(0.847988, 6);
  const capped = await (
    await ask({ beat: { ...beat, rules: { ...beat.rules, mostOfOne: 4 } } })
  ).json();
  expect(capped.method).toBe('simulated');
  expect(capped.errorBound).toBeGreaterThan(0);
  const empty = await ask({ beat: { ...beat, entries: [] } });
  expect(empty.status()).toBe(422);
  expect((await empty.json()).error).toMatchObject({
    code: 'no-outcome',
    path: ['beat', 'entries'],
  });
  const wrong = await ask({ beat: { ...beat, device: { kind: 'roulette' } } });
  expect(wrong.status()).toBe(400);
});
