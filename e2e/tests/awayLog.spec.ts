import type { Browser, Page } from '@playwright/test';
import { expect, test } from './begin';
import { leeksAt } from './dishes';
import { cooked, form, photograph } from './inLog';
import { OwnServer } from './ownServer';

/** The log without its server: what is noted meanwhile is kept in the browser, and noted once, from whatever page is open then. */

const SERVER = new OwnServer(4996);
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

const addDish = (page: Page, name: string): Promise<string> => leeksAt(page, SERVER.url, name);

/** A window in a browser of its own, without pages of an earlier one. */
async function openWindow(browser: Browser) {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  return { context, page: await context.newPage() };
}

/** The server takes the next thing that is sent to `address`, and its answer is lost. @returns how many have been */
async function losesOneAnswer(page: Page, address: string): Promise<() => number> {
  let lost = 0;
  await page.route(address, async (route) => {
    if (lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    return route.abort();
  });
  return () => lost;
}

/** The record of a cook that is over, in a browser of its own. */
async function openRecord(browser: Browser, name: string) {
  const { context, page } = await openWindow(browser);
  const dish = await addDish(page, name);
  const cook = await cooked(page, dish, { colourTop: 'golden' });
  const at = `/log/${cook}?dish=${dish}`;
  await page.goto(at);
  await expect(form(page)).toBeVisible();
  return { context, page, cook, at };
}

test('how a cook came out, noted while the server was away, stands in its record when it is back', async ({
  browser,
}) => {
  const { context, page, cook, at } = await openRecord(browser, 'Leeks to remember');
  await SERVER.kill();
  await form(page).getByLabel('Taste, in a line').fill('Sweet, and a little bland');
  await form(page).getByLabel('Taste, in a line').press('Tab');
  await expect(page.getByText(/Not saved yet; it is tried again/)).toBeVisible();
  const again = await SERVER.backAfter(page);
  await again.goto(at);
  await expect(form(again).getByLabel('Taste, in a line')).toHaveValue('Sweet, and a little bland');
  const seen = async (): Promise<Record<string, unknown>> =>
    ((await (await again.request.get(`/api/cooks/${cook}/seen`)).json()) as { seen: Record<string, unknown> }[])[0]
      .seen;
  // What was known before stays beside it.
  await expect.poll(seen).toMatchObject({ taste: 'Sweet, and a little bland', colourTop: 'golden' });
  await context.close();
});

test('a photograph that was added while the server was away is sent when it is back, once, and so is one whose answer was lost', async ({
  browser,
}) => {
  const { context, page, cook, at } = await openRecord(browser, 'Leeks in the light');
  const photographs = (window: Page) => window.getByRole('region', { name: 'Photographs' });
  const adds = async (window: Page, name: string): Promise<void> =>
    photographs(window)
      .getByLabel('Add photographs')
      .setInputFiles({ name, mimeType: 'image/png', buffer: await photograph(window) });
  await SERVER.kill();
  await adds(page, 'plate.png');
  await expect(photographs(page).getByRole('alert')).toContainText('plate.png is not kept yet');
  await expect(photographs(page).getByRole('alert')).toContainText('It stays in this browser, and is sent again');
  const again = await SERVER.backAfter(page);
  const kept = async (): Promise<number> =>
    ((await (await again.request.get(`/api/cooks/${cook}/photos`)).json()) as unknown[]).length;
  // Whatever page is opened: what waits is sent from there.
  await again.goto('/learn');
  await expect.poll(kept, { timeout: 15_000 }).toBe(1);
  await again.goto(at);
  await expect(photographs(again).getByAltText('Photograph 1')).toBeVisible();
  await expect(photographs(again).getByRole('alert')).toHaveCount(0);
  const lost = await losesOneAnswer(again, '**/photos?*');
  await adds(again, 'board.png');
  await expect(photographs(again).getByAltText('Photograph 2')).toBeVisible();
  await expect(photographs(again).getByRole('alert')).toHaveCount(0);
  await again.reload();
  await expect(photographs(again).getByAltText('Photograph 2')).toBeVisible();
  expect([lost(), await kept()]).toEqual([1, 2]);
  await context.close();
});

test('a cook that is noted while the server is away is noted by itself when it is back, once, and so is one whose answer was lost', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  const dish = await addDish(page, 'Leeks to note');
  const waiting = (window: Page) => window.getByRole('list', { name: 'Cooks that are not noted yet' });
  const notes = async (window: Page): Promise<void> => {
    await window.getByText('Note a cook', { exact: true }).click();
    await window.getByLabel('Dish').selectOption({ label: 'Leeks to note' });
    await window.getByLabel('On the table at').fill('2026-10-04T19:30');
    await window.getByRole('button', { name: 'Note how it came out' }).click();
  };
  await page.goto('/log');
  await page.getByText('Note a cook', { exact: true }).click();
  await expect(page.getByLabel('Dish')).toBeVisible();
  await page.getByText('Note a cook', { exact: true }).click();
  await SERVER.kill();
  await notes(page);
  await expect(waiting(page).getByRole('alert')).toContainText(
    /Leeks to note, on the table Sunday, 4 October 2026 at 19:30, is not noted yet\..* It stays in this browser, and is noted by itself\./,
  );
  await expect(page.getByLabel('On the table at')).toBeHidden();
  await expect(page.getByText('Note a cook', { exact: true })).toBeFocused();
  const again = await SERVER.backAfter(page);
  const noted = async (): Promise<number> =>
    ((await (await again.request.get('/api/cooks')).json()) as { log: { dish: string }[] }[]).filter((cook) =>
      cook.log.some((logged) => logged.dish === dish),
    ).length;
  await again.goto('/learn');
  await expect(again.getByText('Leeks to note is noted now.')).toBeVisible();
  expect(await noted()).toBe(1);
  await again.goto('/log');
  await expect(again.getByRole('link', { name: 'Leeks to note' })).toHaveCount(1);
  await expect(waiting(again)).toBeHidden();
  const lost = await losesOneAnswer(again, '**/cooks?key=*');
  await notes(again);
  await expect(again.getByRole('link', { name: 'Leeks to note' })).toHaveCount(2);
  await expect(waiting(again)).toBeHidden();
  await again.reload();
  await expect(again.getByRole('link', { name: 'Leeks to note' })).toHaveCount(2);
  expect([lost(), await noted()]).toEqual([1, 2]);
  await context.close();
});
