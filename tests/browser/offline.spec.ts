import { expect, openShelf, test } from './arrup';

// Here alone the service worker is at work.
test.use({ serviceWorkers: 'allow' });

test('works without a network after the first visit', async ({ page, context }) => {
  await openShelf(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await context.setOffline(true);
  for (const path of ['/desk/adv_late-letter', '/prep/adv_late-letter', '/logbook', '/settings']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  await page.goto('/stage/adv_late-letter');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await expect(page.locator('[data-cue]')).toBeVisible();
  await context.setOffline(false);
});
