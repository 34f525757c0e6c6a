import { readdirSync, readFileSync } from 'node:fs';
import {
  expect,
  openDesk,
  openShelf,
  savedFile,
  stored,
  test,
  lengthOnDesk,
  chooseMore,
} from './arrup';
import type { Page } from '@playwright/test';

const demo = readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8');

/** How many demo adventures there are. */
const DEMOS = readdirSync('src/lib/demo').filter((name) => name.endsWith('.arrup.json')).length;

async function importText(page: Page, name: string, text: string) {
  await page
    .getByLabel('Adventure file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}
const titles = (page: Page) => page.locator('main li h2').allInnerTexts();

test('first visit: the demo adventures, marked as such, with their lengths', async ({ page }) => {
  await openShelf(page);
  const rows = page.locator('main li');
  await expect(rows).toHaveCount(DEMOS);
  for (const row of await rows.all()) {
    await expect(row.getByText('demo', { exact: true })).toBeVisible();
    await expect(row.getByText('not led yet')).toBeVisible();
  }
  // Day and night follow the device, with the page open.
  for (const colorScheme of ['dark', 'light'] as const) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveAttribute('data-mode', colorScheme);
  }
});

test('the demo can be removed, undone, removed again and brought back', async ({ page }) => {
  await openShelf(page);
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Remove the demo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Remove the demo' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the demo' }).click();
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await expect(page.getByText('An empty shelf')).toBeVisible();
  await page.reload();
  await expect(page.getByText('An empty shelf')).toBeVisible();
  await page.getByRole('button', { name: 'Put the demo on the shelf' }).click();
  await expect(page.locator('main li')).toHaveCount(DEMOS);
});

test('duplicates, deletes and takes back', async ({ page }) => {
  await openShelf(page);
  await chooseMore(page, 'The late letter', 'Make a copy');
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The late letter (copy)');
  await page.goto('/');
  await expect(page.locator('main li')).toHaveCount(DEMOS + 1);
  await chooseMore(page, 'The late letter', 'Delete');
  await expect(page.locator('main li')).toHaveCount(DEMOS);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('main li')).toHaveCount(DEMOS + 1);
});

test('finds by title, story, move and age', async ({ page }) => {
  await openShelf(page);
  await chooseMore(page, 'Six lamps before dark', 'Make a copy');
  await expect(page.getByLabel('Title of the adventure')).toHaveValue(
    'Six lamps before dark (copy)',
  );
  await page.goto('/');
  const search = page.getByLabel('Search your adventures');
  const expected: [string, string[]][] = [
    ['letter', ['The late letter demo']],
    ['burpee', []],
    ['age 3', ['A marsh morning demo']],
    ['FOG lamps', ['Six lamps before dark (copy)', 'Six lamps before dark demo']],
    [
      'bear walk',
      [
        'Six lamps before dark (copy)',
        'Six lamps before dark demo',
        'The ferry die demo',
        'The late letter demo',
      ],
    ],
  ];
  for (const [query, found] of expected) {
    await search.fill(query);
    await expect.poll(async () => (await titles(page)).sort()).toEqual(found);
  }
});

test('saves a file, and opens it again beside the one it came from', async ({ page }) => {
  await openShelf(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    chooseMore(page, 'The late letter', 'Save as a file'),
  ]);
  expect(file.suggestedFilename()).toBe('The-late-letter.arrup.json');
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toBe(demo);
  await importText(page, 'back.arrup.json', text);
  await expect(page.getByText('is on your shelf')).toBeVisible();
  await expect(page.locator('main li')).toHaveCount(DEMOS + 1);
});

test('refuses bad files with the place and the reason, and changes nothing', async ({ page }) => {
  await openShelf(page);
  const before = await stored(page, 'adventures');
  const changed = (change: (document: any) => void) => {
    const document = JSON.parse(demo);
    change(document);
    return JSON.stringify(document);
  };
  const files: [string, string, RegExp][] = [
    ['broken.json', demo.slice(0, 500), /broken/u],
    ['foreign.json', '{"name":"something else"}', /isn’t an Arrup adventure/u],
    ['newer.json', changed((d) => (d.version = 99)), /newer Arrup \(version 99/u],
    [
      'reps.json',
      changed((d) => (d.chapters[1].beats[0].actions[0].dose.amounts = [0])),
      /chapter 2, beat 1, move 1, dose, set 1: This is too small/u,
    ],
    ['hostile.json', '['.repeat(100_000), /broken/u],
    ['large.json', `"${'x'.repeat(2_200_000)}"`, /larger than 2 MB/u],
    [
      'script.json',
      changed((d) => (d.title = { html: '<img src=x onerror=alert(1)>' })),
      /In title/u,
    ],
  ];
  for (const [name, text, reason] of files) {
    await importText(page, name, text);
    const alert = page.getByRole('alert');
    await expect(alert).toContainText(`“${name}” wasn’t opened. Nothing here has changed.`);
    await expect(alert).toContainText(reason);
    await alert.getByRole('button').click();
  }
  expect(await stored(page, 'adventures')).toEqual(before);
});

test('opens a script written by hand, and a table of beats; says what it did not understand', async ({
  page,
}) => {
  await openShelf(page);
  const script =
    '# The fog bell\n\nSome: thing\n\n## Warm-up\n\n- 6 squats as rope dips\n- Who can hop?\n';
  await importText(page, 'fog.md', script);
  const review = page.getByRole('dialog');
  await expect(review).toContainText('What “fog.md” becomes');
  await expect(review).toContainText('Line 3 is left out: it isn’t understood: Some: thing');
  await expect(review.locator('[data-line="8"]')).toContainText('hop, ');
  await review.getByRole('button', { name: 'Put it on the shelf' }).click();
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The fog bell');
  await page.goto('/');
  await importText(page, 'ferry-table.csv', 'Chapter,Say,Do\nWelcome,Hello!,\nGame,,5 hops\n');
  await page.getByRole('button', { name: 'Open it', exact: true }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('ferry table');
  await page.goto('/');
  await importText(page, 'fruit.csv', 'Fruit,Colour\napple,red\n');
  await expect(page.getByRole('alert')).toContainText('must name its columns: Chapter, Say, Do');
  await page.getByRole('button', { name: 'All right' }).click();
  await expect(page.locator('main li')).toHaveCount(DEMOS + 2);
});

test('shows markup in a file as plain words', async ({ page }) => {
  await openShelf(page);
  const document = JSON.parse(demo);
  document.id = 'adv_markup';
  document.title = '<img src=x onerror=alert(1)> 🪁 ضوء';
  await importText(page, 'markup.arrup.json', JSON.stringify(document));
  await expect(page.locator('main h2').first()).toContainText(
    '<img src=x onerror=alert(1)> 🪁 ضوء',
  );
});

test('an address that is not here says so, with the way back', async ({ page }) => {
  await openShelf(page);
  for (const place of ['desk', 'prep', 'stage', 'logbook']) {
    await page.goto(`/${place}/nothing`);
    await expect(page.getByRole('heading')).toContainText('doesn’t have that');
  }
  await page.getByRole('link', { name: 'To the shelf' }).click();
  await expect(page.locator('main li')).toHaveCount(DEMOS);
});

test('an empty adventure can be opened everywhere', async ({ page }) => {
  await openShelf(page);
  await page.getByRole('button', { name: 'New adventure' }).click();
  await page.getByRole('link', { name: 'Prep' }).click();
  await expect(page.getByText('There’s nothing to print yet')).toBeVisible();
  await page.goto(page.url().replace('/prep/', '/stage/'));
  await expect(page.getByText('There’s nothing to lead yet')).toBeVisible();
});

test('words a minute bend every length', async ({ page }) => {
  await openDesk(page, 'The late letter');
  const gauge = lengthOnDesk(page);
  const before = await gauge.innerText();
  expect(before).toMatch(/^\d+:\d\d/u);
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByLabel('Words a minute').fill('100');
  await page.goBack();
  await expect(gauge).toBeVisible();
  await expect(gauge).not.toHaveText(before);
});

test('what a newer build has left is told, kept as it is, and can be saved as a file', async ({
  page,
}) => {
  await openShelf(page);
  const newer = { format: 'arrup', version: 99, title: 'From tomorrow' };
  await page.evaluate(async (document) => {
    const opened = indexedDB.open('arrup');
    const db = await new Promise<IDBDatabase>((done) => {
      opened.onsuccess = () => done(opened.result);
    });
    const tx = db.transaction('adventures', 'readwrite');
    tx.objectStore('adventures').put({ id: 'adv_newer', document, revision: 1 });
    await new Promise((done) => (tx.oncomplete = done));
    db.close();
  }, newer);
  await page.reload();
  await expect(page.getByText('It was made with a newer Arrup')).toBeVisible();
  await expect(page.getByText('The late letter')).toBeVisible();
  const file = await savedFile(page, 'Save it as a file');
  expect(JSON.parse(file.bytes.toString('utf8'))).toMatchObject({
    id: 'adv_newer',
    document: newer,
  });
  // Shown, and not touched.
  await expect(page.getByRole('button', { name: 'Try to mend it' })).toBeHidden();
  const kept = await stored<{ id: string; document: object }>(page, 'adventures');
  expect(kept.find(({ id }) => id === 'adv_newer')?.document).toEqual(newer);
});

test('a first visit may begin at any place of the demo', async ({ page }) => {
  await page.goto('/desk/adv_late-letter');
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('The late letter');
  await page.goto('/stage/adv_six-lamps');
  await expect(page.getByRole('button', { name: 'Go', exact: true })).toBeVisible();
});
