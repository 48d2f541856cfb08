import { expect, find, onBench, openCut, test } from './begin';
import type { Locator, Page } from '@playwright/test';

const food = (page: Page): Locator => page.getByLabel('I fry', { exact: true });
const coat = (page: Page): Locator => page.getByLabel('in', { exact: true });
const send = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await onBench(page);
};

test('a dish by weight and cups is on the bench in eight actions, by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await food(page).focus();
  let actions = 0;
  const act = async (keys: () => Promise<void>): Promise<void> => {
    actions += 1;
    await keys();
  };
  await act(() => page.keyboard.press('Control+a'));
  await act(() => page.keyboard.type('1½ lb thighs, bite-size'));
  await expect(page.getByText(/pieces of about/)).toContainText(/680\sg as bought/);
  await act(() => coat(page).focus());
  await act(() => page.keyboard.press('Control+a'));
  await act(() => page.keyboard.type('½ cup flour, 1 tsp salt\n2 eggs, splash of water\n1½ cups crumbs'));
  const bowls = page.getByRole('list', { name: 'Bowls as they are understood' }).getByRole('listitem');
  await expect(bowls).toHaveCount(3);
  await expect(bowls.nth(1)).toContainText('2 eggs');
  await act(() => page.keyboard.press('Control+Enter'));
  expect(actions).toBeLessThanOrEqual(8);
  await onBench(page);
  await expect(page.getByRole('region', { name: 'Food and cut' })).toContainText(
    /3\d pieces of chicken thigh, boned, bite size, 1[56](\.5)?\smm thick, patted, from the cold/,
  );
  await page.getByRole('tab', { name: 'Bowls' }).click();
  await expect(page.getByText(/^Your recipe’s \d+\sg/).first()).toBeVisible();
});

test('a whole dish in one line is taken apart: food, coat, pan and minutes', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('6 salmon fillets, flour, egg and panko, shallow fried 4 min each side');
  await expect(coat(page)).toHaveValue('flour, egg and panko');
  await expect(page.getByText(/^Taken from what you fry: flour, egg and panko, in a pan, for 8\smin\.$/)).toBeVisible();
  await expect(page.getByLabel('Minutes in the oil')).toHaveValue('8');
  // A cut that is chosen leaves the coat as it was said.
  await page.getByRole('button', { name: 'strips', exact: true }).click();
  await expect(page.getByRole('button', { name: 'strips', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(coat(page)).toHaveValue('flour, egg and panko');
  await page.getByRole('button', { name: 'whole', exact: true }).click();
  // So does the frying when the coat is put right.
  await coat(page).fill('flour, egg and coarse crumbs');
  await expect(page.getByText(/^Taken from what you fry: in a pan, for 8\smin\.$/)).toBeVisible();
  await expect(page.getByLabel('Minutes in the oil')).toHaveValue('8');
  await send(page);
  await expect(page.getByLabel('Fried in')).toHaveValue('pan-oil');
  await expect(
    page
      .getByRole('list', { name: /layers/i })
      .getByRole('listitem')
      .first(),
  ).toContainText('Coarse crumbs');
  await expect(page.getByText(/^6 pieces of salmon fillet/)).toBeVisible();
});

test('a coat that was written stays, and the one that the food names is offered', async ({ page }) => {
  await page.goto('/');
  await coat(page).fill('potato starch');
  await food(page).fill('12 battered cod goujons');
  const offer = page.getByRole('status').filter({ hasText: 'What you fry names another coat: “beer batter”.' });
  await expect(offer).toBeVisible();
  await expect(coat(page)).toHaveValue('potato starch');
  await offer.getByRole('button', { name: 'Take that one' }).click();
  await expect(coat(page)).toHaveValue('beer batter');
  await expect(offer).toBeHidden();
  await expect(page.getByLabel('Pieces', { exact: true })).toHaveValue('12');
  // What a dish of this name usually has is taken where nothing is written, and offered nowhere else.
  await food(page).fill('10 spring rolls');
  await expect(coat(page)).toHaveValue('spring roll sheets');
  await coat(page).fill('rice paper');
  await expect(page.getByText('Taken from what you fry')).toBeHidden();
  await expect(offer).toBeHidden();
  await expect(page.getByText('names another coat')).toBeHidden();
  await expect(coat(page)).toHaveValue('rice paper');
});

test('of a chicken it is asked which pieces; what has no coat says so', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('8 pieces of fried chicken');
  await expect(coat(page)).toHaveValue('buttermilk and seasoned flour');
  await page.getByRole('button', { name: '8 chicken thighs on the bone, whole' }).click();
  await expect(page.getByLabel('Pieces', { exact: true })).toHaveValue('8');
  await expect(coat(page)).toHaveValue('buttermilk and seasoned flour');
  await food(page).fill('6 churros');
  await expect(page.getByRole('alert')).toContainText('“6 churros” is dough that is fried by itself');
  // The nearest to a parcel in pastry is a roll: as many of them, in its sheet.
  await food(page).fill('6 samosas');
  // By keys alone: the answer goes with its question, and one is back in the field.
  const rolls = page.getByRole('button', { name: '6 rolls' });
  await expect(rolls).toBeVisible();
  await food(page).press('Tab');
  await expect(rolls).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(food(page)).toBeFocused();
  await expect(page.getByLabel('Pieces', { exact: true })).toHaveValue('6');
  await expect(coat(page)).toHaveValue('spring roll sheets');
  // What nobody writes of is the coat that the food usually has.
  await food(page).fill('12 prawns');
  await expect(coat(page)).toHaveValue('flour, egg and coarse crumbs');
  await expect(page.getByText('As it is often fried')).toBeVisible();
  // What stands where a coat does is never dropped.
  await food(page).fill('8 chicken thighs in moon dust');
  await expect(coat(page)).toHaveValue('moon dust');
  await expect(page.getByText('“moon dust”')).toBeVisible();
  await food(page).fill('');
  await expect(page.getByRole('alert')).toContainText('Say what you fry, and how much of it.');
});

test('what is not understood is asked with its likeliest answers, and what was typed stays', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('some chicken');
  const question = page.getByRole('alert').filter({ hasText: 'How much of it?' });
  await expect(question).toContainText('“some chicken” does not say');
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await expect(page.getByText('One thing is not clear yet')).toBeVisible();
  await expect(food(page)).toHaveValue('some chicken');
  await question.getByRole('button', { name: /500 g/ }).click();
  await expect(page.getByText(/pieces of about/)).toContainText(/500\sg as bought/);
  await coat(page).fill('1 cup sriracha mayo');
  await expect(page.getByText('“1 cup sriracha mayo” names two things.')).toBeVisible();
  await coat(page).fill('½ cup flour, 40 eggs, 1 cup moon dust');
  await expect(page.getByText('“40 eggs” is more than a bowl holds.')).toBeVisible();
  await page.getByRole('button', { name: '2 eggs', exact: true }).click();
  await expect(coat(page)).toHaveValue('½ cup flour, 2 eggs, 1 cup moon dust');
  await expect(page.getByText('“1 cup moon dust” is nothing that is known here.')).toBeVisible();
  await food(page).fill('1 cup onion rings');
  await expect(page.getByText('A cup or a bag says little of pieces')).toBeVisible();
  await food(page).fill('500 g vegan chicken');
  await expect(page.getByText('is a kind that is not known here. The nearest:')).toBeVisible();
  await page.getByRole('button', { name: /500 g of seitan/ }).click();
  await expect(page.getByText(/pieces of about/)).toContainText(/500\sg as bought/);
  await food(page).fill('0 g cod');
  await expect(page.getByText('There must be more than nothing of it.')).toBeVisible();
});

test('the cut is chosen in the cook’s words, with how it is cut, and the pieces follow', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('2 large onions in rings');
  await expect(page.getByText(/pieces of about/)).toContainText(/500\sg as bought/);
  const pieces = page.getByLabel('Pieces', { exact: true });
  const thick = Number(await pieces.inputValue());
  await page.getByLabel('Size of the rings').fill('8');
  await expect.poll(async () => Number(await pieces.inputValue())).toBeGreaterThan(thick);
  await page.getByText('How to cut it').click();
  await expect(page.getByRole('img', { name: 'Onion cut: rings' })).toBeVisible();
  await expect(page.getByText('the skin slit only skin-deep')).toBeVisible();
  await expect(page.getByText(/The centre is done in the pot after/)).toBeVisible();
});

test('wings with a sauce of five things over two batches, a dip and a spice salt, each in the steps', async ({
  page,
}) => {
  await page.goto('/');
  await food(page).fill('24 chicken wings');
  await coat(page).fill('1 cup buttermilk, 1 cup flour, ½ cup cornflour, 1 tbsp smoked paprika, 2 tsp salt');
  await page.getByLabel('Fryer', { exact: true }).selectOption('Drawer fryer');
  await send(page);
  await page.getByRole('tab', { name: 'Bowls' }).click();
  const beside = page.getByRole('region', { name: 'Beside the coat' });
  const add = async (use: string, words: string): Promise<void> => {
    await beside.getByLabel('Another bowl', { exact: true }).selectOption({ label: use });
    await beside.getByLabel('What goes into it').fill(words);
    await beside.getByRole('button', { name: 'Add', exact: true }).click();
  };
  await add(
    'Sauce, tossed with the pieces',
    '⅓ cup soy sauce, 3 tbsp honey, 1 tbsp cornflour, 2 cloves garlic, ¼ cup water',
  );
  await expect(beside.getByRole('heading', { name: 'Sauce' })).toBeVisible();
  await expect(beside).toContainText(/\d+\sg for each of \d+ batches/);
  await expect(beside).toContainText('thick and glossy');
  await add(
    'Dip, beside',
    '½ cup yoghurt, 2 tbsp mayonnaise, 2 tbsp chopped gherkins, 1 tbsp capers, juice of a lemon',
  );
  await expect(beside.getByText('Gherkins, sliced from the jar')).toBeVisible();
  await add('Spice salt, at the end', '1 tsp five spice, 1 tsp salt, pepper');
  await expect(beside.getByRole('heading', { level: 4 })).toHaveText(['Sauce', 'Dip', 'Spice salt']);
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/^Toss each batch, off the heat/)).toBeVisible();
  await expect(page.getByText(/^Scatter .* of the spice salt/)).toBeVisible();
  await expect(page.getByText(/^Bowl 1\. Put out: \d+\sg buttermilk/)).toBeVisible();
  await page.getByRole('tab', { name: 'Cautions' }).click();
  await expect(page.getByText(/it contains .*soy/)).toBeVisible();
  await page.getByRole('tab', { name: 'On the plate' }).click();
  await expect(page.getByRole('row', { name: /Energy/ })).toContainText(/\d+ to \d+ kcal/);
  await expect(page.getByText(/about \d+\smin at .*one layer, never covered/)).toBeVisible({ timeout: 20_000 });
});

test('a wrapped parcel is entered by name, a second food goes with it, and both are told', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('14 spring rolls');
  await coat(page).fill('rice paper');
  await send(page);
  await openCut(page);
  await page.getByText('Exact sizes, and what is rare').click();
  await page.getByLabel('Another food in the same coat and basket').fill('200 g tofu, cubed');
  await page.getByLabel('Another food in the same coat and basket').press('Enter');
  await expect(page.getByRole('region', { name: 'Food and cut' })).toContainText(/with 1\d pieces of firm tofu/);
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/^Wrap each piece in one sheet/)).toBeVisible();
  await expect(page.getByText(/^Beside it 1\d pieces of firm tofu, through the same bowls/)).toBeVisible();
});

test('on the phone a dish is entered and an ingredient found by another word for it', async ({ browser, server }) => {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    baseURL: server,
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  await page.goto('/');
  const bar = await page.getByRole('banner').boundingBox();
  expect(bar!.height).toBeLessThan(60);
  await food(page).fill('2 zucchini in ½ inch rounds');
  await coat(page).fill('panko');
  await expect(page.getByText(/pieces of about/)).toBeVisible();
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await expect(page.getByRole('region', { name: 'Coat and cut' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: /^Coarse crumbs/ }).click();
  await find(page.getByRole('combobox', { name: 'Ingredient 1' }).first(), 'nooch');
  await expect(page.getByRole('combobox', { name: 'Ingredient 1' }).first()).toHaveValue('Nutritional yeast flakes');
  await context.close();
});

test('half of a batter is spiced on the bench, and the cut and its size are changed there', async ({ page }) => {
  await page.goto('/');
  await food(page).fill('2 zucchini in rounds');
  await coat(page).fill('1 cup besan, ¾ cup water, 1 tsp salt');
  await send(page);
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  const stack = page.getByRole('region', { name: 'Coat in the air' });
  await stack
    .getByRole('button', { name: /batter/i })
    .first()
    .click();
  await stack.getByText('Half of it otherwise').click();
  await stack.getByLabel('What is stirred into one half').fill('1 tsp cayenne, ½ tsp cumin');
  await stack.getByRole('button', { name: 'Divide' }).click();
  await expect(stack.getByText('with cayenne pepper, cumin')).toBeVisible();
  await stack.getByLabel('So much of it').selectOption('A quarter');
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/Take a quarter of it into a second bowl and stir in/)).toBeVisible();
  await page.keyboard.press('Escape');
  await openCut(page);
  const cut = page.getByRole('region', { name: 'Food and cut' });
  await cut.getByRole('button', { name: 'strips', exact: true }).click();
  await expect(cut.getByRole('button', { name: /pieces of courgette, strips/ })).toBeVisible();
  await cut.getByLabel('Size of the strips').fill('20');
  await expect(cut.getByRole('button', { name: /strips, 20.mm thick/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cut.getByRole('button', { name: /strips, 12.mm thick/ })).toBeVisible();
});

test('what one weighs here is set on the pantry page, and counts from then on', async ({ page }) => {
  await page.goto('/pantry');
  await page.getByLabel('Find').fill('yellow onions');
  const weights = page.getByRole('region', { name: 'Foods and their usual weights' });
  await weights.getByLabel('medium onion').fill('4');
  await weights.getByLabel('medium onion').fill('300');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/');
  await food(page).fill('2 onions in rings');
  await expect(page.getByText(/pieces of about/)).toContainText(/600\sg as bought/);
  await page.goto('/pantry');
  await page.getByLabel('Find').fill('onion');
  await weights.getByRole('button', { name: /Back to 150/ }).click();
  await expect(weights.getByLabel('medium onion')).toHaveValue('150');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});
