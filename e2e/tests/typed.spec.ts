import type { Page } from '@playwright/test';
import { expect, test } from './begin';
import { leeksAt } from './dishes';
import { cooked } from './inLog';
import { OwnServer } from './ownServer';

/** What is typed and not handed over yet outlives the page, with and without its server. */

const SERVER = new OwnServer(4993);
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

const food = (page: Page) => page.getByLabel('I fry', { exact: true });
const coat = (page: Page) => page.getByLabel('in', { exact: true });
const note = (page: Page) => page.getByLabel('Note, printed on the card');
const EXAMPLE = '24 oyster mushrooms, torn';

test('the sentence of a dish is there again after a reload and in a new window, until it lies on the bench', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  await page.goto('/');
  await expect(food(page)).toHaveValue(EXAMPLE);
  await food(page).fill('3 large courgettes, in sticks');
  await coat(page).fill('½ cup flour\n2 eggs\n1 cup crumbs');
  await page.getByLabel('Minutes in the oil').fill('4');
  await page.getByLabel('Minutes in the oil').press('Tab');
  await page.reload();
  await expect(food(page)).toHaveValue('3 large courgettes, in sticks');
  await expect(coat(page)).toHaveValue('½ cup flour\n2 eggs\n1 cup crumbs');
  await expect(page.getByLabel('Minutes in the oil')).toHaveValue('4');
  await page.close({ runBeforeUnload: false });
  // Without its server it is not lost either, and says so.
  const next = await context.newPage();
  await next.goto('/');
  await expect(food(next)).toHaveValue('3 large courgettes, in sticks');
  await SERVER.kill();
  await next.getByRole('button', { name: 'Show me the air version' }).click();
  await expect(next.getByRole('alert').filter({ hasText: 'Nothing of the sentence is lost' })).toBeVisible();
  await SERVER.start();
  await next.getByRole('button', { name: 'Show me the air version' }).click();
  await expect(next).toHaveURL(/\/dish\//);
  await next.goto('/');
  await expect(food(next)).toHaveValue(EXAMPLE);
  await context.close();
});

test('a recipe that was pasted, and what was put right of it, is there after a reload', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  const words = page.getByRole('textbox', { name: 'Paste the recipe you fry by' });
  await page.goto('/recipe');
  await words.fill('Fish fingers\n\n400 g cod\n1 cup flour\n2 eggs\n1 cup crumbs\nFry at 180 °C for 5 minutes');
  await page.reload();
  await expect(words).toHaveValue(/^Fish fingers/);
  await page.getByRole('button', { name: 'Read it' }).click();
  const lines = page.getByRole('list', { name: 'Lines' });
  await expect(lines.getByText('2 eggs')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Fish fingers' })).toBeVisible();
  await expect(lines.getByText('2 eggs')).toBeVisible();
  // Laid on the bench, the page is free for the next one.
  await page.getByRole('button', { name: /bench/ }).click();
  await expect(page).toHaveURL(/\/dish\//);
  await page.goto('/recipe');
  await expect(words).toHaveValue('');
  await context.close();
});

test('a note beside a dish, written while the server was away, is saved by itself once it is back', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  const id = await leeksAt(page, SERVER.url, 'Leeks with a note');
  const stored = async (): Promise<{ note: string; tags?: string[]; version: number }> =>
    (await (await page.request.get(`/api/conversions/${id}`)).json()) as { note: string; version: number };
  await page.goto(`/dish/${id}/card`);
  await note(page).fill('With lemon');
  await page.getByLabel('Tags, with commas between').fill('friday');
  // Not saved yet: it outlives a reload.
  await page.reload();
  await expect(note(page)).toHaveValue('With lemon');
  expect((await stored()).note).toBe('');
  const { version } = await stored();
  await SERVER.kill();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/kept in this browser, and saved once the server is back/)).toBeVisible();
  await SERVER.start();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  expect(await stored()).toMatchObject({ note: 'With lemon', tags: ['friday'], version: version + 1 });
  await context.close();
});

test('a note whose window has died, and another from elsewhere: the cook chooses', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  const id = await leeksAt(page, SERVER.url, 'Leeks with two notes');
  await page.goto(`/dish/${id}/card`);
  await note(page).fill('Mine, with lemon');
  await SERVER.kill();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/kept in this browser/)).toBeVisible();
  await page.close({ runBeforeUnload: false });
  await SERVER.start();
  const next = await context.newPage();
  const answer = await next.request.get(`/api/conversions/${id}`);
  const {
    id: _id,
    format: _f,
    createdAt: _c,
    updatedAt: _u,
    ...body
  } = (await answer.json()) as Record<string, unknown>;
  const put = await next.request.put(`/api/conversions/${id}`, { data: { ...body, note: 'Theirs, with dill' } });
  expect(put.status()).toBe(200);
  await next.goto(`/dish/${id}/card`);
  const apart = next.getByRole('alert').filter({ hasText: 'somebody has saved since' });
  await expect(apart).toContainText('Mine, with lemon');
  await expect(apart).toContainText('Theirs, with dill');
  await next.getByRole('button', { name: 'Leave it as the other has it' }).click();
  await expect(note(next)).toHaveValue('Theirs, with dill');
  await next.reload();
  await expect(note(next)).toHaveValue('Theirs, with dill');
  await expect(apart).toHaveCount(0);
  await context.close();
});

test('a cook that is being noted, a packet that is being typed off, a comparison that is thought out: as they were', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', baseURL: SERVER.url });
  const page = await context.newPage();
  const id = await leeksAt(page, SERVER.url, 'Leeks to compare');
  await cooked(page, id);
  await page.goto('/log');
  await page.getByText('Note a cook').click();
  await page.getByLabel('Cooked by').selectOption({ label: 'a packet or another recipe' });
  await page.reload();
  await page.getByText('Note a cook').click();
  await expect(page.getByLabel('Cooked by')).toHaveValue('other');

  await page.goto('/pantry');
  const label = page.getByRole('form', { name: 'An ingredient of your own' });
  await label.getByLabel('Name').fill('Lentil crisps');
  await page.reload();
  await expect(label.getByLabel('Name')).toHaveValue('Lentil crisps');
  await label.getByRole('button', { name: /shelf/ }).click();
  await expect(page.getByText(/Lentil crisps.* is on the shelf/)).toBeVisible();
  await page.reload();
  await expect(label.getByLabel('Name')).toHaveValue('');

  await page.goto(`/experiment/new?dish=${id}`);
  await page.getByRole('radio', { name: /my own/ }).check();
  await page.getByLabel('The ways, with commas between').fill('crumbs of an old loaf, bought crumbs');
  await page.getByLabel(/Who tastes/).fill('Wilma, Otto');
  await page.reload();
  await expect(page.getByRole('radio', { name: /my own/ })).toBeChecked();
  await expect(page.getByLabel('The ways, with commas between')).toHaveValue('crumbs of an old loaf, bought crumbs');
  await expect(page.getByLabel(/Who tastes/)).toHaveValue('Wilma, Otto');
  await context.close();
});
