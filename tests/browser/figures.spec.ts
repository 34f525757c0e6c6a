import type { Locator, Page } from '@playwright/test';
import { begin, expect, leafTo, openShelf, stored, test, WITH_MOTION } from './arrup';

test.use(WITH_MOTION);

/** What a canvas shows now, as text to be compared. */
const drawn = (canvas: Locator) => canvas.evaluate((one) => (one as HTMLCanvasElement).toDataURL());

/** How many pixels of a canvas are painted. */
const painted = (canvas: Locator) =>
  canvas.evaluate((one) => {
    const { width, height } = one as HTMLCanvasElement;
    const surface = (one as HTMLCanvasElement).getContext('2d')!;
    const { data } = surface.getImageData(0, 0, width, height);
    return data.filter((value, n) => n % 4 === 3 && value > 0).length;
  });

async function ownMove(page: Page, from: string) {
  await page.goto(`/moves/${from}`);
  await page.getByRole('button', { name: 'A copy to make your own' }).click();
  await expect(page.getByRole('heading', { name: 'How it looks' })).toBeVisible();
}
type Kept = { id: string; move: { figure: { kind: string; figure: { keys: { pose: Pose }[] } } } };
type Pose = { legL: { reach: number[] }; armR: { reach: number[] } };

test('a move’s page shows it as it goes, and its key poses', async ({ page }) => {
  await page.goto('/moves/jumping-jack');
  const figure = page.locator('main canvas');
  await expect.poll(() => painted(figure)).toBeGreaterThan(500);
  const before = await drawn(figure);
  await expect.poll(() => drawn(figure)).not.toBe(before);
  // Two poses beside each other are wider than high.
  const strip = page.getByRole('main').locator('img').first();
  const box = (await strip.boundingBox())!;
  expect(box.width).toBeGreaterThan(box.height);
});

test('with less motion there are still poses, and nothing moves', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/moves/frog-jump');
  await expect(page.locator('[data-figure=still] img')).toBeVisible();
  await expect(page.locator('canvas')).toHaveCount(0);
});

test('the contact sheet has every move, going, in poses and in lines', async ({ page }) => {
  await page.goto('/moves');
  test.slow();
  const status = page.getByRole('status').filter({ hasText: /^\s*\d+\s+moves/u });
  const count = Number.parseInt((await status.textContent())!.trim(), 10);
  expect(count).toBeGreaterThan(240);
  // A long list comes a few at a time, and is whole at last.
  await expect(page.locator('main li')).toHaveCount(count);
  await page.getByRole('link', { name: 'All in pictures' }).click();
  await expect(page.locator('main li')).toHaveCount(count);
  await expect.poll(() => painted(page.locator('canvas').first())).toBeGreaterThan(200);
  await page.getByLabel('How they are shown').selectOption({ label: 'in their key poses' });
  await expect(page.locator('main li img')).toHaveCount(count);
  const coloured = await page.locator('main li img[data-drawn=true]').first().getAttribute('src');
  await page
    .getByLabel('How they are shown')
    .selectOption({ label: 'in lines, as they’re printed to save ink' });
  await expect(page.locator('main li img').first()).not.toHaveAttribute('src', coloured!);
  await page.getByRole('link', { name: 'march', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('march');
});

// One move's page and one look at Moves: Moves draws every move, and six visits take a slow machine
// longer than a test may.
test('the presenter chooses who is in the pictures, here and in every place', async ({ page }) => {
  await openShelf(page);
  const seen = new Set<string>();
  const strip = page.getByRole('main').locator('img').first();
  for (const name of ['short hair', 'curls', 'a pony tail', 'plaits', 'a bun', 'a headscarf']) {
    await page.goto('/settings');
    await page.getByText(name, { exact: true }).click();
    await expect(page.getByRole('radio', { name })).toBeChecked();
    await page.goto('/moves/frog-jump');
    // It is drawn in a gap, once it is near the screen.
    let shown = '';
    // A picture, and none that was there before: the last one stays until the next is drawn.
    await expect
      .poll(
        async () => {
          shown = (await strip.getAttribute('src')) ?? '';
          return shown.includes('viewBox') && !seen.has(shown);
        },
        { message: name },
      )
      .toBe(true);
    seen.add(shown);
  }
  await page.goto('/moves');
  const picture = page.locator('main li img[data-drawn=true]').first();
  await expect.poll(() => picture.getAttribute('src')).toContain('viewBox');
  const last = await picture.getAttribute('src');
  await page.goto('/settings');
  await page.getByText('curls', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'curls' })).toBeChecked();
  await page.goto('/moves');
  await expect(picture).not.toHaveAttribute('src', last!);
});

test('an own move is drawn like another, with an icon, or in poses of its own', async ({
  page,
}) => {
  await ownMove(page, 'squat');
  await page.getByRole('button', { name: 'Drawn like: squat' }).click();
  await page.getByRole('combobox', { name: 'Drawn like' }).fill('frog jump');
  await page
    .getByRole('option', { name: /^frog jump/iu })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Drawn like: frog jump' })).toBeVisible();

  await page.getByLabel('How it is drawn').selectOption({ label: 'with an icon' });
  await page.getByLabel('Icon').selectOption('kite');
  await expect(page.locator('[data-figure=still] img')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Drawn like: frog jump' })).toBeVisible();

  await page.getByLabel('How it is drawn').selectOption({ label: 'in poses of its own' });
  const poses = page
    .getByRole('group', { name: 'Key poses' })
    .getByRole('button', { name: /^Pose/u });
  await expect(poses).toHaveCount(3);
  await page.getByRole('button', { name: 'A pose after it' }).click();
  await expect(poses).toHaveCount(4);
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(poses).toHaveCount(3);
});

test('hands and feet are taken hold of, keep their limbs, and are kept', async ({ page }) => {
  await ownMove(page, 'tall-reach');
  await page.getByLabel('How it is drawn').selectOption({ label: 'in poses of its own' });
  const kept = async () => {
    await expect(page.locator('[data-save=saved]')).toBeVisible();
    const [move] = await stored<Kept>(page, 'moves');
    return move!.move.figure.figure.keys[0]!.pose;
  };
  await expect
    .poll(async () => (await stored<Kept>(page, 'moves'))[0]?.move.figure?.kind)
    .toBe('drawn');
  const before = await kept();
  const hand = page.getByRole('slider', { name: /^right hand/u });
  await hand.focus();
  for (let n = 0; n < 6; n += 1) await page.keyboard.press('ArrowUp');
  await expect
    .poll(async () => (await kept()).armR.reach[1])
    .toBeGreaterThan(before.armR.reach[1]!);
  const { armR } = await kept();
  expect(Math.hypot(...armR.reach)).toBeLessThanOrEqual(1.001);

  const foot = page.getByRole('slider', { name: /^left foot/u });
  await foot.scrollIntoViewIfNeeded();
  const { x, y, width, height } = (await foot.boundingBox())!;
  await page.mouse.move(x + width / 2, y + height / 2);
  await page.mouse.down();
  await page.mouse.move(x + width / 2 + 60, y - 30, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => (await kept()).legL.reach[0]).toBeGreaterThan(0.25);
  expect(Math.hypot(...(await kept()).legL.reach)).toBeLessThanOrEqual(1.001);
  const dragged = await kept();

  await page.reload();
  await expect(page.getByRole('slider', { name: /^right hand/u })).toBeVisible();
  expect(await kept()).toEqual(dragged);
});

test('a knee is not bent further than a child’s, and a number that would do it is not taken', async ({
  page,
}) => {
  await ownMove(page, 'toe-touch');
  await page.getByLabel('How it is drawn').selectOption({ label: 'in poses of its own' });
  await page.getByRole('button', { name: 'Pose 2 of 2' }).click();
  const bend = page.getByLabel('the back is bent, degrees');
  const before = await bend.inputValue();
  await bend.fill('75');
  await bend.blur();
  await expect(bend).toHaveValue(/^(75|42)$/u);
  const head = page.getByRole('slider', { name: /^head/u });
  await head.focus();
  for (let n = 0; n < 80; n += 1) await page.keyboard.press('ArrowLeft');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  const [move] = await stored<{
    move: { figure: { figure: { keys: { pose: { nod: number } }[] } } };
  }>(page, 'moves');
  expect(Math.abs(move!.move.figure.figure.keys[1]!.pose.nod)).toBeLessThan(90);
  expect(before).toBe('42');
});

test('a hand is held as it is chosen, in that pose alone', async ({ page }) => {
  await ownMove(page, 'star-shape');
  await page.getByLabel('How it is drawn').selectOption({ label: 'in poses of its own' });
  await page.getByRole('button', { name: 'Pose 2 of 3' }).click();
  await expect(page.getByLabel('The left hand')).toHaveValue('open');
  await page.getByLabel('The left hand').selectOption({ label: 'points' });
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  const hands = async () => {
    const [move] = await stored<{
      move: { figure: { figure: { keys: { pose: { handL: string; handR: string } }[] } } };
    }>(page, 'moves');
    return move!.move.figure.figure.keys.map(({ pose }) => [pose.handL, pose.handR]);
  };
  const [first, second, third] = await hands();
  expect([first, second]).toEqual([
    ['easy', 'easy'],
    ['points', 'open'],
  ]);
  expect(third).toEqual(['open', 'open']);
});

test('the Desk draws each move, and lets it go where it is being written', async ({ page }) => {
  await page.goto('/desk/adv_late-letter');
  const beat = page.locator('[data-beat]', {
    has: page.getByLabel('Name of this move in your story'),
  });
  const first = beat.first();
  await expect(first.locator('img')).toBeVisible();
  await first.getByLabel('Name of this move in your story').focus();
  await expect.poll(() => painted(first.locator('canvas'))).toBeGreaterThan(200);
});

test('on the Stage the figure keeps step with the count, and stands still when the clock does', async ({
  page,
}) => {
  await begin(page, 'adv_late-letter');
  await leafTo(page, '[data-cue=work] canvas');
  const figure = page.locator('[data-cue=work] canvas');
  const before = await drawn(figure);
  await expect.poll(() => drawn(figure)).not.toBe(before);
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Go', exact: true })).toBeVisible();
  await page.waitForTimeout(120);
  const still = await drawn(figure);
  await page.waitForTimeout(400);
  expect(await drawn(figure)).toBe(still);
});

test('a figure moves the side that its word and arrow name', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await begin(page, 'adv_late-letter');
  // From the side it faces the way that its word and arrow point; it is drawn facing right.
  const figure = page.locator('[data-figure=still]');
  await leafTo(page, '[data-cue=work] [data-side=left]');
  await expect(figure).toHaveClass(/flipped/u);
  await leafTo(page, '[data-cue=work] [data-side=right]');
  await expect(figure).not.toHaveClass(/flipped/u);
  // From in front, as in a mirror: what is drawn lifts the foot that is at the left of the screen.
  await leafTo(page, '[data-cue=hold] [data-side=left]');
  await expect(figure).not.toHaveClass(/flipped/u);
  await leafTo(page, '[data-cue=hold] [data-side=right]');
  await expect(figure).toHaveClass(/flipped/u);
});

test('the children’s screen shows the figure of the Stage', async ({ page, context }) => {
  await begin(page, 'adv_late-letter');
  const screen = await context.newPage();
  await screen.goto('/stage/adv_late-letter/screen');
  await leafTo(page, '[data-cue=work] canvas');
  await page.bringToFront();
  const picture = screen.locator('[data-move] canvas');
  await expect(picture).toBeVisible();
  await screen.bringToFront();
  await expect.poll(() => painted(picture)).toBeGreaterThan(1000);
});
