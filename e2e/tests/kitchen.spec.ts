import { begin, expect, searched, test } from './begin';

test('a fryer is added, its bread rated and its thermometer read, and a dish moved into it', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  await expect(page.getByRole('alert')).toContainText('Name: enter 1 to 80 letters');
  await page.getByLabel('Name of another fryer').fill('Boathouse');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  const fryer = page.getByRole('region', { name: 'Boathouse' });
  await fryer.getByLabel('Wide', { exact: true }).fill('300');
  for (const slice of ['back left', 'back', 'back right'])
    await fryer.getByLabel(slice, { exact: true }).selectOption('dark');
  await expect(fryer).toContainText('The back browns fastest, the front slowest: turn the basket round');
  await fryer.getByLabel('It reads').fill('192');
  await fryer.getByRole('button', { name: 'Note it' }).click();
  await expect(fryer).toContainText('Runs 12 °C hotter than it says');
  await page.reload();
  await expect(fryer).toContainText('set 180 °C, read 192 °C');
  await expect(fryer.getByRole('img', { name: /Bread: back left dark/ })).toBeVisible();

  await begin(page, 'Aubergine', 'flour, egg and coarse crumbs');
  await searched(page);
  await page.getByRole('tab', { name: 'Basket', exact: true }).click();
  await page.getByRole('button', { name: 'Move it to Boathouse' }).click({ timeout: 20_000 });
  await expect(page.getByText('By its bread test:')).toBeVisible();
});

test('a sprayer is weighed before and after ten strokes, and oil is counted in its strokes', async ({ page }) => {
  await page.goto('/kitchen');
  const sprayers = page.getByRole('region', { name: 'Sprayers and brushes' });
  await sprayers.getByLabel('Name of another one').fill('Green pump');
  await sprayers.getByRole('button', { name: 'Add it' }).click();
  const pump = sprayers.getByRole('listitem').filter({ hasText: 'Green pump' });
  await pump.getByLabel('and after').fill('260');
  await pump.getByRole('button', { name: 'Reckon' }).click();
  await expect(pump.getByRole('alert')).toContainText('must weigh less after the strokes');
  await pump.getByLabel('and after').fill('248.1');
  await pump.getByRole('button', { name: 'Reckon' }).click();
  await expect(pump).toContainText('0.19 g a stroke');
  await begin(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('tab', { name: 'Bowls', exact: true }).click();
  await expect(page.getByText(/\d+ strokes of the green pump/)).toBeVisible();
});
