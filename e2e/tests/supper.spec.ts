import type { Page } from '@playwright/test';
import { begin, expect, openBench, saved, searched, test } from './begin';

async function named(page: Page, name: string): Promise<void> {
  await page.getByLabel('Name of the dish').fill(name);
  await page.getByLabel('Name of the dish').press('Enter');
  await saved(page);
}

test('two dishes become a supper with an allergy: the order, the fryer and the bowls say what is kept apart', async ({
  page,
}) => {
  await openBench(page, 'Chicken breast', 'flour, egg and coarse crumbs');
  await named(page, 'Loft chicken');
  await begin(page, 'Okra', 'chickpea batter');
  await named(page, 'Plain okra');
  await page.getByRole('tab', { name: 'Who eats, how hot' }).click();
  await page.getByLabel('Without gluten').check();
  await page.getByLabel('Without egg').check();
  await page.keyboard.press('Escape');
  await searched(page);
  await saved(page);
  await page.getByRole('link', { name: 'Supper', exact: true }).click();
  await expect(page.getByText('Choose a dish on the left')).toBeVisible();
  const choose = page.getByRole('region', { name: 'Dishes to choose from' });
  await choose.getByRole('checkbox', { name: /Loft chicken/ }).check();
  await choose.getByRole('checkbox', { name: /Plain okra/ }).check();
  const order = page.getByRole('region', { name: 'In this order' });
  await expect(order.getByRole('heading', { level: 3 })).toHaveText(['Plain okra', 'Loft chicken']);
  await expect(order).toContainText('Last: nothing comes after raw poultry that it could soil.');

  const guests = page.getByRole('region', { name: 'Who does not eat everything' });
  await guests.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(guests.getByRole('alert')).toContainText('Name: enter 1 to 80 letters');
  await guests.getByLabel('Name of a guest').fill('Mara');
  await guests.getByRole('button', { name: 'Add', exact: true }).click();
  await guests.getByLabel('No egg').check();
  await guests.getByLabel('No wheat').check();
  await expect(guests).toContainText('no egg, no wheat');
  await expect(order.getByRole('listitem').first()).toContainText('it is for Mara');
  await expect(page.getByRole('img', { name: /is busy for \d+\s?min/ })).toBeVisible();

  await choose.getByRole('checkbox', { name: /Plain okra/ }).uncheck();
  await expect(page.getByRole('alert')).toContainText('Nothing here is for Mara');
  await choose.getByRole('checkbox', { name: /Plain okra/ }).check();
  await saved(page);
  await page.reload();
  await expect(order.getByRole('heading', { level: 3 })).toHaveText(['Plain okra', 'Loft chicken']);
  await expect(guests).toContainText('Mara');
});
