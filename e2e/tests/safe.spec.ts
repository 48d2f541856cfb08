import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './begin';
import { leeksAt } from './dishes';
import { OwnServer } from './ownServer';

/** Backups: made, brought back, taken elsewhere as a file, and what is left after a disk has died. */

const SERVER = new OwnServer(4999);
// The second begins with what the first has kept.
test.describe.configure({ mode: 'serial' });
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

const addDish = (page: Page, name: string): Promise<string> => leeksAt(page, SERVER.url, name);
const jars = (page: Page) =>
  page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^Bring it back/ }) });
const dish = (page: Page, name: string) => page.getByRole('heading', { name });

test('a backup is made by hand, a dish is thrown away, everything is brought back; and once more from a file', async ({
  page,
}, info) => {
  const id = await addDish(page, 'Salted leeks');
  for (let k = 0; k < 6; k++) await addDish(page, `Loft leeks ${k}`);
  await page.goto(`${SERVER.url}/kitchen`);
  await page.getByRole('link', { name: /^Kept safe/ }).click();
  await expect(page.getByText('None yet: the first is made within a day')).toBeVisible();
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(jars(page)).toHaveCount(1);
  await expect(jars(page)).toContainText(/7 dishes, 0 cooks and 0 photographs; \d+ kB; made by hand/);

  await page.request.delete(`${SERVER.url}/api/conversions/${id}`);
  await page.getByRole('button', { name: /^Bring it back/ }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.getByRole('button', { name: /^Bring it back/ }).click();
  await expect(page.getByRole('group', { name: /^Sure/ })).toContainText('What is here now is kept first');
  await page.getByRole('button', { name: 'Bring everything back' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Brought back: 7 dishes' })).toBeVisible();
  await expect(jars(page)).toHaveCount(2);
  await page.goto(SERVER.url);
  await expect(dish(page, 'Salted leeks')).toBeVisible();

  await page.goto(`${SERVER.url}/backups`);
  const saving = page.waitForEvent('download');
  await page
    .getByRole('link', { name: /^Download/ })
    .last()
    .click();
  const file = info.outputPath('kitchen.sqlite');
  await (await saving).saveAs(file);
  await page.getByLabel('A backup’s file').setInputFiles({
    name: 'list.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('eggs, leeks, flour'),
  });
  await expect(page.getByText(/This file is no backup that can be restored/)).toBeVisible();
  // Over a weak radio: how much of it has come is shown meanwhile.
  const radio = await page.context().newCDPSession(page);
  const weak = { offline: false, latency: 0, downloadThroughput: -1, uploadThroughput: 150_000 };
  await radio.send('Network.enable');
  await radio.send('Network.emulateNetworkConditions', weak);
  await page.getByLabel('A backup’s file').setInputFiles(file);
  await expect(page.getByRole('progressbar', { name: /of .* have come/ })).toBeVisible();
  await radio.detach();
  await expect(jars(page)).toHaveCount(3);
  await expect(jars(page).filter({ hasText: 'brought from a file' })).toContainText('7 dishes');
  await jars(page)
    .filter({ hasText: 'brought from a file' })
    .getByRole('button', { name: /^Take away/ })
    .click();
  await page.getByRole('button', { name: 'Take it away for good' }).click();
  await expect(jars(page)).toHaveCount(2);
  await page.goto('/');
});

test('a dead disk: every page says so, a backup brings everything back by keys alone', async ({ page }) => {
  await SERVER.stop();
  SERVER.spoil();
  await SERVER.start();
  await page.goto(SERVER.url);
  await expect(dish(page, 'Salted leeks')).toHaveCount(0);
  const told = page.getByRole('alert').filter({ hasText: 'What was kept here was damaged' });
  await told.getByRole('link').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'is left as it is in' })).toContainText(/damaged-\d{4}/);
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((v) => v.id)).toEqual([]);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await jars(page)
    .filter({ hasText: 'made by hand' })
    .getByRole('button', { name: /^Bring it back/ })
    .focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Bring everything back' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Brought back: 7 dishes' })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto(SERVER.url);
  await expect(dish(page, 'Salted leeks')).toBeVisible();
  await page.goto('/');
});
