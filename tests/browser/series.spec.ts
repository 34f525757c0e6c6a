import { readFileSync } from 'node:fs';
import { parse as parseCsv } from 'csv-parse/sync';
import ICAL from 'ical.js';
import { unzipSync } from 'fflate';
import type { Download, Page } from '@playwright/test';
import { pageSizes, pdfFile, textOf } from '../outside/poppler';
import { chooseMore, expect, openShelf, stored, test } from './arrup';

const headers = { 'content-type': 'application/json' };
const demo = (name: string) => JSON.parse(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));

const line = (page: Page, at: number) => page.locator('[data-session]').nth(at);
const bytesOf = async (download: Download) => readFileSync(await download.path());
/** The first sessions are these, as soon as they are drawn. */
async function expectFirst(page: Page, ...first: readonly string[]) {
  const titles = () =>
    page
      .locator('[data-session]')
      .evaluateAll((all) =>
        all.map((one) =>
          one.querySelector('.font-heading, .italic, .text-lg')?.textContent?.trim(),
        ),
      );
  await expect.poll(async () => (await titles()).slice(0, first.length)).toEqual(first);
}

async function openDemo(page: Page) {
  await page.goto('/series');
  await page.getByRole('button', { name: 'Show me the half term in Lanternfen' }).click();
  await expect(page.locator('[data-session]')).toHaveCount(6);
}

/** A new series of six weeks from a day in March. */
async function startSeries(page: Page, title: string) {
  await page.goto('/series');
  await page.getByRole('button', { name: 'New series' }).click();
  await page.getByLabel('Title of the series').fill(title);
  await page.getByLabel('First day').fill('2027-03-02');
  await page.getByRole('button', { name: 'Six weeks from then' }).click();
  await expect(page.locator('[data-session]')).toHaveCount(6);
}

/** Fills a session from the list of what is on the shelf. */
async function fill(page: Page, at: number, label: string) {
  await line(page, at)
    .getByRole('button', { name: /^(?:What shall we do|Change)/u })
    .click();
  await line(page, at).getByLabel('With').selectOption({ label });
  await line(page, at)
    .getByRole('button', { name: /^(?:What shall we do|Change)/u })
    .click();
}

test('a half term shows what was led, what is missing and what could be next', async ({ page }) => {
  await openDemo(page);
  const states = page.locator('[data-session]');
  await expect(states.nth(0)).toHaveAttribute('data-state', 'led');
  await expect(states.nth(1)).toHaveAttribute('data-state', 'led');
  await expect(states.nth(1)).toContainText('too hard');
  await expect(states.nth(2)).toContainText('Falls out: the tower is being painted');
  await expect(states.nth(3)).toHaveAttribute('data-state', 'open');
  // Three proposals, each with its reasons; the first is taken, and taken back.
  await line(page, 3)
    .getByRole('button', { name: /^What shall we do/u })
    .click();
  const proposals = line(page, 3).locator('[data-proposals] > li');
  await expect(proposals).toHaveCount(3);
  for (const proposal of await proposals.all()) {
    expect(await proposal.locator('ul li').count()).toBeGreaterThan(1);
  }
  const chosen = (await proposals.first().locator('.font-heading').textContent())!.trim();
  await proposals.first().getByRole('button', { name: /^Take/u }).click();
  await expect(line(page, 3)).toHaveAttribute('data-state', 'planned');
  await expect(line(page, 3)).toContainText(chosen);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(line(page, 3)).toHaveAttribute('data-state', 'open');
  // A note is mended in the script, and is gone; the way back is at the foot.
  const note = page.locator('[data-rule=not-lately]').first();
  const words = (await note.textContent())!;
  const skill = /^\s*No (.*?) yet/u.exec(words)![1]!;
  await note.getByRole('button').click();
  await expect(page.locator('[data-rule=not-lately]', { hasText: `No ${skill}` })).toHaveCount(0);
  await expect(
    page.locator('[data-coverage] tr', { hasText: skill }).locator('.rounded-full'),
  ).not.toHaveCount(0);
  // From the picture to the session.
  await page
    .locator('[data-coverage]')
    .getByRole('button', { name: /The ferry die/u })
    .click();
  await expect(line(page, 4).getByLabel('Day', { exact: true })).toBeInViewport();
  // And back.
  await line(page, 4).getByRole('button', { name: 'What it covers' }).click();
  await expect(
    page.locator('[data-coverage]').getByRole('button', { name: /The ferry die/u }),
  ).toBeFocused();
  await expect(page.locator('[data-ladders] li').first()).toBeVisible();
});

test('a row is made by hand: filled, moved by keys and by dragging, put later, kept', async ({
  page,
}) => {
  await startSeries(page, 'Tuesdays in the hall');
  await fill(page, 0, 'The late letter');
  await fill(page, 1, 'The ferry die');
  await expectFirst(page, 'The late letter', 'The ferry die', 'Still open');
  await line(page, 0)
    .getByRole('button', { name: /^Later: The late letter/u })
    .press('Enter');
  await expectFirst(page, 'The ferry die', 'The late letter');
  // The focus went with it: again with Alt and the arrow.
  await page.keyboard.press('Alt+ArrowDown');
  await expectFirst(page, 'The ferry die', 'Still open', 'The late letter');
  const from = (await line(page, 2).locator('.clip').boundingBox())!;
  const to = (await line(page, 0).locator('.clip').boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 30, { steps: 6 });
  await page.mouse.move(to.x + 8, to.y + 4, { steps: 12 });
  // The package looks where the line hangs a few times a second.
  await page.waitForTimeout(600);
  await page.mouse.up();
  await expectFirst(page, 'The late letter', 'The ferry die', 'Still open');
  await expect(line(page, 1)).toContainText('Tue 9 March');
  // A week falls out: all after it a week later.
  await line(page, 1)
    .getByRole('button', { name: /^Change/u })
    .click();
  await line(page, 1)
    .getByRole('button', { name: /a week later$/u })
    .click();
  await expect(line(page, 1)).toContainText('Tue 16 March');
  await expect(line(page, 0)).toContainText('Tue 2 March');
  await page.keyboard.press('Control+z');
  await expect(line(page, 1)).toContainText('Tue 9 March');
  // The two lines go into the script.
  await line(page, 1).getByLabel('What happened last time').fill('The letter came in time.');
  await line(page, 1).getByRole('button', { name: 'Put these lines into its script' }).click();
  await expect(page.getByText('The lines are in its welcome and goodbye.')).toBeVisible();
  await page.reload();
  await expectFirst(page, 'The late letter', 'The ferry die');
  const kept = await stored<{ id: string; document: object }>(page, 'adventures');
  const ferry = kept.find(({ id }) => id === 'adv_ferry-die')!;
  expect(JSON.stringify(ferry.document)).toContain('The letter came in time.');
});

test('a deleted adventure leaves its place and its numbers, told', async ({ page }) => {
  await startSeries(page, 'Tuesdays');
  await fill(page, 0, 'Six lamps before dark');
  await fill(page, 1, 'The late letter');
  const minutes = await line(page, 0).locator('.tabular').last().textContent();
  const dots = page.locator('[data-coverage] .rounded-full');
  const before = await dots.count();
  await openShelf(page);
  await chooseMore(page, 'Six lamps before dark', 'Delete');
  await expect(page.getByText('“Six lamps before dark” is in the trash.')).toBeVisible();
  await page.goto('/series');
  await page.getByRole('link', { name: 'Tuesdays', exact: true }).click();
  await expect(line(page, 0)).toContainText('isn’t on your shelf any more');
  await expect(line(page, 0)).toContainText('Six lamps before dark');
  await expect(line(page, 0)).toContainText(minutes!.trim());
  await expect(dots).toHaveCount(before);
});

test('dates come from a calendar or a table, and what has none is said', async ({ page }) => {
  await startSeries(page, 'From the school’s calendar');
  const input = page.locator('input[aria-label="File with dates"]');
  const file = (name: string, text: string) => ({
    name,
    mimeType: 'text/plain',
    buffer: Buffer.from(text),
  });
  await input.setInputFiles(file('notes.txt', 'no dates here'));
  await expect(page.getByText('“notes.txt”: There are no dates in it')).toBeVisible();
  await expect(page.locator('[data-session]')).toHaveCount(6);
  await input.setInputFiles(file('dates.csv', 'Day,Time\n2027-04-20,10:15\n2027-04-27,10:15\n'));
  await expect(page.locator('[data-session]')).toHaveCount(8);
  await expect(line(page, 7)).toContainText('10:15');
  const calendar = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'BEGIN:VEVENT',
    'UID:hall',
    'DTSTART:20270504T093000',
    'RRULE:FREQ=WEEKLY;COUNT=3',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n');
  await input.setInputFiles(file('hall.ics', calendar));
  await expect(page.locator('[data-session]')).toHaveCount(11);
});

test('the series is taken along: a plan, a calendar, everything, and a colleague opens it', async ({
  page,
  browser,
  baseURL,
}) => {
  test.slow();
  await openDemo(page);
  const save = async (label: string) => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: label }).click();
    const download = await waiting;
    await expect(page.getByRole('button', { name: label })).toBeEnabled();
    return download;
  };
  const plan = pdfFile(await bytesOf(await save('Term plan, one page to print')));
  expect(pageSizes(plan)).toHaveLength(1);
  expect(textOf(plan)).toContain('What these weeks cover');
  const rows = parseCsv(await bytesOf(await save('Term plan for a spreadsheet')), {
    columns: true,
  }) as { state: string }[];
  expect(rows.map(({ state }) => state)).toEqual([
    'led',
    'led',
    'falls out',
    'still open',
    'planned',
    'planned',
  ]);
  const calendar = await bytesOf(await save('All dates for your calendar'));
  const read = new ICAL.Component(ICAL.parse(calendar.toString()) as never);
  expect(read.getAllSubcomponents('vevent')).toHaveLength(6);
  const zip = unzipSync(await bytesOf(await save('Everything, with each adventure')));
  expect(Object.keys(zip).filter((name) => name.startsWith('packs/'))).toHaveLength(3);
  expect(Object.keys(zip)).toContain('The-lamps-of-Lanternfen.term-plan.docx');
  // A colleague who has nothing but the demo opens the file.
  const file = await bytesOf(await save('The series with its adventures'));
  const other = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await openShelf(other);
  await other.goto('/series');
  const input = other.locator('input[aria-label="Series file"]');
  const buffer = (text: string) => ({
    name: 'lamps.arrup-series.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  await input.setInputFiles(buffer('{"format":"arrup"}'));
  await expect(other.getByRole('alert')).toContainText('This isn’t a series of Arrup');
  await input.setInputFiles(buffer(file.toString()));
  await expect(other.locator('[data-session]')).toHaveCount(6);
  await expect(other.getByLabel('Title of the series')).toHaveValue('The lamps of Lanternfen');
  expect(await stored(other, 'runs')).toEqual([]);
  await other.close();
});

test('the server tells coverage and proposals, writes files, and refuses what it can’t', async ({
  request,
}) => {
  const [letter, ferry, lamps] = ['late-letter', 'ferry-die', 'six-lamps'].map(demo);
  const session = (n: number, adventureId: string | null) => ({
    id: `ses_${n}`,
    day: `2027-03-0${n}`,
    time: '09:30',
    adventureId,
    fallsOut: '',
    lastTime: '',
    nextTime: '',
    sequence: 0,
    kept: null,
    led: null,
  });
  const series = {
    version: 1,
    id: 'ser_1',
    title: 'Server Tuesdays',
    place: '',
    group: '',
    setting: { ...letter.setting, ages: { from: 6, to: 7 }, slotSeconds: 900 },
    everyDays: 7,
    favourites: [],
    sessions: [session(2, letter.id), session(3, ferry.id), session(4, null)],
    removed: [],
    savedAt: '2027-03-01T10:00:00.000Z',
  };
  const adventures = [letter, ferry];
  const ask = (path: string, data: object) => request.post(path, { headers, data });
  const told = await ask('/api/series/coverage', { series, adventures, today: '2027-03-02' });
  expect(told.status()).toBe(200);
  const { coverage, notes } = await told.json();
  expect(coverage.sessions).toHaveLength(3);
  expect(notes.map(({ rule }: { rule: string }) => rule)).toContain('gap');
  const shelf = [{ adventure: lamps }, { adventure: letter, lastDay: '2027-03-02' }];
  const next = await ask('/api/series/next', { series, adventures, shelf, sessionId: 'ses_4' });
  expect(next.status()).toBe(200);
  const { proposals } = await next.json();
  expect(proposals[0].adventureId).toBe(lamps.id);
  const why = proposals[0].reasons.map(({ words }: { words: string }) => words);
  expect(why[0]).toBe('not led yet');
  expect(why[1]).toMatch(/ in a slot of 15 min$/u);
  const csv = await ask('/api/export/csv', { series, adventures });
  expect(csv.headers()['content-disposition']).toContain('Server-Tuesdays.term-plan.csv');
  expect(parseCsv(await csv.text(), { columns: true })).toHaveLength(3);
  const pdf = await ask('/api/export/pdf', { series, adventures });
  expect(pageSizes(pdfFile(await pdf.body()))).toHaveLength(1);
  const wrong = { ...series, sessions: [{ ...session(2, letter.id), day: '2027-02-30' }] };
  for (const [path, data, status, at] of [
    ['/api/series/coverage', { series: wrong, adventures }, 400, 'series.sessions.0.day'],
    ['/api/series/next', { series, adventures, sessionId: 'ses_9' }, 422, 'sessionId'],
    ['/api/series/next', { series, adventures }, 400, 'sessionId'],
    ['/api/export/wav', { series, adventures }, 404, 'format'],
  ] as const) {
    const answer = await ask(path, data);
    expect(answer.status()).toBe(status);
    expect((await answer.json()).error.path.join('.')).toBe(at);
  }
});
