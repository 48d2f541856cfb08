import { openBench, expect, find, test } from './begin';

test('an own ingredient goes from its label onto the shelf and into a coat, and what is never used is not offered', async ({
  page,
}) => {
  await page.goto('/pantry');
  const form = page.getByRole('form', { name: 'An ingredient of your own' });
  await form.getByLabel('Name', { exact: true }).fill('Island mill lentil crumbs');
  await form.getByLabel('Fat').fill('60');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form.getByRole('alert')).toContainText(/come to \d+ g: a label of 100 g names 100 g or less/);
  await form.getByLabel('Fat').fill('2');
  await form.getByLabel('celery').check();
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form).toContainText('Island mill lentil crumbs is on the shelf.');
  await page.getByLabel('Beer: never used', { exact: true }).check();
  await expect(page.getByLabel('Beer: never used', { exact: true })).toBeChecked();
  await page.getByLabel('Find').fill('lentil');
  await expect(page.getByRole('row', { name: /Island mill lentil crumbs/ })).toContainText('celery');

  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  const coat = page.getByRole('region', { name: 'Coat in the air' });
  await expect(coat).not.toContainText('Beer');
  await coat
    .getByRole('listitem', { name: /^Layer/ })
    .first()
    .getByRole('button')
    .first()
    .click();
  await find(coat.getByRole('combobox', { name: 'Ingredient 1' }).first(), 'Island mill');
  await expect(coat).toContainText('celery');
  await expect(page.getByRole('figure').nth(1)).toContainText('Island mill');

  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/pantry');
  await page.getByRole('button', { name: 'Take Island mill lentil crumbs away' }).click();
  await expect(page.getByRole('alert')).toContainText('while a dish uses it');
  await expect(page.getByText('Island mill lentil crumbs').first()).toBeVisible();
});
