import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './begin';
import { convertedDish, layer } from './dishes';
import { cooked } from './inLog';

/** What the cooks taught of a fryer: read, used, weighed out, forgotten, brought back. */

const COAT = [layer(['wheat-flour', 60], ['salt', 3]), layer(['egg', 50]), layer(['coarse-crumbs', 60])];

const dishIn = (page: Page, fryer: string, practice?: true): Promise<string> =>
  convertedDish(page, {
    name: `Tofu in ${fryer}`,
    foodId: 'tofu',
    layers: COAT,
    fryer,
    practice,
    count: 4,
    thicknessMm: 14,
  });

const taught = (page: Page) => page.getByRole('region', { name: 'What the cooks taught' });
const inUse = (page: Page) => taught(page).getByRole('checkbox', { name: /^Use it in every plan/ });

test('three cooks of a fryer that browns too much: it is read, used on the bench, switched off, and one is left out', async ({
  page,
}) => {
  const id = await dishIn(page, 'Hotbox');
  for (const day of ['02', '09', '16'])
    await cooked(page, id, { colourTop: 'dark', colourUnder: 'dark', centreC: 98 }, `2026-04-${day}T18:00:00Z`);
  await page.goto('/kitchen');
  const said = taught(page)
    .getByRole('listitem')
    .filter({ has: page.getByRole('img', { name: /^How far Hotbox/ }) });
  await expect(said).toContainText(/^Hotbox (runs|keeps|browns).*by 3 cooks\./);
  try {
    await expect(inUse(page)).toBeChecked();
    await page.goto(`/dish/${id}`);
    await page.getByText('In the air', { exact: true }).click();
    const line = page.getByText(/^It (runs|keeps).*by 3 cooks: what they taught\.$/);
    await expect(line).toBeVisible();
    await line.getByRole('link').click();
    // One cook is left out, and what is believed moves.
    await said.getByText(/^Which cook said what/).click();
    await said.getByRole('checkbox', { name: /Thu 2 Apr/ }).uncheck();
    await expect(said).toContainText('by 2 cooks.');
    await expect(said).toContainText('left out');
    await said.getByRole('checkbox', { name: /Thu 2 Apr/ }).check();
    await expect(said).toContainText('by 3 cooks.');
    await said.getByText('How right plans have been').click();
    // Of the first cook no minutes were to be expected: by its page alone the fryer never browns so.
    await expect(said).toContainText(/\d of 11 lay within the range that was given for them/);
    await expect(said.getByRole('img', { name: /^The colour, cook by cook/ })).toBeVisible();
    // Forgotten, and brought back by one press.
    await said.getByRole('button', { name: 'Forget all of Hotbox up to now' }).click();
    await expect(said).toContainText('Nothing was learned of Hotbox yet.');
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(said).toContainText('by 3 cooks.');
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      const { violations } = await new AxeBuilder({ page }).include('[aria-label="What the cooks taught"]').analyze();
      expect(violations.map((v) => v.id)).toEqual([]);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    await inUse(page).uncheck();
    await expect(taught(page)).toHaveAttribute('aria-busy', 'false');
    await page.goto(`/dish/${id}`);
    await expect(page.getByText(/by 3 cooks: what they taught/)).toBeHidden();
  } finally {
    // As it is for whoever comes next.
    const { version } = (await (await page.request.get('/api/learning')).json()) as { version: number };
    await page.request.put('/api/learning', { data: { version, on: true, leftOut: [], since: [] } });
  }
});

test('a packet’s word is asked for this fryer, and the setting that gives what it meant is taken', async ({ page }) => {
  const id = await dishIn(page, 'Wordtaker');
  await page.goto(`/dish/${id}`);
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByRole('tab', { name: 'Basket' }).click();
  const word = page.getByRole('region', { name: 'A packet’s word' });
  await word.getByLabel(/^It says/).fill('195');
  await word.getByLabel(/^for/).fill('11');
  await word.getByRole('button', { name: 'What is that here?' }).click();
  // A drawer as usual: the word means itself.
  await expect(word.getByRole('status')).toContainText('195 °C, 11 min gives what was meant.');
  await expect(word.getByRole('status')).toContainText('Much the same as in a usual fryer.');
  await word.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await expect
    .poll(async () => {
      const { chosen } = (await (await page.request.get(`/api/conversions/${id}`)).json()) as {
        chosen: { plan: { settings: { tempC: number; minutes: number } } };
      };
      return [chosen.plan.settings.tempC, chosen.plan.settings.minutes];
    })
    .toEqual([195, 11]);
});

test('three cooks in a practice fryer that secretly runs hot: the reason is read, the plan moves, and goes back when learning is off', async ({
  page,
}) => {
  test.setTimeout(150_000);
  const fryer = 'Anchor (practice)';
  await page.goto('/kitchen');
  await page.getByLabel('Name of another fryer').fill('Anchor');
  await page.getByLabel('Its kind').first().selectOption({ label: 'Practice fryer, simulated: drawer fryer' });
  await page.getByRole('button', { name: 'Add it' }).first().click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const id = await dishIn(page, fryer, true);
  const setting = async (): Promise<[number, number]> => {
    const answer = await page.request.get(`/api/conversions/${id}`);
    const { tempC, minutes } = (
      (await answer.json()) as { chosen: { plan: { settings: { tempC: number; minutes: number } } } }
    ).chosen.plan.settings;
    return [tempC, minutes];
  };
  const before = await setting();

  // One by hand from the bench, two more beside it: a minute is a second, and its own hands do the work.
  await page.goto('/cook');
  const item = page.getByRole('listitem').filter({ hasText: `Tofu in ${fryer}` });
  await item.locator('summary').click();
  await item.getByRole('button', { name: 'Begin the rehearsal' }).click();
  await expect(page.getByText('Rehearsal at ×60: nothing is real')).toBeVisible();
  for (let k = 0; k < 2; k++) {
    const data = { conversionId: id, rehearsal: { rate: 60, help: 'all', surprises: [] } };
    expect((await page.request.post('/api/cooks', { data })).status()).toBe(201);
  }
  await expect(page.getByRole('heading', { name: 'Supper is ready' })).toBeVisible({ timeout: 100_000 });

  // What they taught is read.
  await page.goto('/kitchen');
  const said = taught(page)
    .getByRole('listitem')
    .filter({ has: page.getByRole('img', { name: /^How far Anchor/ }) });
  await expect(async () => {
    await page.reload();
    await expect(said).toContainText(/Anchor \(practice\) runs [\d.]+\s.*hotter than its setting.*by 3 cooks\./, {
      timeout: 4000,
    });
  }).toPass({ timeout: 40_000 });

  // The bench says by what it is other, and what gives what was meant; it is taken.
  await page.goto(`/dish/${id}`);
  const since = page.getByRole('region', { name: 'Since its fryer was learned' });
  await expect(since).toContainText('Anchor (practice) is known better since this was chosen.');
  await expect(since).toContainText(/gives what was meant/);
  await since.getByRole('button', { name: 'Take it' }).click();
  await expect(since).toBeHidden();
  await expect.poll(setting).not.toEqual(before);
  const after = await setting();
  expect(after[0] < before[0] || after[1] < before[1]).toBe(true);
  expect(after[0]).toBeLessThanOrEqual(before[0]);

  // The evening's page plans by it, and says so.
  const evening = {
    name: 'By what was learned',
    serveAt: null,
    timeZone: 'UTC',
    cooks: [{ name: 'Ines' }],
    dishes: [{ id }],
  };
  const { id: eveningId } = (await (await page.request.post('/api/evenings', { data: evening })).json()) as {
    id: string;
  };
  await page.goto(`/evening/${eveningId}`);
  await expect(page.getByText(/Anchor \(practice\) runs .* hot, ± .*, by 3 cooks/)).toBeVisible();

  // Off, the plan that was chosen for it as it is belongs to no fryer of its page; on, it does again.
  await page.goto('/kitchen');
  await inUse(page).uncheck();
  await expect(taught(page)).toHaveAttribute('aria-busy', 'false');
  await page.goto(`/dish/${id}`);
  await expect(since).toContainText(/gives what was meant/);
  await page.goto('/kitchen');
  await inUse(page).check();
  await expect(taught(page)).toHaveAttribute('aria-busy', 'false');
  await page.goto(`/dish/${id}`);
  await expect(page.getByRole('region', { name: 'Why' })).toBeVisible();
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await expect(page.getByText(/^It runs .* hot.*by 3 cooks: what they taught\.$/)).toBeVisible();
  await expect(since).toBeHidden();
});

test('a recipe for the oven is asked for the fryer', async ({ page }) => {
  const id = await dishIn(page, 'Ovenless');
  await page.goto(`/dish/${id}`);
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByRole('tab', { name: 'Basket' }).click();
  const word = page.getByRole('region', { name: 'A packet’s word' });
  await word.getByLabel(/^It says/).fill('200');
  await word.getByLabel(/^for/).fill('20');
  await word.getByLabel('written for').selectOption('Fan oven');
  await word.getByRole('button', { name: 'What is that here?' }).click();
  await expect(word.getByRole('status')).toContainText('Set just so in Ovenless, against Fan oven:');
  const answer = await word.getByRole('status').innerText();
  const [, tempC, minutes] = /(\d+)\s°C, (\d+)\smin/.exec(answer)!.map(Number);
  expect(tempC <= 200 && minutes <= 20 && (tempC < 200 || minutes < 20)).toBe(true);
});

test('what was weighed while coating is noted on two records, and the kitchen says what its hands pick up', async ({
  page,
}) => {
  const id = await dishIn(page, 'Scalehouse');
  for (const day of ['01', '08']) {
    const cook = await cooked(page, id, undefined, `2026-05-${day}T18:00:00Z`);
    await page.goto(`/log/${cook}?dish=${id}`);
    await page.getByText('What was done', { exact: true }).click();
    const weighed = page.getByRole('group', { name: /^Weighed while coating/ });
    await weighed.getByLabel('All pieces before coating').fill('160');
    // A coat weighs something.
    await weighed.getByLabel('and coated').fill('150');
    await expect(weighed.getByRole('alert')).toContainText('Coated they weigh more than bare');
    await weighed.getByLabel('and coated').fill('260');
    await expect(weighed.getByRole('alert')).toBeHidden();
    await expect
      .poll(
        async () => ((await (await page.request.get(`/api/cooks/${cook}/seen`)).json()) as { seen: object }[])[0]?.seen,
      )
      .toMatchObject({ weighed: { rawG: 160, coatedG: 260 } });
  }
  await page.goto('/kitchen');
  await expect(
    taught(page)
      .getByRole('note')
      .filter({ hasText: /^Here .* stick, by 2 weighings\./ }),
  ).toBeVisible();
  // Read, used, and gone with its cooks.
  const dish = async (): Promise<{ dish: { hand?: { dips: number; crumbs: number } } }> =>
    (await (await page.request.get(`/api/conversions/${id}`)).json()) as never;
  const { hand } = (await dish()).dish;
  expect(hand!.dips > 1 || hand!.crumbs > 1).toBe(true);
  for (const { id: cook } of (await (await page.request.get('/api/cooks')).json()) as { id: string; name: string }[])
    await page.request.delete(`/api/cooks/${cook}`);
  await expect.poll(async () => (await dish()).dish.hand).toBeUndefined();
});
