import type { Page } from '@playwright/test';
import { expect } from './begin';
import { convertedDish, layer } from './dishes';

/** What several journeys do and look at, at the counter. */

const COAT = [
  layer(['wheat-flour', 60], ['salt', 3]),
  layer(['egg', 50], ['water', 10]),
  layer(['coarse-crumbs', 60], ['rapeseed-oil', 8]),
];
export const dishOf = (page: Page, name: string, foodId = 'halloumi', at = '', count = 12): Promise<string> =>
  convertedDish(page, {
    name,
    foodId,
    layers: COAT,
    fryer: 'Galley',
    count,
    thicknessMm: 14,
    restMin: 5,
    minutes: 12,
    at,
  });

export interface Cook {
  id: string;
  programme: {
    steps: { id: string; kind: string; cook: number | null; batch: string | null }[];
    batches: { key: string }[];
  };
}

/** Starts a cook whose first batch lies in its fryer. */
export async function cookOf(page: Page, name: string, rehearsal?: object, foodId?: string, at = ''): Promise<Cook> {
  const conversionId = await dishOf(page, name, foodId, at);
  const answer = await page.request.post(`${at}/api/cooks`, {
    data: { conversionId, ...(rehearsal && { rehearsal }) },
  });
  const cook = (await answer.json()) as Cook;
  const steps = cook.programme.steps.filter((s) => s.cook !== null);
  const many = steps.findIndex((s) => s.kind === 'load') + 1;
  const events = steps
    .slice(0, many)
    .map((s) => ({ id: crypto.randomUUID(), atMs: Date.now(), what: 'done', step: s.id }));
  await page.request.post(`${at}/api/cooks/${cook.id}/events`, { data: { events } });
  await page.goto(`${at}/cook/${cook.id}`);
  await expect(now(page)).toBeVisible();
  return cook;
}

export const now = (page: Page) => page.getByRole('region', { name: 'Now', exact: true });
export const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true });
export const timers = (page: Page) => page.getByRole('list', { name: 'What goes on by itself' });
export const eventsOf = async (page: Page, id: string, at = ''): Promise<{ what: string; id: string }[]> =>
  ((await (await page.request.get(`${at}/api/cooks/${id}`)).json()) as { events: { what: string; id: string }[] })
    .events;
/** s that the batch in the fryer has left. */
export async function left(page: Page): Promise<number> {
  const inFryer = timers(page).getByRole('listitem').filter({ hasText: 'Galley' });
  const shown = await inFryer.locator('time').textContent();
  const [min, s] = shown!.split(':').map(Number);
  return min * 60 + s;
}
