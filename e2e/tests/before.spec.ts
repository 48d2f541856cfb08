import { begin, expect, find, openBench, test } from './begin';

/** What is done before the heat: the food's water, and the oil. */

test('the potato is blanched as advised, which shortens its cook and stands in the steps', async ({ page }) => {
  await begin(page, 'Potato', 'flour, egg and coarse crumbs');
  await page.getByRole('tab', { name: 'Water', exact: true }).click();
  const board = page.getByRole('tabpanel', { name: 'Water' });
  const advice = board.getByRole('region', { name: 'Advice on the water' });
  await expect(advice.getByRole('heading').first()).toBeVisible({ timeout: 20_000 });
  const row = board.getByRole('row', { name: /^Blanched/ });
  await expect(row).toContainText(/\d+ min of work.*of waiting/);
  await row.getByRole('button', { name: 'Take: Blanched' }).click();
  await expect(row).toContainText('This is what lies on the bench.', { timeout: 20_000 });
  await advice.getByLabel('Blanched, for').fill('3');
  await page.getByRole('tab', { name: 'Steps', exact: true }).click();
  await expect(page.getByText(/Blanched, 3 minutes in the water: into plenty of boiling water/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/Blanched, .* into plenty/)).toHaveCount(0);
});

test('oil is put where the cook wants it, counted, and refused where it is too much', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('button', { name: 'Use: As you fry it' }).click();
  await page.getByRole('tab', { name: 'Oil', exact: true }).click();
  const board = page.getByRole('tabpanel', { name: 'Oil' });
  const pale = board.getByLabel('On pale spots, g');
  await pale.fill('99999');
  await expect(board.getByRole('alert')).toContainText(/from 0 to \d+ g/);
  await pale.fill('3');
  await expect(board).toContainText(/\d+ after the touch-up/);
  await find(board.getByRole('combobox', { name: 'Oil', exact: true }), 'dark sesame oil');
  await expect(board).toContainText(/begins to smoke between 165\s°C and 180\s°C/);
  await expect(page.getByRole('region', { name: 'Coat and cut' })).toBeVisible();
  await board.getByRole('button', { name: 'Mix 1 tbsp of oil to a cup into the crumbs' }).click();
  await expect(board.getByRole('button', { name: 'Leave the oil out of the crumbs' })).toBeVisible();
  await page.getByRole('tab', { name: 'Steps', exact: true }).click();
  await expect(page.getByText(/lift the pieces out onto the tray and touch up/)).toBeVisible();
  await page.getByRole('tab', { name: 'Cautions', exact: true }).click();
  await expect(page.getByText(/By these ingredients it contains .*sesame/)).toBeVisible();
});
