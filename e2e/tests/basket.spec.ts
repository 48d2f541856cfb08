import type { Page } from '@playwright/test';
import { begin, expect, openBench, openCut, test } from './begin';

async function openBasket(page: Page): Promise<void> {
  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
  await page.getByRole('tab', { name: 'Basket', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Aubergine 1 of/ })).toBeVisible();
}

test('a piece is moved over another, which is told, and laid back by undo; taking one out changes the batches', async ({
  page,
}) => {
  await openBasket(page);
  const board = page.getByRole('tabpanel', { name: 'Basket' });
  await expect(board.getByRole('status')).toHaveText('');
  const first = page.getByRole('button', { name: /^Aubergine 1 of/ });
  const pieces = await page.getByRole('button', { name: /^Aubergine \d+ of/ }).count();
  await first.focus();
  for (let k = 0; k < 4; k++) await page.keyboard.press('Shift+ArrowRight');
  for (let k = 0; k < 2; k++) await page.keyboard.press('Shift+ArrowDown');
  await expect(board.getByRole('status')).toContainText('lie over each other');
  await expect(board).toContainText('as you have laid them');
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: /^Aubergine \d+ of/ })).toHaveCount(pieces - 1);
  await board.getByRole('button', { name: 'Lay them anew' }).click();
  await expect(page.getByRole('button', { name: /^Aubergine \d+ of/ })).toHaveCount(pieces);
  await expect(board.getByRole('status')).toHaveText('');
});

test('a piece is dragged to scale with the mouse', async ({ page }) => {
  await openBasket(page);
  const piece = page.getByRole('button', { name: /^Aubergine 1 of/ });
  const before = (await piece.boundingBox())!;
  const [x, y] = [before.x + before.width / 2, before.y + before.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 30, y + 12, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => Math.round((await piece.boundingBox())!.x - before.x)).toBeGreaterThan(20);
  await expect(page.getByRole('tabpanel', { name: 'Basket' })).toContainText('as you have laid them');
});

test('the basket is crowded and given air again, and the dish moved to another fryer', async ({ page }) => {
  await openBasket(page);
  const crowding = page.getByRole('region', { name: 'Crowding' });
  await crowding.getByRole('button', { name: 'Crowd it' }).click();
  await expect(page.getByLabel('Air between')).toHaveValue('0');
  await crowding.getByRole('button', { name: 'Give it air' }).click();
  await expect(page.getByLabel('Air between')).toHaveValue('6');
  const others = page.getByRole('region', { name: 'In another fryer' });
  await expect(others).toContainText(/Oven-type fryer\s*\d+\s°C, \d+\smin, \d batch/, { timeout: 20_000 });
  await expect(others).toContainText('longer');
  await others.getByRole('button', { name: 'Move it to Oven-type fryer' }).click();
  await expect(page.getByText(/pieces? in Oven-type fryer/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('figure').nth(1)).toContainText('In Oven-type fryer');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('figure').nth(1)).toContainText('In Drawer fryer');
});

test('rings of two sizes lie in one another, which saves a batch, and a piece larger than its basket is said', async ({
  page,
}) => {
  await begin(page, 'Squid rings', 'egg and potato starch');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByLabel('Fryer', { exact: true }).selectOption('Drawer fryer');
  const cut = page.getByRole('region', { name: 'Food and cut' });
  await openCut(page);
  await cut.getByText('Exact sizes, and what is rare').click();
  await cut.getByLabel('Pieces', { exact: true }).fill('40');
  await cut.getByLabel('Outer diameter').fill('80');
  await cut.getByLabel('Inner diameter').fill('66');
  await cut.getByLabel('Some smaller').check();
  await cut.getByLabel('So many of them').fill('99');
  await expect(cut.getByRole('alert')).toContainText('whole number from 1 to 39');
  await cut.getByLabel('So many of them').fill('20');
  await cut.getByLabel('Their size, %').fill('50');
  await page.getByRole('tab', { name: 'Basket', exact: true }).click();
  const board = page.getByRole('tabpanel', { name: 'Basket' });
  const batches = async (): Promise<number> =>
    Number(/(\d+) batches/.exec((await board.getByText(/pieces in Drawer fryer/).textContent()) ?? '')?.[1] ?? 1);
  const apart = await batches();
  await board.getByLabel('Small ones in the holes of large ones').check();
  await expect.poll(batches).toBeLessThan(apart);

  await page.keyboard.press('Escape');
  await cut.getByLabel('Outer diameter').fill('290');
  await expect(page.getByText('One coated piece is larger than this basket.').first()).toBeVisible();
});
