import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './begin';
import { convertedDish, layer } from './dishes';

/** A fair comparison in one batch, from the plan to what came of it. */

const COAT = [layer(['wheat-flour', 60], ['salt', 3]), layer(['egg', 50]), layer(['coarse-crumbs', 60])];

const dishOf = (page: Page, name: string): Promise<string> =>
  convertedDish(page, { name, foodId: 'tofu', layers: COAT, fryer: `Fryer of ${name}`, count: 12, thicknessMm: 14 });

/** The codes in the order in which somebody is served. */
const servedTo = async (page: Page, taster: string): Promise<string[]> => {
  const line = page.getByRole('region', { name: 'Who tastes' }).getByRole('listitem').filter({ hasText: taster });
  return (await line.innerText()).match(/\d{3}/g)!;
};

test('two ways are planned from the basket, laid, tasted blind by three, judged, and the better one is taken', async ({
  page,
}) => {
  const id = await dishOf(page, 'Tofu two ways');
  await page.goto(`/dish/${id}`);
  await expect(page.getByRole('tab', { name: 'Basket' })).toBeVisible();
  // By keys alone as far as the tasting: the board that a key opens is gone on in.
  await page.keyboard.press('Alt+5');
  await expect(page.getByRole('tabpanel', { name: 'Basket' })).toBeFocused();
  const compare = page.getByRole('link', { name: 'Compare two to four ways in one batch' });
  await expect(compare).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(compare).toBeFocused();
  await page.keyboard.press('Enter');

  const lay = page.getByRole('button', { name: 'Lay it out' });
  await expect(lay).toBeDisabled();
  const oil = page.getByRole('radio', { name: 'Oil sprayed on, or mixed into the crumbs' });
  await oil.focus();
  await page.keyboard.press('Space');
  await expect(oil).toBeChecked();
  await expect(lay).toBeEnabled();
  await page.getByLabel(/^Who tastes/).focus();
  await page.keyboard.type('Ines, Tobi, Wen');
  await page.keyboard.press('Enter');

  // Three of each of a batch, marked in the basket, the bowls that are alike for all.
  const basket = page.getByRole('img', { name: /from above, row by row/ });
  const told = (await basket.getAttribute('aria-label'))!.split(': ').at(-1)!.split(', ');
  expect([told.filter((m) => m === 'A'), told.filter((m) => m === 'B')].map((m) => m.length)).toEqual([3, 3]);
  const bowls = page.getByRole('region', { name: 'The bowls' }).getByRole('listitem');
  await expect(bowls.first()).toContainText('for all');
  await expect(bowls.filter({ hasText: 'rapeseed oil' })).toContainText('B');
  await expect(page.getByText('Nobody has tasted yet.')).toBeVisible();

  // All prefer the second one: its code is read by whoever serves, and by nobody else.
  await page.getByText('Only for whoever serves: which code is which').click();
  const better = (await page.getByText(/^\d{3} is B/).innerText()).slice(0, 3);
  const orders = [await servedTo(page, 'Ines'), await servedTo(page, 'Tobi')];
  expect(orders[0]).toEqual([...orders[1]].reverse());
  await page.getByRole('link', { name: 'Taste, Ines' }).click();
  for (const taster of ['Ines', 'Tobi', 'Wen']) {
    await expect(page.getByRole('heading', { name: `${taster}, taste in this order` })).toBeVisible();
    await expect(page.getByText(/oil|crumbs/)).toHaveCount(0);
    await expect(page.getByRole('note')).toContainText(/one or more of these hold .*wheat/);
    const codes = page.getByRole('group', { name: 'Which is crisper?' });
    if (taster === 'Wen') await page.getByRole('button', { name: 'I cannot tell them apart' }).click();
    else {
      await codes.getByRole('button', { name: better }).click();
      await page.getByRole('button', { name: 'That is my answer' }).click();
    }
    await expect(page.getByRole('heading', { name: `Thank you, ${taster}.` })).toBeVisible();
    if (taster !== 'Wen')
      await page.getByRole('link', { name: taster === 'Ines' ? 'Tobi' : 'Wen', exact: true }).click();
  }
  await expect(page.getByText('Everybody has tasted.')).toBeVisible();
  await page.getByRole('link', { name: 'What came of it' }).click();

  const found = page.getByRole('region', { name: 'What came of it' });
  await expect(found.getByRole('status')).toContainText(
    '2 of 2 found “oil in the crumbs” crispest. 1 answer found them alike. If all were alike, chance alone would part them so far every other time: nothing can be said from that. 4 more answers for it would settle it.',
  );
  await expect(found.getByRole('button', { name: /From now on/ })).toBeHidden();

  // Four more, who taste again: it is settled, and taken into the dish.
  for (let k = 0; k < 4; k++) {
    await page.getByRole('link', { name: 'Again, Ines' }).click();
    await page.getByRole('button', { name: 'Ines tastes again' }).click();
    await page.getByRole('group', { name: 'Which is crisper?' }).getByRole('button', { name: better }).click();
    await page.getByRole('button', { name: 'That is my answer' }).click();
    await page.getByRole('link', { name: 'What came of it' }).click();
  }
  await expect(found.getByRole('status')).toContainText(/one time in 32: that settles it.*Ines tasted more than once/);
  await found.getByRole('button', { name: 'From now on: oil in the crumbs' }).click();
  await expect(found).toContainText('“oil in the crumbs” is how the dish is made now.');
  await page.getByRole('link', { name: 'Tofu two ways', exact: true }).click();
  await expect(page.getByText(/^Rub .* of oil into every .* of coarse crumbs/)).toBeVisible();

  await page.goto('/log');
  const listed = page.getByRole('region', { name: 'Comparisons' }).getByRole('link').first();
  await expect(listed).toContainText('Tofu two ways: oil sprayed on and oil in the crumbs');
  await listed.click();
  for (const [width, height, colorScheme] of [
    [1280, 800, 'light'],
    [390, 844, 'dark'],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme });
    expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
  }
});

test('what does not suit is said and stays; one is put aside and brought back; an answer is taken back', async ({
  page,
}) => {
  const id = await dishOf(page, 'Tofu of three');
  await page.goto(`/experiment/new?dish=${id}`);
  await page.getByRole('radio', { name: 'Something of my own' }).check();
  const own = page.getByLabel(/^The ways, with commas/);
  await own.fill('old loaf');
  await expect(page.getByRole('status').filter({ hasText: 'Two to four ways: 1 by now.' })).toBeVisible();
  await own.fill('old loaf, new loaf, no loaf');
  await page.getByLabel(/^Who tastes/).fill('Wen');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByRole('heading', { name: 'Tofu of three: old loaf and 2 others' })).toBeVisible();

  await page.getByRole('link', { name: 'Taste, Wen' }).click();
  const codes = page.getByRole('group', { name: 'Which is crisper?' }).getByRole('button');
  await codes.nth(2).click();
  await codes.nth(0).click();
  // The last one follows by itself.
  await expect(codes.nth(1)).toContainText('third');
  await page.getByRole('button', { name: 'That is my answer' }).click();
  await page.getByRole('link', { name: 'What came of it' }).click();
  await page.getByText('What was answered (1)').click();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('Nobody has tasted yet.')).toBeVisible();

  await page.getByRole('button', { name: 'Put aside' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('link', { name: /Tofu of three: old loaf/ })).toBeVisible();

  // A dish that is too small for so many ways.
  const few = await convertedDish(page, { name: 'Two only', foodId: 'tofu', layers: COAT, fryer: 'Small', count: 2 });
  await page.goto(`/experiment/new?dish=${few}`);
  await page.getByRole('radio', { name: 'Something of my own' }).check();
  await page.getByLabel(/^The ways, with commas/).fill('a, b, c');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByRole('alert')).toContainText('A batch of this dish is 2 pieces: 3 ways need at least 3.');
  await expect(page.getByLabel(/^The ways, with commas/)).toHaveValue('a, b, c');
});
