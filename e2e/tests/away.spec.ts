import type { Page } from '@playwright/test';
import { expect, test } from './begin';
import { leeksAt } from './dishes';
import { OwnServer } from './ownServer';

/** The page without its server: what is changed meanwhile is kept in the browser, shown again, and handed over once. */

const SERVER = new OwnServer(4998);
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

const addDish = (page: Page, name: string): Promise<string> => leeksAt(page, SERVER.url, name);
const nameOf = (page: Page) => page.getByLabel('Name of the dish');
const stored = async (page: Page, id: string): Promise<{ name: string; version: number }> =>
  (await (await page.request.get(`${SERVER.url}/api/conversions/${id}`)).json()) as { name: string; version: number };

const backAfter = (page: Page): Promise<Page> => SERVER.backAfter(page);

test('the server is killed while a name is typed; the window is closed; all of it is there again, and saved once', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const first = await context.newPage();
  const id = await addDish(first, 'Leeks before');
  await first.goto(`${SERVER.url}/dish/${id}`);
  await expect(nameOf(first)).toBeVisible();
  // The pages are kept a few seconds after the first one stands.
  await expect
    .poll(() => first.evaluate(async () => (await (await caches.open('yellowmist-pages')).keys()).length), {
      timeout: 20_000,
    })
    .toBeGreaterThan(15);
  await first.reload();
  await expect(nameOf(first)).toBeVisible();
  const { version } = await stored(first, id);
  await SERVER.kill();
  await nameOf(first).fill('Leeks typed while it was away');
  await nameOf(first).press('Tab');
  await expect(first.getByText(/it is tried again/)).toBeVisible();
  // A reload shows the page, the dish and what was typed.
  first.on('dialog', (dialog) => void dialog.accept());
  await first.reload();
  await expect(nameOf(first)).toHaveValue('Leeks typed while it was away');
  const second = await backAfter(first);
  await second.goto(`${SERVER.url}/dish/${id}`);
  await expect(nameOf(second)).toHaveValue('Leeks typed while it was away');
  await expect(second.getByText('What was changed here and not saved yet is back.')).toBeVisible();
  await expect.poll(async () => (await stored(second, id)).name).toBe('Leeks typed while it was away');
  expect((await stored(second, id)).version).toBe(version + 1);
  // Handed over, it is not handed over again.
  await second.reload();
  await expect(nameOf(second)).toBeVisible();
  await second.waitForTimeout(1500);
  expect((await stored(second, id)).version).toBe(version + 1);
  await context.close();
});

test('a window that dies at once after a change, and somebody else who saves meanwhile: both are shown side by side', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const id = await addDish(page, 'Leeks of two');
  await page.goto(`${SERVER.url}/dish/${id}`);
  await expect(nameOf(page)).toBeVisible();
  // It dies before its save has left, with the cursor still in the field.
  await SERVER.kill();
  await nameOf(page).fill('Leeks of mine');
  await page.waitForTimeout(100);
  const other = await backAfter(page);
  const document = (await (await other.request.get(`${SERVER.url}/api/conversions/${id}`)).json()) as Record<
    string,
    unknown
  >;
  const { id: _i, format: _f, createdAt: _c, updatedAt: _u, ...body } = document;
  expect(body.name).toBe('Leeks of two');
  await other.request.put(`${SERVER.url}/api/conversions/${id}`, { data: { ...body, name: 'Leeks of another' } });
  await other.goto(`${SERVER.url}/dish/${id}`);
  await expect(other.getByText('This dish was saved from another window')).toBeVisible();
  const differs = other.getByLabel('What differs');
  await expect(differs).toContainText('“Leeks of mine”');
  await expect(differs).toContainText('“Leeks of another”');
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect.poll(async () => (await stored(other, id)).name).toBe('Leeks of mine');
  await context.close();
});

test('a window that dies with a hand still on a slider: what it had come to is there again', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const id = await addDish(page, 'Leeks in a hand');
  await page.goto(`${SERVER.url}/dish/${id}`);
  const openPieces = (window: Page): Promise<void> =>
    window
      .getByRole('button', { name: /pieces of/ })
      .first()
      .click();
  await openPieces(page);
  const slider = page.getByRole('slider', { name: 'Thickness, by dragging' });
  const before = await slider.inputValue();
  await slider.scrollIntoViewIfNeeded();
  await SERVER.kill();
  const box = (await slider.boundingBox())!;
  const to = (share: number): Promise<void> => page.mouse.move(box.x + box.width * share, box.y + box.height / 2);
  await to(0.3);
  await page.mouse.down();
  for (const share of [0.35, 0.42, 0.5, 0.6]) await to(share);
  await expect(slider).not.toHaveValue(before);
  const held = await slider.inputValue();
  // Nothing was let go: it is kept all the same.
  await page.waitForTimeout(600);
  const other = await backAfter(page);
  await other.goto(`${SERVER.url}/dish/${id}`);
  await openPieces(other);
  await expect(other.getByRole('slider', { name: 'Thickness, by dragging' })).toHaveValue(held);
  await context.close();
});

test('a fryer that was put into the kitchen while the server was away is there when it is back', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  await page.goto('/kitchen');
  // What was read may be changed.
  await expect(page.getByLabel('Name of another fryer')).toBeVisible();
  await SERVER.kill();
  await page.getByLabel('Name of another fryer').fill('Boathouse');
  await page.getByLabel('Name of another fryer').press('Enter');
  await expect(page.getByText(/Not saved yet; it is tried again/)).toBeVisible();
  const again = await backAfter(page);
  await again.goto('/kitchen');
  await expect(again.getByText('What was changed here and not saved yet is back.')).toBeVisible();
  const fryers = async (): Promise<string[]> =>
    ((await (await again.request.get('/api/kitchen')).json()) as { fryers: { name: string }[] }).fryers.map(
      (f) => f.name,
    );
  await expect.poll(fryers).toEqual(['Boathouse']);
  await context.close();
});

test('a kitchen that cannot be read is not changed, and is there by itself once it can', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  await page.route('**/api/kitchen', (route) => route.abort());
  await page.goto('/kitchen');
  await expect(page.getByText(/It could not be read: .* It is tried again/)).toBeVisible();
  await expect(page.getByLabel('Name of another fryer')).toHaveCount(0);
  await expect(page.getByText('Saved', { exact: true })).toHaveCount(0);
  await page.unroute('**/api/kitchen');
  await expect(page.getByLabel('Name of another fryer')).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await context.close();
});

test('what two have changed of one kitchen stands side by side, and the cook chooses', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  await page.goto('/kitchen');
  // What was read may be changed.
  await expect(page.getByLabel('Name of another fryer')).toBeVisible();
  await SERVER.kill();
  await page.getByLabel('Name of another fryer').fill('Attic');
  await page.getByLabel('Name of another fryer').press('Enter');
  await expect(page.getByText(/Not saved yet; it is tried again/)).toBeVisible();
  const again = await backAfter(page);
  const kitchen = async (): Promise<{ fryers: { name: string }[]; thermometer: boolean }> =>
    (await (await again.request.get('/api/kitchen')).json()) as { fryers: { name: string }[]; thermometer: boolean };
  const now = await kitchen();
  await again.request.put('/api/kitchen', { data: { ...now, thermometer: !now.thermometer } });
  await again.goto('/kitchen');
  const differs = again.getByLabel('What differs');
  await expect(differs).toContainText('Fryer “Attic”');
  await expect(differs).toContainText('A thermometer');
  await again.getByRole('button', { name: 'Take mine' }).click();
  await expect(differs).toHaveCount(0);
  await expect.poll(async () => (await kitchen()).fryers.map((f) => f.name)).toContain('Attic');
  expect((await kitchen()).thermometer).toBe(now.thermometer);
  // Chosen once, it does not come again.
  await again.reload();
  await expect(again.getByText('Saved', { exact: true })).toBeVisible();
  await expect(differs).toHaveCount(0);
  await context.close();
});
