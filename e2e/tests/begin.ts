import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

const FIRST_PORT = 4699;
const PATIENCE_MS = 30_000;
const VIEW = { width: 1280, height: 800 };

async function answers(url: string): Promise<void> {
  const until = Date.now() + PATIENCE_MS;
  while (Date.now() < until) {
    if (
      await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`No server at ${url}.`);
}

/** Servers of the journeys themselves: nothing else is asked by any page. */
const HERE = /^https?:\/\/(127\.0\.0\.1|localhost)(:\d+)?$/;

/** As a page is before anybody has touched it: nothing remembered, nothing emulated, nothing listened to. */
async function asNew(page: Page): Promise<void> {
  for (const event of ['request', 'pageerror', 'console'] as const) page.removeAllListeners(event);
  await page.unrouteAll();
  for (const other of page.context().pages()) if (other !== page) await other.close();
  await page.evaluate(() => {
    localStorage.clear();
    sessionStorage.clear();
    // Whoever journeys here has taken the first steps; a journey of their own takes them.
    localStorage.setItem('yellowmist.settings', '{"step":0}');
  });
  await page.emulateMedia({ colorScheme: null, reducedMotion: null });
  await page.setViewportSize(VIEW);
}

/**
 * Every worker has a server with a database of its own, so that journeys can go side by side, and one window, in which
 * each journey loads its page anew: opening a window costs more than most of what is done in it.
 */
export const test = base.extend<object, { server: string; ownWindow: Page; refusedByPolicy: string[] }>({
  server: [
    // Playwright wants the braces.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { parallelIndex }) => {
      const port = FIRST_PORT + parallelIndex;
      const url = `http://127.0.0.1:${port}`;
      const child = spawn('node', ['e2e/serve.mjs'], { env: { ...process.env, YELLOWMIST_PORT: String(port) } });
      const gone = new Promise<never>((_, reject) => {
        child.on('exit', (code) => reject(new Error(`The server at ${url} ended with ${code}: is its port in use?`)));
      });
      await Promise.race([answers(url), gone]);
      await use(url);
      gone.catch(() => undefined);
      child.kill('SIGTERM');
    },
    { scope: 'worker' },
  ],
  ownWindow: [
    async ({ browser, server, refusedByPolicy }, use) => {
      // Journeys take the server away by closing the way to it: what keeps pages for such times has a journey of its own.
      const context = await browser.newContext({ baseURL: server, viewport: VIEW, serviceWorkers: 'block' });
      context.on('console', (message) => {
        if (message.text().includes('Content Security Policy')) refusedByPolicy.push(message.text());
      });
      context.on('request', (request) => {
        const { origin, protocol } = new URL(request.url());
        if (/^https?:$/.test(protocol) && !HERE.test(origin)) refusedByPolicy.push(`asked ${origin}`);
      });
      const page = await context.newPage();
      await page.goto('/');
      await use(page);
      await context.close();
    },
    { scope: 'worker' },
  ],
  // eslint-disable-next-line no-empty-pattern
  refusedByPolicy: [({}, use) => use([]), { scope: 'worker' }],
  context: ({ ownWindow }, use) => use(ownWindow.context()),
  page: async ({ ownWindow, refusedByPolicy }, use) => {
    await asNew(ownWindow);
    refusedByPolicy.length = 0;
    await use(ownWindow);
    // Whatever a journey does, nothing in its pages is what the policy of the server refuses, and nobody else is asked.
    expect(refusedByPolicy).toEqual([]);
  },
});

export { expect };

async function send(page: Page, food: string, coat: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('I fry', { exact: true }).fill(food);
  await page.getByLabel('in', { exact: true }).fill(coat);
  const answers = page.getByRole('alert').filter({ hasText: 'How much of it?' }).getByRole('button');
  if (!/\d/.test(food)) {
    await answers.first().click();
    // What is understood then stands above the button, and moves it.
    await expect(page.getByText(/pieces? of about/)).toBeVisible();
  }
  await page.getByLabel('Fryer', { exact: true }).selectOption('Drawer fryer');
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await onBench(page);
}

/** The versions on the shelf. Found by attributes: to ask for a name is to have all names of the page worked out, again and again. */
export const versions = (page: Page): Locator => page.locator('[aria-label="Versions found"] > button');
/** The one of them that lies on the bench. */
export const inUse = (page: Page): Locator =>
  page.locator('[aria-label="Versions found"] > [aria-pressed="true"]').first();
/** What a version is called. */
export const calledBy = async (version: Locator): Promise<string> => (await version.locator('b').textContent())!;

/** Waits until an air version lies on the bench. */
export const onBench = (page: Page): Promise<void> => expect(inUse(page)).toBeVisible({ timeout: 30_000 });

const told = (page: Page): Locator =>
  page.locator('[aria-live="polite"]', { hasText: 'cooks simulated for this dish' });

async function stopSearch(page: Page): Promise<void> {
  const stop = page.locator('[aria-live="polite"]').getByText('Stop', { exact: true });
  await stop.or(told(page)).first().waitFor();
  if (await stop.isVisible()) await stop.click({ timeout: 2000 }).catch(() => undefined);
}

/** Sends the sentence of the home view, waits for the first air version, and stops the search for others. */
export async function begin(page: Page, food: string, coat: string): Promise<void> {
  await send(page, food, coat);
  await stopSearch(page);
}

/** Waits until what was found is kept with the dish: a copy of it searches nothing. */
const kept = (page: Page, id: string): Promise<void> =>
  expect
    .poll(async () => ((await (await page.request.get(`/api/conversions/${id}/answer`)).json()) as Kept).found)
    .not.toBeNull();

interface Kept {
  found: object | null;
}

const idOf = (page: Page): string => page.url().split('/').at(-1)!;

interface Begun {
  body: object;
  found: object;
}

/** Where a dish is put down that one journey has begun, for the journeys of the other worker's server as well. */
const placeOf = (dish: string): string =>
  join(test.info().project.outputDir, 'begun', `${dish.replace(/\W+/g, '-')}.json`);

/** Whether this journey is the one to begin the dish: two that come at once would search it twice. */
function isMine(place: string): boolean {
  if (test.info().retry > 0) return true;
  try {
    mkdirSync(dirname(place), { recursive: true });
    mkdirSync(`${place}.begun`);
    return true;
  } catch {
    return false;
  }
}

/** Waits until another journey has put the dish down; who waits too long begins it after all. */
async function isThere(place: string): Promise<void> {
  const until = Date.now() + PATIENCE_MS;
  while (!existsSync(place) && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, 100));
}

async function putDown(page: Page, place: string): Promise<void> {
  const read = async (path: string): Promise<object> => (await page.request.get(path)).json();
  const id = idOf(page);
  const {
    version: _,
    id: __,
    format: ___,
    createdAt: ____,
    updatedAt: _____,
    ...body
  } = (await read(`/api/conversions/${id}`)) as Record<string, unknown>;
  const { found } = (await read(`/api/conversions/${id}/answer`)) as Kept;
  // All of it or nothing: the other worker may be looking.
  writeFileSync(`${place}.new`, JSON.stringify({ body, found }));
  renameSync(`${place}.new`, place);
}

/** The dish as it was begun, made anew on this worker's server with what was found for it. */
async function takeUp(page: Page, place: string): Promise<void> {
  const { body, found } = JSON.parse(readFileSync(place, 'utf8')) as Begun;
  const { id } = (await (await page.request.post('/api/conversions', { data: body })).json()) as { id: string };
  await page.request.put(`/api/conversions/${id}/answer`, { data: found });
  await page.goto(`/dish/${id}`);
}

/**
 * Opens a bench with an air version on it. The first journey that wants a dish begins it as a cook does; the next ones
 * open it as it was then, and search nothing: what they look at is something else.
 * @param prepare what is done to the dish before it is put down; the same for the same food and coat
 */
export async function openBench(
  page: Page,
  food: string,
  coat: string,
  prepare: (page: Page) => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  const place = placeOf(`${food}, ${coat}`);
  if (!isMine(place)) await isThere(place);
  if (existsSync(place)) {
    await takeUp(page, place);
    return onBench(page);
  }
  await send(page, food, coat);
  await prepare(page);
  await searched(page);
  await saved(page);
  await kept(page, idOf(page));
  await putDown(page, place);
}

/** Waits until the whole search is through. */
export const searched = (page: Page): Promise<void> => expect(told(page).first()).toBeVisible({ timeout: 30_000 });

export const saved = (page: Page): Promise<void> => expect(page.getByText('Saved', { exact: true })).toBeVisible();

/** Opens the sentence of food and cut in its place, where it is closed. */
export async function openCut(page: Page): Promise<void> {
  const sentence = page.getByRole('region', { name: 'Food and cut' }).getByRole('button', { name: /piece/ }).first();
  if ((await sentence.getAttribute('aria-expanded')) === 'false') await sentence.click();
}

/** Types a word into a field that finds, and takes the first answer. */
export async function find(field: Locator, word: string): Promise<void> {
  await field.fill(word);
  await field.press('Enter');
}
