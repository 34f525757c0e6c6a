import { expect, openDesk, saved, startNew, test, typeLine } from './arrup';

test('the kit list counts, knows what is short and from the house, and keeps its ticks', async ({
  page,
}) => {
  await startNew(page, 'The post bag school');
  await typeLine(page, 'The adventure', '5 bean bag catches');
  await typeLine(page, 'The adventure', 'die: 6 squats, march 20 s');
  await page.getByText('The story, the room, how you lead').click();
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
});

test('a setting is kept under a name, and taken in another adventure; elsewhere it says what fits', async ({
  page,
}) => {
  await openDesk(page, 'The late letter');
  await page.getByText('The story, the room, how you lead').click();
  await page.getByLabel('Length of the room in metres').fill('3');
  await page.getByLabel('Height of the room in metres').fill('2.1');
  await page.getByLabel('Keep this setting as').fill('Nell’s attic');
  await page.getByRole('button', { name: 'keep it' }).click();
  await startNew(page, 'In the attic');
  await page.getByText('The story, the room, how you lead').click();
  await page.getByLabel('Take a setting').selectOption({ label: 'Nell’s attic' });
  await expect(page.getByLabel('Height of the room in metres')).toHaveValue('2.1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Height of the room in metres')).toHaveValue('3');
  await page.goto('/prep/adv_ferry-die');
  const elsewhere = page.getByRole('region', { name: 'Somewhere else, if it rains' });
  await elsewhere.getByLabel('Another place').selectOption({ label: 'Nell’s attic' });
  await expect(elsewhere.locator('[data-elsewhere]')).toContainText(/lacks height to jump; take/u);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Remove Nell’s attic' }).click();
  await expect(page.getByRole('heading', { name: 'Your settings' })).toHaveCount(0);
});
