import { CATALOGUE } from '../../src/core/moves/catalogue';
import {
  expect,
  expectEach,
  openShelf,
  saved,
  savedFile,
  startNew,
  stored,
  test,
  typeLine,
  lookAt,
} from './arrup';

test('finds moves by words and by what is asked of them', async ({ page }) => {
  await openShelf(page);
  await page.getByRole('link', { name: 'Moves' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Moves');
  const rows = page.locator('main li');
  await expect(rows.filter({ hasText: 'two-foot jump' })).toBeVisible();
  const all = CATALOGUE.length;
  await expect(rows).toHaveCount(all);
  await page.getByLabel('Find a move').fill('bunny');
  await expect(rows.first()).toContainText('bunny hop');
  await page.getByLabel('Find a move').fill('');
  await page.getByLabel('Family').selectOption('handling');
  await page.getByLabel('Kit').selectOption('hoop');
  await page.getByLabel('Age').selectOption('3');
  await expectEach(rows, /hoop/u);
  await page.getByLabel('First letter or sound').selectOption('z');
  await expect(page.getByText('No move is all of that')).toBeVisible();
  await page.getByRole('button', { name: 'show all' }).click();
  await expect(rows).toHaveCount(all);
});

test('a move’s page has its facts, its other forms and where it is used', async ({ page }) => {
  await page.goto('/moves/frog-jump');
  const main = page.getByRole('main');
  await expect(main).toContainText('4 to 6');
  await expect(main).toContainText('Land softly on bent knees.');
  await expect(main).toContainText('Follow your setting’s own risk assessment');
  await expect(main.getByRole('link', { name: 'The late letter' })).toBeVisible();
  await main.getByRole('link', { name: 'squat', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('squat');
  await page.goto('/moves/moon-walk');
  await expect(page.getByRole('heading')).toContainText('doesn’t have that move');
});

test('the desk says who gets a turn, with the share of the day', async ({ page }) => {
  await startNew(page, 'Who gets a turn');
  // Six minutes of hard work: a tenth of sixty.
  await typeLine(page, 'The adventure', 'frog jumps 360 s');
  await lookAt(page, 'Body');
  await expect(page.getByText('10 % of the 60 minutes that guidelines ask for')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Chart: seconds of work for each part/u }),
  ).toBeVisible();
});

test('a move of one’s own: made from another, changed, used, carried in the file', async ({
  page,
}) => {
  await page.goto('/moves/frog-jump');
  await page.getByRole('button', { name: 'A copy to make your own' }).click();
  await page.getByLabel('Name of the move').fill('newt leap');
  await page.getByLabel('Most for ages 3 and 4').fill('5');
  await page.getByRole('button', { name: 'neck', exact: true }).click();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'neck', exact: true })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  await page.getByRole('link', { name: 'Done' }).click();
  await expect(page.getByRole('main')).toContainText('4 to 5');

  await startNew(page, 'Newts');
  await typeLine(page, 'The adventure', '5 newt leaps');
  await saved(page);
  const carried = async () => {
    const records = await stored<{ document: { title: string; moves: { name: string }[] } }>(
      page,
      'adventures',
    );
    return records.find(({ document }) => document.title === 'Newts')!.document.moves;
  };
  expect((await carried()).map(({ name }) => name)).toEqual(['newt leap']);

  // What is mended in Moves is mended in the script.
  await page.goto('/moves');
  await page.getByLabel('Find a move').fill('newt leap');
  await page.getByRole('link', { name: /newt leap/u }).click();
  await page.getByRole('link', { name: 'Change it' }).click();
  await page.getByLabel('Name of the move').fill('great newt leap');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await expect.poll(async () => (await carried())[0]?.name).toBe('great newt leap');
  await page.getByRole('link', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByLabel('Find a move').fill('great newt leap');
  await expect(page.getByRole('link', { name: /great newt leap/u })).toContainText('yours');
});

test('finds moves by their first sound, and thinks of names in the story', async ({ page }) => {
  await page.goto('/moves');
  await expect(page.getByLabel('First letter or sound').locator('option')).not.toHaveCount(27);
  await page.getByLabel('First letter or sound').selectOption('N');
  const rows = page.locator('main li');
  await expect(rows.filter({ hasText: 'knee hug' })).toBeVisible();
  await expectEach(rows, /^(n|kn)/iu);

  await page.goto('/desk/adv_late-letter');
  const beat = page.locator('[data-beat]', {
    has: page.getByLabel('Name of this move in your story'),
  });
  const name = beat.first().getByLabel('Name of this move in your story');
  const before = await name.inputValue();
  await name.focus();
  await beat.first().getByRole('button', { name: 'name ideas' }).click();
  const ideas = beat.first().getByLabel('Name ideas').locator('button.inline-word');
  const idea = await ideas.first().innerText();
  await ideas.first().click();
  await expect(name).toHaveValue(idea);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(name).toHaveValue(before);
});

// Read by the browser's own decoder.
test('a move goes into a message as a moving picture, once round', async ({ page }) => {
  await page.goto('/moves/frog-jump');
  const { name, bytes } = await savedFile(page, 'A moving picture for a message');
  expect(name).toBe('frog-jump.gif');
  expect(bytes.length).toBeLessThan(600_000);
  const read = await page.evaluate(
    async (data) => {
      const decoder = new ImageDecoder({ data: new Uint8Array(data), type: 'image/gif' });
      await decoder.tracks.ready;
      await decoder.completed;
      const { frameCount, repetitionCount } = decoder.tracks.selectedTrack!;
      const sizes = new Set<string>();
      const pictures = new Set<string>();
      let microseconds = 0;
      for (let frameIndex = 0; frameIndex < frameCount; frameIndex += 1) {
        const { image } = await decoder.decode({ frameIndex });
        sizes.add(`${image.displayWidth} x ${image.displayHeight}`);
        microseconds += image.duration ?? 0;
        const canvas = new OffscreenCanvas(32, 32);
        const surface = canvas.getContext('2d')!;
        surface.drawImage(image, 0, 0, 32, 32);
        pictures.add(surface.getImageData(0, 0, 32, 32).data.join());
        image.close();
      }
      return {
        frameCount,
        forever: repetitionCount === Infinity,
        sizes: [...sizes],
        different: pictures.size,
        seconds: microseconds / 1e6,
      };
    },
    [...bytes],
  );
  expect(read.sizes).toEqual(['360 x 360']);
  expect(read.forever).toBe(true);
  // It moves, and takes as long as it takes.
  expect(read.different).toBeGreaterThan(5);
  expect(read.seconds).toBeGreaterThan(0.5);
  expect(read.seconds).toBeLessThan(6);
});
