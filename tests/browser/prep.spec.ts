import { createRequire } from 'node:module';
import { unzipSync } from 'fflate';
import ICAL from 'ical.js';
import mammoth from 'mammoth';
import {
  expect,
  openDesk,
  pagesMade,
  saved,
  savedFile,
  startNew,
  stored,
  test,
  typeLine,
  lookAt,
} from './arrup';

// An older kind of package, without names that can be imported.
const { WaveFile } = createRequire(import.meta.url)('wavefile') as typeof import('wavefile');

test('the kit list counts, knows what is short and from the house, and keeps its ticks', async ({
  page,
}) => {
  await startNew(page, 'The post bag school');
  await typeLine(page, 'The adventure', '5 bean bag catches');
  await typeLine(page, 'The adventure', 'die: 6 squats, march 20 s');
  await lookAt(page, 'Story');
  await page.getByLabel('Kit at hand').fill('8 bean bags');
  await page.getByLabel('Kit at hand').blur();
  await saved(page);
  await page.getByRole('link', { name: 'Prep' }).click();
  const kit = page.getByRole('region', { name: 'To gather' });
  await expect(kit).toContainText('12 bean bags, one each');
  await expect(kit).toContainText('8 at hand, 4 short. Instead: a sock with rice in it');
  await kit.getByRole('checkbox', { name: /bean bags/u }).check();
  await expect(kit).not.toContainText('4 short');
  await page.reload();
  await expect(kit.getByRole('checkbox', { name: /bean bags/u })).toBeChecked();
  await expect(kit.getByRole('checkbox', { name: /1 die/u })).not.toBeChecked();
});

test('the room says how many at once, and whether all is fetched in time', async ({ page }) => {
  await openDesk(page, 'The late letter');
  await page.getByRole('link', { name: 'Prep' }).click();
  const room = page.getByRole('region', { name: 'In the room' });
  await expect(room).toContainText('All 12 at once, on the spot');
  await expect(room).toContainText(
    /5 at a time: 3 goes, one after another, side by side in lanes/u,
  );
  await room.getByText('Can they fetch it all in time?').click();
  const answer = room.locator('[data-fetch]');
  await room.getByLabel('Seconds').fill('60');
  await expect(answer).toContainText('Yes: each makes 2 trips');
  await room.getByLabel('Seconds').fill('4');
  await expect(answer).toContainText(/No: they bring \d+\. Give them \d+ s/u);
  await room.getByLabel('Seconds').fill('10');
  await room.getByLabel('Way in a second in metres').fill('8');
  await expect(answer).toContainText('The speed is yours.');
  await expect(answer).toContainText('Yes: each makes 2 trips');
});

test('a setting is kept under a name, and taken in another adventure; elsewhere it says what fits', async ({
  page,
}) => {
  await openDesk(page, 'The late letter');
  await lookAt(page, 'Story');
  await page.getByLabel('Length of the room in metres').fill('3');
  await page.getByLabel('Height of the room in metres').fill('2.1');
  await page.getByLabel('Keep this setting as').fill('Nell’s attic');
  await page.getByRole('button', { name: 'keep it' }).click();
  await startNew(page, 'In the attic');
  await lookAt(page, 'Story');
  await page.getByLabel('Take a setting').selectOption({ label: 'Nell’s attic' });
  await expect(page.getByLabel('Height of the room in metres')).toHaveValue('2.1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Height of the room in metres')).toHaveValue('3');
  await page.goto('/prep/adv_ferry-die');
  const elsewhere = page.getByRole('region', { name: 'Somewhere else, if it rains' });
  await elsewhere.getByLabel('Another place').selectOption({ label: 'Nell’s attic' });
  await expect(elsewhere.locator('[data-elsewhere]')).toContainText(/needs height to jump: do/u);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Remove Nell’s attic' }).click();
  await expect(page.getByRole('heading', { name: 'Your settings' })).toHaveCount(0);
});

test('what is short is done without: the move is swapped where it stands, in one step', async ({
  page,
}) => {
  await startNew(page, 'No bags today');
  await typeLine(page, 'The adventure', '5 bean bag catches');
  await saved(page);
  await page.getByRole('link', { name: 'Prep' }).click();
  const kit = page.getByRole('region', { name: 'To gather' });
  await kit.getByRole('button', { name: /instead of bean bag catch$/u }).click();
  await expect(kit).not.toContainText('bean bag');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(kit).toContainText('12 bean bags');
});

test('things stand for things in the story, and are gathered with it', async ({ page }) => {
  await openDesk(page, 'The late letter');
  await page.getByRole('link', { name: 'Prep' }).click();
  const kit = page.getByRole('region', { name: 'To gather' });
  await kit.getByLabel('Another thing').fill('yellow sock');
  await kit.getByLabel('What it stands for').fill('the lamp oil');
  await page.keyboard.press('Enter');
  await expect(kit).toContainText('1 yellow sock, for everybody (the lamp oil) for the story');
  await saved(page);
  await page.reload();
  await expect(kit.getByLabel('What thing 1 stands for')).toHaveValue('the lamp oil');
  await kit
    .getByRole('button', { name: 'Leave out: the yellow sock is just a yellow sock' })
    .click();
  await expect(kit).not.toContainText('lamp oil');
});

test('marks on the plan are dragged and nudged, strips keep children off, feet are feet', async ({
  page,
}) => {
  await openDesk(page, 'The late letter');
  await page.getByRole('link', { name: 'Prep' }).click();
  const room = page.getByRole('region', { name: 'In the room' });
  const you = room.getByRole('slider', { name: 'you: move with the arrow keys' });
  await expect(you).toHaveAttribute('aria-valuetext', /^0 m to the right, 3\.4 m to the front$/u);
  const box = (await you.boundingBox())!;
  const plan = (await room.getByRole('group', { name: /^Plan of the room/u }).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(plan.x + plan.width / 2, plan.y + plan.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(you).toHaveAttribute('aria-valuetext', /^0(\.\d)? m to the \w+, 0(\.\d)? m to the/u);
  await you.focus();
  for (let n = 0; n < 5; n += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(you).toHaveAttribute('aria-valuetext', /^5 m to the right/u);
  await saved(page);
  type Kept = {
    id: string;
    document: { setting: { room: { marks: { kind: string; xMetres: number }[] } } };
  };
  const kept = (await stored<Kept>(page, 'adventures')).find(({ id }) => id === 'adv_late-letter');
  expect(kept!.document.setting.room.marks).toMatchObject([{ kind: 'leader', xMetres: 5 }]);

  await expect(room).toContainText('All 12 at once, on the spot');
  await room.getByLabel('Kept clear at the front in metres').fill('6');
  await expect(room).toContainText('6 at a time: half the group, then the other half, on the spot');
  await saved(page);
  await page.goto('/settings');
  await page.getByLabel('Unit of length').selectOption('feet');
  // Through the house, as people go: a page thrown away at once may not have kept it yet.
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto('/prep/adv_late-letter');
  await expect(room).toContainText('33 ft by 26 ft');
  await expect(room.getByLabel('Kept clear at the front in feet')).toHaveValue('19.5');
});

test('elsewhere, in one step: the other setting, and what does not fit there swapped', async ({
  page,
}) => {
  await openDesk(page, 'The late letter');
  await page.getByRole('link', { name: 'Prep' }).click();
  const elsewhere = page.getByRole('region', { name: 'Somewhere else, if it rains' });
  await elsewhere.getByLabel('Another place').selectOption({ label: 'a living room' });
  await elsewhere.getByRole('button', { name: /^Lead it there/u }).click();
  await expect(page.getByRole('region', { name: 'In the room' })).toContainText('3 m by 3 m');
  await expect(page.getByRole('region', { name: 'Look out for' })).toContainText('consent rules');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('region', { name: 'In the room' })).toContainText('10 m by 8 m');
});

test('a certificate says what the story asked for, or what the presenter says instead', async ({
  page,
}) => {
  await page.goto('/prep/adv_late-letter');
  const usual = await pagesMade(page);
  const print = page.getByRole('region', { name: 'To print' });
  const deed = print.getByLabel('On certificate and stickers');
  await expect(deed).toBeHidden();
  await print.getByRole('checkbox', { name: 'Certificate' }).check();
  await expect(deed).toHaveValue('I helped to carry it to the tower!');
  await deed.fill('I carried the letter');
  await expect(print.locator('[data-pages]')).toHaveAttribute('data-pages', String(usual + 1));
  const certificate = print.locator(`[data-page="${usual}"]`);
  await expect(certificate).toContainText('I carried');
  await expect(certificate).toContainText('Well done!');
});

test('the pack is chosen by its parts, seen page by page, and saved', async ({ page }) => {
  await page.goto('/prep/adv_ferry-die');
  const all = await pagesMade(page);
  const print = page.getByRole('region', { name: 'To print' });
  await expect(print.locator('[data-page="1"]')).toContainText('The ferry die');
  await print.getByRole('checkbox', { name: 'Move cards' }).uncheck();
  await expect(print.locator('[data-pages]')).toHaveAttribute('data-pages', String(all - 3));
  const { name, bytes } = await savedFile(page, 'Save the PDF');
  expect(name).toBe('The-ferry-die.pdf');
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
  for (const box of await print.getByRole('checkbox').all()) await box.uncheck();
  await expect(print).toContainText('Choose what is to be printed.');
});

// Read by readers that are not ours: wavefile, mammoth, ical.js, fflate.
test('files for elsewhere are written in a worker, and other programs read them', async ({
  page,
}) => {
  await page.goto('/prep/adv_marsh-morning');
  const track = await savedFile(page, 'Guide track: counts and changes to listen to');
  expect(track.name).toBe('A-marsh-morning.guide.wav');
  expect((new WaveFile(track.bytes).fmt as { sampleRate: number }).sampleRate).toBe(22_050);
  const script = await savedFile(page, 'Script for a word processor');
  const { value } = await mammoth.extractRawText({ buffer: script.bytes });
  expect(value).toContain('Hello, ducklings!');
  await page.getByLabel('When the session is').fill('2027-03-01T10:15');
  const calendar = await savedFile(page, 'Put it in a calendar');
  const event = new ICAL.Event(
    new ICAL.Component(ICAL.parse(calendar.bytes.toString())).getFirstSubcomponent('vevent')!,
  );
  expect(event.summary).toBe('A marsh morning');
  expect(event.startDate.toString()).toBe('2027-03-01T10:15:00');
  const pictures = await savedFile(page, 'Title pictures');
  const painted = unzipSync(new Uint8Array(pictures.bytes));
  expect(Object.keys(painted)).toEqual(
    expect.arrayContaining(['cover.svg', 'cover.png', '01-welcome.png', 'moves.png']),
  );
  for (const [name, file] of Object.entries(painted)) {
    if (!name.endsWith('.png')) continue;
    // The head of a PNG (ISO/IEC 15948): its sign, then its width and height.
    const head = Buffer.from(file);
    expect(head.subarray(1, 4).toString()).toBe('PNG');
    expect([head.readUInt32BE(16), head.readUInt32BE(20)]).toEqual([1920, 1080]);
  }
  const everything = await savedFile(page, 'Everything, in one ZIP');
  const names = Object.keys(unzipSync(new Uint8Array(everything.bytes))).sort();
  expect(names).toEqual(
    [
      'arrup.json',
      'captions.vtt',
      'chapters.vtt',
      'docx',
      'guide.wav',
      'html',
      'ics',
      'pdf',
      'run-sheet.csv',
      'run-sheet.md',
      'script.md',
    ].map((ending) => `A-marsh-morning.${ending}`),
  );
});
