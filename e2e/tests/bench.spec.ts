import type { Locator, Page } from '@playwright/test';
import { expect, find, openBench, openCut, saved, searched, test } from './begin';

const board = (page: Page, name: string): Promise<void> => page.getByRole('tab', { name, exact: true }).click();
const airCoat = (page: Page): Locator => page.getByRole('region', { name: 'Coat in the air' });
const bands = (page: Page): Locator => airCoat(page).getByRole('listitem', { name: /^Layer \d of \d from the skin/ });

/** Layers of the air side from the air to the skin. */
const stack = async (page: Page): Promise<string[]> =>
  (await bands(page).evaluateAll((items) => items.map((i) => i.getAttribute('aria-label') ?? ''))).map((l) =>
    l.replace(/^.*: /, ''),
  );

/** Lays three plain layers on the air side, whatever the search has found: flour, egg, coarse crumbs. */
async function plainCoat(page: Page): Promise<void> {
  await openBench(page, 'Halloumi', 'flour, egg and coarse crumbs', () =>
    page.getByRole('button', { name: 'Use: As you fry it' }).click(),
  );
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await expect(bands(page)).toHaveCount(3);
  expect(await stack(page)).toEqual(['Coarse crumbs', 'Egg, beaten', 'Plain wheat flour']);
}

test('a coat without gluten and egg from the beer batter, its crumbs swapped, and what goes into the bowls', async ({
  page,
}) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await expect(page.getByRole('region', { name: 'Reasons' })).toContainText(/stays below 75.°C .* drips through/);
  await board(page, 'Who eats, how hot');
  await page.getByLabel('Without gluten').check();
  await page.getByLabel('Without egg').check();
  await searched(page);
  await board(page, 'Air versions');
  await expect(page.getByRole('list', { name: 'Locked' })).toContainText('without gluten');
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await expect(airCoat(page).getByRole('listitem').first()).not.toContainText(/wheat|egg/);
  await bands(page).first().getByRole('button').first().click();
  await page
    .getByRole('button', { name: /^What could stand in for/ })
    .first()
    .click();
  const swaps = page.getByRole('region', { name: 'What could stand in' });
  const use = swaps.getByRole('button', { name: /^Use / }).first();
  const crumbs = ((await use.getAttribute('aria-label')) ?? '').replace('Use ', '');
  await expect(swaps).toContainText('check the labels');
  await use.click();
  expect((await stack(page))[0]).toContain(crumbs.split(',')[0]);

  await board(page, 'Bowls');
  const bowls = page.getByRole('list', { name: 'Bowls in the order of dipping' });
  await expect(bowls).toContainText(crumbs);
  await expect(bowls).toContainText(/\d+ g/);
  await expect(bowls).not.toContainText(/\bwheat|egg,|beer/i);
  await board(page, 'Cautions');
  await expect(
    page.getByText(/listed allergens by these ingredients|By these ingredients it contains/),
  ).not.toContainText(/wheat|gluten|egg/);
});

test('a wrong coat is repaired by its one-touch repairs', async ({ page }) => {
  await plainCoat(page);
  for (const layer of ['Egg, beaten', 'Plain wheat flour'])
    await page.getByRole('button', { name: `Remove ${layer}` }).click();
  const coat = airCoat(page);
  await expect(coat).toContainText('straight on the skin: most of it falls off');
  await coat.getByRole('button', { name: 'Repair it' }).first().click();
  await expect(coat.getByRole('button', { name: 'Repair it' })).toHaveCount(0);
  await expect(bands(page)).toHaveCount(3);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bands(page)).toHaveCount(1);
});

test('layers are carried by keyboard: with Alt and the arrows, and picked up with Space', async ({ page }) => {
  await plainCoat(page);
  await bands(page).last().getByRole('button').first().focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => stack(page)).toEqual(['Coarse crumbs', 'Plain wheat flour', 'Egg, beaten']);
  await expect(airCoat(page)).toContainText('dry on dry');

  const handle = page.getByRole('button', { name: 'Carry Coarse crumbs' });
  await handle.focus();
  await page.keyboard.press('Space');
  await expect(handle).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('Coarse crumbs picked up at place 3 of 3 from the skin.')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('Coarse crumbs over place 2 of 3 from the skin.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(() => stack(page)).toEqual(['Plain wheat flour', 'Coarse crumbs', 'Egg, beaten']);
  await expect(handle).toBeFocused();
});

test('a layer is dragged with the mouse, and that is one step to undo', async ({ page }) => {
  await plainCoat(page);
  const handle = (await page.getByRole('button', { name: 'Carry Plain wheat flour' }).boundingBox())!;
  const top = (await bands(page).first().boundingBox())!;
  await page.mouse.move(handle.x + 10, handle.y + 10);
  await page.mouse.down();
  await page.mouse.move(handle.x + 10, handle.y - 20, { steps: 4 });
  await page.mouse.move(handle.x + 10, top.y + 8, { steps: 8 });
  await page.mouse.up();
  await expect.poll(() => stack(page)).toEqual(['Plain wheat flour', 'Coarse crumbs', 'Egg, beaten']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => stack(page)).toEqual(['Coarse crumbs', 'Egg, beaten', 'Plain wheat flour']);
});

test('split, double dredge, tapping off and seasoning each change the stack', async ({ page }) => {
  await plainCoat(page);
  await bands(page).last().getByRole('button').first().click();
  await page.getByRole('button', { name: /^Double dredge/ }).click();
  await expect
    .poll(() => stack(page))
    .toEqual(['Coarse crumbs', 'Egg, beaten', 'Plain wheat flour', 'Egg, beaten', 'Plain wheat flour']);
  await board(page, 'Bowls');
  await expect(page.getByText('twice: 1st, 3rd layer')).toBeVisible();
  await board(page, 'Bowls');
  const dust = bands(page).last();
  const before = await dust.textContent();
  await dust.getByLabel('Surplus tapped off').uncheck();
  await expect.poll(() => dust.textContent()).not.toBe(before);
  await dust.getByRole('button', { name: 'Add an ingredient' }).click();
  await find(dust.getByRole('combobox', { name: 'Ingredient 2' }), 'white rice flour');
  await dust.getByRole('button', { name: /^Split/ }).click();
  await expect(bands(page)).toHaveCount(6);
});

test('twenty steps are undone and done again', async ({ page }) => {
  await plainCoat(page);
  const minutes = page.getByLabel('For', { exact: true });
  const start = Number(await minutes.inputValue());
  await minutes.focus();
  for (let k = 0; k < 20; k++) await page.keyboard.press('ArrowUp');
  await expect(minutes).toHaveValue(String(start + 20));
  await minutes.blur();
  for (let k = 0; k < 20; k++) await page.keyboard.press('Control+z');
  await expect(minutes).toHaveValue(String(start));
  for (let k = 0; k < 20; k++) await page.keyboard.press('Control+Shift+z');
  await expect(minutes).toHaveValue(String(start + 20));
  await expect(page.getByRole('button', { name: 'Redo' })).toBeDisabled();
});

test('two versions are kept under names, compared, and gone back to after a reload', async ({ page }) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await board(page, 'Kept versions');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('A version needs a name');
  await page.getByLabel('Keep what lies on the bench as').fill('First thought');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.getByRole('button', { name: 'Use: As you fry it' }).click();
  await page.getByLabel('Keep what lies on the bench as').fill('Straight from the pot');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  const compare = page.getByRole('region', { name: 'Compare two versions' });
  await compare.getByLabel('Compare', { exact: true }).selectOption({ label: 'First thought' });
  await compare.getByLabel('with', { exact: true }).selectOption({ label: 'Straight from the pot' });
  await expect(compare.getByRole('region', { name: 'What changes' })).toContainText('It fails.');
  await expect(compare.getByRole('region', { name: 'Straight from the pot' })).toContainText('Beer');
  await saved(page);
  await page.reload();
  await board(page, 'Kept versions');
  await page.getByRole('button', { name: 'Lay First thought on the bench' }).click();
  await expect(page.getByRole('button', { name: /^In use: (?!As you fry)/ })).toBeVisible({ timeout: 30_000 });
});

test('a coat that is not eaten here says so, and is made to fit with one touch', async ({ page }) => {
  await plainCoat(page);
  await board(page, 'Who eats, how hot');
  await page.getByLabel('Without egg').check();
  await page.keyboard.press('Escape');
  const coat = page.getByRole('region', { name: 'Coat and cut' });
  await expect(coat).toContainText(/Not what is eaten here: egg, beaten\. egg, beaten → /);
  await coat.getByRole('button', { name: 'Make it fit' }).click();
  await expect(coat.getByRole('button', { name: 'Make it fit' })).toHaveCount(0);
  expect((await stack(page)).join()).not.toContain('Egg');
});

test('a search is stopped, says so, and begins again', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await openCut(page);
  await page.getByLabel('Thickness', { exact: true }).fill('13');
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped. What you see is from before.')).toBeVisible();
  await page.getByRole('button', { name: 'Search again' }).click();
  await expect(page.getByText(/[1-9]\d* of about \d+ cooks simulated/)).toBeVisible();
});

test('what is locked is in every version that is found', async ({ page }) => {
  await plainCoat(page);
  await bands(page).first().getByRole('button').first().click();
  await find(bands(page).first().getByRole('combobox', { name: 'Ingredient 1' }), 'coarse polenta');
  await page.getByRole('button', { name: 'Keep Polenta, coarse in every air version' }).click();
  await board(page, 'Air versions');
  await expect(page.getByRole('list', { name: 'Locked' })).toContainText('with polenta');
  await searched(page);
  await page
    .getByRole('list', { name: 'Air versions' })
    .getByRole('button', { name: /^Use: (?!As you fry)/ })
    .first()
    .click();
  expect((await stack(page)).join()).toContain('Polenta');
  await page.getByRole('button', { name: 'Let go: with polenta, coarse' }).click();
  await expect(page.getByText('Nothing is locked')).toBeVisible();
});

test('a dot of the picture is laid on the bench by keyboard', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await board(page, 'Air versions');
  await page.getByRole('button', { name: 'Minutes', exact: true }).click();
  const front = page.getByRole('group', { name: /^like the pot against minutes/ }).getByRole('button');
  expect(await front.count()).toBeGreaterThan(1);
  await front.first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(front.nth(1)).toBeFocused();
  const text = (await front.nth(1).getAttribute('aria-label')) ?? '';
  await page.keyboard.press('Enter');
  const minutes = / (\d+)\s?min/.exec(text)![1];
  await expect(page.getByLabel('For', { exact: true })).toHaveValue(minutes);
});

test('a side of a question is taken, and says what the other would change', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await board(page, 'Schools');
  const preheat = page.getByRole('group', { name: 'Preheat?' });
  await expect(preheat).toContainText(/Sets after .* instead of after/, { timeout: 20_000 });
  await preheat.getByRole('radio').nth(1).check();
  await expect(preheat.getByRole('radio').nth(1)).toBeChecked();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await expect(page.getByLabel('Preheated')).toBeChecked();
});

test('the dipping station turns round for a left hand, reckons with a measured drop, and scales', async ({ page }) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await page
    .getByRole('button', { name: /se: Batter under crumbs/ })
    .first()
    .click();
  await board(page, 'Bowls');
  const first = page.getByRole('list', { name: 'Bowls in the order of dipping' }).getByRole('listitem').first();
  await expect(first).toContainText('left hand, wet');
  await page.getByLabel('I write with').selectOption('the left hand');
  await expect(first).toContainText('right hand, wet');
  await expect(page.getByText('Bowls run right to left')).toBeVisible();
  const stays = async (): Promise<number> => Number(/(\d+)\s?g stay/.exec((await first.textContent()) ?? '')![1]);
  const before = await stays();
  await page.getByLabel('Yours measures').fill('45');
  await expect(first).toContainText('Thicker than its recipe');
  await expect.poll(stays).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'As the recipe' }).click();
  await expect.poll(stays).toBe(before);
  const pieces = Number(await page.getByLabel('Pieces to coat').inputValue());
  await page.getByRole('button', { name: 'Double' }).click();
  await expect(page.getByLabel('Pieces to coat')).toHaveValue(String(2 * pieces));
  await expect.poll(stays).toBeGreaterThan(1.9 * before);
});

test('every key stands on the sheet that ? opens', async ({ page }) => {
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'Everything by keyboard' });
  await expect(sheet).toContainText('Ctrl+Shift+Z');
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await page.keyboard.press('Alt+3');
  await expect(page.getByRole('tabpanel', { name: 'Bowls' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('tabpanel', { name: 'Bowls' })).toBeHidden();
  await page.keyboard.press('a');
  await expect(airCoat(page)).toBeVisible();
});

test('a slider that keys have moved is undone by keys where it stands', async ({ page }) => {
  await plainCoat(page);
  await page.getByRole('button', { name: 'In the pot', exact: true }).click();
  const heat = page.getByRole('slider', { name: /^Oil at/ });
  const before = await heat.inputValue();
  await heat.focus();
  await page.keyboard.press('ArrowRight');
  await expect(heat).not.toHaveValue(before);
  await page.keyboard.press('Control+z');
  await expect(heat).toHaveValue(before);
  await page.keyboard.press('Control+Shift+z');
  await expect(heat).not.toHaveValue(before);
});
