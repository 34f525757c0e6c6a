/** The built application in a browser that fails on any console error and any foreign request. */
import { readFileSync } from 'node:fs';
import { test as base, expect, type Locator, type Page } from '@playwright/test';

export const test = base.extend<{ strict: void }>({
  strict: [
    async ({ context, baseURL }, use) => {
      const troubles: string[] = [];
      context.on('console', (message) => {
        if (message.type() === 'error') troubles.push(`console: ${message.text()}`);
      });
      context.on('weberror', (error) => troubles.push(`page: ${error.error().message}`));
      context.on('request', (request) => {
        const url = request.url();
        if (!url.startsWith(baseURL!) && !/^(data|blob):/u.test(url))
          troubles.push(`went to ${url}`);
      });
      await use();
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** For `test.use`: pictures move, as for somebody who asked for nothing. Elsewhere they stand still. */
export const WITH_MOTION = { contextOptions: { reducedMotion: 'no-preference' } } as const;

/** Opens one of the tabs beside the script: "Notes", "Expect", "Body", "Fit it", "Story" or "Find". */
export async function lookAt(page: Page, tab: string): Promise<void> {
  const look = page.getByRole('complementary', { name: 'What to look at' });
  await expect(page.locator('[data-strip]')).toBeVisible();
  if (!(await look.isVisible())) await page.keyboard.press('Control+.');
  await look.getByRole('tab', { name: tab }).click();
}

/** The notes of a line besides the gravest, which are behind one word. */
export async function openNotes(row: Locator): Promise<void> {
  const more = row.getByRole('button', { name: /^and \d+ more$/u });
  await expect(row.locator('[data-rule]').first()).toBeVisible();
  if (await more.isVisible()) await more.click();
}

/** How long the script on the Desk is, as it's told. */
export const lengthOnDesk = (page: Page): Locator => page.locator('[data-strip] [data-told]');

/** Waits until there is at least one row and each reads as it should. */
export async function expectEach(rows: Locator, reads: RegExp): Promise<void> {
  await expect(async () => {
    const texts = await rows.allInnerTexts();
    expect(texts).not.toEqual([]);
    for (const text of texts) expect(text).toMatch(reads);
  }).toPass();
}

/** The shelf on a first visit, with the demo out. */
export async function openShelf(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'The late letter', exact: true })).toBeVisible();
}

/** The adventures of the demo, by their titles. */
const DEMO_IDS: ReadonlyMap<string, string> = new Map(
  ['ferry-die', 'late-letter', 'marsh-morning', 'six-lamps'].map((name) => {
    const text = readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8');
    const { id, title } = JSON.parse(text) as { id: string; title: string };
    return [title, id];
  }),
);

/** An adventure of the demo on the Desk: a first visit may begin there. */
export async function openDesk(page: Page, title: string): Promise<void> {
  await page.goto(`/desk/${DEMO_IDS.get(title) ?? `no demo is called ${title}`}`);
  await expect(page.getByLabel('Title of the adventure')).toHaveValue(title);
}

/** A new, empty adventure on the Desk. */
export async function startNew(page: Page, title: string): Promise<void> {
  await openShelf(page);
  await page.getByRole('button', { name: 'New adventure' }).click();
  await page.getByLabel('Title of the adventure').fill(title);
}

/** Types a line into a chapter as a presenter does. */
export async function typeLine(page: Page, chapter: string, line: string): Promise<void> {
  const input = page.getByLabel(`Next line in ${chapter}`);
  await input.fill(line);
  await input.press('Enter');
  await expect(input).toHaveValue('');
  // Notes wait while somebody is typing on.
  await input.blur();
}

export async function saved(page: Page): Promise<void> {
  await expect(page.locator('[data-save=saved]')).toBeVisible();
}

/** The children's screen of an adventure, in a window of its own behind this one. */
export async function withScreen(page: Page, id: string): Promise<Page> {
  await openShelf(page);
  const screen = await page.context().newPage();
  await screen.goto(`/stage/${id}/screen`);
  await page.bringToFront();
  return screen;
}

/** The Stage with a session begun. */
export async function begin(page: Page, id: string, query = ''): Promise<void> {
  await page.goto(`/stage/${id}${query}`);
  await page.getByRole('button', { name: /^(?:Go|From the start)$/u }).click();
  await expect(page.locator('[data-cue]')).toBeVisible();
}

/** On with the arrow key until the Stage shows this. */
export async function leafTo(page: Page, selector: string): Promise<void> {
  for (let n = 0; n < 120; n += 1) {
    if (await page.locator(selector).isVisible()) return;
    await page.keyboard.press('ArrowRight');
  }
  throw new Error(`leafTo: no ${selector}`);
}

/** Prep has made the pages to print; how many they are. */
export async function pagesMade(page: Page): Promise<number> {
  const told = page.locator('[data-pages]:not([data-pages=making]):not([data-pages="0"])');
  await expect(told).toBeVisible();
  return Number(await told.getAttribute('data-pages'));
}

/** Chooses something seldom done to an adventure on the Shelf: "Make a copy", "Save as a file", "Delete". */
export async function chooseMore(page: Page, title: string, word: string): Promise<void> {
  await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
  await page.getByRole('menuitem', { name: word }).click();
}

/** What a button saves as a file. */
export async function savedFile(
  page: Page,
  button: string,
): Promise<{ name: string; bytes: Buffer }> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
}

/** Everything in one of the browser's stores. */
export function stored<T>(page: Page, store: 'adventures' | 'runs' | 'moves'): Promise<T[]> {
  return page.evaluate(
    (name) =>
      new Promise<T[]>((resolve, reject) => {
        const open = indexedDB.open('arrup');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const all = open.result.transaction(name).objectStore(name).getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(all.result as T[]);
          };
        };
      }),
    store,
  );
}
