import type { Page } from '@playwright/test';
import { expect, openBench } from './begin';
import { cooked, dishOf } from './inLog';

/** Every page and every board, one after the other. */

const BOARDS = [
  'Air versions',
  'Water',
  'Bowls',
  'Oil',
  'Basket',
  'Steps',
  'On the plate',
  'Schools',
  'Kept versions',
  'Cautions',
  'Who eats, how hot',
];

/** The addresses of all pages, those of documents among them. */
export async function allPages(page: Page): Promise<string[]> {
  const dish = await dishOf(page, 'For everybody');
  const cook = await cooked(page, dish, { overall: 'good' });
  const evening = (await (
    await page.request.post('/api/evenings', {
      data: { name: 'For everybody', serveAt: null, timeZone: 'UTC', dishes: [], guests: [], helpers: [] },
    })
  ).json()) as { id?: string };
  return [
    '/',
    `/dish/${dish}`,
    `/dish/${dish}/card`,
    '/recipe',
    '/evening',
    ...(evening.id ? [`/evening/${evening.id}`] : []),
    '/cook',
    '/log',
    `/log/${cook}`,
    `/log/compare?of=${cook}.${dish}`,
    `/experiment/new?dish=${dish}`,
    '/kitchen',
    '/pantry',
    '/backups',
    '/access',
    '/learn',
    '/learn/dust',
    '/nowhere',
  ];
}

export async function visit(page: Page, at: string): Promise<void> {
  await page.goto(at);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toBeAttached();
  // The window is named after the page.
  await expect(page).toHaveTitle(`${await heading.textContent()} · Yellowmist`);
  // What is asked of the server and of the simulation has come.
  await page.waitForLoadState('networkidle');
}

/** Holds that nothing is found on any page or board, nor at `more` addresses. */
export async function nowhere(
  page: Page,
  find: (page: Page) => Promise<string[]>,
  more: readonly string[] = [],
): Promise<void> {
  for (const at of [...(await allPages(page)), ...more]) {
    await visit(page, at);
    expect([at, await find(page)]).toEqual([at, []]);
  }
  await eachBoard(page, async (board) => expect([board, await find(page)]).toEqual([board, []]));
}

/** Pulls up one board after the other. */
export async function eachBoard(page: Page, look: (board: string) => Promise<void>): Promise<void> {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  for (const board of BOARDS) {
    await page.getByRole('tab', { name: board, exact: true }).click();
    await expect(page.getByRole('tabpanel', { name: board })).toBeVisible();
    await look(board);
  }
}
