import { begin, calledBy, expect, inUse, openBench, openCut, saved, test } from './begin';

test('from nothing to an air version that is there after a reload', async ({ page }) => {
  const { request } = page;
  const kept = (await (await request.get('/api/conversions')).json()) as { id: string }[];
  for (const { id } of kept) await request.delete(`/api/conversions/${id}`);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'No dish yet' })).toBeVisible();
  await expect(page.getByRole('img', { name: /Oyster mushrooms, out of the pot/ })).toBeVisible();

  await begin(page, 'Halloumi', 'flour, egg and fine crumbs');
  await expect(page).toHaveURL(/\/dish\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('img', { name: /^Fried: Halloumi/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Air: Halloumi/ })).toBeVisible();

  await page.getByLabel('Name of the dish').fill('Loft halloumi');
  await page.getByLabel('Name of the dish').press('Enter');
  await openCut(page);
  await page.getByLabel('Thickness', { exact: true }).fill('15');
  await expect(page.getByText('cooks simulated for this dish')).toBeVisible({ timeout: 30_000 });

  await page.getByRole('tab', { name: 'Bowls' }).click();
  const bowls = page.getByRole('list', { name: 'Bowls in the order of dipping' });
  await expect(bowls.getByRole('heading').first()).toBeVisible();
  await expect(bowls).toContainText(/\d+ g/);
  await expect(bowls).toContainText(/batch/);
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/^Cook at \d+.°C for \d+ minutes/)).toBeVisible();
  await page.getByRole('tab', { name: 'Cautions' }).click();
  await expect(page.getByText(/By these ingredients it contains .*milk/)).toBeVisible();

  await saved(page);
  const chosen = await page.getByRole('figure').nth(1).textContent();
  await page.reload();
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Loft halloumi');
  await openCut(page);
  await expect(page.getByLabel('Thickness', { exact: true })).toHaveValue('15');
  await expect(page.getByRole('figure').nth(1)).toHaveText(chosen ?? '');

  await page.getByRole('link', { name: 'Yellowmist' }).click();
  await expect(page.getByRole('link', { name: 'Loft halloumi' }).last()).toBeVisible();
});

test('the wet batter is shown failing as it is, and the chosen coat stays chosen', async ({ page }) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await expect(page.getByRole('heading', { name: 'Why your coat fails as it is' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Reasons' })).toContainText(
    /stays below 75.°C .* drips through the grid/,
  );

  await page.getByRole('button', { name: 'Use: As you fry it' }).click();
  await expect(page.getByRole('heading', { name: 'Why this fails' })).toBeVisible();
  await expect(page.getByText(/% ran off/).last()).toBeVisible();
  const other = page.getByRole('button', { name: /^Use: Dust, binder, crumbs/ }).first();
  const name = await calledBy(other);
  await other.click();
  await expect(inUse(page).locator('b')).toHaveText(name);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'In use: As you fry it' })).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await saved(page);
  await page.reload();
  await expect(inUse(page).locator('b')).toHaveText(name, { timeout: 30_000 });
});

test('wrong numbers are refused at their field with what is allowed, and nothing is lost', async ({ page }) => {
  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
  const refuse = async (label: string, wrong: string, allowed: RegExp): Promise<void> => {
    const field = page.getByLabel(label, { exact: true });
    const before = await field.inputValue();
    await field.fill(wrong);
    await expect(page.getByRole('alert').filter({ hasText: allowed })).toBeVisible();
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    await field.fill(before);
    await expect(page.getByRole('alert').filter({ hasText: allowed })).toHaveCount(0);
  };
  await openCut(page);
  await refuse('Thickness', '0', /from 3 to 80 mm/);
  await refuse('Pieces', '10000', /whole number from 1 to 500/);
  await refuse('Pieces', '2.5', /whole number/);
  await refuse('Oil at', '900', /from 120 to 210 °C/);
  await refuse('For', 'soon', /from 0.5 to 20 min/);
  // The last layer cannot be taken away.
  for (const layer of ['Coarse crumbs', 'Egg, beaten'])
    await page.getByRole('button', { name: `Remove ${layer}` }).click();
  await expect(page.getByRole('button', { name: 'Remove Plain wheat flour' })).toBeDisabled();
});

test('the scrubber goes through both cooks, in the cutaways and in the curves', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  const air = page.getByRole('img', { name: /^Air: Pork loin/ });
  await expect(air).toHaveAttribute('aria-label', /centre (7|8|9)\d/);
  await page.getByRole('slider', { name: 'Through the cook' }).focus();
  await page.keyboard.press('Home');
  await expect(air).toHaveAttribute('aria-label', /after 0:00, centre 1?\d\s°C/);
  const curves = page.getByRole('slider', {
    name: /^In Drawer fryer: temperatures over time\. coat set .*, centre safe/,
  });
  await expect(curves).toHaveAttribute('aria-valuetext', /^at 0:00: centre/);
  const box = (await curves.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.5, box.y + box.height * 0.5);
  await expect(curves).not.toHaveAttribute('aria-valuetext', /^at 0:00/);
  await curves.focus();
  await page.keyboard.press('End');
  await expect(air).toHaveAttribute('aria-label', /centre (7|8|9)\d/);
  await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.4);
  await expect(curves.getByText(/^\d+\s°C$/).last()).toBeVisible();
  await expect(page.getByText('(safe from 63').first()).toBeVisible();
});

test('dragging a slider moves the cook at once, and is one step to undo', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  const minutes = page.getByLabel('For', { exact: true });
  const before = await minutes.inputValue();
  const slider = page.getByRole('slider', { name: 'For, by dragging' });
  await slider.scrollIntoViewIfNeeded();
  const box = (await slider.boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.5, box.y + box.height / 2);
  await page.mouse.down();
  for (const share of [0.55, 0.6, 0.7, 0.8, 0.9])
    await page.mouse.move(box.x + box.width * share, box.y + box.height / 2);
  // The field follows the hand at once, the piece with its next picture, and both still stand so when the hand lets go.
  await expect(minutes).not.toHaveValue(before);
  const held = await minutes.inputValue();
  await expect(page.getByRole('region', { name: 'Cutaways' })).toContainText(`${held} min`);
  await page.mouse.up();
  await expect(minutes).toHaveValue(held);
  const after = await minutes.inputValue();
  expect(Number(after)).toBeGreaterThan(25);
  await expect(page.getByRole('region', { name: 'Reasons' })).toContainText(/well past golden/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(minutes).toHaveValue(before);
});

test('a sauce part-way is cooked, drawn and explained', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByLabel('Sauced, or cooked a second time').check();
  await page.getByLabel('Cools first').fill('0');
  await page.getByLabel('Sauce for all pieces').fill('60');
  await expect(page.getByRole('region', { name: 'Reasons' })).toContainText(
    /That much sauce is more than a coat carries/,
  );
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/Brush it thinly with tomato ketchup\. Cook 5 minutes more/)).toBeVisible();
});

test('a worker that dies under a question is replaced, and the cook is told', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await expect(page.getByRole('region', { name: 'After the heat' })).toBeVisible();
  for (const worker of page.workers())
    await worker.evaluate(() => {
      setTimeout(() => {
        throw new Error('out of memory');
      }, 0);
    });
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByLabel('For', { exact: true }).fill('11.5');
  await expect(page.getByText('A computation broke off and was begun again.').first()).toBeVisible();
  await expect(page.getByRole('figure').nth(1)).toContainText('11.5 min');
  await expect(page.getByRole('region', { name: 'After the heat' })).toBeVisible();
});

test('the fork says the batter is too thick, and the bowl says what to stir in', async ({ page }) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await page
    .getByRole('button', { name: /se: Batter under crumbs/ })
    .first()
    .click();
  await page.getByRole('tab', { name: 'Bowls' }).click();
  const fork = page.getByLabel(/^The fork should say: covers it/);
  await fork.selectOption('falls in clumps');
  await expect(page.getByText(/^Stir in \d+\s?g of beer \(\d+ ml\), a little at a time\.$/)).toBeVisible();
  await fork.selectOption('coats it lightly');
  await expect(page.getByText(/^Stir in \d+\s?g of plain wheat flour, a little at a time\.$/)).toBeVisible();
});

test('units switch in one click and are remembered; so is the theme', async ({ page }) => {
  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
  await expect(page.getByRole('figure').first()).toContainText('175 °C');
  await page.getByRole('button', { name: /switch to cups/ }).click();
  await expect(page.getByRole('figure').first()).toContainText('347 °F');
  await page.getByRole('button', { name: 'Dark theme' }).click();
  await page.reload();
  await expect(page.getByRole('figure').first()).toContainText('347 °F');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'iron');
});

test('a dish is copied, deleted and brought back', async ({ page }) => {
  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
  await page.getByLabel('Name of the dish').fill('Tofu for Thursday');
  await page.getByLabel('Name of the dish').press('Enter');
  await saved(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Copy Tofu for Thursday' }).click();
  await expect(page.getByRole('heading', { name: 'Tofu for Thursday (copy)' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Tofu for Thursday', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Tofu for Thursday', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('heading', { name: 'Tofu for Thursday', exact: true })).toBeVisible();
});

test('with many dishes the older ones are shown on asking, and one is found by its food', async ({ page }) => {
  await openBench(page, 'Aubergine', 'flour, egg and coarse crumbs');
  await page.getByLabel('Name of the dish').fill('Slabs for Sunday');
  await page.getByLabel('Name of the dish').press('Enter');
  await saved(page);
  const [, id] = /dish\/(.*)$/.exec(page.url())!;
  for (let k = 0; k < 12; k++) await page.request.post(`/api/conversions/${id}/duplicate`);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Slabs for Sunday (copy)' })).toHaveCount(12);
  await page.getByRole('button', { name: /^Show all \d+ dishes$/ }).click();
  await expect(page.getByRole('heading', { name: 'Slabs for Sunday', exact: true })).toBeVisible();
  await page.getByLabel('Find a dish').fill('no such thing');
  await expect(page.getByText('No dish here is called “no such thing”')).toBeVisible();
  await page.getByLabel('Find a dish').fill('aubergine');
  await expect(page.getByRole('heading', { name: 'Slabs for Sunday', exact: true })).toBeVisible();
});

test('two windows: the stale one is told, and neither version is lost unasked', async ({ page, context }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Name of the dish').fill('From the other window');
  await other.getByLabel('Name of the dish').press('Enter');
  await saved(other);
  await page.getByLabel('Name of the dish').fill('From this window');
  await page.getByLabel('Name of the dish').press('Enter');
  await expect(page.getByText('saved from another window')).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  await other.reload();
  await expect(other.getByLabel('Name of the dish')).toHaveValue('From this window');
});

test('an address of nothing says so and leads home', async ({ page }) => {
  await page.goto('/dish/00000000-0000-4000-8000-000000000000');
  await expect(page.getByRole('heading', { name: 'This dish is not here' })).toBeVisible();
  await page.getByRole('link', { name: 'To the dishes' }).click();
  await expect(page.getByRole('heading', { name: 'What do you fry in a pot of oil?' })).toBeVisible();
});
