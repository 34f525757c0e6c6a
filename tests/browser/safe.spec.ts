import { readFileSync } from 'node:fs';
import { newOwnMove } from '../../src/core/moves/new-own-move';
import { expect, openShelf, savedFile, stored, test, chooseMore } from './arrup';

const demo = () => JSON.parse(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
const opened = (name: string, content: object) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(JSON.stringify(content)),
});

test('what can’t be saved stays told, is saved as a file, and is solved by itself', async ({
  page,
}) => {
  await page.goto('/desk/adv_late-letter');
  const title = page.getByLabel('Title of the adventure');
  await expect(title).toHaveValue('The late letter');
  await page.evaluate(() => {
    const whole = IDBObjectStore.prototype.put;
    Object.assign(globalThis, { mend: () => (IDBObjectStore.prototype.put = whole) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await title.fill('The late letter, rewritten');
  const trouble = page.getByRole('alert', { name: 'Not saved' });
  await expect(trouble).toContainText('“The late letter, rewritten” isn’t saved');
  const file = await savedFile(page, 'Save a file');
  expect(JSON.parse(file.bytes.toString('utf8'))).toMatchObject({
    title: 'The late letter, rewritten',
  });
  await page.evaluate(() => (globalThis as unknown as { mend: () => void }).mend());
  await trouble.getByRole('button', { name: 'Try again' }).click();
  await expect(trouble).toBeHidden();
  const rows = await stored<{ document: { title: string } }>(page, 'adventures');
  expect(rows.map(({ document }) => document.title)).toContain('The late letter, rewritten');
});

test('what was deleted is in the trash, and comes back', async ({ page }) => {
  await openShelf(page);
  await chooseMore(page, 'The late letter', 'Delete');
  await page.getByRole('link', { name: 'Trash' }).click();
  await page.getByRole('button', { name: 'Put back “The late letter”' }).click();
  await expect(page.getByText('There’s nothing in it.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'The late letter' })).toBeVisible();
});

test('a broken adventure stands as itself, and is mended as far as it goes', async ({ page }) => {
  await openShelf(page);
  const document = demo();
  document.id = 'adv_torn';
  document.title = 'The torn letter';
  document.chapters[0].beats.push({ kind: 'move', id: 'bt_torn' });
  await page.evaluate(async (broken) => {
    const asked = indexedDB.open('arrup');
    const db = await new Promise<IDBDatabase>((done) => {
      asked.onsuccess = () => done(asked.result);
    });
    const tx = db.transaction('adventures', 'readwrite');
    tx.objectStore('adventures').put({ id: 'adv_torn', document: broken, revision: 1 });
    await new Promise((done) => (tx.oncomplete = done));
    db.close();
  }, document);
  await page.reload();
  const row = page.locator('[data-aside="adv_torn"]');
  await expect(row).toContainText('The torn letter');
  await row.getByRole('button', { name: 'Try to mend it' }).click();
  await expect(page.getByText('is mended. Left out: chapter 1, beat')).toBeVisible();
  await expect(row).toBeHidden();
  await expect(page.getByRole('heading', { name: 'The torn letter' })).toBeVisible();
});

test('moves that a file brings are looked at, and replace none of the catalogue', async ({
  page,
}) => {
  await openShelf(page);
  const file = demo();
  file.id = 'adv_brought';
  file.title = 'A letter from elsewhere';
  delete file.checksum;
  const figure = { kind: 'like', move: 'march' };
  const own = { ...newOwnMove((prefix) => `${prefix}_1`), id: 'march', name: 'march', figure };
  file.moves = [own];
  await page.getByLabel('Adventure file').setInputFiles(opened('elsewhere.arrup.json', file));
  const look = page.getByRole('dialog');
  await expect(look).toContainText('brings 1 move of its own');
  await expect(look).toContainText('It names no caution.');
  await look.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('“A letter from elsewhere” is on your shelf.')).toBeVisible();
  const rows = await stored<{ id: string; document: { moves: { id: string }[] } }>(
    page,
    'adventures',
  );
  const taken = rows.find(({ id }) => id === 'adv_brought')!;
  expect(taken.document.moves.map(({ id }) => id)).toEqual(['march-2']);
  // It is this adventure's alone.
  expect(await stored(page, 'moves')).toEqual([]);
});

test('a file that was changed by hand is opened with a word about it', async ({ page }) => {
  await openShelf(page);
  const file = { ...demo(), id: 'adv_hand', title: 'Changed by hand' };
  await page.getByLabel('Adventure file').setInputFiles(opened('hand.arrup.json', file));
  await expect(page.getByText('was changed after Arrup wrote it')).toBeVisible();
});

test('everything is saved in one file, looked at, and taken back', async ({ page }) => {
  await page.goto('/settings');
  const { name, bytes } = await savedFile(page, 'Save a backup');
  expect(name).toMatch(/^arrup-backup-\d{4}-\d\d-\d\d\.zip$/u);
  await page.goto('/');
  await chooseMore(page, 'The late letter', 'Delete');
  await page.goto('/settings');
  const picker = page.getByLabel('Backup file');
  await picker.setInputFiles({ name, mimeType: 'application/zip', buffer: bytes });
  await expect(page.getByRole('checkbox', { name: /The late letter/u })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /Six lamps/u })).not.toBeChecked();
  await page.getByRole('button', { name: 'Take back 1' }).click();
  await expect(page.getByText('1 thing is back.')).toBeVisible();
  const rows = await stored<{ id: string }>(page, 'adventures');
  expect(rows.map(({ id }) => id)).toContain('adv_late-letter');
  await picker.setInputFiles({
    name: 'a.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('no'),
  });
  await expect(page.getByText('“a.zip” wasn’t opened')).toBeVisible();
});

test('a store that was put in place of another is told, with the last backup’s name', async ({
  page,
}) => {
  await openShelf(page);
  await page.evaluate(() => {
    const known = JSON.parse(localStorage.getItem('arrup.changes') ?? '{}');
    const backup = { backup: 'arrup-backup-2026-05-04.zip', backupAt: '2026-05-04T18:00:00Z' };
    localStorage.setItem(
      'arrup.changes',
      JSON.stringify({ ...known, ...backup, store: 'store_gone' }),
    );
  });
  await page.reload();
  await expect(page.getByText('Something that was here is gone.')).toBeVisible();
  await expect(page.getByText('arrup-backup-2026-05-04.zip')).toBeVisible();
  await page.getByRole('button', { name: 'Go on with what’s here' }).click();
  await page.reload();
  await expect(page.getByText('The late letter')).toBeVisible();
  await expect(page.getByText('Something that was here is gone.')).toBeHidden();
});

test('a line that is typed and not entered is there after a reload', async ({ page }) => {
  await page.goto('/desk/adv_late-letter');
  const line = page.getByPlaceholder(/./u).last();
  await line.fill('10 frog jumps to the');
  await page.waitForTimeout(200);
  await page.reload();
  await expect(page.getByPlaceholder(/./u).last()).toHaveValue('10 frog jumps to the');
});

test('a second Stage of one adventure is told, and a screen whose Stage is gone says so', async ({
  page,
  context,
}) => {
  const stage = async (one: typeof page) => {
    await one.goto('/stage/adv_late-letter');
    await one.getByRole('button', { name: 'Go', exact: true }).click();
    await expect(one.locator('[data-cue]')).toBeVisible();
  };
  await stage(page);
  const other = await context.newPage();
  await other.goto('/stage/adv_late-letter');
  await other.getByRole('button', { name: 'From the start' }).click();
  await expect(other.getByText('Another window leads this adventure too')).toBeVisible();
  await other.close();
  const screen = await context.newPage();
  await screen.goto('/stage/adv_late-letter/screen');
  await expect(screen.locator('main')).not.toHaveAttribute('data-shown', 'waiting');
  await page.close();
  await expect(screen.locator('main')).toHaveAttribute('data-shown', 'gone');
});
