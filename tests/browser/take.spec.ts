import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deflateRawSync } from 'node:zlib';
import type { Browser, BrowserContextOptions, Page } from '@playwright/test';
import { expect, openShelf, saved, savedFile, test } from './arrup';
import { check } from './clean';

/** A page as a file on a disk of a machine without a network; fails on any error, and on anything fetched. */
async function onDisk(
  browser: Browser,
  bytes: Buffer | string,
  options: BrowserContextOptions = {},
): Promise<Page> {
  const path = join(mkdtempSync(join(tmpdir(), 'arrup-take-')), 'adventure.html');
  writeFileSync(path, bytes);
  const context = await browser.newContext({ offline: true, reducedMotion: 'reduce', ...options });
  const page = await context.newPage();
  const fail = (what: string) => {
    throw new Error(what);
  };
  page.on('pageerror', (error) => fail(error.message));
  page.on('console', (message) => message.type() === 'error' && fail(message.text()));
  page.on(
    'request',
    (request) => /^(?:file|data|blob):/u.test(request.url()) || fail(request.url()),
  );
  await page.goto(`file://${path}`);
  return page;
}

/** The page that leads an adventure, as Prep saves it. */
async function pageOf(page: Page, id: string, madeBy = '') {
  await page.goto(`/prep/${id}`);
  if (madeBy) await page.getByLabel('Who made it').fill(madeBy);
  return savedFile(page, 'A page that leads itself');
}

/** Where a session stands, from cue to cue, leafed on by key until it is over. */
async function leafed(page: Page): Promise<string[]> {
  const seen: string[] = [];
  const over = page.getByRole('heading', { name: 'Well led!' });
  for (let n = 0; n < 200 && !(await over.isVisible()); n += 1) {
    seen.push((await page.locator('[data-cue]').getAttribute('data-cue'))!);
    await page.keyboard.press('ArrowRight');
  }
  await expect(over).toBeVisible();
  return seen;
}

test('one file leads the adventure from a disk, without a network, as the Stage does', async ({
  page,
  browser,
}) => {
  test.slow();
  const { name, bytes } = await pageOf(page, 'adv_marsh-morning', 'Ottoline of the ferry');
  expect(name).toBe('A-marsh-morning.html');
  expect(bytes.length).toBeLessThan(1.5e6);
  const alone = await onDisk(browser, bytes);
  await expect(alone).toHaveTitle('A marsh morning');
  await expect(alone.getByRole('heading', { level: 1 })).toHaveText('A marsh morning');
  await expect(alone.getByText('Made by Ottoline of the ferry.')).toBeVisible();
  await expect(alone.getByRole('region', { name: 'Before you start' })).toContainText(
    'risk assessment',
  );
  await check(alone, 'a page that leads itself, ready');
  await alone.keyboard.press('Space');
  await expect(alone.locator('[data-cue]')).toBeVisible();
  await alone.keyboard.press('Space');
  await check(alone, 'a page that leads itself, leading');
  const there = await leafed(alone);
  await page.goto('/stage/adv_marsh-morning');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.keyboard.press('Space');
  expect(there).toEqual(await leafed(page));
  // Nothing of the session is kept, so nothing is asked about it; it can be led again.
  await expect(alone.getByText('What to remember')).toHaveCount(0);
  await alone.getByRole('button', { name: 'Once more' }).click();
  await expect(alone.getByRole('button', { name: 'Go', exact: true })).toBeVisible();
  await alone.emulateMedia({ media: 'print' });
  await expect(alone.locator('[data-paper]')).toContainText('made by Ottoline of the ferry');
  await expect(alone.getByRole('button', { name: 'Go', exact: true })).toBeHidden();
  await alone.context().close();
});

test('it is led by touch on a phone, with what is drawn on the screen, for the children alone', async ({
  page,
  browser,
}) => {
  test.slow();
  const { bytes } = await pageOf(page, 'adv_ferry-die');
  const phone = await onDisk(browser, bytes, {
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    colorScheme: 'dark',
  });
  await expect(phone.locator('html')).toHaveAttribute('data-mode', 'dark');
  await expect(phone.getByText('Made by ')).toHaveCount(0);
  await phone.getByLabel('Who looks at the screen').selectOption({ index: 1 });
  await phone.getByRole('button', { name: 'Go', exact: true }).tap();
  await expect(phone.locator('[data-shown]')).toBeVisible();
  const kinds = new Set<string>();
  const next = phone.getByRole('button', { name: 'Next' });
  for (let n = 0; n < 200 && (await next.isVisible()); n += 1) {
    kinds.add((await phone.locator('main').getAttribute('data-shown'))!);
    // What is for whoever leads is not there.
    if (n % 20 === 0) await expect(phone.locator('[data-remaining]')).toHaveCount(0);
    await next.tap();
  }
  expect([...kinds]).toEqual(expect.arrayContaining(['say', 'draw', 'work']));
  await expect(phone.getByRole('heading', { name: 'Well led!' })).toBeVisible();
  await phone.context().close();
});

test('it is opened in Arrup again as the adventure that it is; one that is broken says so', async ({
  page,
  browser,
}) => {
  const { bytes } = await pageOf(page, 'adv_late-letter');
  const open = async (html: Buffer | string) => {
    await page.goto('/');
    await page
      .getByLabel('Adventure file')
      .setInputFiles({ name: 'sent.html', mimeType: 'text/html', buffer: Buffer.from(html) });
  };
  // As it is here, it comes beside the one that is here.
  await open(bytes);
  await expect(page.getByText('“The late letter” is on your shelf.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'The late letter', exact: true })).toHaveCount(2);
  await open('<html>A recipe</html>');
  await expect(page.getByRole('alert')).toContainText('no adventure of Arrup in this page');
  const cut = bytes.toString().replace('"version":1', '"version":');
  const broken = await onDisk(browser, cut);
  await expect(broken.getByRole('heading', { name: 'This page is broken' })).toBeVisible();
  await broken.context().close();
});

test('a link holds all of it: it is looked at, and then taken in; a hostile one is refused', async ({
  page,
  browser,
  baseURL,
}) => {
  test.slow();
  await page.goto('/prep/adv_six-lamps');
  await page.getByRole('button', { name: 'A link with all of it' }).click();
  await expect(page.locator('[data-code]')).toBeVisible();
  await check(page, 'the link', '[data-link-panel]');
  const link = await page.getByRole('textbox', { name: 'The link' }).inputValue();
  expect(link.startsWith(`${baseURL}/take#`)).toBe(true);

  // A colleague, whose shelf is her own.
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: baseURL! });
  const hers = await context.newPage();
  const asked: string[] = [];
  hers.on('request', (request) => asked.push(request.url() + (request.postData() ?? '')));
  await hers.goto('/');
  await hers.getByRole('button', { name: 'More for Six lamps before dark' }).click();
  await hers.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(hers.getByRole('link', { name: 'Six lamps before dark', exact: true })).toHaveCount(
    0,
  );
  await hers.goto(link);
  await expect(hers.getByRole('heading', { level: 1 })).toHaveText('Six lamps before dark');
  await check(hers, 'a link that is looked at');
  await hers.getByRole('button', { name: 'Put it on my shelf' }).click();
  await expect(hers.getByLabel('Title of the adventure')).toHaveValue('Six lamps before dark');
  const part = new URL(link).hash.slice(1, 60);
  expect(asked.filter((one) => one.includes(part))).toEqual([]);
  // The same again is told to be here.
  await hers.goto('/');
  await hers.goto(link);
  await expect(hers.getByText('on your shelf already')).toBeVisible();

  const bomb = deflateRawSync('a'.repeat(50_000_000)).toString('base64url');
  for (const [fragment, reason] of [
    [link.slice(link.indexOf('#') + 1, -40), 'part of it was cut off'],
    ['a%3Cscript%3Ealert(1)%3C/script%3E', 'part of it was cut off'],
    [`a${bomb}`, 'larger than 2 MB'],
    [`a${'A'.repeat(100_001)}`, 'longer than any'],
  ] as const) {
    await hers.goto('/');
    await hers.goto(`/take#${fragment}`);
    await expect(hers.getByRole('alert')).toContainText(reason);
  }
  await context.close();
});

test('what a colleague sent back is laid beside one’s own, and taken one by one, or all', async ({
  page,
}) => {
  test.slow();
  await openShelf(page);
  const sent = JSON.parse(readFileSync('src/lib/demo/six-lamps.arrup.json', 'utf8')) as any;
  delete sent.checksum;
  sent.title = 'Seven lamps';
  sent.chapters[0].beats[0].text = 'Good evening, lamplighters.';
  sent.chapters[1].beats.shift();
  sent.chapters[3].beats.push({ kind: 'tell', id: 'bt_seventh', text: 'The seventh lamp hums.' });
  await page.getByLabel('Adventure file').setInputFiles({
    name: 'seven-lamps.arrup.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(sent)),
  });
  await page.getByRole('button', { name: 'Lay both side by side' }).click();
  await expect(page.getByRole('heading', { name: '4 differences' })).toBeVisible();
  await check(page, 'side by side');
  const added = page.locator('[data-difference=added]');
  await expect(added).toContainText('The seventh lamp hums.');
  await added.getByRole('button', { name: /^Take it/u }).click();
  await expect(page.getByRole('heading', { name: '3 differences' })).toBeFocused();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: '4 differences' })).toBeVisible();
  await page.getByRole('button', { name: 'Take all of theirs' }).click();
  await expect(page.getByRole('heading', { name: 'Both are alike now' })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: 'Back to the Desk' }).click();
  await expect(page.getByLabel('Title of the adventure')).toHaveValue('Seven lamps');
});
