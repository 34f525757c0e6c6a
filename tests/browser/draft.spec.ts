import { expect, lengthOnDesk, openShelf, test } from './arrup';

test('a first draft: asked for in a sentence, a part drawn again, taken to the Desk as one’s own', async ({
  page,
}) => {
  await openShelf(page);
  await page.getByRole('button', { name: 'First draft' }).click();
  await page.getByLabel('Who needs help').fill('Otto');
  await page.getByLabel('What they want').fill('bring the ferry home');
  await page.getByLabel('Where it plays').fill('the river');
  await page.getByLabel('Shape').selectOption('coin');
  await page.getByLabel('What rides along').fill('opposites');
  await page.getByLabel('Minutes in the slot').fill('10');
  await page.getByRole('button', { name: 'Draft it' }).click();
  const draft = page.getByRole('article', { name: 'The draft' });
  await expect(draft.getByRole('heading', { name: 'Bring the ferry home' })).toBeVisible();
  await expect(draft).toContainText('We’re off to the river.');
  await expect(draft.locator('header')).toContainText(/9:[45]\d|10:00/u);
  await expect(draft.locator('[data-rides]')).toHaveText('“opposites” rides along in the game.');
  await expect(draft).toContainText('high: tall reach, low: squat');
  const calm = draft.locator('section', { has: page.getByRole('heading', { name: 'Calm' }) });
  const way = draft.locator('section', { has: page.getByRole('heading', { name: 'The river' }) });
  const [before, kept] = [await calm.innerText(), await way.innerText()];
  await expect(async () => {
    await calm.getByRole('button', { name: 'Another calm' }).click({ timeout: 2000 });
    await expect(page.getByRole('button', { name: 'Another one' })).toBeEnabled();
    expect(await calm.innerText()).not.toBe(before);
  }).toPass();
  expect(await way.innerText()).toBe(kept);
  await page.getByRole('button', { name: 'Take it to the Desk' }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('Bring the ferry home');
  await expect(lengthOnDesk(page)).toContainText(/9:[45]\d|10:00/u);
  await expect(page.getByRole('article', { name: /draw$/u })).toHaveCount(1);
});

test('a draft with words longer than a phone is no wider than it', async ({ page }) => {
  await openShelf(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('button', { name: 'First draft' }).click();
  await page.getByLabel('Where it plays').fill('the Steppingstonesinthereedbedsbetweentwovillages');
  await page.getByLabel('Minutes in the slot').fill('5');
  await page.getByRole('button', { name: 'Draft it' }).click();
  await expect(page.getByRole('article', { name: 'The draft' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
