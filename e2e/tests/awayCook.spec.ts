import type { Browser, BrowserContext, Page } from '@playwright/test';
import { cookOf, dishOf, eventsOf, left, now, press, timers } from './atCounter';
import { expect, test } from './begin';
import { OwnServer } from './ownServer';

/** The counter without its server: a cook begins, its timers are right in a page that is loaded anew, and all of it is handed over. */

const SERVER = new OwnServer(4995);
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

/** A window whose pages are kept in its browser. */
async function openWindow(browser: Browser): Promise<{ context: BrowserContext; page: Page }> {
  const context = await browser.newContext({ baseURL: SERVER.url });
  const page = await context.newPage();
  await page.goto('/');
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('yellowmist-pages')).keys()).length), {
      timeout: 20_000,
    })
    .toBeGreaterThan(15);
  return { context, page };
}

/** The list of what can be cooked stands, and all that a cook needs to begin without a server is in the browser. */
async function openCooks(page: Page, name: string): Promise<void> {
  await page.goto('/cook');
  await expect(cookButton(page, name)).toBeVisible();
  const files = (): Promise<string[]> =>
    page.evaluate(() => performance.getEntriesByType('resource').map((file) => file.name));
  for (const file of [/core\.worker-/, /\/CookPage-/])
    await expect.poll(async () => (await files()).join()).toMatch(file);
  await page.waitForLoadState('networkidle');
}

const cookButton = (page: Page, name: string) =>
  page.getByRole('listitem').filter({ hasText: name }).getByRole('button', { name: /^Cook/ });
const head = (page: Page) => now(page).getByRole('heading', { level: 2 });

const NOBODY = /No server answers\. You see what was last here/;

interface InList {
  id: string;
  name: string;
  endedAt: string | null;
}
const cooksCalled = async (page: Page, name: string): Promise<InList[]> =>
  ((await (await page.request.get('/api/cooks')).json()) as InList[]).filter((cook) => cook.name === name);

/** Makes a dish, takes the server away, begins to cook it, and does the first step. @returns what is to do first, and then */
async function beginAlone(page: Page, name: string): Promise<[string, string]> {
  await dishOf(page, name);
  await openCooks(page, name);
  await SERVER.kill();
  await cookButton(page, name).click();
  await expect(head(page)).toBeVisible();
  await expect(page.getByText(/The server is away/)).toBeVisible();
  const first = (await head(page).textContent())!;
  await page.locator('body').press('Space');
  await expect(head(page)).not.toHaveText(first);
  return [first, (await head(page).textContent())!];
}

test('a page that is loaded anew at the counter while the server is away: the timer is where it was, and no tap is missing', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  await cookOf(page, 'Halloumi loaded anew');
  await expect(timers(page)).toBeVisible();
  await press(page, '+1 min').click();
  await expect.poll(() => left(page)).toBeGreaterThan(730);
  await page.waitForTimeout(4000);
  await SERVER.kill();
  const before = await left(page);
  const since = Date.now();
  await page.waitForTimeout(3000);
  await page.reload();
  await expect(timers(page)).toBeVisible();
  await expect(page.getByText(/The server is away/)).toBeVisible();
  expect(Math.abs((await left(page)) - (before - (Date.now() - since) / 1000))).toBeLessThanOrEqual(2);
  await SERVER.start();
  await expect(page.getByText(/The server is away/)).toBeHidden({ timeout: 20_000 });
  expect(Math.abs((await left(page)) - (before - (Date.now() - since) / 1000))).toBeLessThanOrEqual(2);
  await context.close();
});

test('a cook that begins while the server is away goes on through a reload, and is handed over once with its taps from whatever page is open', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  const [, second] = await beginAlone(page, 'Halloumi begun alone');
  await page.reload();
  await expect(head(page)).toHaveText(second);
  const at = new URL(page.url()).pathname;
  // It stands among the others, and says where it is.
  await page.goto('/cook');
  const begun = page.getByRole('region', { name: 'Begun without the server' });
  await expect(begun).toContainText('handed over by itself when the server is back');
  await expect(page.getByText(NOBODY)).toBeVisible();
  await begun.getByRole('link', { name: 'Halloumi begun alone' }).click();
  await expect(head(page)).toHaveText(second);
  // Here the counter says it, with its timers.
  await expect(page.getByText(NOBODY)).toBeHidden();
  const again = await SERVER.backAfter(page);
  await again.goto('/learn');
  await expect.poll(() => cooksCalled(again, 'Halloumi begun alone'), { timeout: 15_000 }).toHaveLength(1);
  const [{ id }] = await cooksCalled(again, 'Halloumi begun alone');
  expect(at).toBe(`/cook/${id}`);
  await expect.poll(async () => (await eventsOf(again, id)).map((e) => e.what)).toEqual(['done']);
  await again.goto(at);
  await expect(head(again)).toHaveText(second);
  await expect(again.getByText(/The server is away/)).toBeHidden();
  await again.goto('/cook');
  await expect(again.getByText(NOBODY)).toBeHidden();
  await expect(again.getByRole('region', { name: 'Going on' })).toContainText('Halloumi begun alone');
  await expect(again.getByRole('region', { name: 'Begun without the server' })).toBeHidden();
  await context.close();
});

test('the server comes back while one stands at the counter: the cook is handed over under the hands that work', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  const [first, second] = await beginAlone(page, 'Halloumi under the hands');
  await SERVER.start();
  await expect(page.getByText(/The server is away/)).toBeHidden({ timeout: 20_000 });
  await expect(head(page)).toHaveText(second);
  await page.locator('body').press('ArrowLeft');
  await expect(head(page)).toHaveText(first);
  const [{ id }] = await cooksCalled(page, 'Halloumi under the hands');
  await expect.poll(async () => (await eventsOf(page, id)).map((e) => e.what)).toEqual(['done', 'undone']);
  await context.close();
});

test('what was changed and could not be saved is cooked, is there again on the bench, and is saved when the server is back', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  const dish = await dishOf(page, 'Halloumi a minute longer');
  await page.goto(`/dish/${dish}`);
  await page.getByRole('tab', { name: 'Steps' }).click();
  const cook = page.getByRole('button', { name: 'Cook Halloumi a minute longer' });
  await expect(cook).toBeVisible();
  await page.waitForLoadState('networkidle');
  await SERVER.kill();
  await page.getByRole('button', { name: 'In the air' }).click();
  const minutes = page.getByLabel('For', { exact: true });
  await expect(minutes).toHaveValue('12');
  await minutes.fill('13');
  await minutes.press('Tab');
  await expect(page.getByText(/it is tried again/)).toBeVisible();
  await cook.focus();
  await page.keyboard.press('Enter');
  await expect(head(page)).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').at(-1)!;
  const batches = (await page.evaluate((key) => localStorage.getItem(key), `yellowmist.cook.${id}`))!;
  expect(batches).toContain('"minutes":13');
  await page.goBack();
  await page.getByRole('button', { name: 'In the air' }).click();
  await expect(minutes).toHaveValue('13');
  await SERVER.start();
  const saved = async (): Promise<unknown> => (await page.request.get(`/api/conversions/${dish}`)).json();
  await expect.poll(saved).toMatchObject({ chosen: { plan: { settings: { minutes: 13 } } } });
  await expect.poll(() => cooksCalled(page, 'Halloumi a minute longer')).toHaveLength(1);
  await context.close();
});

test('what others have added meanwhile stands in the list by itself once the server is back', async ({ browser }) => {
  const { context, page } = await openWindow(browser);
  await dishOf(page, 'Halloumi of before');
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Halloumi of before' })).toBeVisible();
  await SERVER.kill();
  await page.reload();
  await expect(page.getByText(NOBODY)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Halloumi of before' })).toBeVisible();
  await SERVER.start();
  await dishOf(page, 'Halloumi of somebody else');
  await expect(page.getByText(NOBODY)).toBeHidden();
  await expect(page.getByRole('link', { name: 'Halloumi of somebody else' })).toBeVisible();
  await context.close();
});

test('a cook whose beginning was heard and not answered begins once; one that the server never takes says so, and can be left', async ({
  browser,
}) => {
  const { context, page } = await openWindow(browser);
  await dishOf(page, 'Halloumi heard');
  await openCooks(page, 'Halloumi heard');
  let lost = 0;
  await context.route('**/api/cooks?key=*', async (route) => {
    if (lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    return route.abort();
  });
  await cookButton(page, 'Halloumi heard').click();
  await expect(head(page)).toBeVisible();
  await expect(page.getByText(/The server is away/)).toBeHidden({ timeout: 20_000 });
  expect(await cooksCalled(page, 'Halloumi heard')).toHaveLength(1);
  expect(lost).toBe(1);
  await openCooks(page, 'Halloumi heard');
  await context.route('**/api/cooks?key=*', (route) =>
    lost++ === 1
      ? route.abort()
      : route.fulfill({
          status: 400,
          contentType: 'application/problem+json',
          body: JSON.stringify({ status: 400, title: 'Bad Request', detail: 'begun.programme is of another time' }),
        }),
  );
  await cookButton(page, 'Halloumi heard').click();
  await expect(head(page)).toBeVisible();
  await page.getByRole('link', { name: 'Cook', exact: true }).click();
  const begun = page.getByRole('region', { name: 'Begun without the server' });
  await expect(begun.getByRole('alert')).toContainText(
    'The server does not take it (begun.programme is of another time). It stays in this browser.',
  );
  await begun.getByRole('button', { name: 'Leave it Halloumi heard' }).click();
  await expect(begun).toBeHidden();
  await context.close();
});
