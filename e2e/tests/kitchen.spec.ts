import { expect, openBench, saved, test } from './begin';

test('a fryer is added, its bread rated and its thermometer read, and a dish moved into it', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  await expect(page.getByRole('alert')).toContainText('Name: enter 1 to 80 letters');
  await page.getByLabel('Name of another fryer').fill('Boathouse');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  const fryer = page.getByRole('region', { name: 'Boathouse' });
  await fryer.getByText('In numbers', { exact: true }).click();
  await fryer.getByLabel('Wide', { exact: true }).fill('300');
  const grip = fryer.getByRole('slider', { name: 'Deep, on the drawing' });
  await grip.focus();
  await grip.press('ArrowRight');
  await expect(fryer.getByLabel('Deep', { exact: true })).toHaveValue('225');
  await fryer.getByText('Bread test', { exact: true }).first().click();
  for (const slice of ['back left', 'back', 'back right'])
    await fryer.getByLabel(slice, { exact: true }).selectOption('dark');
  await expect(fryer).toContainText('The back browns fastest, the front slowest: turn the basket round');
  await fryer.getByText('Temperature test', { exact: true }).first().click();
  await fryer.getByLabel('It reads').fill('192');
  await fryer.getByRole('group', { name: 'Temperature test' }).getByRole('button', { name: 'Note it' }).click();
  await expect(fryer).toContainText(/It runs 12\s°C hotter than it says/);
  await saved(page);
  await page.reload();
  await fryer.getByText('Temperature test', { exact: true }).first().click();
  await fryer.getByText('Bread test', { exact: true }).first().click();
  await expect(fryer).toContainText('set 180 °C, read 192 °C');
  await expect(fryer.getByRole('img', { name: /Bread: back left dark/ })).toBeVisible();

  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
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
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('tab', { name: 'Bowls', exact: true }).click();
  await expect(page.getByText(/\d+ strokes of the green pump/)).toBeVisible();
});

test('a sprayer is calibrated on the simulated scale, which jumps and goes away without losing a weight', async ({
  page,
}) => {
  await page.goto('/kitchen');
  const sprayers = page.getByRole('region', { name: 'Sprayers and brushes' });
  await sprayers.getByLabel('Name of another one').fill('Weighed pump');
  await sprayers.getByRole('button', { name: 'Add it' }).click();
  const pump = sprayers.getByRole('listitem').filter({ hasText: 'Weighed pump' });
  await pump.getByRole('button', { name: 'Use the kitchen scale' }).click();
  const scale = pump.getByRole('region', { name: 'Kitchen scale' });
  await scale.getByRole('button', { name: 'Put the bottle on' }).click();
  await scale.getByRole('button', { name: 'Knock the table' }).click();
  await expect(scale).toContainText('The reading jumps');
  await expect(scale.getByRole('button', { name: 'Take as before' })).toBeDisabled();
  await expect(scale).toContainText('At rest.');
  await scale.getByRole('button', { name: 'Take as before' }).click();
  // The knock dies away slowly: a tenth of a gram of it may still be there.
  await expect(pump.getByLabel('Weighs before')).toHaveValue(/^251\.[2-4]$/);
  const taken = await pump.getByLabel('Weighs before').inputValue();
  await scale.getByRole('button', { name: 'Switch it off' }).click();
  await expect(scale).toContainText('The scale is gone');
  await expect(pump.getByLabel('Weighs before')).toHaveValue(taken);
  await scale.getByRole('button', { name: 'Switch it on' }).click();
  await scale.getByRole('button', { name: 'Press 10 strokes off' }).click();
  await expect(scale.getByLabel('The scale shows')).toContainText('249.2');
  await expect(scale).toContainText('At rest.');
  await scale.getByRole('button', { name: 'Take as after' }).click();
  await expect(pump).toContainText(/0\.2[0-2] g a stroke/);
});

test('a programme, a timer that ends and a bowl that is too small show up in the steps and at the bowls', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await page.getByLabel('Name of another fryer').fill('Cabin');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  const fryer = page.getByRole('region', { name: 'Cabin' });
  await fryer.getByText('Programmes and habits', { exact: true }).first().click();
  await fryer.getByLabel('Its timer ends by itself').check();
  await fryer.getByLabel('after', { exact: true }).fill('5');
  const bowls = page.getByRole('region', { name: 'Bowls and deep plates' });
  await bowls.getByLabel('Name', { exact: true }).fill('Tea cup');
  await bowls.getByLabel('Across').fill('80');
  await bowls.getByRole('button', { name: 'Add it' }).click();
  await expect(bowls).toContainText('Tea cup 80 mm across');
  await page.getByLabel('A thermometer for the centre').uncheck();
  await expect(page.getByText('A probe thermometer is the one tool to buy.')).toBeVisible();

  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('tab', { name: 'Bowls', exact: true }).click();
  await expect(page.getByText(/No bowl that is left is \d+\s?mm across: take a plate/).first()).toBeVisible();
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByLabel('Fryer', { exact: true }).selectOption('Cabin');
  await page.getByRole('tab', { name: 'Steps', exact: true }).click();
  await expect(page.getByText(/Its timer ends after 5 minutes: set it again/)).toBeVisible();
  await expect(page.getByRole('note')).toContainText('This kitchen has no thermometer');
});
