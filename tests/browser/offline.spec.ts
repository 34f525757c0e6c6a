import { expect, openShelf, pagesMade, test } from './arrup';

// Here alone the service worker is at work.
test.use({ serviceWorkers: 'allow' });

test('works without a network after the first visit', async ({ page, context }) => {
  await openShelf(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await context.setOffline(true);
  for (const path of ['/desk/adv_late-letter', '/logbook', '/settings']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // The pages to print are made here too: fonts and packages ship with the application.
  await page.goto('/prep/adv_late-letter');
  expect(await pagesMade(page)).toBeGreaterThan(3);
  await page.goto('/stage/adv_late-letter');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.locator('[data-cue]')).toBeVisible();
  await context.setOffline(false);
});
