import { readFileSync } from 'node:fs';
import { expect, onBench, test } from './begin';
import { OwnServer } from './ownServer';

const RECIPE = `Crisp hake for a windy night

My aunt made these whenever the ferry was late.

Serves 3

Ingredients
400 g hake fillet, cut into strips
60 g plain flour
1 tsp salt
1 tsp smoked paprika
2 eggs
90 g panko
1 tbsp sesame seeds
Sunflower oil, for deep-frying

For the dip
120 g mayonnaise
1 tbsp capers

Method
1. Pat the hake dry.
2. Roll in flour mixed with the salt and paprika, dip in the beaten eggs, then press into the panko.
3. Deep-fry at 180 °C for 4 minutes. Stir the dip together and serve with the fish.

Notes
Tell me how yours came out!`;

const field = 'Paste the recipe you fry by';

/** A small dish of a fryer of its own. */
const body = (name: string, foodId: string, tags: string[]) => ({
  name,
  tags,
  dish: {
    foodId,
    shape: { kind: 'slab', lengthMm: 60, widthMm: 40, thicknessMm: 15 },
    count: 8,
    startC: 8,
    skin: 'damp',
    preparation: 'raw',
  },
  fried: {
    layers: [{ portions: [{ ingredientId: 'rice-flour', grams: 60 }] }],
    medium: 'deep-oil',
    oilId: 'rapeseed-oil',
    tempC: 180,
    minutes: 4,
  },
  fryer: {
    name: 'Skerry',
    kind: 'drawer',
    basket: { kind: 'round', diameterMm: 200 },
    racks: 1,
    minTempC: 80,
    maxTempC: 200,
    stepC: 5,
    airFactor: 1,
    offsetC: 0,
  },
  limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 24, preheat: false },
});

test('a recipe is pasted, two lines put right by key, laid on the bench, printed, and the kitchen taken to another house', async ({
  page,
}, info) => {
  test.slow();
  await page.goto('/');
  await page.getByRole('link', { name: 'I have a recipe to paste' }).click();
  await page.getByLabel(field).fill(RECIPE);
  await page.getByLabel(field).press('Control+Enter');
  const lines = page.getByRole('list', { name: 'Lines' });
  await expect(lines.getByRole('button', { name: /^60 g plain flour: Dust: Plain wheat flour, sure/ })).toBeVisible();
  await expect(page.getByText('My aunt made these whenever the ferry was late.')).toBeVisible();
  const bowl = (name: string) => page.getByRole('listitem', { name, exact: true });
  await expect(bowl('Finish: Coarse crumbs')).toContainText('9 g sesame seeds');
  await expect(page.getByText(/in deep oil at 180\s°C for 4\smin, for 3/)).toBeVisible();

  // The sesame into the flour, the paprika into the egg: by the number of the bowl, going from line to line with the arrows.
  await lines.getByRole('button', { name: /^1 tbsp sesame seeds/ }).focus();
  await page.keyboard.press('1');
  await expect(bowl('Dust: Plain wheat flour')).toContainText('9 g sesame seeds');
  for (let up = 0; up < 3; up++) await page.keyboard.press('ArrowUp');
  await expect(lines.getByRole('button', { name: /^1 tsp smoked paprika/ })).toBeFocused();
  await page.keyboard.press('2');
  await expect(bowl('Binder: Egg')).toContainText('smoked paprika');
  await page.keyboard.press('Control+z');
  await expect(bowl('Dust: Plain wheat flour')).toContainText('smoked paprika');
  await page.keyboard.press('Control+Shift+z');
  await expect(bowl('Binder: Egg')).toContainText('smoked paprika');

  await page.getByLabel('Into this fryer').selectOption('Drawer fryer');
  await page.getByRole('button', { name: 'Lay it on the bench' }).click();
  await onBench(page);
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Crisp hake for a windy night');

  const drawn = page.waitForEvent('download');
  await page.getByLabel(/^Save the drawing: .* in the air$/).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'SVG', exact: true }).click();
  const drawing = info.outputPath('cutaway.svg');
  await (await drawn).saveAs(drawing);
  // A file of its own: its size, its ground, and the typeface of its words.
  expect(readFileSync(drawing, 'utf8')).toMatch(/^<svg[^>]*width="\d+".*@font-face.*<rect/s);

  await page.getByRole('link', { name: 'Card', exact: true }).click();
  const card = page.getByRole('article', { name: 'Card of Crisp hake for a windy night' });
  await expect(card.getByRole('list', { name: 'Bowls in order' })).toContainText('smoked paprika');
  await expect(card).toContainText('63 °C');
  await page.getByLabel('Paper').selectOption('A5');
  await expect
    .poll(() => card.evaluate((sheet) => sheet.scrollHeight <= sheet.clientHeight + 1 && sheet.clientWidth > 500))
    .toBe(true);
  await page.getByLabel('Note, printed on the card').fill('More pepper next time.');
  await page.getByLabel('Tags, with commas between').fill('windy, for three');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(card).toContainText('More pepper next time.');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);

  await page.goto('/');
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save it as a file' }).click();
  const file = info.outputPath('kitchen.json.gz');
  await (await saving).saveAs(file);
  expect(readFileSync(file).length).toBeGreaterThan(500);

  const other = new OwnServer(4899 + info.parallelIndex);
  try {
    await other.start();
    await page.goto(other.url);
    await expect(page.getByText('No dish yet')).toBeVisible();
    await page.getByLabel('A kitchen as a file').setInputFiles(file);
    const brings = page.getByRole('region', { name: 'What the file brings' });
    await expect(brings).toContainText('Dish Crisp hake for a windy night');
    await brings.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByRole('heading', { name: 'Crisp hake for a windy night' })).toBeVisible();
    await expect(page.getByText('#windy')).toBeVisible();
  } finally {
    await other.end();
    await page.goto('/');
  }
});

test('what is no recipe says so, and stays in the field; a line is dragged into a bowl', async ({ page }) => {
  await page.goto('/recipe');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('nothing to read yet');
  await page
    .getByLabel('A recipe as a file')
    .setInputFiles({ name: 'x.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.4 x') });
  await expect(page.getByRole('alert')).toContainText('This is a PDF');
  await page.getByLabel(field).fill('Lemon cake\n200 g butter\n4 eggs\n200 g flour\nBake in the oven for 40 minutes.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('something that is baked');
  await expect(page.getByRole('button', { name: 'Lay it on the bench' })).toBeDisabled();
  await page.getByRole('button', { name: 'Change the words' }).click();
  await expect(page.getByLabel(field)).toHaveValue(/^Lemon cake/);

  // A dish of Yellowmist's own comes back as it went out, and a spoiled one says which field.
  const made = await page.request.post('/api/conversions', { data: body('Loft leeks', 'leek', []) });
  const { id } = (await made.json()) as { id: string };
  const file = await (await page.request.get(`/api/conversions/${id}/recipe?as=yellowmist`)).text();
  await page.getByLabel(field).fill(file.replace('"count": 8', '"count": 0'));
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('dish.count must be a number from 1');
  await page.getByLabel(field).fill(file);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText(/^8 pieces of leek/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Change the words' }).click();

  await page.getByRole('button', { name: 'Put in an example' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  const line = page.getByRole('button', { name: /^1 tsp sweet paprika/ });
  const finish = page.getByRole('listitem', { name: 'Finish: Coarse crumbs', exact: true });
  await expect(finish).not.toContainText('paprika');
  // A hand that misses the bowl tries again.
  await expect(async () => {
    await line.hover();
    await page.mouse.down();
    const to = (await finish.boundingBox())!;
    await page.mouse.move(to.x + 40, to.y + 10, { steps: 8 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
    await page.mouse.up();
    await expect(finish).toContainText('paprika', { timeout: 2000 });
  }).toPass();
});

test('dishes are found by food and tag, put away, and brought back from the bin', async ({ page }) => {
  await page.goto('/');
  const example = (await (await page.request.get('/api/conversions')).json()) as { name: string }[];
  const all = ['hake', 'tofu', 'seitan', 'plaice', 'fennel'];
  for (const foodId of all) {
    const made = await page.request.post('/api/conversions', {
      data: body(`Loft ${foodId}`, foodId, foodId === 'tofu' ? ['loft-night'] : []),
    });
    expect(made.status()).toBe(201);
  }
  expect(example).toBeDefined();
  await page.reload();
  await page.getByLabel('In fryer').selectOption('Skerry');
  const heading = (name: string) => page.getByRole('heading', { name, exact: true });
  await expect(heading('Loft hake')).toBeVisible();
  await page.getByLabel('Fits').selectOption('vegan');
  await expect(heading('Loft fennel')).toBeVisible();
  await expect(heading('Loft hake')).toHaveCount(0);
  await page.getByLabel('Tag', { exact: true }).selectOption('loft-night');
  await expect(heading('Loft fennel')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put Loft tofu away' }).click();
  await expect(page.getByText('No dish here is like that.')).toBeVisible();
  await page.getByRole('button', { name: /^Put away \(\d+\)/ }).click();
  await page.getByRole('button', { name: 'Take Loft tofu out again' }).click();
  await page.getByRole('button', { name: 'Back to the dishes' }).click();
  await page.getByRole('button', { name: 'Delete Loft tofu', exact: true }).click();
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await page.getByRole('button', { name: 'Bring Loft tofu back' }).click();
  await expect(heading('Loft tofu')).toBeVisible();
});
